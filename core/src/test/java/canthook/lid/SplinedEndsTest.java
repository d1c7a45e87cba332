package canthook.lid;

import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.figure.Figure;
import canthook.figure.LidFigures;
import canthook.panel.CutPiece;
import canthook.plan.Breadboard;
import canthook.plan.Lid;
import canthook.planner.WorkedPlan;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Breadboard ends on tongues of the panel, or on splines that stand in both: cut, told and drawn alike. */
class SplinedEndsTest {
    private static WorkedPlan worked(boolean splined) {
        return work(openDrawer()
                .with(onTop(Lid.Kept.HINGED).withBreadboard(true).with(Breadboard.USUAL.withSplined(splined))));
    }

    private static CutPiece piece(WorkedPlan worked, String name) {
        return worked.pieces().stream()
                .filter(p -> p.of().equals("lid") && p.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** What holds an end fills the groove of the end, and with a spline as much of the panel; the panel is cut so much shorter. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void theEndsAreHeldByWhatIsDrawnInThem(boolean splined) {
        WorkedPlan worked = worked(splined);
        double lid = worked.number("lid.along").orElseThrow().length().mm();
        double panel = worked.lid().pieces().get(0).along().length().mm();
        assertThat(panel).isCloseTo(lid - 80 + (splined ? 0 : 30), within(1e-6));
        Figure flat = LidFigures.all(worked, 0).stream()
                .filter(f -> f.id().equals("lid-flat"))
                .findFirst()
                .orElseThrow();
        List<Figure.Shape> hidden = flat.shapes().stream()
                .filter(s -> s.role().equals("tongue-hidden"))
                .toList();
        assertThat(hidden).hasSize(2);
        for (int i = 0; i < 2; i++) {
            List<Double> p = hidden.get(i).points();
            double from = Math.min(p.get(0), p.get(4));
            double to = Math.max(p.get(0), p.get(4));
            double joint = i == 0 ? 40 : lid - 40;
            double inEnd = i == 0 ? joint - from : to - joint;
            double inPanel = i == 0 ? to - joint : joint - from;
            assertThat(inEnd).isCloseTo(15, within(1e-6));
            assertThat(inPanel).isCloseTo(splined ? 15 : 0, within(1e-6));
        }
        if (splined) {
            // half a millimetre is left for the glue
            assertThat(piece(worked, "spline").along().length().mm()).isCloseTo(29.5, within(1e-6));
        }
    }
}
