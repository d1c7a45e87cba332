package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The blank the four parts are to come from; its thickness is the parts'. What is not said of it is to be bought: then it follows.
 *
 * @param length along the grain; null when the board is still to be bought as long as it must be
 * @param width across the grain; null when it is to be bought as wide as it must be
 * @param squaring lost at each end; null for the house rule
 * @param crosscutKerf kerf of the saw that parts the board; null for the joint cutter's
 * @param keepOffcut whether what is left is to be parted off too
 * @param measured thickness of the parts after planing, as read; null before
 */
public record BoardAtHand(
        @Nullable Length length,
        @Nullable Length width,
        @Nullable Length squaring,
        @Nullable Length crosscutKerf,
        boolean keepOffcut,
        @Nullable List<Length> measured) {
    public static final Bounds LENGTH = new Bounds("Board length", Length.mm(1), Length.LONGEST);

    public static final Bounds WIDTH = new Bounds("Board width", Length.mm(1), Length.mm(3000));

    public static final Bounds SQUARING = new Bounds("Squaring loss", Length.ZERO, Length.mm(500));

    public static final Bounds CROSSCUT_KERF = new Bounds("Crosscut kerf", Length.ZERO, Length.mm(20));

    public static final Bounds MEASURED = new Bounds("Measured thickness", Length.mm(0.5), Length.mm(200));

    /** A board to be bought, as long and wide as it must be. */
    public static final BoardAtHand TO_BUY = new BoardAtHand(null, null, null, null, false);

    public BoardAtHand {
        LENGTH.unlessAbsent("length", length);
        WIDTH.unlessAbsent("width", width);
        SQUARING.unlessAbsent("squaring", squaring);
        CROSSCUT_KERF.unlessAbsent("crosscutKerf", crosscutKerf);
        if (measured != null) {
            if (measured.isEmpty() || measured.size() > 24) {
                throw new Refused("measured", "Between 1 and 24 readings of the parts' thickness.");
            }
            for (int i = 0; i < measured.size(); i++) {
                MEASURED.check("measured[" + i + "]", measured.get(i));
            }
            measured = List.copyOf(measured);
        }
    }

    public BoardAtHand(
            @Nullable Length length,
            @Nullable Length width,
            @Nullable Length squaring,
            @Nullable Length crosscutKerf,
            boolean keepOffcut) {
        this(length, width, squaring, crosscutKerf, keepOffcut, null);
    }

    /** To be bought as long as it must be; the rest as it is. */
    public BoardAtHand asLongAsNeeded() {
        return new BoardAtHand(null, width, squaring, crosscutKerf, keepOffcut, measured);
    }

    /** To be bought as wide as it must be; the rest as it is. */
    public BoardAtHand asWideAsNeeded() {
        return new BoardAtHand(length, null, squaring, crosscutKerf, keepOffcut, measured);
    }
}
