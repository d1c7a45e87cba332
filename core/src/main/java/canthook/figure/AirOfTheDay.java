package canthook.figure;

import canthook.length.LengthDisplay;
import canthook.working.Worked;

/** The air a section is drawn in: between the walls, or beside them where they stand higher than they lie apart. */
final class AirOfTheDay {
    /** From here on the words have no room between the walls. */
    private static final double TALL = 0.9;

    private AirOfTheDay() {}

    /**
     * @param sheet what moves is sheet goods, which go by the air's humidity
     * @param at down the walls, as a share of their height
     */
    static void note(
            Drawing d,
            LengthDisplay display,
            boolean sheet,
            Worked air,
            double opening,
            double thickness,
            double height,
            double at) {
        String words = (sheet ? "air at " : "wood at ") + air.text(display);
        if (height > TALL * opening) {
            d.note(opening + thickness + height * 0.05, height * at, words, "quiet", "start", air);
            d.reach(opening + thickness + height * 0.6, 0);
        } else {
            d.note(opening / 2, height * at, words, "quiet", "middle", air);
        }
    }
}
