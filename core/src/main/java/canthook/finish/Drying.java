package canthook.finish;

import canthook.wood.Air;
import java.time.Duration;

/**
 * How much longer finish and glue wait in the air of the shop.
 *
 * <pre>
 * doubled under 15 °C, doubled over 70 % RH: four times where it is both
 * </pre>
 *
 * Check: 12 h at 12 °C and 80 %: 48 h.
 */
public final class Drying {
    static final double COLD = 15;
    static final double DAMP = 70;

    private Drying() {}

    public static int times(Air air) {
        return (air.temperature() < COLD ? 2 : 1) * (air.humidity() > DAMP ? 2 : 1);
    }

    static Duration in(Air air, Duration usual) {
        return usual.multipliedBy(times(air));
    }
}
