package canthook.refusal;

/**
 * Between which plain numbers a decision must lie, said once: the plan refuses by it, and schema and API description are told it.
 *
 * @param name what the maker calls it
 * @param unit for the refusal; empty for a count
 */
public record Range(String name, double least, double most, String unit) {

    /**
     * Refuses a number outside.
     *
     * @throws Refused naming the field
     */
    public void check(String field, double value) {
        Refused.unlessBetween(field, name, value, least, most, unit);
    }
}
