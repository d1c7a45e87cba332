package canthook.figure;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.on;
import static canthook.SeedLibrary.panel;
import static canthook.SeedLibrary.sawnOff;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.figure.Figure.Dimension;
import canthook.figure.Figure.Shape;
import canthook.plan.BoardAtHand;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lid;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawings are to scale: what a rule laid on them would read is the number written beside it. */
class FiguresTest {

    private static List<Shape> role(Figure figure, String role) {
        return figure.shapes().stream().filter(s -> s.role().equals(role)).toList();
    }

    private static double left(Shape shape) {
        return shape.points().get(0);
    }

    private static double right(Shape shape) {
        return shape.points().get(2);
    }

    private static double top(Shape shape) {
        return shape.points().get(1);
    }

    private static double bottom(Shape shape) {
        return shape.points().get(5);
    }

    static Stream<BoxPlan> boxes() {
        BoxPlan drawer = envelopeDrawer();
        return Stream.of(
                drawer,
                bitBox(),
                drawer.with(drawer.size().withFootprint(mm(420), mm(120))),
                drawer.with(new BoardAtHand(mm(460), mm(210), null, null, false)));
    }

    @ParameterizedTest
    @MethodSource("boxes")
    void everyDimensionMeasuresWhatItSays(BoxPlan plan) {
        WorkedPlan worked = work(plan);
        for (Figure figure : List.of(
                SizeFigures.of(worked),
                SizeFigures.unfolded(worked),
                BlankFigure.of(worked),
                JigFigure.of(worked, 0),
                PanelFigures.section(worked, panel(worked, "bottom"), 0))) {
            for (Dimension d : figure.dimensions()) {
                Worked number = worked.number(String.valueOf(d.number())).orElseThrow();
                double drawn = Math.hypot(d.x2() - d.x1(), d.y2() - d.y1());
                assertThat(drawn).as(figure.id() + " " + d.number()).isCloseTo(number.plain(), within(0.002));
                assertThat(d.text()).isEqualTo(number.number(plan.display()));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("boxes")
    void theCutterStandsAGapFromTheKey(BoxPlan plan) {
        WorkedPlan worked = work(plan);
        for (int step = 0; step < worked.jig().cuts().size(); step += 3) {
            Figure figure = JigFigure.of(worked, step);
            Shape key = role(figure, "key").get(0);
            Shape cutter = role(figure, "cutter").get(0);
            assertThat(left(cutter) - right(key))
                    .as("pass %d", step)
                    .isCloseTo(worked.jig().key().orElseThrow().gap().length().mm(), within(0.002));
            assertThat(right(key) - left(key))
                    .isCloseTo(worked.jig().key().orElseThrow().key().length().mm(), within(0.002));
        }
    }

    @ParameterizedTest
    @MethodSource("boxes")
    void partsOnTheBlankDoNotOverlapAndLieOnIt(BoxPlan plan) {
        WorkedPlan worked = work(plan);
        Figure figure = BlankFigure.of(worked);
        Shape board = role(figure, "board").get(0);
        List<Shape> parts = role(figure, "part");
        if (worked.blank().fits()) {
            assertThat(parts).hasSize(4);
            assertThat(role(figure, "part-missing")).isEmpty();
        }
        for (Shape part : parts) {
            assertThat(left(part)).isGreaterThanOrEqualTo(left(board));
            assertThat(right(part)).isLessThanOrEqualTo(right(board));
            assertThat(top(part)).isGreaterThanOrEqualTo(top(board) - 0.001);
            for (Shape other : parts) {
                boolean apart = part == other
                        || right(part) <= left(other) + 0.001
                        || right(other) <= left(part) + 0.001
                        || bottom(part) <= top(other) + 0.001
                        || bottom(other) <= top(part) + 0.001;
                assertThat(apart).as(part.mark() + " and " + other.mark()).isTrue();
            }
        }
    }

    @Test
    void partsThatDoNotFitAreDrawnAsMissing() {
        BoxPlan plan = envelopeDrawer().with(new BoardAtHand(mm(700), mm(110), null, null, false));
        assertThat(role(BlankFigure.of(work(plan)), "part-missing"))
                .extracting(Shape::mark)
                .contains("D");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.25, 0.5, 1})
    void thePanelIsDrawnAsWideAsItIsThatDay(double day) {
        WorkedPlan worked = work(envelopeDrawer());
        Shape panel = role(PanelFigures.section(worked, panel(worked, "bottom"), day), "panel")
                .get(0);
        assertThat(panel(worked, "bottom").across()).isNotNull();
        assertThat(right(panel) - left(panel))
                .isCloseTo(on(worked, "bottom", day).width().length().mm(), within(0.002));
    }

    @Test
    void theStickShowsWhereEverythingLies() {
        WorkedPlan worked = work(envelopeDrawer());
        Figure stick = StickFigure.of(worked);
        assertThat(stick.marks())
                .extracting(Figure.Mark::id)
                .containsExactly("bottom-groove", "lid-groove", "lid-line", "closing", "rip");
        Shape groove = role(stick, "bottom-groove").get(0);
        assertThat(left(groove)).isEqualTo(8);
        assertThat(right(groove)).isEqualTo(14);
        List<Shape> mates = role(stick, "slot-of-mate");
        assertThat(mates).hasSize(6);
        assertThat(left(mates.get(0))).isCloseTo(7.329, within(0.001));
        Shape ticks = role(stick, "ticks-whole").get(0);
        assertThat(ticks.points().size() % 4).isZero();
        assertThat(ticks.points().get(4)).as("a centimetre on").isEqualTo(10);
    }

    @Test
    void theRuleIsInInchesForThoseWhoAskIt() {
        Figure stick = StickFigure.of(work(envelopeDrawer().with(canthook.length.LengthDisplay.FRACTION_32)));
        Shape ticks = role(stick, "ticks-whole").get(0);
        assertThat(ticks.points().get(4)).isEqualTo(25.4);
    }

    @Test
    void aRungIsTheWallsEdge() {
        WorkedPlan worked = work(envelopeDrawer());
        LadderFigure rung = LadderFigure.of(worked.fingers().chosen());
        assertThat(rung.slots()).hasSize(12);
        assertThat(rung.slots().get(0)).isCloseTo(7.329, within(0.001));
        assertThat(rung.slots().get(1)).isCloseTo(14.778, within(0.001));
        assertThat(rung.passes()).hasSize(3);
        assertThat(rung.height()).isEqualTo(96);
    }

    /** By hand a slot is sawn at its lines and chopped out: no passes are ticked over it, and none are spoken of. */
    @Test
    void byHandNoPassIsDrawnOrToldOf() {
        BoxPlan drawer = envelopeDrawer();
        BoxPlan fine = drawer.with(drawer.fingers().withKerf(mm(0.6)));
        WorkedPlan worked = work(fine.with(fine.jig().with(Way.HAND)));
        assertThat(LadderFigure.of(worked.fingers().chosen()).passes()).isEmpty();
        assertThat(worked.fingers().sentence()).contains("by hand").doesNotContain("pass");
        assertThat(worked.fingers().chosen().reasons()).noneMatch(r -> r.words().contains("pass"));
        assertThat(worked.number("cut.passes").orElseThrow().label()).isEqualTo("Slots in all");
        assertThat(worked.number("fingers.cuts").orElseThrow().plain())
                .isEqualTo(worked.number("cut.passes").orElseThrow().plain());
        assertThat(worked.number("cut.passes").orElseThrow().rule())
                .contains("slot")
                .doesNotContain("pass");
        assertThat(worked.number("fingers.cuts").orElseThrow().rule())
                .contains("slot")
                .doesNotContain("pass");
        assertThat(worked.number("jig.cutter-height").orElseThrow().label()).isEqualTo("Depth line");
        assertThat(LadderFigure.of(work(fine).fingers().chosen()).passes()).hasSizeGreaterThan(1);
    }

    /** The air's words stand between the walls while there is room, beside them in a box higher than wide; never across. */
    @ParameterizedTest
    @ValueSource(doubles = {40, 96, 130, 166, 400, 900})
    void theAirIsWrittenOnNoWall(double height) {
        BoxPlan drawer = envelopeDrawer();
        WorkedPlan worked = work(drawer.with(drawer.size().withHeight(mm(height))));
        Figure section = PanelFigures.section(worked, panel(worked, "bottom"), 0);
        Figure.Note air = section.notes().stream()
                .filter(n -> n.text().startsWith("wood at"))
                .findFirst()
                .orElseThrow();
        double opening = worked.size().insideWidth().length().mm();
        double wall = worked.size().finalThickness().length().mm();
        // letters are about as high as the picture's longer side over 22, and half as wide
        double words = air.text().length() * Math.max(height, opening + 2 * wall) / 44;
        if (air.anchor().equals("start")) {
            assertThat(air.x()).isGreaterThan(opening + wall);
        } else {
            assertThat(words).isLessThan(opening);
        }
    }

    /** A screw gives 0.15 where 0.12 is wished: until a test is read, what it will be is drawn. */
    @Test
    void theJointIsDrawnAsItWillBeCutAndNotAsItIsWished() {
        BoxPlan drawer = envelopeDrawer();
        BoxPlan fine = drawer.with(drawer.fingers().withKerf(mm(3.2)).withSections(13));
        WorkedPlan worked = work(fine.with(fine.jig().with(Way.SCREW).with(new Screw(mm(2), 1, 1, 8, null))));
        Figure joint = FitFigures.joint(worked);
        String given = worked.number("fingers.clearance").orElseThrow().text(fine.display());
        assertThat(given)
                .isEqualTo("0.15 mm")
                .isNotEqualTo(
                        worked.number("fingers.clearance-wanted").orElseThrow().text(fine.display()));
        assertThat(joint.notes()).singleElement().satisfies(note -> {
            assertThat(note.text()).startsWith(given + ", shown × ");
            assertThat(note.number()).isEqualTo("fingers.clearance");
        });
    }

    /** Seam at 60, kerf 3.2: the blade takes from 58.4 to 61.6, drawn and told alike, as wide as a groove is told. */
    @Test
    void theStickTellsWhatTheSawTakes() {
        WorkedPlan worked = work(envelopeDrawer().with(sawnOff(60, Lid.Joined.LOOSE, 3.2)));
        Figure stick = StickFigure.of(worked);
        assertThat(stick.marks())
                .filteredOn(m -> m.role().equals("saw-line"))
                .singleElement()
                .satisfies(saw -> {
                    assertThat(saw.label()).isEqualTo("saw 58.40–61.60");
                    assertThat(saw.from()).isCloseTo(58.4, within(1e-6));
                    assertThat(saw.to()).isCloseTo(61.6, within(1e-6));
                });
        assertThat(role(stick, "saw-line"))
                .singleElement()
                .satisfies(drawn -> assertThat(List.of(left(drawn), right(drawn)))
                        .usingComparatorForType(
                                (a, b) -> Math.abs(a - b) < 1e-6 ? 0 : Double.compare(a, b), Double.class)
                        .containsExactlyInAnyOrder(58.4, 61.6));
    }
}
