package canthook.figure;

import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.length.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * One rung of the ladder: the wall's edge with its mate closed on it. A plain list of edges, because a ladder has many
 * rungs. All in millimetres from the reference edge.
 *
 * @param slots the slots of the finger-first end, from and to in turn
 * @param passes near sides of the passes inside the first slot; none where a slot is not made of passes
 * @param closing where the joint closes
 * @param height wished height; what lies between is ripped off
 */
public record LadderFigure(List<Double> slots, List<Double> passes, double closing, double height) {
    public static LadderFigure of(Rung rung) {
        List<Double> slots = new ArrayList<>();
        double closing = rung.closing().length().mm();
        for (Span span : rung.layout().fingerFirstSlots()) {
            slots.add(three(span.from().mm()));
            slots.add(three(Math.min(span.to().mm(), closing)));
        }
        List<Double> passes = new ArrayList<>();
        List<Length> begin = rung.passesAt();
        // by hand there are none: the slot is sawn at its lines and chopped out
        if (rung.feasible()
                && rung.layout().isEqual()
                && begin.size() == rung.passes().count()) {
            for (Length at : begin) {
                passes.add(three(rung.layout().finger().plus(at).mm()));
            }
        }
        return new LadderFigure(
                slots,
                passes,
                three(closing),
                three(closing + rung.ripOff().length().mm()));
    }

    private static double three(double mm) {
        return Math.round(mm * 1000) / 1000.0;
    }
}
