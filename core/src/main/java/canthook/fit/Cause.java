package canthook.fit;

/** What makes test cuts contradict each other, or one piece disagree with itself; with what to look at. */
public enum Cause {
    BLADE(
            "another cutter, or a blade that wobbles",
            "Unplugged, turn the blade by hand past the fence: chips under it, a bent one, the wrong one on the arbor."),
    WRONG_WAY("it was moved the other way", "Look at the mark on the key: on which side of it does it stand now?"),
    TWICE("the move was made twice", "Measure from the zero block to where it stands."),
    PRESSED(
            "the part was pressed to the other side",
            "Press each part the same way, away from the cutter, and feel it bear before you cut."),
    DUST("dust where the part bears", "Brush key, fence and slot clean before every cut."),
    CLAMP(
            "the clamp slipped, or a fence sprang back when it was locked",
            "Set it against its zero again, lock it, and measure once more."),
    SCRAP(
            "scrap of another thickness",
            "Measure the test piece: it must be as thick as the parts, and as wide where both edges register.");

    private final String words;
    private final String look;

    Cause(String words, String look) {
        this.words = words;
        this.look = look;
    }

    /** As it stands in a list. */
    public String words() {
        return words;
    }

    /** How it is found. */
    public String look() {
        return look;
    }
}
