package canthook.server.calendar;

import canthook.server.box.Shelf;
import canthook.server.calendar.ShopCalendar.Whole;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Calendar files: of one box to save, of the whole shop to subscribe to from this machine. */
@RestController
public class CalendarFileApi {
    private static final MediaType ICS = new MediaType("text", "calendar", StandardCharsets.UTF_8);
    private final ShopCalendar shop;
    private final Shelf shelf;

    CalendarFileApi(ShopCalendar shop, Shelf shelf) {
        this.shop = shop;
        this.shelf = shelf;
    }

    /** Every box that is under way. */
    @GetMapping("/api/calendar.ics")
    @Transactional(readOnly = true)
    public ResponseEntity<String> all(HttpServletRequest asked) {
        Whole whole = shop.all();
        return file("boxes", CalendarFile.of(whole, whole.boxes(), address(asked)));
    }

    @GetMapping("/api/boxes/{id}/calendar.ics")
    @Transactional(readOnly = true)
    public ResponseEntity<String> box(@PathVariable String id, HttpServletRequest asked) {
        shelf.get(id);
        Whole whole = shop.with(id, null);
        return file(id.replaceAll("[^a-z0-9-]", ""), CalendarFile.of(whole, List.of(whole.of(id)), address(asked)));
    }

    private static String address(HttpServletRequest asked) {
        return ServletUriComponentsBuilder.fromContextPath(asked).build().toUriString();
    }

    private static ResponseEntity<String> file(String name, String text) {
        return ResponseEntity.ok()
                .contentType(ICS)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".ics\"")
                .body(text);
    }
}
