package canthook.plan;

import java.util.List;

/**
 * One of the four walls. A and C are the sides, B and D the ends; round the box they stand A, B, C, D, and B is the front: the end a
 * lid slides over, the end that is lowered.
 */
public enum Part {
    A,
    B,
    C,
    D;

    private static final List<Part> ROUND = List.of(values());

    /** A and C, the two long walls. */
    public boolean isSide() {
        return this == A || this == C;
    }

    /** B and D, the two short walls. */
    public boolean isEnd() {
        return !isSide();
    }

    /** The wall to its right, seen from outside. */
    public Part next() {
        return ROUND.get((ordinal() + 1) % 4);
    }

    /** The wall to its left, seen from outside. */
    public Part previous() {
        return ROUND.get((ordinal() + 3) % 4);
    }
}
