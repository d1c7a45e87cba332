package canthook.saw;

import canthook.saw.SawEvent.Wrong;

/** What can be saved of a part that went wrong, in a sentence. */
public final class Salvage {
    private Salvage() {}

    /**
     * @param symmetrical an odd layout, so that a part cut from its far edge may still be turned
     * @param wrong what went wrong
     */
    public static String of(Wrong wrong, boolean symmetrical) {
        return switch (wrong) {
            case WRONG_PLACE ->
                "A slot in the wrong place shows for ever. Cut the end off and keep the part for a shorter box, or glue in"
                        + " a sliver of the same wood where it will not be seen.";
            case TURNED ->
                symmetrical
                        ? "With an odd count the joint itself may still close: if no groove is cut yet, mark the other edge as reference and"
                                + " check it against its mate before you trust it."
                        : "With an even count an end cut from the wrong edge meets finger with finger. Keep the part for a shorter box.";
            case TEAR_OUT ->
                "Glue the chip back now, before it is lost, or turn that face inside. Then renew the backing.";
            case TOO_DEEP ->
                "A slot too deep leaves a gap behind the finger. Shorten nothing: lower the cutter again, and use this part"
                        + " where its inside is lined, or make a new one.";
            case OTHER -> "Lay it aside; a spoilt part is the best piece to set up the next jig with.";
        };
    }
}
