package canthook.fingers;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;

/**
 * Target clearance: the wood's, plus the house's extra for every full ten sections above twelve; or the maker's own.
 *
 * <p>Check: hard solid wood 0.12; 13 sections 0.12, 22 sections 0.14, 61 sections 0.20.
 */
final class Clearance {
    private Clearance() {}

    /**
     * @param name of the number: {@code clearance}, or another where a jig can only come near it
     * @param wood the walls' own; looked up once for all counts
     */
    static Worked of(Worksheet sheet, String name, String label, BoxPlan plan, Wood wood, int count, HouseRules rules) {
        Length own = plan.fingers().clearance();
        int tens = count <= 12 ? 0 : (count - 12) / 10;
        if (own != null || tens == 0) {
            return sheet.ruled(
                    name,
                    "c",
                    label,
                    Show.FIT,
                    rules.clearance(wood),
                    rules.clearanceReason(wood),
                    own,
                    "fingers.clearance");
        }
        Worked base = sheet.ruled(
                "wood-clearance",
                "c₀",
                "Clearance of the wood",
                Show.FIT,
                rules.clearance(wood),
                rules.clearanceReason(wood),
                null,
                "fingers.clearance");
        Worked extra = sheet.ruled(
                "extra-clearance",
                "c₊",
                "Extra per ten sections above twelve",
                Show.FIT,
                rules.extraPerTenSections(),
                HouseRule.EXTRA_PER_TEN_SECTIONS.reason(),
                null,
                "fingers.clearance");
        return sheet.work(
                name,
                "c",
                label,
                Show.FIT,
                base.plus(extra.times(tens)),
                "The wood's clearance, and the extra for every full ten sections above twelve.");
    }
}
