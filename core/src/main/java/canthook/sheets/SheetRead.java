package canthook.sheets;

import static canthook.working.Term.fixed;

import canthook.board.Blank;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.sheets.SheetPlan.Aim;
import canthook.sheets.SheetPlan.Goal;
import canthook.sheets.SheetPlan.Left;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetPlan.Strip;
import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.SheetTask.Panel;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A plan of sheets as the maker reads it: its numbers with their workings, what is wanting, how far it is proven.
 *
 * <pre>
 * area opened   = Σ whole sheets: length · width
 * largest left  = length · width
 * </pre>
 *
 * @param wanting further sheets that would do; null when none are wanting, or none of a usual size would do
 */
public record SheetRead(
        List<Worked> numbers,
        List<Verdict> verdicts,
        @Nullable SheetsWanting wanting) {
    /** A usual sheet as it is sold, to be told what to buy. */
    private static final Length BOUGHT_LENGTH = Length.mm(1220);

    private static final Length BOUGHT_WIDTH = Length.mm(610);
    private static final Length LONGEST_BOARD = Length.mm(2400);
    private static final int MOST_BOUGHT = 4;

    /** So many more sheets. */
    public record SheetsWanting(int sheets, Length length, Length width, Length thickness, String wood) {}

    /** @param solver tries what is to be bought before it is told */
    public static SheetRead of(SheetPlan plan, LengthDisplay display, SheetSolver solver, Hurry hurry) {
        Worksheet sheet = new Worksheet("sheets");
        sheet.work(
                "panels",
                "n",
                "Panels made, of " + plan.task().wanted(),
                Show.COUNT,
                fixed(plan.made()),
                "Counted in the plan.");
        area(sheet, plan);
        left(sheet, plan);
        SheetsWanting wanting = plan.isComplete() ? null : wanting(plan, solver, hurry);
        return new SheetRead(sheet.numbers(), verdicts(plan, wanting, display), wanting);
    }

    private static void area(Worksheet sheet, SheetPlan plan) {
        Term sum = fixed(0);
        boolean first = true;
        for (Opened opened : plan.opened()) {
            if (!opened.sheet().scrap()) {
                Term one = fixed(opened.sheet().length())
                        .times(fixed(opened.sheet().width()));
                sum = first ? one : sum.plus(one);
                first = false;
            }
        }
        sheet.work(
                "area", "A", "Whole sheets opened", Show.AREA, sum, "Length times width of each; scraps cost nothing.");
    }

    private static void left(Worksheet sheet, SheetPlan plan) {
        Opened of = null;
        Left largest = null;
        for (Opened opened : plan.opened()) {
            for (Left left : opened.left()) {
                if (largest == null || left.area() > largest.area()) {
                    largest = left;
                    of = opened;
                }
            }
        }
        if (of == null || largest == null) {
            return;
        }
        Worked length = side(sheet, "left-length", "Ll", "along its sheet", largest.length(), of, plan, of.turned());
        Worked width = side(sheet, "left-width", "Wl", "across its sheet", largest.width(), of, plan, !of.turned());
        sheet.work(
                "left",
                "Al",
                "Largest rectangle left, of " + of.sheet().name(),
                Show.AREA,
                length.times(width),
                "Length times width.");
    }

    /** What the rips leave of a sheet is its width less each strip and its kerf; any other rest is as the plan lays it. */
    private static Worked side(
            Worksheet sheet,
            String name,
            String symbol,
            String which,
            Length is,
            Opened of,
            SheetPlan plan,
            boolean acrossTheRips) {
        Term rest = fixed(of.ripWidth());
        for (Strip strip : of.strips()) {
            rest = rest.minus(fixed(strip.width()).plus(fixed(plan.task().kerf())));
        }
        boolean ofRips = acrossTheRips && Math.abs(rest.value().length().mm() - is.mm()) < 1e-6;
        return sheet.work(
                name,
                symbol,
                "Largest rectangle left, " + which,
                Show.LAYOUT,
                ofRips ? rest : fixed(is),
                ofRips ? "The sheet's width less each strip and its kerf." : "As the cuts leave it.");
    }

    private static List<Verdict> verdicts(SheetPlan plan, @Nullable SheetsWanting wanting, LengthDisplay display) {
        Verdicts verdicts = new Verdicts("blank");
        if (!plan.isComplete()) {
            List<String> missing = new ArrayList<>();
            for (int p = 0; p < plan.task().panels().size(); p++) {
                Panel panel = plan.task().panels().get(p);
                int short_ = panel.count() - plan.made(p);
                if (short_ > 0) {
                    missing.add(short_ + " × " + panel.name() + " of "
                            + display.number(panel.along(), Precision.LAYOUT) + " × "
                            + display.number(panel.across(), Precision.LAYOUT) + " × "
                            + display.text(panel.thickness(), Precision.LAYOUT) + ", "
                            + panel.wood().name());
                }
            }
            verdicts.stop(
                    Code.PANELS_INCOMPLETE,
                    "sheets.panels",
                    "What lies on the rack does not give " + String.join("; ", missing) + "."
                            + wanting(wanting, display));
        }
        List<String> open = new ArrayList<>();
        for (Goal goal : plan.goals()) {
            if (!goal.isProven() && goal.aim() != Aim.LEFT) {
                open.add(words(goal));
            }
        }
        if (!open.isEmpty()) {
            verdicts.note(
                    Code.PANELS_NOT_PROVEN,
                    "sheets.area",
                    "A good plan, not proven the best: " + String.join("; ", open) + ".");
        }
        return verdicts.all();
    }

    private static String words(Goal goal) {
        long reached = Math.round(goal.aim() == Aim.PANELS ? goal.reached() : goal.reached() / 100);
        long bound = Math.round(goal.aim() == Aim.PANELS ? goal.bound() : goal.bound() / 100);
        return goal.aim() == Aim.PANELS
                ? reached + " panels, at most " + bound
                : reached + " cm² of whole sheets, at least " + bound;
    }

    private static String wanting(@Nullable SheetsWanting wanting, LengthDisplay display) {
        if (wanting == null) {
            return "";
        }
        String size = display.number(wanting.length(), Precision.LAYOUT) + " × "
                + display.number(wanting.width(), Precision.LAYOUT) + " × "
                + display.text(wanting.thickness(), Precision.LAYOUT);
        return wanting.sheets() == 1
                ? " One more of " + size + " would do."
                : " " + wanting.sheets() + " more of " + size + " would do.";
    }

    /** The fewest sheets as they are sold, or boards, that give the rest; tried before it is told. */
    private static @Nullable SheetsWanting wanting(SheetPlan plan, SheetSolver solver, Hurry hurry) {
        SheetTask task = plan.task();
        List<Panel> missing = new ArrayList<>();
        for (int p = 0; p < task.panels().size(); p++) {
            int count = task.panels().get(p).count() - plan.made(p);
            if (count > 0) {
                missing.add(task.panels().get(p).times(count));
            }
        }
        Panel first = missing.get(0);
        boolean oneStuff = missing.stream()
                .allMatch(m -> m.wood().equals(first.wood()) && m.thickness().equals(first.thickness()));
        if (!oneStuff) {
            return null;
        }
        Length length = BOUGHT_LENGTH;
        Length width = BOUGHT_WIDTH;
        if (!first.wood().isSheet()) {
            // a board as wide as the widest and as long as all of them in a row, or as long as boards are
            width = missing.stream().map(Panel::across).reduce(Length.ZERO, Length::longer);
            Length row = missing.stream()
                    .map(m -> m.along().plus(task.kerf()).times((long) m.count()))
                    .reduce(Length.ZERO, Length::plus);
            length = Length.shorter(LONGEST_BOARD, row);
        }
        for (int n = 1; n <= MOST_BOUGHT; n++) {
            List<Blank> bought = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                bought.add(new Blank(
                        "bought-" + i,
                        "bought",
                        length,
                        width,
                        first.thickness(),
                        first.wood().id(),
                        0,
                        null,
                        Blank.GrainFigure.STRAIGHT,
                        false,
                        "",
                        List.of()));
            }
            if (solver.solve(new SheetTask(missing, bought, task.kerf()), hurry).isComplete()) {
                return new SheetsWanting(
                        n,
                        BOUGHT_LENGTH,
                        BOUGHT_WIDTH,
                        first.thickness(),
                        first.wood().id());
            }
        }
        return null;
    }
}
