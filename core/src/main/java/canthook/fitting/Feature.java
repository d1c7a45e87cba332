package canthook.fitting;

import canthook.length.Length;
import canthook.plan.Part;

/**
 * A stretch of one wall from which something takes wood, as a block.
 *
 * @param of whose it is: {@code bottom}, {@code lid}, {@code seam}, {@code f1} for the first fitting
 * @param called in a sentence: “the lid’s groove”
 * @param from along the wall, from the outer corner at D (sides) or at A (ends)
 * @param low over the bottom edge
 * @param in from the wall’s inside, where it begins
 * @param out from the wall’s inside, where it ends
 */
public record Feature(
        String of, String called, Part part, Length from, Length to, Length low, Length high, Length in, Length out) {

    /** Whose it is that belongs to a fitting: {@code f1} for the first, which is at 0. */
    static String of(int index) {
        return "f" + (index + 1);
    }

    /** Whether both take the same wood of one wall. */
    public boolean meets(Feature other) {
        return part == other.part
                && from.isUnder(other.to)
                && other.from.isUnder(to)
                && low.isUnder(other.high)
                && other.low.isUnder(high)
                && in.isUnder(other.out)
                && other.in.isUnder(out);
    }

    /** The same along the wall by so much. */
    Feature moved(Length by) {
        return new Feature(of, called, part, from.plus(by), to.plus(by), low, high, in, out);
    }
}
