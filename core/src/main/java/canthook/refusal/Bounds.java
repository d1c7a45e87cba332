package canthook.refusal;

import canthook.length.Length;
import org.jspecify.annotations.Nullable;

/**
 * Between which lengths a decision must lie, said once: the plan refuses by it, and schema, API and screen are told it.
 *
 * @param name what the maker calls it
 * @param least smallest that is taken
 * @param most largest that is taken
 */
public record Bounds(String name, Length least, Length most) {

    /**
     * Refuses a length that is missing or outside.
     *
     * @throws Refused naming the field
     */
    public void check(String field, @Nullable Length length) {
        Refused.unlessBetween(field, name, length, least, most);
    }

    /**
     * Refuses a length that is there and outside.
     *
     * @throws Refused naming the field
     */
    public void unlessAbsent(String field, @Nullable Length length) {
        Refused.unlessAbsentOrBetween(field, name, length, least, most);
    }

    public boolean holds(Length length) {
        return !length.isUnder(least) && !length.isOver(most);
    }

    /** The length itself, or the bound it lies beyond. */
    public Length nearest(Length length) {
        return Length.longer(least, Length.shorter(most, length));
    }
}
