package canthook.plan;

import canthook.length.Length;
import canthook.length.LengthUnit;
import canthook.refusal.Bounds;
import org.jspecify.annotations.Nullable;

/**
 * Boards across the ends of a lid.
 *
 * @param width of each, along the lid's length
 * @param tongue how far the panel's tongue enters it
 * @param inset from the panel's edge to the outer pegs
 * @param peg diameter
 * @param splined whether a spline, its grain across the joint, stands in the place of the tongue; no when null
 */
public record Breadboard(
        Length width,
        Length tongue,
        Length inset,
        Length peg,
        @Nullable Boolean splined) {
    public static final Bounds WIDTH = new Bounds("Breadboard end, width", Length.mm(5), Length.mm(200));
    public static final Bounds TONGUE = new Bounds("Tongue in the breadboard end", Length.mm(2), Length.mm(150));
    public static final Bounds INSET = new Bounds("Outer peg from the edge", Length.mm(3), Length.mm(500));
    public static final Bounds PEG = new Bounds("Peg, diameter", Length.mm(1), Length.mm(25));

    public static final Breadboard USUAL =
            new Breadboard(Length.mm(40), Length.mm(15), Length.mm(25), Length.mm(6), null);

    /** As it is usual where this is measured in. */
    public static Breadboard usual(LengthUnit unit) {
        return new Breadboard(
                unit.usual(USUAL.width.mm()),
                unit.usual(USUAL.tongue.mm()),
                unit.usual(USUAL.inset.mm()),
                unit.usual(USUAL.peg.mm()),
                USUAL.splined);
    }

    public Breadboard {
        WIDTH.check("width", width);
        TONGUE.check("tongue", tongue);
        INSET.check("inset", inset);
        PEG.check("peg", peg);
    }

    public boolean isSplined() {
        return Boolean.TRUE.equals(splined);
    }

    public Breadboard withSplined(boolean changed) {
        return new Breadboard(width, tongue, inset, peg, changed ? true : null);
    }

    public Breadboard withTongue(Length changed) {
        return new Breadboard(width, changed, inset, peg, splined);
    }

    public Breadboard withInset(Length changed) {
        return new Breadboard(width, tongue, changed, peg, splined);
    }
}
