package canthook.server.export;

import canthook.board.Blank;
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
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** The jig to build: drawn, its parts, the order, the checks. */
final class JigSheet {
    private static final double HIGH = 78;
    private static final double ROW = 5;
    private static final double COUNT = 8;
    private static final double BETWEEN = 5;

    private JigSheet() {}

    static void fill(Sheet sheet, WorkedPlan worked, Function<JigToBuild, Map<String, Blank>> rack) throws IOException {
        Optional<JigToBuild> found = JigToBuild.of(worked);
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
        drawings(sheet, BuildFigures.of(worked, jig));
        Map<String, Blank> from = rack.apply(jig);
        sheet.heading("Parts");
        double size = COUNT + BETWEEN;
        double stuff = 0;
        for (JigPart part : jig.parts()) {
            size = Math.max(size, COUNT + sheet.page().wide(part.name(), Face.BOLD, 9.5) + BETWEEN);
            stuff = Math.max(stuff, sheet.page().wide(part.size(display), Face.NUMBER, 9.5) + BETWEEN);
        }
        for (JigPart part : jig.parts()) {
            sheet.room(ROW);
            double y = sheet.y() + 3.6;
            sheet.page().words(Sheet.EDGE, y, part.count() + " ×", Face.NUMBER, 9.5);
            sheet.page().words(Sheet.EDGE + COUNT, y, part.name(), Face.BOLD, 9.5);
            sheet.page().words(Sheet.EDGE + size, y, part.size(display), Face.NUMBER, 9.5);
            sheet.page().words(Sheet.EDGE + size + stuff, y, part.stuff(), Face.PLAIN, 8);
            sheet.down(ROW);
            Blank out = from.get(part.id());
            if (out != null) {
                sheet.page()
                        .words(
                                Sheet.EDGE + COUNT,
                                sheet.y() + 2.4,
                                "out of “" + out.name() + "” on the rack",
                                Face.PLAIN,
                                8);
                sheet.down(4);
            }
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

    /** From above and cut through, beside each other. */
    private static void drawings(Sheet sheet, List<Figure> figures) throws IOException {
        if (figures.size() == 1) {
            sheet.figure(figures.get(0), HIGH / 2);
            return;
        }
        sheet.room(HIGH);
        double half = sheet.wide() * 0.44;
        double above = sheet.page().figure(figures.get(0), Sheet.EDGE, sheet.y(), half, HIGH);
        double through =
                sheet.page().figure(figures.get(1), Sheet.EDGE + half + 5, sheet.y(), sheet.wide() - half - 5, HIGH);
        sheet.down(Math.max(above, through) + 4);
    }
}
