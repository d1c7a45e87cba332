package canthook.server.export;

import canthook.figure.BlankFigure;
import canthook.figure.Figure;
import canthook.figure.JigFigure;
import canthook.figure.SizeFigures;
import canthook.figure.StandingFigure;
import canthook.planner.WorkedPlan;
import canthook.saw.SheetWords;
import canthook.server.export.Lettering.Face;
import java.io.IOException;

/**
 * What is pinned up over the saw: the parts with their fingers, the board with its cuts, the jig set, the panels, empty rows for the
 * test cuts, the order of work. One sheet, two when the order is long.
 */
final class ShopSheet {
    private static final double EDGE = Sheet.EDGE;
    private static final String[] COLUMNS = {"day", "slot", "finger", "clearance", "moved, which way"};

    private final Sheet sheet;
    private final WorkedPlan worked;
    private final SheetWords words;

    private ShopSheet(Sheet sheet, WorkedPlan worked) {
        this.sheet = sheet;
        this.worked = worked;
        this.words = SheetWords.of(worked);
    }

    static void fill(Sheet sheet, WorkedPlan worked) throws IOException {
        new ShopSheet(sheet, worked).draw();
    }

    private void draw() throws IOException {
        stops();
        double end = EDGE + sheet.wide();
        sheet.heading("Parts, outsides up, reference edge the heavy line");
        sheet.figure(SizeFigures.unfolded(worked), 46);
        double top = sheet.y();
        double drawn = sheet.page().figure(StandingFigure.of(worked), EDGE, top, 62, 36);
        sheet.at(Math.max(top + drawn, sheet.numbers(EDGE + 70, end, top + 4, words.walls())) + 2);
        sheet.heading("The board: " + words.board());
        sheet.figure(BlankFigure.of(worked), 48);
        sheet.room(50);
        top = sheet.y();
        sheet.heading("Jig: " + words.jig());
        Figure jig = JigFigure.of(worked, 0);
        double foot =
                jig.shapes().isEmpty() ? sheet.y() : sheet.y() + sheet.page().figure(jig, EDGE, sheet.y(), 84, 46);
        sheet.at(Math.max(foot, sheet.numbers(EDGE + 92, end, top + 8, words.setting())) + 2);
        tests();
        sheet.heading("Order");
        for (String todo : words.order()) {
            sheet.toTick(todo, 9.5);
        }
    }

    /** A box that cannot be made says so where nobody overlooks it. */
    private void stops() throws IOException {
        if (words.stops().isEmpty()) {
            return;
        }
        sheet.large("CANNOT BE MADE AS IT STANDS");
        for (String stop : words.stops()) {
            sheet.written(stop, 10);
        }
        sheet.down(2);
    }

    /** Empty rows for the test cuts, with what is wanted in the first. */
    private void tests() throws IOException {
        double row = 7;
        sheet.room(6 + 5 * row);
        sheet.heading("Test cuts in scrap of the same thickness");
        double wide = sheet.wide();
        double y = sheet.y();
        Page page = sheet.page();
        double[] at = {0, 0.16, 0.32, 0.48, 0.7, 1};
        for (int i = 0; i <= 5; i++) {
            page.line(EDGE, y + i * row, EDGE + wide, y + i * row, 0.15);
        }
        for (int i = 0; i < at.length; i++) {
            page.line(EDGE + at[i] * wide, y, EDGE + at[i] * wide, y + 5 * row, 0.15);
            if (i < COLUMNS.length) {
                page.words(EDGE + at[i] * wide + 1.5, y + 4.5, COLUMNS[i], Face.PLAIN, 8.5);
            }
        }
        page.words(EDGE + at[3] * wide + 1.5, y + row + 4.5, "wanted " + words.wanted(), Face.PLAIN, 8.5);
        sheet.down(5 * row + 3);
    }
}
