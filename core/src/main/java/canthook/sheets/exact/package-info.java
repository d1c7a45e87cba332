/** The search behind {@link canthook.sheets.SheetSolver}: patterns made by prices, chosen by a solver, with a bound. */
@NullMarked
package canthook.sheets.exact;

import org.jspecify.annotations.NullMarked;
