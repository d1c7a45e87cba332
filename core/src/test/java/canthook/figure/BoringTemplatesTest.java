package canthook.figure;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.Figure.Shape;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Run;
import canthook.plan.Part;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is laid on the wood at 1:1 stands where the numbers say. */
class BoringTemplatesTest {
    static Stream<AnyPlan> plans() {
        return AnyPlan.seeds(61_000, 120);
    }

    /** Every wall's outline is its size, and nothing is marked beyond it. */
    @ParameterizedTest
    @MethodSource("plans")
    void nothingIsMarkedOffTheWall(AnyPlan any) {
        WorkedPlan worked = any.worked();
        for (Figure figure : BoringTemplates.of(worked)) {
            List<Shape> outline = figure.shapes().stream()
                    .filter(s -> s.role().equals("outline"))
                    .toList();
            if (outline.isEmpty()) {
                assertThat(figure.notes()).isNotEmpty();
                continue;
            }
            List<Double> wall = outline.get(0).points();
            double right = wall.stream().mapToDouble(Double::doubleValue).max().orElse(0);
            for (Shape shape : figure.shapes()) {
                if (shape.role().equals("bored")) {
                    for (int i = 0; i < shape.points().size(); i += 2) {
                        assertThat(shape.points().get(i)).isBetween(-0.01, right + 0.01);
                    }
                }
            }
        }
    }

    /** A divider 40 from the inside of D, 4 thick and 0.1 of play, walls 9: its dado lies from 46.95 to 51.05 along the side. */
    @Test
    void aDadoLiesWhereItsDividerStands() {
        Divider divider = new Divider(Run.ACROSS, mm(40), new Stuff("sheet-plywood", 0), mm(4), mm(50), false, null);
        BoxPlan plan = openDrawer().withFittings(List.<Fitting>of(divider));
        WorkedPlan worked = work(plan);
        Figure side = BoringTemplates.of(worked).get(0);
        assertThat(side.title()).isEqualTo("Wall " + Part.A + " from inside");
        Shape dado = side.shapes().stream()
                .filter(s -> s.role().equals("bored"))
                .findFirst()
                .orElseThrow();
        double end = worked.size().finalEndThickness().length().mm();
        double left = dado.points().get(0);
        double right = dado.points().get(2);
        assertThat((left + right) / 2).isCloseTo(end + 40, within(1e-6));
        assertThat(right - left).isCloseTo(4, within(0.2));
    }

    @Test
    void aBoxOfWhichNothingIsBoredSaysSo() {
        List<Figure> figures = BoringTemplates.of(work(openDrawer()));
        assertThat(figures).hasSize(1);
        assertThat(figures.get(0).notes().get(0).text()).contains("Nothing is bored");
    }
}
