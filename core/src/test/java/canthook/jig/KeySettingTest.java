package canthook.jig;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.fingers.Layout.Span;
import canthook.jig.KeySetting.End;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.KeyChoice;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class KeySettingTest {
    /** A jig of wood and steel: knows only gap, kerf and spacers, and where each part's wall bears. */
    private static List<Span> walk(WorkedPlan worked, boolean fingerFirst) {
        Length gap = worked.jig().gap().length();
        Length kerf = worked.plan().fingers().kerf();
        Length spacer = worked.jig().spacer().length();
        Length finger = worked.fingers().chosen().finger().length();
        int slots =
                (fingerFirst ? worked.jig().slotsFingerFirst() : worked.jig().slotsSlotFirst()).count();
        List<Span> cut = new ArrayList<>();
        for (int j = 0; j < slots; j++) {
            // where the part's zero stands from the key's cutter side, towards the cutter
            Length zero = j == 0
                    ? (fingerFirst ? Length.ZERO : finger)
                    : cut.get(j - 1).to().negated();
            Length far = gap.minus(zero);
            Length near = gap.minus(zero.plus(spacer));
            cut.add(new Span(near, far.plus(kerf)));
        }
        return cut;
    }

    @Test
    void walkingTheKeyGivesTheLayout() {
        for (BoxPlan plan : List.of(envelopeDrawer(), bitBox())) {
            WorkedPlan worked = work(plan);
            assertThat(walk(worked, true))
                    .isEqualTo(worked.fingers().chosen().layout().fingerFirstSlots());
            assertThat(walk(worked, false))
                    .isEqualTo(worked.fingers().chosen().layout().slotFirstSlots());
        }
    }

    @Test
    void onePassMeansAGapOfOneFingerAndAKeyAHairUnderTheSlot() {
        KeySetting jig = work(bitBox()).jig();
        assertThat(jig.gap().length()).isEqualTo(mm(7.88));
        assertThat(jig.key().length()).isEqualTo(mm(7.97));
        assertThat(jig.pressedTowards().length()).isEqualTo(mm(0.15));
        assertThat(jig.slotsFingerFirst().count()).isEqualTo(5);
        assertThat(jig.slotsSlotFirst().count()).isEqualTo(6);
    }

    @Test
    void moreThanOnePassMeansAKeyWithinTheKerfAndASpacer() {
        WorkedPlan worked = work(envelopeDrawer());
        KeySetting jig = worked.jig();
        Length slot = worked.fingers().chosen().slot().length();
        assertThat(jig.spacer().length()).isEqualTo(slot.minus(mm(3.2)));
        assertThat(jig.key().length().plus(jig.spacer().length())).isLessThan(slot);
        assertThat(jig.gap().length())
                .isEqualTo(
                        worked.fingers().chosen().finger().length().plus(slot).minus(mm(3.2)));
    }

    @Test
    void theFirstCutsStandWhereTheCutterIs() {
        for (BoxPlan plan : List.of(envelopeDrawer(), bitBox())) {
            WorkedPlan worked = work(plan);
            for (KeySetting.Step step : worked.jig().steps()) {
                Length cutter = step.passFrom().plus(step.edgeAt());
                assertThat(cutter)
                        .as(step.end() + " " + step.title())
                        .isEqualTo(worked.jig().gap().length());
            }
            assertThat(worked.jig().steps())
                    .extracting(KeySetting.Step::end)
                    .contains(End.FINGER_FIRST, End.SLOT_FIRST);
            assertThat(worked.jig().steps())
                    .allSatisfy(
                            s -> assertThat(s.instruction().split(" ").length).isLessThanOrEqualTo(12));
        }
    }

    @Test
    void aKeyOfNothingIsAVerdict() {
        assertThat(work(bitBox().with(new KeyChoice(mm(5)))).verdicts())
                .filteredOn(v -> v.code() == Code.KEY_THIN)
                .hasSize(0);
        assertThat(work(envelopeDrawer().with(new KeyChoice(mm(5)))).verdicts())
                .filteredOn(v -> v.code() == Code.KEY_THIN)
                .singleElement()
                .extracting(Verdict::weight)
                .isEqualTo(Verdict.Weight.STOP);
    }
}
