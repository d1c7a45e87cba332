package canthook.server.export;

import canthook.figure.Figure;
import canthook.saw.SheetWords;
import canthook.server.export.Lettering.Face;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Upright pages of one kind, filled from above: each with its name, the code that opens the box, a fold line and a bar of 100 mm. */
final class Sheet implements AutoCloseable {
    static final double EDGE = 12;
    private static final double CODE = 24;
    private static final double FOOT = 16;
    private static final double ROW = 4.6;

    private final PDDocument document;
    private final Lettering lettering;
    private final Paper paper;
    private final String title;
    private final String about;
    private final String address;
    private Page page;
    private double y;

    /**
     * @param title in large letters
     * @param about wood, day and change
     * @param address where the box is opened
     */
    Sheet(PDDocument document, Paper paper, String title, String about, String address) throws IOException {
        this.document = document;
        this.lettering = new Lettering(document);
        this.paper = paper;
        this.title = title;
        this.about = about;
        this.address = address;
        this.page = begin();
    }

    private Page begin() throws IOException {
        Page next = new Page(document, lettering, paper);
        double room = next.width() - 2 * EDGE - CODE - 4;
        double size = Math.min(18, 18 * room * 72 / 25.4 / lettering.width(title, Face.BOLD, 18));
        next.words(EDGE, 17, title, Face.BOLD, size);
        next.words(
                EDGE,
                23,
                about + (document.getNumberOfPages() > 1 ? " · sheet " + document.getNumberOfPages() : ""),
                Face.PLAIN,
                9);
        next.code(next.width() - EDGE - CODE, 9, CODE, address);
        next.fold(next.height() / 2);
        double at = next.height() - 8;
        next.line(EDGE, at, EDGE + 100, at, 0.3);
        next.line(EDGE, at - 1.5, EDGE, at + 1.5, 0.3);
        next.line(EDGE + 100, at - 1.5, EDGE + 100, at + 1.5, 0.3);
        next.words(EDGE + 102, at + 1, "100 mm at 100 %; drawings are not to this scale", Face.PLAIN, 7);
        next.words(
                EDGE,
                next.height() - 11,
                "Unplug to set and measure. The machine's manual, local rules and trained people come first.",
                Face.PLAIN,
                7.5);
        y = 35;
        return next;
    }

    Page page() {
        return page;
    }

    double y() {
        return y;
    }

    void down(double mm) {
        y += mm;
    }

    /** Goes on at a height that was reached beside. */
    void at(double mm) {
        y = Math.max(y, mm);
    }

    double wide() {
        return page.width() - 2 * EDGE;
    }

    /** Whether a piece so high turned to a new page. */
    boolean isNew(double mm) throws IOException {
        Page before = page;
        room(mm);
        return page != before;
    }

    /** Turns to a new page when less than this is left of the old. */
    void room(double mm) throws IOException {
        if (y + mm > page.height() - FOOT) {
            page.close();
            page = begin();
        }
    }

    void heading(String says) throws IOException {
        heading(says, 7.4);
    }

    /**
     * A heading stands on the page of what it is over.
     *
     * @param over how high the first of that is, mm
     */
    void heading(String says, double over) throws IOException {
        room(6.6 + over);
        page.words(EDGE, y + 4.6, says, Face.BOLD, 10);
        y += 6.6;
    }

    void large(String says) throws IOException {
        page.words(EDGE, y + 6, says, Face.BOLD, 20);
        y += 9;
    }

    void figure(Figure figure, double high) throws IOException {
        room(high);
        y += page.figure(figure, EDGE, y, wide(), high) + 3;
    }

    /** Numbers with their words, one under the other. @return where the next line would stand */
    double numbers(double x, double end, double from, List<SheetWords.Line> lines) throws IOException {
        double at = from;
        for (SheetWords.Line line : lines) {
            page.words(x, at, line.words(), Face.PLAIN, 10);
            page.words(end, at, line.value(), Face.NUMBER, 11.5, 1);
            at += 6;
        }
        return at;
    }

    /** Words that go on below where they are too long. */
    void written(String says, double size) throws IOException {
        written("", says, size, 0, false);
    }

    /** The same with a box to tick before them. */
    void toTick(String says, double size) throws IOException {
        written("", says, size, 6, true);
    }

    /** The same with a number behind the box. */
    void toTick(int number, String says, double size) throws IOException {
        written(String.valueOf(number), says, size, 15, true);
    }

    private void written(String number, String says, double size, double indent, boolean tick) throws IOException {
        double room = (wide() - indent) * 72 / 25.4;
        List<String> rows = new ArrayList<>();
        StringBuilder row = new StringBuilder();
        for (String word : says.split(" ")) {
            if (!row.isEmpty() && lettering.width(row + " " + word, Face.PLAIN, size) > room) {
                rows.add(row.toString());
                row.setLength(0);
            }
            row.append(row.isEmpty() ? "" : " ").append(word);
        }
        rows.add(row.toString());
        room(rows.size() * ROW);
        if (tick) {
            page.box(EDGE, y + 0.4, 3.4, 3.4, 0.25);
        }
        if (!number.isEmpty()) {
            page.words(EDGE + 6, y + 3.5, number, Face.NUMBER, size);
        }
        for (String text : rows) {
            page.words(EDGE + indent, y + 3.5, text, Face.PLAIN, size);
            y += ROW;
        }
        y += 0.7;
    }

    @Override
    public void close() throws IOException {
        page.close();
    }
}
