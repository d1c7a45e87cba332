package canthook.server.export;

import canthook.figure.Figure;
import canthook.figure.Figure.Shape;
import java.util.List;
import java.util.Locale;

/**
 * A figure as DXF, release 12: closed polylines in millimetres, y up, a layer for each role. Lines become polylines of two points.
 */
final class FigureDxf {
    private FigureDxf() {}

    static String of(Figure figure) {
        StringBuilder dxf = new StringBuilder(4096);
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "HEADER");
        pair(dxf, 9, "$ACADVER");
        pair(dxf, 1, "AC1009");
        pair(dxf, 9, "$EXTMIN");
        pair(dxf, 10, mm(figure.left()));
        pair(dxf, 20, mm(-figure.top() - figure.height()));
        pair(dxf, 9, "$EXTMAX");
        pair(dxf, 10, mm(figure.left() + figure.width()));
        pair(dxf, 20, mm(-figure.top()));
        pair(dxf, 0, "ENDSEC");
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "ENTITIES");
        for (Shape shape : figure.shapes()) {
            List<Double> p = shape.points();
            if (shape.role().startsWith("ticks")) {
                for (int i = 0; i + 3 < p.size(); i += 4) {
                    polyline(dxf, shape.role(), p.subList(i, i + 4));
                }
            } else {
                polyline(dxf, shape.role(), p);
            }
        }
        pair(dxf, 0, "ENDSEC");
        pair(dxf, 0, "EOF");
        return dxf.toString();
    }

    private static void polyline(StringBuilder dxf, String role, List<Double> points) {
        String layer = role.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "_");
        pair(dxf, 0, "POLYLINE");
        pair(dxf, 8, layer);
        pair(dxf, 66, "1");
        pair(dxf, 10, "0.0");
        pair(dxf, 20, "0.0");
        pair(dxf, 30, "0.0");
        pair(dxf, 70, points.size() > 4 ? "1" : "0");
        for (int i = 0; i + 1 < points.size(); i += 2) {
            pair(dxf, 0, "VERTEX");
            pair(dxf, 8, layer);
            pair(dxf, 10, mm(points.get(i)));
            pair(dxf, 20, mm(-points.get(i + 1)));
            pair(dxf, 30, "0.0");
        }
        pair(dxf, 0, "SEQEND");
        pair(dxf, 8, layer);
    }

    private static void pair(StringBuilder dxf, int code, String value) {
        dxf.append(String.format(Locale.ROOT, "%3d", code))
                .append("\r\n")
                .append(value)
                .append("\r\n");
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.6f", value == 0 ? 0.0 : value);
    }
}
