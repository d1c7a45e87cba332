package canthook.saw;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is checked before the first cut. */
class SetUpGateTest {
    private static String says(WorkedPlan worked, String id) {
        return SetUpGate.of(worked).stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow()
                .says();
    }

    private static WorkedPlan tested(double slot, double finger) {
        TestCut cut = new TestCut("2026-11-02T09:00:00Z", List.of(mm(slot)), List.of(mm(finger)), null);
        return Planner.work(bitBox(), new Shop(HouseRules.DEFAULT, List.of(cut)));
    }

    @Test
    void beginsUnpluggedAndEndsWithGuardsOn() {
        List<SetUpGate.Check> gate = SetUpGate.of(work(bitBox()));
        assertThat(gate.get(0).id()).isEqualTo("isolated");
        assertThat(gate.get(gate.size() - 1).says()).contains("Guards on");
        assertThat(gate).extracting(SetUpGate.Check::id).doesNotHaveDuplicates();
        assertThat(says(work(bitBox()), "gap")).contains("7.88 mm");
        assertThat(says(work(bitBox()), "height")).contains("7.40 mm");
    }

    @Test
    void saysWhetherTheTestCutIsAccepted() {
        assertThat(says(work(bitBox()), "test-cut")).contains("No test cut is recorded");
        assertThat(says(tested(8, 7.88), "test-cut")).contains("0.12 mm, accepted");
        assertThat(says(tested(8, 7.7), "test-cut")).contains("not where it should be");
    }

    @Test
    void anotherTestIsAskedForAfterTwentyParts() {
        assertThat(SetUpGate.of(tested(8, 7.88), 16, SetUpGate.Boxes.ONE))
                .extracting(SetUpGate.Check::id)
                .doesNotContain("test-again");
        assertThat(SetUpGate.of(tested(8, 7.88), 20, SetUpGate.Boxes.ONE))
                .filteredOn(c -> c.id().equals("test-again"))
                .singleElement()
                .satisfies(c -> assertThat(c.says()).startsWith("20 parts are cut since the last test"));
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void everyNumberOfACheckOpens(Way way) {
        WorkedPlan worked = work(bitBox().with(bitBox().jig().with(way)));
        for (SetUpGate.Check check : SetUpGate.of(worked)) {
            if (!check.number().isEmpty()) {
                assertThat(worked.number(check.number())).as(check.id()).isPresent();
            }
        }
    }

    @Test
    void whereNothingCanBeCutThereIsNothingToCheck() {
        BoxPlan plan = bitBox();
        plan = plan.with(plan.fingers().withWidths(List.of(mm(30), mm(28), mm(30))));
        assertThat(SetUpGate.of(work(plan))).isEmpty();
    }
}
