package canthook.fingers;

import canthook.fingers.Gangs.EndToCut;
import canthook.fingers.Gangs.Gang;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.plan.JigChoice.Way;
import canthook.shop.HouseRules;
import canthook.working.Term;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;

/**
 * How many passes a slot takes, where they lie in it, and how many the whole joint takes.
 *
 * <pre>
 * s = kerf: one          else N = 1 + ⌈(s − k)/(k − overlap)⌉, evenly spread, first and last touching the walls
 * overlap = the house rule's, and at most half the kerf, so that a wider kerf never takes more passes
 * </pre>
 *
 * Check: s 7.4492, kerf 3.2, overlap 0.2: 3 passes at 0, 2.125, 4.249.
 */
public final class Passes {
    private Passes() {}

    /** The overlap of neighbouring passes with this kerf. */
    static Term overlap(Worked kerf, HouseRules rules) {
        Term house = Term.fixed(rules.overlap());
        return kerf.length().isUnder(rules.overlap().times(2)) ? Term.smaller(house, kerf.over(2)) : house;
    }

    /** N for a slot of a width. */
    public static int of(Length width, Length kerf, Length overlap) {
        Length rest = width.minus(kerf);
        return rest.isPositive() ? 1 + (int) Math.ceil(rest.dividedBy(kerf.minus(overlap)) - 1e-9) : 1;
    }

    /** Where the passes begin, from the slot's near wall. */
    public static List<Length> at(Length width, Length kerf, Length overlap) {
        int passes = of(width, kerf, overlap);
        List<Length> at = new ArrayList<>(passes);
        for (int i = 0; i < passes; i++) {
            at.add(i == 0 ? Length.ZERO : width.minus(kerf).times(i).dividedBy(passes - 1));
        }
        return at;
    }

    /**
     * Passes over all stacks, as the cut list of this way of indexing makes them.
     *
     * @param perSlot passes of a slot of the layout's own width
     */
    static int inAll(Way way, Joint joint, List<Gang> gangs, Length kerf, Length overlap, int perSlot) {
        int all = 0;
        for (Gang gang : gangs) {
            all += ofStack(way, joint, gang.first(), kerf, overlap, perSlot);
            for (EndToCut end : gang.ends()) {
                all += joint.sawnOff(end.end()).isPresent() ? 1 : 0;
            }
        }
        return all;
    }

    private static int ofStack(Way way, Joint joint, EndToCut end, Length kerf, Length overlap, int perSlot) {
        Layout layout = joint.layout();
        return switch (way) {
            case HAND -> end.slots();
            case BAND_SAW -> 2 * end.slots() - (end.kind().isFingerFirst() ? 0 : 2);
            case SLED_KEY, ROUTER_SLED, ROD_KEY, SHIM_FENCE, SCREW -> {
                boolean toTheEdge = joint.opensAtTop(end.end());
                yield Math.max(0, end.slots() - 1) * perSlot
                        + (end.slots() == 0 ? 0 : keptOfLast(way, joint, end, kerf, overlap, perSlot))
                        + (toTheEdge && layout.sliver(end.kind()).isPositive() ? 1 : 0);
            }
            case SPACERS, STOPS -> {
                int passes = 0;
                if (layout.isEqual()) {
                    passes = Math.max(0, end.slots() - 1) * of(layout.slot(), kerf, overlap);
                } else {
                    List<Span> slots = layout.slots(end.kind().isFingerFirst());
                    for (int j = 0; j < end.slots() - 1; j++) {
                        passes += of(slots.get(j).width(), kerf, overlap);
                    }
                }
                yield passes + (end.slots() == 0 ? 0 : keptOfLast(way, joint, end, kerf, overlap, perSlot));
            }
        };
    }

    /**
     * How many passes of the last slot of an end are made, from its near wall: on a low wall those that would begin over its edge are in
     * the air.
     *
     * @param perSlot passes of a slot of the layout's own width
     */
    public static int keptOfLast(Way way, Joint joint, EndToCut end, Length kerf, Length overlap, int perSlot) {
        Layout layout = joint.layout();
        Span last = layout.slot(end.kind().isFingerFirst(), end.slots() - 1);
        Length top = joint.top(end.end().part());
        Length width = switch (way) {
            case SPACERS, STOPS -> last.width();
            case HAND, BAND_SAW, SLED_KEY, ROUTER_SLED, ROD_KEY, SHIM_FENCE, SCREW -> layout.slot();
        };
        int passes = way == Way.SPACERS || way == Way.STOPS ? of(width, kerf, overlap) : perSlot;
        if (joint.opensAtTop(end.end())) {
            return passes;
        }
        int kept = 1;
        for (int i = 1; i < passes; i++) {
            Length from = last.from().plus(width.minus(kerf).times(i).dividedBy(passes - 1L));
            kept += !end.stopped() || from.isUnder(top) ? 1 : 0;
        }
        return kept;
    }
}
