/** What the shop answers to hints: followed or put off for a box, silenced for all. */
@NullMarked
package canthook.server.hint;

import org.jspecify.annotations.NullMarked;
