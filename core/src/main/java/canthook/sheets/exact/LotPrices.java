package canthook.sheets.exact;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.Arrays;

/**
 * How many times over a mixture of sheets could yield what is wanted, were shares of lots cut; under once it cannot. With it what
 * each panel is worth there.
 *
 * <pre>
 * most                 times
 * each panel           Σ shares · in the lot ≥ times · wanted
 * each kind of sheet   Σ shares ≤ how many there are
 * </pre>
 */
final class LotPrices implements AutoCloseable {
    private static final double CLOSE = 1e-7;

    private final MPSolver solver = MPSolver.createSolver("GLOP");
    private final MPConstraint[] panels;
    private final MPConstraint[] sheets;

    LotPrices(Yielded yielded) {
        Lots lots = yielded.lots;
        MPVariable times = solver.makeNumVar(0, MPSolver.infinity(), "");
        solver.objective().setCoefficient(times, 1);
        solver.objective().setMaximization();
        panels = new MPConstraint[lots.kinds()];
        for (int p = 0; p < panels.length; p++) {
            panels[p] = solver.makeConstraint(0, MPSolver.infinity());
            panels[p].setCoefficient(times, -lots.wanted(p));
        }
        sheets = new MPConstraint[yielded.leftOut() + 1];
        for (int k = 0; k < sheets.length; k++) {
            sheets[k] = solver.makeConstraint(-MPSolver.infinity(), 0);
            for (long lot : yielded.full(k)) {
                MPVariable share = solver.makeNumVar(0, MPSolver.infinity(), "");
                sheets[k].setCoefficient(share, 1);
                for (int p = 0; p < panels.length; p++) {
                    if (lots.count(lot, p) > 0) {
                        panels[p].setCoefficient(share, lots.count(lot, p));
                    }
                }
            }
        }
    }

    @Override
    public void close() {
        solver.delete();
    }

    /** @param mixture how many of each kind of sheet, and at last how many panels are left out */
    boolean isEnough(int[] mixture) {
        for (int k = 0; k < sheets.length; k++) {
            sheets[k].setUb(mixture[k]);
        }
        if (solver.solve() != MPSolver.ResultStatus.OPTIMAL) {
            throw new IllegalStateException("The prices of lots cannot be told.");
        }
        return solver.objective().value() >= 1 - CLOSE;
    }

    /** Of each panel in the mixture that was asked for last; whatever they are, what they prove of a sheet is true. */
    double[] prices() {
        return Arrays.stream(panels).mapToDouble(p -> Math.abs(p.dualValue())).toArray();
    }
}
