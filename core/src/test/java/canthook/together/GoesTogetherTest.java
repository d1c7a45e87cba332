package canthook.together;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.Figure;
import canthook.figure.TogetherFigure;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.JigChoice.Way;
import canthook.plan.Stuff;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Whether the joint of a plan goes together, and whether what is said to help does. */
class GoesTogetherTest {
    private static final Shop SLOPPY = new Shop(HouseRules.DEFAULT.with(HouseRule.INDEX_ERROR, 0.03), List.of());

    /** Walls of 250 with a cutter of 8: 31 sections. */
    private static BoxPlan high() {
        BoxPlan plan = openDrawer().with(openDrawer().size().withHeight(mm(250)));
        return plan.with(new FingerChoice(31, "the bit", mm(8), mm(0.12), mm(10), mm(10)));
    }

    private static GoesTogether of(BoxPlan plan, Shop shop) {
        return GoesTogether.of(Planner.work(plan, shop)).orElseThrow();
    }

    /** Cherry is hard: it gives 0.02 at each wall; σ 0.02, c 0.12, n 31 on a key: 0.709. Of plywood nothing is given. */
    @Test
    void aPlanIsToldByFormulaAndBySimulation() {
        GoesTogether told = of(high(), Shop.withDefaults());
        assertThat(told.steps()).isEqualTo(Steps.WALKED);
        assertThat(told.formula().number()).isCloseTo(70.9, within(0.7));
        assertThat(told.simulated().number()).isCloseTo(70.9, within(2.0));
        assertThat(told.piece().number()).isGreaterThan(99.5);
        BoxPlan sheet = high().with(new Stuff("sheet-plywood", 0));
        GoesTogether plywood = of(sheet.with(sheet.fingers().withClearance(mm(0.20))), Shop.withDefaults());
        assertThat(plywood.formula().number()).isCloseTo(87.8, within(0.7));
        assertThat(of(high(), Shop.withDefaults()).numbers())
                .anyMatch(n -> n.id().equals("together.gap-median"))
                .anyMatch(n -> n.id().equals("together.gap-twentieth"));
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void everyWayHasErrorsOfItsOwnKind(Way way) {
        BoxPlan plan = openDrawer();
        WorkedPlan worked = Planner.work(plan.with(plan.jig().with(way)), Shop.withDefaults());
        GoesTogether.of(worked)
                .ifPresent(told -> assertThat(told.steps())
                        .isEqualTo(
                                switch (way) {
                                    case SLED_KEY, ROUTER_SLED, ROD_KEY, SHIM_FENCE -> Steps.WALKED;
                                    case SCREW, SPACERS, STOPS, HAND, BAND_SAW -> Steps.PLACED;
                                }));
    }

    /** What is offered was planned anew: applied, it gives the probability that was said, and no less than there was. */
    @Test
    void whatIsSaidToHelpHelps() {
        GoesTogether told = of(high(), SLOPPY);
        assertThat(told.helps()).extracting(Help::says).anyMatch(s -> s.startsWith("Ask for a clearance"));
        assertThat(told.helps()).extracting(Help::says).anyMatch(s -> s.startsWith("Take "));
        double before = told.formula().number() / 100;
        for (int i = 1; i < told.helps().size(); i++) {
            assertThat(told.helps().get(i - 1).closes())
                    .isGreaterThanOrEqualTo(told.helps().get(i).closes());
        }
        for (Help help : told.helps()) {
            assertThat(help.closes()).as(help.says()).isGreaterThan(before);
            if (help.after() != null) {
                GoesTogether after = of(help.after(), SLOPPY);
                assertThat(after.formula().number() / 100).as(help.says()).isCloseTo(help.closes(), within(1e-9));
                assertThat(after.simulated().number() / 100).as(help.says()).isCloseTo(help.closes(), within(0.05));
            }
        }
    }

    /** Over random plans: told only where there is a joint, between nothing and all, and what helps does. */
    @Test
    void itIsToldOfEveryPlanThatCanBeCut() {
        AnyPlan.seeds(21_000, 60).forEach(any -> {
            WorkedPlan worked = any.worked();
            GoesTogether.of(worked)
                    .ifPresentOrElse(
                            told -> {
                                assertThat(told.formula().number()).isBetween(0.0, 100.0);
                                for (Help help : told.helps()) {
                                    if (help.after() != null) {
                                        double after = GoesTogether.of(Planner.work(help.after(), any.shop()))
                                                        .orElseThrow()
                                                        .formula()
                                                        .number()
                                                / 100;
                                        // a test cut of this joint is none of the next: its clearance is the wanted one
                                        // then
                                        if (worked.fit().reading() == null) {
                                            assertThat(after)
                                                    .as("seed " + any.seed() + " " + help.says())
                                                    .isCloseTo(help.closes(), within(1e-6));
                                        }
                                    }
                                }
                                Figure figure = TogetherFigure.of(told);
                                assertThat(figure.shapes().stream()
                                                .filter(s -> s.role().equals("side-grain")
                                                        || s.role().equals("mate-up"))
                                                .count())
                                        .isEqualTo(worked.fingers()
                                                .chosen()
                                                .sections()
                                                .count());
                            },
                            () -> assertThat(worked.jig().setting() == null
                                            || !worked.fingers().chosen().feasible())
                                    .isTrue());
        });
    }

    /** Three fingers and three slots read: 0.0245 walked, 0.0212 placed; one reading each tells nothing. */
    @ParameterizedTest
    @CsvSource({"WALKED, 0.0245", "PLACED, 0.0212"})
    void theErrorOfAStepIsLearned(Steps steps, double sigma) {
        TestCut cut = new TestCut(
                "2026-03-02T10:20:00Z",
                List.of(mm(8.00), mm(8.02), mm(8.04)),
                List.of(mm(7.86), mm(7.90), mm(7.94)),
                null);
        assertThat(Spread.learned(List.of(cut), steps, mm(0.02))
                        .orElseThrow()
                        .sigma()
                        .mm())
                .isCloseTo(sigma, within(5e-5));
        TestCut one = new TestCut("2026-03-02T10:20:00Z", List.of(mm(8)), List.of(mm(7.9)), null);
        assertThat(Spread.learned(List.of(one), steps, mm(0.02))).isEmpty();
    }

    /** A shop whose steps are off by 0.05 is learned from twenty pieces of five, whatever the caliper scatters. */
    @Test
    void manyPiecesTellTheShopsOwnError() {
        Random random = new Random(3);
        List<TestCut> cuts = new java.util.ArrayList<>();
        for (int i = 0; i < 20; i++) {
            List<Length> slots = new java.util.ArrayList<>();
            List<Length> fingers = new java.util.ArrayList<>();
            for (int k = 0; k < 5; k++) {
                slots.add(mm(8 + 0.01 * random.nextGaussian()));
                fingers.add(mm(7.88 + 0.05 * random.nextGaussian() + 0.01 * random.nextGaussian()));
            }
            cuts.add(new TestCut("2026-03-02T10:20:00Z", slots, fingers, null));
        }
        assertThat(Spread.learned(cuts, Steps.WALKED, mm(0.02))
                        .orElseThrow()
                        .sigma()
                        .mm())
                .isCloseTo(0.05, within(0.009));
    }

    @Test
    void aLooserHandGoesTogetherLessOften() {
        double usual = of(high(), Shop.withDefaults()).formula().number();
        assertThat(of(high(), SLOPPY).formula().number()).isLessThan(usual);
        assertThat(work(high()).fingers().chosen().sections().count()).isEqualTo(31);
    }

    /** Each rule is felt by the wood it is for, and by no other. */
    @Test
    void whatTheWoodGivesIsTheRuleOfItsKind() {
        for (HouseRule rule : List.of(HouseRule.CRUSH_SOFT, HouseRule.CRUSH_HARD)) {
            Shop gives = new Shop(HouseRules.DEFAULT.with(rule, 0.1), List.of());
            for (String wood : List.of("pine-ponderosa", "cherry-black", "sheet-plywood")) {
                BoxPlan plan = high().with(new Stuff(wood, 0));
                boolean felt = of(plan, gives).formula().number()
                        > of(plan, Shop.withDefaults()).formula().number() + 0.1;
                boolean own = switch (wood) {
                    case "pine-ponderosa" -> rule == HouseRule.CRUSH_SOFT;
                    case "cherry-black" -> rule == HouseRule.CRUSH_HARD;
                    default -> false;
                };
                assertThat(felt).as(wood + " " + rule).isEqualTo(own);
            }
        }
    }
}
