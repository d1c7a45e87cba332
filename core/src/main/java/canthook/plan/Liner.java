package canthook.plan;

import canthook.length.Length;
import canthook.length.LengthUnit;
import canthook.refusal.Bounds;

/**
 * A thin frame inside a box, over which its lid goes.
 *
 * @param thickness of its stuff
 * @param over how far it stands over the box's edge
 */
public record Liner(Length thickness, Length over) {
    public static final Bounds THICKNESS = new Bounds("Liner's thickness", Length.mm(1), Length.mm(20));
    public static final Bounds OVER = new Bounds("Liner over the edge", Length.mm(1), Length.mm(100));

    public static final Liner USUAL = new Liner(Length.mm(4), Length.mm(8));

    /** As it is usual where this is measured in. */
    public static Liner usual(LengthUnit unit) {
        return new Liner(unit.usual(USUAL.thickness.mm()), unit.usual(USUAL.over.mm()));
    }

    public Liner {
        THICKNESS.check("thickness", thickness);
        OVER.check("over", over);
    }

    public Liner withOver(Length changed) {
        return new Liner(thickness, changed);
    }
}
