package canthook.fit;

import canthook.jig.Setting;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.shop.TestCut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The fit did not change by what was moved. What is likely, the likeliest first, from what did change:
 *
 * <pre>
 * followed                     by a key, a spacer, a stop the finger grows by the move; by a screw, a shim, a knife line the clearance
 *                              shrinks by it, whatever share slot and finger take
 * nor is it to be believed     when the slot changed that no move changes
 * tolerance                    the larger of 0.04 and three standard errors of either test
 * slot changed by over 0.03    another cutter, or a blade that wobbles: the slot is the cutter's, where no move changes it
 * went the other way           moved the wrong way, or pressed to the other side
 * stayed (under a third)       the clamp slipped back, or the lock was not loosed
 * went twice as far            the move was made twice
 * short by the key's play      pressed to the other side: the play of the key is lost
 * else                         dust where the part bears, pressed to the other side, scrap of another thickness
 * </pre>
 *
 * @param finger how the finger changed, or how the clearance shrank
 * @param byClearance whether it is judged by the clearance
 * @param causes the likeliest first
 */
record DidNotFollow(Length finger, Length moved, Length slot, boolean byClearance, List<Cause> causes) {
    private static final Length SLOT_STAYS = Length.mm(0.03);
    private static final Length TOLERANCE = Length.mm(0.04);
    private static final Length LIKE_THE_PLAY = Length.mm(0.03);
    private static final int MOST = 4;

    /**
     * Looks at the last two test cuts.
     *
     * @param play of the key in its slot; null where there is no key
     */
    static Optional<DidNotFollow> of(List<TestCut> cuts, @Nullable Setting setting, @Nullable Length play) {
        if (cuts.size() < 2) {
            return Optional.empty();
        }
        TestCut before = cuts.get(cuts.size() - 2);
        TestCut last = cuts.get(cuts.size() - 1);
        Length moved = last.moved();
        // what was felt stands for a finger only roughly
        if (moved == null || last.felt() != null || before.felt() != null) {
            return Optional.empty();
        }
        boolean slotsMove = setting != null
                && setting.fold(
                        key -> false, screw -> true, spacers -> false, stops -> false, hand -> true, bandSaw -> true);
        Length slot = Readings.mean(last.slots()).minus(Readings.mean(before.slots()));
        Length finger = Readings.mean(last.fingers()).minus(Readings.mean(before.fingers()));
        Length change = slotsMove ? finger.minus(slot) : finger;
        Length allowed = Length.longer(
                TOLERANCE,
                Length.longer(Readings.standardError(last), Readings.standardError(before))
                        .times(3));
        boolean slotChanged = !slotsMove && slot.abs().isOver(allowed);
        if (!slotChanged && !change.minus(moved).abs().isOver(allowed)) {
            return Optional.empty();
        }
        return Optional.of(
                new DidNotFollow(change, moved, slot, slotsMove, causes(change, moved, slot, slotsMove, play)));
    }

    private static List<Cause> causes(
            Length change, Length moved, Length slot, boolean slotsMove, @Nullable Length play) {
        List<Cause> likely = new ArrayList<>();
        double followed = change.dividedBy(moved);
        if (!slotsMove && slot.abs().isOver(SLOT_STAYS)) {
            likely.add(Cause.BLADE);
        }
        if (play != null && isLike(moved.minus(change), play)) {
            likely.add(Cause.PRESSED);
        }
        if (followed < -0.3) {
            likely.add(Cause.WRONG_WAY);
            likely.add(Cause.PRESSED);
        } else if (followed < 0.33) {
            likely.add(Cause.CLAMP);
            likely.add(Cause.PRESSED);
        } else if (followed > 1.6 && followed < 2.4) {
            likely.add(Cause.TWICE);
        } else if (followed >= 0.33 && followed < 0.75) {
            likely.add(Cause.DUST);
            likely.add(Cause.PRESSED);
        }
        likely.addAll(List.of(Cause.DUST, Cause.CLAMP, Cause.SCRAP));
        return likely.stream().distinct().limit(MOST).toList();
    }

    private static boolean isLike(Length lost, Length play) {
        return play.isOver(LIKE_THE_PLAY) && !lost.minus(play).abs().isOver(LIKE_THE_PLAY);
    }

    /** What was seen, without what it may come from. */
    String fact(LengthDisplay display) {
        return (byClearance ? "The clearance shrank by " : "The finger changed by ")
                + display.text(finger, Precision.FIT) + " where "
                + display.text(moved, Precision.FIT)
                + " was moved."
                + (causes.contains(Cause.BLADE)
                        ? " The slot changed by " + display.text(slot, Precision.FIT) + ", and no move changes a slot."
                        : "");
    }

    String says(LengthDisplay display) {
        return fact(display)
                + " Likely, in this order: "
                + String.join("; ", causes.stream().map(Cause::words).toList())
                + ". Find it and cut the same setting again before you move anything.";
    }
}
