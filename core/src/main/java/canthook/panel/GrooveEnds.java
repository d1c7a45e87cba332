package canthook.panel;

import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.Layout.Where;
import canthook.plan.Groove;
import java.util.ArrayList;
import java.util.List;

/**
 * Which of the groove ends may run through and which must stop. At any height one mate has a finger and the other a slot:
 * where the part has the slot, its groove comes out under the mate's finger and may run through; where it has the finger,
 * the groove must stop or a notch shows at the finger's end. Across a boundary it shows on both.
 *
 * <p>Parts A and C are the sides, B and D the ends; with an odd count the sides are finger-first at both ends, with an even one every
 * part is finger-first at end 1. End 1 of a part is its left seen from outside.
 */
public final class GrooveEnds {
    private GrooveEnds() {}

    /** What a groove does at one end of a part. */
    public enum Run {
        /** May run right through. */
        THROUGH,
        /** Must stop short of the finger. */
        STOP,
        /** Shows whatever is done, unless every end is stopped. */
        SHOWS,
        /** Left open, for the lid to slide in. */
        OPEN
    }

    /**
     * One end of one part.
     *
     * @param part A, B, C or D
     * @param end 1 or 2
     */
    public record GrooveEnd(String part, int end, Run run) {}

    /** The eight ends of a groove that goes all round. */
    public static List<GrooveEnd> allRound(Layout layout, Groove groove) {
        Where where = layout.meets(new Span(groove.offset(), groove.top()));
        List<GrooveEnd> ends = new ArrayList<>();
        for (String part : List.of("A", "B", "C", "D")) {
            for (int end = 1; end <= 2; end++) {
                ends.add(new GrooveEnd(part, end, run(where, layout.isFingerFirst(part, end))));
            }
        }
        return ends;
    }

    /** The six ends of a lid's groove: sides A and C, open at the lowered front B, and the back D. */
    public static List<GrooveEnd> openAtFront(Layout layout, Groove groove) {
        List<GrooveEnd> ends = new ArrayList<>();
        for (GrooveEnd end : allRound(layout, groove)) {
            boolean atFront =
                    (end.part().equals("A") && end.end() == 2) || (end.part().equals("C") && end.end() == 1);
            if (!end.part().equals("B")) {
                ends.add(atFront ? new GrooveEnd(end.part(), end.end(), Run.OPEN) : end);
            }
        }
        return ends;
    }

    private static Run run(Where where, boolean fingerFirst) {
        return switch (where) {
            case STRADDLES -> Run.SHOWS;
            case FINGER_OF_FINGER_FIRST -> fingerFirst ? Run.STOP : Run.THROUGH;
            case FINGER_OF_SLOT_FIRST -> fingerFirst ? Run.THROUGH : Run.STOP;
        };
    }
}
