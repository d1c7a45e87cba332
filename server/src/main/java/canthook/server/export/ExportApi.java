package canthook.server.export;

import canthook.figure.StickFigure;
import canthook.planner.Planner;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.rack.RuleBook;
import canthook.shop.Shop;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Project files and story sticks. */
@RestController
@RequestMapping("/api")
public class ExportApi {
    private final Shelf shelf;
    private final RuleBook book;

    ExportApi(Shelf shelf, RuleBook book) {
        this.shelf = shelf;
        this.book = book;
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
        return shelf.add(file.plan(), file.testCuts() == null ? java.util.List.of() : file.testCuts());
    }

    @GetMapping(value = "/boxes/{id}/stick.svg", produces = "image/svg+xml")
    ResponseEntity<String> stick(@PathVariable String id) {
        KeptBox box = shelf.get(id);
        String svg = StickSvg.of(
                StickFigure.of(Planner.work(box.plan(), new Shop(book.rules(), box.cuts()))),
                box.plan().name());
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(id + "-stick.svg"))
                .body(svg);
    }

    @GetMapping(value = "/schema/project.json", produces = "application/schema+json")
    Resource schema() {
        return new ClassPathResource("schema/project.json");
    }

    private static String attached(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }
}
