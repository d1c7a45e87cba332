package canthook.fit;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.fingers.Rung;
import canthook.fit.ReadingDoubts.Doubt;
import canthook.fit.ReadingDoubts.Kind;
import canthook.jig.Setting;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is seen in readings and what it may come from, by every jig: what is the jig's own doing is no fault. */
class WhatIsSeenTest {
    private static final String DAY = "2026-03-02T10:20:00Z";

    private static WorkedPlan by(Way way) {
        BoxPlan box = bitBox();
        BoxPlan plan = box.with(box.jig().with(way).with(new Screw(mm(2), 20, 30, 16, null)));
        return Planner.work(
                way == Way.BAND_SAW
                        ? plan.with(plan.fingers().with(Sharing.CENTRED).with(Leftover.RIP))
                        : plan,
                new Shop(HouseRules.DEFAULT, List.of()));
    }

    private static Setting setting(Way way) {
        return Objects.requireNonNull(by(way).jig().setting());
    }

    private static List<Length> read(String readings) {
        return Arrays.stream(readings.split(" "))
                .map(r -> mm(Double.parseDouble(r)))
                .toList();
    }

    private static TestCut cut(String slots, String fingers, @Nullable Double moved) {
        return new TestCut(DAY, read(slots), read(fingers), moved == null ? null : mm(moved));
    }

    /** Slots that lie apart are the blade's, but by a band saw and a shim, where the part did not bear. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void slotsThatLieApartAreTheCutters(Way way) {
        TestCut cut = cut("8.00 8.30 8.00", "7.88 7.88 7.88", null);
        Disagrees seen = Disagrees.of(cut, setting(way), mm(0.02), null).orElseThrow();
        assertThat(seen.fingers()).isFalse();
        assertThat(seen.apart()).isEqualTo(mm(0.3));
        assertThat(seen.causes())
                .isEqualTo(
                        way == Way.BAND_SAW ? List.of(Cause.DUST, Cause.PRESSED) : List.of(Cause.BLADE, Cause.SCRAP));
        assertThat(seen.fact(LengthDisplay.METRIC))
                .isEqualTo("Slots of one piece lie 0.30 mm apart, more than steps and caliper explain.");
        assertThat(seen.says(LengthDisplay.METRIC))
                .startsWith(seen.fact(LengthDisplay.METRIC))
                .contains(seen.causes().get(0).look());
    }

    /** Where walls are set off by a scale, what the scale is read off by explains more than elsewhere. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void aScaleExplainsWhatAKeyDoesNot(Way way) {
        TestCut cut = cut("8.00 8.00 8.00", "7.88 7.97 7.89", null);
        Optional<Disagrees> seen = Disagrees.of(cut, setting(way), mm(0.02), null);
        assertThat(seen.isPresent()).isEqualTo(way != Way.STOPS);
        seen.ifPresent(d -> assertThat(d.causes()).containsExactly(Cause.DUST, Cause.PRESSED, Cause.CLAMP));
        // a step that is known to be poor explains it anywhere
        assertThat(Disagrees.of(cut, setting(way), mm(0.03), null)).isEmpty();
    }

    @Test
    void twoReadingsAFeelingAndASteadyTaperDisagreeWithNothing() {
        Setting key = setting(Way.SLED_KEY);
        assertThat(Disagrees.of(cut("8.00 8.30", "7.88 7.60", null), key, mm(0.02), null))
                .isEmpty();
        TestCut felt =
                new TestCut(DAY, read("8.00 8.30 8.00"), read("7.88 7.88 7.88"), null, null, null, TestCut.Felt.SLIDES);
        assertThat(Disagrees.of(felt, key, mm(0.02), null)).isEmpty();
        assertThat(Disagrees.of(cut("8.00 8.00 8.00", "7.80 7.85 7.90", null), key, mm(0.02), null))
                .as("they grow evenly: told as a taper")
                .isEmpty();
        assertThat(Disagrees.of(cut("8.00 8.00 8.00", "7.80 7.90 7.85", null), key, mm(0.02), null))
                .as("as far apart, and up and down")
                .isPresent();
        assertThat(Disagrees.of(cut("8.00 8.00 8.00", "7.80 7.81 7.95", null), key, mm(0.02), null))
                .as("one of them stands off")
                .isPresent();
    }

    /** By a screw, a shim and a knife line slot and finger share a move: there the clearance is looked at, elsewhere the finger. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void whatFollowsIsSeenWhereTheJigMakesIt(Way way) {
        boolean shared = Set.of(Way.SCREW, Way.HAND, Way.BAND_SAW).contains(way);
        TestCut before = cut("8.00", "7.60", null);
        TestCut half = cut("7.85", "7.75", 0.3);
        TestCut whole = cut("8.00", "7.90", 0.3);
        Setting jig = setting(way);
        assertThat(DidNotFollow.of(List.of(before, half), jig, null).isEmpty()).isEqualTo(shared);
        assertThat(DidNotFollow.of(List.of(before, whole), jig, null)).isEmpty();
        TestCut none = cut("8.00", "7.60", 0.3);
        DidNotFollow seen = DidNotFollow.of(List.of(before, none), jig, null).orElseThrow();
        assertThat(seen.fact(LengthDisplay.METRIC))
                .isEqualTo((shared ? "The clearance shrank by " : "The finger changed by ")
                        + "0.00 mm where 0.30 mm was moved.");
        assertThat(seen.causes()).startsWith(Cause.CLAMP, Cause.PRESSED);
    }

    @Test
    void oneTestOrNoMoveOrAFeelingContradictsNothing() {
        TestCut first = cut("8.00", "7.60", null);
        TestCut felt = new TestCut(DAY, read("8.00"), read("7.60"), mm(0.3), null, null, TestCut.Felt.SLIDES);
        assertThat(DidNotFollow.of(List.of(first), null, null)).isEmpty();
        assertThat(DidNotFollow.of(List.of(first, cut("8.00", "7.90", null)), null, null))
                .isEmpty();
        assertThat(DidNotFollow.of(List.of(first, felt), null, null)).isEmpty();
        assertThat(DidNotFollow.of(List.of(felt, cut("8.00", "7.60", 0.3)), null, null))
                .isEmpty();
    }

    /** What is short by the key's play was pressed to the other side; a play too small to tell is not blamed. */
    @ParameterizedTest
    @CsvSource({"0.12, 7.78, PRESSED", "0.12, 7.60, CLAMP", "0.02, 7.88, DUST"})
    void whatTheKeysPlayExplains(double play, double finger, Cause first) {
        TestCut before = cut("8.00", "7.60", null);
        TestCut last = cut("8.00", String.valueOf(finger), 0.3);
        Optional<DidNotFollow> seen = DidNotFollow.of(List.of(before, last), setting(Way.SLED_KEY), mm(play));
        assertThat(seen.map(d -> d.causes().get(0)).orElse(Cause.DUST)).isEqualTo(first);
    }

    @Test
    void aSlotThatChangedIsToldBesideTheFinger() {
        DidNotFollow seen = DidNotFollow.of(
                        List.of(cut("8.00", "7.60", null), cut("8.10", "7.90", 0.3)), setting(Way.SLED_KEY), null)
                .orElseThrow();
        assertThat(seen.fact(LengthDisplay.METRIC))
                .endsWith("The slot changed by 0.10 mm, and no move changes a slot.");
        Doubted both = new Doubted(
                Optional.of(seen), Disagrees.of(cut("8.00 8.30 8.00", "7.88 7.88 7.88", null), null, mm(0.02), null));
        assertThat(both.facts(LengthDisplay.METRIC)).hasSize(2).allMatch(fact -> !fact.isBlank());
        assertThat(both.causes()).startsWith(Cause.BLADE, Cause.SCRAP).doesNotHaveDuplicates();
    }

    /** Every cause says how it is found, and none as another does. */
    @Test
    void everyCauseIsFoundInItsOwnWay() {
        Set<String> looks = new HashSet<>();
        for (Cause cause : Cause.values()) {
            assertThat(looks.add(cause.look())).as(cause.name()).isTrue();
            assertThat(cause.look()).isNotBlank();
        }
    }

    /** Tests of another joint, and those that were felt, are not of the day's wandering; either way of it is named. */
    @Test
    void onlyTestsOfThisJointWander() {
        Rung chosen = by(Way.SLED_KEY).fingers().chosen();
        double slot = chosen.slot().length().mm();
        double finger = chosen.finger().length().mm();
        List<TestCut> loosens = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            loosens.add(new TestCut(
                    "2026-03-02T1" + i + ":00:00Z", List.of(mm(slot)), List.of(mm(finger - 0.05 * i)), null));
        }
        Drift seen = Drift.of(loosens, chosen).orElseThrow();
        assertThat(seen.says(LengthDisplay.METRIC))
                .contains("3 tests")
                .contains("0.10 mm")
                .contains("it loosens");
        assertThat(new Drift(mm(-0.1), 3).says(LengthDisplay.METRIC)).contains("it tightens");
        List<TestCut> withOthers = new ArrayList<>(loosens);
        withOthers.add(1, new TestCut("2026-03-02T10:30:00Z", List.of(mm(4)), List.of(mm(1)), null));
        assertThat(Drift.of(withOthers, chosen)).contains(seen);
        assertThat(Drift.of(loosens.subList(0, 2), chosen)).isEmpty();
        assertThat(Drift.of(List.of(), chosen)).isEmpty();
        // what was moved before the first test of the day is in it already
        List<TestCut> moved = new ArrayList<>(loosens);
        moved.set(
                0,
                new TestCut(
                        moved.get(0).at(), moved.get(0).slots(), moved.get(0).fingers(), mm(0.4)));
        assertThat(Drift.of(moved, chosen)).contains(seen);
    }

    /** s of 8.00 8.10 8.03 is 0.0513; of one reading nothing is known: 0.0513/√3 = 0.0296. */
    @Test
    void theErrorIsOfTheScatter() {
        assertThat(Readings.standardError(cut("8.00 8.10 8.03", "7.9", null)).mm())
                .isCloseTo(0.02963, within(1e-5));
    }

    /** Five keys of a graded set are told apart, the smallest first, each by its own working. */
    @Test
    void theGradedSetIsWorkedOutKeyByKey() {
        WorkedPlan worked = by(Way.SLED_KEY);
        double before = 0;
        List<String> symbols = new ArrayList<>();
        for (int k = 1; k <= 5; k++) {
            var key = worked.number("fit.graded-" + k).orElseThrow();
            assertThat(key.length().mm()).isGreaterThan(before);
            before = key.length().mm();
            symbols.add(key.symbol());
        }
        assertThat(symbols).containsExactly("f₋2", "f₋1", "f₀", "f₊1", "f₊2");
    }

    /** One column typed in inches is doubted alone; a reading that stands off is named and left out on either side. */
    @Test
    void theColumnThatIsOffIsTheOneThatIsMended() {
        Rung chosen = by(Way.SLED_KEY).fingers().chosen();
        double s = chosen.slot().length().mm();
        double f = chosen.finger().length().mm();
        List<Doubt> inches = ReadingDoubts.of(chosen, List.of(mm(s / 25.4)), List.of(mm(f)), LengthDisplay.METRIC);
        assertThat(inches).singleElement().satisfies(doubt -> {
            assertThat(doubt.kind()).isEqualTo(Kind.INCHES);
            assertThat(doubt.slots().get(0).mm()).isCloseTo(s, within(0.01));
            assertThat(doubt.fingers()).containsExactly(mm(f));
        });
        List<Doubt> millimetres = ReadingDoubts.of(chosen, List.of(mm(s)), List.of(mm(f * 25.4)), LengthDisplay.METRIC);
        assertThat(millimetres).singleElement().satisfies(doubt -> {
            assertThat(doubt.slots()).containsExactly(mm(s));
            assertThat(doubt.fingers().get(0).mm()).isCloseTo(f, within(0.01));
            assertThat(doubt.says()).contains("millimetres typed as inches");
        });
        List<Length> fingers = List.of(mm(f), mm(f + 0.3), mm(f + 0.01));
        assertThat(ReadingDoubts.of(chosen, List.of(mm(s)), fingers, LengthDisplay.METRIC))
                .singleElement()
                .satisfies(doubt -> {
                    assertThat(doubt.kind()).isEqualTo(Kind.OUTLIER);
                    assertThat(doubt.says()).startsWith("One finger");
                    assertThat(doubt.fingers()).containsExactly(mm(f), mm(f + 0.01));
                    assertThat(doubt.slots()).containsExactly(mm(s));
                });
    }
}
