package canthook.figure;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static canthook.breakdown.Boards.board;
import static canthook.breakdown.Boards.knot;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.breakdown.Batch;
import canthook.breakdown.Breakdown;
import canthook.breakdown.BreakdownPlanner;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.exact.ExactSolver;
import canthook.figure.BoardFigure.Area;
import canthook.figure.BoardFigure.Becomes;
import canthook.length.LengthDisplay;
import canthook.plan.BatchWish;
import canthook.plan.BatchWish.Break;
import canthook.plan.YearTrace;
import canthook.shop.HouseRules;
import canthook.wood.Air;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Boards, corners and years as they are drawn. */
class RackFiguresTest {
    private static Breakdown plan(int count, int spares, boolean resaw, Blank... rack) {
        Batch batch = new Batch(
                work(envelopeDrawer()
                        .withBatch(new BatchWish(count, spares, 0, Break.PAIRS, resaw, List.of(), List.of(), null))),
                List.of(),
                List.of(rack),
                HouseRules.DEFAULT);
        return BreakdownPlanner.plan(batch.task(), new ExactSolver(), Watch.PATIENT);
    }

    private static BoardFigure draw(Breakdown plan) {
        return BoardFigure.of(
                plan.opened().get(0).blank(), plan.opened().get(0), plan.task(), "", LengthDisplay.METRIC);
    }

    @Test
    void nothingDrawnOnABoardOverlapsOrLeavesIt() {
        BoardFigure figure = draw(plan(2, 1, false, board("wide", 1400, 215, 12, knot(400, 430), knot(1000, 1020))));
        List<Area> areas = new ArrayList<>(figure.areas());
        areas.removeIf(a -> a.becomes() == Becomes.LOST);
        for (int i = 0; i < areas.size(); i++) {
            Area a = areas.get(i);
            assertThat(a.x()).isGreaterThanOrEqualTo(0);
            assertThat(a.x() + a.width()).isLessThanOrEqualTo(figure.length() + 1e-6);
            assertThat(a.y() + a.height()).isLessThanOrEqualTo(figure.width() + 1e-6);
            for (Area b : areas.subList(i + 1, areas.size())) {
                boolean apart = a.x() + a.width() <= b.x() + 1e-6
                        || b.x() + b.width() <= a.x() + 1e-6
                        || a.y() + a.height() <= b.y() + 1e-6
                        || b.y() + b.height() <= a.y() + 1e-6;
                assertThat(apart).as(a + " and " + b).isTrue();
            }
        }
        assertThat(areas).filteredOn(a -> a.becomes() == Becomes.SPARE).hasSize(1);
        assertThat(figure.flaws()).hasSize(2).allMatch(BoardFigure.Flaw::right);
    }

    @Test
    void theReferenceEdgeLiesBelow() {
        Blank blank = board("a", 900, 120, 12, new Defect(Defect.Kind.KNOT, mm(100), mm(130), mm(0), mm(20), false));
        BoardFigure figure = BoardFigure.of(blank, null, null, "is not needed", LengthDisplay.FRACTION_64);
        assertThat(figure.flaws().get(0).y()).isEqualTo(100);
        assertThat(figure.flaws().get(0).height()).isEqualTo(20);
        assertThat(figure.areas()).isEmpty();
        assertThat(figure.says()).isEqualTo("is not needed");
    }

    @Test
    void partsOfARunCarryTheFigureOn() {
        BoardFigure figure = draw(plan(1, 0, false, board("a", 900, 120, 12)));
        assertThat(figure.areas())
                .filteredOn(a -> a.becomes() == Becomes.PART)
                .extracting(Area::label)
                .containsExactly("A 1", "B 1", "C 1", "D 1");
        assertThat(figure.areas())
                .filteredOn(a -> a.becomes() == Becomes.PART)
                .extracting(Area::joined)
                .containsExactly(false, true, true, true);
    }

    @Test
    void severalKindsAreToldApartByMoreThanTint() {
        Batch batch = new Batch(
                work(envelopeDrawer()
                        .withBatch(new BatchWish(1, 0, 0, Break.WHOLE, false, List.of(), List.of(), null))),
                List.of(new Batch.Other(work(envelopeDrawer().withName("another")), 1)),
                List.of(board("a", 1760, 120, 12)),
                HouseRules.DEFAULT);
        Breakdown plan = BreakdownPlanner.plan(batch.task(), new ExactSolver(), Watch.PATIENT);
        assertThat(draw(plan).areas()).extracting(Area::label).contains("I A 1", "II A 1", "II D 1");
    }

    @Test
    void aResawnBoardGivesTwoOfEach() {
        // 2 · (12 + 2) + 1.5
        BoardFigure figure = draw(plan(1, 0, true, board("a", 480, 120, 29.5)));
        assertThat(figure.book()).isTrue();
        assertThat(figure.areas())
                .filteredOn(a -> a.becomes() == Becomes.PART)
                .extracting(Area::label)
                .containsExactly("A C 1", "B D 1");
    }

    @Test
    void everyKindOfCornerIsDrawnToOneScale() {
        List<Figure> corners = CornerFigures.of(work(envelopeDrawer()));
        assertThat(corners).hasSize(5);
        assertThat(corners)
                .extracting(Figure::width)
                .containsOnly(corners.get(0).width());
        assertThat(corners)
                .extracting(Figure::height)
                .containsOnly(corners.get(0).height());
    }

    @Test
    void theYearSwingsBetweenTheTwoAirs() {
        Figure year = YearFigure.of(new Air(22, 25), new Air(23, 60), null, 8.0, LengthDisplay.METRIC);
        List<Double> line = year.shapes().stream()
                .filter(s -> s.role().equals("ticks-moisture"))
                .findFirst()
                .orElseThrow()
                .points();
        List<Double> heights = IntStream.range(0, line.size())
                .filter(i -> i % 2 == 1)
                .mapToObj(line::get)
                .toList();
        // 5.35 and 10.90 on an axis from 5 to 12
        assertThat(heights.stream().mapToDouble(h -> h).max().orElseThrow())
                .isCloseTo(70 * (1 - 0.346 / 7), within(0.3));
        assertThat(heights.stream().mapToDouble(h -> h).min().orElseThrow())
                .isCloseTo(70 * (1 - 5.902 / 7), within(0.3));
        assertThat(year.shapes()).anyMatch(s -> s.role().equals("moisture-now"));
    }

    @Test
    void aLogIsDrawnWhereItsDaysLie() {
        YearTrace log = new YearTrace("porch", 182, 30, List.of(9.0, 10.0, 11.0));
        Figure year = YearFigure.of(new Air(20, 40), new Air(20, 60), log, null, LengthDisplay.METRIC);
        List<Double> points = year.shapes().stream()
                .filter(s -> s.role().equals("ticks-moisture"))
                .findFirst()
                .orElseThrow()
                .points();
        assertThat(points.get(0)).isCloseTo(240 * 181 / 365.25, within(0.01));
        assertThat(year.title()).contains("porch");
    }
}
