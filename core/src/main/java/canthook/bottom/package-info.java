/** Sixth stage: a bottom captured in a groove. */
@NullMarked
package canthook.bottom;

import org.jspecify.annotations.NullMarked;
