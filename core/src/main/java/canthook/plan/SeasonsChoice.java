package canthook.plan;

import canthook.refusal.Range;
import canthook.refusal.Refused;
import canthook.wood.Air;
import org.jspecify.annotations.Nullable;

/**
 * What is known of the panels' moisture today, and where the box will live.
 *
 * @param known how today's moisture is known
 * @param meter meter reading in percent, when known by a meter
 * @param shop the shop's air
 * @param home which house the box will live in
 * @param one first of two airs of the maker's own; needed when the home is OWN
 * @param other second of the two; which is the wetter is worked out, not assumed
 * @param weeks the boards have been in the shop's air; null when not said
 * @param through how the moisture went through a logged year, for the plot; null without a log
 */
public record SeasonsChoice(
        Known known,
        @Nullable Double meter,
        Air shop,
        Home home,
        @Nullable Air one,
        @Nullable Air other,
        @Nullable Double weeks,
        @Nullable YearTrace through) {

    /** How today's moisture is known, best first. */
    public enum Known {
        METER,
        SHOP_AIR,
        UNKNOWN
    }

    /** Where the box will live. */
    public enum Home {
        HEATED_HOUSE(new Air(22, 25), new Air(23, 60)),
        TEMPERATE_HOUSE(new Air(19, 40), new Air(20, 65)),
        UNHEATED_SHED(new Air(2, 85), new Air(25, 55)),
        DAMP_BOAT(new Air(12, 85), new Air(25, 70)),
        OWN(new Air(20, 35), new Air(20, 65));

        private final Air one;
        private final Air other;

        Home(Air one, Air other) {
            this.one = one;
            this.other = other;
        }

        public Air one() {
            return one;
        }

        public Air other() {
            return other;
        }
    }

    public static final Range METER = new Range("Meter reading", 0, 100, "%");

    public static final Range WEEKS = new Range("Weeks in the shop", 0, 2000, "");

    public SeasonsChoice {
        Refused.ifMissing("known", "How the moisture is known", known);
        Refused.ifMissing("shop", "The shop's air", shop);
        Refused.ifMissing("home", "Where the box will live", home);
        if (known == Known.METER && meter == null) {
            throw new Refused("meter", "The meter reading is missing. Type one, or say the moisture is not known.");
        }
        if (meter != null) {
            METER.check("meter", meter);
        }
        if (home == Home.OWN) {
            Refused.ifMissing("one", "The first air", one);
            Refused.ifMissing("other", "The second air", other);
        }
        if (weeks != null) {
            WEEKS.check("weeks", weeks);
        }
    }

    public SeasonsChoice(
            Known known, @Nullable Double meter, Air shop, Home home, @Nullable Air one, @Nullable Air other) {
        this(known, meter, shop, home, one, other, null, null);
    }

    public Air firstAir() {
        return home == Home.OWN && one != null ? one : home.one;
    }

    public Air secondAir() {
        return home == Home.OWN && other != null ? other : home.other;
    }
}
