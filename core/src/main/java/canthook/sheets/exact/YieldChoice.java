package canthook.sheets.exact;

import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.Grounds.Alike;
import canthook.sheets.exact.Yielded.Taken;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where not all panels can be made: a choice among all that the sheets can yield. Nothing is left out, so what the solver proves of
 * the choice is proven of the sheets.
 *
 * <pre>
 * each panel            Σ laid + missing ≥ wanted
 * each kind of sheet    Σ how often ≤ how many there are
 * </pre>
 */
final class YieldChoice {
    private final Grounds grounds;
    private final Hurry hurry;
    private final CpModel model = new CpModel();
    private final List<Map<Long, IntVar>> often = new ArrayList<>();
    private final LinearExpr missing;
    private final LinearExpr area;

    /**
     * @param taken what was found, if anything
     * @param bound nothing less is possible
     */
    record Chosen(Optional<List<Taken>> taken, double bound) {}

    YieldChoice(Grounds grounds, Yielded yielded, Hurry hurry) {
        this.grounds = grounds;
        this.hurry = hurry;
        Lots lots = yielded.lots;
        LinearExprBuilder missed = LinearExpr.newBuilder();
        LinearExprBuilder whole = LinearExpr.newBuilder();
        LinearExprBuilder[] laid = new LinearExprBuilder[lots.kinds()];
        for (int p = 0; p < laid.length; p++) {
            IntVar none = model.newIntVar(0, lots.wanted(p), "missing");
            laid[p] = LinearExpr.newBuilder().add(none);
            missed.add(none);
        }
        for (int k = 0; k < grounds.all.size(); k++) {
            Alike alike = grounds.all.get(k);
            int many = alike.sheets().size();
            Map<Long, IntVar> mine = new LinkedHashMap<>();
            LinearExprBuilder opened = LinearExpr.newBuilder();
            for (long lot : yielded.full(k)) {
                IntVar times = model.newIntVar(0, many, "often");
                mine.put(lot, times);
                opened.add(times);
                for (int p = 0; p < laid.length; p++) {
                    if (lots.count(lot, p) > 0) {
                        laid[p].addTerm(times, lots.count(lot, p));
                    }
                }
                if (!alike.scrap()) {
                    whole.addTerm(times, Math.round(alike.area()));
                }
            }
            model.addLessOrEqual(opened, many);
            often.add(mine);
        }
        for (int p = 0; p < laid.length; p++) {
            model.addGreaterOrEqual(laid[p], lots.wanted(p));
        }
        missing = missed.build();
        area = whole.build();
    }

    /** The least panels missing. */
    Chosen least(int reached, int bound, double effort) {
        model.addLinearConstraint(missing, bound, reached);
        model.minimize(missing);
        return solved(effort, bound);
    }

    /** The least area of whole sheets with no more missing, mm² but for a millimetre or so on each sheet. */
    Chosen leastArea(int noMore, double effort) {
        model.addLessOrEqual(missing, noMore);
        model.minimize(area);
        Chosen chosen = solved(effort, 0);
        return new Chosen(chosen.taken(), chosen.bound() - grounds.task.sheets().size());
    }

    private Chosen solved(double effort, double bound) {
        CpSolver solver = SheetChoice.solver(effort, hurry);
        CpSolverStatus status = solver.solve(model);
        return switch (status) {
            case OPTIMAL, FEASIBLE ->
                new Chosen(Optional.of(taken(solver)), Math.max(bound, solver.bestObjectiveBound()));
            case UNKNOWN -> new Chosen(Optional.empty(), Math.max(bound, solver.bestObjectiveBound()));
            default -> throw new IllegalStateException("The choice of lots is no good model: " + status);
        };
    }

    private List<Taken> taken(CpSolver solver) {
        List<Taken> taken = new ArrayList<>();
        for (int k = 0; k < often.size(); k++) {
            for (Map.Entry<Long, IntVar> one : often.get(k).entrySet()) {
                for (long n = solver.value(one.getValue()); n > 0; n--) {
                    taken.add(new Taken(k, one.getKey()));
                }
            }
        }
        return taken;
    }
}
