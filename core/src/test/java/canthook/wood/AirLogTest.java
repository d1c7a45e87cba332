package canthook.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.refusal.Refused;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Logs small enough to reduce by hand, and one larger than any logger's memory. */
class AirLogTest {
    private static final long HOUR = 3600;
    private static final long DAY = 24 * HOUR;

    private static void hours(AirLog log, long from, int hours, double celsius, double percent) {
        for (int h = 0; h < hours; h++) {
            log.feed(from + h * HOUR, celsius, percent);
        }
    }

    @Test
    void aFortnightOfEachGivesBothMoistures() {
        AirLog log = new AirLog();
        hours(log, 0, 14 * 24 + 1, 20, 35);
        hours(log, 14 * DAY + HOUR, 14 * 24 + 1, 20, 65);
        AirLog.Summary year = log.summary(40);
        assertThat(year.driestMoisture()).isCloseTo(6.963, within(0.001));
        assertThat(year.wettestMoisture()).isCloseTo(12.01, within(0.02));
        assertThat(EquilibriumMoisture.percent(year.driest())).isCloseTo(6.963, within(0.002));
        assertThat(year.driest().humidity()).isCloseTo(35, within(0.02));
        assertThat(year.covered()).isCloseTo(28.04 / 365.25, within(1e-3));
        assertThat(year.trace()).hasSize(40);
        assertThat(year.trace().get(0)).isCloseTo(6.963, within(0.001));
        assertThat(year.trace().get(20)).isBetween(9.0, 10.1);
    }

    @Test
    void theMeanIsOfMoistureAndNotOfAir() {
        AirLog log = new AirLog();
        for (int h = 0; h < 15 * 24; h++) {
            log.feed(h * HOUR, 20, h % 2 == 0 ? 20 : 90);
        }
        double ofMoisture =
                (EquilibriumMoisture.percent(new Air(20, 20)) + EquilibriumMoisture.percent(new Air(20, 90))) / 2;
        assertThat(log.summary(10).driestMoisture()).isCloseTo(ofMoisture, within(0.01));
        assertThat(ofMoisture).isGreaterThan(EquilibriumMoisture.percent(new Air(20, 55)) + 1);
    }

    @Test
    void aReadingCountsForAsLongAsItStood() {
        AirLog log = new AirLog();
        // ten days read every hour at 30 %, then readings half a day apart at 70 %
        hours(log, 0, 240, 20, 30);
        for (int i = 0; i < 60; i++) {
            log.feed(240 * HOUR + i * 12 * HOUR, 20, 70);
        }
        assertThat(log.summary(10).wettestMoisture())
                .isCloseTo(EquilibriumMoisture.percent(new Air(20, 70)), within(0.01));
    }

    @Test
    void gapsOverADayAreLeftOutAndNamed() {
        AirLog log = new AirLog();
        hours(log, 0, 14 * 24, 20, 35);
        hours(log, 17 * DAY, 14 * 24, 20, 35);
        AirLog.Summary year = log.summary(10);
        assertThat(year.gaps()).hasSize(1);
        assertThat(year.gaps().get(0).days()).isCloseTo(3.04, within(0.01));
        assertThat(year.wettestMoisture()).isCloseTo(6.963, within(0.001));
    }

    @Test
    void sameTimesCountOnceAndTimeRunsForward() {
        AirLog log = new AirLog();
        hours(log, 0, 400, 20, 35);
        log.feed(399 * HOUR, 20, 90);
        assertThat(log.summary(10).repeated()).isEqualTo(1);
        assertThatThrownBy(() -> log.feed(5 * HOUR, 20, 40))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("forward in time");
        assertThatThrownBy(() -> log.feed(30L * 366 * DAY, 20, 40)).hasMessageContaining("twenty years");
    }

    @Test
    void airBeyondTheEquationIsHeldAtItsLimitAndNonsenseIsRefused() {
        AirLog log = new AirLog();
        hours(log, 0, 400, -20, 99);
        AirLog.Summary year = log.summary(10);
        assertThat(year.held()).isEqualTo(400);
        assertThat(year.wettestMoisture()).isCloseTo(EquilibriumMoisture.percent(new Air(-10, 95)), within(0.001));
        assertThatThrownBy(() -> log.feed(500 * HOUR, 20, 130)).hasMessageContaining("between 0 and 100");
        assertThatThrownBy(() -> log.feed(500 * HOUR, 90, 50)).hasMessageContaining("Temperature");
    }

    @Test
    void tooShortALogSaysSo() {
        AirLog log = new AirLog();
        hours(log, 0, 10 * 24, 20, 35);
        assertThatThrownBy(() -> log.summary(10)).hasMessageContaining("no fortnight");
    }

    @Test
    void twoMillionReadingsTakeLittleTimeAndRoom() {
        AirLog log = new AirLog();
        Random random = new Random(7);
        long start = System.nanoTime();
        for (int i = 0; i < 2_000_000; i++) {
            log.feed(i * 15L, 20, 50 + 20 * Math.sin(i * 15.0 / DAY / 58) + random.nextDouble());
        }
        AirLog.Summary year = log.summary(100);
        assertThat(System.nanoTime() - start).isLessThan(10_000_000_000L);
        assertThat(year.readings()).isEqualTo(2_000_000);
        assertThat(year.driest().humidity()).isBetween(30.0, 32.0);
        assertThat(year.wettest().humidity()).isBetween(69.0, 71.0);
    }

    @Test
    void theQuickSumIsTheWorkedOne() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            Air air = new Air(random.nextDouble() * 56 - 1, random.nextDouble() * 95);
            double worked = EquilibriumMoisture.work(new canthook.working.Worksheet("air"), "a", "", air)
                    .number();
            assertThat(EquilibriumMoisture.percent(air)).isCloseTo(worked, within(1e-9));
        }
    }
}
