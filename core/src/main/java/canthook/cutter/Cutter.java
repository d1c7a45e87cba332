package canthook.cutter;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.OneLine;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * A cutter of the shop. What counts is its measured kerf: the slot one pass leaves, as read in a cut.
 *
 * @param id stable name
 * @param nominal what is printed on it
 * @param kerf as measured in a cut; of a stacked cutter, of the outer blades alone
 * @param kerfOn the day it was measured, {@code 2026-03-02}; null when it never was
 * @param kerfFrom how it was measured: {@code test cut of the envelope drawer}
 * @param reach how far it cuts past table or collet; null when it is not known
 * @param tooth form of the teeth; null for bits
 * @param stack its parts, when it is a stacked cutter
 */
public record Cutter(
        String id,
        String name,
        Kind kind,
        Length nominal,
        Length kerf,
        @Nullable String kerfOn,
        String kerfFrom,
        @Nullable Length reach,
        @Nullable Tooth tooth,
        @Nullable StackSet stack,
        String note) {

    /** What kind of cutter it is. */
    public enum Kind {
        BLADE("saw blade"),
        STACK("stacked cutter"),
        BIT("straight router bit"),
        BAND_SAW("band saw blade"),
        HAND_SAW("hand saw");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How the tips are ground. */
    public enum Tooth {
        /** A flat-topped rip tooth: the slot's floor comes out level. */
        FLAT,
        /** Alternate bevels: two fine ridges stay at the floor's edges. */
        ALTERNATE,
        /** Alternate bevels and a raker: nearly level. */
        RAKER
    }

    public static final Bounds NOMINAL = new Bounds("Nominal width", Length.mm(0.1), Length.mm(200));
    public static final Bounds KERF = new Bounds("Measured kerf", Length.mm(0.2), Length.mm(200));
    public static final Bounds REACH = new Bounds("Reach", Length.mm(1), Length.mm(500));

    public Cutter {
        Refused.ifMissing("id", "The cutter's id", id);
        name = OneLine.name("name", "A cutter", name, 60);
        Refused.ifMissing("kind", "The kind of cutter", kind);
        NOMINAL.check("nominal", nominal);
        KERF.check("kerf", kerf);
        if (kerfOn != null && !kerfOn.matches("\\d{4}-\\d{2}-\\d{2}")) {
            throw new Refused("kerfOn", "The day it was measured is written like 2026-03-02.");
        }
        kerfFrom = OneLine.words("kerfFrom", "How it was measured", kerfFrom, 120);
        note = OneLine.words("note", "The note", note, 300);
        REACH.unlessAbsent("reach", reach);
        if ((kind == Kind.STACK) != (stack != null)) {
            throw new Refused("stack", "A stacked cutter has outer blades, chippers and shims; no other cutter has.");
        }
    }

    /** The same cutter with a kerf read in a cut. */
    public Cutter measured(Length read, @Nullable String on, String from) {
        return new Cutter(id, name, kind, nominal, read, on, from, reach, tooth, stack, note);
    }

    /** The same stacked cutter of other parts, or on another arbor. */
    public Cutter with(StackSet other) {
        return new Cutter(id, name, kind, nominal, kerf, kerfOn, kerfFrom, reach, tooth, other, note);
    }

    public Cutter withId(String changed) {
        return new Cutter(changed, name, kind, nominal, kerf, kerfOn, kerfFrom, reach, tooth, stack, note);
    }

    /** Whether two fine ridges stay at the edges of a slot's floor. */
    public boolean leavesRidges() {
        return tooth == Tooth.ALTERNATE;
    }
}
