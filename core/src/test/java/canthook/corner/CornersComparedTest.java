package canthook.corner;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.corner.CornersCompared.Way;
import canthook.planner.WorkedPlan;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The drawer 248 × 166 × 96, walls 12, 13 sections, a hair proud. */
class CornersComparedTest {
    @ParameterizedTest
    @CsvSource({
        "FINGER, 248.8, 166.8, 1728, 1.5",
        "RABBETED_BUTT, 248, 154, 0, 0",
        "RABBET_AND_DADO, 248, 154, 0, 0",
        "HALF_LAP, 248.8, 166.8, 144, 0.125",
        "MITRE_WITH_SPLINES, 248, 166, 1152, 1.0"
    })
    void lengthsAndGlue(Corner corner, double side, double end, double glue, double ratio) {
        WorkedPlan worked = work(envelopeDrawer());
        Way way = worked.corners().ways().stream()
                .filter(w -> w.corner() == corner)
                .findFirst()
                .orElseThrow();
        assertThat(way.side().length()).isEqualTo(mm(side));
        assertThat(way.end().length()).isEqualTo(mm(end));
        assertThat(way.glue().number()).isCloseTo(glue, within(0.1));
        assertThat(way.ratio().number()).isCloseTo(ratio, within(0.01));
    }
}
