package canthook.sheets.exact;

import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.Yielded.Taken;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;

/**
 * Whether a mixture of sheets holds all that is wanted, told for certain: sheet after sheet, what may still be wanted after every
 * choice of lots (dynamic programming over what is left). A rest is dropped when the sheets to come cannot yield it at some
 * prices:
 *
 * <pre>
 * Σ price · rest  >  Σ over the sheets to come: best lot at those prices
 * </pre>
 *
 * which is true of any prices; those of the mixture's own linear programme leave the fewest, as there it is tight.
 */
final class LotByLot {
    /** Prices a little off the mixture's own drop rests that those let pass. */
    private static final int MORE_PRICES = 4;

    private static final double OFF = 0.2;
    private static final double CLOSE = 1e-9;

    enum Holds {
        YES,
        NO,
        /** More rests than were to be looked at. */
        UNKNOWN
    }

    private final Lots lots;

    /** The kinds of the mixture's sheets, those with few lots first. */
    private final List<Integer> order = new ArrayList<>();

    /** Own prices of the mixture first. */
    private final List<double[]> prices = new ArrayList<>();

    /** By kind: its lots, those worth most first. */
    private final Map<Integer, long[]> full = new LinkedHashMap<>();

    /** By kind, prices and lot. */
    private final Map<Integer, double[][]> worths = new HashMap<>();

    /** By prices and sheet: what it and those behind it can yield at the most. */
    private final double[][] most;

    /** Rests before each sheet. */
    private final List<long[]> rests = new ArrayList<>();

    private final int[] counts;
    private long steps;

    /** What was wanted still before the lot that was traced last. */
    private long before;

    /**
     * @param mixture how many of each kind of sheet, and at last how many panels are left out
     * @param areas of each panel with its kerfs
     * @param own prices of the mixture
     */
    LotByLot(Yielded yielded, int[] mixture, double[] areas, double[] own) {
        lots = yielded.lots;
        counts = new int[lots.kinds()];
        prices.add(own);
        prices.add(areas);
        Random random = new Random(1);
        for (int n = 0; n < MORE_PRICES; n++) {
            prices.add(Arrays.stream(own)
                    .map(price -> price * (1 + OFF * (2 * random.nextDouble() - 1)))
                    .toArray());
        }
        for (int k = 0; k < mixture.length; k++) {
            // a sheet of other stuff, or one whose flaws let nothing be cut, yields nothing and is passed over
            if (mixture[k] > 0 && yielded.full(k).length > 0) {
                order.addAll(Collections.nCopies(mixture[k], k));
                long[] sorted = Arrays.stream(yielded.full(k))
                        .boxed()
                        .sorted(Comparator.comparingDouble((Long lot) -> -worth(lot, own)))
                        .mapToLong(lot -> lot)
                        .toArray();
                full.put(k, sorted);
                worths.put(
                        k,
                        prices.stream()
                                .map(price -> Arrays.stream(sorted)
                                        .mapToDouble(lot -> worth(lot, price))
                                        .toArray())
                                .toArray(double[][]::new));
            }
        }
        order.sort(Comparator.comparingInt(k -> full(k).length));
        most = new double[prices.size()][order.size() + 1];
        for (int n = 0; n < most.length; n++) {
            for (int i = order.size() - 1; i >= 0; i--) {
                double best = Arrays.stream(worths(order.get(i))[n]).max().orElse(0);
                most[n][i] = most[n][i + 1] + best;
            }
        }
    }

    private long[] full(int kind) {
        return Objects.requireNonNull(full.get(kind));
    }

    private double[][] worths(int kind) {
        return Objects.requireNonNull(worths.get(kind));
    }

    private double worth(long lot, double[] price) {
        double worth = 0;
        for (int p = 0; p < price.length; p++) {
            worth += price[p] * lots.count(lot, p);
        }
        return worth;
    }

    /**
     * Whether it does.
     *
     * @param atMost steps are gone
     */
    Holds holds(long atMost, Hurry hurry) {
        steps = atMost;
        rests.clear();
        rests.add(new long[] {lots.all()});
        for (int i = 0; i < order.size(); i++) {
            long[] after = after(i, rests.get(i), hurry);
            if (steps < 0) {
                return Holds.UNKNOWN;
            }
            rests.add(after);
            if (after.length > 0 && after[0] == 0) {
                return Holds.YES;
            }
        }
        return Holds.NO;
    }

    long stepsLeft() {
        return steps;
    }

    /** What may be wanted after a sheet, sorted; nothing at all when that can be had. */
    private long[] after(int sheet, long[] before, Hurry hurry) {
        long[] each = full(order.get(sheet));
        double[][] worth = worths(order.get(sheet));
        double[] enough = new double[most.length];
        long[] found = new long[1024];
        int n = 0;
        for (long still : before) {
            // no rest is worth less than what was wanted before it without the lot
            for (int q = 0; q < enough.length; q++) {
                enough[q] = worth(still, prices.get(q)) - most[q][sheet + 1] * (1 + CLOSE) - CLOSE;
            }
            for (int l = 0; l < each.length && worth[0][l] >= enough[0]; l++) {
                steps--;
                if (isTooLittle(worth, l, enough)) {
                    continue;
                }
                long rest = lots.rest(still, each[l]);
                if (rest == 0) {
                    return new long[] {0};
                }
                if (isHopeless(rest, sheet + 1)) {
                    continue;
                }
                if (n == found.length) {
                    n = sortedOnce(found, n);
                    found = n > found.length / 2 ? Arrays.copyOf(found, 2 * found.length) : found;
                }
                found[n++] = rest;
            }
            if (steps < 0 || hurry.stops()) {
                steps = Math.min(steps, -1);
                break;
            }
        }
        return Arrays.copyOf(found, sortedOnce(found, n));
    }

    private static boolean isTooLittle(double[][] worth, int lot, double[] enough) {
        for (int q = 1; q < enough.length; q++) {
            if (worth[q][lot] < enough[q]) {
                return true;
            }
        }
        return false;
    }

    private boolean isHopeless(long rest, int next) {
        for (int p = 0; p < counts.length; p++) {
            counts[p] = lots.count(rest, p);
        }
        for (int n = 0; n < most.length; n++) {
            double[] price = prices.get(n);
            double worth = 0;
            for (int p = 0; p < counts.length; p++) {
                worth += counts[p] * price[p];
            }
            if (worth > most[n][next] * (1 + CLOSE) + CLOSE) {
                return true;
            }
        }
        return false;
    }

    private static int sortedOnce(long[] found, int n) {
        Arrays.sort(found, 0, n);
        int kept = 0;
        for (int i = 0; i < n; i++) {
            if (i == 0 || found[i] != found[i - 1]) {
                found[kept++] = found[i];
            }
        }
        return kept;
    }

    /** After it holds: a lot of each sheet that was needed. */
    List<Taken> taken() {
        List<Taken> taken = new ArrayList<>();
        long rest = 0;
        for (int i = rests.size() - 2; i >= 0; i--) {
            Taken one = to(rest, i);
            taken.add(one);
            rest = before;
        }
        return taken;
    }

    private Taken to(long rest, int sheet) {
        for (long still : rests.get(sheet)) {
            for (long lot : full(order.get(sheet))) {
                if (lots.rest(still, lot) == rest) {
                    before = still;
                    return new Taken(order.get(sheet), lot);
                }
            }
        }
        throw new IllegalStateException("A rest that no lot leads to");
    }
}
