package canthook.fingers;

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

    /** The section a slot of such an end is, 0 at the reference edge. */
    int sectionOf(int slot) {
        return this == FINGER_FIRST ? 2 * slot + 1 : 2 * slot;
    }

    /** How many of its slots lie in the first so many sections. */
    public int slotsIn(int sections) {
        return this == FINGER_FIRST ? sections / 2 : (sections + 1) / 2;
    }

    public boolean isFingerFirst() {
        return this == FINGER_FIRST;
    }
}
