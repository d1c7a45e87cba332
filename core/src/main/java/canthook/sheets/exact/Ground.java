package canthook.sheets.exact;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.length.Length;
import canthook.sheets.SheetTask;
import canthook.sheets.SheetTask.Panel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * A sheet with the way it is ripped: x along the rips, y across them, in nanometres. Holds the places where a cut may fall:
 * everything can be pushed towards the fence and the left end until it touches a neighbour's kerf or a flaw, so sums of sizes
 * and kerfs, from the edge and from each flaw, are all that need be looked at.
 */
final class Ground {
    /** So many places are looked at in one direction; with more of them the bound by prices is not claimed. */
    private static final int MOST_PLACES = 2500;

    private static final int MOST_AMONG_FLAWS = 250;

    /** A rectangle no panel may touch. */
    record Flaw(long left, long right, long low, long high) {}

    /** A panel as it may lie. */
    record Fit(int panel, long x, long y, boolean turned) {}

    private final SheetTask task;
    final int sheet;
    final boolean turned;
    final boolean scrap;
    final long length;
    final long width;
    final long kerf;
    final List<Flaw> flaws;

    /** Fits of one length each, by falling length. */
    final List<List<Fit>> groups = new ArrayList<>();

    /** Heights a stack of the group may have. */
    final List<long[]> stacks = new ArrayList<>();

    final long[] lengths;

    /** Heights a strip may have. */
    final long[] heights;

    /** Where a strip may begin. */
    final long[] starts;

    /** Lengths filled by pieces and the kerfs between them. */
    final long[] filled;

    /** Where a piece may begin in a strip that has flaws. */
    final long[] lefts;

    /** By group, stack and fit: the stack that is left under the fit; −1 when none is, −2 when it does not fit. */
    final int[][][] under;

    /** By group and filled length: the length that is left of the piece, counted from 1; −1 when it does not fit. */
    final int[][] before;

    /** By start and height: the next start. */
    final int[][] next;

    private boolean thinned;

    /** By place a piece may begin and group: the next such place behind it; −1 when it does not fit. */
    final int[][] behind;

    private @Nullable Ground clear;

    Ground(SheetTask task, int sheet, boolean turned) {
        this(task, sheet, turned, true, Long.MAX_VALUE);
    }

    private Ground(SheetTask task, int sheet, boolean turned, boolean withFlaws, long most) {
        this.task = task;
        Blank blank = task.sheets().get(sheet);
        this.sheet = sheet;
        this.turned = turned;
        scrap = blank.scrap();
        long along = blank.length().nanometres();
        long across = blank.width().nanometres();
        length = turned ? across : along;
        width = Math.min(most, turned ? along : across);
        kerf = task.kerf().nanometres();
        flaws = blank.defects().stream()
                .filter(d -> withFlaws && !d.mayHide())
                .map(d -> flaw(d, blank))
                .toList();
        List<Fit> fits = fits(task, blank);
        TreeSet<Long> all = new TreeSet<>();
        fits.forEach(f -> all.add(-f.x()));
        lengths = all.stream().mapToLong(x -> -x).toArray();
        TreeSet<Long> strips = new TreeSet<>();
        for (long x : lengths) {
            List<Fit> group = fits.stream().filter(f -> f.x() == x).toList();
            groups.add(group);
            long[] sums = sums(group.stream().mapToLong(Fit::y).distinct().toArray(), width, List.of(0L), MOST_PLACES);
            stacks.add(sums);
            Arrays.stream(sums).forEach(strips::add);
        }
        heights = strips.stream().mapToLong(h -> h).toArray();
        starts = begins(heights, width, flaws.stream().map(Flaw::high).toList());
        filled = sums(lengths, length, List.of(0L), MOST_PLACES);
        lefts = begins(lengths, length, flaws.stream().map(Flaw::right).toList());
        under = new int[lengths.length][][];
        before = new int[lengths.length][filled.length];
        for (int g = 0; g < lengths.length; g++) {
            under[g] = under(groups.get(g), stacks.get(g));
            for (int i = 0; i < filled.length; i++) {
                before[g][i] = lengths[g] > filled[i] ? -1 : floor(filled, filled[i] - lengths[g] - kerf) + 1;
            }
        }
        behind = behind();
        next = new int[starts.length][heights.length];
        for (int i = 0; i < starts.length; i++) {
            for (int h = 0; h < heights.length; h++) {
                next[i][h] = ceiling(starts, starts[i] + heights[h] + kerf);
            }
        }
    }

    /** The same without its flaws: no less can be cut of it. */
    Ground clear() {
        if (clear == null) {
            clear = flaws.isEmpty() ? this : new Ground(task, sheet, turned, false, width);
        }
        return clear;
    }

    /** The part of it next to the fence. */
    Ground narrowed(long to) {
        return new Ground(task, sheet, turned, true, to);
    }

    private int[][] behind() {
        int[][] after = new int[lefts.length][lengths.length];
        for (int i = 0; i < lefts.length; i++) {
            for (int g = 0; g < lengths.length; g++) {
                after[i][g] = lefts[i] + lengths[g] > length ? -1 : ceiling(lefts, lefts[i] + lengths[g] + kerf);
            }
        }
        return after;
    }

    private int[][] under(List<Fit> group, long[] tall) {
        int[][] under = new int[tall.length][group.size()];
        for (int i = 0; i < tall.length; i++) {
            for (int f = 0; f < group.size(); f++) {
                long y = group.get(f).y();
                under[i][f] = y > tall[i] ? -2 : floor(tall, tall[i] - y - kerf);
            }
        }
        return under;
    }

    /** Whether some places were left out, so that a plan may be missed. */
    boolean isThinned() {
        return thinned;
    }

    /** mm². */
    double area() {
        return length * 1e-6 * (width * 1e-6);
    }

    boolean isEmpty() {
        return groups.isEmpty();
    }

    /** Whether a flaw lies in a rectangle. */
    boolean isFlawed(long left, long right, long low, long high) {
        for (Flaw f : flaws) {
            if (f.left() < right && f.right() > left && f.low() < high && f.high() > low) {
                return true;
            }
        }
        return false;
    }

    private List<Fit> fits(SheetTask task, Blank blank) {
        List<Fit> fits = new ArrayList<>();
        for (int i = 0; i < task.panels().size(); i++) {
            Panel panel = task.panels().get(i);
            if (!panel.comesOf(blank)) {
                continue;
            }
            long along = panel.along().nanometres();
            long across = panel.across().nanometres();
            if (panel.grainBinds()) {
                if (!turned) {
                    add(fits, new Fit(i, along, across, false));
                }
                continue;
            }
            add(fits, new Fit(i, along, across, false));
            if (along != across) {
                add(fits, new Fit(i, across, along, true));
            }
        }
        return fits;
    }

    private void add(List<Fit> fits, Fit fit) {
        if (fit.x() <= length && fit.y() <= width) {
            fits.add(fit);
        }
    }

    /** No flaw is narrower than the saw. */
    private Flaw flaw(Defect d, Blank blank) {
        long low = d.acrossFrom() == null ? 0 : d.acrossFrom().nanometres();
        long high =
                d.acrossTo() == null ? blank.width().nanometres() : d.acrossTo().nanometres();
        long from = d.from().nanometres();
        long to = d.to().nanometres();
        Flaw flaw = turned ? new Flaw(low, high, from, to) : new Flaw(from, to, low, high);
        return new Flaw(
                flaw.left(),
                Math.max(flaw.right(), flaw.left() + kerf),
                flaw.low(),
                Math.max(flaw.high(), flaw.low() + kerf));
    }

    /** What pieces fill with the kerfs between them, up to the most. */
    private long[] sums(long[] pieces, long most, List<Long> from, int limit) {
        TreeSet<Long> sums = new TreeSet<>();
        TreeSet<Long> open = new TreeSet<>(from);
        while (!open.isEmpty()) {
            long at = open.pollFirst();
            for (long piece : pieces) {
                long top = at + piece;
                if (top <= most && sums.size() < limit && sums.add(top)) {
                    open.add(top + kerf);
                }
            }
            if (sums.size() >= limit) {
                thinned = true;
                break;
            }
        }
        if (sums.size() >= limit) {
            // the multiples of each are wanted whatever else is left out
            for (long piece : pieces) {
                for (long top = piece; top <= most; top += piece + kerf) {
                    sums.add(top);
                }
            }
        }
        return sums.stream().mapToLong(s -> s).toArray();
    }

    private long[] begins(long[] pieces, long most, List<Long> flawEnds) {
        List<Long> from = new ArrayList<>(flawEnds);
        from.add(0L);
        TreeSet<Long> places = new TreeSet<>(from);
        for (long top : sums(pieces, most, from, flaws.isEmpty() ? MOST_PLACES : MOST_AMONG_FLAWS)) {
            places.add(top + kerf);
        }
        return places.stream().mapToLong(p -> p).filter(p -> p < most).toArray();
    }

    /** Index of the largest that is no larger; −1 when all are. */
    static int floor(long[] sorted, long value) {
        int at = Arrays.binarySearch(sorted, value);
        return at >= 0 ? at : -at - 2;
    }

    /** Index of the smallest that is no smaller; the length when none is. */
    static int ceiling(long[] sorted, long value) {
        int at = Arrays.binarySearch(sorted, value);
        return at >= 0 ? at : -at - 1;
    }

    static Length length(long nanometres) {
        return new Length(nanometres);
    }
}
