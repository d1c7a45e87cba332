package canthook.together;

import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Something that would make it likelier that a joint goes together, with the probability it gives; worked out by planning it anew.
 *
 * <pre>
 * wider        the least clearance, in hundredths, that gives 95 in 100; no wider than 0.3 more
 * fewer        the most sections under these that give as much, else the fewest there are
 * stops        the same joint with every slot at a place of its own
 * one stack    the same joint with both mates in a stack
 * </pre>
 *
 * @param closes probability, 0 to 1
 * @param after the plan with it; null where it is another way to cut and no change of the plan
 */
public record Help(String says, double closes, @Nullable BoxPlan after) {
    private static final double WANTED = 0.95;
    private static final Length STEP = Length.mm(0.01);
    private static final int MOST_STEPS = 30;

    static List<Help> of(WorkedPlan worked, Steps steps, double r, double sigma, Length crush) {
        Rung chosen = worked.fingers().chosen();
        int sections = chosen.sections().count();
        double now = ByFormula.closes(steps, sections, r, sigma);
        List<Help> all = new ArrayList<>();
        wider(worked, steps, sigma, crush).ifPresent(all::add);
        fewer(worked, steps, sigma, crush, now).ifPresent(all::add);
        if (steps == Steps.WALKED) {
            all.add(new Help(
                    "Index from stops, spacers of one set or a screw",
                    ByFormula.closes(Steps.PLACED, sections, r, sigma),
                    null));
            all.add(new Help(
                    "Cut both mates in one stack, an offset spacer under one",
                    ByFormula.closes(Steps.STACKED, sections, r, sigma),
                    null));
        }
        return all.stream()
                .filter(h -> h.closes > now + 0.002)
                .sorted(Comparator.comparingDouble((Help h) -> -h.closes))
                .toList();
    }

    /** Planned anew, it gives what is said of it. */
    private static double planned(WorkedPlan after, Steps steps, double sigma, Length crush) {
        Rung chosen = after.fingers().chosen();
        return chosen.feasible()
                ? ByFormula.closes(
                        steps,
                        chosen.sections().count(),
                        chosen.clearance().length().plus(crush.times(2)).mm(),
                        sigma)
                : 0;
    }

    private static Optional<Help> wider(WorkedPlan worked, Steps steps, double sigma, Length crush) {
        LengthDisplay display = worked.plan().display();
        BoxPlan pinned = worked.fingers().pinned(worked.plan());
        int sections = worked.fingers().chosen().sections().count();
        Length from = STEP.times(worked.fingers().chosen().clearance().length().nanometres() / STEP.nanometres());
        for (int i = 1; i <= MOST_STEPS; i++) {
            Length wanted = from.plus(STEP.times(i));
            if (!FingerChoice.CLEARANCE.holds(wanted)) {
                return Optional.empty();
            }
            if (ByFormula.closes(steps, sections, wanted.plus(crush.times(2)).mm(), sigma) >= WANTED
                    || i == MOST_STEPS) {
                BoxPlan after = pinned.with(pinned.fingers().withClearance(wanted));
                return Optional.of(new Help(
                        "Ask for a clearance of " + display.text(wanted, Precision.FIT),
                        planned(Planner.work(after, worked.shop()), steps, sigma, crush),
                        after));
            }
        }
        return Optional.empty();
    }

    private static Optional<Help> fewer(WorkedPlan worked, Steps steps, double sigma, Length crush, double now) {
        Rung chosen = worked.fingers().chosen();
        Help best = null;
        List<Rung> rungs = worked.fingers().rungs().stream()
                .filter(Rung::feasible)
                .filter(rung -> rung.tool().equals(chosen.tool()))
                .filter(rung -> rung.sections().count() < chosen.sections().count())
                .sorted(Comparator.comparingInt((Rung rung) -> -rung.sections().count()))
                .toList();
        for (Rung rung : rungs) {
            int count = rung.sections().count();
            double closes = ByFormula.closes(
                    steps, count, rung.clearance().length().plus(crush.times(2)).mm(), sigma);
            if (best == null || closes > best.closes) {
                BoxPlan after = worked.plan().with(worked.plan().fingers().withSections(count));
                best = new Help("Take " + count + " sections", closes, after);
            }
            if (closes >= WANTED) {
                break;
            }
        }
        if (best == null || best.closes <= now || best.after == null) {
            return Optional.empty();
        }
        double told = planned(Planner.work(best.after, worked.shop()), steps, sigma, crush);
        return Optional.of(new Help(best.says, told, best.after));
    }
}
