package canthook.judgement;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.SeedLibrary;
import canthook.cutlist.CutList;
import canthook.length.LengthDisplay;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.plan.Stuff;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.verdict.Fix;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** Each judgement call is made where a good maker would make it, with this box's numbers, and nowhere else. */
class JudgementTest {
    private static Optional<Hint> hint(BoxPlan plan, Call call) {
        return hint(SeedLibrary.work(plan), call);
    }

    private static Optional<Hint> hint(WorkedPlan worked, Call call) {
        return Judgement.of(worked).stream().filter(h -> h.call() == call).findFirst();
    }

    private static WorkedPlan measured(BoxPlan plan, double slot, double finger) {
        TestCut cut = new TestCut("2026-11-02T09:00:00Z", List.of(mm(slot)), List.of(mm(finger)), null);
        return Planner.work(plan, new Shop(HouseRules.DEFAULT, List.of(cut)));
    }

    private static BoxPlan of(String wood, double rings) {
        return envelopeDrawer().with(new Stuff(wood, rings));
    }

    private static BatchWish batch(int boxes, boolean resaw) {
        return new BatchWish(boxes, 0, 0, BatchWish.Break.PAIRS, resaw, List.of(), List.of(), null);
    }

    @Test
    void theHeartIsAskedForUnderThirtyDegreesOnly() {
        assertThat(hint(of("cherry-black", 29), Call.HEART_SIDE_OUT)
                        .orElseThrow()
                        .says())
                .contains("every part");
        assertThat(hint(of("cherry-black", 30), Call.HEART_SIDE_OUT)).isEmpty();
        assertThat(hint(of("sheet-plywood", 0), Call.HEART_SIDE_OUT)).isEmpty();
        BoxPlan mixed = of("sheet-plywood", 0).withEnds(new Stuff("cherry-black", 10));
        assertThat(hint(mixed, Call.HEART_SIDE_OUT).orElseThrow().says()).contains("B and D");
    }

    /** Fingers of 7.33 in walls of 9 hold; in walls of 20 they are under half of the slot's 20.4, and a wider one is named. */
    @Test
    void shortGrainIsAFingerUnderHalfItsLength() {
        BoxPlan thin = envelopeDrawer();
        assertThat(hint(thin, Call.SHORT_GRAIN)).isEmpty();
        WorkedPlan thick = SeedLibrary.work(thin.with(thin.size().withThickness(mm(20))));
        double finger = thick.fingers().chosen().finger().length().mm();
        assertThat(finger).isLessThan(thick.size().slotDepth().length().mm() / 2);
        assertThat(hint(thick, Call.SHORT_GRAIN).orElseThrow().why())
                .contains(thick.size().slotDepth().text(LengthDisplay.METRIC));
    }

    /** Walls of 20 with fingers of 7.33: the count that is offered makes them stout, and the hint is gone. */
    @Test
    void shortGrainIsMendedByAButton() {
        BoxPlan thick = envelopeDrawer().with(envelopeDrawer().size().withThickness(mm(20)));
        Fix fix = hint(thick, Call.SHORT_GRAIN).orElseThrow().fixes().get(0);
        WorkedPlan after = SeedLibrary.work(fix.after());
        assertThat(fix.label())
                .contains(String.valueOf(after.fingers().chosen().sections().count()));
        assertThat(after.fingers().chosen().finger().length().times(2).isUnder(mm(20)))
                .isFalse();
        assertThat(hint(fix.after(), Call.SHORT_GRAIN)).isEmpty();
    }

    /** Whatever the box, a button of a hint does what the hint says. */
    @Test
    void aHintsButtonFollowsIt() {
        AtomicInteger offered = new AtomicInteger();
        AnyPlan.seeds(1, 400).forEach(any -> {
            for (Hint hint : Judgement.of(any.worked())) {
                for (Fix fix : hint.fixes()) {
                    offered.incrementAndGet();
                    assertThat(hint(Planner.work(fix.after(), any.worked().shop()), hint.call()))
                            .as("%s of seed %d", hint.call(), any.seed())
                            .isEmpty();
                }
            }
        });
        assertThat(offered).hasPositiveValue();
    }

    @Test
    void aBatchIsTestedAgainAfterTwentyPartsAndCutFourInARow() {
        BoxPlan one = envelopeDrawer();
        assertThat(hint(one, Call.TEST_AGAIN)).isEmpty();
        assertThat(hint(one, Call.FOUR_IN_A_ROW)).isEmpty();
        assertThat(hint(one.withBatch(batch(5, false)), Call.TEST_AGAIN)).isEmpty();
        assertThat(hint(one.withBatch(batch(6, false)), Call.TEST_AGAIN)
                        .orElseThrow()
                        .says())
                .contains("of the 24 parts");
        assertThat(hint(one.withBatch(batch(2, false)), Call.FOUR_IN_A_ROW)).isPresent();
    }

    @Test
    void resawnWoodRestsLonger() {
        assertThat(hint(envelopeDrawer(), Call.LET_IT_SETTLE).orElseThrow().says())
                .contains("for a day");
        assertThat(hint(envelopeDrawer().withBatch(batch(2, true)), Call.LET_IT_SETTLE)
                        .orElseThrow()
                        .says())
                .contains("several days");
        assertThat(hint(of("sheet-plywood", 0), Call.LET_IT_SETTLE)).isEmpty();
    }

    @Test
    void sandingIsCountedInTheLengthsThatAreShown() {
        assertThat(hint(envelopeDrawer(), Call.WHAT_SANDING_TAKES).orElseThrow())
                .satisfies(h -> assertThat(h.says()).contains("0.05 to 0.15 mm"))
                .satisfies(h -> assertThat(h.why()).contains("up to 0.30 mm smaller"));
        BoxPlan inches = envelopeDrawer().with(LengthDisplay.DECIMAL_INCH);
        assertThat(hint(inches, Call.WHAT_SANDING_TAKES).orElseThrow().says())
                .contains("0.002 to 0.006 in")
                .doesNotContain("mm");
    }

    @Test
    void aBackingIsFreshForEverySetUpAndWearsOut() {
        WorkedPlan worked = SeedLibrary.work(envelopeDrawer());
        assertThat(hint(worked, Call.BACKING).orElseThrow().says())
                .contains(worked.cuts().setups().size() + " of them");
        int most = worked.cuts().setups().stream()
                .mapToInt(CutList.Setup::passes)
                .max()
                .orElseThrow();
        int boxes = Judgement.PASSES_A_BACKING / most + 1;
        assertThat(hint(envelopeDrawer().withBatch(batch(boxes, false)), Call.BACKING)
                        .orElseThrow()
                        .says())
                .contains("one set-up has " + most * boxes);
        BoxPlan hand = envelopeDrawer();
        assertThat(hint(hand.with(hand.jig().with(Way.HAND)), Call.BACKING)).isEmpty();
    }

    /** Under 0.2 mm dust and glue, under 0.8 a sliver, then a new part; a fit inside its band needs none of it. */
    @Test
    void whatIsCutTooLooseIsFilledSliveredOrMadeAnew() {
        double slot = 8;
        BoxPlan plan = bitBox();
        for (Object[] loose : new Object[][] {{0.19, "dust"}, {0.35, "sliver"}, {0.9, "new ones"}}) {
            assertThat(hint(measured(plan, slot, slot - (double) loose[0]), Call.REPAIR_OR_REMAKE)
                            .orElseThrow()
                            .says())
                    .contains((String) loose[1]);
        }
        assertThat(hint(measured(plan, slot, slot - 0.12), Call.REPAIR_OR_REMAKE))
                .isEmpty();
        assertThat(hint(SeedLibrary.work(plan), Call.REPAIR_OR_REMAKE)).isEmpty();
    }

    /** Over any plans: a hint is a whole sentence with a reason, in the lengths of the display, once. */
    @Test
    void everyHintHasItsReason() {
        AnyPlan.seeds(1, 400).forEach(any -> {
            WorkedPlan worked = any.worked();
            List<Hint> hints = Judgement.of(worked);
            assertThat(hints).extracting(Hint::call).doesNotHaveDuplicates();
            for (Hint hint : hints) {
                assertThat(hint.says()).as("seed " + any.seed()).endsWith(".");
                assertThat(hint.why()).as("seed " + any.seed()).endsWith(".");
                if (!worked.plan().display().isMetric()) {
                    assertThat(hint.says() + hint.why()).doesNotContainPattern("\\d mm\\b");
                }
            }
        });
    }
}
