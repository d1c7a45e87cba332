package canthook.breakdown;

import canthook.breakdown.Breakdown.Goal;
import java.util.List;

/** Finds the best way to lay parts in blanks, goal after goal. The same task always gets the same answer. */
public interface BreakdownSolver {
    /**
     * Seeks the best plan.
     *
     * @param ways for each blank, the ways it may be ripped
     * @param watch is told how far it has come, and may stop it
     * @return the best found and how far it is proven; when the watch asks to stop at once, a plan as made by eye
     */
    Laid solve(BreakdownTask task, List<List<Ripping>> ways, Watch watch);

    /**
     * Whether all boxes and all spares can be made.
     *
     * @return false too when it is not settled with little effort
     */
    boolean makesAll(BreakdownTask task, List<List<Ripping>> ways, Watch watch);

    /** What was found. */
    record Laid(List<Tally> tallies, List<Goal> goals) {}

    /** Somebody who waits. */
    interface Watch {
        /** Waits to the end and says nothing. */
        Watch PATIENT = new Watch() {
            @Override
            public void on(String step, double share) {}

            @Override
            public boolean stops() {
                return false;
            }
        };

        /**
         * Says how far it has come.
         *
         * @param step in words
         * @param share of all steps done, 0 to 1
         */
        void on(String step, double share);

        boolean stops();
    }
}
