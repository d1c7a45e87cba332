package canthook.judgement;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.figure.Figure;
import canthook.figure.GapFigures;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.GapAt;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a gap tells, and that a gap met twice is said before the next box is cut. */
class GapFoundTest {
    private static List<String> causes(BoxPlan plan, GapAt at) {
        return GapFound.of(Planner.work(plan, Shop.withDefaults()), at).reasons().stream()
                .map(GapFound.Reason::words)
                .toList();
    }

    /** A key is named only where there is one; a clearance that lies on one side by plan only where it does. */
    @Test
    void whatThePlanKnowsIsReckonedWith() {
        BoxPlan key = envelopeDrawer();
        assertThat(causes(key, GapAt.SAME_SIDE))
                .containsExactly("pressed to the wrong side of the key", "the clearance lies on one side by plan");
        assertThat(causes(key.with(key.fingers().with(Sharing.CENTRED)), GapAt.SAME_SIDE))
                .containsExactly("pressed to the wrong side of the key");
        BoxPlan hand = key.with(key.jig().with(Way.HAND));
        assertThat(causes(hand, GapAt.SAME_SIDE)).first().isEqualTo("sawn on the wrong side of the line");
    }

    @ParameterizedTest
    @CsvSource({"0.19,glue and dust", "0.2,sliver", "0.79,sliver", "0.8,cut new ones"})
    void whatFillsIt(double wide, String words) {
        assertThat(GapAt.filledBy(mm(wide))).contains(words);
    }

    static Stream<AnyPlan> anyPlans() {
        return AnyPlan.seeds(4900, 60);
    }

    /** Whatever the box, each kind has causes with a way to find them out, and a picture of its own with the gap in it. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void everyKindHasItsCausesAndItsPicture(AnyPlan any) {
        WorkedPlan worked = any.worked();
        for (GapAt at : GapAt.values()) {
            assertThat(GapFound.of(worked, at).reasons())
                    .isNotEmpty()
                    .allSatisfy(r -> assertThat(r.look()).endsWith("."));
            Figure figure = GapFigures.of(worked, at);
            assertThat(figure.shapes())
                    .as(at.name())
                    .anyMatch(s -> s.role().equals(at == GapAt.FUZZY ? "gap-fuzz" : "gap-open"));
        }
    }

    @Test
    void aGapMetTwiceIsSaidAtTheStationItComesFrom() {
        assertThat(hints(Set.of())).doesNotContain(Call.GAPS_FROM_THE_FIT, Call.GAPS_FROM_THE_JIG);
        assertThat(hints(Set.of(GapAt.GROWING)))
                .contains(Call.GAPS_FROM_THE_FIT)
                .doesNotContain(Call.GAPS_FROM_THE_JIG);
        assertThat(hints(Set.of(GapAt.SHOULDERS))).contains(Call.GAPS_FROM_THE_JIG);
        Hint hint = Judgement.of(worked(Set.of(GapAt.SHOULDERS))).stream()
                .filter(h -> h.call() == Call.GAPS_FROM_THE_JIG)
                .findFirst()
                .orElseThrow();
        assertThat(hint.says())
                .isEqualTo("Look before you cut: the cutter stood too high? Slots deeper than 12.40 mm:"
                        + " tips stand out as far as the shoulders gape.");
        assertThat(hint.why()).isEqualTo("Gaps at the shoulders, all round stand in the Book more than once.");
    }

    private static WorkedPlan worked(Set<GapAt> again) {
        return Planner.work(
                envelopeDrawer(), new Shop(HouseRules.DEFAULT, List.of(), List.of(), null, again, List.of()));
    }

    private static List<Call> hints(Set<GapAt> again) {
        return Judgement.of(worked(again)).stream().map(Hint::call).toList();
    }
}
