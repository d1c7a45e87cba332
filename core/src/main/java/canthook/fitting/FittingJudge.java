package canthook.fitting;

import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.Fitting.CornerPin;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Grip;
import canthook.plan.Fitting.Pegs;
import canthook.refusal.Bounds;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What is looked at of each fitting; {@link CollisionJudge} looks at each two that want the same wood.
 *
 * @param standing boards that stand on the floor from wall to wall
 */
record FittingJudge(
        Around around, List<Feature> ofBox, List<WorkedFitting> all, List<StandsThrough> standing, Verdicts verdicts) {
    static final Length LEAST_UNDER = Length.mm(20);
    private static final double NEAREST = 2;

    /** Each by itself. */
    void judge() {
        WorkedFitting.Kinds<Runnable> kinds = new WorkedFitting.Kinds<>(
                divider -> () -> new DividerJudge(this).judge(divider),
                grip -> () -> grip(grip),
                pegs -> () -> pegs(pegs),
                pin -> () -> pin(pin),
                handle -> () -> handle.judge(this),
                feet -> () -> feet(feet),
                tray -> () -> tray.judge(this),
                base -> () -> base.judge(this),
                upright -> () -> upright.judge(this),
                block -> () -> block.judge(this),
                stay -> () -> stay.judge(this),
                slit -> () -> slit.judge(this),
                label -> () -> label.judge(this),
                lining -> () -> lining.judge(this),
                second -> () -> second.judge(this));
        for (WorkedFitting fitting : all) {
            fitting.fold(kinds).run();
        }
    }

    BoxPlan plan() {
        return around.plan();
    }

    private SizedBox box() {
        return around.box();
    }

    LengthDisplay display() {
        return plan().display();
    }

    /** As the plan’s unit is measured, and no more. */
    Length down(Length length) {
        return plan().unit().down(length);
    }

    /** As the plan’s unit is measured, and no less. */
    Length up(Length length) {
        return plan().unit().up(length);
    }

    /** The least that can be measured in the plan’s unit. */
    Length least() {
        return plan().unit().fine();
    }

    /** The plan with another in its place. */
    BoxPlan with(int index, Fitting changed) {
        return plan().with(index, changed);
    }

    /** Takes it out. */
    Fix without(int index) {
        List<Fitting> left = new ArrayList<>(plan().fittings());
        left.remove(index);
        return new Fix("Take " + told(index) + " out", plan().withFittings(left));
    }

    /** What it is called; and which of them, where several are called the same. */
    private String told(int index) {
        String called = all.get(index).called();
        List<Integer> alike = all.stream()
                .filter(f -> f.called().equals(called))
                .map(WorkedFitting::index)
                .toList();
        return alike.size() == 1
                ? called
                : called + ", no. " + (alike.indexOf(index) + 1) + " of " + alike.size() + ",";
    }

    /** Whether what a fitting takes could be taken there: nothing of the box and of no other fitting meets it. */
    boolean isFree(Feature there, int index) {
        for (Feature other : ofBox) {
            if (there.meets(other)) {
                return false;
            }
        }
        for (WorkedFitting fitting : all) {
            if (fitting.index() != index) {
                for (Feature other : fitting.features()) {
                    if (there.meets(other)) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    /** Of some there is one, or none. */
    void once(WorkedFitting fitting, Class<? extends WorkedFitting> kind, Code code, String says) {
        if (all.stream().anyMatch(f -> kind.isInstance(f) && f.index() < fitting.index())) {
            verdicts.stop(code, fitting.place(), says, without(fitting.index()));
        }
    }

    /** What is screwed to the lid’s middle: there is a lid, it is large enough, and nothing else is there. */
    void onLid(WorkedFitting fitting, @Nullable LidMiddle middle, Length along, Length across) {
        boolean another = all.stream()
                .anyMatch(
                        f -> (f instanceof HandleOnLid || f instanceof BlockOfFingers) && f.index() < fitting.index());
        if (middle == null) {
            verdicts.stop(
                    Code.HANDLE_OFF_LID,
                    fitting.place(),
                    "There is no lid " + fitting.called() + " could sit on.",
                    without(fitting.index()));
        } else if (another) {
            verdicts.stop(
                    Code.FITTING_TWICE,
                    fitting.place(),
                    "There is a handle in the middle of the lid already.",
                    without(fitting.index()));
        } else if (along.isOver(middle.lid().along().length())
                || across.isOver(middle.lid().across().length())) {
            verdicts.stop(
                    Code.HANDLE_OFF_LID,
                    fitting.place(),
                    "The handle is larger than the lid it is to sit on.",
                    without(fitting.index()));
        }
    }

    /** A dado is a third of its wall deep at most. */
    void dadoDeep(@Nullable Worked dado, Length wall, Function<Length, BoxPlan> shallower) {
        if (dado != null && dado.length().isOver(wall.dividedBy(3).plus(new Length(1)))) {
            Length third = down(wall.dividedBy(3));
            verdicts.mind(
                    Code.DADO_DEEP,
                    dado.id(),
                    "A dado deeper than a third of the wall weakens it.",
                    third.isUnder(Divider.DADO.least())
                            ? List.of()
                            : List.of(new Fix(
                                    "Make it " + display().text(third, Precision.LAYOUT) + " deep",
                                    shallower.apply(third))));
        }
    }

    /** On the wettest day it is no higher than what is there for it. An upright handle of an open box may stand over its walls. */
    void tooHigh(WorkedFitting fitting, Worked height, Worked highest, Function<Length, BoxPlan> lower, Bounds bounds) {
        Length room = around.room().length();
        boolean mayStandOver = fitting instanceof HandleUpright && !around.hasLid();
        if (mayStandOver || !highest.length().isOver(room)) {
            return;
        }
        Length fits = room.times(height.length().dividedBy(highest.length()));
        Length less = down(fits);
        Beside high = Beside.of(display(), Precision.LAYOUT, highest.length(), room);
        verdicts.mind(
                Code.DIVIDER_TOO_HIGH,
                height.id(),
                "On the wettest day " + fitting.called() + " is " + high.one() + " high, and "
                        + (room.isPositive() ? high.other() : "nothing") + " is there for it"
                        + (around.hasLid() ? " under the lid." : "."),
                less.isUnder(bounds.least())
                        ? List.of()
                        : List.of(new Fix(
                                "Make it " + display().text(less, Precision.LAYOUT) + " high", lower.apply(less))));
    }

    private void grip(GripHole grip) {
        if (grip.told().under().isUnder(LEAST_UNDER)) {
            Length least = up(LEAST_UNDER);
            verdicts.mind(
                    Code.GRIP_NEAR_EDGE,
                    grip.place(),
                    "Less than " + display().text(LEAST_UNDER, Precision.LAYOUT)
                            + " of wood over the grip breaks out when the box is full.",
                    new Fix(
                            "Put it " + display().text(least, Precision.LAYOUT) + " under the edge",
                            plan().with(grip.index(), grip.told().withUnder(least))));
        }
        Feature hole = grip.features().get(0);
        if (hole.low().isNegative()
                || hole.from().isNegative()
                || hole.to().isOver(Collisions.along(box(), hole.part()))) {
            verdicts.stop(
                    Code.GRIP_OFF_WALL,
                    grip.place(),
                    "The grip is larger than the wall it is cut in.",
                    smaller(grip, hole).toArray(new Fix[0]));
        }
    }

    /** As large as its wall takes between the corners, and else none. */
    private List<Fix> smaller(GripHole grip, Feature hole) {
        Length clear = Collisions.along(box(), hole.part())
                .minus(Collisions.thick(box(), hole.part()).times(2));
        Length wide = Length.shorter(grip.told().wide(), down(clear));
        Length bored = Length.shorter(
                Length.shorter(grip.told().diameter(), wide),
                down(grip.told().diameter().plus(hole.low())));
        List<Fix> fixes = new ArrayList<>();
        if (Grip.WIDE.holds(wide) && Grip.DIAMETER.holds(bored)) {
            fixes.add(new Fix(
                    "Make it " + display().text(wide, Precision.LAYOUT) + " wide and "
                            + display().text(bored, Precision.LAYOUT) + " high",
                    with(grip.index(), grip.told().with(wide, bored))));
        }
        fixes.add(without(grip.index()));
        return fixes;
    }

    private void pegs(PegsThrough pegs) {
        if (pegs.features().isEmpty()) {
            verdicts.stop(
                    Code.PEGS_NOWHERE,
                    pegs.count().id(),
                    "Something is in the way in every finger: no peg has a place.",
                    without(pegs.index()));
            return;
        }
        if (pegs.told().diameter().isOver(pegs.thickest().length())) {
            Length less = down(pegs.thickest().length());
            verdicts.mind(
                    Code.PEG_THICK,
                    pegs.thickest().id(),
                    "A peg over a third of the finger, or of the wall, splits it: at most "
                            + pegs.thickest().text(display()) + " here.",
                    less.isUnder(Pegs.DIAMETER.least())
                            ? List.of()
                            : List.of(new Fix(
                                    "Take pegs of " + display().text(less, Precision.FIT),
                                    plan().with(pegs.index(), pegs.told().withDiameter(less)))));
        }
    }

    private void pin(PinDownCorner pin) {
        if (all.stream().anyMatch(f -> f instanceof PinDownCorner && f.index() < pin.index())) {
            List<Fitting> without = new ArrayList<>(plan().fittings());
            without.remove(pin.index());
            verdicts.stop(
                    Code.PIN_THICK,
                    pin.place(),
                    "There is a pin down every corner already.",
                    new Fix("Take these out", plan().withFittings(without)));
        } else if (pin.told().diameter().isOver(pin.thickest().length())) {
            verdicts.mind(
                    Code.PIN_THICK,
                    pin.thickest().id(),
                    "A pin over a third of the wall splits it: at most "
                            + pin.thickest().text(display()) + " here.",
                    slimmer(pin, pin.thickest().length()));
        }
    }

    List<Fix> slimmer(PinDownCorner pin, Length most) {
        Length less = down(most);
        return less.isUnder(CornerPin.DIAMETER.least())
                ? List.of()
                : List.of(new Fix(
                        "Take a pin of " + display().text(less, Precision.FIT),
                        plan().with(pin.index(), pin.told().withDiameter(less))));
    }

    private void feet(FeetUnder feet) {
        if (all.stream().anyMatch(f -> f instanceof FeetUnder && f.index() < feet.index())) {
            List<Fitting> without = new ArrayList<>(plan().fittings());
            without.remove(feet.index());
            verdicts.stop(
                    Code.FEET_MEET,
                    feet.place(),
                    "There are feet under the box already.",
                    new Fix("Take these out", plan().withFittings(without)));
            return;
        }
        Length least = Length.shorter(
                box().outsideLength().length(), box().outsideWidth().length());
        if (feet.told().inset().plus(feet.told().square()).times(2).isOver(least)) {
            verdicts.stop(Code.FEET_MEET, feet.place(), "The feet are so large, or so far in, that they meet.");
        }
    }

    /** How far something is moved at a time until it stands free. */
    Length nearest() {
        return plan().unit().usual(NEAREST);
    }
}
