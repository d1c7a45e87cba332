package canthook.plan;

import canthook.refusal.Range;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What the box is finished with.
 *
 * @param finish which kind; the label of the tin comes before it
 * @param coats how many; null for what is usual of the kind
 * @param inside whether the inside is finished too, before the glue
 */
public record FinishChoice(Finish finish, @Nullable Integer coats, boolean inside) {

    /**
     * General kinds of finish.
     *
     * <p>Minutes of hands a coat, hours until the next, days until it has cured, at 20 °C and 50 % RH: what is usual.
     */
    public enum Finish {
        NONE("none", 0, 0, 0, 0, false, false),
        OIL_VARNISH("wiping oil-varnish", 3, 15, 24, 7, false, true),
        DRYING_OIL("drying oil", 2, 15, 24, 14, false, true),
        WAX("wax", 2, 15, 1, 1, false, false),
        SHELLAC("shellac", 4, 10, 2, 2, false, false),
        WATER_FILM("water-based film", 3, 10, 3, 7, true, false),
        FOOD_OIL("mineral oil and beeswax, for food", 2, 10, 12, 1, false, false);

        private final String words;
        private final int usualCoats;
        private final int minutesACoat;
        private final int recoatHours;
        private final int cureDays;
        private final boolean raisesGrain;
        private final boolean ragsBurn;

        Finish(
                String words,
                int usualCoats,
                int minutesACoat,
                int recoatHours,
                int cureDays,
                boolean raisesGrain,
                boolean ragsBurn) {
            this.words = words;
            this.usualCoats = usualCoats;
            this.minutesACoat = minutesACoat;
            this.recoatHours = recoatHours;
            this.cureDays = cureDays;
            this.raisesGrain = raisesGrain;
            this.ragsBurn = ragsBurn;
        }

        public String words() {
            return words;
        }

        public int usualCoats() {
            return usualCoats;
        }

        public int minutesACoat() {
            return minutesACoat;
        }

        public int recoatHours() {
            return recoatHours;
        }

        public int cureDays() {
            return cureDays;
        }

        /** Whether it raises the grain, which is done once with water alone and sanded off first. */
        public boolean raisesGrain() {
            return raisesGrain;
        }

        /** Whether its rags can take fire by themselves. */
        public boolean ragsBurn() {
            return ragsBurn;
        }
    }

    public static final Range COATS = new Range("Coats", 1, 12, "");

    /** No finish. */
    public static final FinishChoice NONE = new FinishChoice(Finish.NONE, null, false);

    public FinishChoice {
        Refused.ifMissing("finish", "The finish", finish);
        if (coats != null) {
            COATS.check("coats", coats);
        }
    }

    /** The coats that stand. */
    public int coatsOrUsual() {
        return finish == Finish.NONE ? 0 : coats == null ? finish.usualCoats() : coats;
    }
}
