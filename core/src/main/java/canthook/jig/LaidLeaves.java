package canthook.jig;

import canthook.cutter.Pieces;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice.Leaves;
import java.util.ArrayList;
import java.util.List;

/**
 * Leaves, or sheets of paper where the shop uses paper, laid together for a thickness.
 *
 * <pre>
 * the fewest of the set that come within 0.005 mm; when none do, those that come nearest
 * </pre>
 *
 * Check: 0.35 from the usual set is 0.30+0.05; 0.07 is 0.05.
 */
final class LaidLeaves {
    private static final Length WITHIN = Length.mm(0.005);
    private static final int SHEETS = 12;

    private LaidLeaves() {}

    static List<Length> of(Leaves shop, Length wanted) {
        return Pieces.fewest(set(shop), wanted, WITHIN);
    }

    /** The same, but sheets never one too many: a sheet that overshoots is left out. */
    static List<Length> notOver(Leaves shop, Length wanted) {
        List<Length> laid = of(shop, wanted);
        return shop.set().isEmpty() && !laid.isEmpty() && thick(laid).isOver(wanted)
                ? laid.subList(1, laid.size())
                : laid;
    }

    private static List<Length> set(Leaves leaves) {
        Length paper = leaves.paper();
        if (!leaves.set().isEmpty() || paper == null) {
            return leaves.set();
        }
        List<Length> sheets = new ArrayList<>();
        for (int i = 0; i < SHEETS; i++) {
            sheets.add(paper);
        }
        return sheets;
    }

    static Length thick(List<Length> pieces) {
        return pieces.stream().reduce(Length.ZERO, Length::plus);
    }

    /** Whether they come as near as a caliper reads. */
    static boolean hit(List<Length> pieces, Length wanted) {
        return !thick(pieces).minus(wanted).abs().isOver(WITHIN);
    }

    /** {@code leaves 0.30+0.05}, as the hand finds them. */
    static String words(Leaves shop, List<Length> pieces, LengthDisplay display) {
        if (pieces.isEmpty()) {
            return "no leaf";
        }
        if (shop.set().isEmpty()) {
            return pieces.size() + (pieces.size() == 1 ? " sheet" : " sheets");
        }
        StringBuilder words = new StringBuilder(pieces.size() == 1 ? "leaf " : "leaves ");
        for (int i = 0; i < pieces.size(); i++) {
            words.append(i == 0 ? "" : "+").append(display.number(pieces.get(i), Precision.CALIPER));
        }
        return words.toString();
    }
}
