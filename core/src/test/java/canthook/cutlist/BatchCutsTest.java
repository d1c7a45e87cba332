package canthook.cutlist;

import static canthook.SeedLibrary.bitBox;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.cutlist.BatchCuts.Pass;
import canthook.fingers.Gangs.BoxEnd;
import canthook.length.Length;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.plan.PartEnd;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.saw.SawEvent;
import canthook.saw.SawEvent.Wrong;
import canthook.saw.SawRun;
import canthook.saw.Spares;
import canthook.shop.Shop;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Many boxes in stacks: every end of every box gets the cuts it would get alone. */
class BatchCutsTest {
    private static BatchWish nine() {
        return new BatchWish(9, 1, 1, BatchWish.Break.PAIRS, false, List.of(), List.of(), null);
    }

    private static WorkedPlan work(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults());
    }

    static Stream<AnyPlan> anyPlans() {
        return AnyPlan.seeds(5400, 80);
    }

    /** No end is left out, none is cut twice, no stack is thicker than the clamp holds, and what is told is what is cut. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void everyEndGetsItsCuts(AnyPlan any) {
        int boxes = 1 + (int) (any.seed() % 12);
        BoxPlan plan = any.worked()
                .plan()
                .withBatch(new BatchWish(boxes, 0, 0, BatchWish.Break.PAIRS, false, List.of(), List.of(), null));
        WorkedPlan worked = work(plan);
        BatchCuts others = worked.cutsOf(2, boxes - 1);
        Map<PartEnd, List<String>> alone = new HashMap<>();
        for (SawCut cut : worked.cuts().cuts()) {
            cut.ends()
                    .forEach(e -> alone.computeIfAbsent(e, k -> new ArrayList<>())
                            .add(cut.pass().id()));
        }
        Map<BoxEnd, List<String>> inStacks = new HashMap<>();
        Set<String> ids = new HashSet<>();
        Length highest = worked.shop().rules().stackHighest();
        for (Pass pass : others.passes()) {
            assertThat(ids.add(pass.id()))
                    .as(any.seed() + ": " + pass.id() + " is named once")
                    .isTrue();
            Length high = Length.ZERO;
            Set<String> lying = new HashSet<>();
            for (BoxEnd end : pass.ends()) {
                inStacks.computeIfAbsent(end, k -> new ArrayList<>())
                        .add(pass.cut().pass().id());
                boolean side = end.end().part().isSide();
                high = high.plus(
                        (side ? worked.size().thickness() : worked.size().endThickness()).length());
                assertThat(lying.add(end.part()))
                        .as("a part lies in a stack once")
                        .isTrue();
            }
            if (pass.ends().size() > 1) {
                assertThat(high.isOver(highest))
                        .as(any.seed() + ": " + pass.ends())
                        .isFalse();
            }
            if (worked.jig().way() == Way.HAND) {
                assertThat(pass.ends()).hasSize(1);
            }
        }
        for (int box = 2; box <= boxes; box++) {
            for (PartEnd end : PartEnd.all()) {
                List<String> cuts = inStacks.getOrDefault(new BoxEnd(box, end), List.of());
                assertThat(cuts)
                        .as(any.seed() + ": box " + box + ", " + end)
                        .containsExactlyInAnyOrderElementsOf(alone.getOrDefault(end, List.of()));
            }
        }
        int told = worked.number("cut.batch-passes").orElseThrow().count();
        assertThat(told).isEqualTo(worked.cuts().cuts().size() + others.passes().size());
        assertThat(SawRun.ofMany(others, List.of()).items()).hasSameSizeAs(others.passes());
        assertThat(worked.number("cut.batch-setups").orElseThrow().count())
                .isEqualTo(worked.cuts().setups().size() + others.stacks().size());
    }

    /** Walls of 9 under a clamp that holds 50: five to a stack; eight boxes have 16 ends of a kind and a number: four stacks each. */
    @Test
    void theCheckValue() {
        WorkedPlan worked = work(bitBox().withBatch(nine()));
        double thick = worked.size().thickness().length().mm();
        int aStack = (int) (50 / thick);
        assertThat(worked.cutsOf(2, 8).stacks()).hasSize(4 * (int) Math.ceil(16.0 / aStack));
    }

    /** A part of one box is spoilt in the stack: its new one is cut alone up to there, and the spares tell what is left. */
    @Test
    void aSpoiltPartOfABatchIsBroughtUpToTheOthers() {
        WorkedPlan worked = work(bitBox().withBatch(nine()));
        SawRun run = SawRun.ofMany(worked.cutsOf(2, 8), List.of());
        assertThat(run.items().get(0).parts()).startsWith("A2 C2 A3").endsWith("end 1");
        for (int i = 0; i < 3; i++) {
            run = run.after(SawEvent.done(run.items().get(run.at()).id()));
        }
        assertThat(run.parts()).hasSize(32).startsWith("A2", "B2").endsWith("C9", "D9");
        SawRun after = run.after(SawEvent.spoilt("A3", Wrong.TEAR_OUT));
        assertThat(after.items().subList(3, 6))
                .allMatch(i -> i.extra() && i.parts().equals("A3′, end 1"));
        assertThat(after.items().get(6).parts()).contains("A3′").doesNotContain("A3 ");
        assertThat(after.parts()).contains("A3′").doesNotContain("A3");
        assertThat(Spares.of(nine(), after.spoilt()).says()).isEqualTo("Spares left: 0 sides, 1 end");
        SawRun twice = after.after(SawEvent.spoilt("C4", Wrong.TURNED));
        assertThat(Spares.of(nine(), twice.spoilt()).says())
                .isEqualTo("Spares left: 0 sides, 1 end; 1 more part to mill");
    }

    /** Boxes from the second on: what lies in the jig together is named box by box, and the end it is cut at. */
    @Test
    void aStackIsNamedByItsPartsAndTheirEnd() {
        WorkedPlan worked = work(bitBox());
        List<BatchCuts.Stack> stacks = BatchCuts.of(
                        worked.cuts().cuts(),
                        worked.fingers().joint(),
                        worked.size(),
                        Length.mm(50),
                        Way.SLED_KEY,
                        2,
                        3)
                .stacks();
        assertThat(stacks.get(0).says()).matches("([AC][2-4] )+[AC][2-4], end 1");
        assertThat(stacks)
                .extracting(BatchCuts.Stack::says)
                .doesNotHaveDuplicates()
                .hasSizeGreaterThan(3);
        assertThat(BatchCuts.of(
                                worked.cuts().cuts(),
                                worked.fingers().joint(),
                                worked.size(),
                                Length.mm(50),
                                Way.SLED_KEY,
                                2,
                                0)
                        .stacks())
                .isEmpty();
    }
}
