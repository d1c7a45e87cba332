package canthook.blank;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.plan.BoardAtHand;
import canthook.plan.BoxPlan;
import canthook.planner.WorkedPlan;
import canthook.verdict.Fix;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Against every way there is of sharing four parts out over strips. */
class PackingTest {

    static Stream<BoxPlan> boards() {
        Random random = new Random(8);
        BoxPlan drawer = envelopeDrawer();
        return Stream.generate(() -> {
                    double length = 80 + random.nextInt(4000) / 10.0;
                    double width = 60 + random.nextInt(3000) / 10.0;
                    return drawer.with(drawer.size().withFootprint(mm(length), mm(width)))
                            .with(new BoardAtHand(
                                    mm(100 + random.nextInt(1500)),
                                    mm(80 + random.nextInt(450)),
                                    mm(random.nextInt(20)),
                                    mm(random.nextInt(40) / 10.0),
                                    random.nextBoolean()));
                })
                .limit(AnyPlan.share(250));
    }

    /** Puts each part on each strip in turn; true when some way of doing so fits. */
    private static boolean fitsSomehow(WorkedPlan worked, int strips) {
        double[] parts = {
            worked.size().sideLength().length().mm(),
            worked.size().endLength().length().mm(),
            worked.size().sideLength().length().mm(),
            worked.size().endLength().length().mm()
        };
        double room = worked.blank().length().length().mm()
                - 2 * worked.blank().squaring().length().mm();
        double kerf = worked.blank().kerf().length().mm();
        boolean keep = worked.plan().blank().keepOffcut();
        int ways = (int) Math.pow(strips, 4);
        for (int way = 0; way < ways; way++) {
            double[] used = new double[strips];
            int[] count = new int[strips];
            for (int part = 0, rest = way; part < 4; part++, rest /= strips) {
                used[rest % strips] += parts[part];
                count[rest % strips]++;
            }
            boolean fits = true;
            for (int strip = 0; strip < strips; strip++) {
                int kerfs = count[strip] == 0 ? 0 : count[strip] - (keep ? 0 : 1);
                fits &= used[strip] + kerfs * kerf <= room + 1e-6;
            }
            if (fits) {
                return true;
            }
        }
        return false;
    }

    @ParameterizedTest
    @MethodSource("boards")
    void fitsExactlyWhenSomeWayOfCuttingDoes(BoxPlan plan) {
        WorkedPlan worked = work(plan);
        int strips = Math.min(4, worked.blank().strips().count());
        boolean expected = strips > 0 && fitsSomehow(worked, strips);
        assertThat(worked.blank().fits())
                .as(
                        "board %s, strips %s, run %s",
                        plan.blank(), strips, worked.blank().run())
                .isEqualTo(expected);
    }

    @Test
    void theSmallerBoxOfferedFits() {
        List<Fix> offered = boards().flatMap(plan -> work(plan).blank().verdicts().stream())
                .flatMap(v -> v.fixes().stream())
                .toList();
        assertThat(offered).as("some of these boards are too small").hasSizeGreaterThan(2);
        assertThat(offered)
                .allSatisfy(fix -> assertThat(work(fix.after()).blank().fits())
                        .as(fix.label())
                        .isTrue());
    }
}
