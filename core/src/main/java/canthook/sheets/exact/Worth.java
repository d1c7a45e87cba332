package canthook.sheets.exact;

import canthook.sheets.exact.Ground.Fit;
import canthook.sheets.exact.Ground.Flaw;
import canthook.sheets.exact.Pattern.Band;
import canthook.sheets.exact.Pattern.Block;
import canthook.sheets.exact.Pattern.Slot;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The cuts of one sheet that are worth most when every panel has its price, as many of each as there is room for.
 *
 * <pre>
 * stack(height)  = max over panels of the piece's length: price + stack(height − panel − kerf)
 * strip(length)  = max over lengths: stack + strip(length − piece − kerf)
 * sheet(from y)  = max over strip heights: strip + sheet(y + height + kerf)
 * </pre>
 */
final class Worth {
    private final Ground ground;
    private final double[] prices;
    private final List<Flaw> sorted;
    private final List<double[]> stacks = new ArrayList<>();
    private final List<int[]> picks = new ArrayList<>();
    private final Map<Long, Double> clear = new HashMap<>();
    private final double[] sheet;
    private final long[] chosen;

    /** @param prices of the task's panels; one that is worth nothing is not laid */
    Worth(Ground ground, double[] prices) {
        this.ground = ground;
        this.prices = prices;
        sorted = ground.flaws.stream()
                .sorted(Comparator.comparingLong(Flaw::low))
                .toList();
        for (int g = 0; g < ground.groups.size(); g++) {
            stack(g);
        }
        sheet = new double[ground.starts.length + 1];
        chosen = new long[ground.starts.length];
        boolean flawless = ground.flaws.isEmpty();
        double[] strips = flawless ? clearStrips() : new double[0];
        for (int i = ground.starts.length - 1; i >= 0; i--) {
            sheet[i] = sheet[i + 1];
            if (flawless) {
                fromHere(i, strips);
            } else {
                overFlaws(i);
            }
        }
    }

    private double[] clearStrips() {
        double[] strips = new double[ground.heights.length];
        for (int h = 0; h < strips.length; h++) {
            strips[h] = clear(ground.heights[h])[ground.filled.length];
        }
        return strips;
    }

    private void fromHere(int i, double[] strips) {
        long room = ground.width - ground.starts[i];
        for (int h = 0; h < strips.length && ground.heights[h] <= room; h++) {
            double value = strips[h] + sheet[ground.next[i][h]];
            if (value > sheet[i] + 1e-12) {
                sheet[i] = value;
                chosen[i] = ground.heights[h];
            }
        }
    }

    private void overFlaws(int i) {
        long from = ground.starts[i];
        for (long height : heights(from)) {
            double value = strip(from, height) + sheet[Ground.ceiling(ground.starts, from + height + ground.kerf)];
            if (value > sheet[i] + 1e-12) {
                sheet[i] = value;
                chosen[i] = height;
            }
        }
    }

    double best() {
        return sheet[0];
    }

    private void stack(int group) {
        List<Fit> fits = ground.groups.get(group);
        double[] worth = new double[ground.stacks.get(group).length];
        int[] pick = new int[worth.length];
        for (int i = 0; i < worth.length; i++) {
            worth[i] = i == 0 ? 0 : worth[i - 1];
            pick[i] = -1;
            for (int f = 0; f < fits.size(); f++) {
                double price = prices[fits.get(f).panel()];
                int below = ground.under[group][i][f];
                if (price <= 0 || below == -2) {
                    continue;
                }
                double value = price + (below < 0 ? 0 : worth[below]);
                if (value > worth[i] + 1e-12) {
                    worth[i] = value;
                    pick[i] = f;
                }
            }
        }
        stacks.add(worth);
        picks.add(pick);
    }

    private double stack(int group, long height) {
        int at = Ground.floor(ground.stacks.get(group), height);
        return at < 0 ? 0 : stacks.get(group)[at];
    }

    /** Heights worth ripping from here: those that fit a stack, and those that fit a stack beginning over a flaw. */
    long[] heights(long from) {
        long room = ground.width - from;
        int all = Ground.floor(ground.heights, room) + 1;
        if (ground.flaws.isEmpty()) {
            return Arrays.copyOf(ground.heights, all);
        }
        long[] heights = Arrays.copyOf(ground.heights, all + ground.flaws.size() * ground.heights.length);
        int n = all;
        for (Flaw flaw : ground.flaws) {
            for (long height : ground.heights) {
                long top = flaw.high() + height - from;
                if (flaw.high() > from && top <= room) {
                    heights[n++] = top;
                }
            }
        }
        return Arrays.stream(heights, 0, n).distinct().toArray();
    }

    double strip(long from, long height) {
        if (ground.isFlawed(0, ground.length, from, from + height)) {
            return flawed(from, height)[0];
        }
        return clear.computeIfAbsent(height, h -> clear(h)[ground.filled.length]);
    }

    /** Worth of each filled length, from the second place on. */
    private double[] clear(long height) {
        double[] each = new double[ground.lengths.length];
        for (int g = 0; g < each.length; g++) {
            each[g] = stack(g, height);
        }
        double[] worth = new double[ground.filled.length + 1];
        for (int i = 0; i < ground.filled.length; i++) {
            worth[i + 1] = worth[i];
            for (int g = 0; g < each.length; g++) {
                int before = ground.before[g][i];
                if (each[g] > 0 && before >= 0) {
                    worth[i + 1] = Math.max(worth[i + 1], each[g] + worth[before]);
                }
            }
        }
        return worth;
    }

    /** Worth of what lies to the right of each place a piece may begin. */
    private double[] flawed(long from, long height) {
        double[] each = new double[ground.lengths.length];
        for (int g = 0; g < each.length; g++) {
            each[g] = stack(g, height);
        }
        List<Flaw> here = sorted.stream()
                .filter(f -> f.low() < from + height && f.high() > from)
                .toList();
        double[] worth = new double[ground.lefts.length + 1];
        for (int i = ground.lefts.length - 1; i >= 0; i--) {
            worth[i] = worth[i + 1];
            for (int g = 0; g < each.length; g++) {
                int after = ground.behind[i][g];
                if (after < 0 || each[g] <= 0 || each[g] + worth[after] <= worth[i]) {
                    continue;
                }
                double value = touches(here, ground.lefts[i], ground.lefts[i] + ground.lengths[g])
                        ? piece(g, ground.lefts[i], from, height)
                        : each[g];
                worth[i] = value > 0 ? Math.max(worth[i], value + worth[after]) : worth[i];
            }
        }
        return worth;
    }

    private static boolean touches(List<Flaw> flaws, long left, long right) {
        for (Flaw flaw : flaws) {
            if (flaw.left() < right && flaw.right() > left) {
                return true;
            }
        }
        return false;
    }

    private double piece(int group, long left, long from, long height) {
        double worth = 0;
        for (long[] room : rooms(group, left, from, height)) {
            worth += stack(group, room[1] - room[0]);
        }
        return worth;
    }

    /** Stretches of a piece's height that no flaw reaches into. */
    private List<long[]> rooms(int group, long left, long from, long height) {
        List<long[]> rooms = new ArrayList<>();
        long right = left + ground.lengths[group];
        long low = from;
        for (Flaw flaw : sorted) {
            if (flaw.left() < right && flaw.right() > left && flaw.low() < from + height && flaw.high() > low) {
                if (flaw.low() > low) {
                    rooms.add(new long[] {low, flaw.low()});
                }
                low = flaw.high();
            }
        }
        if (low < from + height) {
            rooms.add(new long[] {low, from + height});
        }
        return rooms;
    }

    /** The whole pattern. */
    Pattern pattern() {
        List<Band> bands = new ArrayList<>();
        int i = 0;
        while (i < ground.starts.length) {
            long height = chosen[i];
            if (height == 0) {
                i++;
                continue;
            }
            long from = ground.starts[i];
            Band band = band(from, height);
            if (!band.blocks().isEmpty()) {
                bands.add(band);
            }
            i = Ground.ceiling(ground.starts, from + height + ground.kerf);
        }
        return new Pattern(ground, bands);
    }

    /** Where the next strip from here begins, and its height; empty when none is worth it. */
    long[] next(long from) {
        for (int i = Ground.ceiling(ground.starts, from); i < ground.starts.length; i++) {
            if (chosen[i] > 0) {
                return new long[] {ground.starts[i], chosen[i]};
            }
        }
        return new long[0];
    }

    Band band(long from, long height) {
        return new Band(
                from,
                height,
                ground.isFlawed(0, ground.length, from, from + height)
                        ? flawedBlocks(from, height)
                        : clearBlocks(0, from, height));
    }

    /** Pieces of a strip that no flaw reaches, from so far along it on. */
    List<Block> clearBlocks(long left, long from, long height) {
        double[] worth = clear(height);
        List<Integer> pieces = new ArrayList<>();
        int i = Ground.floor(ground.filled, ground.length - left) + 1;
        while (i > 0) {
            int back = i - 1;
            for (int g = 0; g < ground.lengths.length && worth[i] > worth[i - 1]; g++) {
                double value = stack(g, height);
                int before = ground.before[g][i - 1];
                if (value > 0 && before >= 0 && value + worth[before] >= worth[i]) {
                    pieces.add(g);
                    back = before;
                    break;
                }
            }
            i = back;
        }
        List<Block> blocks = new ArrayList<>();
        long at = left;
        for (int g : pieces) {
            List<Slot> slots = new ArrayList<>();
            slots(g, from, from + height, slots);
            blocks.add(new Block(at, ground.lengths[g], slots));
            at += ground.lengths[g] + ground.kerf;
        }
        return blocks;
    }

    private List<Block> flawedBlocks(long from, long height) {
        double[] worth = flawed(from, height);
        List<Block> blocks = new ArrayList<>();
        int i = 0;
        while (i < ground.lefts.length) {
            int next = i + 1;
            if (worth[i] > worth[i + 1]) {
                for (int g = 0; g < ground.lengths.length; g++) {
                    long left = ground.lefts[i];
                    long end = left + ground.lengths[g];
                    if (end > ground.length) {
                        continue;
                    }
                    double value = piece(g, left, from, height);
                    int after = ground.behind[i][g];
                    if (value > 0 && value + worth[after] >= worth[i]) {
                        List<Slot> slots = new ArrayList<>();
                        for (long[] room : rooms(g, left, from, height)) {
                            slots(g, room[0], room[1], slots);
                        }
                        blocks.add(new Block(left, ground.lengths[g], slots));
                        next = after;
                        break;
                    }
                }
            }
            i = next;
        }
        return blocks;
    }

    private void slots(int group, long low, long high, List<Slot> slots) {
        long[] heights = ground.stacks.get(group);
        int i = Ground.floor(heights, high - low);
        long at = low;
        while (i >= 0) {
            int pick = picks.get(group)[i];
            if (pick < 0) {
                i--;
                continue;
            }
            Fit fit = ground.groups.get(group).get(pick);
            slots.add(new Slot(fit, at));
            at += fit.y() + ground.kerf;
            i = Ground.floor(heights, heights[i] - fit.y() - ground.kerf);
        }
    }
}
