package canthook.fit;

import canthook.length.Length;
import canthook.shop.TestCut;
import java.util.List;
import java.util.Optional;

/**
 * Felt fits: between a setting that was too tight and one that was too loose the next is halfway, whatever the feeling is worth in
 * millimetres.
 *
 * <pre>
 * a setting is the sum of the moves made so far; away is tighter
 * next = (loosest that was too tight + tightest that was too loose) / 2 − where it stands
 * before there is one of each: what the feeling stands for, less the clearance wanted
 * </pre>
 *
 * Check: too loose at 0 (drops apart), moved 0.18 away, too tight there (a mallet): 0.09 back towards the cutter.
 */
final class Bisected {
    private Bisected() {}

    /** How far to move, away positive; nothing until a felt test was too tight and another too loose. */
    static Optional<Length> move(List<TestCut> cuts, Length wanted) {
        Length at = Length.ZERO;
        Length tight = null;
        Length loose = null;
        for (TestCut cut : cuts) {
            if (cut.moved() != null) {
                at = at.plus(cut.moved());
            }
            if (cut.felt() == null) {
                continue;
            }
            Length off = cut.felt().clearance().minus(wanted);
            if (off.isPositive()) {
                loose = loose == null ? at : Length.longer(loose, at);
            } else if (off.isNegative()) {
                tight = tight == null ? at : Length.shorter(tight, at);
            }
        }
        // a tight one that stands looser than a loose one contradicts it: nothing lies between
        if (tight == null || loose == null || !tight.isOver(loose)) {
            return Optional.empty();
        }
        return Optional.of(tight.plus(loose).dividedBy(2).minus(at));
    }
}
