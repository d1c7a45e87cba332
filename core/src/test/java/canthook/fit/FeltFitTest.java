package canthook.fit;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.fit.Fit.Direction;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.shop.TestCut.Felt;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Fits told by hand: cherry wants 0.12, the drawer is cut on a key. */
class FeltFitTest {
    private static final String DAY = "2026-03-02T10:20:00Z";

    private static WorkedPlan after(BoxPlan plan, List<TestCut> cuts) {
        return Planner.work(plan, new Shop(HouseRules.DEFAULT, cuts));
    }

    private static TestCut felt(BoxPlan plan, Felt how, @Nullable Double moved) {
        WorkedPlan worked = after(plan, List.of());
        return TestCut.felt(DAY, how, worked.fingers().chosen().slot().length(), moved == null ? null : mm(moved))
                .cutFor(
                        worked.fingers().chosen().sections().count(),
                        worked.fingers().chosen().kerf().length());
    }

    @ParameterizedTest
    @CsvSource({
        "WILL_NOT_START, -0.27, TOWARDS",
        "NEEDS_A_MALLET, -0.17, TOWARDS",
        "FIRM_HAND, -0.07, TOWARDS",
        "SLIDES, 0, STAY",
        "DROPS_APART, 0.18, AWAY"
    })
    void aFeelingStandsForAClearance(Felt how, double move, Direction direction) {
        BoxPlan plan = openDrawer();
        Fit.Reading reading = after(plan, List.of(felt(plan, how, null))).fit().reading();
        assertThat(reading.move().length().mm()).isCloseTo(move, within(1e-6));
        assertThat(reading.direction()).isEqualTo(direction);
        assertThat(reading.clearance().label()).contains("felt");
        assertThat(reading.finger().label()).contains("felt");
    }

    /** Drops apart, moved 0.18 away, then needs a mallet: halfway back is 0.09 towards, whatever a mallet stands for. */
    @Test
    void betweenTightAndLooseTheNextIsHalfway() {
        BoxPlan plan = openDrawer();
        List<TestCut> cuts = List.of(felt(plan, Felt.DROPS_APART, null), felt(plan, Felt.NEEDS_A_MALLET, 0.18));
        Fit.Reading reading = after(plan, cuts).fit().reading();
        assertThat(reading.move().length().mm()).isCloseTo(-0.09, within(1e-6));
        assertThat(reading.direction()).isEqualTo(Direction.TOWARDS);
    }

    /** Shops that cut by feel, each off by something else: following what is said a test piece slides within six tests and never runs away. */
    @Test
    void followedByHandItSettles() {
        Random random = new Random(17);
        int settled = 0;
        int shops = AnyPlan.share(300);
        for (int shop = 0; shop < shops; shop++) {
            BoxPlan plan = openDrawer();
            double truth = 0.12 + (random.nextDouble() - 0.5) * 0.9;
            List<TestCut> cuts = new ArrayList<>();
            Double moved = null;
            for (int test = 0; test < 7; test++) {
                Felt how = feels(truth + 0.02 * random.nextGaussian());
                cuts.add(felt(plan, how, moved));
                Fit.Reading reading = after(plan, cuts).fit().reading();
                if (reading.direction() == Direction.STAY) {
                    settled++;
                    break;
                }
                moved = reading.move().length().mm();
                // away from the cutter fingers grow and the clearance shrinks
                truth -= moved;
                assertThat(Math.abs(truth)).as("shop " + shop).isLessThan(0.75);
            }
        }
        assertThat(settled / (double) shops).isGreaterThan(0.95);
    }

    private static Felt feels(double clearance) {
        if (clearance < -0.10) {
            return Felt.WILL_NOT_START;
        }
        if (clearance < 0) {
            return Felt.NEEDS_A_MALLET;
        }
        if (clearance < 0.085) {
            return Felt.FIRM_HAND;
        }
        return clearance < 0.21 ? Felt.SLIDES : Felt.DROPS_APART;
    }

    /** What changed tells what went wrong: the likeliest first. */
    @ParameterizedTest
    @CsvSource({
        "0.00, -0.10, 'it was moved the other way'",
        "0.00,  0.01, 'the clamp slipped'",
        "0.08,  0.10, 'another cutter'",
        "0.00,  0.20, 'the move was made twice'",
        "0.00,  0.05, 'dust where the part bears'"
    })
    void aContradictionNamesItsLikelyCauseFirst(double slotBy, double fingerBy, String first) {
        TestCut before = new TestCut(DAY, List.of(mm(8)), List.of(mm(7.78)), null);
        TestCut last = new TestCut(DAY, List.of(mm(8 + slotBy)), List.of(mm(7.78 + fingerBy)), mm(0.1));
        String says =
                DidNotFollow.of(List.of(before, last), null, null).orElseThrow().says(LengthDisplay.METRIC);
        assertThat(says).contains("Likely, in this order: " + first).contains("cut the same setting again");
    }

    /** Fingers that grow steadily along the piece are told of, those that scatter are not. */
    @ParameterizedTest
    @CsvSource({
        "7.84, 7.88, 7.92, 8.01, 0.08",
        "7.92, 7.88, 7.84, 8.01, -0.08",
        "7.84, 7.93, 7.90, 8.01, 0",
        "7.88, 7.90, 7.92, 8.01, 0",
        "7.84, 7.88, 7.92, 8.05, 0"
    })
    void fingersThatTaperAreTold(double one, double two, double three, double slot, double along) {
        TestCut cut =
                new TestCut(DAY, List.of(mm(8.00), mm(slot), mm(8.00)), List.of(mm(one), mm(two), mm(three)), null);
        assertThat(Taper.along(cut).map(Length::mm).orElse(0.0)).isCloseTo(along, within(1e-9));
    }
}
