/**
 * How many fingers, how wide. From the plan, the sized box and what the walls are asked comes a {@link canthook.fingers.Ladder}: every
 * count that a cutter can make, the one recommended, the one that stands, and its {@link canthook.fingers.Joint}, the slots of all
 * eight part ends. Lengths from the reference edge, to the nanometre. Throws nothing for a legal plan: a count that cannot be cut is a
 * rung that is not feasible, and a verdict. The choice is told at length in {@code docs/essays/how-the-ladder-chooses.md}.
 */
@NullMarked
package canthook.fingers;

import org.jspecify.annotations.NullMarked;
