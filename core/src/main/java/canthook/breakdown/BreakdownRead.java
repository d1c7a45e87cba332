package canthook.breakdown;

import static canthook.working.Term.fixed;

import canthook.board.Blank.MoistureKnown;
import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.Breakdown.Goal;
import canthook.breakdown.Breakdown.Lane;
import canthook.breakdown.Breakdown.Offcut;
import canthook.breakdown.Breakdown.Opened;
import canthook.breakdown.Breakdown.Piece;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * A cut plan as the maker reads it: its numbers with their workings, which corners match, what stands in the way.
 *
 * <pre>
 * corners that match = 3 · runs of four + pairs + 4 · books
 * run of four        = 2 · squaring + 2 · side + 2 · end + 3 · kerf
 * longest offcut     = clear length − Σ (part + kerf) before it
 * </pre>
 */
public record BreakdownRead(List<Worked> numbers, List<Corners> boxes, List<Verdict> verdicts) {
    /** Mates want cutting at one moisture: 1 % is 0.2 to 0.4 mm over a joint of 100 mm, more than the whole clearance. */
    private static final double MOISTURE_APART = 1;

    /**
     * Which corners of one box have the figure running round them.
     *
     * @param wanted which of the task's boxes
     * @param box its number, from 1
     */
    public record Corners(int wanted, int box, boolean ab, boolean bc, boolean cd, boolean da) {}

    public static BreakdownRead of(Breakdown plan, WorkedPlan box, LeastChange change) {
        List<Corners> boxes = boxes(plan);
        Worksheet sheet = new Worksheet("breakdown");
        numbers(sheet, plan, box, boxes);
        Verdicts verdicts = new Verdicts("blank");
        judge(plan, box, change, verdicts);
        return new BreakdownRead(sheet.numbers(), boxes, verdicts.all());
    }

    private static List<Corners> boxes(Breakdown plan) {
        Map<Integer, Corners> found = new TreeMap<>();
        for (Opened blank : plan.opened()) {
            for (Lane lane : blank.lanes()) {
                Piece before = null;
                for (Piece piece : lane.pieces()) {
                    if (piece.box() > 0) {
                        int key = piece.wanted() * 1000 + piece.box();
                        Corners old = found.getOrDefault(
                                key, new Corners(piece.wanted(), piece.box(), false, false, false, false));
                        boolean after = before != null && piece.joined() && before.box() == piece.box();
                        found.put(key, with(old, piece, after));
                    }
                    before = piece;
                }
            }
        }
        return List.copyOf(found.values());
    }

    private static Corners with(Corners old, Piece piece, boolean joined) {
        if (piece.half() > 0) {
            return new Corners(old.wanted(), old.box(), true, true, true, true);
        }
        return new Corners(
                old.wanted(),
                old.box(),
                old.ab() || (joined && piece.letter() == 'B'),
                old.bc() || (joined && piece.letter() == 'C'),
                old.cd() || (joined && piece.letter() == 'D'),
                old.da());
    }

    private static void numbers(Worksheet sheet, Breakdown plan, WorkedPlan box, List<Corners> boxes) {
        count(sheet, "boxes", "Boxes made", plan.boxesMade(), "Counted in the plan.");
        if (plan.sparesWanted() > 0) {
            count(sheet, "spares", "Spare parts", plan.spares(), "Counted in the plan.");
        }
        int books = (int) boxes.stream().filter(Corners::da).count();
        int runs = (int) boxes.stream()
                .filter(b -> b.ab() && b.bc() && b.cd() && !b.da())
                .count();
        int pairs = plan.corners() - 3 * runs - 4 * books;
        Term corners = fixed(3).times(count(sheet, "runs", "Boxes out of one run", runs, "Four parts in a row."));
        corners = corners.plus(count(sheet, "pairs", "Side–end pairs", pairs, "Two parts in a row, one corner."));
        if (books > 0) {
            corners = corners.plus(fixed(4).times(count(sheet, "books", "Boxes opened like a book", books, "Resawn.")));
        }
        sheet.work(
                "corners",
                "C",
                "Corners whose figure runs round",
                Show.COUNT,
                corners,
                "Three for a box out of one run, one for a pair, four for a box opened like a book.");
        count(sheet, "opened", "Boards cut", plan.opened().size(), "Counted in the plan.");
        Term side = box.size().sideLength();
        Term end = box.size().endLength();
        Worked kerf = box.blank().kerf();
        sheet.work(
                "run",
                "Lr",
                "Length one whole box takes",
                Show.LAYOUT,
                fixed(2).times(box.blank().squaring())
                        .plus(fixed(2).times(side))
                        .plus(fixed(2).times(end))
                        .plus(fixed(3).times(kerf)),
                "Squaring at both ends, the four parts and a kerf between.");
        offcut(sheet, plan, kerf);
    }

    private static Worked count(Worksheet sheet, String name, String label, int many, String rule) {
        return sheet.work(name, "n", label, Show.COUNT, fixed(many), rule);
    }

    private static void offcut(Worksheet sheet, Breakdown plan, Worked kerf) {
        if (!plan.longestOffcut().isPositive()) {
            return;
        }
        for (Opened blank : plan.opened()) {
            for (Lane lane : blank.lanes()) {
                for (Offcut offcut : lane.offcuts()) {
                    if (offcut.length().equals(plan.longestOffcut())) {
                        offcut(sheet, blank, lane, offcut, kerf);
                        return;
                    }
                }
            }
        }
    }

    private static void offcut(Worksheet sheet, Opened blank, Lane lane, Offcut offcut, Worked kerf) {
        Ripping.Clear clear = lane.strip().clear().stream()
                .filter(c -> !c.from().isOver(offcut.from()) && !c.to().isUnder(offcut.to()))
                .findFirst()
                .orElseThrow();
        Worked free = sheet.work(
                "clear",
                "Lc",
                "Clear length it lies in",
                Show.LAYOUT,
                fixed(clear.to()).minus(fixed(clear.from())),
                "From where the board is square and sound to the next defect or its squared end.");
        Term left = free;
        for (Piece piece : lane.pieces()) {
            if (!piece.from().isUnder(clear.from()) && !piece.to().isOver(clear.to())) {
                left = left.minus(fixed(piece.length()).plus(kerf));
            }
        }
        sheet.work(
                "offcut",
                "R",
                "Longest offcut kept, of " + blank.blank().name(),
                Show.LAYOUT,
                left == free ? left.times(1) : left,
                "The clear length, less each part before it and the kerf after the part.");
    }

    private static void judge(Breakdown plan, WorkedPlan box, LeastChange change, Verdicts verdicts) {
        LengthDisplay display = box.plan().display();
        if (!plan.isComplete()) {
            verdicts.stop(
                    Code.BATCH_INCOMPLETE,
                    "breakdown.boxes",
                    howShort(plan) + wanting(change.blank(), display),
                    change.fixes().toArray(new canthook.verdict.Fix[0]));
        }
        if (!plan.isProven()) {
            verdicts.note(Code.BATCH_NOT_PROVEN, "breakdown.boxes", notProven(plan, display));
        }
        for (Opened opened : plan.opened()) {
            MoistureKnown moisture = opened.blank().moisture();
            if (moisture != null && moisture.isOverSaturation()) {
                verdicts.mind(
                        Code.BLANK_TOO_WET,
                        "breakdown.opened",
                        opened.blank().name() + " holds " + percent(moisture.percent())
                                + " % of water, more than its fibres can: it will shrink a long way. Let it dry first.");
            }
        }
        apart(plan, verdicts);
        HiddenDefects.judge(plan, box, verdicts);
    }

    private static String howShort(Breakdown plan) {
        if (plan.boxesMade() == plan.boxesWanted()) {
            return "All boxes can be made, but only " + plan.spares() + " of " + plan.sparesWanted() + " spares.";
        }
        return "Only " + plan.boxesMade() + " of " + plan.boxesWanted() + " boxes can be made from these boards.";
    }

    private static String wanting(LeastChange.@Nullable Wanting blank, LengthDisplay display) {
        if (blank == null) {
            return "";
        }
        String size = display.number(blank.length(), Precision.LAYOUT) + " × "
                + display.number(blank.width(), Precision.LAYOUT) + " × "
                + display.text(blank.thickness(), Precision.LAYOUT);
        return blank.boards() == 1
                ? " One more board of at least " + size + " would do."
                : " " + blank.boards() + " more boards of " + size + " would do.";
    }

    private static String notProven(Breakdown plan, LengthDisplay display) {
        List<String> words = new ArrayList<>();
        for (Goal goal : plan.goals()) {
            if (!goal.isProven()) {
                // a search stopped early knows next to nothing of some goals; the two numbers say so better than a
                // share
                String gap =
                        String.format(Locale.ROOT, " (within %.1f %% of the best there could be)", 100 * goal.gap());
                words.add(what(goal, display) + (goal.gap() < 1 ? gap : ""));
            }
        }
        return "A good plan, not proven the best: " + String.join("; ", words) + ".";
    }

    private static String what(Goal goal, LengthDisplay display) {
        int reached = (int) Math.round(goal.reached());
        int bound = (int) Math.round(goal.bound());
        return switch (goal.aim()) {
            case BOXES -> reached + " boxes, at most " + bound;
            case SPARES -> reached + " spares, at most " + bound;
            case CORNERS -> reached + " matched corners, at most " + bound;
            case BLANKS -> reached + " boards cut, at least " + bound;
            case OFFCUT ->
                "an offcut of " + display.number(Length.mm(goal.reached()), Precision.LAYOUT) + ", at most "
                        + display.text(Length.mm(goal.bound()), Precision.LAYOUT);
        };
    }

    private static void apart(Breakdown plan, Verdicts verdicts) {
        Map<Integer, double[]> byBox = new TreeMap<>();
        for (Opened opened : plan.opened()) {
            MoistureKnown moisture = opened.blank().moisture();
            if (moisture == null) {
                continue;
            }
            for (Lane lane : opened.lanes()) {
                for (Piece piece : lane.pieces()) {
                    if (piece.box() > 0) {
                        double[] span = byBox.computeIfAbsent(piece.wanted() * 1000 + piece.box(), b ->
                                new double[] {moisture.percent(), moisture.percent()});
                        span[0] = Math.min(span[0], moisture.percent());
                        span[1] = Math.max(span[1], moisture.percent());
                    }
                }
            }
        }
        double most =
                byBox.values().stream().mapToDouble(s -> s[1] - s[0]).max().orElse(0);
        if (most >= MOISTURE_APART) {
            verdicts.mind(
                    Code.BLANKS_DIFFER_IN_MOISTURE,
                    "breakdown.opened",
                    "A box takes parts from boards " + percent(most)
                            + " % apart in moisture; 1 % between mates is 0.2 to 0.4 % of the joint's height, more than the whole"
                            + " clearance. Let the boards settle together before cutting the joints.");
        }
    }

    private static String percent(double value) {
        return Show.MOISTURE.number(canthook.working.Quantity.of(value), LengthDisplay.METRIC);
    }

    /** What was aimed at, in words, for a list beside the drawing. */
    public static String words(Aim aim) {
        return switch (aim) {
            case BOXES -> "all boxes made";
            case SPARES -> "all spares made";
            case CORNERS -> "most corners matched";
            case BLANKS -> "fewest boards cut";
            case OFFCUT -> "longest offcut kept";
        };
    }
}
