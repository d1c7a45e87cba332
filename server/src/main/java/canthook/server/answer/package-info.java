/**
 * What a worked plan looks like on the wire. Computes nothing; bounds what is sent. Bad plans are problems that name their field.
 */
@NullMarked
package canthook.server.answer;

import org.jspecify.annotations.NullMarked;
