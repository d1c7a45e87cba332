package canthook.breakdown.exact;

import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.exact.Rooms.Room;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpModelProto;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToIntFunction;

/**
 * Lays whole fillings, one a room at the most, that make the best plan; or makes fillings piece by piece, where there are too many
 * to list. Effort is counted in the solver's own steps and not in seconds, and one worker searches: the same task gets the same
 * plan on any machine.
 *
 * <pre>
 * whole fillings    each room  Σ fillings ≤ its way of ripping
 * piece by piece    each room  Σ (part + kerf) ≤ (clear + kerf) · its way of ripping
 * both              each kind  as in {@link PartPrices}
 * </pre>
 */
final class FillingChoice {
    private final Rooms rooms;
    private final Wish wish;
    private final CpModel model = new CpModel();

    /** Whole fillings, or fillings of a single piece that may be laid more than once. */
    private final Map<Filling, IntVar> laid = new LinkedHashMap<>();

    private final Map<Room, BoolVar> ripped = new LinkedHashMap<>();
    private final List<IntVar> made = new ArrayList<>();
    private final Map<Aim, LinearArgument> sums = new EnumMap<>(Aim.class);

    /**
     * What was found.
     *
     * @param laying better than the one at hand; empty when none was found
     * @param bound that no choice passes
     * @param spent effort
     */
    record Choice(Optional<Laying> laying, double bound, double spent) {}

    private FillingChoice(Rooms rooms, Wish wish) {
        this.rooms = rooms;
        this.wish = wish;
    }

    /** A choice among whole fillings. */
    static FillingChoice among(Rooms rooms, Wish wish, Collection<Filling> fillings) {
        FillingChoice choice = new FillingChoice(rooms, wish);
        Map<Room, LinearExprBuilder> ofRoom = new LinkedHashMap<>();
        fillings.forEach(filling -> {
            BoolVar one = choice.model.newBoolVar("laid");
            choice.laid.put(filling, one);
            ofRoom.computeIfAbsent(filling.room(), r -> LinearExpr.newBuilder()).add(one);
        });
        choice.rip(ofRoom.keySet());
        ofRoom.forEach((room, any) -> choice.model.addLessOrEqual(any.addTerm(choice.way(room), -1), 0));
        choice.ripForSomething();
        choice.sums(Filling::left, room -> 0L);
        return choice;
    }

    /**
     * A choice of every piece.
     *
     * @param open rooms that are filled
     * @param full how much of a room can be used at the most
     */
    static FillingChoice pieceByPiece(Rooms rooms, Wish wish, List<Room> open, Function<Room, Long> full) {
        FillingChoice choice = new FillingChoice(rooms, wish);
        choice.rip(open);
        for (Room room : open) {
            LinearExprBuilder used = LinearExpr.newBuilder();
            for (int i = 0; i < room.pieces().size(); i++) {
                Filling one = Filling.single(room, i);
                IntVar count = choice.model.newIntVar(0, room.most(room.pieces().get(i)), "pieces");
                choice.laid.put(one, count);
                used.addTerm(count, one.used());
            }
            choice.model.addLessOrEqual(used.addTerm(choice.way(room), -full.apply(room)), 0);
        }
        choice.ripForSomething();
        choice.sums(filling -> -filling.used(), Room::length);
        return choice;
    }

    private BoolVar way(Room room) {
        return Objects.requireNonNull(ripped.get(room));
    }

    private void rip(Collection<Room> open) {
        Map<Integer, Map<Integer, BoolVar>> ways = new LinkedHashMap<>();
        for (Room room : open) {
            ripped.put(
                    room,
                    ways.computeIfAbsent(room.blank(), b -> new LinkedHashMap<>())
                            .computeIfAbsent(room.way(), w -> model.newBoolVar("ripped")));
        }
        LinearExprBuilder all = LinearExpr.newBuilder();
        ways.values().forEach(ofBlank -> {
            model.addAtMostOne(ofBlank.values().toArray(new BoolVar[0]));
            ofBlank.values().forEach(all::add);
        });
        sums.put(Aim.BLANKS, all.build());
    }

    /** A blank is ripped only for what is laid in it. */
    private void ripForSomething() {
        Map<BoolVar, LinearExprBuilder> laidIn = new LinkedHashMap<>();
        ripped.values().forEach(way -> laidIn.computeIfAbsent(way, w -> LinearExpr.newBuilder()));
        laid.forEach((filling, count) -> {
            if (!filling.isEmpty()) {
                laidIn.computeIfAbsent(way(filling.room()), w -> LinearExpr.newBuilder())
                        .add(count);
            }
        });
        laidIn.forEach((way, any) -> model.addGreaterOrEqual(any.addTerm(way, -1), 0));
    }

    /**
     * What is made of each kind, and what is reached of each aim.
     *
     * @param left what one filling adds to what is left of the room sought
     * @param whole what is left of the room when nothing is laid
     */
    private void sums(Function<Filling, Long> left, Function<Room, Long> whole) {
        LinearExprBuilder boxes = LinearExpr.newBuilder();
        LinearExprBuilder spares = LinearExpr.newBuilder();
        for (int kind = 0; kind < rooms.boxes().size(); kind++) {
            Wanted box = rooms.boxes().get(kind);
            IntVar ofKind = model.newIntVar(0, box.count(), "made");
            IntVar spareSides = model.newIntVar(0, box.spareSides(), "spare sides");
            IntVar spareEnds = model.newIntVar(0, box.spareEnds(), "spare ends");
            made.add(ofKind);
            boxes.add(ofKind);
            spares.add(spareSides).add(spareEnds);
            model.addEquality(of(kind, f -> f.sides).addTerm(ofKind, -2).addTerm(spareSides, -1), 0);
            model.addEquality(of(kind, f -> f.ends).addTerm(ofKind, -2).addTerm(spareEnds, -1), 0);
            LinearExprBuilder pairs = of(kind, f -> f.pairs).addTerm(ofKind, -2);
            model.addLinearConstraint(pairs, rooms.staysPaired(kind) ? 0 : Integer.MIN_VALUE, 0);
            if (rooms.staysWhole(kind)) {
                model.addEquality(of(kind, f -> f.whole).addTerm(ofKind, -1), 0);
            }
        }
        sums.put(Aim.BOXES, boxes.build());
        sums.put(Aim.SPARES, spares.build());
        LinearExprBuilder corners = LinearExpr.newBuilder();
        laid.forEach((filling, count) -> corners.addTerm(count, filling.corners()));
        sums.put(Aim.CORNERS, corners.build());
        LinearExprBuilder offcut = LinearExpr.newBuilder();
        Room sought = wish.room();
        if (sought != null) {
            laid.forEach(
                    (filling, count) -> offcut.addTerm(count, filling.room().equals(sought) ? left.apply(filling) : 0));
            if (ripped.containsKey(sought)) {
                offcut.addTerm(way(sought), whole.apply(sought));
            }
        }
        sums.put(Aim.OFFCUT, offcut.build());
    }

    private LinearExprBuilder of(int kind, ToIntFunction<Form> what) {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        laid.forEach((filling, count) -> {
            int each = filling.of(kind, what);
            if (each > 0) {
                sum.addTerm(count, each);
            }
        });
        return sum;
    }

    private LinearArgument sum(Aim aim) {
        return Objects.requireNonNull(sums.get(aim));
    }

    /** Where the search piece by piece begins. */
    FillingChoice from(Laying plan) {
        CpModelProto.Builder proto = model.getBuilder();
        int[] hints = new int[proto.getVariablesCount()];
        for (Filling filling : plan.fillings()) {
            hints[way(filling.room()).getIndex()] = 1;
            for (int i = 0; i < filling.counts().size(); i++) {
                IntVar count = Objects.requireNonNull(laid.get(Filling.single(filling.room(), i)));
                hints[count.getIndex()] = filling.counts().get(i);
            }
        }
        for (int kind = 0; kind < made.size(); kind++) {
            hints[made.get(kind).getIndex()] = plan.made().get(kind);
        }
        for (int i = 0; i < hints.length; i++) {
            proto.getSolutionHintBuilder().addVars(i).addValues(hints[i]);
        }
        return this;
    }

    /**
     * The best choice that is better than what was reached.
     *
     * @param reached of the aim by the plan at hand
     * @param bound that no plan passes
     * @param effort in the solver's own measure; one is about two seconds of one core
     */
    Choice better(long reached, double bound, double effort, Watch watch) {
        wish.kept().forEach((aim, least) -> {
            if (aim == Aim.BLANKS) {
                model.addLessOrEqual(sum(aim), least);
            } else {
                model.addGreaterOrEqual(sum(aim), least);
            }
        });
        LinearArgument sought = sum(wish.aim());
        if (wish.sense() > 0) {
            model.addLinearConstraint(sought, reached + 1, (long) Math.floor(bound + 1e-6));
            model.maximize(sought);
        } else {
            model.addLinearConstraint(sought, (long) Math.ceil(bound - 1e-6), reached - 1);
            model.minimize(sought);
        }
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(1)
                .setMaxDeterministicTime(effort)
                .setLinearizationLevel(2);
        CpSolverStatus status = watched(solver, watch);
        double spent = solver.response().getDeterministicTime();
        return switch (status) {
            case OPTIMAL, FEASIBLE -> new Choice(Optional.of(laying(solver)), solver.bestObjectiveBound(), spent);
            case INFEASIBLE -> new Choice(Optional.empty(), reached, spent);
            case UNKNOWN -> new Choice(Optional.empty(), bound, spent);
            default -> throw new IllegalStateException("The choice of fillings is no good model: " + status);
        };
    }

    private Laying laying(CpSolver solver) {
        Map<Room, Filling> fillings = new LinkedHashMap<>();
        laid.forEach((filling, count) -> {
            for (long n = solver.value(count); n > 0; n--) {
                fillings.merge(filling.room(), filling, Filling::plus);
            }
        });
        return new Laying(
                rooms,
                List.copyOf(fillings.values()),
                made.stream().map(m -> (int) solver.value(m)).toList());
    }

    private CpSolverStatus watched(CpSolver solver, Watch watch) {
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
                "breakdown-watch");
        guard.setDaemon(true);
        guard.start();
        try {
            return solver.solve(model);
        } finally {
            guard.interrupt();
        }
    }
}
