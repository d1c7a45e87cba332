package canthook.panel;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.on;
import static canthook.SeedLibrary.slidingLid;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.SeedLibrary;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.Groove;
import canthook.plan.SeasonsChoice;
import canthook.plan.SizeWish;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.verdict.Fix;
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
                PanelWidth.Seat.GROOVE,
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
        PanelWidth panel = SeedLibrary.panel(worked, "bottom").across();
        assertThat(panel).isNotNull();
        assertThat(on(worked, "bottom", 0).width().length().mm())
                .isCloseTo(panel.driest().length().mm(), within(1e-5));
        assertThat(on(worked, "bottom", 1).width().length().mm())
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
        // five sections of 10, fingers 9.8: A and C are finger-first
        BoxPlan five = envelopeDrawer()
                .with(envelopeDrawer().size().withHeight(mm(49.4)))
                .with(new FingerChoice(5, "cutter", mm(3), mm(0.2), mm(0), mm(0)));
        List<GrooveEnd> ends = ends(five, 12);
        assertThat(ends).hasSize(8);
        assertThat(ends).filteredOn(e -> e.end().part().isSide()).allMatch(e -> e.run() == Run.THROUGH);
        assertThat(ends).filteredOn(e -> e.end().part().isEnd()).allMatch(e -> e.run() == Run.STOP);
        assertThat(ends(five, 2)).filteredOn(e -> e.end().part().isSide()).allMatch(e -> e.run() == Run.STOP);
        assertThat(ends(five, 7)).allMatch(e -> e.run() == Run.SHOWS);
        assertThat(SeedLibrary.panel(work(envelopeDrawer()), "lid").ends())
                .hasSize(6)
                .filteredOn(e -> e.run() == Run.OPEN)
                .extracting(e -> e.end().toString())
                .containsExactly("A2", "C1");
    }

    private static List<GrooveEnd> ends(BoxPlan plan, double offset) {
        return SeedLibrary.panel(
                        work(plan.with(bottomOf(plan).withGroove(new Groove(mm(6), mm(5), mm(offset))))), "bottom")
                .ends();
    }

    @Test
    void wallsOfTwoThicknessesStopTheirGroovesAtTwoPlaces() {
        BoxPlan plan = envelopeDrawer();
        plan = plan.with(new SizeWish(
                        SizeWish.From.OUTSIDE,
                        mm(300),
                        mm(200),
                        mm(96),
                        mm(9),
                        SizeWish.Tips.SAND,
                        null,
                        mm(12),
                        null,
                        null,
                        null))
                .with(bottomOf(plan).withGroove(new Groove(mm(4.5), mm(4.5), mm(1))));
        assertThat(SeedLibrary.panel(work(plan), "bottom").ends())
                .filteredOn(e -> e.run() == Run.STOP)
                .isNotEmpty()
                .allSatisfy(e ->
                        assertThat(e.stopAt().length()).isEqualTo(e.end().part().isSide() ? mm(7.5) : mm(4.5)));
    }

    @Test
    void aPanelThatHoldsTooLittleOffersOnlyWhatMendsIt() {
        BoxPlan wide = envelopeDrawer();
        BoxPlan plan = wide.with(wide.size().withFootprint(mm(600), mm(450)))
                .with(bottomOf(wide).withGroove(new Groove(mm(6), mm(4), mm(8))));
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
        BoxPlan plan = drawer.with(bottomOf(drawer).withGroove(new Groove(mm(6), mm(5), mm(5))));
        Verdict verdict = verdict(plan, Code.GROOVE_STRADDLES, "bottom");
        WorkedPlan mended = work(verdict.fixes().get(0).after());
        assertThat(bottomOf(mended.plan()).groove().offset().mm()).isCloseTo(7.3292, within(5e-5));
        assertThat(mended.bottom().verdicts()).extracting(Verdict::code).doesNotContain(Code.GROOVE_STRADDLES);
    }

    @Test
    void aLidLineOffTheBoundaryIsMovedOntoIt() {
        BoxPlan drawer = envelopeDrawer();
        Verdict verdict = verdict(drawer, Code.LID_LINE_OFF, "lid");
        assertThat(verdict.fixes())
                .hasSize(2)
                .allSatisfy(fix ->
                        assertThat(slidingLid(work(fix.after())).isOnBoundary()).isTrue());
    }

    @Test
    void aGrooveThroughTheWallStops() {
        BoxPlan drawer = envelopeDrawer();
        BoxPlan plan = drawer.with(bottomOf(drawer).withGroove(new Groove(mm(6), mm(12), mm(8))));
        assertThat(verdict(plan, Code.GROOVE_DEEPER_THAN_WALL, "bottom").weight())
                .isEqualTo(Verdict.Weight.STOP);
    }

    @Test
    void theLidRunsFromTheBacksGrooveOverTheLoweredFront() {
        var lid = slidingLid(work(envelopeDrawer()));
        assertThat(lid.lidLine().length()).isEqualTo(mm(81.75));
        assertThat(lid.held().tongue().length()).isEqualTo(mm(5.75));
        // 224 inside + 5 of groove + 12 of front − 0.5
        assertThat(lid.held().along().length()).isEqualTo(mm(240.5));
        assertThat(lid.insideHeight().length()).isEqualTo(mm(82 - 8 - 6));
    }

    private static Verdict verdict(BoxPlan plan, Code code, String station) {
        return work(plan).verdicts().stream()
                .filter(v -> v.code() == code && v.station().equals(station))
                .findFirst()
                .orElseThrow();
    }

    private static BoxPlan of(Stuff stuff, boolean pinned, SeasonsChoice seasons) {
        BoxPlan plan = envelopeDrawer();
        return plan.with(new Bottom.Captured(
                        stuff, mm(6), bottomOf(plan).groove(), Bottom.Grain.ALONG_LENGTH, pinned, null, null))
                .with(seasons);
    }

    private static String rule(WorkedPlan worked, String id) {
        return worked.number(id).orElseThrow().rule();
    }

    @Test
    void boardsAreToldByTheirMoistureAndSheetGoodsByTheAir() {
        WorkedPlan board = work(envelopeDrawer());
        assertThat(on(board, "bottom", 0.5).air().label()).isEqualTo("Moisture this day");
        assertThat(on(board, "bottom", 0.5).air().number())
                .isCloseTo(
                        (board.year().driest().number() + board.year().wettest().number()) / 2, within(1e-9));
        WorkedPlan ply =
                work(of(new Stuff("sheet-plywood", 0), false, envelopeDrawer().seasons()));
        PanelDay day = on(ply, "bottom", 0.5);
        assertThat(day.air().label()).isEqualTo("Humidity this day");
        assertThat(day.air().number())
                .isCloseTo(
                        (ply.year().humidityDriest().number()
                                        + ply.year().humidityWettest().number())
                                / 2,
                        within(1e-9));
        assertThat(rule(ply, "bottom.gap")).isEqualTo("House rule: the least gap.");
        assertThat(rule(board, "bottom.gap")).contains("movement for 1 %");
        // plywood hardly moves: under a tenth of what the pine does
        double pine = on(board, "bottom", 1).width().length().mm()
                - on(board, "bottom", 0).width().length().mm();
        double sheet = on(ply, "bottom", 1).width().length().mm()
                - on(ply, "bottom", 0).width().length().mm();
        assertThat(sheet).isPositive().isLessThan(pine / 4);
    }

    @Test
    void aPinnedPanelSharesItsGapAndIsJudgedCentred() {
        SeasonsChoice seasons = envelopeDrawer().seasons();
        PanelDay slid = on(work(of(new Stuff("pine-ponderosa", 0), false, seasons)), "bottom", 0);
        PanelDay pinned = on(work(of(new Stuff("pine-ponderosa", 0), true, seasons)), "bottom", 0);
        assertThat(pinned.gap().length()).isEqualTo(slid.gap().length().dividedBy(2));
        assertThat(pinned.held().length()).isEqualTo(mm(5).minus(pinned.gap().length()));
        assertThat(pinned.gap().rule()).contains("shared by both sides");
        assertThat(slid.gap().rule()).contains("slid to the other side");
        // 500 × 300: slid to one side it hardly holds, pinned it does
        BoxPlan wide = envelopeDrawer().with(envelopeDrawer().size().withFootprint(mm(500), mm(300)));
        assertThat(work(wide).bottom().verdicts()).extracting(Verdict::code).contains(Code.ENGAGEMENT_SHORT);
        BoxPlan held = wide.with(bottomOf(wide).withPinned(true));
        assertThat(work(held).bottom().verdicts()).extracting(Verdict::code).doesNotContain(Code.ENGAGEMENT_SHORT);
        BoxPlan widest = held.with(held.size().withFootprint(mm(900), mm(900)));
        assertThat(verdict(widest, Code.ENGAGEMENT_SHORT, "bottom").sentence()).contains("each side");
        assertThat(verdict(wide, Code.ENGAGEMENT_SHORT, "bottom").sentence()).contains("if it slid to one side");
    }

    @Test
    void whatNeverGetsWetterOrDrierThanTodayDoesNotMoveThatWay() {
        assertThat(panel(11.5, 6, 11.5, false).byWetness().number()).isZero();
        assertThat(panel(11.5, 6, 11.5, false).byWetness().rule()).isEqualTo("It will never be wetter than today.");
        assertThat(panel(6, 6, 11.5, false).byDryness().number()).isZero();
        assertThat(panel(6, 6, 11.5, false).byDryness().rule()).isEqualTo("It will never be drier than today.");
        assertThat(panel(8, 6, 11.5, false).byDryness().label()).isEqualTo("Change, today to the driest");
        assertThat(panel(8, 6, 11.5, true).byDryness().label()).isEqualTo("Change, the wettest to the driest");
    }

    @Test
    void theWallLeftIsTheThinnerOfSidesAndEnds() {
        for (boolean thinSides : new boolean[] {true, false}) {
            BoxPlan plan = envelopeDrawer();
            plan = plan.with(new SizeWish(
                    SizeWish.From.OUTSIDE,
                    mm(300),
                    mm(200),
                    mm(96),
                    mm(thinSides ? 9 : 12),
                    SizeWish.Tips.SAND,
                    null,
                    mm(thinSides ? 12 : 9),
                    null,
                    null,
                    null));
            plan = plan.with(bottomOf(plan).withGroove(new Groove(mm(6), mm(8), mm(8))));
            Verdict thin = verdict(plan, Code.WALL_LEFT_THIN, "bottom");
            assertThat(thin.sentence()).contains("Only 1.00 mm");
            assertThat(thin.place()).isEqualTo(thinSides ? "bottom.stop-at-ends" : "bottom.stop-at");
        }
        assertThat(work(envelopeDrawer()).number("bottom.stop-at-ends")).isEmpty();
        assertThat(work(envelopeDrawer()).number("bottom.stop-at").orElseThrow().label())
                .isEqualTo("Stopped groove ends, from the finished end");
    }

    @Test
    void aGrooveAsDeepAsMayBeIsNotOfferedDeeper() {
        BoxPlan wide = envelopeDrawer().with(envelopeDrawer().size().withFootprint(mm(900), mm(700)));
        BoxPlan deep = wide.with(bottomOf(wide).withGroove(new Groove(mm(6), mm(6), mm(8))));
        assertThat(verdict(deep, Code.ENGAGEMENT_SHORT, "bottom").fixes())
                .extracting(Fix::label)
                .noneMatch(label -> label.startsWith("Cut the groove"));
        BoxPlan shallow = envelopeDrawer().with(envelopeDrawer().size().withFootprint(mm(400), mm(270)));
        shallow = shallow.with(bottomOf(shallow).withGroove(new Groove(mm(6), mm(4), mm(8))));
        assertThat(verdict(shallow, Code.ENGAGEMENT_SHORT, "bottom").fixes())
                .extracting(Fix::label)
                .contains("Cut the groove 6.0 mm deep");
    }

    @Test
    void aGrooveThroughTheWallSaysNothingElseOfItself() {
        BoxPlan drawer = envelopeDrawer();
        BoxPlan plan = drawer.with(bottomOf(drawer).withGroove(new Groove(mm(6), mm(12), mm(5))));
        assertThat(work(plan).bottom().verdicts())
                .extracting(Verdict::code)
                .containsExactly(Code.GROOVE_DEEPER_THAN_WALL);
    }
}
