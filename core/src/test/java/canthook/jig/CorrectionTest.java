package canthook.jig;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.fingers.End;
import canthook.fingers.Layout;
import canthook.fingers.ScrewPlans;
import canthook.fit.Fit;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.verdict.Verdict.Code;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A fit that is off is put right in the terms of the jig that cuts it. */
class CorrectionTest {
    /** 0.21 read where 0.12 is wanted: every finger must grow by 0.09. */
    private static final TestCut LOOSE =
            new TestCut("2026-03-02T10:00:00Z", List.of(mm(8.02)), List.of(mm(7.81)), null);

    private static WorkedPlan loose(BoxPlan plan) {
        return Planner.work(plan, new Shop(HouseRules.DEFAULT, List.of(LOOSE)));
    }

    /** A test of the joint that stands, whatever its sections: fingers 0.09 too narrow. */
    private static WorkedPlan looseOf(BoxPlan plan) {
        WorkedPlan worked = Planner.work(plan, Shop.withDefaults());
        Length slot = worked.fingers().chosen().slot().length();
        Length finger = slot.minus(worked.fingers().chosen().wanted().length()).minus(mm(0.09));
        TestCut cut = new TestCut("2026-03-02T10:00:00Z", List.of(slot), List.of(finger), null);
        return Planner.work(plan, new Shop(HouseRules.DEFAULT, List.of(cut)));
    }

    private static BoxPlan by(Way way) {
        BoxPlan plan = bitBox();
        if (way == Way.BAND_SAW) {
            plan = plan.with(plan.fingers().with(Sharing.CENTRED));
        }
        return plan.with(plan.jig().with(way));
    }

    private static String sentence(WorkedPlan worked) {
        return worked.verdicts().stream()
                .filter(v -> v.code() == Code.CORRECT_THE_FIT)
                .findFirst()
                .orElseThrow()
                .sentence();
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void onlyAKeyIsToldToMoveAKey(Way way) {
        String says = sentence(loose(by(way)));
        boolean fixedKey = way == Way.SLED_KEY || way == Way.ROUTER_SLED || way == Way.ROD_KEY;
        assertThat(says.contains("Move the key")).as(says).isEqualTo(fixedKey);
        assertThat(says).matches("(?s).*(0\\.09|0\\.05|0\\.04|0\\.10|leaves).*");
    }

    @Test
    void paperThatOvershootsIsSaidSo() {
        JigChoice paper = by(Way.SHIM_FENCE).jig().with(new Leaves(mm(7.6), List.of(), mm(0.1)));
        assertThat(sentence(loose(bitBox().with(paper)))).contains("Add 0 sheets: one (0.10 mm) overshoots 0.09 mm");
        JigChoice thin = paper.with(new Leaves(mm(7.6), List.of(), mm(0.04)));
        assertThat(sentence(loose(bitBox().with(thin)))).contains("Add 2 sheets of 0.04 mm");
    }

    /** A fixed key is moved by the leaves the shop has, and what they make is what is told: step, new gap and the reading to expect. */
    @ParameterizedTest
    @CsvSource({
        "0.05;0.1;0.2, , 0.10, leaf 0.10",
        "0.05;0.04, , 0.09, leaves 0.05+0.04 (0.09 mm)",
        "0.15;0.3, , 0.15, leaf 0.15",
        "'', 0.04, 0.08, 2 sheets (0.08 mm)",
        "'', 0.1, 0.09, leaves of 0.09 mm"
    })
    void aFixedKeyIsMovedByTheShopsLeaves(String set, String paper, double made, String laid) {
        List<Length> leaves = set.isEmpty()
                ? List.of()
                : java.util.Arrays.stream(set.split(";"))
                        .map(t -> mm(Double.parseDouble(t)))
                        .toList();
        BoxPlan plan = by(Way.SLED_KEY);
        plan = plan.with(
                plan.jig().with(new Leaves(null, leaves, paper == null ? null : mm(Double.parseDouble(paper)))));
        WorkedPlan worked = loose(plan);
        Correction correction =
                java.util.Objects.requireNonNull(worked.fit().reading()).correction();
        assertThat(correction).isNotNull();
        assertThat(correction.made()).isEqualTo(mm(made));
        assertThat(correction.steps().get(0)).contains(", " + laid + " between them");
        Length gap = ((KeySetting) worked.jig().setting()).gap().length();
        assertThat(correction.steps().get(2))
                .contains(LengthDisplay.METRIC.number(gap.plus(mm(made)), canthook.length.Precision.CALIPER));
        assertThat(correction.sentence().contains("come no nearer")).isEqualTo(made != 0.09);
    }

    /** The table of chapter “test cut”: what a move asks of spacers and fence. */
    @ParameterizedTest
    @CsvSource({"ODD,ONE_SIDE,0,5", "ODD,CENTRED,0.5,5.5", "EVEN,ONE_SIDE,1,5", "EVEN,CENTRED,0.5,5"})
    void spacersAndFenceFollowAMove(Parity parity, Sharing shared, double oddBy, double fenceBy) {
        BoxPlan plan = by(Way.SPACERS);
        plan = plan.with(plan.fingers().with(parity).with(shared).withSections(parity == Parity.ODD ? 11 : 10));
        SpacerSetting spacers = (SpacerSetting) loose(plan).jig().setting();
        assertThat(spacers.oddBy(mm(0.08)).mm()).isCloseTo(0.08 * oddBy, within(1e-6));
        assertThat(spacers.fenceBy(mm(0.08)).mm()).isCloseTo(0.08 * fenceBy, within(1e-6));
        // cut with what the correction says, every finger has grown by the move and every slot stayed
        Length p = spacers.spacer().length().plus(mm(0.08));
        Length odd = spacers.odd().length().plus(spacers.oddBy(mm(0.08)));
        Length fence = spacers.fence().length().plus(spacers.fenceBy(mm(0.08)));
        Layout layout = spacers.layout();
        for (End end : End.values()) {
            Length before = null;
            for (Cut cut : spacers.cuts(end)) {
                Cut.Stacked stack = (Cut.Stacked) cut.where();
                if (stack.pass().isPositive()) {
                    continue;
                }
                Length from = fence.minus(p.times(stack.pitches()))
                        .minus(stack.odd().isPositive() ? odd : Length.ZERO)
                        .minus(stack.pass());
                if (before != null) {
                    assertThat(before.minus(from).mm())
                            .isCloseTo(layout.pitch().plus(mm(0.08)).mm(), within(1e-5));
                }
                before = from;
            }
        }
    }

    @Test
    void everyStopMovesByItsOwn() {
        assertThat(StopSetting.byOf(End.FINGER_FIRST, 0, mm(0.09), false)).isEqualTo(mm(0.09));
        assertThat(StopSetting.byOf(End.FINGER_FIRST, 3, mm(0.09), false)).isEqualTo(mm(0.36));
        assertThat(StopSetting.byOf(End.SLOT_FIRST, 0, mm(0.09), false)).isEqualTo(mm(0));
        assertThat(StopSetting.byOf(End.SLOT_FIRST, 2, mm(0.09), false)).isEqualTo(mm(0.18));
        assertThat(StopSetting.byOf(End.SLOT_FIRST, 2, mm(0.1), true)).isEqualTo(mm(0.25));
        assertThat(((StopSetting) loose(by(Way.STOPS)).jig().setting())
                        .correction(Length.ZERO, mm(0.09), LengthDisplay.METRIC)
                        .steps())
                .hasSize(11)
                .startsWith("finger-first slot 1: stop plus 0.09, to 8.00")
                .contains("slot-first slot 1: stop stays at 0.00");
    }

    /** 11 × 8.02 − 6 × 0.21 = 86.96 as read; six fingers grow by 0.09, a screw's sections by half of it, and lines stay; leaves of
     * whole twentieths make 0.10 of 0.09. */
    @ParameterizedTest
    @CsvSource({
        "SLED_KEY,87.50",
        "ROUTER_SLED,87.50",
        "ROD_KEY,87.50",
        "SHIM_FENCE,87.56",
        "SPACERS,87.50",
        "STOPS,87.50",
        "HAND,88",
        "BAND_SAW,87.28"
    })
    void theHeightAfterwardsDependsOnWhatAJigCanMove(Way way, double after) {
        assertThat(loose(by(way)).fit().reading().closingAfter().length()).isEqualTo(mm(after));
    }

    @Test
    void aScrewsHeightFollowsHalfTheMoveAndWithAnEvenCountNotAtAll() {
        for (Parity parity : Parity.values()) {
            BoxPlan plan = by(Way.SCREW);
            plan = plan.with(plan.fingers().with(parity).withSections(parity == Parity.ODD ? 11 : 10));
            Fit.Reading reading = looseOf(plan).fit().reading();
            Length by = parity == Parity.ODD ? reading.move().length().dividedBy(2) : Length.ZERO;
            assertThat(reading.closingAfter().length())
                    .isEqualTo(reading.closing().length().plus(by));
        }
    }

    @Test
    void whereNothingIsMovedNothingFollows() {
        TestCut good = new TestCut("2026-03-02T10:00:00Z", List.of(mm(8)), List.of(mm(7.88)), null);
        Fit.Reading settled = Planner.work(bitBox(), new Shop(HouseRules.DEFAULT, List.of(good)))
                .fit()
                .reading();
        assertThat(settled.closingAfter().label()).isEqualTo("Closing height");
        assertThat(settled.closingAfter().length()).isEqualTo(settled.closing().length());
        assertThat(settled.correction()).isNull();
        // a jig that waits moves nothing either
        BoxPlan waits = bitBox().with(bitBox().jig().with(Way.BAND_SAW))
                .with(bitBox().fingers().with(Parity.EVEN));
        Fit.Reading waiting = looseOf(waits).fit().reading();
        assertThat(waiting.correction()).isNull();
        assertThat(waiting.closingAfter().length()).isEqualTo(waiting.closing().length());
        assertThat(sentence(looseOf(waits))).isEqualTo("The fit is off by 0.09 mm.");
    }

    @Test
    void sectionsOfTheMakersOwnSumToTheHeightWhateverTheFit() {
        BoxPlan own = by(Way.STOPS);
        own = own.with(own.fingers().withWidths(List.of(mm(8), mm(9), mm(8), mm(12), mm(51))));
        TestCut mean = new TestCut("2026-03-02T10:00:00Z", List.of(mm(17.8)), List.of(mm(17.5)), null);
        Fit.Reading reading = Planner.work(own, new Shop(HouseRules.DEFAULT, List.of(mean)))
                .fit()
                .reading();
        assertThat(reading.closing().length()).isEqualTo(mm(88));
        assertThat(reading.closingAfter().length()).isEqualTo(mm(88));
        assertThat(reading.closingAfter().rule()).contains("sum to the height");
    }

    @Test
    void aTestOfAnotherCountTellsNoHeight() {
        WorkedPlan other = Planner.work(bitBox(), new Shop(HouseRules.DEFAULT, List.of(LOOSE.cutFor(13, mm(8)))));
        assertThat(other.fit().reading()).isNull();
        assertThat(other.verdicts()).extracting(v -> v.code()).contains(Code.TEST_CUT_OF_ANOTHER);
        WorkedPlan same = Planner.work(bitBox(), new Shop(HouseRules.DEFAULT, List.of(LOOSE.cutFor(11, mm(8)))));
        assertThat(same.fit().reading()).isNotNull();
    }

    /** On a router the last pass of a slot is the one at its far wall: the key stands to the right of the bit. */
    @Test
    void aBitNeverClimbs() {
        BoxPlan two = bitBox().with(bitBox().fingers().exactly().withSections(9));
        for (Way way : new Way[] {Way.SLED_KEY, Way.ROUTER_SLED}) {
            WorkedPlan worked = Planner.work(two.with(two.jig().with(way)), Shop.withDefaults());
            assertThat(worked.fingers().chosen().passes().count()).isEqualTo(2);
            for (Cut cut : worked.jig().cuts()) {
                boolean nearWall = cut.pass() == 1;
                Cut.OnKey on = (Cut.OnKey) cut.where();
                assertThat(on.spacer().isPositive())
                        .as(way + " " + cut.id())
                        .isEqualTo(way == Way.ROUTER_SLED ? nearWall : !nearWall);
            }
        }
    }

    /** Whatever the hand moves, the next test is to read the clearance wanted, or as near as leaves come; which of slot and finger changes is the jig's. */
    @ParameterizedTest
    @CsvSource({
        "SLED_KEY,0,0.09",
        "ROUTER_SLED,0,0.09",
        "ROD_KEY,0,0.09",
        "SHIM_FENCE,0,0.1",
        "SPACERS,0,0.09",
        "STOPS,0,0.09",
        "SCREW,-0.045,0.045",
        "BAND_SAW,-0.045,0.045",
        "HAND,0,0.09"
    })
    void theNextTestIsToReadTheClearanceWanted(Way way, double slotBy, double fingerBy) {
        WorkedPlan worked = looseOf(by(way));
        Fit.Reading reading = worked.fit().reading();
        assertThat(reading.nextSlot().length().minus(reading.slot().length()).mm())
                .isCloseTo(slotBy, within(1e-5));
        assertThat(reading.nextFinger()
                        .length()
                        .minus(reading.finger().length())
                        .mm())
                .isCloseTo(fingerBy, within(1e-5));
        assertThat(reading.nextSlot()
                        .length()
                        .minus(reading.nextFinger().length())
                        .mm())
                .isCloseTo(
                        worked.fingers().chosen().wanted().length().mm(),
                        within(way == Way.SHIM_FENCE ? 0.0101 : 1e-5));
    }

    /** A blade cuts 0.045 wider than it was measured; with one thinner by half the move the screw's own steps make what was foretold. */
    @Test
    void aScrewWithTheThinnerKerfCutsTheSlotForetold() {
        WorkedPlan planned = Planner.work(by(Way.SCREW), Shop.withDefaults());
        ScrewSetting screw = (ScrewSetting) planned.jig().setting();
        Length across = ScrewPlans.travel(screw.screw(), screw.plan().across());
        Length pitch = ScrewPlans.travel(screw.screw(), screw.plan().pitch());
        Length wide = planned.jig().kerf().length().plus(mm(0.045));
        TestCut cut = new TestCut(
                "2026-03-02T10:00:00Z",
                List.of(wide.plus(across)),
                List.of(pitch.minus(wide).minus(across)),
                null);
        Fit.Reading reading = Planner.work(by(Way.SCREW), new Shop(HouseRules.DEFAULT, List.of(cut)))
                .fit()
                .reading();
        Length thinner = wide.minus(reading.move().length().dividedBy(2));
        assertThat(thinner.plus(across).mm())
                .isCloseTo(reading.nextSlot().length().mm(), within(1e-5));
        assertThat(pitch.minus(thinner).minus(across).mm())
                .isCloseTo(reading.nextFinger().length().mm(), within(1e-5));
    }
}
