package canthook.practice;

import canthook.fit.Cause;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/**
 * A shop made from a seed, with all it hides. Lengths in millimetres.
 *
 * @param plan what is to be made in it, with the kerf and the play of the key as they are written there
 * @param kerfOff how much wider the slots truly are than the kerf that is written: a worn blade’s are narrower
 * @param setOff how much every finger is off from what is planned, as the jig stands at first; away positive
 * @param step standard deviation of a step from slot to slot
 * @param wobble standard deviation of a slot’s width
 * @param hand standard deviation of a move that is made
 * @param bad what goes wrong until it is found
 * @param play of the key in its slot
 * @param dust thickness of what lies where the part bears, every other time
 * @param slips share of the first move that is left when the clamp slips
 * @param scrapThicker how much thicker than the parts the scrap is
 * @param zero what the caliper shows with its jaws closed
 * @param batteryLow whether it reads badly
 */
public record HiddenShop(
        long seed,
        Level level,
        BoxPlan plan,
        double kerfOff,
        double setOff,
        double step,
        double wobble,
        double hand,
        Set<Cause> bad,
        double play,
        double dust,
        double slips,
        double scrapThicker,
        double zero,
        boolean batteryLow) {
    public HiddenShop {
        bad = Set.copyOf(bad);
    }

    /** What may go wrong at a jig: only a key is pressed to a side, and by hand there is nothing to bear, to slip or to wobble. */
    static List<Cause> possible(Way way) {
        return switch (way) {
            case SLED_KEY, ROUTER_SLED, ROD_KEY, SHIM_FENCE ->
                List.of(Cause.PRESSED, Cause.DUST, Cause.CLAMP, Cause.SCRAP, Cause.BLADE);
            case SPACERS, STOPS, SCREW -> List.of(Cause.DUST, Cause.CLAMP, Cause.SCRAP, Cause.BLADE);
            case BAND_SAW -> List.of(Cause.DUST, Cause.PRESSED, Cause.CLAMP);
            case HAND -> List.of();
        };
    }

    /** The shop of a seed. */
    public static HiddenShop of(long seed, Level level, Way way) {
        Random random = new Random(seed * 7919 + way.ordinal());
        EnumSet<Cause> bad = EnumSet.noneOf(Cause.class);
        List<Cause> possible = possible(way);
        int wrongs = Math.min(possible.size(), level.ordinal());
        while (bad.size() < wrongs) {
            bad.add(possible.get(random.nextInt(possible.size())));
        }
        return with(seed, level, way, bad, random);
    }

    /** A shop in which just these go wrong. */
    public static HiddenShop with(long seed, Level level, Way way, Set<Cause> bad) {
        return with(seed, level, way, bad, new Random(seed * 7919 + way.ordinal()));
    }

    /** The shop a box is made in where its instruments are stood in for: nothing goes wrong in it. */
    static HiddenShop onBench(BoxPlan plan) {
        HiddenShop any = with(plan.name().hashCode(), Level.FRIENDLY, plan.jig().way(), Set.of());
        return new HiddenShop(
                any.seed,
                any.level,
                plan,
                any.kerfOff,
                any.setOff,
                any.step,
                any.wobble,
                any.hand,
                any.bad,
                any.play,
                any.dust,
                any.slips,
                any.scrapThicker,
                any.zero,
                any.batteryLow);
    }

    private static HiddenShop with(long seed, Level level, Way way, Set<Cause> bad, Random random) {
        boolean friendly = level == Level.FRIENDLY;
        double play = hundredths(
                bad.contains(Cause.PRESSED) ? 0.1 + 0.15 * random.nextDouble() : 0.02 + 0.06 * random.nextDouble());
        double setOff = (random.nextBoolean() ? 1 : -1) * (0.1 + 0.35 * random.nextDouble());
        return new HiddenShop(
                seed,
                level,
                PracticeBox.of(way, play, random),
                friendly ? 0 : 0.12 * (random.nextDouble() - 0.6),
                setOff,
                0.005 + 0.012 * random.nextDouble(),
                level == Level.HAUNTED ? 0.012 : 0.004,
                0.004 + 0.01 * random.nextDouble(),
                bad,
                play,
                0.12 + 0.18 * random.nextDouble(),
                0.25 * random.nextDouble(),
                1 + random.nextDouble(),
                friendly ? 0 : hundredths(0.08 * (random.nextDouble() - 0.5)),
                level == Level.HAUNTED);
    }

    private static double hundredths(double mm) {
        return Math.round(mm * 100) / 100.0;
    }
}
