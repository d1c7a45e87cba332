package canthook.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every verdict there is can be raised, says where to look, and every fix offered with it silences it. */
class EveryVerdictTest {
    private static final Set<Code> OF_MANY_BOARDS = EnumSet.of(
            Code.BATCH_INCOMPLETE,
            Code.BATCH_NOT_PROVEN,
            Code.DEFECT_IN_THE_WAY,
            Code.PANELS_INCOMPLETE,
            Code.PANELS_NOT_PROVEN,
            Code.BLANKS_DIFFER_IN_MOISTURE,
            Code.BLANK_TOO_WET);
    private static final Set<Code> WANT_ANOTHER_BOARD = EnumSet.of(Code.BLANK_TOO_SHORT, Code.BLANK_TOO_NARROW);

    @ParameterizedTest
    @EnumSource(Code.class)
    void canBeRaisedAndSaysWhereToLook(Code code) {
        if (OF_MANY_BOARDS.contains(code)) {
            assertThat(Raised.raising(code)).isEmpty();
            return;
        }
        WorkedPlan worked = Raised.raising(code).orElseThrow().worked();
        assertThat(worked.verdicts())
                .filteredOn(v -> v.code() == code)
                .isNotEmpty()
                .allSatisfy(v -> {
                    assertThat(v.sentence()).matches(".+[.?]");
                    assertThat(worked.number(v.place())).as(v.place()).isPresent();
                });
        mends(worked);
    }

    /** Those that have a way out offer one: a filter that drops everything would pass the other tests too. */
    @ParameterizedTest
    @EnumSource(
            value = Code.class,
            names = {
                "FITTING_TWICE",
                "TRAY_TOO_LONG",
                "TRAY_FALLS",
                "TRAY_TOO_HIGH",
                "GRIP_OFF_WALL",
                "HANDLE_OFF_LID",
                "GROOVE_OFF_WALL",
                "LID_OFF_WALL",
                "LID_MEETS_BOTTOM",
                "SECOND_FLOOR_FALLS",
                "SECOND_FLOOR_HIGH",
                "LEVELS_MEET",
                "SHOULDER_THIN",
                "STAY_WITHOUT_LID",
                "STAY_OFF_WALL",
                "SLIT_THROUGH",
                "LABEL_OFF_WALL",
                "CONTENTS_DO_NOT_FIT",
                "CONTENTS_MEET_LID",
                "LOW_END_OFF_BOUNDARY",
                "LOW_END_NOT_LOWER",
                "LOWERED_AGAINST_LID",
                "LID_ON_A_SLOPE",
                "COUNT_NOT_POSSIBLE",
                "RABBET_THROUGH_WALL",
                "RABBET_OVER_HALF",
                "CORNER_OPEN",
                "APPLIED_SOLID",
                "SLATS_TOO_MANY",
                "SLATS_OPEN_WIDE",
                "SLATS_CLOSE",
                "SLATS_LOOSE",
                "HAIR_OVER_KERF",
                "NO_HAND_SAW",
                "BLANK_TOO_SHORT",
                "SECTIONS_DO_NOT_SUM",
                "WAY_CANNOT",
                "REACH_SHORT",
                "KEY_TOO_WIDE",
                "FENCE_CANNOT_CLOSE",
                "SCREW_MISSES_BAND",
                "SCALE_COARSE",
                "KERF_DIFFERS",
                "GROOVE_DEEPER_THAN_WALL",
                "GROOVE_OVER_HALF",
                "GROOVE_STRADDLES",
                "ENGAGEMENT_SHORT",
                "LID_LINE_OFF",
                "LID_TOP_THIN",
                "SEAM_OFF_BOX",
                "SEAM_MEETS_PANEL",
                "SEAM_HALF_THIN",
                "SEAM_OFF_MIDDLE",
                "LINER_SHORT",
                "LID_STANDS_IN",
                "LIP_TOO_DEEP",
                "LID_OVER_LOW_WALL",
                "BREADBOARD_ON_SHEET",
                "BREADBOARD_THROUGH",
                "BREADBOARD_PEGS",
                "HINGES_TOO_LONG",
                "HINGES_TOO_FEW",
                "HINGE_WALL_THIN",
                "HINGE_IN_JOINT",
                "HINGE_DEEPER_THAN_LID",
                "HINGE_SCREW_SHORT",
                "DIVIDER_OFF_BOX",
                "DIVIDERS_MEET",
                "DADO_DEEP",
                "DIVIDER_TOO_HIGH",
                "GRIP_NEAR_EDGE",
                "PEG_THICK",
                "FITTINGS_COLLIDE"
            })
    void aWayOutIsOffered(Code code) {
        assertThat(Raised.raising(code).orElseThrow().worked().verdicts())
                .filteredOn(v -> v.code() == code)
                .flatExtracting(Verdict::fixes)
                .isNotEmpty();
    }

    private static Set<Code> stops(WorkedPlan worked) {
        Set<Code> codes = EnumSet.noneOf(Code.class);
        worked.found().stream().filter(v -> v.weight() == Weight.STOP).forEach(v -> codes.add(v.code()));
        return codes;
    }

    private static void mends(WorkedPlan worked) {
        Set<Code> before = stops(worked);
        before.addAll(WANT_ANOTHER_BOARD);
        for (Verdict verdict : worked.verdicts()) {
            for (Fix fix : verdict.fixes()) {
                WorkedPlan after = Planner.work(fix.after(), worked.shop());
                List<Verdict> left = alike(verdict, after);
                // of several things that meet one is mended, and no other comes in its place
                assertThat(left.size())
                        .as(fix.label() + " for " + verdict.sentence())
                        .isLessThan(alike(verdict, worked).size());
                assertThat(before).as(fix.label() + " stops nothing else").containsAll(stops(after));
            }
        }
    }

    private static List<Verdict> alike(Verdict verdict, WorkedPlan worked) {
        return worked.found().stream()
                .filter(v -> v.code() == verdict.code() && v.station().equals(verdict.station()))
                .toList();
    }

    static Stream<AnyPlan> plans() {
        return AnyPlan.seeds(20_001, 250);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void everyFixOfferedMendsAndEveryPlaceOpens(AnyPlan any) {
        WorkedPlan worked = any.worked();
        mends(worked);
        assertThat(worked.verdicts())
                .allSatisfy(v -> assertThat(worked.number(v.place()))
                        .as(v.code() + " " + v.place())
                        .isPresent());
    }
}
