package canthook.sheets.exact;

import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.LotByLot.Holds;
import canthook.sheets.exact.YieldChoice.Chosen;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The best plan where everything the sheets can yield is known: the first mixture of sheets by growing area that holds all panels;
 * and where none does, the choice that leaves the fewest out, then the least area of it.
 */
final class YieldSearch {
    /** Steps for all mixtures together: some seconds. */
    private static final long STEPS = 200_000_000;

    private static final double EFFORT = 2;

    private final Grounds grounds;
    private final Yielded yielded;
    private final Hurry hurry;

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

    /** @param reached panels missing in the best plan yet */
    Certain best(int reached) {
        Mixtures mixtures = new Mixtures(grounds, Double.MAX_VALUE);
        if (!mixtures.isWhole()) {
            return new Certain(List.of(), 0, 0, 0);
        }
        double unknown = -1;
        try (LotPrices prices = new LotPrices(yielded, grounds.all.size())) {
            long steps = STEPS;
            double need = new SheetBounds(grounds).need(0);
            for (int[] mixture : mixtures.all()) {
                if (Mixtures.holds(grounds, mixture) < need - 1 || !prices.isEnough(mixture)) {
                    continue;
                }
                double area = Mixtures.area(grounds, mixture);
                LotByLot lots = new LotByLot(yielded, mixture, areas(), prices.prices());
                Holds holds = steps < 0 || hurry.stops() ? Holds.UNKNOWN : lots.holds(steps);
                steps = Math.min(steps, lots.stepsLeft());
                switch (holds) {
                    case YES -> {
                        return new Certain(List.of(lots.plan()), 0, unknown < 0 ? area : unknown, 0);
                    }
                    case NO -> {}
                    case UNKNOWN -> unknown = unknown < 0 ? area : unknown;
                }
            }
        }
        return unknown < 0 ? fewest(reached) : new Certain(List.of(), 0, unknown, 0);
    }

    /** Not all can be made. */
    private Certain fewest(int reached) {
        List<List<Pattern>> plans = new ArrayList<>();
        Chosen fewest = new YieldChoice(grounds, yielded, hurry).least(reached, 1, EFFORT);
        int least = (int) Math.ceil(fewest.bound() - 1e-6);
        fewest.plan().ifPresent(plans::add);
        int missing = fewest.plan().map(this::missing).orElse(reached);
        Chosen smallest = new YieldChoice(grounds, yielded, hurry).leastArea(missing, EFFORT);
        smallest.plan().ifPresent(plans::add);
        return new Certain(plans, least, smallest.bound(), missing);
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
