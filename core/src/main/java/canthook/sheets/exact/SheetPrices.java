package canthook.sheets.exact;

import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.Grounds.Alike;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What each panel is worth, and with it how many are missing at the least when so many sheets of each kind are opened: the
 * linear programme over shares of patterns, with the patterns made as they are asked for (the cutting-stock method of columns
 * made on demand).
 *
 * <pre>
 * least        Σ missing
 * each panel   Σ shares · laid + missing ≥ wanted          each kind of sheet   Σ shares ≤ how many are opened
 * bound        Σ price · wanted − Σ opened · best pattern
 * </pre>
 */
final class SheetPrices implements AutoCloseable {
    private static final double CLOSE = 1e-6;
    private static final int MOST_ROUNDS = 150;

    private final Grounds grounds;
    private final MPSolver solver = MPSolver.createSolver("GLOP");
    private final List<MPConstraint> panels = new ArrayList<>();
    private final List<MPConstraint> sheets = new ArrayList<>();
    private final List<Pattern> patterns = new ArrayList<>();
    private final Set<List<Object>> known = new HashSet<>();
    private double[] prices = {};

    SheetPrices(Grounds grounds) {
        this.grounds = grounds;
        for (int wanted : grounds.wanted) {
            MPConstraint row = solver.makeConstraint(wanted, MPSolver.infinity());
            MPVariable missing = solver.makeNumVar(0, MPSolver.infinity(), "");
            row.setCoefficient(missing, 1);
            solver.objective().setCoefficient(missing, 1);
            panels.add(row);
        }
        for (Alike alike : grounds.all) {
            sheets.add(
                    solver.makeConstraint(-MPSolver.infinity(), alike.sheets().size()));
        }
        solver.objective().setMinimization();
    }

    @Override
    public void close() {
        solver.delete();
    }

    private boolean offer(Alike alike, Pattern pattern) {
        int[] counts = pattern.counts(panels.size());
        List<Object> key = new ArrayList<>(List.of(alike));
        for (int count : counts) {
            key.add(count);
        }
        if (!known.add(key)) {
            return false;
        }
        MPVariable share = solver.makeNumVar(0, MPSolver.infinity(), "");
        for (int p = 0; p < counts.length; p++) {
            if (counts[p] > 0) {
                panels.get(p).setCoefficient(share, counts[p]);
            }
        }
        sheets.get(grounds.all.indexOf(alike)).setCoefficient(share, 1);
        patterns.add(pattern);
        return true;
    }

    /**
     * How many panels no plan can make with these sheets.
     *
     * @param opened how many of each kind of sheet
     * @param enough it need not be told more exactly than over this
     */
    int missing(int[] opened, int enough, Hurry hurry) {
        for (int a = 0; a < opened.length; a++) {
            sheets.get(a).setUb(opened[a]);
        }
        double bound = 0;
        for (int round = 0; round < MOST_ROUNDS && !hurry.stops(); round++) {
            if (solver.solve() != MPSolver.ResultStatus.OPTIMAL) {
                throw new IllegalStateException("The prices of panels cannot be told.");
            }
            prices = panels.stream()
                    .mapToDouble(p -> Math.min(1, Math.max(0, p.dualValue())))
                    .toArray();
            double[] ofSheets =
                    sheets.stream().mapToDouble(MPConstraint::dualValue).toArray();
            double reached = 0;
            for (int p = 0; p < prices.length; p++) {
                reached += prices[p] * grounds.wanted[p];
            }
            if (Math.ceil(reached - CLOSE) <= enough) {
                // the shares at hand reach it already, and no bound is over them
                return (int) Math.max(0, Math.ceil(bound - CLOSE));
            }
            boolean news = false;
            for (int a = 0; a < opened.length; a++) {
                if (opened[a] == 0) {
                    continue;
                }
                double best = 0;
                for (Ground way : grounds.all.get(a).ways()) {
                    Worth worth = new Worth(way, prices);
                    best = Math.max(best, way.isThinned() ? new Worth(way.clear(), prices).best() : worth.best());
                    if (worth.best() > -ofSheets[a] + CLOSE) {
                        news |= offer(grounds.all.get(a), worth.pattern());
                    }
                }
                reached -= opened[a] * best;
            }
            bound = Math.max(bound, reached);
            if (!news || Math.ceil(bound - CLOSE) > enough) {
                break;
            }
        }
        return (int) Math.max(0, Math.ceil(bound - CLOSE));
    }

    /** Of each panel, as they were told last. */
    double[] prices() {
        return prices;
    }

    List<Pattern> patterns() {
        return patterns;
    }
}
