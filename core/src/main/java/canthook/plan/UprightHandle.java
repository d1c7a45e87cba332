package canthook.plan;

import canthook.length.Length;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Run;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * A board upright along the middle of the box, housed in both ends, with a hole for the hand above their edge.
 *
 * @param stuff what it is made of
 * @param thickness of the board
 * @param height of it today, standing on the floor
 * @param shoulder each side of the tenon, which hides the dado
 * @param dado how deep it is let into the ends; null for a third of them
 * @param grip wide, over all
 * @param diameter of its two bored holes
 * @param under upper edge of the hole below the board's
 * @param round radius of the edges where the hand goes
 */
public record UprightHandle(
        Stuff stuff,
        Length thickness,
        Length height,
        Length shoulder,
        @Nullable Length dado,
        Length grip,
        Length diameter,
        Length under,
        Length round)
        implements Fitting {
    public static final Bounds THICKNESS = new Bounds("Handle, thick", Length.mm(3), Length.mm(60));
    public static final Bounds HEIGHT = new Bounds("Handle, high", Length.mm(10), Length.mm(1500));
    public static final Bounds SHOULDER = new Bounds("Shoulder", Length.ZERO, Length.mm(20));
    public static final Bounds DADO = new Bounds("Dado’s depth", Length.mm(0.5), Length.mm(50));
    public static final Bounds GRIP = new Bounds("Grip hole, wide", Length.mm(20), Length.mm(300));
    public static final Bounds DIAMETER = new Bounds("Grip hole, bored", Length.mm(10), Length.mm(80));
    public static final Bounds UNDER = new Bounds("Grip hole under the edge", Length.ZERO, Length.mm(300));
    public static final Bounds ROUND = new Bounds("Round-over", Length.ZERO, Length.mm(30));

    public UprightHandle {
        Refused.ifMissing("stuff", "Handle’s wood", stuff);
        THICKNESS.check("thickness", thickness);
        HEIGHT.check("height", height);
        SHOULDER.check("shoulder", shoulder);
        DADO.unlessAbsent("dado", dado);
        GRIP.check("grip", grip);
        DIAMETER.check("diameter", diameter);
        UNDER.check("under", under);
        ROUND.check("round", round);
        if (grip.isUnder(diameter)) {
            throw new Refused("grip", "A grip hole is at least as wide as its bored holes.");
        }
        if (!shoulder.times(2).plus(Length.mm(1)).isUnder(thickness)) {
            throw new Refused("shoulder", "Two shoulders leave more than a millimetre of tenon between them.");
        }
        if (round.times(2).isOver(thickness)) {
            throw new Refused("round", "A round-over is at most half as thick as the board.");
        }
    }

    /** As the divider that it is to those it crosses. */
    public Divider asDivider(Length at) {
        return new Divider(Run.ALONG, at, stuff, thickness, height, false, dado);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.upright().apply(this);
    }

    public UprightHandle withHeight(Length changed) {
        return new UprightHandle(stuff, thickness, changed, shoulder, dado, grip, diameter, under, round);
    }

    public UprightHandle withShoulder(Length changed) {
        return new UprightHandle(stuff, thickness, height, changed, dado, grip, diameter, under, round);
    }

    public UprightHandle withDado(Length changed) {
        return new UprightHandle(stuff, thickness, height, shoulder, changed, grip, diameter, under, round);
    }

    public UprightHandle withUnder(Length changed) {
        return new UprightHandle(stuff, thickness, height, shoulder, dado, grip, diameter, changed, round);
    }
}
