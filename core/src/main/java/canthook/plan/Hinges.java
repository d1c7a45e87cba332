package canthook.plan;

import canthook.length.Length;
import canthook.length.LengthUnit;
import canthook.refusal.Bounds;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * Butt hinges, as they are measured in the hand.
 *
 * @param count of them
 * @param leafLength along the wall
 * @param leafWidth from the pin's middle to the leaf's edge
 * @param leaf thickness of one leaf
 * @param folded thickness of the closed hinge at its leaves
 * @param knuckle diameter round the pin
 * @param gap wanted between lid and wall
 * @param share which of the two is let in
 * @param inset from the corner to the outer end of a leaf; null for a leaf's own length
 */
public record Hinges(
        int count,
        Length leafLength,
        Length leafWidth,
        Length leaf,
        Length folded,
        Length knuckle,
        Length gap,
        Share share,
        @Nullable Length inset) {
    /** Which of the two is let in. */
    public enum Share {
        HALF,
        ALL_IN_LID,
        ALL_IN_WALL
    }

    public static final Range COUNT = new Range("Hinges", 1, 9, "");
    public static final Bounds LEAF_LENGTH = new Bounds("Leaf, length", Length.mm(5), Length.mm(1000));
    public static final Bounds LEAF_WIDTH = new Bounds("Leaf, width", Length.mm(3), Length.mm(100));
    public static final Bounds LEAF = new Bounds("Leaf, thickness", Length.mm(0.3), Length.mm(8));
    public static final Bounds FOLDED = new Bounds("Folded thickness", Length.mm(0.6), Length.mm(20));
    public static final Bounds KNUCKLE = new Bounds("Knuckle, diameter", Length.mm(1), Length.mm(25));
    public static final Bounds GAP = new Bounds("Gap between lid and wall", Length.ZERO, Length.mm(5));
    public static final Bounds INSET = new Bounds("Hinge from the corner", Length.ZERO, Length.mm(1000));

    /** A pair as it hangs in most shops. */
    public static final Hinges USUAL = new Hinges(
            2,
            Length.mm(40),
            Length.mm(10),
            Length.mm(2),
            Length.mm(5),
            Length.mm(5),
            Length.mm(0.5),
            Share.HALF,
            null);

    /** The same where inches are measured: 1 1/2 long, 3/8 wide, 5/64 thick, folded and round the pin 3/16. */
    private static final Hinges USUAL_IN_INCHES =
            new Hinges(2, inches(96), inches(24), inches(5), inches(12), inches(12), inches(1), Share.HALF, null);

    private static Length inches(int sixtyFourths) {
        return LengthUnit.INCH.fine().times(sixtyFourths);
    }

    /** A pair as it hangs in shops that measure so. */
    public static Hinges usual(LengthUnit unit) {
        return switch (unit) {
            case MILLIMETRE -> USUAL;
            case INCH -> USUAL_IN_INCHES;
        };
    }

    public Hinges {
        COUNT.check("count", count);
        LEAF_LENGTH.check("leafLength", leafLength);
        LEAF_WIDTH.check("leafWidth", leafWidth);
        LEAF.check("leaf", leaf);
        FOLDED.check("folded", folded);
        KNUCKLE.check("knuckle", knuckle);
        GAP.check("gap", gap);
        Refused.ifMissing("share", "Which of the two is let in", share);
        INSET.unlessAbsent("inset", inset);
        if (folded.isUnder(leaf.times(2))) {
            throw new Refused("folded", "A hinge folds to two leaves at least.");
        }
        if (folded.isUnder(gap)) {
            throw new Refused("gap", "The gap is more than the folded hinge is thick.");
        }
    }

    public Hinges withCount(int changed) {
        return new Hinges(changed, leafLength, leafWidth, leaf, folded, knuckle, gap, share, inset);
    }

    public Hinges withLeafLength(Length changed) {
        return new Hinges(count, changed, leafWidth, leaf, folded, knuckle, gap, share, inset);
    }

    public Hinges withLeafWidth(Length changed) {
        return new Hinges(count, leafLength, changed, leaf, folded, knuckle, gap, share, inset);
    }

    public Hinges withInset(@Nullable Length changed) {
        return new Hinges(count, leafLength, leafWidth, leaf, folded, knuckle, gap, share, changed);
    }

    public Hinges with(Share changed) {
        return new Hinges(count, leafLength, leafWidth, leaf, folded, knuckle, gap, changed, inset);
    }
}
