package canthook.cutlist;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.fingers.Layout;
import canthook.jig.End;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lowered;
import canthook.plan.SizeWish;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.verdict.Verdict.Code;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Every slot of every part is cut once, in stacks that may stand together. */
class CutListTest {
    private static Set<String> slotsOf(CutList list) {
        Set<String> cut = new HashSet<>();
        for (SawCut c : list.cuts()) {
            for (int i = 0; i < c.parts().size(); i++) {
                boolean fresh = cut.add(c.parts().get(i) + c.ends().get(i) + " "
                        + c.pass().slot() + " " + c.pass().pass());
                assertThat(fresh).as(c.id() + " is cut once").isTrue();
            }
        }
        return cut;
    }

    @Test
    void oddCountsAreTwoStacksCutAtBothEnds() {
        CutList list = work(bitBox()).cuts();
        assertThat(list.setups())
                .extracting(CutList.Setup::stack)
                .containsExactly("A1 + C1", "A2 + C2", "B1 + D1", "B2 + D2");
        assertThat(list.setups())
                .extracting(CutList.Setup::end)
                .startsWith(End.FINGER_FIRST)
                .endsWith(End.SLOT_FIRST);
        // 11 sections: 5 slots finger-first, 6 slot-first, one pass each, four stacks
        assertThat(list.passes().count()).isEqualTo(22);
        assertThat(slotsOf(list)).hasSize(44);
        assertThat(list.cuts()).extracting(SawCut::id).doesNotHaveDuplicates();
        // 22 passes of 12 s and four set-ups of 90 s
        assertThat(list.time().number()).isEqualTo(22 * 12 + 4 * 90);
    }

    @Test
    void evenCountsAreOneStackOfAllFour() {
        BoxPlan plan = bitBox().with(bitBox().fingers().with(Parity.EVEN));
        CutList list = work(plan).cuts();
        assertThat(list.setups())
                .extracting(CutList.Setup::stack)
                .containsExactly("A1 + B1 + C1 + D1", "A2 + B2 + C2 + D2");
        assertThat(list.verdicts()).extracting(v -> v.code()).contains(Code.GUIDE_PART);
    }

    @Test
    void matesMeetAlwaysFingerFirstWithSlotFirst() {
        for (Parity parity : Parity.values()) {
            WorkedPlan worked =
                    work(envelopeDrawer().with(envelopeDrawer().fingers().with(parity)));
            Layout layout = worked.fingers().chosen().layout();
            for (CutList.Meeting meeting : worked.cuts().meetings()) {
                boolean one = layout.isFingerFirst(
                        meeting.one().substring(0, 1), meeting.one().charAt(1) - '0');
                boolean other = layout.isFingerFirst(
                        meeting.other().substring(0, 1), meeting.other().charAt(1) - '0');
                assertThat(one).as("corner " + meeting.number()).isNotEqualTo(other);
            }
        }
    }

    @Test
    void aStackIsNoThickerThanClampAndBackingHold() {
        Shop thin = new Shop(HouseRules.DEFAULT.with(HouseRule.STACK_HIGHEST, 20), List.of());
        CutList list = Planner.work(envelopeDrawer(), thin).cuts();
        assertThat(list.setups()).hasSize(8);
        assertThat(list.setups()).allSatisfy(s -> assertThat(s.why()).contains("20.0"));
        assertThat(list.passes().count())
                .isEqualTo(2 * work(envelopeDrawer()).cuts().passes().count());
    }

    @Test
    void unequalMatesAreCutToTwoDepthsAndSaySo() {
        BoxPlan plan = envelopeDrawer();
        plan = plan.with(new SizeWish(
                SizeWish.From.OUTSIDE,
                mm(248),
                mm(166),
                mm(96),
                mm(12),
                SizeWish.Tips.SAND,
                null,
                mm(9),
                null,
                null,
                null));
        CutList list = work(plan).cuts();
        assertThat(list.verdicts()).extracting(v -> v.code()).contains(Code.TWO_DEPTHS);
        assertThat(list.cuts())
                .filteredOn(c -> c.parts().contains("A"))
                .allMatch(c -> c.depth().equals(mm(9.4)));
        assertThat(list.cuts())
                .filteredOn(c -> c.parts().contains("B"))
                .allMatch(c -> c.depth().equals(mm(12.4)));
    }

    @Test
    void aLowFrontIsCutOnlyAsFarAsItReaches() {
        BoxPlan plan = bitBox();
        plan = plan.with(plan.size().withLowered(new Lowered(Lowered.Which.FRONT, mm(40))));
        CutList list = work(plan).cuts();
        assertThat(list.cuts())
                .filteredOn(c -> c.stack().contains("B1") || c.stack().contains("A2"))
                .isNotEmpty()
                .allMatch(c -> c.pass().from().isUnder(mm(40)));
        assertThat(list.meetings())
                .extracting(m -> m.height().equals(mm(40)))
                .containsExactly(true, true, false, false);
        assertThat(list.setups()).extracting(CutList.Setup::stack).contains("A2 + C1", "A1 + C2");
    }

    @Test
    void byHandEveryPartIsSawnAlone() {
        BoxPlan plan = bitBox().with(bitBox().jig().with(Way.HAND));
        assertThat(work(plan).cuts().setups()).hasSize(8);
    }

    @Test
    void secondsLearnedAtTheSawTakeTheHouseRulesPlace() {
        Shop learned = new Shop(HouseRules.DEFAULT, List.of(), List.of(), 20.0);
        assertThat(Planner.work(bitBox(), learned).cuts().time().number()).isEqualTo(22 * 20 + 4 * 90);
    }
}
