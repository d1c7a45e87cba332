package canthook.plan;

import canthook.refusal.OneLine;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import java.util.List;

/**
 * Moisture of thin wood through a year, as a log of the air gave it.
 *
 * @param name of the climate it came from
 * @param from day of the year of the first point, 1 to 366
 * @param days from the first point to the last
 * @param moisture percent of dry weight, evenly spread over those days; NaN-free, a point left out by the log is not there
 */
public record YearTrace(String name, int from, double days, List<Double> moisture) {
    /** Enough for a small plot. */
    public static final int MOST_POINTS = 120;

    public static final Range FROM = new Range("First day of the trace", 1, 366, "");

    public static final Range DAYS = new Range("Days of the trace", 0, 8000, "");

    public static final Range MOISTURE = new Range("Moisture", 0, 40, "%");

    public YearTrace {
        Refused.ifMissing("moisture", "The moisture through the year", moisture);
        name = OneLine.name("name", "A climate", name, 60);
        FROM.check("from", from);
        DAYS.check("days", days);
        if (moisture.size() < 2 || moisture.size() > MOST_POINTS) {
            throw new Refused("moisture", "Between 2 and " + MOST_POINTS + " points through the year.");
        }
        for (int i = 0; i < moisture.size(); i++) {
            MOISTURE.check("moisture[" + i + "]", moisture.get(i));
        }
        moisture = List.copyOf(moisture);
    }
}
