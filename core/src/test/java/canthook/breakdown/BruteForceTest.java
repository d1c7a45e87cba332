package canthook.breakdown;

import static canthook.SeedLibrary.mm;
import static canthook.breakdown.Boards.box;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.breakdown.Breakdown.Goal;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.exact.ExactSolver;
import canthook.length.Length;
import canthook.plan.BatchWish.Break;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Small cases tried out part by part: every clear length is filled in every possible way. */
class BruteForceTest {
    private static final BreakdownSolver SOLVER = new ExactSolver();

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    private record Clear(int blank, Length length) {}

    private record Fill(int runs, int pairs, int sides, int ends, Length left) {}

    @ParameterizedTest
    @MethodSource("seeds")
    void noPlanIsBetter(int seed) {
        Random random = new Random(seed);
        double side = 60 + random.nextInt(60);
        double end = 40 + random.nextInt(60);
        int boxes = 1 + random.nextInt(3);
        Break broken = Break.values()[random.nextInt(3)];
        BreakdownTask task = new BreakdownTask(
                List.of(box("box", side, end, 96.5, boxes, 0, 0)),
                Boards.random(random, 2 + random.nextInt(2), random.nextInt(2), 180, 450, 100),
                Boards.habits(broken));
        Breakdown plan = BreakdownPlanner.plan(task, SOLVER, Watch.PATIENT);
        BreakdownPlannerTest.checkPieces(plan);
        long[] best = bruteForce(task, mm(side), mm(end), boxes, broken);
        assertThat(plan.isProven()).isTrue();
        assertThat(new long[] {
                    plan.boxesMade(),
                    plan.corners(),
                    -plan.opened().size(),
                    plan.longestOffcut().nanometres()
                })
                .as("boxes, corners, −blanks, offcut of seed %d", seed)
                .isEqualTo(best);
        assertThat(plan.goals().stream().mapToDouble(Goal::reached).toArray())
                .containsExactly(best[0], 0, best[1], -best[2], new Length(best[3]).mm());
    }

    private static long[] bruteForce(BreakdownTask task, Length side, Length end, int boxes, Break broken) {
        Length kerf = task.habits().crosscutKerf();
        List<Clear> clears = new ArrayList<>();
        for (int b = 0; b < task.blanks().size(); b++) {
            List<Length> cuts = new ArrayList<>(List.of(task.habits().squaring()));
            task.blanks().get(b).defects().stream()
                    .sorted((x, y) -> x.from().compareTo(y.from()))
                    .forEach(d -> {
                        cuts.add(d.from());
                        cuts.add(d.to());
                    });
            cuts.add(task.blanks().get(b).length().minus(task.habits().squaring()));
            for (int i = 0; i + 1 < cuts.size(); i += 2) {
                clears.add(new Clear(b, cuts.get(i + 1).minus(cuts.get(i))));
            }
        }
        List<List<Fill>> fills = new ArrayList<>();
        for (Clear clear : clears) {
            fills.add(fills(clear.length(), side, end, kerf, boxes, broken));
        }
        long[] best = {-1, 0, 0, 0};
        walk(clears, fills, 0, new int[4], new boolean[task.blanks().size()], new Length[clears.size()], boxes, best);
        return best;
    }

    private static List<Fill> fills(Length clear, Length side, Length end, Length kerf, int boxes, Break broken) {
        List<Fill> fills = new ArrayList<>();
        for (int r = 0; r <= boxes; r++) {
            for (int p = 0; p <= (broken == Break.WHOLE ? 0 : 2 * boxes); p++) {
                for (int s = 0; s <= (broken == Break.SINGLES ? 2 * boxes : 0); s++) {
                    for (int e = 0; e <= (broken == Break.SINGLES ? 2 * boxes : 0); e++) {
                        int sides = 2 * r + p + s;
                        int ends = 2 * r + p + e;
                        Length parts =
                                side.times(sides).plus(end.times(ends)).plus(kerf.times(Math.max(0, sides + ends - 1)));
                        if (!parts.isOver(clear)) {
                            Length left = sides + ends == 0
                                    ? clear
                                    : clear.minus(parts).minus(kerf);
                            fills.add(new Fill(r, p, s, e, Length.longer(Length.ZERO, left)));
                        }
                    }
                }
            }
        }
        return fills;
    }

    private static void walk(
            List<Clear> clears,
            List<List<Fill>> fills,
            int at,
            int[] sum,
            boolean[] open,
            Length[] left,
            int boxes,
            long[] best) {
        if (at == clears.size()) {
            judge(clears, sum, open, left, boxes, best);
            return;
        }
        for (Fill fill : fills.get(at)) {
            int[] with = {sum[0] + fill.runs(), sum[1] + fill.pairs(), sum[2] + fill.sides(), sum[3] + fill.ends()};
            if (2 * with[0] + with[1] + with[2] > 2 * boxes || 2 * with[0] + with[1] + with[3] > 2 * boxes) {
                continue;
            }
            boolean[] opened = open.clone();
            opened[clears.get(at).blank()] |= fill.runs() + fill.pairs() + fill.sides() + fill.ends() > 0;
            left[at] = fill.left();
            walk(clears, fills, at + 1, with, opened, left, boxes, best);
        }
    }

    private static void judge(List<Clear> clears, int[] sum, boolean[] open, Length[] left, int boxes, long[] best) {
        int sides = 2 * sum[0] + sum[1] + sum[2];
        int ends = 2 * sum[0] + sum[1] + sum[3];
        if (sides != ends || sides % 2 != 0) {
            return;
        }
        long blanks = 0;
        for (boolean one : open) {
            blanks += one ? 1 : 0;
        }
        long offcut = 0;
        for (int i = 0; i < clears.size(); i++) {
            if (open[clears.get(i).blank()]) {
                offcut = Math.max(offcut, left[i].nanometres());
            }
        }
        long[] found = {sides / 2, 3L * sum[0] + sum[1], -blanks, offcut};
        for (int i = 0; i < 4; i++) {
            if (found[i] != best[i]) {
                if (found[i] > best[i]) {
                    System.arraycopy(found, 0, best, 0, 4);
                }
                return;
            }
        }
    }
}
