package canthook.server.box;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.Assumed;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.plan.SharedPlace;
import canthook.plan.SizeWish;
import canthook.plan.StartingPlan;
import canthook.planner.Begun;
import canthook.planner.FirstCutter;
import canthook.planner.SharedCells;
import canthook.planner.SharedCells.Kind;
import canthook.refusal.Refused;
import canthook.server.answer.Answer;
import canthook.server.answer.Answers;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.keeping.Unknown;
import canthook.server.rack.ShopFloor;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.shop.Shop;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Places filled with small boxes: the kinds that result, a box for each, and the place changed for all of them at once. */
@RestController
@RequestMapping("/api/places")
public class PlaceApi {
    private final Shelf shelf;
    private final ShopFloor floor;
    private final Trays trays;

    PlaceApi(Shelf shelf, ShopFloor floor, Trays trays) {
        this.trays = trays;
        this.shelf = shelf;
        this.floor = floor;
    }

    /** A place, and what its boxes begin with; the name is the set's. */
    public record Filling(SharedPlace place, StartingPlan.Wish wish) {
        public Filling {
            Refused.ifMissing("place", "The place", place);
            Refused.ifMissing("wish", "What the boxes begin with", wish);
        }

        LengthDisplay display() {
            return StartingPlan.of(wish).display();
        }
    }

    /** One kind of box, as told. */
    public record KindView(String name, int columns, int rows, int count, String size) {}

    /**
     * The cells of a place, as told.
     *
     * @param swells what the walls gain in height until the wettest day
     * @param workings of every number that is told, the cell's first
     * @param fields the place's own lengths, as text in the display's unit
     */
    public record CellsView(
            String cell,
            String swells,
            List<KindView> kinds,
            List<Answer.WorkingView> workings,
            Map<String, String> fields) {}

    /** The boxes of a set, the first holding the batch over all. */
    public record SetView(SharedPlace place, List<String> boxes) {}

    @OpenTo(May.READ)
    @PostMapping("/look")
    CellsView look(@RequestBody Filling filling) {
        SharedCells cells = SharedCells.of(filling.place(), StartingPlan.of(filling.wish()));
        LengthDisplay display = filling.display();
        return new CellsView(
                cells.cellWidth().number(display) + " × " + cells.cellLength().text(display),
                cells.swells().text(display),
                cells.kinds().stream()
                        .map(k -> new KindView(
                                k.name(),
                                k.columns(),
                                k.rows(),
                                k.count(),
                                size(k, cells.height().length(), display)))
                        .toList(),
                Stream.of(cells.cellWidth(), cells.cellLength(), cells.height(), cells.swells())
                        .map(n -> Answers.working(n, display))
                        .toList(),
                filling.place().lengths(display));
    }

    private static String size(Kind kind, Length height, LengthDisplay display) {
        return display.number(kind.width(), canthook.length.Precision.LAYOUT) + " × "
                + display.number(kind.length(), canthook.length.Precision.LAYOUT) + " × "
                + display.text(height, canthook.length.Precision.LAYOUT);
    }

    /** A box for every kind, and one batch over all of them. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public SetView fill(@RequestBody Filling filling) {
        if (!shelf.sharing(filling.place().set()).isEmpty()) {
            throw new Refused(
                    "place.set", "There is a set called “" + filling.place().set() + "” already.");
        }
        BoxPlan like = StartingPlan.of(filling.wish());
        SharedCells cells = SharedCells.of(filling.place(), like);
        Shop shop = floor.shop(like.with(like.fingers().withAnyCutter(true)), List.of());
        BoxPlan first = of(like, filling.place(), cells, cells.kinds().get(0));
        BoxPlan begun = Begun.panels(filling.wish().saysCutter() ? first : FirstCutter.in(first, shop), shop);
        return laidOut(filling.place(), cells, begun, List.of());
    }

    @GetMapping("/{set}")
    @Transactional(readOnly = true)
    public SetView find(@PathVariable String set) {
        List<KeptBox> boxes = shelf.sharing(set);
        return new SetView(place(set, boxes), boxes.stream().map(KeptBox::id).toList());
    }

    /** The place is another: all boxes of its set follow, new kinds are begun, kinds that are no more are put away. */
    @PutMapping("/{set}")
    @Transactional
    public SetView change(@PathVariable String set, @RequestBody SharedPlace place) {
        List<KeptBox> boxes = shelf.sharing(set);
        if (!place(set, boxes).set().equals(place.set())) {
            throw new Refused("set", "The set keeps its name.");
        }
        BoxPlan like = boxes.get(0).plan();
        return laidOut(place, SharedCells.of(place, like), like, boxes);
    }

    private static SharedPlace place(String set, List<KeptBox> boxes) {
        return boxes.stream()
                .flatMap(b -> java.util.Optional.ofNullable(b.plan().shared()).stream())
                .findFirst()
                .map(SharedPlace.Share::place)
                .orElseThrow(() -> new Unknown("set", set));
    }

    private SetView laidOut(SharedPlace place, SharedCells cells, BoxPlan like, List<KeptBox> before) {
        for (KeptBox box : before) {
            SharedPlace.Share share = box.plan().shared();
            if (share == null || cells.kind(share.columns(), share.rows()) == null) {
                shelf.archive(box.id(), true);
            }
        }
        List<String> ids = new ArrayList<>();
        List<BatchWish.Other> others = new ArrayList<>();
        for (int i = cells.kinds().size() - 1; i >= 0; i--) {
            Kind kind = cells.kinds().get(i);
            KeptBox kept = before.stream()
                    .filter(b -> b.plan().shared() != null
                            && b.plan().shared().columns() == kind.columns()
                            && b.plan().shared().rows() == kind.rows())
                    .findFirst()
                    .orElse(null);
            BoxPlan plan = of(kept == null ? named(like, place, kind) : kept.plan(), place, cells, kind);
            // one batch over all kinds, held by the largest
            plan = plan.withBatch(i > 0 ? null : batch(plan, kind.count(), others));
            String id = kept == null ? shelf.add(plan, List.of()).id() : kept.id();
            if (kept != null) {
                shelf.save(id, kept.revision(), plan);
                trays.kept(id, plan);
            }
            ids.add(0, id);
            others.add(new BatchWish.Other(id, kind.count()));
        }
        return new SetView(place, List.copyOf(ids));
    }

    private static BatchWish batch(BoxPlan plan, int count, List<BatchWish.Other> others) {
        BatchWish now = plan.batch();
        return now == null
                ? new BatchWish(count, 0, 0, BatchWish.Break.PAIRS, false, List.of(), others, null)
                : new BatchWish(
                        count,
                        now.spareSides(),
                        now.spareEnds(),
                        now.broken(),
                        now.resaw(),
                        now.blanks(),
                        others,
                        now.cut());
    }

    private static BoxPlan named(BoxPlan like, SharedPlace place, Kind kind) {
        return like.withName(place.set() + ", " + kind.name());
    }

    private static BoxPlan of(BoxPlan plan, SharedPlace place, SharedCells cells, Kind kind) {
        return plan.with(plan.size().with(cells.opening(kind)).withFrom(SizeWish.From.OPENING))
                .saying(EnumSet.of(Assumed.LENGTH, Assumed.WIDTH, Assumed.HEIGHT))
                .sharing(new SharedPlace.Share(place, kind.columns(), kind.rows()));
    }
}
