package canthook.finish;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * When everything is done, by one pair of hands.
 *
 * <pre>
 * hands lie whole within an opening, and never on two things at once; waits run by the clock, through the night
 * what is longer than every opening is laid down and taken up again, in whole pieces; what is begun of it takes so much less
 * of what may begin, that is taken which can begin first; of two, the one that was listed first
 * a step that was moved does not begin before its moment; what waits for it follows
 * what is done has everything behind it that it waits for, at its own beginning at the latest
 * ready on a day: the latest quarter of an hour to begin at, from which all is done and dry by the end of that day
 * </pre>
 *
 * Check: open 9 to 17, 30 min of glue at 16:00 and 24 h to set: trimmed the next day at 16:30.
 * Check: open 18 to 21, nine boxes of 50 min each, begun at 18:00: three a day, done on the third at 20:30.
 *
 * @param placed in the order they begin
 * @param never the first thing that fits no opening of the shop, or comes later than two years; null when all has its time
 */
public record Calendar(List<Placed> placed, @Nullable Task never) {
    private static final long GRID = 15 * 60L;

    /**
     * A task with its time, or one stretch of a task that takes several.
     *
     * @param dry when what follows may begin; of a stretch that is not the last, its end
     * @param done whether it is behind the maker; its time is when it was done then
     * @param begun whether some of the task is behind the maker already; what is left is here
     * @param part which stretch of the task, from 1
     * @param parts how many there are
     */
    public record Placed(
            Task task,
            ZonedDateTime from,
            ZonedDateTime to,
            ZonedDateTime dry,
            boolean done,
            boolean begun,
            int part,
            int parts) {
        /** How long hands are at it; less than the task says where some of it is behind them. */
        public Duration takes() {
            return Duration.between(from, to);
        }

        /** Whether something dries after it. */
        public boolean dries() {
            return dry.isAfter(to);
        }

        /** A name of its own for every go: {@code cut}, then {@code cut~2}. */
        public String id() {
            return part == 1 ? task.id() : task.id() + "~" + part;
        }

        /** What to do, and the how-manieth go at it where one does not do. */
        public String says() {
            return task.says() + (begun ? ", the rest" : "") + (parts == 1 ? "" : ", go " + part + " of " + parts);
        }
    }

    /**
     * What is to be done for one box.
     *
     * @param box its id
     * @param readyOn the day it must be ready by; null for as soon as can be
     * @param notBefore moments before which steps do not begin, by id
     * @param done when steps were done, by id
     * @param begun what part of a step is behind the maker, from 0 to 1, by id; whole or nothing where none is told
     */
    public record Job(
            String box,
            List<Task> tasks,
            @Nullable LocalDate readyOn,
            Map<String, LocalDateTime> notBefore,
            Map<String, ZonedDateTime> done,
            Map<String, Double> begun) {
        /** With nothing half done. */
        public Job(
                String box,
                List<Task> tasks,
                @Nullable LocalDate readyOn,
                Map<String, LocalDateTime> notBefore,
                Map<String, ZonedDateTime> done) {
            this(box, tasks, readyOn, notBefore, done, Map.of());
        }

        public Job {
            tasks = List.copyOf(tasks);
            notBefore = Map.copyOf(notBefore);
            done = Map.copyOf(done);
            begun = Map.copyOf(begun);
        }
    }

    public Calendar {
        placed = List.copyOf(placed);
    }

    /** When all of it is done and dry; empty when something never fits, or nothing is to do. */
    public Optional<ZonedDateTime> ready() {
        return never != null
                ? Optional.empty()
                : placed.stream().map(Placed::dry).max(ZonedDateTime::compareTo);
    }

    /** What is not done yet, in the order it begins. */
    public List<Placed> left() {
        return placed.stream().filter(p -> !p.done()).toList();
    }

    /** Whether all is done and dry by a moment. */
    public boolean isReadyBy(ZonedDateTime moment) {
        return never == null && ready().map(r -> !r.isAfter(moment)).orElse(true);
    }

    /** From a moment on. */
    public static Calendar from(List<Task> tasks, ShopHours hours, ZonedDateTime begins) {
        return of(new Job("", tasks, null, Map.of(), Map.of()), new Openings(hours, begins), new Hands(), begins);
    }

    /**
     * Ready by the end of a day.
     *
     * @param earliest before which nothing can begin: now
     * @return the calendar that begins last and is ready then; the one that begins at once where no time is left
     */
    public static Calendar readyOn(List<Task> tasks, ShopHours hours, LocalDate day, ZonedDateTime earliest) {
        return of(new Job("", tasks, day, Map.of(), Map.of()), new Openings(hours, earliest), new Hands(), earliest);
    }

    /**
     * All boxes of the shop by the same hands: what is wanted on a day before what is wanted as soon as can be, and the earlier day first.
     *
     * @return a calendar a job, in the order the jobs came
     */
    public static List<Calendar> ofShop(List<Job> jobs, ShopHours hours, ZonedDateTime now) {
        Openings openings = new Openings(hours, now);
        Hands hands = new Hands();
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < jobs.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparing((Integer i) ->
                jobs.get(i).readyOn() == null ? LocalDate.MAX : jobs.get(i).readyOn()));
        Calendar[] all = new Calendar[jobs.size()];
        for (int i : order) {
            all[i] = of(jobs.get(i), openings, hands, now);
            for (Placed placed : all[i].placed()) {
                if (!placed.done() && !placed.takes().isZero()) {
                    hands.take(placed.from().toEpochSecond(), placed.to().toEpochSecond());
                }
            }
        }
        return List.of(all);
    }

    private static Calendar of(Job job, Openings openings, Hands hands, ZonedDateTime now) {
        Walk walk = new Walk(job, openings, hands);
        long earliest = now.toEpochSecond();
        if (job.readyOn() == null) {
            return walk.from(earliest).told();
        }
        long end = job.readyOn().plusDays(1).atStartOfDay(openings.zone()).toEpochSecond();
        if (!walk.from(earliest).isDryBy(end)) {
            return walk.told();
        }
        long least = 0;
        long most = Math.max(0, (end - earliest) / GRID);
        while (least < most) {
            long middle = (least + most + 1) / 2;
            if (walk.from(earliest + middle * GRID).isDryBy(end)) {
                least = middle;
            } else {
                most = middle - 1;
            }
        }
        return walk.from(earliest + least * GRID).told();
    }
}
