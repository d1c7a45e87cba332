package canthook.breakdown;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.exact.ExactSolver;
import canthook.plan.BatchWish;
import canthook.plan.BatchWish.Break;
import canthook.plan.BoxPlan;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * A knot that may be hidden, moved along a board out of which one drawer comes: A, B, C, D from 10 on, 248.8 and 166.8 long, kerfs of 3.2
 * between; the bottom’s groove from 8 to 14 over the edge.
 */
class HiddenDefectsTest {
    private static List<Verdict> said(Defect... hidden) {
        BoxPlan plan = openDrawer().withBatch(new BatchWish(1, 0, 0, Break.WHOLE, false, List.of(), List.of(), null));
        WorkedPlan worked = work(plan);
        Blank board = Boards.board("plank", 1000, 120, 12, hidden);
        Batch batch = new Batch(worked, List.of(), List.of(board), HouseRules.DEFAULT);
        Breakdown cut = BreakdownPlanner.plan(batch.task(), new ExactSolver(), Watch.PATIENT);
        assertThat(cut.isComplete()).isTrue();
        return BreakdownRead.of(cut, worked, LeastChange.NONE).verdicts().stream()
                .filter(v -> v.code() == Code.DEFECT_IN_THE_WAY)
                .toList();
    }

    private static Defect knot(double from, double to, double low, double high) {
        return new Defect(Defect.Kind.KNOT, mm(from), mm(to), mm(low), mm(high), true);
    }

    @Test
    void aKnotInTheFieldOfAPartIsHiddenAndOneInItsGrooveIsNot() {
        assertThat(said(knot(100, 106, 40, 48))).isEmpty();
        List<Verdict> inGroove = said(knot(100, 106, 9, 13));
        assertThat(inGroove)
                .singleElement()
                .satisfies(v -> assertThat(v.sentence())
                        .contains("knot of plank")
                        .contains("A of box 1")
                        .contains("bottom’s groove"));
    }

    /** A’s first finger reaches from the reference edge to 7.45; its end at D is the board’s left end. */
    @Test
    void aKnotInAFingerSplitsItAndOneInASlotIsCutAway() {
        WorkedPlan worked = work(openDrawer());
        double from = 10 + worked.size().proud().length().mm();
        int fingers = 0;
        // up the end, in steps finer than a section
        for (int step = 30; step < 180; step++) {
            double z = step / 2.0;
            boolean split = !said(knot(from + 2, from + 6, z, z + 0.3)).isEmpty();
            double at = z + 0.15;
            boolean slot = worked.fingers().joint().slots(new PartEnd(Part.A, 1)).stream()
                    .anyMatch(s -> s.from().mm() <= z && s.to().mm() >= z + 0.3);
            boolean finger = worked.fingers().joint().fingers(new PartEnd(Part.A, 1)).stream()
                    .anyMatch(s -> s.from().mm() < at && s.to().mm() > at);
            if (slot) {
                assertThat(split).as("in a slot at " + z).isFalse();
            } else if (finger) {
                assertThat(split).as("in a finger at " + z).isTrue();
                fingers++;
            }
        }
        assertThat(fingers).isGreaterThan(50);
    }

    @Test
    void whatIsMarkedAsNotToBeHiddenIsCutAround() {
        Defect open = new Defect(Defect.Kind.KNOT, mm(100), mm(106), mm(9), mm(13), false);
        BoxPlan plan = openDrawer().withBatch(new BatchWish(1, 0, 0, Break.WHOLE, false, List.of(), List.of(), null));
        WorkedPlan worked = work(plan);
        Batch batch =
                new Batch(worked, List.of(), List.of(Boards.board("plank", 1100, 120, 12, open)), HouseRules.DEFAULT);
        Breakdown cut = BreakdownPlanner.plan(batch.task(), new ExactSolver(), Watch.PATIENT);
        assertThat(cut.isComplete()).isTrue();
        assertThat(BreakdownRead.of(cut, worked, LeastChange.NONE).verdicts())
                .noneMatch(v -> v.code() == Code.DEFECT_IN_THE_WAY);
    }
}
