package canthook.lid;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.panel;
import static canthook.SeedLibrary.slidingLid;
import static canthook.SeedLibrary.work;
import static canthook.Told.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.Told;
import canthook.figure.WholeBox;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Lid;
import canthook.plan.Lowered;
import canthook.plan.Opening;
import canthook.plan.Pull;
import canthook.plan.SizeWish;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What is told of a sliding lid: its verdicts one by one, where they begin and where they do not. */
class SlidingLidTest {
    private static BoxPlan lid(double thickness, Groove groove, @Nullable Double running, @Nullable Double vertical) {
        return lid(envelopeDrawer(), thickness, groove, running, vertical);
    }

    private static BoxPlan lid(
            BoxPlan plan, double thickness, Groove groove, @Nullable Double running, @Nullable Double vertical) {
        return plan.with(new Lid.Sliding(
                lidOf(plan).stuff(),
                mm(thickness),
                groove,
                running == null ? null : mm(running),
                vertical == null ? null : mm(vertical)));
    }

    private static Groove groove(double width, double depth, double offset) {
        return new Groove(mm(width), mm(depth), mm(offset));
    }

    private static boolean says(BoxPlan plan, Code code, Weight weight) {
        return work(plan).lid().verdicts().stream().anyMatch(v -> v.code() == code && v.weight() == weight);
    }

    @Test
    void aClearanceAsHighAsTheGrooveLeavesNoTongue() {
        assertThat(says(lid(2, groove(2, 5, 82), null, 2.0), Code.LID_OFF_WALL, Weight.STOP))
                .isTrue();
        assertThat(says(lid(2, groove(2, 5, 82), null, 1.9), Code.LID_OFF_WALL, Weight.STOP))
                .isFalse();
    }

    /** Groove 82 up, lid 15 thick, walls asked 96 high: its face at 97. Level, it is as thick as what is over the groove's lower edge. */
    @Test
    void aThickLidStandsOverItsWallsAndIsBroughtLevel() {
        WorkedPlan worked = work(lid(15, groove(6, 5, 82), null, null));
        double wall = worked.fingers().wall().length().mm();
        assertThat(number(worked, "lid.face")).isCloseTo(97, within(1e-9));
        assertThat(number(worked, "lid.total-height")).isCloseTo(97, within(1e-9));
        Verdict over = only(worked, Weight.NOTE);
        assertThat(over.sentence())
                .startsWith("The lid stands " + LengthDisplay.METRIC.text(mm(97 - wall), Precision.FIT) + " over");
        assertThat(over.fixes()).hasSize(2).allSatisfy(fix -> {
            WorkedPlan level = work(fix.after());
            assertThat(level.lid().verdicts()).extracting(Verdict::code).doesNotContain(Code.LID_STANDS_OVER);
            assertThat(level.number("lid.total-height")).isEmpty();
        });
        // level with the walls, or no thicker than its groove, nothing is said of it
        for (double thick : new double[] {wall - 82 - 0.01, 6}) {
            WorkedPlan flush = work(lid(thick, groove(6, 5, 82), null, null));
            assertThat(flush.lid().verdicts()).extracting(Verdict::code).doesNotContain(Code.LID_STANDS_OVER);
        }
        assertThat(work(lid(6, groove(6, 5, 82), null, null)).number("lid.face"))
                .isEmpty();
        // in a place it is more than a note
        BoxPlan plan = lid(15, groove(6, 5, 82), null, null);
        BoxPlan placed = plan.with(plan.size()
                .with(new Opening(mm(260), mm(180), mm(98), mm(2), mm(2), mm(2)))
                .withFrom(SizeWish.From.OPENING));
        assertThat(only(work(placed), Weight.MIND).sentence())
                .endsWith("so much higher is the box than its place allows.");
    }

    private static Verdict only(WorkedPlan worked, Weight weight) {
        List<Verdict> found = Told.of(worked, Code.LID_STANDS_OVER);
        assertThat(found).hasSize(1).allSatisfy(v -> assertThat(v.weight()).isEqualTo(weight));
        return found.get(0);
    }

    @Test
    void aRunningClearanceWiderThanTheBoxLeavesNoLid() {
        BoxPlan narrow = envelopeDrawer().with(envelopeDrawer().size().withFootprint(mm(248), mm(38)));
        // 14 inside and two grooves of 2: 18
        assertThat(says(lid(narrow, 6, groove(6, 2, 82), 20.0, null), Code.PANEL_TOO_SMALL, Weight.STOP))
                .isTrue();
        assertThat(says(lid(narrow, 6, groove(6, 2, 82), 0.8, null), Code.PANEL_TOO_SMALL, Weight.STOP))
                .isFalse();
    }

    @Test
    void aGrooveOverHalfTheWallIsMinded() {
        assertThat(says(lid(6, groove(6, 8, 82), null, null), Code.GROOVE_OVER_HALF, Weight.MIND))
                .isTrue();
        assertThat(says(lid(6, groove(6, 5, 82), null, null), Code.GROOVE_OVER_HALF, Weight.MIND))
                .isFalse();
    }

    @Test
    void aLidThatMayDropOutWhenDryIsMinded() {
        BoxPlan wide = envelopeDrawer().with(envelopeDrawer().size().withFootprint(mm(600), mm(600)));
        assertThat(says(lid(wide, 6, groove(6, 2, 82), null, null), Code.ENGAGEMENT_SHORT, Weight.MIND))
                .isTrue();
    }

    @Test
    void aStraddlingGrooveIsNotedOnlyWhereItShows() {
        BoxPlan across = lid(6, groove(6, 5, 78), null, null);
        assertThat(says(across, Code.GROOVE_STRADDLES, Weight.NOTE)).isTrue();
        // 13 sections: the finger-first slot from 81.22 to 88.67 holds a groove of 6 from 82 on
        assertThat(says(lid(6, groove(6, 5, 82), null, null), Code.GROOVE_STRADDLES, Weight.NOTE))
                .isFalse();
        // with both ends lowered no groove runs in the back
        BoxPlan both = across.with(across.size().withLowered(new Lowered(Lowered.Which.BOTH_ENDS, mm(77.75))));
        assertThat(says(both, Code.GROOVE_STRADDLES, Weight.NOTE)).isFalse();
    }

    @Test
    void theEdgeEntersAsItIsOnlyWhenTheLidIsThinnerThanItsRoom() {
        WorkedPlan same = work(lid(5.75, groove(6, 5, 82), null, 0.25));
        assertThat(panel(same, "lid").tongue().label()).isEqualTo("Tongue");
        assertThat(panel(same, "lid").tongue().length()).isEqualTo(mm(5.75));
        WorkedPlan thinner = work(lid(5.7, groove(6, 5, 82), null, 0.25));
        assertThat(panel(thinner, "lid").tongue().label()).isEqualTo("Edge in the groove");
        assertThat(panel(thinner, "lid").tongue().length()).isEqualTo(mm(5.7));
    }

    @Test
    void aFixForTheLineNeverPutsTheGrooveOverTheWall() {
        WorkedPlan high = work(lid(6, groove(6, 5, 89), null, null));
        Length wall = high.fingers().wall().length();
        assertThat(high.verdicts().stream().filter(v -> v.code() == Code.LID_LINE_OFF))
                .isNotEmpty()
                .allSatisfy(v -> assertThat(v.fixes())
                        .isNotEmpty()
                        .allSatisfy(fix -> assertThat(
                                        lidOf(fix.after()).groove().top().isOver(wall))
                                .isFalse()));
    }

    @Test
    void itSaysInALineWhereItRuns() {
        assertThat(work(lid(6, groove(6, 5, 60), null, null)).lid().line(LengthDisplay.METRIC))
                .isEqualTo("slides, line off a boundary");
        WorkedPlan on = work(lid(6, groove(6, 5, 81.4715), null, null));
        assertThat(slidingLid(on).isOnBoundary()).isTrue();
        assertThat(on.lid().line(LengthDisplay.METRIC)).isEqualTo("slides, line on a boundary");
        assertThat(work(openDrawer()).lid().line(LengthDisplay.METRIC)).isEqualTo("none");
    }

    /** Left 40, pin 3: 40 − 1.5 = 38.5 from the back end, and 38.5 − 5 = 33.5 inside the box once it is shut. */
    @Test
    void theStopPinMeetsTheFrontWithSoMuchLeft() {
        BoxPlan plan = pulled(new Pull(mm(8), mm(18), mm(40), null));
        WorkedPlan worked = work(plan);
        assertThat(told(worked, "lid.pin-at").mm()).isEqualTo(38.5);
        assertThat(told(worked, "lid.pin-closed").mm()).isEqualTo(33.5);
        assertThat(told(worked, "lid.opens"))
                .isEqualTo(worked.size().insideLength().length().minus(mm(40)));
        assertThat(told(worked, "lid.tongue-away")).isEqualTo(mm(8));
        assertThat(told(worked, "lid.along"))
                .isEqualTo(told(work(envelopeDrawer()), "lid.along").plus(mm(8)));
        assertThat(told(worked, "lid.notch-across").mm())
                .isCloseTo(told(worked, "lid.cut").mm() / 2, within(1e-6));
        assertThat(worked.steps()).extracting(Step::says).anyMatch(s -> s.contains("stop pin"));
        // told where it is bored, drawn where it is told
        assertThat(WholeBox.of(worked, WholeBox.State.CLOSED, 0, 0, 0)).isNotNull();
    }

    /** Both ends lowered: it overhangs both, and the pin in the middle stops it either way. */
    @Test
    void aLidThatSlidesEitherWayHasItsPinInTheMiddle() {
        BoxPlan plan = pulled(new Pull(mm(6), null, mm(40), null));
        WorkedPlan worked = work(plan.with(plan.size().withLowered(new Lowered(Lowered.Which.BOTH_ENDS, mm(80)))));
        assertThat(told(worked, "lid.along"))
                .isEqualTo(worked.size().outsideLength().length().plus(mm(12)));
        assertThat(told(worked, "lid.pin-at").mm())
                .isCloseTo(told(worked, "lid.along").mm() / 2, within(1e-6));
    }

    private static BoxPlan pulled(Pull pull) {
        BoxPlan plan = envelopeDrawer();
        return plan.with(lidOf(plan).with(pull));
    }

    private static Length told(WorkedPlan worked, String id) {
        return worked.numbers().stream()
                .filter(n -> n.id().equals(id))
                .findFirst()
                .orElseThrow()
                .length();
    }
}
