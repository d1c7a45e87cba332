package canthook.blank;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.plan.BoardAtHand;
import canthook.plan.BoxPlan;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict.Code;
import org.junit.jupiter.api.Test;

class StripsTest {
    private static WorkedPlan cut(double length, double width, double boardLength, double boardWidth) {
        BoxPlan plan = openDrawer();
        return work(plan.with(plan.size().withFootprint(mm(length), mm(width)))
                .with(new BoardAtHand(mm(boardLength), mm(boardWidth), null, null, false)));
    }

    /** 300 × 149: a side is 300.8, two ends and the kerf between them 302.8; with both ends squared 322.8. */
    @Test
    void theKerfBetweenTwoEndsOnOneStripCounts() {
        WorkedPlan worked = cut(300, 149, 321.5, 320);
        assertThat(worked.blank().needed().length()).isEqualTo(mm(322.8));
        assertThat(worked.blank().fits()).isFalse();
        assertThat(worked.verdicts()).extracting(v -> v.code()).contains(Code.BLANK_TOO_SHORT);
        assertThat(cut(300, 149, 322.8, 320).blank().fits()).isTrue();
        assertThat(worked.blank().scale().number()).isLessThan(1);
    }

    @Test
    void aBoardSaysHowManyBoxesItGives() {
        // four parts and a kerf behind each: 2 · 248.8 + 2 · 166.8 + 4 · 3.2 = 844; two strips of 96.7
        assertThat(cut(248, 166, 940, 110).number("blank.boxes").orElseThrow().count())
                .isEqualTo(1);
        assertThat(cut(248, 166, 1710, 200).number("blank.boxes").orElseThrow().count())
                .isEqualTo(4);
        assertThat(cut(248, 166, 700, 110).number("blank.boxes").orElseThrow().count())
                .isZero();
    }
}
