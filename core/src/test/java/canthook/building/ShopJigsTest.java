package canthook.building;

import static canthook.SeedLibrary.envelopeDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.building.ShopJigs.How;
import canthook.building.ShopJigs.Makes;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.shop.RackJig;
import canthook.shop.RackJig.Glued;
import canthook.shop.Shop;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The jigs of the shop beside a box: what a glued key makes, and that each offer comes out as it is told. */
class ShopJigsTest {
    private static final WorkedPlan EXACT = Planner.work(envelopeDrawer(), Shop.withDefaults());
    /** The drawer, three millimetres lower or higher. */
    private static final WorkedPlan DRAWER = Planner.work(
            envelopeDrawer()
                    .with(envelopeDrawer()
                            .fingers()
                            .within(Length.mm(3), Length.mm(3))
                            .withSections(null)),
            Shop.withDefaults());

    private static RackJig jig(Way way, List<Double> keys, Glued glued) {
        BoxPlan plan = envelopeDrawer();
        return new RackJig(
                "sled",
                "Sled",
                plan.jig().with(way),
                keys.stream().map(Length::mm).toList(),
                null,
                "",
                glued,
                List.of());
    }

    private static Glued glued(double kerf, double gap) {
        return new Glued(Length.mm(kerf), Length.mm(gap));
    }

    private static Makes makes(RackJig jig) {
        return ShopJigs.of(DRAWER, List.of(jig)).get(0);
    }

    /** Kerf 7.45, gap 7.28: 11 close at 80.93, 13 at 95.66, 15 at 110.39. */
    @ParameterizedTest
    @CsvSource({"11, 80.93", "13, 95.66", "15, 110.39"})
    void aGluedKeyMakesOneJoint(int sections, double closes) {
        assertThat(new GluedKey(glued(7.45, 7.28)).closes(sections).mm()).isCloseTo(closes, within(1e-9));
    }

    /** The drawer is about 96: the key that makes 95.66 makes it as it is, and the plan then closes there. */
    @Test
    void aGluedKeyMakesTheDrawerAsItIs() {
        Makes makes = makes(jig(Way.SLED_KEY, List.of(), glued(7.45, 7.28)));
        assertThat(makes.how()).isEqualTo(How.AS_IT_IS);
        assertThat(makes.says()).contains("13 sections");
        WorkedPlan then = Planner.work(makes.after(), Shop.withDefaults());
        assertThat(then.fingers().chosen().closing().length().mm()).isCloseTo(95.66, within(0.005));
        assertThat(then.jig().key().orElseThrow().gap().length().mm()).isCloseTo(7.28, within(0.005));
    }

    /** Exactly 96 it does not make; a key with less clearance does, with a shim that takes the gap down. */
    @Test
    void anExactHeightWantsAShim() {
        assertThat(ShopJigs.of(EXACT, List.of(jig(Way.SLED_KEY, List.of(), glued(7.45, 7.28))))
                        .get(0)
                        .how())
                .isEqualTo(How.NOT);
        Makes shim = ShopJigs.of(EXACT, List.of(jig(Way.SLED_KEY, List.of(), glued(7.45, 7.40))))
                .get(0);
        assertThat(shim.how()).isEqualTo(How.AFTER_A_SHIM);
        // 13 · 7.45 − 7 c = 96: c 0.121, and the gap is less by what that is over 0.05
        assertThat(shim.says()).contains("With 0.07 mm on its key").contains("13 sections close at 96");
    }

    /** Fingers fatter than their slots go nowhere, whatever height they would close at. */
    @Test
    void aGapOverTheSlotIsNoJigAsItIs() {
        assertThat(makes(jig(Way.SLED_KEY, List.of(), glued(7.45, 7.48))).how()).isNotEqualTo(How.AS_IT_IS);
    }

    @Test
    void whatDoesNotFitSaysWhatItMakes() {
        Makes wide = makes(jig(Way.SLED_KEY, List.of(), glued(30, 29.9)));
        assertThat(wide.how()).isEqualTo(How.NOT);
        assertThat(wide.after()).isNull();
        assertThat(wide.says()).contains("with 3");
        assertThat(makes(jig(Way.SLED_KEY, List.of(), glued(60, 59.9))).how()).isEqualTo(How.NOT);
    }

    /** A key that moves fits when it goes into the slot and still guides; a carriage is set anew. */
    @Test
    void keysThatMove() {
        double wanted = DRAWER.jig().key().orElseThrow().key().length().mm();
        assertThat(makes(jig(Way.SLED_KEY, List.of(6.0, wanted - 0.02), null)).how())
                .isEqualTo(How.AS_IT_IS);
        assertThat(makes(jig(Way.SLED_KEY, List.of(wanted + 0.05), null)).how()).isEqualTo(How.ANOTHER_KEY);
        assertThat(makes(jig(Way.SLED_KEY, List.of(wanted - 0.2), null)).says()).contains("wants a key");
        assertThat(makes(jig(Way.STOPS, List.of(), null)).how()).isEqualTo(How.SET_ANEW);
        assertThatThrownBy(() -> jig(Way.STOPS, List.of(), glued(7.45, 7.33))).isInstanceOf(Refused.class);
    }

    static Stream<AnyPlan> anyPlans() {
        return AnyPlan.seeds(9500, 120);
    }

    /** Whatever the box and the key: what is offered as it is or after a shim is a plan that closes within what the box allows. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void everyOfferComesOut(AnyPlan any) {
        WorkedPlan worked = Planner.work(any.plan(), any.shop());
        Random random = new Random(any.seed());
        double kerf = 3 + random.nextInt(120) / 10.0;
        double gap = kerf - random.nextInt(20) / 100.0;
        RackJig jig = jig(Way.SLED_KEY, List.of(), glued(kerf, gap));
        Makes makes = ShopJigs.of(worked, List.of(jig)).get(0);
        if (makes.after() == null) {
            assertThat(makes.how()).isEqualTo(How.NOT);
            return;
        }
        WorkedPlan then = Planner.work(makes.after(), any.shop());
        Length closes = then.fingers().chosen().closing().length();
        assertThat(closes.mm())
                .isBetween(
                        worked.fingers().chosen().band().lowest().mm() - 0.01,
                        worked.fingers().chosen().band().highest().mm() + 0.01);
        assertThat(then.jig().setting()).isNotNull();
        double made = then.jig().key().orElseThrow().gap().length().mm();
        assertThat(made).isLessThanOrEqualTo(gap + 0.006);
        if (makes.how() == How.AS_IT_IS) {
            assertThat(made).isCloseTo(gap, within(0.006));
        }
    }

    private static RackJig spacers(double... thick) {
        return new RackJig(
                "table",
                "Spacer fence",
                envelopeDrawer().jig().with(Way.SPACERS),
                List.of(),
                null,
                "",
                null,
                java.util.Arrays.stream(thick).mapToObj(Length::mm).toList());
    }

    /** Thirteen sections want six of a slot and a finger; as many, near enough, and how far the longest stack is off. */
    @Test
    void spacersAsMeasuredMakeTheirPitch() {
        double pitch = EXACT.fingers().chosen().pitch().length().mm();
        RackJig right = spacers(pitch + 0.01, pitch, pitch - 0.02, pitch, pitch + 0.03, pitch, pitch + 0.4);
        Makes makes = ShopJigs.of(EXACT, List.of(right)).get(0);
        assertThat(makes.how()).isEqualTo(How.AS_IT_IS);
        assertThat(makes.says()).contains("off by 0.02 mm");
        Makes few = ShopJigs.of(EXACT, List.of(spacers(pitch, pitch))).get(0);
        assertThat(few.how()).isEqualTo(How.ANOTHER_KEY);
        assertThat(few.says()).contains("It wants 6 spacers of").contains("and has 2");
    }

    /** Every rung a jig is said to cut as it is comes out on it: the glued key closes in the band, the key that moves goes into the slots. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void aRungSaidToBeCutAsItIsComesOutSo(AnyPlan any) {
        WorkedPlan worked = any.worked();
        Random random = new Random(any.seed());
        var rungs = worked.fingers().rungs().stream().filter(r -> r.feasible()).toList();
        if (rungs.isEmpty() || worked.plan().fingers().widths() != null) {
            return;
        }
        var some = rungs.get(random.nextInt(rungs.size()));
        RackJig moves = jig(Way.SLED_KEY, List.of(some.slot().length().mm() - 0.05), null);
        double kerf = some.kerf().length().mm();
        RackJig fast = jig(Way.SLED_KEY, List.of(), glued(kerf, kerf - 0.1));
        JigOnRung.of(worked, List.of(moves, fast)).forEach((name, made) -> {
            var rung = Planner.work(worked.plan().with(moves.chosen()), worked.shop()).fingers().rungs().stream()
                    .filter(r -> r.name().equals(name))
                    .findFirst()
                    .orElseThrow();
            for (JigOnRung on : made) {
                if (on.how() != How.AS_IT_IS) {
                    continue;
                }
                BoxPlan pinned = worked.settled()
                        .with(worked.settled()
                                .fingers()
                                .withSections(rung.sections().count())
                                .withAnyCutter(false));
                if (on.says().contains("closes at")) {
                    double closes = new GluedKey(glued(kerf, kerf - 0.1))
                            .closes(rung.sections().count())
                            .mm();
                    assertThat(closes)
                            .isBetween(
                                    rung.band().lowest().mm() - 1e-6,
                                    rung.band().highest().mm() + 1e-6);
                } else if (rung.tool().equals(worked.fingers().chosen().tool())) {
                    WorkedPlan then = Planner.work(pinned.with(moves.chosen()), worked.shop());
                    if (then.jig().key().isPresent()) {
                        assertThat(then.jig().key().orElseThrow().key().length().mm())
                                .as(name)
                                .isBetween(
                                        moves.keys().get(0).mm() - 0.0051,
                                        moves.keys().get(0).mm() + 0.0601);
                    }
                }
            }
        });
    }

    /** What is said of building weighs the jigs: one that cuts the count, one that cuts another, none. */
    @Test
    void buildingIsWeighedAgainstTheJigsOfTheShop() {
        RackJig fits = jig(Way.SLED_KEY, List.of(3.15), null);
        assertThat(BuildOrNot.of(EXACT, List.of()).says()).isEmpty();
        BuildOrNot none = BuildOrNot.of(EXACT, List.of(jig(Way.SLED_KEY, List.of(), glued(12.7, 12.6))));
        assertThat(none.says()).startsWith("For a box like this you have no jig yet: build one, about");
        assertThat(none.minutes()).isPositive();
        assertThat(BuildOrNot.of(EXACT, List.of(fits)).says())
                .isEqualTo("“Sled” cuts this as it is: nothing to build.");
    }

    /** How a glued key's height comes out is told with its values. */
    @Test
    void whatIsToldOfAJigShowsItsWorking() {
        Makes gauge = makes(jig(Way.SLED_KEY, List.of(), glued(7.45, 7.28)));
        assertThat(gauge.how()).isEqualTo(How.AS_IT_IS);
        assertThat(gauge.working()).hasSize(2);
        assertThat(gauge.working().get(0)).contains("c = k − g = 7.45 − 7.28 = 0.17");
        assertThat(gauge.working().get(1)).contains("13 · 7.45").contains("95.7");
    }
}
