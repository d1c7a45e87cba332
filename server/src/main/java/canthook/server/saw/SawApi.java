package canthook.server.saw;

import canthook.cutlist.SawCut;
import canthook.figure.Figure;
import canthook.figure.JigFigure;
import canthook.fingers.Joint;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BatchWish;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import canthook.saw.Jobs;
import canthook.saw.Salvage;
import canthook.saw.SawEvent;
import canthook.saw.SawRun;
import canthook.saw.Spares;
import canthook.server.saw.SawRuns.Lot;
import canthook.server.saw.SawRuns.Standing;
import canthook.server.saw.SawRuns.Which;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** At the saw: where a run stands, and what happened next. */
@RestController
@RequestMapping("/api")
public class SawApi {
    private static final int MOST_AWAY = 5000;
    /** A device may be away for a month. */
    private static final Range AGO = new Range("How long ago", 0, 31.0 * 24 * 3600, "s");

    private final SawRuns runs;

    SawApi(SawRuns runs) {
        this.runs = runs;
    }

    /**
     * What happened, and how many events the device knew of.
     *
     * @param mark made by the page for this event and sent again with it, so that a lost answer is no second event
     */
    public record Happened(
            Long seq, SawEvent event, @Nullable String mark) {
        public Happened {
            Refused.ifMissing("seq", "How many events you know of", seq);
            Refused.ifMissing("event", "What happened", event);
            if (mark != null) {
                ifMark(mark);
            }
        }
    }

    private static void ifMark(String mark) {
        if (!String.valueOf(mark).matches("[A-Za-z0-9-]{8,40}")) {
            throw new Refused("mark", "A mark is of 8 to 40 letters, digits and hyphens.");
        }
    }

    /** A check of the set-up. */
    public record CheckView(String id, String says, boolean checked) {}

    /**
     * One cut as shown at the saw.
     *
     * @param parts in the stack: {@code A1 + C1}
     * @param stack the same parts, each by its name
     * @param place where the jig stands: {@code 7.33}
     * @param jig the jig with the part in it; null but for the cut that is to be made
     */
    public record CutView(
            String id,
            String parts,
            List<String> stack,
            String kind,
            String title,
            String instruction,
            String face,
            String depth,
            String placeLabel,
            String place,
            String unit,
            String from,
            String to,
            double fromMm,
            double toMm,
            boolean fingerFirst,
            boolean extra,
            boolean done,
            @Nullable Figure jig) {}

    /**
     * Which boxes of a batch are cut.
     *
     * @param left how many are not cut yet
     * @param spares parts to have over that are not used yet
     */
    public record LotView(int first, int boxes, int of, boolean unproven, int left, String spares) {}

    /** A part that was spoilt, and what can be saved of it. */
    public record SpoiltView(String part, String by, String advice) {}

    /**
     * A run as it stands.
     *
     * @param wood of the walls
     * @param seq number of events so far
     * @param gate the checks of the set-up
     * @param open whether all of them are made
     * @param at how many cuts are made
     * @param parts that may be spoilt, as they are called now
     * @param height of the part that is cut now
     * @param slots of its end, from and to in turn
     * @param stop where the joint of these ends stops below the wall's edge, millimetres; null when it runs the whole height
     * @param stopText the same as shown
     * @param lot which boxes of a batch are cut; null where there is none
     * @param setup whether the next cut is the first of a set-up
     * @param after what is done once the joint is cut, before the glue; told when all passes are made
     */
    public record RunView(
            String id,
            String box,
            String name,
            String wood,
            long seq,
            List<CheckView> gate,
            boolean open,
            int at,
            int total,
            boolean finished,
            boolean closed,
            boolean setup,
            @Nullable LotView lot,
            int minutesLeft,
            @Nullable CutView now,
            @Nullable CutView before,
            @Nullable CutView next,
            List<String> parts,
            List<SpoiltView> spoilt,
            double height,
            List<Double> slots,
            @Nullable Double stop,
            @Nullable String stopText,
            List<String> after) {}

    @OpenTo(May.MARK)
    @PostMapping("/boxes/{id}/runs")
    @ResponseStatus(HttpStatus.CREATED)
    RunView begin(@PathVariable String id, @RequestParam(defaultValue = "FIRST") Which which) {
        return view(runs.begin(id, which));
    }

    @GetMapping("/runs/{run}")
    RunView get(@PathVariable String run) {
        return view(runs.get(run));
    }

    @OpenTo(May.MARK)
    @PostMapping("/runs/{run}/events")
    RunView happened(@PathVariable String run, @RequestBody Happened happened) {
        return view(runs.add(run, happened.seq(), happened.event(), happened.mark()));
    }

    /**
     * Something marked while the device was away.
     *
     * @param mark made by the page for it
     * @param secondsAgo how long before it is sent
     */
    public record MarkedAway(SawEvent event, String mark, Double secondsAgo) {
        public MarkedAway {
            Refused.ifMissing("event", "What happened", event);
            ifMark(mark);
            Refused.ifMissing("secondsAgo", "How long ago", secondsAgo);
            AGO.check("secondsAgo", secondsAgo);
        }
    }

    /** All that was marked, in order. */
    public record AwayRequest(List<MarkedAway> events) {
        public AwayRequest {
            Refused.ifMissing("events", "What was marked", events);
            if (events.size() > MOST_AWAY) {
                throw new Refused("events", "At most " + MOST_AWAY + " at a time.");
            }
        }
    }

    /**
     * How the run stands now.
     *
     * @param taken how many of what was marked were taken now
     * @param alike how many had been marked on another device as well
     * @param left what could not be taken, a line each
     */
    public record BackView(RunView run, int taken, int alike, List<String> left) {}

    /**
     * A run as it stands at every pass, so that a device can go on without the network.
     *
     * @param at how many passes are made now
     * @param places the first before any pass, the last when all are made
     */
    public record AheadView(String id, int at, List<RunView> places) {}

    /** What a device marked while it was away. */
    @OpenTo(May.MARK)
    @PostMapping("/runs/{run}/events/away")
    BackView back(@PathVariable String run, @RequestBody AwayRequest request) {
        SawRuns.Back back = runs.rejoin(
                run,
                request.events().stream()
                        .map(e -> new SawRuns.Away(e.event(), e.mark(), e.secondsAgo()))
                        .toList());
        return new BackView(
                view(back.standing()),
                back.taken(),
                back.alike(),
                back.left().stream().map(e -> told(back.standing(), e)).toList());
    }

    private static String told(Standing standing, SawEvent event) {
        String pass = standing.run().items().stream()
                .filter(i -> i.id().equals(event.cut()))
                .findFirst()
                .map(i -> i.parts() + ", " + i.cut().pass().title())
                .orElseGet(() -> "a pass this box does not have any more");
        return event.kind() == SawEvent.Kind.DONE ? pass : pass + ", taken back";
    }

    /** Fetched while the network is there. */
    @GetMapping("/runs/{run}/ahead")
    AheadView ahead(@PathVariable String run) {
        Standing now = runs.get(run);
        return new AheadView(
                now.id(),
                now.run().at(),
                runs.everywhere(now).stream().map(SawApi::view).toList());
    }

    @OpenTo(May.MARK)
    @DeleteMapping("/runs/{run}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(@PathVariable String run) {
        runs.putAside(run);
    }

    private static RunView view(Standing standing) {
        WorkedPlan worked = standing.worked();
        SawRun run = standing.run();
        List<CheckView> gate = standing.gate().stream()
                .map(c -> new CheckView(c.id(), c.says(), run.checked().contains(c.id())))
                .toList();
        int at = run.at();
        List<SawRun.Item> items = run.items();
        SawRun.Item now = run.isFinished() ? null : items.get(at);
        SawRun.Item before = at > 0 ? items.get(at - 1) : null;
        double left = run.secondsLeft(
                worked.cuts().secondsPerPass().plain(),
                worked.cuts().secondsPerSetup().plain());
        Joint joint = worked.fingers().joint();
        List<Double> slots = new ArrayList<>();
        double top = joint.wall().mm();
        Length stop = null;
        if (now != null) {
            PartEnd end = now.cut().ends().get(0);
            top = joint.top(end.part()).mm();
            stop = joint.corner(end).isLow() ? joint.corner(end).height() : null;
            joint.slots(end).forEach(s -> {
                slots.add(s.from().mm());
                slots.add(s.to().mm());
            });
        }
        boolean symmetrical = !worked.plan().fingers().isEven();
        return new RunView(
                standing.id(),
                standing.box(),
                worked.plan().name(),
                worked.plan().walls().wood(),
                standing.seq(),
                gate,
                gate.stream().allMatch(CheckView::checked),
                at,
                items.size(),
                run.isFinished(),
                standing.closed(),
                run.beginsSetup(),
                lot(standing),
                (int) Math.ceil(left / 60),
                now == null ? null : cut(worked, now, true),
                before == null ? null : cut(worked, before, false),
                at + 1 < items.size() ? cut(worked, items.get(at + 1), false) : null,
                run.parts(),
                run.spoilt().stream()
                        .map(s -> new SpoiltView(s.part(), s.by(), Salvage.of(s.wrong(), symmetrical)))
                        .toList(),
                top,
                slots,
                stop == null ? null : stop.mm(),
                stop == null ? null : worked.plan().display().text(stop, Precision.CALIPER),
                run.isFinished() ? afterTheJoint(worked) : List.of());
    }

    private static List<String> afterTheJoint(WorkedPlan worked) {
        return Jobs.of(worked).stream()
                .filter(job -> job.when() == Jobs.When.AFTER_JOINT)
                .map(Jobs.Job::says)
                .toList();
    }

    private static @Nullable LotView lot(Standing standing) {
        BatchWish batch = standing.worked().plan().batch();
        if (batch == null || batch.count() < 2) {
            return null;
        }
        Lot lot = standing.lot();
        return new LotView(
                lot.first(),
                lot.boxes(),
                lot.of(),
                lot.unproven(),
                lot.left(),
                Spares.of(batch, standing.run().spoilt()).says());
    }

    private static CutView cut(WorkedPlan worked, SawRun.Item item, boolean drawn) {
        SawCut cut = item.cut();
        LengthDisplay display = worked.plan().display();
        Worked place = worked.jig().place(cut.pass());
        String label = worked.jig().placeLabel(cut.pass());
        return new CutView(
                item.id(),
                item.parts(),
                item.stack().stream().map(SawRun.Lying::part).toList(),
                cut.pass().end().words(),
                cut.pass().title(),
                cut.pass().instruction(),
                cut.face().words(),
                display.text(cut.depth(), Precision.CALIPER),
                label,
                place.number(display),
                place.show().unit(display),
                fit(cut.pass().from(), display),
                fit(cut.pass().to(), display),
                cut.pass().from().mm(),
                cut.pass().to().mm(),
                cut.pass().end() == canthook.fingers.End.FINGER_FIRST,
                item.extra(),
                item.done(),
                drawn ? JigFigure.of(worked, cut.pass()) : null);
    }

    private static String fit(Length length, LengthDisplay display) {
        return display.number(length, Precision.CALIPER);
    }
}
