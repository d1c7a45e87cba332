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
 * @param felt how it went together, where no caliper was at hand: the readings are what that stands for; null where it was read
 */
public record TestCut(
        String at,
        List<Length> slots,
        List<Length> fingers,
        @Nullable Length moved,
        @Nullable Integer sections,
        @Nullable Length kerf,
        @Nullable Felt felt) {
    private static final int MOST_READINGS = 12;

    /** How a test piece goes together, and about what clearance that is. */
    public enum Felt {
        WILL_NOT_START("will not start", -0.15),
        NEEDS_A_MALLET("needs a mallet", -0.05),
        FIRM_HAND("goes with a firm hand", 0.05),
        SLIDES("slides", 0.12),
        DROPS_APART("drops apart", 0.30);

        private final String words;
        private final Length clearance;

        Felt(String words, double clearance) {
            this.words = words;
            this.clearance = Length.mm(clearance);
        }

        public String words() {
            return words;
        }

        public Length clearance() {
            return clearance;
        }
    }

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
        this(at, slots, fingers, moved, null, null, null);
    }

    /** One that was felt: the slot is the cutter’s, and the finger what the feeling stands for. */
    public static TestCut felt(String at, Felt how, Length slot, @Nullable Length moved) {
        return new TestCut(at, List.of(slot), List.of(slot.minus(how.clearance())), moved, null, null, how);
    }

    /** The same cut, made at another time. */
    public TestCut madeAt(String time) {
        return new TestCut(time, slots, fingers, moved, sections, kerf, felt);
    }

    /** The same cut, with what it was cut for. */
    public TestCut cutFor(int count, Length with) {
        return new TestCut(at, slots, fingers, moved, count, with, felt);
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
