package canthook.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.figure.Figure.Note;
import canthook.figure.Figure.Shape;
import canthook.fingers.Layout.Span;
import canthook.plan.JigChoice.Way;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.practice.Act.Spot;
import canthook.practice.Coach;
import canthook.practice.Drill;
import canthook.practice.Drill.Kind;
import canthook.practice.HiddenShop;
import canthook.practice.Level;
import canthook.practice.Round;
import canthook.practice.Turned;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The pictures of the practice place tell what the round and the drill know, and no more before it is over. */
class PracticeFiguresTest {
    private static List<Shape> of(Figure figure, String role) {
        return figure.shapes().stream().filter(s -> s.role().equals(role)).toList();
    }

    private static double least(Shape shape, int axis) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = axis; i < shape.points().size(); i += 2) {
            least = Math.min(least, shape.points().get(i));
        }
        return least;
    }

    private static double most(Shape shape, int axis) {
        double most = Double.NEGATIVE_INFINITY;
        for (int i = axis; i < shape.points().size(); i += 2) {
            most = Math.max(most, shape.points().get(i));
        }
        return most;
    }

    /** Inside jaws in a slot between two pieces of wood, outside jaws on a finger; nothing between closed ones. */
    @Test
    void theCaliperIsHeldAsTheWoodAsks() {
        assertThat(of(PracticeFigures.caliper(Spot.SLOT, 8, "8.02"), "side-grain-up"))
                .hasSize(2);
        assertThat(of(PracticeFigures.caliper(Spot.FINGER, 8, "7.90"), "side-grain-up"))
                .hasSize(1);
        Figure closed = PracticeFigures.caliper(Spot.CLOSED, 0, null);
        assertThat(of(closed, "side-grain-up")).isEmpty();
        assertThat(closed.notes()).extracting(Note::text).containsExactly("– –");
        assertThat(PracticeFigures.caliper(Spot.SLOT, 8, "8.02").notes())
                .extracting(Note::text)
                .containsExactly("8.02");
    }

    /** A spot read and a spot true for every piece that was read, each at its clearance on the axis. */
    @Test
    void theTruthStandsOverWhatWasRead() {
        Round round =
                Coach.through(HiddenShop.of(9, Level.STRANGER, Way.SLED_KEY)).round();
        Figure truth = PracticeFigures.truth(round);
        List<Round.Seen> seen = round.seen();
        List<Shape> read = of(truth, "spot-read");
        List<Shape> was = of(truth, "spot-true");
        assertThat(read).hasSameSizeAs(seen);
        assertThat(was).hasSameSizeAs(seen);
        for (int i = 0; i < seen.size(); i++) {
            assertThat((least(read.get(i), 0) + most(read.get(i), 0)) / 2 / 200)
                    .isCloseTo(seen.get(i).read(), within(1e-3));
            assertThat((least(was.get(i), 0) + most(was.get(i), 0)) / 2 / 200)
                    .isCloseTo(seen.get(i).was(), within(1e-3));
        }
        Shape band = of(truth, "band").get(0);
        assertThat(least(band, 0) / 200)
                .isCloseTo(round.fit().bandFrom().length().mm(), within(1e-3));
    }

    /** However a part is turned, its slots are where they would lie: mirrored end for end, edge for edge, or both. */
    @ParameterizedTest
    @EnumSource(Turned.class)
    void aTurnedPartIsDrawnAsItLies(Turned turned) {
        for (String subject : Drill.subjects(Kind.TURNED)) {
            Drill drill = find(turned, subject);
            Figure figure = PracticeFigures.asked(drill).get(0);
            double high = drill.worked().fingers().joint().wall().mm();
            double edge = turned.edges() ? 0 : high;
            assertThat(least(of(figure, "reference-edge").get(0), 1)).isCloseTo(edge, within(1e-3));
            // the first slot of end 1 lies on the side that end lies on, as far from the reference edge as it is
            Span first = drill.worked()
                    .fingers()
                    .joint()
                    .slots(new PartEnd(Part.A, 1))
                    .get(0);
            double middle =
                    (Math.max(0, first.from().mm()) + Math.min(high, first.to().mm())) / 2;
            double y = turned.edges() ? middle : high - middle;
            boolean left = !turned.ends();
            assertThat(of(figure, "slot"))
                    .anyMatch(s -> Math.abs((least(s, 1) + most(s, 1)) / 2 - y) < 0.01 && (least(s, 0) < 0.01) == left);
            // the groove is seen from the inside alone, the letter from the outside
            assertThat(of(figure, "groove").isEmpty()).isEqualTo(!turned.isInsideUp());
            assertThat(figure.notes().isEmpty()).isEqualTo(turned.isInsideUp());
        }
    }

    private static Drill find(Turned turned, String subject) {
        for (long seed = 0; ; seed++) {
            Drill drill = Drill.of(Kind.TURNED, subject, seed);
            if (Objects.requireNonNull(drill.turned()) == turned) {
                return drill;
            }
        }
    }

    /** A wrong answer is drawn out: another picture than the right one’s. */
    @ParameterizedTest
    @EnumSource(
            value = Kind.class,
            names = {"WHICH_WAY", "TURNED", "COUNT"})
    void aWrongAnswerIsDrawnOut(Kind kind) {
        String subject = Drill.subjects(kind).get(0);
        for (long seed = 0; seed < 8; seed++) {
            Drill drill = Drill.of(kind, subject, seed);
            int wrong = (drill.right() + 1) % drill.choices().size();
            assertThat(PracticeFigures.answered(drill, wrong))
                    .as(drill.question())
                    .isNotEqualTo(PracticeFigures.answered(drill, drill.right()))
                    .allMatch(f -> !f.shapes().isEmpty());
        }
    }

    /** Where the groove shows is told once it was answered, and not before. */
    @Test
    void whereTheGrooveShowsIsNotTold() {
        Drill drill = Drill.of(Kind.GROOVE, "odd", 4);
        assertThat(of(PracticeFigures.asked(drill).get(0), "kerf")).isEmpty();
        // two ends of one pair of parts, one part of each pair drawn
        assertThat(of(PracticeFigures.answered(drill, 0).get(0), "kerf")).hasSize(2);
    }
}
