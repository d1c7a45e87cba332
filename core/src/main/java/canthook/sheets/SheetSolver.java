package canthook.sheets;

/** Finds the best way to cut panels out of sheets, goal after goal. The same task always gets the same answer. */
public interface SheetSolver {
    /**
     * Seeks the best plan.
     *
     * @param hurry is asked between the steps; what was found until then is given
     */
    SheetPlan solve(SheetTask task, Hurry hurry);

    /** Somebody who waits. */
    @FunctionalInterface
    interface Hurry {
        /** Waits to the end. */
        Hurry NONE = () -> false;

        boolean stops();
    }
}
