package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;

/**
 * Walls lower than the rest.
 *
 * @param which are lower
 * @param height of the low walls, from the reference edge
 */
public record Lowered(Which which, Length height) {

    /** Which walls are lower. */
    public enum Which {
        /** The front end alone. */
        FRONT,
        /** Both ends. */
        BOTH_ENDS,
        /** The front end, and the sides slope down to it. */
        SLOPED
    }

    public static final Bounds HEIGHT = new Bounds("Height of the low wall", Length.mm(3), Length.mm(1500));

    public Lowered {
        Refused.ifMissing("which", "Which walls are lower", which);
        HEIGHT.check("height", height);
    }

    public Lowered withHeight(Length newHeight) {
        return new Lowered(which, newHeight);
    }
}
