package canthook.plan;

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

    public YearTrace {
        Refused.ifMissing("name", "The climate's name", name);
        Refused.ifMissing("moisture", "The moisture through the year", moisture);
        if (name.isBlank() || name.length() > 60) {
            throw new Refused("name", "A climate needs a name of 1 to 60 letters.");
        }
        Refused.unlessBetween("from", "First day of the trace", from, 1, 366, "");
        Refused.unlessBetween("days", "Days of the trace", days, 0, 8000, "");
        if (moisture.size() < 2 || moisture.size() > MOST_POINTS) {
            throw new Refused("moisture", "Between 2 and " + MOST_POINTS + " points through the year.");
        }
        for (int i = 0; i < moisture.size(); i++) {
            Refused.unlessBetween("moisture[" + i + "]", "Moisture", moisture.get(i), 0, 40, "%");
        }
        moisture = List.copyOf(moisture);
    }
}
