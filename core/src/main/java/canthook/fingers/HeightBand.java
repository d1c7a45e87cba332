package canthook.fingers;

import canthook.length.Length;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.SizeWish;
import canthook.shop.HouseRules;

/**
 * Between which heights a joint of one pass a slot may close. Makers almost never cut a slot in two passes to save a few millimetres of
 * height: the cutter decides the height unless something fixes it.
 *
 * <pre>
 * what leads             band
 * contents, the inside   from what they need to two sections more
 * a place                from two sections less to what it holds
 * a typed size is about  ± the larger of 3 mm and 10 %
 * exact, or own bounds   as the maker says
 * the board              never higher than what can be ripped from it with the rest left on until the fit is settled
 * every corner low       exactly the low line
 * a leftover that stays  as far as a last section fat or thin by a third takes it, or two to both edges
 * </pre>
 *
 * Check: typed 150 → 135 … 165; a place of 60 with sections of 9.53, clearance 0.12 → 41.06 … 60.
 *
 * @param wished height wished for
 * @param lowest one pass a slot may close at
 * @param highest likewise
 */
public record HeightBand(Length wished, Length lowest, Length highest) {
    private static final Length ABOUT = Length.mm(3);
    private static final double SHARE = 0.1;

    /** The band for a count of sections with a kerf. */
    static HeightBand of(
            FingerChoice choice,
            SizeWish size,
            boolean fixed,
            Length height,
            HouseRules rules,
            int count,
            Length kerf,
            Length clearance) {
        if (fixed) {
            return new HeightBand(height, height, height);
        }
        if (choice.leftover() != Leftover.RIP) {
            Length third = height.dividedBy(3L * count);
            Length either = choice.leftover() == Leftover.LAST ? third : third.times(2);
            return new HeightBand(height, height.minus(either), height.plus(either));
        }
        if (choice.saysHowFar()) {
            return new HeightBand(
                    height,
                    height.minus(choice.lowerBy() == null ? rules.oneLowerBy() : choice.lowerBy()),
                    height.plus(choice.higherBy() == null ? Length.ZERO : choice.higherBy()));
        }
        Length two = kerf.times(2).minus(clearance);
        Length about = Length.longer(ABOUT, height.times(SHARE));
        return switch (size.from()) {
            case CONTENTS, INSIDE -> new HeightBand(height, height, height.plus(two));
            case OPENING -> new HeightBand(height, height.minus(two), height);
            case OUTSIDE -> new HeightBand(height, height.minus(about), height.plus(about));
        };
    }

    /** Never over the strip a board gives; a wish that is over it already is for the blank to refuse. */
    HeightBand under(Length strip) {
        return wished.isOver(strip) ? this : new HeightBand(wished, lowest, Length.shorter(highest, strip));
    }

    public boolean holds(Length closes) {
        return closes.isPositive() && !closes.isUnder(lowest) && !closes.isOver(highest);
    }
}
