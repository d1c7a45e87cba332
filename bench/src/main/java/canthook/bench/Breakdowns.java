package canthook.bench;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.breakdown.Breakdown;
import canthook.breakdown.Breakdown.Goal;
import canthook.breakdown.BreakdownPlanner;
import canthook.breakdown.BreakdownSolver;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.BreakdownTask;
import canthook.breakdown.BreakdownTask.Habits;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.exact.ExactSolver;
import canthook.length.Length;
import canthook.plan.BatchWish.Break;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Seeded racks and batches: how long the exact plan takes, how far it is proven, and what planning by eye would have given. */
final class Breakdowns {
    private static final double[][] SIZES = {{248.8, 166.8}, {310.8, 220.8}, {180.8, 140.8}};

    private Breakdowns() {}

    /** Boards of three defects each and as many equal or different boxes. */
    static BreakdownTask task(int seed, int blanks, int boxes, int sizes, double least, double spread) {
        Random random = new Random(seed);
        List<Blank> rack = new ArrayList<>();
        for (int i = 0; i < blanks; i++) {
            rack.add(blank(random, i, Math.rint(least + random.nextDouble() * spread)));
        }
        List<Wanted> wanted = new ArrayList<>();
        for (int s = 0; s < sizes; s++) {
            wanted.add(new Wanted(
                    "size " + (s + 1),
                    Length.mm(SIZES[s][0]),
                    Length.mm(SIZES[s][1]),
                    Length.mm(96.5),
                    Length.mm(9),
                    Length.mm(9),
                    "cherry-black",
                    "cherry-black",
                    boxes / sizes,
                    0,
                    0));
        }
        Habits habits = new Habits(
                Length.mm(10),
                Length.mm(60),
                Length.mm(3.2),
                Length.mm(3.2),
                Length.mm(1.5),
                Length.mm(1),
                Break.SINGLES,
                false);
        return new BreakdownTask(wanted, rack, habits);
    }

    private static Blank blank(Random random, int number, double length) {
        List<Defect> defects = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            double at = Math.rint(20 + random.nextDouble() * (length - 100));
            Defect knot = Defect.across(Defect.Kind.KNOT, Length.mm(at), Length.mm(at + 15 + random.nextInt(45)));
            if (defects.stream().noneMatch(d -> d.from().isUnder(knot.to()) && d.to().isOver(knot.from()))) {
                defects.add(knot);
            }
        }
        return new Blank(
                "b" + number,
                "board " + number,
                Length.mm(length),
                Length.mm(105),
                Length.mm(10),
                "cherry-black",
                0,
                null,
                Blank.GrainFigure.STRAIGHT,
                false,
                "",
                defects);
    }

    static void measure() {
        BreakdownSolver solver = new ExactSolver();
        BreakdownPlanner.plan(task(99, 3, 3, 1, 1500, 500), solver, Watch.PATIENT);
        for (double[] rack : new double[][] {{800, 800}, {1500, 900}, {2200, 900}}) {
            slowest(solver, 12, 24, 1, rack, "at most 1 s, proven");
        }
        for (double[] rack : new double[][] {{1200, 900}, {1700, 900}, {2400, 1000}}) {
            slowest(solver, 30, 60, 3, rack, "at most 10 s, gap at most 2 %");
        }
        compare(solver);
    }

    private static void slowest(
            BreakdownSolver solver, int blanks, int boxes, int sizes, double[] rack, String promise) {
        double worst = 0;
        double gap = 0;
        int proven = 0;
        for (int seed = 0; seed < 10; seed++) {
            BreakdownTask task = task(seed, blanks, boxes, sizes, rack[0], rack[1]);
            long began = System.nanoTime();
            Breakdown plan = BreakdownPlanner.plan(task, solver, Watch.PATIENT);
            worst = Math.max(worst, (System.nanoTime() - began) / 1e9);
            gap = Math.max(
                    gap, plan.goals().stream().mapToDouble(Goal::gap).max().orElse(0));
            proven += plan.isProven() ? 1 : 0;
        }
        say(
                "%d boxes of %d size(s) from %d blanks of %.0f to %.0f mm, 3 defects each, 10 racks: slowest %.2f s, %d proven, largest gap %.1f %% (promise: %s)",
                boxes, sizes, blanks, rack[0], rack[0] + rack[1], worst, proven, 100 * gap, promise);
    }

    private static void compare(BreakdownSolver solver) {
        int better = 0;
        int worse = 0;
        int[] boxes = new int[2];
        int[] corners = new int[2];
        int[] blanks = new int[2];
        double[] offcut = new double[2];
        for (int seed = 0; seed < 200; seed++) {
            BreakdownTask task = case200(seed);
            Breakdown exact = BreakdownPlanner.plan(task, solver, Watch.PATIENT);
            FirstFit.Result byEye = FirstFit.of(task);
            int verdict = against(exact, byEye);
            better += verdict > 0 ? 1 : 0;
            worse += verdict < 0 ? 1 : 0;
            boxes[0] += exact.boxesMade();
            boxes[1] += byEye.boxes();
            corners[0] += exact.corners();
            corners[1] += byEye.corners();
            blanks[0] += exact.opened().size();
            blanks[1] += byEye.blanks();
            offcut[0] += exact.longestOffcut().mm();
            offcut[1] += byEye.longestOffcut().mm();
        }
        say(
                "200 racks against first fit, longest first: better %d, alike %d, worse %d (promise: never worse); boxes %d to %d, matched corners %d to %d, blanks opened %d to %d, longest offcut on average %.0f to %.0f mm",
                better,
                200 - better - worse,
                worse,
                boxes[0],
                boxes[1],
                corners[0],
                corners[1],
                blanks[0],
                blanks[1],
                offcut[0] / 200,
                offcut[1] / 200);
    }

    /** One of the two hundred: few or many boards, one to three sizes, enough wood or too little. */
    static BreakdownTask case200(int seed) {
        int blanks = 3 + seed % 7;
        int sizes = 1 + seed % 3;
        return task(1000 + seed, blanks, sizes * (1 + (seed / 3) % 4), sizes, 700 + 100 * (seed % 5), 900);
    }

    /** Positive when the exact plan is better, negative when it is worse, goal after goal. */
    static int against(Breakdown exact, FirstFit.Result byEye) {
        int[] differences = {
            exact.boxesMade() - byEye.boxes(),
            exact.corners() - byEye.corners(),
            byEye.blanks() - exact.opened().size(),
            exact.longestOffcut().compareTo(byEye.longestOffcut())
        };
        for (int difference : differences) {
            if (difference != 0) {
                return difference;
            }
        }
        return 0;
    }

    private static void say(String format, Object... values) {
        System.out.println(String.format(Locale.ROOT, format, values));
    }
}
