package canthook.server.rack;

import canthook.plan.YearTrace;
import canthook.wood.Air;
import canthook.wood.AirLog;
import canthook.wood.EquilibriumMoisture;
import java.io.InputStream;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What air does to wood, and logs of air that climates are found from. Keeps nothing. */
@RestController
@RequestMapping("/api")
public class AirApi {
    /**
     * What a log says.
     *
     * @param note in words, to be kept with the climate
     */
    public record LogRead(
            Air driest,
            Air wettest,
            double driestMoisture,
            double wettestMoisture,
            String from,
            String to,
            double covered,
            List<GapView> gaps,
            long readings,
            long repeated,
            long held,
            YearTrace through,
            String note) {}

    /** A stretch of over a day without readings. */
    public record GapView(String from, double days) {}

    /** Moisture that wood settles at, in percent of dry weight. */
    public record Settled(double moisture) {}

    @GetMapping("/equilibrium")
    Settled settled(@RequestParam double temperature, @RequestParam double humidity) {
        return new Settled(EquilibriumMoisture.percent(new Air(temperature, humidity)));
    }

    /** Reads a log and keeps nothing of it; what it says can be kept as a climate. */
    @PostMapping(value = "/climate-logs", consumes = "text/csv")
    LogRead read(InputStream csv) {
        return read(ClimateLogCsv.read(csv));
    }

    static LogRead read(AirLog.Summary log) {
        Instant from = Instant.ofEpochSecond(log.from());
        Instant to = Instant.ofEpochSecond(log.to());
        String note = "From a log of " + day(log.from()) + " to " + day(log.to()) + ", covering "
                + Math.round(100 * log.covered()) + " % of a year; driest and wettest of its 14-day running mean.";
        List<GapView> gaps = log.gaps().stream()
                .map(gap -> new GapView(day(gap.from()), Math.round(gap.days() * 10) / 10.0))
                .toList();
        YearTrace trace = new YearTrace(
                "log",
                Instant.ofEpochSecond(log.traceFrom()).atOffset(ZoneOffset.UTC).getDayOfYear(),
                (log.traceTo() - log.traceFrom()) / 86400.0,
                log.trace());
        return new LogRead(
                log.driest(),
                log.wettest(),
                log.driestMoisture(),
                log.wettestMoisture(),
                from.toString(),
                to.toString(),
                log.covered(),
                gaps,
                log.readings(),
                log.repeated(),
                log.held(),
                trace,
                note);
    }

    private static String day(long seconds) {
        return Instant.ofEpochSecond(seconds).toString().substring(0, 10);
    }
}
