package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;

/**
 * A stay, a catch or a chain: where it is screwed to a wall and to the lid.
 *
 * @param what it is
 * @param wall it is screwed to
 * @param along from the outside of the part's lower end at D, or at A, to its middle
 * @param under its screws below the wall's upper edge
 */
public record Stay(What what, Part wall, Length along, Length under) implements Fitting {
    /** What holds the lid. */
    public enum What {
        STAY,
        CATCH,
        CHAIN
    }

    public static final Bounds ALONG = new Bounds("Its place along the wall", Length.ZERO, Length.mm(3000));
    public static final Bounds UNDER = new Bounds("Under the upper edge", Length.mm(1), Length.mm(500));

    public Stay {
        Refused.ifMissing("what", "What it is", what);
        Refused.ifMissing("wall", "Which wall", wall);
        ALONG.check("along", along);
        UNDER.check("under", under);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.stay().apply(this);
    }

    public Stay withAlong(Length changed) {
        return new Stay(what, wall, changed, under);
    }
}
