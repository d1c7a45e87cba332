package canthook.judgement;

import canthook.planner.Place;

/** The judgement calls, each where it belongs. */
public enum Call {
    PLANING_DIRECTION("Planing direction", Place.SIZE),
    FULL_FINGER_ON_TOP("A full finger on top", Place.FINGERS),
    SHORT_GRAIN("Short grain", Place.FINGERS),
    LET_IT_SETTLE("Let it settle", Place.BLANK),
    HEART_SIDE_OUT("Heart side out", Place.BLANK),
    BEST_CORNER_FORWARD("Best corner forward", Place.BLANK),
    WHAT_SANDING_TAKES("What sanding takes", Place.FIT),
    REPAIR_OR_REMAKE("Repair or remake", Place.FIT),
    TEST_AGAIN("Test again in mid-batch", Place.CUT),
    BACKING("Backing", Place.CUT),
    FOUR_IN_A_ROW("Four in a row", Place.CUT),
    GAPS_FROM_THE_FIT("The same gap again", Place.FIT),
    GAPS_FROM_THE_JIG("The same gap once more", Place.JIG);

    private final String title;
    private final Place place;

    Call(String title, Place place) {
        this.title = title;
        this.place = place;
    }

    /** In the makers' voice. */
    public String title() {
        return title;
    }

    /** The station it is said at. */
    public Place place() {
        return place;
    }
}
