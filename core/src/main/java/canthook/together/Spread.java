package canthook.together;

import canthook.length.Length;
import canthook.shop.TestCut;
import java.util.List;
import java.util.Optional;

/**
 * The error of a step, learned from test pieces on which several slots and several fingers were read.
 *
 * <pre>
 * slots scatter by the caliper (and wobble) alone, fingers by that and by the steps:
 * walked    σ² = var(fingers) − var(slots)           a finger lies between two steps of one mate
 * placed    σ² = (var(fingers) − var(slots)) / 2     between two places
 * pooled over all such pieces, by their degrees of freedom ν, beside the house rule weighed as six readings: a few fingers tell little
 *   σ² = (6 · σ_house² + ν · σ_read²) / (6 + ν)
 * </pre>
 *
 * Check: fingers 7.86 7.90 7.94 (var 0.0016), slots 8.00 8.02 8.04 (var 0.0004), so read 0.0012; house 0.02: walked √((0.0024 + 0.0024)/8)
 * = 0.0245; placed √((0.0024 + 0.0012)/8) = 0.0212.
 *
 * @param sigma standard deviation of a step
 * @param fingers readings it was learned from
 */
record Spread(Length sigma, int fingers) {
    private static final int LEAST_READINGS = 3;
    private static final int HOUSE_WEIGHS = 6;

    /** Nothing where no piece was read in three places of each. */
    static Optional<Spread> learned(List<TestCut> cuts, Steps steps, Length house) {
        double fingers = 0;
        double slots = 0;
        int ofFingers = 0;
        int ofSlots = 0;
        int read = 0;
        for (TestCut cut : cuts) {
            if (cut.fingers().size() < LEAST_READINGS || cut.slots().size() < LEAST_READINGS) {
                continue;
            }
            fingers += squares(cut.fingers());
            slots += squares(cut.slots());
            read += cut.fingers().size();
            ofFingers += cut.fingers().size() - 1;
            ofSlots += cut.slots().size() - 1;
        }
        if (ofFingers == 0) {
            return Optional.empty();
        }
        double variance = fingers / ofFingers - slots / ofSlots;
        double ofOne = Math.max(0, steps == Steps.PLACED ? variance / 2 : variance);
        double pooled = (HOUSE_WEIGHS * house.mm() * house.mm() + ofFingers * ofOne) / (HOUSE_WEIGHS + ofFingers);
        return Optional.of(new Spread(Length.mm(Math.sqrt(pooled)), read));
    }

    private static double squares(List<Length> readings) {
        double mean = readings.stream().mapToDouble(Length::mm).average().orElseThrow();
        return readings.stream()
                .mapToDouble(r -> (r.mm() - mean) * (r.mm() - mean))
                .sum();
    }
}
