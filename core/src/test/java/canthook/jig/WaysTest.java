package canthook.jig;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.cutter.Cutter;
import canthook.fingers.ScrewPlans;
import canthook.fingers.ScrewPlans.ScrewPlan;
import canthook.fingers.ScrewPlans.Wanted;
import canthook.jig.Cut.Fence;
import canthook.jig.Cut.Stacked;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Check values of the ways of indexing, worked by hand, and what each of them refuses. */
class WaysTest {
    private static BoxPlan by(BoxPlan plan, Way way) {
        return plan.with(plan.jig().with(way));
    }

    private static Verdict verdict(WorkedPlan worked, Code code) {
        return worked.verdicts().stream()
                .filter(v -> v.code() == code)
                .findFirst()
                .orElseThrow();
    }

    private static boolean has(WorkedPlan worked, Code code) {
        return worked.verdicts().stream().anyMatch(v -> v.code() == code);
    }

    @Test
    void sixteenThreadsAnInchInQuarterTurnsReachFiveHundredthsAndStepsOfTheQuantum() {
        Screw screw = new Screw(mm(25.4 / 16), 1, 1, 4, null);
        Wanted wanted = new Wanted(mm(3.2), mm(0.2), mm(7.5), mm(0.12), mm(0.06), false, 60);
        assertThat(ScrewPlans.travel(screw, 1)).isEqualTo(new Length(396_875));
        assertThat(ScrewPlans.reachable(screw, wanted)).containsExactly(mm(-0.346875), mm(0.05), mm(0.446875));
        assertThat(ScrewPlans.best(screw, wanted)).noneMatch(ScrewPlan::inBand);
        assertThat(ScrewPlans.kerfFor(screw, wanted)).isEqualTo(mm(3.235));
        Wanted soft = new Wanted(mm(3.2), mm(0.2), mm(7.5), mm(0.06), mm(0.06), false, 60);
        ScrewPlan best = ScrewPlans.best(screw, soft).get(0);
        assertThat(best.inBand()).isTrue();
        assertThat(best.clearance()).isEqualTo(mm(0.05));
        // eleven steps are the nearest to 4.3 mm between first and last pass; 11 is prime and would take twelve passes,
        // ten are made in three
        assertThat(best.across()).isEqualTo(10);
        assertThat(best.t()).isEqualTo(5);
        assertThat(best.slot()).isEqualTo(mm(3.2 + 10 * 0.396875));
    }

    @Test
    void noPlanOfTheScrewIsBetterThanTheOneFound() {
        Screw screw = new Screw(mm(2), 30, 25, 8, null);
        Wanted wanted = new Wanted(mm(3.1), mm(0.2), mm(8.3), mm(0.12), mm(0.06), true, 60);
        ScrewPlan best = ScrewPlans.best(screw, wanted).get(0);
        double quantum = 2 * 30 / 25.0 / 8;
        double cheapest = Double.MAX_VALUE;
        for (int t = 1; t * quantum <= 2.9; t++) {
            for (int passes = 1; passes <= 40; passes++) {
                for (int u = 1; u < 80; u++) {
                    double slot = 3.1 + (passes - 1) * t * quantum;
                    double clearance = 6.2 - (u - (passes - 1) * t) * quantum;
                    boolean halfway = ((passes - 1) * t + u) % 2 == 0;
                    if (halfway && Math.abs(clearance - 0.12) <= 0.06) {
                        cheapest = Math.min(cheapest, passes + Math.abs(slot - 8.3) / 0.1);
                    }
                }
            }
        }
        assertThat(best.inBand()).isEqualTo(cheapest < Double.MAX_VALUE);
        if (best.inBand()) {
            assertThat(best.passes() + Math.abs(best.slot().mm() - 8.3) / 0.1).isLessThanOrEqualTo(cheapest + 1e-6);
        }
        assertThat(best.startsHalfway()).isTrue();
    }

    @Test
    void aScrewThatMissesTheBandOffersChangesThatReachIt() {
        BoxPlan plan = by(openDrawer(), Way.SCREW);
        plan = plan.with(plan.jig().with(new Screw(mm(25.4 / 16), 1, 1, 4, null)));
        Verdict misses = verdict(work(plan), Code.SCREW_MISSES_BAND);
        assertThat(misses.sentence()).contains("0.05").contains("0.45");
        assertThat(misses.fixes()).hasSizeGreaterThanOrEqualTo(3);
        misses.fixes()
                .forEach(fix -> assertThat(has(work(fix.after()), Code.SCREW_MISSES_BAND))
                        .as(fix.label())
                        .isFalse());
    }

    /** One layout: what is shown, printed and sawn is what the screw makes. */
    @Test
    void whatTheScrewGivesIsTheLayoutItself() {
        WorkedPlan worked = work(by(openDrawer(), Way.SCREW));
        ScrewSetting screw = (ScrewSetting) worked.jig().setting();
        Length slot = mm(3.2).plus(ScrewPlans.travel(screw.screw(), screw.plan().across()));
        assertThat(worked.number("fingers.slot").orElseThrow().length()).isEqualTo(slot);
        assertThat(worked.fingers().joint().layout().slot()).isEqualTo(slot);
        assertThat(worked.number("fingers.closing-height").orElseThrow().length())
                .isEqualTo(slot.times(13)
                        .minus(worked.fingers().chosen().clearance().length().times(7)));
        assertThat(worked.fingers().wall().length())
                .isEqualTo(worked.number("fingers.closing-height").orElseThrow().length());
        assertThat(has(worked, Code.SCREW_GIVES)).isTrue();
    }

    /** Kerf 3.2, lead 2, eighths: three passes that give 7.20 for 7.45, and not eighteen. */
    @Test
    void nearnessIsWeighedAgainstPasses() {
        Wanted wanted = new Wanted(mm(3.2), mm(0.2), mm(7.45), mm(0.12), mm(0.06), false, 60);
        Screw screw = new Screw(mm(2), 1, 1, 8, null);
        // eighths of 2 give clearances of 0.15 at the nearest
        ScrewPlan best = ScrewPlans.best(screw, wanted).get(0);
        assertThat(best.passes()).isEqualTo(3);
        assertThat(best.slot()).isEqualTo(mm(7.2));
        assertThat(ScrewPlans.best(screw, wanted)).hasSizeGreaterThan(2);
    }

    /** Lead 1.5875, gears 39:12, kerf 2.6: clearance 0.04. Tight, and some makers want it so. */
    @Test
    void outsideTheBandIsMindedAndOnlyWhatCannotCloseStops() {
        BoxPlan plan = by(openDrawer().with(openDrawer().fingers().withKerf(mm(2.6))), Way.SCREW);
        plan = plan.with(plan.jig().with(new Screw(mm(1.5875), 39, 12, 1, null)));
        Verdict tight = verdict(work(plan), Code.SCREW_MISSES_BAND);
        assertThat(tight.weight()).isEqualTo(Verdict.Weight.MIND);
        assertThat(tight.sentence()).contains("0.04").contains("mallet");
        BoxPlan coarse = plan.with(plan.jig().with(new Screw(mm(3), 1, 1, 1, null)));
        assertThat(verdict(work(coarse), Code.SCREW_MISSES_BAND).weight()).isEqualTo(Verdict.Weight.STOP);
    }

    @Test
    void turnsAreCountedAsTheCrankIsMarked() {
        assertThat(ScrewSetting.turns(27, 8)).isEqualTo("3 3/8 turns");
        assertThat(ScrewSetting.turns(4, 8)).isEqualTo("1/2 turn");
        assertThat(ScrewSetting.turns(8, 8)).isEqualTo("1 turn");
        assertThat(ScrewSetting.turns(0, 4)).isEqualTo("0 turns");
    }

    @Test
    void aScrewThatCannotTurnIsRefusedAtItsField() {
        assertThatThrownBy(() -> new Screw(mm(0), 1, 1, 4, null))
                .isInstanceOf(Refused.class)
                .hasFieldOrPropertyWithValue("field", "lead");
        assertThatThrownBy(() -> new Screw(mm(2), 0, 1, 4, null)).hasFieldOrPropertyWithValue("field", "driver");
        assertThatThrownBy(() -> new Screw(mm(2), 1, 0, 4, null)).hasFieldOrPropertyWithValue("field", "driven");
    }

    @Test
    void spacersAreTwiceTheSlotLessTheClearance() {
        // n 11 with an 8 mm bit, c 0.12: m 6, p 15.88; the farthest slot stands 5 pitches out
        WorkedPlan worked = work(by(bitBox(), Way.SPACERS));
        SpacerSetting spacers = (SpacerSetting) worked.jig().setting();
        assertThat(spacers.spacer().length()).isEqualTo(mm(15.88));
        assertThat(spacers.fence().length()).isEqualTo(mm(5 * 15.88));
        assertThat(spacers.odd().length()).isEqualTo(mm(8));
        Stacked first = (Stacked) worked.jig().cuts().get(0).where();
        assertThat(first).isEqualTo(new Stacked(0, mm(8), mm(0), mm(8)));
        BoxPlan shared = by(bitBox(), Way.SPACERS);
        shared = shared.with(shared.fingers().with(Sharing.CENTRED));
        assertThat(((SpacerSetting) work(shared).jig().setting()).odd().length())
                .isEqualTo(mm(7.94));
    }

    @Test
    void theShimIsTheKerfLessHalfTheClearanceAndChangesSides() {
        BoxPlan plan = by(openDrawer(), Way.BAND_SAW);
        plan = plan.with(plan.fingers().with(Sharing.CENTRED).withKerf(mm(1.2)).withSections(5));
        WorkedPlan worked = work(plan);
        BandSawSetting saw = (BandSawSetting) worked.jig().setting();
        assertThat(saw.shim().length()).isEqualTo(mm(1.2 - 0.06));
        assertThat(saw.settings().count()).isEqualTo(2);
        assertThat(worked.jig().cuts())
                .extracting(c -> c.end() + " " + ((Fence) c.where()).shim())
                .containsExactly(
                        "FINGER_FIRST false",
                        "FINGER_FIRST false",
                        "FINGER_FIRST true",
                        "FINGER_FIRST true",
                        "SLOT_FIRST true",
                        "SLOT_FIRST true",
                        "SLOT_FIRST false",
                        "SLOT_FIRST false");
    }

    @Test
    void dividersAreCorrectedByTheClosingErrorOverTheSteps() {
        BoxPlan plan = by(bitBox(), Way.HAND);
        HandSetting first = (HandSetting) work(plan).jig().setting();
        // by hand every height is made exactly
        int n = work(plan).fingers().chosen().sections().count();
        assertThat(first.dividers().length()).isEqualTo(mm(88).dividedBy(n));
        plan = plan.with(plan.jig().withClosingError(mm(2.2)));
        HandSetting after = (HandSetting) work(plan).jig().setting();
        assertThat(after.corrected().length()).isEqualTo(mm(88).dividedBy(n).minus(mm(2.2).dividedBy(n)));
        BoxPlan lost = plan.with(plan.jig().withClosingError(mm(30)));
        assertThat(has(work(lost), Code.CLOSING_ERROR_LARGE)).isTrue();
    }

    @Test
    void leavesStandOverTheZeroBlock() {
        BoxPlan plan = by(bitBox(), Way.SHIM_FENCE);
        plan = plan.with(plan.jig().with(new Leaves(mm(7.5), Leaves.USUAL, null)));
        Cut.OnKey on = (Cut.OnKey) work(plan).jig().cuts().get(0).where();
        // 7.88 − 7.50 = 0.38: within five thousandths no pair comes, so the nearest leaf does
        assertThat(on.leaves()).containsExactly(mm(0.4));
        BoxPlan open = plan.with(plan.jig().with(new Leaves(mm(8), Leaves.USUAL, null)));
        Verdict cannot = verdict(work(open), Code.FENCE_CANNOT_CLOSE);
        assertThat(has(work(cannot.fixes().get(0).after()), Code.FENCE_CANNOT_CLOSE))
                .isFalse();
    }

    @Test
    void aRodTooThickForTheSlotIsRefusedAndAKeyOffered() {
        BoxPlan plan = by(bitBox(), Way.ROD_KEY);
        plan = plan.with(plan.jig().withRod(mm(8.2)));
        Verdict wide = verdict(work(plan), Code.KEY_TOO_WIDE);
        assertThat(wide.weight()).isEqualTo(Verdict.Weight.STOP);
        assertThat(has(work(wide.fixes().get(0).after()), Code.KEY_TOO_WIDE)).isFalse();
    }

    @Test
    void aBitMustReachPastTheBase() {
        BoxPlan plan = by(bitBox(), Way.ROUTER_SLED);
        Cutter bit = new Cutter("bit-8", "8 mm bit", Cutter.Kind.BIT, mm(8), mm(8), null, "", mm(16), null, null, "");
        plan = plan.with(plan.fingers().with(bit))
                .with(plan.jig().with(Way.ROUTER_SLED).withBase(mm(9)));
        // slots are 7 and 0.4 deep: 16 − 9 leaves 7
        Verdict shortOf = verdict(work(plan), Code.REACH_SHORT);
        assertThat(shortOf.sentence()).contains("0.40 mm are missing");
        assertThat(has(work(shortOf.fixes().get(0).after()), Code.REACH_SHORT)).isFalse();
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void everyWaySaysHowItIsSetUpAndHowItsErrorsBehave(Way way) {
        BoxPlan plan = by(openDrawer(), way);
        plan = plan.with(plan.fingers().with(Sharing.CENTRED).withKerf(mm(1.2)));
        Setting setting = work(plan).jig().setting();
        assertThat(setting).isNotNull();
        assertThat(setting.card()).hasSizeGreaterThanOrEqualTo(5);
        assertThat(setting.errors()).endsWith(".");
        assertThat(work(plan).jig().line(plan.display()))
                .doesNotContain("cannot")
                .doesNotContain("waits");
    }

    @Test
    void unequalSectionsLeaveStopsAndHands() {
        BoxPlan plan = openDrawer();
        List<Length> widths = List.of(mm(20), mm(16), mm(24), mm(16), mm(20));
        plan = plan.with(plan.fingers().withWidths(widths));
        WorkedPlan worked = work(plan);
        assertThat(worked.jig().able()).containsExactly(Way.STOPS, Way.HAND);
        Verdict cannot = verdict(worked, Code.WAY_CANNOT);
        assertThat(cannot.sentence()).contains("needs equal sections");
        assertThat(cannot.fixes()).isNotEmpty();
        cannot.fixes()
                .forEach(fix -> assertThat(work(fix.after()).jig().setting())
                        .as(fix.label())
                        .isNotNull());
    }

    @Test
    void anEvenCountIsNoMatterForABandSaw() {
        BoxPlan plan = by(openDrawer(), Way.BAND_SAW);
        plan = plan.with(plan.fingers().with(Parity.EVEN));
        Verdict cannot = verdict(work(plan), Code.WAY_CANNOT);
        assertThat(cannot.sentence()).contains("odd count");
        assertThat(work(cannot.fixes().get(0).after()).jig().setting()).isNotNull();
    }

    @Test
    void aCoarseScaleIsMinded() {
        BoxPlan plan = by(openDrawer(), Way.STOPS);
        plan = plan.with(plan.jig().withResolution(mm(0.5)));
        Verdict coarse = verdict(work(plan), Code.SCALE_COARSE);
        assertThat(has(work(coarse.fixes().get(0).after()), Code.SCALE_COARSE)).isFalse();
        assertThat(new JigChoice(null).resolutionOrUsual()).isEqualTo(mm(0.1));
    }

    @Test
    void whatIsSetIsNeverRoundedToAShopFraction() {
        BoxPlan plan = by(openDrawer(), Way.STOPS).with(LengthDisplay.FRACTION_64);
        plan = plan.with(plan.jig().withResolution(mm(0.05)));
        WorkedPlan worked = work(plan);
        Cut second = worked.jig().cuts().get(1);
        String thousandths = String.format(Locale.ROOT, "%.3f", second.from().mm() / 25.4);
        assertThat(second.instruction()).contains(thousandths).doesNotContain("/");
        assertThat(worked.jig().place(second).number(plan.display())).isEqualTo(thousandths);
    }
}
