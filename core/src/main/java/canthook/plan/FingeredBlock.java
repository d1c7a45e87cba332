package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;

/**
 * A handle on the lid of two strips jointed at right angles with the box's own cutter and gap.
 *
 * @param along wished for; it becomes whole sections
 * @param thickness of both strips
 * @param across width of the strip that lies on the lid
 * @param high width of the strip that stands up
 */
public record FingeredBlock(Length along, Length thickness, Length across, Length high) implements Fitting {
    public static final Bounds ALONG = new Bounds("Block, long", Length.mm(10), Length.mm(500));
    public static final Bounds THICKNESS = new Bounds("Strips, thick", Length.mm(3), Length.mm(60));
    public static final Bounds ACROSS = new Bounds("Strip on the lid, wide", Length.mm(5), Length.mm(200));
    public static final Bounds HIGH = new Bounds("Strip upright, wide", Length.mm(5), Length.mm(150));

    public FingeredBlock {
        ALONG.check("along", along);
        THICKNESS.check("thickness", thickness);
        ACROSS.check("across", across);
        HIGH.check("high", high);
        if (across.isUnder(thickness) || high.isUnder(thickness)) {
            throw new Refused(
                    across.isUnder(thickness) ? "across" : "high", "A strip is at least as wide as it is thick.");
        }
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.block().apply(this);
    }
}
