package canthook.server.export;

import canthook.figure.Figure;
import canthook.figure.Figure.Mark;
import canthook.figure.Figure.Note;
import canthook.figure.Figure.Shape;
import java.util.List;
import java.util.Locale;

/** The story stick as SVG at 1:1: one user unit is one millimetre, and the page says so. */
final class StickSvg {
    private static final double MARGIN = 12;
    private static final double HEAD = 30;

    private StickSvg() {}

    static String of(Figure stick, String name) {
        double width = stick.width() + 2 * MARGIN + 30;
        double height = HEAD + 34 + 14;
        StringBuilder svg = new StringBuilder(4096);
        svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%s\" height=\"%s\" viewBox=\"0 0 %s %s\">\n"
                .formatted(mm(width) + "mm", mm(height) + "mm", mm(width), mm(height)));
        svg.append("<title>").append(escaped("Stick: " + name)).append("</title>\n");
        svg.append(
                "<style>text{font:3px sans-serif}.finger{fill:#e9c79a}.slot-of-mate{fill:#b98a56}.waste{fill:none;stroke:#c23b16;stroke-dasharray:1 .6}"
                        + ".reference-edge{stroke:#1d57ad;stroke-width:1.2}.bottom-groove{fill:#9a7a1f;fill-opacity:.45}"
                        + ".saw-line{fill:#c23b16;fill-opacity:.35}.lid-groove{fill:#6b3f77;fill-opacity:.45}.lid-line,.closing{stroke:#6b3f77;stroke-width:.35}"
                        + "rect,path,line{stroke:#12211b;stroke-width:.18}.ticks,.ticks-whole{stroke-width:.15}</style>\n");
        svg.append("<g transform=\"translate(%s %s)\">\n".formatted(mm(MARGIN), mm(HEAD)));
        for (Shape shape : stick.shapes()) {
            shape(svg, shape);
        }
        for (Note note : stick.notes()) {
            text(svg, note.x(), note.y(), note.anchor(), note.text());
        }
        double lane = -6;
        for (Mark mark : stick.marks()) {
            double at = (mark.from() + mark.to()) / 2;
            svg.append("<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"-2\"/>\n".formatted(mm(at), mm(lane + 1), mm(at)));
            text(svg, at, lane, at > stick.width() * 0.6 ? "end" : "start", mark.label());
            lane -= 4.2;
        }
        text(svg, 0, 26, "start", name + ". Reference edge at the left. Check before use: the bar below is 100 mm.");
        svg.append(
                "<line class=\"check-bar\" x1=\"0\" y1=\"30\" x2=\"100\" y2=\"30\"/><line x1=\"0\" y1=\"28.5\" x2=\"0\" y2=\"31.5\"/>"
                        + "<line x1=\"100\" y1=\"28.5\" x2=\"100\" y2=\"31.5\"/>\n");
        return svg.append("</g>\n</svg>\n").toString();
    }

    static void shape(StringBuilder svg, Shape shape) {
        List<Double> p = shape.points();
        if (shape.role().startsWith("ticks")) {
            StringBuilder path = new StringBuilder();
            for (int i = 0; i + 3 < p.size(); i += 4) {
                path.append("M%s %sV%s".formatted(mm(p.get(i)), mm(p.get(i + 1)), mm(p.get(i + 3))));
            }
            svg.append("<path class=\"%s\" d=\"%s\"/>\n".formatted(shape.role(), path));
            return;
        }
        if (p.size() == 4) {
            svg.append("<line class=\"%s\" x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\"/>\n"
                    .formatted(shape.role(), mm(p.get(0)), mm(p.get(1)), mm(p.get(2)), mm(p.get(3))));
            return;
        }
        if (!isUpright(p)) {
            StringBuilder points = new StringBuilder();
            for (int i = 0; i + 1 < p.size(); i += 2) {
                points.append(i == 0 ? "" : " ")
                        .append(mm(p.get(i)))
                        .append(',')
                        .append(mm(p.get(i + 1)));
            }
            svg.append("<polygon class=\"%s\" points=\"%s\"/>\n".formatted(shape.role(), points));
            return;
        }
        double x = p.get(0);
        double y = p.get(1);
        svg.append("<rect class=\"%s\" x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"/>\n"
                .formatted(shape.role(), mm(x), mm(y), mm(p.get(2) - x), mm(p.get(5) - y)));
    }

    /** A rectangle whose sides lie along the axes, from its upper left corner. */
    private static boolean isUpright(List<Double> p) {
        return p.size() == 8
                && p.get(1).equals(p.get(3))
                && p.get(2).equals(p.get(4))
                && p.get(5).equals(p.get(7))
                && p.get(0).equals(p.get(6));
    }

    static void text(StringBuilder svg, double x, double y, String anchor, String words) {
        svg.append("<text x=\"%s\" y=\"%s\" text-anchor=\"%s\">%s</text>\n"
                .formatted(mm(x), mm(y), anchor, escaped(words)));
    }

    static String mm(double value) {
        return String.format(Locale.ROOT, "%.4f", value).replaceAll("\\.?0+$", "");
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
