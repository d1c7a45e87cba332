package canthook.fit;

import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.shop.TestCut;
import java.util.List;

/**
 * Caliper readings of a test cut.
 *
 * <pre>
 * mean = Σx/n      standard error u = √(u_s² + u_f²), each s/√n; zero with one reading
 * </pre>
 */
final class Readings {
    /** A slot that reads further off than this was not cut by this setting. */
    private static final Length ANOTHER_SLOT = Length.mm(0.5);

    private Readings() {}

    /** No fit at all: slot and finger exchanged, or read from two pieces. */
    static boolean isImpossible(Length clearance) {
        return clearance.abs().isOver(Length.mm(2));
    }

    /** Whether a test was cut for the sections and the cutter that stand; of old ones only the slot tells. */
    static boolean isOfThisJoint(TestCut cut, Rung chosen) {
        boolean sameCount =
                cut.sections() == null || cut.sections() == chosen.sections().count();
        return sameCount && (chosen.kerf().length().equals(cut.kerf()) || isNear(cut, chosen));
    }

    private static boolean isNear(TestCut cut, Rung chosen) {
        return !mean(cut.slots()).minus(chosen.slot().length()).abs().isOver(ANOTHER_SLOT);
    }

    static Length mean(List<Length> readings) {
        Length sum = Length.ZERO;
        for (Length reading : readings) {
            sum = sum.plus(reading);
        }
        return sum.dividedBy(readings.size());
    }

    /** √(u_s² + u_f²); zero with one reading each. */
    static Length standardError(TestCut cut) {
        return Length.mm(Math.hypot(errorOf(cut.slots()), errorOf(cut.fingers())));
    }

    private static double errorOf(List<Length> readings) {
        int n = readings.size();
        if (n < 2) {
            return 0;
        }
        double mean = mean(readings).mm();
        double squares = 0;
        for (Length reading : readings) {
            squares += (reading.mm() - mean) * (reading.mm() - mean);
        }
        return Math.sqrt(squares / (n - 1) / n);
    }
}
