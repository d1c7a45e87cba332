package canthook.server.export;

import canthook.building.JigToBuild;
import canthook.building.UsualWidths;
import canthook.figure.BuildFigures;
import canthook.figure.StickFigure;
import canthook.figure.TemplateFigure;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.TrayOf;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.breakdown.CutPlans;
import canthook.server.rack.ShopFloor;
import canthook.server.sheets.Sheets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Project files, story sticks, templates, run sheets. */
@RestController
@RequestMapping("/api")
public class ExportApi {
    private static final MediaType SVG = MediaType.valueOf("image/svg+xml;charset=UTF-8");
    private static final MediaType DXF = MediaType.valueOf("application/dxf;charset=US-ASCII");
    private final Shelf shelf;
    private final ShopFloor floor;
    private final CutPlans plans;
    private final Sheets sheets;
    private final Clock clock;

    ExportApi(Shelf shelf, ShopFloor floor, CutPlans plans, Sheets sheets, Clock clock) {
        this.shelf = shelf;
        this.floor = floor;
        this.plans = plans;
        this.sheets = sheets;
        this.clock = clock;
    }

    @GetMapping("/boxes/{id}/project.json")
    ResponseEntity<ProjectFile> project(@PathVariable String id) {
        KeptBox box = shelf.get(id);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(id + ".json"))
                .body(new ProjectFile(ProjectFile.FORMAT, box.plan(), box.cuts()));
    }

    @PostMapping("/boxes/import")
    @ResponseStatus(HttpStatus.CREATED)
    KeptBox bring(@RequestBody ProjectFile file) {
        return shelf.add(TrayOf.alone(file.plan()), file.testCuts() == null ? List.of() : file.testCuts());
    }

    @GetMapping(value = "/boxes/{id}/stick.svg", produces = "image/svg+xml")
    ResponseEntity<String> stick(@PathVariable String id) {
        WorkedPlan worked = worked(id);
        return sent(StickSvg.of(StickFigure.of(worked), worked.plan().name()), SVG, id + "-stick.svg");
    }

    @GetMapping(value = "/boxes/{id}/stick.dxf", produces = "application/dxf")
    ResponseEntity<String> stickDxf(@PathVariable String id) {
        return sent(FigureDxf.of(StickFigure.of(worked(id))), DXF, id + "-stick.dxf");
    }

    @GetMapping(value = "/boxes/{id}/corners.svg", produces = "image/svg+xml")
    ResponseEntity<String> corners(@PathVariable String id) {
        WorkedPlan worked = worked(id);
        return sent(TemplateSvg.of(TemplateFigure.of(worked), worked.plan().name()), SVG, id + "-corners.svg");
    }

    @GetMapping(value = "/boxes/{id}/corners.dxf", produces = "application/dxf")
    ResponseEntity<String> cornersDxf(@PathVariable String id) {
        return sent(FigureDxf.of(TemplateFigure.of(worked(id))), DXF, id + "-corners.dxf");
    }

    @GetMapping(value = "/boxes/{id}/cuts.csv", produces = "text/csv")
    ResponseEntity<String> cuts(@PathVariable String id) {
        return sent(CutsCsv.of(worked(id)), MediaType.valueOf("text/csv;charset=UTF-8"), id + "-cuts.csv");
    }

    @GetMapping(value = "/boxes/{id}/jig.csv", produces = "text/csv")
    ResponseEntity<String> jigParts(@PathVariable String id) {
        return sent(JigPartsCsv.of(jig(worked(id))), MediaType.valueOf("text/csv;charset=UTF-8"), id + "-jig.csv");
    }

    /** The jig from above, at 1:1. */
    @GetMapping(value = "/boxes/{id}/jig.dxf", produces = "application/dxf")
    ResponseEntity<String> jigDxf(@PathVariable String id) {
        WorkedPlan worked = worked(id);
        return sent(FigureDxf.of(BuildFigures.of(worked, jig(worked)).get(0)), DXF, id + "-jig.dxf");
    }

    /** The sheet of a jig for a usual width, without a box. */
    @GetMapping(value = "/build/usual/{way}/{width}/jig-sheet.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> usualSheet(
            @PathVariable Way way,
            @PathVariable double width,
            @RequestParam(defaultValue = "METRIC") LengthDisplay display,
            @RequestParam(defaultValue = "a4") String paper) {
        String address = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/rack/jigs")
                .toUriString();
        byte[] sheet = Printed.jigSheet(
                usual(way, width, display), LocalDate.now(clock), address, Paper.byName(paper), floor::outOfTheRack);
        return shown(sheet, "jig-sheet.pdf");
    }

    @GetMapping(value = "/build/usual/{way}/{width}/jig.csv", produces = "text/csv")
    ResponseEntity<String> usualParts(@PathVariable Way way, @PathVariable double width) {
        WorkedPlan worked = usual(way, width, LengthDisplay.METRIC);
        return sent(JigPartsCsv.of(jig(worked)), MediaType.valueOf("text/csv;charset=UTF-8"), "jig.csv");
    }

    @GetMapping(value = "/build/usual/{way}/{width}/jig.dxf", produces = "application/dxf")
    ResponseEntity<String> usualPlan(@PathVariable Way way, @PathVariable double width) {
        WorkedPlan worked = usual(way, width, LengthDisplay.METRIC);
        return sent(FigureDxf.of(BuildFigures.of(worked, jig(worked)).get(0)), DXF, "jig.dxf");
    }

    @GetMapping(value = "/build/usual/{way}/{width}/plate.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> usualPlatePdf(
            @PathVariable Way way, @PathVariable double width, @RequestParam(defaultValue = "a4") String paper) {
        WorkedPlan worked = usual(way, width, LengthDisplay.METRIC);
        return shown(
                FigurePdf.of(List.of(Printed.bored(worked)), worked.plan().name(), Paper.byName(paper)), "plate.pdf");
    }

    @GetMapping(value = "/build/usual/{way}/{width}/plate.svg", produces = "image/svg+xml")
    ResponseEntity<String> usualPlate(@PathVariable Way way, @PathVariable double width) {
        WorkedPlan worked = usual(way, width, LengthDisplay.METRIC);
        return sent(TemplateSvg.of(Printed.bored(worked), worked.plan().name()), SVG, "plate.svg");
    }

    @GetMapping(value = "/build/usual/{way}/{width}/plate.dxf", produces = "application/dxf")
    ResponseEntity<String> usualPlateDxf(@PathVariable Way way, @PathVariable double width) {
        return sent(FigureDxf.of(Printed.bored(usual(way, width, LengthDisplay.METRIC))), DXF, "plate.dxf");
    }

    private WorkedPlan usual(Way way, double width, LengthDisplay display) {
        BoxPlan plan = UsualWidths.plan(way, Length.mm(width), display);
        return Planner.work(plan, floor.shop(plan, List.of()));
    }

    /** Where the base of a router sled is bored, at 1:1. */
    @GetMapping(value = "/boxes/{id}/plate.svg", produces = "image/svg+xml")
    ResponseEntity<String> plate(@PathVariable String id) {
        WorkedPlan worked = worked(id);
        return sent(TemplateSvg.of(Printed.bored(worked), worked.plan().name()), SVG, id + "-plate.svg");
    }

    @GetMapping(value = "/boxes/{id}/plate.dxf", produces = "application/dxf")
    ResponseEntity<String> plateDxf(@PathVariable String id) {
        return sent(FigureDxf.of(Printed.bored(worked(id))), DXF, id + "-plate.dxf");
    }

    /** @throws Refused when the way chosen cannot cut the joint */
    private JigToBuild jig(WorkedPlan worked) {
        return JigToBuild.of(worked)
                .orElseThrow(() -> new Refused(
                        "plan.jig.way",
                        "There is no jig to build: the way of indexing chosen cannot make this joint."));
    }

    @GetMapping(value = "/boxes/{id}/papers.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> papers(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        return shown(Papers.all(of(id), Paper.byName(paper)), id + "-papers.pdf");
    }

    /**
     * A paper of a box, and how many pages it has.
     *
     * @param name in its address
     */
    record PrintedView(String name, String title, String about, int pages) {}

    @GetMapping("/boxes/{id}/papers")
    List<PrintedView> kinds(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        Printed.Of box = of(id);
        Paper size = Paper.byName(paper);
        return Arrays.stream(Printed.values())
                .filter(p -> p.isFor(box.worked()))
                .map(p -> new PrintedView(p.named(), p.title(), p.about(), Papers.pages(p.pdf(box, size))))
                .toList();
    }

    @GetMapping(value = "/boxes/{id}/papers/{sheet}.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> printed(
            @PathVariable String id, @PathVariable String sheet, @RequestParam(defaultValue = "a4") String paper) {
        Printed printed = Printed.byName(sheet);
        return shown(printed.pdf(of(id), Paper.byName(paper)), id + "-" + printed.named() + ".pdf");
    }

    /** A page as it will be printed, to look at. */
    @GetMapping(value = "/boxes/{id}/papers/{sheet}/{page}.png", produces = "image/png")
    ResponseEntity<byte[]> picture(
            @PathVariable String id,
            @PathVariable String sheet,
            @PathVariable int page,
            @RequestParam(defaultValue = "a4") String paper) {
        byte[] pdf = Printed.byName(sheet).pdf(of(id), Paper.byName(paper));
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .cacheControl(CacheControl.noStore())
                .body(Papers.picture(pdf, page));
    }

    /** The box as it is kept, and where a device opens it. */
    private Printed.Of of(String id) {
        KeptBox box = shelf.get(id);
        String address = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/boxes/" + id)
                .toUriString();
        return new Printed.Of(
                Planner.work(box.plan(), floor.shop(box.plan(), box.cuts())),
                box.revision(),
                LocalDate.now(clock),
                address,
                () -> plans.shown(id, box.plan()),
                () -> sheets.shown(id, box.plan()),
                floor::outOfTheRack);
    }

    /** Shown by the browser, from where it is printed. */
    private static ResponseEntity<byte[]> shown(byte[] body, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(body);
    }

    private WorkedPlan worked(String id) {
        KeptBox box = shelf.get(id);
        return Planner.work(box.plan(), floor.shop(box.plan(), box.cuts()));
    }

    private static <T> ResponseEntity<T> sent(T body, MediaType type, String name) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(name))
                .body(body);
    }

    @GetMapping(value = "/schema/project.json", produces = "application/schema+json")
    Resource schema() {
        return new ClassPathResource("schema/project.json");
    }

    private static String attached(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }
}
