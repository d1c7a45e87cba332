package canthook.figure;

import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.glue.TrimmedTips;
import canthook.plan.GlueChoice.Edge;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.Optional;

/** What rounded or chamfered edges take of the joint: the face with its outer fingers, and the corner cut through. */
public final class EdgesFigure {
    private static final int ARC = 12;
    /** So many sections are shown from the reference edge up. */
    private static final double SECTIONS = 4.5;

    private EdgesFigure() {}

    /** Part C at its second end, outside towards the reader; empty when the edges stay sharp. */
    public static Optional<Figure> of(WorkedPlan worked) {
        TrimmedTips trim = worked.glue().trim();
        Edge edge = worked.plan().glueUp().edge();
        Worked told = trim.edge();
        if (edge == null || told == null) {
            return Optional.empty();
        }
        Drawing d = new Drawing(
                "edges",
                "What the edges take of the outer fingers",
                worked.plan().display());
        double by = edge.by().mm();
        double mate = worked.size().finalEndThickness().length().mm();
        double wall = worked.size().finalThickness().length().mm();
        Joint joint = worked.fingers().joint();
        PartEnd end = new PartEnd(Part.C, 2);
        double high = Math.min(
                joint.corner(end).height().mm(),
                SECTIONS * worked.fingers().chosen().slot().length().mm());
        double wide = 3 * mate;
        d.rect("side-grain", -wide, -high, wide, high);
        for (Span slot : joint.slots(end)) {
            double from = Math.min(high, slot.from().mm());
            double to = Math.min(high, slot.to().mm());
            if (to > from) {
                d.rect("end-grain", -mate, -to, mate, to - from);
            }
        }
        // what goes is drawn over what is there: along the corner, and along the reference edge
        d.rect("waste", -by, -high, by, high - by, "glue.edge");
        d.rect("waste", -wide, -by, wide, by, "glue.edge");
        d.line("ground", -wide, 0, 0, 0);
        d.note(-wide, wall * 0.9, "face of C", "quiet", "start", null);
        section(d, edge, mate * 1.5, wall, mate, told);
        return Optional.of(d.done());
    }

    /** The corner cut through at a finger of C; its outside to the right and below. */
    private static void section(Drawing d, Edge edge, double x, double wall, double mate, Worked told) {
        double by = edge.by().mm();
        double right = x + 2.6 * mate;
        d.rect("end-grain", right - mate, -2.4 * wall, mate, 1.4 * wall);
        d.rect("side-grain", x, -wall, right - x, wall);
        double[] off = new double[2 * (ARC + 2)];
        int at = 0;
        off[at++] = right;
        off[at++] = 0;
        for (int i = 0; i <= ARC; i++) {
            double part = i / (double) ARC;
            double turn = Math.PI / 2 * part;
            boolean round = switch (edge.shape()) {
                case ROUND -> true;
                case CHAMFER -> false;
            };
            off[at++] = right - by + by * (round ? Math.sin(turn) : part);
            off[at++] = -by + by * (round ? Math.cos(turn) : 1 - part);
        }
        d.shape("waste", "glue.edge", off);
        d.note(right + mate * 0.25, -by / 2, edge.shape().words(), "quiet", "start", told);
        d.reach(right + mate * 2.4, 0);
        d.note(x, wall * 0.9, "the corner cut through", "quiet", "start", null);
    }
}
