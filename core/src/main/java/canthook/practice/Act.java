package canthook.practice;

import canthook.fit.Cause;
import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * Something done in the practice shop.
 *
 * @param by how far the jig is moved, away from the cutter positive; null otherwise
 * @param cause what is looked for; null otherwise
 * @param spot where the caliper is held; null otherwise
 * @param place which slot or finger, 0 to 2; null otherwise
 */
public record Act(
        Kind kind,
        @Nullable Length by,
        @Nullable Cause cause,
        @Nullable Spot spot,
        @Nullable Integer place) {
    /** Slots, and fingers, that can be read on a test piece. */
    public static final int PLACES = 3;

    public static final Bounds BY = new Bounds("The move", Length.mm(-3), Length.mm(3));

    /** Kinds of act. */
    public enum Kind {
        /** A test piece is cut. */
        CUT,
        /** The caliper is read. */
        READ,
        /** The jig is moved. */
        MOVE,
        /** A cause is looked for, and put right where it is found. */
        LOOK,
        /** The caliper is set to zero with its jaws closed. */
        ZERO,
        /** The caliper gets a new battery. */
        BATTERY,
        /** The parts themselves are cut. */
        PARTS,
        /** Enough: what was hidden is shown. */
        GIVE_UP
    }

    /** Where the caliper is held. */
    public enum Spot {
        SLOT,
        FINGER,
        THICKNESS,
        CLOSED
    }

    public Act {
        Refused.ifMissing("kind", "What was done", kind);
        switch (kind) {
            case MOVE -> {
                Refused.ifMissing("by", "How far", by);
                BY.check("by", by);
            }
            case LOOK -> Refused.ifMissing("cause", "What to look for", cause);
            case READ -> {
                Refused.ifMissing("spot", "Where to read", spot);
                if (place != null && (place < 0 || place >= PLACES)) {
                    throw new Refused("place", "A test piece has three slots and three fingers to read.");
                }
            }
            case CUT, ZERO, BATTERY, PARTS, GIVE_UP -> {
                // they say it all
            }
        }
    }

    static Act of(Kind kind) {
        return new Act(kind, null, null, null, null);
    }

    static Act move(Length by) {
        return new Act(Kind.MOVE, by, null, null, null);
    }

    static Act look(Cause cause) {
        return new Act(Kind.LOOK, null, cause, null, null);
    }

    static Act read(Spot spot, int place) {
        return new Act(Kind.READ, null, null, spot, place);
    }
}
