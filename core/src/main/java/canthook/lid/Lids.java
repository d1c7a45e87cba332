package canthook.lid;

import canthook.bottom.WorkedBottom;
import canthook.fingers.Ladder;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Lid;
import canthook.plan.Lid.Sliding;
import canthook.plan.SizeWish;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.walls.Asks;
import canthook.walls.WallDemands;

/** The kinds of lid: what each asks of the walls, and what follows from it. The only reader of the plan's lid. */
public final class Lids {
    private static final Length LEAST_OVER = Length.mm(4);
    private static final Length TENTH = Length.mm(0.1);

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

    /** No lid; what was said of it is remembered. */
    public static BoxPlan none(BoxPlan plan) {
        return plan.with(plan.lid().fold(open -> open, Sliding::putAway));
    }

    /**
     * A sliding lid: as it was told, where that still lies on the wall; else its groove half a wall's thickness, and at least 4 mm, below
     * the edge. Where the contents lead the wall grows for it, and the groove begins where the wall ended.
     */
    public static BoxPlan sliding(BoxPlan plan, SizedBox box, Ladder ladder) {
        Lid was = plan.lid();
        Groove said = was.groove();
        Length wall = ladder.wall().length();
        Length thickness = was.thickness() == null ? usual(box) : was.thickness();
        Length width = said == null ? thickness : said.width();
        Length depth = said == null ? thickness : said.depth();
        Length over = Length.longer(LEAST_OVER, box.thickness().length().dividedBy(2));
        boolean grows =
                plan.size().from() == SizeWish.From.CONTENTS && plan.size().contents() != null;
        Length highest = grows ? wall : wall.minus(over).minus(width);
        Groove groove =
                said != null && !said.offset().isOver(highest) && said.offset().isOver(wall.dividedBy(2))
                        ? said
                        : new Groove(width, depth, Groove.OFFSET.nearest(tenths(highest)));
        Stuff stuff = was.fold(Lid.Open::stuff, Sliding::stuff);
        return plan.with(
                new Sliding(stuff == null ? plan.walls() : stuff, thickness, groove, was.running(), was.vertical()));
    }

    private static Length usual(SizedBox box) {
        return Length.longer(Length.mm(3), tenths(box.thickness().length().dividedBy(2)));
    }

    /** To a tenth of a millimetre, downwards. */
    private static Length tenths(Length length) {
        return TENTH.times(length.nanometres() / TENTH.nanometres());
    }
}
