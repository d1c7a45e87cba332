package canthook.cutting.exact;

import canthook.cutting.CutPlan.Aim;
import canthook.cutting.CutPlan.Goal;
import canthook.cutting.CuttingSolver;
import canthook.cutting.CuttingTask;
import canthook.cutting.Ripping;
import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import java.util.ArrayList;
import java.util.List;

/**
 * The goals one after another, each kept while the next is sought. Effort is counted in the solver's own steps and not in
 * seconds, and one worker searches: the same task gets the same plan on any machine.
 */
public final class ExactSolver implements CuttingSolver {
    private static final double EFFORT = 2.5;
    private static final double EFFORT_PER_STRETCH = 0.05;
    private static final double EFFORT_FOR_STRETCHES = 4;
    private static final List<String> STEPS = List.of(
            "all boxes made", "all spares made", "most matched corners", "fewest blanks opened", "longest offcut kept");

    /** Loads the machine part of the library, once. */
    public ExactSolver() {
        Loader.loadNativeLibraries();
    }

    @Override
    public Laid solve(CuttingTask task, List<List<Ripping>> ways, Watch watch) {
        LayingModel model = new LayingModel(task, ways);
        List<Goal> goals = new ArrayList<>();
        long[] best = model.nothingLaid();
        boolean found = false;
        for (Aim aim : Aim.values()) {
            watch.on(STEPS.get(aim.ordinal()), aim.ordinal() / (double) STEPS.size());
            if (watch.stops() && !found) {
                throw new Stopped();
            }
            model.seek(aim, best);
            CpSolver solver = run(model, EFFORT, watch);
            if (solver == null) {
                if (!found) {
                    throw new Stopped();
                }
                goals.add(model.goal(aim, model.reached(aim, best), model.easyBound(aim)));
                continue;
            }
            best = model.values(solver);
            found = true;
            long reached = model.reached(aim, best);
            double bound =
                    aim == Aim.BLANKS ? Math.ceil(solver.bestObjectiveBound() - 1e-6) : solver.bestObjectiveBound();
            if (aim == Aim.OFFCUT && reached < Math.floor(bound + 1e-6)) {
                best = stretchByStretch(model, best, watch);
                reached = model.reached(aim, best);
                bound = model.provenOffcut() ? reached : Math.min(bound, model.easyBound(aim));
            }
            goals.add(model.goal(aim, reached, bound));
            model.keep(aim, reached);
        }
        return new Laid(model.tallies(best), List.copyOf(goals));
    }

    /** Asks of every stretch in turn whether more could be left there than the best so far. */
    private static long[] stretchByStretch(LayingModel model, long[] from, Watch watch) {
        long[] best = from;
        double spent = 0;
        boolean all = true;
        for (int stretch : model.stretchesByLength()) {
            long reached = model.reached(Aim.OFFCUT, best);
            if (model.length(stretch) <= reached) {
                break;
            }
            if (spent > EFFORT_FOR_STRETCHES || watch.stops()) {
                all = false;
                break;
            }
            model.askMore(stretch, reached, best);
            CpSolver solver = new CpSolver();
            CpSolverStatus status = solve(solver, model, EFFORT_PER_STRETCH);
            spent += solver.response().getDeterministicTime();
            if (status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE) {
                best = model.values(solver);
                all &= status == CpSolverStatus.OPTIMAL;
            } else if (status != CpSolverStatus.INFEASIBLE) {
                all = false;
            }
            model.forgetAsked();
        }
        model.offcutIsProven(all);
        return best;
    }

    private static @org.jspecify.annotations.Nullable CpSolver run(LayingModel model, double effort, Watch watch) {
        CpSolver solver = new CpSolver();
        Thread guard = new Thread(
                () -> {
                    try {
                        while (!watch.stops()) {
                            Thread.sleep(40);
                        }
                        solver.stopSearch();
                    } catch (InterruptedException done) {
                        Thread.currentThread().interrupt();
                    }
                },
                "cutting-watch");
        guard.setDaemon(true);
        guard.start();
        try {
            CpSolverStatus status = solve(solver, model, effort);
            return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE ? solver : null;
        } finally {
            guard.interrupt();
        }
    }

    private static CpSolverStatus solve(CpSolver solver, LayingModel model, double effort) {
        solver.getParameters().setNumWorkers(1).setRandomSeed(1).setMaxDeterministicTime(effort);
        return solver.solve(model.model());
    }
}
