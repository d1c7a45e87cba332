package canthook.bench;

import canthook.cutlist.CutList;
import canthook.finish.Calendar;
import canthook.finish.Calendar.Job;
import canthook.finish.Finishing;
import canthook.finish.ShopHours;
import canthook.glue.GlueUp;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.Shop;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** Thirty boxes over a year, and what glue-up and finish add to a plan. */
final class Calendars {
    private static final int BOXES = 30;
    private static final int WARM_CALENDARS = 300;
    private static final int WARM_STAGES = 20_000;
    private static final int TIMES = 200;

    private Calendars() {}

    static void measure(BoxPlan box) {
        WorkedPlan worked = Planner.work(box, Shop.withDefaults());
        ZonedDateTime now = LocalDateTime.parse("2026-01-05T09:00").atZone(ZoneId.of("Europe/Vienna"));
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < BOXES; i++) {
            LocalDate day = LocalDate.parse("2026-02-01").plusDays(11L * i);
            jobs.add(new Job("box-" + i, worked.finish().tasks(), day, Map.of(), Map.of()));
        }
        Bench.say(
                "calendar of %d boxes over a year, %d steps: median %.1f ms (promise: at most 20)",
                BOXES,
                BOXES * worked.finish().tasks().size(),
                median(WARM_CALENDARS, () -> Calendar.ofShop(jobs, ShopHours.USUAL, now)) / 1e6);
        CutList cuts = worked.cuts();
        double glue = median(
                WARM_STAGES,
                () -> GlueUp.of(
                        box,
                        worked.size(),
                        worked.fingers(),
                        worked.bottom(),
                        worked.lid(),
                        worked.fittings(),
                        worked.shop().rules()));
        double finish = median(
                WARM_STAGES,
                () -> Finishing.of(
                        box, cuts, worked.glue(), worked.lid(), worked.shop().rules()));
        Bench.say(
                "glue-up and finish in a plan: median %.0f and %.0f µs (promise: together at most 50)",
                glue / 1000, finish / 1000);
    }

    private static double median(int warm, Runnable work) {
        for (int i = 0; i < warm; i++) {
            work.run();
        }
        long[] took = new long[TIMES];
        for (int i = 0; i < TIMES; i++) {
            long begun = System.nanoTime();
            work.run();
            took[i] = System.nanoTime() - begun;
        }
        Arrays.sort(took);
        return took[TIMES / 2];
    }
}
