package canthook.together;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Closed forms against values from simulations written apart, and against our own simulated joints; those against joints put together by hand. */
class ByFormulaTest {
    private static final int JOINTS = AnyPlan.share(30_000);

    @ParameterizedTest
    @CsvSource({
        "WALKED, 13, 0.12, 0.02, 0.02, 0.985",
        "WALKED, 31, 0.12, 0.02, 0.02, 0.709",
        "WALKED, 61, 0.12, 0.02, 0.02, 0.256",
        "WALKED, 30, 0.12, 0.02, 0.02, 0.724",
        "PLACED, 31, 0.12, 0.02, 0.02, 0.994",
        "PLACED, 61, 0.12, 0.02, 0.02, 0.979",
        "WALKED, 31, 0.20, 0.00, 0.02, 0.878",
        "PLACED, 31, 0.12, 0.02, 0.03, 0.668",
        "STACKED, 31, 0.12, 0.02, 0.06, 0.944"
    })
    void theFormulaGivesTheKnownValue(Steps steps, int n, double c, double z, double sigma, double closes) {
        assertThat(ByFormula.closes(steps, n, c + 2 * z, sigma)).isCloseTo(closes, within(0.0065));
    }

    @ParameterizedTest
    @CsvSource({
        "WALKED, 13, 0.12, 0.02, 0.02, 0.985",
        "WALKED, 31, 0.12, 0.02, 0.02, 0.709",
        "WALKED, 61, 0.12, 0.02, 0.02, 0.256",
        "WALKED, 30, 0.12, 0.02, 0.02, 0.724",
        "PLACED, 31, 0.12, 0.02, 0.02, 0.994",
        "PLACED, 61, 0.12, 0.02, 0.02, 0.979",
        "WALKED, 31, 0.20, 0.00, 0.02, 0.878",
        "PLACED, 31, 0.12, 0.02, 0.03, 0.678",
        "STACKED, 31, 0.12, 0.02, 0.06, 0.944"
    })
    void simulatedJointsGiveTheKnownValue(Steps steps, int n, double c, double z, double sigma, double closes) {
        SimulatedJoints joints = SimulatedJoints.of(new SimulatedJoints.Cut(steps, n, c, z, sigma, 0), JOINTS, 7);
        // four standard errors of as many joints, and what the known values are good to
        double scatter = 4 * Math.sqrt(closes * (1 - closes) / JOINTS) + 0.006;
        assertThat(joints.closes()).isCloseTo(closes, within(scatter));
    }

    /** Of placed slots the two least are not quite independent: with few sections the formula promises less than comes true, never more. */
    @Test
    void formulaAndSimulationGoTogetherOverRandomJoints() {
        Random random = new Random(11);
        for (int i = 0; i < AnyPlan.share(60); i++) {
            Steps steps = Steps.values()[random.nextInt(3)];
            int n = 5 + random.nextInt(60);
            double sigma = 0.005 + 0.04 * random.nextDouble();
            double c = 0.25 * random.nextDouble();
            double z = 0.05 * random.nextDouble();
            double formula = ByFormula.closes(steps, n, c + 2 * z, sigma);
            double simulated = SimulatedJoints.of(new SimulatedJoints.Cut(steps, n, c, z, sigma, 0), 8_000, i)
                    .closes();
            assertThat(formula)
                    .as("%s n %d σ %.4f c %.3f z %.3f", steps, n, sigma, c, z)
                    .isCloseTo(simulated, within(steps == Steps.PLACED ? 0.13 : 0.045));
            assertThat(formula).isLessThanOrEqualTo(simulated + 0.045);
        }
    }

    /** More room, fewer sections, smaller errors: each never makes it worse. */
    @Test
    void itGoesTheWayAMakerExpects() {
        for (Steps steps : Steps.values()) {
            double before = 0;
            for (double r = 0; r < 0.5; r += 0.01) {
                double now = ByFormula.closes(steps, 31, r, 0.03);
                assertThat(now).as(steps + " r " + r).isGreaterThanOrEqualTo(before - 1e-9);
                before = now;
            }
            assertThat(before).isGreaterThan(0.99);
            before = 1;
            for (int n = 3; n < 81; n++) {
                double now = ByFormula.closes(steps, n, 0.16, 0.03);
                assertThat(now).as(steps + " n " + n).isLessThanOrEqualTo(before + 2e-3);
                before = now;
            }
            assertThat(ByFormula.closes(steps, 31, -0.01, 0.02)).isZero();
            assertThat(ByFormula.closes(steps, 31, 0.1, 0)).isEqualTo(1);
        }
    }

    /** Where the errors end, apart from the formulas: two combs built of their wall positions, slid past each other in fine steps. */
    @Test
    void aJointClosesWhenItsCombsDo() {
        Random random = new Random(5);
        int agreed = 0;
        for (int i = 0; i < 400; i++) {
            int n = 3 + random.nextInt(14);
            double c = 0.1;
            SimulatedJoints one = SimulatedJoints.of(
                    new SimulatedJoints.Cut(Steps.WALKED, n, c, 0.01, 0.02, 0.01), 1, random.nextLong());
            double[] gaps = one.example().gaps();
            // slid along, a right wall opens by what a left one closes
            boolean closes = false;
            for (double shift = -0.3; shift <= 0.3 && !closes; shift += 0.0005) {
                boolean fits = true;
                for (int k = 0; k < gaps.length && fits; k++) {
                    fits = gaps[k] + (k % 2 == 0 ? shift : -shift) >= -0.01;
                }
                closes = fits;
            }
            double margin = Math.abs(least(gaps, 0) + least(gaps, 1) + 0.02);
            if (margin > 0.002) {
                assertThat(one.closes() > 0).isEqualTo(closes);
                agreed++;
            }
        }
        assertThat(agreed).isGreaterThan(300);
    }

    private static double least(double[] gaps, int from) {
        double least = Double.MAX_VALUE;
        for (int k = from; k < gaps.length; k += 2) {
            least = Math.min(least, gaps[k]);
        }
        return gaps.length > from ? least : 0.1;
    }

    @Test
    void theSameSeedGivesTheSameJoints() {
        SimulatedJoints.Cut cut = new SimulatedJoints.Cut(Steps.WALKED, 31, 0.12, 0.02, 0.02, 0.01);
        SimulatedJoints one = SimulatedJoints.of(cut, 2_000, 3);
        assertThat(SimulatedJoints.of(cut, 2_000, 3).closes()).isEqualTo(one.closes());
        assertThat(SimulatedJoints.of(cut, 2_000, 4).closes()).isNotEqualTo(one.closes());
        assertThat(one.oneInTwenty()).isGreaterThan(one.median());
        // sums of gaps at both walls of every finger are about the clearance; with a best shift none is under what the
        // wood gives
        for (double gap : one.example().gaps()) {
            assertThat(gap).isGreaterThanOrEqualTo(-0.02 - 1e-9);
        }
        // none closes: no gap is told
        SimulatedJoints jam = SimulatedJoints.of(new SimulatedJoints.Cut(Steps.WALKED, 61, -0.3, 0, 0.05, 0), 500, 1);
        assertThat(jam.closes()).isZero();
        assertThat(jam.median()).isNaN();
    }

    /** Φ against known values. */
    @ParameterizedTest
    @CsvSource({
        "0, 0.5",
        "1, 0.8413447460685429",
        "-1, 0.15865525393145707",
        "2.5, 0.9937903346742238",
        "3.5, 0.9997673709209645",
        "-4, 3.167124183311998e-05"
    })
    void phi(double x, double value) {
        assertThat(ByFormula.below(x)).isCloseTo(value, within(1e-10));
    }
}
