package canthook.server.export;

import canthook.figure.StickFigure;
import canthook.figure.TemplateFigure;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.rack.ShopFloor;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
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
    private final Clock clock;

    ExportApi(Shelf shelf, ShopFloor floor, Clock clock) {
        this.shelf = shelf;
        this.floor = floor;
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
        return shelf.add(file.plan(), file.testCuts() == null ? List.of() : file.testCuts());
    }

    @GetMapping(value = "/boxes/{id}/stick.svg", produces = "image/svg+xml")
    ResponseEntity<String> stick(@PathVariable String id) {
        WorkedPlan worked = worked(id);
        return sent(StickSvg.of(StickFigure.of(worked), worked.plan().name()), SVG, id + "-stick.svg");
    }

    @GetMapping(value = "/boxes/{id}/stick.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> stickPdf(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        WorkedPlan worked = worked(id);
        return sent(
                FigurePdf.of(List.of(StickFigure.of(worked)), worked.plan().name(), Paper.byName(paper)),
                MediaType.APPLICATION_PDF,
                id + "-stick.pdf");
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

    @GetMapping(value = "/boxes/{id}/corners.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> cornersPdf(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        WorkedPlan worked = worked(id);
        return sent(
                FigurePdf.of(List.of(TemplateFigure.of(worked)), worked.plan().name(), Paper.byName(paper)),
                MediaType.APPLICATION_PDF,
                id + "-corners.pdf");
    }

    @GetMapping(value = "/boxes/{id}/corners.dxf", produces = "application/dxf")
    ResponseEntity<String> cornersDxf(@PathVariable String id) {
        return sent(FigureDxf.of(TemplateFigure.of(worked(id))), DXF, id + "-corners.dxf");
    }

    @GetMapping(value = "/boxes/{id}/cuts.csv", produces = "text/csv")
    ResponseEntity<String> cuts(@PathVariable String id) {
        return sent(RunSheet.csv(worked(id)), MediaType.valueOf("text/csv;charset=UTF-8"), id + "-cuts.csv");
    }

    @GetMapping(value = "/boxes/{id}/run-sheet.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> runSheet(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        return sent(RunSheet.pdf(worked(id), Paper.byName(paper)), MediaType.APPLICATION_PDF, id + "-run-sheet.pdf");
    }

    @GetMapping(value = "/boxes/{id}/shop-sheet.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> shopSheet(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        return shown(Papers.shopSheet(of(id), Paper.byName(paper)), id + "-shop-sheet.pdf");
    }

    @GetMapping(value = "/boxes/{id}/papers.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> papers(@PathVariable String id, @RequestParam(defaultValue = "a4") String paper) {
        return shown(Papers.all(of(id), Paper.byName(paper)), id + "-papers.pdf");
    }

    /** The box as it is kept, and where a device opens it. */
    private Papers.Of of(String id) {
        KeptBox box = shelf.get(id);
        String address = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/boxes/" + id)
                .toUriString();
        return new Papers.Of(
                Planner.work(box.plan(), floor.shop(box.plan(), box.cuts())),
                box.revision(),
                LocalDate.now(clock),
                address);
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
