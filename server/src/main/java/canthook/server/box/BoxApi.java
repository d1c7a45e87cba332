package canthook.server.box;

import canthook.figure.Figure;
import canthook.figure.StandingFigure;
import canthook.fingers.Rung;
import canthook.fit.ReadingDoubts;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.Stations;
import canthook.planner.TrayOf;
import canthook.planner.WorkedPlan;
import canthook.practice.Act;
import canthook.practice.Act.Spot;
import canthook.refusal.OneLine;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.box.Shelf.Named;
import canthook.server.box.Shelf.Order;
import canthook.server.box.Shelf.Place;
import canthook.server.box.Shelf.Sieve;
import canthook.server.box.Shelf.Stage;
import canthook.server.box.Trays.Kin;
import canthook.server.device.Caliper;
import canthook.server.keeping.Damaged;
import canthook.server.rack.ShopFloor;
import canthook.server.rack.ShopFloor.AsItIs;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.shop.TestCut;
import canthook.verdict.Verdict;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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

/** Boxes on the shelf. */
@RestController
@RequestMapping("/api/boxes")
public class BoxApi {
    static final String TOTAL = "X-Total-Count";
    private static final Range FROM = new Range("The first box", 0, 10_000_000, "");
    private static final Range MOST = new Range("Boxes a page", 1, 100, "");
    private static final Range PLACE = new Range("The place", 0, Act.PLACES - 1, "");
    private static final int NAMES = 500;

    private final Shelf shelf;
    private final ShopFloor floor;
    private final Trays trays;
    private final WorkedBefore before;
    private final Caliper caliper;
    private final StepsDone steps;

    BoxApi(Shelf shelf, ShopFloor floor, Trays trays, WorkedBefore before, Caliper caliper, StepsDone steps) {
        this.steps = steps;
        this.caliper = caliper;
        this.shelf = shelf;
        this.floor = floor;
        this.trays = trays;
        this.before = before;
    }

    /**
     * A box as seen on the shelf.
     *
     * @param next the next thing to do, in one line
     * @param station where that is done
     * @param damage why it cannot be read; null when it can. All but its name is empty then.
     * @param figure null when it is damaged
     */
    public record ShelfBox(
            String id,
            String name,
            String purpose,
            String wood,
            String savedAt,
            String size,
            String next,
            String station,
            Verdict.@Nullable Weight worst,
            @Nullable String damage,
            @Nullable Figure figure) {}

    /** A new box. */
    public record NewBox(BoxPlan plan) {
        public NewBox {
            Refused.ifMissing("plan", "The plan", plan);
        }
    }

    /**
     * A change, and the revision it was made from.
     *
     * @param backTo the earlier revision whose state it is again, by undo or redo; null for a change
     */
    public record Change(
            Long revision, BoxPlan plan, @Nullable Long backTo) {
        public Change {
            Refused.ifMissing("revision", "The revision the change was made from", revision);
            Refused.ifMissing("plan", "The plan", plan);
        }
    }

    /** What a save leaves behind. */
    public record Saved(long revision) {}

    /**
     * A test cut made now: read, or felt where no caliper is at hand.
     *
     * @param slots readings; none where it was felt
     * @param fingers likewise
     * @param felt how it went together; null where it was read
     */
    public record Readings(
            @Nullable List<Length> slots,
            @Nullable List<Length> fingers,
            @Nullable Length moved,
            TestCut.@Nullable Felt felt) {
        TestCut cut(String at, Rung chosen) {
            TestCut cut = felt != null
                    ? TestCut.felt(at, felt, chosen.slot().length(), moved)
                    : new TestCut(at, slots == null ? List.of() : slots, fingers == null ? List.of() : fingers, moved);
            return cut.cutFor(chosen.sections().count(), chosen.kerf().length());
        }
    }

    /** A doubt about readings, and what they would be instead. */
    public record Doubts(List<ReadingDoubts.Doubt> doubts) {}

    /** A page of the shelf, the box saved last first. How many there are in all is said in {@code X-Total-Count}. */
    @GetMapping
    ResponseEntity<List<ShelfBox>> all(
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "") String wood,
            @RequestParam(defaultValue = "ANY") Stage stage,
            @RequestParam(defaultValue = "NEWEST") Order order,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "24") int most) {
        FROM.check("from", from);
        MOST.check("most", most);
        Sieve sieve = new Sieve(archived, search, wood, stage, order);
        AsItIs shop = floor.asItIs();
        return ResponseEntity.ok()
                .header(TOTAL, String.valueOf(shelf.found(sieve)))
                .body(shelf.page(sieve, from, most).stream()
                        .map(place -> onShelf(place, shop))
                        .toList());
    }

    /** Ids of the woods the boxes on the shelf are made of. */
    @GetMapping("/woods")
    List<String> woods() {
        return shelf.woods();
    }

    /** Boxes by name, the box saved last first: to choose one from. */
    @GetMapping("/names")
    List<Named> names(@RequestParam(defaultValue = "") String search) {
        return shelf.names(search, NAMES);
    }

    /** The record of a box as it is kept, also when it cannot be read. */
    @GetMapping(value = "/{id}/as-kept", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> asKept(@PathVariable String id) {
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_PLAIN, java.nio.charset.StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"" + id.replaceAll("[^a-z0-9-]", "") + ".txt\"")
                .body(shelf.asKept(id));
    }

    /** Puts a damaged box back to the newest state of it that can be read. */
    @PostMapping("/{id}/earlier")
    KeptBox backToEarlier(@PathVariable String id) {
        return shelf.backToEarlier(id);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptBox add(@RequestBody NewBox box) {
        return shelf.add(box.plan(), List.of());
    }

    @GetMapping("/{id}")
    KeptBox get(@PathVariable String id) {
        return shelf.get(id);
    }

    @PutMapping("/{id}")
    Saved save(@PathVariable String id, @RequestBody Change change) {
        return trays.keeping(id, change);
    }

    /** The boxes it knows: its host, its trays. */
    @GetMapping("/{id}/kin")
    Kin kin(@PathVariable String id) {
        return trays.of(id);
    }

    /** Lays a tray of it on the bench as a box of its own; the one it is already, where it is one. */
    @PostMapping("/{id}/trays/{index}")
    KeptBox layTray(@PathVariable String id, @PathVariable int index) {
        return trays.lay(id, index);
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    KeptBox copy(@PathVariable String id) {
        return shelf.add(ofItsOwn(named(shelf.get(id).plan(), ", copy")), List.of());
    }

    /** Under its name with an addition, shortened where that would be too long. */
    static BoxPlan named(BoxPlan plan, String addition) {
        String name = plan.name();
        return plan.withName(OneLine.beginning(name, 80 - addition.length()) + addition);
    }

    /** As what was begun from another becomes a box of its own: it lies in no drawer and follows no other's place. */
    static BoxPlan ofItsOwn(BoxPlan plan) {
        return TrayOf.alone(plan.sharing(null));
    }

    /** Where undo and redo lead, also after a reload and from another device. */
    @GetMapping("/{id}/way-back")
    WayBack wayBack(@PathVariable String id) {
        return shelf.wayBack(id);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@PathVariable String id) {
        shelf.archive(id, true);
    }

    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable String id) {
        shelf.archive(id, false);
    }

    @OpenTo(May.MARK)
    @PostMapping("/{id}/test-cuts")
    @ResponseStatus(HttpStatus.CREATED)
    KeptBox addTestCut(@PathVariable String id, @RequestBody Readings readings) {
        KeptBox box = shelf.get(id);
        Rung chosen = Planner.work(box.plan(), floor.shop(box.plan(), box.cuts()))
                .fingers()
                .chosen();
        return shelf.addTestCut(id, readings.cut(shelf.now(), chosen));
    }

    /** Where the fit may begin: the last setting that worked with the same cutter, jig and wood. */
    @GetMapping("/{id}/worked-before")
    WorkedBefore.BeforeAnswer workedBefore(@PathVariable String id) {
        return before.of(id);
    }

    /** Looks at readings before they are kept: exchanged, in another unit, one far from the others. */
    @OpenTo(May.READ)
    @PostMapping("/{id}/test-cuts/look")
    Doubts look(@PathVariable String id, @RequestBody Readings readings) {
        KeptBox box = shelf.get(id);
        Rung chosen = Planner.work(box.plan(), floor.shop(box.plan(), box.cuts()))
                .fingers()
                .chosen();
        TestCut cut = readings.cut(shelf.now(), chosen);
        return new Doubts(
                cut.felt() != null
                        ? List.of()
                        : ReadingDoubts.of(
                                chosen, cut.slots(), cut.fingers(), box.plan().display()));
    }

    /**
     * The caliper’s button is pressed on the test piece of a box.
     *
     * @param moved since the last test that was kept; null where nothing was
     * @param place which slot or finger, 0 to 2
     */
    public record CaliperPressed(
            Spot spot, Integer place, @Nullable Length moved) {
        public CaliperPressed {
            Refused.ifMissing("spot", "Where to read", spot);
            Refused.ifMissing("place", "Which place", place);
            PLACE.check("place", place);
            TestCut.MOVED.unlessAbsent("moved", moved);
        }
    }

    /** What it shows, mm. */
    public record CaliperShows(double mm) {}

    @OpenTo(May.MARK)
    @PostMapping("/{id}/caliper")
    CaliperShows caliper(@PathVariable String id, @RequestBody CaliperPressed pressed) {
        KeptBox box = shelf.get(id);
        try {
            return new CaliperShows(caliper.read(
                    box.plan(),
                    box.cuts(),
                    pressed.moved() == null ? 0 : pressed.moved().mm(),
                    pressed.spot(),
                    pressed.place()));
        } catch (Caliper.Unready e) {
            throw new Refused("spot", String.valueOf(e.getMessage()));
        }
    }

    @DeleteMapping("/{id}/test-cuts/{cutId}")
    KeptBox removeTestCut(@PathVariable String id, @PathVariable long cutId) {
        return shelf.removeTestCut(id, cutId, true);
    }

    @PostMapping("/{id}/test-cuts/{cutId}/restore")
    KeptBox restoreTestCut(@PathVariable String id, @PathVariable long cutId) {
        return shelf.removeTestCut(id, cutId, false);
    }

    private ShelfBox onShelf(Place place, AsItIs shop) {
        KeptBox box = place.box();
        if (box == null) {
            Damaged damage = java.util.Objects.requireNonNull(place.damage());
            return new ShelfBox(
                    place.id(), place.name(), "", "", place.savedAt(), "", "", "size", null, damage.why(), null);
        }
        WorkedPlan worked = Planner.work(box.plan(), shop.shop(box.plan(), box.cuts()));
        Stations.Next next = Stations.next(worked, steps.of(box.id()).keySet());
        return new ShelfBox(
                box.id(),
                box.plan().name(),
                box.plan().purpose(),
                box.plan().walls().known().name(),
                box.savedAt(),
                Stations.of(worked).get(0).line(),
                next.sentence(),
                next.station().id(),
                next.station().worst(),
                null,
                StandingFigure.of(worked));
    }
}
