package canthook.figure;

import canthook.figure.WholeBox.State;
import canthook.planner.WorkedPlan;
import java.util.List;

/** How high a box is by its blocks: a measure apart from the formulas. */
public final class WholeBoxHeight {
    private WholeBoxHeight() {}

    /** From the lowest block to the highest, mm, on the driest day. */
    public static double of(WorkedPlan worked, State state) {
        List<Solid> solids = BoxSolids.of(worked, state, 0);
        double low = solids.stream().mapToDouble(s -> s.low()[2]).min().orElse(0);
        double high = solids.stream().mapToDouble(s -> s.high()[2]).max().orElse(0);
        return high - low;
    }
}
