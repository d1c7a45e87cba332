package canthook.size;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import org.junit.jupiter.api.Test;

class SizedBoxTest {
    private static SizedBox box(From from, double length, double width, double thickness, Tips tips, Double proud) {
        SizeWish wish = new SizeWish(
                from, mm(length), mm(width), mm(96), mm(thickness), tips, proud == null ? null : mm(proud));
        return work(envelopeDrawer().with(wish)).size();
    }

    @Test
    void partsAreTheOutsideAndTheProudAtBothEnds() {
        SizedBox box = box(From.OUTSIDE, 248, 166, 12, Tips.TRIM, null);
        assertThat(box.sideLength().length()).isEqualTo(mm(250));
        assertThat(box.endLength().length()).isEqualTo(mm(168));
        assertThat(box.insideLength().length()).isEqualTo(mm(224));
        assertThat(box.slotDepth().length()).isEqualTo(mm(13));
    }

    @Test
    void theInsideMayLead() {
        SizedBox box = box(From.INSIDE, 224, 142, 12, Tips.SAND, null);
        assertThat(box.outsideLength().length()).isEqualTo(mm(248));
        assertThat(box.endLength().length()).isEqualTo(mm(166.8));
        assertThat(box.insideWidth().length()).isEqualTo(mm(142));
    }

    @Test
    void tipsUnderTheFaceMeanPlanedWallsAndNoAddedLength() {
        SizedBox box = box(From.OUTSIDE, 248, 166, 12, Tips.UNDER, 0.5);
        assertThat(box.sideLength().length()).isEqualTo(mm(248));
        assertThat(box.slotDepth().length()).isEqualTo(mm(11.5));
        assertThat(box.finalThickness().length()).isEqualTo(mm(11.5));
        assertThat(box.insideLength().length()).isEqualTo(mm(225));
    }

    @Test
    void wallsThatLeaveNothingInsideAreAVerdict() {
        SizedBox box = box(From.OUTSIDE, 60, 40, 20, Tips.SAND, null);
        assertThat(box.hasInside()).isFalse();
        assertThat(box.verdicts()).extracting(Verdict::code).contains(Code.NO_INSIDE);
        assertThat(box(From.OUTSIDE, 248, 166, 2, Tips.UNDER, 3.0).verdicts())
                .extracting(Verdict::code)
                .contains(Code.NO_INSIDE);
    }

    @Test
    void smallPartsCarryTheCaution() {
        assertThat(box(From.OUTSIDE, 248, 140, 12, Tips.SAND, null).verdicts())
                .extracting(Verdict::code)
                .containsExactly(Code.SMALL_PART);
        assertThat(box(From.OUTSIDE, 248, 166, 12, Tips.SAND, null).verdicts()).isEmpty();
    }
}
