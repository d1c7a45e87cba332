package canthook.breakdown;

import canthook.board.Blank;
import canthook.length.Length;
import canthook.plan.BatchWish.Break;
import canthook.refusal.Refused;
import java.util.List;

/**
 * Boxes to be cut out of blanks.
 *
 * @param boxes what is wanted, in the order the maker named it
 * @param boards on the rack, in their order there
 * @param habits of the shop that decide what is lost
 */
public record BreakdownTask(List<Wanted> boxes, List<Blank> blanks, Habits habits) {
    /** More than this of either is not planned at one go. */
    public static final int MOST_BLANKS = 200;

    /** More boxes than this are not planned at one go. */
    public static final int MOST_BOXES = 500;

    /**
     * So many equal boxes.
     *
     * @param name what the maker calls them
     * @param side length a side is cut to
     * @param end length an end is cut to
     * @param rip height a strip is ripped to
     * @param sideThickness a side must have once planed
     * @param endThickness an end must have once planed
     * @param sideWood id of the sides' wood
     * @param endWood id of the ends' wood
     * @param count boxes wanted
     * @param spareSides sides to have over for rejects
     * @param spareEnds ends to have over for rejects
     */
    public record Wanted(
            String name,
            Length side,
            Length end,
            Length rip,
            Length sideThickness,
            Length endThickness,
            String sideWood,
            String endWood,
            int count,
            int spareSides,
            int spareEnds) {
        /** Sides and ends out of one board: only then can corners match. */
        public boolean isOfOneWood() {
            return sideWood.equals(endWood);
        }

        Length thinnest() {
            return Length.shorter(sideThickness, endThickness);
        }

        Length thickest() {
            return Length.longer(sideThickness, endThickness);
        }
    }

    /**
     * What is lost, and what the maker allows.
     *
     * @param squaring lost at each end of a blank
     * @param snipe lost at each end instead when the blank carries planer snipe and it is more
     * @param crosscutKerf between parts of a strip
     * @param ripKerf between strips
     * @param resawKerf of the saw that splits a thick board
     * @param planing off both faces of a resawn half together
     * @param broken how far a run may be broken
     * @param resaw whether thick boards may be split and opened like a book
     */
    public record Habits(
            Length squaring,
            Length snipe,
            Length crosscutKerf,
            Length ripKerf,
            Length resawKerf,
            Length planing,
            Break broken,
            boolean resaw) {}

    public BreakdownTask {
        boxes = List.copyOf(boxes);
        blanks = List.copyOf(blanks);
        if (blanks.size() > MOST_BLANKS) {
            throw new Refused("blanks", "At most " + MOST_BLANKS + " blanks at one go; pick those to plan with.");
        }
        if (boxes.stream().mapToInt(Wanted::count).sum() > MOST_BOXES) {
            throw new Refused("boxes", "At most " + MOST_BOXES + " boxes at one go.");
        }
    }

    /** What a blank loses at each end before any part is cut. */
    public Length lossAtEnd(Blank blank) {
        return blank.snipe() ? Length.longer(habits.squaring(), habits.snipe()) : habits.squaring();
    }

    /** Thickness a blank needs to give two halves of this thickness: 2 · (T + planing of both faces) + resaw kerf. */
    public Length thicknessForBook(Wanted box) {
        return box.thickest().plus(habits.planing()).times(2).plus(habits.resawKerf());
    }
}
