/**
 * What the shop's machines bind: a measure as it was taken, or assumed and said to be, and what of a box goes beyond it. Read last of all
 * stages, so that one file knows every limit.
 */
@NullMarked
package canthook.machines;

import org.jspecify.annotations.NullMarked;
