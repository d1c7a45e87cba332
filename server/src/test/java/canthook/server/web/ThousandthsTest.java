package canthook.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A number on the wire is the number that was worked out, whichever way it is written. */
class ThousandthsTest {
    private final ObjectMapper json = JsonRules.mapper();

    private record Drawn(double at, List<Double> points) {}

    @ParameterizedTest
    @ValueSource(
            doubles = {
                0,
                1,
                -1,
                0.1,
                -0.1,
                0.001,
                -0.001,
                0.0004,
                0.0005,
                7.45,
                138.98,
                -0.06,
                1612.8999999999999,
                1.216300339989465,
                999_999.999,
                9_999_999.999,
                1e7,
                -1e7,
                1.5e12,
                1e-5,
                4.9e-324,
                1.7976931348623157e308
            })
    void isWrittenAsJavaWritesIt(double number) throws Exception {
        assertThat(json.writeValueAsString(new Drawn(number, List.of(number, number))))
                .isEqualTo("{\"at\":" + number + ",\"points\":[" + number + "," + number + "]}");
    }

    @Test
    void isReadBackAsTheSameNumber() throws Exception {
        Random random = new Random(20);
        for (int i = 0; i < 20_000; i++) {
            double scale = Math.pow(10, random.nextInt(9) - 3);
            double number = (random.nextDouble() - 0.5) * scale;
            double drawn = Math.round(number * 1000) / 1000.0;
            double between = random.nextBoolean() ? number : Math.nextUp(drawn);
            for (double any : new double[] {drawn, between}) {
                String written = json.writeValueAsString(any);
                assertThat(Double.parseDouble(written)).isEqualTo(any);
                assertThat(written).isEqualTo(any == 0 ? written : Double.toString(any));
            }
        }
    }

    @Test
    void whatIsNoNumberIsNotTakenForOne() throws Exception {
        assertThat(json.writeValueAsString(List.of(Double.NaN, Double.POSITIVE_INFINITY, -0.0)))
                .isEqualTo("[\"NaN\",\"Infinity\",-0.0]");
    }
}
