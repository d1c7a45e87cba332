package canthook.plan;

import canthook.plan.Recipe.Does;
import canthook.plan.Recipe.Step;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What the box is finished with, and when it is wanted.
 *
 * @param finish which kind; the label of the tin comes before it
 * @param coats how many; null for what is usual of the kind, and for one of the shop's own
 * @param inside whether the inside is finished too, before the glue
 * @param touches what comes into contact with it; nothing in particular when null
 * @param own the shop's own, where the kind is that
 * @param readyOn the day it must be ready by; null for as soon as can be
 * @param notBefore steps that were moved: none of them begins before its moment. None when null
 */
public record FinishChoice(
        Finish finish,
        @Nullable Integer coats,
        boolean inside,
        @Nullable Touches touches,
        @Nullable Recipe own,
        @Nullable LocalDate readyOn,
        @Nullable Map<String, LocalDateTime> notBefore) {

    /**
     * General kinds of finish.
     *
     * <p>Minutes of hands a coat, hours until the next, days until it has cured, at 20 °C and 50 % RH: what is usual.
     */
    public enum Finish {
        NONE("none", 0, 0, 0, 0, false, false, false, false),
        OIL_VARNISH("wiping oil-varnish", 3, 15, 24, 7, false, true, true, true),
        DRYING_OIL("drying oil", 2, 15, 24, 14, false, true, false, false),
        WAX("wax", 2, 15, 1, 1, false, false, true, false),
        SHELLAC("shellac", 4, 10, 2, 2, false, false, true, true),
        WATER_FILM("water-based film", 3, 10, 3, 7, true, false, false, true),
        FOOD_OIL("mineral oil and beeswax, for food", 2, 10, 12, 1, false, false, false, false),
        OWN("one of the shop’s own", 0, 0, 0, 0, false, false, false, false);

        private final String words;
        private final int usualCoats;
        private final int minutesACoat;
        private final int recoatHours;
        private final int cureDays;
        private final boolean raisesGrain;
        private final boolean ragsBurn;
        private final boolean vapour;
        private final boolean film;

        Finish(
                String words,
                int usualCoats,
                int minutesACoat,
                int recoatHours,
                int cureDays,
                boolean raisesGrain,
                boolean ragsBurn,
                boolean vapour,
                boolean film) {
            this.words = words;
            this.usualCoats = usualCoats;
            this.minutesACoat = minutesACoat;
            this.recoatHours = recoatHours;
            this.cureDays = cureDays;
            this.raisesGrain = raisesGrain;
            this.ragsBurn = ragsBurn;
            this.vapour = vapour;
            this.film = film;
        }

        public String words() {
            return words;
        }

        public int usualCoats() {
            return usualCoats;
        }

        /**
         * As steps: sanded, the grain raised where water does that, so many coats, rubbed down between them, cured.
         *
         * @param coats how many, at least one
         */
        public Recipe recipe(int coats) {
            List<Step> steps = new ArrayList<>();
            steps.add(new Step(Does.SAND, GRITS, SANDS, 0));
            if (raisesGrain) {
                steps.add(new Step(Does.WET, WETS, WET_DRIES));
            }
            Does puts = this == WAX ? Does.WAX : Does.COAT;
            for (int coat = 1; coat <= coats; coat++) {
                if (coat > 1 || raisesGrain) {
                    steps.add(new Step(Does.RUB, RUBS, 0));
                }
                steps.add(new Step(puts, minutesACoat, recoatHours));
            }
            steps.add(new Step(Does.CURE, 0, Math.max(0, 24 * cureDays - recoatHours)));
            return new Recipe(words, steps, ragsBurn, vapour, film);
        }
    }

    /** What the finished box comes into contact with. */
    public enum Touches {
        NOTHING("nothing in particular"),
        FOOD("food"),
        TOYS("toys, or what babies chew");

        private final String words;

        Touches(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private static final String GRITS = "120 · 180 · 240";
    private static final int SANDS = 30;
    private static final int WETS = 5;
    private static final double WET_DRIES = 2;
    private static final int RUBS = 5;
    private static final int MOST_MOVED = 200;

    public static final Range COATS = new Range("Coats", 1, 12, "");

    /** No finish. */
    public static final FinishChoice NONE = of(Finish.NONE, null, false);

    public FinishChoice {
        Refused.ifMissing("finish", "The finish", finish);
        if (coats != null) {
            COATS.check("coats", coats);
        }
        touches = touches == null ? Touches.NOTHING : touches;
        if (finish == Finish.OWN && own == null) {
            throw new Refused("own", "Which of the shop’s own finishes?");
        }
        notBefore = notBefore == null ? Map.of() : Map.copyOf(notBefore);
        if (notBefore.size() > MOST_MOVED) {
            throw new Refused("notBefore", "At most " + MOST_MOVED + " steps can be moved.");
        }
    }

    public static FinishChoice of(Finish finish, @Nullable Integer coats, boolean inside) {
        return new FinishChoice(finish, coats, inside, null, null, null, null);
    }

    @Override
    public Touches touches() {
        return Objects.requireNonNull(touches);
    }

    @Override
    public Map<String, LocalDateTime> notBefore() {
        return Objects.requireNonNull(notBefore);
    }

    /** The steps that stand; null without a finish. */
    public @Nullable Recipe recipe() {
        return switch (finish) {
            case NONE -> null;
            case OWN -> own;
            case OIL_VARNISH, DRYING_OIL, WAX, SHELLAC, WATER_FILM, FOOD_OIL ->
                finish.recipe(coats == null ? finish.usualCoats() : coats);
        };
    }

    /** Another kind; the coats said of the one before are of no meaning for it. */
    public FinishChoice with(Finish changed) {
        return new FinishChoice(changed, null, inside, touches, own, readyOn, notBefore);
    }

    public FinishChoice touching(Touches changed) {
        return new FinishChoice(finish, coats, inside, changed, own, readyOn, notBefore);
    }
}
