package canthook.server.breakdown;

import canthook.breakdown.Batch;
import canthook.breakdown.Breakdown;
import canthook.breakdown.Breakdown.Goal;
import canthook.breakdown.Breakdown.Opened;
import canthook.breakdown.BreakdownRead;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.LeastChange;
import canthook.breakdown.LeastChange.Wanting;
import canthook.figure.BoardFigure;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.server.answer.Answer.VerdictView;
import canthook.server.answer.Answer.WorkingView;
import canthook.server.answer.Answers;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A cut plan on the wire.
 *
 * @param boards those that are cut, in their order on the rack, then those left alone, each with the reason
 * @param numbers each with its working
 * @param corners for each box, which of its corners have the figure running round
 * @param kinds names of the boxes wanted; numbered I, II, III as on the boards when there are several
 * @param stops settings of the stop, longest first
 * @param goals what was aimed at, in order, and whether it is proven
 * @param cut how many of the boards are cut
 * @param wanted boxes that were wanted
 * @param wanting further blanks that would do; null when none are wanting
 */
public record BreakdownAnswer(
        List<BoardFigure> boards,
        List<WorkingView> numbers,
        List<BreakdownRead.Corners> corners,
        List<String> kinds,
        List<StopView> stops,
        List<GoalView> goals,
        List<VerdictView> verdicts,
        int cut,
        int wanted,
        boolean proven,
        @Nullable Wanting wanting) {

    /** One setting of the stop. */
    public record StopView(String length, String unit, int parts, String what) {}

    /**
     * One aim.
     *
     * @param gap from what no plan can pass, in percent; 0 when proven
     */
    public record GoalView(String words, boolean proven, double gap) {}

    static BreakdownAnswer of(Batch batch, Breakdown plan, LeastChange change) {
        LengthDisplay display = batch.box().plan().display();
        BreakdownRead read = BreakdownRead.of(plan, batch.box(), change);
        List<BoardFigure> boards = new ArrayList<>();
        Map<String, String> why = batch.leftAlone(plan.task()).stream()
                .collect(Collectors.toMap(b -> b.blank().id(), Batch.LeftAlone::why));
        Map<String, Opened> opened =
                plan.opened().stream().collect(Collectors.toMap(o -> o.blank().id(), o -> o));
        plan.task().blanks().stream()
                .filter(b -> opened.containsKey(b.id()))
                .forEach(b -> boards.add(BoardFigure.of(b, opened.get(b.id()), plan.task(), "", display)));
        plan.task().blanks().stream()
                .filter(b -> !opened.containsKey(b.id()))
                .forEach(b ->
                        boards.add(BoardFigure.of(b, null, null, why.getOrDefault(b.id(), "is not needed"), display)));
        return new BreakdownAnswer(
                boards,
                read.numbers().stream().map(n -> Answers.working(n, display)).toList(),
                read.boxes(),
                kinds(plan.task().boxes()),
                plan.stops().stream()
                        .map(s -> new StopView(
                                display.number(s.length(), Precision.LAYOUT), display.unit(), s.parts(), s.what()))
                        .toList(),
                plan.goals().stream().map(BreakdownAnswer::goal).toList(),
                read.verdicts().stream().map(Answers::verdict).toList(),
                plan.opened().size(),
                plan.boxesWanted(),
                plan.isProven(),
                change.blank());
    }

    /** What stays true once a board is cut: no fix is offered any more, no board is wanting. */
    BreakdownAnswer asKept() {
        return new BreakdownAnswer(
                boards.stream().filter(b -> !b.areas().isEmpty()).toList(),
                numbers,
                corners,
                kinds,
                stops,
                goals,
                List.of(),
                cut,
                wanted,
                proven,
                null);
    }

    private static List<String> kinds(List<Wanted> boxes) {
        List<String> names = new ArrayList<>();
        for (int kind = 0; kind < boxes.size(); kind++) {
            String name = boxes.get(kind).name();
            names.add(boxes.size() > 1 ? BoardFigure.roman(kind) + " " + name : name);
        }
        return names;
    }

    private static GoalView goal(Goal goal) {
        return new GoalView(BreakdownRead.words(goal.aim()), goal.isProven(), Math.round(goal.gap() * 1000) / 10.0);
    }
}
