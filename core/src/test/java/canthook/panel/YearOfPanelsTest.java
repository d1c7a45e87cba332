package canthook.panel;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.on;
import static canthook.SeedLibrary.panel;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.length.Length;
import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.SeasonsChoice;
import canthook.plan.SeasonsChoice.Home;
import canthook.plan.SeasonsChoice.Known;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.wood.Air;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Panels through the year: whatever the wood and the house, they neither burst the box nor fall out unsaid. */
class YearOfPanelsTest {

    private static BoxPlan living(Home home, Known known, double meter) {
        return envelopeDrawer()
                .with(new SeasonsChoice(known, meter, new Air(20, 50), home, new Air(18, 30), new Air(24, 75)));
    }

    private static PanelWidth bottom(WorkedPlan worked) {
        PanelWidth across = panel(worked, "bottom").across();
        assertThat(across).isNotNull();
        return across;
    }

    @ParameterizedTest
    @EnumSource(Home.class)
    void onNoDayIsThePanelWiderThanItMayEverBe(Home home) {
        for (double meter : new double[] {5, 8, 11, 14, 20}) {
            WorkedPlan worked = work(living(home, Known.METER, meter));
            PanelWidth panel = bottom(worked);
            Length room = panel.opening().length().plus(panel.depth().length().times(2));
            for (int day = 0; day <= 10; day++) {
                Length width = on(worked, "bottom", day / 10.0).width().length();
                assertThat(width)
                        .as("day " + day)
                        .isLessThanOrEqualTo(panel.widest().length().plus(new Length(2)));
            }
            assertThat(panel.cut().length()).as("goes in today").isLessThan(room);
        }
    }

    @ParameterizedTest
    @EnumSource(Home.class)
    void engagementSaidIsEngagementDrawn(Home home) {
        WorkedPlan worked = work(living(home, Known.METER, 9));
        PanelWidth panel = bottom(worked);
        double narrowest = Math.min(
                on(worked, "bottom", 0).width().length().mm(),
                panel.cut().length().mm());
        double opening = panel.opening().length().mm();
        double depth = panel.depth().length().mm();
        assertThat(panel.slid().length().mm()).isCloseTo(narrowest - opening - depth, within(1e-4));
        assertThat(panel.centred().length().mm()).isCloseTo((narrowest - opening) / 2, within(1e-4));
    }

    @ParameterizedTest
    @CsvSource({
        // wood, ring angle, movement of 157 mm from 8 to 12 %, worked with a pocket calculator from the formula
        "pine-ponderosa,0,1.3610",
        "pine-ponderosa,90,0.8404",
        "cherry-black,0,1.5643",
        "maple-bigleaf,0,1.5643",
        "beech-american,0,2.7297"
    })
    void movementOfAPanelByHand(String wood, double ringAngle, double movement) {
        Stuff stuff = new Stuff(wood, ringAngle);
        double shrinkage =
                ringAngle == 0 ? stuff.known().tangential() : stuff.known().radial();
        double byHand = 157 * 4 / (100 * 30 / shrinkage - 30 + 8);
        assertThat(byHand).isCloseTo(movement, within(0.02));
        BoxPlan plan =
                living(Home.OWN, Known.METER, 8).with(bottomOf(envelopeDrawer()).withStuff(stuff));
        WorkedPlan worked = work(plan);
        PanelWidth panel = bottom(worked);
        double m1 = worked.year().now().number();
        double m2 = worked.year().wettest().number();
        double expected = panel.widest().length().mm() / (1 + (m2 - m1) / (100 * 30 / shrinkage - 30 + m1));
        assertThat(panel.cut().length().mm()).isCloseTo(expected, within(1e-5));
    }

    @Test
    void sheetGoodsHardlyMoveAndMoveBothWays() {
        BoxPlan plan = living(Home.HEATED_HOUSE, Known.SHOP_AIR, 8)
                .with(bottomOf(envelopeDrawer()).withStuff(new Stuff("sheet-mdf", 0)));
        WorkedPlan worked = work(plan);
        // opening 142, grooves 5, gap 0.5 → 151.5 at 60 %, cut at 50 %: / (1 + 0.35 % × 10/60)
        assertThat(bottom(worked).cut().length().mm()).isCloseTo(151.5 / (1 + 0.0035 * 10 / 60), within(1e-4));
        assertThat(panel(worked, "bottom").along()).isNotNull();
        assertThat(panel(worked, "bottom").along().length().mm())
                .isCloseTo(233.5 / (1 + 0.0035 * 10 / 60), within(1e-4));
    }

    @Test
    void grainAlongTheWidthTurnsThePanel() {
        Bottom.Captured bottom = bottomOf(envelopeDrawer());
        BoxPlan plan = envelopeDrawer()
                .with(new Bottom.Captured(
                        bottom.stuff(),
                        bottom.thickness(),
                        bottom.groove(),
                        Bottom.Grain.ALONG_WIDTH,
                        false,
                        null,
                        null));
        WorkedPlan worked = work(plan);
        assertThat(bottom(worked).opening().length()).isEqualTo(mm(224));
        assertThat(panel(worked, "bottom").along()).isNotNull();
        // 142 + 2 × 5 − 0.5
        assertThat(panel(worked, "bottom").along().length()).isEqualTo(mm(151.5));
    }

    @Test
    void theGapIsNeverLessThanWhatAMeterCanMiss() {
        BoxPlan drawer = envelopeDrawer();
        BoxPlan wide = drawer.with(drawer.size().withFootprint(mm(700), mm(500)));
        PanelWidth panel = bottom(work(wide));
        double room = 500 - 24 + 10;
        assertThat(panel.gap().length().mm())
                .isCloseTo(room / (100 * 30 / 6.2 - 30 + 8), within(1e-4))
                .isGreaterThan(0.5);
        assertThat(bottom(work(drawer)).gap().length()).isEqualTo(mm(0.5));
    }

    @Test
    void aPinnedPanelIsJudgedCentred() {
        BoxPlan drawer = envelopeDrawer();
        BoxPlan plan = drawer.with(drawer.size().withFootprint(mm(600), mm(420)))
                .with(bottomOf(drawer).withGroove(new Groove(mm(6), mm(5), mm(8))));
        assertThat(work(plan).bottom().verdicts()).extracting(Verdict::code).contains(Code.ENGAGEMENT_SHORT);
        assertThat(work(plan.with(bottomOf(plan).withPinned(true))).bottom().verdicts())
                .extracting(Verdict::code)
                .doesNotContain(Code.ENGAGEMENT_SHORT);
    }

    @Test
    void whatIsNotKnownIsFlaggedAndCostsWidth() {
        WorkedPlan known = work(living(Home.HEATED_HOUSE, Known.METER, 9));
        WorkedPlan unknown = work(living(Home.HEATED_HOUSE, Known.UNKNOWN, 9));
        assertThat(unknown.verdicts()).extracting(Verdict::code).contains(Code.MOISTURE_UNKNOWN);
        assertThat(bottom(unknown).cut().length())
                .isLessThan(bottom(known).cut().length());
    }

    @Test
    void moistureOverSaturationIsMinded() {
        assertThat(work(living(Home.TEMPERATE_HOUSE, Known.METER, 34)).verdicts())
                .extracting(Verdict::code)
                .contains(Code.MOISTURE_OVER_SATURATION);
    }

    @Test
    void oneClimateAllYearIsNoted() {
        BoxPlan still = envelopeDrawer()
                .with(new SeasonsChoice(Known.METER, 9.0, new Air(20, 50), Home.OWN, new Air(20, 50), new Air(20, 50)));
        assertThat(work(still).verdicts()).extracting(Verdict::code).contains(Code.SAME_CLIMATE);
    }

    @Test
    void whenNothingIsKnownTheDrawingShowsTheHoldThatIsJudged() {
        WorkedPlan unknown = work(living(Home.HEATED_HOUSE, Known.UNKNOWN, 9));
        PanelDay driest = on(unknown, "bottom", 0);
        assertThat(driest.held().length()).isEqualTo(bottom(unknown).slid().length());
        WorkedPlan known = work(living(Home.HEATED_HOUSE, Known.METER, 9));
        assertThat(on(known, "bottom", 0).held().length())
                .isEqualTo(bottom(known).slid().length());
        assertThat(on(known, "bottom", 1).gap().length())
                .isEqualTo(bottom(known).gap().length());
    }

    @Test
    void aPinnedPanelSharesItsGap() {
        BoxPlan drawer = living(Home.TEMPERATE_HOUSE, Known.METER, 9);
        PanelDay loose = on(work(drawer), "bottom", 0.4);
        PanelDay pinned = on(work(drawer.with(bottomOf(drawer).withPinned(true))), "bottom", 0.4);
        assertThat(pinned.width())
                .extracting(w -> w.length())
                .isEqualTo(loose.width().length());
        assertThat(pinned.gap()
                        .length()
                        .times(2)
                        .minus(loose.gap().length())
                        .abs()
                        .nanometres())
                .isLessThanOrEqualTo(1);
    }
}
