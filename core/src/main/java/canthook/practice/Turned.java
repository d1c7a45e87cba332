package canthook.practice;

/** How a part may lie, seen from above, against how it should: outside up, reference edge towards you. */
public enum Turned {
    RIGHT(false, false, "As it should", "The outside is up and the reference edge towards you."),
    END_FOR_END(
            true,
            false,
            "Turned end for end, inside up",
            "The inside is up and the reference edge towards you: it was turned over end for end, and left is right."),
    EDGE_FOR_EDGE(
            false,
            true,
            "Turned edge for edge, inside up",
            "The inside is up and the reference edge away from you: it was turned over edge for edge."),
    ROUND(
            true,
            true,
            "Turned half round, outside up",
            "The outside is up, but the reference edge lies away from you: it was turned half round.");

    private final boolean ends;
    private final boolean edges;
    private final String words;
    private final String why;

    Turned(boolean ends, boolean edges, String words, String why) {
        this.ends = ends;
        this.edges = edges;
        this.words = words;
        this.why = why;
    }

    /** Whether left is right. */
    public boolean ends() {
        return ends;
    }

    /** Whether the reference edge lies away. */
    public boolean edges() {
        return edges;
    }

    /** Whether the inside is up. */
    public boolean isInsideUp() {
        return ends != edges;
    }

    public String words() {
        return words;
    }

    String why() {
        return why;
    }
}
