package canthook.wood;

import canthook.refusal.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * Reduces a logger's readings to the driest and the wettest that thin wood felt. Readings are fed one by one in the order of
 * time and not kept: what is held is one sum for every hour, so a log of any density takes the same room.
 *
 * <pre>
 * m(t) = 1/14 d · ∫ EMC over the 14 days before t      the EMC of every reading, straight between two; not the EMC of the mean air
 * driest, wettest = least and greatest m
 * </pre>
 *
 * A gap of over a day is left out of the mean; a mean counts when at least half of its fortnight was logged. Source of the
 * fortnight: thin wood lags the air by days. Check: a fortnight at 20 °C, 35 %, then one at 65 %: driest 6.963 (all dry), wettest
 * 12.0.
 */
public final class AirLog {
    private static final long HOUR = 3600;
    private static final long FORTNIGHT = 14 * 24;
    private static final long DAY = 24 * HOUR;
    private static final int LONGEST_HOURS = 21 * 366 * 24;

    private double[] moisture = new double[1024];
    private double[] temperature = new double[1024];
    private double[] seconds = new double[1024];
    private long firstHour;
    private int hours;
    private long readings;
    private long sames;
    private long held;
    private long lastTime;
    private double lastMoisture;
    private double lastTemperature;
    private double logged;
    private long firstTime;
    private final List<Gap> gaps = new ArrayList<>();
    private int moreGaps;

    /** A stretch without readings, over a day; seconds since 1970. */
    public record Gap(long from, long to) {
        public double days() {
            return (to - from) / (double) DAY;
        }
    }

    /**
     * What a log says.
     *
     * @param driest air that holds wood where the driest fortnight held it
     * @param wettest air that holds wood where the wettest fortnight held it
     * @param driestMoisture percent of dry weight
     * @param wettestMoisture percent of dry weight
     * @param from first reading, seconds since 1970
     * @param to last reading
     * @param covered share of a year that was logged, 0 to 1
     * @param gaps of over a day, the first twenty
     * @param gapsMore how many more there are
     * @param readings taken in
     * @param repeated readings left out because their time had been logged already
     * @param held readings beyond what the sorption equation is good for
     * @param trace moisture of the running mean, evenly spread from the first to the last mean; gaps carry the mean on
     * @param traceFrom time of its first point
     */
    public record Summary(
            Air driest,
            Air wettest,
            double driestMoisture,
            double wettestMoisture,
            long from,
            long to,
            double covered,
            List<Gap> gaps,
            int gapsMore,
            long readings,
            long repeated,
            long held,
            List<Double> trace,
            long traceFrom,
            long traceTo) {}

    /**
     * Takes in the next reading. Air beyond what the sorption equation is good for is held at its limit, and counted.
     *
     * @param time seconds since 1970
     * @param celsius −40…70
     * @param humidity relative humidity in percent, 0…100
     * @throws Refused when it lies before the one fed last, or the log grows longer than twenty years; the field is {@code time}
     */
    public void feed(long time, double celsius, double humidity) {
        Refused.unlessBetween("temperature", "Temperature", celsius, -40, 70, "°C");
        Refused.unlessBetween("humidity", "Relative humidity", humidity, 0, 100, "%");
        double temperatureNow = Math.max(-10, Math.min(60, celsius));
        double humidityNow = Math.min(95, humidity);
        double now = EquilibriumMoisture.quick(temperatureNow, humidityNow);
        if (readings == 0) {
            firstTime = time;
            firstHour = Math.floorDiv(time, HOUR);
        } else if (time == lastTime) {
            sames++;
            return;
        } else if (time < lastTime) {
            throw new Refused("time", "is earlier than the line before; a log runs forward in time.");
        } else if (time / HOUR - firstHour >= LONGEST_HOURS) {
            throw new Refused(
                    "time", "is over twenty years after the first; no shop's log is that long. Is the date right?");
        } else if (time - lastTime > DAY) {
            if (gaps.size() < 20) {
                gaps.add(new Gap(lastTime, time));
            } else {
                moreGaps++;
            }
        } else {
            spread(lastTime, time, lastMoisture, now, lastTemperature, temperatureNow);
        }
        readings++;
        lastTime = time;
        lastMoisture = now;
        lastTemperature = temperatureNow;
        if (temperatureNow != celsius || humidityNow != humidity) {
            held++;
        }
    }

    /** Shares a stretch between two readings among the hours it lies in, straight from the one value to the other. */
    private void spread(long from, long to, double m1, double m2, double t1, double t2) {
        logged += to - from;
        for (long at = from; at < to; ) {
            int hour = (int) (Math.floorDiv(at, HOUR) - firstHour);
            long until = Math.min(to, (firstHour + hour + 1) * HOUR);
            double share = ((at + until) / 2.0 - from) / (to - from);
            room(hour);
            moisture[hour] += (m1 + (m2 - m1) * share) * (until - at);
            temperature[hour] += (t1 + (t2 - t1) * share) * (until - at);
            seconds[hour] += until - at;
            at = until;
        }
    }

    private void room(int hour) {
        if (hour >= seconds.length) {
            int more = Math.max(hour + 1, seconds.length * 2);
            moisture = java.util.Arrays.copyOf(moisture, more);
            temperature = java.util.Arrays.copyOf(temperature, more);
            seconds = java.util.Arrays.copyOf(seconds, more);
        }
        hours = Math.max(hours, hour + 1);
    }

    /**
     * Reduces what was fed.
     *
     * @param points of the trace at most
     * @throws Refused when there is no fortnight with enough readings; the field is {@code log}
     */
    public Summary summary(int points) {
        double sumMoisture = 0;
        double sumTemperature = 0;
        double sumSeconds = 0;
        double[] means = new double[hours];
        double driest = Double.POSITIVE_INFINITY;
        double wettest = Double.NEGATIVE_INFINITY;
        double coldDry = 0;
        double coldWet = 0;
        int first = -1;
        int last = -1;
        for (int h = 0; h < hours; h++) {
            sumMoisture += moisture[h];
            sumTemperature += temperature[h];
            sumSeconds += seconds[h];
            int out = h - (int) FORTNIGHT;
            if (out >= 0) {
                sumMoisture -= moisture[out];
                sumTemperature -= temperature[out];
                sumSeconds -= seconds[out];
            }
            boolean whole = h + 1 >= FORTNIGHT;
            means[h] = Double.NaN;
            if (whole && sumSeconds >= FORTNIGHT * HOUR / 2.0) {
                double mean = sumMoisture / sumSeconds;
                means[h] = mean;
                first = first < 0 ? h : first;
                last = h;
                if (mean < driest) {
                    driest = mean;
                    coldDry = sumTemperature / sumSeconds;
                }
                if (mean > wettest) {
                    wettest = mean;
                    coldWet = sumTemperature / sumSeconds;
                }
            }
        }
        if (first < 0) {
            throw new Refused(
                    "log",
                    "The log has no fortnight that is at least half covered, and wood feels the air of a fortnight. Log for longer.");
        }
        return new Summary(
                airFor(driest, coldDry),
                airFor(wettest, coldWet),
                driest,
                wettest,
                firstTime,
                lastTime,
                Math.min(1, logged / (365.25 * DAY)),
                List.copyOf(gaps),
                moreGaps,
                readings,
                sames,
                held,
                trace(means, first, last, points),
                (firstHour + first + 1) * HOUR,
                (firstHour + last + 1) * HOUR);
    }

    private static List<Double> trace(double[] means, int first, int last, int points) {
        List<Double> trace = new ArrayList<>();
        int many = Math.max(2, Math.min(points, last - first + 1));
        double carried = means[first];
        int seen = first;
        for (int i = 0; i < many; i++) {
            int at = first + (int) Math.round((last - first) * (i / (many - 1.0)));
            for (; seen <= at; seen++) {
                carried = Double.isNaN(means[seen]) ? carried : means[seen];
            }
            trace.add(Math.round(carried * 1000) / 1000.0);
        }
        return trace;
    }

    /** The air of this temperature in which wood settles at this moisture, to a thousandth of a percent of humidity. */
    static Air airFor(double percent, double celsius) {
        double t = Math.round(celsius * 10) / 10.0;
        return new Air(t, EquilibriumMoisture.humidityFor(percent, t));
    }
}
