package canthook.planner;

import canthook.bottom.Bottoms;
import canthook.length.Length;
import canthook.length.LengthUnit;
import canthook.lid.Lids;
import canthook.plan.BoxPlan;
import canthook.plan.Contents;
import canthook.plan.Fitting.Run;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.Lid.Kept;
import canthook.plan.Lowered;
import canthook.plan.Lowered.Which;
import canthook.plan.Opening;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.shop.Shop;
import canthook.size.SizedBox;
import canthook.walls.LowWalls;
import java.util.List;

/**
 * What a decision begins with when a maker opens it: something that can be made, near what stands. What was said before is kept.
 *
 * <pre>
 * another size leads   the box stays the size it is
 * what goes in         one thing that fills the inside but for 4 of play each way, six tenths of the wall high
 * a place              10 longer, 1 wider, 5 higher than the box, and just that left free
 * a lower wall         six tenths of the wall
 * bounds of a height   1 either way
 * another bottom       of the wood and thickness it was, its rabbet half the wall, 1.5 oversize
 * </pre>
 */
public enum FirstGuess {
    CONTENTS_LEAD,
    INSIDE_LEADS,
    OUTSIDE_LEADS,
    PLACE_LEADS,
    FRONT_LOW,
    BACK_LOW,
    BOTH_ENDS_LOW,
    SIDES_SLOPED,
    HEIGHT_WITHIN,
    BOTTOM_NONE,
    BOTTOM_CAPTURED,
    BOTTOM_RABBETED,
    BOTTOM_APPLIED,
    BOTTOM_SLATS,
    LID_NONE,
    LID_SLIDING,
    LID_SAWN_OFF,
    LID_LIFT_OFF,
    LID_HINGED,
    DIVIDER_ACROSS,
    DIVIDER_ALONG,
    DIVIDERS_OF_CONTENTS,
    GRIP,
    PEGS,
    CORNER_PIN,
    HANDLE,
    FEET,
    TRAY,
    BASE,
    UPRIGHT_HANDLE,
    FINGERED_BLOCK,
    STAY,
    CARD_SLIT,
    LABEL,
    LINING,
    SECOND_FLOOR,
    SCREW,
    LEAVES,
    PAPER;

    private static final double LEAST = 1;
    private static final double PLAY = 4;
    private static final double FINGERS_OVER = 10;

    /** The plan with this decision opened. */
    public BoxPlan in(WorkedPlan worked) {
        BoxPlan plan = worked.plan();
        Shop shop = worked.shop();
        return switch (this) {
            case CONTENTS_LEAD -> contentsLead(worked);
            case INSIDE_LEADS -> plan.with(lead(worked, From.INSIDE));
            case OUTSIDE_LEADS -> plan.with(lead(worked, From.OUTSIDE));
            case PLACE_LEADS ->
                plan.with(place(lead(worked, From.OUTSIDE), worked).withFrom(From.OPENING));
            case FRONT_LOW -> lowered(worked, Which.FRONT);
            case BACK_LOW -> lowered(worked, Which.BACK);
            case BOTH_ENDS_LOW -> lowered(worked, Which.BOTH_ENDS);
            case SIDES_SLOPED -> lowered(worked, Which.SLOPED);
            case HEIGHT_WITHIN ->
                plan.with(plan.fingers()
                        .within(plan.unit().usual(LEAST), plan.unit().usual(LEAST)));
            case BOTTOM_NONE -> Bottoms.none(plan);
            case BOTTOM_CAPTURED -> Begun.bottom(Bottoms.captured(plan, worked.size(), shop.rules()), worked);
            case BOTTOM_RABBETED -> Begun.bottom(Bottoms.rabbeted(plan, worked.size(), shop.rules()), worked);
            case BOTTOM_APPLIED -> Begun.bottom(Bottoms.applied(plan), worked);
            case BOTTOM_SLATS -> Begun.bottom(Bottoms.slats(plan, worked.size(), shop.rules()), worked);
            case LID_NONE -> Lids.none(plan);
            case LID_SLIDING -> Begun.lid(Lids.sliding(plan, worked.size(), worked.fingers()), worked);
            case LID_SAWN_OFF -> Begun.lid(Lids.sawnOff(plan, worked.size(), worked.fingers()), worked);
            case LID_LIFT_OFF -> Begun.lid(Lids.onTop(plan, Kept.LIP), worked);
            case LID_HINGED -> Begun.lid(Lids.onTop(plan, Kept.HINGED), worked);
            case DIVIDER_ACROSS -> FirstFittings.divider(worked, Run.ACROSS);
            case DIVIDER_ALONG -> FirstFittings.divider(worked, Run.ALONG);
            case DIVIDERS_OF_CONTENTS -> FirstFittings.fromContents(worked);
            case GRIP -> FirstFittings.grip(worked);
            case PEGS -> FirstFittings.pegs(worked);
            case HANDLE -> FirstFittings.handle(worked);
            case CORNER_PIN -> FirstFittings.cornerPin(worked);
            case FEET -> FirstFittings.feet(worked);
            case TRAY -> MoreFittings.tray(worked);
            case BASE -> MoreFittings.base(worked);
            case UPRIGHT_HANDLE -> MoreFittings.upright(worked);
            case FINGERED_BLOCK -> MoreFittings.block(worked);
            case STAY -> MoreFittings.stay(worked);
            case CARD_SLIT -> MoreFittings.slit(worked);
            case LABEL -> MoreFittings.label(worked);
            case LINING -> MoreFittings.lining(worked);
            case SECOND_FLOOR -> MoreFittings.secondFloor(worked);
            case SCREW -> plan.with(plan.jig().with(plan.jig().screwOrUsual()));
            case LEAVES -> plan.with(plan.jig().with(leaves(plan, Leaves.USUAL)));
            case PAPER -> plan.with(plan.jig().with(leaves(plan, List.of())));
        };
    }

    private static Leaves leaves(BoxPlan plan, List<Length> set) {
        Leaves now = plan.jig().leavesOrUsual();
        return new Leaves(now.zeroGap(), set, now.paper());
    }

    /** The same box, told by its inside or its outside, as far as that can be typed. */
    private static SizeWish lead(WorkedPlan worked, From from) {
        SizedBox box = worked.size();
        SizeWish size = worked.plan().size();
        boolean inside = from == From.INSIDE;
        Length length = (inside ? box.insideLength() : box.outsideLength()).length();
        Length width = (inside ? box.insideWidth() : box.outsideWidth()).length();
        if (SizeWish.LENGTH.holds(length) && SizeWish.WIDTH.holds(width)) {
            size = size.withFootprint(length, width);
        }
        if (SizeWish.HEIGHT.holds(box.height().length())) {
            size = size.withHeight(box.height().length());
        }
        return size.withFrom(from);
    }

    /** What goes in is first as high as leaves the box as high as it was: floor, play and lid take their share, so it is tried. */
    private static BoxPlan contentsLead(WorkedPlan worked) {
        BoxPlan plan = worked.plan();
        SizedBox box = worked.size();
        SizeWish size = lead(worked, From.OUTSIDE);
        Length height = near(plan, box.height().length().times(6).dividedBy(10));
        BoxPlan tried = plan.with(contents(size, box, height, plan.unit()).withFrom(From.CONTENTS));
        if (size.contents() != null) {
            return tried;
        }
        Length wanting = box.height()
                .length()
                .minus(Planner.work(tried, worked.shop()).size().height().length());
        return plan.with(contents(size, box, near(plan, height.plus(wanting)), plan.unit())
                .withFrom(From.CONTENTS));
    }

    private static SizeWish contents(SizeWish size, SizedBox box, Length height, LengthUnit unit) {
        if (size.contents() != null) {
            return size;
        }
        Length least = unit.usual(LEAST);
        Length play = unit.usual(PLAY);
        return size.with(new Contents(
                List.of(new Contents.Item(
                        "things",
                        Length.longer(least, box.insideLength().length().minus(play)),
                        Length.longer(least, box.insideWidth().length().minus(play)),
                        Length.longer(least, height),
                        1,
                        Contents.Laid.ALONG,
                        play,
                        play,
                        unit.usual(FINGERS_OVER),
                        null)),
                null));
    }

    /** The place this very box needs, on what it stands on. */
    private static SizeWish place(SizeWish size, WorkedPlan worked) {
        if (size.opening() != null) {
            return size;
        }
        SizedBox box = worked.size();
        LengthUnit unit = worked.plan().unit();
        Length along = unit.usual(10);
        Length across = unit.usual(1);
        Length above = unit.usual(5);
        // tips that stay proud stand in the place too
        Length tips =
                size.tips() == SizeWish.Tips.BY_DESIGN ? box.proud().length().times(2) : Length.ZERO;
        return size.with(new Opening(
                Opening.LENGTH.nearest(box.outsideLength().length().plus(tips).plus(along)),
                Opening.WIDTH.nearest(box.outsideWidth().length().plus(tips).plus(across)),
                Opening.HEIGHT.nearest(worked.walls()
                        .closed(box.height())
                        .length()
                        .plus(worked.plan().lifted())
                        .plus(above)),
                along,
                across,
                above));
    }

    private static BoxPlan lowered(WorkedPlan worked, Which which) {
        BoxPlan plan = worked.plan();
        Lowered before = plan.size().lowered();
        LowWalls low = worked.walls().low();
        LowWalls byLid = low != null && low.by() == LowWalls.By.LID ? low : null;
        if (byLid != null && which == Which.FRONT) {
            // a lid lowers the front by itself
            return plan.with(plan.size().withLowered(null));
        }
        Length height = byLid != null
                ? Lowered.HEIGHT.nearest(byLid.line().length())
                : before != null
                        ? before.height()
                        : Lowered.HEIGHT.nearest(near(
                                plan, worked.size().height().length().times(6).dividedBy(10)));
        return plan.with(plan.size().withLowered(new Lowered(which, height)));
    }

    /** To what a size that nobody told is rounded to. */
    private static Length near(BoxPlan plan, Length length) {
        Length fine = plan.unit().fine();
        return length.plus(fine.dividedBy(2)).downTo(fine);
    }
}
