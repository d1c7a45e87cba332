package canthook.bench;

import canthook.board.Blank;
import canthook.length.Length;
import canthook.sheets.SheetPlan;
import canthook.sheets.SheetPlan.Aim;
import canthook.sheets.SheetPlan.Goal;
import canthook.sheets.SheetSolver;
import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.SheetTask;
import canthook.sheets.SheetTask.Panel;
import canthook.sheets.exact.ExactSheets;
import canthook.wood.Wood;
import canthook.wood.Woods;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Panels out of sheets: how long it takes, and how far from the best it may be. */
final class Sheets {
    private static final int CASES = 40;
    private static final long MOST_NANOS = 9_000_000_000L;

    private Sheets() {}

    static void measure() {
        SheetSolver solver = new ExactSheets();
        double worst = 0;
        double slowest = 0;
        int proven = 0;
        int within = 0;
        for (int seed = 0; seed < CASES; seed++) {
            SheetTask task = task(seed);
            long began = System.nanoTime();
            SheetPlan plan = solver.solve(task, Hurry.until(began + MOST_NANOS, () -> false));
            slowest = Math.max(slowest, (System.nanoTime() - began) / 1e9);
            double gap = plan.goals().stream()
                    .filter(g -> g.aim() != Aim.LEFT)
                    .mapToDouble(Goal::gap)
                    .max()
                    .orElse(0);
            worst = Math.max(worst, gap);
            proven += gap == 0 ? 1 : 0;
            within += gap <= 0.02 ? 1 : 0;
        }
        System.out.printf(
                Locale.ROOT,
                "40 panels of 6 sizes from 8 sheets, %d racks: slowest %.1f s, %d proven, %d within 2 %%, largest gap %.1f %% (promise: 10 s, best or at most 2 %%)%n",
                CASES,
                slowest,
                proven,
                within,
                100 * worst);
    }

    /** By turns with grain and without, of eight equal sheets and of seven of any size and a scrap. */
    private static SheetTask task(int seed) {
        Random random = new Random(seed);
        Wood wood = Woods.published()
                .find(seed % 2 == 0 ? "sheet-plywood" : "sheet-hardboard")
                .orElseThrow();
        List<Panel> panels = new ArrayList<>();
        int left = 40;
        for (int kind = 0; kind < 6; kind++) {
            int count = kind == 5 ? left : 4 + random.nextInt(5);
            left -= count;
            panels.add(new Panel(
                    "box",
                    "panel " + kind,
                    wood,
                    Length.mm(120 + random.nextInt(300)),
                    Length.mm(90 + random.nextInt(200)),
                    Length.mm(4),
                    count));
        }
        List<Blank> sheets = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            boolean equal = seed % 4 < 2;
            sheets.add(new Blank(
                    "s" + i,
                    "sheet " + i,
                    Length.mm(equal ? 610 : 500 + random.nextInt(500)),
                    Length.mm(equal ? 610 : 300 + random.nextInt(400)),
                    Length.mm(4),
                    wood.id(),
                    0,
                    null,
                    Blank.GrainFigure.STRAIGHT,
                    false,
                    "",
                    List.of(),
                    !equal && i == 0));
        }
        return new SheetTask(panels, sheets, Length.mm(3.2));
    }
}
