package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import java.util.Set;

/**
 * Walls lower than the rest.
 *
 * @param which are lower
 * @param height of the low walls, from the reference edge
 */
public record Lowered(Which which, Length height) {

    /** Which walls are lower. */
    public enum Which {
        /** The front end alone, B. */
        FRONT,
        /** The back end alone, D. */
        BACK,
        /** Both ends. */
        BOTH_ENDS,
        /** The front end, and the sides slope down to it. */
        SLOPED;

        /** The low parts. */
        public Set<Part> parts() {
            return switch (this) {
                case FRONT, SLOPED -> Set.of(Part.B);
                case BACK -> Set.of(Part.D);
                case BOTH_ENDS -> Set.of(Part.B, Part.D);
            };
        }
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
