package canthook.figure;

import canthook.length.LengthDisplay;
import canthook.shop.LearningCurve;
import canthook.working.Quantity;
import canthook.working.Show;
import java.util.List;
import java.util.Optional;

/** Times of one after another, and the curve that is learned from them, drawn on to the last of the batch. */
public final class CurveFigure {
    private static final double WIDE = 100;
    private static final double HIGH = 34;

    private CurveFigure() {}

    /**
     * @param seconds for the first, the second and so on
     * @param of how many there are in all
     */
    public static Optional<Figure> of(List<Double> seconds, int of) {
        Optional<LearningCurve> learned = LearningCurve.of(seconds);
        if (learned.isEmpty()) {
            return Optional.empty();
        }
        LearningCurve curve = learned.get();
        int last = Math.max(of, seconds.size());
        double most =
                Math.max(curve.at(1), seconds.stream().mapToDouble(s -> s).max().orElse(1));
        Drawing d = new Drawing(
                "curve", "Minutes for one after another, and what the others will take", LengthDisplay.METRIC);
        d.line("axis", 0, HIGH, WIDE, HIGH);
        double step = WIDE / Math.max(1, last - 1);
        for (int n = 1; n < last; n++) {
            d.line(
                    n < seconds.size() ? "curve-known" : "curve-to-come",
                    (n - 1) * step,
                    HIGH * (1 - curve.at(n) / most),
                    n * step,
                    HIGH * (1 - curve.at(n + 1) / most));
        }
        for (int i = 0; i < seconds.size(); i++) {
            double x = i * step;
            double y = HIGH * (1 - seconds.get(i) / most);
            d.rect("curve-point", x - 0.8, y - 0.8, 1.6, 1.6);
        }
        d.note(0, HIGH + 5, "1", "quiet", "start", null);
        d.note(WIDE, HIGH + 5, String.valueOf(last), "quiet", "end", null);
        d.note(2.5, HIGH * (1 - seconds.get(0) / most) - 1.5, clock(seconds.get(0)), "quiet", "start", null);
        d.note(WIDE, HIGH * (1 - curve.at(last) / most) - 2, clock(curve.at(last)), "quiet", "end", null);
        return Optional.of(d.reach(0, -5).reach(WIDE, HIGH + 6).done());
    }

    private static String clock(double seconds) {
        return Show.CLOCK.number(Quantity.of(seconds), LengthDisplay.METRIC) + " min";
    }
}
