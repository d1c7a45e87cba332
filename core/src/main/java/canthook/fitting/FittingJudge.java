package canthook.fitting;

import canthook.fingers.Ladder;
import canthook.fitting.Collisions.Pair;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.lid.WorkedLid;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.Fitting.CornerPin;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Pegs;
import canthook.plan.Fitting.Run;
import canthook.plan.Fitting.Which;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.WallDemands;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What is looked at of each fitting, and of each two that want the same wood. */
record FittingJudge(
        BoxPlan plan,
        WallDemands walls,
        SizedBox box,
        Ladder ladder,
        WorkedLid lid,
        List<Feature> ofBox,
        Verdicts verdicts) {
    private static final Length LEAST_UNDER = Length.mm(20);
    private static final Length NEAREST = Length.mm(2);
    private static final Length TENTH = Length.mm(0.1);

    void of(WorkedFitting fitting, List<WorkedFitting> all) {
        fitting.<Runnable>fold(new WorkedFitting.Kinds<>(
                        divider -> () -> divider(divider, all),
                        grip -> () -> grip(grip),
                        pegs -> () -> pegs(pegs),
                        pin -> () -> pin(pin, all),
                        handle -> () -> handle(handle),
                        feet -> () -> feet(feet, all)))
                .run();
    }

    private LengthDisplay display() {
        return plan.display();
    }

    private void divider(DividerIn divider, List<WorkedFitting> all) {
        Divider told = divider.told();
        Length inside = (told.run() == Run.ACROSS ? box.insideLength() : box.insideWidth()).length();
        Length half = told.thickness().dividedBy(2);
        if (told.at().isUnder(half) || told.at().isOver(inside.minus(half))) {
            verdicts.stop(
                    Code.DIVIDER_OFF_BOX,
                    divider.place(),
                    "Divider " + (divider.index() + 1) + " stands in the wall: the inside is "
                            + display().text(inside, Precision.LAYOUT) + ".",
                    new Fix(
                            "Put it in the middle",
                            plan.with(divider.index(), told.withAt(Fittings.tenths(inside.dividedBy(2))))));
            return;
        }
        for (WorkedFitting other : all) {
            if (other instanceof DividerIn near
                    && near.index() < divider.index()
                    && near.told().run() == told.run()
                    && near.told()
                            .at()
                            .minus(told.at())
                            .abs()
                            .isUnder(half.plus(near.told().thickness().dividedBy(2))
                                    .plus(NEAREST))) {
                verdicts.stop(
                        Code.DIVIDERS_MEET,
                        divider.place(),
                        "Divider " + (divider.index() + 1) + " stands in " + near.called()
                                + ", or leaves less than a chip between them.",
                        free(divider, all)
                                .map(at -> List.of(moved(divider, at)))
                                .orElse(List.of())
                                .toArray(new Fix[0]));
                break;
            }
        }
        Length wall = (told.run() == Run.ACROSS ? box.finalThickness() : box.finalEndThickness()).length();
        Worked dado = divider.dado();
        if (dado != null && dado.length().isOver(wall.dividedBy(3).plus(new Length(1)))) {
            verdicts.mind(
                    Code.DADO_DEEP,
                    dado.id(),
                    "A dado deeper than a third of the wall weakens it.",
                    wall.dividedBy(3).isUnder(Divider.DADO.least())
                            ? List.of()
                            : List.of(new Fix(
                                    "Make it " + display().text(wall.dividedBy(3), Precision.FIT) + " deep",
                                    plan.with(divider.index(), told.withDado(wall.dividedBy(3))))));
        }
        highest(divider);
    }

    private void highest(DividerIn divider) {
        Length room = room();
        if (divider.highest().length().isOver(room)) {
            Length fits = room.times(
                    divider.told().height().dividedBy(divider.highest().length()));
            Length less = TENTH.times(fits.nanometres() / TENTH.nanometres());
            verdicts.mind(
                    Code.DIVIDER_TOO_HIGH,
                    divider.height().id(),
                    "On the wettest day " + divider.called() + " is "
                            + divider.highest().text(display())
                            + " high, and " + display().text(room, Precision.LAYOUT)
                            + " is there for it" + (lid.insideHeight() == null ? "." : " under the lid."),
                    less.isUnder(Divider.HEIGHT.least())
                            ? List.of()
                            : List.of(new Fix(
                                    "Make it " + display().text(less, Precision.LAYOUT) + " high",
                                    plan.with(divider.index(), divider.told().withHeight(less)))));
        }
    }

    /** From the floor to what closes the box. */
    private Length room() {
        Worked under = lid.insideHeight();
        return under != null ? under.length() : ladder.wall().length().minus(walls.floorHeight());
    }

    private void grip(GripHole grip) {
        if (grip.told().under().isUnder(LEAST_UNDER)) {
            verdicts.mind(
                    Code.GRIP_NEAR_EDGE,
                    grip.place(),
                    "Less than " + display().text(LEAST_UNDER, Precision.LAYOUT)
                            + " of wood over the grip breaks out when the box is full.",
                    new Fix(
                            "Put it " + display().text(LEAST_UNDER, Precision.LAYOUT) + " under the edge",
                            plan.with(grip.index(), grip.told().withUnder(LEAST_UNDER))));
        }
        Feature hole = grip.features().get(0);
        if (hole.low().isNegative()
                || hole.from().isNegative()
                || hole.to().isOver(Collisions.along(box, hole.part()))) {
            verdicts.stop(Code.GRIP_OFF_WALL, grip.place(), "The grip is larger than the wall it is cut in.");
        }
    }

    private void pegs(PegsThrough pegs) {
        if (pegs.told().diameter().isOver(pegs.thickest().length())) {
            Length less = TENTH.times(pegs.thickest().length().nanometres() / TENTH.nanometres());
            verdicts.mind(
                    Code.PEG_THICK,
                    pegs.thickest().id(),
                    "A peg over a third of the finger, or of the wall, splits it: at most "
                            + pegs.thickest().text(display()) + " here.",
                    less.isUnder(Pegs.DIAMETER.least())
                            ? List.of()
                            : List.of(new Fix(
                                    "Take pegs of " + display().text(less, Precision.FIT),
                                    plan.with(pegs.index(), pegs.told().withDiameter(less)))));
        }
    }

    private void pin(PinDownCorner pin, List<WorkedFitting> all) {
        if (all.stream().anyMatch(f -> f instanceof PinDownCorner && f.index() < pin.index())) {
            List<Fitting> without = new ArrayList<>(plan.fittings());
            without.remove(pin.index());
            verdicts.stop(
                    Code.PIN_THICK,
                    pin.place(),
                    "There is a pin down every corner already.",
                    new Fix("Take these out", plan.withFittings(without)));
        } else if (pin.told().diameter().isOver(pin.thickest().length())) {
            verdicts.mind(
                    Code.PIN_THICK,
                    pin.thickest().id(),
                    "A pin over a third of the wall splits it: at most "
                            + pin.thickest().text(display()) + " here.",
                    slimmer(pin, pin.thickest().length()));
        }
    }

    private List<Fix> slimmer(PinDownCorner pin, Length most) {
        Length less = TENTH.times(most.nanometres() / TENTH.nanometres());
        return less.isUnder(CornerPin.DIAMETER.least())
                ? List.of()
                : List.of(new Fix(
                        "Take a pin of " + display().text(less, Precision.FIT),
                        plan.with(pin.index(), pin.told().withDiameter(less))));
    }

    /** A pin that is thin enough passes behind a groove: twice what lies between the groove's floor and the pin's middle. */
    private List<Fix> thinner(PinDownCorner pin, Pair pair) {
        Length middle = pair.one().in().plus(pair.one().out()).dividedBy(2);
        List<Fix> fixes = new ArrayList<>(
                slimmer(pin, middle.minus(pair.other().out()).times(2).minus(TENTH)));
        List<Fitting> without = new ArrayList<>(plan.fittings());
        without.remove(pin.index());
        fixes.add(new Fix("Take the pins out", plan.withFittings(without)));
        return fixes;
    }

    private void handle(HandleOnLid handle) {
        List<Fitting> without = new ArrayList<>(plan.fittings());
        without.remove(handle.index());
        Fix out = new Fix("Take the handle out", plan.withFittings(without));
        if (handle.lid() == null) {
            verdicts.stop(Code.HANDLE_OFF_LID, handle.place(), "There is no lid the handle could sit on.", out);
        } else if (handle.isOffLid()) {
            verdicts.stop(
                    Code.HANDLE_OFF_LID, handle.place(), "The handle is larger than the lid it is to sit on.", out);
        }
    }

    private void feet(FeetUnder feet, List<WorkedFitting> all) {
        if (all.stream().anyMatch(f -> f instanceof FeetUnder && f.index() < feet.index())) {
            List<Fitting> without = new ArrayList<>(plan.fittings());
            without.remove(feet.index());
            verdicts.stop(
                    Code.FEET_MEET,
                    feet.place(),
                    "There are feet under the box already.",
                    new Fix("Take these out", plan.withFittings(without)));
            return;
        }
        Length least =
                Length.shorter(box.outsideLength().length(), box.outsideWidth().length());
        if (feet.told().inset().plus(feet.told().square()).times(2).isOver(least)) {
            verdicts.stop(Code.FEET_MEET, feet.place(), "The feet are so large, or so far in, that they meet.");
        }
    }

    void collision(Pair pair, List<WorkedFitting> all) {
        WorkedFitting one = of(pair.one(), all);
        WorkedFitting other = of(pair.other(), all);
        if (one == null) {
            return;
        }
        List<Fix> fixes = new ArrayList<>(mends(one, pair, all));
        if (other != null) {
            fixes.addAll(mends(other, new Pair(pair.other(), pair.one()), all));
        }
        verdicts.stop(Code.FITTINGS_COLLIDE, one.place(), pair.says(display()), fixes.toArray(new Fix[0]));
    }

    private static @Nullable WorkedFitting of(Feature feature, List<WorkedFitting> all) {
        return all.stream()
                .filter(f -> ("f" + (f.index() + 1)).equals(feature.of()))
                .findFirst()
                .orElse(null);
    }

    private List<Fix> mends(WorkedFitting fitting, Pair pair, List<WorkedFitting> all) {
        return fitting.fold(new WorkedFitting.Kinds<List<Fix>>(
                divider -> aside(divider, pair, all),
                grip -> away(grip, pair),
                pegs -> others(pegs),
                pin -> thinner(pin, pair),
                handle -> List.of(),
                feet -> List.of()));
    }

    /** A divider goes aside, or ends below what it meets. */
    private List<Fix> aside(DividerIn divider, Pair pair, List<WorkedFitting> all) {
        List<Fix> fixes = new ArrayList<>();
        free(divider, all).ifPresent(at -> fixes.add(moved(divider, at)));
        Length lower = pair.other().low().minus(pair.one().low());
        if (!lower.isUnder(Divider.HEIGHT.least())) {
            fixes.add(new Fix(
                    "End " + divider.called() + " at " + display().text(lower, Precision.LAYOUT),
                    plan.with(divider.index(), divider.told().withHeight(lower))));
        }
        return fixes;
    }

    private Fix moved(DividerIn divider, Length at) {
        return new Fix(
                "Move " + divider.called() + " to " + display().text(at, Precision.LAYOUT),
                plan.with(divider.index(), divider.told().withAt(at)));
    }

    /** The grip goes under what it meets, or over it. */
    private List<Fix> away(GripHole grip, Pair pair) {
        Length top = ladder.joint().top(grip.told().wall());
        List<Fix> fixes = new ArrayList<>();
        Length under = top.minus(pair.other().low());
        Length over = top.minus(pair.other().high()).minus(grip.told().diameter());
        for (Length to : List.of(over, under)) {
            if (!to.isUnder(LEAST_UNDER) && !to.plus(grip.told().diameter()).isOver(top)) {
                fixes.add(new Fix(
                        "Put the grip " + display().text(to, Precision.LAYOUT) + " under the edge",
                        plan.with(grip.index(), grip.told().withUnder(to))));
            }
        }
        return fixes;
    }

    private List<Fix> others(PegsThrough pegs) {
        List<Fix> fixes = new ArrayList<>();
        for (Which which : Which.values()) {
            if (which != pegs.told().which()) {
                fixes.add(new Fix(
                        switch (which) {
                            case ALL -> "Peg every finger";
                            case EVERY_SECOND -> "Peg every second finger";
                            case OUTER -> "Peg the outer fingers alone";
                        },
                        plan.with(pegs.index(), pegs.told().with(which))));
            }
        }
        return fixes;
    }

    /** The nearest place to the one it has where a divider meets nothing and stands clear of the others. */
    private Optional<Length> free(DividerIn divider, List<WorkedFitting> all) {
        Divider told = divider.told();
        Length inside = (told.run() == Run.ACROSS ? box.insideLength() : box.insideWidth()).length();
        Length half = Length.longer(
                told.thickness(),
                divider.dadoWide() == null
                        ? told.thickness()
                        : divider.dadoWide().length());
        List<Length> candidates = new ArrayList<>();
        for (Length step = NEAREST; step.isUnder(inside); step = step.plus(NEAREST)) {
            candidates.add(told.at().minus(step));
            candidates.add(told.at().plus(step));
        }
        return candidates.stream()
                .filter(at -> !at.isUnder(half) && !at.isOver(inside.minus(half)))
                .sorted(Comparator.comparing((Length at) -> at.minus(told.at()).abs()))
                .filter(at -> isFree(divider, at, all))
                .findFirst();
    }

    private boolean isFree(DividerIn divider, Length at, List<WorkedFitting> all) {
        boolean across = divider.told().run() == Run.ACROSS;
        Length by = across ? at.minus(divider.told().at()) : divider.told().at().minus(at);
        for (Feature own : divider.features()) {
            Feature there = own.moved(by);
            boolean meets = ofBox.stream().anyMatch(there::meets)
                    || all.stream()
                            .filter(f -> f.index() != divider.index())
                            .flatMap(f -> f.features().stream())
                            .anyMatch(there::meets);
            if (meets) {
                return false;
            }
        }
        return all.stream()
                .noneMatch(f -> f instanceof DividerIn near
                        && near.index() != divider.index()
                        && near.told().run() == divider.told().run()
                        && near.told()
                                .at()
                                .minus(at)
                                .abs()
                                .isUnder(divider.told()
                                        .thickness()
                                        .plus(near.told().thickness())
                                        .dividedBy(2)
                                        .plus(NEAREST)));
    }
}
