package canthook.sheets;

import static canthook.sheets.SawnSheets.HARDBOARD;
import static canthook.sheets.SawnSheets.PLY;
import static canthook.sheets.SawnSheets.hole;
import static canthook.sheets.SawnSheets.mm;
import static canthook.sheets.SawnSheets.panel;
import static canthook.sheets.SawnSheets.sheet;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.board.Blank;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.planner.WorkedPlan;
import canthook.sheets.PanelsWanted.Other;
import canthook.sheets.SheetCuts.Setting;
import canthook.sheets.SheetCuts.Stage;
import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.SheetTask.Panel;
import canthook.sheets.exact.ExactSheets;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What boxes want out of sheets, the order of cuts, and how a plan is told. */
class PanelsWantedTest {
    private static final SheetSolver SOLVER = new ExactSheets();

    private static SheetPlan plan(List<Panel> panels, Blank... sheets) {
        return SOLVER.solve(new SheetTask(panels, List.of(sheets), mm(3.2)), Hurry.NONE);
    }

    private static SheetRead read(SheetPlan plan) {
        return SheetRead.of(plan, LengthDisplay.METRIC, SOLVER, Hurry.NONE);
    }

    private static Worked number(SheetRead read, String id) {
        return read.numbers().stream()
                .filter(n -> n.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static Stream<AnyPlan> plans() {
        return AnyPlan.seeds(52_000, 200);
    }

    /** Count and size as the cut list tells them, whatever bottom, lid and fittings there are. */
    @ParameterizedTest
    @MethodSource("plans")
    void everyPieceOfEveryBoxIsWantedOnce(AnyPlan any) {
        WorkedPlan box = any.worked();
        List<Panel> all = new PanelsWanted(box, 3, List.of(new Other(box, 2)), List.of()).all();
        int pieces = box.pieces().stream()
                .filter(p ->
                        p.along().length().isPositive() && p.across().length().isPositive())
                .mapToInt(CutPiece::count)
                .sum();
        assertThat(all.stream().mapToInt(Panel::count).sum()).isEqualTo(5 * pieces);
        for (Panel panel : all) {
            assertThat(box.pieces())
                    .anyMatch(p -> p.along().length().equals(panel.along())
                            && p.across().length().equals(panel.across())
                            && p.wood().equals(panel.wood()));
        }
    }

    @Test
    void whatWasCutIsNotWantedAgainUnlessItsSizeChanged() {
        WorkedPlan box = AnyPlan.of(52_003).worked();
        PanelsWanted fresh = new PanelsWanted(box, 4, List.of(), List.of());
        Panel first = fresh.all().get(0);
        Panel longer = new Panel(
                first.box(),
                first.name(),
                first.wood(),
                first.along().plus(mm(0.1)),
                first.across(),
                first.thickness(),
                2);
        PanelsWanted some = new PanelsWanted(box, 4, List.of(), List.of(first.times(1), first.times(2), longer));
        assertThat(some.left().get(0).count()).isEqualTo(first.count() - 3);
        PanelsWanted done = new PanelsWanted(box, 4, List.of(), List.of(first.times(99)));
        assertThat(done.done(first)).isEqualTo(first.count());
        assertThat(done.left()).doesNotContain(first);
    }

    /** 610 × 305: one rip at 140; four pieces of 150, of which the last stands 0.4 over and is cut too; no trim is left. */
    @Test
    void theCutsOfTheCheckValue() {
        SheetPlan plan = plan(List.of(panel("bottom", HARDBOARD, 150, 140, 4)), sheet("s", HARDBOARD, 610, 305, false));
        assertThat(SheetCuts.of(plan.opened().get(0), mm(3.2)))
                .containsExactly(
                        new Setting(Stage.RIP, mm(140), 1, false), new Setting(Stage.CROSSCUT, mm(150), 4, false));
        SheetRead read = read(plan);
        assertThat(number(read, "sheets.left-width").length().mm()).isEqualTo(161.8);
        assertThat(number(read, "sheets.area").value().number()).isEqualTo(610 * 305);
        assertThat(read.verdicts()).extracting(Verdict::code).doesNotContain(Verdict.Code.PANELS_INCOMPLETE);
    }

    /** Where nothing is left beyond a piece there is no cut; what lies between two pieces for a flaw's sake is cut away. */
    @Test
    void aPieceThatEndsAtTheEdgeIsNotCutThereAndAFlawIsCutAway() {
        SheetPlan whole = plan(List.of(panel("bottom", PLY, 300, 200, 1)), sheet("s", PLY, 300, 200, false));
        assertThat(SheetCuts.of(whole.opened().get(0), mm(3.2))).isEmpty();
        SheetPlan flawed = plan(
                List.of(panel("bottom", PLY, 280, 305, 2)), sheet("s", PLY, 600, 305, false, hole(290, 310, 0, 305)));
        assertThat(SheetCuts.of(flawed.opened().get(0), mm(3.2)))
                .containsExactly(
                        new Setting(Stage.CROSSCUT, mm(280), 2, false),
                        new Setting(Stage.CROSSCUT, mm(310 - 280 - 3.2 - 3.2), 1, true));
        assertThat(flawed.made()).isEqualTo(2);
    }

    @Test
    void whatToBuyIsToldAndWouldDo() {
        List<Panel> panels = List.of(panel("bottom", PLY, 500, 290, 5));
        SheetPlan plan = plan(panels, sheet("s", PLY, 610, 305, false));
        SheetRead read = read(plan);
        SheetRead.SheetsWanting wanting = read.wanting();
        assertThat(wanting).isNotNull();
        assertThat(read.verdicts().get(0).sentence()).contains("4 × bottom").contains("One more of");
        SheetPlan more = plan(
                panels,
                sheet("s", PLY, 610, 305, false),
                sheet("b", PLY, wanting.length().mm(), wanting.width().mm(), false));
        assertThat(more.isComplete()).isTrue();
    }

    @Test
    void scrapsGoBackInTheirOwnSizeAndKindlingDoesNot() {
        SheetPlan plan = plan(List.of(panel("bottom", HARDBOARD, 150, 140, 4)), sheet("s", HARDBOARD, 610, 305, false));
        List<Blank> scraps = SheetScraps.of(plan.opened().get(0));
        assertThat(scraps).hasSize(1);
        assertThat(scraps.get(0).scrap()).isTrue();
        assertThat(scraps.get(0).width().mm()).isEqualTo(161.8);
        assertThat(scraps.get(0).wood()).isEqualTo(HARDBOARD.id());
    }
}
