package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * The blank the four parts are to come from; its thickness is the parts'.
 *
 * @param length along the grain
 * @param width across the grain
 * @param squaring lost at each end; null for the house rule
 * @param crosscutKerf kerf of the saw that parts the board; null for the joint cutter's
 * @param keepOffcut whether what is left is to be parted off too
 */
public record BoardAtHand(
        Length length,
        Length width,
        @Nullable Length squaring,
        @Nullable Length crosscutKerf,
        boolean keepOffcut) {
    public BoardAtHand {
        Refused.unlessBetween("length", "Blank length", length, Length.mm(1), Length.LONGEST);
        Refused.unlessBetween("width", "Blank width", width, Length.mm(1), Length.mm(3000));
        Refused.unlessAbsentOrBetween("squaring", "Squaring loss", squaring, Length.ZERO, Length.mm(500));
        Refused.unlessAbsentOrBetween("crosscutKerf", "Crosscut kerf", crosscutKerf, Length.ZERO, Length.mm(20));
    }
}
