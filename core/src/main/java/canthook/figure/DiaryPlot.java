package canthook.figure;

import canthook.length.LengthDisplay;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What was recorded over time: days along, the value up, each point with the mark of its entry. */
public final class DiaryPlot {
    private static final double LONG = 300;
    private static final double HIGH = 62;
    private static final double LEAST_DAYS = 7;
    private static final int LINES = 5;

    private DiaryPlot() {}

    /**
     * A point.
     *
     * @param day since the epoch
     * @param from the least that was good; the value itself where nothing is
     * @param to the most that was good
     * @param mark of its entry
     */
    public record Point(double day, double value, double from, double to, String mark) {
        public static Point of(double day, double value, String mark) {
            return new Point(day, value, value, value, mark);
        }
    }

    /**
     * The plot; nothing where there are fewer than two points.
     *
     * @param step between lines, at least
     */
    public static Optional<Figure> of(String id, String title, double step, List<Point> points) {
        if (points.size() < 2) {
            return Optional.empty();
        }
        List<Point> inOrder =
                points.stream().sorted(Comparator.comparingDouble(Point::day)).toList();
        double first = inOrder.get(0).day();
        double days = Math.max(LEAST_DAYS, inOrder.get(inOrder.size() - 1).day() - first);
        double least = inOrder.stream()
                .mapToDouble(p -> Math.min(p.value(), p.from()))
                .min()
                .orElseThrow();
        double most = inOrder.stream()
                .mapToDouble(p -> Math.max(p.value(), p.to()))
                .max()
                .orElseThrow();
        double every = step;
        while ((most - least) / every > LINES) {
            every *= 2;
        }
        double low = Math.floor(least / every) * every;
        double high = Math.max(low + every, Math.ceil(most / every) * every);
        Drawing d = new Drawing(id, title, LengthDisplay.METRIC);
        for (double at = low; at <= high + every / 2; at += every) {
            double y = y(at, low, high);
            d.line("tick", 0, y, LONG, y);
            d.note(-3, y + 2, number(at, step), "scale", "end", null);
        }
        for (Point p : inOrder) {
            if (p.to() > p.from()) {
                double x = x(p, first, days);
                d.rect("band", x - 2.5, y(p.to(), low, high), 5, y(p.from(), low, high) - y(p.to(), low, high));
            }
        }
        for (Point p : inOrder) {
            dot(d, p, x(p, first, days), y(p.value(), low, high));
        }
        months(d, first, days);
        return Optional.of(d.reach(-22, -4).reach(LONG + 6, HIGH + 10).done());
    }

    private static double x(Point p, double first, double days) {
        return 4 + (LONG - 8) * (p.day() - first) / days;
    }

    private static double y(double value, double low, double high) {
        return HIGH - HIGH * (value - low) / (high - low);
    }

    private static void dot(Drawing d, Point p, double x, double y) {
        boolean good = p.to() <= p.from() || p.value() >= p.from() - 1e-9 && p.value() <= p.to() + 1e-9;
        double r = 1.8;
        d.shape(good ? "spot-true" : "spot-off", p.mark(), x - r, y, x, y - r, x + r, y, x, y + r);
    }

    /** The first of each month, or the first and the last day where they lie in one. */
    private static void months(Drawing d, double first, double days) {
        LocalDate day = LocalDate.ofEpochDay((long) Math.floor(first));
        LocalDate end = LocalDate.ofEpochDay((long) Math.floor(first + days));
        LocalDate month = day.withDayOfMonth(1).plusMonths(1);
        if (month.isAfter(end)) {
            d.note(4, HIGH + 8, date(day), "scale", "start", null);
            d.note(LONG - 4, HIGH + 8, date(end), "scale", "end", null);
            return;
        }
        long every = Math.max(1, Math.round(days / 30 / 8));
        for (int i = 0; !month.isAfter(end); month = month.plusMonths(1), i++) {
            double x = 4 + (LONG - 8) * (month.toEpochDay() - first) / days;
            d.line("tick", x, HIGH, x, HIGH + 2);
            if (i % every == 0) {
                d.note(
                        x,
                        HIGH + 8,
                        name(month.getMonth()) + (every > 3 ? " " + month.getYear() : ""),
                        "scale",
                        "middle",
                        null);
            }
        }
    }

    private static String date(LocalDate day) {
        return day.getDayOfMonth() + " " + name(day.getMonth());
    }

    private static String name(Month month) {
        return month.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
    }

    private static String number(double value, double step) {
        return String.format(Locale.ROOT, step < 1 ? "%.2f" : "%.0f", value).replace('-', '−');
    }
}
