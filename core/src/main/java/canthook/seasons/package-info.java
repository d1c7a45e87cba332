/**
 * The year the box will see. From the plan's choice, the shop's climates and the wood comes a {@link canthook.seasons.Year}: moisture in
 * per cent today, at the driest and at the wettest, and the humidity of the air for sheet goods. Moisture that cannot be known takes
 * the worse case either way; over fibre saturation is a verdict.
 */
@NullMarked
package canthook.seasons;

import org.jspecify.annotations.NullMarked;
