package canthook.fit;

import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Readings that are hardly what was meant, each with what they would be instead. Nothing is changed unasked.
 *
 * <pre>
 * exchanged   the slots lie nearer the finger that is planned and the fingers nearer the slot, and the clearance would be under −0.04
 * inches      far from both, and within 5 in 100 of one of them once multiplied, or divided, by 25.4
 * outlier     one of three or more stands off the middle of the others by more than 0.15 and than six times what they lie apart
 * </pre>
 *
 * Check: planned 8.00 and 7.88. Read 7.88 and 8.00: exchanged. Read 0.315 and 0.310: inches. Read 8.00 8.02 8.31: 8.31.
 */
public final class ReadingDoubts {
    private static final double INCH = 25.4;
    private static final double NEAR = 0.05;
    private static final double FAR = 0.3;
    private static final double STANDS_OFF = 0.15;
    private static final double TIMES = 6;
    private static final double TIGHT = -0.04;

    private ReadingDoubts() {}

    /** What is doubted. */
    public enum Kind {
        EXCHANGED,
        INCHES,
        OUTLIER
    }

    /**
     * A doubt.
     *
     * @param says a sentence
     * @param instead what the button says
     * @param slots as they would be then
     * @param fingers likewise
     */
    public record Doubt(Kind kind, String says, String instead, List<Length> slots, List<Length> fingers) {}

    /** Doubts about readings of a test cut, none where they look like what is planned. */
    public static List<Doubt> of(Rung chosen, List<Length> slots, List<Length> fingers, LengthDisplay display) {
        double slot = chosen.slot().length().mm();
        double finger = chosen.finger().length().mm();
        List<Doubt> doubts = new ArrayList<>();
        inches(slots, fingers, slot, finger, display).ifPresent(doubts::add);
        if (doubts.isEmpty()) {
            double readSlot = mean(slots);
            double readFinger = mean(fingers);
            boolean exchanged = Math.abs(readSlot - finger) < Math.abs(readSlot - slot)
                    && Math.abs(readFinger - slot) < Math.abs(readFinger - finger)
                    && readSlot - readFinger < TIGHT;
            if (exchanged) {
                doubts.add(new Doubt(
                        Kind.EXCHANGED,
                        "The slot reads like the finger and the finger like the slot: were they exchanged?",
                        "Exchange them",
                        fingers,
                        slots));
            }
            outlier(slots).ifPresent(i -> doubts.add(left(slots, i, "slot", display, without(slots, i), fingers)));
            outlier(fingers)
                    .ifPresent(i -> doubts.add(left(fingers, i, "finger", display, slots, without(fingers, i))));
        }
        return List.copyOf(doubts);
    }

    private static Doubt left(
            List<Length> of, int which, String what, LengthDisplay display, List<Length> slots, List<Length> fingers) {
        String odd = display.text(of.get(which), Precision.CALIPER);
        return new Doubt(
                Kind.OUTLIER,
                "One " + what + " reads " + odd + ", far from the others: mistyped, or read across a chip?",
                "Leave " + odd + " out",
                slots,
                fingers);
    }

    private static List<Length> without(List<Length> all, int which) {
        List<Length> left = new ArrayList<>(all);
        left.remove(which);
        return List.copyOf(left);
    }

    private static Optional<Integer> outlier(List<Length> readings) {
        if (readings.size() < 3) {
            return Optional.empty();
        }
        for (int i = 0; i < readings.size(); i++) {
            List<Length> others = without(readings, i);
            double least = others.stream().mapToDouble(Length::mm).min().orElseThrow();
            double most = others.stream().mapToDouble(Length::mm).max().orElseThrow();
            double off = Math.abs(readings.get(i).mm() - (least + most) / 2);
            if (off > Math.max(STANDS_OFF, TIMES * (most - least))) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    private static Optional<Doubt> inches(
            List<Length> slots, List<Length> fingers, double slot, double finger, LengthDisplay display) {
        for (double factor : new double[] {INCH, 1 / INCH}) {
            boolean both = areOff(slots, slot, factor) && areOff(fingers, finger, factor);
            boolean one = areOff(slots, slot, factor) != areOff(fingers, finger, factor);
            if (both || one) {
                List<Length> asSlots = areOff(slots, slot, factor) ? times(slots, factor) : slots;
                List<Length> asFingers = areOff(fingers, finger, factor) ? times(fingers, factor) : fingers;
                return Optional.of(new Doubt(
                        Kind.INCHES,
                        factor > 1
                                ? "That looks like inches typed as millimetres: 25.4 times as much is what is planned."
                                : "That looks like millimetres typed as inches: it is 25.4 times what is planned.",
                        "Take " + display.number(Length.mm(mean(asSlots)), Precision.CALIPER) + " and "
                                + display.text(Length.mm(mean(asFingers)), Precision.CALIPER),
                        asSlots,
                        asFingers));
            }
        }
        return Optional.empty();
    }

    private static boolean areOff(List<Length> readings, double planned, double factor) {
        double mean = mean(readings);
        return Math.abs(mean / planned - 1) > FAR && Math.abs(mean * factor / planned - 1) < NEAR;
    }

    private static List<Length> times(List<Length> readings, double factor) {
        return readings.stream()
                .map(r -> Length.mm(Math.round(r.mm() * factor * 1000) / 1000.0))
                .toList();
    }

    private static double mean(List<Length> readings) {
        return readings.stream().mapToDouble(Length::mm).average().orElseThrow();
    }
}
