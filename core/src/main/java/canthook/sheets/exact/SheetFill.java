package canthook.sheets.exact;

import canthook.sheets.exact.Pattern.Band;
import canthook.sheets.exact.Pattern.Block;
import canthook.sheets.exact.Pattern.Slot;
import java.util.ArrayList;
import java.util.List;

/** Fills one sheet with no more of each panel than are wanted: strip after strip by prices, and anew once a panel is all laid. */
final class SheetFill {
    private final Ground ground;
    private final double[] prices;
    private final int[] wanted;
    private Worth worth;

    private SheetFill(Ground ground, double[] prices, int[] wanted) {
        this.ground = ground;
        this.prices = prices;
        this.wanted = wanted;
        worth = anew();
    }

    /** How a strip is chosen. */
    enum Choice {
        /** The one the whole sheet's best worth begins with. */
        BY_SHEET,
        /** The one that is worth most for its own width. */
        BY_STRIP
    }

    /** What is laid is taken off what is wanted. */
    static Pattern fill(Ground ground, double[] prices, int[] wanted, Choice choice) {
        return ground.isEmpty() ? new Pattern(ground, List.of()) : new SheetFill(ground, prices, wanted).fill(choice);
    }

    private Worth anew() {
        double[] left = new double[prices.length];
        for (int p = 0; p < left.length; p++) {
            left[p] = wanted[p] > 0 ? prices[p] : 0;
        }
        return new Worth(ground, left);
    }

    private Pattern fill(Choice choice) {
        List<Band> bands = new ArrayList<>();
        long y = 0;
        while (y < ground.width) {
            long[] next = choice == Choice.BY_STRIP && ground.flaws.isEmpty() ? byStrip(y) : worth.next(y);
            if (next.length == 0) {
                break;
            }
            Band band = laid(worth.band(next[0], next[1]));
            if (band.blocks().isEmpty()) {
                break;
            }
            bands.add(band);
            y = next[0] + next[1] + ground.kerf;
        }
        return new Pattern(ground, bands).tidy();
    }

    private long[] byStrip(long y) {
        long[] best = new long[0];
        double most = 0;
        for (long height : worth.heights(y)) {
            int[] left = wanted.clone();
            double value = 0;
            for (Block block : worth.band(y, height).blocks()) {
                for (Slot slot : block.slots()) {
                    if (left[slot.fit().panel()]-- > 0) {
                        value += prices[slot.fit().panel()];
                    }
                }
            }
            double each = value / (height + ground.kerf);
            if (each > most) {
                most = each;
                best = new long[] {y, height};
            }
        }
        return best;
    }

    /** As many of the strip's panels as are still wanted; where one is all laid, others take its room. */
    private Band laid(Band band) {
        boolean clear = !ground.isFlawed(0, ground.length, band.at(), band.at() + band.height());
        List<Block> kept = new ArrayList<>();
        List<Block> open = band.blocks();
        long x = 0;
        while (!open.isEmpty()) {
            boolean dropped = false;
            boolean ranOut = false;
            for (Block block : open) {
                List<Slot> slots = new ArrayList<>();
                for (Slot slot : block.slots()) {
                    if (wanted[slot.fit().panel()] > 0) {
                        ranOut |= --wanted[slot.fit().panel()] == 0;
                        slots.add(slot);
                    } else {
                        dropped = true;
                    }
                }
                if (!slots.isEmpty()) {
                    Block laid = new Block(clear ? x : block.at(), block.length(), slots);
                    kept.add(laid);
                    x = laid.at() + laid.length() + ground.kerf;
                }
                if (dropped && clear) {
                    break;
                }
            }
            worth = ranOut ? anew() : worth;
            open = dropped && clear && x < ground.length ? worth.clearBlocks(x, band.at(), band.height()) : List.of();
        }
        return new Band(band.at(), band.height(), kept);
    }
}
