/**
 * From a wish to four parts. The plan's size (outside, inside, contents or a place), thickness and tips become a
 * {@link canthook.size.SizedBox}: part lengths, slot depths, inside and outside. Walls that leave no room are a stop, and the later
 * stages are told so by {@code hasInside}.
 */
@NullMarked
package canthook.size;

import org.jspecify.annotations.NullMarked;
