package canthook.sheets.exact;

import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.LotByLot.Holds;
import canthook.sheets.exact.YieldChoice.Chosen;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The best plan where everything the sheets can yield is known: the first mixture of sheets by growing area that holds all panels;
 * and where none does, the choice that leaves the fewest out, then the least area of it.
 */
final class YieldSearch {
    /** Steps for all mixtures together: some seconds. */
    private static final long STEPS = 200_000_000;

    private static final double EFFORT = 2;

    /** So often a choice is made anew because flaws were in its way. */
    private static final int ROUNDS = 40;

    private final Grounds grounds;
    private final Yielded yielded;
    private final Hurry hurry;
    private long steps = STEPS;

    /**
     * What is certain.
     *
     * @param plans found on the way; the best of them by the goals is the best that was found
     * @param missing no plan leaves fewer panels out
     * @param area no plan that leaves so few out opens less of whole sheets, mm²
     * @param atMissing so few
     */
    record Certain(List<List<Pattern>> plans, int missing, double area, int atMissing) {}

    YieldSearch(Grounds grounds, Yielded yielded, Hurry hurry) {
        this.grounds = grounds;
        this.yielded = yielded;
        this.hurry = hurry;
    }

    /**
     * The best, or what is certain of it.
     *
     * @param reached panels missing in the best plan yet
     * @param area of its whole sheets, mm²
     */
    Certain best(int reached, double area) {
        Mixtures mixtures = new Mixtures(grounds, Double.MAX_VALUE);
        if (!mixtures.isWhole()) {
            return new Certain(List.of(), 0, 0, 0);
        }
        double unknown = -1;
        try (LotPrices prices = new LotPrices(yielded, grounds.all.size())) {
            double need = new SheetBounds(grounds).need(0);
            for (int[] mixture : mixtures.all()) {
                if (Mixtures.holds(grounds, mixture) < need - 1 || !prices.isEnough(mixture)) {
                    continue;
                }
                double here = Mixtures.area(grounds, mixture);
                if (reached == 0 && here > area - 1) {
                    // the plan at hand is such a one
                    return new Certain(List.of(), 0, unknown < 0 ? area : unknown, 0);
                }
                Settled settled = settled(mixture, prices.prices());
                if (settled.plan() != null) {
                    return new Certain(List.of(settled.plan()), 0, unknown < 0 ? here : unknown, 0);
                }
                if (!settled.isCertain()) {
                    unknown = unknown < 0 ? here : unknown;
                }
            }
        }
        return unknown < 0 ? fewest(reached) : new Certain(List.of(), 0, unknown, 0);
    }

    /**
     * @param plan that makes all of the mixture; null when none does, or when that is not certain
     */
    private record Settled(@Nullable List<Pattern> plan, boolean isCertain) {}

    /** Lots that flaws are in the way of are found out as they are wanted, and it is asked again. */
    private Settled settled(int[] mixture, double[] prices) {
        while (steps > 0 && !hurry.stops()) {
            LotByLot lots = new LotByLot(yielded, mixture, areas(), prices);
            Holds holds = lots.holds(steps);
            steps = lots.stepsLeft();
            if (holds != Holds.YES) {
                return new Settled(null, holds == Holds.NO);
            }
            int learnt = yielded.learnt();
            Optional<List<Pattern>> cut = yielded.cut(lots.taken(), hurry);
            if (cut.isPresent()) {
                return new Settled(cut.get(), true);
            }
            if (yielded.learnt() == learnt) {
                break;
            }
        }
        return new Settled(null, false);
    }

    /** Not all can be made. */
    private Certain fewest(int reached) {
        List<List<Pattern>> plans = new ArrayList<>();
        double least = 1;
        boolean done = false;
        for (int n = 0; n < ROUNDS && !done && !hurry.stops(); n++) {
            Chosen fewest = new YieldChoice(grounds, yielded, hurry).least(reached, (int) least, EFFORT);
            least = Math.ceil(fewest.bound() - 1e-6);
            done = least >= reached || isCut(fewest, plans);
        }
        int missing = plans.stream().mapToInt(this::missing).min().orElse(reached);
        double area = 0;
        done = false;
        for (int n = 0; n < ROUNDS && !done && !hurry.stops(); n++) {
            Chosen smallest = new YieldChoice(grounds, yielded, hurry).leastArea(missing, EFFORT);
            area = Math.max(area, smallest.bound());
            done = isCut(smallest, plans);
        }
        return new Certain(plans, (int) least, area, missing);
    }

    /** Whether nothing is gained by asking again. */
    private boolean isCut(Chosen chosen, List<List<Pattern>> plans) {
        int learnt = yielded.learnt();
        Optional<List<Pattern>> cut = chosen.taken().flatMap(taken -> yielded.cut(taken, hurry));
        cut.ifPresent(plans::add);
        return cut.isPresent() || yielded.learnt() == learnt;
    }

    private int missing(List<Pattern> plan) {
        int[] rest = grounds.wanted.clone();
        for (Pattern pattern : plan) {
            int[] counts = pattern.counts(rest.length);
            Arrays.setAll(rest, p -> rest[p] - counts[p]);
        }
        return Arrays.stream(rest).map(n -> Math.max(0, n)).sum();
    }

    private double[] areas() {
        double kerf = grounds.task.kerf().mm();
        return grounds.task.panels().stream()
                .mapToDouble(p -> (p.along().mm() + kerf) * (p.across().mm() + kerf))
                .toArray();
    }
}
