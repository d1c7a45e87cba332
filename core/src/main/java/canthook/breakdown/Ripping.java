package canthook.breakdown;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.length.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * One way to rip a blank: strips side by side from its reference edge, and the clear lengths each of them gives.
 *
 * <pre>
 * strips       Σ heights + a rip kerf between each ≤ width         (equal strips: (width + kerf) / (height + kerf))
 * clear length what lies between the squared ends and the defects that reach into the strip
 * </pre>
 *
 * @param book whether the blank is resawn first and opened like a book
 */
public record Ripping(List<Strip> strips, boolean book) {
    private static final int MOST_STRIPS = 8;
    private static final int MOST_WAYS = 48;

    /**
     * A strip.
     *
     * @param lower its lower edge across the blank
     * @param height it is ripped to
     * @param clear its clear lengths, from left to right
     */
    public record Strip(Length lower, Length height, List<Clear> clear) {
        public Length upper() {
            return lower.plus(height);
        }
    }

    /** A stretch along a strip without defect. */
    public record Clear(Length from, Length to) {
        public Length length() {
            return to.minus(from);
        }
    }

    /** All ways worth considering to rip this blank for these boxes; none when it suits none of them. */
    public static List<Ripping> of(Blank blank, BreakdownTask task) {
        Set<Length> heights = new TreeSet<>(Comparator.reverseOrder());
        Set<Length> bookHeights = new TreeSet<>(Comparator.reverseOrder());
        for (Wanted box : task.boxes()) {
            if (suitsSide(blank, box) || suitsEnd(blank, box)) {
                heights.add(box.rip());
            }
            if (suitsBook(blank, box, task)) {
                bookHeights.add(box.rip());
            }
        }
        Set<Ripping> ways = new LinkedHashSet<>();
        ways.addAll(ways(blank, task, heights, false));
        ways.addAll(ways(blank, task, bookHeights, true));
        return List.copyOf(ways);
    }

    /** Whether this blank may give sides of this box. */
    public static boolean suitsSide(Blank blank, Wanted box) {
        return blank.wood().equals(box.sideWood()) && !blank.thickness().isUnder(box.sideThickness());
    }

    /** Whether this blank may give ends of this box. */
    public static boolean suitsEnd(Blank blank, Wanted box) {
        return blank.wood().equals(box.endWood()) && !blank.thickness().isUnder(box.endThickness());
    }

    /** Whether this blank is thick enough to be resawn and opened like a book. */
    public static boolean suitsBook(Blank blank, Wanted box, BreakdownTask task) {
        return task.habits().resaw()
                && box.isOfOneWood()
                && blank.wood().equals(box.sideWood())
                && !blank.thickness().isUnder(task.thicknessForBook(box));
    }

    private static Set<Ripping> ways(Blank blank, BreakdownTask task, Set<Length> heights, boolean book) {
        Set<Ripping> ways = new LinkedHashSet<>();
        if (heights.isEmpty()) {
            return ways;
        }
        boolean partly = blank.defects().stream().anyMatch(d -> d.acrossFrom() != null && !d.mayHide());
        List<List<Length>> orders = new ArrayList<>();
        arrange(blank.width(), task.habits().ripKerf(), List.copyOf(heights), partly, new ArrayList<>(), orders);
        for (List<Length> order : orders) {
            ways.add(laid(blank, task, order, Length.ZERO, book));
            if (partly && !order.isEmpty()) {
                Length slack = blank.width().minus(total(order, task.habits().ripKerf()));
                ways.add(laid(blank, task, order, slack, book));
            }
        }
        ways.removeIf(way -> way.strips().stream().allMatch(s -> s.clear().isEmpty()));
        return ways;
    }

    /** Fullest sequences of strip heights; when defects reach only partly across, every order of them. */
    private static void arrange(
            Length width,
            Length kerf,
            List<Length> heights,
            boolean ordered,
            List<Length> sofar,
            List<List<Length>> out) {
        boolean more = false;
        if (sofar.size() < MOST_STRIPS && out.size() < MOST_WAYS) {
            for (Length height : heights) {
                if (!ordered && !sofar.isEmpty() && height.isOver(sofar.get(sofar.size() - 1))) {
                    continue;
                }
                sofar.add(height);
                if (!total(sofar, kerf).isOver(width)) {
                    more = true;
                    arrange(width, kerf, heights, ordered, sofar, out);
                }
                sofar.remove(sofar.size() - 1);
            }
        }
        if (!more && !sofar.isEmpty() && out.size() < MOST_WAYS) {
            out.add(List.copyOf(sofar));
        }
    }

    private static Length total(List<Length> heights, Length kerf) {
        Length sum = kerf.times(Math.max(0, heights.size() - 1));
        for (Length height : heights) {
            sum = sum.plus(height);
        }
        return sum;
    }

    private static Ripping laid(Blank blank, BreakdownTask task, List<Length> order, Length from, boolean book) {
        List<Strip> strips = new ArrayList<>();
        Length lower = from;
        for (Length height : order) {
            strips.add(new Strip(lower, height, clear(blank, task, lower, lower.plus(height))));
            lower = lower.plus(height).plus(task.habits().ripKerf());
        }
        return new Ripping(List.copyOf(strips), book);
    }

    /** A defect narrower than the kerf takes a kerf: that is what cutting it out costs. */
    private static List<Clear> clear(Blank blank, BreakdownTask task, Length lower, Length upper) {
        Length loss = task.lossAtEnd(blank);
        Length last = blank.length().minus(loss);
        List<Clear> clear = new ArrayList<>();
        Length at = loss;
        List<Defect> inTheWay = blank.defects().stream()
                .filter(d -> !d.mayHide() && d.reaches(lower, upper))
                .sorted(Comparator.comparing(Defect::from))
                .toList();
        for (Defect defect : inTheWay) {
            add(clear, at, Length.shorter(defect.from(), last));
            at = Length.longer(
                    at,
                    Length.longer(defect.to(), defect.from().plus(task.habits().crosscutKerf())));
        }
        add(clear, at, last);
        return List.copyOf(clear);
    }

    private static void add(List<Clear> clear, Length from, Length to) {
        if (to.isOver(from)) {
            clear.add(new Clear(from, to));
        }
    }
}
