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
import canthook.wood.EquilibriumMoisture;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Climates a box may live in. */
@RestController
@RequestMapping("/api/climates")
public class ClimateApi extends RackApi<Climate> {
    ClimateApi(Rack rack) {
        super(rack, Kind.CLIMATE);
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

    @GetMapping
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

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ClimateView add(@RequestBody OwnClimate wish) {
        return view(rack.add(Kind.CLIMATE, wish.name(), wish::as));
    }

    @PutMapping("/{id}")
    ClimateView save(@PathVariable String id, @RequestBody OwnClimate wish) {
        return view(rack.save(Kind.CLIMATE, id, revision(wish.revision()), wish.as(id)));
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
