package canthook.server.export;

import canthook.figure.BottomFigures;
import canthook.figure.Figure;
import canthook.figure.LidFigures;
import canthook.figure.PanelFigures;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.saw.SheetWords;
import canthook.server.export.Lettering.Face;
import java.io.IOException;
import java.util.List;

/** Bottom and lid: what to cut them to, the section through the walls, which groove ends stop. */
final class PanelSheet {
    private PanelSheet() {}

    static void fill(Sheet sheet, WorkedPlan worked) throws IOException {
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
        steps(sheet, worked);
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
        sheet.heading(panel.name());
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
