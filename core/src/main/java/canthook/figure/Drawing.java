package canthook.figure;

import canthook.figure.Figure.Dimension;
import canthook.figure.Figure.Mark;
import canthook.figure.Figure.Note;
import canthook.figure.Figure.Shape;
import canthook.figure.Figure.Side;
import canthook.length.LengthDisplay;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A figure while it is being drawn; keeps track of its own extent. */
final class Drawing {
    /** How far words under a drawing stand off it, of its height. */
    private static final double UNDER = 0.07;

    private final String id;
    private final String title;
    private final LengthDisplay display;
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Dimension> dimensions = new ArrayList<>();
    private final List<Note> notes = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();
    private double left = Double.POSITIVE_INFINITY;
    private double top = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double bottom = Double.NEGATIVE_INFINITY;
    private boolean turned;

    Drawing(String id, String title, LengthDisplay display) {
        this.id = id;
        this.title = title;
        this.display = display;
    }

    /** What is drawn from now on stands left for right. */
    Drawing turnedRound() {
        turned = true;
        return this;
    }

    private double x(double x) {
        return turned ? -x : x;
    }

    Drawing rect(String role, double x, double y, double width, double height) {
        return rect(role, x, y, width, height, null);
    }

    Drawing rect(String role, double x, double y, double width, double height, @Nullable String mark) {
        return shape(role, mark, x, y, x + width, y, x + width, y + height, x, y + height);
    }

    Drawing line(String role, double x1, double y1, double x2, double y2) {
        return shape(role, null, x1, y1, x2, y2);
    }

    /** Many lines of one role in one shape. */
    Drawing strokes(String role, List<double[]> lines) {
        double[] all = lines.stream().flatMapToDouble(Arrays::stream).toArray();
        return shape(role, null, all);
    }

    Drawing shape(String role, @Nullable String mark, double... points) {
        List<Double> xy = new ArrayList<>(points.length);
        for (int i = 0; i < points.length; i += 2) {
            reach(points[i], points[i + 1]);
            xy.add(round(x(points[i])));
            xy.add(round(points[i + 1]));
        }
        shapes.add(new Shape(role, xy, mark));
        return this;
    }

    /** Makes room for a point that nothing is drawn at. */
    Drawing reach(double x, double y) {
        left = Math.min(left, x(x));
        right = Math.max(right, x(x));
        top = Math.min(top, y);
        bottom = Math.max(bottom, y);
        return this;
    }

    Drawing across(double x1, double x2, double y, Side side, int lane, Worked worked) {
        return dimension(x1, y, x2, y, side, lane, worked);
    }

    Drawing upright(double x, double y1, double y2, Side side, int lane, Worked worked) {
        return dimension(x, y1, x, y2, side, lane, worked);
    }

    private Drawing dimension(double x1, double y1, double x2, double y2, Side side, int lane, Worked worked) {
        dimensions.add(new Dimension(
                round(turned ? -x2 : x1),
                round(y1),
                round(turned ? -x1 : x2),
                round(y2),
                side,
                lane,
                worked.number(display),
                worked.id(),
                worked.label(),
                worked.basis() == Worked.Basis.DECIDED ? worked.field() : null));
        return this;
    }

    Drawing note(double x, double y, String text, String role, String anchor, @Nullable Worked worked) {
        String turnedAnchor = switch (anchor) {
            case "start" -> "end";
            case "end" -> "start";
            default -> anchor;
        };
        notes.add(new Note(
                round(x(x)),
                round(y),
                text,
                role,
                turned ? turnedAnchor : anchor,
                worked == null ? null : worked.id()));
        return this;
    }

    /** A line of words under everything drawn so far. */
    Drawing under(String text, Worked worked) {
        double middle = (left + right) / 2;
        double below = bottom + UNDER * (bottom - top);
        reach(middle, below);
        return note(middle, below, text, "quiet", "middle", worked);
    }

    Drawing mark(String markId, String role, double from, double to, String label, @Nullable Worked worked) {
        marks.add(new Mark(
                markId,
                role,
                round(turned ? -to : from),
                round(turned ? -from : to),
                label,
                worked == null ? null : worked.id()));
        return this;
    }

    Figure done() {
        boolean empty = left > right;
        return new Figure(
                id,
                title,
                empty ? 0 : round(left),
                empty ? 0 : round(top),
                empty ? 1 : round(Math.max(right - left, 0.001)),
                empty ? 1 : round(Math.max(bottom - top, 0.001)),
                List.copyOf(shapes),
                List.copyOf(dimensions),
                List.copyOf(notes),
                List.copyOf(marks));
    }

    private static double round(double mm) {
        return Math.round(mm * 1000) / 1000.0;
    }
}
