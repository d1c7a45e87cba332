package canthook.bottom;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.panel;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.Bottom;
import canthook.plan.Bottom.Grain;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Lowered;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is told of a bottom held in a groove: where each verdict begins, and what is offered against it. */
class CapturedBottomTest {
    private static BoxPlan bottom(BoxPlan plan, Stuff stuff, double thickness, Groove groove, boolean pinned) {
        return plan.with(new Bottom.Captured(stuff, mm(thickness), groove, Grain.ALONG_LENGTH, pinned, null, null));
    }

    private static Groove groove(double width, double depth, double offset) {
        return new Groove(mm(width), mm(depth), mm(offset));
    }

    private static List<Verdict> of(BoxPlan plan, Code code) {
        return work(plan).bottom().verdicts().stream()
                .filter(v -> v.code() == code)
                .toList();
    }

    /** A wide box with a shallow groove: at the driest its panel hardly holds. */
    private static BoxPlan wide(Stuff stuff, boolean pinned) {
        BoxPlan plan = openDrawer().with(openDrawer().size().withFootprint(mm(900), mm(700)));
        return bottom(plan, stuff, 6, groove(6, 4, 8), pinned);
    }

    private static List<String> offered(BoxPlan plan) {
        return of(plan, Code.ENGAGEMENT_SHORT).stream()
                .flatMap(v -> v.fixes().stream())
                .map(Fix::label)
                .toList();
    }

    @Test
    void aBoardOnTheQuarterIsNotOfferedTheQuarter() {
        assertThat(of(wide(new Stuff("maple-sugar", 90), false), Code.ENGAGEMENT_SHORT))
                .isNotEmpty();
        assertThat(offered(wide(new Stuff("maple-sugar", 90), false))).doesNotContain("Take a quarter-sawn board");
        BoxPlan some = bottom(
                openDrawer().with(openDrawer().size().withFootprint(mm(500), mm(260))),
                new Stuff("maple-sugar", 0),
                6,
                groove(6, 5, 8),
                false);
        assertThat(offered(some)).contains("Take a quarter-sawn board", "Pin it at its centre");
        BoxPlan almost = some.with(bottomOf(some).withStuff(new Stuff("maple-sugar", 89)));
        assertThat(of(almost, Code.ENGAGEMENT_SHORT)).isEmpty();
    }

    @Test
    void whatIsPinnedIsNotOfferedPins() {
        assertThat(of(wide(new Stuff("maple-sugar", 0), true), Code.ENGAGEMENT_SHORT))
                .isNotEmpty();
        assertThat(offered(wide(new Stuff("maple-sugar", 0), true))).doesNotContain("Pin it at its centre");
    }

    @Test
    void aTonguesPanelIsThickerThanItsGrooveAndNoThinnerOneIs() {
        BoxPlan open = openDrawer();
        WorkedPlan thick = work(bottom(open, new Stuff("pine-ponderosa", 0), 8, groove(6, 5, 8), false));
        assertThat(panel(thick, "bottom").tongue().length()).isEqualTo(mm(5.85));
        assertThat(thick.bottom().verdicts())
                .filteredOn(v -> v.code() == Code.PANEL_TONGUE)
                .singleElement()
                .extracting(Verdict::place)
                .isEqualTo("bottom.tongue");
        WorkedPlan even = work(bottom(open, new Stuff("pine-ponderosa", 0), 6, groove(6, 5, 8), false));
        assertThat(panel(even, "bottom").tongue().length()).isEqualTo(mm(6));
        assertThat(even.bottom().verdicts())
                .extracting(Verdict::code)
                .doesNotContain(Code.PANEL_TONGUE, Code.PANEL_RATTLES);
        WorkedPlan loose = work(bottom(open, new Stuff("pine-ponderosa", 0), 5.5, groove(6, 5, 8), false));
        assertThat(loose.bottom().verdicts())
                .filteredOn(v -> v.code() == Code.PANEL_RATTLES)
                .singleElement()
                .satisfies(v -> {
                    assertThat(v.place()).isEqualTo("bottom.thickness");
                    assertThat(v.sentence()).contains("0.50 mm");
                });
        assertThat(of(bottom(open, new Stuff("pine-ponderosa", 0), 5.6, groove(6, 5, 8), false), Code.PANEL_RATTLES))
                .as("four tenths of play are none")
                .isEmpty();
    }

    @Test
    void aGrooveThatLiesInOneSectionIsNotSaidToStraddle() {
        // 13 sections over 96: the slot-first part's first slot reaches to 7.45, the next finger to 14.78
        assertThat(of(
                        bottom(openDrawer(), new Stuff("pine-ponderosa", 0), 6, groove(6, 5, 8), false),
                        Code.GROOVE_STRADDLES))
                .isEmpty();
        assertThat(of(
                        bottom(openDrawer(), new Stuff("pine-ponderosa", 0), 6, groove(6, 5, 5), false),
                        Code.GROOVE_STRADDLES))
                .singleElement()
                .satisfies(v -> assertThat(v.fixes()).extracting(Fix::label).containsExactly("Raise it to 7.33 mm"));
    }

    @Test
    void aGrooveMustEndUnderTheLowestWallItRunsIn() {
        BoxPlan low = openDrawer().with(openDrawer().size().withLowered(new Lowered(Lowered.Which.FRONT, mm(29.4369))));
        assertThat(of(bottom(low, new Stuff("pine-ponderosa", 0), 6, groove(6, 5, 30), false), Code.GROOVE_OFF_WALL))
                .hasSize(1);
        assertThat(of(bottom(low, new Stuff("pine-ponderosa", 0), 6, groove(6, 5, 23), false), Code.GROOVE_OFF_WALL))
                .isEmpty();
    }

    @Test
    void itSaysInALineWhatToCut() {
        assertThat(work(openDrawer()).bottom().line(LengthDisplay.METRIC)).isEqualTo("panel 233.50 × 150.55");
        assertThat(work(openDrawer().with(bottomOf(openDrawer()).putAway()))
                        .bottom()
                        .line(LengthDisplay.METRIC))
                .isEqualTo("none");
    }

    @Test
    void wallsThatLeaveNoRoomHaveNoBottomBetweenThem() {
        BoxPlan solid = openDrawer().with(openDrawer().size().withFootprint(mm(248), mm(20)));
        assertThat(work(solid).panel("bottom")).isEmpty();
        assertThat(work(solid).walls().groove("bottom"))
                .as("the groove is asked all the same")
                .isPresent();
    }

    /** 12 thick in a groove of 6 at 6: it hangs level with the bottom edge, and 96 − 12 are left above it. */
    @Test
    void aPanelFlushBelowHangsFromItsTongue() {
        BoxPlan plan = bottom(openDrawer(), new Stuff("pine-ponderosa", 0), 12, groove(6, 4, 6), false);
        BoxPlan flush = plan.with(bottomOf(plan).with(Bottom.Lies.FLUSH));
        WorkedPlan worked = work(flush);
        assertThat(of(flush, Code.PANEL_NOT_FLUSH)).isEmpty();
        assertThat(worked.walls().floorHeight()).isEqualTo(mm(12));
        assertThat(work(plan).walls().floorHeight()).isEqualTo(mm(18));
        assertThat(number(worked, "bottom.shoulder-lower").mm()).isEqualTo(6);
        assertThat(number(worked, "bottom.tongue").mm()).isEqualTo(5.85);
        // on the wettest day the body is the running clearance narrower than the opening, whatever it is cut to today
        double cut = number(worked, "bottom.cut").mm();
        double body = cut - 2 * number(worked, "bottom.shoulder-across").mm();
        double wettest =
                panel(worked, "bottom").on(1, worked.year()).width().length().mm() / cut;
        double opening = worked.size().insideWidth().length().mm();
        assertThat(body * wettest)
                .isCloseTo(opening - HouseRules.DEFAULT.running().mm(), within(1e-6));
        assertThat(worked.steps()).anyMatch(s -> s.says().contains("lower edges 6"));
        // too thin to reach from the edge up through its groove: each fix mends it
        BoxPlan thin = flush.with(bottomOf(flush).withThickness(mm(10)));
        Verdict not = of(thin, Code.PANEL_NOT_FLUSH).get(0);
        assertThat(not.fixes()).hasSize(3);
        for (Fix fix : not.fixes()) {
            assertThat(of(fix.after(), Code.PANEL_NOT_FLUSH)).isEmpty();
        }
    }

    /** 6 of ply and 0.4 of paper are more than a groove of 6: a tongue of 6 − 0.15 − 0.4. */
    @Test
    void paperThatWrapsTheEdgeTakesRoomInTheGroove() {
        BoxPlan plan = bottom(openDrawer(), new Stuff("sheet-plywood", 0), 6, groove(6, 4, 8), false);
        assertThat(of(plan, Code.PANEL_TONGUE)).isEmpty();
        Bottom.Captured bare = bottomOf(plan);
        BoxPlan papered = plan.with(new Bottom.Captured(
                bare.stuff(),
                bare.thickness(),
                bare.groove(),
                bare.grain(),
                false,
                null,
                null,
                Bottom.Lies.ON_GROOVE,
                mm(0.4)));
        assertThat(of(papered, Code.PANEL_TONGUE)).hasSize(1);
        assertThat(number(work(papered), "bottom.tongue").mm()).isCloseTo(5.45, within(1e-9));
    }

    @Test
    void twoNarrowerBoardsAreOfferedWhereOneDoesNotHold() {
        BoxPlan plan = wide(new Stuff("maple-sugar", 90), true);
        assertThat(work(plan).verdicts().stream()
                        .filter(v -> v.code() == Code.ENGAGEMENT_SHORT)
                        .flatMap(v -> v.fixes().stream())
                        .map(Fix::label))
                .contains("Take two narrower boards, lapped");
    }

    private static Length number(WorkedPlan worked, String id) {
        return worked.numbers().stream()
                .filter(n -> n.id().equals(id))
                .findFirst()
                .orElseThrow()
                .length();
    }
}
