package canthook.joint;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.cutlist.SawCut;
import canthook.fingers.Layout;
import canthook.jig.Cut;
import canthook.jig.Cut.ByEye;
import canthook.length.Length;
import canthook.plan.JigChoice.Way;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.walls.WallDemands;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Four corners of wood, cut by the cut list and by nothing else, then closed: at no height may both mates have wood, and where neither has,
 * the gap may be no wider than the clearance. Knows no formula of the layout. Nanometres throughout.
 */
class SolidCornersTest {
    static Stream<AnyPlan> plans() {
        return AnyPlan.seeds(1, 700).filter(p -> {
            WorkedPlan worked = p.worked();
            return !worked.cuts().cuts().isEmpty()
                    && worked.fingers().joint().corners().stream().allMatch(c -> c.sections() >= 2);
        });
    }

    /** A stretch along the height, in nanometres. */
    private record Stretch(long from, long to) {}

    /** What the cut list takes from an end: the hull of a slot's passes, and whatever lies between two lines of a band saw falls out. */
    private static List<Stretch> gone(WorkedPlan worked, PartEnd end) {
        TreeMap<String, long[]> slots = new TreeMap<>();
        boolean lines = worked.jig().way() == Way.BAND_SAW;
        for (SawCut cut : worked.cuts().cuts()) {
            if (cut.ends().contains(end)) {
                Cut pass = cut.pass();
                // what no jig guides stands for itself: it may leave wood between it and the slot's other passes
                String key = pass.where() instanceof ByEye && worked.jig().way() != Way.HAND
                        ? "eye " + pass.from().nanometres()
                        : String.format("%05d", pass.slot());
                long[] slot = slots.computeIfAbsent(key, k -> new long[] {Long.MAX_VALUE, Long.MIN_VALUE});
                slot[0] = Math.min(slot[0], pass.from().nanometres());
                slot[1] = Math.max(slot[1], pass.to().nanometres());
            }
        }
        List<Stretch> gone = new ArrayList<>();
        slots.values().forEach(s -> gone.add(new Stretch(s[0], s[1])));
        if (lines && !gone.isEmpty() && worked.fingers().joint().kind(end) == canthook.fingers.End.SLOT_FIRST) {
            long height = worked.fingers().joint().layout().height().nanometres();
            gone.set(0, new Stretch(0, gone.get(0).to()));
            gone.set(gone.size() - 1, new Stretch(gone.get(gone.size() - 1).from(), height));
        }
        return gone;
    }

    private static boolean isWood(List<Stretch> gone, long top, double at) {
        if (at < 0 || at > top) {
            return false;
        }
        return gone.stream().noneMatch(s -> at > s.from() && at < s.to());
    }

    /** How far the cuts of a way may lie off: half a step of a scale, the leaves of the shop adding up, a nanometre a term. */
    private static long off(WorkedPlan worked) {
        int sections = worked.fingers().joint().layout().sections();
        long rounding = 4L * sections * worked.fingers().chosen().passes().count() + 2_000;
        return worked.plan().jig().way() == Way.STOPS ? 2 * Length.mm(0.05).nanometres() + rounding : rounding;
    }

    @ParameterizedTest
    @MethodSource("plans")
    void closedCornersNeitherJamNorGape(AnyPlan any) {
        WorkedPlan worked = any.worked();
        Layout layout = worked.fingers().joint().layout();
        long clearance = layout.clearance().nanometres();
        long off = off(worked);
        long near = WallDemands.NEAR.nanometres();
        for (Part part : Part.values()) {
            PartEnd one = new PartEnd(part, 2);
            PartEnd other = one.mate();
            List<Stretch> goneOne = gone(worked, one);
            List<Stretch> goneOther = gone(worked, other);
            long topOne = top(worked, one.part());
            long topOther = top(worked, other.part());
            List<Long> heights = new ArrayList<>(List.of(0L, topOne, topOther));
            goneOne.forEach(s -> heights.addAll(List.of(s.from(), s.to())));
            goneOther.forEach(s -> heights.addAll(List.of(s.from(), s.to())));
            heights.sort(null);
            long air = 0;
            for (int i = 1; i < heights.size(); i++) {
                long from = heights.get(i - 1);
                long to = heights.get(i);
                if (to <= from || from < 0 || to > Math.max(topOne, topOther)) {
                    continue;
                }
                double middle = (from + to) / 2.0;
                boolean first = isWood(goneOne, topOne, middle);
                boolean second = isWood(goneOther, topOther, middle);
                String where = any.seed() + ", " + any.plan().jig().way() + ", corner " + one + " " + other + ", from "
                        + from / 1e6 + " to " + to / 1e6;
                // a line that lies nearer than that to where sections close counts as there: the lower wall ends so far
                // over or under it
                long edge = Math.min(topOne, topOther);
                boolean atEdge = topOne != topOther
                        && (Math.abs(from - edge) <= near + Math.abs(clearance)
                                || Math.abs(to - edge) <= near + Math.abs(clearance));
                long allowed = atEdge ? off + near : off;
                if (first && second) {
                    assertThat(to - from)
                            .as("wood on wood at seed " + where)
                            .isLessThanOrEqualTo(Math.max(0, -clearance) + allowed);
                }
                // the gap beside a finger may be made of two stretches
                air = first || second ? 0 : air + (to - from);
                assertThat(air).as("open at seed " + where).isLessThanOrEqualTo(Math.max(0, clearance) + allowed);
            }
        }
    }

    /** Where a wall's wood ends. */
    private static long top(WorkedPlan worked, Part part) {
        var low = worked.walls().low();
        boolean isLow = low != null && low.parts().contains(part);
        long wall = worked.fingers().wall().length().nanometres();
        return isLow ? Math.min(low.line().length().nanometres(), wall) : wall;
    }

    /** Over a lowered wall's edge nothing is cut on either mate, but for the clearance over its topmost finger. */
    @ParameterizedTest
    @MethodSource("plans")
    void nothingIsCutAboveALowLine(AnyPlan any) {
        WorkedPlan worked = any.worked();
        var low = worked.walls().low();
        long clearance =
                Math.max(0, worked.fingers().joint().layout().clearance().nanometres());
        for (PartEnd end : PartEnd.all()) {
            boolean reached = low != null
                    && low.reaches(end)
                    && low.line().length().isUnder(worked.fingers().wall().length());
            if (!reached) {
                continue;
            }
            long most = low.line().length().nanometres() + 50_000 + clearance;
            assertThat(gone(worked, end))
                    .as("seed " + any.seed() + " " + end)
                    .allSatisfy(s -> assertThat(s.to()).isLessThanOrEqualTo(most));
        }
    }
}
