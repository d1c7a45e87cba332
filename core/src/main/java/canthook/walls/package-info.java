/**
 * What bottom, lid and lower walls ask of the four walls, worked before size and fingers. Comes from the plan and the house rules alone;
 * gives a {@link canthook.walls.WallDemands}; every later stage reads that and not the kinds of bottom and lid. Throws nothing: what
 * contradicts itself is a verdict.
 */
@NullMarked
package canthook.walls;

import org.jspecify.annotations.NullMarked;
