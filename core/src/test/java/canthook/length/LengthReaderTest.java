package canthook.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthReaderTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "88.9 | 88.9",
                "88,9 | 88.9",
                "88.9 mm | 88.9",
                "8.89cm | 88.9",
                "3.5\" | 88.9",
                "3 1/2 in | 88.9",
                "3-1/2 in | 88.9",
                "1/2+1/64 | 0.515625",
                "7/32\" | 5.55625",
                "2' 3\" | 685.8",
                "12 thou | 0.3048",
                "0.15mm | 0.15",
                "3½ in | 88.9",
                "½\" | 12.7",
                "2*12.7+3 | 28.4",
                "96-2*11 | 74",
                "96 - 1/2 | 95.5",
                "96-1/2 | 96.5",
                "3 1/2 | 3.5",
                "2′ 3 1/2″ | 698.5",
                "0.3 m | 300",
                "3 × 7.5 | 22.5",
                "5-3/2 | 3.5",
                "1 ft | 304.8",
                "10 mm + 1 in | 35.4",
                "2*1/2\" | 25.4",
                "-4 | -4"
            })
    void readsWhatMakersWriteInMillimetres(String typed, String mm) {
        assertThat(LengthReader.read("Length", typed, LengthUnit.MILLIMETRE).exactMm())
                .isEqualByComparingTo(new BigDecimal(mm));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "3 1/2 | 88.9",
                "3-1/2 | 88.9",
                "96 - 1/2 | 2425.7",
                "88.9 mm | 88.9",
                "1/2+1/64 | 13.096875",
                "3,5 | 88.9",
                "2*1/2 | 25.4",
                "1/64 | 0.396875"
            })
    void takesABareNumberInTheProjectsUnit(String typed, String mm) {
        assertThat(LengthReader.read("Length", typed, LengthUnit.INCH).exactMm())
                .isEqualByComparingTo(new BigDecimal(mm));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "   ",
                "1/0",
                "3 1/",
                "abc",
                "3 furlongs",
                "20001",
                "1e9",
                "NaN",
                "3..5",
                "3 4",
                "2 in * 3 in",
                "5 +",
                "* 3",
                "(3+4)",
                "1,234,5",
                "3 5/4",
                "99999999999999999999999999",
                "2' 3 mm",
                "/2"
            })
    void refusesTheRestNamingFieldAndExample(String typed) {
        assertThatThrownBy(() -> LengthReader.read("Height of the wall", typed, LengthUnit.MILLIMETRE))
                .isInstanceOf(UnreadLength.class)
                .hasMessageStartingWith("Height of the wall")
                .hasMessageContaining("such as 88.9 or 3 1/2 in");
    }

    @Test
    void refusesOutOfBoundsSayingWhatWasUnderstood() {
        assertThatThrownBy(() -> LengthReader.read("Kerf", "-2 in", LengthUnit.MILLIMETRE, Length.ZERO, Length.mm(60)))
                .isInstanceOf(UnreadLength.class)
                .hasMessage("Kerf cannot be negative; “-2 in” is −50.8 mm. The value before still stands.");
        assertThatThrownBy(() -> LengthReader.read("Kerf", "61", LengthUnit.MILLIMETRE, Length.ZERO, Length.mm(60)))
                .hasMessageContaining("at most 60 mm");
    }

    @Test
    void everyShopFractionIsExact() {
        for (int sixtyFourths = 1; sixtyFourths < 64 * 40; sixtyFourths += 7) {
            Length read = LengthReader.read("x", sixtyFourths + "/64", LengthUnit.INCH);
            assertThat(read.nanometres()).isEqualTo(sixtyFourths * 396_875L);
        }
    }

    @Test
    void whatIsShownAsAFractionReadsBackAsShown() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            Length length = new Length(random.nextInt(60) * 25_400_000L + random.nextInt(64) * 396_875L);
            String shown = LengthDisplay.FRACTION_64.number(length, Precision.LAYOUT);
            assertThat(LengthReader.read("x", shown, LengthUnit.INCH)).as(shown).isEqualTo(length);
        }
    }
}
