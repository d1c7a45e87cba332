package canthook.panel;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.fingers.Layout;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.SeasonsChoice;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.wood.Air;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.junit.jupiter.api.Test;

class PanelWidthTest {
    private static PanelWidth panel(double now, double driest, double wettest, boolean unknown) {
        Worksheet sheet = new Worksheet("t");
        Worked humidity = sheet.table("h", "h", "", Show.PERCENT, 50, "", "");
        Year year = new Year(
                moisture(sheet, "now", now),
                unknown,
                moisture(sheet, "dry", driest),
                moisture(sheet, "wet", wettest),
                humidity,
                humidity,
                humidity,
                List.of(),
                List.of());
        return PanelWidth.of(
                sheet,
                new Stuff("pine-ponderosa", 0),
                "stuff",
                year,
                sheet.decided("opening", "o", "", Show.LAYOUT, mm(132), ""),
                sheet.decided("depth", "gd", "", Show.LAYOUT, mm(5), ""),
                sheet.decided("gap", "gap", "", Show.FIT, mm(0.2), ""),
                HouseRules.DEFAULT);
    }

    private static Worked moisture(Worksheet sheet, String name, double percent) {
        return sheet.table(name, "M", "", Show.MOISTURE, percent, "", "");
    }

    @Test
    void thePinePanelOfTheRule() {
        PanelWidth panel = panel(8, 6, 11.5, false);
        assertThat(panel.cut().length().mm()).isCloseTo(140.73, within(0.005));
        assertThat(panel.driest().length().mm()).isCloseTo(140.12, within(0.005));
        assertThat(panel.centred().length().mm()).isCloseTo(4.06, within(0.005));
        assertThat(panel.slid().length().mm()).isCloseTo(3.12, within(0.005));
    }

    @Test
    void theDayOfTheYearMovesThePanelBetweenTheTwo() {
        WorkedPlan worked = work(envelopeDrawer());
        PanelWidth panel = worked.bottom().across();
        assertThat(panel).isNotNull();
        assertThat(worked.bottomOn(0).orElseThrow().width().length().mm())
                .isCloseTo(panel.driest().length().mm(), within(1e-5));
        assertThat(worked.bottomOn(1).orElseThrow().width().length().mm())
                .isCloseTo(panel.widest().length().mm(), within(1e-5));
    }

    @Test
    void notKnowingTheMoistureCostsBothWays() {
        PanelWidth known = panel(8, 6, 11.5, false);
        PanelWidth unknown = panel(6, 6, 11.5, true);
        assertThat(unknown.cut().length()).isLessThan(known.cut().length());
        assertThat(unknown.slid().length()).isLessThan(known.slid().length());
    }

    @Test
    void aPanelWetterTodayThanItWillEverBeStillGoesInToday() {
        PanelWidth panel = panel(14, 6, 11.5, false);
        assertThat(panel.cut().length()).isEqualTo(mm(141.8));
        assertThat(panel.cut().length()).isLessThan(mm(132 + 2 * 5));
    }

    @Test
    void coldAndDampMayBeTheWetter() {
        BoxPlan shed = envelopeDrawer()
                .with(new SeasonsChoice(
                        SeasonsChoice.Known.METER,
                        12.0,
                        new Air(20, 45),
                        SeasonsChoice.Home.UNHEATED_SHED,
                        null,
                        null));
        Year year = work(shed).year();
        assertThat(year.wettest().number()).isGreaterThan(year.driest().number());
        assertThat(year.humidityWettest().number()).isEqualTo(85);
    }

    @Test
    void theWallWithTheSlotMayBeGroovedThroughItsMateMustStop() {
        Layout layout = new Layout(5, mm(10), mm(9.8), mm(49.4));
        List<GrooveEnd> ends = GrooveEnds.allRound(layout, new Groove(mm(6), mm(5), mm(12)));
        assertThat(ends).hasSize(8);
        assertThat(ends).filteredOn(e -> "AC".contains(e.part())).allMatch(e -> e.run() == Run.THROUGH);
        assertThat(ends).filteredOn(e -> "BD".contains(e.part())).allMatch(e -> e.run() == Run.STOP);
        assertThat(GrooveEnds.allRound(layout, new Groove(mm(6), mm(5), mm(2))))
                .filteredOn(e -> "AC".contains(e.part()))
                .allMatch(e -> e.run() == Run.STOP);
        assertThat(GrooveEnds.allRound(layout, new Groove(mm(6), mm(5), mm(7)))).allMatch(e -> e.run() == Run.SHOWS);
        List<GrooveEnd> lid = GrooveEnds.openAtFront(layout, new Groove(mm(6), mm(5), mm(12)));
        assertThat(lid).hasSize(6).filteredOn(e -> e.run() == Run.OPEN).hasSize(2);
    }

    @Test
    void aPanelThatHoldsTooLittleOffersOnlyWhatMendsIt() {
        BoxPlan wide = envelopeDrawer();
        BoxPlan plan = wide.with(wide.size().withFootprint(mm(600), mm(450)))
                .with(wide.bottom().withGroove(new Groove(mm(6), mm(4), mm(8))));
        Verdict verdict = verdict(plan, Code.ENGAGEMENT_SHORT, "bottom");
        assertThat(verdict.fixes())
                .isNotEmpty()
                .allSatisfy(fix -> assertThat(work(fix.after()).bottom().verdicts())
                        .extracting(Verdict::code)
                        .doesNotContain(Code.ENGAGEMENT_SHORT));
    }

    @Test
    void aStraddlingGrooveMovesToTheNearestClearHeight() {
        BoxPlan drawer = envelopeDrawer();
        BoxPlan plan = drawer.with(drawer.bottom().withGroove(new Groove(mm(6), mm(5), mm(5))));
        Verdict verdict = verdict(plan, Code.GROOVE_STRADDLES, "bottom");
        WorkedPlan mended = work(verdict.fixes().get(0).after());
        assertThat(mended.plan().bottom().groove().offset().mm()).isCloseTo(7.3292, within(5e-5));
        assertThat(mended.bottom().verdicts()).extracting(Verdict::code).doesNotContain(Code.GROOVE_STRADDLES);
    }

    @Test
    void aLidLineOffTheBoundaryIsMovedOntoIt() {
        BoxPlan drawer = envelopeDrawer();
        Verdict verdict = verdict(drawer, Code.LID_LINE_OFF, "lid");
        assertThat(verdict.fixes())
                .hasSize(2)
                .allSatisfy(fix ->
                        assertThat(work(fix.after()).lid().isOnBoundary()).isTrue());
    }

    @Test
    void aGrooveThroughTheWallStops() {
        BoxPlan drawer = envelopeDrawer();
        BoxPlan plan = drawer.with(drawer.bottom().withGroove(new Groove(mm(6), mm(12), mm(8))));
        assertThat(verdict(plan, Code.GROOVE_DEEPER_THAN_WALL, "bottom").weight())
                .isEqualTo(Verdict.Weight.STOP);
    }

    @Test
    void theLidRunsFromTheBacksGrooveOverTheLoweredFront() {
        var lid = work(envelopeDrawer()).lid();
        assertThat(lid.lidLine()).isNotNull();
        assertThat(lid.lidLine().length()).isEqualTo(mm(81.75));
        assertThat(lid.tongue()).isNotNull();
        assertThat(lid.tongue().length()).isEqualTo(mm(5.75));
        // 224 inside + 5 of groove + 12 of front − 0.5
        assertThat(lid.along()).isNotNull();
        assertThat(lid.along().length()).isEqualTo(mm(240.5));
        assertThat(lid.insideHeight()).isNotNull();
        assertThat(lid.insideHeight().length()).isEqualTo(mm(82 - 8 - 6));
    }

    private static Verdict verdict(BoxPlan plan, Code code, String station) {
        return work(plan).verdicts().stream()
                .filter(v -> v.code() == code && v.station().equals(station))
                .findFirst()
                .orElseThrow();
    }
}
