package canthook.server.rack;

import canthook.refusal.Refused;
import canthook.server.rack.Rack.Imported;
import canthook.server.rack.Rack.Kept;
import canthook.server.rack.Rack.Kind;
import canthook.wood.Wood;
import canthook.wood.Woods;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The woods of the table and the maker's own. */
@RestController
@RequestMapping("/api/woods")
public class WoodApi extends RackApi<Wood> {
    WoodApi(Rack rack) {
        super(rack, Kind.WOOD);
    }

    /**
     * A wood to choose from.
     *
     * @param revision of the maker's own; null for one of the table
     */
    public record WoodView(
            String id,
            String name,
            Wood.Kind kind,
            boolean hard,
            Wood wood,
            @Nullable Long revision) {}

    /** A wood of the maker's own; of the two shrinkages one may be left out and is guessed. */
    public record OwnWood(
            @Nullable Long revision,
            String name,
            Wood.Kind kind,
            @Nullable Double radial,
            @Nullable Double tangential,
            double fibreSaturation,
            double specificGravity,
            double sheetMovement) {
        public OwnWood {
            Refused.ifMissing("name", "The wood's name", name);
            Refused.ifMissing("kind", "The kind of wood", kind);
        }

        /** The wood under this id. */
        public Wood as(String id) {
            return Wood.own(
                    id, name.strip(), kind, radial, tangential, fibreSaturation, specificGravity, sheetMovement);
        }
    }

    /** The maker's own first. */
    @GetMapping
    List<WoodView> all() {
        List<WoodView> woods = new ArrayList<>();
        rack.all(Kind.WOOD).forEach(kept -> woods.add(view(kept.item(), kept.revision())));
        Woods.published().all().forEach(wood -> woods.add(view(wood, null)));
        return woods;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    WoodView add(@RequestBody OwnWood wish) {
        Kept<Wood> kept = rack.add(Kind.WOOD, wish.name(), wish::as);
        return view(kept.item(), kept.revision());
    }

    @PutMapping("/{id}")
    WoodView save(@PathVariable String id, @RequestBody OwnWood wish) {
        Kept<Wood> kept = rack.save(Kind.WOOD, id, revision(wish.revision()), wish.as(id));
        return view(kept.item(), kept.revision());
    }

    @Override
    void remove(@PathVariable String id) {
        long used = rack.blanks().stream().filter(b -> b.wood().equals(id)).count();
        if (used > 0) {
            throw new Refused(
                    "id",
                    (used == 1 ? "A board" : used + " boards") + " on the rack " + (used == 1 ? "is" : "are")
                            + " of this wood. Take " + (used == 1 ? "it" : "them") + " off first.");
        }
        super.remove(id);
    }

    @GetMapping(value = "/csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        return file(
                "woods.csv",
                WoodCsv.write(rack.all(Kind.WOOD).stream().map(Kept::item).toList()));
    }

    @PostMapping(value = "/csv", consumes = "text/csv")
    Imported bring(InputStream csv) {
        WoodCsv.Rows rows = WoodCsv.read(csv);
        return rack.take(Kind.WOOD, rows.woods(), rows.names(), rows.ids());
    }

    private static WoodView view(Wood wood, @Nullable Long revision) {
        return new WoodView(wood.id(), wood.name(), wood.kind(), wood.isHard(), wood, revision);
    }
}
