package canthook.figure;

import canthook.finish.Calendar;
import canthook.finish.Calendar.Placed;
import canthook.finish.Days;
import canthook.finish.ShopHours;
import canthook.finish.ShopHours.Opening;
import canthook.finish.Task.Lane;
import canthook.length.LengthDisplay;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * A lane a thing over the days: hands as blocks within the shop's hours, what dries as hatched stretches.
 *
 * <p>Days with hands in them are drawn to scale; closed times are drawn narrow, and days on which nothing is done are left out, with their
 * number. A block is never narrower than what can be seen and taken hold of, so a day may be drawn wider than its hours.
 */
public final class LaneFigure {
    private static final double WIDE = 640;
    private static final double NIGHT = 24;
    private static final double LEFT_OUT = 52;
    private static final double LEAST = 11;
    private static final double GAP = 2;
    /** Between the words of a lane and the next lane. */
    private static final double APART = 16;

    private static final double WORDS = 19;
    private static final double BLOCK = 44;
    private static final double TOP = 10;
    /** So wide a letter of a label is, on the whole. */
    private static final double LETTER = 8.8;

    private static final int LINES = 3;

    /**
     * A stretch of time and of paper.
     *
     * @param open whether the shop is open
     * @param leftOut days that are left out in it; 0 for a night
     */
    private record Stretch(ZonedDateTime from, ZonedDateTime to, double x, double width, boolean open, long leftOut) {}

    private final Calendar calendar;
    private final List<Placed> elsewhere;
    private final ShopHours hours;
    private final ZonedDateTime now;
    private final List<Placed> shown;
    private final List<Stretch> stretches = new ArrayList<>();
    private final Map<Placed, double[]> blocks = new HashMap<>();

    private LaneFigure(Calendar calendar, List<Placed> elsewhere, ShopHours hours, ZonedDateTime now) {
        this.calendar = calendar;
        this.elsewhere = elsewhere;
        this.hours = hours;
        this.now = now;
        shown = calendar.placed().stream()
                .filter(p -> !p.done()
                        || p.dry().isAfter(now)
                        || p.to().toLocalDate().equals(now.toLocalDate()))
                .toList();
    }

    /**
     * @param elsewhere what the same hands do for other boxes
     * @param moved ids of steps the maker moved
     */
    public static Figure of(
            Calendar calendar,
            List<Placed> elsewhere,
            ShopHours hours,
            ZonedDateTime now,
            Set<String> moved,
            LengthDisplay display) {
        return new LaneFigure(calendar, elsewhere, hours, now).draw(moved, display);
    }

    private Figure draw(Set<String> moved, LengthDisplay display) {
        Drawing d = new Drawing("lane", title(), display);
        if (shown.isEmpty()) {
            return d.reach(0, 0).done();
        }
        lay();
        List<Lane> lanes = new ArrayList<>();
        for (Lane lane : Lane.values()) {
            if (shown.stream().anyMatch(p -> p.task().lane() == lane)) {
                lanes.add(lane);
            }
        }
        List<Placed> others = elsewhere.stream().filter(blocks::containsKey).toList();
        Map<Placed, Integer> words = new HashMap<>();
        double under = TOP;
        for (Lane lane : lanes) {
            under += BLOCK + WORDS * lines(lane, words) + APART;
        }
        double deep = under + (others.isEmpty() ? 0 : 30);
        ground(d, deep);
        double top = TOP;
        for (Lane lane : lanes) {
            lane(d, lane, top, moved, words);
            top += BLOCK + WORDS * lines(lane, words) + APART;
        }
        if (!others.isEmpty()) {
            double y = under;
            d.note(-8, y + 18, "other boxes", "quiet", "end", null);
            for (Placed other : others) {
                double[] x = blocks.getOrDefault(other, new double[] {0, 0});
                d.rect("lane-elsewhere", x[0], y + 4, x[1] - x[0], 18);
            }
        }
        double here = at(now);
        d.line("lane-now", here, -4, here, deep);
        d.note(here, deep + 14, "now", "name", here > WIDE - 40 ? "end" : "start", null);
        calendar.ready().ifPresent(ready -> {
            double x = at(ready);
            d.line("lane-ready", x, -4, x, deep);
            d.rect("lane-flag", x - 14, deep - 12, 14, 12, "ready");
            d.note(x, deep + 14, "ready", "name", "end", null);
            d.mark("ready", "ready", x, x, ready.toLocalDate().toString(), null);
        });
        return d.reach(-86, -24 - WORDS).reach(WIDE, deep + 18).done();
    }

    private String title() {
        StringBuilder words = new StringBuilder("What is done when. ");
        for (Placed p : shown) {
            words.append(Days.when(p.from(), now)).append(": ").append(p.says());
            if (p.dries()) {
                words.append(", then it dries until ").append(Days.when(p.dry(), now));
            }
            words.append(". ");
        }
        return words.toString().strip();
    }

    /** Openings with hands in them, what lies between, and how wide each is. */
    private void lay() {
        TreeSet<LocalDate> days = new TreeSet<>();
        for (Placed p : shown) {
            if (!p.takes().isZero()) {
                days.add(p.from().toLocalDate());
            }
        }
        ZonedDateTime begins = shown.stream()
                .map(Placed::from)
                .min(Comparator.naturalOrder())
                .filter(m -> m.isBefore(now))
                .orElse(now);
        ZonedDateTime ends = shown.stream()
                .map(Placed::dry)
                .max(Comparator.naturalOrder())
                .filter(m -> m.isAfter(now))
                .orElse(now);
        List<Opening> open = new ArrayList<>();
        for (LocalDate day : days) {
            open.add(whole(day));
        }
        // how wide each is: closed times are fixed, and what is left is shared by the hours
        List<double[]> wide = new ArrayList<>();
        double fixed = 0;
        double hoursOpen = 0;
        ZonedDateTime at = begins;
        for (Opening one : open) {
            fixed += at.isBefore(one.from()) ? narrow(at, one.from()) : 0;
            hoursOpen += Duration.between(one.from(), one.to()).toMinutes() / 60.0;
            at = one.to();
        }
        fixed += at.isBefore(ends) ? narrow(at, ends) : 0;
        double per = Math.max(4, (WIDE - fixed) / Math.max(1, hoursOpen));
        for (Opening one : open) {
            double needs = day(one).stream()
                    .mapToDouble(p -> Math.max(LEAST, hours(p) * per) + GAP)
                    .sum();
            wide.add(new double[] {
                Math.max(needs, Duration.between(one.from(), one.to()).toMinutes() / 60.0 * per)
            });
        }
        double total = fixed + wide.stream().mapToDouble(w -> w[0]).sum();
        double shrunk = WIDE / Math.max(1, total);
        double x = 0;
        at = begins;
        for (int i = 0; i < open.size(); i++) {
            Opening one = open.get(i);
            if (at.isBefore(one.from())) {
                x = closed(at, one.from(), x, shrunk);
            }
            double width = wide.get(i)[0] * shrunk;
            stretches.add(new Stretch(one.from(), one.to(), x, width, true, 0));
            blocksOf(one, x, width, shrunk);
            x += width;
            at = one.to();
        }
        if (at.isBefore(ends)) {
            closed(at, ends, x, shrunk);
        }
    }

    /** A day's opening; made longer by what was done out of hours. */
    private Opening whole(LocalDate day) {
        Optional<Opening> hoursOf = hours.on(day, now);
        ZonedDateTime from = hoursOf.map(Opening::from).orElse(null);
        ZonedDateTime to = hoursOf.map(Opening::to).orElse(null);
        for (Placed p : shown) {
            if (!p.takes().isZero() && p.from().toLocalDate().equals(day)) {
                from = from == null || p.from().isBefore(from) ? p.from() : from;
                to = to == null || p.to().isAfter(to) ? p.to() : to;
            }
        }
        return new Opening(java.util.Objects.requireNonNull(from), java.util.Objects.requireNonNull(to));
    }

    private List<Placed> day(Opening one) {
        List<Placed> all = new ArrayList<>(shown);
        all.addAll(elsewhere);
        return all.stream()
                .filter(p -> !p.takes().isZero()
                        && !p.from().isBefore(one.from())
                        && p.from().isBefore(one.to()))
                .sorted(Comparator.comparing(Placed::from))
                .toList();
    }

    private static double hours(Placed p) {
        return p.takes().toMinutes() / 60.0;
    }

    private void blocksOf(Opening one, double x, double width, double shrunk) {
        double seconds = Math.max(1, Duration.between(one.from(), one.to()).toSeconds());
        double free = x;
        List<Placed> all = day(one);
        double needed = all.stream()
                .mapToDouble(p -> block(p, seconds, width, shrunk) + GAP * shrunk)
                .sum();
        for (Placed p : all) {
            double wide = block(p, seconds, width, shrunk);
            double wanted = x + width * Duration.between(one.from(), p.from()).toSeconds() / seconds;
            // what still comes has to find its room to the right
            double latest = x + width - needed;
            double left = Math.max(free, Math.min(wanted, Math.max(free, latest)));
            blocks.put(p, new double[] {left, left + wide});
            free = left + wide + GAP * shrunk;
            needed -= wide + GAP * shrunk;
        }
    }

    private static double block(Placed p, double seconds, double width, double shrunk) {
        return Math.max(LEAST * shrunk, width * p.takes().toSeconds() / seconds);
    }

    private static double narrow(ZonedDateTime from, ZonedDateTime to) {
        return leftOut(from, to) > 0 ? LEFT_OUT : NIGHT;
    }

    private static long leftOut(ZonedDateTime from, ZonedDateTime to) {
        return Math.max(0, to.toLocalDate().toEpochDay() - from.toLocalDate().toEpochDay() - 1);
    }

    private double closed(ZonedDateTime from, ZonedDateTime to, double x, double shrunk) {
        double width = narrow(from, to) * shrunk;
        stretches.add(new Stretch(from, to, x, width, false, leftOut(from, to)));
        return x + width;
    }

    /** Where a moment stands on the paper. */
    private double at(ZonedDateTime moment) {
        for (Stretch s : stretches) {
            if (!moment.isAfter(s.to())) {
                double part = Duration.between(s.from(), moment).toSeconds()
                        / (double)
                                Math.max(1, Duration.between(s.from(), s.to()).toSeconds());
                return s.x() + s.width() * Math.max(0, part);
            }
        }
        return stretches.isEmpty()
                ? 0
                : stretches.get(stretches.size() - 1).x()
                        + stretches.get(stretches.size() - 1).width();
    }

    private void ground(Drawing d, double deep) {
        int month = 0;
        double[] free = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (Stretch s : stretches) {
            LocalDate day = s.from().toLocalDate();
            d.rect(s.open() ? "lane-open" : "lane-closed", s.x(), 0, s.width(), deep);
            if (s.open() || s.leftOut() > 0) {
                // a month is told once: the day is enough after that
                String words = !s.open()
                        ? s.leftOut() + (s.leftOut() == 1 ? " day" : " days")
                        : month == day.getMonthValue() ? Days.shortly(day, now) : Days.near(day, now);
                double middle = s.x() + s.width() / 2;
                double half = LETTER * words.length() / 2;
                // where days are narrow, every other one stands above
                int line = middle - half < free[0] ? 1 : 0;
                free[line] = middle + half;
                d.note(middle, -8 - WORDS * line, words, s.open() ? "name" : "quiet", "middle", null);
                month = !s.open() || Days.isNear(day, now) ? month : day.getMonthValue();
            }
            d.mark(
                    "time",
                    s.open() ? "open" : "closed",
                    s.x(),
                    s.x() + s.width(),
                    s.from().toLocalDateTime() + "/" + s.to().toLocalDateTime(),
                    null);
        }
    }

    private double[] across(Placed p) {
        return blocks.getOrDefault(p, new double[] {at(p.from()), at(p.to())});
    }

    private double middle(Placed p) {
        double[] x = across(p);
        return p.takes().isZero() ? (x[0] + at(p.dry())) / 2 : (x[0] + x[1]) / 2;
    }

    /** On which line under the blocks each word stands, so that it meets no other; how many lines that are. */
    private int lines(Lane lane, Map<Placed, Integer> words) {
        double[] free = new double[LINES];
        Arrays.fill(free, Double.NEGATIVE_INFINITY);
        int most = 1;
        for (Placed p : shown) {
            if (p.task().lane() != lane) {
                continue;
            }
            double half = LETTER * p.task().shortly().length() / 2;
            int line = 0;
            while (line < LINES - 1 && middle(p) - half < free[line]) {
                line++;
            }
            free[line] = middle(p) + half;
            words.put(p, line);
            most = Math.max(most, line + 1);
        }
        return most;
    }

    private void lane(Drawing d, Lane lane, double y, Set<String> moved, Map<Placed, Integer> words) {
        d.note(-8, y + BLOCK / 2 + 5, lane.words(), "name", "end", null);
        for (Placed p : shown) {
            if (p.task().lane() != lane) {
                continue;
            }
            double[] x = across(p);
            double dry = at(p.dry());
            if (dry > x[1] && p.dries()) {
                d.rect("lane-dries", x[1], y, dry - x[1], BLOCK, "step." + p.id());
            }
            if (!p.takes().isZero()) {
                d.rect(
                        p.done() ? "lane-done" : moved.contains(p.task().id()) ? "lane-moved" : "lane-hands",
                        x[0],
                        y,
                        x[1] - x[0],
                        BLOCK,
                        "step." + p.id());
            }
            double line = WORDS * (words.getOrDefault(p, 0) + 1);
            d.note(middle(p), y + BLOCK + line, p.task().shortly(), "quiet", "middle", null);
        }
    }
}
