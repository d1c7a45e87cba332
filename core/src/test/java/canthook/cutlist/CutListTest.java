package canthook.cutlist;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.twoThicknesses;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.cutlist.SawCut.Face;
import canthook.fingers.End;
import canthook.fingers.Joint;
import canthook.fingers.Joint.JointedCorner;
import canthook.fingers.Layout.Span;
import canthook.jig.Cut;
import canthook.length.Length;
import canthook.plan.Assumed;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lowered;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.verdict.Verdict.Code;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Every slot of every part is cut once, in stacks that may stand together. */
class CutListTest {
    private static Set<String> slotsOf(CutList list) {
        Set<String> cut = new HashSet<>();
        for (SawCut c : list.cuts()) {
            for (PartEnd end : c.ends()) {
                boolean fresh =
                        cut.add(end + " " + c.pass().slot() + " " + c.pass().pass());
                assertThat(fresh).as(c.id() + " is cut once").isTrue();
            }
        }
        return cut;
    }

    private static boolean isCut(SawCut cut, Part part) {
        return cut.ends().stream().anyMatch(e -> e.part() == part);
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
            WorkedPlan worked = work(openDrawer().with(openDrawer().fingers().with(parity)));
            Joint joint = worked.fingers().joint();
            for (JointedCorner corner : worked.cuts().corners()) {
                assertThat(joint.kind(corner.one()))
                        .as("corner " + corner.number())
                        .isNotEqualTo(joint.kind(corner.other()));
            }
        }
    }

    @Test
    void aStackIsNoThickerThanClampAndBackingHold() {
        Shop thin = new Shop(HouseRules.DEFAULT.with(HouseRule.STACK_HIGHEST, 20), List.of());
        CutList list = Planner.work(openDrawer(), thin).cuts();
        assertThat(list.setups()).hasSize(8);
        assertThat(list.setups()).allSatisfy(s -> assertThat(s.why()).contains("20.0"));
        assertThat(list.passes().count())
                .isEqualTo(2 * work(openDrawer()).cuts().passes().count());
    }

    @Test
    void unequalMatesAreCutToTwoDepthsAndSaySo() {
        BoxPlan plan = openDrawer();
        plan = plan.with(twoThicknesses(12, 9));
        CutList list = work(plan).cuts();
        assertThat(list.verdicts()).extracting(v -> v.code()).contains(Code.TWO_DEPTHS);
        assertThat(list.cuts())
                .filteredOn(c -> isCut(c, Part.A))
                .allMatch(c -> c.depth().equals(mm(9.4)));
        assertThat(list.cuts())
                .filteredOn(c -> isCut(c, Part.B))
                .allMatch(c -> c.depth().equals(mm(12.4)));
    }

    @Test
    void aLowFrontIsCutOnlyAsFarAsItReaches() {
        // 8 mm bit, 11 sections: five close at 5 · 8 − 3 · 0.12 = 39.64
        BoxPlan plan = bitBox();
        plan = plan.with(plan.size().withLowered(new Lowered(Lowered.Which.FRONT, mm(39.64))));
        CutList list = work(plan).cuts();
        assertThat(list.cuts())
                .filteredOn(c -> c.stack().contains("B")
                        || c.stack().contains("A2")
                        || c.stack().contains("C1"))
                .isNotEmpty()
                .allMatch(c -> !c.pass().to().isOver(mm(39.64 + 0.12)));
        assertThat(list.corners()).extracting(JointedCorner::isLow).containsExactly(true, true, false, false);
        assertThat(list.corners()).extracting(JointedCorner::sections).containsExactly(5, 5, 11, 11);
        assertThat(list.setups())
                .extracting(CutList.Setup::stack)
                .containsExactly("A1 + C2", "A2 + C1", "B1", "B2", "D1", "D2");
        assertThat(list.setups().get(1).face()).isEqualTo(SawCut.Face.FACING);
        assertThat(list.setups().get(1).upTo()).isEqualTo(mm(39.64));
        // what stands in a low wall alone is cut to its edge; what is cut into a whole wall beside it, to the slot's
        // far wall
        assertThat(highest(list, "B1")).isEqualTo(mm(39.64));
        assertThat(highest(list, "D1")).isEqualTo(mm(11 * 8 - 5 * 0.12));
        assertThat(list.setups().stream().mapToInt(CutList.Setup::passes).sum())
                .isEqualTo(list.cuts().size());
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

    @Test
    void aBatchIsOneBoxAndTheOthersInStacks() {
        WorkedPlan six = work(
                bitBox().withBatch(new BatchWish(6, 0, 0, BatchWish.Break.PAIRS, false, List.of(), List.of(), null)));
        assertThat(six.number("cut.batch-passes").orElseThrow().count()).isEqualTo(66);
        assertThat(six.number("cut.batch-time").orElseThrow().number())
                .isEqualTo(66 * six.cuts().secondsPerPass().number()
                        + six.number("cut.batch-setups").orElseThrow().count()
                                * six.cuts().secondsPerSetup().number());
        assertThat(work(bitBox()).number("cut.batch-passes")).isEmpty();
    }

    @Test
    void byHandItSaysWhyEveryPartStandsAlone() {
        assertThat(work(bitBox().with(bitBox().jig().with(Way.HAND))).cuts().setups())
                .allMatch(s -> s.why().equals("by hand each part is sawn alone"));
        assertThat(work(bitBox()).cuts().setups()).allMatch(s -> s.why().isEmpty());
    }

    @Test
    void aStripOverALowWallIsSawnOffWithThePartsOwnFaceAndNumber() {
        // 11 sections of an 8 mm bit; a front 45 high stands 5.36 over the boundary of five, in the middle of its sixth
        // section
        BoxPlan plan = bitBox();
        plan = plan.with(plan.size().withLowered(new Lowered(Lowered.Which.FRONT, mm(45))));
        WorkedPlan worked = work(plan);
        List<SawCut> strips = worked.cuts().cuts().stream()
                .filter(c -> c.pass().where() instanceof Cut.ByEye)
                .toList();
        assertThat(strips).isNotEmpty();
        for (SawCut strip : strips) {
            assertThat(strip.ends()).hasSize(1);
            PartEnd end = strip.ends().get(0);
            Span off = worked.fingers().joint().sawnOff(end).orElseThrow();
            assertThat(strip.face()).isEqualTo(end.end() == 1 ? Face.OUTSIDE : Face.INSIDE);
            assertThat(strip.pass().from()).isEqualTo(off.from());
            assertThat(strip.pass().to()).isEqualTo(off.to());
            assertThat(worked.cuts().passByEye("jig.cut." + strip.pass().id())).isPresent();
            assertThat(worked.cuts().cuts().get(strip.number() - 1)).isEqualTo(strip);
        }
        assertThat(worked.cuts().passByEye("jig.cut.none")).isEmpty();
        assertThat(worked.cuts().cuts()).extracting(SawCut::number).isSorted().doesNotHaveDuplicates();
    }

    @Test
    void aJigThatWaitsCutsNothingAndSaysNothingOfDepths() {
        BoxPlan plan = openDrawer();
        plan = plan.with(twoThicknesses(12, 9))
                .with(plan.fingers().with(Parity.EVEN))
                .with(plan.jig().with(Way.BAND_SAW));
        CutList list = work(plan).cuts();
        assertThat(list.cuts()).isEmpty();
        assertThat(list.verdicts()).isEmpty();
        assertThat(list.time().number()).isZero();
    }

    @Test
    void onlyAKeyWantsAGuidePart() {
        BoxPlan even = bitBox().with(bitBox().fingers().with(Parity.EVEN));
        assertThat(work(even.with(even.jig().with(Way.STOPS))).cuts().verdicts())
                .extracting(v -> v.code())
                .doesNotContain(Code.GUIDE_PART);
        assertThat(work(bitBox()).cuts().verdicts()).extracting(v -> v.code()).doesNotContain(Code.GUIDE_PART);
    }

    @Test
    void everyStackSaysWhichFaceLiesAgainstTheJig() {
        assertThat(work(bitBox()).cuts().setups())
                .extracting(CutList.Setup::face)
                .containsExactly(Face.OUTSIDE, Face.INSIDE, Face.OUTSIDE, Face.INSIDE);
        assertThat(List.of(Face.values()))
                .extracting(Face::words)
                .doesNotHaveDuplicates()
                .allMatch(w -> !w.isBlank());
    }

    private static Length highest(CutList list, String stack) {
        return list.cuts().stream()
                .filter(c -> c.stack().equals(stack))
                .map(c -> c.pass().to())
                .max(Length::compareTo)
                .orElseThrow();
    }

    /** A guess that would change the joint is named before a part is cut; one that would not, and what was decided, is not. */
    @Test
    void whatIsStillAssumedOfTheJointIsSaid() {
        for (Assumed one : Assumed.values()) {
            CutList list = work(openDrawer().assuming(EnumSet.of(one))).cuts();
            if (one.changesTheJoint()) {
                assertThat(list.verdicts())
                        .filteredOn(v -> v.code() == Code.STILL_ASSUMED)
                        .singleElement()
                        .satisfies(v -> assertThat(v.sentence()).startsWith("Still assumed: " + one.words() + "."));
            } else {
                assertThat(list.verdicts()).extracting(v -> v.code()).doesNotContain(Code.STILL_ASSUMED);
            }
        }
        assertThat(work(openDrawer()).cuts().verdicts())
                .extracting(v -> v.code())
                .doesNotContain(Code.STILL_ASSUMED);
    }
}
