/**
 * One way through: a plan and a shop in, a {@link canthook.planner.WorkedPlan} out. Pure: no clock, no storage, no state. The stages are
 * called in order, their numbers and verdicts gathered, and each fix applied and worked before it is offered. Throws nothing for a
 * plan whose records could be made.
 */
@NullMarked
package canthook.planner;

import org.jspecify.annotations.NullMarked;
