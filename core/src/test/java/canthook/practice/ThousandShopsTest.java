package canthook.practice;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.fit.Cause;
import canthook.plan.JigChoice.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The fit's advice, followed in shops whose truth it does not know. */
@Tag("long")
class ThousandShopsTest {
    private static final int SHOPS = 1000;

    /** Where nothing goes wrong but a kerf, a place and a hand that are a little off: two moves at most, and never the wrong way. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void adviceReachesTheBandInTwoMovesAndNeverGoesTheWrongWay(Way way) {
        int shops = AnyPlan.share(SHOPS);
        TreeMap<Integer, Integer> moves = new TreeMap<>();
        int settled = 0;
        List<Long> wrong = new ArrayList<>();
        for (long seed = 0; seed < shops; seed++) {
            Coach coach = Coach.through(HiddenShop.with(seed, Level.STRANGER, way, Set.of()));
            moves.merge(
                    coach.round().isMade() && coach.round().spoilt() == 0
                            ? coach.round().moves()
                            : 99,
                    1,
                    Integer::sum);
            if (coach.round().isMade() && coach.round().moves() <= 2) {
                settled++;
            }
            if (coach.wrongWay() > 0) {
                wrong.add(seed);
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%-12s %d shops: settled in two moves %.1f %%, moves %s%n",
                way,
                shops,
                100.0 * settled / shops,
                moves);
        assertThat(wrong).as("moved away from the fit").isEmpty();
        assertThat(settled / (double) shops).isGreaterThanOrEqualTo(0.95);
    }

    /** Where parts are pressed to both sides, dust lies where they bear or a clamp slips, its name is among the first two within three tests. */
    @ParameterizedTest
    @EnumSource(value = Way.class, names = "HAND", mode = EnumSource.Mode.EXCLUDE)
    void whatGoesWrongIsNamedWithinThreeTests(Way way) {
        for (Cause cause : List.of(Cause.PRESSED, Cause.DUST, Cause.CLAMP)) {
            if (!HiddenShop.possible(way).contains(cause)) {
                continue;
            }
            int shops = AnyPlan.share(SHOPS);
            int named = 0;
            int first = 0;
            int made = 0;
            for (long seed = 0; seed < shops; seed++) {
                Coach coach = Coach.through(HiddenShop.with(seed, Level.STRANGER, way, Set.of(cause)));
                Coach.Named at = coach.named().get(cause);
                if (at != null && at.test() <= 3 && at.rank() <= 2) {
                    named++;
                    first += at.rank() == 1 ? 1 : 0;
                }
                made += coach.round().isMade() ? 1 : 0;
            }
            System.out.printf(
                    Locale.ROOT,
                    "%-12s %-8s named in three tests %.1f %%, as the first %.1f %%, made in the end %.1f %%%n",
                    way,
                    cause,
                    100.0 * named / shops,
                    100.0 * first / shops,
                    100.0 * made / shops);
            assertThat(named / (double) shops).as(way + " " + cause).isGreaterThanOrEqualTo(0.8);
        }
    }
}
