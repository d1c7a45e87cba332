package canthook.walls;

import canthook.working.Term;
import canthook.working.Worked;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What one bottom or lid asks of the walls.
 *
 * @param grooves it runs in
 * @param floor height at which things stand on it; null when it gives none
 * @param takes height it takes over what stands in the box; null when it takes none
 * @param takesFor what it takes that for, as it ends a sentence
 * @param under height that what stands in the box may not pass; null when nothing passes over
 * @param low walls it lowers; null when none
 * @param beyond what of it lies under or over the walls and takes of a place's height; null when nothing does
 * @param face height its upper face stands at above the walls' bottom edge, where it may stand over them; null when it lies within
 * @param lost what parting it from the closed box takes of its height; null when nothing is sawn off
 * @param numbers it worked out for this, in order
 */
public record Asks(
        List<GrooveAsked> grooves,
        @Nullable Worked floor,
        @Nullable Term takes,
        String takesFor,
        @Nullable Worked under,
        @Nullable LowWalls low,
        @Nullable Worked beyond,
        @Nullable Worked face,
        @Nullable Worked lost,
        List<Worked> numbers) {
    /** Nothing at all. */
    public static final Asks NOTHING = new Asks(List.of(), null, null, "", null, null, null, null, null, List.of());
}
