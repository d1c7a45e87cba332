package canthook.finish;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** One way through a job's tasks, in seconds of the epoch; it is walked anew for every moment it may begin at. */
final class Walk {
    private static final long STEP = 5 * 60L;
    private static final long NOT_YET = Long.MIN_VALUE;

    private final Calendar.Job job;
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

    Walk(Calendar.Job job, Openings openings, Hands others) {
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
                hands[i] = left(hands[i], job.begun().getOrDefault(tasks.get(i).id(), 0.0));
            }
            pieces[i] = Math.min(hands[i], tasks.get(i).piece().toSeconds());
        }
    }

    /** What is left of a step that is begun, in whole minutes of five; something always is, until it is said to be done. */
    private static long left(long takes, double begun) {
        return takes == 0 ? 0 : Math.max(Math.min(takes, STEP), (long) Math.ceil(takes * (1 - begun) / STEP) * STEP);
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
        List<Calendar.Placed> placed = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            if (start[i] != NOT_YET) {
                boolean done = was[i] != NOT_YET;
                long[] parts = stretches[i];
                if (parts == null) {
                    parts = new long[] {start[i], start[i] + hands[i]};
                }
                for (int k = 0; k < parts.length; k += 2) {
                    boolean last = k + 2 == parts.length;
                    placed.add(new Calendar.Placed(
                            job.tasks().get(i),
                            moment(parts[k]),
                            moment(parts[k + 1]),
                            moment(last ? dry[i] : parts[k + 1]),
                            done,
                            !done && job.begun().containsKey(job.tasks().get(i).id()),
                            k / 2 + 1,
                            parts.length / 2));
                }
            }
        }
        placed.sort(Comparator.comparing(Calendar.Placed::from));
        return new Calendar(placed, never < 0 ? null : job.tasks().get(never));
    }

    private ZonedDateTime moment(long second) {
        ZoneId zone = openings.zone();
        return Instant.ofEpochSecond(second).atZone(zone);
    }
}
