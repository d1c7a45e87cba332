package canthook.jig;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice.Leaves;
import java.util.List;

/**
 * A fixed key moved against a block, by leaves of the shop laid between them: away, the leaves come out and the key follows; nearer, the
 * block touches and the leaves go in.
 *
 * <pre>
 * moved by the fewest leaves that come within 0.005 mm of the move, else by those that come nearest
 * </pre>
 *
 * Check: 0.09 to move, leaves 0.05, 0.10, 0.15 … : moved 0.10.
 */
final class KeyMove {
    private KeyMove() {}

    static Correction of(KeySetting key, Length before, Length move, LengthDisplay shown) {
        boolean away = move.isPositive();
        Length wanted = move.abs();
        Leaves shop = key.shop();
        List<Length> leaves = shop == null ? List.of() : LaidLeaves.notOver(shop, wanted);
        boolean laid = !leaves.isEmpty();
        Length made = laid ? LaidLeaves.thick(leaves) : wanted;
        String amount = shown.text(made, Precision.FIT);
        String between = shop != null && laid
                ? LaidLeaves.words(shop, leaves, shown)
                        + (leaves.size() == 1 && !shop.set().isEmpty() ? "" : " (" + amount + ")")
                : "leaves of " + amount;
        String nearest = laid && !LaidLeaves.hit(leaves, wanted)
                ? " Your leaves come no nearer to the " + shown.text(wanted, Precision.FIT) + " wanted."
                : "";
        String gap = "The gap now measures "
                + shown.text(key.gap().length().plus(before).plus(away ? made : made.negated()), Precision.CALIPER)
                + ".";
        return new Correction(
                "Move the key " + amount
                        + (away
                                ? " away from the cutter: fingers grow, the fit tightens."
                                : " towards the cutter: fingers shrink, the fit loosens.")
                        + nearest
                        + " Unplug first; set a zero block against the fence before you unclamp.",
                away ? made : made.negated(),
                away
                        ? List.of(
                                "Unplug. Clamp a block behind the key, " + between + " between them.",
                                "Take the leaves out, loosen the key, bring it up to the block, lock it.",
                                gap)
                        : List.of(
                                "Unplug. Clamp a block behind the key, touching it.",
                                "Loosen the key, put " + between + " between it and the block, lock it.",
                                gap));
    }
}
