package canthook.server.hint;

import canthook.judgement.Call;
import canthook.refusal.Refused;
import canthook.server.box.Shelf;
import canthook.server.hint.HintMapper.AnswerRow;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A hint is followed or put off for a box, or silenced for the whole shop; each can be taken back. */
@RestController
@RequestMapping("/api")
public class HintApi {
    private final HintMapper rows;
    private final Shelf shelf;
    private final Clock clock;

    HintApi(HintMapper rows, Shelf shelf, Clock clock) {
        this.rows = rows;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** What was answered to a hint on a box. */
    public enum Reply {
        /** It is done. */
        FOLLOWED,
        /** Not today. */
        LATER
    }

    /** A reply as it is sent. */
    public record Replied(Reply answer) {
        public Replied {
            Objects.requireNonNull(answer, "answer");
        }
    }

    /** A reply to one hint. */
    public record Answered(Call call, Reply answer) {}

    /** A hint the shop may silence. */
    public record CallView(Call call, String title, boolean silenced) {}

    @GetMapping("/hints")
    @Transactional(readOnly = true)
    public List<CallView> all() {
        List<String> silenced = rows.silenced();
        return Arrays.stream(Call.values())
                .map(c -> new CallView(c, c.title(), silenced.contains(c.name())))
                .toList();
    }

    @PutMapping("/hints/{call}/silence")
    @Transactional
    public void silence(@PathVariable String call) {
        rows.silence(known(call).name(), now());
    }

    @DeleteMapping("/hints/{call}/silence")
    @Transactional
    public void hear(@PathVariable String call) {
        rows.hear(known(call).name());
    }

    /** What was answered on a box and still counts: what was put off counts for its day. */
    @GetMapping("/boxes/{id}/hints")
    @Transactional(readOnly = true)
    public List<Answered> answers(@PathVariable String id) {
        shelf.get(id);
        return rows.answers(id).stream()
                .filter(this::counts)
                .map(row -> new Answered(Call.valueOf(row.call()), Reply.valueOf(row.answer())))
                .toList();
    }

    @PutMapping("/boxes/{id}/hints/{call}")
    @Transactional
    public void answer(@PathVariable String id, @PathVariable String call, @RequestBody Replied said) {
        shelf.get(id);
        rows.answer(id, known(call).name(), said.answer().name(), now());
    }

    @DeleteMapping("/boxes/{id}/hints/{call}")
    @Transactional
    public void forget(@PathVariable String id, @PathVariable String call) {
        shelf.get(id);
        rows.forget(id, known(call).name());
    }

    private boolean counts(AnswerRow row) {
        boolean known = Arrays.stream(Call.values()).anyMatch(c -> c.name().equals(row.call()));
        return known
                && (row.answer().equals(Reply.FOLLOWED.name())
                        || day(Instant.parse(row.at())).equals(day(clock.instant())));
    }

    private static LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, ZoneId.systemDefault());
    }

    private String now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
    }

    /** @throws Refused when there is no such hint */
    private static Call known(String name) {
        return Arrays.stream(Call.values())
                .filter(c -> c.name().equals(name.toUpperCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new Refused("call", "There is no hint “" + name + "”."));
    }
}
