package canthook.server.answer;

import canthook.building.JigPart;
import canthook.building.JigToBuild;
import canthook.building.ShopJigs;
import canthook.figure.BuildFigures;
import canthook.figure.Figure;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.server.answer.WorkApi.WorkRequest;
import canthook.server.rack.ShopFloor;
import canthook.shop.Machine.Measure;
import canthook.working.Worked;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The jig of a plan, to be built on the shop's machines. */
@RestController
@RequestMapping("/api")
public class BuildApi {
    private final ShopFloor floor;

    BuildApi(ShopFloor floor) {
        this.floor = floor;
    }

    /** A size of a part, and the number it opens to. */
    public record PartSizeView(String text, String number) {}

    /**
     * A part of the jig.
     *
     * @param id what it is marked with in the drawings, behind {@code part.}
     * @param sizes length, width, thickness; fewer for what is bought
     */
    public record JigPartView(String id, String name, int count, List<PartSizeView> sizes, String stuff, String says) {}

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
    @PostMapping("/build")
    public JigToBuildView build(@RequestBody WorkRequest request) {
        WorkedPlan worked = Planner.work(request.plan(), floor.shop(request.plan(), request.cuts()));
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

    /** Which jigs of the rack make a plan, and how; those that make it as they are first. */
    @PostMapping("/build/jigs")
    public List<ShopJigs.Makes> jigs(@RequestBody WorkRequest request) {
        return ShopJigs.of(Planner.work(request.plan(), floor.shop(request.plan(), request.cuts())), floor.jigs());
    }

    private static JigToBuildView view(WorkedPlan worked, JigToBuild jig) {
        LengthDisplay display = worked.plan().display();
        return new JigToBuildView(
                null,
                jig.title(),
                jig.minutes(),
                BuildFigures.of(worked, jig),
                jig.parts().stream().map(p -> part(p, display)).toList(),
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

    private static JigPartView part(JigPart part, LengthDisplay display) {
        return new JigPartView(
                part.id(),
                part.name(),
                part.count(),
                part.sizes().stream()
                        .map(n -> new PartSizeView(n.text(display), n.id()))
                        .toList(),
                part.stuff(),
                part.says());
    }
}
