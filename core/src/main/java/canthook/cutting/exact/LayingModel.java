package canthook.cutting.exact;

import canthook.cutting.CutPlan.Aim;
import canthook.cutting.CutPlan.Goal;
import canthook.cutting.CuttingTask;
import canthook.cutting.CuttingTask.Wanted;
import canthook.cutting.Ripping;
import canthook.cutting.Ripping.Clear;
import canthook.cutting.Ripping.Strip;
import canthook.cutting.Tally;
import canthook.length.Length;
import canthook.plan.BatchWish.Break;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpModelProto;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The task as a whole-number model. A stretch is one clear length of one strip of one way of ripping a blank; in each, how
 * many runs, pairs, sides and ends of each kind of box are laid. Lengths are whole numbers of the largest unit that divides
 * them all, so nothing is rounded.
 *
 * <pre>
 * each blank    at most one way of ripping                 y
 * each stretch  Σ (part + kerf) ≤ (clear + kerf) · y
 * each kind     sides = 2 · made + spare sides             ends = 2 · made + spare ends
 *               pairs ≤ 2 · (made − runs − books)
 * </pre>
 */
final class LayingModel {
    private record Laying(
            Stretch stretch,
            int wanted,
            @Nullable IntVar runs,
            @Nullable IntVar pairs,
            @Nullable IntVar sides,
            @Nullable IntVar ends) {}

    private record Stretch(int blank, int ripping, int strip, int clear, long room, IntVar left) {}

    private final CuttingTask task;
    private final List<List<Ripping>> ways;
    private final CpModel model = new CpModel();
    private final long unit;
    private final long kerf;
    private final List<Stretch> stretches = new ArrayList<>();
    private final List<Laying> layings = new ArrayList<>();
    private final List<BoolVar> kept = new ArrayList<>();
    private final Map<Aim, LinearExpr> aims = new EnumMap<>(Aim.class);
    private final List<LinearArgument> opened = new ArrayList<>();
    private final List<List<BoolVar>> ripped = new ArrayList<>();
    private final List<IntVar> made = new ArrayList<>();
    private final Reachable reachable;

    LayingModel(CuttingTask task, List<List<Ripping>> ways) {
        this.task = task;
        this.ways = ways;
        Length crosscut = task.habits().crosscutKerf();
        unit = unit(task, ways, crosscut);
        kerf = crosscut.nanometres() / unit;
        reachable = new Reachable(task.boxes().stream()
                .flatMap(box -> java.util.stream.Stream.of(box.side(), box.end()))
                .mapToLong(part -> part.nanometres() / unit + kerf)
                .toArray());
        for (Wanted box : task.boxes()) {
            made.add(model.newIntVar(0, box.count(), "made"));
        }
        for (int blank = 0; blank < ways.size(); blank++) {
            blank(blank);
        }
        aims();
    }

    CpModel model() {
        return model;
    }

    private static long unit(CuttingTask task, List<List<Ripping>> ways, Length kerf) {
        long unit = kerf.nanometres();
        for (Wanted box : task.boxes()) {
            unit = divisor(divisor(unit, box.side().nanometres()), box.end().nanometres());
        }
        for (List<Ripping> ofBlank : ways) {
            for (Ripping way : ofBlank) {
                for (Strip strip : way.strips()) {
                    for (Clear clear : strip.clear()) {
                        unit = divisor(unit, clear.length().nanometres());
                    }
                }
            }
        }
        return Math.max(1, unit);
    }

    private static long divisor(long a, long b) {
        return b == 0 ? Math.abs(a) : divisor(b, a % b);
    }

    private void blank(int blank) {
        List<BoolVar> chosen = new ArrayList<>();
        for (int way = 0; way < ways.get(blank).size(); way++) {
            BoolVar y = model.newBoolVar("y");
            chosen.add(y);
            Ripping ripping = ways.get(blank).get(way);
            for (int s = 0; s < ripping.strips().size(); s++) {
                Strip strip = ripping.strips().get(s);
                for (int c = 0; c < strip.clear().size(); c++) {
                    stretch(blank, way, s, c, strip, ripping.book(), y);
                }
            }
        }
        ripped.add(chosen);
        if (!chosen.isEmpty()) {
            model.addAtMostOne(chosen.toArray(new BoolVar[0]));
            opened.addAll(chosen);
        }
    }

    private void stretch(int blank, int way, int s, int c, Strip strip, boolean book, BoolVar y) {
        long room = strip.clear().get(c).length().nanometres() / unit + kerf;
        IntVar left = model.newIntVar(0, room, "left");
        Stretch stretch = new Stretch(blank, way, s, c, room, left);
        LinearExprBuilder used = LinearExpr.newBuilder();
        for (int w = 0; w < task.boxes().size(); w++) {
            Wanted box = task.boxes().get(w);
            if (!box.rip().equals(strip.height())) {
                continue;
            }
            Laying laying = laying(stretch, w, box, book);
            long side = box.side().nanometres() / unit + kerf;
            long end = box.end().nanometres() / unit + kerf;
            add(used, laying.runs(), 2 * (side + end));
            add(used, laying.pairs(), side + end);
            add(used, laying.sides(), side);
            add(used, laying.ends(), end);
            layings.add(laying);
        }
        BoolVar keeps = model.newBoolVar("keeps");
        kept.add(keeps);
        stretches.add(stretch);
        model.addLessOrEqual(
                LinearExpr.newBuilder().add(left).addTerm(keeps, -room).build(), 0);
        LinearExpr laid = used.build();
        long full = reachable.most(room);
        model.addLessOrEqual(LinearExpr.newBuilder().add(laid).addTerm(y, -full).build(), 0);
        model.addLessOrEqual(
                LinearExpr.newBuilder().add(laid).add(left).addTerm(y, -room).build(), 0);
    }

    /** A book is laid as a pair on a resawn blank: side and end of both halves, a whole box. */
    private Laying laying(Stretch stretch, int w, Wanted box, boolean book) {
        long side = box.side().nanometres() / unit + kerf;
        long end = box.end().nanometres() / unit + kerf;
        long room = stretch.room();
        var blank = task.blanks().get(stretch.blank());
        if (book) {
            return new Laying(stretch, w, null, count(room, side + end, box.count()), null, null);
        }
        Break broken = task.habits().broken();
        boolean givesSides = Ripping.suitsSide(blank, box);
        boolean givesEnds = Ripping.suitsEnd(blank, box);
        boolean together = givesSides && givesEnds;
        boolean singles = broken == Break.SINGLES || !box.isOfOneWood();
        return new Laying(
                stretch,
                w,
                together ? count(room, 2 * (side + end), box.count()) : null,
                together && broken != Break.WHOLE
                        ? count(room, side + end, onePairEnough(box) ? 1 : 2L * box.count())
                        : null,
                givesSides && (singles || box.spareSides() > 0)
                        ? count(room, side, (singles ? 2L * box.count() : 0) + box.spareSides())
                        : null,
                givesEnds && (singles || box.spareEnds() > 0)
                        ? count(room, end, (singles ? 2L * box.count() : 0) + box.spareEnds())
                        : null);
    }

    /**
     * Two pairs of one kind in one stretch are a run, and the run is better; so one pair is all that need be thought of. With
     * spares to cut, two pairs may stand for spare parts.
     */
    private static boolean onePairEnough(Wanted box) {
        return box.spareSides() + box.spareEnds() == 0;
    }

    private IntVar count(long room, long each, long most) {
        return model.newIntVar(0, Math.min(most, room / each), "n");
    }

    private static void add(LinearExprBuilder sum, @Nullable IntVar variable, long factor) {
        if (variable != null) {
            sum.addTerm(variable, factor);
        }
    }

    private void aims() {
        LinearExprBuilder corners = LinearExpr.newBuilder();
        LinearExprBuilder spares = LinearExpr.newBuilder();
        boolean wholeOnly = task.habits().broken() == Break.WHOLE;
        for (int w = 0; w < task.boxes().size(); w++) {
            Wanted box = task.boxes().get(w);
            IntVar spareSides = model.newIntVar(0, box.spareSides(), "spare sides");
            IntVar spareEnds = model.newIntVar(0, box.spareEnds(), "spare ends");
            spares.add(spareSides).add(spareEnds);
            LinearExprBuilder sides = LinearExpr.newBuilder().addTerm(spareSides, -1);
            LinearExprBuilder ends = LinearExpr.newBuilder().addTerm(spareEnds, -1);
            LinearExprBuilder pairs = LinearExpr.newBuilder();
            LinearExprBuilder whole = LinearExpr.newBuilder();
            for (Laying laying : layings) {
                if (laying.wanted() != w) {
                    continue;
                }
                boolean book = isBook(laying);
                add(sides, laying.runs(), 2);
                add(ends, laying.runs(), 2);
                add(sides, laying.pairs(), book ? 2 : 1);
                add(ends, laying.pairs(), book ? 2 : 1);
                add(sides, laying.sides(), 1);
                add(ends, laying.ends(), 1);
                add(pairs, laying.runs(), 2);
                add(pairs, laying.pairs(), book ? 2 : 1);
                add(whole, laying.runs(), 1);
                add(whole, laying.pairs(), book ? 1 : 0);
                add(corners, laying.runs(), 3);
                add(corners, laying.pairs(), book ? 4 : 1);
            }
            IntVar boxes = made.get(w);
            model.addEquality(sides.addTerm(boxes, -2).build(), 0);
            model.addEquality(ends.addTerm(boxes, -2).build(), 0);
            model.addLessOrEqual(pairs.addTerm(boxes, -2).build(), 0);
            if (wholeOnly && box.isOfOneWood()) {
                model.addEquality(whole.addTerm(boxes, -1).build(), 0);
            }
        }
        model.addAtMostOne(kept.toArray(new BoolVar[0]));
        aims.put(Aim.BOXES, LinearExpr.sum(made.toArray(new IntVar[0])));
        aims.put(Aim.SPARES, spares.build());
        aims.put(Aim.CORNERS, corners.build());
        aims.put(Aim.BLANKS, LinearExpr.sum(opened.toArray(new LinearArgument[0])));
        aims.put(
                Aim.OFFCUT, LinearExpr.sum(stretches.stream().map(Stretch::left).toArray(IntVar[]::new)));
    }

    private boolean isBook(Laying laying) {
        return ways.get(laying.stretch().blank())
                .get(laying.stretch().ripping())
                .book();
    }

    private LinearExpr aim(Aim aim) {
        return java.util.Objects.requireNonNull(aims.get(aim));
    }

    void seek(Aim aim, long[] from) {
        model.clearObjective();
        if (aim == Aim.BLANKS) {
            model.minimize(aim(aim));
        } else {
            model.maximize(aim(aim));
        }
        hint(from);
    }

    /** From here on only plans with all boxes and all spares. */
    void demandAll() {
        keep(Aim.BOXES, (long) easyBound(Aim.BOXES));
        keep(Aim.SPARES, (long) easyBound(Aim.SPARES));
    }

    /** Whether the parts could lie in the boards at all, were they one long strip each: spares a search that cannot succeed. */
    boolean hasRoom() {
        long needed = 0;
        for (Wanted box : task.boxes()) {
            long side = box.side().nanometres() / unit + kerf;
            long end = box.end().nanometres() / unit + kerf;
            needed += (2L * box.count() + box.spareSides()) * side + (2L * box.count() + box.spareEnds()) * end;
        }
        long room = 0;
        for (int blank = 0; blank < ways.size(); blank++) {
            long most = 0;
            for (int way = 0; way < ways.get(blank).size(); way++) {
                int b = blank;
                int w = way;
                long sum = stretches.stream()
                        .filter(s -> s.blank() == b && s.ripping() == w)
                        .mapToLong(Stretch::room)
                        .sum();
                most = Math.max(most, ways.get(blank).get(way).book() ? 2 * sum : sum);
            }
            room += most;
        }
        return needed <= room;
    }

    void forgetHint() {
        model.getBuilder().clearSolutionHint();
    }

    private void hint(long[] from) {
        CpModelProto.Builder proto = model.getBuilder();
        proto.clearSolutionHint();
        for (int i = 0; i < from.length; i++) {
            proto.getSolutionHintBuilder().addVars(i).addValues(from[i]);
        }
    }

    /** From here on no plan may fall behind what was reached. */
    void keep(Aim aim, long reached) {
        if (aim == Aim.BLANKS) {
            model.addLessOrEqual(aim(aim), reached);
        } else {
            model.addGreaterOrEqual(aim(aim), reached);
        }
    }

    /**
     * A first plan as one would make it by eye, where the search begins: the longest box first, which leaves room for the small
     * ones, or the shortest first, which makes more of them when there is too little wood for all.
     */
    long[] byEye() {
        Comparator<Integer> byRun = Comparator.comparing(
                w -> Tally.run(task.boxes().get(w), task.habits().crosscutKerf()));
        long[] longestFirst = byEye(byRun.reversed());
        long[] shortestFirst = byEye(byRun);
        return reached(Aim.BOXES, shortestFirst) > reached(Aim.BOXES, longestFirst) ? shortestFirst : longestFirst;
    }

    private long[] byEye(Comparator<Integer> first) {
        long[] values = new long[model.getBuilder().getVariablesCount()];
        long[] free = stretches.stream().mapToLong(Stretch::room).toArray();
        List<Integer> order = java.util.stream.IntStream.range(0, task.boxes().size())
                .boxed()
                .sorted(first)
                .toList();
        for (int w : order) {
            Wanted box = task.boxes().get(w);
            long side = box.side().nanometres() / unit + kerf;
            long end = box.end().nanometres() / unit + kerf;
            for (int i = 0; i < box.count(); i++) {
                boolean placed = put(values, free, w, new Step(Laying::runs, 2 * (side + end)))
                        || put(
                                values,
                                free,
                                w,
                                new Step(Laying::pairs, side + end),
                                new Step(Laying::pairs, side + end))
                        || put(
                                values,
                                free,
                                w,
                                new Step(Laying::sides, side),
                                new Step(Laying::sides, side),
                                new Step(Laying::ends, end),
                                new Step(Laying::ends, end));
                if (placed) {
                    values[made.get(w).getIndex()]++;
                }
            }
        }
        return values;
    }

    /** The same plan, saying which of its left-over lengths is kept: the longest. */
    long[] keepingLongest(long[] plan) {
        long[] values = plan.clone();
        Stretch longest = null;
        long most = 0;
        for (int i = 0; i < stretches.size(); i++) {
            Stretch stretch = stretches.get(i);
            set(values, stretch.left(), 0);
            set(values, kept.get(i), 0);
            boolean cut =
                    values[ripped.get(stretch.blank()).get(stretch.ripping()).getIndex()] == 1;
            long left = cut ? stretch.room() - used(stretch, values) : 0;
            if (left > most) {
                most = left;
                longest = stretch;
            }
        }
        if (longest != null) {
            set(values, longest.left(), most);
            set(values, kept.get(stretches.indexOf(longest)), 1);
        }
        return values;
    }

    private long used(Stretch stretch, long[] values) {
        long used = 0;
        for (Laying l : layings) {
            if (l.stretch() == stretch) {
                Wanted box = task.boxes().get(l.wanted());
                long side = box.side().nanometres() / unit + kerf;
                long end = box.end().nanometres() / unit + kerf;
                used += (2 * at(values, l.runs()) + at(values, l.pairs())) * (side + end)
                        + at(values, l.sides()) * side
                        + at(values, l.ends()) * end;
            }
        }
        return used;
    }

    /**
     * A plan of so many boxes, the shortest kinds first, made by filling one clear length after another as full as it will go;
     * empty when parts are left over. Good where there is too little wood for all, and every scrap counts.
     *
     * @param perCorner millimetres that may be lost in a clear length for every corner that matches
     */
    Optional<long[]> filled(long boxes, double perCorner) {
        long lost = (long) (perCorner * 1e6 / unit);
        int kinds = task.boxes().size();
        int[] wanted = new int[2 * kinds];
        long[] values = new long[model.getBuilder().getVariablesCount()];
        long rest = boxes;
        List<Integer> order = java.util.stream.IntStream.range(0, kinds)
                .boxed()
                .sorted(Comparator.comparing(
                        w -> Tally.run(task.boxes().get(w), task.habits().crosscutKerf())))
                .toList();
        for (int w : order) {
            int take = (int) Math.min(rest, task.boxes().get(w).count());
            rest -= take;
            values[made.get(w).getIndex()] = take;
            wanted[2 * w] = 2 * take;
            wanted[2 * w + 1] = 2 * take;
        }
        List<Stretch> shortestFirst = stretches.stream()
                .filter(s -> s.ripping() == 0 && !ways.get(s.blank()).get(0).book())
                .sorted(Comparator.comparingLong(Stretch::room))
                .toList();
        for (Stretch stretch : shortestFirst) {
            fill(stretch, wanted, values, lost);
        }
        return java.util.Arrays.stream(wanted).sum() == 0 ? Optional.of(values) : Optional.empty();
    }

    /** Fills one clear length with runs, pairs and single parts, as full as it will go. */
    private void fill(Stretch stretch, int[] wanted, long[] values, long perCorner) {
        List<Laying> here = layings.stream()
                .filter(l -> l.stretch() == stretch && l.sides() != null && l.ends() != null)
                .toList();
        List<Fullest.Item> items = new ArrayList<>();
        for (Laying l : here) {
            Wanted box = task.boxes().get(l.wanted());
            int w = l.wanted();
            long side = box.side().nanometres() / unit + kerf;
            long end = box.end().nanometres() / unit + kerf;
            int both = Math.min(wanted[2 * w], wanted[2 * w + 1]);
            if (l.runs() != null && perCorner > 0) {
                items.add(new Fullest.Item(w, 2, 2, 2 * (side + end), 3 * perCorner, both / 2));
            }
            if (l.pairs() != null && perCorner > 0) {
                long most = Math.min(both, l.pairs().getDomain().max());
                items.add(new Fullest.Item(w, 1, 1, side + end, perCorner, (int) most));
            }
            items.add(new Fullest.Item(w, 1, 0, side, 0, wanted[2 * w]));
            items.add(new Fullest.Item(w, 0, 1, end, 0, wanted[2 * w + 1]));
        }
        int[] taken = Fullest.of(items, stretch.room(), wanted);
        boolean any = false;
        for (Laying l : here) {
            int sides = taken[2 * l.wanted()];
            int ends = taken[2 * l.wanted() + 1];
            wanted[2 * l.wanted()] -= sides;
            wanted[2 * l.wanted() + 1] -= ends;
            any |= sides + ends > 0;
            int runs = l.runs() == null ? 0 : Math.min(sides, ends) / 2;
            set(values, l.runs(), runs);
            int pairs = l.pairs() == null
                    ? 0
                    : (int) Math.min(
                            Math.min(sides, ends) - 2L * runs,
                            l.pairs().getDomain().max());
            set(values, l.pairs(), pairs);
            set(values, l.sides(), sides - 2L * runs - pairs);
            set(values, l.ends(), ends - 2L * runs - pairs);
        }
        if (any) {
            values[ripped.get(stretch.blank()).get(0).getIndex()] = 1;
        }
    }

    private static void set(long[] values, @Nullable IntVar variable, long value) {
        if (variable != null) {
            values[variable.getIndex()] = value;
        }
    }

    private record Step(Function<Laying, @Nullable IntVar> what, long length) {}

    private boolean put(long[] values, long[] free, int w, Step... steps) {
        List<Laying> taken = new ArrayList<>();
        for (Step step : steps) {
            Laying place = layings.stream()
                    .filter(l -> l.wanted() == w && l.stretch().ripping() == 0 && !isBook(l))
                    .filter(l -> takes(values, l, step) && free[stretches.indexOf(l.stretch())] >= step.length())
                    .findFirst()
                    .orElse(null);
            if (place == null) {
                for (int i = 0; i < taken.size(); i++) {
                    move(values, free, taken.get(i), steps[i], -1);
                }
                return false;
            }
            move(values, free, place, step, 1);
            taken.add(place);
        }
        taken.forEach(l -> values[ripped.get(l.stretch().blank()).get(0).getIndex()] = 1);
        return true;
    }

    private static boolean takes(long[] values, Laying laying, Step step) {
        IntVar variable = step.what().apply(laying);
        return variable != null
                && values[variable.getIndex()] < variable.getDomain().max();
    }

    private void move(long[] values, long[] free, Laying laying, Step step, int by) {
        IntVar variable = step.what().apply(laying);
        if (variable != null) {
            values[variable.getIndex()] += by;
            free[stretches.indexOf(laying.stretch())] -= by * step.length();
        }
    }

    long[] values(CpSolver solver) {
        return solver.response().getSolutionList().stream()
                .mapToLong(Long::longValue)
                .toArray();
    }

    long reached(Aim aim, long[] values) {
        return switch (aim) {
            case BOXES -> made.stream().mapToLong(v -> values[v.getIndex()]).sum();
            case SPARES ->
                sides(values)
                        - 4 * made.stream().mapToLong(v -> values[v.getIndex()]).sum();
            case CORNERS ->
                layings.stream()
                        .mapToLong(l -> 3 * at(values, l.runs()) + (isBook(l) ? 4 : 1) * at(values, l.pairs()))
                        .sum();
            case BLANKS ->
                opened.stream().mapToLong(y -> values[((IntVar) y).getIndex()]).sum();
            case OFFCUT ->
                stretches.stream().mapToLong(s -> values[s.left().getIndex()]).sum();
        };
    }

    private long sides(long[] values) {
        return layings.stream()
                .mapToLong(l -> 4 * at(values, l.runs())
                        + (isBook(l) ? 4 : 2) * at(values, l.pairs())
                        + at(values, l.sides())
                        + at(values, l.ends()))
                .sum();
    }

    private static long at(long[] values, @Nullable IntVar variable) {
        return variable == null ? 0 : values[variable.getIndex()];
    }

    /** A bound that needs no search. */
    double easyBound(Aim aim) {
        return switch (aim) {
            case BOXES -> task.boxes().stream().mapToInt(Wanted::count).sum();
            case SPARES ->
                task.boxes().stream()
                        .mapToInt(b -> b.spareSides() + b.spareEnds())
                        .sum();
            case CORNERS -> 4.0 * easyBound(Aim.BOXES);
            case BLANKS -> 0;
            case OFFCUT -> stretches.stream().mapToLong(Stretch::room).max().orElse(0);
        };
    }

    /** No plan does better: known without a search, so the search need not look there. */
    void bounded(Aim aim, double bound) {
        if (aim == Aim.BLANKS) {
            model.addGreaterOrEqual(aim(aim), (long) bound);
        } else {
            model.addLessOrEqual(aim(aim), (long) bound);
        }
    }

    /** What may be laid where, for a bound by prices. */
    PricedBound pricedBound() {
        List<PricedBound.Room> rooms = new ArrayList<>();
        int at = 0;
        for (Stretch stretch : stretches) {
            List<PricedBound.Piece> pieces = new ArrayList<>();
            while (at < layings.size() && layings.get(at).stretch() == stretch) {
                Laying l = layings.get(at++);
                Wanted box = task.boxes().get(l.wanted());
                long side = box.side().nanometres() / unit + kerf;
                long end = box.end().nanometres() / unit + kerf;
                boolean book = isBook(l);
                if (l.runs() != null) {
                    pieces.add(new PricedBound.Piece(l.wanted(), 2 * (side + end), 2, 2, 3));
                }
                if (l.pairs() != null) {
                    pieces.add(new PricedBound.Piece(l.wanted(), side + end, book ? 2 : 1, book ? 2 : 1, book ? 4 : 1));
                }
                if (l.sides() != null) {
                    pieces.add(new PricedBound.Piece(l.wanted(), side, 1, 0, 0));
                }
                if (l.ends() != null) {
                    pieces.add(new PricedBound.Piece(l.wanted(), end, 0, 1, 0));
                }
            }
            rooms.add(new PricedBound.Room(stretch.blank(), stretch.ripping(), stretch.room(), List.copyOf(pieces)));
        }
        return new PricedBound(
                rooms,
                task.boxes().stream().mapToInt(Wanted::count).toArray(),
                task.boxes().stream().anyMatch(b -> b.spareSides() + b.spareEnds() > 0));
    }

    /** A goal in the maker's units: an offcut is what is left without the kerf that parts it. */
    Goal goal(Aim aim, long reached, double bound) {
        if (aim != Aim.OFFCUT) {
            return new Goal(aim, reached, bound);
        }
        return new Goal(aim, millimetres(reached), millimetres((long) bound));
    }

    private double millimetres(long units) {
        return Math.max(0, (units - kerf) * unit / 1e6);
    }

    List<Tally> tallies(long[] values) {
        List<Tally> tallies = new ArrayList<>();
        for (Laying l : layings) {
            Tally tally = new Tally(
                    l.wanted(),
                    l.stretch().blank(),
                    l.stretch().ripping(),
                    l.stretch().strip(),
                    l.stretch().clear(),
                    (int) at(values, l.runs()),
                    (int) at(values, l.pairs()),
                    (int) at(values, l.sides()),
                    (int) at(values, l.ends()));
            if (tally.runs() + tally.pairs() + tally.sides() + tally.ends() > 0) {
                tallies.add(tally);
            }
        }
        return tallies;
    }
}
