package canthook.practice;

import java.util.OptionalDouble;
import java.util.Random;

/**
 * A caliper that shows hundredths: as steady as a hand, off by what its closed jaws show, and hardly to be trusted on a low battery.
 *
 * <pre>
 * shown = true + zero + 0.007 · N, to 0.01          low battery: 0.05 · N, and every sixth time nothing
 * </pre>
 *
 * The zero is in slot and finger alike: it is not in the clearance, and it is in every width.
 *
 * @param zero what it shows closed, mm
 */
public record Caliper(double zero, boolean low) {
    private static final double HAND = 0.007;
    private static final double LOW = 0.05;
    private static final int BLANK_EVERY = 6;

    /** Reads a true width, mm; nothing when its battery gives out. */
    public OptionalDouble read(double width, Random random) {
        if (low && random.nextInt(BLANK_EVERY) == 0) {
            return OptionalDouble.empty();
        }
        double shown = width + zero + (low ? LOW : HAND) * random.nextGaussian();
        return OptionalDouble.of(Math.round(shown * 100) / 100.0);
    }

    Caliper zeroed() {
        return new Caliper(0, low);
    }

    Caliper withNewBattery() {
        return new Caliper(zero, false);
    }
}
