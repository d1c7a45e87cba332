/**
 * The glue-up: time against the glue's, order of work, diagonals, and the tips once the glue is hard.
 *
 * <p>In: the plan's {@link canthook.plan.GlueChoice}, the worked joint with its faces, what lies in grooves, the shop's air. Out: numbers
 * in seconds, grams and millimetres, the steps of the order card, verdicts. Nothing is thrown: what cannot be glued in time is a verdict.
 */
@NullMarked
package canthook.glue;

import org.jspecify.annotations.NullMarked;
