package canthook.planner;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.SharedPlace;
import canthook.plan.SharedPlace.Lies;
import canthook.plan.SizeWish;
import canthook.refusal.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A drawer of the seed cabinet filled with small boxes. */
class SharedCellsTest {
    private static SharedPlace drawer(int columns, int rows, List<Lies> boxes) {
        return new SharedPlace("drawer", mm(412), mm(287), mm(80), mm(1.5), mm(1), mm(12), columns, rows, boxes);
    }

    private static BoxPlan ofWall(double thickness) {
        BoxPlan box = envelopeDrawer();
        return box.with(
                new SizeWish(SizeWish.From.OUTSIDE, mm(248), mm(166), mm(96), mm(thickness), SizeWish.Tips.SAND, null));
    }

    @Test
    void doublesLineUpWithSingles() {
        SharedCells cells = SharedCells.of(
                drawer(4, 3, List.of(new Lies(0, 0, 2, 1), new Lies(2, 0, 1, 1), new Lies(3, 0, 1, 1))), ofWall(6));
        assertThat(cells.cellWidth().length()).isEqualTo(mm(101.5));
        assertThat(cells.cellLength().length()).isEqualTo(mm(94));
        // cherry flat-sawn, from 8.0 to 10.71 %: 68 / (1 + 2.71 / (100 · 25 / 7.1 − 25 + 8)) or so: under half a
        // millimetre
        assertThat(cells.height().length().mm()).isBetween(67.4, 67.7);
        assertThat(cells.height().length().plus(cells.swells().length()).mm()).isCloseTo(68, within(1e-6));
        assertThat(cells.kinds()).hasSize(2);
        assertThat(cells.kinds().get(0).width()).isEqualTo(mm(204));
        assertThat(cells.kinds().get(1).count()).isEqualTo(2);
    }

    /** However the grid is filled, the boxes of a row and the play beside them fill the place, and no more. */
    @Test
    void aFullRowFillsThePlace() {
        Random random = new Random(11);
        for (int i = 0; i < 200; i++) {
            int columns = 1 + random.nextInt(6);
            int rows = 1 + random.nextInt(5);
            List<Lies> boxes = new ArrayList<>();
            for (int at = 0; at < columns; ) {
                int wide = 1 + random.nextInt(columns - at);
                boxes.add(new Lies(at, 0, wide, 1 + random.nextInt(rows)));
                at += wide;
            }
            SharedCells cells = SharedCells.of(drawer(columns, rows, boxes), ofWall(5));
            Length row = mm(3).plus(mm(1).times(boxes.size() - 1));
            for (Lies box : boxes) {
                row = row.plus(cells.kinds().stream()
                        .filter(k -> k.columns() == box.columns() && k.rows() == box.rows())
                        .findFirst()
                        .orElseThrow()
                        .width());
            }
            assertThat(row.mm()).isCloseTo(412, within(1e-4));
        }
    }

    @Test
    void whatCannotLieThereIsRefusedAtItsField() {
        assertThatThrownBy(() -> SharedCells.of(drawer(24, 3, List.of(new Lies(0, 0, 1, 1))), ofWall(9)))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo("columns"));
        assertThatThrownBy(() -> drawer(4, 3, List.of(new Lies(0, 0, 2, 1), new Lies(1, 0, 1, 1))))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo("boxes[1]"))
                .hasMessageContaining("same cell");
        assertThatThrownBy(() -> drawer(4, 3, List.of(new Lies(3, 0, 2, 1))))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo("boxes[0]"));
        assertThatThrownBy(() -> drawer(4, 3, List.of())).isInstanceOf(Refused.class);
        for (String name : List.of("peas/beans", "50 %", "a;b", "a\\b", " ")) {
            assertThatThrownBy(() -> new SharedPlace(
                            name, mm(412), mm(287), mm(80), mm(1), mm(1), mm(1), 1, 1, List.of(new Lies(0, 0, 1, 1))))
                    .as(name)
                    .isInstanceOfSatisfying(
                            Refused.class, r -> assertThat(r.field()).isEqualTo("set"));
        }
    }
}
