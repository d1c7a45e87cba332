package canthook.server.book;

import canthook.figure.Figure;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import canthook.server.book.Book.Facets;
import canthook.server.book.Book.Sieve;
import canthook.server.book.BookEntry.Kind;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The Book: a diary to read, to sieve, to search and to write in. */
@RestController
@RequestMapping("/api/book")
public class BookApi {
    private static final Range FROM = new Range("The first entry", 0, 10_000_000, "");
    private static final Range MOST = new Range("Entries a page", 1, 100, "");
    private static final int IN_A_FILE = 20_000;
    private final Book book;

    BookApi(Book book) {
        this.book = book;
    }

    /** A kind of entry. */
    public record EntryKind(Kind kind, String words) {}

    /**
     * A page of the book, the newest first.
     *
     * @param total entries that are found
     * @param out entries of these that were taken out
     */
    public record BookPage(
            List<BookEntry> entries, int total, int out, Facets facets, List<EntryKind> kinds, List<Figure> plots) {}

    /**
     * A line written by hand.
     *
     * @param box it is about; null for the shop
     * @param about number, part or cut it hangs on; null for none
     */
    public record NewNote(@Nullable String box, @Nullable String about, String words) {
        public NewNote {
            Refused.ifMissing("words", "The note", words);
        }
    }

    /** Its words as they are to be. */
    public record Rewritten(String words) {
        public Rewritten {
            Refused.ifMissing("words", "The note", words);
        }
    }

    /** The note that was written. */
    public record NoteWritten(long id) {}

    @GetMapping
    BookPage page(
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "") String box,
            @RequestParam(defaultValue = "") String wood,
            @RequestParam(defaultValue = "") String cutter,
            @RequestParam(defaultValue = "") String way,
            @RequestParam(defaultValue = "") String jig,
            @RequestParam(defaultValue = "") String about,
            @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "false") boolean out,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "30") int most) {
        FROM.check("from", from);
        MOST.check("most", most);
        Sieve sieve = new Sieve(kind, box, wood, cutter, way, jig, about, search, out);
        return new BookPage(
                book.page(sieve, from, most),
                book.found(sieve),
                book.found(new Sieve(kind, box, wood, cutter, way, jig, about, search, true)),
                book.facets(),
                Arrays.stream(Kind.values())
                        .map(k -> new EntryKind(k, k.words()))
                        .toList(),
                from == 0 && about.isEmpty() && jig.isEmpty() ? book.plots(sieve) : List.of());
    }

    /** What is found, a line an entry. */
    @GetMapping(value = "/file", produces = "text/csv")
    ResponseEntity<String> file(
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "") String box,
            @RequestParam(defaultValue = "") String wood,
            @RequestParam(defaultValue = "") String cutter,
            @RequestParam(defaultValue = "") String way,
            @RequestParam(defaultValue = "") String search) {
        List<BookEntry> entries =
                book.page(new Sieve(kind, box, wood, cutter, way, "", "", search, false), 0, IN_A_FILE);
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("at", "kind", "box", "about", "says", "more", "photos")
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (BookEntry entry : entries) {
                csv.printRecord(
                        entry.at(),
                        entry.kindWords(),
                        entry.boxName() == null ? "" : entry.boxName(),
                        entry.about(),
                        entry.says(),
                        String.join(" / ", entry.lines()),
                        entry.photos().size());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"book.csv\"")
                .body(out.toString());
    }

    @OpenTo(May.MARK)
    @PostMapping("/notes")
    @ResponseStatus(HttpStatus.CREATED)
    NoteWritten write(@RequestBody NewNote note) {
        return new NoteWritten(book.write(note.box(), note.about(), note.words()));
    }

    @PutMapping("/notes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rewrite(@PathVariable long id, @RequestBody Rewritten note) {
        book.rewrite(id, note.words());
    }

    /** The picture itself is the body. */
    @OpenTo(May.MARK)
    @PostMapping(value = "/notes/{id}/photos", consumes = MediaType.ALL_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    void photo(@PathVariable long id, HttpServletRequest request) throws IOException {
        book.addPhoto(id, request.getInputStream().readAllBytes());
    }

    @GetMapping(value = "/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> photo(@PathVariable long id, @RequestParam(defaultValue = "false") boolean small) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate())
                .body(book.photo(id, small));
    }

    @DeleteMapping("/{kind}/{ref}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable String kind, @PathVariable String ref) {
        book.mark(kind, ref, true);
    }

    @PostMapping("/{kind}/{ref}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putBack(@PathVariable String kind, @PathVariable String ref) {
        book.mark(kind, ref, false);
    }
}
