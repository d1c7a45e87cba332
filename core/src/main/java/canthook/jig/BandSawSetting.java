package canthook.jig;

import static canthook.working.Term.fixed;

import canthook.fingers.End;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.jig.Cut.Fence;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.shop.HouseRules;
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
 * Band saw with flip and shim: one fence setting cuts two lines of a symmetrical layout, one from each edge, and its mate is cut at
 * the same settings with a shim between fence and part. The kerf always lies in the waste.
 *
 * <pre>
 * settings ⌊n / 2⌋          shim = k − c / 2          a shim as thick as the kerf gives no clearance
 * where a slot of the finger-first end begins:  fence = its wall, the slot-first part takes the shim
 * where one ends:                               fence = the mate's wall, the finger-first part takes the shim
 * </pre>
 *
 * @param shim between fence and part
 * @param settings how many
 */
public record BandSawSetting(Rung rung, Worked shim, Worked settings, LengthDisplay display) implements Setting {

    static BandSawSetting of(BoxPlan plan, Rung rung, Worksheet sheet) {
        Worked shim = sheet.work(
                "shim",
                "h",
                "Shim",
                Show.CALIPER,
                rung.kerf().minus(rung.clearance().over(2)),
                "The kerf less half the clearance, so that both walls of a finger give up half.");
        Worked settings = sheet.work(
                "settings",
                "⌊n/2⌋",
                "Fence settings",
                Show.COUNT,
                Term.roundedDown(rung.sections().over(2)),
                "Each setting cuts two lines, one from either edge.");
        return new BandSawSetting(rung, shim, settings, plan.display());
    }

    /** The fences for the lines after one section, two, and so on, from the reference edge. */
    private List<Length> fences() {
        List<Span> slots = layout().fingerFirstSlots();
        List<Span> fingers = layout().slotFirstFingers();
        List<Length> fences = new ArrayList<>();
        for (int line = 0; line < layout().sections() / 2; line++) {
            fences.add(
                    line % 2 == 0
                            ? slots.get(line / 2).from()
                            : fingers.get(line / 2).to());
        }
        return fences;
    }

    private boolean shimmed(int line, End end) {
        return (line % 2 == 0) == (end == End.SLOT_FIRST);
    }

    @Override
    public List<Cut> cuts(End end) {
        Length kerf = rung.kerf().length();
        Length height = layout().height();
        List<Cut> cuts = new ArrayList<>();
        List<Length> fences = fences();
        int last = layout().slots(end.isFingerFirst()).size() - 1;
        for (int line = 0; line < fences.size(); line++) {
            boolean shimHere = shimmed(line, end);
            Length at = fences.get(line);
            Length near = shimHere ? at.minus(shim.length()) : at;
            for (boolean flipped : new boolean[] {false, true}) {
                Length from = flipped ? height.minus(near).minus(kerf) : near;
                cuts.add(new Cut(
                        end,
                        slotOf(end, line, flipped, last),
                        ((line % 2 == 0) == (end == End.FINGER_FIRST)) != flipped ? 1 : 2,
                        2,
                        from,
                        from.plus(kerf),
                        new Fence(at, shimHere, flipped),
                        (flipped ? "Far edge" : "Reference edge") + (shimHere ? " to the shim" : " to the fence")
                                + ", fence at " + display.number(at, Precision.CALIPER) + "."));
            }
        }
        return cuts;
    }

    /** The slot whose waste this line's kerf lies in. */
    private static int slotOf(End end, int line, boolean flipped, int last) {
        int near = end == End.FINGER_FIRST ? line / 2 : (line + 1) / 2;
        return flipped ? last - near : near;
    }

    @Override
    public Place place(Cut cut) {
        Length at = cut.where() instanceof Fence fence ? fence.at() : cut.from();
        return new Place(
                "Fence to the blade's near side",
                Show.CALIPER,
                fixed(at).times(1),
                "The wall of the part that is cut without the shim.");
    }

    @Override
    public List<String> card() {
        return List.of(
                "Final, equal height on all parts first: both edges register.",
                "Drift set out; fence parallel to the cut the blade wants to make.",
                "The test piece is as wide as the parts.",
                "Cut the line, flip the part, same end to the blade, cut again; then the mates with or without the shim.",
                "At each line the shim goes with the part that has its waste on the fence side.",
                "Stop at the depth line; withdraw straight; clear the waste in small bites, part held to the fence.",
                "Blade guard down to the work; hands beside, never in front of the blade.");
    }

    @Override
    public String errors() {
        return "A fence wrong by a hair moves both walls of a finger: it makes a finger and its slot differ by two hairs at that pair of"
                + " lines only. Parts of unequal height spoil every second line.";
    }

    @Override
    public String line(LengthDisplay shown) {
        return "shim of " + shim.number(shown);
    }

    @Override
    public Optional<Check> check(LengthDisplay shown) {
        return Optional.of(new Check("Shim of " + shim.text(shown) + " made and measured.", shim));
    }

    @Override
    public void build(Worksheet sheet, Worked cutterHeight, HouseRules rules) {
        sheet.work(
                "build-shim",
                "hₛ",
                "Make the shim",
                Show.CALIPER,
                shim.times(1),
                "A strip this thick, wide enough to stand on its edge, as long as the fence.");
    }

    @Override
    public void judge(BoxPlan plan, HouseRules rules, Verdicts verdicts) {
        // what stands in the way of a band saw is said before it is set: it needs both edges
    }

    /** Half the move: the shim gives up half the clearance at either wall; thicker is tighter. */
    @Override
    public Correction correction(Length before, Length move, LengthDisplay shown) {
        Length half = move.dividedBy(2);
        return Correction.of(
                "Make the shim " + shown.text(half.abs(), Precision.CALIPER)
                        + (move.isPositive() ? " thicker" : " thinner") + ", "
                        + shown.text(shim.length().plus(before.dividedBy(2)).plus(half), Precision.CALIPER)
                        + ": the fit "
                        + (move.isPositive() ? "tightens" : "loosens") + " by twice that.",
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
        return bandSaw.apply(this);
    }
}
