package canthook.server.rack;

import canthook.plan.YearTrace;
import canthook.refusal.Refused;
import canthook.server.rack.CsvLines.Cells;
import canthook.wood.AirLog;
import java.io.InputStream;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Set;

/**
 * A climate logger's CSV: {@code time,temperature_c,rh_pct}, times in ISO 8601 (without an offset they are taken as UTC), line
 * after line forward in time. Read as it comes; nothing of it is kept but the sums of {@link AirLog}.
 */
final class ClimateLogCsv {
    private static final long MOST_LINES = 3_000_000;

    private ClimateLogCsv() {}

    static AirLog.Summary read(InputStream in) {
        AirLog log = new AirLog();
        double[] wettest = {0};
        boolean[] fraction = {false};
        CsvLines.read(
                in,
                List.of("time", "temperature_c|temperature_f", "rh_pct|rh_fraction"),
                Set.of(),
                MOST_LINES,
                cells -> {
                    double humidity = humidity(cells);
                    fraction[0] = cells.has("rh_fraction");
                    wettest[0] = Math.max(wettest[0], humidity);
                    log.feed(seconds(cells.wanted("time")), celsius(cells), humidity);
                });
        if (!fraction[0] && wettest[0] <= 1) {
            throw new Refused(
                    "log", "The humidity is never over 1 %. If it is a fraction of one, call its column rh_fraction.");
        }
        return log.summary(YearTrace.MOST_POINTS);
    }

    private static double celsius(Cells cells) {
        return cells.has("temperature_f") ? (cells.number("temperature_f") - 32) / 1.8 : cells.number("temperature_c");
    }

    private static double humidity(Cells cells) {
        return cells.has("rh_fraction") ? cells.number("rh_fraction") * 100 : cells.number("rh_pct");
    }

    private static long seconds(String text) {
        try {
            String time = text.indexOf(' ') == 10 ? text.substring(0, 10) + "T" + text.substring(11) : text;
            if (time.endsWith("Z")) {
                return Instant.parse(time).getEpochSecond();
            }
            boolean zoned = time.length() > 16 && (time.indexOf('+', 16) > 0 || time.indexOf('-', 16) > 0);
            return zoned
                    ? OffsetDateTime.parse(time).toEpochSecond()
                    : LocalDateTime.parse(time).toEpochSecond(ZoneOffset.UTC);
        } catch (DateTimeException e) {
            throw new Refused("time", "time: “" + CsvLines.shortened(text) + "” is no time such as 2025-03-02T14:00.");
        }
    }
}
