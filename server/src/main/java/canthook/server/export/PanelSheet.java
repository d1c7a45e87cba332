package canthook.server.export;

import canthook.figure.PanelFigures;
import canthook.length.LengthDisplay;
import canthook.panel.HeldPanel;
import canthook.planner.WorkedPlan;
import canthook.saw.SheetWords.Line;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** Bottom and lid: what to cut them to, the section through the walls, which groove ends stop. */
final class PanelSheet {
    private PanelSheet() {}

    static void fill(Sheet sheet, WorkedPlan worked) throws IOException {
        LengthDisplay display = worked.plan().display();
        if (worked.panels().isEmpty()) {
            sheet.written("This box has no panel in a groove.", 10);
        }
        for (HeldPanel panel : worked.panels()) {
            List<Line> lines = new ArrayList<>();
            lines.add(new Line("along its grain", panel.along().text(display)));
            lines.add(new Line("across its grain", panel.across().cut().text(display)));
            lines.add(new Line("thick", panel.thickness().text(display)));
            lines.add(new Line("edge in the groove", panel.tongue().text(display)));
            lines.add(new Line("groove width", panel.groove().width().text(display)));
            lines.add(new Line("groove depth", panel.groove().depth().text(display)));
            lines.add(
                    new Line("groove above bottom edge", panel.groove().offset().text(display)));
            sheet.room(112);
            sheet.heading("The " + panel.of() + ": "
                    + panel.across().movements().wood().name());
            double top = sheet.y();
            double end = Sheet.EDGE + sheet.wide();
            double high = sheet.page().figure(PanelFigures.flat(worked, panel), Sheet.EDGE, top, 96, 52);
            sheet.at(Math.max(top + high, sheet.numbers(Sheet.EDGE + 106, end, top + 6, lines)) + 3);
            top = sheet.y();
            double section = sheet.page().figure(PanelFigures.section(worked, panel, 0), Sheet.EDGE, top, 90, 44);
            double map = sheet.page().figure(PanelFigures.ends(worked, panel), Sheet.EDGE + 98, top, 86, 44);
            sheet.down(Math.max(section, map) + 4);
            sheet.written(
                    "The section is drawn on the driest day. A number on the map: the groove stops that far from the part's end.",
                    9);
            sheet.down(4);
        }
    }
}
