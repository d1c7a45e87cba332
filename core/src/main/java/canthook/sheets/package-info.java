/**
 * Panels out of sheets and wide boards: bottoms, lids and dividers laid on what lies on the rack, cut edge to edge at a table
 * saw. {@link canthook.sheets.SheetSolver} finds the plan; only {@code sheets.exact} knows the solver library.
 */
@NullMarked
package canthook.sheets;

import org.jspecify.annotations.NullMarked;
