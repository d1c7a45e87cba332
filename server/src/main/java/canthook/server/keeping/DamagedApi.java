package canthook.server.keeping;

import canthook.server.keeping.Damaged.Kind;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What cannot be read of rack, house rules and runs, and what can be done. A damaged box stands on the shelf itself. */
@RestController
@RequestMapping("/api/damaged")
public class DamagedApi {
    private final List<Keeper> keepers;

    DamagedApi(List<Keeper> keepers) {
        this.keepers = keepers;
    }

    @GetMapping
    List<Damaged> all() {
        return keepers.stream().flatMap(k -> k.damaged().stream()).toList();
    }

    @GetMapping(value = "/{kind}/{id}/as-kept", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> asKept(@PathVariable Kind kind, @PathVariable String id) {
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"" + id.replaceAll("[^a-z0-9-]", "") + ".txt\"")
                .body(keeper(kind, id).asKept(kind, id));
    }

    @DeleteMapping("/{kind}/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putAway(@PathVariable Kind kind, @PathVariable String id) {
        keeper(kind, id).putAway(kind, id);
    }

    /** Only what is damaged is reached this way. */
    private Keeper keeper(Kind kind, String id) {
        return keepers.stream()
                .filter(k -> k.kinds().contains(kind))
                .filter(k -> k.damaged().stream().anyMatch(d -> d.kind() == kind && d.id().equals(id)))
                .findFirst()
                .orElseThrow(() -> new Unknown("damaged record", id));
    }
}
