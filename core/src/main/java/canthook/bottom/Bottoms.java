package canthook.bottom;

import canthook.fingers.Ladder;
import canthook.length.Length;
import canthook.plan.Assumed;
import canthook.plan.Bottom;
import canthook.plan.Bottom.Grain;
import canthook.plan.Bottom.Kinds;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.walls.Asks;
import canthook.walls.WallDemands;
import java.util.Objects;
import java.util.Optional;

/** The kinds of bottom: what each asks of the walls, and what follows from it. The only reader of the plan's bottom. */
public final class Bottoms {
    /** Of a small bearing cutter; under the quarter inch of a usual one the corner is covered by any rabbet. */
    private static final Length USUAL_RADIUS = Length.mm(6.35);

    private static final Length USUAL_OVERSIZE = Length.mm(1.5);

    private Bottoms() {}

    /** What the bottom asks of the walls, before they are divided. */
    public static Asks asks(BoxPlan plan) {
        return plan.bottom()
                .fold(new Kinds<>(
                        none -> Asks.NOTHING,
                        CapturedBottom::asks,
                        RabbetedBottom::asks,
                        AppliedBottom::asks,
                        SlattedBottom::asks));
    }

    /** The bottom worked out; nothing follows without one, or where the walls leave no room between them. */
    public static WorkedBottom of(
            BoxPlan plan, WallDemands walls, SizedBox box, Ladder ladder, Year year, HouseRules rules) {
        if (!box.hasInside()) {
            return new NoBottom();
        }
        return plan.bottom()
                .fold(new Kinds<>(
                        none -> new NoBottom(),
                        captured -> CapturedBottom.of(captured, plan, walls, box, ladder, year, rules),
                        rabbeted -> RabbetedBottom.of(rabbeted, plan, walls, box, ladder, year, rules),
                        applied -> AppliedBottom.of(applied, plan, walls, box, ladder, year),
                        slats -> SlattedBottom.of(slats, plan, walls, box, ladder, year, rules)));
    }

    /** No bottom; what was said of it is remembered. */
    public static BoxPlan none(BoxPlan plan) {
        return plan.with(plan.bottom().putAway());
    }

    /** Another kind of bottom: what the one before was told stays, what the new one needs beside it is a usual beginning. */
    public static BoxPlan captured(BoxPlan plan, SizedBox box, HouseRules rules) {
        Bottom was = plan.bottom();
        Length thickness = thickness(was);
        Length depth = half(box, rules);
        Groove groove = was.groove() == null ? new Groove(thickness, depth, depth) : was.groove();
        Boolean pinned = was.putAway().pinned();
        return plan.with(new Bottom.Captured(
                stuff(was), thickness, groove, grain(was), pinned != null && pinned, was.gap(), was.endFit()));
    }

    /** The plan with the bottom of another, where that is of the same kind and wood; empty where it is not. */
    public static Optional<BoxPlan> movedAsIn(BoxPlan plan, BoxPlan other) {
        Bottom was = plan.bottom();
        Bottom moved = other.bottom();
        return was.getClass() == moved.getClass() && Objects.equals(was.stuff(), moved.stuff()) && !was.equals(moved)
                ? Optional.of(plan.with(moved))
                : Optional.empty();
    }

    /**
     * The same, and empty where a groove that was told would be moved.
     *
     * @param told the plan before the bottom was begun
     */
    public static Optional<BoxPlan> movedAsIn(BoxPlan plan, BoxPlan other, BoxPlan told) {
        Groove groove =
                told.assumed().contains(Assumed.BOTTOM) ? null : told.bottom().groove();
        boolean keeps = groove == null
                || !groove.equals(plan.bottom().groove())
                || groove.equals(other.bottom().groove());
        return keeps ? movedAsIn(plan, other) : Optional.empty();
    }

    /** The plan with a sheet as thick as its groove is high, in a groove of its own. */
    public static BoxPlan inAGroove(BoxPlan plan, Length high, Length depth, Length offset) {
        return plan.with(new Bottom.Captured(
                new Stuff("sheet-plywood", 0),
                high,
                new Groove(high, depth, offset),
                Grain.ALONG_LENGTH,
                false,
                null,
                null));
    }

    /** @see #captured */
    public static BoxPlan rabbeted(BoxPlan plan, SizedBox box, HouseRules rules) {
        Bottom was = plan.bottom();
        return plan.with(new Bottom.Rabbeted(
                stuff(was),
                thickness(was),
                half(box, rules),
                USUAL_RADIUS,
                Bottom.Corners.ROUNDED,
                grain(was),
                was.gap(),
                was.endFit(),
                was.groove()));
    }

    /** @see #captured */
    public static BoxPlan applied(BoxPlan plan) {
        Bottom was = plan.bottom();
        return plan.with(new Bottom.Applied(
                stuff(was), thickness(was), USUAL_OVERSIZE, 0, grain(was), was.gap(), was.endFit(), was.groove()));
    }

    /** Slats of about six times their thickness, of the solid wood of the walls where the panel was a sheet. */
    public static BoxPlan slats(BoxPlan plan, SizedBox box, HouseRules rules) {
        Bottom was = plan.bottom();
        Length thickness = thickness(was);
        Length depth = half(box, rules);
        Groove groove = was.groove() == null ? new Groove(thickness, depth, depth) : was.groove();
        Length opening = box.insideLength().length();
        long count = Math.max(2, Math.min(60, opening.nanometres() / (6 * thickness.nanometres())));
        Stuff said = stuff(was);
        return plan.with(new Bottom.Slats(
                said.known().isSheet() ? plan.walls() : said,
                thickness,
                groove,
                Grain.ALONG_WIDTH,
                (int) count,
                false,
                false,
                true,
                null,
                was.endFit()));
    }

    private static Stuff stuff(Bottom was) {
        Stuff said = was.stuff();
        return said == null ? new Stuff("sheet-plywood", 0) : said;
    }

    private static Length thickness(Bottom was) {
        Length said = was.thickness();
        return said == null ? Length.mm(6) : said;
    }

    private static Grain grain(Bottom was) {
        Grain said = was.grain();
        return said == null ? Grain.ALONG_LENGTH : said;
    }

    private static Length half(SizedBox box, HouseRules rules) {
        return Length.longer(rules.deepestGroove(box.thinnestWall().length()), Length.mm(0.5));
    }
}
