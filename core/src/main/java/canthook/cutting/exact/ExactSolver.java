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
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The goals one after another, each kept while the next is sought. Effort is counted in the solver's own steps and not in
 * seconds, and one worker searches: the same task gets the same plan on any machine.
 */
public final class ExactSolver implements CuttingSolver {
    /** In the solver's own measure; one is about two seconds of one core. */
    private static final double EFFORT = 2.6;

    private static final double EFFORT_PER_AIM = 1.0;
    private static final double FIRST_TRY = 0.3;
    private static final double LEAST_EFFORT = 0.4;

    /** Enough to see whether a small change makes all boxes possible. */
    private static final double EFFORT_TO_SEE = 0.5;

    /** Millimetres of a clear length given up for a matched corner, the most first. */
    private static final double[] LOST_PER_CORNER = {40, 15, 6, 2, 0};

    /** Boxes as near to the bound as this are not sought for any longer. */
    private static final double NEAR = 0.98;

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
        long[] best = model.byEye();
        PricedBound priced = model.pricedBound();
        double spent = 0;
        for (Aim aim : Aim.values()) {
            watch.on(STEPS.get(aim.ordinal()), aim.ordinal() / (double) STEPS.size());
            if (watch.stops() && goals.isEmpty()) {
                throw new Stopped();
            }
            boolean open = goals.stream().anyMatch(g -> !g.isProven());
            double effort =
                    aim != Aim.OFFCUT ? EFFORT_PER_AIM : open ? LEAST_EFFORT : Math.max(LEAST_EFFORT, EFFORT - spent);
            double known = known(model, priced, aim, best, goals);
            if (aim == Aim.OFFCUT) {
                best = model.keepingLongest(best);
            }
            model.seek(aim, best);
            Found found = settled(model, aim, best, known)
                    ? new Found(best, known, 0)
                    : best(model, aim, best, known, effort, watch);
            best = found.values();
            spent += found.spent();
            long reached = model.reached(aim, best);
            goals.add(model.goal(aim, reached, found.bound()));
            model.keep(aim, reached);
        }
        return new Laid(model.tallies(best), List.copyOf(goals));
    }

    @Override
    public boolean makesAll(CuttingTask task, List<List<Ripping>> ways, Watch watch) {
        LayingModel model = new LayingModel(task, ways);
        if (!model.hasRoom()) {
            return false;
        }
        model.demandAll();
        return run(model, EFFORT_TO_SEE, 1, watch) != null;
    }

    /** What is known of a goal before it is sought. */
    private static double known(LayingModel model, PricedBound priced, Aim aim, long[] best, List<Goal> before) {
        double easy = model.easyBound(aim);
        if (aim == Aim.SPARES) {
            return easy;
        }
        long boxes = before.isEmpty() ? 0 : Math.round(before.get(0).reached());
        double reached = model.reached(aim, best);
        double known = switch (aim) {
            case BOXES -> Math.min(easy, Math.floor(priced.above(new PricedBound.Goal(1, 0, 0, 0), reached, 1) + 1e-6));
            case CORNERS ->
                Math.min(easy, Math.floor(priced.above(new PricedBound.Goal(0, 1, 0, boxes), reached, 1) + 1e-6));
            default ->
                Math.max(easy, Math.ceil(-priced.above(new PricedBound.Goal(0, 0, 1, boxes), -reached, 1) - 1e-6));
        };
        if (aim != Aim.BOXES) {
            model.bounded(aim, known);
        }
        return known;
    }

    /**
     * More boxes than at first sight, when filling length by length gives them; of as many boxes the plan that loses most for
     * matched corners and still makes them.
     */
    private static long[] filled(LayingModel model, long[] from, double known) {
        long reached = model.reached(Aim.BOXES, from);
        for (long boxes = (long) known; boxes > reached; boxes--) {
            for (double perCorner : LOST_PER_CORNER) {
                Optional<long[]> more = model.filled(boxes, perCorner);
                if (more.isPresent()) {
                    return more.get();
                }
            }
        }
        return from;
    }

    private static boolean settled(LayingModel model, Aim aim, long[] best, double known) {
        long reached = model.reached(aim, best);
        return switch (aim) {
            case BLANKS -> reached <= known;
            case BOXES -> reached >= known * NEAR;
            case OFFCUT -> false;
            default -> reached >= known;
        };
    }

    private record Found(long[] values, double bound, double spent) {}

    /** First from the plan at hand; when that does not settle it, once more from nothing, which gets out of dead ends. */
    private static Found best(LayingModel model, Aim aim, long[] from, double known, double effort, Watch watch) {
        double firstTry = aim == Aim.BOXES ? FIRST_TRY : effort;
        CpSolver first = run(model, firstTry, 2, watch);
        Found found = found(model, aim, first, from, known);
        boolean near = model.reached(aim, found.values()) >= found.bound() * NEAR;
        if (aim != Aim.BOXES || watch.stops() || near) {
            return found;
        }
        long[] full = filled(model, found.values(), found.bound());
        if (model.reached(aim, full) >= found.bound() * NEAR) {
            return new Found(full, found.bound(), found.spent());
        }
        found = new Found(full, found.bound(), found.spent());
        model.forgetHint();
        Found again = found(model, aim, run(model, effort, 1, watch), found.values(), found.bound());
        boolean better = model.reached(aim, again.values()) > model.reached(aim, found.values());
        return new Found(
                better ? again.values() : found.values(),
                Math.min(found.bound(), again.bound()),
                found.spent() + again.spent());
    }

    private static Found found(LayingModel model, Aim aim, @Nullable CpSolver solver, long[] from, double easyBound) {
        if (solver == null) {
            return new Found(from, easyBound, 0);
        }
        double bound = solver.bestObjectiveBound();
        double whole = aim == Aim.BLANKS
                ? Math.max(easyBound, Math.ceil(bound - 1e-6))
                : Math.min(easyBound, Math.floor(bound + 1e-6));
        return new Found(model.values(solver), whole, solver.response().getDeterministicTime());
    }

    private static @Nullable CpSolver run(LayingModel model, double effort, int linear, Watch watch) {
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
            CpSolverStatus status = solve(solver, model, effort, linear);
            return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE ? solver : null;
        } finally {
            guard.interrupt();
        }
    }

    private static CpSolverStatus solve(CpSolver solver, LayingModel model, double effort, int linear) {
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(1)
                .setMaxDeterministicTime(effort)
                .setLinearizationLevel(linear);
        return solver.solve(model.model());
    }
}
