package canthook.building;

import static canthook.SeedLibrary.envelopeDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.building.FirstCut.Act;
import canthook.building.FirstCut.Shows;
import canthook.figure.FirstCutFigures;
import canthook.fingers.End;
import canthook.length.Length;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.Shop;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** From a built jig to its first reading: cautions before the cutter turns, the gap by the spare, two slots of each kind, together. */
class FirstCutTest {
    static Stream<AnyPlan> plans() {
        return AnyPlan.seeds(31_000, 200);
    }

    /** Kerf 7.45, a key 0.1 slimmer: the spare begins with a clearance of 0.1, and the gap is the key. */
    @Test
    void theSpareKeySetsTheFirstGap() {
        WorkedPlan worked = Planner.work(
                envelopeDrawer()
                        .with(envelopeDrawer()
                                .fingers()
                                .withKerf(Length.mm(7.45))
                                .within(Length.mm(2), Length.mm(2)))
                        .with(envelopeDrawer().jig().withSlimmerBy(Length.mm(0.1))),
                Shop.withDefaults());
        assertThat(worked.fingers().chosen().passes().count()).isEqualTo(1);
        FirstCut first = FirstCut.of(worked).orElseThrow();
        Act spare = first.acts().stream()
                .filter(a -> a.shows() == Shows.SPARE)
                .findFirst()
                .orElseThrow();
        assertThat(spare.number().orElseThrow().length().mm()).isCloseTo(7.35, within(1e-6));
        assertThat(first.number("first-cut.begins-with").orElseThrow().length().mm())
                .isCloseTo(0.1, within(1e-6));
        assertThat(spare.says()).startsWith("Unplug");
    }

    /** Whatever the way: a caution stands before anything turns, the slots drawn are the jig's own, and the reading comes last. */
    @ParameterizedTest
    @MethodSource("plans")
    void everyWayLeadsToAReading(AnyPlan any) {
        WorkedPlan worked = any.worked();
        if (worked.jig().setting() == null) {
            assertThat(FirstCut.of(worked)).isEmpty();
            return;
        }
        List<Act> acts = FirstCut.of(worked).orElseThrow().acts();
        assertThat(acts.get(acts.size() - 1).shows()).isEqualTo(Shows.TOGETHER);
        assertThat(acts).extracting(Act::id).doesNotHaveDuplicates();
        if (worked.plan().jig().way() != Way.HAND) {
            assertThat(acts.get(0).caution()).isTrue();
            assertThat(acts.get(0).says()).contains("Unplugged");
        }
        for (End end : End.values()) {
            long slots = acts.stream()
                    .filter(a -> a.id().startsWith("cut-")
                            && worked.jig().cuts().get(a.cut()).end() == end)
                    .map(a -> worked.jig().cuts().get(a.cut()).slot())
                    .distinct()
                    .count();
            long there = worked.jig().cuts().stream()
                    .filter(c -> c.end() == end)
                    .map(c -> c.slot())
                    .distinct()
                    .count();
            assertThat(slots).as(end.words()).isEqualTo(Math.min(2, there));
        }
        for (Act act : acts) {
            act.number()
                    .ifPresent(n -> assertThat(worked.number(n.id())
                                    .or(() -> FirstCut.of(worked).orElseThrow().number(n.id())))
                            .as(n.id())
                            .isPresent());
            assertThat(FirstCutFigures.of(worked, act).isPresent()).isEqualTo(act.shows() != Shows.NOTHING);
        }
    }
}
