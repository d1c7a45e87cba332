/**
 * Four parts out of one board. From the parts and the board at hand comes a {@link canthook.blank.CutBlank}: what the board must
 * measure, with how many strips, what is left, and how large a box it would give when it is too small.
 */
@NullMarked
package canthook.blank;

import org.jspecify.annotations.NullMarked;
