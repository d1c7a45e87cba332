package canthook.length;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Two lengths in one sentence. */
class BesideTest {
    private static final Length WALL = Length.mm(1.6);

    @Test
    void areToldAsUsualWhereTheyReadDifferently() {
        assertThat(Beside.of(LengthDisplay.FRACTION_16, Precision.LAYOUT, WALL, Length.mm(3.2)))
                .isEqualTo(new Beside("1/16 in", "1/8 in"));
        assertThat(Beside.of(LengthDisplay.METRIC, Precision.LAYOUT, WALL, Length.mm(2)))
                .isEqualTo(new Beside("1.6 mm", "2.0 mm"));
    }

    @Test
    void areToldAsACaliperReadsWhereTheyWouldReadAlike() {
        assertThat(Beside.of(LengthDisplay.FRACTION_16, Precision.LAYOUT, WALL, Length.mm(2)))
                .isEqualTo(new Beside("0.063 in", "0.079 in"));
        assertThat(Beside.of(LengthDisplay.METRIC, Precision.LAYOUT, WALL, Length.mm(1.64)))
                .isEqualTo(new Beside("1.60 mm", "1.64 mm"));
    }

    @Test
    void readAlikeWhereTheyAreAlike() {
        assertThat(Beside.of(LengthDisplay.FRACTION_64, Precision.FIT, Length.mm(6.35), Length.mm(6.35)))
                .isEqualTo(new Beside("1/4 in", "1/4 in"));
    }
}
