/** Other ways to join the same corner, to compare with. */
@NullMarked
package canthook.corner;

import org.jspecify.annotations.NullMarked;
