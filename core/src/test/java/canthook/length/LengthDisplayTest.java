package canthook.length;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class LengthDisplayTest {
    @Test
    void showsMetricToATenthForLayoutAndAHundredthForFit() {
        assertThat(LengthDisplay.METRIC.text(Length.mm(7.4492), Precision.LAYOUT))
                .isEqualTo("7.4 mm");
        assertThat(LengthDisplay.METRIC.text(Length.mm(7.4492), Precision.FIT)).isEqualTo("7.45 mm");
        assertThat(LengthDisplay.METRIC.number(Length.mm(-0.004), Precision.FIT))
                .isEqualTo("0.00");
    }

    @Test
    void showsInchesDecimalAndAsReducedFractions() {
        Length length = Length.mm(88.9);
        assertThat(LengthDisplay.DECIMAL_INCH.text(length, Precision.FIT)).isEqualTo("3.500 in");
        assertThat(LengthDisplay.FRACTION_64.text(length, Precision.FIT)).isEqualTo("3 1/2 in");
        assertThat(LengthDisplay.FRACTION_16.number(Length.mm(25.4 * 15.99 / 16), Precision.FIT))
                .isEqualTo("1");
        assertThat(LengthDisplay.FRACTION_32.number(Length.mm(0.2), Precision.FIT))
                .as("as a fraction a clearance would be nothing")
                .isEqualTo("0.008");
        assertThat(LengthDisplay.FRACTION_32.number(Length.mm(0.2), Precision.LAYOUT))
                .isEqualTo("0");
        assertThat(LengthDisplay.FRACTION_64.number(Length.mm(-12.7), Precision.FIT))
                .isEqualTo("−1/2");
    }

    @Test
    void tellsWhatAFractionHides() {
        Length length = Length.mm(3.53125 * 25.4 - 0.07);
        assertThat(LengthDisplay.FRACTION_32.text(length, Precision.LAYOUT)).isEqualTo("3 17/32 in");
        assertThat(LengthDisplay.FRACTION_32.residue(length, Precision.LAYOUT)).isEqualTo("3 thou under");
        assertThat(LengthDisplay.METRIC.residue(Length.mm(88.86), Precision.LAYOUT))
                .isEqualTo("0.04 under");
        assertThat(LengthDisplay.METRIC.residue(Length.mm(88.9), Precision.LAYOUT))
                .isEmpty();
        assertThat(LengthDisplay.FRACTION_64.residue(Length.mm(88.9), Precision.LAYOUT))
                .isEmpty();
    }

    @Test
    void aQuotientIsRoundedOnceToTheNanometre() {
        assertThat(Length.mm(1).dividedBy(3).nanometres()).isEqualTo(333_333);
        assertThat(Length.mm(2).dividedBy(3).nanometres()).isEqualTo(666_667);
        assertThat(Length.mm(-2).dividedBy(3).nanometres()).isEqualTo(-666_667);
        assertThat(new Length(5).dividedBy(2).nanometres()).isEqualTo(3);
    }
}
