package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;

/**
 * A slit for a card, sawn into the upper edge of a wall, or along the top of the handle.
 *
 * @param in what it is sawn into
 * @param kerf of the saw: the card and a little
 * @param deep along the slant
 * @param angle it leans back, in degrees from upright
 */
public record CardSlit(In in, Length kerf, Length deep, Double angle) implements Fitting {
    /** What it is sawn into. */
    public enum In {
        A,
        B,
        C,
        D,
        HANDLE
    }

    public static final Bounds KERF = new Bounds("Slit, wide", Length.mm(0.3), Length.mm(8));
    public static final Bounds DEEP = new Bounds("Slit, deep", Length.mm(1), Length.mm(60));
    private static final double STEEPEST = 45;

    public CardSlit {
        Refused.ifMissing("in", "What it is sawn into", in);
        KERF.check("kerf", kerf);
        DEEP.check("deep", deep);
        Refused.ifMissing("angle", "Angle", angle);
        if (!(angle >= 0 && angle <= STEEPEST)) {
            throw new Refused("angle", "A slit leans back by 0 to 45 degrees.");
        }
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.slit().apply(this);
    }

    public CardSlit withDeep(Length changed) {
        return new CardSlit(in, kerf, changed, angle);
    }

    public CardSlit withAngle(double changed) {
        return new CardSlit(in, kerf, deep, changed);
    }
}
