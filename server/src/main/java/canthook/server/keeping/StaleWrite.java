package canthook.server.keeping;

/** A write made from a revision that is no longer the newest; nothing was written. */
public final class StaleWrite extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final long currentRevision;

    /** @param what was changed: {@code This box} */
    public StaleWrite(String what, long from, long currentRevision) {
        super(what + " was changed elsewhere: your change was made from revision " + from + ", and revision "
                + currentRevision + " is the newest. Nothing was overwritten.");
        this.currentRevision = currentRevision;
    }

    public long currentRevision() {
        return currentRevision;
    }
}
