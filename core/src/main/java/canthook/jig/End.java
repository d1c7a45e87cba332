package canthook.jig;

/** Which kind of end is being cut: what stands at its reference edge. */
public enum End {
    FINGER_FIRST("finger-first"),
    SLOT_FIRST("slot-first");

    private final String words;

    End(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    boolean isFingerFirst() {
        return this == FINGER_FIRST;
    }
}
