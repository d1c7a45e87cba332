package canthook.server.saw;

import canthook.plan.BatchWish;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.saw.Rejoined;
import canthook.saw.SawEvent;
import canthook.saw.SawRun;
import canthook.saw.SetUpGate;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.box.StepsDone;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.StaleWrite;
import canthook.server.keeping.Unknown;
import canthook.server.rack.RuleBook;
import canthook.server.rack.ShopFloor;
import canthook.server.saw.RunReader.Unreadable;
import canthook.server.saw.SawMapper.EventRow;
import canthook.server.saw.SawMapper.RunRow;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The runs that are kept. What happened is only ever added to, each event under its number: of two devices that write the same one
 * the first wins and the other is told.
 */
@Service
public class SawRuns {
    private final SawMapper rows;
    private final Shelf shelf;
    private final StepsDone steps;
    private final RuleBook book;
    private final ShopFloor floor;
    private final RunReader reader;
    private final SecureRandom random = new SecureRandom();

    SawRuns(SawMapper rows, Shelf shelf, StepsDone steps, RuleBook book, ShopFloor floor, RunReader reader) {
        this.steps = steps;
        this.rows = rows;
        this.shelf = shelf;
        this.book = book;
        this.floor = floor;
        this.reader = reader;
        reader.learn();
    }

    /**
     * Which boxes of a batch a run cuts.
     *
     * @param first number of the first one
     * @param boxes how many
     * @param of how many the batch has; 1 where there is none
     * @param unproven whether it was begun before the first box had gone together
     * @param left how many are not cut yet by a run that is over
     */
    public record Lot(int first, int boxes, int of, boolean unproven, int left) {
        SetUpGate.Boxes gated() {
            return !isRest() ? SetUpGate.Boxes.ONE : unproven ? SetUpGate.Boxes.UNPROVEN : SetUpGate.Boxes.OTHERS;
        }

        /** Whether it cuts more than the first box of a batch. */
        boolean isRest() {
            return boxes > 1 || first > 1;
        }
    }

    /**
     * A run, the plan it was begun from, and where it stands.
     *
     * @param partsSinceTest cut in runs before this one, since a test was last recorded
     */
    public record Standing(
            String id,
            String box,
            String startedAt,
            boolean closed,
            WorkedPlan worked,
            int partsSinceTest,
            Lot lot,
            SawRun run,
            long seq) {
        /** What is checked before the first pass. */
        public List<SetUpGate.Check> gate() {
            return SetUpGate.of(worked, partsSinceTest, lot.gated());
        }

        private Standing after(SawRun happened, int events) {
            return new Standing(id, box, startedAt, closed, worked, partsSinceTest, lot, happened, seq + events);
        }
    }

    /** What of a batch is to be cut. */
    public enum Which {
        /** One box; of a batch the first, alone. */
        FIRST,
        /** The others, once the first has gone together. */
        REST,
        /** The others, or all, although the first has not gone together: that is kept. */
        REST_UNPROVEN
    }

    /**
     * Begins a run of a box as it is now, or goes on with the one that is open.
     *
     * @throws Refused when the others are wanted and the first box is not cut yet
     */
    @Transactional
    public Standing begin(String box, Which which) {
        KeptBox kept = shelf.get(box);
        Optional<Standing> running = open(box);
        if (running.isPresent() && (which == Which.FIRST || running.get().lot().isRest())) {
            return running.get();
        }
        BatchWish batch = kept.plan().batch();
        int of = batch == null ? 1 : batch.count();
        int cut = rows.boxesCut(box);
        // once the first is cut, what is next are the others
        boolean rest = which != Which.FIRST || (of > 1 && cut > 0 && cut < of);
        if (rest && of - cut < 1) {
            throw new Refused("which", "All boxes of this batch are cut.");
        }
        if (which == Which.REST && cut == 0) {
            throw new Refused(
                    "which",
                    "One box is cut and put together first, and its fit accepted: a fault is then in one box and not in "
                            + of + ".");
        }
        running.ifPresent(r -> close(r.id()));
        WorkedPlan worked = Planner.work(kept.plan(), floor.shop(kept.plan(), kept.cuts()));
        if (worked.cuts().cuts().isEmpty()) {
            throw new Refused(
                    "plan.jig.way", "There is nothing to cut: the way of indexing chosen cannot make this joint.");
        }
        String id = box + "-run-" + HexFormat.of().toHexDigits(random.nextLong());
        if (rows.insert(
                        id,
                        box,
                        reader.write(worked.settled()),
                        reader.write(RunReader.changed(book.rules())),
                        shelf.now(),
                        rest ? cut + 1 : 1,
                        rest ? of - cut : 1,
                        which == Which.REST_UNPROVEN && cut == 0 ? 1 : 0)
                == 0) {
            throw new IllegalStateException("two runs of one number");
        }
        return get(id);
    }

    @Transactional(readOnly = true)
    public Standing get(String id) {
        try {
            return reader.standing(row(id));
        } catch (Unreadable e) {
            throw new Damaged.Unread(
                    "This run is damaged and cannot be read. Put it away and begin another; the box is sound.");
        }
    }

    private RunRow row(String id) {
        RunRow row = rows.find(id);
        if (row == null) {
            throw new Unknown("run", id);
        }
        return row;
    }

    /** The open run of a box, if there is one. */
    @Transactional(readOnly = true)
    public Optional<Standing> open(String box) {
        for (RunRow row : rows.ofBox(box)) {
            if (row.closed() == 0) {
                try {
                    return Optional.of(reader.standing(row));
                } catch (Unreadable e) {
                    // stands among the damaged; another may be begun
                }
            }
        }
        return Optional.empty();
    }

    /**
     * Adds what happened.
     *
     * @param seq number of events the device knew of
     * @param mark of this event, made by the page that sends it and the same when it is sent again; null when it has none
     * @throws StaleWrite when another device was first; nothing is written then
     * @throws Refused when the event does not fit
     */
    @Transactional
    public Standing add(String id, long seq, SawEvent event, @Nullable String mark) {
        Standing now = get(id);
        if (now.closed()) {
            throw new Refused("id", "This run is closed.");
        }
        if (mark != null && seq == now.seq() - 1 && isSent(id, seq + 1, mark)) {
            // the same sent again, because its answer was lost
            return now;
        }
        if (seq != now.seq()) {
            throw new StaleWrite("This run", seq, now.seq());
        }
        ifSetUp(now, event);
        SawRun after = now.run().after(event);
        if (rows.add(id, seq + 1, reader.write(event), shelf.now(), mark) == 0) {
            throw new StaleWrite("This run", seq, get(id).seq());
        }
        return went(now, after, 1);
    }

    private static void ifSetUp(Standing now, SawEvent event) {
        if (event.kind() == SawEvent.Kind.DONE) {
            List<SetUpGate.Check> missing = now.gate().stream()
                    .filter(c -> !now.run().checked().contains(c.id()))
                    .toList();
            if (!missing.isEmpty()) {
                throw new Refused(
                        "event.cut", "Not set up yet: " + missing.get(0).says());
            }
        }
    }

    /** What follows when a run went on: how far its box is, and how long a pass takes. */
    private Standing went(Standing before, SawRun after, int events) {
        boolean overs = after.isFinished() != before.run().isFinished();
        if (overs) {
            rows.finished(before.id(), after.isFinished() ? 1 : 0);
        }
        steps.begun(before.box(), "cut", cutOf(before.box(), before.lot(), after));
        reader.learn();
        // how many boxes are left is another number when it is over
        return overs ? get(before.id()) : before.after(after, events);
    }

    /**
     * Something marked while a device was away.
     *
     * @param mark made by the page for this event
     * @param secondsAgo how long before it was sent
     */
    public record Away(SawEvent event, String mark, double secondsAgo) {}

    /**
     * How it stands once a device is back.
     *
     * @param taken how many of what it marked were taken now
     * @param alike how many had been marked elsewhere as well
     * @param left what could not be taken, in order
     */
    public record Back(Standing standing, int taken, int alike, List<SawEvent> left) {}

    /**
     * Takes what was marked while a device was away, all of it or, where another device went another way, up to there. What was taken before, because
     * its answer was lost, is not taken twice.
     */
    @Transactional
    public Back rejoin(String id, List<Away> away) {
        Standing now = get(id);
        List<EventRow> kept = rows.events(id);
        Set<String> known = kept.stream().map(e -> String.valueOf(e.mark())).collect(Collectors.toSet());
        List<Away> fresh = away.stream().filter(a -> !known.contains(a.mark())).toList();
        List<SawEvent> events = fresh.stream().map(Away::event).toList();
        if (now.closed()) {
            return new Back(now, 0, 0, events);
        }
        events.forEach(event -> ifSetUp(now, event));
        Rejoined back = Rejoined.of(now.run(), events);
        Instant last = kept.isEmpty()
                ? Instant.EPOCH
                : Instant.parse(kept.get(kept.size() - 1).at());
        Instant sent = Instant.parse(shelf.now());
        long seq = now.seq();
        for (int taken : back.taken()) {
            Away one = fresh.get(taken);
            Instant at = sent.minusMillis(Math.round(1000 * one.secondsAgo()));
            // whatever the device's clock says, nothing happened before what happened before it
            last = at.isAfter(last) ? at : last;
            if (rows.add(id, ++seq, reader.write(one.event()), last.toString(), one.mark()) == 0) {
                throw new StaleWrite("This run", seq - 1, get(id).seq());
            }
        }
        Standing standing = back.taken().isEmpty()
                ? now
                : went(now, back.run(), back.taken().size());
        return new Back(
                standing,
                back.taken().size(),
                back.alike(),
                back.left().stream().map(events::get).toList());
    }

    /** The run at every pass, first to last, as it stands there when passes are made and taken back and nothing else happens. */
    public List<Standing> everywhere(Standing now) {
        List<Standing> all = new ArrayList<>();
        Standing at = now;
        while (at.run().at() > 0) {
            SawRun run = at.run();
            at = now.after(run.after(SawEvent.back(run.items().get(run.at() - 1).id())), 0);
        }
        all.add(at);
        while (!at.run().isFinished()) {
            SawRun run = at.run();
            at = now.after(run.after(SawEvent.done(run.items().get(run.at()).id())), 0);
            all.add(at);
        }
        return all;
    }

    /** What part of all that is to be cut is cut: the boxes of runs that are over, and the passes of this one. */
    private double cutOf(String box, Lot lot, SawRun run) {
        double here = run.isFinished() ? 0 : lot.boxes() * run.share();
        return Math.min(1, (rows.boxesCut(box) + here) / lot.of());
    }

    private boolean isSent(String id, long seq, String mark) {
        return rows.events(id).stream().anyMatch(e -> e.seq() == seq && mark.equals(e.mark()));
    }

    /**
     * A run of which so much was made before this shop was kept here, pass after pass.
     *
     * @param began when the first pass was made
     * @param passes how many are made; all when there are fewer
     * @param seconds from pass to pass
     */
    @Transactional
    public void made(String box, Which which, Instant began, int passes, double seconds) {
        Standing run = begin(box, which);
        long seq = run.seq();
        Instant at = began;
        for (SetUpGate.Check check : run.gate()) {
            rows.add(run.id(), ++seq, reader.write(SawEvent.checked(check.id())), at.toString(), null);
        }
        List<SawRun.Item> items = run.run().items();
        for (SawRun.Item item : items.subList(0, Math.min(passes, items.size()))) {
            at = at.plusMillis(Math.round(1000 * seconds));
            rows.add(run.id(), ++seq, reader.write(SawEvent.done(item.id())), at.toString(), null);
        }
        if (passes >= items.size()) {
            rows.finished(run.id(), 1);
        }
        steps.begun(box, "cut", cutOf(box, run.lot(), get(run.id()).run()), at);
        reader.learn();
    }

    /**
     * Puts a run away, as a maker does who wants to begin another. A first box of a batch that is put away did not go together: it is no
     * box of the batch any more.
     */
    @Transactional
    public void putAside(String id) {
        try {
            Standing run = reader.standing(row(id));
            boolean first = run.lot().of() > 1 && !run.lot().isRest();
            if (first && run.run().isFinished() && run.lot().left() == run.lot().of() - 1) {
                rows.finished(id, 0);
                steps.undone(run.box(), "cut");
            }
        } catch (Unreadable e) {
            // what cannot be read can be put away all the same
        }
        close(id);
    }

    /** Puts a run away; what happened in it is kept. */
    @Transactional
    public void close(String id) {
        if (rows.close(id) == 0) {
            throw new Unknown("run", id);
        }
    }
}
