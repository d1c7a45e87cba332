package canthook.breakdown;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static canthook.breakdown.Boards.board;
import static canthook.breakdown.Boards.knot;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.board.Blank;
import canthook.board.Blank.MoistureKnown;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.exact.ExactSolver;
import canthook.plan.BatchWish;
import canthook.plan.BatchWish.Break;
import canthook.plan.BoxPlan;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Envelope drawers: sides 248.8, ends 166.8, kerf 3.2, squaring 10, so one takes a blank of 860.8. */
class LeastChangeTest {
    private static final ExactSolver SOLVER = new ExactSolver();

    private static Batch batch(int count, Break broken, Blank... rack) {
        return new Batch(work(drawer(count, 0, broken)), List.of(), List.of(rack), HouseRules.DEFAULT);
    }

    private static BoxPlan drawer(int count, int spares, Break broken) {
        return envelopeDrawer().withBatch(new BatchWish(count, spares, 0, broken, false, List.of(), List.of(), null));
    }

    private static Breakdown plan(Batch batch) {
        return BreakdownPlanner.plan(batch.task(), SOLVER, Watch.PATIENT);
    }

    private static LeastChange change(Batch batch) {
        return LeastChange.of(batch, plan(batch), SOLVER, Watch.PATIENT);
    }

    private static Fix fix(LeastChange change, String begins) {
        return change.fixes().stream()
                .filter(f -> f.label().startsWith(begins))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no “" + begins + "…” among " + change.fixes()));
    }

    @Test
    void aBoardATrifleShortAsksForATrifleLess() {
        Batch batch = batch(1, Break.SINGLES, board("a", 850, 120, 12));
        LeastChange change = change(batch);
        // 860.8 − 850 is 10.8, shared by two sides
        Fix shorter = fix(change, "Make the box 5.4 mm shorter");
        assertThat(shorter.after().size().length()).isEqualTo(mm(242.6));
        assertThat(plan(batch.with(work(shorter.after()))).isComplete()).isTrue();
        // what is wanting: one side, with squaring at both ends, would leave room for the other three
        assertThat(change.blank()).isNotNull();
        Blank another = board(
                "more", change.blank().length().mm(), change.blank().width().mm(), 12);
        assertThat(plan(batch.with(List.of(another))).isComplete()).isTrue();
        Blank tooShort = board(
                "more", change.blank().length().mm() - 1, change.blank().width().mm(), 12);
        assertThat(plan(batch.with(List.of(tooShort))).isComplete()).isFalse();
    }

    @Test
    void whereOneBoardWillNotDoTheFewestLikeTheLongestAreCounted() {
        // a run of 860.8 with its kerf, so that 2000 of board holds two
        Batch batch = batch(14, Break.WHOLE, board("a", 2000, 120, 12), board("b", 900, 120, 12));
        LeastChange change = change(batch);
        // 14 boxes less 2 and 1 are 11: six boards of two each
        assertThat(change.blank()).isNotNull();
        assertThat(change.blank().boards()).isEqualTo(6);
        assertThat(change.blank().length()).isEqualTo(mm(2000));
        List<Blank> bought = new java.util.ArrayList<>();
        for (int i = 0; i < 6; i++) {
            bought.add(board("more" + i, 2000, change.blank().width().mm(), 12));
        }
        assertThat(plan(batch.with(bought)).isComplete()).isTrue();
        assertThat(plan(batch.with(bought.subList(1, 6))).isComplete()).isFalse();
    }

    @Test
    void breakingRunsIsOfferedWhereItHelpsAndNotWhereItDoesNot() {
        // a pair takes 438.8
        LeastChange change = change(batch(1, Break.WHOLE, board("a", 440, 120, 12), board("b", 440, 120, 12)));
        assertThat(fix(change, "Let runs be broken into side–end pairs")
                        .after()
                        .batch()
                        .broken())
                .isEqualTo(Break.PAIRS);
        LeastChange none = change(batch(1, Break.WHOLE, board("a", 500, 120, 12)));
        assertThat(none.fixes()).noneMatch(f -> f.label().startsWith("Let runs"));
    }

    @Test
    void aThinnerWallIsOfferedWhereTheBoardsAreThin() {
        LeastChange change = change(batch(1, Break.WHOLE, board("a", 900, 120, 10.5)));
        Fix thinner = fix(change, "Make the walls 10.5 mm thick");
        assertThat(thinner.after().size().thickness()).isEqualTo(mm(10.5));
    }

    @Test
    void aLowerBoxIsOfferedWhereTheBoardsAreNarrow() {
        WorkedPlan worked = work(drawer(1, 0, Break.WHOLE));
        double rip = worked.fingers().firstRip().length().mm();
        LeastChange change = change(batch(1, Break.WHOLE, board("a", 900, rip - 2, 12)));
        Fix lower = fix(change, "Make the box ");
        assertThat(lower.label()).contains("lower");
        assertThat(work(lower.after()).fingers().firstRip().length()).isLessThanOrEqualTo(mm(rip - 2));
        assertThat(change.fixes()).noneMatch(f -> f.label().contains("shorter"));
    }

    @Test
    void asManyAsThereAreIsOfferedLast() {
        LeastChange change = change(batch(3, Break.WHOLE, board("a", 862, 120, 12), board("b", 862, 120, 12)));
        assertThat(change.fixes().get(change.fixes().size() - 1).label()).isEqualTo("Make 2 boxes");
        Batch spares = new Batch(
                work(drawer(1, 2, Break.WHOLE)), List.of(), List.of(board("a", 861, 120, 12)), HouseRules.DEFAULT);
        assertThat(fix(change(spares), "Do without spares").after().batch().spareSides())
                .isZero();
    }

    @Test
    void whatIsPossibleNeedsNoChange() {
        assertThat(change(batch(1, Break.WHOLE, board("a", 861, 120, 12))).fixes())
                .isEmpty();
    }

    @Test
    void everyBlankThatIsLeftAloneSaysWhy() {
        Batch batch = batch(
                1,
                Break.WHOLE,
                board("thin", 900, 120, 11),
                board("narrow", 900, 60, 12),
                board("stub", 19, 120, 12),
                board("short", 150, 120, 12),
                board("knotty", 300, 120, 12, knot(5, 295)),
                board("good", 900, 120, 12));
        assertThat(batch.leftAlone(batch.task()))
                .extracting(b -> b.blank().name() + " " + b.why())
                .contains(
                        "thin is 1.00 mm too thin",
                        "stub is shorter than what squaring its ends takes",
                        "short is too short for any part",
                        "knotty has no clear length")
                .anyMatch(s -> s.startsWith("narrow is ") && s.endsWith("too narrow"))
                .hasSize(5);
    }

    @Test
    void numbersOpenToTheirWorking() {
        Batch batch =
                batch(2, Break.PAIRS, board("a", 900, 120, 12), board("b", 480, 120, 12), board("c", 480, 120, 12));
        Breakdown plan = plan(batch);
        BreakdownRead read = BreakdownRead.of(plan, batch.box(), LeastChange.of(batch, plan, SOLVER, Watch.PATIENT));
        assertThat(read.numbers())
                .filteredOn(n -> n.id().equals("breakdown.corners"))
                .singleElement()
                .satisfies(n -> {
                    assertThat(n.count()).isEqualTo(5);
                    assertThat(n.formula()).isEqualTo("3 · n + n");
                });
        assertThat(read.numbers()).anySatisfy(n -> {
            assertThat(n.id()).isEqualTo("breakdown.run");
            assertThat(n.length()).isEqualTo(mm(860.8));
        });
        assertThat(read.numbers()).anySatisfy(n -> {
            assertThat(n.id()).isEqualTo("breakdown.offcut");
            assertThat(n.length()).isEqualTo(plan.longestOffcut());
        });
        assertThat(read.boxes()).hasSize(2);
        assertThat(read.boxes().get(0)).isEqualTo(new BreakdownRead.Corners(0, 1, true, true, true, false));
        assertThat(read.boxes().get(1)).isEqualTo(new BreakdownRead.Corners(0, 2, true, false, true, false));
    }

    @Test
    void matesOutOfBoardsApartInMoistureAreWarnedOf() {
        Blank dry = wet(board("a", 480, 120, 12), 8);
        Blank damp = wet(board("b", 480, 120, 12), 9.5);
        Blank soaked = wet(board("c", 900, 120, 12), 34);
        Batch batch = batch(1, Break.PAIRS, dry, damp);
        Breakdown plan = plan(batch);
        assertThat(BreakdownRead.of(plan, batch.box(), LeastChange.NONE).verdicts())
                .anySatisfy(v -> {
                    assertThat(v.code()).isEqualTo(Code.BLANKS_DIFFER_IN_MOISTURE);
                    assertThat(v.sentence()).contains("1.5 % apart");
                });
        Batch wet = batch(1, Break.PAIRS, soaked);
        assertThat(BreakdownRead.of(plan(wet), wet.box(), LeastChange.NONE).verdicts())
                .anyMatch(v -> v.code() == Code.BLANK_TOO_WET);
    }

    @Test
    void endsOfAnotherWoodComeFromTheirOwnBoards() {
        BoxPlan plan = drawer(1, 0, Break.SINGLES).withEnds(new Stuff("pine-ponderosa", 0));
        Blank pine =
                new Blank("p", "p", mm(400), mm(120), mm(12), "pine-ponderosa", 0, null, null, false, "", List.of());
        Batch batch = new Batch(work(plan), List.of(), List.of(board("a", 600, 120, 12), pine), HouseRules.DEFAULT);
        Breakdown cut = plan(batch);
        assertThat(cut.isComplete()).isTrue();
        assertThat(cut.corners()).isZero();
    }

    private static Blank wet(Blank b, double percent) {
        return new Blank(
                b.id(),
                b.name(),
                b.length(),
                b.width(),
                b.thickness(),
                b.wood(),
                0,
                new MoistureKnown(percent, "2025-03-02", MoistureKnown.By.METER),
                b.figure(),
                false,
                "",
                List.of());
    }
}
