package canthook.practice;

import java.util.Arrays;
import java.util.Random;

/**
 * What is cut, as it truly is. Lengths in millimetres.
 *
 * <pre>
 * walked    a slot begins where the one before did + its width + finger + error − what pressing, or dust, takes
 * placed    a slot begins at its own place + error + dust
 * shimmed   dust or a part off its fence moves one wall of a slot: the finger beside it gains what the slot loses
 * </pre>
 *
 * @param slots widths, in order
 * @param fingers between them, in order
 */
record Piece(double[] slots, double[] fingers) {

    /** How the jig stands, and what goes wrong as it is cut. */
    record Cutting(
            double slot,
            double finger,
            Means means,
            double step,
            double wobble,
            double pressedShort,
            double dust,
            int fingers) {}

    /** How an error goes from slot to slot. */
    enum Means {
        WALKED,
        PLACED,
        SHIMMED
    }

    static Piece cut(Cutting how, Random random) {
        int count = how.fingers() + 1;
        double[] slots = new double[count];
        double[] at = new double[count];
        double[] gained = new double[count];
        for (int j = 0; j < count; j++) {
            slots[j] = how.slot() + how.wobble() * random.nextGaussian();
            double error = how.step() * random.nextGaussian();
            double lost = (random.nextBoolean() ? how.pressedShort() : 0) + (random.nextBoolean() ? how.dust() : 0);
            switch (how.means()) {
                case WALKED -> at[j] = j == 0 ? error : at[j - 1] + slots[j - 1] + how.finger() + error - lost;
                case PLACED -> at[j] = j * (how.slot() + how.finger()) + error + lost;
                case SHIMMED -> {
                    at[j] = j * (how.slot() + how.finger()) + error;
                    gained[j] = lost;
                }
            }
        }
        double[] fingers = new double[how.fingers()];
        for (int j = 0; j < fingers.length; j++) {
            fingers[j] = at[j + 1] - at[j] - slots[j] + gained[j];
        }
        for (int j = 0; j < count; j++) {
            slots[j] -= gained[j];
        }
        return new Piece(slots, fingers);
    }

    double clearance() {
        return Arrays.stream(slots).average().orElseThrow()
                - Arrays.stream(fingers).average().orElseThrow();
    }

    /** From the shortest finger to the longest. */
    double uneven() {
        return Arrays.stream(fingers).max().orElseThrow()
                - Arrays.stream(fingers).min().orElseThrow();
    }
}
