package canthook.server.rack;

import canthook.figure.Figure;
import canthook.figure.YearFigure;
import canthook.length.LengthDisplay;
import canthook.plan.SeasonsChoice.Home;
import canthook.plan.YearTrace;
import canthook.refusal.Refused;
import canthook.server.rack.Rack.Kept;
import canthook.server.rack.Rack.Kind;
import canthook.shop.Climate;
import canthook.wood.Air;
import canthook.wood.AirLog;
import canthook.wood.EquilibriumMoisture;
import java.io.InputStream;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Climates a box may live in, and logs they are found from. */
@RestController
@RequestMapping("/api")
public class ClimateApi {
    private final Rack rack;

    ClimateApi(Rack rack) {
        this.rack = rack;
    }

    /**
     * A climate.
     *
     * @param revision of the maker's own; null for one that comes with the application
     * @param driest moisture in percent of dry weight, whichever of the two airs gives it
     * @param wettest moisture in percent of dry weight
     * @param figure moisture through the year
     */
    public record ClimateView(Climate climate, @Nullable Long revision, double driest, double wettest, Figure figure) {}

    /** A climate of the maker's own. */
    public record OwnClimate(
            @Nullable Long revision,
            String name,
            Air one,
            Air other,
            @Nullable String note,
            @Nullable YearTrace through) {
        public OwnClimate {
            Refused.ifMissing("name", "The climate's name", name);
        }

        /** The climate under this id. */
        public Climate as(String id) {
            return new Climate(id, name, one, other, note == null ? "" : note, through);
        }
    }

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

    @GetMapping("/climates")
    List<ClimateView> all() {
        List<ClimateView> climates = new ArrayList<>();
        rack.all(Kind.CLIMATE).forEach(kept -> climates.add(view(kept)));
        for (Home home : Home.values()) {
            if (home != Home.OWN) {
                String words = BlankCsv.written(home);
                climates.add(view(
                        new Climate(
                                words.replace(' ', '-'), words, home.one(), home.other(), "comes with Cant Hook", null),
                        null));
            }
        }
        return climates;
    }

    @PostMapping("/climates")
    @ResponseStatus(HttpStatus.CREATED)
    ClimateView add(@RequestBody OwnClimate wish) {
        return view(rack.add(Kind.CLIMATE, wish.name(), wish::as));
    }

    @PutMapping("/climates/{id}")
    ClimateView save(@PathVariable String id, @RequestBody OwnClimate wish) {
        Long revision = wish.revision();
        if (revision == null) {
            throw new Refused("revision", "The revision the change was made from is missing.");
        }
        return view(rack.save(Kind.CLIMATE, id, revision, wish.as(id)));
    }

    @DeleteMapping("/climates/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id) {
        rack.remove(Kind.CLIMATE, id, true);
    }

    @PostMapping("/climates/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable String id) {
        rack.remove(Kind.CLIMATE, id, false);
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

    private static ClimateView view(Kept<Climate> kept) {
        return view(kept.item(), kept.revision());
    }

    private static ClimateView view(Climate climate, @Nullable Long revision) {
        double one = EquilibriumMoisture.percent(climate.one());
        double other = EquilibriumMoisture.percent(climate.other());
        return new ClimateView(
                climate,
                revision,
                Math.min(one, other),
                Math.max(one, other),
                YearFigure.of(climate.one(), climate.other(), climate.through(), null, LengthDisplay.METRIC));
    }
}
