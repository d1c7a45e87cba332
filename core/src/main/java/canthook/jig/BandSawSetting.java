package canthook.jig;

import static canthook.working.Term.fixed;

import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.jig.Cut.Fence;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

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

    @Override
    public Layout layout() {
        return rung.layout();
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
                "Cut the line, turn the part over edge for edge, cut its twin, then the mates with or without the shim.",
                "At each line the shim goes with the part that has its waste on the fence side.",
                "Stop at the depth line; clear the waste between the lines by nibbling.",
                "Blade guard down to the work; hands beside, never in front of the blade.");
    }

    @Override
    public String errors() {
        return "A fence wrong by a hair moves both walls of a finger: it makes a finger and its slot differ by two hairs at that pair of"
                + " lines only. Parts of unequal height spoil every second line.";
    }
}
