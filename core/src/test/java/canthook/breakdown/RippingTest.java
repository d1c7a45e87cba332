package canthook.breakdown;

import static canthook.SeedLibrary.mm;
import static canthook.breakdown.Boards.board;
import static canthook.breakdown.Boards.box;
import static canthook.breakdown.Boards.drawers;
import static canthook.breakdown.Boards.knot;
import static canthook.breakdown.Boards.task;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.Ripping.Clear;
import canthook.breakdown.Ripping.Strip;
import canthook.length.Length;
import canthook.plan.BatchWish.Break;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a blank may be ripped, and what is clear in it. */
class RippingTest {
    private static List<Ripping> ways(Blank blank, Wanted... boxes) {
        return Ripping.of(blank, task(List.of(boxes), Break.SINGLES, blank));
    }

    /** (width + kerf) / (height + kerf) with 96.5 and 3.2: 196.2 gives two, 196.1 one. */
    @ParameterizedTest
    @CsvSource({"96.5, 1", "96.4, 0", "196.2, 2", "196.1, 1", "295.9, 3"})
    void asManyStripsAsTheWidthHolds(double width, int strips) {
        List<Ripping> ways = ways(board("b", 900, width, 9), drawers(1));
        assertThat(ways).hasSize(strips == 0 ? 0 : 1);
        if (strips > 0) {
            assertThat(ways.get(0).strips()).hasSize(strips);
        }
    }

    /** 130 wide: one strip of 96.5, or two of 60 with a kerf of 3.2 between. */
    @Test
    void twoHeightsGiveTwoWays() {
        List<Ripping> ways = ways(board("b", 900, 130, 9), drawers(1), box("low tray", 200, 100, 60, 1, 0, 0));
        assertThat(ways)
                .extracting(way -> way.strips().stream().map(Strip::height).toList())
                .containsExactlyInAnyOrder(List.of(mm(96.5)), List.of(mm(60), mm(60)));
    }

    @Test
    void knotsPartTheClearLengthAndNarrowOnesCostAKerf() {
        List<Clear> clear = ways(board("b", 900, 100, 9, knot(300, 340), knot(600, 601)), drawers(1))
                .get(0)
                .strips()
                .get(0)
                .clear();
        assertThat(clear)
                .containsExactly(
                        new Clear(mm(10), mm(300)), new Clear(mm(340), mm(600)), new Clear(mm(603.2), mm(890)));
    }

    @Test
    void aKnotInTheSquaredEndCostsNothingMore() {
        List<Clear> clear = ways(board("b", 900, 100, 9, knot(0, 8), knot(892, 900)), drawers(1))
                .get(0)
                .strips()
                .get(0)
                .clear();
        assertThat(clear).containsExactly(new Clear(mm(10), mm(890)));
    }

    /** Ripped to 60 and 96.5 in either order, and each order against either edge, when a knot lies on one side only. */
    @Test
    void aKnotAtOneEdgeMakesTheOrderOfTheStripsMatter() {
        Defect atTheEdge = new Defect(Defect.Kind.KNOT, mm(300), mm(340), mm(0), mm(40), false);
        List<Ripping> ways =
                ways(board("b", 900, 162, 9, atTheEdge), drawers(1), box("low tray", 200, 100, 60, 1, 0, 0));
        assertThat(ways)
                .extracting(way -> way.strips().stream().map(Strip::height).toList())
                .contains(List.of(mm(96.5), mm(60)), List.of(mm(60), mm(96.5)));
        for (Ripping way : ways) {
            Length top = way.strips().get(way.strips().size() - 1).upper();
            assertThat(top).isLessThanOrEqualTo(mm(162));
        }
    }
}
