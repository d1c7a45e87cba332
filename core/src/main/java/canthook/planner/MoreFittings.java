package canthook.planner;

import static canthook.planner.FirstFittings.down;
import static canthook.planner.FirstFittings.usual;

import canthook.length.Length;
import canthook.lid.WorkedLid;
import canthook.plan.BasePlate;
import canthook.plan.BoxPlan;
import canthook.plan.CardSlit;
import canthook.plan.FingeredBlock;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Handle;
import canthook.plan.LabelRecess;
import canthook.plan.Lining;
import canthook.plan.Part;
import canthook.plan.SecondFloor;
import canthook.plan.Stay;
import canthook.plan.Stuff;
import canthook.plan.Tray;
import canthook.plan.UprightHandle;
import canthook.size.SizedBox;
import canthook.walls.GrooveAsked;

/**
 * What trays, floors, handles and what is let into the walls begin with: made for the room there is.
 *
 * <pre>
 * a tray            a third of the inside high, its top a tenth under what closes the box, over dividers that stand there
 * a base            10 over the walls, as thick as they are
 * an upright handle 60 over the walls of an open box, thick enough for shoulders of 4; under a lid as high as there is room
 * a block           70 long, as thick as the walls
 * a stay            40 from the corner of the end B, 20 under its edge
 * a slit            half as deep as the wall is thick, leaning 10°
 * a label           50 × 16, 1.5 deep, in the front’s middle
 * a lining          felt of 2, the floor too
 * a second floor    plywood of 4, halfway up
 * </pre>
 */
final class MoreFittings {
    private static final Stuff PLYWOOD = new Stuff("sheet-plywood", 0);

    private MoreFittings() {}

    private static BoxPlan unlessThere(WorkedPlan worked, Class<? extends Fitting> kind, Fitting fitting) {
        return worked.plan().fittings().stream().anyMatch(kind::isInstance)
                ? worked.plan()
                : FirstFittings.added(worked.plan(), fitting);
    }

    /** From the floor to what closes the box. */
    private static Length room(WorkedPlan worked) {
        return FirstFittings.height(worked).times(10).dividedBy(9);
    }

    static BoxPlan tray(WorkedPlan worked) {
        Length room = room(worked);
        Length stands = worked.plan().fittings().stream()
                .filter(Divider.class::isInstance)
                .map(f -> ((Divider) f).height().times(1.03))
                .reduce(Length.ZERO, Length::longer);
        Length high = down(worked, room.dividedBy(3));
        Length over = Length.longer(
                room.times(9).dividedBy(10).minus(high),
                stands.plus(worked.plan().unit().fine()));
        if (over.plus(high).isOver(room)) {
            high = room.minus(over).times(9).dividedBy(10);
        }
        Length inside = worked.size().insideWidth().length();
        return unlessThere(
                worked,
                Tray.class,
                new Tray(
                        Tray.OVER.nearest(down(worked, over)),
                        Tray.HEIGHT.nearest(down(worked, high)),
                        null,
                        usual(worked, 1),
                        Tray.RUNNER.nearest(Length.shorter(usual(worked, 8), down(worked, inside.dividedBy(6)))),
                        1,
                        worked.plan().walls()));
    }

    static BoxPlan base(WorkedPlan worked) {
        return unlessThere(
                worked,
                BasePlate.class,
                new BasePlate(
                        worked.plan().walls(),
                        BasePlate.THICKNESS.nearest(
                                worked.size().finalThickness().length()),
                        usual(worked, 10)));
    }

    static BoxPlan upright(WorkedPlan worked) {
        boolean open = worked.lid().pieces().isEmpty();
        Length room = room(worked);
        Length high = open ? down(worked, room.plus(usual(worked, 60))) : FirstFittings.height(worked);
        Length inside = worked.size().insideLength().length();
        Length grip =
                Length.shorter(usual(worked, 110), down(worked, inside.times(6).dividedBy(10)));
        Length bored = Length.shorter(usual(worked, 30), down(worked, high.dividedBy(4)));
        Length hole = UprightHandle.DIAMETER.nearest(Length.shorter(bored, grip));
        return unlessThere(
                worked,
                UprightHandle.class,
                new UprightHandle(
                        worked.plan().walls(),
                        usual(worked, 18),
                        UprightHandle.HEIGHT.nearest(high),
                        usual(worked, 4),
                        null,
                        UprightHandle.GRIP.nearest(Length.longer(grip, hole)),
                        hole,
                        usual(worked, 22),
                        usual(worked, 6)));
    }

    static BoxPlan block(WorkedPlan worked) {
        boolean handle = worked.plan().fittings().stream().anyMatch(Handle.class::isInstance);
        if (worked.lid().pieces().isEmpty() || handle) {
            return worked.plan();
        }
        Length third = down(worked, worked.size().outsideLength().length().dividedBy(3));
        Length thick = FingeredBlock.THICKNESS.nearest(
                Length.shorter(worked.size().thickness().length(), usual(worked, 15)));
        return unlessThere(
                worked,
                FingeredBlock.class,
                new FingeredBlock(
                        FingeredBlock.ALONG.nearest(Length.shorter(third, usual(worked, 70))),
                        thick,
                        Length.longer(usual(worked, 24), thick),
                        Length.longer(usual(worked, 28), thick)));
    }

    static BoxPlan stay(WorkedPlan worked) {
        if (worked.lid().pieces().isEmpty()) {
            return worked.plan();
        }
        boolean hinged = worked.lid()
                .fold(new WorkedLid.Kinds<>(
                        none -> false,
                        sliding -> false,
                        sawn -> sawn.hinges() != null,
                        onTop -> onTop.hinges() != null));
        Length whole = worked.size().outsideWidth().length();
        Length along = Length.longer(
                Length.shorter(usual(worked, 40), whole.dividedBy(2)),
                worked.size().finalThickness().length().plus(usual(worked, 4)));
        return FirstFittings.added(
                worked.plan(),
                hinged
                        ? new Stay(Stay.What.STAY, Part.B, down(worked, along), usual(worked, 14))
                        : new Stay(
                                Stay.What.CATCH,
                                Part.C,
                                down(
                                        worked,
                                        worked.size().outsideLength().length().dividedBy(2)),
                                usual(worked, 14)));
    }

    static BoxPlan slit(WorkedPlan worked) {
        Length thick = worked.size().finalEndThickness().length();
        return FirstFittings.added(
                worked.plan(),
                new CardSlit(
                        CardSlit.In.D,
                        usual(worked, 1.2),
                        CardSlit.DEEP.nearest(down(worked, thick.dividedBy(2))),
                        10.0));
    }

    static BoxPlan label(WorkedPlan worked) {
        Length top = worked.fingers().joint().top(Part.B);
        Length wide = Length.shorter(
                usual(worked, 50),
                down(worked, worked.size().insideWidth().length().dividedBy(2)));
        Length high = Length.shorter(usual(worked, 16), down(worked, top.dividedBy(4)));
        Length thick = worked.size().finalEndThickness().length();
        Length bottom = worked.walls()
                .groove("bottom")
                .map(GrooveAsked::groove)
                .map(g -> g.top())
                .orElse(Length.ZERO);
        Length under = down(worked, top.minus(bottom).minus(high).dividedBy(2));
        return FirstFittings.added(
                worked.plan(),
                new LabelRecess(
                        Part.B,
                        LabelRecess.WIDE.nearest(wide),
                        LabelRecess.HIGH.nearest(high),
                        LabelRecess.DEEP.nearest(Length.shorter(usual(worked, 1.5), thick.dividedBy(4))),
                        LabelRecess.UNDER.nearest(under)));
    }

    static BoxPlan lining(WorkedPlan worked) {
        return unlessThere(worked, Lining.class, new Lining(usual(worked, 2), true));
    }

    static BoxPlan secondFloor(WorkedPlan worked) {
        SizedBox box = worked.size();
        Length cleat = SecondFloor.CLEAT.nearest(Length.shorter(
                usual(worked, 8), down(worked, box.insideWidth().length().dividedBy(6))));
        Length over = Length.longer(cleat, down(worked, room(worked).dividedBy(2)));
        return unlessThere(
                worked,
                SecondFloor.class,
                new SecondFloor(PLYWOOD, usual(worked, 4), SecondFloor.OVER.nearest(over), cleat, usual(worked, 1)));
    }
}
