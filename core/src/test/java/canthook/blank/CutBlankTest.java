package canthook.blank;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.plan.BoardAtHand;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import org.junit.jupiter.api.Test;

class CutBlankTest {
    private static CutBlank cut(double length, double width) {
        return work(board(length, width)).blank();
    }

    private static BoxPlan board(double length, double width) {
        return envelopeDrawer().with(new BoardAtHand(mm(length), mm(width), null, null, false));
    }

    @Test
    void fourPartsThreeKerfsAndSquaringBothEnds() {
        // 2 × 248.8 + 2 × 166.8 + 3 × 3.2 + 2 × 10 = 860.8
        CutBlank blank = cut(940, 110);
        assertThat(blank.needed().length()).isEqualTo(mm(860.8));
        assertThat(blank.left().length()).isEqualTo(mm(79.2));
        assertThat(blank.fits()).isTrue();
        BoxPlan keep = envelopeDrawer().with(new BoardAtHand(mm(940), mm(110), null, null, true));
        assertThat(work(keep).blank().needed().length()).isEqualTo(mm(864));
    }

    @Test
    void aStackOrABitDoesNotCutPartsApart() {
        // the blade that does loses 3.2 three times, whatever the joint is cut with
        BoxPlan stacked = envelopeDrawer().with(envelopeDrawer().fingers().withKerf(mm(7.45)));
        assertThat(work(stacked).blank().kerf().length()).isEqualTo(mm(3.2));
        assertThat(work(stacked).blank().needed().length()).isEqualTo(mm(860.8));
        BoxPlan thin = envelopeDrawer().with(envelopeDrawer().fingers().withKerf(mm(2.4)));
        assertThat(work(thin).blank().kerf().length()).isEqualTo(mm(2.4));
    }

    @Test
    void saysByHowMuchItFallsShortAndTheSmallerBoxThenFits() {
        WorkedShort shortBoard = new WorkedShort(board(800, 110));
        assertThat(shortBoard.verdict.sentence()).contains("60.8 mm too short");
        BoxPlan mended = shortBoard.verdict.fixes().get(0).after();
        assertThat(work(mended).blank().fits()).isTrue();
        double shape = mended.size().length().mm() / mended.size().width().mm();
        assertThat(shape).isCloseTo(248.0 / 166, org.assertj.core.api.Assertions.within(0.002));
    }

    private record WorkedShort(Verdict verdict) {
        WorkedShort(BoxPlan plan) {
            this(work(plan).verdicts().stream()
                    .filter(v -> v.code() == Code.BLANK_TOO_SHORT)
                    .findFirst()
                    .orElseThrow());
        }
    }

    @Test
    void aWideBoardGivesStripsAndThenHalfTheLengthDoes() {
        // first rip 96.7: two strips want 196.6; each carries one side and one end: 248.8 + 166.8 + 3.2 + 20 = 438.8
        CutBlank blank = cut(440, 197);
        assertThat(blank.strips().count()).isEqualTo(2);
        assertThat(blank.run().strips()).isEqualTo(2);
        assertThat(blank.needed().length()).isEqualTo(mm(438.8));
        assertThat(blank.fits()).isTrue();
        assertThat(cut(440, 196).fits()).isFalse();
        assertThat(cut(280, 400).run().strips()).isEqualTo(4);
        assertThat(cut(370, 300).run()).isEqualTo(new CutBlank.Run(3, 0, 2));
    }

    @Test
    void keepsTheRunWholeWhenTheBoardAllowsIt() {
        assertThat(cut(900, 400).run().strips()).isEqualTo(1);
    }

    @Test
    void tooNarrowIsSaidInWords() {
        assertThat(work(board(940, 90)).verdicts())
                .filteredOn(v -> v.code() == Code.BLANK_TOO_NARROW)
                .singleElement()
                .satisfies(v -> {
                    assertThat(v.sentence()).contains("6.7 mm too narrow");
                    assertThat(work(v.fixes().get(0).after()).blank().fits()).isTrue();
                });
    }

    /** A smaller box is not always to be had; another board is. */
    @Test
    void anotherBoardIsAWayOutOfEveryBoardThatDoesNotGiveTheBox() {
        int[] seen = new int[2];
        AnyPlan.seeds(77_000, 600).forEach(any -> {
            BoxPlan plan = any.plan();
            int by = any.seed() % 2 == 0 ? 40 : 500;
            WorkedPlan worked =
                    Planner.work(plan.with(new BoardAtHand(mm(300 + by), mm(by), null, null, false)), any.shop());
            worked.verdicts().stream()
                    .filter(v -> v.code() == Code.BLANK_TOO_SHORT || v.code() == Code.BLANK_TOO_NARROW)
                    .forEach(v -> {
                        seen[v.code() == Code.BLANK_TOO_SHORT ? 0 : 1]++;
                        assertThat(v.fixes())
                                .as("seed " + any.seed())
                                .anySatisfy(f -> assertThat(f.label()).startsWith("Buy one as "));
                    });
        });
        assertThat(seen[0]).isPositive();
        assertThat(seen[1]).isPositive();
    }
}
