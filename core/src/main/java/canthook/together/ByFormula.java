package canthook.together;

/**
 * Probability that a joint closes, by closed form. Lengths in millimetres; n sections, m = ⌈n/2⌉ fingers, σ of one step.
 *
 * <pre>
 * r = c + 2 z         c clearance, z what each wall crushes
 * walked    F(r + 1.165 σ_D ; σ_D² (n/2 − 1))            σ_D = √2 σ
 * placed    P(min of ⌈(n−1)/2⌉ + min of ⌊(n−1)/2⌋ normals of σ_D ≥ −r)
 * stacked   Φ(r/σ)^(m−1)
 * F(r; v)   the range of Brownian motion of variance v (Feller, 1951): 1 − 8 Σ (−1)^(k−1) k (1 − Φ(k r/√v))
 * </pre>
 *
 * 1.165 is 2 × 0.5826, the usual correction of a walk in steps. The sum is the density integrated from r upwards; near zero it does not
 * settle, and there the probability is nothing.
 *
 * <p>Check (σ 0.02, z 0.02, c 0.12): walked n 13 → 0.985, 31 → 0.709, 61 → 0.256, 30 → 0.724; placed 31 → 0.994, 61 → 0.979. Stacked
 * σ 0.06, r 0.16, n 31 → 0.944.
 */
public final class ByFormula {
    private static final double CORRECTION = 1.165;
    /** Under this many standard deviations the range is as good as never. */
    private static final double NEVER = 0.3;

    private ByFormula() {}

    /** @param r clearance and what both walls crush; never closes when it is negative */
    public static double closes(Steps steps, int sections, double r, double sigma) {
        if (r < 0) {
            return 0;
        }
        if (sigma <= 0) {
            return 1;
        }
        return switch (steps) {
            case WALKED -> walked(sections, r, sigma);
            case PLACED -> placed(sections, r, sigma);
            case STACKED -> Math.pow(below(r / sigma), (sections + 1) / 2 - 1.0);
        };
    }

    private static double walked(int sections, double r, double sigma) {
        double pair = Math.sqrt(2) * sigma;
        double variance = pair * pair * (sections / 2.0 - 1);
        return variance <= 0 ? 1 : rangeUnder(r + CORRECTION * pair, Math.sqrt(variance));
    }

    /** F(r; v) of the range of Brownian motion. */
    static double rangeUnder(double r, double deviation) {
        double x = r / deviation;
        if (x < NEVER) {
            return 0;
        }
        double over = 0;
        for (int k = 1; k * x < 40 && k < 1000; k++) {
            over += (k % 2 == 1 ? 1 : -1) * k * below(-k * x);
        }
        return Math.min(1, Math.max(0, 1 - 8 * over));
    }

    private static double placed(int sections, double r, double sigma) {
        double pair = Math.sqrt(2) * sigma;
        int one = sections / 2;
        int other = (sections - 1) / 2;
        double x = r / pair;
        if (other == 0) {
            return Math.pow(below(x), one);
        }
        // over the least of the first: density of the least of so many normals, times what the least of the others may
        // be
        int slices = 400;
        double from = -9;
        double to = 9;
        double h = (to - from) / slices;
        double sum = 0;
        for (int i = 0; i <= slices; i++) {
            double at = from + i * h;
            double density = one * Math.pow(below(-at), one - 1.0) * Math.exp(-at * at / 2) / Math.sqrt(2 * Math.PI);
            double weight = i == 0 || i == slices ? 1 : i % 2 == 1 ? 4 : 2;
            sum += weight * density * Math.pow(below(x + at), other);
        }
        return Math.min(1, sum * h / 3);
    }

    /** Φ. By continued fraction far out, by its series near the middle; good to 1e-12. */
    static double below(double x) {
        if (x < 0) {
            return 1 - below(-x);
        }
        double density = Math.exp(-x * x / 2) / Math.sqrt(2 * Math.PI);
        if (x < 3) {
            double term = x;
            double sum = x;
            for (int k = 1; k < 100 && term > 1e-17; k++) {
                term *= x * x / (2 * k + 1);
                sum += term;
            }
            return 0.5 + density * sum;
        }
        double fraction = x;
        for (int k = 60; k >= 1; k--) {
            fraction = x + k / fraction;
        }
        return 1 - density / fraction;
    }
}
