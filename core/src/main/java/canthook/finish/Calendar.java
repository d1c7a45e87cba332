package canthook.finish;

import canthook.finish.ShopHours.Opening;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * When everything is done, by one pair of hands.
 *
 * <pre>
 * hands lie whole within an opening, and never on two things at once; waits run by the clock, through the night
 * of what may begin, that is taken which can begin first; of two, the one that was listed first
 * ready on a day: the latest quarter of an hour to begin at, from which all is done and dry by the end of that day
 * </pre>
 *
 * Check: open 9 to 17, 30 min of glue at 16:00 and 24 h to set: trimmed the next day at 16:30.
 *
 * @param placed in the order they begin
 * @param never the first thing that fits no opening of the shop; null when all does
 */
public record Calendar(List<Placed> placed, @Nullable Task never) {
    private static final int GRID = 15;

    /**
     * A task with its time.
     *
     * @param dry when what follows may begin
     */
    public record Placed(Task task, ZonedDateTime from, ZonedDateTime to, ZonedDateTime dry) {}

    public Calendar {
        placed = List.copyOf(placed);
    }

    /** When all of it is done and dry; empty when something never fits, or nothing is to do. */
    public Optional<ZonedDateTime> ready() {
        return never != null
                ? Optional.empty()
                : placed.stream().map(Placed::dry).max(ZonedDateTime::compareTo);
    }

    /** From a moment on. */
    public static Calendar from(List<Task> tasks, ShopHours hours, ZonedDateTime begins) {
        return from(tasks, hours, begins, List.of());
    }

    /** From a moment on, with hands that are at something else already. */
    public static Calendar from(List<Task> tasks, ShopHours hours, ZonedDateTime begins, List<Placed> busy) {
        List<Placed> hands = new ArrayList<>(busy);
        List<Placed> placed = new ArrayList<>(tasks.size());
        Map<String, ZonedDateTime> dry = new HashMap<>();
        List<Task> left = new ArrayList<>(tasks);
        while (!left.isEmpty()) {
            Task next = null;
            ZonedDateTime at = null;
            for (Task task : left) {
                if (!dry.keySet().containsAll(task.after())) {
                    continue;
                }
                ZonedDateTime ready =
                        task.after().stream().map(dry::get).reduce(begins, (a, b) -> b.isAfter(a) ? b : a);
                ZonedDateTime start = start(ready, task.hands(), hours, hands);
                if (start == null) {
                    return new Calendar(placed, task);
                }
                if (at == null || start.isBefore(at)) {
                    next = task;
                    at = start;
                }
            }
            if (next == null || at == null) {
                throw new IllegalArgumentException("what is to be done waits for itself: " + left);
            }
            ZonedDateTime to = at.plus(next.hands());
            Placed one = new Placed(next, at, to, to.plus(next.waits()));
            left.remove(next);
            placed.add(one);
            dry.put(next.id(), one.dry());
            if (!next.hands().isZero()) {
                hands.add(one);
            }
        }
        placed.sort((a, b) -> a.from().compareTo(b.from()));
        return new Calendar(placed, null);
    }

    /** The earliest moment within an opening, with the hands free so long; null when there is none. */
    private static @Nullable ZonedDateTime start(
            ZonedDateTime ready, Duration takes, ShopHours hours, List<Placed> hands) {
        if (takes.isZero()) {
            return ready;
        }
        if (takes.compareTo(hours.longest()) > 0) {
            return null;
        }
        ZonedDateTime at = ready;
        while (true) {
            Optional<Opening> opening = hours.from(at);
            if (opening.isEmpty() || at.isAfter(ready.plusDays(ShopHours.DAYS_AHEAD))) {
                return null;
            }
            ZonedDateTime from =
                    at.isAfter(opening.get().from()) ? at : opening.get().from();
            ZonedDateTime to = from.plus(takes);
            if (to.isAfter(opening.get().to())) {
                at = opening.get().to();
                continue;
            }
            ZonedDateTime free = from;
            for (Placed busy : hands) {
                if (busy.from().isBefore(to)
                        && from.isBefore(busy.to())
                        && busy.to().isAfter(free)) {
                    free = busy.to();
                }
            }
            if (free.isEqual(from)) {
                return from;
            }
            at = free;
        }
    }

    /**
     * Ready by the end of a day.
     *
     * @param earliest before which nothing can begin: now
     * @return the calendar that begins last and is ready then; the one that begins at once where no time is left
     */
    public static Calendar readyOn(List<Task> tasks, ShopHours hours, LocalDate day, ZonedDateTime earliest) {
        ZonedDateTime end = day.plusDays(1).atStartOfDay(earliest.getZone());
        Calendar best = from(tasks, hours, earliest);
        if (!best.isReadyBy(end)) {
            return best;
        }
        long least = 0;
        long most = Math.max(0, ChronoUnit.MINUTES.between(earliest, end) / GRID);
        while (least < most) {
            long middle = (least + most + 1) / 2;
            Calendar tried = from(tasks, hours, earliest.plusMinutes(middle * GRID));
            if (tried.isReadyBy(end)) {
                best = tried;
                least = middle;
            } else {
                most = middle - 1;
            }
        }
        return best;
    }

    /** Whether all is done and dry by a moment. */
    public boolean isReadyBy(ZonedDateTime moment) {
        return never == null && ready().map(r -> !r.isAfter(moment)).orElse(true);
    }
}
