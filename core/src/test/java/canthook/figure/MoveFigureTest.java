package canthook.figure;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.figure.Figure.Shape;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The picture of the correction shows the jig that is set, and points the way the words say. */
class MoveFigureTest {
    /** @param looser fingers are so much narrower than wanted */
    private static WorkedPlan tested(Way way, double looser) {
        BoxPlan plan = bitBox();
        if (way == Way.BAND_SAW) {
            plan = plan.with(plan.fingers().with(Sharing.CENTRED));
        }
        plan = plan.with(plan.jig().with(way));
        WorkedPlan worked = Planner.work(plan, Shop.withDefaults());
        Length slot = worked.fingers().chosen().slot().length();
        Length finger = slot.minus(worked.fingers().chosen().wanted().length()).minus(mm(looser));
        return Planner.work(
                plan,
                new Shop(
                        HouseRules.DEFAULT,
                        List.of(new TestCut("2026-01-01T00:00:00Z", List.of(slot), List.of(finger), null))));
    }

    private static List<Shape> role(Figure figure, String role) {
        return figure.shapes().stream().filter(s -> s.role().equals(role)).toList();
    }

    private static double left(Shape shape) {
        double left = Double.POSITIVE_INFINITY;
        for (int i = 0; i < shape.points().size(); i += 2) {
            left = Math.min(left, shape.points().get(i));
        }
        return left;
    }

    private static double width(Shape shape) {
        double right = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < shape.points().size(); i += 2) {
            right = Math.max(right, shape.points().get(i));
        }
        return right - left(shape);
    }

    private static double turned(Shape arrow) {
        return arrow.points().get(2) - arrow.points().get(0);
    }

    @ParameterizedTest
    @EnumSource(
            value = Way.class,
            names = {"SLED_KEY", "ROUTER_SLED", "ROD_KEY", "SHIM_FENCE"})
    void aKeyStandsOnTheSideItStandsInTheJigsPictureAndGoesAwayWhenTheFitIsLoose(Way way) {
        for (double looser : new double[] {0.1, -0.1}) {
            WorkedPlan worked = tested(way, looser);
            Figure move = MoveFigure.of(worked);
            double cutter = left(role(move, "cutter").get(0));
            double key = left(role(move, "key").get(0));
            Figure jig = JigFigure.of(worked, 0);
            double cutterThere = left(role(jig, "cutter").get(0));
            double keyThere = left(role(jig, "key").get(0));
            assertThat(Math.signum(key - cutter)).isEqualTo(Math.signum(keyThere - cutterThere));
            double away = Math.signum(key - cutter) * (looser > 0 ? 1 : -1);
            assertThat(Math.signum(turned(role(move, "arrow").get(0)))).isEqualTo(away);
            assertThat(Math.signum(left(role(move, "key-moved").get(0)) - key)).isEqualTo(away);
        }
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void noJigButAKeyIsDrawnWithOne(Way way) {
        Figure move = MoveFigure.of(tested(way, 0.1));
        boolean withKey = move.notes().stream().anyMatch(n -> n.text().equals("key"));
        assertThat(withKey).isEqualTo(way.hasKey());
        assertThat(role(move, "arrow")).isNotEmpty();
    }

    @Test
    void everyStopGoesFartherThanTheOneBefore() {
        Figure loose = MoveFigure.of(tested(Way.STOPS, 0.1));
        List<Shape> arrows = role(loose, "arrow");
        assertThat(arrows).hasSize(3);
        assertThat(turned(arrows.get(0))).isPositive();
        assertThat(turned(arrows.get(1))).isEqualTo(2 * turned(arrows.get(0)));
        assertThat(turned(arrows.get(2))).isEqualTo(3 * turned(arrows.get(0)));
        assertThat(turned(role(MoveFigure.of(tested(Way.STOPS, -0.1)), "arrow").get(0)))
                .isNegative();
    }

    @Test
    void aShimAndSpacersGrowWhenTheFitIsLooseAndAKerfShrinks() {
        for (Way way : new Way[] {Way.BAND_SAW, Way.SPACERS}) {
            Figure loose = MoveFigure.of(tested(way, 0.1));
            Figure tight = MoveFigure.of(tested(way, -0.1));
            assertThat(width(role(loose, "key-moved").get(0)))
                    .isGreaterThan(width(role(loose, "key").get(0)));
            assertThat(width(role(tight, "key-moved").get(0)))
                    .isLessThan(width(role(tight, "key").get(0)));
        }
        Figure screw = MoveFigure.of(tested(Way.SCREW, 0.1));
        assertThat(width(role(screw, "key-moved").get(0)))
                .isLessThan(width(role(screw, "cutter").get(0)));
    }

    @Test
    void nothingIsDrawnBeforeATestOrWhileTheJigWaitsAndNothingMovesWhenItFits() {
        assertThat(MoveFigure.of(Planner.work(bitBox(), Shop.withDefaults())).shapes())
                .isEmpty();
        BoxPlan waits = bitBox().with(bitBox().jig().with(Way.BAND_SAW))
                .with(bitBox().fingers().with(Parity.EVEN));
        TestCut cut = new TestCut("2026-01-01T00:00:00Z", List.of(mm(8.86)), List.of(mm(8.6)), null);
        assertThat(MoveFigure.of(Planner.work(waits, new Shop(HouseRules.DEFAULT, List.of(cut))))
                        .shapes())
                .isEmpty();
        Figure fits = MoveFigure.of(tested(Way.SLED_KEY, 0));
        assertThat(role(fits, "key")).hasSize(1);
        assertThat(role(fits, "arrow")).isEmpty();
        assertThat(role(fits, "key-moved")).isEmpty();
    }
}
