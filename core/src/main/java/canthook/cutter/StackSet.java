package canthook.cutter;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;

/**
 * The parts of a stacked cutter: two outer blades that always run, chippers between them, shims between those.
 *
 * <pre>
 * width = outer blades + Σ chippers + Σ shims ≤ what the arbor holds
 * </pre>
 *
 * Check: outer 6.35, chippers 3.2 3.2 1.6, shims 0.1 0.1 0.25 0.5. Nearest to 7.45 are all four shims, 7.30; the thinnest
 * chipper alone makes 7.95.
 *
 * @param outer both outer blades together
 * @param chippers thickness of every chipper in the case
 * @param shims thickness of every shim in the case
 * @param arbor the widest stack the arbor holds with its nut fully on
 */
public record StackSet(Length outer, List<Length> chippers, List<Length> shims, Length arbor) {
    /** More pieces than this are no set any more. */
    public static final int MOST_CHIPPERS = 8;
    /** More shims than this are no set any more. */
    public static final int MOST_SHIMS = 12;

    public static final Bounds OUTER = new Bounds("The outer blades together", Length.mm(1), Length.mm(60));
    public static final Bounds CHIPPERS = new Bounds("A chipper", Length.mm(0.5), Length.mm(20));
    public static final Bounds SHIMS = new Bounds("A shim", Length.mm(0.02), Length.mm(3));
    /** At least the outer blades. */
    public static final Bounds ARBOR = new Bounds("What the arbor holds", Length.mm(1), Length.mm(80));

    public StackSet {
        OUTER.check("outer", outer);
        chippers = pieces("chippers", CHIPPERS, chippers, MOST_CHIPPERS);
        shims = pieces("shims", SHIMS, shims, MOST_SHIMS);
        new Bounds(ARBOR.name(), outer, ARBOR.most()).check("arbor", arbor);
    }

    private static List<Length> pieces(String field, Bounds bounds, List<Length> pieces, int most) {
        List<Length> all = pieces == null ? List.of() : List.copyOf(pieces);
        if (all.size() > most) {
            throw new Refused(field, "At most " + most + " of them.");
        }
        for (int i = 0; i < all.size(); i++) {
            bounds.check(field + "[" + i + "]", all.get(i));
        }
        return all;
    }

    /** The same set on another arbor. */
    public StackSet on(Length other) {
        return new StackSet(outer, chippers, shims, other);
    }

    /** A stack on the arbor: its chippers, its shims, and how wide it cuts. */
    public record Stack(List<Length> chippers, List<Length> shims, Length width) {}

    /** The stack nearest to a wanted slot, with the fewest shims, then the fewest chippers. Always one: the outer blades alone. */
    public Stack nearest(Length wanted) {
        return best(wanted, false).orElse(new Stack(List.of(), List.of(), outer));
    }

    /** The widest stack that is no wider than wanted; empty when the outer blades alone are wider. */
    public Optional<Stack> widestWithin(Length wanted) {
        return best(wanted, true);
    }

    private Optional<Stack> best(Length wanted, boolean within) {
        Stack best = null;
        Comparator<Stack> order = Comparator.comparing(
                        (Stack s) -> s.width().minus(wanted).abs())
                .thenComparing(s -> s.shims().size())
                .thenComparing(s -> s.chippers().size());
        NavigableMap<Length, List<Length>> thin = Pieces.sums(shims);
        for (Map.Entry<Length, List<Length>> some : Pieces.sums(chippers).entrySet()) {
            Length bare = outer.plus(some.getKey());
            Length rest = wanted.minus(bare);
            for (Map.Entry<Length, List<Length>> fill : Pieces.near(thin, Length.shorter(rest, arbor.minus(bare)))) {
                Length width = bare.plus(fill.getKey());
                if (width.isOver(arbor) || (within && width.isOver(wanted))) {
                    continue;
                }
                Stack stack = new Stack(some.getValue(), fill.getValue(), width);
                if (best == null || order.compare(stack, best) < 0) {
                    best = stack;
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
