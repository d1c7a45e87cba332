package canthook.jig;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.fingers.End;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class KeySettingTest {
    /** A jig of wood and steel: knows only gap, kerf and spacers, and where each part's wall bears. */
    private static List<Span> walk(WorkedPlan worked, boolean fingerFirst) {
        Length gap = key(worked).gap().length();
        Length kerf = worked.plan().fingers().kerf();
        Length spacer = key(worked).spacer().length();
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

    private static KeySetting key(WorkedPlan worked) {
        return worked.jig().key().orElseThrow();
    }

    @Test
    void walkingTheKeyGivesTheLayout() {
        for (BoxPlan plan : List.of(openDrawer(), bitBox())) {
            WorkedPlan worked = work(plan);
            assertThat(walk(worked, true))
                    .isEqualTo(worked.fingers().chosen().layout().fingerFirstSlots());
            assertThat(walk(worked, false))
                    .isEqualTo(worked.fingers().chosen().layout().slotFirstSlots());
        }
    }

    @Test
    void onePassMeansAGapOfOneFingerAndAKeyAHairUnderTheSlot() {
        WorkedPlan box = work(bitBox());
        KeySetting jig = key(box);
        assertThat(jig.gap().length()).isEqualTo(mm(7.88));
        assertThat(jig.key().length()).isEqualTo(mm(7.97));
        assertThat(jig.pressedTowards().length()).isEqualTo(mm(0.15));
        assertThat(box.jig().slotsFingerFirst().count()).isEqualTo(5);
        assertThat(box.jig().slotsSlotFirst().count()).isEqualTo(6);
    }

    @Test
    void moreThanOnePassMeansAKeyWithinTheKerfAndASpacer() {
        WorkedPlan worked = work(openDrawer());
        KeySetting jig = key(worked);
        Length slot = worked.fingers().chosen().slot().length();
        assertThat(jig.spacer().length()).isEqualTo(slot.minus(mm(3.2)));
        assertThat(jig.key().length().plus(jig.spacer().length())).isLessThan(slot);
        assertThat(jig.gap().length())
                .isEqualTo(
                        worked.fingers().chosen().finger().length().plus(slot).minus(mm(3.2)));
    }

    @Test
    void theFirstCutsStandWhereTheCutterIs() {
        for (BoxPlan plan : List.of(openDrawer(), bitBox())) {
            WorkedPlan worked = work(plan);
            Length finger = worked.fingers().chosen().finger().length();
            Length pitch = worked.fingers().chosen().pitch().length();
            for (Cut cut : worked.jig().cuts()) {
                Cut.OnKey on = (Cut.OnKey) cut.where();
                // where the part's reference edge stands from the key's cutter side, by what touches the key
                Length slot = pitch.times(cut.slot() - 1).plus(cut.end() == End.FINGER_FIRST ? finger : Length.ZERO);
                Length edge = switch (on.rest()) {
                    case EDGE -> on.spacer();
                    case GUIDE -> finger.plus(on.spacer());
                    case SLOT ->
                        on.spacer()
                                .minus(slot.plus(
                                        worked.fingers().chosen().slot().length()));
                };
                assertThat(cut.from().plus(edge).minus(on.gap()).abs())
                        .as(cut.id())
                        .isLessThanOrEqualTo(new Length(2));
            }
            assertThat(worked.jig().cuts()).extracting(Cut::end).contains(End.FINGER_FIRST, End.SLOT_FIRST);
            assertThat(worked.jig().cuts())
                    .allSatisfy(
                            s -> assertThat(s.instruction().split(" ").length).isLessThanOrEqualTo(12));
        }
    }

    @Test
    void aKeyOfNothingIsAVerdict() {
        assertThat(work(bitBox().with(new JigChoice(mm(5)))).verdicts())
                .filteredOn(v -> v.code() == Code.KEY_THIN)
                .hasSize(0);
        assertThat(work(openDrawer().with(new JigChoice(mm(5)))).verdicts())
                .filteredOn(v -> v.code() == Code.KEY_THIN)
                .singleElement()
                .extracting(Verdict::weight)
                .isEqualTo(Verdict.Weight.STOP);
    }
}
