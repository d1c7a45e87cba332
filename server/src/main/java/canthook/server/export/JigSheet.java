package canthook.server.export;

import canthook.building.JigPart;
import canthook.building.JigToBuild;
import canthook.figure.BuildFigures;
import canthook.figure.Figure;
import canthook.length.LengthDisplay;
import canthook.planner.WorkedPlan;
import canthook.server.export.Lettering.Face;
import canthook.shop.Machine;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

/** The jig to build: drawn, its parts, the order, the checks. */
final class JigSheet {
    private static final double ROW = 5;
    private static final double COUNT = 8;
    private static final double SIZE = 62;
    private static final double STUFF = 118;

    private JigSheet() {}

    static void fill(Sheet sheet, WorkedPlan worked, List<Machine> machines) throws IOException {
        Optional<JigToBuild> found = JigToBuild.of(worked, machines);
        if (found.isEmpty()) {
            sheet.written("The way of indexing that was chosen cannot make this joint: there is no jig to build.", 10);
            return;
        }
        JigToBuild jig = found.get();
        LengthDisplay display = worked.plan().display();
        sheet.heading(jig.title() + ", about " + jig.minutes() + " min");
        for (String stop : jig.stops()) {
            sheet.large("Not like this");
            sheet.written(stop, 11);
        }
        for (Figure figure : BuildFigures.of(worked, jig)) {
            sheet.figure(figure, figure.id().equals("build-plan") ? 68 : 48);
        }
        sheet.heading("Parts");
        for (JigPart part : jig.parts()) {
            sheet.room(ROW);
            double y = sheet.y() + 3.6;
            sheet.page().words(Sheet.EDGE, y, part.count() + " ×", Face.NUMBER, 9.5);
            sheet.page().words(Sheet.EDGE + COUNT, y, part.name(), Face.BOLD, 9.5);
            sheet.page().words(Sheet.EDGE + SIZE, y, part.size(display), Face.NUMBER, 9.5);
            sheet.page().words(Sheet.EDGE + STUFF, y, part.stuff(), Face.PLAIN, 8);
            sheet.down(ROW);
        }
        sheet.down(2);
        sheet.heading("In this order");
        int number = 0;
        for (JigToBuild.Order one : jig.order()) {
            if (one.caution()) {
                sheet.written("Mind: " + one.says(), 9.5);
            } else {
                sheet.toTick(++number, one.says(), 9.5);
            }
        }
        sheet.heading("Checked before it cuts a part");
        for (JigToBuild.Check check : jig.checks()) {
            sheet.toTick(
                    check.says()
                            + check.number()
                                    .map(n -> " " + n.text(display) + ". Read: ________")
                                    .orElse(""),
                    9.5);
        }
        if (!jig.assumed().isEmpty()) {
            sheet.heading("Assumed, because nobody measured it yet");
            for (Machine.Measure m : jig.assumed()) {
                sheet.written(
                        m.words() + " " + display.text(m.usual(), canthook.length.Precision.LAYOUT) + ". " + m.how(),
                        9);
            }
        }
    }
}
