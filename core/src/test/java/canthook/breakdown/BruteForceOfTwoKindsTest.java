package canthook.breakdown;

import static canthook.breakdown.Boards.box;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.breakdown.Breakdown.Goal;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.exact.ExactSolver;
import canthook.plan.BatchWish.Break;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Two kinds of box with spares, every clear length filled in every possible way, in whole micrometres. */
class BruteForceOfTwoKindsTest {
    private static final BreakdownSolver SOLVER = new ExactSolver();
    private static final long KERF = 3_200;

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    private record Clear(int blank, long room) {}

    /** Runs, pairs, sides and ends of the first kind, then of the second. */
    private record Fill(int[] counts, long used) {}

    private final List<Clear> clears = new ArrayList<>();
    private final List<List<Fill>> fills = new ArrayList<>();
    private Break broken = Break.SINGLES;
    private List<Wanted> boxes = List.of();
    private long[] best = {};

    @ParameterizedTest
    @MethodSource("seeds")
    void noPlanIsBetter(int seed) {
        Random random = new Random(500 + seed);
        broken = Break.values()[seed % 3];
        boxes = List.of(wanted(random, "tall", 1 + random.nextInt(2)), wanted(random, "small", 1));
        BreakdownTask task = new BreakdownTask(
                boxes, Boards.random(random, 2, random.nextInt(2), 160, 330, 100), Boards.habits(broken));
        Breakdown plan = BreakdownPlanner.plan(task, SOLVER, Watch.PATIENT);
        BreakdownPlannerTest.checkPieces(plan);
        clear(task);
        best = new long[] {-1, 0, 0, 0, 0};
        walk(0, new int[8], new long[clears.size()]);
        double[] found = plan.goals().stream().mapToDouble(Goal::reached).toArray();
        assertThat(plan.isProven()).isTrue();
        assertThat(found)
                .as("seed %d, %s", seed, broken)
                .containsExactly(best[0], best[1], best[2], -best[3], best[4] / 1e3);
        assertThat(plan.boxesMade()).isEqualTo((int) best[0]);
        assertThat(plan.spares()).isEqualTo((int) best[1]);
        assertThat(plan.opened()).hasSize((int) -best[3]);
    }

    private static Wanted wanted(Random random, String name, int count) {
        return box(
                name,
                70 + random.nextInt(50),
                45 + random.nextInt(50),
                96.5,
                count,
                random.nextInt(2),
                random.nextInt(2));
    }

    private void clear(BreakdownTask task) {
        for (int b = 0; b < task.blanks().size(); b++) {
            long from = 10_000;
            var blank = task.blanks().get(b);
            for (var defect : blank.defects()) {
                clears.add(new Clear(b, micrometres(defect.from().mm()) - from + KERF));
                from = micrometres(defect.to().mm());
            }
            clears.add(new Clear(b, micrometres(blank.length().mm()) - 10_000 - from + KERF));
        }
        for (Clear clear : clears) {
            List<Fill> here = new ArrayList<>();
            fill(clear, 0, new int[8], 0, here);
            fills.add(here);
        }
    }

    private static long micrometres(double mm) {
        return Math.round(mm * 1000);
    }

    private void fill(Clear clear, int i, int[] counts, long used, List<Fill> into) {
        if (i == 8) {
            into.add(new Fill(counts.clone(), used));
            return;
        }
        Wanted box = boxes.get(i / 4);
        long side = micrometres(box.side().mm()) + KERF;
        long end = micrometres(box.end().mm()) + KERF;
        long[] lengths = {2 * (side + end), side + end, side, end};
        boolean singles = broken == Break.SINGLES;
        int[] most = {
            box.count(),
            broken == Break.WHOLE ? 0 : 2 * box.count(),
            (singles ? 2 * box.count() : 0) + box.spareSides(),
            (singles ? 2 * box.count() : 0) + box.spareEnds()
        };
        for (int n = 0; n <= most[i % 4] && used + n * lengths[i % 4] <= clear.room(); n++) {
            counts[i] = n;
            fill(clear, i + 1, counts, used + n * lengths[i % 4], into);
        }
        counts[i] = 0;
    }

    private void walk(int at, int[] sum, long[] used) {
        for (int k = 0; k < 2; k++) {
            if (2 * sum[4 * k] + sum[4 * k + 1] > 2 * boxes.get(k).count()) {
                return;
            }
        }
        if (at == clears.size()) {
            judge(sum, used);
            return;
        }
        for (Fill fill : fills.get(at)) {
            int[] with = sum.clone();
            for (int i = 0; i < 8; i++) {
                with[i] += fill.counts()[i];
            }
            used[at] = fill.used();
            walk(at + 1, with, used);
        }
    }

    private void judge(int[] sum, long[] used) {
        long made = 0;
        long spares = 0;
        for (int k = 0; k < 2; k++) {
            int boxesOfKind = made(boxes.get(k), Arrays.copyOfRange(sum, 4 * k, 4 * k + 4));
            if (boxesOfKind < 0) {
                return;
            }
            made += boxesOfKind;
            spares += 4L * sum[4 * k] + 2L * sum[4 * k + 1] + sum[4 * k + 2] + sum[4 * k + 3] - 4L * boxesOfKind;
        }
        long[] found = {made, spares, 3L * (sum[0] + sum[4]) + sum[1] + sum[5], -opened(used), longest(used)};
        if (Arrays.compare(found, best) > 0) {
            best = found;
        }
    }

    /** The most boxes of a kind out of these runs, pairs, sides and ends; −1 when what is left over is not wanted. */
    private int made(Wanted box, int[] of) {
        int sides = 2 * of[0] + of[1] + of[2];
        int ends = 2 * of[0] + of[1] + of[3];
        for (int made = box.count(); made >= 0; made--) {
            int overSides = sides - 2 * made;
            int overEnds = ends - 2 * made;
            boolean wanted =
                    overSides >= 0 && overSides <= box.spareSides() && overEnds >= 0 && overEnds <= box.spareEnds();
            int pairs = 2 * of[0] + of[1];
            boolean asBroken = broken == Break.SINGLES
                    ? pairs <= 2 * made
                    : broken == Break.PAIRS ? pairs == 2 * made : of[0] == made && of[1] == 0;
            if (wanted && asBroken) {
                return made;
            }
        }
        return -1;
    }

    private long opened(long[] used) {
        return IntStream.range(0, used.length)
                .filter(i -> used[i] > 0)
                .map(i -> clears.get(i).blank())
                .distinct()
                .count();
    }

    private long longest(long[] used) {
        long longest = 0;
        for (int i = 0; i < used.length; i++) {
            for (int j = 0; j < used.length; j++) {
                if (used[j] > 0 && clears.get(i).blank() == clears.get(j).blank()) {
                    longest = Math.max(longest, clears.get(i).room() - used[i] - KERF);
                }
            }
        }
        return longest;
    }
}
