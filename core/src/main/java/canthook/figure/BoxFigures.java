package canthook.figure;

import canthook.cutlist.CutList;
import canthook.figure.Figure.Side;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.LowEnds;
import canthook.plan.BottomChoice;
import canthook.plan.Groove;
import canthook.plan.LidChoice;
import canthook.plan.Lowered;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The box itself: in plan and elevation, unfolded, and standing on the shelf. */
public final class BoxFigures {
    private BoxFigures() {}

    /** Plan above, front elevation below it, at one scale, with the dimensions that decide them. */
    public static Figure size(WorkedPlan worked) {
        SizedBox box = worked.size();
        Drawing d = new Drawing(
                "size",
                "The box from above, and from the side below it",
                worked.plan().display());
        double length = box.outsideLength().length().mm();
        double width = box.outsideWidth().length().mm();
        double height = box.height().length().mm();
        double t = box.finalThickness().length().mm();
        double proud = box.proud().length().mm();
        double gap = Math.max(length, width) * 0.11;
        double te = box.finalEndThickness().length().mm();
        wallsFromAbove(d, length, width, t, te);
        if (box.hasInside()) {
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
                            shortened(place, worked),
                            "content-name",
                            "middle",
                            null);
                }
            }
            d.across(te, length - te, width - t, Side.ABOVE, 0, box.insideLength());
            d.upright(te, t, width - t, Side.RIGHT, 0, box.insideWidth());
        }
        d.across(0, length, 0, Side.ABOVE, 1, box.outsideLength());
        d.upright(0, 0, width, Side.LEFT, 0, box.outsideWidth());
        double in = 0.07 * width;
        d.note(length / 2, width - t - in * 0.6, "A", "pencil", "middle", null);
        d.note(length / 2, t + in * 1.5, "C", "pencil", "middle", null);
        d.note(length - te - in, width / 2, "B", "pencil", "middle", null);
        d.note(te + in, width / 2, "D", "pencil", "middle", null);
        double y = width + gap;
        elevation(d, worked, 0, y, length, proud);
        d.upright(0, y, y + height, Side.LEFT, 0, box.height());
        d.across(-proud, length + proud, y + height, Side.BELOW, 0, box.sideLength());
        return d.done();
    }

    /** As much of the name as its place has room for. */
    private static String shortened(SizedBox.Place place, WorkedPlan worked) {
        double share =
                place.length().mm() / worked.size().outsideLength().length().mm();
        int letters = Math.max(3, (int) (share * 30));
        return place.name().length() <= letters
                ? place.name()
                : place.name().substring(0, letters - 1).strip() + "…";
    }

    private static void wallsFromAbove(Drawing d, double length, double width, double t, double te) {
        double safe = Math.min(t, width / 2);
        double safeEnd = Math.min(te, length / 2);
        d.rect("wall-end-on-side", 0, width - safe, length, safe, "A");
        d.rect("wall-end-on-side", 0, 0, length, safe, "C");
        d.rect("wall-end-on-end", length - safeEnd, safe, safeEnd, width - 2 * safe, "B");
        d.rect("wall-end-on-end", 0, safe, safeEnd, width - 2 * safe, "D");
    }

    /** A side seen from outside, its reference edge down, the mate's finger ends in its slots. */
    private static void elevation(Drawing d, WorkedPlan worked, double x, double y, double length, double proud) {
        SizedBox box = worked.size();
        Layout layout = worked.fingers().chosen().layout();
        double height = layout.height().mm();
        double bottom = y + height;
        double t = box.finalEndThickness().length().mm();
        d.rect("side-grain", x, y, length, height, "A");
        for (Span span : layout.fingerFirstSlots()) {
            double from = span.from().mm();
            double to = Math.min(span.to().mm(), height);
            d.rect("end-grain", x, bottom - to, t, to - from);
            d.rect("end-grain", x + length - t, bottom - to, t, to - from);
        }
        d.line("reference-edge", x - proud, bottom, x + length + proud, bottom);
        grooveAcross(d, worked, x, bottom, length);
        contentsBehind(d, worked, x, bottom);
        lowWall(d, worked, x, y, length, bottom);
    }

    /** What goes in, seen through the wall: it stands on the bottom panel. */
    private static void contentsBehind(Drawing d, WorkedPlan worked, double x, double bottom) {
        double floor = worked.plan().bottom().floor().mm();
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

    /** Where the lower walls end; the front is drawn at the right. */
    private static void lowWall(Drawing d, WorkedPlan worked, double x, double top, double length, double bottom) {
        LowEnds low = worked.fingers().low();
        if (low == null
                || !low.height()
                        .length()
                        .isUnder(worked.fingers().chosen().layout().height())) {
            return;
        }
        double y = bottom - low.height().length().mm();
        double t = worked.size().finalEndThickness().length().mm();
        if (low.which() == Lowered.Which.SLOPED) {
            d.shape("cut-away", null, x, top, x + length, top, x + length, y);
        } else {
            d.rect("cut-away", x + length - t, top, t, y - top);
            if (low.which() == Lowered.Which.BOTH_ENDS) {
                d.rect("cut-away", x, top, t, y - top);
            }
        }
        d.upright(x + length, y, bottom, Side.RIGHT, 0, low.height());
    }

    private static void grooveAcross(Drawing d, WorkedPlan worked, double x, double bottom, double length) {
        if (worked.plan().bottom().kind() != BottomChoice.Kind.NONE) {
            hidden(d, worked.plan().bottom().groove(), x, bottom, length, "bottom-groove");
        }
        if (worked.plan().lid().kind() != LidChoice.Kind.NONE) {
            hidden(d, worked.plan().lid().groove(), x, bottom, length, "lid-groove");
        }
    }

    private static void hidden(Drawing d, Groove groove, double x, double bottom, double length, String role) {
        double lower = bottom - groove.offset().mm();
        double upper = bottom - groove.top().mm();
        d.line(role + "-hidden", x, lower, x + length, lower);
        d.line(role + "-hidden", x, upper, x + length, upper);
    }

    /** The four walls laid out in the order they go round, reference edges down. */
    public static Figure unfolded(WorkedPlan worked) {
        SizedBox box = worked.size();
        Layout layout = worked.fingers().chosen().layout();
        Drawing d = new Drawing(
                "unfolded",
                "The four walls unfolded, outsides up",
                worked.plan().display());
        double height = layout.height().mm();
        double depth = box.slotDepth().length().mm();
        double endDepth = box.endSlotDepth().length().mm();
        double side = box.sideLength().length().mm();
        double end = box.endLength().length().mm();
        double gap = Math.max(side, end) * 0.05;
        double x = 0;
        String[] names = {"A", "B", "C", "D"};
        for (int i = 0; i < 4; i++) {
            boolean isSide = i % 2 == 0;
            double length = isSide ? side : end;
            part(d, layout, names[i], x, length, height, Math.min(isSide ? depth : endDepth, length / 2));
            cutAway(d, worked, i, x, length, height);
            d.across(x, x + length, height, Side.BELOW, 0, isSide ? box.sideLength() : box.endLength());
            d.note(x + length / 2, height / 2, names[i], "pencil", "middle", null);
            x += length + gap;
        }
        return d.done();
    }

    /** What a lower wall loses: B is the front, A and C slope down to it, D is the back. */
    private static void cutAway(Drawing d, WorkedPlan worked, int part, double x, double length, double height) {
        LowEnds low = worked.fingers().low();
        double off = low == null ? 0 : height - low.height().length().mm();
        if (low == null || off <= 0) {
            return;
        }
        boolean end = part % 2 == 1;
        if (part == 1 || (end && low.which() == Lowered.Which.BOTH_ENDS)) {
            d.rect("cut-away", x, 0, length, off);
        } else if (!end && low.which() == Lowered.Which.SLOPED) {
            double front = part == 0 ? x + length : x;
            d.shape("cut-away", null, x, 0, x + length, 0, front, off);
        }
    }

    private static void part(
            Drawing d, Layout layout, String name, double x, double length, double height, double depth) {
        d.rect("side-grain", x, 0, length, height, name);
        for (int end = 1; end <= 2; end++) {
            for (Span span : layout.slots(layout.isFingerFirst(name, end))) {
                double from = Math.max(0, span.from().mm());
                double to = Math.min(span.to().mm(), height);
                if (to > from) {
                    d.rect("slot", end == 1 ? x : x + length - depth, height - to, depth, to - from);
                }
            }
        }
        d.line("reference-edge", x, height, x + length, height);
    }

    /**
     * The four parts opened like a book, as they are marked before the first cut: letters on the outside, numbers where ends meet,
     * the reference edge with its hook. A2 lies beside B1, B2 beside C1, C2 beside D1; D2 comes round to A1.
     */
    public static Figure marked(WorkedPlan worked) {
        Layout layout = worked.jig().layout(worked.fingers());
        SizedBox box = worked.size();
        Drawing d = new Drawing(
                "marked",
                "The four parts opened like a book, outsides up, with their pencil marks",
                worked.plan().display());
        double height = layout.height().mm();
        double side = box.sideLength().length().mm();
        double end = box.endLength().length().mm();
        double gap = Math.max(side, end) * 0.07;
        double x = 0;
        List<CutList.Meeting> meetings = worked.cuts().meetings();
        for (int i = 0; i < 4; i++) {
            boolean isSide = i % 2 == 0;
            double length = isSide ? side : end;
            String name = String.valueOf((char) ('A' + i));
            double depth = Math.min(
                    (isSide ? box.slotDepth() : box.endSlotDepth()).length().mm(), length / 2);
            part(d, layout, name, x, length, height, depth);
            cutAway(d, worked, i, x, length, height);
            grooveAcross(d, worked, x, height, length);
            double hook = Math.min(height, length) * 0.09;
            double middle = x + length / 2;
            d.line("pencil", middle - hook, height - hook * 1.2, middle, height - hook * 0.2);
            d.line("pencil", middle, height - hook * 0.2, middle + hook, height - hook * 1.2);
            d.note(middle, height / 2, name, "pencil", "middle", null);
            int left = meetings.get((i + 3) % 4).number();
            int right = meetings.get(i).number();
            double inset = depth + length * 0.06;
            d.note(x + inset, height * 0.22, String.valueOf(left), "corner", "middle", null);
            d.note(x + length - inset, height * 0.22, String.valueOf(right), "corner", "middle", null);
            for (int at = 1; at <= 2; at++) {
                d.note(
                        at == 1 ? x : x + length,
                        height + hook * 1.9 + height * 0.05,
                        name + at,
                        "quiet",
                        at == 1 ? "start" : "end",
                        null);
            }
            x += length + gap;
        }
        d.reach(0, height * 1.12);
        return d.done();
    }

    /**
     * If it looks like this: A2 and B1 as they should meet; B turned in its plane, which closes without complaint and puts only the
     * groove wrong; B inside out, which closes with an odd count and jams with an even one.
     */
    public static Figure turned(WorkedPlan worked) {
        Layout layout = worked.jig().layout(worked.fingers());
        Drawing d = new Drawing(
                "turned",
                "As it should meet, and as it looks when a part is turned",
                worked.plan().display());
        double height = layout.height().mm();
        double wide = height * 0.42;
        double deep = Math.min(worked.size().slotDepth().length().mm(), wide * 0.5);
        double groove = worked.plan().bottom().kind() == BottomChoice.Kind.NONE
                ? -1
                : worked.plan().bottom().groove().offset().mm();
        String[] words = {
            "as it should be",
            "end for end: closes, groove wrong",
            layout.isEven() ? "inside out: finger on finger" : "inside out: marks inside"
        };
        for (int view = 0; view < 3; view++) {
            double x = view * wide * 4.9;
            d.rect("side-grain", x, 0, wide, height, "A");
            ends(d, layout.slots(layout.isFingerFirst("A", 2)), x + wide - deep, deep, height, false);
            d.line("reference-edge", x, height, x + wide, height);
            double bx = x + wide + deep * 0.8;
            d.rect("mate-up", bx, 0, wide, height, "B");
            boolean up = view == 1;
            boolean fingerFirst = layout.isFingerFirst("B", view == 0 ? 1 : 2);
            ends(d, layout.slots(fingerFirst), bx, deep, height, up);
            double edge = up ? 0 : height;
            d.line("reference-edge", bx, edge, bx + wide, edge);
            if (groove >= 0) {
                d.line("bottom-groove-hidden", x, height - groove, x + wide, height - groove);
                double at = up ? groove : height - groove;
                d.line("bottom-groove-hidden", bx, at, bx + wide, at);
            }
            d.note(x + wide * 0.4, height / 2, "A", "pencil", "middle", null);
            if (view != 2) {
                d.note(bx + wide * 0.65, height / 2, "B", "pencil", "middle", null);
            }
            d.note(x, height * 1.14, words[view], view == 0 ? "quiet" : "cut", "start", null);
        }
        d.reach(wide * 13.4, height * 1.18);
        return d.done();
    }

    private static void ends(Drawing d, List<Span> slots, double x, double deep, double height, boolean upsideDown) {
        for (Span span : slots) {
            double from = Math.max(0, span.from().mm());
            double to = Math.min(height, span.to().mm());
            if (to > from) {
                d.rect("slot", x, upsideDown ? from : height - to, deep, to - from);
            }
        }
    }

    /**
     * Corner templates at 1:1: the end of a finger-first and of a slot-first part, seen on their outside face, waste hatched, depth to
     * the line. Laid on the wood they show where every saw line goes.
     */
    public static Figure templates(WorkedPlan worked) {
        Layout layout = worked.jig().layout(worked.fingers());
        Drawing d = new Drawing("templates", "Corner templates", worked.plan().display());
        double height = layout.height().mm();
        double depth = worked.size().slotDepth().length().mm();
        double other = worked.size().endSlotDepth().length().mm();
        double y = 0;
        for (boolean fingerFirst : new boolean[] {true, false}) {
            double deep = layout.isEven() || fingerFirst ? depth : other;
            d.rect("outline", 0, y, height, deep);
            for (Span span : layout.slots(fingerFirst)) {
                double from = Math.max(0, span.from().mm());
                double to = Math.min(height, span.to().mm());
                if (to > from) {
                    d.rect("waste", from, y, to - from, deep);
                }
            }
            d.line("reference-edge", 0, y - 3, 0, y + deep + 3);
            d.note(0, y - 4, fingerFirst ? "finger-first end" : "slot-first end", "quiet", "start", null);
            y += deep + 16;
        }
        return d.done();
    }

    /** The box on the shelf, seen from above a corner: fingers, end grain, lid line where they really are. */
    public static Figure standing(WorkedPlan worked) {
        SizedBox box = worked.size();
        Layout layout = worked.fingers().chosen().layout();
        Drawing d = new Drawing("standing", worked.plan().name(), worked.plan().display());
        double length = box.outsideLength().length().mm();
        double width = box.outsideWidth().length().mm();
        double height = layout.height().mm();
        double t = Math.min(box.finalThickness().length().mm(), Math.min(length, width) / 2);
        double dx = 0.5 * width;
        double dy = 0.38 * width;
        LowEnds low = worked.fingers().low();
        double off =
                low == null ? 0 : Math.max(0, height - low.height().length().mm());
        double slope = low != null && low.which() == Lowered.Which.SLOPED ? off : 0;
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
        d.shape("side-grain", null, 0, 0, length, slope, length, height, 0, height);
        d.shape("standing-end", null, length, off, length + dx, off - dy, length + dx, height - dy, length, height);
        if (off > slope) {
            d.shape("standing-inside", null, length, 0, length + dx, -dy, length + dx, off - dy, length, off);
        }
        for (Span span : layout.slots(layout.isFingerFirst("A", 2))) {
            double from = height - Math.max(0, span.from().mm());
            double to = height - Math.min(span.to().mm(), height);
            if (from > off) {
                d.rect("end-grain", length - t, Math.max(to, off), t, from - Math.max(to, off));
            }
        }
        for (Span span : layout.slots(layout.isFingerFirst("A", 1))) {
            double from = height - Math.max(0, span.from().mm());
            double to = height - Math.min(span.to().mm(), height);
            if (low == null || low.which() != Lowered.Which.BOTH_ENDS || from > off) {
                double upTo = low != null && low.which() == Lowered.Which.BOTH_ENDS ? Math.max(to, off) : to;
                d.rect("end-grain", 0, upTo, t, from - upTo);
            }
        }
        for (int end = 1; end <= 2; end++) {
            double bx = end == 1 ? 0 : dx;
            double by = end == 1 ? 0 : -dy;
            double inX = end == 1 ? ix : -ix;
            double inY = end == 1 ? -iy : iy;
            for (Span span : layout.slots(layout.isFingerFirst("B", end))) {
                double from = height - Math.max(0, span.from().mm());
                double to = Math.max(off, height - Math.min(span.to().mm(), height));
                if (from > off) {
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
        }
        if (worked.lid().lidLine() != null) {
            double y = height - worked.lid().lidLine().length().mm();
            d.shape("lid-line", null, length, y, length + dx, y - dy);
        }
        return d.done();
    }
}
