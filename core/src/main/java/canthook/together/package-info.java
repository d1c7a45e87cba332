/**
 * Whether a whole joint goes together, though every slot of it is a little off its place: by formula where there is one, by simulated
 * joints beside it, and what would help most.
 */
@NullMarked
package canthook.together;

import org.jspecify.annotations.NullMarked;
