package canthook.jig;

import static canthook.working.Term.fixed;

import canthook.fingers.End;
import canthook.fingers.Layout.Span;
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
import java.util.Optional;
import java.util.function.Function;

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
                "The scale reads to",
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
        if (!(cut.where() instanceof Stop)) {
            return new Place(
                    "Cuts from",
                    Show.CALIPER,
                    fixed(cut.from()),
                    "Anywhere inside the sliver that is left: the stop does not count here.");
        }
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
                "Unplug; zero the scale on a tooth's near side with a scrap that just touches it, or read a trial kerf.",
                "Fence square to the cutter, stop without play when locked.",
                "Work in one direction, from small readings to large, so that play lies one way.",
                "Reference edge to the stop, always; brush dust from the stop.",
                "On a router the stop stands to the right of the bit, seen along the feed.",
                "A fresh backing board behind the work, a guard block where the cutter comes out.");
    }

    @Override
    public String errors() {
        return "Every cut is set anew: an error stays with its cut and does not add up. A wrong zero shifts all slots alike and shows"
                + " only at the first finger.";
    }

    @Override
    public void judge(BoxPlan plan, HouseRules rules, Verdicts verdicts) {
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

    @Override
    public String line(LengthDisplay shown) {
        return "stop on a scale";
    }

    @Override
    public Optional<Check> check(LengthDisplay shown) {
        return Optional.empty();
    }

    @Override
    public void build(Worksheet sheet, Worked cutterHeight, HouseRules rules) {
        Setting.travel(rung, sheet);
    }

    /**
     * Every stop moves by its own: slot j (0 first) of a finger-first end by {@code (j + 1) · move}, of a slot-first end by
     * {@code j · move}, with shared clearance {@code (j + ½) · move}. A constant shift would change the first finger only.
     */
    @Override
    public Correction correction(Length before, Length move, LengthDisplay shown) {
        boolean shared = layout().shift().nanometres() != 0;
        List<String> steps = new ArrayList<>();
        for (End end : End.values()) {
            List<Span> slots = layout().slots(end.isFingerFirst());
            for (int j = 0; j < slots.size(); j++) {
                Length by = byOf(end, j, move, shared);
                Length stands = slots.get(j).from().plus(byOf(end, j, before, shared));
                String moved = shown.number(by.abs(), Precision.CALIPER);
                boolean stays = moved.equals(shown.number(Length.ZERO, Precision.CALIPER));
                steps.add(end.words() + " slot " + (j + 1) + ": stop "
                        + (stays ? "stays at " : (by.isNegative() ? "less " : "plus ") + moved + ", to ")
                        + shown.number(reading(stands.plus(by)), Precision.CALIPER));
            }
        }
        return new Correction(
                "Each stop moves by its own: on finger-first ends the first slot by "
                        + shown.text(move.abs(), Precision.CALIPER) + ", the second by twice that, and so on"
                        + (move.isPositive() ? ", away from" : ", towards")
                        + " the cutter. Moving the zero would change the first finger only.",
                move,
                steps);
    }

    static Length byOf(End end, int slot, Length move, boolean shared) {
        return end == End.FINGER_FIRST
                ? move.times(slot + 1)
                : shared ? move.times(2L * slot + 1).dividedBy(2) : move.times(slot);
    }

    @Override
    public <T> T fold(
            Function<KeySetting, T> key,
            Function<ScrewSetting, T> screw,
            Function<SpacerSetting, T> spacers,
            Function<StopSetting, T> stops,
            Function<HandSetting, T> hand,
            Function<BandSawSetting, T> bandSaw) {
        return stops.apply(this);
    }
}
