package canthook.sheets;

import java.util.function.BooleanSupplier;

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

        /** How long is waited yet; a step that cannot be asked in its midst ends by then. */
        default double secondsLeft() {
            return Double.POSITIVE_INFINITY;
        }

        /**
         * Waits until then.
         *
         * @param nanos as {@link System#nanoTime} tells it
         * @param earlier stops it sooner
         */
        static Hurry until(long nanos, BooleanSupplier earlier) {
            return new Hurry() {
                @Override
                public boolean stops() {
                    return System.nanoTime() - nanos > 0 || earlier.getAsBoolean();
                }

                @Override
                public double secondsLeft() {
                    return (nanos - System.nanoTime()) / 1e9;
                }
            };
        }
    }
}
