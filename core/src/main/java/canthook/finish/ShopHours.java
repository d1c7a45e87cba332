package canthook.finish;

import canthook.refusal.Refused;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * When the shop is open: hands work within one opening, waits run by the clock.
 *
 * @param open from and to, by weekday; a weekday that is missing is closed
 */
public record ShopHours(Map<DayOfWeek, Hours> open) {
    /** Farther ahead nobody plans. */
    public static final int DAYS_AHEAD = 732;

    /** Monday to Saturday, nine to five. */
    public static final ShopHours USUAL = usual();

    /** One opening, within a day. */
    public record Hours(LocalTime from, LocalTime to) {
        public Hours {
            if (!from.isBefore(to)) {
                throw new Refused(
                        "to", "A shop that opens at " + from + " closes later than that, and on the same day.");
            }
        }
    }

    public ShopHours {
        open = Map.copyOf(open);
    }

    private static ShopHours usual() {
        Map<DayOfWeek, Hours> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            if (day != DayOfWeek.SUNDAY) {
                week.put(day, new Hours(LocalTime.of(9, 0), LocalTime.of(17, 0)));
            }
        }
        return new ShopHours(week);
    }

    /** The longest opening of the week. */
    public Duration longest() {
        return open.values().stream()
                .map(h -> Duration.between(h.from(), h.to()))
                .max(Duration::compareTo)
                .orElse(Duration.ZERO);
    }

    /** An opening on a date. */
    public record Opening(ZonedDateTime from, ZonedDateTime to) {}

    /** The opening of a date, in the zone of a moment; empty when it is closed. */
    public Optional<Opening> on(LocalDate date, ZonedDateTime zoned) {
        Hours hours = open.get(date.getDayOfWeek());
        return hours == null
                ? Optional.empty()
                : Optional.of(new Opening(
                        date.atTime(hours.from()).atZone(zoned.getZone()),
                        date.atTime(hours.to()).atZone(zoned.getZone())));
    }
}
