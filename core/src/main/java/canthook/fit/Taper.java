package canthook.fit;

import canthook.length.Length;
import canthook.shop.TestCut;
import java.util.List;
import java.util.Optional;

/**
 * Fingers that grow, or shrink, steadily along one piece: a fence askew to the cutter’s way, or a part that creeps.
 *
 * <pre>
 * three or more fingers, each no less (no more) than the one before, by more than 0.05 in all,
 * and by more than twice what the slots of the piece lie apart
 * </pre>
 *
 * Check: fingers 7.84 7.88 7.92, slots 8.00 8.01 8.00: 0.08. Slots 8.00 8.05 8.00: nothing, they scatter as much.
 */
final class Taper {
    private static final Length LEAST = Length.mm(0.05);
    private static final int LEAST_FINGERS = 3;

    private Taper() {}

    /** From the first finger to the last, growing positive. */
    static Optional<Length> along(TestCut cut) {
        List<Length> fingers = cut.fingers();
        if (fingers.size() < LEAST_FINGERS) {
            return Optional.empty();
        }
        Length whole = fingers.get(fingers.size() - 1).minus(fingers.get(0));
        for (int i = 1; i < fingers.size(); i++) {
            Length step = fingers.get(i).minus(fingers.get(i - 1));
            if (whole.isPositive() ? step.isNegative() : step.isPositive()) {
                return Optional.empty();
            }
        }
        Length least = Length.longer(LEAST, apart(cut.slots()).times(2));
        return whole.abs().isOver(least) ? Optional.of(whole) : Optional.empty();
    }

    private static Length apart(List<Length> readings) {
        Length least = readings.stream().min(Length::compareTo).orElseThrow();
        return readings.stream().max(Length::compareTo).orElseThrow().minus(least);
    }
}
