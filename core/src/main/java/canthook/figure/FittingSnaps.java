package canthook.figure;

import canthook.fitting.StayAt;
import canthook.fitting.WorkedFitting;
import canthook.length.Length;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import java.util.ArrayList;
import java.util.List;

/**
 * Where what is dragged on the walls wants to be: its middle at the wall's or at a finger's, a stay in the middle of its wall, what lies
 * over the inside at a half and at thirds of it. Told as values of the field that is dragged, in marks {@code snap-fittings.0}.
 */
final class FittingSnaps {
    private FittingSnaps() {}

    static void onWalls(Drawing d, WorkedPlan worked) {
        for (WorkedFitting fitting : worked.fittings().all()) {
            for (Length value : values(worked, fitting)) {
                if (!value.isNegative()) {
                    d.mark("snap-fittings." + fitting.index(), "snap", value.mm(), value.mm(), "", null);
                }
            }
        }
    }

    /** In the box from above: a stay along its wall, feet flush or under the walls’ inside, a base flush or out by its thickness. */
    static void fromAbove(Drawing d, WorkedPlan worked) {
        for (WorkedFitting fitting : worked.fittings().all()) {
            for (Length value : fromAbove(worked, fitting)) {
                d.mark("snap-fittings." + fitting.index(), "snap", value.mm(), value.mm(), "", null);
            }
            if (fitting instanceof StayAt stay) {
                double whole = (stay.told().wall().isSide()
                                ? worked.size().outsideLength()
                                : worked.size().outsideWidth())
                        .length()
                        .mm();
                d.mark("snap-along-fittings." + fitting.index(), "snap", whole / 2, whole / 2, "", null);
            }
        }
    }

    private static List<Length> fromAbove(WorkedPlan worked, WorkedFitting fitting) {
        Length wall = worked.size().finalThickness().length();
        return fitting.fold(new WorkedFitting.Kinds<List<Length>>(
                divider -> List.of(),
                grip -> List.of(),
                pegs -> List.of(),
                pin -> List.of(),
                handle -> List.of(),
                feet -> List.of(Length.ZERO, wall),
                tray -> List.of(),
                base -> List.of(Length.ZERO, base.told().thickness()),
                upright -> List.of(),
                block -> List.of(),
                stay -> List.of(),
                slit -> List.of(),
                label -> List.of(),
                lining -> List.of(),
                second -> List.of()));
    }

    private static List<Length> values(WorkedPlan worked, WorkedFitting fitting) {
        return fitting.fold(new WorkedFitting.Kinds<List<Length>>(
                divider -> List.of(),
                grip -> centred(worked, grip.told().wall(), grip.told().diameter()),
                pegs -> List.of(),
                pin -> List.of(),
                handle -> List.of(),
                feet -> List.of(),
                tray -> shares(worked),
                base -> List.of(),
                upright -> List.of(),
                block -> List.of(),
                stay -> centred(worked, stay.told().wall(), Length.ZERO),
                slit -> List.of(),
                label -> centred(worked, label.told().wall(), label.told().high()),
                lining -> List.of(),
                second -> shares(worked)));
    }

    /** Its upper edge under the wall's where its middle is the wall's middle, or a finger's. */
    private static List<Length> centred(WorkedPlan worked, Part wall, Length high) {
        Length top = worked.fingers().joint().top(wall);
        Length half = high.dividedBy(2);
        List<Length> values = new ArrayList<>(List.of(top.dividedBy(2).minus(half)));
        worked.fingers()
                .joint()
                .fingers(new PartEnd(wall, 1))
                .forEach(f ->
                        values.add(top.minus(f.from().plus(f.to()).dividedBy(2)).minus(half)));
        return values;
    }

    private static List<Length> shares(WorkedPlan worked) {
        Length room = worked.lid().insideHeight() == null
                ? worked.fingers().wall().length().minus(worked.walls().floorHeight())
                : worked.lid().insideHeight().length();
        return List.of(
                worked.plan().unit().down(room.dividedBy(2)),
                worked.plan().unit().down(room.dividedBy(3)),
                worked.plan().unit().down(room.times(2).dividedBy(3)));
    }
}
