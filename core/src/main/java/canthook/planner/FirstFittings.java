package canthook.planner;

import canthook.length.Length;
import canthook.panel.GrooveRun;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.Fitting.CornerPin;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Feet;
import canthook.plan.Fitting.Grip;
import canthook.plan.Fitting.Handle;
import canthook.plan.Fitting.Pegs;
import canthook.plan.Fitting.Run;
import canthook.plan.Fitting.Which;
import canthook.plan.Part;
import canthook.plan.Stuff;
import canthook.size.SizedBox;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What a fitting begins with: something that can be made, near what is usual, where there is room for it. */
final class FirstFittings {
    private static final Stuff PLYWOOD = new Stuff("sheet-plywood", 0);
    private static final double USUAL = 6;

    private FirstFittings() {}

    /** A divider more, in the middle of the widest cell. */
    static BoxPlan divider(WorkedPlan worked, Run run) {
        SizedBox box = worked.size();
        Length inside = (run == Run.ACROSS ? box.insideLength() : box.insideWidth()).length();
        List<Length> edges = new ArrayList<>(List.of(Length.ZERO));
        worked.plan().fittings().stream()
                .filter(Divider.class::isInstance)
                .map(Divider.class::cast)
                .filter(d -> d.run() == run)
                .sorted(Comparator.comparing(Divider::at))
                .forEach(d -> {
                    edges.add(d.at().minus(d.thickness().dividedBy(2)));
                    edges.add(d.at().plus(d.thickness().dividedBy(2)));
                });
        edges.add(Length.longer(inside, Length.ZERO));
        Length at = inside.dividedBy(2);
        Length widest = Length.ZERO;
        for (int i = 0; i + 1 < edges.size(); i += 2) {
            Length cell = edges.get(i + 1).minus(edges.get(i));
            if (cell.isOver(widest)) {
                widest = cell;
                at = edges.get(i).plus(cell.dividedBy(2));
            }
        }
        Divider last = last(worked.plan());
        return added(
                worked.plan(),
                new Divider(
                        run,
                        Divider.AT.nearest(down(worked, at)),
                        last == null ? PLYWOOD : last.stuff(),
                        last == null ? usual(worked, USUAL) : last.thickness(),
                        last == null ? Divider.HEIGHT.nearest(height(worked)) : last.height(),
                        false,
                        null));
    }

    private static @org.jspecify.annotations.Nullable Divider last(BoxPlan plan) {
        return plan.fittings().stream()
                .filter(Divider.class::isInstance)
                .map(Divider.class::cast)
                .reduce((a, b) -> b)
                .orElse(null);
    }

    /** Nine tenths of what is there for it. */
    static Length height(WorkedPlan worked) {
        var under = worked.lid().insideHeight();
        Length room = under != null
                ? under.length()
                : worked.fingers().wall().length().minus(worked.walls().floorHeight());
        return down(worked, room.times(9).dividedBy(10));
    }

    /** The dividers that stand between what goes in, instead of those there were. */
    static BoxPlan fromContents(WorkedPlan worked) {
        List<Fitting> all = new ArrayList<>(worked.plan().fittings().stream()
                .filter(f -> !(f instanceof Divider))
                .toList());
        Length lid = height(worked).times(10).dividedBy(9);
        for (SizedBox.Place place : worked.size().contents()) {
            if (place.divider()) {
                boolean across = place.length().isUnder(place.width());
                Length thick = across ? place.length() : place.width();
                Length at = (across ? place.along() : place.across()).plus(thick.dividedBy(2));
                all.add(new Divider(
                        across ? Run.ACROSS : Run.ALONG,
                        Divider.AT.nearest(at),
                        PLYWOOD,
                        Divider.THICKNESS.nearest(thick),
                        Divider.HEIGHT.nearest(Length.shorter(place.height(), lid)),
                        false,
                        null));
            }
        }
        return worked.plan().withFittings(all);
    }

    /** A grip in B, and another in D. */
    static BoxPlan grip(WorkedPlan worked) {
        boolean inB = worked.plan().fittings().stream().anyMatch(f -> f instanceof Grip g && g.wall() == Part.B);
        return added(
                worked.plan(),
                new Grip(inB ? Part.D : Part.B, usual(worked, 100), usual(worked, 28), usual(worked, 22)));
    }

    /** Pegs through the outer fingers, as thick as they may be, to half a millimetre; those there are stay. */
    static BoxPlan pegs(WorkedPlan worked) {
        if (worked.plan().fittings().stream().anyMatch(Pegs.class::isInstance)) {
            return worked.plan();
        }
        Length third = Length.shorter(
                        worked.fingers().chosen().finger().length(),
                        worked.size().thinnestWall().length())
                .dividedBy(3);
        Length half = usual(worked, 0.5);
        return added(
                worked.plan(),
                new Pegs(Pegs.DIAMETER.nearest(half.times(third.nanometres() / half.nanometres())), Which.OUTER));
    }

    /** A nail a quarter of the wall thick down each corner, or as thick as passes behind the grooves; those there are stay. */
    static BoxPlan cornerPin(WorkedPlan worked) {
        if (worked.plan().fittings().stream().anyMatch(CornerPin.class::isInstance)) {
            return worked.plan();
        }
        Length wall = worked.size().thinnestWall().length();
        Length thick = wall.dividedBy(4);
        for (GrooveRun run : worked.grooves()) {
            Length behind = wall.minus(run.groove().groove().depth().times(2)).minus(Length.mm(0.1));
            thick = Length.shorter(thick, behind);
        }
        return added(worked.plan(), new CornerPin(CornerPin.DIAMETER.nearest(down(worked, thick)), false));
    }

    /** A bar a third of the lid's length; on a small lid a knob, without a lid none. */
    static BoxPlan handle(WorkedPlan worked) {
        if (worked.lid().pieces().isEmpty() || worked.plan().fittings().stream().anyMatch(Handle.class::isInstance)) {
            return worked.plan();
        }
        Length third = down(worked, worked.size().outsideLength().length().dividedBy(3));
        Length bar = Length.shorter(third, usual(worked, 120));
        return added(
                worked.plan(),
                bar.isUnder(usual(worked, 45))
                        ? new Handle(usual(worked, 16), usual(worked, 16), usual(worked, 16), null)
                        : new Handle(
                                bar,
                                usual(worked, 18),
                                usual(worked, 18),
                                down(worked, bar.times(2).dividedBy(3))));
    }

    /** Four feet of 20, 10 high, at the corners; those there are stay. */
    static BoxPlan feet(WorkedPlan worked) {
        if (worked.plan().fittings().stream().anyMatch(Feet.class::isInstance)) {
            return worked.plan();
        }
        return added(worked.plan(), new Feet(usual(worked, 20), usual(worked, 10), Length.ZERO));
    }

    /** A usual size as the makers of the plan's unit have it. */
    static Length usual(WorkedPlan worked, double millimetres) {
        return worked.plan().unit().usual(millimetres);
    }

    /** Down to what a size that nobody told is rounded to. */
    static Length down(WorkedPlan worked, Length length) {
        return length.downTo(worked.plan().unit().fine());
    }

    static BoxPlan added(BoxPlan plan, Fitting fitting) {
        List<Fitting> all = new ArrayList<>(plan.fittings());
        all.add(fitting);
        return plan.withFittings(all);
    }
}
