package canthook.figure;

import canthook.figure.Figure.Side;
import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import canthook.walls.LowWalls;
import java.util.HashSet;
import java.util.Set;

/** The box in plan and elevation, and its walls unfolded. */
public final class SizeFigures {
    private SizeFigures() {}

    /** How the two views stand, for a tall place and for a wide one. */
    private enum Stand {
        BELOW,
        BESIDE
    }

    /** From above, a side below it, at one scale, with the dimensions that decide them. */
    public static Figure of(WorkedPlan worked) {
        return of(worked, Stand.BELOW);
    }

    /** The same for a wide place: the side stands to the right of the view from above. */
    public static Figure beside(WorkedPlan worked) {
        return of(worked, Stand.BESIDE);
    }

    private static Figure of(WorkedPlan worked, Stand stand) {
        SizedBox box = worked.size();
        Drawing d = new Drawing(
                stand == Stand.BELOW ? "size" : "size-beside",
                "The box from above, and from the side",
                worked.plan().display());
        double length = box.outsideLength().length().mm();
        double width = box.outsideWidth().length().mm();
        double wished = box.height().length().mm();
        double t = box.finalThickness().length().mm();
        double proud = box.proud().length().mm();
        double te = box.finalEndThickness().length().mm();
        wallsFromAbove(d, length, width, t, te);
        if (box.hasInside()) {
            inside(d, worked, length, width, t, te);
        }
        d.across(0, length, 0, Side.ABOVE, 1, box.outsideLength());
        d.upright(0, 0, width, Side.LEFT, 0, box.outsideWidth());
        double in = 0.07 * width;
        d.note(length / 2, width - t - in * 0.6, "A", "pencil", "middle", null);
        d.note(length / 2, t + in * 1.5, "C", "pencil", "middle", null);
        d.note(length - te - in, width / 2, "B", "pencil", "middle", null);
        d.note(te + in, width / 2, "D", "pencil", "middle", null);
        double wall = worked.fingers().wall().length().mm();
        double high = Math.max(wished, wall);
        boolean below = stand == Stand.BELOW;
        double x = below ? 0 : length * 1.3;
        double bottom = below ? width + Math.max(length, width) * 0.11 + high : width;
        elevation(d, worked, x, bottom - wall, length, proud);
        d.upright(x, bottom - wished, bottom, below ? Side.LEFT : Side.RIGHT, 0, box.height());
        d.across(x - proud, x + length + proud, bottom, Side.BELOW, 0, box.sideLength());
        return d.done();
    }

    private static void inside(Drawing d, WorkedPlan worked, double length, double width, double t, double te) {
        SizedBox box = worked.size();
        d.rect("inside", te, t, length - 2 * te, width - 2 * t);
        Set<String> named = new HashSet<>();
        for (SizedBox.Place place : box.contents()) {
            double x = te + place.along().mm();
            double y = t + place.across().mm();
            d.rect(
                    place.divider() ? "divider" : "content",
                    x,
                    y,
                    place.length().mm(),
                    place.width().mm());
            if (!place.divider() && named.add(place.name())) {
                d.note(
                        x + place.length().mm() / 2,
                        y + place.width().mm() * 0.3,
                        place.name(),
                        "content-name",
                        "middle",
                        null);
            }
        }
        d.across(te, length - te, width - t, Side.ABOVE, 0, box.insideLength());
        d.upright(te, t, width - t, Side.LEFT, 1, box.insideWidth());
    }

    static void wallsFromAbove(Drawing d, double length, double width, double t, double te) {
        double safe = Math.min(t, width / 2);
        double safeEnd = Math.min(te, length / 2);
        d.rect("wall-end-on-side", 0, width - safe, length, safe, "A");
        d.rect("wall-end-on-side", 0, 0, length, safe, "C");
        d.rect("wall-end-on-end", length - safeEnd, safe, safeEnd, width - 2 * safe, "B");
        d.rect("wall-end-on-end", 0, safe, safeEnd, width - 2 * safe, "D");
    }

    /** A side seen from outside, its reference edge down, the mates' finger ends in its slots. */
    private static void elevation(Drawing d, WorkedPlan worked, double x, double y, double length, double proud) {
        Joint joint = worked.fingers().joint();
        double height = joint.wall().mm();
        double bottom = y + height;
        double t = worked.size().finalEndThickness().length().mm();
        d.rect("side-grain", x, y, length, height, "A");
        for (int end = 1; end <= 2; end++) {
            for (Span span : joint.slots(new PartEnd(Part.A, end))) {
                double from = span.from().mm();
                double to = span.to().mm();
                d.rect("end-grain", end == 1 ? x : x + length - t, bottom - to, t, to - from);
            }
        }
        d.line("reference-edge", x - proud, bottom, x + length + proud, bottom);
        PartDrawing.groovesAcross(d, worked, x, bottom, length);
        contentsBehind(d, worked, x, bottom);
        lowWall(d, worked, x, y, length, bottom);
    }

    /** What goes in, seen through the wall: it stands on the bottom panel. */
    private static void contentsBehind(Drawing d, WorkedPlan worked, double x, double bottom) {
        double floor = worked.walls().floorHeight().mm();
        double left = x + worked.size().finalEndThickness().length().mm();
        for (SizedBox.Place place : worked.size().contents()) {
            if (!place.divider()) {
                d.rect(
                        "content-hidden",
                        left + place.along().mm(),
                        bottom - floor - place.height().mm(),
                        place.length().mm(),
                        place.height().mm());
            }
        }
    }

    /** Where the lower walls end; the front B is drawn at the right, the back D at the left. */
    private static void lowWall(Drawing d, WorkedPlan worked, double x, double top, double length, double bottom) {
        LowWalls low = worked.walls().low();
        if (low == null) {
            return;
        }
        double y = bottom
                - worked.fingers().joint().top(low.parts().iterator().next()).mm();
        if (y <= top) {
            return;
        }
        double t = worked.size().finalEndThickness().length().mm();
        if (low.sloped()) {
            d.shape("cut-away", null, x, top, x + length, top, x + length, y);
        } else {
            if (low.parts().contains(Part.B)) {
                d.line("lid-line", x + length - t, y, x + length, y);
            }
            if (low.parts().contains(Part.D)) {
                d.line("lid-line", x, y, x + t, y);
            }
        }
        d.upright(x + length, y, bottom, Side.RIGHT, 1, low.line());
    }

    /** The four walls laid out in the order they go round, reference edges down. */
    public static Figure unfolded(WorkedPlan worked) {
        SizedBox box = worked.size();
        Drawing d = new Drawing(
                "unfolded",
                "The four walls unfolded, outsides up",
                worked.plan().display());
        double height = worked.fingers().wall().length().mm();
        double side = box.sideLength().length().mm();
        double end = box.endLength().length().mm();
        double gap = Math.max(side, end) * 0.05;
        double x = 0;
        for (Part part : Part.values()) {
            double length = part.isSide() ? side : end;
            PartDrawing.part(d, worked, part, x, length);
            d.across(x, x + length, height, Side.BELOW, 0, part.isSide() ? box.sideLength() : box.endLength());
            d.note(x + length / 2, height / 2, part.name(), "pencil", "middle", null);
            x += length + gap;
        }
        return d.done();
    }
}
