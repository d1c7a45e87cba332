package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * How the box is glued and its tips are trimmed.
 *
 * @param glue which kind; the label of the bottle comes before it
 * @param openMinutes open time as the label says; null for what is usual of the kind
 * @param totalMinutes total assembly time as the label says; null for twice the open time
 * @param spread whether one mate of a joint is spread or both
 * @param people who spread at once
 * @param halves two L-shaped halves first, then the two together
 * @param clamps what presses the joints
 * @param diagonals as they were read; null before
 * @param trim how proud tips are taken off; null for what the size says of the tips
 * @param bevel how far the bevel of tips that stay proud leans from the way they stand out, degrees; null for 45
 * @param edge what is done to the outer edges once all is flush; null when they stay sharp
 */
public record GlueChoice(
        Glue glue,
        @Nullable Double openMinutes,
        @Nullable Double totalMinutes,
        Spread spread,
        int people,
        boolean halves,
        Clamps clamps,
        @Nullable Diagonals diagonals,
        @Nullable Trim trim,
        @Nullable Double bevel,
        @Nullable Edge edge) {

    /**
     * General kinds of glue. Open times are ranges at 20 °C and 50 % RH, minutes; hours are what is usual.
     */
    public enum Glue {
        PVA("yellow or white glue", 5, 8, true, 45, 2, 24),
        SLOW_PVA("slow white glue", 12, 15, true, 60, 4, 24),
        LIQUID_HIDE("liquid hide glue", 20, 30, true, 120, 8, 24),
        HOT_HIDE("hot hide glue", 1, 2, true, 60, 4, 24),
        SLOW_EPOXY("slow epoxy", 20, 60, false, 480, 12, 72),
        POLYURETHANE("polyurethane glue", 15, 20, false, 120, 6, 24);

        private final String words;
        private final int openLeast;
        private final int openMost;
        private final boolean water;
        private final int clampMinutes;
        private final int handlingHours;
        private final int fullHours;

        Glue(
                String words,
                int openLeast,
                int openMost,
                boolean water,
                int clampMinutes,
                int handlingHours,
                int fullHours) {
            this.words = words;
            this.openLeast = openLeast;
            this.openMost = openMost;
            this.water = water;
            this.clampMinutes = clampMinutes;
            this.handlingHours = handlingHours;
            this.fullHours = fullHours;
        }

        public String words() {
            return words;
        }

        /** The shorter end of its open time, minutes: what is planned with. */
        public int openLeast() {
            return openLeast;
        }

        public int openMost() {
            return openMost;
        }

        /** Whether it brings water into the joint, which swells the fingers. */
        public boolean isWaterBased() {
            return water;
        }

        public int clampMinutes() {
            return clampMinutes;
        }

        public int handlingHours() {
            return handlingHours;
        }

        public int fullHours() {
            return fullHours;
        }
    }

    /** What is spread. */
    public enum Spread {
        ONE_MATE,
        BOTH_MATES
    }

    /** What presses the joints while the glue sets. */
    public enum Clamps {
        NONE("none, the fit holds"),
        CAULS_BESIDE("cauls beside the proud tips"),
        CAULS_NOTCHED("cauls notched over the tips"),
        BAND("a band round the box");

        private final String words;

        Clamps(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How proud tips are taken off. */
    public enum Trim {
        ROUTER("router with a bearing"),
        SAW("saw with a raised fence"),
        PLANE("plane, from the edge inwards"),
        SAND("sanded flush");

        private final String words;

        Trim(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Both diagonals of the closed box.
     *
     * @param one from the corner of D and A to that of B and C
     * @param other from the corner of A and B to that of C and D
     * @param inside whether they were read inside the walls
     */
    public record Diagonals(Length one, Length other, boolean inside) {
        public static final Bounds ONE = new Bounds("One diagonal", Length.mm(5), Length.mm(5000));

        public static final Bounds OTHER = new Bounds("The other diagonal", Length.mm(5), Length.mm(5000));

        public Diagonals {
            ONE.check("one", one);
            OTHER.check("other", other);
        }
    }

    /**
     * The outer edges of the box, all twelve alike.
     *
     * @param by radius, or how far a chamfer reaches from the edge
     */
    public record Edge(Shape shape, Length by) {
        /** What is taken off an edge. */
        public enum Shape {
            ROUND("rounded"),
            CHAMFER("chamfered");

            private final String words;

            Shape(String words) {
                this.words = words;
            }

            public String words() {
                return words;
            }
        }

        public static final Bounds BY = new Bounds("What comes off the edges", Length.mm(0.2), Length.mm(30));

        public Edge {
            Refused.ifMissing("shape", "The shape of the edges", shape);
            BY.check("by", by);
        }
    }

    public static final Range BEVEL = new Range("Bevel of the tips", 10, 70, "°");

    public static final Range OPEN_MINUTES = new Range("Open time", 0.1, 600, "min");

    public static final Range TOTAL_MINUTES = new Range("Total assembly time", 0.2, 1440, "min");

    public static final Range PEOPLE = new Range("People", 1, 2, "");

    /** Yellow or white glue on one mate, by one person, no clamps. */
    public static final GlueChoice USUAL =
            new GlueChoice(Glue.PVA, null, null, Spread.ONE_MATE, 1, false, Clamps.NONE, null, null, null, null);

    public GlueChoice {
        Refused.ifMissing("glue", "The glue", glue);
        if (openMinutes != null) {
            OPEN_MINUTES.check("openMinutes", openMinutes);
        }
        if (totalMinutes != null) {
            TOTAL_MINUTES.check("totalMinutes", totalMinutes);
        }
        if (openMinutes != null && totalMinutes != null && totalMinutes < openMinutes) {
            throw new Refused(
                    "totalMinutes", "The total assembly time is never shorter than the open time: it begins with it.");
        }
        Refused.ifMissing("spread", "What is spread", spread);
        PEOPLE.check("people", people);
        Refused.ifMissing("clamps", "Clamps", clamps);
        if (bevel != null) {
            BEVEL.check("bevel", bevel);
        }
    }

    /** Another glue; what the label of the one before said is of no meaning for it. */
    public GlueChoice with(Glue changed) {
        return new GlueChoice(changed, null, null, spread, people, halves, clamps, diagonals, trim, bevel, edge);
    }

    public GlueChoice with(Spread changed) {
        return new GlueChoice(
                glue, openMinutes, totalMinutes, changed, people, halves, clamps, diagonals, trim, bevel, edge);
    }

    public GlueChoice withPeople(int changed) {
        return new GlueChoice(
                glue, openMinutes, totalMinutes, spread, changed, halves, clamps, diagonals, trim, bevel, edge);
    }

    public GlueChoice withHalves(boolean changed) {
        return new GlueChoice(
                glue, openMinutes, totalMinutes, spread, people, changed, clamps, diagonals, trim, bevel, edge);
    }

    public GlueChoice with(Clamps changed) {
        return new GlueChoice(
                glue, openMinutes, totalMinutes, spread, people, halves, changed, diagonals, trim, bevel, edge);
    }

    public GlueChoice with(Trim changed) {
        return new GlueChoice(
                glue, openMinutes, totalMinutes, spread, people, halves, clamps, diagonals, changed, bevel, edge);
    }

    public GlueChoice withDiagonals(@Nullable Diagonals changed) {
        return new GlueChoice(
                glue, openMinutes, totalMinutes, spread, people, halves, clamps, changed, trim, bevel, edge);
    }

    public GlueChoice withOpen(@Nullable Double open, @Nullable Double total) {
        return new GlueChoice(glue, open, total, spread, people, halves, clamps, diagonals, trim, bevel, edge);
    }

    public GlueChoice withBevel(@Nullable Double changed) {
        return new GlueChoice(
                glue, openMinutes, totalMinutes, spread, people, halves, clamps, diagonals, trim, changed, edge);
    }

    public GlueChoice with(@Nullable Edge changed) {
        return new GlueChoice(
                glue, openMinutes, totalMinutes, spread, people, halves, clamps, diagonals, trim, bevel, changed);
    }
}
