package canthook.jig;

import static canthook.working.Term.fixed;

import canthook.fingers.End;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.jig.Cut.ByEye;
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
import org.jspecify.annotations.Nullable;

/**
 * By hand: step the height off with dividers, lay out one part, knife the mates from it.
 *
 * <pre>
 * dividers = H / n          stepped past the edge by E (short: negative): dividers − E / n
 * </pre>
 *
 * @param dividers the setting to begin with
 * @param corrected the setting after the closing error; the same when nothing was stepped yet
 */
public record HandSetting(
        Rung rung,
        Worked dividers,
        Worked corrected,
        @Nullable Length closingError,
        LengthDisplay display) implements Setting {

    static HandSetting of(BoxPlan plan, Rung rung, Worksheet sheet) {
        Worked dividers = sheet.work(
                "dividers",
                "d",
                "Set the dividers to",
                Show.CALIPER,
                rung.closing().over(rung.sections()),
                "The height over the sections: clearance comes off with the knife and the paring.");
        Length error = plan.jig().closingError();
        Worked corrected = dividers;
        if (error != null) {
            Worked e = sheet.decided(
                    "closing-error", "E", "Stepped past the edge by", Show.CALIPER, error, "jig.closingError");
            corrected = sheet.work(
                    "dividers-corrected",
                    "d′",
                    "Now set the dividers to",
                    Show.CALIPER,
                    dividers.minus(e.over(rung.sections())),
                    "The closing error, shared over the steps, comes off every one.");
        }
        return new HandSetting(rung, dividers, corrected, error, plan.display());
    }

    @Override
    public List<Cut> cuts(End end) {
        List<Cut> cuts = new ArrayList<>();
        List<Span> slots = layout().slots(end.isFingerFirst());
        for (int j = 0; j < slots.size(); j++) {
            Span slot = slots.get(j);
            cuts.add(new Cut(
                    end,
                    j,
                    1,
                    1,
                    slot.from(),
                    slot.to(),
                    new ByEye(),
                    slot.from().isPositive() && slot.to().isUnder(layout().height())
                            ? "Saw inside the waste at both lines, chop to the depth line."
                            : "Saw inside the waste at its line, then along the depth line."));
        }
        return cuts;
    }

    @Override
    public Place place(Cut cut) {
        return new Place(
                "Line nearer the reference edge",
                Show.CALIPER,
                fixed(cut.from()).times(1),
                "From the stick; the dividers check it, nobody measures it.");
    }

    @Override
    public List<String> card() {
        return List.of(
                "Step the height off across the end, from the reference edge; read the closing error and correct the dividers.",
                "Lay out one part only; knife its mates from it, outside faces out.",
                "Depth line from the mate itself, only across the waste.",
                "Hatch the waste on every part before the first saw cut.",
                "A saw thin enough for two cuts a slot; saw inside the waste, leave the knife line.",
                "A chisel narrower than the slot; work from both faces to the middle.");
    }

    @Override
    public String errors() {
        return "The mate is knifed from the part, so it copies the part's errors and fits them: a section a little wide is wide on both."
                + " What counts is sawing to the line.";
    }

    @Override
    public void judge(BoxPlan plan, HouseRules rules, Verdicts verdicts) {
        if (closingError != null && closingError.abs().isOver(rung.finger().length())) {
            verdicts.mind(
                    Code.CLOSING_ERROR_LARGE,
                    "jig.closing-error",
                    "A closing error of " + display.text(closingError.abs(), Precision.CALIPER)
                            + " is more than a finger: a step was lost or one too many counted. Step it off again.");
        }
    }

    @Override
    public String line(LengthDisplay shown) {
        return "dividers at " + corrected.number(shown);
    }

    @Override
    public Optional<Check> check(LengthDisplay shown) {
        return Optional.of(new Check("Dividers set to " + corrected.text(shown) + ".", corrected));
    }

    @Override
    public void build(Worksheet sheet, Worked cutterHeight, HouseRules rules) {
        sheet.work(
                "build-stick",
                "ls",
                "Make the stick",
                Show.LAYOUT,
                rung.closing().plus(Term.fixed(Length.mm(20))),
                "The height, and something to hold it by.");
    }

    /** No jig to move: the saw goes nearer to the line, or the walls are pared. */
    @Override
    public Correction correction(Length before, Length move, LengthDisplay shown) {
        String each = shown.text(move.abs(), Precision.CALIPER);
        return Correction.of(
                move.isPositive()
                        ? "Leave the knife line whole on the next parts: the fit is " + each
                                + " too loose. A joint that is loose already takes a sliver in the glue."
                        : "Pare the slot walls by " + each + " together, to the knife line and no further.",
                move);
    }

    @Override
    public <T> T fold(
            Function<KeySetting, T> key,
            Function<ScrewSetting, T> screw,
            Function<SpacerSetting, T> spacers,
            Function<StopSetting, T> stops,
            Function<HandSetting, T> hand,
            Function<BandSawSetting, T> bandSaw) {
        return hand.apply(this);
    }
}
