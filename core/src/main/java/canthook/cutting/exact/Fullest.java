package canthook.cutting.exact;

import java.util.ArrayList;
import java.util.List;

/** The best way to fill one clear length with a few of each thing: as full as it will go, a matched corner counting for some length. */
final class Fullest {
    private static final int GRID = 4000;

    private Fullest() {}

    /**
     * What may be laid.
     *
     * @param kind of box
     * @param sides it gives
     * @param ends it gives
     * @param length with its kerfs
     * @param bonus length its corners count for
     * @param count how many at the most
     */
    record Item(int kind, int sides, int ends, long length, long bonus, int count) {}

    /**
     * @param wanted sides and ends still wanted of each kind; never more are taken
     * @return sides and ends taken of each kind
     */
    static int[] of(List<Item> items, long room, int[] wanted) {
        int[] taken = fill(items, room, wanted.length);
        for (int i = 0; i < wanted.length; i++) {
            if (taken[i] > wanted[i]) {
                // runs and single parts drew on the same few: single parts alone never do
                return fill(items.stream().filter(it -> it.bonus() == 0).toList(), room, wanted.length);
            }
        }
        return taken;
    }

    private static int[] fill(List<Item> items, long room, int ids) {
        // lengths rounded up, so that what is taken really fits
        long grid = Math.max(1, room / GRID);
        int most = (int) (room / grid);
        List<Item> each = new ArrayList<>();
        for (Item item : items) {
            for (int i = 0; i < item.count() && (i + 1) * item.length() <= room; i++) {
                each.add(item);
            }
        }
        long[] worth = new long[most + 1];
        boolean[][] chosen = new boolean[each.size()][most + 1];
        for (int i = 0; i < each.size(); i++) {
            int length = length(each.get(i), grid);
            long value = each.get(i).length() + each.get(i).bonus();
            for (int r = most; r >= length; r--) {
                if (worth[r - length] + value > worth[r]) {
                    worth[r] = worth[r - length] + value;
                    chosen[i][r] = true;
                }
            }
        }
        int[] taken = new int[ids];
        int r = most;
        for (int i = each.size() - 1; i >= 0; i--) {
            if (chosen[i][r]) {
                taken[2 * each.get(i).kind()] += each.get(i).sides();
                taken[2 * each.get(i).kind() + 1] += each.get(i).ends();
                r -= length(each.get(i), grid);
            }
        }
        return taken;
    }

    private static int length(Item item, long grid) {
        return (int) ((item.length() + grid - 1) / grid);
    }
}
