package canthook.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.fit.Cause;
import canthook.length.Length;
import canthook.plan.JigChoice.Way;
import canthook.practice.Act.Kind;
import canthook.practice.Act.Spot;
import canthook.refusal.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** One go at a hidden shop. */
class RoundTest {
    private static final Length TENTH = Length.mm(0.1);

    private static HiddenShop shop(Way way, Cause... bad) {
        return HiddenShop.with(7, Level.STRANGER, way, Set.of(bad));
    }

    private static List<Act> readAll() {
        List<Act> acts = new ArrayList<>(List.of(Act.of(Kind.CUT)));
        for (int i = 0; i < Act.PLACES; i++) {
            acts.add(Act.read(Spot.SLOT, i));
            acts.add(Act.read(Spot.FINGER, i));
        }
        return acts;
    }

    private static Round after(HiddenShop shop, Act... acts) {
        return Round.of(shop, List.of(acts));
    }

    /** A move away makes the joint tighter by just as much, whatever share of it slot and finger take. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void aMoveAwayTightensByAsMuchOnEveryJig(Way way) {
        HiddenShop shop = shop(way);
        double before = Round.of(shop, List.of()).trueClearance();
        Round moved = after(shop, Act.move(TENTH));
        assertThat(before - moved.trueClearance()).isCloseTo(0.1, within(4 * shop.hand()));
        Round back = after(shop, Act.move(TENTH), Act.move(Length.mm(-0.1)));
        assertThat(back.trueClearance()).isCloseTo(before, within(6 * shop.hand()));
    }

    /** Which of the two takes it: on a key the finger, on knife lines the slot, with a shim each half. */
    @ParameterizedTest
    @CsvSource({"SLED_KEY, 0, 1", "STOPS, 0, 1", "SPACERS, 0, 1", "HAND, -1, 0", "BAND_SAW, -0.5, 0.5"})
    void slotAndFingerTakeTheirShare(Way way, double slot, double finger) {
        HiddenShop shop = shop(way);
        Round still = Round.of(shop, List.of());
        Round moved = after(shop, Act.move(Length.mm(1)));
        assertThat(moved.slot() - still.slot()).isCloseTo(slot, within(0.06));
        assertThat(moved.finger() - still.finger()).isCloseTo(finger, within(0.06));
    }

    @Test
    void theSameActsInTheSameShopGiveTheSame() {
        HiddenShop shop = HiddenShop.of(42, Level.HAUNTED, Way.ROUTER_SLED);
        List<Act> acts = new ArrayList<>(readAll());
        acts.add(Act.move(TENTH));
        acts.addAll(readAll());
        Round one = Round.of(shop, acts);
        Round other = Round.of(HiddenShop.of(42, Level.HAUNTED, Way.ROUTER_SLED), acts);
        assertThat(one.seen()).isEqualTo(other.seen()).hasSizeBetween(0, 2);
        assertThat(Round.of(HiddenShop.of(43, Level.HAUNTED, Way.ROUTER_SLED), acts)
                        .seen())
                .isNotEqualTo(one.seen());
    }

    /** What goes wrong goes on until it is looked for, and looking for what is not there changes nothing. */
    @Test
    void dustLiesThereUntilItIsLookedFor() {
        HiddenShop shop = shop(Way.SLED_KEY, Cause.DUST);
        double dusty = 0;
        double clean = 0;
        for (int i = 1; i <= 30; i++) {
            List<Act> acts = new ArrayList<>();
            for (int k = 0; k < i; k++) {
                acts.add(Act.of(Kind.CUT));
            }
            dusty = Math.max(dusty, last(Round.of(shop, acts)).uneven());
            acts.add(0, Act.look(Cause.DUST));
            clean = Math.max(clean, last(Round.of(shop, acts)).uneven());
        }
        assertThat(dusty).isGreaterThan(0.12);
        assertThat(clean).isLessThan(0.09);
        Round looked = after(shop, Act.look(Cause.SCRAP));
        assertThat(looked.said()).contains("nothing wrong");
        assertThat(looked.bad()).containsExactly(Cause.DUST);
    }

    private static Piece last(Round round) {
        return round.pieces().get(round.cuts() - 1).piece();
    }

    /** Of the first move most is lost where the clamp slips; found, the next is made whole. */
    @Test
    void aClampSlipsOnce() {
        HiddenShop shop = shop(Way.SLED_KEY, Cause.CLAMP);
        double still = Round.of(shop, List.of()).trueClearance();
        Round slipped = after(shop, Act.move(Length.mm(0.4)));
        assertThat(still - slipped.trueClearance()).isLessThan(0.15);
        Round found = after(shop, Act.move(Length.mm(0.4)), Act.look(Cause.CLAMP), Act.move(Length.mm(0.4)));
        assertThat(slipped.trueClearance() - found.trueClearance()).isCloseTo(0.4, within(0.06));
    }

    /** Thick scrap tells a looser joint than the parts will be; the caliper on its face gives it away. */
    @Test
    void thickScrapDeceivesAndIsMeasured() {
        HiddenShop shop = shop(Way.SLED_KEY, Cause.SCRAP);
        Round cut = after(shop, Act.of(Kind.CUT), Act.read(Spot.THICKNESS, 0));
        assertThat(last(cut).clearance()).isGreaterThan(cut.trueClearance() + 0.02);
        double shown = Double.parseDouble(cut.said().replaceAll(".*as thick as ([0-9.]+);.*", "$1"));
        double parts = shop.plan().size().thickness().mm();
        assertThat(shown).isCloseTo(parts + shop.scrapThicker() + shop.zero(), within(0.05));
        Round right = after(shop, Act.look(Cause.SCRAP), Act.of(Kind.CUT), Act.read(Spot.THICKNESS, 0));
        assertThat(right.said()).contains("the parts are 9.00");
        assertThat(last(right).clearance()).isCloseTo(right.trueClearance(), within(0.06));
    }

    /** The zero is in every width and in no clearance; closed jaws show it, and set to zero they show none. */
    @Test
    void theZeroIsInEveryWidthAndInNoClearance() {
        HiddenShop off = HiddenShop.with(3, Level.STRANGER, Way.SLED_KEY, Set.of());
        assertThat(off.zero()).isNotZero();
        Round closed = after(off, Act.read(Spot.CLOSED, 0));
        assertThat(Double.parseDouble(Objects.requireNonNull(closed.shown()).replace('−', '-')))
                .isCloseTo(off.zero(), within(0.03));
        Round zeroed = after(off, Act.of(Kind.ZERO), Act.read(Spot.CLOSED, 0));
        assertThat(Double.parseDouble(Objects.requireNonNull(zeroed.shown()))).isCloseTo(0, within(0.03));
        List<Act> acts = new ArrayList<>(List.of(Act.of(Kind.ZERO)));
        acts.addAll(readAll());
        double with = Round.of(off, readAll()).seen().get(0).read();
        double without = Round.of(off, acts).seen().get(0).read();
        assertThat(with).isCloseTo(without, within(0.03));
    }

    /** A steady caliper scatters by hundredths about the truth; on a low battery it jumps, and at times shows nothing. */
    @Test
    void aLowBatteryIsNotToBeTrusted() {
        Random random = new Random(5);
        double steady = 0;
        double jumpy = 0;
        int blank = 0;
        for (int i = 0; i < 600; i++) {
            steady = Math.max(
                    steady, Math.abs(new Caliper(0, false).read(8, random).orElseThrow() - 8));
            OptionalDouble low = new Caliper(0, true).read(8, random);
            blank += low.isEmpty() ? 1 : 0;
            jumpy = Math.max(jumpy, low.isEmpty() ? 0 : Math.abs(low.getAsDouble() - 8));
        }
        assertThat(steady).isBetween(0.01, 0.04);
        assertThat(jumpy).isGreaterThan(0.1);
        assertThat(blank).isBetween(60, 150);
        Round mended = after(HiddenShop.of(1, Level.HAUNTED, Way.STOPS), Act.of(Kind.BATTERY));
        assertThat(mended.isBatteryLow()).isFalse();
    }

    /** Cut at a setting that jams, the parts are spoilt and the round goes on; made, it is over and told. */
    @Test
    void partsAreSpoiltUntilTheyGoTogether() {
        HiddenShop shop = HiddenShop.with(2, Level.FRIENDLY, Way.SLED_KEY, Set.of());
        Round spoilt = after(shop, Act.of(Kind.PARTS));
        assertThat(spoilt.spoilt()).isEqualTo(1);
        assertThat(spoilt.isOver()).isFalse();
        assertThat(spoilt.said()).contains(spoilt.trueClearance() < 0.1 ? "jam" : "rattle");
        Length right = Length.mm(
                spoilt.trueClearance() - spoilt.fit().target().length().mm());
        Round made = after(shop, Act.of(Kind.PARTS), Act.move(right), Act.of(Kind.PARTS));
        assertThat(made.isMade()).isTrue();
        assertThat(made.isOver()).isTrue();
        assertThatThrownBy(() -> made.does(Act.of(Kind.CUT)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("over");
    }

    /** What was hidden is told beside what was believed: every bad habit by name, found or not, and the way the jig stood. */
    @ParameterizedTest
    @EnumSource(
            value = Cause.class,
            names = {"PRESSED", "DUST", "CLAMP", "SCRAP", "BLADE"})
    void whatWasHiddenIsTold(Cause cause) {
        HiddenShop shop = shop(Way.SLED_KEY, cause);
        List<Act> acts = new ArrayList<>(readAll());
        acts.add(Act.of(Kind.GIVE_UP));
        List<Truth> never = Truth.of(Round.of(shop, acts));
        assertThat(told(never, cause).believed()).isEqualTo("never found");
        acts.add(acts.size() - 1, Act.look(cause));
        List<Truth> found = Truth.of(Round.of(shop, acts));
        assertThat(told(found, cause).believed()).isEqualTo("found after test piece 1");
        Truth jig = found.stream()
                .filter(t -> t.what().equals("The jig at first"))
                .findFirst()
                .orElseThrow();
        assertThat(jig.was()).contains(shop.setOff() > 0 ? "too far" : "too near");
    }

    private static Truth told(List<Truth> truths, Cause cause) {
        return truths.stream()
                .filter(t -> t.what().equalsIgnoreCase(cause.words()))
                .findFirst()
                .orElseThrow();
    }

    /** What cannot be done is refused where it is sent: reading no piece, a fourth slot, a move of nothing. */
    @Test
    void whatDoesNotFitIsRefused() {
        HiddenShop shop = shop(Way.SLED_KEY);
        assertThatThrownBy(() -> after(shop, Act.read(Spot.SLOT, 0))).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Act.read(Spot.SLOT, 3)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Act(Kind.MOVE, null, null, null, null)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Act(Kind.LOOK, null, null, null, null)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Act.move(Length.mm(4))).isInstanceOf(Refused.class);
    }

    /** Levels hide more and more, and only what can go wrong at that jig. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void levelsHideWhatCanGoWrongThere(Way way) {
        for (long seed = 0; seed < 40; seed++) {
            assertThat(HiddenShop.of(seed, Level.FRIENDLY, way).bad()).isEmpty();
            int possible = HiddenShop.possible(way).size();
            assertThat(HiddenShop.of(seed, Level.STRANGER, way).bad()).hasSize(Math.min(1, possible));
            HiddenShop haunted = HiddenShop.of(seed, Level.HAUNTED, way);
            assertThat(haunted.bad()).hasSize(Math.min(2, possible));
            assertThat(HiddenShop.possible(way)).containsAll(haunted.bad());
            assertThat(haunted.batteryLow()).isTrue();
        }
    }
}
