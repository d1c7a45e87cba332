package canthook.server.calendar;

import canthook.figure.Figure;
import canthook.figure.LaneFigure;
import canthook.finish.Calendar.Placed;
import canthook.finish.Days;
import canthook.finish.Doubt;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.answer.WorkApi.WorkRequest;
import canthook.server.box.StepsDone;
import canthook.server.calendar.ShopCalendar.Under;
import canthook.server.calendar.ShopCalendar.Whole;
import canthook.server.rack.ShopFloor;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** When each step of a box is done, and what is to do today in the whole shop. */
@RestController
@RequestMapping("/api")
public class CalendarApi {
    private final ShopCalendar shop;
    private final StepsDone steps;
    private final ShopFloor floor;

    CalendarApi(ShopCalendar shop, StepsDone steps, ShopFloor floor) {
        this.shop = shop;
        this.steps = steps;
        this.floor = floor;
    }

    /**
     * One step of a box.
     *
     * @param when it begins, or when it was done
     * @param from the same as a moment of the shop's clock, ISO 8601 without a zone
     * @param takes how long hands are at it; empty where none are
     * @param waits how long it then dries; empty where nothing does
     * @param dry when what follows may begin
     * @param done whether it is done
     * @param moved whether the maker moved it
     * @param part which go at it, from 1
     * @param parts how many goes it takes
     */
    public record CalendarStep(
            String id,
            String lane,
            String says,
            String when,
            String from,
            String takes,
            String waits,
            String dry,
            boolean done,
            boolean moved,
            int part,
            int parts) {}

    /** What stands in the way. */
    public record DoubtView(
            String says,
            @Nullable LocalDate couldBe,
            @Nullable String couldBeWords) {}

    /**
     * The next thing for hands to do.
     *
     * @param part which go at it, from 1
     * @param because what it waited for, or waits for; empty where nothing
     */
    public record NextStepView(String id, int part, String when, String says, String takes, String because) {}

    /**
     * The calendar of one box.
     *
     * @param ready when all of it is done and dry; null when it never is
     * @param hours of the shop, in a line
     */
    public record CalendarView(
            Figure figure,
            @Nullable String ready,
            @Nullable String readyFrom,
            List<CalendarStep> steps,
            @Nullable NextStepView next,
            List<DoubtView> doubts,
            String hours,
            LocalDate today) {}

    /**
     * Whether a step is done.
     *
     * @param part up to which go at it; null for all of it
     */
    public record StepSaid(Boolean done, @Nullable Integer part) {
        public StepSaid {
            Refused.ifMissing("done", "Whether it is done", done);
        }
    }

    /**
     * A step of today, or one that is overdue.
     *
     * @param part which go at it, from 1
     * @param now whether it is to be done at this moment
     */
    public record TodayStep(
            String box,
            String name,
            String wood,
            String step,
            int part,
            String when,
            String says,
            String takes,
            boolean now) {}

    /** Something that dries today. */
    public record Drying(String box, String name, String wood, String says, String until) {}

    /**
     * What is to do today in the whole shop.
     *
     * @param closed whether the shop is closed all day
     * @param later the first step of a later day, in words; null where nothing is to come
     */
    public record Today(
            String day,
            boolean closed,
            List<TodayStep> steps,
            List<Drying> drying,
            @Nullable String later) {}

    /** The calendar of a box, by its plan as it is on the bench. */
    @OpenTo(May.READ)
    @PostMapping("/boxes/{id}/calendar")
    @Transactional(readOnly = true)
    public CalendarView calendar(@PathVariable String id, @RequestBody WorkRequest request) {
        WorkedPlan worked = Planner.work(request.plan(), floor.shop(request.plan(), request.cuts()));
        Whole whole = shop.with(id, worked);
        return view(whole, whole.of(id));
    }

    /** Ticks a step, or takes the tick off; what it waits for is done with it. */
    @OpenTo(May.MARK)
    @PostMapping("/boxes/{id}/steps/{step}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void step(@PathVariable String id, @PathVariable String step, @RequestBody StepSaid said) {
        Under box = shop.with(id, null).of(id);
        List<Placed> goes = box.calendar().placed().stream()
                .filter(p -> p.task().id().equals(step) && !p.takes().isZero())
                .toList();
        // what never fits into the shop's hours has no place in its calendar, and may be done all the same
        boolean known = box.worked().finish().tasks().stream()
                .anyMatch(t -> t.id().equals(step) && !t.hands().isZero());
        if (!known) {
            throw new Refused("step", "This box has no step “" + step + "”.");
        }
        Integer part = said.part();
        if (!said.done()) {
            steps.undone(id, step);
        } else if (part == null || part >= goes.size()) {
            steps.done(id, step);
        } else if (part < 1) {
            throw new Refused("part", "Goes at a step are counted from 1.");
        } else {
            double begun = box.job().begun().getOrDefault(step, 0.0);
            steps.begun(id, step, begun + (1 - begun) * share(goes, part));
        }
    }

    /** What part of all its goes the first so many are. */
    private static double share(List<Placed> goes, int part) {
        double all = goes.stream().mapToLong(p -> p.takes().toSeconds()).sum();
        return goes.stream()
                        .filter(p -> p.part() <= part)
                        .mapToLong(p -> p.takes().toSeconds())
                        .sum()
                / all;
    }

    @GetMapping("/today")
    @Transactional(readOnly = true)
    public Today today() {
        Whole whole = shop.all();
        ZonedDateTime now = whole.now();
        LocalDate day = now.toLocalDate();
        List<TodayStep> all = new ArrayList<>();
        List<Drying> drying = new ArrayList<>();
        record At(ZonedDateTime from, TodayStep step) {}
        List<At> found = new ArrayList<>();
        ZonedDateTime next = null;
        String later = null;
        for (Under box : whole.boxes()) {
            String name = box.worked().plan().name();
            String wood = box.worked().plan().walls().wood();
            for (Placed p : box.calendar().placed()) {
                if (p.done() && p.dry().isAfter(now)) {
                    drying.add(new Drying(box.id(), name, wood, p.task().says(), Days.when(p.dry(), now)));
                }
                if (p.done() || p.takes().isZero()) {
                    continue;
                }
                if (p.from().toLocalDate().equals(day)) {
                    found.add(new At(
                            p.from(),
                            new TodayStep(
                                    box.id(),
                                    name,
                                    wood,
                                    p.task().id(),
                                    p.part(),
                                    Days.time(p.from()),
                                    p.says(),
                                    Days.takes(p.takes()),
                                    !p.from().isAfter(now))));
                } else if (next == null || p.from().isBefore(next)) {
                    next = p.from();
                    later = name + ": " + p.says() + ", " + Days.when(p.from(), now);
                }
            }
        }
        found.stream().sorted(Comparator.comparing(At::from)).map(At::step).forEach(all::add);
        return new Today(Days.day(day, now), whole.hours().on(day, now).isEmpty(), all, drying, later);
    }

    private static CalendarView view(Whole whole, Under box) {
        ZonedDateTime now = whole.now();
        List<CalendarStep> all =
                box.calendar().placed().stream().map(p -> step(p, box, now)).toList();
        Optional<ZonedDateTime> ready = box.calendar().ready();
        return new CalendarView(
                LaneFigure.of(
                        box.calendar(),
                        whole.elsewhere(box.id()),
                        whole.hours(),
                        now,
                        box.job().notBefore().keySet(),
                        box.worked().plan().display()),
                ready.map(r -> Days.when(r, now)).orElse(null),
                ready.map(r -> r.toLocalDateTime().toString()).orElse(null),
                all,
                next(box, now),
                doubts(whole, box),
                OpenHours.says(whole.hours()),
                now.toLocalDate());
    }

    private static List<DoubtView> doubts(Whole whole, Under box) {
        List<DoubtView> all = new ArrayList<>();
        if (whole.damagedHours()) {
            all.add(new DoubtView(
                    "The shop's hours cannot be read; " + OpenHours.says(whole.hours())
                            + " stands in for them. Set them again.",
                    null,
                    null));
        }
        for (Doubt d : Doubt.of(box.calendar(), box.job(), whole.hours(), whole.now())) {
            all.add(new DoubtView(
                    d.says(), d.couldBe(), d.couldBe() == null ? null : Days.near(d.couldBe(), whole.now())));
        }
        return all;
    }

    private static CalendarStep step(Placed p, Under box, ZonedDateTime now) {
        return new CalendarStep(
                p.task().id(),
                p.task().lane().words(),
                p.says(),
                Days.when(p.done() ? p.to() : p.from(), now),
                p.from().toLocalDateTime().toString(),
                p.takes().isZero() ? "" : Days.takes(p.takes()),
                p.dries() ? Days.takes(p.task().waits()) : "",
                Days.when(p.dry(), now),
                p.done(),
                box.job().notBefore().containsKey(p.task().id()),
                p.part(),
                p.parts());
    }

    private static @Nullable NextStepView next(Under box, ZonedDateTime now) {
        for (Placed p : box.calendar().left()) {
            if (p.takes().isZero()) {
                continue;
            }
            return new NextStepView(
                    p.task().id(),
                    p.part(),
                    Days.when(p.from(), now),
                    p.says(),
                    Days.takes(p.takes()),
                    because(box, p, now));
        }
        return null;
    }

    /** What it waited for last. */
    private static String because(Under box, Placed next, ZonedDateTime now) {
        return box.calendar().placed().stream()
                .filter(p -> next.task().after().contains(p.task().id())
                        && !p.task().waits().isZero())
                .max(Comparator.comparing(Placed::dry))
                .map(p -> (p.dry().isAfter(now)
                                ? "“" + p.task().says() + "” dries until "
                                : "“" + p.task().says() + "” is dry since ")
                        + Days.when(p.dry(), now))
                .orElse("");
    }
}
