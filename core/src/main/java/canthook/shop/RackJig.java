package canthook.shop;

import canthook.length.Length;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Own;
import canthook.plan.JigChoice.Way;
import canthook.refusal.Bounds;
import canthook.refusal.OneLine;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A jig of the shop: how it indexes, with its own measures (zero, leaves and paper, lead and backlash of its screw, scale), and the keys
 * that were made for it.
 *
 * @param id stable name
 * @param jig its measures, as a plan takes them; of no box and of no rack
 * @param keys widths of the keys that lie with it, as measured
 * @param glued what was measured on it where its key is glued in; null where the key can be moved
 * @param spacers thickness of every spacer that lies with it, as measured; none where it indexes by something else
 * @param cutter it was made for, by its id on the rack; null when it was for none
 */
public record RackJig(
        String id,
        String name,
        JigChoice jig,
        List<Length> keys,
        @Nullable String cutter,
        String note,
        @Nullable Glued glued,
        List<Length> spacers) {
    public static final Bounds SPACER = new Bounds("A spacer", Length.mm(0.2), Length.mm(200));
    private static final int MOST_SPACERS = 60;

    /**
     * What was measured on a jig whose key is glued in: it makes one joint for ever.
     *
     * @param kerf the slot its cut leaves
     * @param gap from key to cut
     */
    public record Glued(Length kerf, Length gap) {
        public static final Bounds KERF = new Bounds("Slot it cuts", Length.mm(0.5), Length.mm(100));
        public static final Bounds GAP = new Bounds("Gap, key to cut", Length.mm(0.2), Length.mm(100));

        public Glued {
            KERF.check("kerf", kerf);
            GAP.check("gap", gap);
        }
    }

    public RackJig {
        Refused.ifMissing("id", "The jig’s id", id);
        name = OneLine.name("name", "A jig", name, 60);
        Refused.ifMissing("jig", "How it indexes", jig);
        keys = new Own(id, name, keys == null ? List.of() : keys).keys();
        note = OneLine.words("note", "The note", note == null ? "" : note, 300);
        if (glued != null && !jig.way().hasKey()) {
            throw new Refused("glued", "A jig without a key has none that is glued in.");
        }
        spacers = spacers == null ? List.of() : List.copyOf(spacers);
        if (spacers.size() > MOST_SPACERS) {
            throw new Refused("spacers", "At most " + MOST_SPACERS + " spacers.");
        }
        for (int i = 0; i < spacers.size(); i++) {
            SPACER.check("spacers[" + i + "]", spacers.get(i));
        }
        if (!spacers.isEmpty() && jig.way() != Way.SPACERS) {
            throw new Refused("spacers", "Only a jig that indexes by spacers has them.");
        }
        // dividers are stepped anew for every box, and a jig is not one of itself
        jig = jig.withClosingError(null).withOwn(null);
    }

    public RackJig withId(String other) {
        return new RackJig(other, name, jig, keys, cutter, note, glued, spacers);
    }

    /** What a plan takes when it is cut on this jig. */
    public JigChoice chosen() {
        return jig.withOwn(new Own(id, name, keys));
    }
}
