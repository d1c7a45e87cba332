package canthook.server.storage;

/** The application cannot start; the message says in one sentence what is the matter and what to do. */
public final class CannotStart extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public CannotStart(String sentence) {
        super(sentence);
    }
}
