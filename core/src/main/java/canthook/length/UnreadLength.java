package canthook.length;

/** What was typed is not a length that can be used; the message names the field, what was typed and what would work. */
public final class UnreadLength extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public UnreadLength(String message) {
        super(message);
    }
}
