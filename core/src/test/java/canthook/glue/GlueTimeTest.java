package canthook.glue;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.fingers.Joint;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.GlueChoice;
import canthook.plan.GlueChoice.Glue;
import canthook.plan.GlueChoice.Spread;
import canthook.plan.Lowered;
import canthook.plan.SeasonsChoice;
import canthook.planner.GainedTime;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.verdict.Verdict.Code;
import canthook.wood.Air;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Whether the box is together before the glue sets. */
class GlueTimeTest {
    private static GlueUp worked(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults()).glue();
    }

    private static BoxPlan in(BoxPlan plan, double warm, double damp) {
        SeasonsChoice was = plan.seasons();
        return plan.with(new SeasonsChoice(
                was.known(), was.meter(), new Air(warm, damp), was.home(), was.one(), was.other(), was.weeks(), null));
    }

    /** Thirteen sections, 4 s a face, 180 s to close. */
    @ParameterizedTest
    @CsvSource({"ONE_MATE,1,192,372", "BOTH_MATES,1,384,564", "ONE_MATE,2,96,276", "BOTH_MATES,2,192,372"})
    void theCheckValues(Spread spread, int people, double spreading, double all) {
        GlueTime time = worked(openDrawer().with(GlueChoice.USUAL.with(spread).withPeople(people)))
                .time();
        assertThat(time.spreading().number()).isEqualTo(spreading);
        assertThat(time.all().number()).isEqualTo(all);
    }

    /** Half from 28 °C up, half from 30 % down, a quarter where it is both; a label is shortened by the air as well. */
    @ParameterizedTest
    @CsvSource({"20,50,300,600", "27.9,30.1,300,600", "28,50,150,300", "20,30,150,300", "35,20,75,150", "-5,80,300,600"
    })
    void warmAndDryAirShortenIt(double warm, double damp, double open, double total) {
        GlueTime time = worked(in(openDrawer(), warm, damp)).time();
        assertThat(time.open().number()).isEqualTo(open);
        assertThat(time.total().number()).isEqualTo(total);
        GlueTime label = worked(in(openDrawer().with(GlueChoice.USUAL.withOpen(10.0, 15.0)), warm, damp))
                .time();
        assertThat(label.open().number()).isEqualTo(open * 2);
        assertThat(label.total().number()).isEqualTo(open * 3);
    }

    /** Nothing is in hand when either runs out: what is spread first skins over, or the box is not square yet. */
    @Test
    void bothClocksCount() {
        BoxPlan both = openDrawer().with(GlueChoice.USUAL.with(Spread.BOTH_MATES));
        GlueUp tooLong = worked(both);
        assertThat(tooLong.time().inHand().number()).isEqualTo(300 - 384);
        assertThat(tooLong.verdicts()).extracting(v -> v.code()).contains(Code.GLUE_TOO_SHORT);
        GlueUp grabs = worked(openDrawer().with(GlueChoice.USUAL.withOpen(5.0, 6.0)));
        assertThat(grabs.time().inHand().number()).isEqualTo(360 - 372);
        assertThat(grabs.verdicts().get(0).sentence())
                .isEqualTo("The glue grabs before the box is square: 6:12 min, and it gives 6:00 min.");
        GlueUp corner = worked(openDrawer().with(GlueChoice.USUAL.withOpen(0.5, null)));
        assertThat(corner.verdicts().get(0).code()).isEqualTo(Code.GLUE_UNDER_A_CORNER);
    }

    @Test
    void aLowerFrontIsSpreadUpToItsLine() {
        BoxPlan low = openDrawer().with(openDrawer().size().withLowered(new Lowered(Lowered.Which.FRONT, mm(52))));
        WorkedPlan worked = Planner.work(low, Shop.withDefaults());
        int faces = 0;
        for (Joint.JointedCorner corner : worked.fingers().joint().corners()) {
            faces += worked.fingers().joint().faces(corner);
        }
        assertThat(faces).isLessThan(48);
        assertThat(worked.glue().time().spreading().number()).isEqualTo(faces * 4.0);
    }

    /** 48 faces of 12 × 12, 175 g on a square metre: 1.2 g on one mate. */
    @Test
    void gramsFollowTheArea() {
        assertThat(worked(openDrawer()).grams().number()).isCloseTo(48 * 144e-6 * 175, within(1e-9));
        assertThat(worked(openDrawer().with(GlueChoice.USUAL.with(Spread.BOTH_MATES)))
                        .grams()
                        .text(LengthDisplay.METRIC))
                .isEqualTo("2.4 g");
    }

    /** Written in inches the working comes to the same grams: 1550 square inches are a square metre. */
    @Test
    void theWorkingOfGramsHoldsInInches() {
        String formula = worked(openDrawer()).grams().withValues(LengthDisplay.DECIMAL_INCH);
        assertThat(formula).isEqualTo("48 · 0.4724 · 0.4724 / 1550 · 175 · 1");
        assertThat(48 * 0.4724 * 0.4724 / 1550 * 175).isCloseTo(48 * 144e-6 * 175, within(1e-3));
    }

    static Stream<AnyPlan> anyPlans() {
        return AnyPlan.seeds(4200, 150);
    }

    /** What a way to gain time is said to come to is what the plan with it comes to. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void everyWayToGainTimeComesToWhatItSays(AnyPlan any) {
        WorkedPlan worked = any.worked();
        double now = worked.glue().time().inHand().number();
        for (Quicker way : GainedTime.of(worked)) {
            GlueTime then = Planner.work(way.after(), any.shop()).glue().time();
            String about = any.seed() + ": " + way.says();
            assertThat(then.all().number()).as(about).isEqualTo(way.seconds());
            assertThat(then.inHand().number()).as(about).isEqualTo(way.inHand());
            assertThat(way.inHand()).as(about + " gains").isGreaterThanOrEqualTo(now);
        }
    }

    @Test
    void theHouseSaysHowFastAHandSpreads() {
        Shop slow = new Shop(
                HouseRules.DEFAULT.with(HouseRule.GLUE_PER_FACE, 6).with(HouseRule.CLOSE_AND_SQUARE, 300), List.of());
        assertThat(Planner.work(openDrawer(), slow).glue().time().all().number())
                .isEqualTo(48 * 6 + 300);
    }

    @Test
    void whatNoLabelSaysIsRefused() {
        assertThatThrownBy(() -> GlueChoice.USUAL.withOpen(10.0, 8.0))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("never shorter than the open time");
        assertThatThrownBy(() -> GlueChoice.USUAL.withOpen(0.0, null)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> GlueChoice.USUAL.withPeople(3)).isInstanceOf(Refused.class);
        assertThat(GlueChoice.USUAL.withOpen(9.0, null).with(Glue.SLOW_PVA).openMinutes())
                .as("another bottle, another label")
                .isNull();
    }

    /** Many tight sections of hard wood swell with the water of the glue; of soft wood, few, loose, or with epoxy they do not. */
    @Test
    void tightFingersOfHardWoodSeize() {
        BoxPlan tight = envelopeDrawer().with(envelopeDrawer().fingers().withClearance(mm(0.03)));
        assertThat(codes(tight)).contains(Code.GLUE_SEIZES);
        assertThat(codes(tight.with(GlueChoice.USUAL.with(Glue.SLOW_EPOXY)))).doesNotContain(Code.GLUE_SEIZES);
        assertThat(codes(envelopeDrawer().with(envelopeDrawer().fingers().withClearance(mm(0.05)))))
                .doesNotContain(Code.GLUE_SEIZES);
        BoxPlan soft = tight.with(new canthook.plan.Stuff("pine-ponderosa", 0));
        assertThat(codes(soft)).doesNotContain(Code.GLUE_SEIZES);
        assertThat(codes(soft.withEnds(new canthook.plan.Stuff("sheet-plywood", 0))))
                .contains(Code.GLUE_SEIZES);
        assertThat(codes(tight.with(tight.fingers().withSections(11)))).doesNotContain(Code.GLUE_SEIZES);
    }

    private static List<Code> codes(BoxPlan plan) {
        return worked(plan).verdicts().stream().map(v -> v.code()).toList();
    }
}
