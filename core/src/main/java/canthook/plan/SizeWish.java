package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * The box wanted.
 *
 * @param from what leads: the outside, the inside, what goes in, or the place it must fit
 * @param length along the sides; of no meaning while the contents or a place leads
 * @param width along the ends; of no meaning while the contents or a place leads
 * @param height of the wall, the direction the joint runs along; of no meaning while the contents or a place leads
 * @param thickness of the parts as they come to the saw; of the sides when the ends differ
 * @param tips what becomes of the finger tips
 * @param proud how far they stand past the mate's face (under it, for {@link Tips#UNDER}); null for the house rule
 * @param endThickness of the ends when it differs; null when all four are alike
 * @param contents what goes in; needed when it leads
 * @param opening the place it must fit; needed when it leads
 * @param lowered which walls are lower; null when all four are of one height
 */
public record SizeWish(
        From from,
        Length length,
        Length width,
        Length height,
        Length thickness,
        Tips tips,
        @Nullable Length proud,
        @Nullable Length endThickness,
        @Nullable Contents contents,
        @Nullable Opening opening,
        @Nullable Lowered lowered) {
    private static final Length LEAST = Length.mm(5);
    private static final Length MOST = Length.mm(3000);
    private static final Length HIGHEST = Length.mm(1500);

    /** What leads; the others follow. */
    public enum From {
        OUTSIDE,
        INSIDE,
        CONTENTS,
        OPENING
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

    public static final Bounds LENGTH = new Bounds("Length", LEAST, MOST);

    public static final Bounds WIDTH = new Bounds("Width", LEAST, MOST);

    public static final Bounds HEIGHT = new Bounds("Height of the wall", LEAST, HIGHEST);

    public static final Bounds THICKNESS = new Bounds("Thickness", Length.mm(1), Length.mm(200));

    public static final Bounds PROUD = new Bounds("Proud", Length.ZERO, Length.mm(50));

    public static final Bounds END_THICKNESS = new Bounds("Thickness of the ends", Length.mm(1), Length.mm(200));

    public SizeWish {
        Refused.ifMissing("from", "What leads the size", from);
        LENGTH.check("length", length);
        WIDTH.check("width", width);
        HEIGHT.check("height", height);
        THICKNESS.check("thickness", thickness);
        Refused.ifMissing("tips", "Finger tips", tips);
        PROUD.unlessAbsent("proud", proud);
        END_THICKNESS.unlessAbsent("endThickness", endThickness);
        if (from == From.CONTENTS) {
            Refused.ifMissing("contents", "What goes in", contents);
        }
        if (from == From.OPENING) {
            Refused.ifMissing("opening", "The place it must fit", opening);
        }
    }

    public SizeWish(
            From from,
            Length length,
            Length width,
            Length height,
            Length thickness,
            Tips tips,
            @Nullable Length proud) {
        this(from, length, width, height, thickness, tips, proud, null, null, null, null);
    }

    /** Whether a wall may be this high. */
    public static boolean takesHeight(Length height) {
        return HEIGHT.holds(height);
    }

    /** Whether the height is the maker's to decide, and does not follow from contents or a place. */
    public boolean decidesHeight() {
        return from == From.OUTSIDE || from == From.INSIDE;
    }

    public SizeWish withHeight(Length newHeight) {
        return new SizeWish(
                from, length, width, newHeight, thickness, tips, proud, endThickness, contents, opening, lowered);
    }

    public SizeWish withFootprint(Length newLength, Length newWidth) {
        return new SizeWish(
                from, newLength, newWidth, height, thickness, tips, proud, endThickness, contents, opening, lowered);
    }

    public SizeWish withThickness(Length newThickness) {
        return new SizeWish(
                from, length, width, height, newThickness, tips, proud, endThickness, contents, opening, lowered);
    }

    /** The same box with parts no thinner than this as they come to the saw. */
    public SizeWish noThinner(Length least) {
        return new SizeWish(
                from,
                length,
                width,
                height,
                Length.longer(thickness, least),
                tips,
                proud,
                endThickness == null ? null : Length.longer(endThickness, least),
                contents,
                opening,
                lowered);
    }

    /** The same box with its outside leading. */
    public SizeWish fromOutside(Length newLength, Length newWidth, Length newHeight) {
        return new SizeWish(
                From.OUTSIDE,
                newLength,
                newWidth,
                newHeight,
                thickness,
                tips,
                proud,
                endThickness,
                contents,
                opening,
                lowered);
    }

    public SizeWish withFrom(From lead) {
        return new SizeWish(
                lead, length, width, height, thickness, tips, proud, endThickness, contents, opening, lowered);
    }

    public SizeWish withLowered(@Nullable Lowered newLowered) {
        return new SizeWish(
                from, length, width, height, thickness, tips, proud, endThickness, contents, opening, newLowered);
    }

    public SizeWish with(@Nullable Contents held) {
        return new SizeWish(from, length, width, height, thickness, tips, proud, endThickness, held, opening, lowered);
    }

    public SizeWish with(@Nullable Opening place) {
        return new SizeWish(
                from, length, width, height, thickness, tips, proud, endThickness, contents, place, lowered);
    }
}
