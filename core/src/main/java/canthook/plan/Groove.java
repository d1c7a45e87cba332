package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Refused;

/**
 * A groove along the inside of the walls.
 *
 * @param width across the groove
 * @param depth into the wall
 * @param offset of its lower edge above the wall's bottom edge
 */
public record Groove(Length width, Length depth, Length offset) {
    public Groove {
        Refused.unlessBetween("width", "Groove width", width, Length.mm(0.5), Length.mm(100));
        Refused.unlessBetween("depth", "Groove depth", depth, Length.mm(0.5), Length.mm(200));
        Refused.unlessBetween("offset", "Groove's lower edge", offset, Length.ZERO, Length.mm(1500));
    }

    public Length top() {
        return offset.plus(width);
    }

    public Groove withOffset(Length newOffset) {
        return new Groove(width, depth, newOffset);
    }

    public Groove withDepth(Length newDepth) {
        return new Groove(width, newDepth, offset);
    }
}
