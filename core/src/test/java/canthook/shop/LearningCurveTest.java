package canthook.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.figure.CurveFigure;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is learned from one to the next. */
class LearningCurveTest {
    /** 100, 80, 70.2, 64, 59.6: each doubling takes four fifths, the sixth 56.2. */
    @Test
    void theCheckValue() {
        LearningCurve curve =
                LearningCurve.of(List.of(100.0, 80.0, 70.21, 64.0, 59.56)).orElseThrow();
        assertThat(curve.share()).isCloseTo(0.8, within(0.001));
        assertThat(curve.at(6)).isCloseTo(56.17, within(0.05));
        assertThat(curve.from(6, 7)).isCloseTo(curve.at(6) + curve.at(7), within(1e-9));
        assertThat(curve.from(6, 5)).isZero();
    }

    /** Whatever the share, it is found again from times that follow it. */
    @ParameterizedTest
    @ValueSource(doubles = {0.7, 0.85, 0.95, 1.0, 1.1})
    void theShareIsFoundAgain(double share) {
        List<Double> times = IntStream.rangeClosed(1, 9)
                .mapToObj(n -> 300 * Math.pow(n, Math.log(share) / Math.log(2)))
                .toList();
        assertThat(LearningCurve.of(times).orElseThrow().share()).isCloseTo(share, within(1e-9));
    }

    @Test
    void fromFourNothingIsLearned() {
        assertThat(LearningCurve.of(List.of(100.0, 90.0, 80.0, 70.0))).isEmpty();
        assertThat(LearningCurve.of(List.of(100.0, 90.0, 0.0, 70.0, 60.0))).isEmpty();
        assertThat(CurveFigure.of(List.of(100.0, 90.0), 9)).isEmpty();
    }

    /** A point for each that is over, and a line on to the last of the batch. */
    @Test
    void theCurveIsDrawnOnToTheLast() {
        var figure =
                CurveFigure.of(List.of(400.0, 350.0, 330.0, 300.0, 310.0), 9).orElseThrow();
        assertThat(figure.shapes())
                .filteredOn(s -> s.role().equals("curve-point"))
                .hasSize(5);
        assertThat(figure.shapes())
                .filteredOn(s -> s.role().equals("curve-to-come"))
                .hasSize(4);
        assertThat(figure.notes()).extracting("text").contains("9", "6:40 min");
    }
}
