package canthook.planner;

import canthook.fingers.Ladder;
import canthook.fingers.Pace;
import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import java.util.ArrayList;
import java.util.List;

/**
 * The two or three different answers to how many fingers, beside each other with what each costs: one pass a slot at about the height, the
 * height exactly with the last section fat or thin by at most a third, or in more passes, an even count in one pass, a cutter of the rack that does it in one. Each is worked before it is told.
 *
 * <p>Check: typed 150, kerf 12.7, c 0.12: 11 in one pass, closing at 138.98 · 11 in two passes at 150 · 12, even, one pass, 151.68.
 */
public final class Alternatives {

    /** Less than this is not told apart. */
    private static final Length TELLS = Length.mm(0.05);

    private Alternatives() {}

    /**
     * One answer.
     *
     * @param says count, passes and where it closes, in a few words
     * @param cost what it costs against the first, in a few words; empty when nothing
     * @param after the plan as it would be
     * @param stands whether it is the plan as it is
     */
    public record Alternative(String says, String cost, BoxPlan after, boolean stands) {}

    /** An answer tried: the plan as it would be, and the rung that would stand. */
    private record Tried(BoxPlan plan, Rung rung) {}

    /** None where sections are a list, or no cutter makes the joint. */
    public static List<Alternative> of(WorkedPlan worked) {
        BoxPlan plan = worked.plan();
        if (plan.fingers().widths() != null || !worked.fingers().best().feasible()) {
            return List.of();
        }
        List<Tried> tried = new ArrayList<>();
        // compared with the cutter that stands; another of the rack is an answer of its own
        FingerChoice open = worked.settled().fingers().withSections(null);
        FingerChoice odd = open.with(Parity.ODD).with(Leftover.RIP);
        offer(tried, worked, odd.about(), true);
        offer(tried, worked, odd.exactly().with(Leftover.LAST), true);
        // what nobody could tell from the first answer is none of its own
        tried.removeIf(t -> {
            Length tail = t.rung().layout().tail();
            return tail.nanometres() != 0 && !tail.abs().isOver(TELLS);
        });
        Integer same = tried.isEmpty() ? null : tried.get(0).rung().sections().count();
        offer(tried, worked, odd.exactly().withSections(same), false);
        if (tried.stream()
                .noneMatch(t -> t.plan().fingers().equals(odd.exactly().withSections(same)))) {
            offer(tried, worked, odd.exactly(), false);
        }
        offer(tried, worked, odd.with(Parity.EVEN).withSections(null).about(), true);
        if (!worked.shop().cutters().isEmpty()) {
            offer(tried, worked, odd.about().withAnyCutter(true), true);
        }
        int first = tried.isEmpty() ? 0 : tried.get(0).rung().cuts().count();
        List<Alternative> answers = new ArrayList<>();
        List<Rung> told = new ArrayList<>();
        for (Tried answer : tried) {
            String says = says(answer, plan.display());
            if (told.stream().noneMatch(rung -> isOneJoint(rung, answer.rung()))) {
                told.add(answer.rung());
                answers.add(new Alternative(
                        says,
                        cost(answer, first, plan.display()),
                        answer.plan().fingers().looksOverTheRack()
                                ? Ladder.settled(answer.plan(), answer.rung())
                                : Ladder.pinned(answer.plan(), answer.rung()),
                        isSame(answer.rung(), worked.fingers().chosen())));
            }
        }
        return List.copyOf(answers);
    }

    private static void offer(List<Tried> tried, WorkedPlan worked, FingerChoice choice, boolean onePass) {
        BoxPlan after = worked.plan().with(choice);
        // what is asked of the walls, and their sizes, are the same whatever the fingers are
        Rung rung = Ladder.standing(after, worked.size(), worked.walls(), worked.shop());
        if (rung.feasible() && (!onePass || rung.passes().count() == 1)) {
            tried.add(new Tried(after, rung));
        }
    }

    private static String says(Tried answer, LengthDisplay display) {
        Rung rung = answer.rung();
        int passes = rung.passes().count();
        Length tail = rung.layout().tail();
        boolean named = answer.plan().fingers().looksOverTheRack();
        String in = Pace.of(answer.plan().jig().way()).in(passes);
        String even = rung.sections().count() % 2 == 0 ? ", even" + (in.isEmpty() ? "" : ",") : "";
        return rung.sections().count()
                + even
                + in
                + (named ? " with " + rung.tool().name() : "")
                + (passes == 1 && tail.nanometres() == 0 ? ", closes " : " at ")
                + rung.closing().number(display)
                + (tail.nanometres() == 0
                        ? ""
                        : ", last one " + display.number(tail.abs(), Precision.FIT)
                                + (tail.isPositive() ? " fat" : " thin"));
    }

    private static String cost(Tried answer, int first, LengthDisplay display) {
        Rung rung = answer.rung();
        Length off = rung.closing().length().minus(rung.band().wished());
        List<String> costs = new ArrayList<>();
        if (off.abs().isOver(TELLS)) {
            costs.add(display.number(off.abs(), Precision.FIT) + (off.isPositive() ? " higher" : " lower"));
        }
        int more = rung.cuts().count() - first;
        if (more > 0) {
            costs.add(Pace.of(answer.plan().jig().way()).more(more));
        }
        return String.join(", ", costs);
    }

    /** Two cutters of one kerf cut one joint: told once. */
    private static boolean isOneJoint(Rung one, Rung other) {
        return one.layout().equals(other.layout())
                && one.kerf().length().equals(other.kerf().length());
    }

    private static boolean isSame(Rung one, Rung other) {
        return one.layout().equals(other.layout()) && one.tool().equals(other.tool());
    }
}
