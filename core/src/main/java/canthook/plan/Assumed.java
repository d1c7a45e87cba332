package canthook.plan;

/** What a plan was begun with and the maker has not yet said. It is worked like any other decision, and shown as assumed until it is. */
public enum Assumed {
    LENGTH("the length"),
    WIDTH("the width"),
    HEIGHT("the height"),
    WOOD("the wood"),
    THICKNESS("the thickness"),
    CUTTER("the cutter"),
    BOTTOM("the bottom"),
    LID("the lid"),
    HOME("where it will live");

    private final String words;

    Assumed(String words) {
        this.words = words;
    }

    /** As it is called in a sentence. */
    public String words() {
        return words;
    }

    /** Whether it changes the joint, so that no real part is cut before it is said. */
    public boolean changesTheJoint() {
        return this != HOME;
    }
}
