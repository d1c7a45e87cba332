package canthook.finish;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days, moments and how long something takes, in words. */
public final class Days {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);
    private static final DateTimeFormatter YEAR = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm", Locale.ENGLISH);
    private static final int LONG = 48;

    private Days() {}

    /** {@code Thu 3 Dec}; with the year where it is another than now. */
    public static String day(LocalDate date, ZonedDateTime now) {
        return date.getYear() == now.getYear() ? DAY.format(date) : YEAR.format(date);
    }

    /** {@code today}, {@code tomorrow} or the day. */
    public static String near(LocalDate date, ZonedDateTime now) {
        long ahead = date.toEpochDay() - now.toLocalDate().toEpochDay();
        return ahead == 0 ? "today" : ahead == 1 ? "tomorrow" : ahead == -1 ? "yesterday" : day(date, now);
    }

    /** Whether it is told as yesterday, today or tomorrow. */
    public static boolean isNear(LocalDate date, ZonedDateTime now) {
        return Math.abs(date.toEpochDay() - now.toLocalDate().toEpochDay()) <= 1;
    }

    /** {@code Thu 3}, beside a day whose month is told. */
    public static String shortly(LocalDate date, ZonedDateTime now) {
        return isNear(date, now) ? near(date, now) : SHORT.format(date);
    }

    /** {@code today 14:10}. */
    public static String when(ZonedDateTime moment, ZonedDateTime now) {
        return near(moment.toLocalDate(), now) + " " + TIME.format(moment);
    }

    public static String time(ZonedDateTime moment) {
        return TIME.format(moment);
    }

    /** {@code 20 min}, {@code 1 h 30}, {@code 24 h}, {@code 13 days}. */
    public static String takes(Duration time) {
        long minutes = time.toMinutes();
        long hours = minutes / 60;
        if (hours > LONG) {
            double days = hours / 24.0;
            long whole = Math.round(days);
            return Math.abs(days - whole) < 0.05 ? whole + " days" : Math.round(days * 10) / 10.0 + " days";
        }
        if (hours == 0) {
            return minutes + " min";
        }
        return minutes % 60 == 0 ? hours + " h" : hours + " h " + minutes % 60;
    }
}
