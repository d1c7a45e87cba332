package canthook.fit;

import static canthook.working.Term.fixed;

import canthook.fingers.Rung;
import canthook.shop.HouseRules;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * The two other ways to a fit, for who does not compute the move: a graded set, and sneaking up on it.
 *
 * <pre>
 * graded set   five keys, or five stacks of leaves, for fingers of f − 2b, f − b, f, f + b, f + 2b      b the band
 *              one of them is in the band wherever the jig truly stands, within 2½ bands of where it should
 * sneak up     begin a band and a step too tight: a finger of f + b + e; then nearer to the cutter by e each time
 *              e = 2b − the least a caliper tells: no step is wider than the band, so none jumps over it
 * </pre>
 *
 * Check: f 7.88, band 0.06, least move 0.02: set 7.76 7.82 7.88 7.94 8.00; step 0.10, begin with a finger of 8.04.
 */
record OtherWays(Worked step, Worked begin) {
    /** What the five fingers are called in formulas, the narrowest first. */
    private static final List<String> GRADED = List.of("f₋2", "f₋1", "f₀", "f₊1", "f₊2");

    /** Writes both on the sheet. */
    static OtherWays on(Worksheet sheet, Rung chosen, Worked band, HouseRules rules) {
        for (int k = -2; k <= 2; k++) {
            sheet.work(
                    "graded-" + (k + 3),
                    GRADED.get(k + 2),
                    "Graded set, finger " + (k + 3) + " of 5",
                    Show.CALIPER,
                    k < 0
                            ? chosen.finger().minus(fixed(-k).times(band))
                            : chosen.finger().plus(fixed(k).times(band)),
                    "The finger that is planned, and so many bands more or less: try all five, keep the best.");
        }
        Worked step = sheet.work(
                "sneak-step",
                "e",
                "Step that cannot overshoot",
                Show.FIT,
                Term.larger(fixed(rules.smallestMove()), fixed(2).times(band).minus(fixed(rules.smallestMove()))),
                "As wide as the band of good fits, less what a caliper does not tell: no step jumps over it.");
        Worked begin = sheet.work(
                "sneak-begin",
                "f₀",
                "Sneaking up, begin with a finger of",
                Show.CALIPER,
                chosen.finger().plus(band).plus(step),
                "A band and a step too tight, so that the first test is surely tight.");
        return new OtherWays(step, begin);
    }
}
