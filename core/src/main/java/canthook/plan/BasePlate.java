package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;

/**
 * A plate under the box that stands out over its walls, its grain along the length.
 *
 * @param stuff what it is made of
 * @param thickness of it
 * @param overhang over the walls, all round
 */
public record BasePlate(Stuff stuff, Length thickness, Length overhang) implements Fitting {
    public static final Bounds THICKNESS = new Bounds("Base, thick", Length.mm(1), Length.mm(100));
    public static final Bounds OVERHANG = new Bounds("Base, over the walls", Length.ZERO, Length.mm(200));

    public BasePlate {
        Refused.ifMissing("stuff", "Base’s wood", stuff);
        THICKNESS.check("thickness", thickness);
        OVERHANG.check("overhang", overhang);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.base().apply(this);
    }
}
