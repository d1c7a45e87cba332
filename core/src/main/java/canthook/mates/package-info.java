/**
 * What mates of different wood, ring angle or stuff do to each other over the year: how far their heights move apart in the joint, as a
 * number with its working and a verdict when it is felt.
 */
@NullMarked
package canthook.mates;

import org.jspecify.annotations.NullMarked;
