package canthook.wood;

import canthook.refusal.OneLine;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

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
 * @param guessed which of the two shrinkages is a guess from the other; null when neither is
 */
public record Wood(
        String id,
        String name,
        Kind kind,
        double radial,
        double tangential,
        double fibreSaturation,
        double specificGravity,
        double sheetMovement,
        @Nullable Guess guessed) {

    /** Along the rings wood shrinks about so many times as much as across them. */
    public static final double USUAL_RATIO = 1.8;

    /** Which of the two shrinkages was not known. */
    public enum Guess {
        RADIAL,
        TANGENTIAL
    }

    /** The sort of stuff. */
    public enum Kind {
        HARDWOOD,
        SOFTWOOD,
        PLYWOOD,
        FIBREBOARD
    }

    public static final Range RADIAL = new Range("Radial shrinkage", 0, 30, "%");
    public static final Range TANGENTIAL = new Range("Tangential shrinkage", 0, 30, "%");
    public static final Range FIBRE_SATURATION = new Range("Fibre saturation", 15, 40, "%");
    public static final Range SPECIFIC_GRAVITY = new Range("Specific gravity", 0.05, 1.5, "");
    public static final Range SHEET_MOVEMENT = new Range("Movement of the sheet", 0, 5, "%");

    public Wood {
        Refused.ifMissing("id", "The wood's id", id);
        if (!id.matches("[a-z0-9][a-z0-9-]{0,59}")) {
            throw new Refused("id", "A wood's id is of small letters, digits and hyphens, at most 60.");
        }
        name = OneLine.name("name", "A wood", name, 60);
        Refused.ifMissing("kind", "The kind of wood", kind);
        RADIAL.check("radial", radial);
        TANGENTIAL.check("tangential", tangential);
        FIBRE_SATURATION.check("fibreSaturation", fibreSaturation);
        SPECIFIC_GRAVITY.check("specificGravity", specificGravity);
        SHEET_MOVEMENT.check("sheetMovement", sheetMovement);
        boolean sheet = kind == Kind.PLYWOOD || kind == Kind.FIBREBOARD;
        if (!sheet && (radial <= 0 || tangential <= 0)) {
            throw new Refused(
                    radial <= 0 ? "radial" : "tangential", "Solid wood shrinks: give what the wood does, in percent.");
        }
    }

    public Wood(
            String id,
            String name,
            Kind kind,
            double radial,
            double tangential,
            double fibreSaturation,
            double specificGravity,
            double sheetMovement) {
        this(id, name, kind, radial, tangential, fibreSaturation, specificGravity, sheetMovement, null);
    }

    /**
     * A wood of the maker's own. Of the two shrinkages one may be missing: it is then guessed by the usual 1 : 1.8, and marked.
     *
     * @throws Refused when both are missing for solid wood
     */
    public static Wood own(
            String id,
            String name,
            Kind kind,
            @Nullable Double radial,
            @Nullable Double tangential,
            double fibreSaturation,
            double specificGravity,
            double sheetMovement) {
        if (kind == Kind.PLYWOOD || kind == Kind.FIBREBOARD) {
            return new Wood(id, name, kind, 0, 0, fibreSaturation, specificGravity, sheetMovement, null);
        }
        if (radial != null && tangential != null) {
            return new Wood(id, name, kind, radial, tangential, fibreSaturation, specificGravity, 0, null);
        }
        if (radial != null) {
            double guess = hundredth(radial * USUAL_RATIO);
            return new Wood(id, name, kind, radial, guess, fibreSaturation, specificGravity, 0, Guess.TANGENTIAL);
        }
        if (tangential != null) {
            double guess = hundredth(tangential / USUAL_RATIO);
            return new Wood(id, name, kind, guess, tangential, fibreSaturation, specificGravity, 0, Guess.RADIAL);
        }
        throw new Refused(
                "radial", "Give the radial or the tangential shrinkage, in percent; both when you know them.");
    }

    private static double hundredth(double percent) {
        return Math.round(percent * 100) / 100.0;
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
