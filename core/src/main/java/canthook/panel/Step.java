package canthook.panel;

/**
 * Something a bottom or a lid wants done beside the joint.
 *
 * @param when in the order of work
 * @param says a sentence with its sizes
 * @param number id of the number it is about
 */
public record Step(When when, String says, String number) {
    /** Before the glue, or once it has set. */
    public enum When {
        BEFORE_GLUE,
        AFTER_GLUE
    }
}
