package canthook.fit;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.fit.Fit.Direction;
import canthook.length.Length;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Test cut, measure, move, test again, in a shop whose true kerf and key position nobody can see. */
class PractisedLoopTest {

    private static double hundredth(double mm) {
        return Math.round(mm * 100) / 100.0;
    }

    @ParameterizedTest
    @CsvSource({"8.00,0.30", "8.00,-0.25", "8.02,0.12", "7.98,-0.08", "8.01,0.03", "8.00,0.60", "7.99,-0.45"})
    void twoMovesBringAnyKeyHome(double trueKerf, double keyOff) {
        Random random = new Random(5);
        List<TestCut> cuts = new ArrayList<>();
        double gap = trueKerf - 0.12 - keyOff;
        Length moved = null;
        for (int test = 0; test < 3; test++) {
            List<Length> slots = new ArrayList<>();
            List<Length> fingers = new ArrayList<>();
            for (int reading = 0; reading < 3; reading++) {
                slots.add(mm(hundredth(trueKerf + random.nextGaussian() * 0.004)));
                fingers.add(mm(hundredth(gap + random.nextGaussian() * 0.004)));
            }
            cuts.add(new TestCut("2026-04-0" + (test + 1) + "T09:00:00Z", slots, fingers, moved));
            WorkedPlan worked = Planner.work(bitBox(), new Shop(HouseRules.DEFAULT, cuts));
            Fit.Reading reading = worked.fit().reading();
            assertThat(reading).isNotNull();
            assertThat(worked.verdicts()).extracting(Verdict::code).doesNotContain(Code.DID_NOT_FOLLOW);
            if (reading.direction() == Direction.STAY) {
                break;
            }
            moved = reading.move().length();
            gap += moved.mm();
        }
        assertThat(trueKerf - gap).as("clearance in the end").isBetween(0.09, 0.15);
    }

    @ParameterizedTest
    @CsvSource({
        // slot, finger, away/towards/stay, move, next finger, closing height after
        "8.00,7.70,AWAY,0.18,7.88,87.28",
        "8.00,7.95,TOWARDS,-0.07,7.88,87.28",
        "8.00,7.88,STAY,0.00,7.88,87.28",
        "8.02,7.90,STAY,0.00,7.90,87.50",
        "8.02,7.60,AWAY,0.30,7.90,87.50",
        "7.98,8.00,TOWARDS,-0.14,7.86,87.06",
        "8.00,8.10,TOWARDS,-0.22,7.88,87.28"
    })
    void oneMoveIsTheWholeDifference(
            double slot, double finger, Direction direction, double move, double next, double closing) {
        WorkedPlan worked = Planner.work(
                bitBox(),
                new Shop(
                        HouseRules.DEFAULT,
                        List.of(new TestCut("2026-04-01T09:00:00Z", List.of(mm(slot)), List.of(mm(finger)), null))));
        Fit.Reading reading = worked.fit().reading();
        assertThat(reading).isNotNull();
        assertThat(reading.direction()).isEqualTo(direction);
        assertThat(reading.move().length()).isEqualTo(mm(move));
        assertThat(reading.nextFinger().length()).isEqualTo(mm(next));
        assertThat(reading.closingAfter().length()).isEqualTo(mm(closing));
    }
}
