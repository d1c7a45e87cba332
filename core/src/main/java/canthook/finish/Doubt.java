package canthook.finish;

import canthook.finish.Calendar.Job;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What stands between a calendar and the day it is wanted.
 *
 * @param couldBe the first day it could be ready by; null where none is known, or none is wanted
 */
public record Doubt(String says, @Nullable LocalDate couldBe) {

    /** What is to be said of a box's calendar; nothing when all is well. */
    public static List<Doubt> of(Calendar calendar, Job job, ShopHours hours, ZonedDateTime now) {
        List<Doubt> all = new ArrayList<>();
        Task never = calendar.never();
        if (never != null) {
            all.add(new Doubt(never(never, hours), null));
            return all;
        }
        LocalDate wanted = job.readyOn();
        if (wanted == null || calendar.ready().isEmpty()) {
            return all;
        }
        ZonedDateTime ready = calendar.ready().get();
        ZonedDateTime end = wanted.plusDays(1).atStartOfDay(now.getZone());
        if (!ready.isAfter(end) || calendar.left().isEmpty()) {
            return all;
        }
        LocalDate could = ready.toLocalDate();
        if (wanted.isBefore(now.toLocalDate())) {
            all.add(new Doubt(
                    "It was wanted " + Days.near(wanted, now) + ", and that day is past. From now on it can be ready "
                            + Days.when(ready, now) + ".",
                    could));
        } else {
            all.add(new Doubt(
                    "It cannot be ready " + Days.near(wanted, now) + ": begun now it is ready " + Days.when(ready, now)
                            + ". Another finish, fewer coats or longer hours gain time.",
                    could));
        }
        return all;
    }

    private static String never(Task never, ShopHours hours) {
        if (hours.longest().isZero()) {
            return "The shop is never open: say on which days, and from when to when.";
        }
        if (never.piece().compareTo(hours.longest()) > 0) {
            return "“" + never.says() + "” takes " + Days.takes(never.piece())
                    + " in one piece, and the shop is never open longer than " + Days.takes(hours.longest())
                    + ". Open it longer on one day.";
        }
        return "“" + never.says() + "” would not be over within two years"
                + (never.waits().isZero() ? "." : ": it waits " + Days.takes(never.waits()) + ".");
    }
}
