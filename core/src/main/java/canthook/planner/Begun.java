package canthook.planner;

import canthook.bottom.Bottoms;
import canthook.lid.Lids;
import canthook.plan.BoxPlan;
import canthook.shop.Shop;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;

/**
 * What was begun, moved to where the rules are kept: grooves, seams and hinges go where a maker would be told to put them. Each move is one
 * of those that would be offered, tried before it is taken; the wood stays the maker's to choose, and so do the fingers.
 */
public final class Begun {
    /** A stop weighs as many minds as no plan has. */
    private static final int STOP = 100;

    /** What goes in comes before lines on boundaries and the like. */
    private static final int MEETS = 10;

    private static final int MOST_MOVES = 6;

    private Begun() {}

    /** The panels of a plan that was just begun; what is assumed of them is moved. */
    public static BoxPlan panels(BoxPlan plan, Shop shop) {
        return bottom(plan, Planner.work(plan, shop));
    }

    /**
     * A lid.
     *
     * @param told the plan before it was begun: a groove that tells stays, unless the box would be stopped by it
     */
    static BoxPlan lid(BoxPlan plan, WorkedPlan told) {
        WorkedPlan kept = settled(plan, told, "lid", (is, other) -> Lids.movedAsIn(is, other, told.plan()));
        return (weight(kept) < STOP ? kept : settled(plan, told, "lid", Lids::movedAsIn)).plan();
    }

    /** @see #lid */
    static BoxPlan bottom(BoxPlan plan, WorkedPlan told) {
        WorkedPlan kept = settled(plan, told, "bottom", (is, other) -> Bottoms.movedAsIn(is, other, told.plan()));
        return (weight(kept) < STOP ? kept : settled(plan, told, "bottom", Bottoms::movedAsIn)).plan();
    }

    /**
     * @param station whose verdicts are looked at
     * @param moved the first plan with the panel of the second, where that is of the same kind and wood
     */
    private static WorkedPlan settled(
            BoxPlan plan, WorkedPlan told, String station, BiFunction<BoxPlan, BoxPlan, Optional<BoxPlan>> moved) {
        Shop shop = told.shop();
        WorkedPlan stands = Planner.work(plan, shop);
        WorkedPlan best = stands;
        Set<BoxPlan> tried = new HashSet<>(Set.of(plan));
        for (int moves = 0; moves < MOST_MOVES; moves++) {
            WorkedPlan next = null;
            // one that only trades one mind for another may lead on
            int least = weight(stands) + 1;
            for (Verdict verdict : stands.found()) {
                if (verdict.weight() == Weight.NOTE || !verdict.station().equals(station)) {
                    continue;
                }
                for (Fix fix : verdict.fixes()) {
                    BoxPlan to = moved.apply(stands.plan(), fix.after()).orElse(null);
                    if (to == null || !tried.add(to)) {
                        continue;
                    }
                    WorkedPlan after = Planner.work(to, shop);
                    if (weight(after) < least) {
                        least = weight(after);
                        next = after;
                    }
                }
            }
            if (next == null) {
                return best;
            }
            stands = next;
            best = weight(next) < weight(best) ? next : best;
        }
        return best;
    }

    private static int weight(WorkedPlan worked) {
        return worked.found().stream().mapToInt(Begun::weight).sum();
    }

    private static int weight(Verdict verdict) {
        return switch (verdict.weight()) {
            case STOP -> STOP;
            case MIND -> verdict.code() == Code.CONTENTS_MEET_LID ? MEETS : 1;
            case NOTE -> 0;
        };
    }
}
