package canthook.jig;

import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.working.Show;
import canthook.working.Term;
import java.util.ArrayList;
import java.util.List;

/** How one way of indexing is set: where it stands for every pass, and what it asks of the maker. */
public sealed interface Setting
        permits KeySetting, ScrewSetting, SpacerSetting, StopSetting, HandSetting, BandSawSetting {

    /** The joint as this way cuts it: the wanted one, but for a screw that has only whole quanta. */
    Layout layout();

    /** Every pass over a kind of end, in working order. */
    List<Cut> cuts(End end);

    /** Where the jig stands for a pass. */
    Place place(Cut cut);

    /** How to set up, step by step, with its checks. */
    List<String> card();

    /** How its errors behave. */
    String errors();

    /**
     * Where the jig stands for a pass, with its working.
     *
     * @param label what is set: {@code stop}, {@code turns from zero}
     */
    record Place(String label, Show show, Term term, String rule) {}

    /** A pass of a slot in its place on the wall. */
    record Pass(int slot, int pass, int passes, Length from, Length offset) {}

    /** Every pass of every slot of an end, from the reference edge outwards. */
    static List<Pass> passes(Layout layout, Rung rung, End end) {
        List<Pass> all = new ArrayList<>();
        List<Span> slots = layout.slots(end.isFingerFirst());
        for (int j = 0; j < slots.size(); j++) {
            List<Length> offsets = rung.passesOf(slots.get(j).width());
            for (int i = 0; i < offsets.size(); i++) {
                all.add(new Pass(j, i + 1, offsets.size(), slots.get(j).from().plus(offsets.get(i)), offsets.get(i)));
            }
        }
        return all;
    }
}
