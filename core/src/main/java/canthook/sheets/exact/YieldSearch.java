package canthook.sheets.exact;

import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.LotByLot.Holds;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The best plan where everything the sheets can yield is known: as few panels left out as can be, and with so many the first
 * mixture of sheets by growing area that holds the others.
 */
final class YieldSearch {
    /** Steps for all mixtures together: some seconds. */
    private static final long STEPS = 60_000_000;

    /** What is not settled in so much of the time is left to plans by hand and by prices. */
    private static final double SHARE_OF_TIME = 0.6;

    private final Grounds grounds;
    private final Yielded yielded;
    private final Hurry hurry;
    private long steps = STEPS;

    /**
     * What is certain.
     *
     * @param plan the best there is; null when none better than the one at hand was found
     * @param missing no plan leaves fewer panels out
     * @param area no plan that leaves so few out opens less of whole sheets, mm²
     */
    record Certain(@Nullable List<Pattern> plan, int missing, double area) {
        static final Certain NOTHING = new Certain(null, 0, 0);
    }

    /**
     * What is known of a mixture, or of some.
     *
     * @param plan that makes all; null when none does, or when that is not certain
     * @param area none opens less, mm²
     */
    private record Settled(@Nullable List<Pattern> plan, double area, boolean isCertain) {}

    YieldSearch(Grounds grounds, Yielded yielded, Hurry hurry) {
        this.grounds = grounds;
        this.yielded = yielded;
        double left = hurry.secondsLeft();
        this.hurry = left == Double.POSITIVE_INFINITY
                ? hurry
                : Hurry.until(System.nanoTime() + (long) (SHARE_OF_TIME * left * 1e9), hurry::stops);
    }

    /**
     * The best, or what is certain of it.
     *
     * @param reached panels missing in the plan at hand
     * @param area of its whole sheets, mm²
     */
    Certain best(int reached, double area) {
        Mixtures mixtures = new Mixtures(grounds, Double.MAX_VALUE);
        if (!mixtures.isWhole()) {
            return Certain.NOTHING;
        }
        try (LotPrices prices = new LotPrices(yielded)) {
            for (int out = 0; out < reached; out++) {
                if (!prices.isEnough(with(grounds.everySheet(), out))) {
                    continue;
                }
                Settled least = least(mixtures, prices, out, Double.MAX_VALUE);
                if (least.plan() != null || !least.isCertain()) {
                    return new Certain(least.plan(), out, least.area());
                }
            }
            Settled least = least(mixtures, prices, reached, area);
            return new Certain(least.plan(), reached, least.area());
        }
    }

    private static int[] with(int[] mixture, int out) {
        int[] with = Arrays.copyOf(mixture, mixture.length + 1);
        with[mixture.length] = out;
        return with;
    }

    /**
     * The first mixture that holds all but so many.
     *
     * @param area of a plan at hand that leaves so many out: no more is opened, mm²
     */
    private Settled least(Mixtures mixtures, LotPrices prices, int out, double area) {
        double unknown = Double.MAX_VALUE;
        double need = new SheetBounds(grounds).need(out);
        for (int[] mixture : mixtures.all()) {
            double here = Mixtures.area(grounds, mixture);
            if (here > area - 1) {
                break;
            }
            if (steps <= 0 || hurry.stops()) {
                unknown = Math.min(unknown, here);
                break;
            }
            int[] with = with(mixture, out);
            if (Mixtures.holds(grounds, mixture) < need - 1 || !prices.isEnough(with)) {
                continue;
            }
            Settled settled = settled(with, prices.prices(), here);
            if (settled.plan() != null) {
                return new Settled(settled.plan(), Math.min(unknown, here), unknown == Double.MAX_VALUE);
            }
            unknown = settled.isCertain() ? unknown : Math.min(unknown, here);
        }
        return new Settled(null, Math.min(unknown, area), unknown == Double.MAX_VALUE);
    }

    /** Lots that flaws are in the way of are found out as they are wanted, and it is asked again. */
    private Settled settled(int[] mixture, double[] prices, double area) {
        while (steps > 0 && !hurry.stops()) {
            LotByLot lots = new LotByLot(yielded, mixture, areas(), prices);
            int learnt = yielded.learnt();
            Holds holds = lots.holds(steps, hurry);
            steps = lots.stepsLeft();
            if (holds != Holds.YES) {
                return new Settled(null, area, holds == Holds.NO);
            }
            Optional<List<Pattern>> cut = yielded.cut(lots.taken(), hurry);
            if (cut.isPresent()) {
                return new Settled(cut.get(), area, true);
            }
            if (yielded.learnt() == learnt) {
                break;
            }
        }
        return new Settled(null, area, false);
    }

    /** mm², each panel with a kerf on two sides. */
    private double[] areas() {
        double kerf = grounds.task.kerf().mm();
        return grounds.task.panels().stream()
                .mapToDouble(p -> (p.along().mm() + kerf) * (p.across().mm() + kerf))
                .toArray();
    }
}
