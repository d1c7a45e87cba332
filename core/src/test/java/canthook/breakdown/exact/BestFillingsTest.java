package canthook.breakdown.exact;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.breakdown.Boards;
import canthook.breakdown.BreakdownTask;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.Ripping;
import canthook.breakdown.exact.Rooms.Room;
import canthook.plan.BatchWish.Break;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is worth most in a clear length, against every filling tried. */
class BestFillingsTest {
    static Rooms rooms(List<Wanted> boxes, double... lengths) {
        var blanks = new ArrayList<canthook.board.Blank>();
        for (int i = 0; i < lengths.length; i++) {
            blanks.add(Boards.board("b" + i, lengths[i], 100, 10));
        }
        BreakdownTask task = new BreakdownTask(boxes, blanks, Boards.habits(Break.SINGLES));
        return new Rooms(task, blanks.stream().map(b -> Ripping.of(b, task)).toList());
    }

    private static Rooms twoKinds() {
        return rooms(
                List.of(Boards.box("drawer", 120, 80, 96.5, 1, 1, 0), Boards.box("tray", 64.5, 51.25, 96.5, 2, 0, 0)),
                420,
                655,
                233);
    }

    private static double[] prices(Random random, int count) {
        return random.doubles(count, -0.2, 1).toArray();
    }

    private static double worth(Filling filling, double[] prices) {
        double sum = 0;
        for (int i = 0; i < prices.length; i++) {
            sum += filling.counts().get(i) * prices[i];
        }
        return sum;
    }

    /** Every filling, tried piece by piece, that asks for no more than is wanted. */
    private static List<Filling> every(Rooms rooms, Room room) {
        List<Filling> all = new ArrayList<>();
        every(rooms, room, 0, new ArrayList<>(), room.length(), all);
        return all;
    }

    private static void every(Rooms rooms, Room room, int i, List<Integer> counts, long left, List<Filling> into) {
        if (i == room.pieces().size()) {
            Filling filling = new Filling(room, List.copyOf(counts));
            boolean wanted = true;
            for (int kind = 0; kind < rooms.boxes().size(); kind++) {
                Wanted box = rooms.boxes().get(kind);
                wanted &= filling.of(kind, f -> f.sides) <= 2 * box.count() + box.spareSides()
                        && filling.of(kind, f -> f.ends) <= 2 * box.count() + box.spareEnds();
            }
            if (wanted) {
                into.add(filling);
            }
            return;
        }
        var piece = room.pieces().get(i);
        for (int n = 0; n <= piece.most() && n * piece.length() <= left; n++) {
            counts.add(n);
            every(rooms, room, i + 1, counts, left - n * piece.length(), into);
            counts.remove(counts.size() - 1);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void theBestFillingIsWorthAsMuchAsAnyAndFits(int seed) {
        Rooms rooms = twoKinds();
        for (Room room : rooms.all()) {
            double[] prices = prices(new Random(seed), room.pieces().size());
            // a run is never priced under the parts it is made of, nor a pair: only then is a mixture simply worse
            for (int kind = 0; kind < 2; kind++) {
                prices[4 * kind + 1] = prices[4 * kind + 2] + prices[4 * kind + 3] + 0.1;
                prices[4 * kind] = 2 * prices[4 * kind + 1] + 0.1;
            }
            BestFillings table = new BestFillings(Servings.of(rooms, room.pieces()), prices, rooms.longest(), false);
            List<Filling> every = every(rooms, room);
            double most =
                    every.stream().mapToDouble(f -> worth(f, prices)).max().orElseThrow();
            assertThat(table.worth(room.length())).isCloseTo(most, org.assertj.core.data.Offset.offset(1e-9));
            Filling best = table.best(room);
            assertThat(best.used()).isLessThanOrEqualTo(room.length());
            assertThat(worth(best, prices)).isCloseTo(most, org.assertj.core.data.Offset.offset(1e-9));
            List<Filling> told = new ArrayList<>();
            assertThat(table.all(room, most - 0.4, 5000, told)).isTrue();
            assertThat(told).doesNotHaveDuplicates().allMatch(f -> worth(f, prices) >= most - 0.4 - 1e-9);
            // nothing is missing but what is simply worse
            assertThat(told)
                    .containsAll(every.stream()
                            .filter(f -> worth(f, prices) >= most - 0.4 + 1e-9)
                            .filter(f -> f.counts().get(6) == 0 || f.counts().get(7) == 0)
                            .toList());
            long left = table.mostLeft(room, most - 0.4);
            assertThat(left)
                    .isEqualTo(told.stream().mapToLong(Filling::left).max().orElseThrow());
        }
    }

    @Test
    void onAGridWhatIsTakenFitsAndNothingIsWorthMore() {
        // a length no grid of whole steps meets: 0.001 mm is the unit of a board of nearly four metres
        Rooms rooms = rooms(List.of(Boards.box("drawer", 248.801, 166.803, 96.5, 30, 0, 0)), 3870.007);
        Room room = rooms.all().get(0);
        assertThat(BestFillings.grid(rooms.longest())).isGreaterThan(1);
        double[] prices = room.pieces().stream().mapToDouble(p -> p.length()).toArray();
        BestFillings over = new BestFillings(Servings.of(rooms, room.pieces()), prices, rooms.longest(), false);
        BestFillings fits = new BestFillings(Servings.of(rooms, room.pieces()), prices, rooms.longest(), true);
        Filling best = fits.best(room);
        assertThat(best.used()).isLessThanOrEqualTo(room.length());
        assertThat(over.worth(room.length())).isGreaterThanOrEqualTo(worth(best, prices));
        // filled within the shortest part, as any good filling of a long board is
        assertThat(best.left()).isLessThan(room.length() / 50);
    }

    @Test
    void tellsWhenThereAreTooManyToTell() {
        Rooms rooms = rooms(List.of(Boards.drawers(40)), 3900);
        Room room = rooms.all().get(0);
        BestFillings table = new BestFillings(
                Servings.of(rooms, room.pieces()), new double[room.pieces().size()], rooms.longest(), false);
        List<Filling> told = new ArrayList<>();
        assertThat(table.all(room, 0, 100, told)).isFalse();
        assertThat(told).hasSizeLessThanOrEqualTo(100);
    }
}
