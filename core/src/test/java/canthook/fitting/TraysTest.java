package canthook.fitting;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static canthook.Told.fitting;
import static canthook.Told.of;
import static canthook.fitting.FloorsAndTraysTest.PINE;
import static canthook.fitting.FloorsAndTraysTest.jobs;
import static canthook.fitting.FloorsAndTraysTest.tray;
import static canthook.fitting.FloorsAndTraysTest.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Run;
import canthook.planner.WorkedPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Trays on their runners: as large as the inside lets them be, in nobody’s way. */
class TraysTest {
    /** 142 − 1; half of 224; 224 − 0.5; runner 8 − 1. */
    @Test
    void aTrayIsAsWideAsTheInsideLessItsClearance() {
        WorkedPlan worked = with(tray(40, 30));
        assertThat(fitting(worked, "f1-across")).isCloseTo(141, within(1e-9));
        assertThat(fitting(worked, "f1-along")).isCloseTo(112, within(1e-9));
        assertThat(fitting(worked, "f1-travel")).isCloseTo(112, within(1e-9));
        assertThat(fitting(worked, "f1-runner-long")).isCloseTo(223.5, within(1e-9));
        assertThat(fitting(worked, "f1-bears")).isCloseTo(7, within(1e-9));
        assertThat(worked.fittings().pieces())
                .singleElement()
                .satisfies(p -> assertThat(p.count()).isEqualTo(2));
        assertThat(jobs(worked)).contains("Glue the runners to A and C");
    }

    /** Three trays swell three times as much as one, and the runners not at all: their grain lies level too, but they are glued. */
    @Test
    void aStackOfTraysSwellsInHeight() {
        double one = fitting(with(tray(10, 20)), "f1-highest") - 10;
        double three = fitting(with(tray(10, 20).withStacked(3)), "f1-highest") - 10;
        assertThat(three).isCloseTo(3 * one, within(1e-6));
        assertThat(one).isGreaterThan(20);
    }

    /** A tray that is too high for its host is lowered, made lower, or one is left out; each of these closes the lid. */
    @Test
    void aTrayTallerThanItsHostHasAWayOut() {
        WorkedPlan worked = with(tray(30, 30).withStacked(3));
        List<Fix> fixes = of(worked, Code.TRAY_TOO_HIGH).get(0).fixes();
        assertThat(fixes)
                .extracting(Fix::label)
                .anyMatch(l -> l.startsWith("Make each "))
                .contains("Take one tray");
        for (Fix fix : fixes) {
            assertThat(of(work(fix.after()), Code.TRAY_TOO_HIGH))
                    .as(fix.label())
                    .isEmpty();
        }
    }

    /** Where neither runners nor tray alone can give way, both do. */
    @Test
    void aTrayOnRunnersOverTheRoomGoesDownWithThem() {
        WorkedPlan worked = with(tray(150, 95));
        List<Fix> fixes = of(worked, Code.TRAY_TOO_HIGH).get(0).fixes();
        assertThat(fixes)
                .extracting(Fix::label)
                .anyMatch(label -> label.matches("Lower the runners to .+ and make it .+ high"))
                .contains("Take the tray out");
        for (Fix fix : fixes) {
            assertThat(of(work(fix.after()), Code.TRAY_TOO_HIGH))
                    .as(fix.label())
                    .isEmpty();
        }
    }

    /** A divider in a tray's way is ended under it or the runners are raised over it, wettest day and all. */
    @ParameterizedTest
    @CsvSource({"50, 40", "40.1, 40", "80, 20"})
    void whatStandsInATraysWayIsSaid(double divider, double runners) {
        Divider stands = new Divider(Run.ACROSS, mm(80), PINE, mm(6), mm(divider), false, null);
        WorkedPlan worked = with(stands, tray(runners, 15));
        Verdict meets = of(worked, Code.LEVELS_MEET).get(0);
        assertThat(meets.weight()).isEqualTo(Weight.STOP);
        assertThat(meets.fixes()).extracting(Fix::label).anyMatch(l -> l.startsWith("End divider 1 at"));
        for (Fix fix : meets.fixes()) {
            assertThat(of(work(fix.after()), Code.LEVELS_MEET)).as(fix.label()).isEmpty();
        }
        assertThat(of(with(stands, tray(85, 5)), Code.LEVELS_MEET)).isEmpty();
    }
}
