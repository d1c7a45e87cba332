package canthook.fit;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** No second move on top of a first that did not do what was moved; and every move told from where the jig stands. */
class ContradictionTest {
    private static final String DAY = "2026-03-02T10:20:00Z";

    private static BoxPlan by(Way way) {
        BoxPlan box = bitBox();
        return way == Way.BAND_SAW
                ? box.with(box.jig().with(way))
                        .with(box.fingers().with(Sharing.CENTRED).with(Leftover.RIP))
                : box.with(box.jig().with(way));
    }

    private static WorkedPlan worked(BoxPlan plan, TestCut... cuts) {
        return Planner.work(plan, new Shop(HouseRules.DEFAULT, List.of(cuts)));
    }

    /** A test that reads so much off what is planned; both in mm. */
    private static TestCut cut(BoxPlan plan, double slotOff, double fingerOff, Double moved) {
        WorkedPlan worked = worked(plan);
        double slot = worked.fingers().chosen().slot().length().mm() + slotOff;
        double finger = worked.fingers().chosen().finger().length().mm() + fingerOff;
        return new TestCut(DAY, List.of(mm(slot)), List.of(mm(finger)), moved == null ? null : mm(moved))
                .cutFor(
                        worked.fingers().chosen().sections().count(),
                        worked.fingers().chosen().kerf().length());
    }

    /** A shim takes half the move at either wall, and that is no contradiction; a finger on a key takes it whole. */
    @ParameterizedTest
    @EnumSource(
            value = Way.class,
            names = {"SLED_KEY", "STOPS", "SPACERS", "BAND_SAW"})
    void whatFollowedAsItsJigMakesItIsBelieved(Way way) {
        BoxPlan plan = by(way);
        boolean half = way == Way.BAND_SAW;
        WorkedPlan worked = worked(
                plan,
                cut(plan, half ? 0.15 : 0, half ? -0.15 : -0.3, null),
                cut(plan, half ? 0.02 : 0, half ? -0.02 : -0.04, 0.26));
        assertThat(worked.verdicts()).noneMatch(v -> v.code() == Code.DID_NOT_FOLLOW);
        assertThat(Objects.requireNonNull(worked.fit().reading()).causes()).isEmpty();
        // and half of it on a key is one
        WorkedPlan fell = worked(plan, cut(plan, 0, -0.3, null), cut(plan, 0, -0.17, 0.26));
        assertThat(fell.verdicts()).anyMatch(v -> v.code() == Code.DID_NOT_FOLLOW);
    }

    /** While a cause is to be found nothing is told to be moved, and the next reading is not foretold as moved. */
    @Test
    void nothingIsMovedOnTopOfAContradiction() {
        BoxPlan plan = by(Way.SLED_KEY);
        WorkedPlan worked = worked(plan, cut(plan, 0, -0.3, null), cut(plan, 0, -0.3, 0.3));
        Fit.Reading reading = Objects.requireNonNull(worked.fit().reading());
        assertThat(reading.correction()).isNull();
        assertThat(reading.causes()).first().isEqualTo(Cause.CLAMP);
        assertThat(reading.nextFinger().length()).isEqualTo(reading.finger().length());
        assertThat(worked.verdicts()).noneMatch(v -> v.code() == Code.CORRECT_THE_FIT);
    }

    /** Key’s play 0.12: a finger short by about that was pressed to the other side, one short by another measure met dust. */
    @ParameterizedTest
    @CsvSource({
        "7.88 7.76 7.89, PRESSED",
        "7.88 7.66 7.89, DUST",
        "7.65 7.88 7.66, DUST",
        "7.86 7.88 7.91, ",
        "7.88 7.84 7.89, "
    })
    void aFingerThatStandsOffTellsWhy(String read, String first) {
        TestCut cut = new TestCut(
                DAY,
                List.of(mm(8), mm(8.01), mm(8)),
                Arrays.stream(read.split(" "))
                        .map(Double::valueOf)
                        .map(canthook.SeedLibrary::mm)
                        .toList(),
                null);
        assertThat(Disagrees.of(cut, null, mm(0.02), mm(0.12))
                        .map(d -> d.causes().get(0).name())
                        .orElse(null))
                .isEqualTo(first);
    }

    /** After one move the leaves, spacers and shims that are told are those that lie there now, not those planned. */
    @ParameterizedTest
    @EnumSource(
            value = Way.class,
            names = {"SHIM_FENCE", "SPACERS", "BAND_SAW"})
    void aSecondMoveIsToldFromWhereTheJigStands(Way way) {
        BoxPlan plan = by(way);
        String once = says(worked(plan, cut(plan, 0, -0.3, null)));
        // moved a tenth of it, and that much is still to do
        WorkedPlan then = worked(plan, cut(plan, 0, -0.3, null), cut(plan, 0, -0.2, 0.1));
        String twice = says(then);
        Length before = mm(0.1);
        Length rest = Objects.requireNonNull(then.fit().reading()).move().length();
        String whole = Objects.requireNonNull(then.jig().setting())
                .correction(Length.ZERO, before.plus(rest), plan.display())
                .toString();
        String instead = way == Way.SHIM_FENCE ? "instead of" : "";
        assertThat(twice).isNotEqualTo(once).contains(instead);
        // where it ends is the same, whether in one move or in two
        assertThat(ends(twice)).isEqualTo(ends(whole));
    }

    private static String says(WorkedPlan worked) {
        return Objects.requireNonNull(
                        Objects.requireNonNull(worked.fit().reading()).correction())
                .toString();
    }

    /** The leaves, the spacers or the shim it ends with. */
    private static String ends(String says) {
        if (says.contains("Behind the fence")) {
            return says.replaceAll(".*Behind the fence (.*?) instead of.*", "$1");
        }
        if (says.contains("Pitch spacers")) {
            return says.replaceAll(".*(Pitch spacers: [0-9.]+ mm).*", "$1");
        }
        return says.replaceAll(".*(thicker|thinner), ([0-9.]+ mm).*", "$2");
    }

    /** Three tests of one day that loosen, the moves taken out; on two days, or up and down, they do not wander. */
    @ParameterizedTest
    @CsvSource({
        "-0.12 -0.15 -0.19, 0 0 0, 1 1 1, 0.07",
        "-0.12 -0.15 -0.09, 0 0 0.1, 1 1 1, 0.07",
        "-0.19 -0.15 -0.12, 0 0 0, 1 1 1, -0.07",
        "-0.12 -0.15 -0.19, 0 0 0, 1 2 2, ",
        "-0.12 -0.19 -0.15, 0 0 0, 1 1 1, ",
        "-0.12 -0.13 -0.15, 0 0 0, 1 1 1, "
    })
    void aFitThatWandersOverADayIsTold(String fingers, String moves, String days, Double by) {
        BoxPlan plan = by(Way.SLED_KEY);
        ArrayList<TestCut> cuts = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            double moved = Double.parseDouble(moves.split(" ")[i]);
            TestCut read = cut(plan, 0, Double.parseDouble(fingers.split(" ")[i]), moved == 0 ? null : moved);
            cuts.add(new TestCut(
                    "2026-03-0" + days.split(" ")[i] + "T1" + i + ":00:00Z",
                    read.slots(),
                    read.fingers(),
                    read.moved(),
                    read.sections(),
                    read.kerf(),
                    null));
        }
        assertThat(Drift.of(cuts, worked(plan).fingers().chosen())
                        .map(d -> Math.round(d.by().mm() * 100) / 100.0)
                        .orElse(null))
                .isEqualTo(by);
    }

    /** One of the graded five is good wherever the jig stands within two and a half bands; sneaking up never jumps over what is good. */
    @Test
    void theOtherWaysReachTheBandFromWhereverTheJigStands() {
        WorkedPlan worked = worked(by(Way.SLED_KEY));
        double finger = worked.fingers().chosen().finger().length().mm();
        double slot = worked.fingers().chosen().slot().length().mm();
        double from = worked.fit().bandFrom().length().mm();
        double to = worked.fit().bandTo().length().mm();
        double band = (to - from) / 2;
        double step = number(worked, "fit.sneak-step");
        for (int i = -24; i <= 24; i++) {
            double off = i * band / 10;
            boolean good = false;
            for (int k = 1; k <= 5; k++) {
                double c = slot - (number(worked, "fit.graded-" + k) + off);
                good |= c >= from - 1e-9 && c <= to + 1e-9;
            }
            assertThat(good).as("a jig that stands %.3f off", off).isTrue();
            double c = slot - (number(worked, "fit.sneak-begin") + off);
            while (c < from - 1e-9) {
                c += step;
            }
            assertThat(c)
                    .as("sneaking up from %.3f off", off)
                    .isLessThanOrEqualTo(Math.max(to, slot - number(worked, "fit.sneak-begin") - off) + 1e-9);
        }
        assertThat(number(worked, "fit.graded-3")).isEqualTo(finger);
    }

    private static double number(WorkedPlan worked, String id) {
        return worked.number(id).orElseThrow().length().mm();
    }
}
