package canthook.server.export;

import canthook.figure.BottomFigures;
import canthook.figure.Figure;
import canthook.figure.LidFigures;
import canthook.figure.PanelFigures;
import canthook.figure.WholeBox;
import canthook.length.LengthDisplay;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.saw.SheetWords;
import canthook.server.export.Lettering.Face;
import canthook.server.sheets.SheetAnswer;
import canthook.server.sheets.SheetAnswer.DoneView;
import canthook.server.sheets.SheetAnswer.PanelView;
import canthook.server.sheets.SheetAnswer.SheetView;
import java.io.IOException;
import java.util.List;

/** Bottom and lid: what to cut them to, the section through the walls, which groove ends stop. */
final class PanelSheet {
    private PanelSheet() {}

    /** @param cut how the panels lie on the sheets of the rack */
    static void fill(Sheet sheet, WorkedPlan worked, SheetAnswer cut) throws IOException {
        whole(sheet, worked);
        SheetWords words = SheetWords.of(worked);
        List<SheetWords.Panel> panels = words.panels();
        if (panels.isEmpty() && words.loose().isEmpty()) {
            sheet.written("This box has neither bottom nor lid.", 10);
        }
        loose(sheet, words.loose("bottom"), BottomFigures.onPaper(worked));
        List<Figure> figures = PanelFigures.onPaper(worked);
        for (int i = 0; i < panels.size(); i++) {
            panel(sheet, panels.get(i), figures.subList(3 * i, 3 * i + 3));
        }
        loose(sheet, words.loose("lid"), LidFigures.onPaper(worked));
        for (Figure pull : LidFigures.pull(worked)) {
            sheet.heading(pull.title(), 56);
            sheet.figure(pull, 56);
        }
        steps(sheet, worked);
        sheets(sheet, cut, worked.plan().display());
    }

    /** The whole box, closed and pulled apart, on the driest day. */
    private static void whole(Sheet sheet, WorkedPlan worked) throws IOException {
        sheet.heading("The whole box, closed and pulled apart", 62);
        double top = sheet.y();
        double half = sheet.wide() / 2 - 4;
        Figure shut = WholeBox.of(worked, WholeBox.State.CLOSED, WholeBox.TURN, WholeBox.TILT, 0);
        double closed = sheet.page().figure(shut, Sheet.EDGE, top, half, 62);
        double apart = sheet.page()
                .figure(
                        WholeBox.of(worked, WholeBox.State.APART, WholeBox.TURN, WholeBox.TILT, 0),
                        Sheet.EDGE + half + 8,
                        top,
                        half,
                        62);
        sheet.down(Math.max(closed, apart) + 4);
        // the heading says what is drawn; a lid that is sawn off has two heights to tell apart
        if (!shut.title().endsWith(", closed")) {
            sheet.written(shut.title() + ".", 9);
        }
    }

    /** Each sheet that is cut, with its settings to tick; those that were cut already as they were. */
    private static void sheets(Sheet sheet, SheetAnswer cut, LengthDisplay display) throws IOException {
        List<SheetView> opened =
                cut.sheets().stream().filter(s -> !s.cuts().isEmpty()).toList();
        if (opened.isEmpty() && cut.done().isEmpty()) {
            return;
        }
        double longest =
                opened.stream().mapToDouble(s -> s.figure().length()).max().orElse(1);
        sheet.heading(
                "Out of the sheets on the rack",
                opened.isEmpty()
                        ? 7.4
                        : high(sheet, opened.get(0), longest) + 6.0 * cut.done().size());
        for (DoneView done : cut.done()) {
            sheet.written(done.name() + ", cut on " + done.on() + ": " + String.join("; ", done.panels()) + ".", 9.5);
        }
        for (PanelView panel : cut.panels()) {
            int missing = panel.wanted() - panel.cut() - panel.laid();
            if (missing > 0) {
                sheet.written(
                        missing + " × " + panel.name() + " of " + panel.size() + " is not to be had of them.", 9.5);
            }
        }
        for (SheetView one : opened) {
            double wide = sheet.wide() * one.figure().length() / longest;
            double high = wide * one.figure().width() / one.figure().length();
            sheet.room(high(sheet, one, longest));
            sheet.written(
                    one.figure().name() + ", " + one.figure().size() + (one.across() ? ": rips run across it" : ""),
                    10);
            sheet.down(sheet.page().figure(one.figure().drawn(display), Sheet.EDGE, sheet.y(), wide, high) + 3);
            for (String setting : one.cuts()) {
                sheet.toTick(setting, 9.5);
            }
        }
    }

    /** What a sheet takes of the page with its cuts under it, mm; the longest is drawn as wide as the page. */
    private static double high(Sheet sheet, SheetView one, double longest) {
        return sheet.wide() * one.figure().width() / longest
                + 14
                + 6.0 * one.cuts().size();
    }

    /** What is no panel in a groove all round: each piece as it is cut, and the drawings of them all. */
    private static void loose(Sheet sheet, List<SheetWords.Panel> pieces, List<Figure> drawn) throws IOException {
        if (drawn.isEmpty()) {
            return;
        }
        sheet.room(112);
        double top = sheet.y();
        double end = Sheet.EDGE + sheet.wide();
        double high = sheet.page().figure(drawn.get(0), Sheet.EDGE, top + 6, 96, 58) + 6;
        double at = top;
        for (SheetWords.Panel piece : pieces) {
            sheet.page().words(Sheet.EDGE + 106, at + 4.6, piece.name(), Face.BOLD, 10);
            at = sheet.numbers(Sheet.EDGE + 106, end, at + 11, piece.lines());
        }
        sheet.at(Math.max(top + high, at) + 3);
        if (drawn.size() > 1) {
            sheet.down(sheet.page().figure(drawn.get(1), Sheet.EDGE, sheet.y(), 90, 44) + 4);
            sheet.written("The section is drawn on the driest day.", 9);
        }
        sheet.down(4);
    }

    /** What bottom and lid want done, in order, as the run sheet has it. */
    private static void steps(Sheet sheet, WorkedPlan worked) throws IOException {
        for (Jobs.Job job : Jobs.of(worked)) {
            if (job.number().startsWith("bottom.") || job.number().startsWith("lid.")) {
                sheet.toTick(job.says(), 9.5);
            }
        }
    }

    private static void panel(Sheet sheet, SheetWords.Panel panel, List<Figure> drawn) throws IOException {
        sheet.room(112);
        sheet.heading(panel.name(), 52);
        double top = sheet.y();
        double end = Sheet.EDGE + sheet.wide();
        double high = sheet.page().figure(drawn.get(0), Sheet.EDGE, top, 96, 52);
        sheet.at(Math.max(top + high, sheet.numbers(Sheet.EDGE + 106, end, top + 6, panel.lines())) + 3);
        top = sheet.y();
        double section = sheet.page().figure(drawn.get(1), Sheet.EDGE, top, 90, 44);
        double map = sheet.page().figure(drawn.get(2), Sheet.EDGE + 98, top, 86, 44);
        sheet.down(Math.max(section, map) + 4);
        sheet.written(
                "The section is drawn on the driest day. A number on the map: the groove stops that far from the part's end.",
                9);
        sheet.down(4);
    }
}
