package canthook.jig;

import canthook.fingers.End;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.jig.Cut.ByEye;
import canthook.length.Length;
import canthook.length.LengthDisplay;
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
 * How one way of indexing is set: where it stands for every pass, what it is built to, how it is checked, how its fit is put right. A new
 * way is a record here; every reader that must know the kinds goes through {@link #fold}, and the compiler names them.
 */
public sealed interface Setting
        permits KeySetting, ScrewSetting, SpacerSetting, StopSetting, HandSetting, BandSawSetting {

    /** The division it cuts. */
    Rung rung();

    /** Every pass over a kind of end, in working order. */
    List<Cut> cuts(End end);

    /** Where the jig stands for a pass. */
    Place place(Cut cut);

    /** How to set up, step by step, with its checks. */
    List<String> card();

    /** How its errors behave. */
    String errors();

    /** What is settled, in one line. */
    String line(LengthDisplay display);

    /** The number that is set and checked before the first cut, and how it is said; empty when every cut has its own. */
    Optional<Check> check(LengthDisplay display);

    /** What the jig itself is made to, written on its sheet. */
    void build(Worksheet sheet, Worked cutterHeight, HouseRules rules);

    /** What stands in the way of this setting. */
    void judge(BoxPlan plan, HouseRules rules, Verdicts verdicts);

    /**
     * What to do about a fit that is off.
     *
     * @param before what was moved since it was set as planned, in all: it stands there now
     * @param move how much every finger must grow; negative: shrink
     */
    Correction correction(Length before, Length move, LengthDisplay display);

    /** Reads the kind. */
    <T> T fold(
            Function<KeySetting, T> key,
            Function<ScrewSetting, T> screw,
            Function<SpacerSetting, T> spacers,
            Function<StopSetting, T> stops,
            Function<HandSetting, T> hand,
            Function<BandSawSetting, T> bandSaw);

    default Layout layout() {
        return rung().layout();
    }

    /**
     * Where the jig stands for a pass, with its working.
     *
     * @param label what is set: {@code stop}, {@code turns from zero}
     */
    record Place(String label, Show show, Term term, String rule) {}

    /** A number to be set, and the sentence that asks for it. */
    record Check(String says, Worked number) {}

    /** A pass of a slot in its place on the wall. */
    record Pass(int slot, int pass, int passes, Length from, Length offset) {}

    /** Every pass of every slot of an end, from the reference edge outwards. */
    static List<Pass> passes(Layout layout, Rung rung, End end) {
        List<Pass> all = new ArrayList<>();
        List<Span> slots = layout.slots(end.isFingerFirst());
        for (int j = 0; j < slots.size(); j++) {
            Span slot = slots.get(j);
            List<Length> offsets = rung.passesOf(slot.width());
            // an open slot at the reference edge that is narrower than the cutter is cut from outside the edge
            boolean hangsOver = j == 0
                    && !slot.from().isPositive()
                    && slot.width().isUnder(rung.kerf().length());
            Length near = hangsOver ? slot.to().minus(rung.kerf().length()) : slot.from();
            for (int i = 0; i < offsets.size(); i++) {
                all.add(new Pass(j, i + 1, offsets.size(), near.plus(offsets.get(i)), offsets.get(i)));
            }
        }
        return all;
    }

    /** How far a carriage or a scale must reach. */
    static void travel(Rung rung, Worksheet sheet) {
        sheet.work(
                "build-travel",
                "X",
                "Make it travel",
                Show.LAYOUT,
                Term.fixed(rung.layout().height()).plus(rung.kerf().times(2)),
                "The joint's height, and a kerf beyond either edge.");
    }

    /** The pass, off the jig, that takes what the last open slot keeps at the far edge; empty when nothing is left there. */
    static Optional<Cut> sliver(Rung rung, End end, int passesBefore) {
        Layout layout = rung.layout();
        Length kerf = rung.kerf().length();
        if (!layout.sliver(end).isPositive()) {
            return Optional.empty();
        }
        List<Span> slots = layout.slots(end.isFingerFirst());
        Length to = layout.height();
        return Optional.of(new Cut(
                end,
                slots.size() - 1,
                passesBefore + 1,
                passesBefore + 1,
                Length.longer(to.minus(kerf), slots.get(slots.size() - 1).from()),
                to,
                new ByEye(),
                "Off the jig: part clamped, take the sliver at the far edge."));
    }
}
