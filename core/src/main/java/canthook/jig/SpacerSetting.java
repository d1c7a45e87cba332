package canthook.jig;

import static canthook.working.Term.fixed;

import canthook.fingers.End;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.jig.Cut.Stacked;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.shop.HouseRules;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

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
 * @param passSpacers for the passes of a slot but the one at its far wall, thickest first
 * @param worst how far the longest stack may be off, each spacer by a caliper's error
 * @param router whether the cutter turns against the feed on one side only
 */
public record SpacerSetting(
        Rung rung,
        Worked fence,
        Worked spacer,
        Worked odd,
        List<Worked> passSpacers,
        Worked worst,
        boolean centred,
        boolean router,
        LengthDisplay display)
        implements Setting {

    static SpacerSetting of(BoxPlan plan, Rung rung, HouseRules rules, Worksheet sheet) {
        boolean even = rung.layout().isEven();
        boolean centred = rung.layout().shift().nanometres() != 0;
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
        List<Worked> passSpacers = PassSpacers.of(sheet, rung, "Pass spacer", 0);
        Worked caliper = sheet.ruled(
                "caliper",
                "u",
                "Each spacer is measured to within",
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
                caliper.times(longest(rung, !passSpacers.isEmpty())),
                "Every spacer of the longest stack by as much, all the same way.");
        return new SpacerSetting(
                rung, fence, spacer, odd, passSpacers, worst, centred, Jig.isRouter(plan, rung), plan.display());
    }

    /** How many pieces stand in the longest stack: m − 1 of a pitch (with the odd one m − 1 too), and one for the pass. */
    private static double longest(Rung rung, boolean passSpacer) {
        int m = rung.layout().fingers();
        return m - 1.0 + (rung.layout().isEven() ? 1 : 0) + (passSpacer ? 1 : 0);
    }

    @Override
    public List<Cut> cuts(End end) {
        Length kerf = rung.kerf().length();
        List<Cut> cuts = new ArrayList<>();
        List<Span> slots = layout().slots(end.isFingerFirst());
        List<Pass> passes = Setting.passes(layout(), rung, end);
        for (int i = passes.size() - 1; i >= 0; i--) {
            Pass pass = passes.get(i);
            if (router) {
                // farthest slot first, but within a slot the near wall first: the last pass cuts with the side that
                // turns against the feed
                int first = i - (pass.pass() - 1);
                pass = passes.get(first + pass.passes() - pass.pass());
            }
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
                            ? "Off the spacers: part clamped, take the sliver at the far edge."
                            : instruction(pitches, oddOne, rest)));
        }
        return cuts;
    }

    private boolean takesOdd(End end) {
        return layout().isEven() ? end == End.SLOT_FIRST : end == End.FINGER_FIRST;
    }

    private int pitches(End end, int slot) {
        int m = layout().fingers();
        return !layout().isEven() && end == End.FINGER_FIRST ? m - 2 - slot : m - 1 - slot;
    }

    private String instruction(int pitches, Length odd, Length rest) {
        List<String> parts = new ArrayList<>();
        if (pitches > 0) {
            parts.add(pitches + (pitches == 1 ? " pitch" : " pitches"));
        }
        if (odd.isPositive()) {
            parts.add("the odd one");
        }
        if (rest.isPositive()) {
            parts.add(display.number(rest, Precision.CALIPER) + " pass spacer");
        }
        return parts.isEmpty()
                ? "No spacer: reference edge to the fence."
                : "Spacers at the fence: " + String.join(", ", parts) + ".";
    }

    @Override
    public Place place(Cut cut) {
        if (!(cut.where() instanceof Stacked stacked)) {
            return new Place(
                    "Cuts from",
                    Show.CALIPER,
                    fixed(cut.from()),
                    "Anywhere inside the sliver that is left: the spacers do not count here.");
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
                "Feed against the cutter's rotation; never climb."
                        + (router ? " The fence to the right of the bit, seen along the feed." : ""));
    }

    @Override
    public String errors() {
        return "The error of one spacer is added as often as it stands in the stack, so a set that is a hair thick stretches the whole"
                + " pattern, alike on both mates.";
    }

    @Override
    public void judge(BoxPlan plan, HouseRules rules, Verdicts verdicts) {
        if (worst.isOver(rules.band(plan.walls().known()))) {
            verdicts.mind(
                    Code.SPACERS_ADD_UP,
                    "jig.worst-stack",
                    (passSpacers.isEmpty() ? "The spacers" : "The spacers and the pass spacer")
                            + ", each known to a caliper's error, may be off by "
                            + plan.display().text(worst.length(), Precision.CALIPER)
                            + " together: measure the stack as a whole and make up for it.");
        }
    }

    @Override
    public String line(LengthDisplay shown) {
        return "spacers of " + spacer.number(shown);
    }

    @Override
    public Optional<Check> check(LengthDisplay shown) {
        return Optional.of(new Check("Fence " + fence.text(shown) + " from the cutter's near side.", fence));
    }

    @Override
    public void build(Worksheet sheet, Worked cutterHeight, HouseRules rules) {
        sheet.work(
                "build-spacers",
                "m − 1",
                "Make pitch spacers",
                Show.COUNT,
                rung.fingers().minus(1),
                "As many as the slot nearest the reference edge takes.");
    }

    /**
     * Each spacer is thicker by the move; the odd one and the fence follow.
     *
     * <pre>
     *                     odd one thicker by   fence farther by
     * odd n, one-sided    0                    (m − 1) · move
     * odd n, centred      ½ · move             (m − ½) · move
     * even n, one-sided   1 · move             m · move
     * even n, centred     ½ · move             m · move
     * </pre>
     */
    @Override
    public Correction correction(Length before, Length move, LengthDisplay shown) {
        Length all = before.plus(move);
        Length fenceBy = fenceBy(move);
        String more = move.isPositive() ? "thicker" : "thinner";
        List<String> steps = new ArrayList<>();
        steps.add("Pitch spacers: " + shown.text(spacer.length().plus(all), Precision.CALIPER));
        steps.add("The odd one: " + shown.text(odd.length().plus(oddBy(all)), Precision.CALIPER));
        steps.add("Fence: " + shown.text(fence.length().plus(fenceBy(all)), Precision.CALIPER)
                + " from the cutter's near side");
        return new Correction(
                "Every pitch spacer " + shown.text(move.abs(), Precision.CALIPER) + " " + more + ", and the fence "
                        + shown.text(fenceBy.abs(), Precision.CALIPER)
                        + (fenceBy.isNegative() ? " nearer." : " farther."),
                move,
                steps);
    }

    Length oddBy(Length move) {
        return centred ? move.dividedBy(2) : layout().isEven() ? move : Length.ZERO;
    }

    Length fenceBy(Length move) {
        int m = layout().fingers();
        if (layout().isEven()) {
            return move.times(m);
        }
        return centred ? move.times(2L * m - 1).dividedBy(2) : move.times(m - 1L);
    }

    @Override
    public <T> T fold(
            Function<KeySetting, T> key,
            Function<ScrewSetting, T> screw,
            Function<SpacerSetting, T> spacers,
            Function<StopSetting, T> stops,
            Function<HandSetting, T> hand,
            Function<BandSawSetting, T> bandSaw) {
        return spacers.apply(this);
    }
}
