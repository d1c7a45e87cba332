package canthook.server.answer;

import canthook.board.Blank;
import canthook.building.BuildOrNot;
import canthook.building.FirstCut;
import canthook.building.JigPart;
import canthook.building.JigToBuild;
import canthook.building.ShopJigs;
import canthook.building.UsualWidths;
import canthook.figure.BuildFigures;
import canthook.figure.Figure;
import canthook.figure.FirstCutFigures;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.server.answer.WorkApi.WorkRequest;
import canthook.server.box.Shelf;
import canthook.server.keeping.Unknown;
import canthook.server.rack.ShopFloor;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.shop.Machine.Measure;
import canthook.shop.RackJig;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The jig of a plan, to be built on the shop's machines. */
@RestController
@RequestMapping("/api")
public class BuildApi {
    /** So many boxes of the shelf are looked at, the newest. */
    private static final int LOOKED_AT = 60;

    private final ShopFloor floor;
    private final Shelf shelf;

    BuildApi(ShopFloor floor, Shelf shelf) {
        this.floor = floor;
        this.shelf = shelf;
    }

    /** A size of a part, and the number it opens to. */
    public record PartSizeView(String text, String number) {}

    /**
     * A part of the jig.
     *
     * @param id what it is marked with in the drawings, behind {@code part.}
     * @param sizes length, width, thickness; fewer for what is bought
     * @param from the piece of the rack it may come out of; null when none holds it
     */
    public record JigPartView(
            String id,
            String name,
            int count,
            List<PartSizeView> sizes,
            String stuff,
            String says,
            @Nullable String from) {}

    /**
     * Something to read off the jig.
     *
     * @param should what it should read; null for what is looked at
     * @param number it opens to; null likewise
     */
    public record JigCheckView(
            String id,
            String says,
            @Nullable String should,
            @Nullable String number) {}

    /** A measure nobody took yet, how it is taken, and what is assumed. */
    public record AssumedMeasure(Measure measure, String machine, String words, String how, String usual) {}

    /**
     * A jig to build.
     *
     * @param hindrance why there is none; null when there is one
     */
    public record JigToBuildView(
            @Nullable String hindrance,
            String title,
            int minutes,
            List<Figure> figures,
            List<JigPartView> parts,
            List<JigToBuild.Order> order,
            List<JigCheckView> checks,
            List<String> stops,
            List<AssumedMeasure> assumed) {}

    /** The jig of a plan as it is on the bench. */
    @OpenTo(May.READ)
    @PostMapping("/build")
    public JigToBuildView build(@RequestBody WorkRequest request) {
        return view(Planner.work(request.plan(), floor.shop(request.plan(), request.cuts())));
    }

    private JigToBuildView view(WorkedPlan worked) {
        return JigToBuild.of(worked)
                .map(jig -> view(worked, jig))
                .orElseGet(() -> new JigToBuildView(
                        "This way cannot cut this joint: choose another, and it is built for that.",
                        "",
                        0,
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of()));
    }

    /**
     * One thing to do on a new jig.
     *
     * @param text what is set or should be read; null for none
     * @param number it opens to; null likewise
     * @param label what the number is
     * @param figure what is drawn; null for nothing
     */
    public record ActView(
            String id,
            String says,
            String why,
            boolean caution,
            @Nullable String text,
            @Nullable String number,
            @Nullable String label,
            @Nullable Figure figure) {}

    /** From a jig that is built to the first reading, one thing at a time; none where its way cannot cut the joint. */
    @OpenTo(May.READ)
    @PostMapping("/build/first-cut")
    public List<ActView> firstCut(@RequestBody WorkRequest request) {
        WorkedPlan worked = Planner.work(request.plan(), floor.shop(request.plan(), request.cuts()));
        LengthDisplay display = worked.plan().display();
        return FirstCut.of(worked).stream()
                .flatMap(first -> first.acts().stream()
                        .map(act -> new ActView(
                                act.id(),
                                act.says(),
                                act.why(),
                                act.caution(),
                                act.number().map(n -> n.text(display)).orElse(null),
                                act.number().map(Worked::id).orElse(null),
                                act.number().map(Worked::label).orElse(null),
                                FirstCutFigures.of(worked, act).orElse(null))))
                .toList();
    }

    /** A jig for a usual width, and the plan its numbers open in. */
    public record UsualJig(BoxPlan plan, JigToBuildView jig) {}

    /** The jig of a usual width, without a box. */
    @GetMapping("/build/usual/{way}/{width}")
    public UsualJig usual(
            @PathVariable Way way,
            @PathVariable double width,
            @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        BoxPlan plan = UsualWidths.plan(way, Length.mm(width), display);
        WorkedPlan worked = Planner.work(plan, floor.shop(plan, List.of()));
        return new UsualJig(plan, view(worked));
    }

    /** The usual widths, as shown. */
    @GetMapping("/build/usual")
    public List<UsualWidth> widths(@RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return UsualWidths.ALL.stream()
                .map(w -> new UsualWidth(w.mm(), display.text(w, Precision.LAYOUT)))
                .toList();
    }

    /** @param mm as it stands in its address */
    public record UsualWidth(double mm, String text) {}

    /** Which jigs of the rack make a plan, which of its rungs, and whether one is to be built. */
    @OpenTo(May.READ)
    @PostMapping("/build/jigs")
    public BuildOrNot jigs(@RequestBody WorkRequest request) {
        return BuildOrNot.of(Planner.work(request.plan(), floor.shop(request.plan(), request.cuts())), floor.jigs());
    }

    /**
     * A box and a jig.
     *
     * @param chosen whether the box is to be cut on it
     */
    public record BoxOnJig(String id, String name, boolean chosen, ShopJigs.How how, String says) {}

    /** Which boxes of the shelf are cut on a jig of the rack, or would be as it is; of the newest ones. */
    @GetMapping("/build/jigs/{id}/boxes")
    public List<BoxOnJig> boxes(@PathVariable String id) {
        RackJig jig = floor.jigs().stream()
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Unknown("jig", id));
        List<BoxOnJig> boxes = new ArrayList<>();
        for (Shelf.KeptBox box : shelf.newest(LOOKED_AT)) {
            boolean chosen = box.plan().jig().own() != null
                    && box.plan().jig().own().id().equals(id);
            WorkedPlan worked = Planner.work(box.plan(), floor.shop(box.plan(), box.cuts()));
            ShopJigs.Makes makes = ShopJigs.of(worked, List.of(jig)).get(0);
            boolean goes = makes.how() == ShopJigs.How.AS_IT_IS || makes.how() == ShopJigs.How.AFTER_A_SHIM;
            if (chosen || goes) {
                boxes.add(new BoxOnJig(box.id(), box.plan().name(), chosen, makes.how(), makes.says()));
            }
        }
        return boxes;
    }

    private JigToBuildView view(WorkedPlan worked, JigToBuild jig) {
        Map<String, Blank> from = floor.outOfTheRack(jig);
        LengthDisplay display = worked.plan().display();
        return new JigToBuildView(
                null,
                jig.title(),
                jig.minutes(),
                BuildFigures.of(worked, jig),
                jig.parts().stream()
                        .map(p -> part(p, from.get(p.id()), display))
                        .toList(),
                jig.order(),
                jig.checks().stream()
                        .map(c -> new JigCheckView(
                                c.id(),
                                c.says(),
                                c.number().map(n -> n.text(display)).orElse(null),
                                c.number().map(Worked::id).orElse(null)))
                        .toList(),
                jig.stops(),
                jig.assumed().stream()
                        .map(m -> new AssumedMeasure(
                                m, m.on().words(), m.words(), m.how(), display.text(m.usual(), Precision.LAYOUT)))
                        .toList());
    }

    private static JigPartView part(JigPart part, @Nullable Blank from, LengthDisplay display) {
        return new JigPartView(
                part.id(),
                part.name(),
                part.count(),
                part.sizes().stream()
                        .map(n -> new PartSizeView(n.text(display), n.id()))
                        .toList(),
                part.stuff(),
                part.says(),
                from == null ? null : from.name());
    }
}
