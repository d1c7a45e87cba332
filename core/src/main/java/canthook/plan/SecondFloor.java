package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;

/**
 * A floor above the floor: a panel that lies loose on cleats glued to the sides, its grain along the length.
 *
 * @param stuff what the panel is made of
 * @param thickness of the panel
 * @param over of its underside above the floor
 * @param cleat how thick and how high a cleat is
 * @param play left across at the wettest, both sides together
 */
public record SecondFloor(Stuff stuff, Length thickness, Length over, Length cleat, Length play) implements Fitting {
    public static final Bounds THICKNESS = new Bounds("Second floor, thick", Length.mm(0.5), Length.mm(50));
    public static final Bounds OVER = new Bounds("Second floor, over the first", Length.mm(2), Length.mm(1500));
    public static final Bounds CLEAT = new Bounds("Cleats, thick and high", Length.mm(2), Length.mm(60));
    public static final Bounds PLAY = new Bounds("Play", Length.ZERO, Length.mm(20));

    public SecondFloor {
        Refused.ifMissing("stuff", "Second floor’s wood", stuff);
        THICKNESS.check("thickness", thickness);
        OVER.check("over", over);
        CLEAT.check("cleat", cleat);
        PLAY.check("play", play);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.second().apply(this);
    }

    public SecondFloor withOver(Length changed) {
        return new SecondFloor(stuff, thickness, changed, cleat, play);
    }

    public SecondFloor withCleat(Length changed) {
        return new SecondFloor(stuff, thickness, over, changed, play);
    }
}
