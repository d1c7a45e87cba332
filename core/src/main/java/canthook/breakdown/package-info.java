/**
 * Boards cut up: parts of many boxes out of many blanks. A {@link canthook.breakdown.Batch} of worked boxes and the rack makes a
 * {@link canthook.breakdown.BreakdownTask}; {@link canthook.breakdown.BreakdownPlanner} gives a {@link canthook.breakdown.Breakdown}
 * with proof or gap; {@link canthook.breakdown.BreakdownRead} its numbers, corners and verdicts. Lengths in nanometres, kerfs between
 * neighbours. Too little wood is a plan with fewer boxes, never an error.
 */
@NullMarked
package canthook.breakdown;

import org.jspecify.annotations.NullMarked;
