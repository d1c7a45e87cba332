package canthook.server.export;

import canthook.figure.BlankFigure;
import canthook.figure.Figure;
import canthook.figure.JigFigure;
import canthook.figure.SizeFigures;
import canthook.figure.StandingFigure;
import canthook.planner.WorkedPlan;
import canthook.saw.SheetWords;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * What is pinned up over the saw: the parts with their fingers, the board with its cuts, the jig set, the panels, empty rows for the
 * test cuts, the order of work. One sheet, two when the order is long.
 */
final class ShopSheet {
    private static final double EDGE = 12;
    private static final double CODE = 24;
    private static final double FOOT = 16;
    private static final String[] COLUMNS = {"day", "slot", "finger", "clearance", "moved, which way"};

    private final PDDocument document;
    private final Lettering lettering;
    private final Paper paper;
    private final WorkedPlan worked;
    private final SheetWords words;
    private final String about;
    private final String address;
    private Page page;
    private double y;

    /**
     * Adds the sheet to a document.
     *
     * @param revision of the box, as it is kept
     * @param address where the box is opened
     */
    static void add(
            PDDocument document,
            Lettering lettering,
            Paper paper,
            WorkedPlan worked,
            long revision,
            LocalDate day,
            String address)
            throws IOException {
        ShopSheet sheet = new ShopSheet(document, lettering, paper, worked, revision, day, address);
        try {
            sheet.draw();
        } finally {
            sheet.page.close();
        }
    }

    private ShopSheet(
            PDDocument document,
            Lettering lettering,
            Paper paper,
            WorkedPlan worked,
            long revision,
            LocalDate day,
            String address)
            throws IOException {
        this.document = document;
        this.lettering = lettering;
        this.paper = paper;
        this.worked = worked;
        this.words = SheetWords.of(worked);
        this.about = words.wood() + " · " + day + " · change " + revision;
        this.address = address;
        this.page = begin();
    }

    private Page begin() throws IOException {
        Page next = new Page(document, lettering, paper);
        double room = next.width() - 2 * EDGE - CODE - 4;
        String name = worked.plan().name();
        double size = Math.min(18, 18 * room * 72 / 25.4 / lettering.width(name, Lettering.BOLD, 18));
        next.words(EDGE, 17, name, Lettering.BOLD, size);
        next.words(EDGE, 23, about, Lettering.PLAIN, 9);
        next.code(next.width() - EDGE - CODE, 9, CODE, address);
        next.fold(next.height() / 2);
        bar(next);
        y = 30;
        return next;
    }

    private static void bar(Page page) throws IOException {
        double at = page.height() - 8;
        page.line(EDGE, at, EDGE + 100, at, 0.3);
        page.line(EDGE, at - 1.5, EDGE, at + 1.5, 0.3);
        page.line(EDGE + 100, at - 1.5, EDGE + 100, at + 1.5, 0.3);
        page.words(EDGE + 102, at + 1, "100 mm at 100 %; drawings are not to this scale", Lettering.PLAIN, 7);
    }

    private void draw() throws IOException {
        stops();
        heading("Parts, outsides up, reference edge the heavy line");
        figure(SizeFigures.unfolded(worked), EDGE, page.width() - 2 * EDGE, 46);
        double top = y;
        double drawn = page.figure(StandingFigure.of(worked), EDGE, top, 62, 36);
        y = Math.max(top + drawn, numbers(EDGE + 70, top + 4, words.walls())) + 2;
        heading("The board: " + words.board());
        figure(BlankFigure.of(worked), EDGE, page.width() - 2 * EDGE, 48);
        top = y;
        heading("Jig: " + words.jig());
        Figure jig = JigFigure.of(worked, 0);
        double foot = jig.shapes().isEmpty() ? y : y + page.figure(jig, EDGE, y, 82, 46);
        y = Math.max(foot, numbers(EDGE + 90, top + 8, words.setting())) + 2;
        tests();
        order();
    }

    /** A box that cannot be made says so where nobody overlooks it. */
    private void stops() throws IOException {
        if (words.stops().isEmpty()) {
            return;
        }
        page.words(EDGE, y + 4, "CANNOT BE MADE AS IT STANDS", Lettering.BOLD, 22);
        y += 9;
        for (String stop : words.stops()) {
            written("", stop, 10);
        }
        y += 2;
    }

    /** @return where the next line would stand */
    private double numbers(double x, double from, List<SheetWords.Line> lines) throws IOException {
        double at = from;
        for (SheetWords.Line line : lines) {
            page.words(x, at, line.words(), Lettering.PLAIN, 10);
            page.words(page.width() - EDGE, at, line.value(), Lettering.BOLD, 12, 1);
            at += 6.2;
        }
        return at;
    }

    private void heading(String says) throws IOException {
        page.words(EDGE, y + 3, says, Lettering.BOLD, 9.5);
        y += 5;
    }

    private void figure(Figure figure, double x, double wide, double high) throws IOException {
        y += page.figure(figure, x, y, wide, high) + 3;
    }

    /** Empty rows for the test cuts, with what is wanted in the first. */
    private void tests() throws IOException {
        double row = 7;
        if (y + 5 + 5 * row > page.height() - FOOT) {
            turn();
        }
        heading("Test cuts in scrap of the same thickness");
        double wide = page.width() - 2 * EDGE;
        double[] at = {0, 0.16, 0.32, 0.48, 0.66, 1};
        for (int i = 0; i <= 5; i++) {
            page.line(EDGE, y + i * row, EDGE + wide, y + i * row, 0.15);
        }
        for (int i = 0; i < at.length; i++) {
            page.line(EDGE + at[i] * wide, y, EDGE + at[i] * wide, y + 5 * row, 0.15);
            if (i < COLUMNS.length) {
                page.words(EDGE + at[i] * wide + 1.5, y + 4.5, COLUMNS[i], Lettering.PLAIN, 8.5);
            }
        }
        page.words(EDGE + at[3] * wide + 1.5, y + row + 4.5, "wanted " + words.wanted(), Lettering.PLAIN, 8.5);
        y += 5 * row + 3;
    }

    private void order() throws IOException {
        heading("Order");
        for (String todo : words.order()) {
            written("□", todo, 9.5);
        }
        page.words(
                EDGE,
                page.height() - 11,
                "Unplug to set and measure. The machine's manual, local rules and trained people come first.",
                Lettering.PLAIN,
                7.5);
    }

    /** Words that go on below where they are too long, with a box to tick before them. */
    private void written(String tick, String says, double size) throws IOException {
        double indent = tick.isEmpty() ? 0 : 6;
        double room = (page.width() - 2 * EDGE - indent) * 72 / 25.4;
        List<String> rows = new ArrayList<>();
        StringBuilder row = new StringBuilder();
        for (String word : says.split(" ")) {
            if (!row.isEmpty() && lettering.width(row + " " + word, Lettering.PLAIN, size) > room) {
                rows.add(row.toString());
                row.setLength(0);
            }
            row.append(row.isEmpty() ? "" : " ").append(word);
        }
        rows.add(row.toString());
        if (y + rows.size() * 4.6 > page.height() - FOOT) {
            turn();
        }
        if (!tick.isEmpty()) {
            page.box(EDGE, y + 0.6, 3.4, 3.4, 0.25);
        }
        for (String text : rows) {
            page.words(EDGE + indent, y + 3.6, text, Lettering.PLAIN, size);
            y += 4.6;
        }
        y += 0.8;
    }

    private void turn() throws IOException {
        page.close();
        page = begin();
    }
}
