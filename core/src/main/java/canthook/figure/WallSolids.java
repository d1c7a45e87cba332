package canthook.figure;

import canthook.figure.Solid.Side;
import canthook.figure.Solid.Stroke;
import canthook.figure.WholeBox.State;
import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.lid.SawnOffLid;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.walls.GrooveAsked;
import canthook.walls.LowWalls;
import java.util.ArrayList;
import java.util.List;

/**
 * The four walls as blocks: a middle, and every finger at both ends. Sizes in millimetres, as the box stands finished.
 *
 * @param side thickness of A and C
 * @param end thickness of B and D
 */
record WallSolids(WorkedPlan worked, State state, double length, double width, double side, double end, double wall) {

    /** A wall as it stands in the glued-up box: its middle, and its fingers at both ends. */
    List<Solid> blocks(Part part) {
        Joint joint = worked.fingers().joint();
        boolean along = part.isSide();
        double top = joint.top(part).mm();
        double fall = along ? fall() : 0;
        double mate = along ? end : side;
        double run = along ? length : width;
        int axis = along ? 0 : 1;
        List<Solid> blocks = new ArrayList<>();
        Side lowSide = along ? Side.LEFT : Side.BACK;
        Side highSide = along ? Side.RIGHT : Side.FRONT;
        Solid middle = Solid.of(
                        "wall",
                        axis,
                        along ? end : part == Part.B ? length - end : 0,
                        along ? length - end : part == Part.B ? length : end,
                        along ? (part == Part.A ? 0 : width - side) : side,
                        along ? (part == Part.A ? side : width) : width - side,
                        0,
                        top - fall * end / length)
                .falling(fall * (length - 2 * end) / length)
                .goingOn(lowSide, highSide);
        List<Stroke> lines = new ArrayList<>(lines(part, middle));
        for (int which = 1; which <= 2; which++) {
            PartEnd at = new PartEnd(part, which);
            boolean lowEnd = isLowEnd(at);
            double from = lowEnd ? 0 : run - mate;
            double highest = along && !lowEnd ? top - fall : top;
            double up = 0;
            for (Span slot : joint.slots(at)) {
                finger(blocks, middle, axis, from, mate, up, slot.from().mm(), lowEnd);
                up = slot.to().mm();
                floor(
                        lines,
                        middle,
                        axis,
                        lowEnd,
                        slot.from().mm(),
                        Math.min(highest, slot.to().mm()));
            }
            finger(blocks, middle, axis, from, mate, up, highest, lowEnd);
        }
        blocks.add(middle.lined(lines));
        return blocks;
    }

    private void finger(
            List<Solid> blocks, Solid of, int axis, double from, double deep, double low, double high, boolean lowEnd) {
        double[] least = of.low().clone();
        double[] most = of.high().clone();
        least[axis] = from;
        most[axis] = from + deep;
        least[2] = low;
        most[2] = high;
        Side base = axis == 0 ? (lowEnd ? Side.RIGHT : Side.LEFT) : lowEnd ? Side.FRONT : Side.BACK;
        if (high - low > 1e-6) {
            blocks.add(new Solid(of.stuff(), of.grain(), least, most, 0, java.util.Set.of(base), List.of()));
        }
    }

    /** The floor of a slot, drawn where the middle of the wall ends in it. */
    private static void floor(List<Stroke> lines, Solid middle, int axis, boolean lowEnd, double from, double to) {
        int thick = 1 - axis;
        double at = lowEnd ? middle.low()[axis] : middle.high()[axis];
        for (boolean far : new boolean[] {false, true}) {
            double face = far ? middle.high()[thick] : middle.low()[thick];
            double[] line = new double[6];
            line[axis] = at;
            line[3 + axis] = at;
            line[thick] = face;
            line[3 + thick] = face;
            line[2] = from;
            line[5] = to;
            lines.add(new Stroke(facing(thick, far), line));
        }
    }

    private static Side facing(int axis, boolean far) {
        return axis == 0 ? (far ? Side.RIGHT : Side.LEFT) : far ? Side.FRONT : Side.BACK;
    }

    /** Grooves on the inner face where it can be seen, the seam on the outer one. */
    private List<Stroke> lines(Part part, Solid middle) {
        List<Stroke> lines = new ArrayList<>();
        int axis = part.isSide() ? 0 : 1;
        int thick = 1 - axis;
        boolean innerIsHigh = part == Part.A || part == Part.D;
        if (state == State.APART) {
            for (GrooveAsked groove : worked.walls().grooves()) {
                if (groove.parts().contains(part)) {
                    along(
                            lines,
                            middle,
                            axis,
                            innerIsHigh,
                            groove.groove().offset().mm());
                    along(
                            lines,
                            middle,
                            axis,
                            innerIsHigh,
                            groove.groove().top().mm());
                }
            }
        }
        if (worked.lid() instanceof SawnOffLid sawn && state == State.CLOSED) {
            double outer = innerIsHigh ? middle.low()[thick] : middle.high()[thick];
            double from = sawn.fence().length().mm();
            double to = from + sawn.kerf().length().mm();
            for (double z : new double[] {from, to}) {
                double[] line = new double[6];
                line[axis] = 0;
                line[3 + axis] = axis == 0 ? length : width;
                line[thick] = outer;
                line[3 + thick] = outer;
                line[2] = z;
                line[5] = z;
                if (z < middle.high()[2]) {
                    lines.add(new Stroke(facing(thick, !innerIsHigh), line));
                }
            }
        }
        return lines;
    }

    private static void along(List<Stroke> lines, Solid middle, int axis, boolean far, double z) {
        int thick = 1 - axis;
        double face = far ? middle.high()[thick] : middle.low()[thick];
        double[] line = new double[6];
        line[axis] = middle.low()[axis];
        line[3 + axis] = middle.high()[axis];
        line[thick] = face;
        line[3 + thick] = face;
        line[2] = z;
        line[5] = z;
        if (z < middle.high()[2]) {
            lines.add(new Stroke(facing(thick, far), line));
        }
    }

    /** A1 and C2 lie at D, A2 and C1 at B; B1 and D2 at A, B2 and D1 at C. */
    private static boolean isLowEnd(PartEnd at) {
        return switch (at.part()) {
            case A, B -> at.end() == 1;
            case C, D -> at.end() == 2;
        };
    }

    /** What the sides fall from D to B. */
    private double fall() {
        LowWalls low = worked.walls().low();
        return low != null && low.sloped()
                ? wall - worked.fingers().joint().top(Part.B).mm()
                : 0;
    }
}
