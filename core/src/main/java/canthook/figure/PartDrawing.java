package canthook.figure;

import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import canthook.walls.GrooveAsked;
import canthook.walls.LowWalls;

/** One part lying with its outside up and its reference edge down, as it is cut: slots of both ends, what a lower wall loses. */
final class PartDrawing {
    private PartDrawing() {}

    /** Draws a part with its left end at x; its top is at y = 0, its reference edge at the height of the full wall. */
    static void part(Drawing d, WorkedPlan worked, Part part, double x, double length) {
        Joint joint = worked.fingers().joint();
        double height = joint.wall().mm();
        d.rect("side-grain", x, 0, length, height, part.name());
        for (int end = 1; end <= 2; end++) {
            PartEnd at = new PartEnd(part, end);
            double depth = depth(worked.size(), part, length);
            for (Span span : joint.slots(at)) {
                double from = span.from().mm();
                double to = span.to().mm();
                d.rect("slot", end == 1 ? x : x + length - depth, height - to, depth, to - from);
            }
            if (joint.corner(at).isLow()) {
                double line = height - joint.corner(at).height().mm();
                double reach = depth * 1.9;
                double from = end == 1 ? x - depth * 0.4 : x + length - reach + depth * 0.4;
                d.line("stop-line", from, line, from + reach, line);
            }
        }
        cutAway(d, worked, part, x, length);
        d.line("reference-edge", x, height, x + length, height);
    }

    static double depth(SizedBox box, Part part, double length) {
        return Math.min(
                (part.isSide() ? box.slotDepth() : box.endSlotDepth()).length().mm(), length / 2);
    }

    /** What a lower wall loses, and what a sloped side does: where it slopes, A and C run down to B. */
    private static void cutAway(Drawing d, WorkedPlan worked, Part part, double x, double length) {
        LowWalls low = worked.walls().low();
        Joint joint = worked.fingers().joint();
        double off = joint.wall().minus(joint.top(part.isEnd() ? part : Part.B)).mm();
        if (low == null || off <= 0) {
            return;
        }
        if (part.isEnd()) {
            d.rect("cut-away", x, 0, length, off);
        } else if (low.sloped()) {
            double front = part == Part.A ? x + length : x;
            d.shape("cut-away", null, x, 0, x + length, 0, front, off);
        }
    }

    /** Grooves that run through the wall, hidden behind it. */
    static void groovesAcross(Drawing d, WorkedPlan worked, double x, double bottom, double length) {
        for (GrooveAsked groove : worked.walls().grooves()) {
            groove(d, groove, x, bottom, length);
        }
    }

    /** Grooves of one part, hidden on its inside. */
    static void groovesOf(Drawing d, WorkedPlan worked, Part part, double x, double bottom, double length) {
        for (GrooveAsked groove : worked.walls().grooves()) {
            if (groove.parts().contains(part)) {
                groove(d, groove, x, bottom, length);
            }
        }
    }

    private static void groove(Drawing d, GrooveAsked groove, double x, double bottom, double length) {
        double lower = bottom - groove.groove().offset().mm();
        double upper = bottom - groove.groove().top().mm();
        String role = groove.of() + "-groove-hidden";
        d.line(role, x, lower, x + length, lower);
        d.line(role, x, upper, x + length, upper);
    }
}
