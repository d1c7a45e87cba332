package canthook.server.device;

import canthook.wood.Air;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * A stand-in for a logger in a shop that is heated by day: hourly for a year, dry in February, damp in August, with a day's swing,
 * weather that lasts for days, and forty hours in March when its battery was flat.
 */
@Component
class SimulatedClimateLogger implements ClimateLogger {
    private static final int HOURS = 365 * 24;
    private static final int FLAT_FROM = 70 * 24;
    private static final int FLAT_HOURS = 40;
    private final Clock clock;

    SimulatedClimateLogger(Clock clock) {
        this.clock = clock;
    }

    @Override
    public Air now() {
        return at(clock.instant().truncatedTo(ChronoUnit.HOURS));
    }

    @Override
    public Stream<Reading> year() {
        Instant last = clock.instant().truncatedTo(ChronoUnit.HOURS);
        return LongStream.range(0, HOURS)
                .mapToObj(hour -> last.minus(Duration.ofHours(HOURS - hour)))
                .filter(time -> {
                    int hour = (time.atZone(ZoneOffset.UTC).getDayOfYear() - 1) * 24
                            + time.atZone(ZoneOffset.UTC).getHour();
                    return hour < FLAT_FROM || hour >= FLAT_FROM + FLAT_HOURS;
                })
                .map(time -> new Reading(time, at(time)));
    }

    private static Air at(Instant time) {
        double day = time.getEpochSecond() / 86400.0;
        double year = day / 365.25;
        // dry at the start of February, damp at the start of August
        double season = -Math.cos(2 * Math.PI * (year - 32 / 365.25));
        double hour = -Math.cos(2 * Math.PI * (day - 3 / 24.0));
        double weather = weather(day);
        double temperature = 18.5 + 3.5 * season + 1.5 * hour;
        double humidity = 47 + 11 * season - 3 * hour + 6 * weather;
        return new Air(
                Math.round(temperature * 10) / 10.0, Math.round(Math.max(15, Math.min(90, humidity)) * 10) / 10.0);
    }

    /** Between −1 and 1, straight from one four-day spell to the next. */
    private static double weather(double day) {
        long spell = (long) Math.floor(day / 4);
        double share = day / 4 - spell;
        return (1 - share) * one(spell) + share * one(spell + 1);
    }

    private static double one(long spell) {
        return 2 * new Random(spell * 7919).nextDouble() - 1;
    }
}
