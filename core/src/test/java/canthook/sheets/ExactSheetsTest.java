package canthook.sheets;

import static canthook.sheets.SawnSheets.HARDBOARD;
import static canthook.sheets.SawnSheets.PLY;
import static canthook.sheets.SawnSheets.hole;
import static canthook.sheets.SawnSheets.mm;
import static canthook.sheets.SawnSheets.panel;
import static canthook.sheets.SawnSheets.sheet;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.board.Blank;
import canthook.sheets.SheetPlan.Aim;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.SheetTask.Panel;
import canthook.sheets.exact.ExactSheets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("long")
class ExactSheetsTest {
    private static final SheetSolver SOLVER = new ExactSheets();

    private static SheetPlan plan(List<Panel> panels, Blank... sheets) {
        SheetPlan plan = SOLVER.solve(new SheetTask(panels, List.of(sheets), mm(3.2)), Hurry.NONE);
        SawnSheets.saws(plan);
        return plan;
    }

    private static double reached(SheetPlan plan, Aim aim) {
        return plan.goals().stream()
                .filter(g -> g.aim() == aim)
                .findFirst()
                .orElseThrow()
                .reached();
    }

    /** 610 × 305, kerf 3.2, four of 150 × 140: 4 · 150 + 3 · 3.2 = 609.6, and 305 − 140 − 3.2 = 161.8 is left of the width. */
    @Test
    void fourPanelsInOneStripLeaveTheLargestRest() {
        SheetPlan plan = plan(List.of(panel("bottom", HARDBOARD, 150, 140, 4)), sheet("s", HARDBOARD, 610, 305, false));
        assertThat(plan.isComplete()).isTrue();
        Opened opened = plan.opened().get(0);
        assertThat(opened.strips()).hasSize(1);
        assertThat(opened.strips().get(0).width()).isEqualTo(mm(140));
        assertThat(opened.strips().get(0).pieces())
                .extracting(SheetPlan.Piece::length)
                .containsOnly(mm(150));
        assertThat(opened.left().get(0).length()).isEqualTo(mm(610));
        assertThat(opened.left().get(0).width().mm()).isCloseTo(161.8, within(1e-9));
        assertThat(plan.goals().get(1).isProven()).isTrue();
    }

    /** Grain along the sheet's length: 300 × 140 lies one way only, so two in a row and not four side by side. */
    @Test
    void whereTheGrainBindsAPanelIsNeverTurned() {
        Blank narrow = sheet("s", PLY, 150, 610, false);
        assertThat(plan(List.of(panel("lid", PLY, 300, 140, 1)), narrow).made()).isZero();
        assertThat(plan(List.of(panel("lid", HARDBOARD, 300, 140, 1)), sheet("s", HARDBOARD, 150, 610, false))
                        .made())
                .isEqualTo(1);
    }

    @Test
    void scrapsAreUsedBeforeAWholeSheetIsOpened() {
        SheetPlan plan = plan(
                List.of(panel("bottom", PLY, 200, 150, 2)),
                sheet("whole", PLY, 1220, 610, false),
                sheet("scrap-a", PLY, 210, 160, true),
                sheet("scrap-b", PLY, 210, 160, true));
        assertThat(plan.opened()).extracting(o -> o.sheet().id()).containsExactly("scrap-a", "scrap-b");
        assertThat(reached(plan, Aim.AREA)).isZero();
    }

    /** One of 500 × 400 is enough; of 600 × 300 two would be wanted. */
    @Test
    void theLeastAreaIsOpenedThoughItIsNotTheSmallestSheet() {
        SheetPlan plan = plan(
                List.of(panel("bottom", HARDBOARD, 240, 190, 4)),
                sheet("small-1", HARDBOARD, 300, 250, false),
                sheet("small-2", HARDBOARD, 300, 250, false),
                sheet("small-3", HARDBOARD, 300, 250, false),
                sheet("right", HARDBOARD, 500, 400, false),
                sheet("large", HARDBOARD, 1220, 610, false));
        assertThat(plan.opened()).extracting(o -> o.sheet().id()).containsExactly("right");
        assertThat(plan.goals().get(1).isProven()).isTrue();
    }

    @Test
    void aPieceGivesSeveralPanelsOnlyAtTheLastTrim() {
        SheetPlan plan = plan(
                List.of(panel("wide", PLY, 300, 203.2, 1), panel("slat", PLY, 300, 100, 2)),
                sheet("s", PLY, 603.2, 203.2, false));
        assertThat(plan.isComplete()).isTrue();
        assertThat(plan.opened().get(0).strips()).hasSize(1);
        assertThat(plan.opened().get(0).strips().get(0).pieces())
                .extracting(p -> p.panels().size())
                .containsExactlyInAnyOrder(1, 2);
    }

    @Test
    void noPanelTouchesAFlawAndTheRestIsStillUsed() {
        SheetPlan plan = plan(
                List.of(panel("bottom", PLY, 280, 140, 4)), sheet("s", PLY, 610, 305, false, hole(300, 305, 0, 305)));
        assertThat(plan.made()).isEqualTo(4);
        SheetPlan middle = plan(
                List.of(panel("bottom", PLY, 280, 140, 4)), sheet("s", PLY, 610, 305, false, hole(140, 150, 60, 80)));
        assertThat(middle.made()).isEqualTo(3);
        assertThat(middle.goals().get(0).bound()).isGreaterThanOrEqualTo(3);
    }

    @Test
    void whatCannotBeMadeIsToldAndTheRestIsMade() {
        SheetPlan plan = plan(
                List.of(panel("bottom", PLY, 500, 140, 1), panel("door", PLY, 1500, 140, 1)),
                sheet("s", PLY, 610, 305, false));
        assertThat(plan.made(0)).isEqualTo(1);
        assertThat(plan.made(1)).isZero();
        assertThat(plan.isComplete()).isFalse();
    }

    @Test
    void stuffOfAnotherThicknessOrWoodIsLeftAlone() {
        SheetPlan plan = plan(List.of(panel("bottom", PLY, 200, 140, 1)), sheet("s", HARDBOARD, 610, 305, false));
        assertThat(plan.made()).isZero();
        assertThat(plan.opened()).isEmpty();
    }

    @Test
    void inAHurryAWholePlanIsGivenAllTheSame() {
        SheetTask task = SawnSheets.any(10);
        SheetPlan plan = SOLVER.solve(task, () -> true);
        SawnSheets.saws(plan);
        assertThat(plan.made()).isEqualTo(task.wanted());
    }

    @Test
    void theSameTaskGetsTheSamePlan() {
        SheetTask task = SawnSheets.any(6);
        assertThat(SOLVER.solve(task, Hurry.NONE)).isEqualTo(SOLVER.solve(task, Hurry.NONE));
    }

    /** Who waits until then is told how long that is yet, and may be called away before. */
    @Test
    void timeRunsOut() {
        long now = System.nanoTime();
        Hurry minute = Hurry.until(now + 60_000_000_000L, () -> false);
        assertThat(minute.stops()).isFalse();
        assertThat(minute.secondsLeft()).isBetween(30.0, 60.0);
        assertThat(Hurry.until(now + 60_000_000_000L, () -> true).stops()).isTrue();
        Hurry past = Hurry.until(now - 1, () -> false);
        assertThat(past.stops()).isTrue();
        assertThat(past.secondsLeft()).isNegative();
        assertThat(Hurry.NONE.secondsLeft()).isInfinite();
    }

    /** More panels than there is room for, and no time: what is laid by hand is given, and the choice among strips ends at once. */
    @Test
    void outOfTimeTheChoiceAmongStripsEndsToo() {
        Blank[] sheets = new Blank[8];
        for (int i = 0; i < sheets.length; i++) {
            sheets[i] = sheet("s" + i, HARDBOARD, 500 + 31 * i, 300 + 23 * i, false);
        }
        List<SheetTask.Panel> panels = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            panels.add(panel("p" + i, HARDBOARD, 131 + 37 * i, 93 + 29 * i, 14));
        }
        SheetPlan plan = SOLVER.solve(
                new SheetTask(panels, List.of(sheets), mm(3.2)), Hurry.until(System.nanoTime(), () -> false));
        SawnSheets.saws(plan);
        assertThat(plan.made()).isBetween(20, 83);
        assertThat(plan.goals().get(0).bound()).isGreaterThanOrEqualTo(plan.made());
    }

    /** More mixtures of sheets than are looked through: the bound is a rougher one, but one all the same. */
    @Test
    void ofManySheetsOfAllSizesTheBoundStillHolds() {
        Blank[] sheets = new Blank[24];
        for (int i = 0; i < sheets.length; i++) {
            sheets[i] = sheet("s" + i, HARDBOARD, 300 + 7 * i, 200 + 3 * i, false);
        }
        long until = System.nanoTime() + 4_000_000_000L;
        SheetPlan plan = SOLVER.solve(
                new SheetTask(List.of(panel("slat", HARDBOARD, 140, 90, 40)), List.of(sheets), mm(3.2)),
                () -> System.nanoTime() > until);
        SawnSheets.saws(plan);
        assertThat(plan.made()).isEqualTo(40);
        SheetPlan.Goal area = plan.goals().get(1);
        // 40 · 140 · 90 must come of something
        assertThat(area.bound()).isBetween(40 * 140 * 90 * 0.9, area.reached());
    }

    static LongStream seeds() {
        return LongStream.range(0, AnyPlan.share(12));
    }

    /** Rows of panels by falling height, each sheet in turn: never more made, and never as many of less area. */
    @ParameterizedTest
    @MethodSource("seeds")
    void neverWorseThanPlainShelves(long seed) {
        SheetTask task = SawnSheets.any(seed);
        SheetPlan plan = SOLVER.solve(task, Hurry.NONE);
        SawnSheets.saws(plan);
        double[] shelves = shelves(task);
        assertThat(plan.made()).isGreaterThanOrEqualTo((int) shelves[0]);
        if (plan.made() == (int) shelves[0]) {
            assertThat(reached(plan, Aim.AREA)).isLessThanOrEqualTo(shelves[1] + 1);
        }
        plan.goals().forEach(g -> {
            boolean least = g.aim() == Aim.AREA;
            assertThat(least ? g.reached() - g.bound() : g.bound() - g.reached())
                    .as("%s is within its bound", g.aim())
                    .isGreaterThanOrEqualTo(-1e-6);
        });
    }

    /** Forty panels of six sizes out of eight sheets, also with knots: as many as can be, of the least area, both proven. */
    @ParameterizedTest
    @ValueSource(ints = {15, 31, 47, 78, 102, 111, 123})
    void fortyPanelsOutOfEightSheetsAreTheBestThereIs(int seed) {
        SheetTask task = SawnSheets.forty(seed % 100, seed > 100);
        SheetPlan plan = SOLVER.solve(task, Hurry.NONE);
        SawnSheets.saws(plan);
        assertThat(plan.goals().stream().filter(g -> g.aim() != Aim.LEFT)).allMatch(SheetPlan.Goal::isProven);
    }

    /** A scrap of other stuff, and one that is all knot, take nothing from what the others yield. */
    @Test
    void whatYieldsNothingChangesNothing() {
        SheetTask task = SawnSheets.forty(15, false);
        List<Blank> sheets = new ArrayList<>(task.sheets());
        sheets.add(sheet("ply", PLY, 400, 300, true));
        sheets.add(sheet("knotty", HARDBOARD, 400, 300, true, hole(0, 400, 0, 300)));
        List<Panel> panels = new ArrayList<>(task.panels());
        panels.add(panel("lid", PLY, 200, 150, 1));
        SheetPlan plan = SOLVER.solve(new SheetTask(panels, sheets, task.kerf()), Hurry.NONE);
        SawnSheets.saws(plan);
        assertThat(plan.made()).isEqualTo(41);
        assertThat(reached(plan, Aim.AREA)).isCloseTo(reached(SOLVER.solve(task, Hurry.NONE), Aim.AREA), within(1e-6));
        assertThat(plan.goals().stream().filter(g -> g.aim() != Aim.LEFT)).allMatch(SheetPlan.Goal::isProven);
    }

    /** Too many kinds and panels to look at all that can be yielded: prices tell the bound. */
    @Test
    void ofTooMuchToListTheBoundStillHolds() {
        List<Panel> panels = new ArrayList<>();
        for (int p = 0; p < 14; p++) {
            panels.add(panel("p" + p, HARDBOARD, 131 + 17 * p, 73 + 11 * p, 11));
        }
        long until = System.nanoTime() + 4_000_000_000L;
        SheetPlan plan = SOLVER.solve(
                new SheetTask(
                        panels,
                        List.of(
                                sheet("a", HARDBOARD, 1220, 610, false),
                                sheet("b", HARDBOARD, 1220, 610, false),
                                sheet("c", HARDBOARD, 1220, 610, false)),
                        mm(3.2)),
                () -> System.nanoTime() > until);
        SawnSheets.saws(plan);
        SheetPlan.Goal made = plan.goals().get(0);
        assertThat(made.reached()).isBetween(40.0, made.bound());
    }

    /** Panels made and area of whole sheets opened; sheets with flaws are left alone. */
    private static double[] shelves(SheetTask task) {
        double kerf = task.kerf().mm();
        List<Panel> each = new ArrayList<>();
        for (Panel panel : task.panels()) {
            for (int n = 0; n < panel.count(); n++) {
                each.add(panel);
            }
        }
        each.sort(Comparator.comparingDouble((Panel p) -> -p.across().mm()));
        List<Blank> sheets = new ArrayList<>(task.sheets());
        sheets.removeIf(s -> !s.defects().isEmpty());
        sheets.sort(Comparator.comparing((Blank s) -> !s.scrap())
                .thenComparingDouble(s -> s.length().mm() * s.width().mm()));
        int made = 0;
        double area = 0;
        for (Blank sheet : sheets) {
            double y = 0;
            double high = 0;
            double x = 0;
            int before = made;
            List<Panel> over = new ArrayList<>();
            for (Panel panel : each) {
                double l = panel.along().mm();
                double w = panel.across().mm();
                if (x + l > sheet.length().mm() || w > high) {
                    if (y + high + (high > 0 ? kerf : 0) + w > sheet.width().mm()
                            || l > sheet.length().mm()) {
                        over.add(panel);
                        continue;
                    }
                    y += high + (high > 0 ? kerf : 0);
                    high = w;
                    x = 0;
                }
                x += l + kerf;
                made++;
            }
            each = over;
            if (made > before && !sheet.scrap()) {
                area += sheet.length().mm() * sheet.width().mm();
            }
        }
        return new double[] {made, area};
    }
}
