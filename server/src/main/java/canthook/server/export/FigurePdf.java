package canthook.server.export;

import canthook.figure.Figure;
import canthook.figure.Figure.Mark;
import canthook.figure.Figure.Note;
import canthook.figure.Figure.Shape;
import canthook.server.export.Lettering.Face;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * Figures on paper at 1:1. A figure longer than the sheet is tiled along its length, pages overlapping by ten millimetres with a join
 * mark on both; every page has a bar of 100 mm to check the printer by.
 */
final class FigurePdf {
    private static final double POINTS = 72 / 25.4;
    private static final double MARGIN = 14;
    private static final double LAP = 10;
    private static final double HEAD = 46;

    private FigurePdf() {}

    /** The document as it is sent. */
    static byte[] of(List<Figure> figures, String title, Paper paper) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            Lettering lettering = new Lettering(document);
            for (Figure figure : figures) {
                tile(document, lettering, figure, title, paper);
            }
            document.getDocumentInformation().setTitle(title);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("A page that cannot be written", e);
        }
    }

    private static void tile(PDDocument document, Lettering lettering, Figure figure, String title, Paper paper)
            throws IOException {
        double room = paper.width() - 2 * MARGIN;
        int pages = figure.width() <= room ? 1 : (int) Math.ceil((figure.width() - LAP) / (room - LAP));
        for (int page = 0; page < pages; page++) {
            double from = figure.left() + page * (room - LAP);
            PDPage sheet =
                    new PDPage(new PDRectangle((float) (paper.width() * POINTS), (float) (paper.height() * POINTS)));
            document.addPage(sheet);
            try (PDPageContentStream to = new PDPageContentStream(document, sheet)) {
                Pen pen = new Pen(to, lettering, paper, from, figure.top());
                pen.head(
                        title + ", " + figure.title().substring(0, 1).toLowerCase(Locale.ROOT)
                                + figure.title().substring(1),
                        page + 1,
                        pages);
                pen.clip(room);
                for (Shape shape : figure.shapes()) {
                    pen.shape(shape);
                }
                double lane = figure.top() - 6;
                for (Mark mark : figure.marks()) {
                    double at = (mark.from() + mark.to()) / 2;
                    pen.line(at, lane + 1, at, figure.top(), 0.15);
                    pen.words(at + 0.8, lane + 1, mark.label(), Face.PLAIN, 8);
                    lane -= 4;
                }
                for (Note note : figure.notes()) {
                    if (note.x() < from - LAP || note.x() > from + room) {
                        // it stands on another tile
                        continue;
                    }
                    double wide = lettering.width(note.text(), Face.PLAIN, 8) / POINTS;
                    pen.words(
                            Math.max(from, Math.min(note.x(), from + room - wide)),
                            note.y(),
                            note.text(),
                            Face.PLAIN,
                            8);
                }
                pen.unclip();
                if (page > 0) {
                    pen.join(from + LAP / 2, figure);
                }
                if (page < pages - 1) {
                    pen.join(from + room - LAP / 2, figure);
                }
                pen.bar();
            }
        }
    }

    /** Draws in millimetres, y down, from a corner of the figure. */
    private static final class Pen {
        private final PDPageContentStream to;
        private final Lettering lettering;
        private final Paper paper;
        private final double left;
        private final double top;

        Pen(PDPageContentStream to, Lettering lettering, Paper paper, double left, double top) {
            this.to = to;
            this.lettering = lettering;
            this.paper = paper;
            this.left = left;
            this.top = top;
        }

        private float x(double mm) {
            return (float) ((mm - left + MARGIN) * POINTS);
        }

        private float y(double mm) {
            return (float) ((paper.height() - HEAD - (mm - top)) * POINTS);
        }

        void head(String title, int page, int pages) throws IOException {
            text(MARGIN, paper.height() - 10, title, Face.BOLD, 10);
            text(
                    MARGIN,
                    paper.height() - 15,
                    "Print at 100 %, no fitting to the page. "
                            + (pages > 1 ? "Sheet " + page + " of " + pages + ": lay join mark on join mark." : ""),
                    Face.PLAIN,
                    8);
        }

        void bar() throws IOException {
            float base = (float) (12 * POINTS);
            float from = (float) (MARGIN * POINTS);
            float end = (float) ((MARGIN + 100) * POINTS);
            to.setStrokingColor(Color.BLACK);
            to.setLineWidth(0.8f);
            to.moveTo(from, base);
            to.lineTo(end, base);
            to.moveTo(from, base - 5);
            to.lineTo(from, base + 5);
            to.moveTo(end, base - 5);
            to.lineTo(end, base + 5);
            to.stroke();
            text(MARGIN + 102, 11, "100 mm: measure it before you trust this sheet", Face.PLAIN, 8);
        }

        void clip(double room) throws IOException {
            to.saveGraphicsState();
            to.addRect((float) (MARGIN * POINTS) - 2, (float) (18 * POINTS), (float) (room * POINTS) + 4, (float)
                    ((paper.height() - 36) * POINTS));
            to.clip();
        }

        void unclip() throws IOException {
            to.restoreGraphicsState();
        }

        void join(double at, Figure figure) throws IOException {
            double end = figure.top() + figure.height();
            line(at, figure.top() - 8, at, figure.top() - 2, 0.2);
            line(at, end + 2, at, end + 8, 0.2);
            line(at - 2, end + 5, at + 2, end + 5, 0.2);
        }

        void line(double x1, double y1, double x2, double y2, double width) throws IOException {
            to.setLineWidth((float) (width * POINTS));
            to.setStrokingColor(Color.BLACK);
            to.moveTo(x(x1), y(y1));
            to.lineTo(x(x2), y(y2));
            to.stroke();
        }

        void words(double x, double y, String text, Face face, float size) throws IOException {
            to.setNonStrokingColor(Color.BLACK);
            lettering.write(to, x(x), y(y), text, face, size);
        }

        private void text(double xMm, double yMm, String text, Face face, float size) throws IOException {
            to.setNonStrokingColor(Color.BLACK);
            lettering.write(to, (float) (xMm * POINTS), (float) (yMm * POINTS), text, face, size);
        }

        void shape(Shape shape) throws IOException {
            List<Double> p = shape.points();
            if (shape.role().startsWith("ticks")) {
                for (int i = 0; i + 3 < p.size(); i += 4) {
                    line(p.get(i), p.get(i + 1), p.get(i + 2), p.get(i + 3), 0.12);
                }
                return;
            }
            if (p.size() == 4) {
                line(p.get(0), p.get(1), p.get(2), p.get(3), shape.role().equals("reference-edge") ? 0.9 : 0.25);
                return;
            }
            Color fill = switch (shape.role()) {
                case "finger" -> new Color(0xF4, 0xE6, 0xCF);
                case "slot-of-mate" -> new Color(0xD9, 0xBE, 0x98);
                case "bottom-groove", "lid-groove" -> new Color(0xC9, 0xC2, 0xA6);
                default -> Color.WHITE;
            };
            to.setNonStrokingColor(fill);
            path(p);
            to.fill();
            if (shape.role().equals("waste")) {
                hatch(p);
            }
            to.setLineWidth((float) (0.2 * POINTS));
            to.setStrokingColor(Color.BLACK);
            path(p);
            to.closePath();
            to.stroke();
        }

        private void path(List<Double> p) throws IOException {
            to.moveTo(x(p.get(0)), y(p.get(1)));
            for (int i = 2; i < p.size(); i += 2) {
                to.lineTo(x(p.get(i)), y(p.get(i + 1)));
            }
        }

        /** What is cut away: slanted lines inside an upright rectangle. */
        private void hatch(List<Double> p) throws IOException {
            double x1 = p.get(0);
            double y1 = p.get(1);
            double x2 = p.get(2);
            double y2 = p.get(5);
            to.saveGraphicsState();
            path(p);
            to.closePath();
            to.clip();
            for (double at = x1 - (y2 - y1); at < x2; at += 1.6) {
                line(at, y2, at + (y2 - y1), y1, 0.12);
            }
            to.restoreGraphicsState();
        }
    }
}
