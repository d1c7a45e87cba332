package canthook.sheets.exact;

import java.util.Arrays;
import java.util.Optional;

/**
 * How many of each panel, packed into one number: a field of equal bits for each panel that is wanted, its highest bit kept free,
 * so that lots are added, taken off and held against what is wanted all fields at once.
 */
final class Lots {
    private final int[] wanted;
    private final int[] shift;
    private final int bits;
    private final long all;
    private final long guards;

    private Lots(int[] wanted, int bits) {
        this.wanted = wanted.clone();
        this.bits = bits;
        shift = new int[wanted.length];
        long sum = 0;
        long free = 0;
        int at = 0;
        for (int p = 0; p < wanted.length; p++) {
            shift[p] = at;
            if (wanted[p] > 0) {
                sum |= (long) wanted[p] << at;
                free |= 1L << (at + bits - 1);
                at += bits;
            }
        }
        all = sum;
        guards = free;
    }

    /** Nothing when so many do not go into one number. */
    static Optional<Lots> of(int[] wanted) {
        int kinds = (int) Arrays.stream(wanted).filter(n -> n > 0).count();
        if (kinds == 0) {
            return Optional.empty();
        }
        int bits = Math.min(31, Long.SIZE / kinds);
        boolean room = bits > 1 && Arrays.stream(wanted).allMatch(n -> n < 1 << (bits - 1));
        return room ? Optional.of(new Lots(wanted, bits)) : Optional.empty();
    }

    /** One panel of a kind that is wanted. */
    long one(int panel) {
        return 1L << shift[panel];
    }

    int count(long lot, int panel) {
        return wanted[panel] == 0 ? 0 : (int) (lot >>> shift[panel] & (1L << bits) - 1);
    }

    /** Whether a lot, or the sum of two that are, has no more of any panel than is wanted. */
    boolean isWanted(long lot) {
        return holds(all, lot);
    }

    /** Whether a lot has a part in it. */
    boolean holds(long lot, long part) {
        return ((lot | guards) - part & guards) == guards;
    }

    /** How many of each panel of the task. */
    int[] counts(long lot) {
        int[] counts = new int[wanted.length];
        Arrays.setAll(counts, p -> count(lot, p));
        return counts;
    }

    /** What is still wanted after a lot: no panel less than none, also where the lot has more of it. */
    long rest(long still, long lot) {
        long over = (still | guards) - lot;
        long enough = over & guards;
        return over & enough - (enough >>> bits - 1);
    }

    /** All that is wanted. */
    long all() {
        return all;
    }

    int kinds() {
        return wanted.length;
    }

    int wanted(int panel) {
        return wanted[panel];
    }
}
