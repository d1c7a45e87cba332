package canthook.cutting.exact;

import java.util.NavigableSet;
import java.util.TreeSet;

/**
 * The lengths that whole parts can add up to. A clear length never holds more than the longest of them that fits, which tells
 * the search how much of it is lost whatever is done.
 */
final class Reachable {
    private static final int MOST = 60_000;
    private final long[] parts;
    private final NavigableSet<Long> sums = new TreeSet<>();
    private long upTo;

    /** @param parts part lengths, each with its kerf */
    Reachable(long[] parts) {
        this.parts = parts;
        sums.add(0L);
    }

    /** The longest sum of parts not over {@code room}; {@code room} itself when there are too many sums to tell. */
    long most(long room) {
        if (upTo == Long.MAX_VALUE) {
            return room;
        }
        while (upTo < room) {
            grow(upTo);
            Long next = sums.higher(upTo);
            upTo = next == null || next > room ? room : next;
            if (sums.size() > MOST) {
                upTo = Long.MAX_VALUE;
                return room;
            }
        }
        Long floor = sums.floor(room);
        return floor == null ? 0 : floor;
    }

    private void grow(long from) {
        if (sums.contains(from)) {
            for (long part : parts) {
                sums.add(from + part);
            }
        }
    }
}
