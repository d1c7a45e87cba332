package canthook.server.rack;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.refusal.Refused;
import canthook.server.rack.Rack.Kind;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;

/**
 * What all things on the rack have in common: they are taken off and put back, changed from a revision, and written to a file.
 *
 * @param <T> the thing
 */
abstract class RackApi<T> {
    private static final MediaType CSV = MediaType.valueOf("text/csv;charset=UTF-8");
    protected final Rack rack;
    private final Kind<T> kind;

    RackApi(Rack rack, Kind<T> kind) {
        this.rack = rack;
        this.kind = kind;
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id) {
        rack.remove(kind, id, true);
    }

    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable String id) {
        rack.remove(kind, id, false);
    }

    /** @throws Refused when the revision a change was made from is not said */
    static long revision(@Nullable Long revision) {
        if (revision == null) {
            throw new Refused("revision", "The revision the change was made from is missing.");
        }
        return revision;
    }

    static ResponseEntity<String> file(String name, String text) {
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(text);
    }

    /** The lengths of a thing as text to edit, by their place in it. */
    static final class EditableFields {
        private final Map<String, String> fields = new LinkedHashMap<>();
        private final LengthDisplay display;

        EditableFields(LengthDisplay display) {
            this.display = display;
        }

        /** Nothing when there is no such length. */
        EditableFields put(String at, @Nullable Length length) {
            if (length != null) {
                fields.put(at, display.editable(length));
            }
            return this;
        }

        EditableFields put(String at, String text) {
            fields.put(at, text);
            return this;
        }

        Map<String, String> all() {
            return fields;
        }
    }
}
