package canthook.plan;

import canthook.refusal.OneLine;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import canthook.wood.Wood;
import canthook.wood.Woods;
import org.jspecify.annotations.Nullable;

/**
 * What a part is to be made of.
 *
 * @param wood id of a published wood, or of the maker's own
 * @param ringAngle degrees, 0 flat-sawn … 90 quarter-sawn; of no meaning for sheet goods
 * @param own the wood itself when it is the maker's own, so that a plan needs nothing beside it; null for a published one
 */
public record Stuff(String wood, double ringAngle, @Nullable Wood own) {
    public static final Range RING_ANGLE = new Range("Ring angle", 0, 90, "°");

    public Stuff {
        Refused.ifMissing("wood", "Wood", wood);
        RING_ANGLE.check("ringAngle", ringAngle);
        if (own != null && !own.id().equals(wood)) {
            throw new Refused("own.id", "The wood described is another than the one named.");
        }
        if (own == null && Woods.published().find(wood).isEmpty()) {
            throw new Refused("wood", "No wood is known here by the name “" + shortened(wood) + "”.");
        }
    }

    public Stuff(String wood, double ringAngle) {
        this(wood, ringAngle, null);
    }

    public Wood known() {
        return own != null ? own : Woods.published().find(wood).orElseThrow();
    }

    public Stuff withRingAngle(double degrees) {
        return new Stuff(wood, degrees, own);
    }

    private static String shortened(String text) {
        return text.length() > 40 ? OneLine.beginning(text, 40) + "…" : text;
    }
}
