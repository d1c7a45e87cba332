/** Exact lengths, how they are read and how they are shown. */
@NullMarked
package canthook.length;

import org.jspecify.annotations.NullMarked;
