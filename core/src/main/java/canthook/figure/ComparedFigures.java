package canthook.figure;

import canthook.figure.Figure.Shape;
import canthook.fingers.Joint;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.plan.Part;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * Two plans of one box over each other, in one scale: the first as an outline, the second drawn. What both have lies under the same line;
 * where they differ the outline stands apart.
 */
public final class ComparedFigures {
    private static final double BAR = 10;
    private static final double BETWEEN = 6;

    private ComparedFigures() {}

    /** The sticks, one under the other, both from the reference edge; lines join the boundaries that both have. */
    public static Figure sticks(WorkedPlan before, WorkedPlan after) {
        Drawing d = new Drawing(
                "sticks",
                "Both sticks from the reference edge: as it stands, and what if",
                after.plan().display());
        stick(d, before, 0);
        stick(d, after, BAR + BETWEEN);
        TreeSet<Long> was = boundaries(before);
        for (long at : boundaries(after)) {
            if (was.contains(at)) {
                d.line("same", at / 100.0, BAR, at / 100.0, BAR + BETWEEN);
            }
        }
        double end = Math.max(height(before), height(after));
        d.note(end, BAR * 0.7, "  as it stands", "label", "start", null);
        d.note(end, BAR * 1.7 + BETWEEN, "  what if", "label", "start", null);
        return d.done();
    }

    private static double height(WorkedPlan worked) {
        return worked.fingers().joint().layout().height().mm();
    }

    private static void stick(Drawing d, WorkedPlan worked, double y) {
        Layout layout = worked.fingers().joint().layout();
        double height = layout.height().mm();
        for (Span span : layout.fingerFirstFingers()) {
            bar(d, "side-grain", span, height, y);
        }
        for (Span span : layout.fingerFirstSlots()) {
            bar(d, "end-grain", span, height, y);
        }
        d.line("reference-edge", 0, y - 2, 0, y + BAR + 2);
    }

    private static void bar(Drawing d, String role, Span span, double height, double y) {
        double from = span.from().mm();
        d.rect(role, from, y, Math.max(0, Math.min(span.to().mm(), height) - from), BAR);
    }

    /** In hundredths of a millimetre. */
    private static TreeSet<Long> boundaries(WorkedPlan worked) {
        Layout layout = worked.fingers().joint().layout();
        TreeSet<Long> all = new TreeSet<>();
        for (Span span : layout.fingerFirstSlots()) {
            all.add(Math.round(span.from().mm() * 100));
            all.add(Math.round(span.to().mm() * 100));
        }
        return all;
    }

    /** A side and an end as they are cut, reference edge on reference edge, left end on left end. */
    public static Figure parts(WorkedPlan before, WorkedPlan after) {
        Drawing d = new Drawing(
                "parts",
                "Side A and end B of both over each other",
                after.plan().display());
        double ground = Math.max(wall(before), wall(after));
        double length = Math.max(length(before, Part.A), length(after, Part.A));
        double x = 0;
        for (Part part : List.of(Part.A, Part.B)) {
            over(d, drawn(after, part, x), ground - wall(after), "");
            over(d, drawn(before, part, x), ground - wall(before), "before");
            d.note(x + length(after, part) / 2, ground + 9, part.name(), "label", "middle", null);
            x += length * 1.06;
        }
        return d.done();
    }

    /** Both boxes as they stand on the shelf. */
    public static Figure standing(WorkedPlan before, WorkedPlan after) {
        Drawing d = new Drawing(
                "both",
                "Both boxes over each other: as it stands in outline",
                after.plan().display());
        over(d, StandingFigure.of(after), -wall(after), "");
        over(d, StandingFigure.of(before), -wall(before), "before");
        return d.done();
    }

    private static double wall(WorkedPlan worked) {
        return worked.fingers().joint().wall().mm();
    }

    private static double length(WorkedPlan worked, Part part) {
        SizedBox box = worked.size();
        return (part.isSide() ? box.sideLength() : box.endLength()).length().mm();
    }

    private static Figure drawn(WorkedPlan worked, Part part, double x) {
        Drawing d = new Drawing(part.name(), part.name(), worked.plan().display());
        PartDrawing.part(d, worked, part, x, length(worked, part));
        Joint joint = worked.fingers().joint();
        PartDrawing.groovesOf(d, worked, part, x, joint.wall().mm(), length(worked, part));
        return d.done();
    }

    /** Everything of a drawing, lowered; in the given role, or each in its own where that is empty. */
    private static void over(Drawing d, Figure figure, double down, String role) {
        for (Shape shape : figure.shapes()) {
            List<Double> points = new ArrayList<>(shape.points());
            double[] xy = new double[points.size()];
            for (int i = 0; i < xy.length; i++) {
                xy[i] = points.get(i) + (i % 2 == 1 ? down : 0);
            }
            d.shape(role.isEmpty() ? shape.role() : role, null, xy);
        }
    }
}
