package canthook.cutting.exact;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How much could be had at the most, told without trying: every part gets a price, each clear length takes what is worth most in it
 * alone, and a box pays for its parts. Whatever the prices, no plan does better than the sum; good prices come close to the best
 * plan. It is the bound of cutting-stock by patterns, found by moving prices along the shortages (Polyak's rule).
 *
 * <pre>
 * bound = Σ blanks max over its ways ( Σ clear lengths best(room) − cost of opening )
 *         + Σ kinds made · ( worth of a box − 2 · price of a side − 2 · price of an end )
 * </pre>
 *
 * Part lengths are rounded down to a grid, rooms too; that only makes the bound higher.
 */
final class PricedBound {
    private static final int GRID = 6000;
    private static final int ROUNDS = 500;

    /**
     * What may be laid in a clear length.
     *
     * @param kind of box
     * @param length with its kerfs
     * @param sides of the kind it gives
     * @param ends of the kind it gives
     * @param corners it matches
     */
    record Piece(int kind, long length, int sides, int ends, int corners) {}

    /** A clear length of one way to rip a blank, and what may be laid in it. */
    record Room(int blank, int way, long length, List<Piece> pieces) {}

    /**
     * What is sought.
     *
     * @param perBox worth of a box
     * @param perCorner worth of a matched corner
     * @param perBlank cost of opening a blank
     * @param atLeast boxes that must be made
     */
    record Goal(double perBox, double perCorner, double perBlank, long atLeast) {}

    private final List<Room> rooms;
    private final int[] counts;
    private final long grid;
    private final boolean spares;
    private double[] best = new double[0];
    private double[] boxPrices = new double[0];

    /**
     * @param counts boxes wanted of each kind
     * @param spares whether parts beyond the boxes' own may be cut; no price is below nothing then
     */
    PricedBound(List<Room> rooms, int[] counts, boolean spares) {
        this.spares = spares;
        this.rooms = rooms;
        this.counts = counts;
        long longest = rooms.stream().mapToLong(Room::length).max().orElse(0);
        grid = Math.max(1, longest / GRID);
    }

    /** Prices and the bound they give, with what they were short of. */
    private record Priced(double bound, double[] shortage) {}

    /**
     * An upper bound on the worth of any plan.
     *
     * @param reached worth of the best plan known: the search for prices ends when the bound comes within {@code close} of it
     */
    double above(Goal goal, double reached, double close) {
        double[] prices = best.length == 0 ? begin(goal) : best.clone();
        double lowest = Double.MAX_VALUE;
        double pull = 1;
        int since = 0;
        for (int round = 0; round < ROUNDS; round++) {
            Priced priced = priced(prices, goal);
            if (priced.bound() < lowest - 1e-7) {
                lowest = priced.bound();
                best = prices.clone();
                since = 0;
            } else if (++since >= 12) {
                pull /= 2;
                since = 0;
            }
            if (lowest < reached + close || pull < 1e-4) {
                break;
            }
            double size = 0;
            for (double s : priced.shortage()) {
                size += s * s;
            }
            if (size < 1e-12) {
                break;
            }
            double step = pull * (priced.bound() - reached) / size;
            for (int i = 0; i < prices.length; i++) {
                prices[i] =
                        Math.max(goal.perCorner() > 0 && !spares ? -10 : 0, prices[i] - step * priced.shortage()[i]);
            }
        }
        if (goal.perBox() > 0) {
            boxPrices = best.clone();
        }
        return lowest;
    }

    /**
     * The longest left over in any one clear length of a plan that makes so many boxes, by the prices last found for boxes alone: what
     * is left over there is wanting to the boxes.
     *
     * @return in the unit of the rooms; never less than what a plan could really leave
     */
    double longestLeft(long boxes) {
        Goal goal = new Goal(1, 0, 0, 0);
        double slack = priced(boxPrices, goal).bound() - boxes + 1e-6;
        Map<List<Piece>, Shelf> shelves = new HashMap<>();
        long longest = 0;
        for (Room room : rooms) {
            Shelf shelf = shelves.computeIfAbsent(room.pieces(), p -> new Shelf(p, boxPrices, goal));
            double needed = shelf.worth(room.length()) - slack;
            int r = (int) (room.length() / grid);
            while (r > 0 && shelf.worth[r - 1] >= needed) {
                r--;
            }
            longest = Math.max(longest, room.length() - r * grid);
        }
        return longest;
    }

    /** Prices by length, such that the parts of a box are worth a box. */
    private double[] begin(Goal goal) {
        double[] prices = new double[2 * counts.length];
        for (Room room : rooms) {
            for (Piece piece : room.pieces()) {
                double each = Math.max(goal.perBox(), 0.05) / (2.0 * (piece.sides() + piece.ends()));
                for (int part = 0; part < 2; part++) {
                    if (prices[2 * piece.kind() + part] == 0) {
                        prices[2 * piece.kind() + part] = each;
                    }
                }
            }
        }
        return prices;
    }

    private Priced priced(double[] prices, Goal goal) {
        Map<List<Piece>, Shelf> shelves = new HashMap<>();
        double[] supplied = new double[prices.length];
        double bound = 0;
        int from = 0;
        while (from < rooms.size()) {
            int to = from;
            int blank = rooms.get(from).blank();
            while (to < rooms.size() && rooms.get(to).blank() == blank) {
                to++;
            }
            bound += blank(rooms.subList(from, to), prices, goal, shelves, supplied);
            from = to;
        }
        double[] shortage = supplied.clone();
        long made = 0;
        List<Integer> dearest = new ArrayList<>();
        for (int w = 0; w < counts.length; w++) {
            dearest.add(w);
        }
        dearest.sort((a, b) -> Double.compare(worth(b, prices, goal), worth(a, prices, goal)));
        for (int w : dearest) {
            double worth = worth(w, prices, goal);
            long take = worth > 0 ? counts[w] : Math.max(0, Math.min(counts[w], goal.atLeast() - made));
            made += take;
            bound += take * worth;
            shortage[2 * w] -= 2.0 * take;
            shortage[2 * w + 1] -= 2.0 * take;
        }
        return new Priced(bound, shortage);
    }

    private static double worth(int w, double[] prices, Goal goal) {
        return goal.perBox() - 2 * prices[2 * w] - 2 * prices[2 * w + 1];
    }

    /** The best way to rip one blank at these prices; adds what it supplies. */
    private double blank(
            List<Room> ofBlank, double[] prices, Goal goal, Map<List<Piece>, Shelf> shelves, double[] supplied) {
        double most = 0;
        int chosen = -1;
        int from = 0;
        while (from < ofBlank.size()) {
            int way = ofBlank.get(from).way();
            double sum = -goal.perBlank();
            while (from < ofBlank.size() && ofBlank.get(from).way() == way) {
                Room room = ofBlank.get(from);
                sum += shelves.computeIfAbsent(room.pieces(), p -> new Shelf(p, prices, goal))
                        .worth(room.length());
                from++;
            }
            if (sum > most) {
                most = sum;
                chosen = way;
            }
        }
        for (Room room : ofBlank) {
            if (room.way() == chosen) {
                shelves.computeIfAbsent(room.pieces(), p -> new Shelf(p, prices, goal))
                        .supply(room.length(), supplied);
            }
        }
        return most;
    }

    /** What is worth most in a clear length, for all lengths at once. */
    private final class Shelf {
        private final List<Piece> pieces;
        private final double[] worth;
        private final byte[] taken;
        private final int[] lengths;

        Shelf(List<Piece> pieces, double[] prices, Goal goal) {
            this.pieces = pieces;
            int most = (int) (rooms.stream().mapToLong(Room::length).max().orElse(0) / grid);
            worth = new double[most + 1];
            taken = new byte[most + 1];
            lengths = new int[pieces.size()];
            double[] each = new double[pieces.size()];
            for (int i = 0; i < pieces.size(); i++) {
                Piece p = pieces.get(i);
                lengths[i] = (int) Math.max(1, p.length() / grid);
                each[i] = p.sides() * prices[2 * p.kind()]
                        + p.ends() * prices[2 * p.kind() + 1]
                        + p.corners() * goal.perCorner();
            }
            for (int r = 1; r <= most; r++) {
                worth[r] = worth[r - 1];
                taken[r] = -1;
                for (int i = 0; i < lengths.length; i++) {
                    if (lengths[i] <= r && worth[r - lengths[i]] + each[i] > worth[r] + 1e-12) {
                        worth[r] = worth[r - lengths[i]] + each[i];
                        taken[r] = (byte) i;
                    }
                }
            }
        }

        double worth(long room) {
            return worth[(int) (room / grid)];
        }

        void supply(long room, double[] supplied) {
            int r = (int) (room / grid);
            while (r > 0) {
                int i = taken[r];
                if (i < 0) {
                    r--;
                } else {
                    supplied[2 * pieces.get(i).kind()] += pieces.get(i).sides();
                    supplied[2 * pieces.get(i).kind() + 1] += pieces.get(i).ends();
                    r -= lengths[i];
                }
            }
        }
    }
}
