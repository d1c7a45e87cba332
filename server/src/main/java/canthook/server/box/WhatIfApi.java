package canthook.server.box;

import canthook.figure.ComparedFigures;
import canthook.figure.Figure;
import canthook.history.NumbersApart.Apart;
import canthook.history.NumbersApart.AtStation;
import canthook.refusal.Refused;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.box.Shelf.Named;
import canthook.server.box.WhatIfs.Beside;
import canthook.server.box.WhatIfs.Tried;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What if: a box tried otherwise, beside the one it came from. */
@RestController
@RequestMapping("/api/boxes/{id}")
public class WhatIfApi {
    private final WhatIfs whatIfs;

    WhatIfApi(WhatIfs whatIfs) {
        this.whatIfs = whatIfs;
    }

    /** Numbers of one station that differ. */
    public record ApartView(String station, String title, List<Apart> numbers) {
        static ApartView of(AtStation at) {
            return new ApartView(at.place().id(), at.place().title(), at.numbers());
        }
    }

    /**
     * A what-if over the box it is tried on.
     *
     * @param of that box
     * @param revision of it
     * @param moved whether it was changed since this was begun
     * @param says what was decided otherwise, a sentence each
     * @param numbers only those that differ
     * @param alike how many do not
     * @param figures both over each other: sticks, parts, boxes
     */
    public record WhatIfView(
            Named of,
            long revision,
            boolean moved,
            List<String> says,
            List<ApartView> numbers,
            int alike,
            List<Figure> figures) {
        static WhatIfView of(Beside beside) {
            KeptBox of = beside.of();
            var numbers = beside.numbers();
            return new WhatIfView(
                    new Named(of.id(), of.plan().name()),
                    of.revision(),
                    beside.moved(),
                    beside.says(),
                    numbers.stations().stream().map(ApartView::of).toList(),
                    numbers.alike(),
                    List.of(
                            ComparedFigures.sticks(beside.before(), beside.after()),
                            ComparedFigures.parts(beside.before(), beside.after()),
                            ComparedFigures.standing(beside.before(), beside.after())));
        }
    }

    /**
     * How a box stands to what is tried.
     *
     * @param of the box this one is tried on; null when it is a box of its own
     * @param tried what is tried on this one, the newest first
     */
    public record WhatIfsOf(@Nullable Named of, List<Tried> tried) {}

    /** @param of the box it is tried on; null when it is a box of its own */
    public record TriedOn(@Nullable Named of) {}

    /** The revision of the box it is tried on that the maker saw. */
    public record TakeRequest(@Nullable Long revision) {}

    /** What it is called as a box of its own. */
    public record OwnName(@Nullable String name) {}

    @GetMapping("/what-ifs")
    WhatIfsOf all(@PathVariable String id) {
        return new WhatIfsOf(whatIfs.triedOn(id).orElse(null), whatIfs.of(id));
    }

    @PostMapping("/what-ifs")
    @ResponseStatus(HttpStatus.CREATED)
    KeptBox begin(@PathVariable String id) {
        return whatIfs.begin(id);
    }

    @GetMapping("/what-if")
    WhatIfView beside(@PathVariable String id) {
        return WhatIfView.of(whatIfs.beside(id));
    }

    @GetMapping("/what-if/of")
    TriedOn of(@PathVariable String id) {
        return new TriedOn(whatIfs.triedOn(id).orElse(null));
    }

    @PostMapping("/what-if/take")
    KeptBox take(@PathVariable String id, @RequestBody TakeRequest request) {
        Refused.ifMissing("revision", "The revision of the box it is tried on", request.revision());
        return whatIfs.take(id, java.util.Objects.requireNonNull(request.revision()));
    }

    @PostMapping("/what-if/keep")
    KeptBox keep(@PathVariable String id, @RequestBody OwnName request) {
        return whatIfs.keep(id, request.name() == null ? "" : request.name());
    }

    @DeleteMapping("/what-if")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@PathVariable String id) {
        whatIfs.letGo(id);
    }
}
