package canthook.shop;

import canthook.length.Length;
import canthook.wood.Wood;

/**
 * The shop's defaults. Each is a habit with a reason, not a law; a plan may override the ones that have a field.
 *
 * @param overlap neighbouring passes overlap by at least this
 * @param keySlimmerBy a key is slimmer than its slot by this
 * @param squaring lost at each end of a blank
 * @param oneLowerBy height the maker gives up for one pass a slot
 */
public record HouseRules(
        Length overlap,
        Length keySlimmerBy,
        Length squaring,
        Length oneLowerBy,
        Length proudSanded,
        Length proudTrimmed,
        Length proudByDesign,
        Length under,
        Length clearanceHard,
        Length clearanceSoft,
        Length clearancePlywood,
        Length bandAround,
        Length bandAroundPlywood,
        Length extraPerTenSections,
        Length expectedChange,
        Length leastOverHeight,
        Length endFit,
        Length leastGap,
        Length leastEngagement,
        Length running,
        Length vertical,
        Length leastWallLeft,
        Length smallestMove,
        Length kerfDiffers) {

    /** The defaults a new shop starts from. */
    public static final HouseRules DEFAULT = new HouseRules(
            Length.mm(0.2),
            Length.mm(0.03),
            Length.mm(10),
            Length.mm(1),
            Length.mm(0.4),
            Length.mm(1),
            Length.mm(3),
            Length.mm(0.3),
            Length.mm(0.12),
            Length.mm(0.06),
            Length.mm(0.20),
            Length.mm(0.06),
            Length.mm(0.08),
            Length.mm(0.02),
            Length.mm(0.1),
            Length.mm(0.5),
            Length.mm(0.5),
            Length.mm(0.5),
            Length.mm(2),
            Length.mm(0.8),
            Length.mm(0.25),
            Length.mm(2),
            Length.mm(0.02),
            Length.mm(0.03));

    /** Target clearance of a wood before the extra for many sections. */
    public Length clearance(Wood wood) {
        if (wood.isSheet()) {
            return clearancePlywood;
        }
        return wood.isHard() ? clearanceHard : clearanceSoft;
    }

    /** How far either way of the target a clearance is still acceptable. */
    public Length band(Wood wood) {
        return wood.isSheet() ? bandAroundPlywood : bandAround;
    }

    /** Why this wood has the target it has. */
    public String clearanceReason(Wood wood) {
        if (wood.isSheet()) {
            return "sheet goods do not crush and glue grabs: 0.20 mm slides together.";
        }
        return wood.isHard()
                ? "hard solid wood (specific gravity 0.45 and up) goes together under light hand pressure at 0.12 mm."
                : "soft solid wood (specific gravity under 0.45) crushes a little: 0.06 mm is snug.";
    }
}
