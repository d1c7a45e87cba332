package canthook.fit;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.shop.TestCut;
import java.util.ArrayList;
import java.util.List;

/**
 * The finger did not change by what was moved. What is likely, the likeliest first, from what did change:
 *
 * <pre>
 * slot changed by more than 0.03        another cutter, or a blade that wobbles: the slot is the cutter's and no move changes it
 * finger went the other way             moved the wrong way, or pressed to the other side
 * finger stayed (under a third)         the clamp slipped back, or the lock was not loosed
 * finger went twice as far              the move was made twice, or halved by a screw's give the other time
 * else                                  dust where the part bears, pressed to the other side, scrap of another thickness
 * </pre>
 */
final class DidNotFollow {
    private static final Length SLOT_STAYS = Length.mm(0.03);

    private DidNotFollow() {}

    static String says(TestCut before, TestCut last, Length moved, LengthDisplay display) {
        Length finger = Readings.mean(last.fingers()).minus(Readings.mean(before.fingers()));
        Length slot = Readings.mean(last.slots()).minus(Readings.mean(before.slots()));
        List<String> likely = new ArrayList<>();
        double followed = finger.dividedBy(moved);
        if (slot.abs().isOver(SLOT_STAYS)) {
            likely.add("another cutter, or a blade that wobbles: the slot changed by "
                    + display.text(slot, Precision.FIT) + ", and no move changes a slot");
        }
        if (followed < -0.3) {
            likely.add("it was moved the other way");
            likely.add("the part was pressed to the other side");
        } else if (followed < 0.33) {
            likely.add("the clamp slipped, or a fence sprang back when it was locked");
            likely.add("the part was pressed to the other side");
        } else if (followed > 1.6 && followed < 2.4) {
            likely.add("the move was made twice");
        } else if (followed >= 0.33 && followed < 0.75) {
            likely.add("dust where the part bears");
            likely.add("the part was pressed to the other side");
        }
        for (String other :
                List.of("dust where the part bears", "a slipped fence or stop", "scrap of another thickness")) {
            if (likely.size() < 4 && !likely.contains(other)) {
                likely.add(other);
            }
        }
        return "The finger changed by " + display.text(finger, Precision.FIT) + " where "
                + display.text(moved, Precision.FIT)
                + " was moved. Likely, in this order: " + String.join("; ", likely)
                + ". Find it and cut the same setting again before you move anything.";
    }
}
