package canthook.finish;

import java.util.Map;
import java.util.TreeMap;

/** One pair of hands: when they are at something already, in seconds of the epoch. */
final class Hands {
    private final TreeMap<Long, Long> busy;

    Hands() {
        busy = new TreeMap<>();
    }

    private Hands(TreeMap<Long, Long> busy) {
        this.busy = busy;
    }

    Hands copy() {
        return new Hands(new TreeMap<>(busy));
    }

    void take(long from, long to) {
        busy.merge(from, to, Math::max);
    }

    /** When they are free again of what would lie in the way; {@code from} itself when nothing does. */
    long free(long from, long to) {
        Map.Entry<Long, Long> before = busy.floorEntry(from);
        if (before != null && before.getValue() > from) {
            return before.getValue();
        }
        Map.Entry<Long, Long> after = busy.higherEntry(from);
        return after != null && after.getKey() < to ? after.getValue() : from;
    }

    /** When they are next at something, from a moment at which they are free; the farthest moment when they are at nothing more. */
    long next(long from) {
        Long next = busy.ceilingKey(from);
        return next == null ? Long.MAX_VALUE : next;
    }
}
