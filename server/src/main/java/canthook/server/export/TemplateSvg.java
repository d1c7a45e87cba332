package canthook.server.export;

import canthook.figure.Figure;
import canthook.figure.Figure.Note;
import canthook.figure.Figure.Shape;
import java.util.List;

/** Templates as SVG at 1:1: one user unit is one millimetre. */
final class TemplateSvg {
    private static final double MARGIN = 12;

    private TemplateSvg() {}

    static String of(Figure figure, String name) {
        double width = Math.max(figure.width(), 110) + 2 * MARGIN;
        double height = figure.height() + 2 * MARGIN + 22;
        StringBuilder svg = new StringBuilder(4096);
        svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"%s %s %s %s\">\n"
                .formatted(
                        StickSvg.mm(width),
                        StickSvg.mm(height),
                        StickSvg.mm(figure.left() - MARGIN),
                        StickSvg.mm(figure.top() - MARGIN),
                        StickSvg.mm(width),
                        StickSvg.mm(height)));
        svg.append("<title>")
                .append(StickSvg.escaped(figure.title() + ": " + name))
                .append("</title>\n");
        svg.append("<style>text{font:3px sans-serif}.outline{fill:#fff}.waste{fill:#e7c9bd;stroke:#c23b16}"
                + ".reference-edge{stroke:#1d57ad;stroke-width:1.2}rect,polygon{stroke:#12211b;stroke-width:.18;fill:#fff}"
                + "line{stroke:#12211b;stroke-width:.18}</style>\n");
        for (Shape shape : figure.shapes()) {
            StickSvg.shape(svg, shape);
        }
        for (Note note : figure.notes()) {
            StickSvg.text(svg, note.x(), note.y(), note.anchor(), note.text());
        }
        double y = figure.top() + figure.height() + 8;
        double x = 0;
        StickSvg.text(svg, x, y, "start", name + ". Check before use: the bar below is 100 mm.");
        for (List<Double> line : List.of(
                List.of(x, y + 4, x + 100, y + 4),
                List.of(x, y + 2.5, x, y + 5.5),
                List.of(x + 100, y + 2.5, x + 100, y + 5.5))) {
            StickSvg.shape(svg, new Shape("check-bar", line, null));
        }
        return svg.append("</svg>\n").toString();
    }
}
