package canthook.fit;

import canthook.jig.Setting;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.shop.TestCut;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Fingers, or slots, of one piece that lie apart by more than steps and caliper explain: their mean is no fit, and no move mends it.
 *
 * <pre>
 * apart      greatest less least, of three readings or more
 * explained  the larger of 0.08, four times the error of a step, and what a scale sets walls off by, twice on either side
 * slots      apart by over 0.08: the blade wobbles, or is not square to its arbor (band saw and shim: the part did not bear)
 * fingers    short ones short by the key's play (± 0.03): pressed to the other side; else dust where the part bears
 * </pre>
 *
 * Check: σ 0.02, key's play 0.12; fingers 7.88 7.76 7.89: apart 0.13, the short one by 0.125: pressed first, then dust.
 *
 * @param fingers whether fingers disagree; otherwise slots
 * @param apart how far
 * @param causes the likeliest first
 */
record Disagrees(boolean fingers, Length apart, List<Cause> causes) {
    private static final int LEAST_READINGS = 3;
    private static final Length LEAST = Length.mm(0.08);
    private static final Length LIKE_THE_PLAY = Length.mm(0.03);

    /**
     * Looks at one piece.
     *
     * @param step error of a step, standard deviation
     * @param play of the key in its slot; null where there is no key
     */
    static Optional<Disagrees> of(TestCut cut, @Nullable Setting setting, Length step, @Nullable Length play) {
        if (cut.felt() != null) {
            return Optional.empty();
        }
        Length scale = setting == null
                ? Length.ZERO
                : setting.fold(
                        key -> Length.ZERO,
                        screw -> Length.ZERO,
                        spacers -> Length.ZERO,
                        stops -> stops.off().length().times(4),
                        hand -> Length.ZERO,
                        bandSaw -> Length.ZERO);
        Length explained = Length.longer(LEAST, Length.longer(step.times(4), scale));
        boolean shimmed = setting != null
                && setting.fold(
                        key -> false, screw -> false, spacers -> false, stops -> false, hand -> false, bandSaw -> true);
        Length slots = apart(cut.slots());
        if (slots.isOver(explained)) {
            return Optional.of(new Disagrees(
                    false, slots, shimmed ? List.of(Cause.DUST, Cause.PRESSED) : List.of(Cause.BLADE, Cause.SCRAP)));
        }
        Length fingers = apart(cut.fingers());
        if (!fingers.isOver(explained)) {
            return Optional.empty();
        }
        Parted parted = Parted.of(cut.fingers());
        if (Taper.along(cut).isPresent() && parted.isEven()) {
            return Optional.empty();
        }
        Length shortBy = parted.shortBy();
        boolean pressed = play != null
                && play.isOver(LIKE_THE_PLAY)
                && !shortBy.minus(play).abs().isOver(LIKE_THE_PLAY);
        return Optional.of(new Disagrees(
                true,
                fingers,
                pressed ? List.of(Cause.PRESSED, Cause.DUST) : List.of(Cause.DUST, Cause.PRESSED, Cause.CLAMP)));
    }

    private static Length apart(List<Length> readings) {
        if (readings.size() < LEAST_READINGS) {
            return Length.ZERO;
        }
        List<Length> sorted = readings.stream().sorted().toList();
        return sorted.get(sorted.size() - 1).minus(sorted.get(0));
    }

    /** Sorted readings, parted where the step from one to the next is widest. */
    private record Parted(List<Length> sorted, int at) {
        static Parted of(List<Length> readings) {
            List<Length> sorted = readings.stream().sorted().toList();
            int at = 1;
            for (int i = 2; i < sorted.size(); i++) {
                if (step(sorted, i).isOver(step(sorted, at))) {
                    at = i;
                }
            }
            return new Parted(sorted, at);
        }

        private static Length step(List<Length> sorted, int i) {
            return sorted.get(i).minus(sorted.get(i - 1));
        }

        /** Whether no finger stands off: the widest step is not most of what they lie apart. */
        boolean isEven() {
            return !step(sorted, at)
                    .isOver(sorted.get(sorted.size() - 1).minus(sorted.get(0)).times(0.7));
        }

        /** The mean of those over the widest step, less the mean of those under it. */
        Length shortBy() {
            return Readings.mean(sorted.subList(at, sorted.size())).minus(Readings.mean(sorted.subList(0, at)));
        }
    }

    /** What was seen, without what it may come from. */
    String fact(LengthDisplay display) {
        return (fingers ? "Fingers" : "Slots") + " of one piece lie "
                + display.text(apart, Precision.FIT)
                + " apart, more than steps and caliper explain.";
    }

    String says(LengthDisplay display) {
        return fact(display)
                + " Likely, in this order: "
                + String.join("; ", causes.stream().map(Cause::words).toList())
                + ". " + causes.get(0).look() + " Then cut the same setting again; a move would not mend it.";
    }
}
