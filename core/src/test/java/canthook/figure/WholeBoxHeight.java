package canthook.figure;

import canthook.figure.WholeBox.State;
import canthook.planner.WorkedPlan;
import java.util.List;
import java.util.stream.Stream;

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

    /** Upper face of the highest block of a stuff, mm from the lower edge of the walls; the other where there is none. */
    public static double top(WorkedPlan worked, String stuff, double other) {
        return closed(worked, stuff).mapToDouble(s -> s.high()[2]).max().orElse(other);
    }

    /** Lower face of the lowest block of a stuff, mm from the lower edge of the walls. */
    public static double underside(WorkedPlan worked, String stuff) {
        return closed(worked, stuff).mapToDouble(s -> s.low()[2]).min().orElseThrow();
    }

    private static Stream<Solid> closed(WorkedPlan worked, String stuff) {
        return BoxSolids.of(worked, State.CLOSED, 0).stream()
                .filter(s -> s.stuff().equals(stuff));
    }
}
