package canthook.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.figure.DiaryPlot.Point;
import canthook.figure.Figure.Note;
import canthook.figure.Figure.Shape;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What was recorded over time, plotted. */
class DiaryPlotTest {
    private static double day(String date) {
        return LocalDate.parse(date).toEpochDay() + 0.4;
    }

    private static Figure plot(List<Point> points) {
        return DiaryPlot.of("clearance", "Clearance", 0.1, points).orElseThrow();
    }

    private static List<Shape> spots(Figure figure) {
        return figure.shapes().stream().filter(s -> s.role().startsWith("spot")).toList();
    }

    private static double x(Shape shape) {
        return (shape.points().get(0) + shape.points().get(4)) / 2;
    }

    private static double y(Shape shape) {
        return (shape.points().get(3) + shape.points().get(7)) / 2;
    }

    @Test
    void onePointIsNoPlot() {
        assertThat(DiaryPlot.of("a", "A", 0.1, List.of())).isEmpty();
        assertThat(DiaryPlot.of("a", "A", 0.1, List.of(Point.of(1, 1, "x")))).isEmpty();
    }

    /** Later lies to the right, more lies higher, each under the mark of its entry, in whatever order they come. */
    @Test
    void laterLiesRightAndMoreLiesHigher() {
        Random random = new Random(3);
        for (int round = 0; round < 50; round++) {
            List<Point> points = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(20); i++) {
                points.add(Point.of(day("2026-03-01") + random.nextInt(200), random.nextInt(60) / 100.0, "E " + i));
            }
            List<Shape> spots = spots(plot(points));
            assertThat(spots).hasSameSizeAs(points);
            List<Point> inOrder = points.stream()
                    .sorted(Comparator.comparingDouble(Point::day))
                    .toList();
            for (int i = 0; i < spots.size(); i++) {
                assertThat(spots.get(i).mark()).isEqualTo(inOrder.get(i).mark());
                for (int k = 0; k < i; k++) {
                    double days = inOrder.get(i).day() - inOrder.get(k).day();
                    double more = inOrder.get(i).value() - inOrder.get(k).value();
                    assertThat(Math.signum(Math.round(x(spots.get(i)) - x(spots.get(k)))) * days)
                            .isGreaterThanOrEqualTo(0);
                    assertThat((y(spots.get(k)) - y(spots.get(i))) * more).isGreaterThanOrEqualTo(0);
                }
            }
            // all of it in the picture
            Figure figure = plot(points);
            assertThat(spots).allMatch(s -> x(s) >= 0 && x(s) <= figure.left() + figure.width());
        }
    }

    /** What was outside the band of its own day is marked, what was in it is not. */
    @Test
    void whatWasNotGoodIsMarked() {
        Figure figure = plot(List.of(
                new Point(day("2026-03-02"), 0.21, 0.06, 0.18, "loose"),
                new Point(day("2026-03-03"), 0.12, 0.06, 0.18, "good"),
                new Point(day("2026-03-04"), 0.03, 0.06, 0.18, "tight")));
        assertThat(spots(figure)).extracting(Shape::role).containsExactly("spot-off", "spot-true", "spot-off");
        assertThat(figure.shapes().stream().filter(s -> s.role().equals("band")))
                .hasSize(3);
    }

    /** Months are named where they begin; over the turn of the year, and in a leap year’s February too. */
    @Test
    void monthsAreNamedWhereTheyBegin() {
        assertThat(labels("2027-12-20", "2028-03-03")).contains("Jan", "Feb", "Mar");
        assertThat(labels("2026-03-02", "2026-03-20")).contains("2 Mar", "20 Mar");
        List<String> years = labels("2024-01-05", "2028-01-05");
        assertThat(years).anyMatch(l -> l.endsWith("2026"));
        assertThat(years.stream().filter(l -> l.length() > 4).count()).isLessThan(14);
    }

    /** A shop of one dimension line: values that are all the same still have a scale. */
    @Test
    void valuesThatAreAllTheSameHaveAScale() {
        Figure figure = plot(List.of(Point.of(day("2026-03-02"), 8, "a"), Point.of(day("2026-03-09"), 8, "b")));
        assertThat(y(spots(figure).get(0))).isCloseTo(y(spots(figure).get(1)), within(1e-9));
        assertThat(figure.notes()).extracting(Note::text).contains("8.00");
    }

    private static List<String> labels(String from, String to) {
        return plot(List.of(Point.of(day(from), 0.1, "a"), Point.of(day(to), 0.2, "b"))).notes().stream()
                .map(Note::text)
                .toList();
    }
}
