package canthook.sheets.exact;

import canthook.board.Blank;
import canthook.sheets.SheetTask;
import canthook.sheets.SheetTask.Panel;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** All sheets of a task that could hold a panel, alike ones together, with the ways each may be ripped. */
final class Grounds {
    /** Sheets that are alike in all that matters to the cuts. */
    record Alike(List<Integer> sheets, boolean scrap, double area, List<Ground> ways) {}

    private record Likeness(
            String wood, long length, long width, long thickness, boolean scrap, List<canthook.board.Defect> defects) {}

    final SheetTask task;
    final List<Alike> all = new ArrayList<>();
    final int[] wanted;

    Grounds(SheetTask task) {
        this.task = task;
        Map<Likeness, List<Integer>> alike = new LinkedHashMap<>();
        for (int s = 0; s < task.sheets().size(); s++) {
            Blank b = task.sheets().get(s);
            alike.computeIfAbsent(
                            new Likeness(
                                    b.wood(),
                                    b.length().nanometres(),
                                    b.width().nanometres(),
                                    b.thickness().nanometres(),
                                    b.scrap(),
                                    b.defects()),
                            l -> new ArrayList<>())
                    .add(s);
        }
        boolean[] held = new boolean[task.panels().size()];
        for (List<Integer> sheets : alike.values()) {
            List<Ground> ways = new ArrayList<>();
            for (boolean turned : new boolean[] {false, true}) {
                Ground ground = new Ground(task, sheets.get(0), turned);
                if (!ground.isEmpty()) {
                    ways.add(ground);
                    ground.groups.forEach(g -> g.forEach(f -> held[f.panel()] = true));
                }
            }
            if (!ways.isEmpty()) {
                Ground one = ways.get(0);
                all.add(new Alike(List.copyOf(sheets), one.scrap, one.area(), List.copyOf(ways)));
            }
        }
        wanted = task.panels().stream().mapToInt(Panel::count).toArray();
        for (int p = 0; p < held.length; p++) {
            if (!held[p]) {
                wanted[p] = 0;
            }
        }
    }

    /** Whether even without flaws some places were left out, so that no bound by prices holds. */
    boolean isThinned() {
        return all.stream()
                .flatMap(a -> a.ways().stream())
                .anyMatch(w -> w.clear().isThinned());
    }

    /** All sheets opened. */
    int[] everySheet() {
        return all.stream().mapToInt(a -> a.sheets().size()).toArray();
    }

    /** mm² of a panel. */
    double area(int panel) {
        Panel p = task.panels().get(panel);
        return p.along().mm() * p.across().mm();
    }
}
