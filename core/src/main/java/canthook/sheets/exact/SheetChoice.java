package canthook.sheets.exact;

import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.Grounds.Alike;
import canthook.sheets.exact.Pattern.Band;
import canthook.sheets.exact.Pattern.Block;
import canthook.sheets.exact.Pattern.Slot;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Chooses among strips and whole patterns those that make the best plan. Effort is counted in the solver's own steps and not in
 * seconds, and one worker searches: the same task gets the same plan on any machine that is not out of time.
 *
 * <pre>
 * clear sheets    Σ (strip + kerf) · how often ≤ (sheet + kerf) · its way of ripping
 * flawed sheets   Σ patterns = its way of ripping
 * each panel      Σ laid + missing ≥ wanted
 * </pre>
 */
final class SheetChoice {
    /** Square millimetres to the solver's square micrometres. */
    private static final double SQUARE = 1e6;

    /** The solver takes no less. */
    private static final double LEAST_SECONDS = 0.1;

    /** Of the time that is left the solver is given so much: it looks at its clock now and then only. */
    private static final double SHARE_OF_TIME = 0.7;

    private final Grounds grounds;
    private final Hurry hurry;
    private final double full;
    private final CpModel model = new CpModel();
    private final List<Way> ways = new ArrayList<>();
    private final LinearExprBuilder area = LinearExpr.newBuilder();
    private final LinearExprBuilder missed = LinearExpr.newBuilder();

    /** One sheet ripped one way, and what is cut of it. */
    private record Way(Ground ground, BoolVar used, Map<Band, IntVar> bands, Map<Pattern, BoolVar> patterns) {}

    SheetChoice(Grounds grounds, int[] sheets, List<Pattern> pool, Hurry hurry) {
        this(grounds, sheets, pool, 0, hurry);
    }

    /**
     * @param sheets how many of each kind may be opened
     * @param full strips of clear sheets filled to a lesser share are left out, 0 to 1
     */
    SheetChoice(Grounds grounds, int[] sheets, List<Pattern> pool, double full, Hurry hurry) {
        this.grounds = grounds;
        this.full = full;
        this.hurry = hurry;
        LinearExprBuilder[] laid = new LinearExprBuilder[grounds.wanted.length];
        for (int p = 0; p < laid.length; p++) {
            laid[p] = LinearExpr.newBuilder();
            IntVar none = model.newIntVar(0, grounds.wanted[p], "missing");
            laid[p].add(none);
            missed.add(none);
        }
        for (int a = 0; a < sheets.length; a++) {
            Alike alike = grounds.all.get(a);
            BoolVar last = null;
            for (int i = 0; i < sheets[a]; i++) {
                BoolVar open = model.newBoolVar("opened");
                if (last != null) {
                    model.addImplication(open, last);
                }
                last = open;
                if (!alike.scrap()) {
                    area.addTerm(open, Math.round(alike.area()));
                }
                LinearExprBuilder any = LinearExpr.newBuilder();
                for (Ground ground : alike.ways()) {
                    any.add(way(ground, pool, laid).used());
                }
                model.addEquality(any, open);
            }
        }
        for (int p = 0; p < laid.length; p++) {
            model.addGreaterOrEqual(laid[p], grounds.wanted[p]);
        }
    }

    private Way way(Ground ground, List<Pattern> pool, LinearExprBuilder[] laid) {
        Way way = new Way(ground, model.newBoolVar("way"), new LinkedHashMap<>(), new LinkedHashMap<>());
        ways.add(way);
        List<Pattern> mine = pool.stream().filter(p -> p.ground() == ground).toList();
        if (ground.flaws.isEmpty()) {
            LinearExprBuilder used = LinearExpr.newBuilder();
            long room = ground.width + ground.kerf;
            for (Band band : shapes(mine)) {
                if (share(band, ground) < full) {
                    continue;
                }
                long takes = band.height() + ground.kerf;
                IntVar often = model.newIntVar(0, room / takes, "strip");
                way.bands().put(band, often);
                used.addTerm(often, takes);
                int[] counts = counts(band);
                for (int p = 0; p < counts.length; p++) {
                    if (counts[p] > 0) {
                        laid[p].addTerm(often, counts[p]);
                    }
                }
            }
            model.addLessOrEqual(used.addTerm(way.used(), -room), 0);
        } else {
            LinearExprBuilder one = LinearExpr.newBuilder();
            for (Pattern pattern : mine) {
                BoolVar chosen = model.newBoolVar("pattern");
                way.patterns().put(pattern, chosen);
                one.add(chosen);
                int[] counts = pattern.counts(laid.length);
                for (int p = 0; p < counts.length; p++) {
                    if (counts[p] > 0) {
                        laid[p].addTerm(chosen, counts[p]);
                    }
                }
            }
            model.addEquality(one, way.used());
        }
        return way;
    }

    /** What of a strip its panels fill, each with a kerf on two sides as the strip has. */
    private static double share(Band band, Ground ground) {
        double filled = 0;
        for (Block block : band.blocks()) {
            for (Slot slot : block.slots()) {
                filled += (double) (slot.fit().x() + ground.kerf) * (slot.fit().y() + ground.kerf);
            }
        }
        return filled / ((double) (ground.length + ground.kerf) * (band.height() + ground.kerf));
    }

    private int[] counts(Band band) {
        int[] counts = new int[grounds.wanted.length];
        band.count(counts);
        return counts;
    }

    /** Strips that differ in height or in what they hold. */
    private List<Band> shapes(List<Pattern> patterns) {
        Map<List<Integer>, Band> best = new LinkedHashMap<>();
        for (Pattern pattern : patterns) {
            for (Band band : pattern.bands()) {
                List<Integer> key = Arrays.stream(counts(band)).boxed().toList();
                Band was = best.get(key);
                if (was == null || band.height() < was.height()) {
                    best.put(key, band.moved(0));
                }
            }
        }
        return List.copyOf(best.values());
    }

    /** Least missing; empty when none less than was reached is found with this effort. */
    Optional<List<Pattern>> least(int reached, int bound, double effort) {
        LinearExpr none = LinearExpr.newBuilder().add(missed).build();
        model.addLinearConstraint(none, bound, reached - 1L);
        model.minimize(none);
        return solved(effort);
    }

    /** Least area of whole sheets, with no more missing than was reached; empty when none less is found with this effort. */
    Optional<List<Pattern>> leastArea(int reachedMissing, double reached, double bound, double effort) {
        model.addLessOrEqual(missed, reachedMissing);
        LinearExpr sum = LinearExpr.newBuilder().add(area).build();
        long sheets = grounds.task.sheets().size();
        model.addLinearConstraint(sum, Math.round(bound) - sheets, Math.round(reached) - sheets);
        model.minimize(sum);
        return solved(effort);
    }

    /** The largest rectangle left, with no more missing and no more area than was reached. */
    Optional<List<Pattern>> mostLeft(int reachedMissing, double reachedArea, double reachedLeft, double effort) {
        model.addLessOrEqual(missed, reachedMissing);
        model.addLessOrEqual(area, Math.round(reachedArea) + grounds.all.size());
        long least = Math.round(reachedLeft * SQUARE) + 1;
        long most = ways.stream()
                .mapToLong(w -> Math.round(w.ground().area() * SQUARE))
                .max()
                .orElse(0);
        if (least > most) {
            return Optional.empty();
        }
        IntVar left = model.newIntVar(least, most, "left");
        List<BoolVar> which = new ArrayList<>();
        for (Way way : ways) {
            if (way.ground().flaws.isEmpty()) {
                which.add(ofRips(way, left));
            }
            way.bands().forEach((band, often) -> {
                long over = Math.round(
                        (way.ground().length - band.end() - way.ground().kerf) / 1e3 * (band.height() / 1e3));
                if (over >= least) {
                    BoolVar here = model.newBoolVar("end of a strip");
                    model.addLessOrEqual(left, over).onlyEnforceIf(here);
                    model.addGreaterOrEqual(often, 1).onlyEnforceIf(here);
                    which.add(here);
                }
            });
            way.patterns().forEach((pattern, chosen) -> {
                long over = Math.round(Cuts.largest(pattern) * SQUARE);
                if (over >= least) {
                    BoolVar here = model.newBoolVar("of a pattern");
                    model.addLessOrEqual(left, over).onlyEnforceIf(here);
                    model.addImplication(here, chosen);
                    which.add(here);
                }
            });
        }
        model.addExactlyOne(which.toArray(new BoolVar[0]));
        model.maximize(left);
        return solved(effort);
    }

    /** What the rips of a sheet leave of it, over its whole length. */
    private BoolVar ofRips(Way way, IntVar left) {
        long length = way.ground().length / 1000;
        LinearExprBuilder taken = LinearExpr.newBuilder().add(left);
        way.bands()
                .forEach((band, often) -> taken.addTerm(often, length * ((band.height() + way.ground().kerf) / 1000)));
        BoolVar here = model.newBoolVar("of the rips");
        model.addLessOrEqual(taken, length * (way.ground().width / 1000)).onlyEnforceIf(here);
        model.addImplication(here, way.used());
        return here;
    }

    private Optional<List<Pattern>> solved(double effort) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(1)
                .setMaxDeterministicTime(effort)
                .setLinearizationLevel(2);
        double left = hurry.secondsLeft();
        if (left < Double.POSITIVE_INFINITY) {
            solver.getParameters().setMaxTimeInSeconds(Math.max(LEAST_SECONDS, SHARE_OF_TIME * left));
        }
        CpSolverStatus status = solver.solve(model);
        return switch (status) {
            case OPTIMAL, FEASIBLE -> Optional.of(chosen(solver));
            case INFEASIBLE, UNKNOWN -> Optional.empty();
            default -> throw new IllegalStateException("The choice of strips is no good model: " + status);
        };
    }

    private List<Pattern> chosen(CpSolver solver) {
        List<Pattern> chosen = new ArrayList<>();
        int[] wanted = grounds.wanted.clone();
        for (Way way : ways) {
            if (!solver.booleanValue(way.used())) {
                continue;
            }
            List<Band> bands = new ArrayList<>();
            long y = 0;
            for (Map.Entry<Band, IntVar> band : way.bands().entrySet()) {
                for (long n = solver.value(band.getValue()); n > 0; n--) {
                    bands.add(band.getKey().moved(y));
                    y += band.getKey().height() + way.ground().kerf;
                }
            }
            for (Map.Entry<Pattern, BoolVar> pattern : way.patterns().entrySet()) {
                if (solver.booleanValue(pattern.getValue())) {
                    bands.addAll(pattern.getKey().bands());
                }
            }
            chosen.add(new Pattern(way.ground(), bands).upTo(wanted));
        }
        return chosen;
    }
}
