package canthook.finish;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
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
    private static final long STEP = 5 * 60L;

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

    /** One way through a job's tasks, in seconds of the epoch; it is walked anew for every moment it may begin at. */
    private static final class Walk {
        private static final long NOT_YET = Long.MIN_VALUE;

        private final Job job;
        private final Openings openings;
        private final Hands others;
        private final int count;
        private final int[][] after;
        private final long[] hands;
        private final long[] pieces;
        private final long[] waits;
        private final long[] notBefore;
        private final long[] was;
        private final long[] start;
        private final long[] dry;
        /** From and to of every stretch, by task; null where one does, from the start on. */
        private final long[] @Nullable [] stretches;

        private int never = -1;

        Walk(Job job, Openings openings, Hands others) {
            this.job = job;
            this.openings = openings;
            this.others = others;
            List<Task> tasks = job.tasks();
            count = tasks.size();
            after = new int[count][];
            hands = new long[count];
            pieces = new long[count];
            stretches = new long[count][];
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
                hands[i] = task.hands().toSeconds();
            }
            for (int i = count - 1; i >= 0; i--) {
                if (was[i] != NOT_YET) {
                    behind(i);
                }
            }
            for (int i = 0; i < count; i++) {
                if (was[i] == NOT_YET) {
                    hands[i] =
                            left(hands[i], job.begun().getOrDefault(tasks.get(i).id(), 0.0));
                }
                pieces[i] = Math.min(hands[i], tasks.get(i).piece().toSeconds());
            }
        }

        /** What is left of a step that is begun, in whole minutes of five; something always is, until it is said to be done. */
        private static long left(long takes, double begun) {
            return takes == 0
                    ? 0
                    : Math.max(Math.min(takes, STEP), (long) Math.ceil(takes * (1 - begun) / STEP) * STEP);
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
            Arrays.fill(stretches, null);
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
                    long begin = start(ready, pieces[i] < hands[i] && isLong(hands[i]) ? pieces[i] : hands[i], free);
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
                long ends = at + hands[next];
                if (pieces[next] < hands[next] && isLong(hands[next])) {
                    long[] parts = parts(at, hands[next], pieces[next], free);
                    if (parts.length == 0 || parts[parts.length - 1] + waits[next] > far) {
                        never = next;
                        return this;
                    }
                    stretches[next] = parts;
                    ends = parts[parts.length - 1];
                    for (int k = 0; k < parts.length; k += 2) {
                        free.take(parts[k], parts[k + 1]);
                    }
                } else if (hands[next] > 0) {
                    free.take(at, ends);
                }
                dry[next] = ends + waits[next];
                left--;
            }
            return this;
        }

        /** Whether no opening of the shop takes it whole. */
        private boolean isLong(long takes) {
            return takes > openings.hours().longest().toSeconds();
        }

        /** Laid down and taken up again, in whole pieces; empty when the shop is not open often enough. */
        private long[] parts(long begins, long takes, long piece, Hands free) {
            List<Long> all = new ArrayList<>();
            long rest = takes;
            long at = begins;
            while (rest > 0) {
                long from = start(at, Math.min(piece, rest), free);
                if (from == NOT_YET) {
                    return new long[0];
                }
                long until = Math.min(openings.to(openings.after(from)), free.next(from));
                long fits = rest <= until - from ? rest : (until - from) / piece * piece;
                all.add(from);
                all.add(from + fits);
                rest -= fits;
                at = from + fits;
            }
            return all.stream().mapToLong(Long::longValue).toArray();
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
            if (isLong(takes)) {
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
                    boolean done = was[i] != NOT_YET;
                    long[] parts = stretches[i];
                    if (parts == null) {
                        parts = new long[] {start[i], start[i] + hands[i]};
                    }
                    for (int k = 0; k < parts.length; k += 2) {
                        boolean last = k + 2 == parts.length;
                        placed.add(new Placed(
                                job.tasks().get(i),
                                moment(parts[k]),
                                moment(parts[k + 1]),
                                moment(last ? dry[i] : parts[k + 1]),
                                done,
                                !done
                                        && job.begun()
                                                .containsKey(job.tasks().get(i).id()),
                                k / 2 + 1,
                                parts.length / 2));
                    }
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
