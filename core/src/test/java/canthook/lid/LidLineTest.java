package canthook.lid;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.panel;
import static canthook.SeedLibrary.slidingLid;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Lid;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LidLineTest {
    private static BoxPlan grooved(double width, double depth, double offset) {
        return envelopeDrawer().with(lidOf(envelopeDrawer()).withGroove(new Groove(mm(width), mm(depth), mm(offset))));
    }

    @ParameterizedTest
    @ValueSource(doubles = {30, 41.7, 52, 60.3, 66, 71.2, 75.9, 80})
    void everyFixOfferedPutsTheLineOnABoundary(double offset) {
        WorkedPlan worked = work(grooved(6, 5, offset));
        assertThat(worked.verdicts().stream()
                        .filter(v -> v.code() == Code.LID_LINE_OFF)
                        .flatMap(v -> v.fixes().stream()))
                .isNotEmpty()
                .allSatisfy(fix -> {
                    WorkedPlan mended = work(fix.after());
                    assertThat(slidingLid(mended).isOnBoundary())
                            .as(fix.label())
                            .isTrue();
                    Length to = lidOf(mended.plan()).groove().offset();
                    assertThat(fix.label()).startsWith(to.isOver(mm(offset)) ? "Raise" : "Lower");
                });
    }

    @ParameterizedTest
    @CsvSource({
        // a joint of so many sections closes at n·s − m·c: s = 7.4492, f = 7.3292, p = 14.7785; the line is 0.25 under
        // the groove
        "15.0285,14.7785,0",
        "20,22.1077,-2.3577",
        "60,59.1138,0.6362",
        "81.4,81.2215,-0.0715"
    })
    void theNearestBoundaryIsWhereFewerSectionsClose(double offset, double boundary, double off) {
        WorkedPlan worked = work(grooved(3, 5, offset));
        assertThat(worked.fingers().low().boundary().length().mm())
                .isCloseTo(boundary, org.assertj.core.api.Assertions.within(2e-4));
        assertThat(slidingLid(worked).off().length().mm()).isCloseTo(off, org.assertj.core.api.Assertions.within(2e-4));
    }

    @Test
    void woodOverTheGrooveIsTheLargerOfFourAndHalfTheWall() {
        // walls 12: at least 6 over the groove
        assertThat(work(grooved(6, 5, 84.5)).lid().verdicts())
                .filteredOn(v -> v.code() == Code.LID_TOP_THIN)
                .singleElement()
                .satisfies(v -> {
                    assertThat(v.sentence()).contains("5.50 mm").contains("6.00 mm");
                    assertThat(work(v.fixes().get(0).after()).lid().verdicts())
                            .extracting(Verdict::code)
                            .doesNotContain(Code.LID_TOP_THIN);
                });
        assertThat(work(grooved(6, 5, 84)).lid().verdicts())
                .extracting(Verdict::code)
                .doesNotContain(Code.LID_TOP_THIN);
    }

    @ParameterizedTest
    @CsvSource({
        "6,12,80,GROOVE_DEEPER_THAN_WALL",
        "6,5,92,LID_OFF_WALL",
        "6,5,0.1,LID_OFF_WALL",
        "6,5,12,LID_MEETS_BOTTOM"
    })
    void whatCannotBeMadeStops(double width, double depth, double offset, Code code) {
        assertThat(work(grooved(width, depth, offset)).lid().verdicts())
                .filteredOn(v -> v.code() == code)
                .singleElement()
                .extracting(Verdict::weight)
                .isEqualTo(Weight.STOP);
    }

    @Test
    void theLidIsAsWideAsACapturedPanelWithItsRunningClearance() {
        // 142 + 2 × 5 − 0.8
        assertThat(panel(work(envelopeDrawer()), "lid").across().widest().length())
                .isEqualTo(mm(151.2));
        BoxPlan tight = envelopeDrawer();
        Lid.Sliding own = new Lid.Sliding(
                new Stuff("sheet-plywood", 0), mm(6), lidOf(tight).groove(), mm(0.3), mm(0.5));
        SlidingLid other = slidingLid(work(tight.with(own)));
        assertThat(other.held().across().widest().length()).isEqualTo(mm(151.7));
        assertThat(other.held().tongue().length()).isEqualTo(mm(5.5));
        assertThat(other.lidLine().length()).isEqualTo(mm(81.5));
    }

    @Test
    void aTongueIsNeverThickerThanItsLid() {
        BoxPlan plan = envelopeDrawer();
        Lid.Sliding lid = lidOf(plan);
        WorkedPlan thin = work(plan.with(new Lid.Sliding(lid.stuff(), mm(5), lid.groove(), null, null)));
        assertThat(slidingLid(thin).held().tongue().length()).isEqualTo(mm(5));
        assertThat(thin.verdicts()).extracting(Verdict::code).contains(Code.PANEL_RATTLES);
    }
}
