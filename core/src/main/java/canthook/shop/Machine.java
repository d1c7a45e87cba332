package canthook.shop;

import canthook.cutter.Cutter;
import canthook.cutter.StackSet;
import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.OneLine;
import canthook.refusal.Refused;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A machine of the shop, as far as its measures bind what is made with it. General kinds; no maker's names.
 *
 * @param id stable name
 * @param measures as taken; what is missing was not measured yet
 * @param stacked whether its manual allows stacked cutters; null when nobody looked. Never assumed
 */
public record Machine(
        String id,
        String name,
        Kind kind,
        Map<Measure, Length> measures,
        @Nullable Boolean stacked,
        String note) {

    /** What kind of machine it is. */
    public enum Kind {
        TABLE_SAW("table saw"),
        ROUTER("router"),
        BAND_SAW("band saw"),
        DRILL_PRESS("drill press"),
        VICE("vice");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What is measured on it; the usual value stands, marked as assumed, until it is. */
    public enum Measure {
        SLOT_WIDTH(
                Kind.TABLE_SAW,
                "Mitre slot, wide",
                "Jaws of the caliper inside the slot, at both ends and in the middle; the narrowest counts.",
                19,
                5,
                60),
        SLOT_DEPTH(
                Kind.TABLE_SAW,
                "Mitre slot, deep",
                "A rule across the slot, the caliper's depth rod down to its floor.",
                9.5,
                3,
                40),
        SLOT_TO_BLADE(
                Kind.TABLE_SAW,
                "Slot's middle to the blade",
                "From the slot's near wall to the near side of a tooth that leans to it; add half the slot.",
                120,
                20,
                400),
        BLADE_RADIUS(
                Kind.TABLE_SAW, "Blade's radius", "Half the diameter over the teeth, blade off the saw.", 125, 60, 250),
        GREATEST_HEIGHT(
                Kind.TABLE_SAW,
                "Stands over the table at most",
                "Unplugged, wound up to its stop: a square on the table beside the highest tooth.",
                80,
                20,
                160),
        ARBOR(
                Kind.TABLE_SAW,
                "Widest stack on the arbor",
                "What goes between the flanges with the nut fully on its thread.",
                20,
                2,
                40),
        THROAT(Kind.TABLE_SAW, "Opening of the insert", "Across the insert's slot, blade in it.", 12, 2, 80),
        COLLET(Kind.ROUTER, "Collet", "The shank it holds, as marked on it.", 8, 3, 20),
        HOLE_CIRCLE(
                Kind.ROUTER,
                "Screws of the plate, on a circle of",
                "From the middle of one screw to that of the one opposite.",
                90,
                30,
                250),
        PLATE_SCREW(Kind.ROUTER, "Plate's screws, thick", "The caliper over their thread.", 5, 2, 12),
        OPENING(Kind.ROUTER, "Opening of the base", "Across the hole the bit goes through.", 40, 15, 120),
        UNDER_GUIDE(Kind.BAND_SAW, "Height under the guide", "Guide wound up: from the table to it.", 150, 40, 500),
        BAND_THROAT(
                Kind.BAND_SAW, "Blade to the frame", "Along the table, from the blade to the frame.", 300, 100, 800),
        BAND_KERF(Kind.BAND_SAW, "Its blade's kerf", "A cut in scrap, leaves in it.", 1, 0.4, 4),
        PRESS_OPENING(
                Kind.DRILL_PRESS, "Under the chuck", "Spindle up, table down: from table to chuck.", 300, 60, 1200),
        VICE_OPENING(Kind.VICE, "Opens to", "Jaws apart as far as they go.", 150, 40, 500);

        private final Kind on;
        private final String words;
        private final String how;
        private final Length usual;
        private final Bounds bounds;

        Measure(Kind on, String words, String how, double usual, double least, double most) {
            this.on = on;
            this.words = words;
            this.how = how;
            this.usual = Length.mm(usual);
            this.bounds = new Bounds(words, Length.mm(least), Length.mm(most));
        }

        public Kind on() {
            return on;
        }

        public String words() {
            return words;
        }

        /** How it is taken, in a sentence. */
        public String how() {
            return how;
        }

        /** What stands until it is measured. */
        public Length usual() {
            return usual;
        }

        public Bounds bounds() {
            return bounds;
        }
    }

    public Machine {
        Refused.ifMissing("id", "The machine’s id", id);
        name = OneLine.name("name", "A machine", name, 60);
        Refused.ifMissing("kind", "What kind it is", kind);
        Map<Measure, Length> taken = new EnumMap<>(Measure.class);
        if (measures != null) {
            taken.putAll(measures);
        }
        for (Map.Entry<Measure, Length> one : taken.entrySet()) {
            String field = "measures." + one.getKey().name();
            if (one.getKey().on() != kind) {
                throw new Refused(field, "A " + kind.words() + " has no such measure.");
            }
            one.getKey().bounds().check(field, one.getValue());
        }
        measures = java.util.Collections.unmodifiableMap(taken);
        note = OneLine.words("note", "The note", note == null ? "" : note, 300);
        if (kind != Kind.TABLE_SAW) {
            stacked = null;
        }
    }

    /** What is measured on a kind, in order. */
    public static List<Measure> of(Kind kind) {
        return Arrays.stream(Measure.values()).filter(m -> m.on() == kind).toList();
    }

    /**
     * Whether it may turn a cutter: stacked ones only where its manual does not forbid them and its arbor holds the thinnest of their
     * stacks. What nobody measured or looked up forbids nothing here; it is said at the jig.
     */
    public boolean turns(Cutter cutter) {
        StackSet set = cutter.stack();
        if (set == null) {
            return true;
        }
        Length arbor = measures.get(Measure.ARBOR);
        return kind == Kind.TABLE_SAW
                && !Boolean.FALSE.equals(stacked)
                && (arbor == null || !set.outer().isOver(arbor));
    }

    public Machine withId(String other) {
        return new Machine(other, name, kind, measures, stacked, note);
    }
}
