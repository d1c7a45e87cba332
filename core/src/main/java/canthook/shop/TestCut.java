package canthook.shop;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One test cut as it was read.
 *
 * @param at when, ISO 8601
 * @param slots readings of the slot, one or more
 * @param fingers readings of the finger, one or more
 * @param moved how far the key was moved since the test before, positive away from the cutter; null when it was not
 * @param sections the plan had when it was cut; null for cuts recorded before that was kept
 * @param kerf the plan was cut with then; null likewise
 */
public record TestCut(
        String at,
        List<Length> slots,
        List<Length> fingers,
        @Nullable Length moved,
        @Nullable Integer sections,
        @Nullable Length kerf) {
    private static final int MOST_READINGS = 12;

    public static final Bounds SLOTS = new Bounds("Slot reading", Length.mm(0.1), Length.mm(300));
    public static final Bounds FINGERS = new Bounds("Finger reading", Length.mm(0.1), Length.mm(300));
    public static final Bounds MOVED = new Bounds("Move made", Length.mm(-20), Length.mm(20));

    public TestCut {
        Refused.ifMissing("at", "When it was cut", at);
        readings("slots", SLOTS, slots);
        readings("fingers", FINGERS, fingers);
        MOVED.unlessAbsent("moved", moved);
        slots = List.copyOf(slots);
        fingers = List.copyOf(fingers);
    }

    /** A cut of which only the readings are known. */
    public TestCut(String at, List<Length> slots, List<Length> fingers, @Nullable Length moved) {
        this(at, slots, fingers, moved, null, null);
    }

    /** The same cut, with what it was cut for. */
    public TestCut cutFor(int count, Length with) {
        return new TestCut(at, slots, fingers, moved, count, with);
    }

    private static void readings(String field, Bounds bounds, @Nullable List<Length> readings) {
        if (readings == null || readings.isEmpty()) {
            throw new Refused(field, bounds.name() + " is missing. Read it with a caliper in one to three places.");
        }
        if (readings.size() > MOST_READINGS) {
            throw new Refused(field, "At most " + MOST_READINGS + " readings.");
        }
        for (int i = 0; i < readings.size(); i++) {
            bounds.check(field + "[" + i + "]", readings.get(i));
        }
    }
}
