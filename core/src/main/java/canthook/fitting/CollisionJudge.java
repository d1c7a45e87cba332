package canthook.fitting;

import canthook.fitting.Collisions.Pair;
import canthook.length.Length;
import canthook.length.Precision;
import canthook.plan.CardSlit;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Which;
import canthook.plan.UprightHandle;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What of two that want the same wood gives way: to the nearest free place, to another size, or out of the box. */
record CollisionJudge(FittingJudge at) {
    void collision(Pair pair) {
        WorkedFitting one = of(pair.one());
        WorkedFitting other = of(pair.other());
        if (one == null) {
            return;
        }
        at.verdicts().stop(Code.FITTINGS_COLLIDE, one.place(), pair.says(at.display()), () -> mends(one, other, pair));
    }

    private @Nullable WorkedFitting of(Feature feature) {
        for (WorkedFitting fitting : at.all()) {
            if (feature.of().equals(Feature.of(fitting.index()))) {
                return fitting;
            }
        }
        return null;
    }

    private List<Fix> mends(WorkedFitting one, @Nullable WorkedFitting other, Pair pair) {
        List<Fix> fixes = new ArrayList<>(mends(one, pair));
        if (other != null) {
            fixes.addAll(mends(other, new Pair(pair.other(), pair.one())));
        }
        return fixes;
    }

    private List<Fix> mends(WorkedFitting fitting, Pair pair) {
        return fitting.fold(new WorkedFitting.Kinds<List<Fix>>(
                divider -> Stream.concat(
                                new DividerJudge(at).aside(divider, pair).stream(),
                                Stream.of(at.without(divider.index())))
                        .toList(),
                grip -> away(grip, pair),
                pegs -> elsewhere(pegs),
                pin -> thinner(pin, pair),
                handle -> List.of(),
                feet -> List.of(),
                tray -> List.of(),
                base -> List.of(),
                upright -> List.of(withoutHandle(upright)),
                block -> List.of(),
                stay -> along(stay),
                slit -> List.of(at.without(slit.index())),
                label -> under(label, pair),
                lining -> List.of(),
                second -> List.of()));
    }

    /** With the last handle goes the slit in its top. */
    private Fix withoutHandle(HandleUpright handle) {
        Fix without = at.without(handle.index());
        List<Fitting> left = without.after().fittings();
        boolean slit = left.stream().anyMatch(f -> f instanceof CardSlit in && in.in() == CardSlit.In.HANDLE);
        if (!slit || left.stream().anyMatch(UprightHandle.class::isInstance)) {
            return without;
        }
        return new Fix(
                without.label() + ", and the slit in it",
                at.plan()
                        .withFittings(left.stream()
                                .filter(f -> !(f instanceof CardSlit in && in.in() == CardSlit.In.HANDLE))
                                .toList()));
    }

    /** The grip goes under what it meets, or over it. */
    private List<Fix> away(GripHole grip, Pair pair) {
        Length top = at.around().ladder().joint().top(grip.told().wall());
        List<Fix> fixes = new ArrayList<>();
        Length under = at.up(top.minus(pair.other().low()));
        Length over = at.down(top.minus(pair.other().high()).minus(grip.told().diameter()));
        for (Length to : List.of(over, under)) {
            if (!to.isUnder(FittingJudge.LEAST_UNDER)
                    && !to.plus(grip.told().diameter()).isOver(top)) {
                fixes.add(new Fix(
                        "Put the grip " + at.display().text(to, Precision.LAYOUT) + " under the edge",
                        at.plan().with(grip.index(), grip.told().withUnder(to))));
            }
        }
        fixes.add(at.without(grip.index()));
        return fixes;
    }

    /** The label goes under what it meets, or over it. */
    private List<Fix> under(LabelIn label, Pair pair) {
        Length top = at.around().ladder().joint().top(label.told().wall());
        List<Fix> fixes = new ArrayList<>();
        Length over = at.down(top.minus(pair.other().high()).minus(label.told().high()));
        for (Length to : List.of(over, at.up(top.minus(pair.other().low())))) {
            if (!to.isNegative() && !to.plus(label.told().high()).isOver(top)) {
                fixes.add(new Fix(
                        "Put the label " + at.display().text(to, Precision.LAYOUT) + " under the edge",
                        at.with(label.index(), label.told().withUnder(to))));
            }
        }
        fixes.add(at.without(label.index()));
        return fixes;
    }

    /** A stay goes to the nearest place along its wall where its screws meet nothing. */
    private List<Fix> along(StayAt stay) {
        Feature own = stay.features().get(0);
        Length whole = Collisions.along(at.around().box(), own.part());
        Length nearest = at.nearest();
        for (Length step = nearest; step.isUnder(whole); step = step.plus(nearest)) {
            for (Length by : List.of(step, step.negated())) {
                Feature there = own.moved(by);
                if (!there.from().isNegative() && !there.to().isOver(whole) && at.isFree(there, stay.index())) {
                    Length place = stay.told().along().plus(by);
                    return List.of(
                            new Fix(
                                    "Put it at " + at.display().text(place, Precision.LAYOUT),
                                    at.with(stay.index(), stay.told().withAlong(place))),
                            at.without(stay.index()));
                }
            }
        }
        return List.of(at.without(stay.index()));
    }

    /** A pin that is thin enough passes behind a groove: twice what lies between the groove's floor and the pin's middle. */
    private List<Fix> thinner(PinDownCorner pin, Pair pair) {
        Length middle = pair.one().in().plus(pair.one().out()).dividedBy(2);
        List<Fix> fixes = new ArrayList<>(
                at.slimmer(pin, middle.minus(pair.other().out()).times(2).minus(at.least())));
        List<Fitting> without = new ArrayList<>(at.plan().fittings());
        without.remove(pin.index());
        fixes.add(new Fix("Take the pins out", at.plan().withFittings(without)));
        return fixes;
    }

    /** Pegs that meet something go where nothing is, or into fewer fingers; more of them would meet it too. */
    private List<Fix> elsewhere(PegsThrough pegs) {
        return List.of(
                pegged(pegs, Which.FREE, "Peg those that are free"),
                pegged(pegs, Which.EVERY_SECOND, "Peg every second finger"),
                pegged(pegs, Which.OUTER, "Peg the outer fingers alone"),
                at.without(pegs.index()));
    }

    private Fix pegged(PegsThrough pegs, Which which, String words) {
        return new Fix(words, at.plan().with(pegs.index(), pegs.told().with(which)));
    }
}
