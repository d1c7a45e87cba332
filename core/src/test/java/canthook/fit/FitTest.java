package canthook.fit;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.fit.Fit.Direction;
import canthook.length.Length;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.verdict.Verdict.Code;
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
        WorkedPlan worked = with(cut(lengths(7.90, 8.10, 8.00), lengths(7.80, 7.90, 7.85), null));
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
}
