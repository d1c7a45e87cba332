package canthook.breakdown.exact;

/** How parts of one box are laid one after another, so that their figure runs on. */
enum Form {
    /** Side, end, side, end: a whole box. */
    RUN(2, 2, 2, 1, 3),
    /** Side and end of a resawn board, opened: a whole box. */
    BOOK(2, 2, 2, 1, 4),
    /** Side and end. */
    PAIR(1, 1, 1, 0, 1),
    SIDE(1, 0, 0, 0, 0),
    END(0, 1, 0, 0, 0);

    final int sides;
    final int ends;

    /** Side–end pairs it uses up; a box has two. */
    final int pairs;

    /** Boxes that stay whole. */
    final int whole;

    /** Corners whose figure runs round. */
    final int corners;

    Form(int sides, int ends, int pairs, int whole, int corners) {
        this.sides = sides;
        this.ends = ends;
        this.pairs = pairs;
        this.whole = whole;
        this.corners = corners;
    }
}
