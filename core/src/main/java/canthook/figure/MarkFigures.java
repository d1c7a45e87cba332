package canthook.figure;

import canthook.fingers.Joint;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import canthook.walls.LowWalls;
import java.util.List;

/** The parts with their pencil marks, and what a turned part looks like. */
public final class MarkFigures {
    /** More sections than this are too fine to be told apart in the turned picture. */
    private static final int MOST_TURNED = 62;

    private MarkFigures() {}

    /**
     * The four parts opened like a book, as they are marked before the first cut: letters on the outside, numbers where ends meet,
     * the reference edge with its hook. A2 lies beside B1, B2 beside C1, C2 beside D1; D2 comes round to A1.
     */
    public static Figure marked(WorkedPlan worked) {
        SizedBox box = worked.size();
        Joint joint = worked.fingers().joint();
        Drawing d = new Drawing(
                "marked",
                "The four parts opened like a book, outsides up, with their pencil marks",
                worked.plan().display());
        double height = joint.wall().mm();
        double side = box.sideLength().length().mm();
        double end = box.endLength().length().mm();
        double gap = Math.max(side, end) * 0.07;
        double x = 0;
        for (Part part : Part.values()) {
            double length = part.isSide() ? side : end;
            double depth = PartDrawing.depth(box, part, length);
            PartDrawing.part(d, worked, part, x, length);
            PartDrawing.groovesOf(d, worked, part, x, height, length);
            double hook = Math.min(height, length) * 0.09;
            double middle = x + length / 2;
            d.line("pencil", middle - hook, height - hook * 1.2, middle, height - hook * 0.2);
            d.line("pencil", middle, height - hook * 0.2, middle + hook, height - hook * 1.2);
            d.note(middle, height / 2, part.name(), "pencil", "middle", null);
            double inset = depth + length * 0.06;
            double top = height - joint.top(part).mm();
            for (int at = 1; at <= 2; at++) {
                PartEnd here = new PartEnd(part, at);
                d.note(
                        at == 1 ? x + inset : x + length - inset,
                        top + (height - top) * 0.22,
                        String.valueOf(joint.corner(here).number()),
                        "corner",
                        "middle",
                        null);
                d.note(
                        at == 1 ? x : x + length,
                        height + hook * 1.9 + height * 0.05,
                        here.toString(),
                        "quiet",
                        at == 1 ? "start" : "end",
                        null);
            }
            LowWalls low = worked.walls().low();
            if (low != null && low.parts().contains(part) && top > 0) {
                d.note(
                        middle,
                        -height * 0.07,
                        (low.by() == LowWalls.By.LID ? "lid line " : "ends at ")
                                + low.line().number(worked.plan().display()),
                        "cut",
                        "middle",
                        low.line());
            }
            x += length + gap;
        }
        d.reach(0, height * 1.12);
        if (worked.walls().low() != null) {
            d.reach(0, -height * 0.16);
        }
        return d.done();
    }

    /**
     * If it looks like this: A2 and B1 as they should meet; B turned in its plane, which closes without complaint and puts only the
     * groove wrong; B inside out, which closes with an odd count and jams with an even one. Of very many sections a piece of the wall
     * is shown, sawn after the sixty-first or sixty-second, which reads like the whole.
     */
    public static Figure turned(WorkedPlan worked) {
        Layout layout = worked.fingers().joint().layout();
        int sections = worked.fingers().chosen().sections().count();
        int shown = Math.min(sections, sections % 2 == 0 ? MOST_TURNED : MOST_TURNED - 1);
        double height =
                shown == sections ? layout.height().mm() : layout.pitch().mm() / 2 * shown;
        Drawing d = new Drawing(
                "turned",
                "As it should meet, and as it looks when a part is turned"
                        + (shown == sections ? "" : ": the first " + shown + " of " + sections + " sections"),
                worked.plan().display());
        double wide = height * 0.42;
        double deep = Math.min(worked.size().slotDepth().length().mm(), wide * 0.5);
        double groove = worked.walls()
                .groove("bottom")
                .map(g -> g.groove().offset().mm())
                .orElse(-1.0);
        String[] words = {
            "as it should be",
            "upside down: groove at top",
            layout.isEven() ? "inside out: finger on finger" : "inside out: marks inside"
        };
        for (int view = 0; view < 3; view++) {
            double x = view * wide * 4.9;
            d.rect("side-grain", x, 0, wide, height, "A");
            ends(d, layout.slots(layout.isFingerFirst(new PartEnd(Part.A, 2))), x + wide - deep, deep, height, false);
            d.line("reference-edge", x, height, x + wide, height);
            double bx = x + wide + deep * 0.8;
            d.rect("mate-up", bx, 0, wide, height, "B");
            boolean up = view == 1;
            boolean fingerFirst = layout.isFingerFirst(new PartEnd(Part.B, view == 0 ? 1 : 2));
            ends(d, layout.slots(fingerFirst), bx, deep, height, up);
            double edge = up ? 0 : height;
            d.line("reference-edge", bx, edge, bx + wide, edge);
            if (groove >= 0 && groove < height) {
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
}
