package canthook.server.sheets;

import canthook.board.Blank;
import canthook.figure.BoardFigure;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.server.answer.Answer.VerdictView;
import canthook.server.answer.Answer.WorkingView;
import canthook.server.answer.Answers;
import canthook.sheets.PanelsWanted;
import canthook.sheets.SheetCuts;
import canthook.sheets.SheetPlan;
import canthook.sheets.SheetPlan.Goal;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetRead;
import canthook.sheets.SheetTask.Panel;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Panels on their sheets, on the wire.
 *
 * @param panels what is wanted, with how much of it is cut and laid
 * @param sheets that are cut, in their order on the rack, then those that are not needed
 * @param done sheets that were cut already
 * @param wanting further sheets that would do; null when none are wanting
 */
public record SheetAnswer(
        List<PanelView> panels,
        List<SheetView> sheets,
        List<DoneView> done,
        List<WorkingView> numbers,
        List<VerdictView> verdicts,
        List<GoalView> goals,
        boolean proven,
        SheetRead.@Nullable SheetsWanting wanting) {

    /** @param kind as the areas of the sheets are numbered; −1 when none is left to cut */
    public record PanelView(
            String box, String name, String size, String wood, int wanted, int cut, int laid, int kind) {}

    /**
     * A sheet.
     *
     * @param across whether its rips run across its length
     * @param cuts in their order, each setting once
     */
    public record SheetView(BoardFigure figure, String wood, boolean scrap, boolean across, List<String> cuts) {}

    /** A sheet that was cut, and the panels that came of it. */
    public record DoneView(String sheet, String name, String on, List<String> panels, int scraps) {}

    /** @param gap from what no plan can pass, in percent; 0 when proven */
    public record GoalView(String words, boolean proven, double gap) {}

    static SheetAnswer of(
            PanelsWanted wanted, SheetPlan plan, SheetRead read, List<CutSheet> done, LengthDisplay display) {
        List<PanelView> panels = new ArrayList<>();
        List<Panel> left = wanted.left();
        for (Panel panel : wanted.all()) {
            int kind = at(left, panel);
            panels.add(new PanelView(
                    panel.box(),
                    panel.name(),
                    size(panel, display),
                    panel.wood().name(),
                    panel.count(),
                    wanted.done(panel),
                    kind < 0 ? 0 : plan.made(kind),
                    kind));
        }
        List<SheetView> sheets = new ArrayList<>();
        for (Opened opened : plan.opened()) {
            sheets.add(new SheetView(
                    BoardFigure.ofSheet(opened.sheet(), plan, opened, "", display),
                    opened.sheet().wood(),
                    opened.sheet().scrap(),
                    opened.turned(),
                    SheetCuts.of(opened, plan.task().kerf()).stream()
                            .map(s -> s.says(display))
                            .toList()));
        }
        for (Blank sheet : plan.task().sheets()) {
            if (plan.opened().stream().noneMatch(o -> o.sheet().equals(sheet))) {
                sheets.add(new SheetView(
                        BoardFigure.ofSheet(sheet, null, null, "is not needed", display),
                        sheet.wood(),
                        sheet.scrap(),
                        false,
                        List.of()));
            }
        }
        return new SheetAnswer(
                panels,
                sheets,
                done.stream().map(d -> done(d, display)).toList(),
                read.numbers().stream().map(n -> Answers.working(n, display)).toList(),
                read.verdicts().stream().map(Answers::verdict).toList(),
                plan.goals().stream().map(SheetAnswer::goal).toList(),
                plan.goals().get(0).isProven() && plan.goals().get(1).isProven(),
                read.wanting());
    }

    /** Which of those that are left a panel is. */
    private static int at(List<Panel> left, Panel panel) {
        for (int i = 0; i < left.size(); i++) {
            if (left.get(i).times(1).equals(panel.times(1))) {
                return i;
            }
        }
        return -1;
    }

    private static String size(Panel panel, LengthDisplay display) {
        return display.number(panel.along(), Precision.LAYOUT) + " × "
                + display.number(panel.across(), Precision.LAYOUT) + " × "
                + display.text(panel.thickness(), Precision.LAYOUT);
    }

    private static DoneView done(CutSheet cut, LengthDisplay display) {
        return new DoneView(
                cut.sheet().id(),
                cut.sheet().name(),
                cut.on(),
                cut.panels().stream()
                        .map(p -> p.count() + " × " + p.name() + ", "
                                + display.number(p.along(), Precision.LAYOUT) + " × "
                                + display.text(p.across(), Precision.LAYOUT))
                        .toList(),
                cut.scraps().size());
    }

    private static GoalView goal(Goal goal) {
        String words = switch (goal.aim()) {
            case PANELS -> "all panels made";
            case AREA -> "least of whole sheets opened";
            case LEFT -> "largest rectangle left";
        };
        return new GoalView(words, goal.isProven(), Math.round(goal.gap() * 1000) / 10.0);
    }
}
