package canthook.jig;

import static canthook.working.Term.fixed;

import canthook.fingers.Layout;
import canthook.fingers.Rung;
import canthook.jig.Cut.Stop;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.shop.HouseRules;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * A stop on a scale: for each pass the distance from the stop to the cutter's near side, to what the scale can be set to. Nothing
 * adds up from cut to cut. Works with any list of sections.
 *
 * <pre>
 * reading = where the pass begins, rounded to the scale          off by at most half the scale's step
 * </pre>
 *
 * @param step the scale can be set to
 * @param off the most a reading is off
 */
public record StopSetting(Rung rung, Worked step, Worked off, LengthDisplay display) implements Setting {

    static StopSetting of(BoxPlan plan, Rung rung, Worksheet sheet) {
        Worked step = sheet.decided(
                "resolution",
                "q",
                "The scale can be set to",
                Show.CALIPER,
                plan.jig().resolutionOrUsual(),
                "jig.resolution");
        Worked off = sheet.work(
                "reading-off",
                "q/2",
                "A wall may be off by",
                Show.CALIPER,
                step.over(2),
                "Half a step of the scale, anew at every cut.");
        return new StopSetting(rung, step, off, plan.display());
    }

    @Override
    public Layout layout() {
        return rung.layout();
    }

    private Length reading(Length from) {
        long q = step.length().nanometres();
        return new Length(Math.floorDiv(from.nanometres() + q / 2, q) * q);
    }

    @Override
    public List<Cut> cuts(End end) {
        Length kerf = rung.kerf().length();
        List<Cut> cuts = new ArrayList<>();
        for (Pass pass : Setting.passes(layout(), rung, end)) {
            Length at = reading(pass.from());
            cuts.add(new Cut(
                    end,
                    pass.slot(),
                    pass.pass(),
                    pass.passes(),
                    at,
                    at.plus(kerf),
                    new Stop(at),
                    "Stop to " + display.number(at, Precision.CALIPER) + ", edge to stop."));
        }
        return cuts;
    }

    @Override
    public Place place(Cut cut) {
        Pass pass = Setting.passes(layout(), rung, cut.end()).stream()
                .filter(p -> p.slot() == cut.slot() && p.pass() == cut.pass())
                .findFirst()
                .orElseThrow();
        Length exact = pass.from();
        Length wall = exact.minus(pass.offset());
        Length rounding = cut.from().minus(exact);
        Term term = fixed(wall);
        if (!exact.equals(wall)) {
            term = term.plus(fixed(exact.minus(wall)));
        }
        if (rounding.nanometres() != 0) {
            term = rounding.isPositive() ? term.plus(fixed(rounding)) : term.minus(fixed(rounding.negated()));
        }
        return new Place(
                "Stop",
                Show.CALIPER,
                term.times(1),
                "From the stop to the cutter's near side: the slot's near wall, where the pass begins in it, and what rounding to"
                        + " the scale adds.");
    }

    @Override
    public List<String> card() {
        return List.of(
                "Zero the scale on the cutter's near side with a scrap that just touches it.",
                "Fence square to the cutter, stop without play when locked.",
                "Work in one direction, from small readings to large, so that play lies one way.",
                "Reference edge to the stop, always; brush dust from the stop.",
                "A fresh backing board behind the work, a guard block where the cutter comes out.");
    }

    @Override
    public String errors() {
        return "Every cut is set anew: an error stays with its cut and does not add up. A wrong zero shifts all slots alike and shows"
                + " only at the first finger.";
    }

    void judge(BoxPlan plan, HouseRules rules, Verdicts verdicts) {
        Length band = rules.band(plan.walls().known());
        if (off.isOver(band)) {
            Length finer = new Length(Math.max(1000, band.nanometres() / 10_000 * 10_000));
            verdicts.mind(
                    Code.SCALE_COARSE,
                    "jig.reading-off",
                    "A scale of " + step.text(plan.display()) + " may put a wall off by " + off.text(plan.display())
                            + ", more than the fit allows.",
                    new Fix(
                            "Use a scale that can be set to " + plan.display().text(finer, Precision.CALIPER),
                            plan.with(plan.jig().withResolution(finer))));
        }
    }
}
