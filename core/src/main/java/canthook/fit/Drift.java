package canthook.fit;

import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.shop.TestCut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A fit that wanders over the tests of one day, the moves that were made taken out.
 *
 * <pre>
 * at rest    clearance + what was moved away since the day’s first test: the same all day where nothing wanders
 * wanders    three tests or more, each no less (no more) than the one before, by more than 0.05 in all
 *            and more than three standard errors of any of them
 * </pre>
 *
 * Check: 0.12, 0.15, then 0.10 moved away and 0.09 read: at rest 0.12 0.15 0.19, it wanders by 0.07 and loosens.
 *
 * @param by from the first test of the day to the last, looser positive
 * @param tests of that day
 */
record Drift(Length by, int tests) {
    private static final int LEAST_TESTS = 3;
    private static final Length LEAST = Length.mm(0.05);
    private static final int DAY_LONG = 10;

    /** The day of the last test; nothing where its tests agree, or are too few. */
    static Optional<Drift> of(List<TestCut> cuts, Rung chosen) {
        if (cuts.isEmpty()) {
            return Optional.empty();
        }
        String today = day(cuts.get(cuts.size() - 1));
        List<Length> atRest = new ArrayList<>();
        Length moved = Length.ZERO;
        Length error = Length.ZERO;
        for (TestCut cut : cuts) {
            if (!day(cut).equals(today) || cut.felt() != null || !Readings.isOfThisJoint(cut, chosen)) {
                continue;
            }
            if (!atRest.isEmpty() && cut.moved() != null) {
                moved = moved.plus(cut.moved());
            }
            error = Length.longer(error, Readings.standardError(cut));
            atRest.add(Readings.mean(cut.slots())
                    .minus(Readings.mean(cut.fingers()))
                    .plus(moved));
        }
        if (atRest.size() < LEAST_TESTS) {
            return Optional.empty();
        }
        Length by = atRest.get(atRest.size() - 1).minus(atRest.get(0));
        for (int i = 1; i < atRest.size(); i++) {
            Length step = atRest.get(i).minus(atRest.get(i - 1));
            if (by.isPositive() ? step.isNegative() : step.isPositive()) {
                return Optional.empty();
            }
        }
        return by.abs().isOver(Length.longer(LEAST, error.times(3)))
                ? Optional.of(new Drift(by, atRest.size()))
                : Optional.empty();
    }

    /** The day of a time in ISO 8601, as it is written. */
    private static String day(TestCut cut) {
        return cut.at().substring(0, Math.min(DAY_LONG, cut.at().length()));
    }

    String says(LengthDisplay display) {
        return "Over the " + tests + " tests of this day the fit wanders by " + display.text(by.abs(), Precision.FIT)
                + ": it "
                + (by.isPositive() ? "loosens" : "tightens")
                + ", your moves taken out. A blade that warms, a clamp that creeps, a fence that is not locked: find it, or test again"
                + " every few parts.";
    }
}
