package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.OneLine;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How the parts are indexed from cut to cut.
 *
 * @param slimmerBy how much slimmer the key is than the slot it enters; null for the house rule
 * @param way of indexing; a fixed key on a sled when it is not said
 * @param base thickness the cutter passes through before it reaches wood: a router sled's base; null for none
 * @param rod diameter of the rod or drill shank that serves as key; null when the key is made to measure
 * @param leaves the fence is set with, over a zero block; null when they are not said
 * @param screw that moves the carriage; null when it is not said
 * @param resolution of the scale a stop is set by; null for a tenth of a millimetre
 * @param closingError how far dividers stepped past the far edge, or short of it when negative; null when not stepped yet
 * @param own the jig of the rack it is, copied; null when it is none of the rack
 */
public record JigChoice(
        @Nullable Length slimmerBy,
        Way way,
        @Nullable Length base,
        @Nullable Length rod,
        @Nullable Leaves leaves,
        @Nullable Screw screw,
        @Nullable Length resolution,
        @Nullable Length closingError,
        @Nullable Own own) {

    /**
     * A jig of the rack, as far as a plan must know it.
     *
     * @param keys widths of the keys that were made for it, as measured
     */
    public record Own(String id, String name, List<Length> keys) {
        private static final int MOST_KEYS = 24;
        public static final Bounds KEYS = new Bounds("A key", Length.mm(0.5), Length.mm(200));

        public Own {
            Refused.ifMissing("id", "The jig’s id", id);
            name = OneLine.name("name", "A jig", name, 60);
            keys = keys == null ? List.of() : List.copyOf(keys);
            if (keys.size() > MOST_KEYS) {
                throw new Refused("keys", "At most " + MOST_KEYS + " keys.");
            }
            for (int i = 0; i < keys.size(); i++) {
                KEYS.check("keys[" + i + "]", keys.get(i));
            }
        }
    }

    /** Ways of indexing. */
    public enum Way {
        SLED_KEY("fixed key on a sled or mitre gauge"),
        ROUTER_SLED("fixed key on a router sled"),
        ROD_KEY("key from a rod or drill shank"),
        SHIM_FENCE("fence set with leaves"),
        SCREW("screw advance"),
        SPACERS("spacers against a fence"),
        STOPS("stop on a scale"),
        HAND("by hand, with dividers"),
        BAND_SAW("band saw, flip and shim");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Ways that hang the last slot on a key. */
        public boolean hasKey() {
            return this == SLED_KEY || this == ROUTER_SLED || this == ROD_KEY || this == SHIM_FENCE;
        }
    }

    /**
     * A fence that carries the key and comes down on a fixed zero block.
     *
     * @param zeroGap gap from key to cutter with the fence against the block; null while the block is still to be cut
     * @param set thicknesses of the shop's feeler leaves
     * @param paper thickness of one sheet of paper; null when it was not measured
     */
    public record Leaves(
            @Nullable Length zeroGap,
            List<Length> set,
            @Nullable Length paper) {
        /** The usual set: 0.05 to 1.00. */
        public static final List<Length> USUAL = List.of(
                Length.mm(0.05),
                Length.mm(0.1),
                Length.mm(0.15),
                Length.mm(0.2),
                Length.mm(0.25),
                Length.mm(0.3),
                Length.mm(0.4),
                Length.mm(0.5),
                Length.mm(0.6),
                Length.mm(0.7),
                Length.mm(0.8),
                Length.mm(0.9),
                Length.mm(1));

        public static final Bounds ZERO_GAP = new Bounds("Gap on the zero block", Length.ZERO, Length.mm(200));

        public static final Bounds SET = new Bounds("A leaf", Length.mm(0.01), Length.mm(50));

        public static final Bounds PAPER = new Bounds("A sheet of paper", Length.mm(0.02), Length.mm(1));

        public Leaves {
            ZERO_GAP.unlessAbsent("zeroGap", zeroGap);
            set = set == null ? List.of() : List.copyOf(set);
            if (set.size() > 16) {
                throw new Refused("set", "At most 16 leaves.");
            }
            for (int i = 0; i < set.size(); i++) {
                SET.check("set[" + i + "]", set.get(i));
            }
            PAPER.unlessAbsent("paper", paper);
        }
    }

    /**
     * A threaded rod or lead screw, with a crank.
     *
     * @param lead advance in one turn of the screw
     * @param driver teeth of the gear on the crank; equal to {@code driven} without gears
     * @param driven teeth of the gear on the screw
     * @param parts a turn is divided in by detents or marks: 1, 2, 4, 8
     * @param backlash how far the crank turns before the carriage follows; null when it was not measured
     */
    public record Screw(
            Length lead,
            int driver,
            int driven,
            int parts,
            @Nullable Length backlash) {
        public static final Bounds LEAD = new Bounds("Lead of the screw", Length.mm(0.1), Length.mm(50));

        public static final Range DRIVER = new Range("Teeth of the driving gear", 1, 400, "");

        public static final Range DRIVEN = new Range("Teeth of the driven gear", 1, 400, "");

        public static final Range PARTS = new Range("Parts a turn is divided in", 1, 100, "");

        public static final Bounds BACKLASH = new Bounds("Backlash", Length.ZERO, Length.mm(5));

        public Screw {
            LEAD.check("lead", lead);
            DRIVER.check("driver", driver);
            DRIVEN.check("driven", driven);
            PARTS.check("parts", parts);
            BACKLASH.unlessAbsent("backlash", backlash);
        }

        public Screw withParts(int changed) {
            return new Screw(lead, driver, driven, changed, backlash);
        }

        public Screw withGears(int driving, int drivenBy) {
            return new Screw(lead, driving, drivenBy, parts, backlash);
        }
    }

    public static final Bounds SLIMMER_BY = new Bounds("Key slimmer by", Length.ZERO, Length.mm(5));

    public static final Bounds BASE = new Bounds("Base the cutter passes through", Length.ZERO, Length.mm(100));

    public static final Bounds ROD = new Bounds("Diameter of the rod", Length.mm(0.5), Length.mm(60));

    public static final Bounds RESOLUTION = new Bounds("The scale reads to", Length.mm(0.001), Length.mm(5));

    public static final Bounds CLOSING_ERROR =
            new Bounds("Closing error of the dividers", Length.mm(-100), Length.mm(100));

    public JigChoice {
        way = way == null ? Way.SLED_KEY : way;
        SLIMMER_BY.unlessAbsent("slimmerBy", slimmerBy);
        BASE.unlessAbsent("base", base);
        ROD.unlessAbsent("rod", rod);
        RESOLUTION.unlessAbsent("resolution", resolution);
        CLOSING_ERROR.unlessAbsent("closingError", closingError);
    }

    /** A key made to measure, on a sled. */
    public JigChoice(@Nullable Length slimmerBy) {
        this(slimmerBy, Way.SLED_KEY, null, null, null, null, null, null, null);
    }

    public JigChoice with(Way changed) {
        return new JigChoice(
                slimmerBy, changed, base, rod, leaves, screw, resolution, closingError, changed == way ? own : null);
    }

    public JigChoice withSlimmerBy(@Nullable Length changed) {
        return new JigChoice(changed, way, base, rod, leaves, screw, resolution, closingError, own);
    }

    public JigChoice withBase(@Nullable Length changed) {
        return new JigChoice(slimmerBy, way, changed, rod, leaves, screw, resolution, closingError, own);
    }

    public JigChoice withRod(@Nullable Length changed) {
        return new JigChoice(slimmerBy, way, base, changed, leaves, screw, resolution, closingError, own);
    }

    public JigChoice with(Leaves changed) {
        return new JigChoice(slimmerBy, way, base, rod, changed, screw, resolution, closingError, own);
    }

    public JigChoice with(Screw changed) {
        return new JigChoice(slimmerBy, way, base, rod, leaves, changed, resolution, closingError, own);
    }

    public JigChoice withResolution(@Nullable Length changed) {
        return new JigChoice(slimmerBy, way, base, rod, leaves, screw, changed, closingError, own);
    }

    public JigChoice withClosingError(@Nullable Length changed) {
        return new JigChoice(slimmerBy, way, base, rod, leaves, screw, resolution, changed, own);
    }

    /** The same, known as a jig of the rack; or as none of it. */
    public JigChoice withOwn(@Nullable Own changed) {
        return new JigChoice(slimmerBy, way, base, rod, leaves, screw, resolution, closingError, changed);
    }

    /** The leaves that stand: those said, or the usual set over a block that is still to be cut. */
    public Leaves leavesOrUsual() {
        return leaves == null ? new Leaves(null, Leaves.USUAL, Length.mm(0.1)) : leaves;
    }

    /** The screw that stands: the one said, or a rod of 2 mm lead with marks at every eighth of a turn. */
    public Screw screwOrUsual() {
        return screw == null ? new Screw(Length.mm(2), 1, 1, 8, null) : screw;
    }

    public Length resolutionOrUsual() {
        return resolution == null ? Length.mm(0.1) : resolution;
    }
}
