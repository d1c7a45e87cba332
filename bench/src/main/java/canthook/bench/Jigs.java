package canthook.bench;

import canthook.fingers.ScrewPlans;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.shop.Shop;
import java.util.Arrays;
import java.util.Locale;

/** A box of 61 sections worked by every way of indexing, its whole cut list with it; and the search over a screw's turns. */
final class Jigs {
    private static final int WARM = 3000;
    private static final int TIMED = 2000;

    private Jigs() {}

    static void measure(BoxPlan box) {
        BoxPlan wide = box.with(box.size().withHeight(Length.mm(427)))
                .with(new FingerChoice(
                        61,
                        "cutter",
                        Length.mm(3.2),
                        Length.mm(0.12),
                        Length.ZERO,
                        Length.ZERO,
                        Parity.ODD,
                        Sharing.CENTRED,
                        Leftover.RIP,
                        null,
                        null,
                        null));
        for (Way way : Way.values()) {
            BoxPlan plan = wide.with(new JigChoice(null).with(way));
            Shop shop = Shop.withDefaults();
            int cuts = Planner.work(plan, shop).cuts().cuts().size();
            say(
                    "61 sections, %s: %d cuts, worked in %.3f ms, median (promise: within 1 ms)",
                    way.words(), cuts, median(() -> Planner.work(plan, shop)));
        }
        Screw screw = new Screw(Length.mm(25.4 / 16), 30, 25, 8, null);
        ScrewPlans.Wanted wanted = new ScrewPlans.Wanted(
                Length.mm(3.2), Length.mm(0.2), Length.mm(7), Length.mm(0.12), Length.mm(0.06), true, 60);
        say("screw search: %.4f ms, median (promise: at most 20 ms)", median(() -> ScrewPlans.best(screw, wanted)));
    }

    private static double median(Runnable work) {
        for (int i = 0; i < WARM; i++) {
            work.run();
        }
        double[] times = new double[TIMED];
        for (int i = 0; i < TIMED; i++) {
            long began = System.nanoTime();
            work.run();
            times[i] = (System.nanoTime() - began) / 1e6;
        }
        Arrays.sort(times);
        return times[TIMED / 2];
    }

    private static void say(String format, Object... values) {
        System.out.println(String.format(Locale.ROOT, format, values));
    }
}
