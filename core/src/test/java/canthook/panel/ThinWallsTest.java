package canthook.panel;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static canthook.Told.of;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.planner.FirstGuess;
import canthook.planner.WorkedPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Walls too thin for a groove that holds its panel all year: there is always something a maker can do about it. */
class ThinWallsTest {
    private static List<WorkedPlan> boxes(FirstGuess kind) {
        List<WorkedPlan> boxes = new ArrayList<>();
        for (LengthDisplay display : List.of(LengthDisplay.METRIC, LengthDisplay.FRACTION_64)) {
            for (double wall : new double[] {4, 5, 6, 7.5}) {
                for (double wide : new double[] {90, 150, 220, 300}) {
                    BoxPlan drawer = openDrawer();
                    BoxPlan thin = drawer.with(
                                    drawer.size().withThickness(mm(wall)).withFootprint(mm(wide + 60), mm(wide)))
                            .with(display);
                    boxes.add(work(kind.in(work(thin))));
                }
            }
        }
        return boxes;
    }

    @Test
    void aPanelThatHoldsTooLittleCanAlwaysBeMended() {
        int tooLittle = 0;
        int thicker = 0;
        for (FirstGuess kind : List.of(FirstGuess.LID_SLIDING, FirstGuess.LID_SAWN_OFF, FirstGuess.BOTTOM_CAPTURED)) {
            for (WorkedPlan worked : boxes(kind)) {
                for (Verdict verdict : of(worked, Code.ENGAGEMENT_SHORT)) {
                    tooLittle++;
                    String which =
                            kind + ", wall " + worked.plan().size().thickness().mm() + ", wide "
                                    + worked.plan().size().width().mm();
                    assertThat(verdict.fixes()).extracting(Fix::label).as(which).isNotEmpty();
                    for (Fix fix : verdict.fixes()) {
                        assertThat(work(fix.after()).found())
                                .filteredOn(v -> v.code() == verdict.code()
                                        && v.station().equals(verdict.station()))
                                .extracting(Verdict::sentence)
                                .as(which + ": " + fix.label())
                                .isEmpty();
                        thicker += fix.label().startsWith("Walls ") ? 1 : 0;
                    }
                }
            }
        }
        assertThat(tooLittle).isGreaterThan(10);
        assertThat(thicker).isPositive();
    }

    @Test
    void aWallLeftThinIsMendedByAShallowerGroove() {
        int thin = 0;
        for (WorkedPlan worked : boxes(FirstGuess.BOTTOM_CAPTURED)) {
            for (Verdict verdict : of(worked, Code.WALL_LEFT_THIN)) {
                thin++;
                assertThat(verdict.fixes()).singleElement().satisfies(fix -> {
                    assertThat(fix.label()).startsWith("Make it ");
                    assertThat(of(work(fix.after()), Code.WALL_LEFT_THIN)).isEmpty();
                });
            }
        }
        assertThat(thin).isPositive();
    }
}
