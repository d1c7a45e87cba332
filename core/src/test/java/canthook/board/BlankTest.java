package canthook.board;

import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.board.Blank.GrainFigure;
import canthook.board.Blank.MoistureKnown;
import canthook.refusal.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a rack takes in and what it refuses, at the place it came from. */
class BlankTest {
    private static Blank board(double length, Defect... defects) {
        return new Blank(
                "b",
                "from the loft",
                mm(length),
                mm(120),
                mm(20),
                "cherry-black",
                0,
                null,
                GrainFigure.CATHEDRAL,
                false,
                "",
                List.of(defects));
    }

    private static Defect knot(double from, double to) {
        return Defect.across(Defect.Kind.KNOT, mm(from), mm(to));
    }

    private static Defect knot(double from, double to, double lower, double upper) {
        return new Defect(Defect.Kind.KNOT, mm(from), mm(to), mm(lower), mm(upper), false);
    }

    private static void refuses(String field, String words, Runnable made) {
        assertThatThrownBy(made::run)
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.field()).isEqualTo(field))
                .hasMessageContaining(words);
    }

    @Test
    void aDefectBeyondTheBoardIsNamedByItsPlaceInTheList() {
        refuses("defects[1].to", "beyond the board's end", () -> board(900, knot(10, 40), knot(880, 901)));
        refuses("defects[0].acrossTo", "across a board", () -> board(900, knot(10, 40, 100, 121)));
    }

    @Test
    void defectsThatOverlapAreJoinedByTheMakerNotByUs() {
        refuses("defects[1].from", "overlaps another", () -> board(900, knot(100, 200), knot(199, 240)));
        refuses("defects[1].from", "overlaps another", () -> board(900, knot(100, 200), knot(150, 160, 0, 20)));
        assertThat(board(900, knot(100, 200), knot(200, 240)).defects()).hasSize(2);
        assertThat(board(900, knot(100, 200, 0, 50), knot(150, 220, 50, 90)).defects())
                .hasSize(2);
    }

    @Test
    void aDefectHasALengthAndBothItsEdgesOrNeither() {
        refuses("to", "further along", () -> knot(40, 40));
        refuses("acrossTo", "above its lower edge", () -> knot(10, 40, 30, 30));
        refuses("acrossTo", "both edges", () -> new Defect(Defect.Kind.CHECK, mm(10), mm(40), mm(5), null, false));
    }

    @Test
    void aBoardNeedsANameAndSizesABoardCanHave() {
        refuses("length", "Length must lie between", () -> board(0));
        refuses(
                "name",
                "1 to 60 letters",
                () -> new Blank("b", "  ", mm(900), mm(120), mm(20), "cherry-black", 0, null, null, false, null, null));
        refuses(
                "ringAngle",
                "between 0 and 90",
                () -> new Blank("b", "b", mm(900), mm(120), mm(20), "cherry-black", 91, null, null, false, null, null));
    }

    @Test
    void moistureOverSaturationIsTakenAndKnownForWhatItIs() {
        assertThat(new MoistureKnown(34, "2026-11-24", MoistureKnown.By.METER).isOverSaturation())
                .isTrue();
        assertThat(new MoistureKnown(12, "2026-11-24", MoistureKnown.By.GUESS).isOverSaturation())
                .isFalse();
        refuses("percent", "between 0 and 100", () -> new MoistureKnown(101, "2026-11-24", MoistureKnown.By.METER));
    }

    @Test
    void aDefectReachesOnlyTheStripsItLiesIn() {
        Defect low = knot(10, 40, 0, 30);
        assertThat(low.reaches(mm(0), mm(10))).isTrue();
        assertThat(low.reaches(mm(30), mm(60))).isFalse();
        assertThat(knot(10, 40).reaches(mm(100), mm(120))).isTrue();
    }
}
