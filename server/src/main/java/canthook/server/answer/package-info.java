/** What a worked plan looks like on the wire. */
@NullMarked
package canthook.server.answer;

import org.jspecify.annotations.NullMarked;
