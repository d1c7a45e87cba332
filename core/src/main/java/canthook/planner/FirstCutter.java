package canthook.planner;

import canthook.cutter.Cutter;
import canthook.length.Length;
import canthook.length.LengthUnit;
import canthook.plan.BoxPlan;
import canthook.shop.Shop;
import java.util.ArrayList;
import java.util.List;

/**
 * The cutter a new box begins with: of the rack's, or of the widths every shop can set up when the rack has none, the one that makes the
 * recommended joint.
 *
 * <pre>
 * usual widths   5 · 6 · 8 · 10 · 12 · 16 mm       3/16 · 1/4 · 5/16 · 3/8 · 1/2 · 5/8 in
 * </pre>
 *
 * Check: 305 × 77, wood 1/2 in thick: 3/8 closes at 66.2 or 85.1, out of the band; 1/4 closes at 81.7 and is taken.
 */
public final class FirstCutter {
    private static final double[] MILLIMETRES = {5, 6, 8, 10, 12, 16};
    private static final double[] INCHES = {0.1875, 0.25, 0.3125, 0.375, 0.5, 0.625};

    private FirstCutter() {}

    /** The plan with that cutter; unchanged when none makes a joint. */
    public static BoxPlan in(BoxPlan plan, Shop shop) {
        List<Cutter> powered =
                shop.cutters().stream().filter(FirstCutter::isOfAJig).toList();
        List<Cutter> cutters = powered.isEmpty() ? usual(plan.unit()) : powered;
        WorkedPlan worked =
                Planner.work(plan.with(plan.fingers().with(cutters.get(0)).withAnyCutter(true)), shop.with(cutters));
        Cutter chosen = worked.fingers().chosen().tool().cutter();
        if (chosen == null || !worked.fingers().chosen().feasible()) {
            return plan;
        }
        return powered.isEmpty()
                ? plan.with(plan.fingers().withKerf(chosen.kerf()))
                : plan.with(plan.fingers().with(chosen));
    }

    private static List<Cutter> usual(LengthUnit unit) {
        List<Cutter> usual = new ArrayList<>();
        for (double width : unit == LengthUnit.INCH ? INCHES : MILLIMETRES) {
            Length kerf = unit == LengthUnit.INCH ? Length.mm(25.4 * width) : Length.mm(width);
            usual.add(new Cutter(
                    "usual-" + usual.size(), "usual", Cutter.Kind.BIT, kerf, kerf, null, "", null, null, null, ""));
        }
        return usual;
    }

    private static boolean isOfAJig(Cutter cutter) {
        return switch (cutter.kind()) {
            case BLADE, STACK, BIT -> true;
            case BAND_SAW, HAND_SAW -> false;
        };
    }
}
