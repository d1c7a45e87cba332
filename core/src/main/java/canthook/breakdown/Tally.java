package canthook.breakdown;

import canthook.breakdown.BreakdownTask.Wanted;
import canthook.length.Length;

/**
 * What is laid in one clear length: how many whole runs, side–end pairs, single sides and single ends of each kind of box.
 * Every part takes a kerf after it; the last kerf is not missed when nothing is left behind it.
 *
 * <pre>
 * Σ (part + kerf) ≤ clear length + kerf           run: 2 sides + 2 ends + 3 kerfs         pair: side + end + kerf
 * corners that match: 3 a run, 1 a pair, 4 a book
 * </pre>
 *
 * @param wanted which of the task's boxes, from 0
 * @param blank which of the task's blanks, from 0
 * @param ripping which of the blank's ways of ripping
 * @param strip which of its strips
 * @param clear which of the strip's clear lengths
 */
public record Tally(
        int wanted, int blank, int ripping, int strip, int clear, int runs, int pairs, int sides, int ends) {
    /** Length four parts of one box take with a kerf after each. */
    public static Length run(Wanted box, Length kerf) {
        return pair(box, kerf).times(2);
    }

    /** Length a side and an end take with a kerf after each. */
    public static Length pair(Wanted box, Length kerf) {
        return box.side().plus(kerf).plus(box.end()).plus(kerf);
    }
}
