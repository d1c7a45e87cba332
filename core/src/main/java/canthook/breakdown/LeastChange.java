package canthook.breakdown;

import canthook.board.Blank;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BatchWish;
import canthook.plan.BatchWish.Break;
import canthook.plan.BoxPlan;
import canthook.plan.SizeWish;
import canthook.planner.Planner;
import canthook.refusal.Refused;
import canthook.verdict.Fix;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.LongPredicate;
import org.jspecify.annotations.Nullable;

/**
 * What would make a batch possible that the rack does not give: the least change of each kind, found by trying. Nothing is
 * offered that has not been tried and found to make every box.
 *
 * @param fixes changes of the plan, the gentlest first
 * @param blank the shortest blank, as wide as one strip, that would make the batch, or the fewest of the longest on the rack; null
 *     when none was found
 */
public record LeastChange(List<Fix> fixes, @Nullable Wanting blank) {
    /** Nothing was sought, or nothing was found. */
    public static final LeastChange NONE = new LeastChange(List.of(), null);

    /** Finer than this no board is cut to. */
    private static final Length STEP = Length.mm(0.1);

    private static final Length BOARD_STEP = Length.mm(1);

    /** A longer board is not sought to be bought. */
    private static final Length LONGEST_BOARD = Length.mm(5000);

    /** When the rack is empty. */
    private static final Length USUAL_BOARD = Length.mm(2400);

    private static final int MOST_BOARDS = 60;

    /**
     * A blank that is wanting.
     *
     * @param boards how many of them
     */
    public record Wanting(int boards, Length length, Length width, Length thickness, String wood) {}

    public static LeastChange of(Batch batch, Breakdown plan, BreakdownSolver solver, Watch watch) {
        if (plan.isComplete()) {
            return NONE;
        }
        return new Search(batch, plan, solver, watch).all();
    }

    private static final class Search {
        private final Batch batch;
        private final Breakdown plan;
        private final BreakdownSolver solver;
        private final Watch watch;
        private final BoxPlan box;
        private final BatchWish wish;
        private final LengthDisplay display;
        private final List<Fix> fixes = new ArrayList<>();

        Search(Batch batch, Breakdown plan, BreakdownSolver solver, Watch watch) {
            this.batch = batch;
            this.plan = plan;
            this.solver = solver;
            this.watch = watch;
            box = batch.box().plan();
            wish = Objects.requireNonNull(box.batch());
            display = box.display();
        }

        LeastChange all() {
            watch.on("what would make it possible", 0.85);
            breaking();
            thinner();
            shorter();
            lower();
            Wanting blank = anotherBlank();
            fewer();
            return new LeastChange(List.copyOf(fixes), blank);
        }

        private boolean makesAll(Batch tried) {
            if (watch.stops()) {
                return false;
            }
            BreakdownTask task = tried.task();
            List<List<Ripping>> ways =
                    task.blanks().stream().map(b -> Ripping.of(b, task)).toList();
            return solver.makesAll(task, ways, watch);
        }

        private void breaking() {
            for (Break broken : Break.values()) {
                if (broken.compareTo(wish.broken()) <= 0) {
                    continue;
                }
                BoxPlan after = box.withBatch(wish.withBroken(broken));
                if (makesAll(batch.with(batch.box().with(after)))) {
                    fixes.add(new Fix(
                            broken == Break.PAIRS
                                    ? "Let runs be broken into side–end pairs"
                                    : "Let runs be broken into single parts",
                            after));
                    return;
                }
            }
        }

        /** As thin as the thickest board that is too thin now. */
        private void thinner() {
            Length now = box.size().thickness();
            batch.task().blanks().stream()
                    .filter(b -> b.wood().equals(box.walls().wood()))
                    .map(Blank::thickness)
                    .filter(t -> t.isUnder(now) && !t.times(2).isUnder(now))
                    .sorted(java.util.Comparator.reverseOrder())
                    .distinct()
                    .limit(3)
                    .map(t -> box.with(box.size().withThickness(t)))
                    .filter(this::makesAllAfter)
                    .findFirst()
                    .ifPresent(after -> fixes.add(new Fix(
                            "Make the walls " + display.text(after.size().thickness(), Precision.LAYOUT) + " thick",
                            after)));
        }

        private boolean makesAllAfter(BoxPlan after) {
            return makesAll(batch.with(Planner.work(after, batch.box().shop())));
        }

        private void shorter() {
            Length length = batch.box().size().outsideLength().length();
            least(length.times(0.4), by -> shrunk(by, Length.ZERO))
                    .ifPresent(by -> fixes.add(new Fix(
                            "Make the box " + display.text(by, Precision.LAYOUT) + " shorter",
                            shrunk(by, Length.ZERO))));
        }

        private void lower() {
            Length height = batch.box().size().height().length();
            least(height.times(0.4), by -> shrunk(Length.ZERO, by))
                    .ifPresent(by -> fixes.add(new Fix(
                            "Make the box " + display.text(by, Precision.LAYOUT) + " lower", shrunk(Length.ZERO, by))));
        }

        private BoxPlan shrunk(Length shorter, Length lower) {
            SizeWish size = box.size();
            if (size.decidesHeight() && (size.from() == SizeWish.From.INSIDE || size.from() == SizeWish.From.OUTSIDE)) {
                return box.with(size.withFootprint(size.length().minus(shorter), size.width())
                        .withHeight(size.height().minus(lower)));
            }
            return box.with(size.fromOutside(
                    batch.box().size().outsideLength().length().minus(shorter),
                    batch.box().size().outsideWidth().length(),
                    batch.box().size().height().length().minus(lower)));
        }

        /** The least amount, to a tenth of a millimetre, that makes all. */
        private Optional<Length> least(Length most, Function<Length, BoxPlan> change) {
            long steps = most.nanometres() / STEP.nanometres();
            if (!possible(change, steps)) {
                return Optional.empty();
            }
            long enough = least(steps, n -> possible(change, n));
            return watch.stops() ? Optional.empty() : Optional.of(STEP.times(enough));
        }

        private boolean possible(Function<Length, BoxPlan> change, long steps) {
            try {
                return makesAllAfter(change.apply(STEP.times(steps)));
            } catch (Refused tooSmall) {
                return false;
            }
        }

        private @Nullable Wanting anotherBlank() {
            long longest = LONGEST_BOARD.nanometres() / BOARD_STEP.nanometres();
            if (makesAll(batch.with(boards(1, LONGEST_BOARD)))) {
                long steps = least(longest, n -> makesAll(batch.with(boards(1, BOARD_STEP.times(n)))));
                return wanting(1, BOARD_STEP.times(steps));
            }
            Length length = plan.task().blanks().stream()
                    .map(Blank::length)
                    .filter(l -> !l.isOver(LONGEST_BOARD))
                    .max(Comparator.naturalOrder())
                    .orElse(USUAL_BOARD);
            int most = Math.min(
                    MOST_BOARDS,
                    BreakdownTask.MOST_BLANKS - plan.task().blanks().size());
            if (most < 1 || !makesAll(batch.with(boards(most, length)))) {
                return null;
            }
            return wanting((int) least(most, n -> makesAll(batch.with(boards((int) n, length)))), length);
        }

        /** The least number that does, when the most does; found by halving. */
        private static long least(long most, LongPredicate does) {
            long low = 0;
            long high = most;
            while (high - low > 1) {
                long middle = (low + high) / 2;
                if (does.test(middle)) {
                    high = middle;
                } else {
                    low = middle;
                }
            }
            return high;
        }

        private @Nullable Wanting wanting(int boards, Length length) {
            Blank board = boards(1, length).get(0);
            return watch.stops() ? null : new Wanting(boards, length, board.width(), board.thickness(), board.wood());
        }

        /** Boards of the first box's wood, clear, as wide and as thick as any of the boxes needs. */
        private List<Blank> boards(int count, Length length) {
            List<BreakdownTask.Wanted> boxes = plan.task().boxes();
            Length width = boxes.stream()
                    .map(BreakdownTask.Wanted::rip)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
            Length thickness = boxes.stream()
                    .map(BreakdownTask.Wanted::thickest)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
            List<Blank> boards = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                boards.add(new Blank(
                        "wanting-" + i,
                        "wanting",
                        length,
                        width,
                        thickness,
                        boxes.get(0).sideWood(),
                        0,
                        null,
                        Blank.GrainFigure.STRAIGHT,
                        false,
                        "",
                        List.of()));
            }
            return boards;
        }

        private void fewer() {
            int made = plan.made().get(0);
            boolean othersMade = true;
            for (int w = 1; w < plan.made().size(); w++) {
                othersMade &= plan.made().get(w) == plan.task().boxes().get(w).count();
            }
            if (made > 0 && made < wish.count() && othersMade) {
                fixes.add(new Fix(
                        made == 1 ? "Make one box" : "Make " + made + " boxes", box.withBatch(wish.withCount(made))));
            }
            if (plan.boxesMade() == plan.boxesWanted() && plan.spares() < plan.sparesWanted()) {
                fixes.add(new Fix("Do without spares", box.withBatch(wish.withSpares(0, 0))));
            }
        }
    }
}
