package canthook.server.calendar;

import canthook.refusal.Range;
import canthook.refusal.Refused;
import canthook.server.book.Book;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.calendar.CalendarMapper.FinishedRow;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A box is finished: the day, the hours it took, what was learned. It leaves the shelf and stands in the Book. */
@RestController
@RequestMapping("/api/boxes/{id}/finished")
public class FinishedApi {
    private static final Range HOURS = new Range("Hours it took", 0.1, 10_000, "h");
    private final CalendarMapper rows;
    private final Shelf shelf;
    private final Book book;
    private final OpenHours open;
    private final Clock clock;

    FinishedApi(CalendarMapper rows, Shelf shelf, Book book, OpenHours open, Clock clock) {
        this.rows = rows;
        this.shelf = shelf;
        this.book = book;
        this.open = open;
        this.clock = clock;
    }

    /**
     * What is said of a finished box.
     *
     * @param day null for today
     * @param hours it took in all; null where nobody counted
     * @param learned what is to be done otherwise next time; nothing when null
     */
    public record BoxFinished(
            @Nullable LocalDate day,
            @Nullable Double hours,
            @Nullable String learned) {
        public BoxFinished {
            if (hours != null) {
                HOURS.check("hours", hours);
            }
        }
    }

    /**
     * As it stands.
     *
     * @param note the entry of the Book, to hang photos on; null while it is not finished
     */
    public record FinishedView(
            @Nullable Long note,
            @Nullable LocalDate day,
            @Nullable Double hours) {}

    @GetMapping
    @Transactional(readOnly = true)
    public FinishedView look(@PathVariable String id) {
        shelf.get(id);
        FinishedRow row = rows.finished(id);
        return row == null
                ? new FinishedView(null, null, null)
                : new FinishedView(row.noteId(), LocalDate.parse(row.day()), row.hours());
    }

    /** @throws Refused when it is finished already, or on a day that has not come yet */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public FinishedView finish(@PathVariable String id, @RequestBody BoxFinished said) {
        KeptBox box = shelf.get(id);
        if (rows.finished(id) != null) {
            throw new Refused("day", box.plan().name() + " is finished already.");
        }
        LocalDate today = LocalDate.ofInstant(clock.instant(), open.standing().zone());
        LocalDate day = said.day() == null ? today : said.day();
        if (day.isAfter(today)) {
            throw new Refused("day", "That day has not come yet.");
        }
        String learned = said.learned() == null || said.learned().isBlank() ? "Nothing new." : said.learned();
        String at = day.equals(today)
                ? clock.instant().truncatedTo(ChronoUnit.MILLIS).toString()
                : day.atTime(12, 0).atZone(open.standing().zone()).toInstant().toString();
        long note = book.write(id, "finished", learned, at);
        rows.finish(id, note, day.toString(), said.hours());
        return look(id);
    }

    /** Not finished after all: back on the shelf. What was written stays in the Book as a note. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void notFinished(@PathVariable String id) {
        shelf.get(id);
        if (rows.notFinished(id) == 0) {
            throw new Refused("id", "This box is not finished yet.");
        }
    }
}
