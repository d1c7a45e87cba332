package canthook.walls;

import canthook.length.Length;
import canthook.plan.Groove;
import canthook.plan.Part;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.Set;

/**
 * A groove along the inside of some walls.
 *
 * @param of whose it is, and the prefix of its numbers: {@code bottom}
 * @param groove as decided
 * @param depth into the wall, as a number
 * @param width across it
 * @param offset of its lower edge above the wall's bottom edge
 * @param panel thickness of the panel that sits in it
 * @param parts walls it runs in
 */
public record GrooveAsked(
        String of, Groove groove, Worked depth, Worked width, Worked offset, Worked panel, Set<Part> parts) {
    public GrooveAsked {
        parts = Set.copyOf(parts);
    }

    /**
     * A groove with its numbers, as the maker decided them.
     *
     * @param of whose it is: also the field of the plan that it and the panel stand in
     * @param above symbol of its height
     * @param panel thickness of what sits in it
     * @param label what that is called
     */
    public static GrooveAsked decided(
            Worksheet sheet, String of, Groove groove, String above, Length panel, String label, Set<Part> parts) {
        return new GrooveAsked(
                of,
                groove,
                sheet.decided("groove-depth", "gd", "Groove depth", Show.LAYOUT, groove.depth(), of + ".groove.depth"),
                sheet.decided("groove-width", "gw", "Groove width", Show.LAYOUT, groove.width(), of + ".groove.width"),
                sheet.decided(
                        "groove-offset",
                        above,
                        "Groove above the bottom edge",
                        Show.LAYOUT,
                        groove.offset(),
                        of + ".groove.offset"),
                sheet.decided("thickness", "t", label, Show.LAYOUT, panel, of + ".thickness"),
                parts);
    }
}
