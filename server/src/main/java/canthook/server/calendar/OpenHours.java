package canthook.server.calendar;

import canthook.finish.ShopHours;
import canthook.finish.ShopHours.Hours;
import canthook.refusal.Refused;
import canthook.server.calendar.CalendarMapper.HoursRow;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** When the shop is open, and in which zone its clock runs; until it is said: Monday to Saturday, nine to five, where this machine is. */
@RestController
@RequestMapping("/api/shop-hours")
public class OpenHours {
    private final CalendarMapper rows;
    private final ObjectMapper json;

    OpenHours(CalendarMapper rows, ObjectMapper json) {
        this.rows = rows;
        this.json = json;
    }

    /** A day of the week; closed where from and to are null. */
    public record DayHours(
            DayOfWeek day, @Nullable String from, @Nullable String to) {
        public DayHours {
            Refused.ifMissing("day", "The day", day);
        }
    }

    /**
     * The hours of the shop.
     *
     * @param zone as the tz database calls it; null in a request for the one that stands
     * @param says all of it in a line
     */
    public record ShopHoursView(
            List<DayHours> days,
            @Nullable String zone,
            @Nullable String says) {
        public ShopHoursView {
            Refused.ifMissing("days", "The days", days);
        }
    }

    /**
     * As it stands.
     *
     * @param damaged whether what was said cannot be read, and what is usual stands in its place
     */
    record Standing(ShopHours hours, ZoneId zone, boolean damaged) {}

    @Transactional(readOnly = true)
    Standing standing() {
        HoursRow row = rows.hours();
        if (row == null) {
            return new Standing(ShopHours.USUAL, ZoneId.systemDefault(), false);
        }
        try {
            List<DayHours> days = json.readValue(row.hours(), new TypeReference<List<DayHours>>() {});
            return new Standing(hours(days), ZoneId.of(row.zone()), false);
        } catch (JsonProcessingException | DateTimeException | Refused e) {
            // every calendar says so; saying the hours again mends it
            return new Standing(ShopHours.USUAL, ZoneId.systemDefault(), true);
        }
    }

    @GetMapping
    @Transactional(readOnly = true)
    public ShopHoursView hours() {
        return view(standing());
    }

    @PutMapping
    @Transactional
    public ShopHoursView keep(@RequestBody ShopHoursView said) {
        ShopHours hours = hours(said.days());
        ZoneId zone = said.zone() == null ? standing().zone() : zone(said.zone());
        Standing standing = new Standing(hours, zone, false);
        try {
            rows.keepHours(json.writeValueAsString(view(standing).days()), zone.getId());
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Hours that cannot be written", e);
        }
        return view(standing);
    }

    private static ZoneId zone(String name) {
        try {
            return ZoneId.of(name);
        } catch (DateTimeException e) {
            throw new Refused("zone", "There is no time zone called “" + name + "”; one is called Europe/Vienna.");
        }
    }

    private static ShopHours hours(List<DayHours> days) {
        Map<DayOfWeek, Hours> open = new EnumMap<>(DayOfWeek.class);
        for (int i = 0; i < days.size(); i++) {
            DayHours day = days.get(i);
            if (day.from() == null && day.to() == null) {
                continue;
            }
            String at = "days[" + i + "].";
            try {
                if (open.put(day.day(), new Hours(time(at + "from", day.from()), time(at + "to", day.to()))) != null) {
                    throw new Refused(at + "day", words(day.day()) + " is said twice.");
                }
            } catch (Refused e) {
                throw e.field().startsWith(at) ? e : new Refused(at + e.field(), String.valueOf(e.getMessage()));
            }
        }
        return new ShopHours(open);
    }

    private static LocalTime time(String field, @Nullable String text) {
        if (text == null) {
            throw new Refused(field, "A day that is open has a time it opens and a time it closes.");
        }
        try {
            return LocalTime.parse(text.length() == 4 ? "0" + text : text);
        } catch (DateTimeParseException e) {
            throw new Refused(field, "“" + text + "” is no time of day; one is written 9:00.");
        }
    }

    private static ShopHoursView view(Standing standing) {
        List<DayHours> days = Arrays.stream(DayOfWeek.values())
                .map(day -> {
                    Hours hours = standing.hours().open().get(day);
                    return hours == null
                            ? new DayHours(day, null, null)
                            : new DayHours(
                                    day, hours.from().toString(), hours.to().toString());
                })
                .toList();
        return new ShopHoursView(days, standing.zone().getId(), says(standing.hours()));
    }

    /** {@code Mon–Fri 9–17, Sat 9–12}: neighbours that are alike together. */
    static String says(ShopHours hours) {
        List<String> parts = new ArrayList<>();
        DayOfWeek[] week = DayOfWeek.values();
        for (int i = 0; i < week.length; i++) {
            Hours open = hours.open().get(week[i]);
            if (open == null) {
                continue;
            }
            int last = i;
            while (last + 1 < week.length && open.equals(hours.open().get(week[last + 1]))) {
                last++;
            }
            parts.add(words(week[i]) + (last > i ? "–" + words(week[last]) : "") + " " + clock(open.from()) + "–"
                    + clock(open.to()));
            i = last;
        }
        return parts.isEmpty() ? "never" : String.join(", ", parts);
    }

    private static String clock(LocalTime time) {
        return time.getMinute() == 0
                ? String.valueOf(time.getHour())
                : time.getHour() + ":" + String.format(Locale.ROOT, "%02d", time.getMinute());
    }

    private static String words(DayOfWeek day) {
        return day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
    }
}
