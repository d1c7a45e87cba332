package canthook.breakdown.exact;

import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.Breakdown.Goal;
import canthook.breakdown.BreakdownSolver;
import canthook.breakdown.BreakdownTask;
import canthook.breakdown.Ripping;
import canthook.breakdown.exact.FillingChoice.Choice;
import canthook.breakdown.exact.PartPrices.Prices;
import canthook.breakdown.exact.Rooms.Room;
import com.google.ortools.Loader;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The goals one after another, each kept while the next is sought. For each, prices give a bound and the fillings worth laying;
 * the best choice of these is a plan. When it stays under the bound, all fillings that a better plan could hold are added: then
 * the choice is the best there is, or the gap is stated.
 */
public final class ExactSolver implements BreakdownSolver {
    private static final List<String> STEPS = List.of(
            "all boxes made", "all spares made", "most matched corners", "fewest boards cut", "longest offcut kept");

    /** Fillings looked through at the most to prove a plan the best. */
    private static final int MOST_FILLINGS = 3_000;

    /** Pieces that are laid one by one at the most. */
    private static final int MOST_PIECES = 2_000;

    /** In the solver's own measure. */
    private static final double EFFORT = 0.6;

    /** For what the fillings at hand leave open; the boxes come first. */
    private static final double EFFORT_TO_PROVE = 0.8;

    private static final double EFFORT_FOR_BOXES = 1.6;

    private static final double LEAST_EFFORT = 0.1;

    /** For all aims before the offcut together, and for the offcut. */
    private static final double EFFORT_IN_ALL = 3.5;

    private static final double EFFORT_FOR_OFFCUT = 1;

    /** Loads the machine part of the library, once. */
    public ExactSolver() {
        Loader.loadNativeLibraries();
    }

    @Override
    public Laid solve(BreakdownTask task, List<List<Ripping>> ways, Watch watch) {
        try (Search search = new Search(new Rooms(task, ways), watch)) {
            return search.all();
        }
    }

    @Override
    public boolean makesAll(BreakdownTask task, List<List<Ripping>> ways, Watch watch) {
        try (Search search = new Search(new Rooms(task, ways), watch)) {
            return search.makesAll();
        }
    }

    private static final class Search implements AutoCloseable {
        private final Rooms rooms;
        private final Watch watch;
        private final PartPrices prices;
        private final Map<Aim, Long> kept = new EnumMap<>(Aim.class);
        private final long[] mostLeft;
        private Laying best;
        private double spent;
        private double most = EFFORT_IN_ALL;

        Search(Rooms rooms, Watch watch) {
            this.rooms = rooms;
            this.watch = watch;
            prices = new PartPrices(rooms);
            mostLeft = rooms.all().stream().mapToLong(Room::length).toArray();
            best = ByEye.of(rooms);
        }

        @Override
        public void close() {
            prices.close();
        }

        Laid all() {
            List<Goal> goals = new ArrayList<>();
            for (Aim aim : Aim.values()) {
                watch.on(STEPS.get(aim.ordinal()), aim.ordinal() / (double) STEPS.size());
                double bound = aim == Aim.OFFCUT ? offcut() : sought(aim);
                long reached = best.reached(aim);
                kept.put(aim, reached);
                goals.add(
                        aim == Aim.OFFCUT
                                ? new Goal(aim, rooms.millimetres(reached), rooms.millimetres(bound))
                                : new Goal(aim, reached, bound));
            }
            return new Laid(best.tallies(), List.copyOf(goals));
        }

        boolean makesAll() {
            return makes(Aim.BOXES, rooms.boxesWanted()) && makes(Aim.SPARES, rooms.sparesWanted());
        }

        private boolean makes(Aim aim, long wanted) {
            if (best.reached(aim) < wanted) {
                sought(aim);
            }
            kept.put(aim, best.reached(aim));
            return best.reached(aim) >= wanted;
        }

        /** Makes the plan better; returns the bound. */
        private double sought(Aim aim) {
            long easy = easyBound(aim);
            if (best.reached(aim) == easy || watch.stops()) {
                return easy;
            }
            Wish wish = new Wish(aim, null, kept);
            Prices priced = priced(wish);
            double bound = better(wish, priced, Math.min(wish.sense() * easy, whole(priced)));
            long goal = wish.sense() * best.reached(aim);
            for (Room room : rooms.all()) {
                int i = room.index();
                mostLeft[i] = Math.min(mostLeft[i], priced.mostLeft(room, goal));
            }
            return wish.sense() * bound;
        }

        private Prices priced(Wish wish) {
            best.fillings().forEach(f -> prices.offer(f, wish));
            return prices.seek(wish, goal(wish) + 0.99, watch);
        }

        /** Rounded down to a whole number, but for what the arithmetic of the prices may be off. */
        private static double whole(Prices priced) {
            return Math.floor(priced.bound() + 1e-5 + 1e-7 * Math.abs(priced.bound()));
        }

        /** What was reached, such that more is better. */
        private long goal(Wish wish) {
            return wish.sense() * best.reached(wish.aim());
        }

        /**
         * A choice among the fillings at hand; if need be among all that could be in a better plan; and where these are too many,
         * piece by piece.
         */
        private double better(Wish wish, Prices priced, double bound) {
            if (goal(wish) < bound) {
                choose(wish, FillingChoice.among(rooms, wish, priced.mayReach(goal(wish) + 1)), bound, EFFORT);
            }
            if (goal(wish) >= bound || watch.stops()) {
                return Math.max(goal(wish), bound);
            }
            List<Filling> all = new ArrayList<>();
            boolean complete = priced.all(goal(wish) + 1, MOST_FILLINGS, all);
            List<Room> open = open(wish, priced);
            FillingChoice choice = complete
                    ? FillingChoice.among(rooms, wish, all)
                    : FillingChoice.pieceByPiece(rooms, wish, open, prices::full)
                            .from(best);
            double effort = wish.aim() == Aim.BOXES ? EFFORT_FOR_BOXES : EFFORT_TO_PROVE;
            double proven = wish.sense() * choose(wish, choice, bound, effort);
            boolean ofAll = complete || open.size() == rooms.all().size();
            return Math.max(goal(wish), ofAll ? Math.min(bound, proven) : bound);
        }

        /** Rooms worth filling piece by piece; where there are too many, those of the best plan and those the prices would rip. */
        private List<Room> open(Wish wish, Prices priced) {
            int pieces = rooms.all().stream().mapToInt(r -> r.pieces().size()).sum();
            if (pieces <= MOST_PIECES) {
                return rooms.all();
            }
            Set<List<Integer>> ripped = new HashSet<>();
            best.fillings().forEach(f -> ripped.add(f.room().ripping()));
            if (wish.room() != null) {
                ripped.add(wish.room().ripping());
            }
            return rooms.all().stream()
                    .filter(room -> priced.rips(room) || ripped.contains(room.ripping()))
                    .toList();
        }

        private double choose(Wish wish, FillingChoice among, double bound, double effort) {
            double left = Math.max(LEAST_EFFORT, Math.min(effort, most - spent));
            Choice choice = among.better(best.reached(wish.aim()), wish.sense() * bound, left, watch);
            spent += choice.spent();
            choice.laying().ifPresent(laying -> best = laying);
            return choice.bound();
        }

        private record Candidate(
                Room room, double bound, @Nullable Wish wish) {}

        /** Room after room, the one that may keep the most first, until none may keep more than was reached. */
        private double offcut() {
            PriorityQueue<Candidate> candidates = new PriorityQueue<>(Comparator.comparingDouble(Candidate::bound)
                    .reversed()
                    .thenComparing(c -> c.room().index()));
            for (Room room : rooms.all()) {
                candidates.add(new Candidate(room, mostLeft[room.index()], null));
            }
            double open = 0;
            most = spent + EFFORT_FOR_OFFCUT;
            while (!candidates.isEmpty()
                    && candidates.element().bound() > Math.max(open, best.reached(Aim.OFFCUT))
                    && !watch.stops()
                    && spent < most) {
                Candidate next = candidates.remove();
                Wish wish = next.wish() == null ? new Wish(Aim.OFFCUT, next.room(), kept) : next.wish();
                if (next.wish() == null) {
                    prices.offer(Filling.empty(next.room()), wish);
                }
                Prices priced = priced(wish);
                double bound = Math.min(next.bound(), whole(priced));
                if (next.wish() == null) {
                    candidates.add(new Candidate(next.room(), bound, wish));
                } else {
                    open = Math.max(open, better(wish, priced, bound));
                }
            }
            if (!candidates.isEmpty()) {
                open = Math.max(open, candidates.element().bound());
            }
            return Math.max(open, best.reached(Aim.OFFCUT));
        }

        private long easyBound(Aim aim) {
            return switch (aim) {
                case BOXES -> rooms.boxesWanted();
                case SPARES -> rooms.sparesWanted();
                case CORNERS -> 4L * rooms.boxesWanted();
                case BLANKS -> best.fillings().isEmpty() ? 0 : 1;
                case OFFCUT -> rooms.longest();
            };
        }
    }
}
