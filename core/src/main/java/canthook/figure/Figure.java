package canthook.figure;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A drawing in millimetres, x to the right and y down. Neutral: what a role looks like is for whoever draws it.
 *
 * @param id stable name
 * @param title what it shows, in words
 * @param left least x
 * @param top least y
 * @param width extent in x
 * @param height extent in y
 */
public record Figure(
        String id,
        String title,
        double left,
        double top,
        double width,
        double height,
        List<Shape> shapes,
        List<Dimension> dimensions,
        List<Note> notes,
        List<Mark> marks) {

    /**
     * A closed outline, or a line when it has two points; a role that starts with {@code ticks} is many lines, four numbers each.
     *
     * @param role what it stands for: {@code finger}, {@code waste}, {@code reference-edge}
     * @param points x and y in turn, millimetres
     * @param mark id of what it belongs to, so that pointing at one lights the other; may be null
     */
    public record Shape(
            String role, List<Double> points, @Nullable String mark) {}

    /**
     * A dimension line between two points, level or upright.
     *
     * @param side of the drawing it stands on: above, below, left, right
     * @param lane 0 next to the drawing, 1 outside that
     * @param text as shown
     * @param number id of the worked number it shows; may be null
     * @param label of that number, in words
     * @param field field of the plan that typing into it decides; null when it follows
     */
    public record Dimension(
            double x1,
            double y1,
            double x2,
            double y2,
            Side side,
            int lane,
            String text,
            @Nullable String number,
            String label,
            @Nullable String field) {}

    /** Where a dimension line stands. */
    public enum Side {
        ABOVE,
        BELOW,
        LEFT,
        RIGHT
    }

    /** Words in the drawing. {@code anchor}: start, middle or end. */
    public record Note(
            double x,
            double y,
            String text,
            String role,
            String anchor,
            @Nullable String number) {}

    /**
     * A stretch (or, when both ends are equal, a place) along the stick.
     *
     * @param number id of the worked number it shows; may be null
     */
    public record Mark(
            String id,
            String role,
            double from,
            double to,
            String label,
            @Nullable String number) {}
}
