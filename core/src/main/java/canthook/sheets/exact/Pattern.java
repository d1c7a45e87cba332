package canthook.sheets.exact;

import canthook.sheets.exact.Ground.Fit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * One sheet's cuts, in its {@link Ground}'s measure.
 *
 * @param bands strips from the fence upwards, none over another
 */
record Pattern(Ground ground, List<Band> bands) {
    Pattern {
        bands = List.copyOf(bands);
    }

    /** A strip. */
    record Band(long at, long height, List<Block> blocks) {
        Band {
            blocks = List.copyOf(blocks);
        }

        Band moved(long to) {
            return new Band(
                    to, height, blocks.stream().map(b -> b.raised(to - at)).toList());
        }

        void count(int[] counts) {
            blocks.forEach(b -> b.slots().forEach(s -> counts[s.fit().panel()]++));
        }

        long end() {
            return blocks.isEmpty()
                    ? 0
                    : blocks.get(blocks.size() - 1).at()
                            + blocks.get(blocks.size() - 1).length();
        }
    }

    /** A piece of a strip. */
    record Block(long at, long length, List<Slot> slots) {
        Block {
            slots = List.copyOf(slots);
        }

        Block raised(long by) {
            return new Block(
                    at,
                    length,
                    slots.stream().map(s -> new Slot(s.fit(), s.at() + by)).toList());
        }
    }

    /** A panel of a piece. */
    record Slot(Fit fit, long at) {}

    int[] counts(int panels) {
        int[] counts = new int[panels];
        bands.forEach(b -> b.count(counts));
        return counts;
    }

    /** The same with no more of each panel than are wanted; what is wanted is taken off. */
    Pattern upTo(int[] wanted) {
        List<Band> kept = new ArrayList<>();
        for (Band band : bands) {
            List<Block> blocks = new ArrayList<>();
            for (Block block : band.blocks()) {
                List<Slot> slots = new ArrayList<>();
                for (Slot slot : block.slots()) {
                    if (wanted[slot.fit().panel()] > 0) {
                        wanted[slot.fit().panel()]--;
                        slots.add(slot);
                    }
                }
                if (!slots.isEmpty()) {
                    blocks.add(new Block(block.at(), block.length(), slots));
                }
            }
            if (!blocks.isEmpty()) {
                kept.add(new Band(band.at(), band.height(), blocks));
            }
        }
        return new Pattern(ground, kept).tidy();
    }

    /** Without flaws strips and pieces may be pushed together, the highest strip first at the fence, the longest piece first. */
    Pattern tidy() {
        if (!ground.flaws.isEmpty()) {
            return this;
        }
        List<Band> sorted = new ArrayList<>(bands);
        sorted.sort(Comparator.comparingLong(Band::height).reversed());
        List<Band> pushed = new ArrayList<>();
        long y = 0;
        for (Band band : sorted) {
            List<Block> blocks = new ArrayList<>(band.blocks());
            blocks.sort(Comparator.comparingLong(Block::length).reversed());
            List<Block> row = new ArrayList<>();
            long x = 0;
            long high = 0;
            for (Block block : blocks) {
                List<Slot> stack = new ArrayList<>(block.slots());
                stack.sort(Comparator.comparingLong((Slot s) -> s.fit().y()).reversed());
                List<Slot> slots = new ArrayList<>();
                long top = y;
                for (Slot slot : stack) {
                    slots.add(new Slot(slot.fit(), top));
                    top += slot.fit().y() + ground.kerf;
                }
                high = Math.max(high, top - ground.kerf - y);
                row.add(new Block(x, block.length(), slots));
                x += block.length() + ground.kerf;
            }
            pushed.add(new Band(y, high, row));
            y += high + ground.kerf;
        }
        return new Pattern(ground, pushed);
    }

    boolean isEmpty() {
        return bands.isEmpty();
    }

    static boolean isNone(int[] wanted) {
        return Arrays.stream(wanted).allMatch(n -> n <= 0);
    }
}
