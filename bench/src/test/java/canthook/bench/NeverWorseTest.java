package canthook.bench;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.cutting.CutPlan;
import canthook.cutting.CuttingPlanner;
import canthook.cutting.CuttingSolver;
import canthook.cutting.CuttingSolver.Watch;
import canthook.cutting.CuttingTask;
import canthook.cutting.exact.ExactSolver;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class NeverWorseTest {
    private static final CuttingSolver SOLVER = new ExactSolver();

    static IntStream cases() {
        return IntStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void thePlanIsNeverWorseThanOneMadeByEye(int seed) {
        CuttingTask task = Cuttings.case200(seed);
        CutPlan plan = CuttingPlanner.plan(task, SOLVER, Watch.PATIENT);
        assertThat(Cuttings.against(plan, FirstFit.of(task))).isNotNegative();
    }

    @Test
    void aBatchOfTwentyFourFromTwelveBoardsIsProven() {
        CutPlan plan = CuttingPlanner.plan(Cuttings.task(1, 12, 24, 1, 2200, 900), SOLVER, Watch.PATIENT);
        assertThat(plan.isComplete()).isTrue();
        assertThat(plan.isProven()).isTrue();
    }
}
