package canthook.shop;

import java.util.List;
import java.util.Optional;

/**
 * How the time for one of many gets less with practice.
 *
 * <pre>
 * t(n) = t₁ · n^−a          a straight line when both are taken as logarithms, fitted to what is known
 * share = 2^−a              each doubling of the count takes this share of the time
 * </pre>
 *
 * Check: 100, 80, 70.2, 64, 59.6 s: share 0.80, the sixth 56.2 s.
 *
 * @param first seconds the first is taken to need, by the fit
 * @param share of the time that each doubling takes
 */
public record LearningCurve(double first, double share) {
    /** From fewer nothing is learned. */
    public static final int LEAST = 5;

    /** @param seconds for the first, the second and so on */
    public static Optional<LearningCurve> of(List<Double> seconds) {
        if (seconds.size() < LEAST || seconds.stream().anyMatch(s -> !(s > 0))) {
            return Optional.empty();
        }
        double n = seconds.size();
        double sumX = 0;
        double sumY = 0;
        double sumXX = 0;
        double sumXY = 0;
        for (int i = 0; i < seconds.size(); i++) {
            double x = Math.log(i + 1.0);
            double y = Math.log(seconds.get(i));
            sumX += x;
            sumY += y;
            sumXX += x * x;
            sumXY += x * y;
        }
        double slope = (n * sumXY - sumX * sumY) / (n * sumXX - sumX * sumX);
        return Optional.of(new LearningCurve(Math.exp((sumY - slope * sumX) / n), Math.pow(2, slope)));
    }

    /**
     * Seconds the n-th takes.
     *
     * @param n 1 first
     */
    public double at(int n) {
        return first * Math.pow(n, Math.log(share) / Math.log(2));
    }

    /** Seconds from one to another, both counted in; nothing when there are none. */
    public double from(int first, int last) {
        double sum = 0;
        for (int n = first; n <= last; n++) {
            sum += at(n);
        }
        return sum;
    }
}
