package canthook.server.book;

import canthook.board.Blank.MoistureKnown.By;
import canthook.figure.DiaryPlot;
import canthook.figure.Figure;
import canthook.fit.Fit;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.refusal.Refused;
import canthook.saw.Pace;
import canthook.saw.SawEvent;
import canthook.server.book.BookEntry.Kind;
import canthook.server.book.BookMapper.Asked;
import canthook.server.book.BookMapper.EntryRow;
import canthook.server.book.BookMapper.FacetRow;
import canthook.server.book.BookMapper.JpegRow;
import canthook.server.book.BookMapper.PhotoRow;
import canthook.server.book.BookMapper.RunEventRow;
import canthook.server.box.Shelf;
import canthook.server.keeping.GapsSeen;
import canthook.server.keeping.Unknown;
import canthook.server.rack.Rack;
import canthook.server.rack.ShopFloor;
import canthook.shop.TestCut;
import canthook.wood.Wood;
import canthook.wood.Woods;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The book, as it is asked for and written in. */
@Service
public class Book {
    static final int LONGEST_LINE = 4000;
    private static final int LONGEST_ABOUT = 120;
    private static final int MOST_PHOTOS = 12;
    private static final int PLOTTED = 400;

    private final BookMapper rows;
    private final EntryReader reader;
    private final Shelf shelf;
    private final ShopFloor floor;
    private final Rack rack;
    private final ObjectMapper json;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    Book(
            BookMapper rows,
            EntryReader reader,
            Shelf shelf,
            ShopFloor floor,
            Rack rack,
            ObjectMapper json,
            Clock clock,
            ApplicationEventPublisher events) {
        this.rows = rows;
        this.reader = reader;
        this.shelf = shelf;
        this.floor = floor;
        this.rack = rack;
        this.json = json;
        this.clock = clock;
        this.events = events;
    }

    /** What of the book is wanted; empty texts want all. */
    record Sieve(
            String kind,
            String box,
            String wood,
            String cutter,
            String way,
            String jig,
            String about,
            String search,
            boolean out) {
        Asked asked(int from, int most) {
            return new Asked(
                    out ? 1 : 0,
                    kind.isEmpty() ? "" : Kind.of(kind).name(),
                    box,
                    wood,
                    cutter,
                    way,
                    jig,
                    about,
                    terms(search),
                    from,
                    most);
        }

        Sieve of(Kind wanted) {
            return new Sieve(wanted.name(), box, wood, cutter, way, jig, about, search, out);
        }
    }

    /** Words as the index takes them: each quoted, each the beginning of a word; signs part words and mean nothing else. */
    static List<String> terms(String search) {
        return Arrays.stream(search.strip().split("[^\\p{L}\\p{N}]+"))
                .filter(t -> !t.isEmpty())
                .limit(12)
                .map(t -> "\"" + t + "\"*")
                .toList();
    }

    /** Something entries can be sieved by. */
    public record Facet(String id, String name) {}

    /** By what the book can be sieved. */
    public record Facets(List<Facet> boxes, List<Facet> cutters, List<Facet> ways, List<Facet> woods) {}

    @Transactional(readOnly = true)
    List<BookEntry> page(Sieve sieve, int from, int most) {
        List<EntryRow> found = rows.page(sieve.asked(from, most));
        List<Long> notes = found.stream()
                .filter(r -> Kind.of(r.kind()).isWritten())
                .map(r -> Long.valueOf(r.ref()))
                .toList();
        Map<String, List<Long>> photos = notes.isEmpty()
                ? Map.of()
                : rows.photos(notes).stream()
                        .collect(Collectors.groupingBy(
                                p -> String.valueOf(p.noteId()),
                                Collectors.mapping(PhotoRow::id, Collectors.toList())));
        return found.stream()
                .map(r -> reader.read(
                        r, Kind.of(r.kind()).isWritten() ? photos.getOrDefault(r.ref(), List.of()) : List.of()))
                .toList();
    }

    @Transactional(readOnly = true)
    int found(Sieve sieve) {
        return rows.found(sieve.asked(0, 0));
    }

    @Transactional(readOnly = true)
    Facets facets() {
        Map<String, List<Facet>> by = rows.facets().stream()
                .collect(Collectors.groupingBy(
                        FacetRow::what, Collectors.mapping(f -> new Facet(f.id(), name(f)), Collectors.toList())));
        return new Facets(
                by.getOrDefault("box", List.of()),
                by.getOrDefault("cutter", List.of()),
                by.getOrDefault("way", List.of()),
                by.getOrDefault("wood", List.of()));
    }

    private static String name(FacetRow facet) {
        return switch (facet.what()) {
            case "way" ->
                Arrays.stream(Way.values())
                        .filter(w -> w.name().equals(facet.id()))
                        .map(Way::words)
                        .findFirst()
                        .orElse(facet.name());
            case "wood" -> Woods.published().find(facet.id()).map(Wood::name).orElse(facet.name());
            default -> facet.name();
        };
    }

    /** Clearances of test cuts, kerfs as they were read, seconds a pass: over time, for what is sieved; those alone that have entries. */
    @Transactional(readOnly = true)
    List<Figure> plots(Sieve sieve) {
        List<DiaryPlot.Point> clearance = new ArrayList<>();
        List<DiaryPlot.Point> kerf = new ArrayList<>();
        List<DiaryPlot.Point> pace = new ArrayList<>();
        for (EntryRow row : wanted(sieve, Kind.TEST_CUT)) {
            String drawn = row.plan();
            if (drawn == null) {
                // its box cannot be read: it stands in the diary as damaged
                continue;
            }
            try {
                TestCut cut = json.readValue(row.body(), TestCut.class);
                BoxPlan plan = json.readValue(drawn, BoxPlan.class);
                Fit fit = Planner.work(plan, floor.shop(plan, List.of(cut))).fit();
                double day = day(row.at());
                if (fit.reading() != null) {
                    clearance.add(new DiaryPlot.Point(
                            day,
                            fit.reading().clearance().length().mm(),
                            fit.bandFrom().length().mm(),
                            fit.bandTo().length().mm(),
                            mark(row)));
                    if (cut.felt() == null) {
                        kerf.add(DiaryPlot.Point.of(
                                day, fit.reading().slot().length().mm(), mark(row)));
                    }
                }
            } catch (JsonProcessingException | DateTimeParseException e) {
                // it stands in the diary as damaged
            }
        }
        for (EntryRow row : wanted(sieve, Kind.RUN)) {
            List<Double> done = new ArrayList<>();
            for (RunEventRow event : rows.events(row.ref())) {
                try {
                    if (json.readValue(event.event(), SawEvent.class).kind() == SawEvent.Kind.DONE) {
                        done.add(Instant.parse(event.at()).toEpochMilli() / 1000.0);
                    }
                } catch (JsonProcessingException | DateTimeParseException e) {
                    // nothing is timed by what cannot be read
                }
            }
            Pace.of(List.of(done)).ifPresent(s -> pace.add(DiaryPlot.Point.of(day(row.at()), s, mark(row))));
        }
        List<Figure> plots = new ArrayList<>();
        DiaryPlot.of("clearance", "Clearance of test cuts, mm, with what was good", 0.1, clearance)
                .ifPresent(plots::add);
        DiaryPlot.of("slot", "Slots as they were read, mm", 0.1, kerf).ifPresent(plots::add);
        DiaryPlot.of("pace", "Seconds from pass to pass", 5, pace).ifPresent(plots::add);
        DiaryPlot.of("moisture", "Moisture of boards as it was read, percent", 1, moisture(sieve))
                .ifPresent(plots::add);
        return plots;
    }

    /** Readings of the boards on the rack; they are the shop’s, and no box’s. */
    private List<DiaryPlot.Point> moisture(Sieve sieve) {
        if (!sieve.kind().isEmpty() || !sieve.box().isEmpty()) {
            return List.of();
        }
        return rack.blanks().stream()
                .filter(b -> sieve.wood().isEmpty() || sieve.wood().equals(b.wood()))
                .flatMap(b -> Optional.ofNullable(b.moisture()).stream())
                .filter(m -> m.by() == By.METER)
                .map(m -> DiaryPlot.Point.of(LocalDate.parse(m.on()).toEpochDay(), m.percent(), ""))
                .toList();
    }

    private List<EntryRow> wanted(Sieve sieve, Kind kind) {
        return sieve.kind().isEmpty() || sieve.kind().equalsIgnoreCase(kind.name())
                ? rows.page(sieve.of(kind).asked(0, PLOTTED))
                : List.of();
    }

    private static double day(String at) {
        return Instant.parse(at).toEpochMilli() / 86_400_000.0;
    }

    private static String mark(EntryRow row) {
        return row.kind() + " " + row.ref();
    }

    /** Writes a line; its id. */
    @Transactional
    long write(@Nullable String box, @Nullable String about, String words) {
        return write(box, about, words, now());
    }

    /** Writes a line as it was written on another day. */
    @Transactional
    public long write(@Nullable String box, @Nullable String about, String words, String at) {
        if (box != null) {
            shelf.get(box);
        }
        String hangs = about == null ? "" : about.strip();
        if (hangs.length() > LONGEST_ABOUT || hangs.contains("\n")) {
            throw new Refused("about", "What it is about is longer than " + LONGEST_ABOUT + " letters.");
        }
        return rows.write(box, hangs, checked(words), at);
    }

    /** Rewords a line; what it said before stands among what was taken out. */
    @Transactional
    void rewrite(long id, String words) {
        String said = checked(words);
        rows.keepWords(id, said);
        if (rows.rewrite(id, said) == 0) {
            throw new Unknown("note", String.valueOf(id));
        }
    }

    private static String checked(String words) {
        String said = words.strip();
        if (said.isEmpty()) {
            throw new Refused("words", "Nothing is written yet.");
        }
        if (said.length() > LONGEST_LINE) {
            throw new Refused("words", "A note has at most " + LONGEST_LINE + " letters; write another for the rest.");
        }
        return said;
    }

    /** Hangs a photo on a line. */
    @Transactional
    void addPhoto(long note, byte[] sent) {
        if (rows.exists(Kind.NOTE.name(), String.valueOf(note)) == 0
                && rows.exists(Kind.FINISHED.name(), String.valueOf(note)) == 0) {
            throw new Unknown("note", String.valueOf(note));
        }
        if (rows.photosOf(note) >= MOST_PHOTOS) {
            throw new Refused("photo", "At most " + MOST_PHOTOS + " photos hang on a note; write another.");
        }
        Photo photo = Photo.of(sent);
        rows.addPhoto(note, photo.large(), photo.small(), photo.width(), photo.height());
    }

    @Transactional(readOnly = true)
    byte[] photo(long id, boolean small) {
        JpegRow row = small ? rows.small(id) : rows.large(id);
        if (row == null) {
            throw new Unknown("photo", String.valueOf(id));
        }
        return row.jpeg();
    }

    /** Takes an entry out by a mark, or puts it back. A test cut’s mark is the one its box reads. */
    @Transactional
    void mark(String kindName, String ref, boolean out) {
        Kind kind = Kind.of(kindName);
        if (rows.exists(kind.name(), ref) == 0) {
            throw new Unknown("entry", ref);
        }
        int removed = out ? 1 : 0;
        switch (kind) {
            case NOTE, FINISHED -> rows.markNote(Long.parseLong(ref), removed);
            case TEST_CUT -> rows.markTestCut(Long.parseLong(ref), removed);
            case MOVE, RUN, SPOILT, GLUE_UP, REPAIR, CALL, PRACTICE, DRILLS -> {
                if (out) {
                    rows.takeOut(kind.name(), ref, now());
                } else {
                    rows.putBack(kind.name(), ref);
                    if (kind == Kind.MOVE) {
                        // it stands with the test cut that followed it
                        rows.markTestCut(Long.parseLong(ref), 0);
                    }
                }
                if (kind == Kind.REPAIR) {
                    events.publishEvent(new GapsSeen.CountAnew());
                }
            }
        }
    }

    private String now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
    }
}
