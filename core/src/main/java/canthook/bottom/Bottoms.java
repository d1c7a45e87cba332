package canthook.bottom;

import canthook.fingers.Ladder;
import canthook.plan.BoxPlan;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.walls.Asks;
import canthook.walls.WallDemands;

/** The kinds of bottom: what each asks of the walls, and what follows from it. The only reader of the plan's bottom. */
public final class Bottoms {
    private Bottoms() {}

    /** What the bottom asks of the walls, before they are divided. */
    public static Asks asks(BoxPlan plan) {
        return plan.bottom().fold(none -> Asks.NOTHING, CapturedBottom::asks);
    }

    /** The bottom worked out; nothing follows without one, or where the walls leave no room between them. */
    public static WorkedBottom of(
            BoxPlan plan, WallDemands walls, SizedBox box, Ladder ladder, Year year, HouseRules rules) {
        return plan.bottom()
                .fold(
                        none -> new NoBottom(),
                        captured -> box.hasInside()
                                ? CapturedBottom.of(captured, plan, walls, box, ladder, year, rules)
                                : new NoBottom());
    }
}
