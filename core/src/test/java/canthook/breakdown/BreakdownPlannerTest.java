package canthook.breakdown;

import static canthook.SeedLibrary.mm;
import static canthook.breakdown.Boards.board;
import static canthook.breakdown.Boards.box;
import static canthook.breakdown.Boards.drawers;
import static canthook.breakdown.Boards.knot;
import static canthook.breakdown.Boards.task;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.breakdown.Breakdown.Lane;
import canthook.breakdown.Breakdown.Opened;
import canthook.breakdown.Breakdown.Piece;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.BreakdownTask.Habits;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.exact.ExactSolver;
import canthook.length.Length;
import canthook.plan.BatchWish.Break;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BreakdownPlannerTest {
    private static final BreakdownSolver SOLVER = new ExactSolver();

    private static Breakdown plan(BreakdownTask task) {
        Breakdown plan = BreakdownPlanner.plan(task, SOLVER, Watch.PATIENT);
        checkPieces(plan);
        return plan;
    }

    /** A run is 2 · 248.8 + 2 · 166.8 + 3 · 3.2 = 840.8; with 10 squared off each end the board must be 860.8. */
    @Test
    void aRunFitsABoardOfExactlyItsLengthAndNotOneATenthShorter() {
        Breakdown fits = plan(task(List.of(drawers(1)), Break.SINGLES, board("b", 860.8, 100, 9)));
        assertThat(fits.isComplete()).isTrue();
        assertThat(fits.corners()).isEqualTo(3);
        assertThat(fits.longestOffcut()).isEqualTo(Length.ZERO);
        Breakdown shorter = plan(task(List.of(drawers(1)), Break.SINGLES, board("b", 860.7, 100, 9)));
        assertThat(shorter.boxesMade()).isZero();
        assertThat(shorter.opened()).isEmpty();
    }

    /** With a tenth of a millimetre to spare nothing can be parted off; 3.3 more leave 0.1. */
    @Test
    void anOffcutCostsTheKerfThatPartsIt() {
        assertThat(plan(task(List.of(drawers(1)), Break.WHOLE, board("b", 860.9, 100, 9)))
                        .longestOffcut())
                .isEqualTo(Length.ZERO);
        assertThat(plan(task(List.of(drawers(1)), Break.WHOLE, board("b", 864.1, 100, 9)))
                        .longestOffcut())
                .isEqualTo(mm(0.1));
    }

    /** A pair is 248.8 + 166.8 + 3.2 = 418.8. A knot at 440–470 leaves 430 and 500: two pairs, two corners of three. */
    @Test
    void aRunIsBrokenIntoPairsOnlyWhereTheMakerAllowsIt() {
        Blank knotty = board("b", 980, 100, 9, knot(440, 470));
        assertThat(plan(task(List.of(drawers(1)), Break.WHOLE, knotty)).boxesMade())
                .isZero();
        Breakdown pairs = plan(task(List.of(drawers(1)), Break.PAIRS, knotty));
        assertThat(pairs.isComplete()).isTrue();
        assertThat(pairs.corners()).isEqualTo(2);
        assertThat(pairs.isProven()).isTrue();
    }

    @Test
    void aDefectTheMakerWouldHideIsNoHindrance() {
        Defect hidden = new Defect(Defect.Kind.SAPWOOD, mm(440), mm(470), null, null, true);
        assertThat(plan(task(List.of(drawers(1)), Break.WHOLE, board("b", 980, 100, 9, hidden)))
                        .corners())
                .isEqualTo(3);
    }

    /** A check along the lower 20 of a board 130 wide: the strip of 96.5 lies against the other edge, 33.5 up. */
    @Test
    void aStripMovesAwayFromADefectAlongOneEdge() {
        Defect wane = new Defect(Defect.Kind.WANE, mm(0), mm(900), mm(0), mm(20), false);
        Breakdown plan = plan(task(List.of(drawers(1)), Break.WHOLE, board("b", 900, 130, 9, wane)));
        assertThat(plan.isComplete()).isTrue();
        assertThat(plan.opened().get(0).lanes().get(0).strip().lower()).isEqualTo(mm(33.5));
    }

    @Test
    void aWideBoardGivesStripsAndSnipeCostsMoreThanSquaring() {
        Blank wide = board("wide", 861, 200, 9);
        assertThat(plan(task(List.of(drawers(2)), Break.WHOLE, wide)).isComplete())
                .isTrue();
        Blank sniped = new Blank(
                "s", "s", mm(861), mm(200), mm(9), "cherry-black", 0, null, Blank.GrainFigure.STRAIGHT, true, "", null);
        assertThat(plan(task(List.of(drawers(2)), Break.WHOLE, sniped)).boxesMade())
                .isZero();
    }

    /** 2 · (9 + 1) + 1.5 = 21.5 thick, 248.8 + 3.2 + 166.8 + 20 = 438.8 long. */
    @Test
    void aThickBoardResawnAndOpenedLikeABookMatchesAllFour() {
        Habits resawing = new Habits(mm(10), mm(60), mm(3.2), mm(3.2), mm(1.5), mm(1), Break.WHOLE, true);
        BreakdownTask task = new BreakdownTask(List.of(drawers(1)), List.of(board("b", 438.8, 97, 21.5)), resawing);
        Breakdown plan = plan(task);
        assertThat(plan.corners()).isEqualTo(4);
        assertThat(plan.cornersMost()).isEqualTo(4);
        assertThat(plan.opened().get(0).book()).isTrue();
        assertThat(plan.stops()).extracting(Breakdown.CrosscutStop::parts).containsExactly(2, 2);
        BreakdownTask thinner = new BreakdownTask(List.of(drawers(1)), List.of(board("b", 438.8, 97, 21.4)), resawing);
        assertThat(plan(thinner).boxesMade()).isZero();
    }

    @Test
    void anotherWoodAThinnerOrANarrowerBoardIsLeftAlone() {
        Blank pine =
                new Blank("p", "p", mm(2000), mm(100), mm(9), "pine-ponderosa", 0, null, null, false, "", List.of());
        Breakdown plan = plan(
                task(List.of(drawers(1)), Break.SINGLES, pine, board("thin", 2000, 100, 8.9), board("n", 2000, 96, 9)));
        assertThat(plan.boxesMade()).isZero();
        assertThat(plan.opened()).isEmpty();
    }

    @Test
    void matesOfTwoWoodsComeFromTwoBoardsAndMatchNowhere() {
        Wanted twoWoods = new Wanted(
                "tray", mm(248.8), mm(166.8), mm(96.5), mm(9), mm(9), "cherry-black", "pine-ponderosa", 1, 0, 0);
        Blank pine = new Blank("p", "p", mm(400), mm(100), mm(9), "pine-ponderosa", 0, null, null, false, "", null);
        Breakdown plan = plan(task(List.of(twoWoods), Break.WHOLE, board("c", 600, 100, 9), pine));
        assertThat(plan.isComplete()).isTrue();
        assertThat(plan.corners()).isZero();
        assertThat(plan.cornersMost()).isZero();
    }

    @Test
    void sparesAreCutAfterAllBoxesAndNeverInsteadOfOne() {
        Breakdown both = plan(task(List.of(drawers(1, 1, 1)), Break.WHOLE, board("b", 1290, 100, 9)));
        assertThat(both.isComplete()).isTrue();
        assertThat(both.spares()).isEqualTo(2);
        Breakdown tight = plan(task(List.of(drawers(1, 1, 1)), Break.WHOLE, board("b", 1000, 100, 9)));
        assertThat(tight.boxesMade()).isEqualTo(1);
        assertThat(tight.spares()).isZero();
    }

    /** Fewest blanks: one of 1730 rather than two of 900. Longest offcut: then the shorter of two that would do. */
    @Test
    void opensFewBlanksAndThenKeepsALongOffcut() {
        Breakdown plan = plan(task(
                List.of(drawers(2)),
                Break.WHOLE,
                board("a", 900, 100, 9),
                board("b", 900, 100, 9),
                board("c", 1720, 100, 9)));
        assertThat(plan.opened()).extracting(o -> o.blank().id()).containsExactly("c");
        Breakdown one = plan(task(List.of(drawers(1)), Break.WHOLE, board("a", 900, 100, 9), board("c", 1720, 100, 9)));
        assertThat(one.opened()).extracting(o -> o.blank().id()).containsExactly("c");
        assertThat(one.longestOffcut()).isEqualTo(mm(1720 - 20 - 840.8 - 3.2));
    }

    @Test
    void stopsAreSetLongestFirst() {
        Breakdown plan = plan(
                task(List.of(drawers(2), box("tray", 400, 300, 96.5, 1, 0, 0)), Break.WHOLE, board("a", 3400, 100, 9)));
        assertThat(plan.stops())
                .extracting(Breakdown.CrosscutStop::length)
                .containsExactly(mm(400), mm(300), mm(248.8), mm(166.8));
        assertThat(plan.stops()).extracting(Breakdown.CrosscutStop::parts).containsExactly(2, 2, 4, 4);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void theSameTaskAlwaysGetsTheSamePlan(int seed) {
        Random random = new Random(seed);
        BreakdownTask task = new BreakdownTask(
                List.of(drawers(10, 1, 0), box("tray", 300, 210, 96.5, 6, 0, 0)),
                Boards.random(random, 8, 3, 900, 1600, 100),
                Boards.habits(Break.SINGLES));
        Breakdown first = plan(task);
        assertThat(plan(task)).isEqualTo(first);
    }

    @Test
    void whoeverWaitsMayStopIt() {
        Watch impatient = new Watch() {
            @Override
            public void on(String step, double share) {}

            @Override
            public boolean stops() {
                return true;
            }
        };
        BreakdownTask task = task(List.of(drawers(1)), Break.WHOLE, board("b", 900, 100, 9));
        Breakdown plan = BreakdownPlanner.plan(task, SOLVER, impatient);
        checkPieces(plan);
        assertThat(plan.boxesMade()).isPositive();
        assertThat(plan.isProven()).isFalse();
        // one box out of one board: of the blanks at least that much is known
        assertThat(plan.goals().get(3).bound()).isEqualTo(1);
    }

    @Test
    void aBoardShorterThanItsSquaringGivesNothing() {
        assertThat(plan(task(List.of(drawers(1)), Break.SINGLES, board("b", 15, 100, 9)))
                        .boxesMade())
                .isZero();
    }

    /** What every plan owes: parts inside clear wood, a kerf between them, four different parts to a box, corners as drawn. */
    static void checkPieces(Breakdown plan) {
        Length kerf = plan.task().habits().crosscutKerf();
        Map<String, List<Character>> letters = new TreeMap<>();
        int corners = 0;
        int spares = 0;
        for (Opened opened : plan.opened()) {
            for (Lane lane : opened.lanes()) {
                Piece before = null;
                for (Piece piece : lane.pieces()) {
                    assertThat(lane.strip().clear())
                            .anyMatch(c -> !piece.from().isUnder(c.from())
                                    && !piece.to().isOver(c.to()));
                    if (before != null) {
                        assertThat(piece.from().minus(before.to())).isGreaterThanOrEqualTo(kerf);
                    }
                    if (piece.joined()) {
                        corners += opened.book() ? 4 : 1;
                        assertThat(before).isNotNull();
                        assertThat(before.box()).isEqualTo(piece.box());
                        assertThat(piece.from().minus(before.to())).isEqualTo(kerf);
                    }
                    if (piece.box() == 0) {
                        spares++;
                    } else {
                        List<Character> of =
                                letters.computeIfAbsent(piece.wanted() + "/" + piece.box(), k -> new ArrayList<>());
                        of.add(piece.letter());
                        if (opened.book()) {
                            of.add((char) (piece.letter() + 2));
                        }
                    }
                    before = piece;
                }
            }
        }
        assertThat(letters).hasSize(plan.boxesMade());
        letters.values()
                .forEach(of -> assertThat(
                                of.stream().sorted().map(String::valueOf).collect(Collectors.joining()))
                        .isEqualTo("ABCD"));
        assertThat(corners).isEqualTo(plan.corners());
        assertThat(spares).isEqualTo(plan.spares());
    }
}
