package canthook.server.export;

import canthook.figure.Figure;
import canthook.figure.Figure.Dimension;
import canthook.figure.Figure.Note;
import canthook.figure.Figure.Shape;
import canthook.figure.Figure.Side;
import canthook.server.export.Lettering.Face;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.Color;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/** An upright sheet of paper that is written and drawn on in millimetres from its upper left corner, black on white. */
final class Page implements AutoCloseable {
    private static final double POINTS = 72 / 25.4;

    /** Letters of a number on a dimension line, points. */
    private static final double NUMBER = 9;

    /** What a letter is high, in millimetres to its size in points. */
    private static final double HIGH = 0.26;

    private final PDPageContentStream to;
    private final Lettering lettering;
    private final double width;
    private final double height;

    Page(PDDocument document, Lettering lettering, Paper paper) throws IOException {
        this.lettering = lettering;
        // on its long side: the paper is known lying down
        this.width = paper.height();
        this.height = paper.width();
        PDPage sheet = new PDPage(new PDRectangle((float) (width * POINTS), (float) (height * POINTS)));
        document.addPage(sheet);
        to = new PDPageContentStream(document, sheet);
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    void words(double x, double y, String text, Face face, double size) throws IOException {
        to.setNonStrokingColor(Color.BLACK);
        lettering.write(to, px(x), py(y), text, face, (float) size);
    }

    /** Words whose middle, or whose end, stands at a place. */
    void words(double x, double y, String text, Face face, double size, double share) throws IOException {
        words(x - share * wide(text, face, size), y, text, face, size);
    }

    /** How wide words are, in millimetres. */
    double wide(String text, Face face, double size) throws IOException {
        return lettering.width(text, face, size) / POINTS;
    }

    void line(double x1, double y1, double x2, double y2, double thick) throws IOException {
        to.setStrokingColor(Color.BLACK);
        to.setLineWidth((float) (thick * POINTS));
        to.moveTo(px(x1), py(y1));
        to.lineTo(px(x2), py(y2));
        to.stroke();
    }

    void box(double x, double y, double wide, double high, double thick) throws IOException {
        to.setStrokingColor(Color.BLACK);
        to.setLineWidth((float) (thick * POINTS));
        to.addRect(px(x), py(y + high), (float) (wide * POINTS), (float) (high * POINTS));
        to.stroke();
    }

    /** Where the sheet is folded, marked at both its edges. */
    void fold(double y) throws IOException {
        line(0, y, 6, y, 0.1);
        line(width - 6, y, width, y, 0.1);
    }

    /** A code that a device reads and opens an address by. */
    void code(double x, double y, double wide, String address) throws IOException {
        BitMatrix dots;
        try {
            dots = new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 0));
        } catch (WriterException e) {
            throw new IOException("An address no code can hold", e);
        }
        double dot = wide / dots.getWidth();
        to.setNonStrokingColor(Color.BLACK);
        for (int i = 0; i < dots.getWidth(); i++) {
            for (int k = 0; k < dots.getHeight(); k++) {
                if (dots.get(i, k)) {
                    to.addRect(px(x + i * dot), py(y + (k + 1) * dot), (float) (dot * POINTS), (float) (dot * POINTS));
                }
            }
        }
        to.fill();
    }

    /**
     * Draws a figure with its dimensions as large as a place on the sheet allows.
     *
     * @return how much of the height it takes
     */
    double figure(Figure figure, double x, double y, double wide, double high) throws IOException {
        // how large it is drawn says which texts are lifted, and that how large it is drawn: looked at twice
        Lanes lanes = lanes(figure, Math.min(wide / figure.width(), high / figure.height()));
        lanes = lanes(figure, scale(figure, lanes, wide, high));
        double scale = scale(figure, lanes, wide, high);
        double top = lanes.room(Side.ABOVE);
        Placed at = new Placed(figure, x + lanes.room(Side.LEFT), y + top, scale, x, x + wide);
        for (Shape shape : figure.shapes()) {
            shape(shape, at);
        }
        // the lines of all before the numbers of all: no line runs through a number
        for (boolean numbers : new boolean[] {false, true}) {
            for (Dimension dimension : figure.dimensions()) {
                dimension(dimension, at, lanes, numbers);
            }
        }
        List<Rectangle2D> taken = new ArrayList<>();
        for (Note note : figure.notes()) {
            taken.add(note(note, at, taken));
        }
        return figure.height() * scale + top + lanes.room(Side.BELOW);
    }

    /**
     * A word of the drawing; one that would lie on another stands a line higher or lower, and where it lies on a line of the drawing it gets
     * white ground under it.
     *
     * @return where it stands
     */
    private Rectangle2D note(Note note, Placed at, List<Rectangle2D> others) throws IOException {
        double share = note.anchor().equals("middle") ? 0.5 : note.anchor().equals("end") ? 1 : 0;
        boolean letter = note.role().equals("pencil");
        Face face = letter ? Face.BOLD : Face.PLAIN;
        double size = letter ? 12 : 8;
        double wide = wide(note.text(), face, size);
        double x = at.x(note.x()) - share * wide;
        double high = size * HIGH;
        double wanted = at.y(note.y()) + (letter ? 1.5 : 1);
        Rectangle2D taken = new Rectangle2D.Double(x, wanted - high, wide, high);
        for (int lines : new int[] {-1, 1, -2, 2}) {
            if (others.stream().noneMatch(taken::intersects)) {
                break;
            }
            taken = new Rectangle2D.Double(x, wanted - high + lines * (high + 1), wide, high);
        }
        double foot = taken.getMaxY();
        Rectangle2D stands = taken;
        if (at.figure().shapes().stream().anyMatch(shape -> crosses(shape, at, stands))) {
            ground(x - 0.5, foot - high - 0.3, wide + 1, high + 1.1);
        }
        words(x, foot, note.text(), face, size);
        return taken;
    }

    private static boolean crosses(Shape shape, Placed at, Rectangle2D taken) {
        List<Double> p = shape.points();
        boolean ticks = shape.role().startsWith("ticks");
        int last = p.size() - 2;
        for (int i = 0; i <= last; i += ticks ? 4 : 2) {
            // an area ends where it begins
            int next = i < last ? i + 2 : last > 2 ? 0 : i;
            if (taken.intersectsLine(at.x(p.get(i)), at.y(p.get(i + 1)), at.x(p.get(next)), at.y(p.get(next + 1)))) {
                return true;
            }
        }
        return false;
    }

    /** White ground under words. */
    private void ground(double x, double y, double wide, double high) throws IOException {
        to.setNonStrokingColor(Color.WHITE);
        to.addRect(px(x), py(y + high), (float) (wide * POINTS), (float) (high * POINTS));
        to.fill();
    }

    private static double scale(Figure figure, Lanes lanes, double wide, double high) {
        return Math.min(
                (wide - lanes.room(Side.LEFT) - lanes.room(Side.RIGHT)) / figure.width(),
                (high - lanes.room(Side.ABOVE) - lanes.room(Side.BELOW)) / figure.height());
    }

    private Lanes lanes(Figure figure, double scale) throws IOException {
        Map<Dimension, Double> halves = new IdentityHashMap<>();
        for (Dimension d : figure.dimensions()) {
            halves.put(d, half(d));
        }
        return new Lanes(
                figure,
                d -> scale * (isUpright(d) ? d.y1() + d.y2() : d.x1() + d.x2()) / 2,
                d -> halves.getOrDefault(d, 0.0));
    }

    private double half(Dimension d) throws IOException {
        return wide(d.text(), Face.NUMBER, NUMBER) / 2 + 0.6;
    }

    private static boolean isUpright(Dimension d) {
        return d.side() == Side.LEFT || d.side() == Side.RIGHT;
    }

    /** Where a figure's millimetres lie on the sheet. */
    private record Placed(Figure figure, double left, double top, double scale, double least, double most) {
        double x(double mm) {
            return left + (mm - figure.left()) * scale;
        }

        double y(double mm) {
            return top + (mm - figure.top()) * scale;
        }

        double end() {
            return x(figure.left() + figure.width());
        }

        double foot() {
            return y(figure.top() + figure.height());
        }
    }

    private void shape(Shape shape, Placed at) throws IOException {
        List<Double> p = shape.points();
        if (shape.role().startsWith("ticks")) {
            for (int i = 0; i + 3 < p.size(); i += 4) {
                line(
                        at.x(p.get(i)),
                        at.y(p.get(i + 1)),
                        at.x(p.get(i + 2)),
                        at.y(p.get(i + 3)),
                        shape.role().equals("ticks-solid") ? 0.2 : 0.1);
            }
            return;
        }
        if (p.size() == 4) {
            if (shape.role().equals("arrow")) {
                head(at.x(p.get(0)), at.y(p.get(1)), at.x(p.get(2)), at.y(p.get(3)));
            }
            double thick = shape.role().equals("reference-edge") ? 0.9 : 0.2;
            line(at.x(p.get(0)), at.y(p.get(1)), at.x(p.get(2)), at.y(p.get(3)), thick);
            return;
        }
        path(p, at);
        to.setNonStrokingColor(grey(shape.role()));
        to.fill();
        if (shape.role().startsWith("solid-")) {
            // the edges of a block are lines of their own: where two blocks are one piece there is none
            return;
        }
        to.setStrokingColor(Color.BLACK);
        to.setLineWidth((float) (0.2 * POINTS));
        path(p, at);
        to.closePath();
        to.stroke();
    }

    private void head(double x1, double y1, double x2, double y2) throws IOException {
        double run = Math.hypot(x2 - x1, y2 - y1);
        double ux = (x2 - x1) / run;
        double uy = (y2 - y1) / run;
        line(x2, y2, x2 - 3 * ux + 1.5 * uy, y2 - 3 * uy - 1.5 * ux, 0.3);
        line(x2, y2, x2 - 3 * ux - 1.5 * uy, y2 - 3 * uy + 1.5 * ux, 0.3);
    }

    /** White paper, and greys a copier keeps apart: what lies deeper or is cut away is darker. */
    private static Color grey(String role) {
        if (role.contains("waste") || role.equals("cut-away") || role.equals("cutter") || role.equals("kerf")) {
            return new Color(0xB8, 0xB8, 0xB8);
        }
        if (role.startsWith("solid-")) {
            return role.endsWith("-end")
                    ? new Color(0xD8, 0xD8, 0xD8)
                    : role.endsWith("-side") ? new Color(0xEC, 0xEC, 0xEC) : Color.WHITE;
        }
        if (role.startsWith("standing-inside")) {
            return new Color(0x8C, 0x8C, 0x8C);
        }
        if (role.contains("end") || role.startsWith("mate") || role.equals("key") || role.equals("stop")) {
            return new Color(0xD8, 0xD8, 0xD8);
        }
        return Color.WHITE;
    }

    private void path(List<Double> p, Placed at) throws IOException {
        to.moveTo(px(at.x(p.get(0))), py(at.y(p.get(1))));
        for (int i = 2; i < p.size(); i += 2) {
            to.lineTo(px(at.x(p.get(i))), py(at.y(p.get(i + 1))));
        }
    }

    private void dimension(Dimension d, Placed at, Lanes lanes, boolean number) throws IOException {
        double off = lanes.off(d.side(), d.lane());
        double x1 = at.x(d.x1());
        double x2 = at.x(d.x2());
        double y1 = at.y(d.y1());
        double y2 = at.y(d.y2());
        switch (d.side()) {
            case ABOVE -> level(d, x1, x2, at.top() - off, y1, at, lanes, number);
            case BELOW -> level(d, x1, x2, at.foot() + off, y1, at, lanes, number);
            case LEFT -> upright(d, y1, y2, at.left() - off, x1, lanes, number);
            case RIGHT -> upright(d, y1, y2, at.end() + off, x1, lanes, number);
        }
    }

    /** A lifted text stands on a leader. */
    private void level(Dimension d, double x1, double x2, double y, double from, Placed at, Lanes lanes, boolean number)
            throws IOException {
        double half = half(d);
        double middle = Math.max(at.least() + half, Math.min((x1 + x2) / 2, at.most() - half));
        double foot = y - lanes.over(d);
        if (number) {
            ground(middle - half + 0.3, foot - NUMBER * HIGH, 2 * half - 0.6, NUMBER * HIGH + 0.3);
            words(middle, foot, d.text(), Face.NUMBER, NUMBER, 0.5);
            return;
        }
        line(x1, from, x1, y, 0.08);
        line(x2, from, x2, y, 0.08);
        line(x1, y, x2, y, 0.15);
        tick(x1, y);
        tick(x2, y);
        if (lanes.isLifted(d)) {
            line(middle, y, middle, foot + 0.6, 0.08);
        }
    }

    private void upright(Dimension d, double y1, double y2, double x, double from, Lanes lanes, boolean number)
            throws IOException {
        if (number) {
            double half = half(d);
            double foot = x - lanes.over(d);
            ground(foot - NUMBER * HIGH, (y1 + y2) / 2 - half + 0.3, NUMBER * HIGH + 0.3, 2 * half - 0.6);
            to.saveGraphicsState();
            to.setNonStrokingColor(Color.BLACK);
            to.transform(Matrix.getRotateInstance(Math.PI / 2, px(foot), py((y1 + y2) / 2)));
            lettering.write(
                    to, (float) (-lettering.width(d.text(), Face.NUMBER, NUMBER) / 2), 0, d.text(), Face.NUMBER, (float)
                            NUMBER);
            to.restoreGraphicsState();
            return;
        }
        line(from, y1, x, y1, 0.08);
        line(from, y2, x, y2, 0.08);
        line(x, y1, x, y2, 0.15);
        tick(x, y1);
        tick(x, y2);
    }

    private void tick(double x, double y) throws IOException {
        line(x - 0.9, y + 0.9, x + 0.9, y - 0.9, 0.25);
    }

    private float px(double mm) {
        return (float) (mm * POINTS);
    }

    private float py(double mm) {
        return (float) ((height - mm) * POINTS);
    }

    @Override
    public void close() throws IOException {
        to.close();
    }
}
