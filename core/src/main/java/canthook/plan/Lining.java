package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;

/**
 * Paper, cork or felt on the inside of the walls, and on the floor if wanted.
 *
 * @param thickness of it
 * @param floor whether the floor is lined too
 */
public record Lining(Length thickness, Boolean floor) implements Fitting {
    public static final Bounds THICKNESS = new Bounds("Lining, thick", Length.mm(0.05), Length.mm(20));

    public Lining {
        THICKNESS.check("thickness", thickness);
        Refused.ifMissing("floor", "Whether the floor is lined", floor);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.lining().apply(this);
    }

    public Lining withThickness(Length changed) {
        return new Lining(changed, floor);
    }
}
