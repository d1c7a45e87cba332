package canthook.figure;

import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.lid.LidOnTop;
import canthook.lid.SawnOffLid;
import canthook.lid.WorkedLid;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import canthook.walls.LowWalls;

/** The box on the shelf, seen from above a corner. */
public final class StandingFigure {
    private StandingFigure() {}

    /** The box on the shelf, seen from above a corner: fingers, end grain, lid line where they really are. */
    public static Figure of(WorkedPlan worked) {
        SizedBox box = worked.size();
        Joint joint = worked.fingers().joint();
        Drawing d = new Drawing("standing", worked.plan().name(), worked.plan().display());
        double length = box.outsideLength().length().mm();
        double width = box.outsideWidth().length().mm();
        double height = joint.wall().mm();
        double t = Math.min(box.finalThickness().length().mm(), Math.min(length, width) / 2);
        double dx = 0.5 * width;
        double dy = 0.38 * width;
        LowWalls low = worked.walls().low();
        double off = Math.max(0, joint.wall().minus(joint.top(Part.B)).mm());
        double slope = low != null && low.sloped() ? off : 0;
        d.shape("standing-top", null, 0, 0, length, slope, length + dx, slope - dy, dx, -dy);
        double ix = 0.5 * t;
        double iy = 0.38 * t;
        d.shape(
                "standing-inside",
                null,
                t + ix,
                -iy,
                length - t + ix,
                slope - iy,
                length - t + dx - ix,
                slope - dy + iy,
                t + dx - ix,
                -dy + iy);
        contents(d, box, length, width, t, dx / width, dy / width, slope);
        d.shape("side-grain", null, 0, 0, length, slope, length, height, 0, height);
        d.shape("standing-end", null, length, off, length + dx, off - dy, length + dx, height - dy, length, height);
        if (off > slope) {
            d.shape("standing-inside", null, length, 0, length + dx, -dy, length + dx, off - dy, length, off);
        }
        for (int end = 1; end <= 2; end++) {
            for (Span span : joint.slots(new PartEnd(Part.A, end))) {
                double to = height - span.to().mm();
                d.rect(
                        "end-grain",
                        end == 1 ? 0 : length - t,
                        to,
                        t,
                        span.width().mm());
            }
        }
        for (int end = 1; end <= 2; end++) {
            double bx = end == 1 ? 0 : dx;
            double by = end == 1 ? 0 : -dy;
            double inX = end == 1 ? ix : -ix;
            double inY = end == 1 ? -iy : iy;
            for (Span span : joint.slots(new PartEnd(Part.B, end))) {
                double from = height - span.from().mm();
                double to = height - span.to().mm();
                d.shape(
                        "standing-end-grain",
                        null,
                        length + bx,
                        from + by,
                        length + bx + inX,
                        from + by + inY,
                        length + bx + inX,
                        to + by + inY,
                        length + bx,
                        to + by);
            }
        }
        if (low != null && low.by() == LowWalls.By.LID) {
            d.shape("lid-line", null, length, off, length + dx, off - dy);
        }
        lid(d, worked, length, width, height, t, slope);
        return d.done();
    }

    /** A lid that closes the box: its top panel and the seam, or the panel that lies on the walls. A sliding one shows by its line. */
    private static void lid(
            Drawing d, WorkedPlan worked, double length, double width, double height, double t, double slope) {
        if (slope > 0) {
            return;
        }
        worked.lid()
                .<Runnable>fold(new WorkedLid.Kinds<>(
                        none -> () -> {},
                        sliding -> () -> {},
                        sawn -> () -> sawn(d, sawn, length, width, height, t),
                        onTop -> () -> onTop(d, onTop, length, width)))
                .run();
    }

    private static void sawn(Drawing d, SawnOffLid lid, double length, double width, double height, double t) {
        double dx = 0.5 * width;
        double dy = 0.38 * width;
        double ix = 0.5 * t;
        double iy = 0.38 * t;
        d.shape(
                "standing-lid",
                null,
                t + ix,
                -iy,
                length - t + ix,
                -iy,
                length - t + dx - ix,
                -dy + iy,
                t + dx - ix,
                -dy + iy);
        double seam = height - lid.seamAt().length().mm();
        d.line("lid-line", 0, seam, length, seam);
        d.line("lid-line", length, seam, length + dx, seam - dy);
    }

    private static void onTop(Drawing d, LidOnTop lid, double length, double width) {
        double over = lid.choice().overhang().mm();
        double thick = lid.thickness().length().mm();
        double back = lid.hinges() == null ? over : 0;
        double x = -over - 0.5 * back;
        double y = 0.38 * back;
        double wide = length + 2 * over;
        double deep = width + over + back;
        double dx = 0.5 * deep;
        double dy = 0.38 * deep;
        d.rect("standing-lid-side", x, y - thick, wide, thick);
        d.shape(
                "standing-lid-side",
                null,
                x + wide,
                y - thick,
                x + wide + dx,
                y - thick - dy,
                x + wide + dx,
                y - dy,
                x + wide,
                y);
        d.shape(
                "standing-lid",
                null,
                x,
                y - thick,
                x + wide,
                y - thick,
                x + wide + dx,
                y - thick - dy,
                x + dx,
                y - thick - dy);
        if (lid.ends() != null) {
            double end = lid.ends().width().length().mm();
            for (double at : new double[] {x + end, x + wide - end}) {
                d.line("lid-line", at, y - thick, at + dx, y - thick - dy);
            }
        }
    }

    /** What goes in, seen from above at the rim. */
    private static void contents(
            Drawing d, SizedBox box, double length, double width, double t, double along, double up, double slope) {
        double te = Math.min(box.finalEndThickness().length().mm(), length / 2);
        for (SizedBox.Place place : box.contents()) {
            double left = te + place.along().mm();
            double right = left + place.length().mm();
            double back = width - t - place.across().mm();
            double front = back - place.width().mm();
            double fall = slope / length;
            d.shape(
                    place.divider() ? "divider" : "content",
                    null,
                    left + front * along,
                    left * fall - front * up,
                    right + front * along,
                    right * fall - front * up,
                    right + back * along,
                    right * fall - back * up,
                    left + back * along,
                    left * fall - back * up);
        }
    }
}
