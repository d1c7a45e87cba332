package canthook.fingers;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.cutter.Cutter;
import canthook.cutter.StackSet;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Even counts, unequal sections, clearance shared, leftovers, and the ladder over a rack of cutters. */
class SectionListsTest {
    private static Layout layout(BoxPlan plan) {
        return work(plan).fingers().chosen().layout();
    }

    /** Fingers enter slots with the clearance, all along the joint, and both ends reach the height. */
    private static void closes(Layout layout) {
        Length c = layout.clearance();
        List<Span> fingers = layout.fingerFirstFingers();
        List<Span> slots = layout.slotFirstSlots();
        assertThat(fingers).hasSameSizeAs(slots);
        for (int j = 0; j < fingers.size(); j++) {
            Length before = fingers.get(j).from().minus(slots.get(j).from());
            Length behind = slots.get(j).to().minus(fingers.get(j).to());
            assertThat(before.plus(behind).minus(c).abs()).isLessThanOrEqualTo(new Length(3));
            assertThat(before.minus(layout.shift()).abs()).isLessThanOrEqualTo(new Length(3));
        }
        List<Span> all = layout.isEven() ? layout.fingerFirstSlots() : fingers;
        Length end = all.get(all.size() - 1).to();
        assertThat(end.minus(layout.height()).abs()).isLessThanOrEqualTo(new Length(layout.sections()));
    }

    @ParameterizedTest
    @CsvSource({"ODD,ONE_SIDE", "ODD,CENTRED", "EVEN,ONE_SIDE", "EVEN,CENTRED"})
    void everyLayoutCloses(Parity parity, Sharing sharing) {
        for (Leftover leftover : Leftover.values()) {
            for (BoxPlan box : List.of(openDrawer(), bitBox())) {
                BoxPlan plan = box.with(box.fingers().with(parity).with(sharing).with(leftover));
                closes(layout(plan));
                List<Fix> ways = SectionLists.patterns(
                        plan,
                        work(plan).fingers().chosen(),
                        work(plan).size().height().length(),
                        null,
                        work(plan).blank().kerf());
                assertThat(ways).isNotEmpty();
                for (Fix way : ways) {
                    closes(layout(way.after()));
                    assertThat(work(way.after()).verdicts())
                            .as(way.label())
                            .noneMatch(
                                    v -> v.code() == Code.SECTIONS_DO_NOT_SUM || v.code() == Code.COUNT_NOT_POSSIBLE);
                }
            }
        }
    }

    @Test
    void anEvenCountHasAsManyFingersAsSlotsAtEitherEnd() {
        // H 96, c 0.12, n 12: m 6, s = (96 + 0.72) / 12 = 8.06
        BoxPlan plan =
                openDrawer().with(openDrawer().fingers().with(Parity.EVEN).withSections(12));
        Layout layout = layout(plan);
        assertThat(layout.slot()).isEqualTo(mm(8.06));
        assertThat(layout.fingerFirstFingers()).hasSize(6);
        assertThat(layout.fingerFirstSlots()).hasSize(6);
        assertThat(layout.slotFirstFingers()).hasSize(6);
        assertThat(work(plan).fingers().rungs()).allMatch(r -> r.sections().count() % 2 == 0);
    }

    @Test
    void leftoversGoWhereTheMakerSays() {
        // an 8 mm bit, 11 sections, c 0.12 close at 87.28 in a wall of 88: 0.72 are left
        BoxPlan box = bitBox().with(bitBox().fingers().withSections(11));
        Layout edges = layout(box.with(box.fingers().with(Leftover.EDGES)));
        assertThat(edges.height()).isEqualTo(mm(88));
        assertThat(edges.fingerFirstFingers().get(0).width()).isEqualTo(mm(7.88 + 0.36));
        Layout last = layout(box.with(box.fingers().with(Leftover.LAST)));
        assertThat(last.tail()).isEqualTo(mm(0.72));
        List<Span> slots = last.slotFirstSlots();
        assertThat(slots.get(5).to()).isGreaterThanOrEqualTo(mm(88));
        WorkedPlan worked = work(box.with(box.fingers().with(Leftover.LAST)));
        // the sliver of 0.60 takes one pass more at every slot-first end
        assertThat(worked.cuts().passes().count()).isEqualTo(22 + 2);
        assertThat(layout(box).height()).isEqualTo(mm(87.28));
    }

    @Test
    void sectionsThatDoNotSumSayTheRemainderAndOfferToShareIt() {
        BoxPlan plan = openDrawer();
        plan = plan.with(plan.fingers().withWidths(List.of(mm(20), mm(16), mm(24), mm(16), mm(17))));
        Verdict off = work(plan).verdicts().stream()
                .filter(v -> v.code() == Code.SECTIONS_DO_NOT_SUM)
                .findFirst()
                .orElseThrow();
        assertThat(off.sentence()).contains("93.00").contains("3.00 mm short");
        assertThat(off.fixes()).hasSize(3);
        off.fixes()
                .forEach(fix -> assertThat(work(fix.after()).verdicts())
                        .as(fix.label())
                        .noneMatch(v -> v.code() == Code.SECTIONS_DO_NOT_SUM));
        BoxPlan ours = plan;
        assertThatThrownBy(() -> ours.fingers().withWidths(List.of(mm(20), mm(20))))
                .hasFieldOrPropertyWithValue("field", "widths");
    }

    @Test
    void theLadderRanksOverAllCuttersOfTheRack() {
        Cutter bit = new Cutter(
                "bit-8", "the 8 mm bit", Cutter.Kind.BIT, mm(8), mm(8), "2026-03-02", "", null, null, null, "");
        Cutter stack = new Cutter(
                "stack",
                "the stacked cutter",
                Cutter.Kind.STACK,
                mm(6.4),
                mm(6.35),
                null,
                "",
                null,
                Cutter.Tooth.ALTERNATE,
                new StackSet(mm(6.35), List.of(mm(3.2), mm(1.6)), List.of(mm(0.1), mm(0.25), mm(0.5)), mm(20)),
                "");
        Shop shop = new Shop(HouseRules.DEFAULT, List.of(), List.of(bit, stack), null);
        BoxPlan plan = bitBox().with(bitBox().fingers().withAnyCutter(true).withLowerBy(mm(1)));
        Ladder ladder = Planner.work(plan, shop).fingers();
        assertThat(ladder.rungs()).extracting(r -> r.tool().id()).contains("", "bit-8", "stack");
        assertThat(ladder.rungs())
                .filteredOn(r -> r.tool().id().equals("stack") && r.passes().count() == 1)
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.closing().length()).isBetween(mm(87), mm(88)));
        BoxPlan taken = plan.with(plan.fingers().with(stack).withAnyCutter(false));
        WorkedPlan worked = Planner.work(taken, shop);
        assertThat(worked.verdicts()).extracting(Verdict::code).contains(Code.RIDGED_FLOOR);
        assertThat(worked.number("fingers.kerf").orElseThrow().formula()).contains("+");
    }
}
