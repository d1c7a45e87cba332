package canthook.finish;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
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
 * a step that was moved does not begin before its moment; what waits for it follows
 * what is done has everything behind it that it waits for, at its own beginning at the latest
 * ready on a day: the latest quarter of an hour to begin at, from which all is done and dry by the end of that day
 * </pre>
 *
 * Check: open 9 to 17, 30 min of glue at 16:00 and 24 h to set: trimmed the next day at 16:30.
 *
 * @param placed in the order they begin
 * @param never the first thing that fits no opening of the shop, or comes later than two years; null when all has its time
 */
public record Calendar(List<Placed> placed, @Nullable Task never) {
    private static final long GRID = 15 * 60L;

    /**
     * A task with its time.
     *
     * @param dry when what follows may begin
     * @param done whether it is behind the maker; its time is when it was done then
     */
    public record Placed(Task task, ZonedDateTime from, ZonedDateTime to, ZonedDateTime dry, boolean done) {}

    /**
     * What is to be done for one box.
     *
     * @param box its id
     * @param readyOn the day it must be ready by; null for as soon as can be
     * @param notBefore moments before which steps do not begin, by id
     * @param done when steps were done, by id
     */
    public record Job(
            String box,
            List<Task> tasks,
            @Nullable LocalDate readyOn,
            Map<String, LocalDateTime> notBefore,
            Map<String, ZonedDateTime> done) {
        public Job {
            tasks = List.copyOf(tasks);
            notBefore = Map.copyOf(notBefore);
            done = Map.copyOf(done);
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
                if (!placed.done() && !placed.task().hands().isZero()) {
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

    /** One way through a job's tasks, in seconds of the epoch; it is walked anew for every moment it may begin at. */
    private static final class Walk {
        private static final long NOT_YET = Long.MIN_VALUE;

        private final Job job;
        private final Openings openings;
        private final Hands others;
        private final int count;
        private final int[][] after;
        private final long[] hands;
        private final long[] waits;
        private final long[] notBefore;
        private final long[] was;
        private final long[] start;
        private final long[] dry;
        private int never = -1;

        Walk(Job job, Openings openings, Hands others) {
            this.job = job;
            this.openings = openings;
            this.others = others;
            List<Task> tasks = job.tasks();
            count = tasks.size();
            after = new int[count][];
            hands = new long[count];
            waits = new long[count];
            notBefore = new long[count];
            was = new long[count];
            start = new long[count];
            dry = new long[count];
            Map<String, Integer> at = new HashMap<>();
            for (int i = 0; i < count; i++) {
                at.put(tasks.get(i).id(), i);
            }
            for (int i = 0; i < count; i++) {
                Task task = tasks.get(i);
                hands[i] = task.hands().toSeconds();
                waits[i] = task.waits().toSeconds();
                after[i] = task.after().stream()
                        .mapToInt(id -> {
                            Integer known = at.get(id);
                            if (known == null) {
                                throw new IllegalArgumentException(
                                        "“" + task.id() + "” waits for “" + id + "”, which is not to be done");
                            }
                            return known;
                        })
                        .toArray();
                LocalDateTime moved = job.notBefore().get(task.id());
                notBefore[i] =
                        moved == null ? NOT_YET : moved.atZone(openings.zone()).toEpochSecond();
                ZonedDateTime done = job.done().get(task.id());
                was[i] = done == null ? NOT_YET : done.toEpochSecond();
            }
            for (int i = count - 1; i >= 0; i--) {
                if (was[i] != NOT_YET) {
                    behind(i);
                }
            }
        }

        /** Nobody trims what is not glued: what a done step waits for is done too. */
        private void behind(int task) {
            for (int before : after[task]) {
                if (was[before] == NOT_YET) {
                    was[before] = was[task] - hands[task];
                    behind(before);
                }
            }
        }

        Walk from(long begins) {
            never = -1;
            Hands free = others.copy();
            int left = count;
            for (int i = 0; i < count; i++) {
                start[i] = was[i] == NOT_YET ? NOT_YET : was[i] - hands[i];
                dry[i] = was[i] == NOT_YET ? NOT_YET : was[i] + waits[i];
                left -= was[i] == NOT_YET ? 0 : 1;
            }
            long far = begins + Duration.ofDays(ShopHours.DAYS_AHEAD).toSeconds();
            while (left > 0) {
                int next = -1;
                long at = 0;
                boolean waiting = true;
                for (int i = 0; i < count; i++) {
                    long ready = start[i] == NOT_YET ? ready(i, begins) : NOT_YET;
                    if (ready == NOT_YET) {
                        continue;
                    }
                    waiting = false;
                    long begin = start(ready, hands[i], free);
                    if (begin == NOT_YET || begin + hands[i] + waits[i] > far) {
                        never = i;
                        return this;
                    }
                    if (next < 0 || begin < at) {
                        next = i;
                        at = begin;
                    }
                }
                if (waiting) {
                    throw new IllegalArgumentException("what is to be done waits for itself: " + job.tasks());
                }
                start[next] = at;
                dry[next] = at + hands[next] + waits[next];
                if (hands[next] > 0) {
                    free.take(at, at + hands[next]);
                }
                left--;
            }
            return this;
        }

        /** When all it waits for is dry; not yet while something of that is not done. */
        private long ready(int task, long begins) {
            long ready = Math.max(begins, notBefore[task]);
            for (int before : after[task]) {
                if (start[before] == NOT_YET) {
                    return NOT_YET;
                }
                ready = Math.max(ready, dry[before]);
            }
            return ready;
        }

        /** The earliest moment within an opening, with the hands free so long; not yet when there is none. */
        private long start(long ready, long takes, Hands free) {
            if (takes == 0) {
                return ready;
            }
            if (takes > openings.hours().longest().toSeconds()) {
                return NOT_YET;
            }
            long at = ready;
            while (true) {
                int opening = openings.after(at);
                if (opening < 0) {
                    return NOT_YET;
                }
                long from = Math.max(at, openings.from(opening));
                if (from + takes > openings.to(opening)) {
                    at = openings.to(opening);
                    continue;
                }
                long then = free.free(from, from + takes);
                if (then == from) {
                    return from;
                }
                at = then;
            }
        }

        boolean isDryBy(long moment) {
            if (never >= 0) {
                return false;
            }
            for (long one : dry) {
                if (one > moment) {
                    return false;
                }
            }
            return true;
        }

        Calendar told() {
            List<Placed> placed = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                if (start[i] != NOT_YET) {
                    placed.add(new Placed(
                            job.tasks().get(i),
                            moment(start[i]),
                            moment(start[i] + hands[i]),
                            moment(dry[i]),
                            was[i] != NOT_YET));
                }
            }
            placed.sort(Comparator.comparing(Placed::from));
            return new Calendar(placed, never < 0 ? null : job.tasks().get(never));
        }

        private ZonedDateTime moment(long second) {
            ZoneId zone = openings.zone();
            return Instant.ofEpochSecond(second).atZone(zone);
        }
    }
}
