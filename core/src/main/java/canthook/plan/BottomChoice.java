package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * The bottom.
 *
 * @param kind none, or captured in a groove
 * @param stuff what the panel is made of
 * @param thickness of the panel
 * @param groove it sits in
 * @param grain which way the panel's grain runs
 * @param pinned whether the panel is pinned at its centre
 * @param gap total left across the grain at the wettest; null for the house rule
 * @param endFit total left along the grain; null for the house rule
 */
public record BottomChoice(
        Kind kind,
        Stuff stuff,
        Length thickness,
        Groove groove,
        Grain grain,
        boolean pinned,
        @Nullable Length gap,
        @Nullable Length endFit) {

    /** How the bottom is held. */
    public enum Kind {
        NONE,
        CAPTURED
    }

    /** The direction a panel's grain runs. */
    public enum Grain {
        ALONG_LENGTH,
        ALONG_WIDTH
    }

    public BottomChoice {
        Refused.ifMissing("kind", "Kind of bottom", kind);
        Refused.ifMissing("stuff", "Bottom's wood", stuff);
        Refused.unlessBetween("thickness", "Bottom's thickness", thickness, Length.mm(0.5), Length.mm(100));
        Refused.ifMissing("groove", "Groove", groove);
        Refused.ifMissing("grain", "Grain", grain);
        Refused.unlessAbsentOrBetween("gap", "Gap at the wettest", gap, Length.ZERO, Length.mm(50));
        Refused.unlessAbsentOrBetween("endFit", "End fit", endFit, Length.ZERO, Length.mm(20));
    }

    /** Height of the panel's upper face, where things stand: the groove's lower edge and the panel on it; zero without one. */
    public Length floor() {
        return kind == Kind.NONE ? Length.ZERO : groove.offset().plus(thickness);
    }

    public BottomChoice withGroove(Groove newGroove) {
        return new BottomChoice(kind, stuff, thickness, newGroove, grain, pinned, gap, endFit);
    }

    public BottomChoice withPinned(boolean now) {
        return new BottomChoice(kind, stuff, thickness, groove, grain, now, gap, endFit);
    }

    public BottomChoice withStuff(Stuff newStuff) {
        return new BottomChoice(kind, newStuff, thickness, groove, grain, pinned, gap, endFit);
    }
}
