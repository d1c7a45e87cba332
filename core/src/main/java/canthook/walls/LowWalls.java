package canthook.walls;

import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.working.Worked;
import java.util.Set;

/**
 * Walls that end lower than the rest, and where. A corner one of whose parts is low is jointed only that far, on both mates.
 *
 * @param parts the front B alone, the back D alone, or both ends
 * @param line where they end, from the reference edge
 * @param sloped whether the sides run down to it
 * @param by who asks: the lid that slides over them, or the maker
 */
public record LowWalls(Set<Part> parts, Worked line, boolean sloped, By by) {

    /** Who asks for lower walls. */
    public enum By {
        LID,
        MAKER
    }

    public LowWalls {
        parts = Set.copyOf(parts);
    }

    /** Whether the corner this end belongs to is jointed only up to the line. */
    public boolean reaches(PartEnd end) {
        return parts.contains(end.part()) || parts.contains(end.mate().part());
    }

    /** What is low, in a sentence. */
    public String called() {
        return everyCorner() ? "both ends" : parts.contains(Part.D) ? "the back" : "the front";
    }

    /** The end a lid is pulled out over: “front”, or “back”; “front” where it slides either way. */
    public String pulled() {
        return parts.contains(Part.B) ? "front" : "back";
    }

    /** The end across from that. */
    public String far() {
        return parts.contains(Part.B) ? "back" : "front";
    }

    /** Both ends are low: no corner runs full, and the joint is divided up to the line. */
    public boolean everyCorner() {
        return parts.contains(Part.B) && parts.contains(Part.D);
    }
}
