package canthook.lid;

import canthook.bottom.WorkedBottom;
import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.Assumed;
import canthook.plan.BoxPlan;
import canthook.plan.Breadboard;
import canthook.plan.Groove;
import canthook.plan.Hinges;
import canthook.plan.Lid;
import canthook.plan.Lid.Joined;
import canthook.plan.Lid.Kept;
import canthook.plan.Lid.Kinds;
import canthook.plan.Lid.OnTop;
import canthook.plan.Lid.SawnOff;
import canthook.plan.Lid.Sliding;
import canthook.plan.Liner;
import canthook.plan.SizeWish;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.Asks;
import canthook.walls.WallDemands;
import canthook.working.Worked;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** The kinds of lid: what each asks of the walls, and what follows from it. The only reader of the plan's lid. */
public final class Lids {
    private static final Length LEAST_OVER = Length.mm(4);
    private static final double THINNEST = 3;
    private static final double USUAL_LIP = 6;
    private static final double USUAL_OVERHANG = 6;
    private static final double USUAL_ON_TOP = 12;

    private Lids() {}

    /** What the lid asks of the walls, before they are divided. */
    public static Asks asks(BoxPlan plan, HouseRules rules) {
        return plan.lid()
                .fold(new Kinds<>(
                        none -> Asks.NOTHING,
                        sliding -> SlidingLid.asks(sliding, plan, rules),
                        sawnOff -> SawnOffLid.asks(sawnOff, rules),
                        LidOnTop::asks));
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
        if (!box.hasInside()) {
            return new NoLid();
        }
        return plan.lid()
                .fold(new Kinds<>(
                        none -> new NoLid(),
                        sliding -> SlidingLid.of(sliding, plan, walls, box, ladder, year, bottom, rules),
                        sawnOff -> SawnOffLid.of(sawnOff, plan, walls, box, ladder, year, rules),
                        onTop -> LidOnTop.of(onTop, plan, walls, box, ladder, year, bottom, rules)));
    }

    /** No lid; what was said of it is remembered. */
    public static BoxPlan none(BoxPlan plan) {
        return plan.with(plan.lid().putAway());
    }

    /**
     * A sliding lid: as it was told, where that still lies on the wall; else its groove half a wall's thickness, and at least 4 mm, below
     * the edge. Where the contents lead the wall grows for it, and the groove begins where the box had room for them.
     */
    public static BoxPlan sliding(BoxPlan plan, SizedBox box, Ladder ladder) {
        Lid was = plan.lid();
        return plan.with(new Sliding(
                stuff(plan), thickness(plan, box), groove(plan, box, ladder), was.running(), was.vertical()));
    }

    /**
     * A lid sawn off at three quarters of the height, in the middle of the section there that lies under the top panel; the top's groove
     * like a sliding lid's, in one section where it has room in one.
     */
    public static BoxPlan sawnOff(BoxPlan plan, SizedBox box, Ladder ladder) {
        Lid was = plan.lid();
        Layout layout = ladder.joint().layout();
        Groove begun = groove(plan, box, ladder);
        Groove groove = growsFor(plan) || begun.equals(told(plan))
                ? begun
                : layout.clearUnder(new Layout.Span(begun.offset(), begun.top()))
                        .map(begun::withOffset)
                        .orElse(begun);
        Length wanted = ladder.wall().length().times(3).dividedBy(4);
        Length seam = Length.ZERO;
        Length from = Length.ZERO;
        for (Length to : layout.boundaries()) {
            Length middle = from.plus(to).dividedBy(2);
            if (!to.isOver(groove.offset())
                    && middle.minus(wanted).abs().isUnder(seam.minus(wanted).abs())) {
                seam = middle;
            }
            from = to;
        }
        return plan.with(new SawnOff(
                stuff(plan),
                thickness(plan, box),
                groove,
                Lid.SEAM.nearest(seam),
                false,
                Joined.LOOSE,
                null,
                null,
                Hinges.usual(plan.unit()),
                Liner.usual(plan.unit()),
                was.running(),
                was.vertical()));
    }

    /** A panel on the walls that lifts off, with a lip; or one that is hinged. */
    public static BoxPlan onTop(BoxPlan plan, Kept kept) {
        return plan.with(plan.lid()
                .<Lid>fold(new Kinds<>(
                        none -> begun(plan, kept),
                        sliding -> begun(plan, kept),
                        sawnOff -> begun(plan, kept),
                        onTop -> onTop.with(kept))));
    }

    /** The plan with the lid of another, where that is of the same kind and wood; empty where it is not. */
    public static Optional<BoxPlan> movedAsIn(BoxPlan plan, BoxPlan other) {
        Lid was = plan.lid();
        Lid moved = other.lid();
        return was.getClass() == moved.getClass() && Objects.equals(was.stuff(), moved.stuff()) && !was.equals(moved)
                ? Optional.of(plan.with(moved))
                : Optional.empty();
    }

    /**
     * The same, and empty where a groove that was told would be moved.
     *
     * @param told the plan before the lid was begun
     */
    public static Optional<BoxPlan> movedAsIn(BoxPlan plan, BoxPlan other, BoxPlan told) {
        Groove groove = told(told);
        boolean keeps = groove == null
                || !groove.equals(plan.lid().groove())
                || groove.equals(other.lid().groove());
        return keeps ? movedAsIn(plan, other) : Optional.empty();
    }

    /** The groove the maker told, not one that is only assumed. */
    private static @Nullable Groove told(BoxPlan plan) {
        return plan.assumed().contains(Assumed.LID) ? null : plan.lid().groove();
    }

    private static OnTop begun(BoxPlan plan, Kept kept) {
        Lid was = plan.lid();
        return new OnTop(
                stuff(plan),
                plan.unit().usual(USUAL_ON_TOP),
                plan.unit().usual(USUAL_OVERHANG),
                kept,
                plan.unit().usual(USUAL_LIP),
                false,
                Breadboard.usual(plan.unit()),
                Hinges.usual(plan.unit()),
                was.groove(),
                was.running(),
                was.vertical());
    }

    private static Stuff stuff(BoxPlan plan) {
        Stuff said = plan.lid().stuff();
        return said == null ? plan.walls() : said;
    }

    private static Length thickness(BoxPlan plan, SizedBox box) {
        Length said = plan.lid().thickness();
        return said == null ? usual(plan, box) : said;
    }

    private static Groove groove(BoxPlan plan, SizedBox box, Ladder ladder) {
        Lid was = plan.lid();
        Groove said = was.groove();
        Length wall = ladder.wall().length();
        Length thickness = thickness(plan, box);
        Length tongue = Length.shorter(thickness, usual(plan, box));
        Length width = said == null ? tongue : said.width();
        Length depth = said == null ? tongue : said.depth();
        Length over = leastOver(box);
        Length highest = growsFor(plan)
                ? box.height().length()
                : plan.unit().down(wall.minus(over).minus(width));
        return said != null && !said.offset().isOver(highest) && said.offset().isOver(wall.dividedBy(2))
                ? said
                : new Groove(width, depth, Groove.OFFSET.nearest(highest));
    }

    /** What is to be left of the wall over a lid's groove: half its thickness, and at least 4 mm. */
    static Length leastOver(SizedBox box) {
        return Length.longer(LEAST_OVER, box.thickness().length().dividedBy(2));
    }

    /** Where the contents lead the wall grows for a lid: its sections are not yet those it will have. */
    private static boolean growsFor(BoxPlan plan) {
        return plan.size().from() == SizeWish.From.CONTENTS && plan.size().contents() != null;
    }

    /**
     * A lid must clear what stands in the box.
     *
     * @param under height the contents may reach
     * @param what comes down so far, with its verb
     * @param fixes that give a height the contents reach room
     */
    static void overContents(
            BoxPlan plan,
            WallDemands walls,
            SizedBox box,
            Length under,
            String what,
            Function<Length, List<Fix>> fixes,
            Verdicts verdicts) {
        Worked needed = box.neededHeight();
        if (needed == null) {
            return;
        }
        LengthDisplay display = plan.display();
        Length top = walls.floorHeight().plus(needed.length());
        if (top.isOver(under)) {
            verdicts.mind(
                    Code.CONTENTS_MEET_LID,
                    needed.id(),
                    "The contents reach " + display.text(top, Precision.LAYOUT) + ", and " + what + " "
                            + display.text(under, Precision.LAYOUT) + ": the lid would not pass over.",
                    fixes.apply(top));
        }
    }

    private static Length usual(BoxPlan plan, SizedBox box) {
        return Length.longer(
                plan.unit().usual(THINNEST),
                plan.unit().down(box.thickness().length().dividedBy(2)));
    }
}
