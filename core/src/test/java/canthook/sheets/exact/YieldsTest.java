package canthook.sheets.exact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.board.Blank;
import canthook.board.Defect;
import canthook.length.Length;
import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.SheetTask;
import canthook.sheets.SheetTask.Panel;
import canthook.sheets.exact.LotByLot.Holds;
import canthook.sheets.exact.Yielded.Taken;
import canthook.wood.Wood;
import canthook.wood.Woods;
import com.google.ortools.Loader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a sheet can yield against the pattern search by prices, which knows nothing of lots, and mixtures against trying all. */
class YieldsTest {
    private static final Wood HARDBOARD =
            Woods.published().find("sheet-hardboard").orElseThrow();

    @BeforeAll
    static void solverLibrary() {
        Loader.loadNativeLibraries();
    }

    static LongStream seeds() {
        return LongStream.range(0, AnyPlan.share(60));
    }

    private static Panel panel(double along, double across, int count) {
        return new Panel("tray", "panel", HARDBOARD, Length.mm(along), Length.mm(across), Length.mm(4), count);
    }

    private static Blank sheet(int id, double length, double width, Defect... defects) {
        return new Blank(
                "s" + id,
                "sheet " + id,
                Length.mm(length),
                Length.mm(width),
                Length.mm(4),
                HARDBOARD.id(),
                0,
                null,
                Blank.GrainFigure.STRAIGHT,
                false,
                "",
                List.of(defects),
                false);
    }

    private static SheetTask task(Random random, int kinds, int count, int sheets, boolean flawed) {
        List<Panel> panels = new ArrayList<>();
        for (int p = 0; p < kinds; p++) {
            panels.add(panel(90 + random.nextInt(160), 70 + random.nextInt(110), count));
        }
        List<Blank> all = new ArrayList<>();
        for (int s = 0; s < sheets; s++) {
            double x = 20 + random.nextInt(200);
            double y = 20 + random.nextInt(150);
            Defect knot = new Defect(
                    Defect.Kind.KNOT, Length.mm(x), Length.mm(x + 25), Length.mm(y), Length.mm(y + 18), false);
            Defect[] defects = flawed ? new Defect[] {knot} : new Defect[0];
            all.add(sheet(s, 280 + random.nextInt(200), 200 + random.nextInt(120), defects));
        }
        return new SheetTask(panels, all, Length.mm(3.2));
    }

    private static double worth(int[] counts, double[] prices) {
        double worth = 0;
        for (int p = 0; p < prices.length; p++) {
            worth += counts[p] * prices[p];
        }
        return worth;
    }

    private static double[] prices(Random random, int kinds) {
        return random.doubles(kinds, 0.5, 1.5).toArray();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void lotsAreCountedAsPanelsAre(long seed) {
        Random random = new Random(seed);
        int[] wanted = random.ints(2 + random.nextInt(6), 0, 9).toArray();
        wanted[0]++;
        Lots lots = Lots.of(wanted).orElseThrow();
        assertThat(lots.counts(lots.all())).isEqualTo(wanted);
        int[] some = Arrays.stream(wanted).map(n -> random.nextInt(n + 1)).toArray();
        int[] more = Arrays.stream(wanted).map(n -> random.nextInt(n + 1)).toArray();
        long one = lot(lots, some);
        long other = lot(lots, more);
        int[] rest = wanted.clone();
        boolean within = true;
        boolean holds = true;
        for (int p = 0; p < wanted.length; p++) {
            rest[p] = Math.max(0, some[p] - more[p]);
            within &= some[p] + more[p] <= wanted[p];
            holds &= some[p] >= more[p];
        }
        assertThat(lots.counts(lots.rest(one, other))).isEqualTo(rest);
        assertThat(lots.isWanted(one + other)).isEqualTo(within);
        assertThat(lots.holds(one, other)).isEqualTo(holds);
    }

    private static long lot(Lots lots, int[] counts) {
        long lot = 0;
        for (int p = 0; p < counts.length; p++) {
            lot += counts[p] == 0 ? 0 : lots.one(p) * counts[p];
        }
        return lot;
    }

    @Test
    void whatDoesNotGoIntoOneNumberIsNotCounted() {
        assertThat(Lots.of(new int[40])).isEmpty();
        int[] wanted = new int[20];
        Arrays.fill(wanted, 9);
        assertThat(Lots.of(wanted)).isEmpty();
    }

    /** With more wanted of each than the sheet holds, the lot worth most is worth what the best pattern is. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theLotWorthMostIsTheBestPattern(long seed) {
        Random random = new Random(seed);
        Grounds grounds = new Grounds(task(random, 3, 25, 1, false));
        Lots lots = Lots.of(grounds.wanted).orElseThrow();
        for (Ground way : grounds.all.get(0).ways()) {
            Yields yields = Yields.of(way, lots, 50_000_000).orElseThrow();
            for (int n = 0; n < 4; n++) {
                double[] prices = prices(random, 3);
                double most = yields.full().stream()
                        .mapToDouble(lot -> worth(lots.counts(lot), prices))
                        .max()
                        .orElse(0);
                assertThat(most).isCloseTo(new Worth(way, prices).best(), within(1e-9));
            }
            for (long lot : yields.full()) {
                assertThat(yields.pattern(lot).counts(3)).isEqualTo(lots.counts(lot));
                yields.pattern(lot).bands().forEach(band -> {
                    assertThat(band.at() + band.height()).isLessThanOrEqualTo(way.width);
                    assertThat(band.end()).isLessThanOrEqualTo(way.length);
                });
            }
        }
    }

    /** Around a knot: the best pattern's lot can be cut, and none that would be worth more. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aLotIsCutAroundAFlawWheneverItCanBe(long seed) {
        Random random = new Random(seed);
        Grounds grounds = new Grounds(task(random, 3, 25, 1, true));
        for (Ground way : grounds.all.get(0).ways()) {
            double[] prices = prices(random, 3);
            Worth worth = new Worth(way, prices);
            int[] best = worth.pattern().counts(3);
            if (worth.best() == 0) {
                continue;
            }
            Pattern cut = new AroundFlaws(way, best).cut().orElseThrow();
            assertThat(cut.counts(3)).isEqualTo(best);
            cut.bands()
                    .forEach(band -> band.blocks()
                            .forEach(block -> block.slots()
                                    .forEach(slot -> assertThat(way.isFlawed(
                                                    block.at(),
                                                    block.at() + slot.fit().x(),
                                                    slot.at(),
                                                    slot.at() + slot.fit().y()))
                                            .isFalse())));
            for (int p = 0; p < 3; p++) {
                int[] more = best.clone();
                more[p]++;
                AroundFlaws around = new AroundFlaws(way, more);
                assertThat(around.cut()).isEmpty();
                assertThat(around.isGivenUp()).isFalse();
            }
        }
    }

    /** Two or three sheets, every lot of each tried with every lot of the others, and panels left out. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aMixtureHoldsWhatSomeLotsOfItHold(long seed) {
        Random random = new Random(seed);
        Grounds grounds = new Grounds(task(random, 4, 2 + random.nextInt(3), 2, false));
        Yielded yielded = Yielded.of(grounds, Hurry.NONE).orElseThrow();
        int out = random.nextInt(4);
        int[] mixture = Arrays.copyOf(grounds.everySheet(), grounds.all.size() + 1);
        mixture[grounds.all.size()] = out;
        int fewest = Integer.MAX_VALUE;
        Lots lots = yielded.lots;
        for (long one : yielded.full(0)) {
            for (long other : grounds.all.size() > 1 ? yielded.full(1) : yielded.full(0)) {
                long rest = lots.rest(lots.rest(lots.all(), one), other);
                fewest = Math.min(fewest, Arrays.stream(lots.counts(rest)).sum());
            }
        }
        double[] areas = {1.1, 0.9, 1.2, 0.8};
        try (LotPrices prices = new LotPrices(yielded)) {
            boolean enough = prices.isEnough(mixture);
            LotByLot all = new LotByLot(yielded, mixture, areas, prices.prices());
            assertThat(all.holds(10_000_000, Hurry.NONE)).isEqualTo(fewest <= out ? Holds.YES : Holds.NO);
            assertThat(enough || fewest > out).isTrue();
            if (fewest <= out) {
                long rest = lots.all();
                for (Taken taken : all.taken()) {
                    rest = lots.rest(rest, taken.lot());
                }
                assertThat(rest).isZero();
            }
        }
    }
}
