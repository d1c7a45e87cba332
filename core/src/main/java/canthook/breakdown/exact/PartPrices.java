package canthook.breakdown.exact;

import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.exact.Rooms.Piece;
import canthook.breakdown.exact.Rooms.Room;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;

/**
 * What each part is worth, and with it a bound that no plan can pass. Were it allowed to lay shares of fillings, the best plan
 * would be a linear programme; its prices say which fillings are worth laying and which can be in no better plan. Fillings are
 * made as they are asked for: by the prices of those at hand each room is filled for the most worth, until nothing new comes
 * (the cutting-stock method of columns made on demand).
 *
 * <pre>
 * each room    Σ share of fillings ≤ share of its way of ripping          each blank   Σ ways ≤ 1
 * each kind    Σ sides = 2 · made + spare sides                           Σ ends = 2 · made + spare ends
 *              Σ pairs ≤ 2 · made, = when runs are broken into pairs at most
 *              Σ whole = made, when runs stay whole
 * bound        value of the programme + Σ rooms max( 0, best filling − price of the room )
 * </pre>
 */
final class PartPrices implements AutoCloseable {
    private static final double NONE = MPSolver.infinity();
    private static final double CLOSE = 1e-7;

    /** The prices have settled long before, as a rule in a dozen rounds. */
    private static final int MOST_ROUNDS = 300;

    private final Rooms rooms;
    private final MPSolver solver = MPSolver.createSolver("GLOP");
    private final List<MPConstraint> ofRoom = new ArrayList<>();
    private final List<MPVariable> wayOfRoom = new ArrayList<>();
    private final List<MPConstraint> sides = new ArrayList<>();
    private final List<MPConstraint> ends = new ArrayList<>();
    private final List<MPConstraint> pairs = new ArrayList<>();
    private final List<MPConstraint> whole = new ArrayList<>();
    private final List<MPVariable> made = new ArrayList<>();
    private final List<MPVariable> spares = new ArrayList<>();
    private final List<MPVariable> ripped = new ArrayList<>();
    private final MPConstraint boxesRow = row(-NONE, NONE);
    private final MPConstraint sparesRow = row(-NONE, NONE);
    private final MPConstraint cornersRow = row(-NONE, NONE);
    private final MPConstraint blanksRow = row(-NONE, NONE);
    private final Map<Filling, MPVariable> shares = new LinkedHashMap<>();
    private final Map<List<Piece>, List<Servings>> servings = new HashMap<>();
    private final Map<List<Piece>, BestFillings> full = new HashMap<>();

    PartPrices(Rooms rooms) {
        this.rooms = rooms;
        Map<List<Integer>, MPVariable> ways = new HashMap<>();
        List<MPConstraint> ofBlank = new ArrayList<>();
        for (int blank = 0; blank < rooms.blanks(); blank++) {
            ofBlank.add(row(-NONE, 1));
        }
        for (Room room : rooms.all()) {
            MPVariable way = ways.computeIfAbsent(room.ripping(), key -> {
                MPVariable y = share();
                ofBlank.get(room.blank()).setCoefficient(y, 1);
                blanksRow.setCoefficient(y, 1);
                ripped.add(y);
                return y;
            });
            MPConstraint row = row(-NONE, 0);
            row.setCoefficient(way, -1);
            ofRoom.add(row);
            wayOfRoom.add(way);
        }
        for (Wanted box : rooms.boxes()) {
            kind(box);
        }
    }

    private void kind(Wanted box) {
        MPVariable boxes = solver.makeNumVar(0, box.count(), "");
        MPVariable spareSides = solver.makeNumVar(0, box.spareSides(), "");
        MPVariable spareEnds = solver.makeNumVar(0, box.spareEnds(), "");
        made.add(boxes);
        spares.addAll(List.of(spareSides, spareEnds));
        sides.add(row(0, 0));
        ends.add(row(0, 0));
        int kind = made.size() - 1;
        pairs.add(row(rooms.staysPaired(kind) ? 0 : -NONE, 0));
        whole.add(row(rooms.staysWhole(kind) ? 0 : -NONE, rooms.staysWhole(kind) ? 0 : NONE));
        last(sides).setCoefficient(boxes, -2);
        last(sides).setCoefficient(spareSides, -1);
        last(ends).setCoefficient(boxes, -2);
        last(ends).setCoefficient(spareEnds, -1);
        last(pairs).setCoefficient(boxes, -2);
        last(whole).setCoefficient(boxes, -1);
        boxesRow.setCoefficient(boxes, 1);
        sparesRow.setCoefficient(spareSides, 1);
        sparesRow.setCoefficient(spareEnds, 1);
    }

    private static <T> T last(List<T> list) {
        return list.get(list.size() - 1);
    }

    @Override
    public void close() {
        solver.delete();
    }

    private MPConstraint row(double least, double most) {
        return solver.makeConstraint(least, most);
    }

    private MPVariable share() {
        return solver.makeNumVar(0, 1, "");
    }

    /** How much of a room can be used at the most, by whole parts. */
    long full(Room room) {
        double[] lengths = room.pieces().stream().mapToDouble(Piece::length).toArray();
        return Math.min(
                room.length(),
                Math.round(full.computeIfAbsent(
                                room.pieces(), p -> new BestFillings(servings(room), lengths, rooms.longest(), false))
                        .worth(room.length())));
    }

    private List<Servings> servings(Room room) {
        return servings.computeIfAbsent(room.pieces(), pieces -> Servings.of(rooms, pieces));
    }

    /** Puts a filling at hand; true when it was not yet. */
    boolean offer(Filling filling, Wish wish) {
        if (shares.containsKey(filling)) {
            return false;
        }
        MPVariable share = solver.makeNumVar(0, NONE, "");
        ofRoom.get(filling.room().index()).setCoefficient(share, 1);
        for (int kind = 0; kind < made.size(); kind++) {
            put(sides.get(kind), share, filling, kind, f -> f.sides);
            put(ends.get(kind), share, filling, kind, f -> f.ends);
            put(pairs.get(kind), share, filling, kind, f -> f.pairs);
            put(whole.get(kind), share, filling, kind, f -> f.whole);
        }
        cornersRow.setCoefficient(share, filling.corners());
        solver.objective().setCoefficient(share, wish.worth(filling));
        shares.put(filling, share);
        return true;
    }

    private static void put(MPConstraint row, MPVariable share, Filling filling, int kind, ToIntFunction<Form> what) {
        int count = filling.of(kind, what);
        if (count > 0) {
            row.setCoefficient(share, count);
        }
    }

    /** From here on no plan may fall behind what was reached. */
    private void keep(Map<Aim, Long> kept) {
        kept.forEach((aim, reached) -> {
            switch (aim) {
                case BOXES -> boxesRow.setLb(reached);
                case SPARES -> sparesRow.setLb(reached);
                case CORNERS -> cornersRow.setLb(reached);
                case BLANKS -> blanksRow.setUb(reached);
                default -> throw new IllegalArgumentException("The offcut is the last aim.");
            }
        });
    }

    private void aim(Wish wish) {
        var objective = solver.objective();
        objective.clear();
        objective.setMaximization();
        switch (wish.aim()) {
            case BOXES -> made.forEach(m -> objective.setCoefficient(m, 1));
            case SPARES -> spares.forEach(s -> objective.setCoefficient(s, 1));
            case BLANKS -> ripped.forEach(y -> objective.setCoefficient(y, -1));
            default ->
                shares.forEach((filling, share) -> {
                    double worth = wish.worth(filling);
                    if (worth != 0) {
                        objective.setCoefficient(share, worth);
                    }
                });
        }
    }

    /**
     * Prices for a wish. Any plan that keeps what must be kept can be had from the fillings at hand, or the wish is refused.
     *
     * @param enough the bound need not be lower than this
     */
    Prices seek(Wish wish, double enough, Watch watch) {
        keep(wish.kept());
        aim(wish);
        double lowest = Double.POSITIVE_INFINITY;
        for (int round = 0; ; round++) {
            if (solver.solve() != MPSolver.ResultStatus.OPTIMAL) {
                throw new IllegalStateException("The prices of " + wish + " could not be found.");
            }
            Prices prices = new Prices(wish, solver.objective().value());
            lowest = Math.min(lowest, prices.bound);
            boolean more = false;
            for (Filling filling : prices.better()) {
                more |= offer(filling, wish);
            }
            if (!more || lowest <= enough || round == MOST_ROUNDS || watch.stops()) {
                return prices;
            }
        }
    }

    /** Prices of one wish. */
    final class Prices {
        private final Wish wish;
        private final double[] ofRooms;
        private final double[] ripped;
        private final double[] ofSides;
        private final double[] ofEnds;
        private final double[] ofPairs;
        private final double[] ofWhole;
        private final double ofCorners;
        private final Map<List<Piece>, BestFillings> listed = new HashMap<>();
        private final Map<List<Piece>, BestFillings> fitting = new HashMap<>();
        private final Map<Boolean, BestFillings> sought = new HashMap<>();
        private final double bound;

        private Prices(Wish wish, double value) {
            this.wish = wish;
            ofRooms = duals(ofRoom);
            ripped = wayOfRoom.stream().mapToDouble(MPVariable::solutionValue).toArray();
            ofSides = duals(sides);
            ofEnds = duals(ends);
            ofPairs = duals(pairs);
            ofWhole = duals(whole);
            ofCorners = cornersRow.dualValue();
            double over = 0;
            for (Room room : rooms.all()) {
                over += Math.max(0, worth(room) - ofRooms[room.index()]);
            }
            bound = value + over;
        }

        private static double[] duals(List<MPConstraint> rows) {
            return rows.stream().mapToDouble(MPConstraint::dualValue).toArray();
        }

        private double price(Piece piece) {
            int kind = piece.kind();
            Form form = piece.form();
            return wish.worth(form)
                    - ofSides[kind] * form.sides
                    - ofEnds[kind] * form.ends
                    - ofPairs[kind] * form.pairs
                    - ofWhole[kind] * form.whole
                    - ofCorners * form.corners;
        }

        private boolean isSought(Room room) {
            return wish.room() != null && wish.room().index() == room.index();
        }

        private double[] prices(Room room) {
            double perLength = isSought(room) ? 1 : 0;
            return room.pieces().stream()
                    .mapToDouble(p -> price(p) - perLength * p.length())
                    .toArray();
        }

        /** A table on a grid rounded down, whose worth no filling passes. */
        private BestFillings fillings(Room room) {
            return fillings(room, listed, false);
        }

        /** A table whose fillings really fit. */
        private BestFillings fittingFillings(Room room) {
            return BestFillings.grid(rooms.longest()) == 1 ? fillings(room) : fillings(room, fitting, true);
        }

        private BestFillings fillings(Room room, Map<List<Piece>, BestFillings> known, boolean up) {
            return isSought(room)
                    ? sought.computeIfAbsent(
                            up, u -> new BestFillings(servings(room), prices(room), rooms.longest(), up))
                    : known.computeIfAbsent(
                            room.pieces(), p -> new BestFillings(servings(room), prices(room), rooms.longest(), up));
        }

        private double base(Room room) {
            return isSought(room) ? room.length() : 0;
        }

        private double worth(Room room) {
            return base(room) + fillings(room).worth(room.length());
        }

        /** No plan passes this; blanks count below nothing. */
        double bound() {
            return bound;
        }

        /** Fillings worth more than their room is priced at. */
        private List<Filling> better() {
            List<Filling> better = new ArrayList<>();
            for (Room room : rooms.all()) {
                if (worth(room) > ofRooms[room.index()] + CLOSE) {
                    better.add(fittingFillings(room).best(room));
                }
            }
            return better;
        }

        /** What a filling must be worth, less what it adds to a sought offcut by itself, to be in a plan that reaches so much. */
        private double needed(Room room, double reaching) {
            return ofRooms[room.index()] - (bound - reaching) - base(room) - CLOSE * Math.max(1, Math.abs(bound));
        }

        /** Of the fillings at hand those that may be in a plan that reaches so much. */
        List<Filling> mayReach(double reaching) {
            return shares.keySet().stream()
                    .filter(f -> worth(f) >= needed(f.room(), reaching))
                    .toList();
        }

        private double worth(Filling filling) {
            double sum = 0;
            double[] prices = prices(filling.room());
            for (int i = 0; i < prices.length; i++) {
                sum += filling.counts().get(i) * prices[i];
            }
            return sum;
        }

        /**
         * All fillings that may be in a plan that reaches so much.
         *
         * @param limit of how many are told
         * @param into takes them
         * @return false when there are more
         */
        boolean all(double reaching, int limit, List<Filling> into) {
            for (Room room : rooms.all()) {
                if (!fillings(room).all(room, needed(room, reaching), limit, into)) {
                    return false;
                }
            }
            return true;
        }

        /** Whether some share of the room's blank is ripped that way at these prices. */
        boolean rips(Room room) {
            return ripped[room.index()] > CLOSE;
        }

        /** The longest that may be left in a room by a plan that reaches so much. */
        long mostLeft(Room room, double reaching) {
            return fillings(room).mostLeft(room, needed(room, reaching));
        }
    }
}
