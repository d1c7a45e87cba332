package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * The lid. It slides along the box's length over a lowered front, its grain along the slide.
 *
 * @param kind none, or sliding
 * @param stuff what the panel is made of
 * @param thickness of the panel
 * @param groove it runs in; its offset is the groove's lower edge above the wall's bottom edge
 * @param running clearance across, total, at the wettest; null for the house rule
 * @param vertical clearance in the groove's height; null for the house rule
 */
public record LidChoice(
        Kind kind,
        Stuff stuff,
        Length thickness,
        Groove groove,
        @Nullable Length running,
        @Nullable Length vertical) {

    /** How the box is closed. */
    public enum Kind {
        NONE,
        SLIDING
    }

    public LidChoice {
        Refused.ifMissing("kind", "Kind of lid", kind);
        Refused.ifMissing("stuff", "Lid's wood", stuff);
        Refused.unlessBetween("thickness", "Lid's thickness", thickness, Length.mm(0.5), Length.mm(100));
        Refused.ifMissing("groove", "Lid groove", groove);
        Refused.unlessAbsentOrBetween("running", "Running clearance", running, Length.ZERO, Length.mm(20));
        Refused.unlessAbsentOrBetween("vertical", "Clearance in the groove", vertical, Length.ZERO, Length.mm(5));
    }

    public LidChoice withGroove(Groove newGroove) {
        return new LidChoice(kind, stuff, thickness, newGroove, running, vertical);
    }
}
