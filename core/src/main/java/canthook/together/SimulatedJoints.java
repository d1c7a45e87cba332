package canthook.together;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * Joints cut over and over with errors drawn anew, and put together. Lengths in millimetres.
 *
 * <pre>
 * walls       one between every two sections; the gap at it is c/2 + (place of one mate’s slot − place of the other’s)
 * odd walls   lie left of a finger, even ones right of it, and a shift of one mate along the other adds to one and takes from the other
 * closes      least left + least right ≥ −2 z
 * </pre>
 *
 * The same seed gives the same joints.
 *
 * @param joints how many
 * @param closes share of them that goes together
 * @param median worst gap that shows in half of those that do, shifted as they lie best; NaN when none does
 * @param oneInTwenty worst gap that one in twenty of them exceeds; NaN when none does
 * @param example one whose worst gap is near the median, else one that jams
 */
public record SimulatedJoints(int joints, double closes, double median, double oneInTwenty, Example example) {
    private static final int KEPT = 400;

    /**
     * One joint as it came out.
     *
     * @param gaps at the walls, from the reference edge, shifted as it lies best; negative where wood meets wood
     */
    public record Example(double[] gaps) {}

    /**
     * How it is cut.
     *
     * @param sections of the joint, at least 2
     * @param clearance nominal
     * @param crush what a wall gives
     * @param sigma standard deviation of one step, or of one place
     * @param wobble standard deviation of a slot's width
     */
    public record Cut(Steps steps, int sections, double clearance, double crush, double sigma, double wobble) {}

    public static SimulatedJoints of(Cut cut, int joints, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int walls = cut.sections() - 1;
        double[] gaps = new double[walls];
        double[] worst = new double[joints];
        double[][] kept = new double[Math.min(KEPT, joints)][];
        int closed = 0;
        for (int i = 0; i < joints; i++) {
            boolean goes = draw(cut, random, gaps);
            double least = Double.MAX_VALUE;
            if (goes) {
                least = worst(gaps);
                worst[closed++] = least;
            }
            if (i < kept.length) {
                kept[i] = gaps.clone();
            }
        }
        double[] of = Arrays.copyOf(worst, closed);
        Arrays.sort(of);
        double median = closed == 0 ? Double.NaN : of[closed / 2];
        double twentieth = closed == 0 ? Double.NaN : of[Math.min(closed - 1, (int) (closed * 0.95))];
        return new SimulatedJoints(joints, closed / (double) joints, median, twentieth, example(cut, kept, median));
    }

    private static Example example(Cut cut, double[][] kept, double median) {
        double[] best = kept[0];
        @Nullable Double off = null;
        for (double[] gaps : kept) {
            if (closes(gaps, cut.crush()) && (off == null || Math.abs(worst(gaps) - median) < off)) {
                off = Math.abs(worst(gaps) - median);
                best = gaps;
            }
        }
        return new Example(best);
    }

    /** Draws the gaps of one joint and shifts it to where it lies best. Whether it closes. */
    private static boolean draw(Cut cut, SplittableRandom random, double[] gaps) {
        double half = cut.clearance() / 2;
        double sigma = cut.sigma();
        int walls = gaps.length;
        double one = 0;
        double other = 0;
        boolean wobbles = cut.wobble() > 0;
        double oneWide = 0;
        double otherWide = 0;
        double least = Double.MAX_VALUE;
        double leastOther = Double.MAX_VALUE;
        // the mate’s first slot, then in turn a slot of each: every new one makes a wall with the one before
        switch (cut.steps()) {
            case WALKED -> other = 0;
            case PLACED -> other = sigma * random.nextGaussian();
            case STACKED -> other = 0;
        }
        if (wobbles) {
            otherWide = cut.wobble() * random.nextGaussian();
        }
        double step = 0;
        for (int k = 0; k < walls; k++) {
            boolean right = k % 2 == 0;
            if (right) {
                switch (cut.steps()) {
                    case WALKED -> one = k == 0 ? 0 : one + sigma * random.nextGaussian();
                    case PLACED -> one = sigma * random.nextGaussian();
                    // cut in the same pass as its fellow
                    case STACKED -> one = other;
                }
                if (wobbles) {
                    oneWide = cut.wobble() * random.nextGaussian();
                }
            } else {
                switch (cut.steps()) {
                    case WALKED -> other += sigma * random.nextGaussian();
                    case PLACED -> other = sigma * random.nextGaussian();
                    case STACKED -> {
                        step = sigma * random.nextGaussian();
                        other = one + step;
                    }
                }
                if (wobbles) {
                    otherWide = cut.wobble() * random.nextGaussian();
                }
            }
            double gap = half + (right ? other - one : one - other) + (oneWide + otherWide) / 2;
            gaps[k] = gap;
            if (right) {
                least = Math.min(least, gap);
            } else {
                leastOther = Math.min(leastOther, gap);
            }
        }
        if (walls < 2) {
            return least >= -2 * cut.crush();
        }
        double shift = (leastOther - least) / 2;
        for (int k = 0; k < walls; k++) {
            gaps[k] += k % 2 == 0 ? shift : -shift;
        }
        return least + leastOther >= -2 * cut.crush();
    }

    private static boolean closes(double[] gaps, double crush) {
        for (double gap : gaps) {
            if (gap < -crush - 1e-12) {
                return false;
            }
        }
        return true;
    }

    private static double worst(double[] gaps) {
        double worst = gaps[0];
        for (double gap : gaps) {
            worst = Math.max(worst, gap);
        }
        return worst;
    }
}
