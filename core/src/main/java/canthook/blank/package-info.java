/** Third stage: four parts out of one board. */
@NullMarked
package canthook.blank;

import org.jspecify.annotations.NullMarked;
