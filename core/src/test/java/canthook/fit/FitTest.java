package canthook.fit;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.cutter.Cutter;
import canthook.fit.Fit.Direction;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class FitTest {
    private static List<Length> lengths(double... readings) {
        return Arrays.stream(readings).mapToObj(Length::mm).toList();
    }

    private static TestCut cut(List<Length> slots, List<Length> fingers, Double moved) {
        return new TestCut("2026-03-02T10:00:00Z", slots, fingers, moved == null ? null : mm(moved));
    }

    private static WorkedPlan with(TestCut... cuts) {
        return Planner.work(bitBox(), new Shop(HouseRules.DEFAULT, new ArrayList<>(List.of(cuts))));
    }

    private static Fit.Reading reading(TestCut... cuts) {
        Fit.Reading reading = with(cuts).fit().reading();
        assertThat(reading).isNotNull();
        return reading;
    }

    @Test
    void looseMeansAwayByTheWholeDifference() {
        Fit.Reading reading = reading(cut(lengths(8.02), lengths(7.81), null));
        assertThat(reading.clearance().length()).isEqualTo(mm(0.21));
        assertThat(reading.move().length()).isEqualTo(mm(0.09));
        assertThat(reading.direction()).isEqualTo(Direction.AWAY);
        assertThat(reading.nextSlot().length()).isEqualTo(mm(8.02));
        assertThat(reading.nextFinger().length()).isEqualTo(mm(7.90));
        // n·s − m·c: 11 × 8.02 − 6 × 0.21, and six fingers each 0.09 wider after the move
        assertThat(reading.closing().length()).isEqualTo(mm(86.96));
        assertThat(reading.closingAfter().length()).isEqualTo(mm(87.50));
    }

    @Test
    void tightMeansTowards() {
        Fit.Reading reading = reading(cut(lengths(8.00), lengths(7.98), null));
        assertThat(reading.direction()).isEqualTo(Direction.TOWARDS);
        assertThat(reading.move().length()).isEqualTo(mm(-0.10));
        assertThat(reading.nextFinger().length()).isEqualTo(mm(7.88));
    }

    @Test
    void aMoveTheCaliperCannotSeeIsNotAsked() {
        WorkedPlan worked = with(cut(lengths(8.00), lengths(7.87), null));
        assertThat(worked.verdicts())
                .extracting(v -> v.code())
                .contains(Code.FIT_SETTLED)
                .doesNotContain(Code.CORRECT_THE_FIT);
    }

    @Test
    void readingsThatScatterAskForMeasuringAgain() {
        WorkedPlan worked = with(cut(lengths(7.97, 8.03), lengths(7.82, 7.88), null));
        assertThat(worked.verdicts()).extracting(v -> v.code()).contains(Code.MEASURE_AGAIN);
    }

    @Test
    void aFingerThatDidNotFollowTheKeyIsSaidInsteadOfAnotherMove() {
        TestCut first = cut(lengths(8.00), lengths(7.76), null);
        assertThat(with(first, cut(lengths(8.00), lengths(7.76), 0.12)).verdicts())
                .extracting(v -> v.code())
                .contains(Code.DID_NOT_FOLLOW)
                .doesNotContain(Code.CORRECT_THE_FIT);
        assertThat(with(first, cut(lengths(8.00), lengths(7.87), 0.12)).verdicts())
                .extracting(v -> v.code())
                .doesNotContain(Code.DID_NOT_FOLLOW);
    }

    @Test
    void aSlotUnlikeTheKerfOffersToUpdateTheCutter() {
        WorkedPlan worked = with(cut(lengths(8.05), lengths(7.93), null));
        assertThat(worked.verdicts())
                .filteredOn(v -> v.code() == Code.KERF_DIFFERS)
                .singleElement()
                .satisfies(v ->
                        assertThat(v.fixes().get(0).after().fingers().kerf()).isEqualTo(mm(8.05)));
        assertThat(with(cut(lengths(8.03), lengths(7.91), null)).verdicts())
                .extracting(v -> v.code())
                .doesNotContain(Code.KERF_DIFFERS);
    }

    @Test
    void readingsTheWrongWayRoundAreQuestioned() {
        assertThat(with(cut(lengths(3.2), lengths(8), null)).verdicts())
                .extracting(v -> v.code())
                .contains(Code.READINGS_IMPOSSIBLE)
                .doesNotContain(Code.CORRECT_THE_FIT);
    }

    @Test
    void theStandardErrorIsOfSlotAndFingerTogether() {
        // scatter 0.1 and 0.05 of three readings each: √(0.1²/3 + 0.05²/3) = 0.064550
        WorkedPlan worked = with(cut(lengths(7.90, 8.10, 8.00), lengths(7.80, 7.90, 7.85), null));
        assertThat(worked.number("fit.standard-error").orElseThrow().length().mm())
                .isCloseTo(0.064550, within(1e-6));
        assertThat(worked.fit().reading().least().length().mm()).isCloseTo(0.129099, within(1e-5));
        // of two readings: 0.1/√2/√2 each side
        assertThat(with(cut(lengths(8.0, 8.1), lengths(7.9), null))
                        .number("fit.standard-error")
                        .orElseThrow()
                        .length()
                        .mm())
                .isCloseTo(0.05, within(1e-6));
        assertThat(with(cut(lengths(8.0), lengths(7.9), null))
                        .number("fit.standard-error")
                        .orElseThrow()
                        .length())
                .isEqualTo(Length.ZERO);
    }

    @Test
    void twoTestsWithNothingMovedBetweenThemContradictNothing() {
        TestCut first = cut(lengths(8.00), lengths(7.76), null);
        assertThat(with(first, cut(lengths(8.00), lengths(7.60), null)).verdicts())
                .extracting(v -> v.code())
                .contains(Code.CORRECT_THE_FIT)
                .doesNotContain(Code.DID_NOT_FOLLOW);
    }

    @Test
    void scatterIsAllowedThreeTimesItsErrorBeforeTheFingerIsSaidNotToFollow() {
        TestCut first = cut(lengths(8.00), lengths(7.70, 7.82), null);
        // its error is 0.06: 0.18 is allowed, and the finger is 0.12 off what was moved
        assertThat(with(first, cut(lengths(8.00), lengths(7.76), 0.12)).verdicts())
                .extracting(v -> v.code())
                .doesNotContain(Code.DID_NOT_FOLLOW);
    }

    @Test
    void insideTheBandTheFitWouldDoAndOutsideItIsMinded() {
        // wanted 0.12, acceptable 0.06 either way
        Fit fit = with(cut(lengths(8.02), lengths(7.84), null)).fit();
        assertThat(fit.bandFrom().length()).isEqualTo(mm(0.06));
        assertThat(fit.bandTo().length()).isEqualTo(mm(0.18));
        assertThat(correct(cut(lengths(8.02), lengths(7.84), null)).weight()).isEqualTo(Weight.NOTE);
        assertThat(correct(cut(lengths(8.02), lengths(7.84), null)).sentence()).startsWith("The fit would do. ");
        assertThat(correct(cut(lengths(8.00), lengths(7.94), null)).weight()).isEqualTo(Weight.NOTE);
        assertThat(correct(cut(lengths(8.02), lengths(7.83), null)).weight()).isEqualTo(Weight.MIND);
        assertThat(correct(cut(lengths(8.00), lengths(7.95), null)).weight()).isEqualTo(Weight.MIND);
        assertThat(correct(cut(lengths(8.00), lengths(7.95), null)).sentence()).doesNotContain("would do");
    }

    private static Verdict correct(TestCut cut) {
        return with(cut).verdicts().stream()
                .filter(v -> v.code() == Code.CORRECT_THE_FIT)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aCutterOfTheRackIsMeasuredOnTheRack() {
        Cutter rack = new Cutter("bit", "the 8 mm bit", Cutter.Kind.BIT, mm(8), mm(8), null, "", null, null, null, "");
        BoxPlan any = bitBox().with(bitBox().fingers().withAnyCutter(true).withKerf(mm(3.2)));
        WorkedPlan worked = Planner.work(
                any,
                new Shop(HouseRules.DEFAULT, List.of(cut(lengths(8.06), lengths(7.93), null)), List.of(rack), null));
        assertThat(worked.fingers().chosen().kerf().length()).isEqualTo(mm(8));
        assertThat(worked.verdicts())
                .filteredOn(v -> v.code() == Code.KERF_DIFFERS)
                .singleElement()
                .satisfies(v -> assertThat(v.fixes()).isEmpty());
    }

    @Test
    void aTestOfAnotherCutterIsKnownByItsKerfOrItsSlot() {
        TestCut near = cut(lengths(8.4), lengths(8.28), null);
        assertThat(with(near).fit().reading())
                .as("half a millimetre is a blade changed, not a box")
                .isNotNull();
        assertThat(with(near.cutFor(11, mm(8.4))).fit().reading()).isNotNull();
        TestCut far = cut(lengths(8.6), lengths(8.48), null);
        assertThat(with(far).fit().reading()).isNull();
        assertThat(with(far.cutFor(11, mm(8))).fit().reading())
                .as("cut with this very kerf")
                .isNotNull();
        assertThat(with(far.cutFor(11, mm(8.6))).fit().reading()).isNull();
        assertThat(with(near.cutFor(13, mm(8))).verdicts())
                .filteredOn(v -> v.code() == Code.TEST_CUT_OF_ANOTHER)
                .singleElement()
                .satisfies(v -> assertThat(v.sentence()).contains("13 sections, slots of 8.40 mm"));
        assertThat(with(far).verdicts())
                .filteredOn(v -> v.code() == Code.TEST_CUT_OF_ANOTHER)
                .singleElement()
                .satisfies(v -> assertThat(v.sentence()).contains("another joint: slots of 8.60 mm"));
    }
}
