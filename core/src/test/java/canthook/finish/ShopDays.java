package canthook.finish;

import canthook.finish.ShopHours.Hours;
import canthook.finish.Task.Lane;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Days in a shop, and what is to be done in them. */
final class ShopDays {
    private ShopDays() {}

    static final ZoneId ZONE = ZoneId.of("Europe/Vienna");

    static ZonedDateTime at(String local) {
        return LocalDateTime.parse(local).atZone(ZONE);
    }

    static Task task(String id, int hands, int waits, String... after) {
        return new Task(id, Lane.BOX, id, Duration.ofMinutes(hands), Duration.ofMinutes(waits), List.of(after));
    }

    static ShopHours open(String from, String to, DayOfWeek... days) {
        Map<DayOfWeek, Hours> week = new HashMap<>();
        for (DayOfWeek day : days.length == 0 ? DayOfWeek.values() : days) {
            week.put(day, new Hours(LocalTime.parse(from), LocalTime.parse(to)));
        }
        return new ShopHours(week);
    }

    static IntStream seeds() {
        return IntStream.range(0, 200);
    }
}
