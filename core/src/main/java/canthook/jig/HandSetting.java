package canthook.jig;

import static canthook.working.Term.fixed;

import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.jig.Cut.ByEye;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
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
    public Layout layout() {
        return rung.layout();
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
                    "Saw inside the waste at both lines, chop to the depth line."));
        }
        return cuts;
    }

    @Override
    public Place place(Cut cut) {
        return new Place(
                "Line nearer the reference edge",
                Show.CALIPER,
                fixed(cut.from()).times(1),
                "From the story stick; the dividers check it, nobody measures it.");
    }

    @Override
    public List<String> card() {
        return List.of(
                "Step the height off along the far edge; read the closing error and correct the dividers.",
                "Lay out one part only; knife its mates from it, outside faces out.",
                "Depth line from the mate itself, all round.",
                "Hatch the waste on every part before the first saw cut.",
                "A saw whose kerf goes into the slot twice; saw inside the waste, leave the knife line.",
                "A chisel narrower than the slot; work from both faces to the middle.");
    }

    @Override
    public String errors() {
        return "The mate is knifed from the part, so it copies the part's errors and fits them: a section a little wide is wide on both."
                + " What counts is sawing to the line.";
    }

    void judge(BoxPlan plan, Verdicts verdicts) {
        if (closingError != null && closingError.abs().isOver(rung.finger().length())) {
            verdicts.mind(
                    Code.CLOSING_ERROR_LARGE,
                    "jig.closing-error",
                    "A closing error of " + display.text(closingError.abs(), Precision.CALIPER)
                            + " is more than a finger: a step was lost or one too many counted. Step it off again.");
        }
    }
}
