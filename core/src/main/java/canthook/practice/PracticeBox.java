package canthook.practice;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.plan.SizeWish;
import canthook.plan.StartingPlan;
import canthook.plan.StartingPlan.Wish;
import java.util.Random;

/** A box to practise on: odd or even, coarse or fine, for one way of indexing; the same seed gives the same box. */
final class PracticeBox {
    private static final String[] WOODS = {"cherry-black", "oak-white", "walnut-black", "yellow-poplar"};

    private PracticeBox() {}

    /** @param play of the key in its slot, as it was measured and written on the jig */
    static BoxPlan of(Way way, double play, Random random) {
        double kerf = Math.round((way == Way.BAND_SAW ? 0.8 : 3 + random.nextInt(6)) * 10 + random.nextInt(5)) / 10.0;
        double section = way == Way.BAND_SAW ? 5 + random.nextInt(4) : kerf;
        boolean even = way != Way.BAND_SAW && random.nextInt(3) == 0;
        int count = 7 + 2 * random.nextInt(4) + (even ? 1 : 0);
        BoxPlan plan = StartingPlan.of(new Wish(
                "Practice piece",
                null,
                null,
                SizeWish.From.OUTSIDE,
                Length.mm(200),
                Length.mm(140),
                Length.mm(Math.round(count * section + 2)),
                null,
                Length.mm(9),
                WOODS[random.nextInt(WOODS.length)],
                null,
                null,
                null,
                "its cutter",
                Length.mm(kerf)));
        FingerChoice fingers = new FingerChoice(
                count,
                "its cutter",
                Length.mm(kerf),
                null,
                null,
                null,
                even ? Parity.EVEN : Parity.ODD,
                way == Way.BAND_SAW || random.nextBoolean() ? Sharing.CENTRED : Sharing.ONE_SIDE,
                Leftover.RIP,
                null,
                null,
                null);
        JigChoice jig = new JigChoice(Length.mm(play))
                .with(way)
                .with(new Screw(Length.mm(1.5), 30, 30, 24, null))
                .withResolution(Length.mm(0.02));
        return plan.with(fingers).with(jig);
    }
}
