package canthook.server.files;

import canthook.server.keeping.Found;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shop as an archive of open files: taken away, looked at before it is brought in, brought in. */
@RestController
@OpenTo(May.ALL)
@RequestMapping("/api")
public class ShopFilesApi {
    private final ShopFiles files;

    ShopFilesApi(ShopFiles files) {
        this.files = files;
    }

    /** What an archive would bring; nothing is taken yet. */
    public record ArchiveView(List<Found> all) {}

    @GetMapping(value = "/shop.zip", produces = "application/zip")
    ResponseEntity<byte[]> whole() throws IOException {
        return sent(Zip.of(files.whole()), "cant-hook-shop.zip");
    }

    /** A box and those it belongs together with. */
    @GetMapping(value = "/boxes/{id}/with-its-set.zip", produces = "application/zip")
    ResponseEntity<byte[]> set(@PathVariable String id) throws IOException {
        return sent(Zip.of(files.withItsSet(id)), id + "-with-its-set.zip");
    }

    private static ResponseEntity<byte[]> sent(byte[] archive, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(archive);
    }

    /** The archive itself is the body. */
    @PostMapping(value = "/shop/look", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ArchiveView look(HttpServletRequest request) throws IOException {
        return new ArchiveView(files.look(Zip.read(request.getInputStream())));
    }

    /** @param whole whether it stands for the whole shop */
    @PostMapping(value = "/shop/take", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(HttpServletRequest request, @RequestParam(defaultValue = "false") boolean whole) throws IOException {
        files.take(Zip.read(request.getInputStream()), whole);
    }
}
