package canthook.jig;

import static canthook.working.Term.fixed;

import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.jig.Cut.Stacked;
import canthook.length.Length;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Sharing;
import canthook.shop.HouseRules;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Spacers between a fence and the reference edge, on a router table or a saw. The fence is set once, for the farthest slot with
 * no spacer; spacers are added to come nearer the edge.
 *
 * <pre>
 * spacers are p thick
 * odd n:   slot-first slot j takes m − 1 − j, finger-first slot j takes m − 2 − j and one of s
 * even n:  finger-first slot j takes m − 1 − j, slot-first slot j the same and one of f
 * clearance shared: the odd one is p / 2
 * more passes: one more of s − k − where the pass begins
 * </pre>
 *
 * Spacers of exactly twice the bit give no clearance: they are {@code 2 s − c}.
 *
 * @param fence from the fence to the cutter's near side
 * @param odd the odd spacer
 * @param worst how far the longest stack may be off, each spacer by a caliper's error
 */
public record SpacerSetting(Rung rung, Worked fence, Worked spacer, Worked odd, Worked worst) implements Setting {

    static SpacerSetting of(BoxPlan plan, Rung rung, HouseRules rules, Worksheet sheet) {
        boolean even = rung.layout().isEven();
        boolean centred = plan.fingers().shared() == Sharing.CENTRED;
        Worked m = rung.fingers();
        Worked spacer = sheet.work(
                "pitch-spacer",
                "p",
                "Spacers of",
                Show.CALIPER,
                rung.slot().plus(rung.finger()),
                "A slot and a finger.");
        Worked odd = sheet.work(
                "odd-spacer",
                "x",
                "The odd spacer",
                Show.CALIPER,
                centred
                        ? spacer.over(2)
                        : even ? rung.finger().times(1) : rung.slot().times(1),
                centred
                        ? "Half a pitch: the clearance is shared."
                        : even
                                ? "A finger, under every slot of the slot-first end."
                                : "A slot, under every slot of the finger-first end.");
        Term far = m.minus(1).times(spacer);
        if (even) {
            far = far.plus(rung.finger());
        } else if (centred) {
            far = far.minus(rung.clearance().over(2));
        }
        Term whole =
                rung.slot().isOver(rung.kerf().length()) ? far.plus(rung.slot()).minus(rung.kerf()) : far;
        Worked fence = sheet.work(
                "fence",
                "F",
                "Fence to the cutter's near side",
                Show.CALIPER,
                whole,
                "The farthest slot, cut without a spacer"
                        + (rung.slot().isOver(rung.kerf().length()) ? ", at its far wall." : "."));
        Worked caliper = sheet.ruled(
                "caliper",
                "u",
                "A spacer is known to",
                Show.CALIPER,
                rules.smallestMove(),
                canthook.shop.HouseRule.SMALLEST_MOVE.reason(),
                null,
                "rules");
        Worked worst = sheet.work(
                "worst-stack",
                "Σu",
                "The longest stack may be off by",
                Show.CALIPER,
                m.times(caliper),
                "Every spacer by as much, all the same way.");
        return new SpacerSetting(rung, fence, spacer, odd, worst);
    }

    @Override
    public Layout layout() {
        return rung.layout();
    }

    @Override
    public List<Cut> cuts(End end) {
        Length kerf = rung.kerf().length();
        List<Cut> cuts = new ArrayList<>();
        List<Span> slots = layout().slots(end.isFingerFirst());
        for (Pass pass : Setting.passes(layout(), rung, end)) {
            Length rest = Length.longer(Length.ZERO, layout().slot().minus(kerf).minus(pass.offset()));
            Length bare = slots.get(pass.slot()).from().plus(layout().slot().minus(kerf));
            int pitches = pitches(end, pass.slot());
            Length oddOne = takesOdd(end) ? odd.length() : Length.ZERO;
            Length sum = spacer.length().times(pitches).plus(oddOne).plus(rest);
            Length from = fence.length().minus(sum);
            boolean tail = pass.from().isOver(bare);
            cuts.add(new Cut(
                    end,
                    pass.slot(),
                    pass.pass(),
                    pass.passes(),
                    tail ? pass.from() : from,
                    (tail ? pass.from() : from).plus(kerf),
                    tail ? new Cut.ByEye() : new Stacked(pitches, oddOne, rest, sum),
                    tail
                            ? "Off the spacers: nibble away the sliver at the far edge."
                            : instruction(pitches, oddOne, rest)));
        }
        Collections.reverse(cuts);
        return cuts;
    }

    private boolean takesOdd(End end) {
        return layout().isEven() ? end == End.SLOT_FIRST : end == End.FINGER_FIRST;
    }

    private int pitches(End end, int slot) {
        int m = layout().fingers();
        return !layout().isEven() && end == End.FINGER_FIRST ? m - 2 - slot : m - 1 - slot;
    }

    private static String instruction(int pitches, Length odd, Length rest) {
        List<String> parts = new ArrayList<>();
        if (pitches > 0) {
            parts.add(pitches + " pitch");
        }
        if (odd.isPositive()) {
            parts.add("the odd one");
        }
        if (rest.isPositive()) {
            parts.add("pass spacer");
        }
        return parts.isEmpty()
                ? "No spacer: reference edge to the fence."
                : "Spacers at the fence: " + String.join(", ", parts) + ".";
    }

    @Override
    public Place place(Cut cut) {
        if (!(cut.where() instanceof Stacked stacked)) {
            return new Place("Cuts from", Show.CALIPER, fixed(cut.from()), "Freely, inside the sliver.");
        }
        Term sum = spacer.times(stacked.pitches());
        if (stacked.odd().isPositive()) {
            sum = stacked.pitches() == 0 ? odd.times(1) : sum.plus(odd);
        }
        if (stacked.pass().isPositive()) {
            sum = stacked.pitches() == 0 && !stacked.odd().isPositive()
                    ? fixed(stacked.pass()).times(1)
                    : sum.plus(fixed(stacked.pass()));
        }
        return new Place(
                "Spacers at the fence, together",
                Show.CALIPER,
                sum,
                "What stands between fence and reference edge; the fence itself is never moved.");
    }

    @Override
    public List<String> card() {
        return List.of(
                "Fence square to the table and parallel to the travel; clamp it at both ends.",
                "Set the fence once, on the farthest slot, and cut a test piece there.",
                "Spacers all from one strip, planed to thickness in one go; number them.",
                "A push board behind the stack keeps it square and hands away; it is cut into at every pass.",
                "Brush dust from fence and spacers before every cut.",
                "Feed against the cutter's rotation; never climb.");
    }

    @Override
    public String errors() {
        return "The error of one spacer is added as often as it stands in the stack, so a set that is a hair thick stretches the whole"
                + " pattern, alike on both mates.";
    }

    void judge(BoxPlan plan, HouseRules rules, Verdicts verdicts) {
        if (worst.isOver(rules.band(plan.walls().known()))) {
            verdicts.mind(
                    Code.SPACERS_ADD_UP,
                    "jig.worst-stack",
                    layout().fingers() + " spacers, each known to a caliper's error, may be off by "
                            + plan.display().text(worst.length(), Precision.CALIPER)
                            + " together: measure the stack as a whole and make up for it.");
        }
    }
}
