package canthook.verdict;

import canthook.working.Later;
import java.util.List;

/**
 * A judgement on the plan: a sentence with its reason, the place it is about and, where there is one, what would mend it.
 *
 * @param code what it is, for tests and for pictures
 * @param weight how bad
 * @param station whose matter it is: {@code fingers}
 * @param place id of the number or the mark in the drawing to look at
 * @param sentence for the maker
 * @param ways changes that would mend it, the gentlest first, looked for when somebody asks; may be none
 */
public record Verdict(Code code, Weight weight, String station, String place, String sentence, Later<List<Fix>> ways) {
    public Verdict(Code code, Weight weight, String station, String place, String sentence, List<Fix> fixes) {
        this(code, weight, station, place, sentence, Later.known(List.copyOf(fixes)));
    }

    /** Changes that would mend it, the gentlest first; may be empty. */
    public List<Fix> fixes() {
        return ways.get();
    }

    /** How bad a verdict is. */
    public enum Weight {
        /** Worth knowing. */
        NOTE,
        /** Will show, will jam, will split, or breaks a house rule. */
        MIND,
        /** Cannot be made. */
        STOP
    }

    /** Every verdict the planner can give. */
    public enum Code {
        NO_INSIDE,
        SIZE_NOT_POSSIBLE,
        UNEQUAL_MATES,
        MATES_MOVE_APART,
        THICKNESS_SPREAD,
        CONTENTS_DO_NOT_FIT,
        CONTENTS_MEET_LID,
        LOW_END_OFF_BOUNDARY,
        LOW_END_NOT_LOWER,
        LOW_END_TOO_LOW,
        LOWERED_AGAINST_LID,
        LID_ON_A_SLOPE,
        NOT_SETTLED,
        SMALL_PART,
        PROUD_BY_DESIGN,
        KERF_TOO_WIDE,
        COUNT_NOT_POSSIBLE,
        HAIR_OVER_KERF,
        NO_HAND_SAW,
        SECTION_STRANGE,
        LADDER_CUT_OFF,
        BLANK_TOO_SHORT,
        ENDS_OF_ANOTHER_BOARD,
        BLANK_TOO_NARROW,
        BATCH_INCOMPLETE,
        BATCH_NOT_PROVEN,
        DEFECT_IN_THE_WAY,
        PANEL_NOT_FLUSH,
        PIN_THICK,
        HANDLE_OFF_LID,
        PIN_MEETS_BACK,
        PIN_HOLDS_SHUT,
        PANELS_INCOMPLETE,
        PANELS_NOT_PROVEN,
        BLANKS_DIFFER_IN_MOISTURE,
        BLANK_TOO_WET,
        RIDGED_FLOOR,
        SECTIONS_DO_NOT_SUM,
        WAY_CANNOT,
        REACH_SHORT,
        STACK_NOT_ALLOWED,
        STACK_NOT_ASKED,
        ARBOR_SHORT,
        CUTTER_TOO_LOW,
        INSERT_NARROW,
        BIT_OVER_OPENING,
        BAND_KERF_OTHER,
        BAND_SAW_NARROW,
        KEY_TOO_WIDE,
        FENCE_CANNOT_CLOSE,
        LEAVES_OFF,
        SCREW_MISSES_BAND,
        SCREW_GIVES,
        SPACERS_ADD_UP,
        SCALE_COARSE,
        CLOSING_ERROR_LARGE,
        STILL_ASSUMED,
        TWO_DEPTHS,
        GUIDE_PART,
        KEY_THIN,
        KEY_AT_HAND,
        KEY_SPACERS,
        PRESS_AWAY,
        TEST_FIRST,
        TEST_CUT_OF_ANOTHER,
        CORRECT_THE_FIT,
        FIT_SETTLED,
        MEASURE_AGAIN,
        KERF_DIFFERS,
        DID_NOT_FOLLOW,
        FINGERS_TAPER,
        PIECE_DISAGREES,
        FIT_WANDERS,
        READINGS_IMPOSSIBLE,
        GROOVE_DEEPER_THAN_WALL,
        GROOVE_OVER_HALF,
        GROOVE_STRADDLES,
        GROOVE_OFF_WALL,
        PANEL_TOO_SMALL,
        RABBET_THROUGH_WALL,
        RABBET_OVER_HALF,
        CORNER_OPEN,
        APPLIED_SOLID,
        SLATS_TOO_MANY,
        SLATS_OPEN_WIDE,
        SLATS_CLOSE,
        SLATS_LOOSE,
        ENGAGEMENT_SHORT,
        WALL_LEFT_THIN,
        PANEL_RATTLES,
        PANEL_TONGUE,
        MOISTURE_UNKNOWN,
        MOISTURE_OVER_SATURATION,
        SAME_CLIMATE,
        LID_LINE_OFF,
        LID_TOP_THIN,
        LID_MEETS_BOTTOM,
        LID_OFF_WALL,
        SEAM_OFF_BOX,
        SEAM_MEETS_PANEL,
        SEAM_HALF_THIN,
        SEAM_OFF_MIDDLE,
        LINER_SHORT,
        LID_STANDS_IN,
        /** The lid's panel stands over the walls. */
        LID_STANDS_OVER,
        LIP_TOO_DEEP,
        LID_OVER_LOW_WALL,
        BREADBOARD_ON_SHEET,
        BREADBOARD_THROUGH,
        BREADBOARD_PEGS,
        HINGES_TOO_LONG,
        HINGES_TOO_FEW,
        HINGE_WALL_THIN,
        HINGE_IN_JOINT,
        HINGE_DEEPER_THAN_LID,
        HINGE_SCREW_SHORT,
        DIVIDER_OFF_BOX,
        DIVIDERS_MEET,
        DADO_DEEP,
        DIVIDER_TOO_HIGH,
        GRIP_NEAR_EDGE,
        GRIP_OFF_WALL,
        PEG_THICK,
        /** Every finger that could be pegged is taken by something else. */
        PEGS_NOWHERE,
        FEET_MEET,
        FITTING_TWICE,
        TRAY_TOO_LONG,
        TRAY_FALLS,
        TRAY_TOO_HIGH,
        SECOND_FLOOR_FALLS,
        SECOND_FLOOR_HIGH,
        LEVELS_MEET,
        SHOULDER_THIN,
        STAY_WITHOUT_LID,
        STAY_OFF_WALL,
        SLIT_THROUGH,
        LABEL_OFF_WALL,
        LINING_FILLS,
        FITTINGS_COLLIDE,
        GLUE_TOO_SHORT,
        GLUE_UNDER_A_CORNER,
        GLUE_SEIZES,
        DIAGONALS_DISAGREE,
        OUT_OF_SQUARE,
        TRIM_BY_SANDING,
        TRIM_NO_ROOM,
        BEVELS_MEET,
        EDGES_EAT_FINGERS,
        FINISH_TOUCHED,
        FINISH_DRIES_SLOWLY
    }
}
