package canthook.breakdown.exact;

import canthook.breakdown.exact.Rooms.Piece;
import canthook.breakdown.exact.Rooms.Room;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What is worth most in a clear length when every piece has its price: told for all lengths up to the longest at once, kind of
 * box by kind of box. Long rooms of a fine unit are told on a grid.
 *
 * <pre>
 * few of a kind    worth(r) = max over mixtures: worth without the kind (r − length) + Σ prices
 * many of a kind   worth(r) = max( worth without the kind (r), max over pieces: worth(r − length) + price )
 * </pre>
 */
final class BestFillings {
    /** So many steps are told at the most. */
    private static final int STEPS = 16_000;

    private final List<Servings> kinds;
    private final double[] prices;
    private final long grid;
    private final boolean up;

    /** Before the first kind, after the first, and so on. */
    private final List<double[]> worths = new ArrayList<>();

    private final List<short[]> taken = new ArrayList<>();

    /**
     * @param prices of the room's pieces
     * @param longest room asked for
     * @param up whether lengths are rounded up to the grid, so that what is taken fits; else down, so that nothing is worth more
     */
    BestFillings(List<Servings> kinds, double[] prices, long longest, boolean up) {
        this.kinds = kinds;
        this.prices = prices;
        this.up = up;
        grid = grid(longest);
        worths.add(new double[(int) (longest / grid) + 1]);
        for (Servings kind : kinds) {
            short[] choice = new short[worth().length];
            double[] worth = worth().clone();
            if (kind.isListed()) {
                mix(kind, worth, choice);
            } else {
                heap(kind, worth, choice);
            }
            worths.add(worth);
            taken.add(choice);
        }
    }

    static long grid(long longest) {
        return Math.max(1, (longest + STEPS - 1) / STEPS);
    }

    private int steps(long length) {
        return (int) ((length + (up ? grid - 1 : 0)) / grid);
    }

    private double[] worth() {
        return worths.get(worths.size() - 1);
    }

    private double price(Servings kind, int[] mixture) {
        double sum = 0;
        for (int i = 0; i < mixture.length; i++) {
            sum += mixture[i] * prices[kind.first() + i];
        }
        return sum;
    }

    private void mix(Servings kind, double[] worth, short[] choice) {
        double[] without = worth();
        for (int m = 0; m < kind.mixtures().size(); m++) {
            int[] mixture = kind.mixtures().get(m);
            double value = price(kind, mixture);
            int length = steps(kind.length(mixture));
            if (value <= 0) {
                continue;
            }
            for (int r = length; r < worth.length; r++) {
                if (without[r - length] + value > worth[r] + 1e-12) {
                    worth[r] = without[r - length] + value;
                    choice[r] = (short) (m + 1);
                }
            }
        }
    }

    private void heap(Servings kind, double[] worth, short[] choice) {
        int[] lengths = kind.pieces().stream()
                .mapToInt(p -> Math.max(1, steps(p.length())))
                .toArray();
        for (int r = 0; r < worth.length; r++) {
            for (int i = 0; i < lengths.length; i++) {
                double price = prices[kind.first() + i];
                if (lengths[i] <= r && worth[r - lengths[i]] + price > worth[r] + 1e-12) {
                    worth[r] = worth[r - lengths[i]] + price;
                    choice[r] = (short) (i + 1);
                }
            }
        }
    }

    double worth(long room) {
        return worth()[(int) (room / grid)];
    }

    /** What is worth most in this room; only of a table rounded up, or one whose grid is the unit. */
    Filling best(Room room) {
        Integer[] counts = new Integer[prices.length];
        Arrays.fill(counts, 0);
        int r = (int) (room.length() / grid);
        for (int k = kinds.size() - 1; k >= 0; k--) {
            Servings kind = kinds.get(k);
            for (int choice = taken.get(k)[r]; choice > 0; choice = kind.isListed() ? 0 : taken.get(k)[r]) {
                if (kind.isListed()) {
                    int[] mixture = kind.mixtures().get(choice - 1);
                    for (int i = 0; i < mixture.length; i++) {
                        counts[kind.first() + i] = mixture[i];
                    }
                    r -= steps(kind.length(mixture));
                } else {
                    counts[kind.first() + choice - 1]++;
                    r -= Math.max(1, steps(kind.pieces().get(choice - 1).length()));
                }
            }
        }
        return new Filling(room, List.of(counts));
    }

    /** The longest that may be left in a room when what is laid in it must be worth so much. */
    long mostLeft(Room room, double atLeast) {
        int r = (int) (room.length() / grid);
        while (r > 0 && worth()[r - 1] >= atLeast) {
            r--;
        }
        return room.length() - r * grid;
    }

    /**
     * All fillings worth so much; only of a table not rounded up.
     *
     * @param limit more than this are not told
     * @return false when there were more
     */
    boolean all(Room room, double atLeast, int limit, List<Filling> into) {
        return new Telling(room, atLeast, limit, into).kind(kinds.size(), room.length(), 0);
    }

    private final class Telling {
        private final Room room;
        private final double atLeast;
        private final int limit;
        private final List<Filling> into;
        private final Integer[] counts = new Integer[prices.length];
        private int steps;

        Telling(Room room, double atLeast, int limit, List<Filling> into) {
            this.room = room;
            this.atLeast = atLeast;
            this.limit = limit;
            this.into = into;
        }

        /** Whether what is still to come may be enough; it comes before kind k. */
        private boolean mayDo(int k, long left, double value) {
            return value + worths.get(k)[(int) (left / grid)] >= atLeast;
        }

        /** The kinds before k. */
        private boolean kind(int k, long left, double value) {
            if (!mayDo(k, left, value)) {
                return true;
            }
            if (++steps > 20 * limit) {
                return false;
            }
            if (k == 0) {
                into.add(new Filling(room, List.of(counts)));
                return into.size() < limit;
            }
            Servings kind = kinds.get(k - 1);
            if (!kind.isListed()) {
                return piece(k, kind, 0, left, value);
            }
            for (int[] mixture : kind.mixtures()) {
                long length = kind.length(mixture);
                if (length <= left) {
                    for (int i = 0; i < mixture.length; i++) {
                        counts[kind.first() + i] = mixture[i];
                    }
                    if (!kind(k - 1, left - length, value + price(kind, mixture))) {
                        return false;
                    }
                }
            }
            return true;
        }

        private boolean piece(int k, Servings kind, int i, long left, double value) {
            if (i == kind.pieces().size()) {
                return kind(k - 1, left, value);
            }
            Piece piece = kind.pieces().get(i);
            long most = Math.min(piece.most(), left / piece.length());
            for (int n = 0; n <= most; n++) {
                counts[kind.first() + i] = n;
                double with = value + n * prices[kind.first() + i];
                long then = left - n * piece.length();
                if (mayDo(k, then, with) && !piece(k, kind, i + 1, then, with)) {
                    return false;
                }
            }
            return true;
        }
    }
}
