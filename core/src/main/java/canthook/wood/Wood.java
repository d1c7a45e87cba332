package canthook.wood;

/**
 * What a part is made of.
 *
 * @param id stable name: {@code cherry-black}
 * @param name the name on screen
 * @param kind what sort of stuff it is
 * @param radial total shrinkage green to oven dry along the rays, percent (solid wood)
 * @param tangential total shrinkage along the rings, percent (solid wood)
 * @param fibreSaturation moisture above which it no longer swells, percent
 * @param specificGravity at 12 % moisture
 * @param sheetMovement change between 30 and 90 % RH, percent (sheet goods)
 */
public record Wood(
        String id,
        String name,
        Kind kind,
        double radial,
        double tangential,
        double fibreSaturation,
        double specificGravity,
        double sheetMovement) {

    /** The sort of stuff. */
    public enum Kind {
        HARDWOOD,
        SOFTWOOD,
        PLYWOOD,
        FIBREBOARD
    }

    /** From this specific gravity up, wood counts as hard whatever the botanists call it. */
    public static final double HARD_FROM = 0.45;

    public boolean isSheet() {
        return kind == Kind.PLYWOOD || kind == Kind.FIBREBOARD;
    }

    public boolean isHard() {
        return !isSheet() && specificGravity >= HARD_FROM;
    }
}
