package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The blank the four parts are to come from; its thickness is the parts'.
 *
 * @param length along the grain
 * @param width across the grain
 * @param squaring lost at each end; null for the house rule
 * @param crosscutKerf kerf of the saw that parts the board; null for the joint cutter's
 * @param keepOffcut whether what is left is to be parted off too
 * @param measured thickness of the parts after planing, as read; null before
 */
public record BoardAtHand(
        Length length,
        Length width,
        @Nullable Length squaring,
        @Nullable Length crosscutKerf,
        boolean keepOffcut,
        @Nullable List<Length> measured) {
    public BoardAtHand {
        Refused.unlessBetween("length", "Blank length", length, Length.mm(1), Length.LONGEST);
        Refused.unlessBetween("width", "Blank width", width, Length.mm(1), Length.mm(3000));
        Refused.unlessAbsentOrBetween("squaring", "Squaring loss", squaring, Length.ZERO, Length.mm(500));
        Refused.unlessAbsentOrBetween("crosscutKerf", "Crosscut kerf", crosscutKerf, Length.ZERO, Length.mm(20));
        if (measured != null) {
            if (measured.isEmpty() || measured.size() > 24) {
                throw new Refused("measured", "Between 1 and 24 readings of the parts' thickness.");
            }
            for (int i = 0; i < measured.size(); i++) {
                Refused.unlessBetween(
                        "measured[" + i + "]", "Measured thickness", measured.get(i), Length.mm(0.5), Length.mm(200));
            }
            measured = List.copyOf(measured);
        }
    }

    public BoardAtHand(
            Length length, Length width, @Nullable Length squaring, @Nullable Length crosscutKerf, boolean keepOffcut) {
        this(length, width, squaring, crosscutKerf, keepOffcut, null);
    }

    public BoardAtHand withSize(Length newLength, Length newWidth) {
        return new BoardAtHand(newLength, newWidth, squaring, crosscutKerf, keepOffcut, measured);
    }
}
