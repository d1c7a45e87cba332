package canthook.panel;

import canthook.length.LengthDisplay;
import canthook.wood.Wood;
import canthook.working.Worked;

/**
 * A piece to be cut for a bottom or a lid.
 *
 * @param of whose it is: {@code bottom}, {@code lid}
 * @param name what it is called
 * @param count how many of it
 * @param along its grain
 * @param across its grain
 * @param edge thickness of its edge, where that is another than the panel's
 */
public record CutPiece(
        String of, String name, int count, Wood wood, Worked along, Worked across, Worked thickness, Worked edge) {

    /** A panel in a groove, whose edge may be thinner than itself. */
    public static CutPiece of(HeldPanel held) {
        return new CutPiece(
                held.of(),
                held.of(),
                1,
                held.across().movements().wood(),
                held.along(),
                held.across().cut(),
                held.thickness(),
                held.tongue());
    }

    /** In a sentence: “the bottom”, “6 slats”. */
    public String called() {
        return count == 1 ? "the " + name : count + " " + name + "s";
    }

    /** Its two sizes, the grain's first. */
    public String size(LengthDisplay display) {
        return along.text(display) + " × " + across.text(display);
    }
}
