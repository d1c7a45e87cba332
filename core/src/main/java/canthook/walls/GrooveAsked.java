package canthook.walls;

import canthook.plan.Groove;
import canthook.plan.Part;
import canthook.working.Worked;
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
}
