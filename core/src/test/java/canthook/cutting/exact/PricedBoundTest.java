package canthook.cutting.exact;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.cutting.exact.PricedBound.Goal;
import canthook.cutting.exact.PricedBound.Piece;
import canthook.cutting.exact.PricedBound.Room;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The bound by prices against trying everything, and the filling of one length against its own limits. */
class PricedBoundTest {
    private static final int SIDE = 25;
    private static final int END = 17;

    private static List<Piece> singles() {
        return List.of(new Piece(0, SIDE, 1, 0, 0), new Piece(0, END, 0, 1, 0));
    }

    /** The most boxes of one kind, by trying every number of sides in every length. */
    private static int most(List<Integer> rooms, int at, int sides, int ends) {
        if (at == rooms.size()) {
            return Math.min(sides, ends) / 2;
        }
        int best = 0;
        for (int s = 0; s * SIDE <= rooms.get(at); s++) {
            best = Math.max(best, most(rooms, at + 1, sides + s, ends + (rooms.get(at) - s * SIDE) / END));
        }
        return best;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void neverUnderTheBestAndSeldomMoreThanABoxOver(int seed) {
        Random random = new Random(seed);
        List<Integer> lengths = new ArrayList<>();
        List<Room> rooms = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            lengths.add(20 + random.nextInt(160));
            rooms.add(new Room(i, 0, lengths.get(i), singles()));
        }
        int best = most(lengths, 0, 0, 0);
        double bound = new PricedBound(rooms, new int[] {99}, false).above(new Goal(1, 0, 0, 0), best, 1e-3);
        assertThat(bound).isGreaterThanOrEqualTo(best - 1e-6).isLessThan(best + 1.5);
    }

    @Test
    void blanksAndCornersAreBoundedToo() {
        // two blanks hold a run each: two boxes need both; six corners at the most
        List<Piece> pieces = List.of(new Piece(0, 2 * (SIDE + END), 2, 2, 3), new Piece(0, SIDE + END, 1, 1, 1));
        List<Room> rooms = List.of(new Room(0, 0, 90, pieces), new Room(1, 0, 90, pieces));
        PricedBound bound = new PricedBound(rooms, new int[] {2}, false);
        assertThat(-bound.above(new Goal(0, 0, 1, 2), -2, 0.5)).isBetween(1.0 - 1e-6, 2.0 + 1e-6);
        assertThat(bound.above(new Goal(0, 1, 0, 2), 6, 0.5)).isBetween(6.0 - 1e-6, 6.9);
        bound.above(new Goal(1, 0, 0, 0), 2, 1e-3);
        // with both boxes made 6 are left in either blank
        assertThat(bound.longestLeft(2)).isGreaterThanOrEqualTo(6);
    }

    @ParameterizedTest
    @ValueSource(longs = {40, 90, 133, 259, 1000})
    void whatIsTakenFitsAndIsWanted(long room) {
        int[] wanted = {3, 4, 1, 2};
        List<Fullest.Item> items = List.of(
                new Fullest.Item(0, 2, 2, 2 * (SIDE + END), 30, 1),
                new Fullest.Item(0, 1, 0, SIDE, 0, 3),
                new Fullest.Item(0, 0, 1, END, 0, 4),
                new Fullest.Item(1, 1, 0, 31, 0, 1),
                new Fullest.Item(1, 0, 1, 13, 0, 2));
        int[] taken = Fullest.of(items, room, wanted);
        long used = (long) taken[0] * SIDE + (long) taken[1] * END + taken[2] * 31L + taken[3] * 13L;
        assertThat(used).isLessThanOrEqualTo(room).isGreaterThan(Math.min(room, 200) - 14);
        for (int i = 0; i < 4; i++) {
            assertThat(taken[i]).isLessThanOrEqualTo(wanted[i]);
        }
    }
}
