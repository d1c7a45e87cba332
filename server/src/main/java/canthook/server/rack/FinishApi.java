package canthook.server.rack;

import canthook.finish.Days;
import canthook.plan.FinishChoice.Finish;
import canthook.plan.Recipe;
import canthook.refusal.Refused;
import canthook.server.rack.Rack.Kept;
import canthook.server.rack.Rack.Kind;
import canthook.shop.RackFinish;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Finishes on the rack: the shop's own, each as the steps that make it. */
@RestController
@RequestMapping("/api/rack/finishes")
public class FinishApi extends RackApi<RackFinish> {
    FinishApi(Rack rack) {
        super(rack, Kind.FINISH);
    }

    /**
     * A finish as kept.
     *
     * @param says coats, hands and waits in a line
     */
    public record KeptFinish(long revision, RackFinish finish, String says) {}

    /** A finish to be put on the rack; its id is given when it is kept. */
    public record NewFinish(RackFinish finish) {
        public NewFinish {
            Refused.ifMissing("finish", "The finish", finish);
        }
    }

    /** A change, and the revision it was made from. */
    public record FinishChange(Long revision, RackFinish finish) {
        public FinishChange {
            Refused.ifMissing("revision", "The revision the change was made from", revision);
            Refused.ifMissing("finish", "The finish", finish);
        }
    }

    @GetMapping
    List<KeptFinish> all() {
        return rack.all(Kind.FINISH).stream().map(FinishApi::view).toList();
    }

    /** The general kinds as steps, to begin one's own from. */
    @GetMapping("/general")
    List<Recipe> general() {
        return Arrays.stream(Finish.values())
                .filter(f -> f != Finish.NONE && f != Finish.OWN)
                .map(f -> f.recipe(f.usualCoats()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptFinish add(@RequestBody NewFinish wish) {
        return view(rack.add(Kind.FINISH, wish.finish().name(), wish.finish()::withId));
    }

    @PutMapping("/{id}")
    KeptFinish save(@PathVariable String id, @RequestBody FinishChange change) {
        return view(rack.save(Kind.FINISH, id, change.revision(), change.finish()));
    }

    private static KeptFinish view(Kept<RackFinish> kept) {
        Recipe recipe = kept.item().recipe();
        long minutes = recipe.steps().stream().mapToLong(Recipe.Step::minutes).sum();
        double hours = recipe.steps().stream().mapToDouble(Recipe.Step::hours).sum();
        return new KeptFinish(
                kept.revision(),
                kept.item(),
                recipe.coats() + (recipe.coats() == 1 ? " coat, " : " coats, ") + minutes + " min of hands, "
                        + Days.takes(Duration.ofMinutes(Math.round(60 * hours))) + " of waiting");
    }
}
