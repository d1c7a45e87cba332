package canthook.building;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What was read off a jig to see whether it is square; each by itself, as far as it was taken.
 *
 * @param fiveCuts the strip of the fifth cut
 * @param flip a scrap cut, half of it turned over, put together again
 * @param along the blade against the mitre slot
 * @param depth of a slot that was cut
 */
public record SquareRead(
        @Nullable FiveCuts fiveCuts,
        @Nullable Flip flip,
        @Nullable Along along,
        @Nullable Length depth,
        @Nullable KeyTo key) {
    public static final Bounds DEPTH = new Bounds("Depth of the cut", Length.mm(0.2), Length.mm(200));

    /** At which end the fence turns. */
    public enum Hinge {
        LEFT,
        RIGHT
    }

    /**
     * Four cuts round a board, a strip off the first edge with the fifth.
     *
     * @param atFence thickness of the strip's end that was at the fence
     * @param far thickness of its other end
     * @param strip its length
     * @param distance from the fence's hinge to where it is moved
     */
    public record FiveCuts(Length atFence, Length far, Length strip, Length distance, Hinge hinge) {
        public static final Bounds AT_FENCE = new Bounds("End that was at the fence", Length.mm(0.5), Length.mm(200));
        public static final Bounds FAR = new Bounds("Its far end", Length.mm(0.5), Length.mm(200));
        public static final Bounds STRIP = new Bounds("The strip, long", Length.mm(50), Length.mm(2000));
        public static final Bounds DISTANCE = new Bounds("From hinge to screw", Length.mm(30), Length.mm(2000));
        /** A fence that is off by more is seen without cutting. */
        private static final double MOST = Math.toRadians(1);

        public FiveCuts {
            AT_FENCE.check("atFence", atFence);
            FAR.check("far", far);
            STRIP.check("strip", strip);
            DISTANCE.check("distance", distance);
            Refused.ifMissing("hinge", "At which end the fence turns", hinge);
            double off = Math.abs(atFence.mm() - far.mm()) / (4 * strip.mm());
            if (off > MOST) {
                throw new Refused(
                        "far",
                        "Ends of " + atFence.mm() + " and " + far.mm() + " on a strip of " + strip.mm()
                                + " would put the fence more than 1° off; nobody cuts five times on that. One is misread.");
            }
        }
    }

    /** A gap over a length. */
    public record Flip(Length gap, Length over) {
        public static final Bounds GAP = new Bounds("Gap", Length.ZERO, Length.mm(20));
        public static final Bounds OVER = new Bounds("Over a length of", Length.mm(10), Length.mm(500));

        public Flip {
            GAP.check("gap", gap);
            OVER.check("over", over);
        }
    }

    /** The same tooth to the slot, in front and behind. */
    public record Along(Length front, Length back, Length apart) {
        public static final Bounds FRONT = new Bounds("Slot to the tooth, in front", Length.mm(5), Length.mm(500));
        public static final Bounds BACK = new Bounds("Slot to the same tooth, behind", Length.mm(5), Length.mm(500));
        public static final Bounds APART = new Bounds("Apart", Length.mm(30), Length.mm(500));

        public Along {
            FRONT.check("front", front);
            BACK.check("back", back);
            APART.check("apart", apart);
        }
    }

    /** Light under a square that stands on the base, against the key's side. */
    public record KeyTo(Length light, Length high) {
        public static final Bounds LIGHT = new Bounds("Light at the key", Length.ZERO, Length.mm(5));
        public static final Bounds HIGH = new Bounds("Over a height of", Length.mm(2), Length.mm(100));

        public KeyTo {
            LIGHT.check("light", light);
            HIGH.check("high", high);
        }
    }

    /** Before the key was read. */
    public SquareRead(@Nullable FiveCuts fiveCuts, @Nullable Flip flip, @Nullable Along along, @Nullable Length depth) {
        this(fiveCuts, flip, along, depth, null);
    }

    public SquareRead {
        DEPTH.unlessAbsent("depth", depth);
        if (fiveCuts == null && flip == null && along == null && depth == null && key == null) {
            throw new Refused("fiveCuts", "Nothing was read yet.");
        }
    }
}
