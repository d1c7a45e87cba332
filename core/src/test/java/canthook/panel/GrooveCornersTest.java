package canthook.panel;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Groove.Corners;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Walls of 12, a bit as wide as the groove: where it stops, and what the panel’s corner gives up. */
class GrooveCornersTest {
    private static BoxPlan with(Corners corners, double width, double depth, Double bit, Stuff stuff) {
        return openDrawer()
                .with(new Bottom.Captured(
                        stuff,
                        mm(width),
                        new Groove(mm(width), mm(depth), mm(8), corners, bit == null ? null : mm(bit)),
                        Bottom.Grain.ALONG_LENGTH,
                        false,
                        null,
                        null));
    }

    private static double number(WorkedPlan worked, String id) {
        return worked.number("bottom." + id).orElseThrow().length().mm();
    }

    private static String jobs(WorkedPlan worked) {
        return String.join("\n", Jobs.of(worked).stream().map(Jobs.Job::says).toList());
    }

    /** Groove 5 deep in walls of 12: 7; a bit of 4 that runs on: 5. Clipped: 5 and 2. */
    @Test
    void eachWayHasItsStopAndItsCorner() {
        Stuff plywood = new Stuff("sheet-plywood", 0);
        WorkedPlan notched = work(with(Corners.NOTCHED, 4, 5, null, plywood));
        assertThat(number(notched, "stop-at")).isCloseTo(7, within(1e-9));
        assertThat(number(notched, "corner-notch")).isCloseTo(2, within(1e-9));
        assertThat(jobs(notched)).contains("Notch the bottom’s corners where its groove stops: 2.00 mm along");
        WorkedPlan clipped = work(with(Corners.CLIPPED, 4, 5, null, plywood));
        assertThat(number(clipped, "stop-at")).isCloseTo(7, within(1e-9));
        assertThat(number(clipped, "corner-clip")).isCloseTo(7, within(1e-9));
        assertThat(jobs(clipped)).contains("Clip the bottom’s corners at 45°");
        WorkedPlan on = work(with(Corners.RUN_ON, 4, 5, null, plywood));
        assertThat(number(on, "stop-at")).isCloseTo(5, within(1e-9));
        assertThat(jobs(on)).doesNotContain("the bottom’s corners");
        // a bit narrower than the groove takes less of the corner
        assertThat(number(work(with(Corners.NOTCHED, 6, 5, 4.0, plywood)), "corner-notch"))
                .isCloseTo(2, within(1e-9));
        // the plan that said nothing is the notched one
        assertThat(number(work(with(null, 4, 5, null, plywood)), "corner-notch"))
                .isCloseTo(2, within(1e-9));
    }

    /** The stop in the wood, by geometry: a round end of the bit reaches as far as it is told and leaves the wall that is told. */
    @ParameterizedTest
    @CsvSource({"4, 5, 4", "6, 4, 6", "6, 4, 3", "3, 6, 3"})
    void theRoundEndLiesWhereItIsTold(double width, double depth, double bit) {
        for (Corners corners : Corners.values()) {
            WorkedPlan worked = work(with(corners, width, depth, bit, new Stuff("sheet-plywood", 0)));
            double left = number(worked, "stop-at");
            // the bit's middle stands its radius inside of the very end
            double middle = left + bit / 2;
            // full width is reached at the middle; the panel's edge lies at the mate's groove floor
            double floor = 12 - depth;
            double short_ = middle - floor;
            switch (corners) {
                case RUN_ON -> assertThat(short_).isCloseTo(0, within(1e-9));
                case NOTCHED -> assertThat(number(worked, "corner-notch")).isGreaterThanOrEqualTo(short_ - 1e-9);
                // a 45° clip of depth + r clears the square the round end leaves, r long and as deep as the groove
                case CLIPPED -> assertThat(number(worked, "corner-clip")).isGreaterThanOrEqualTo(short_ + depth - 1e-9);
            }
        }
    }

    /** A pine panel shrinks; clipped far it opens at the corner, and both ways out close it. */
    @Test
    void aClippedCornerThatOpensInADryYearIsSaid() {
        WorkedPlan worked = work(with(Corners.CLIPPED, 6, 4, 12.0, new Stuff("pine-ponderosa", 0)));
        Verdict open = worked.verdicts().stream()
                .filter(v -> v.code() == Code.CORNER_OPEN)
                .findFirst()
                .orElseThrow();
        assertThat(open.sentence()).contains("a hole shows");
        List<Fix> fixes = open.fixes();
        assertThat(fixes).extracting(Fix::label).contains("Notch its corners");
        fixes.forEach(fix -> assertThat(work(fix.after()).verdicts()).noneMatch(v -> v.code() == Code.CORNER_OPEN));
        assertThat(work(with(Corners.CLIPPED, 6, 4, 2.0, new Stuff("sheet-plywood", 0)))
                        .verdicts())
                .noneMatch(v -> v.code() == Code.CORNER_OPEN);
    }

    /** A bit that runs on leaves less wall outside: under 2 mm it is said. */
    @Test
    void aBitThatRunsOnLeavesLessWall() {
        assertThat(work(with(Corners.RUN_ON, 6, 6, 10.0, new Stuff("sheet-plywood", 0)))
                        .verdicts())
                .anyMatch(v -> v.code() == Code.WALL_LEFT_THIN);
        assertThat(work(with(Corners.NOTCHED, 6, 6, 10.0, new Stuff("sheet-plywood", 0)))
                        .verdicts())
                .noneMatch(v -> v.code() == Code.WALL_LEFT_THIN);
    }
}
