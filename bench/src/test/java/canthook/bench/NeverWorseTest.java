package canthook.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeout;

import canthook.breakdown.Breakdown;
import canthook.breakdown.BreakdownPlanner;
import canthook.breakdown.BreakdownSolver;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.BreakdownTask;
import canthook.breakdown.exact.ExactSolver;
import java.time.Duration;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class NeverWorseTest {
    private static final BreakdownSolver SOLVER = new ExactSolver();

    static IntStream cases() {
        return IntStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void thePlanIsNeverWorseThanOneMadeByEye(int seed) {
        BreakdownTask task = Breakdowns.case200(seed);
        Breakdown plan = BreakdownPlanner.plan(task, SOLVER, Watch.PATIENT);
        assertThat(Breakdowns.against(plan, FirstFit.of(task))).isNotNegative();
    }

    @Test
    void aBatchOfTwentyFourFromTwelveBoardsIsProven() {
        Breakdown plan = BreakdownPlanner.plan(Breakdowns.task(1, 12, 24, 1, 2200, 900), SOLVER, Watch.PATIENT);
        assertThat(plan.isComplete()).isTrue();
        assertThat(plan.isProven()).isTrue();
    }

    /** What is promised of speed is measured in the bench; here, that it comes out at all, with much time to spare. */
    @ParameterizedTest
    @CsvSource({
        "12, 24, 1, 800, 800", "12, 24, 1, 1500, 900", "12, 24, 1, 2200, 900",
        "30, 60, 3, 1200, 900", "30, 60, 3, 1700, 900", "30, 60, 3, 2400, 1000"
    })
    void promisedBatchesAreProven(int blanks, int boxes, int sizes, double least, double spread) {
        for (int seed = 20; seed < 26; seed++) {
            BreakdownTask task = Breakdowns.task(seed, blanks, boxes, sizes, least, spread);
            Breakdown plan =
                    assertTimeout(Duration.ofSeconds(10), () -> BreakdownPlanner.plan(task, SOLVER, Watch.PATIENT));
            assertThat(plan.goals())
                    .as("rack %d", seed)
                    .allSatisfy(goal -> assertThat(goal.gap()).isLessThanOrEqualTo(0.02));
        }
    }
}
