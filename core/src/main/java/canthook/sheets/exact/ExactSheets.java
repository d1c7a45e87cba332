package canthook.sheets.exact;

import canthook.sheets.SheetPlan;
import canthook.sheets.SheetPlan.Aim;
import canthook.sheets.SheetPlan.Goal;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetSolver;
import canthook.sheets.SheetTask;
import canthook.sheets.SheetTask.Panel;
import com.google.ortools.Loader;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Stuff by stuff, each its own search: panels of one wood never lie on a sheet of another. */
public final class ExactSheets implements SheetSolver {
    /** Loads the machine part of the library, once. */
    public ExactSheets() {
        Loader.loadNativeLibraries();
    }

    @Override
    public SheetPlan solve(SheetTask task, Hurry hurry) {
        List<Opened> opened = new ArrayList<>();
        double made = 0;
        double mostMade = 0;
        double area = 0;
        double leastArea = 0;
        double left = 0;
        double mostLeft = 0;
        for (List<Integer> panels : stuffs(task)) {
            List<Panel> some = new ArrayList<>();
            for (int p = 0; p < task.panels().size(); p++) {
                Panel panel = task.panels().get(p);
                // the numbers of the panels stay as they are in the whole task
                some.add(panels.contains(p) ? panel : panel.times(0));
            }
            SheetSearch.Found found =
                    new SheetSearch(new Grounds(new SheetTask(some, task.sheets(), task.kerf())), hurry).all();
            opened.addAll(found.opened());
            made += found.made().reached();
            mostMade += found.made().bound();
            area += found.area().reached();
            leastArea += found.area().bound();
            left = Math.max(left, found.left().reached());
            mostLeft = Math.max(mostLeft, found.left().bound());
        }
        opened.sort(Comparator.comparingInt(o -> task.sheets().indexOf(o.sheet())));
        return new SheetPlan(
                task,
                opened,
                List.of(
                        new Goal(Aim.PANELS, made, mostMade),
                        new Goal(Aim.AREA, area, leastArea),
                        new Goal(Aim.LEFT, left, mostLeft)));
    }

    /** Panels that share a sheet, or share one with a panel that does. */
    private static List<List<Integer>> stuffs(SheetTask task) {
        List<List<Integer>> stuffs = new ArrayList<>();
        boolean[] done = new boolean[task.panels().size()];
        for (int p = 0; p < done.length; p++) {
            if (done[p]) {
                continue;
            }
            List<Integer> one = new ArrayList<>(List.of(p));
            done[p] = true;
            for (int i = 0; i < one.size(); i++) {
                Panel panel = task.panels().get(one.get(i));
                for (int q = 0; q < done.length; q++) {
                    Panel other = task.panels().get(q);
                    if (!done[q] && task.sheets().stream().anyMatch(s -> panel.comesOf(s) && other.comesOf(s))) {
                        done[q] = true;
                        one.add(q);
                    }
                }
            }
            stuffs.add(one);
        }
        return stuffs;
    }
}
