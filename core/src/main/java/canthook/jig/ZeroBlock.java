package canthook.jig;

import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice.Leaves;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import java.util.Objects;

/**
 * A fence that comes down on a fixed zero block, and the leaves or sheets between them that take it to a finger's gap.
 *
 * <pre>
 * over the block = f − g₀      laid from the fewest leaves that come within 0.005 mm
 * </pre>
 *
 * @param zeroGap gap with the fence on its block, g₀
 * @param stack leaves that take the fence from there to a finger's gap
 * @param shop leaves and paper the shop has
 */
public record ZeroBlock(Worked zeroGap, List<Length> stack, Leaves shop, LengthDisplay display) {

    static ZeroBlock of(Leaves shop, Rung chosen, LengthDisplay display, Worksheet sheet) {
        Worked zero = zero(shop, chosen, sheet);
        List<Length> stack = LaidLeaves.of(shop, chosen.finger().length().minus(zero.length()));
        return new ZeroBlock(zero, stack, shop, display);
    }

    /** The gap on the zero block: as measured, or what the block is to be cut for. */
    private static Worked zero(Leaves leaves, Rung chosen, Worksheet sheet) {
        Length own = leaves.zeroGap();
        if (own != null) {
            return sheet.decided("zero-gap", "g₀", "Gap on the zero block", Show.CALIPER, own, "jig.leaves.zeroGap");
        }
        long tenths =
                Math.floorDiv(chosen.finger().length().minus(Length.mm(0.3)).nanometres(), 100_000L);
        return sheet.work(
                "zero-gap",
                "g₀",
                "Cut the zero block for a gap of",
                Show.CALIPER,
                Term.fixed(Length.longer(Length.ZERO, new Length(tenths * 100_000L))),
                "Some three tenths under the finger, on a whole tenth: leaves can only take the fence further away.");
    }

    /** {@code leaves 0.30+0.05}, as the hand finds them. */
    public String words(List<Length> pieces) {
        return LaidLeaves.words(shop, pieces, display);
    }

    /** How far the leaves come from the gap wanted; zero when as near as leaves are made. */
    Length off(Rung rung) {
        Length wanted = rung.finger().length().minus(zeroGap.length());
        return LaidLeaves.hit(stack, wanted)
                ? Length.ZERO
                : LaidLeaves.thick(stack).minus(wanted);
    }

    /** Leaves or sheets between fence and block, as they are to be after the move. */
    Correction correction(Length before, Length move, LengthDisplay shown) {
        boolean sheets = shop.set().isEmpty() && shop.paper() != null;
        Length planned = LaidLeaves.thick(stack);
        List<Length> standing = before.equals(Length.ZERO)
                ? stack
                : LaidLeaves.of(shop, Length.longer(Length.ZERO, planned.plus(before)));
        Length now = sheets ? Length.longer(Length.ZERO, planned.plus(before)) : LaidLeaves.thick(standing);
        Length wanted = now.plus(move);
        if (wanted.isNegative()) {
            return Correction.of(
                    "The fence stands on its block already and must come " + shown.text(move.abs(), Precision.CALIPER)
                            + " nearer: plane the block by that much.",
                    move);
        }
        return sheets
                ? paper(Objects.requireNonNull(shop.paper()), move, shown)
                : leaves(standing, wanted, move, shown);
    }

    private Correction leaves(List<Length> standing, Length wanted, Length move, LengthDisplay shown) {
        List<Length> then = LaidLeaves.of(shop, wanted);
        return Correction.of(
                "Behind the fence " + words(then) + " instead of " + words(standing) + ": "
                        + shown.text(move.abs(), Precision.CALIPER)
                        + (move.isPositive()
                                ? " more, fingers grow, the fit tightens."
                                : " less, fingers shrink, the fit loosens."),
                LaidLeaves.thick(then).minus(LaidLeaves.thick(standing)));
    }

    /** Whole sheets, and never one too many. */
    private static Correction paper(Length paper, Length move, LengthDisplay shown) {
        long sheets = move.abs().nanometres() / paper.nanometres();
        String verb = move.isPositive() ? "Add " : "Take out ";
        return Correction.of(
                sheets == 0
                        ? verb + "0 sheets: one (" + shown.text(paper, Precision.CALIPER) + ") overshoots "
                                + shown.text(move.abs(), Precision.CALIPER) + "."
                        : verb + sheets + (sheets == 1 ? " sheet" : " sheets") + " of "
                                + shown.text(paper, Precision.CALIPER) + " behind the fence: "
                                + shown.text(paper.times(sheets), Precision.CALIPER) + " of "
                                + shown.text(move.abs(), Precision.CALIPER) + ".",
                paper.times(move.isPositive() ? sheets : -sheets));
    }
}
