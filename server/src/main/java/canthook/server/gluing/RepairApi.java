package canthook.server.gluing;

import canthook.figure.Figure;
import canthook.figure.GapFigures;
import canthook.judgement.GapFound;
import canthook.length.Length;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;
import canthook.server.answer.Answer.CauseView;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.keeping.GapsSeen;
import canthook.server.rack.ShopFloor;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.shop.GapAt;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Gaps: where they are tells what they come from, how wide they are what fills them. What was found stands in the Book. */
@RestController
@RequestMapping("/api/boxes/{id}/gaps")
public class RepairApi {
    private static final Bounds WIDE = new Bounds("The gap", Length.mm(0.01), Length.mm(20));
    private final RepairMapper rows;
    private final Shelf shelf;
    private final ShopFloor floor;
    private final GapsSeen seen;
    private final Clock clock;

    RepairApi(RepairMapper rows, Shelf shelf, ShopFloor floor, GapsSeen seen, Clock clock) {
        this.rows = rows;
        this.shelf = shelf;
        this.floor = floor;
        this.seen = seen;
        this.clock = clock;
    }

    /**
     * One kind of gap: its picture, what it comes from, what is done about it.
     *
     * @param filled what fills it; null until its width is said
     */
    public record JointGapView(
            GapAt gap,
            String words,
            Figure figure,
            List<CauseView> causes,
            @Nullable String filled) {}

    /**
     * A gap that was found.
     *
     * @param wide millimetres
     * @param cause which of its causes it was, as worded; null for the first
     */
    public record NewRepair(
            GapAt gap, Length wide, @Nullable String cause) {
        public NewRepair {
            Refused.ifMissing("gap", "Where the gap is", gap);
            Refused.ifMissing("wide", "How wide the gap is", wide);
            WIDE.check("wide", wide);
        }
    }

    @EventListener({ApplicationReadyEvent.class, GapsSeen.CountAnew.class})
    @Transactional(readOnly = true)
    public void count() {
        look();
    }

    private void look() {
        Set<String> again = Set.copyOf(rows.again());
        seen.seen(Arrays.stream(GapAt.values())
                .filter(g -> again.contains(g.name()))
                .collect(Collectors.toSet()));
    }

    /** Every kind of gap, for this box. */
    @GetMapping
    @Transactional(readOnly = true)
    public List<JointGapView> gaps(@PathVariable String id, @RequestParam(required = false) @Nullable Double wide) {
        Length width = wide == null ? null : Length.mm(wide);
        if (width != null) {
            WIDE.check("wide", width);
        }
        WorkedPlan worked = worked(shelf.get(id));
        return Arrays.stream(GapAt.values())
                .map(g -> new JointGapView(
                        g,
                        g.words(),
                        GapFigures.of(worked, g),
                        GapFound.of(worked, g).reasons().stream()
                                .map(r -> new CauseView(r.words(), r.look()))
                                .toList(),
                        width == null ? null : GapAt.filledBy(width)))
                .toList();
    }

    /** Writes one down. */
    @OpenTo(May.MARK)
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public void write(@PathVariable String id, @RequestBody NewRepair found) {
        List<GapFound.Reason> reasons =
                GapFound.of(worked(shelf.get(id)), found.gap()).reasons();
        String cause = found.cause() == null ? reasons.get(0).words() : found.cause();
        if (reasons.stream().noneMatch(r -> r.words().equals(cause))) {
            throw new Refused("cause", "Such a gap does not come from “" + cause + "”.");
        }
        rows.write(
                id,
                clock.instant().truncatedTo(ChronoUnit.MILLIS).toString(),
                found.gap().name(),
                found.wide().mm(),
                cause,
                GapAt.filledBy(found.wide()));
        look();
    }

    private WorkedPlan worked(KeptBox box) {
        return Planner.work(box.plan(), floor.shop(box.plan(), box.cuts()));
    }
}
