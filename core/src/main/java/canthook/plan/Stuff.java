package canthook.plan;

import canthook.refusal.Refused;
import canthook.wood.Wood;
import canthook.wood.Woods;

/**
 * What a part is to be made of.
 *
 * @param wood id of a wood the shop knows
 * @param ringAngle degrees, 0 flat-sawn … 90 quarter-sawn; of no meaning for sheet goods
 */
public record Stuff(String wood, double ringAngle) {
    public Stuff {
        Refused.ifMissing("wood", "Wood", wood);
        Refused.unlessBetween("ringAngle", "Ring angle", ringAngle, 0, 90, "°");
        if (Woods.published().find(wood).isEmpty()) {
            throw new Refused("wood", "No wood is known here by the name “" + shortened(wood) + "”.");
        }
    }

    public Wood known() {
        return Woods.published().find(wood).orElseThrow();
    }

    public Stuff withRingAngle(double degrees) {
        return new Stuff(wood, degrees);
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
