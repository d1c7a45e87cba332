package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import org.jspecify.annotations.Nullable;

/**
 * How a sliding lid is taken hold of, and where it stops.
 *
 * @param overhang past the lowered end's outside; null for none
 * @param notch diameter of a notch for a finger; null for none
 * @param stop length of the lid left in its grooves when a pin stops it; null for no pin
 * @param pin its diameter; null for the usual one
 */
public record Pull(
        @Nullable Length overhang,
        @Nullable Length notch,
        @Nullable Length stop,
        @Nullable Length pin) {
    public static final Bounds OVERHANG = new Bounds("Overhang", Length.ZERO, Length.mm(60));
    public static final Bounds NOTCH = new Bounds("Finger notch", Length.mm(8), Length.mm(60));
    public static final Bounds STOP = new Bounds("Left in the grooves", Length.mm(2), Length.mm(1000));
    public static final Bounds PIN = new Bounds("Pin", Length.mm(1), Length.mm(12));
    public static final Length USUAL_PIN = Length.mm(3);

    /** None of it. */
    public static final Pull NONE = new Pull(null, null, null, null);

    public Pull {
        OVERHANG.unlessAbsent("overhang", overhang);
        NOTCH.unlessAbsent("notch", notch);
        STOP.unlessAbsent("stop", stop);
        PIN.unlessAbsent("pin", pin);
    }

    public Length pinOrUsual() {
        return pin == null ? USUAL_PIN : pin;
    }

    public Pull withStop(@Nullable Length changed) {
        return new Pull(overhang, notch, changed, pin);
    }
}
