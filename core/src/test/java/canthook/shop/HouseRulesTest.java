package canthook.shop;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.length.Length;
import canthook.plan.BatchWish;
import canthook.plan.BoardAtHand;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.GlueChoice;
import canthook.plan.Lid;
import canthook.plan.SizeWish;
import canthook.plan.Stuff;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A habit that is changed must be felt; one that is put back must be gone. */
class HouseRulesTest {
    /** Felt when boards of the rack are cut, when a whole joint is put together, or only against a test cut that reads oddly. */
    private static final Set<HouseRule> FELT_ELSEWHERE = EnumSet.of(
            HouseRule.SNIPE,
            HouseRule.RESAW_KERF,
            HouseRule.PLANING,
            HouseRule.STEP_BETWEEN_MATES,
            HouseRule.INDEX_ERROR,
            HouseRule.CRUSH_SOFT,
            HouseRule.CRUSH_HARD);

    @ParameterizedTest
    @EnumSource(HouseRule.class)
    void everyRuleIsFeltSomewhereInAPlan(HouseRule rule) {
        if (FELT_ELSEWHERE.contains(rule)) {
            return;
        }
        double more = rule.usual() + (rule.most() - rule.usual()) / 4;
        double less = rule.usual() - (rule.usual() - rule.least()) / 4;
        boolean felt = everyKindOfPlan().stream()
                .anyMatch(plan -> List.of(more, less).stream()
                        .anyMatch(value -> !words(plan, HouseRules.DEFAULT)
                                .equals(words(plan, HouseRules.DEFAULT.with(rule, value)))));
        assertThat(felt).as("a plan that feels " + rule.id()).isTrue();
    }

    @Test
    void ownValuesStandUntilPutBackAndEqualShopsAreEqual() {
        HouseRules own = HouseRules.DEFAULT.with(HouseRule.SQUARING, 15);
        assertThat(own.squaring()).isEqualTo(Length.mm(15));
        assertThat(own.isChanged(HouseRule.SQUARING)).isTrue();
        assertThat(own)
                .isEqualTo(new HouseRules(Map.of(HouseRule.SQUARING, 15.0)))
                .isNotEqualTo(HouseRules.DEFAULT);
        assertThat(own.with(HouseRule.SQUARING, 10)).isEqualTo(HouseRules.DEFAULT);
    }

    @Test
    void refusesWhatNoShopWouldDo() {
        assertThatThrownBy(() -> HouseRules.DEFAULT.with(HouseRule.SQUARING, -1))
                .isInstanceOf(Refused.class)
                .hasMessage("Squaring loss at each end of a board must lie between 0 mm and 300 mm; −1 mm does not.");
        assertThatThrownBy(() -> HouseRules.DEFAULT.with(HouseRule.GLUE_PER_FACE, Double.NaN))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> HouseRules.DEFAULT.with(HouseRule.SECTION_BEST_FROM, 1.2))
                .hasMessageContaining("cannot begin above");
        assertThatThrownBy(() -> HouseRule.byId("sharpness")).hasMessageContaining("“sharpness”");
    }

    private static List<BoxPlan> everyKindOfPlan() {
        List<BoxPlan> plans = new ArrayList<>();
        for (BoxPlan plan : List.of(bitBox(), envelopeDrawer())) {
            plans.add(plan);
            for (String wood : List.of("cherry-black", "pine-ponderosa", "sheet-plywood")) {
                plans.add(plan.with(new Stuff(wood, 0)));
            }
            for (SizeWish.Tips tips : SizeWish.Tips.values()) {
                plans.add(plan.with(new SizeWish(
                        plan.size().from(),
                        plan.size().length(),
                        plan.size().width(),
                        plan.size().height(),
                        plan.size().thickness(),
                        tips,
                        null)));
            }
            plans.add(plan.with(plan.fingers().with(FingerChoice.Parity.EVEN)));
            plans.add(plan.with(plan.jig().with(canthook.plan.JigChoice.Way.HAND)));
            BoardAtHand blank = plan.blank();
            plans.add(plan.with(new BoardAtHand(
                    blank.length(),
                    blank.width(),
                    null,
                    null,
                    true,
                    List.of(Length.mm(8.95), Length.mm(9), Length.mm(9.2)))));
        }
        plans.add(openDrawer().with(sawnOff(60, Lid.Joined.LINED, null)));
        plans.add(openDrawer().with(onTop(Lid.Kept.LIP)));
        plans.add(openDrawer().with(onTop(Lid.Kept.HINGED)));
        plans.add(openDrawer()
                .withBatch(new BatchWish(3, 0, 0, BatchWish.Break.PAIRS, true, List.of(), List.of(), null)));
        plans.add(openDrawer()
                .with(GlueChoice.USUAL.withDiagonals(new GlueChoice.Diagonals(Length.mm(299), Length.mm(298), false))));
        return plans;
    }

    private static String words(BoxPlan plan, HouseRules rules) {
        List<TestCut> cuts = List.of(new TestCut(
                "2025-03-02T09:00:00Z",
                List.of(plan.fingers().kerf().plus(Length.mm(0.02))),
                List.of(plan.fingers().kerf().minus(Length.mm(0.03))),
                null));
        StringBuilder words = new StringBuilder();
        for (Shop shop : List.of(new Shop(rules, List.of()), new Shop(rules, cuts))) {
            WorkedPlan worked = Planner.work(plan, shop);
            worked.numbers().forEach(n -> words.append(n.id()).append(n.plain()).append(';'));
            worked.finish().tasks().forEach(words::append);
            worked.verdicts().forEach(v -> words.append(v.sentence()).append(';'));
            worked.fingers()
                    .rungs()
                    .forEach(r -> words.append(r.score().plain()).append(r.why()));
        }
        return words.toString();
    }
}
