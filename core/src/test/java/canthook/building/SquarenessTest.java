package canthook.building;

import static canthook.SeedLibrary.envelopeDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.building.SquareRead.Along;
import canthook.building.SquareRead.FiveCuts;
import canthook.building.SquareRead.Flip;
import canthook.building.SquareRead.Hinge;
import canthook.building.Squareness.Grade;
import canthook.figure.SquareFigure;
import canthook.length.Length;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.shop.Shop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Square enough for the joint: check values, which way it goes, and a board cut five times apart from the formula. */
class SquarenessTest {
    private static final WorkedPlan DRAWER = Planner.work(envelopeDrawer(), Shop.withDefaults());

    private static FiveCuts five(double a, double b, Hinge hinge) {
        return new FiveCuts(Length.mm(a), Length.mm(b), Length.mm(300), Length.mm(460), hinge);
    }

    private static Squareness of(FiveCuts five) {
        return Squareness.of(new SquareRead(five, null, null, null), DRAWER);
    }

    /** 25.40, 25.20 on 300, the screw 460 from the hinge: 0.077. */
    @Test
    void theCheckValue() {
        Squareness.Answer answer = of(five(25.40, 25.20, Hinge.LEFT)).answers().get(0);
        assertThat(answer.number().length().mm()).isCloseTo(0.0767, within(1e-3));
        assertThat(answer.says()).contains("over 90°").contains("right end towards you");
    }

    @ParameterizedTest
    @CsvSource({
        "25.4, 25.2, LEFT, right end towards you",
        "25.2, 25.4, LEFT, right end away from you",
        "25.4, 25.2, RIGHT, left end away from you",
        "25.2, 25.4, RIGHT, left end towards you"
    })
    void whichWayItGoes(double a, double b, Hinge hinge, String says) {
        Squareness square = of(five(a, b, hinge));
        assertThat(square.answers().get(0).says()).contains(says);
        assertThat(SquareFigure.of(DRAWER, new SquareRead(five(a, b, hinge), null, null, null), square)
                        .orElseThrow()
                        .notes())
                .anyMatch(n -> n.text().contains(says.contains("towards") ? "towards you" : "away from you"));
    }

    /**
     * A square board of 300 whose every cut turns the corner by the same angle: after four the first edge is off by four times that, and
     * the strip of the fifth cut tells it.
     */
    @ParameterizedTest
    @CsvSource({"0.0002", "-0.0004", "0.001"})
    void aBoardCutFiveTimes(double off) {
        double length = 300;
        // the fifth cut runs at the angle the fence gives to an edge that four cuts have turned
        double far = 25 - 4 * off * length;
        Squareness square =
                of(new FiveCuts(Length.mm(25), Length.mm(far), Length.mm(length), Length.mm(460), Hinge.LEFT));
        assertThat(square.numbers().stream()
                        .filter(n -> n.id().equals("square.off"))
                        .findFirst()
                        .orElseThrow()
                        .number())
                .isCloseTo(off, within(1e-7));
    }

    /** Good enough is what the clearance and the wall allow: the same fence is good for thin walls and not for thick ones. */
    @Test
    void whatIsGoodEnoughDependsOnTheJoint() {
        double clearance = DRAWER.fingers().chosen().clearance().length().mm();
        double wall = DRAWER.size().thickness().length().mm();
        for (double share : new double[] {0.4, 0.9, 1.4}) {
            double off = share * clearance / 2 / wall;
            Squareness square = of(five(25 + 4 * off * 300, 25, Hinge.LEFT));
            assertThat(square.takes().length().mm()).isCloseTo(share * clearance, within(1e-3));
            assertThat(square.grade()).isEqualTo(share < 0.5 ? Grade.GOOD : share < 1 ? Grade.TIGHT : Grade.NOT);
        }
        assertThat(Squareness.of(
                                new SquareRead(
                                        null,
                                        new Flip(Length.mm(0.4), Length.mm(60)),
                                        new Along(Length.mm(120), Length.mm(120.1), Length.mm(200)),
                                        Length.mm(9.6)),
                                DRAWER)
                        .answers())
                .extracting(Squareness.Answer::id)
                .containsExactly("flip", "along", "height");
    }

    @Test
    void readingsThatNoFenceGivesAreRefused() {
        assertThatThrownBy(() -> five(40, 5, Hinge.LEFT))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("misread");
        assertThatThrownBy(() -> new SquareRead(null, null, null, null)).isInstanceOf(Refused.class);
    }

    /** A key with 0.1 of light over 10 leans by a hundredth: over a slot 12.4 deep a part rocks by 0.124, once. */
    @Test
    void aKeyThatLeansTakesOfTheClearance() {
        WorkedPlan worked = Planner.work(envelopeDrawer(), Shop.withDefaults());
        double depth = worked.size().slotDepth().length().mm();
        SquareRead leans = new SquareRead(null, null, null, null, new SquareRead.KeyTo(Length.mm(0.1), Length.mm(10)));
        Squareness square = Squareness.of(leans, worked);
        assertThat(square.takes().length().mm()).isCloseTo(depth * 0.01, within(1e-6));
        assertThat(square.answers().get(0).says()).contains("rocks");
        Squareness none = Squareness.of(
                new SquareRead(null, null, null, null, new SquareRead.KeyTo(Length.ZERO, Length.mm(10))), worked);
        assertThat(none.answers().get(0).says()).contains("square to the base");
        assertThat(none.grade()).isEqualTo(Squareness.Grade.GOOD);
    }
}
