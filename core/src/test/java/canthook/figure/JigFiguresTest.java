package canthook.figure;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.figure.Figure.Dimension;
import canthook.figure.Figure.Note;
import canthook.figure.Figure.Shape;
import canthook.fingers.End;
import canthook.fingers.Layout.Span;
import canthook.jig.Cut;
import canthook.jig.Cut.Fence;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lowered;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Jigs, marks and templates as drawn, measured against the numbers they show. */
class JigFiguresTest {
    private static List<Shape> role(Figure figure, String role) {
        return figure.shapes().stream().filter(s -> s.role().equals(role)).toList();
    }

    private static double left(Shape shape) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < shape.points().size(); i += 2) {
            least = Math.min(least, shape.points().get(i));
        }
        return least;
    }

    private static double right(Shape shape) {
        double most = -Double.MAX_VALUE;
        for (int i = 0; i < shape.points().size(); i += 2) {
            most = Math.max(most, shape.points().get(i));
        }
        return most;
    }

    private static WorkedPlan by(Way way) {
        BoxPlan plan = openDrawer();
        plan = plan.with(plan.jig().with(way));
        return work(plan.with(plan.fingers().with(Sharing.CENTRED).withKerf(mm(1.2))));
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void dimensionsOfEveryJigAreWhatTheyMeasure(Way way) {
        WorkedPlan worked = by(way);
        List<Cut> cuts = worked.jig().cuts();
        for (int step : new int[] {0, 1, cuts.size() / 3, cuts.size() / 2, cuts.size() - 1}) {
            Figure figure = JigFigure.of(worked, step);
            assertThat(figure.width()).isPositive();
            for (Dimension d : figure.dimensions()) {
                Worked number = worked.number(String.valueOf(d.number())).orElseThrow();
                assertThat(Math.hypot(d.x2() - d.x1(), d.y2() - d.y1()))
                        .as(way + " " + d.number())
                        .isCloseTo(number.plain(), within(0.003));
                assertThat(d.text()).isEqualTo(number.number(worked.plan().display()));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Way.class,
            names = {"HAND"},
            mode = EnumSource.Mode.EXCLUDE)
    void theCutterStandsWhereThePartIsCut(Way way) {
        WorkedPlan worked = by(way);
        double height = worked.fingers().joint().layout().height().mm();
        for (int step = 0; step < worked.jig().cuts().size(); step += 5) {
            Cut cut = worked.jig().cuts().get(step);
            Figure figure = JigFigure.of(worked, step);
            Shape stock = role(figure, "stock").get(0);
            Shape cutter = role(figure, "cutter").get(0);
            boolean flipped = cut.where() instanceof Fence fence && fence.flipped();
            double near = flipped ? height - cut.to().mm() : cut.from().mm();
            boolean whole = right(stock) - left(stock) > height - 0.01;
            if (whole) {
                double drawn = way == Way.ROUTER_SLED ? right(stock) - right(cutter) : left(cutter) - left(stock);
                assertThat(drawn).as(way + " " + cut.id()).isCloseTo(near, within(0.003));
            }
            assertThat(right(cutter) - left(cutter)).isCloseTo(1.2, within(0.003));
        }
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void whatWasCutBeforeIsGoneAndNothingElse(Way way) {
        WorkedPlan worked = by(way);
        int first = 0;
        assertThat(role(JigFigure.of(worked, first), "slot"))
                .allMatch(s -> way != Way.STOPS && way != Way.SPACERS && way != Way.SCREW && way != Way.BAND_SAW);
        if (way == Way.STOPS) {
            Figure third = JigFigure.of(worked, 2);
            double edge = left(role(third, "stock").get(0));
            List<Shape> gone = role(third, "slot");
            assertThat(gone).hasSize(2);
            for (int i = 0; i < 2; i++) {
                assertThat(left(gone.get(i)) - edge)
                        .isCloseTo(worked.jig().cuts().get(i).from().mm(), within(0.003));
            }
        }
    }

    @Test
    void atARouterTheKeyStandsRightOfTheBitAndElsewhereLeft() {
        for (Way way : List.of(Way.ROUTER_SLED, Way.SLED_KEY, Way.ROD_KEY, Way.SHIM_FENCE)) {
            Figure figure = JigFigure.of(by(way), 0);
            double key = left(role(figure, "key").get(0));
            double cutter = left(role(figure, "cutter").get(0));
            assertThat(key > cutter).as(way.words()).isEqualTo(way == Way.ROUTER_SLED);
        }
    }

    @Test
    void aWayThatCannotCutTheJointShowsTheJointAlone() {
        BoxPlan plan = openDrawer();
        plan = plan.with(plan.fingers().withWidths(List.of(mm(20), mm(16), mm(24), mm(16), mm(20))));
        Figure figure = JigFigure.of(work(plan), 7);
        assertThat(role(figure, "cutter")).isEmpty();
        assertThat(role(figure, "waste")).hasSize(2);
        assertThat(left(role(figure, "waste").get(0))).isEqualTo(20);
    }

    @Test
    void theFourPartsAreMarkedWhereTheyMeet() {
        for (Parity parity : Parity.values()) {
            WorkedPlan worked = work(bitBox().with(bitBox().fingers().with(parity)));
            Figure marked = MarkFigures.marked(worked);
            List<String> corners = marked.notes().stream()
                    .filter(n -> n.role().equals("corner"))
                    .map(Note::text)
                    .toList();
            assertThat(corners).containsExactly("4", "1", "1", "2", "2", "3", "3", "4");
            assertThat(role(marked, "reference-edge")).hasSize(4);
            // as many slots as the four parts are cut with
            int slots = 0;
            for (PartEnd end : PartEnd.all()) {
                slots += worked.fingers().joint().slots(end).size();
            }
            assertThat(role(marked, "slot")).hasSize(slots);
        }
    }

    @Test
    void insideOutJamsOnlyWithAnEvenCount() {
        Figure odd = MarkFigures.turned(work(bitBox()));
        Figure even = MarkFigures.turned(work(bitBox().with(bitBox().fingers().with(Parity.EVEN))));
        assertThat(odd.notes()).extracting(Note::text).anyMatch(t -> t.contains("marks inside"));
        assertThat(even.notes()).extracting(Note::text).anyMatch(t -> t.contains("finger on finger"));
        assertThat(role(odd, "reference-edge")).hasSize(6);
    }

    @Test
    void templatesShowBothKindsOfEndInTheirTrueSize() {
        WorkedPlan worked = work(openDrawer());
        Figure templates = TemplateFigure.of(worked);
        List<Span> first = worked.fingers().chosen().layout().fingerFirstSlots();
        List<Shape> waste = role(templates, "waste");
        assertThat(waste)
                .hasSize(first.size()
                        + worked.fingers().chosen().layout().slotFirstSlots().size());
        for (int i = 0; i < first.size(); i++) {
            assertThat(left(waste.get(i))).isCloseTo(first.get(i).from().mm(), within(0.001));
            assertThat(right(waste.get(i))).isCloseTo(first.get(i).to().mm(), within(0.001));
        }
        assertThat(role(templates, "outline"))
                .allSatisfy(o -> assertThat(right(o) - left(o))
                        .isCloseTo(worked.fingers().chosen().closing().length().mm(), within(0.001)));
    }

    @Test
    void aLowFrontIsNotMarkedAboveItsTop() {
        BoxPlan plan = bitBox();
        plan = plan.with(plan.size().withLowered(new Lowered(Lowered.Which.FRONT, mm(40))));
        assertThat(role(MarkFigures.marked(work(plan)), "cut-away")).hasSize(1);
    }

    @Test
    void everyKindOfEndIsWalked() {
        for (Way way : Way.values()) {
            assertThat(by(way).jig().cuts()).extracting(Cut::end).contains(End.FINGER_FIRST, End.SLOT_FIRST);
        }
    }
}
