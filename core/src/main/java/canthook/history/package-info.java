/** What changed between two states of a box, in the words of its maker. */
@NullMarked
package canthook.history;

import org.jspecify.annotations.NullMarked;
