package canthook.planner;

import canthook.bottom.Bottoms;
import canthook.lid.Lids;
import canthook.plan.BoxPlan;
import canthook.shop.Shop;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Weight;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * What was begun, moved to where the rules are kept: grooves, seams and hinges go where a maker would be told to put them. Each move is one
 * of those that would be offered, tried before it is taken; the wood stays the maker's to choose, and so do the fingers.
 */
public final class Begun {
    /** A stop weighs as many minds as no plan has. */
    private static final int STOP = 100;

    private static final int MOST_MOVES = 6;

    private Begun() {}

    /** The panels of a plan that was just begun; what is assumed of them is moved. */
    public static BoxPlan panels(BoxPlan plan, Shop shop) {
        return bottom(plan, Planner.work(plan, shop));
    }

    /**
     * A lid.
     *
     * @param told the plan before it was begun: what that says stays
     */
    static BoxPlan lid(BoxPlan plan, WorkedPlan told) {
        return settled(plan, told.shop(), "lid", (is, other) -> Lids.movedAsIn(is, other, told.plan()));
    }

    /** @see #lid */
    static BoxPlan bottom(BoxPlan plan, WorkedPlan told) {
        return settled(plan, told.shop(), "bottom", (is, other) -> Bottoms.movedAsIn(is, other, told.plan()));
    }

    /**
     * @param station whose verdicts are looked at
     * @param moved the first plan with the panel of the second, where that is of the same kind and wood
     */
    private static BoxPlan settled(
            BoxPlan plan, Shop shop, String station, BiFunction<BoxPlan, BoxPlan, Optional<BoxPlan>> moved) {
        WorkedPlan stands = Planner.work(plan, shop);
        for (int moves = 0; moves < MOST_MOVES; moves++) {
            WorkedPlan better = null;
            int least = weight(stands);
            for (Verdict verdict : stands.found()) {
                if (verdict.weight() == Weight.NOTE || !verdict.station().equals(station)) {
                    continue;
                }
                for (Fix fix : verdict.fixes()) {
                    Optional<BoxPlan> tried = moved.apply(stands.plan(), fix.after());
                    if (tried.isEmpty()) {
                        continue;
                    }
                    WorkedPlan after = Planner.work(tried.get(), shop);
                    if (weight(after) < least) {
                        least = weight(after);
                        better = after;
                    }
                }
            }
            if (better == null) {
                return stands.plan();
            }
            stands = better;
        }
        return stands.plan();
    }

    private static int weight(WorkedPlan worked) {
        return worked.found().stream()
                .mapToInt(v -> switch (v.weight()) {
                    case STOP -> STOP;
                    case MIND -> 1;
                    case NOTE -> 0;
                })
                .sum();
    }
}
