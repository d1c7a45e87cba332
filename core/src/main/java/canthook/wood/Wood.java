package canthook.wood;

import canthook.refusal.Refused;

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

    public Wood {
        Refused.ifMissing("id", "The wood's id", id);
        Refused.ifMissing("name", "The wood's name", name);
        if (!id.matches("[a-z0-9][a-z0-9-]{0,59}")) {
            throw new Refused("id", "A wood's id is of small letters, digits and hyphens, at most 60.");
        }
        if (name.isBlank() || name.length() > 60) {
            throw new Refused("name", "A wood needs a name of 1 to 60 letters.");
        }
        Refused.ifMissing("kind", "The kind of wood", kind);
        Refused.unlessBetween("radial", "Radial shrinkage", radial, 0, 30, "%");
        Refused.unlessBetween("tangential", "Tangential shrinkage", tangential, 0, 30, "%");
        Refused.unlessBetween("fibreSaturation", "Fibre saturation", fibreSaturation, 15, 40, "%");
        Refused.unlessBetween("specificGravity", "Specific gravity", specificGravity, 0.05, 1.5, "");
        Refused.unlessBetween("sheetMovement", "Movement of the sheet", sheetMovement, 0, 5, "%");
        boolean sheet = kind == Kind.PLYWOOD || kind == Kind.FIBREBOARD;
        if (!sheet && (radial <= 0 || tangential <= 0)) {
            throw new Refused(
                    radial <= 0 ? "radial" : "tangential", "Solid wood shrinks: give what the wood does, in percent.");
        }
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
