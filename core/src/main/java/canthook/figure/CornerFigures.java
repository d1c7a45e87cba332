package canthook.figure;

import canthook.corner.Corner;
import canthook.planner.WorkedPlan;
import java.util.ArrayList;
import java.util.List;

/**
 * Each kind of corner twice, one above the other, all to one scale: looking down on it, and on the face of the side's end. The
 * side runs to the right, the end goes down.
 */
public final class CornerFigures {
    private CornerFigures() {}

    public static List<Figure> of(WorkedPlan worked) {
        List<Figure> figures = new ArrayList<>();
        for (Corner corner : Corner.values()) {
            figures.add(figure(worked, corner));
        }
        return figures;
    }

    private static Figure figure(WorkedPlan worked, Corner corner) {
        double side = worked.size().finalThickness().length().mm();
        double end = worked.size().finalEndThickness().length().mm();
        // as much of the face as shows the joint, so that the corner can be drawn large
        double height = Math.min(worked.size().height().length().mm(), 5 * Math.max(side, end));
        double reach = 3.4 * Math.max(side, end);
        Drawing d = new Drawing(
                "corner-" + corner.id(),
                corner.title() + " corner",
                worked.plan().display());
        above(d, corner, side, end, reach);
        double top = reach + 1.2 * Math.max(side, end);
        face(d, worked, corner, end, reach, top, height);
        return d.done();
    }

    /** Looking down: the side along the top, the end along the left. */
    private static void above(Drawing d, Corner corner, double side, double end, double reach) {
        double r = side / 2;
        switch (corner) {
            case FINGER, HALF_LAP -> {
                d.rect("side-grain", 0, 0, reach, side);
                d.rect("mate-up", 0, side, end, reach - side);
                d.rect("end-hidden", 0, 0, end, side);
            }
            case RABBETED_BUTT -> {
                d.shape("side-grain", null, 0, 0, reach, 0, reach, side, end, side, end, side - r, 0, side - r);
                d.rect("mate-up", 0, side - r, end, reach - side + r);
            }
            case RABBET_AND_DADO -> {
                double tongue = end / 2;
                double from = end - tongue;
                d.shape(
                        "side-grain",
                        null,
                        0,
                        0,
                        reach,
                        0,
                        reach,
                        side,
                        end,
                        side,
                        end,
                        side - r,
                        from,
                        side - r,
                        from,
                        side,
                        0,
                        side);
                d.shape("mate-up", null, from, side - r, end, side - r, end, reach, 0, reach, 0, side, from, side);
            }
            case MITRE_WITH_SPLINES -> {
                d.shape("side-grain", null, 0, 0, reach, 0, reach, side, end, side);
                d.shape("mate-up", null, 0, 0, end, side, end, reach, 0, reach);
                double leg = Math.min(side, end) * Math.sqrt(2);
                d.shape("spline", null, 0, 0, Math.min(leg, reach), 0, 0, Math.min(leg, reach));
            }
        }
    }

    /** On the face of the side near its end: what shows of the joint. */
    private static void face(
            Drawing d, WorkedPlan worked, Corner corner, double end, double reach, double top, double height) {
        d.rect("side-grain", 0, top, reach, height);
        switch (corner) {
            case FINGER -> {
                int count = worked.fingers().chosen().sections().count();
                double each = worked.size().height().length().mm() / count;
                for (double at = each; at < height; at += 2 * each) {
                    d.rect("end-grain", 0, top + at, end, Math.min(each, height - at));
                }
            }
            case HALF_LAP -> d.rect("end-grain", 0, top, end, height / 2);
            case RABBETED_BUTT -> {
                d.line("seam", 0.6, top, 0.6, top + height);
                for (double y = top + height / 6; y < top + height; y += height / 3) {
                    d.rect("peg", end / 2 - 1, y - 1, 2, 2);
                }
            }
            case RABBET_AND_DADO -> d.line("seam", 0.6, top, 0.6, top + height);
            case MITRE_WITH_SPLINES -> {
                int splines = worked.corners().numbers().stream()
                        .filter(n -> n.is("corners.splines"))
                        .findFirst()
                        .orElseThrow()
                        .count();
                double leg =
                        Math.min(end, worked.size().finalThickness().length().mm()) * Math.sqrt(2);
                double apart = worked.size().height().length().mm() / splines;
                for (double at = apart / 2; at < height - 1.2; at += apart) {
                    d.rect("spline", 0, top + at - 1.2, leg, 2.4);
                }
            }
        }
    }
}
