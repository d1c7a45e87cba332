package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * The box wanted.
 *
 * @param from whether length and width are of the outside or of the inside
 * @param length along the sides
 * @param width along the ends
 * @param height of the wall, the direction the joint runs along
 * @param thickness of the four parts as they come to the saw
 * @param tips what becomes of the finger tips
 * @param proud how far they stand past the mate's face (under it, for {@link Tips#UNDER}); null for the house rule
 */
public record SizeWish(
        From from,
        Length length,
        Length width,
        Length height,
        Length thickness,
        Tips tips,
        @Nullable Length proud) {
    private static final Length LEAST = Length.mm(5);
    private static final Length MOST = Length.mm(3000);
    private static final Length HIGHEST = Length.mm(1500);

    /** Which of the two sizes leads. */
    public enum From {
        OUTSIDE,
        INSIDE
    }

    /** The schools of cutter height. */
    public enum Tips {
        /** A hair proud, sanded flush. */
        SAND,
        /** Visibly proud, trimmed with a router or saw. */
        TRIM,
        /** Proud by design and left. */
        BY_DESIGN,
        /** Left under the face; the faces are planed down to the tips. */
        UNDER
    }

    public SizeWish {
        Refused.ifMissing("from", "Outside or inside", from);
        Refused.unlessBetween("length", "Length", length, LEAST, MOST);
        Refused.unlessBetween("width", "Width", width, LEAST, MOST);
        Refused.unlessBetween("height", "Height of the wall", height, LEAST, HIGHEST);
        Refused.unlessBetween("thickness", "Thickness", thickness, Length.mm(1), Length.mm(200));
        Refused.ifMissing("tips", "Finger tips", tips);
        Refused.unlessAbsentOrBetween("proud", "Proud", proud, Length.ZERO, Length.mm(50));
    }

    /** Whether a wall may be this high. */
    public static boolean takesHeight(Length height) {
        return !height.isUnder(LEAST) && !height.isOver(HIGHEST);
    }

    public SizeWish withHeight(Length newHeight) {
        return new SizeWish(from, length, width, newHeight, thickness, tips, proud);
    }

    public SizeWish withFootprint(Length newLength, Length newWidth) {
        return new SizeWish(from, newLength, newWidth, height, thickness, tips, proud);
    }
}
