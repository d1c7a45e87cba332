package canthook.breakdown.exact;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.breakdown.Boards;
import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.exact.PartPrices.Prices;
import canthook.breakdown.exact.Rooms.Room;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The bound by prices against the most boxes found by trying every number of sides in every length. */
class PartPricesTest {
    private static final int SIDE = 250;
    private static final int END = 170;
    private static final int KERF = 32;

    @BeforeAll
    static void load() {
        new ExactSolver();
    }

    private static int most(List<Room> rooms, int at, int sides, int ends) {
        if (at == rooms.size()) {
            return Math.min(sides, ends) / 2;
        }
        // in tenths of a millimetre, told from a side with its kerf
        int best = 0;
        long length = rooms.get(at).length()
                * (SIDE + KERF)
                / rooms.get(at).pieces().get(2).length();
        for (int s = 0; s * (SIDE + KERF) <= length; s++) {
            int e = (int) ((length - s * (SIDE + KERF)) / (END + KERF));
            best = Math.max(best, most(rooms, at + 1, sides + s, ends + e));
        }
        return best;
    }

    private static Rooms rooms(Random random) {
        double[] lengths = random.doubles(5, 60, 220).map(Math::rint).toArray();
        return BestFillingsTest.rooms(List.of(Boards.box("card box", 25, 17, 96.5, 99, 0, 0)), lengths);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void neverUnderTheBestAndSeldomMoreThanABoxOver(int seed) {
        Rooms rooms = rooms(new Random(seed));
        int best = most(rooms.all(), 0, 0, 0);
        try (PartPrices prices = new PartPrices(rooms)) {
            Prices found = prices.seek(new Wish(Aim.BOXES, null, Map.of()), 0, Watch.PATIENT);
            assertThat(found.bound()).isBetween(best - 1e-6, best + 1.5);
        }
    }

    @Test
    void whatMayBeInABetterPlanIsToldAndNothingThatCannot() {
        // two boards hold a run of a box each and nothing more
        Rooms rooms = BestFillingsTest.rooms(List.of(Boards.box("card box", 100, 60, 96.5, 2, 0, 0)), 355, 355);
        try (PartPrices prices = new PartPrices(rooms)) {
            Prices boxes = prices.seek(new Wish(Aim.BOXES, null, Map.of()), 0, Watch.PATIENT);
            assertThat(boxes.bound()).isCloseTo(2, org.assertj.core.data.Offset.offset(1e-6));
            Wish corners = new Wish(Aim.CORNERS, null, Map.of(Aim.BOXES, 2L));
            Prices priced = prices.seek(corners, 0, Watch.PATIENT);
            assertThat(priced.bound()).isCloseTo(6, org.assertj.core.data.Offset.offset(1e-6));
            List<Filling> all = new ArrayList<>();
            assertThat(priced.all(6, 100, all)).isTrue();
            assertThat(all).filteredOn(f -> f.corners() == 3).hasSize(2);
            List<Filling> none = new ArrayList<>();
            assertThat(priced.all(7, 100, none)).isTrue();
            assertThat(none).isEmpty();
            // 355 − 2 · 10 squaring − 320 of parts − 3 kerfs and one before what is left: 2.2
            for (Room room : rooms.all()) {
                assertThat(rooms.millimetres(priced.mostLeft(room, 6))).isGreaterThanOrEqualTo(2.2 - 1e-9);
            }
        }
    }

    @Test
    void aWishThatKeepsMoreThanIsAtHandIsRefused() {
        Rooms rooms = rooms(new Random(3));
        try (PartPrices prices = new PartPrices(rooms)) {
            org.assertj.core.api.Assertions.assertThatThrownBy(() ->
                            prices.seek(new Wish(Aim.CORNERS, null, Map.of(Aim.BOXES, 90L)), 0, Watch.PATIENT))
                    .isInstanceOf(IllegalStateException.class);
        }
    }
}
