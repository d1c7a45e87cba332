/** Second stage: how many fingers, how wide. */
@NullMarked
package canthook.fingers;

import org.jspecify.annotations.NullMarked;
