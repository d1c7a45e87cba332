package canthook.plan;

import canthook.refusal.Range;
import canthook.refusal.Refused;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * So many boxes out of the boards on the rack.
 *
 * @param count boxes like this one
 * @param spareSides sides to have over for rejects
 * @param spareEnds ends to have over for rejects
 * @param broken how far a box's run of four may be broken when it does not fit whole
 * @param resaw whether thick boards may be split and opened like a book
 * @param blanks ids of the blanks to cut from; none means any on the rack that suit
 * @param others boxes of other kinds to be cut at the same time
 * @param cut the day it was cut, ISO 8601; null while it is still a plan
 */
public record BatchWish(
        int count,
        int spareSides,
        int spareEnds,
        Break broken,
        boolean resaw,
        List<String> blanks,
        List<Other> others,
        @Nullable String cut) {
    /** More boxes of one kind than this are not planned at one go. */
    public static final int MOST = 200;

    /** How far a box's run of four may be broken when it does not fit whole. */
    public enum Break {
        WHOLE,
        PAIRS,
        SINGLES
    }

    /**
     * So many of another box.
     *
     * @param box its id
     */
    public record Other(String box, int count) {
        public static final Range COUNT = new Range("How many of it", 1, MOST, "boxes");

        public Other {
            Refused.ifMissing("box", "The other box", box);
            COUNT.check("count", count);
        }
    }

    public static final Range COUNT = new Range("How many", 1, MOST, "boxes");

    public static final Range SPARE_SIDES = new Range("Spare sides", 0, 50, "");

    public static final Range SPARE_ENDS = new Range("Spare ends", 0, 50, "");

    public BatchWish {
        COUNT.check("count", count);
        SPARE_SIDES.check("spareSides", spareSides);
        SPARE_ENDS.check("spareEnds", spareEnds);
        Refused.ifMissing("broken", "How far a run may be broken", broken);
        blanks = blanks == null ? List.of() : List.copyOf(blanks);
        others = others == null ? List.of() : List.copyOf(others);
        if (blanks.size() > 200) {
            throw new Refused("blanks", "At most 200 blanks at one go.");
        }
        if (others.size() > 8) {
            throw new Refused("others", "At most eight other kinds of box at one go.");
        }
        if (cut != null && !cut.matches("\\d{4}-\\d{2}-\\d{2}")) {
            throw new Refused("cut", "The day it was cut is written like 2025-03-02.");
        }
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < others.size(); i++) {
            if (!seen.add(others.get(i).box())) {
                throw new Refused("others[" + i + "].box", "This box is named twice; add the two counts together.");
            }
        }
    }

    public BatchWish withCount(int changed) {
        return new BatchWish(changed, spareSides, spareEnds, broken, resaw, blanks, others, cut);
    }

    public BatchWish withSpares(int sides, int ends) {
        return new BatchWish(count, sides, ends, broken, resaw, blanks, others, cut);
    }

    public BatchWish withBroken(Break changed) {
        return new BatchWish(count, spareSides, spareEnds, changed, resaw, blanks, others, cut);
    }

    public BatchWish withBlanks(List<String> changed) {
        return new BatchWish(count, spareSides, spareEnds, broken, resaw, changed, others, cut);
    }
}
