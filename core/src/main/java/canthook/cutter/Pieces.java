package canthook.cutter;

import canthook.length.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/** Thin pieces laid together for a thickness: shims of a stacked cutter, leaves of a feeler gauge. */
public final class Pieces {
    private Pieces() {}

    /** Every thickness these pieces give together, each by the fewest of them; nothing at all is zero. */
    static NavigableMap<Length, List<Length>> sums(List<Length> pieces) {
        return sums(pieces, Length.LONGEST);
    }

    /** Those sums alone that are no thicker than so much. */
    private static NavigableMap<Length, List<Length>> sums(List<Length> pieces, Length most) {
        NavigableMap<Length, List<Length>> found = new TreeMap<>();
        found.put(Length.ZERO, List.of());
        for (Length piece : pieces) {
            for (Map.Entry<Length, List<Length>> entry : new TreeMap<>(found).entrySet()) {
                Length width = entry.getKey().plus(piece);
                List<Length> standing = found.get(width);
                boolean fits = !width.isOver(most);
                if (fits
                        && (standing == null
                                || standing.size() > entry.getValue().size() + 1)) {
                    List<Length> with = new ArrayList<>(entry.getValue());
                    with.add(piece);
                    found.put(width, List.copyOf(with));
                }
            }
        }
        return found;
    }

    /** The two sums on either side of a wanted one. */
    static List<Map.Entry<Length, List<Length>>> near(NavigableMap<Length, List<Length>> sums, Length wanted) {
        List<Map.Entry<Length, List<Length>>> near = new ArrayList<>(2);
        Map.Entry<Length, List<Length>> below = sums.floorEntry(wanted);
        Map.Entry<Length, List<Length>> above = sums.higherEntry(wanted);
        if (below != null) {
            near.add(below);
        }
        if (above != null) {
            near.add(above);
        }
        return near;
    }

    /**
     * The fewest pieces that come within {@code within} of a thickness; when none do, those that come nearest.
     *
     * @return the pieces, thickest first; empty when nothing at all is nearest
     */
    public static List<Length> fewest(List<Length> pieces, Length wanted, Length within) {
        // a little beyond, so that what lies nearest above is seen
        NavigableMap<Length, List<Length>> sums =
                sums(pieces, wanted.plus(Length.longer(within, wanted)).plus(Length.mm(1)));
        List<Length> best = null;
        Length off = Length.ZERO;
        for (Map.Entry<Length, List<Length>> entry : sums.subMap(wanted.minus(within), true, wanted.plus(within), true)
                .entrySet()) {
            Length away = entry.getKey().minus(wanted).abs();
            if (best == null
                    || entry.getValue().size() < best.size()
                    || (entry.getValue().size() == best.size() && away.isUnder(off))) {
                best = entry.getValue();
                off = away;
            }
        }
        if (best == null) {
            for (Map.Entry<Length, List<Length>> entry : near(sums, wanted)) {
                Length away = entry.getKey().minus(wanted).abs();
                if (best == null || away.isUnder(off)) {
                    best = entry.getValue();
                    off = away;
                }
            }
        }
        List<Length> thickestFirst = new ArrayList<>(best == null ? List.of() : best);
        thickestFirst.sort((a, b) -> b.compareTo(a));
        return List.copyOf(thickestFirst);
    }
}
