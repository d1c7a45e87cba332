package canthook.fingers;

import canthook.length.Length;
import canthook.plan.JigChoice.Screw;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Whole quanta of a screw for a wanted slot and clearance, searched exactly.
 *
 * <pre>
 * a = lead · driver / driven, one turn          a′ = a / parts, one quantum
 * s = k + (N − 1) · t · a′        p = ((N − 1) · t + u) · a′        c = 2 s − p = 2 k − (u − (N − 1) · t) · a′
 * t · a′ ≤ k − overlap, or ridges remain between passes
 * </pre>
 *
 * The clearance depends on kerf and quantum alone. Check: 16 threads an inch, quarter turns (a′ = 0.396875), kerf 3.20: the
 * reachable clearances are 0.05 and multiples of 0.396875 on either side.
 */
public final class ScrewPlans {
    private static final int SHOWN = 5;

    private ScrewPlans() {}

    /**
     * One plan.
     *
     * @param t quanta between the passes of a slot; 0 with one pass
     * @param passes N
     * @param u quanta from a slot's last pass to the next slot's first
     * @param slot s
     * @param clearance c
     * @param inBand whether the clearance is acceptable
     */
    public record ScrewPlan(int t, int passes, int u, Length slot, Length clearance, boolean inBand) {
        /** Quanta from a slot's first pass to its last. */
        public int across() {
            return (passes - 1) * t;
        }

        /** Quanta in a pitch. */
        public int pitch() {
            return across() + u;
        }

        /** Whether the mate can start half a pitch along on whole quanta. */
        public boolean startsHalfway() {
            return pitch() % 2 == 0;
        }
    }

    /**
     * What is wanted.
     *
     * @param band either way of the clearance that is still acceptable
     * @param halfway whether half a pitch must be whole quanta (clearance shared)
     */
    public record Wanted(
            Length kerf, Length overlap, Length slot, Length clearance, Length band, boolean halfway, int most) {}

    /** So many quanta in nanometres, rounded once. */
    public static Length travel(Screw screw, long quanta) {
        long numerator = Math.multiplyExact(
                Math.multiplyExact(screw.lead().nanometres(), (long) screw.driver()), Math.abs(quanta));
        long denominator = (long) screw.driven() * screw.parts();
        long whole = numerator / denominator;
        long rest = numerator % denominator;
        long rounded = 2 * rest >= denominator ? whole + 1 : whole;
        return new Length(quanta < 0 ? -rounded : rounded);
    }

    /** A pass more is worth coming this much nearer to the slot: makers let the height go before they cut a slot eighteen times. */
    private static final double MM_A_PASS = 0.1;

    /** How far about the wanted slot is looked. */
    private static final double ABOUT_MM = 0.8;

    /**
     * The best plans, best first: in the band, then few passes weighed against nearness to the slot, then the narrower slot. Empty when no
     * finger would be left.
     *
     * <p>Check: kerf 3.2, lead 2, eighths, wanted 7.45: three passes that give 7.20, and not eighteen that give 7.45.
     */
    public static List<ScrewPlan> best(Screw screw, Wanted wanted) {
        double quantum = travel(screw, 1_000_000).mm() / 1e6;
        double kerf = wanted.kerf().mm();
        int farthest = (int) Math.floor((wanted.kerf().minus(wanted.overlap())).mm() / quantum + 1e-9);
        int across = (int) Math.max(0, Math.round((wanted.slot().mm() - kerf) / quantum));
        long middle = Math.round((2 * kerf - wanted.clearance().mm()) / quantum);
        List<ScrewPlan> found = new ArrayList<>();
        int about = (int) Math.max(3, Math.min(12, Math.round(ABOUT_MM / quantum)));
        for (int m = Math.max(0, across - about); m <= across + about; m++) {
            int steps = passesLess(m, farthest, wanted.most());
            if (steps < 0) {
                continue;
            }
            Length slot = wanted.kerf().plus(travel(screw, m));
            for (long over = middle - 2; over <= middle + 2; over++) {
                Length clearance = wanted.kerf().times(2).minus(travel(screw, over));
                boolean finger = slot.minus(clearance).isPositive() && over + m > 0;
                if (finger && !(wanted.halfway() && over % 2 != 0)) {
                    found.add(new ScrewPlan(
                            steps == 0 ? 0 : m / steps,
                            steps + 1,
                            (int) (over + m),
                            slot,
                            clearance,
                            !clearance.minus(wanted.clearance()).abs().isOver(wanted.band())));
                }
            }
        }
        return found.stream()
                .map(plan -> Weighed.of(plan, wanted))
                .sorted(BEST_FIRST)
                .limit(SHOWN)
                .map(Weighed::plan)
                .toList();
    }

    private static final Comparator<Weighed> BEST_FIRST = Comparator.comparing((Weighed w) -> !w.plan.inBand())
            .thenComparing(w -> w.plan.inBand() ? Length.ZERO : w.off)
            .thenComparingDouble(Weighed::cost)
            .thenComparing(w -> w.plan.slot())
            .thenComparing(Weighed::off);

    /** A plan with what it is judged by: how far its clearance is off, and its passes weighed against its slot. */
    private record Weighed(ScrewPlan plan, Length off, double cost) {
        static Weighed of(ScrewPlan plan, Wanted wanted) {
            double cost = plan.passes() + plan.slot().minus(wanted.slot()).abs().mm() / MM_A_PASS;
            return new Weighed(plan, plan.clearance().minus(wanted.clearance()).abs(), Math.rint(cost * 1e6));
        }
    }

    /** The fewest equal steps, none farther than allowed, that make so many quanta; −1 when there are none. */
    private static int passesLess(int quanta, int farthest, int most) {
        if (quanta == 0) {
            return 0;
        }
        for (int steps = 1; steps <= Math.min(quanta, most); steps++) {
            if (quanta % steps == 0 && quanta / steps <= farthest) {
                return steps;
            }
        }
        return -1;
    }

    /** The clearances the screw can give about a wanted one, from below to above. */
    public static List<Length> reachable(Screw screw, Wanted wanted) {
        double quantum = travel(screw, 1_000_000).mm() / 1e6;
        int step = wanted.halfway() ? 2 : 1;
        long middle = Math.round((2 * wanted.kerf().mm() - wanted.clearance().mm()) / quantum / step) * step;
        List<Length> found = new ArrayList<>();
        for (long over = middle + step; over >= middle - step; over -= step) {
            found.add(wanted.kerf().times(2).minus(travel(screw, over)));
        }
        return found;
    }

    /** The kerf with which the nearest whole quanta give the clearance wanted: {@code c} changes by twice the kerf. */
    public static Length kerfFor(Screw screw, Wanted wanted) {
        Length nearest = reachable(screw, wanted).stream()
                .min(Comparator.comparing(c -> c.minus(wanted.clearance()).abs()))
                .orElseThrow();
        return wanted.kerf().plus(wanted.clearance().minus(nearest).dividedBy(2));
    }
}
