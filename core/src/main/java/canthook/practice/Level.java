package canthook.practice;

/** How much a shop hides. */
public enum Level {
    /** A jig that stands a little off, and nothing else. */
    FRIENDLY("A friendly shop", "The jig stands off, and that is all."),
    /** The kerf is not what the rack says, the caliper does not read zero, and one thing goes wrong. */
    STRANGER("A stranger’s shop", "The kerf is not what is written, the caliper’s zero is off, and one habit is bad."),
    /** Two things go wrong, the blade wobbles, the caliper’s battery is low. */
    HAUNTED("A shop nobody wanted", "Two habits are bad, the blade wobbles, and the caliper’s battery is low.");

    private final String words;
    private final String hides;

    Level(String words, String hides) {
        this.words = words;
        this.hides = hides;
    }

    public String words() {
        return words;
    }

    /** What it hides, told before it is entered. */
    public String hides() {
        return hides;
    }
}
