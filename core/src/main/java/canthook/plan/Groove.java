package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;

/**
 * A groove along the inside of the walls.
 *
 * @param width across the groove
 * @param depth into the wall
 * @param offset of its lower edge above the wall's bottom edge
 */
public record Groove(Length width, Length depth, Length offset) {
    public static final Bounds WIDTH = new Bounds("Groove width", Length.mm(0.5), Length.mm(100));

    public static final Bounds DEPTH = new Bounds("Groove depth", Length.mm(0.5), Length.mm(200));

    public static final Bounds OFFSET = new Bounds("Groove's lower edge", Length.ZERO, Length.mm(1500));

    public Groove {
        WIDTH.check("width", width);
        DEPTH.check("depth", depth);
        OFFSET.check("offset", offset);
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
