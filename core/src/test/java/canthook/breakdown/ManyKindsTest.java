package canthook.breakdown;

import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.Breakdown.Goal;
import canthook.breakdown.Breakdown.Lane;
import canthook.breakdown.Breakdown.Opened;
import canthook.breakdown.Breakdown.Piece;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.BreakdownTask.Habits;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.exact.ExactSolver;
import canthook.plan.BatchWish.Break;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Batches as they come in a shop: boxes of several heights, ends of another wood, spares, wide and thick boards with knots partly
 * across. Whatever the plan is, it can be sawn.
 */
@Tag("long")
class ManyKindsTest {
    private static final BreakdownSolver SOLVER = new ExactSolver();

    static IntStream seeds() {
        return IntStream.range(0, 48);
    }

    private static Blank board(Random random, int number, String wood) {
        double length = 700 + random.nextInt(900);
        double width = random.nextInt(3) == 0 ? 210 : 105;
        List<Defect> defects = new ArrayList<>();
        for (int k = 0; k < 2; k++) {
            double from = Math.rint(20 + random.nextDouble() * (length - 120));
            double low = random.nextBoolean() ? 0 : width / 2;
            Defect knot = new Defect(
                    Defect.Kind.KNOT, mm(from), mm(from + 15 + random.nextInt(40)), mm(low), mm(width), false);
            if (defects.stream().noneMatch(d -> d.from().isUnder(knot.to()) && d.to().isOver(knot.from()))) {
                defects.add(knot);
            }
        }
        return new Blank(
                "b" + number,
                "board " + number,
                mm(length),
                mm(width),
                mm(random.nextInt(4) == 0 ? 25 : 10),
                wood,
                0,
                null,
                Blank.GrainFigure.STRAIGHT,
                random.nextInt(5) == 0,
                "",
                defects);
    }

    private static BreakdownTask batch(int seed) {
        Random random = new Random(9000 + seed);
        List<Wanted> boxes = new ArrayList<>();
        int kinds = 1 + random.nextInt(3);
        for (int k = 0; k < kinds; k++) {
            boolean mixed = random.nextInt(4) == 0;
            boxes.add(new Wanted(
                    "kind " + k,
                    mm(120 + random.nextInt(150)),
                    mm(80 + random.nextInt(90)),
                    mm(random.nextInt(3) == 0 ? 60 : 96.5),
                    mm(9),
                    mm(9),
                    "cherry-black",
                    mixed ? "maple-sugar" : "cherry-black",
                    1 + random.nextInt(3),
                    random.nextInt(2),
                    random.nextInt(2)));
        }
        List<Blank> boards = new ArrayList<>();
        int count = 2 + random.nextInt(4);
        for (int i = 0; i < count; i++) {
            boards.add(board(random, i, i % 3 == 2 ? "maple-sugar" : "cherry-black"));
        }
        Habits habits = new Habits(
                mm(10), mm(60), mm(3.2), mm(3.2), mm(1.5), mm(1), Break.values()[seed % 3], random.nextInt(3) == 0);
        return new BreakdownTask(boxes, boards, habits);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whateverThePlanIsItCanBeSawn(int seed) {
        BreakdownTask task = batch(seed);
        Breakdown plan = BreakdownPlanner.plan(task, SOLVER, Watch.PATIENT);
        BreakdownPlannerTest.checkPieces(plan);
        for (Opened opened : plan.opened()) {
            double top = 0;
            for (Lane lane : opened.lanes()) {
                // strips lie within the board, a rip kerf between them, and no part lies in a knot that reaches into
                // its strip
                assertThat(lane.strip().upper())
                        .isLessThanOrEqualTo(opened.blank().width());
                assertThat(lane.strip().lower().mm()).isGreaterThanOrEqualTo(top == 0 ? 0 : top + 3.2 - 1e-9);
                top = lane.strip().upper().mm();
                for (Piece piece : lane.pieces()) {
                    lies(opened, lane, piece, task.boxes().get(piece.wanted()));
                }
            }
        }
        for (Goal goal : plan.goals()) {
            if (goal.aim() == Aim.BLANKS) {
                assertThat(goal.reached()).isGreaterThanOrEqualTo(goal.bound() - 1e-6);
            } else {
                assertThat(goal.reached()).isLessThanOrEqualTo(goal.bound() + 1e-6);
            }
        }
        assertThat(plan.goals().get(0).reached()).isEqualTo(plan.boxesMade());
        assertThat(plan.goals().get(4).reached())
                .isCloseTo(plan.longestOffcut().mm(), org.assertj.core.data.Offset.offset(1e-6));
    }

    private static void lies(Opened opened, Lane lane, Piece piece, Wanted box) {
        Blank blank = opened.blank();
        assertThat(lane.strip().height()).isEqualTo(box.rip());
        assertThat(piece.length()).isEqualTo(piece.isSide() ? box.side() : box.end());
        assertThat(blank.wood()).isEqualTo(piece.isSide() ? box.sideWood() : box.endWood());
        assertThat(blank.thickness().mm()).isGreaterThanOrEqualTo(opened.book() ? 2 * (9 + 1) + 1.5 : 9);
        double loss = blank.snipe() ? 60 : 10;
        assertThat(piece.from().mm()).isGreaterThanOrEqualTo(loss - 1e-9);
        assertThat(piece.to().mm()).isLessThanOrEqualTo(blank.length().mm() - loss + 1e-9);
        for (Defect knot : blank.defects()) {
            boolean inStrip = knot.acrossFrom() == null
                    || knot.acrossTo() == null
                    || knot.acrossFrom().isUnder(lane.strip().upper())
                            && knot.acrossTo().isOver(lane.strip().lower());
            boolean clear = !piece.to().isOver(knot.from()) || !piece.from().isUnder(knot.to());
            assertThat(inStrip && !clear).as("%s in %s", piece, knot).isFalse();
        }
    }

    @Test
    void theSameBatchAlwaysGetsTheSamePlan() {
        for (int seed : new int[] {3, 17, 40}) {
            Breakdown once = BreakdownPlanner.plan(batch(seed), SOLVER, Watch.PATIENT);
            Breakdown again = BreakdownPlanner.plan(batch(seed), new ExactSolver(), Watch.PATIENT);
            assertThat(again).isEqualTo(once);
        }
    }
}
