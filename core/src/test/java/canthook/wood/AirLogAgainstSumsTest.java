package canthook.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Logs at odd times, with gaps, against a mean summed minute by minute over every fortnight. */
class AirLogAgainstSumsTest {
    private static final long DAY = 86_400;
    private static final long FORTNIGHT = 14 * DAY;

    private record Reading(long time, double celsius, double humidity) {
        double moisture() {
            return EquilibriumMoisture.percent(new Air(celsius, humidity));
        }
    }

    private static List<Reading> odd(Random random) {
        List<Reading> log = new ArrayList<>();
        long time = random.nextInt(5000);
        double humidity = 50;
        while (time < 45 * DAY) {
            humidity = Math.max(20, Math.min(85, humidity + random.nextGaussian() * 4));
            log.add(new Reading(time, 15 + random.nextInt(10), humidity));
            time += random.nextInt(40) == 0 ? DAY + random.nextInt(200_000) : 300 + random.nextInt(20_000);
        }
        return log;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void driestAndWettestAreThoseOfTheMinutes(int seed) {
        List<Reading> readings = odd(new Random(seed));
        AirLog log = new AirLog();
        readings.forEach(r -> log.feed(r.time(), r.celsius(), r.humidity()));
        AirLog.Summary found = log.summary(30);

        long firstHour = readings.get(0).time() / 3600;
        long lastHour = readings.get(readings.size() - 1).time() / 3600;
        double driest = 99;
        double wettest = 0;
        for (long end = firstHour + 14 * 24; end <= lastHour + 1; end++) {
            double[] sum = sum(readings, end * 3600 - FORTNIGHT, end * 3600);
            if (sum[1] >= FORTNIGHT / 2.0) {
                driest = Math.min(driest, sum[0] / sum[1]);
                wettest = Math.max(wettest, sum[0] / sum[1]);
            }
        }
        assertThat(found.driestMoisture()).isCloseTo(driest, within(0.01));
        assertThat(found.wettestMoisture()).isCloseTo(wettest, within(0.01));
        assertThat(found.trace())
                .allSatisfy(
                        m -> assertThat(m).isBetween(found.driestMoisture() - 0.001, found.wettestMoisture() + 0.001));
    }

    /** Moisture times seconds, and seconds, between two times; straight between readings, nothing across a gap. */
    private static double[] sum(List<Reading> readings, long from, long to) {
        double[] sum = new double[2];
        for (int i = 1; i < readings.size(); i++) {
            Reading a = readings.get(i - 1);
            Reading b = readings.get(i);
            if (b.time() - a.time() > DAY) {
                continue;
            }
            double left = Math.max(from, a.time());
            double right = Math.min(to, b.time());
            if (right > left) {
                double middle = ((left + right) / 2 - a.time()) / (b.time() - a.time());
                sum[0] += (a.moisture() + (b.moisture() - a.moisture()) * middle) * (right - left);
                sum[1] += right - left;
            }
        }
        return sum;
    }
}
