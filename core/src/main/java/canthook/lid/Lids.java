package canthook.lid;

import canthook.bottom.WorkedBottom;
import canthook.fingers.Ladder;
import canthook.plan.BoxPlan;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.walls.Asks;
import canthook.walls.WallDemands;

/** The kinds of lid: what each asks of the walls, and what follows from it. The only reader of the plan's lid. */
public final class Lids {
    private Lids() {}

    /** What the lid asks of the walls, before they are divided. */
    public static Asks asks(BoxPlan plan, HouseRules rules) {
        return plan.lid().fold(none -> Asks.NOTHING, sliding -> SlidingLid.asks(sliding, plan, rules));
    }

    /** The lid worked out; nothing follows without one, or where the walls leave no room between them. */
    public static WorkedLid of(
            BoxPlan plan,
            WallDemands walls,
            SizedBox box,
            Ladder ladder,
            Year year,
            WorkedBottom bottom,
            HouseRules rules) {
        return plan.lid()
                .fold(
                        none -> new NoLid(),
                        sliding -> box.hasInside()
                                ? SlidingLid.of(sliding, plan, walls, box, ladder, year, bottom, rules)
                                : new NoLid());
    }
}
