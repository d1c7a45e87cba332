package canthook.sheets.exact;

import canthook.sheets.exact.Ground.Fit;
import canthook.sheets.exact.Grounds.Alike;
import canthook.sheets.exact.Pattern.Band;
import canthook.sheets.exact.Pattern.Block;
import canthook.sheets.exact.Pattern.Slot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Rows as anybody would lay them: the widest panel first, each at the end of the first row it fits in, else a new row. */
final class Shelves {
    private Shelves() {}

    private static final class Row {
        final Ground ground;
        final long at;
        final long height;
        final List<Block> blocks = new ArrayList<>();
        long x;

        Row(Ground ground, long at, long height) {
            this.ground = ground;
            this.at = at;
            this.height = height;
        }

        boolean take(Fit fit) {
            long left = x;
            // past the flaws
            while (left + fit.x() <= ground.length && ground.isFlawed(left, left + fit.x(), at, at + fit.y())) {
                long flawed = left;
                left = ground.flaws.stream()
                        .filter(f -> f.right() > flawed && f.low() < at + fit.y() && f.high() > at)
                        .mapToLong(Ground.Flaw::right)
                        .min()
                        .orElse(ground.length);
            }
            if (fit.y() > height || left + fit.x() > ground.length) {
                return false;
            }
            blocks.add(new Block(left, fit.x(), List.of(new Slot(fit, at))));
            x = left + fit.x() + ground.kerf;
            return true;
        }
    }

    static List<Pattern> lay(Grounds grounds, List<Alike> order) {
        List<Ground> sheets = order.stream().map(a -> a.ways().get(0)).toList();
        List<List<Row>> rows = new ArrayList<>();
        List<Integer> panels = new ArrayList<>();
        for (int p = 0; p < grounds.wanted.length; p++) {
            for (int n = 0; n < grounds.wanted[p]; n++) {
                panels.add(p);
            }
        }
        panels.sort(Comparator.comparingDouble(
                        (Integer p) -> grounds.task.panels().get(p).across().mm())
                .reversed());
        for (int panel : panels) {
            lay(panel, sheets, rows);
        }
        List<Pattern> plan = new ArrayList<>();
        for (int s = 0; s < rows.size(); s++) {
            plan.add(new Pattern(
                            sheets.get(s),
                            rows.get(s).stream()
                                    .map(r -> new Band(r.at, r.height, r.blocks))
                                    .toList())
                    .tidy());
        }
        return plan;
    }

    private static void lay(int panel, List<Ground> sheets, List<List<Row>> rows) {
        for (int s = 0; s < sheets.size(); s++) {
            if (rows.size() == s) {
                rows.add(new ArrayList<>());
            }
            Ground ground = sheets.get(s);
            for (List<Fit> group : ground.groups) {
                for (Fit fit : group) {
                    if (fit.panel() == panel && (lay(fit, rows.get(s)) || opened(fit, ground, rows.get(s)))) {
                        return;
                    }
                }
            }
        }
    }

    private static boolean lay(Fit fit, List<Row> rows) {
        return rows.stream().anyMatch(r -> r.take(fit));
    }

    private static boolean opened(Fit fit, Ground ground, List<Row> rows) {
        long at = rows.isEmpty() ? 0 : rows.get(rows.size() - 1).at + rows.get(rows.size() - 1).height + ground.kerf;
        if (at + fit.y() > ground.width) {
            return false;
        }
        Row row = new Row(ground, at, fit.y());
        if (!row.take(fit)) {
            return false;
        }
        rows.add(row);
        return true;
    }
}
