package canthook.shop;

import canthook.length.Length;

/**
 * Where a glued or dry-fitted joint stands open, as a maker sees it: that tells more than how wide.
 *
 * <pre>
 * under 0.2   glue and dust of the same wood, pressed in and sanded while wet
 * 0.2 to 0.8  a sliver of the same wood, its grain along the finger
 * over 0.8    a new part
 * </pre>
 */
public enum GapAt {
    SAME_SIDE("at the same side of every finger", true),
    GROWING("growing from edge to edge", true),
    SHOULDERS("at the shoulders, all round", false),
    ONE_CORNER("at one corner only", false),
    FUZZY("edges fuzzy or chipped", false);

    /** A gap under this is filled with glue and dust. */
    public static final Length FILLED = Length.mm(0.2);

    /** A gap under this takes a sliver; wider ones are a new part. */
    public static final Length SLIVERED = Length.mm(0.8);

    private final String words;
    private final boolean ofTheFit;

    GapAt(String words, boolean ofTheFit) {
        this.words = words;
        this.ofTheFit = ofTheFit;
    }

    public String words() {
        return words;
    }

    /** Whether it is the fit that is looked at next time; else the jig. */
    public boolean isOfTheFit() {
        return ofTheFit;
    }

    /** What fills a gap so wide; the end of a sentence. */
    public static String filledBy(Length wide) {
        return wide.isUnder(FILLED)
                ? "press glue and dust of the same wood into the gaps and sand while it is wet."
                : wide.isUnder(SLIVERED)
                        ? "glue a sliver of the same wood into each gap, its grain along the finger."
                        : "lay them aside and cut new ones.";
    }
}
