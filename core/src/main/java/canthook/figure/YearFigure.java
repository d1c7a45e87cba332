package canthook.figure;

import canthook.length.LengthDisplay;
import canthook.plan.SeasonsChoice;
import canthook.plan.YearTrace;
import canthook.planner.WorkedPlan;
import canthook.wood.Air;
import canthook.wood.EquilibriumMoisture;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Moisture through the year, January to December: as a log gave it, or between the two climates, the colder in January, the
 * other in July, swinging from one to the other.
 */
public final class YearFigure {
    private static final double WIDE = 240;
    private static final double HIGH = 70;
    private static final String MONTHS = "JFMAMJJASOND";

    private YearFigure() {}

    public static Figure of(WorkedPlan worked) {
        SeasonsChoice seasons = worked.plan().seasons();
        YearTrace log = seasons.home() == SeasonsChoice.Home.OWN ? seasons.through() : null;
        Double now = worked.year().unknown() ? null : worked.year().now().number();
        return of(
                seasons.firstAir(), seasons.secondAir(), log, now, worked.plan().display());
    }

    /** @param now moisture today in percent; null when it is not known */
    public static Figure of(Air one, Air other, @Nullable YearTrace log, @Nullable Double now, LengthDisplay display) {
        double[][] line = log == null ? between(one, other) : logged(log);
        double least = now == null ? 99 : now;
        double most = now == null ? 0 : now;
        for (double[] point : line) {
            least = Math.min(least, point[1]);
            most = Math.max(most, point[1]);
        }
        double low = Math.floor(least - 0.3);
        double high = Math.max(low + 2, Math.ceil(most + 0.3));
        Drawing d = new Drawing(
                "year",
                log == null ? "Moisture between the two climates" : "Moisture as logged: " + log.name(),
                display);
        d.rect("plot", 0, 0, WIDE, HIGH);
        for (int month = 0; month < 12; month++) {
            double x = WIDE * (month + 0.5) / 12;
            d.note(x, HIGH + 11, MONTHS.substring(month, month + 1), "scale", "middle", null);
            d.line("tick", WIDE * month / 12, HIGH, WIDE * month / 12, HIGH - 3);
        }
        d.note(-3, 7, trimmed(high), "scale", "end", null);
        d.note(-3, HIGH, trimmed(low), "scale", "end", null);
        d.note(-3, HIGH / 2 + 3, "%", "scale", "end", null);
        List<double[]> strokes = new ArrayList<>();
        for (int i = 1; i < line.length; i++) {
            if (line[i][0] >= line[i - 1][0]) {
                strokes.add(new double[] {
                    line[i - 1][0] * WIDE, y(line[i - 1][1], low, high), line[i][0] * WIDE, y(line[i][1], low, high)
                });
            }
        }
        d.strokes("ticks-moisture", strokes);
        if (now != null) {
            double y = y(now, low, high);
            d.line("moisture-now", 0, y, WIDE, y);
            d.note(WIDE + 3, y + 3, "now", "scale", "start", null);
        }
        return d.reach(-16, HIGH + 14).reach(WIDE + 26, -2).done();
    }

    private static double y(double moisture, double low, double high) {
        return HIGH * (1 - (moisture - low) / (high - low));
    }

    /** Share of the year and moisture: a swing from the colder air in mid January to the other in mid July and back. */
    private static double[][] between(Air one, Air other) {
        boolean oneIsColder = one.temperature() < other.temperature()
                || (one.temperature() == other.temperature() && one.humidity() <= other.humidity());
        double winter = EquilibriumMoisture.percent(oneIsColder ? one : other);
        double summer = EquilibriumMoisture.percent(oneIsColder ? other : one);
        double[][] line = new double[49][];
        for (int i = 0; i < line.length; i++) {
            double year = i / 48.0;
            double toSummer = (1 - Math.cos(2 * Math.PI * (year - 0.04))) / 2;
            line[i] = new double[] {year, winter + (summer - winter) * toSummer};
        }
        return line;
    }

    private static double[][] logged(YearTrace log) {
        double[][] line = new double[log.moisture().size()][];
        for (int i = 0; i < line.length; i++) {
            double day = log.from() - 1 + log.days() * i / (line.length - 1);
            line[i] = new double[] {day / 365.25 % 1, log.moisture().get(i)};
        }
        return line;
    }

    private static String trimmed(double percent) {
        return String.valueOf(Math.round(percent));
    }
}
