package canthook.history;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.sawnOff;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lid;
import canthook.plan.Stuff;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.Shop;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a maker did is told in a sentence; nothing that was done goes untold. */
class WhatChangedTest {
    private static final BoxPlan DRAWER = envelopeDrawer();

    private static List<String> to(BoxPlan plan) {
        return WhatChanged.between(worked(DRAWER), worked(plan));
    }

    private static WorkedPlan worked(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults());
    }

    @Test
    void whatHasAWordOfItsOwnIsToldWithIt() {
        assertThat(to(DRAWER)).isEmpty();
        assertThat(to(DRAWER.with(DRAWER.fingers().withSections(11)))).containsExactly("13 → 11 sections");
        assertThat(to(DRAWER.with(bottomOf(DRAWER).withGroove(new Groove(mm(6), mm(5), mm(9.2))))))
                .containsExactly("Bottom groove up 1.20");
        assertThat(to(DRAWER.with(DRAWER.jig().with(Way.SPACERS))))
                .anyMatch(s -> s.startsWith("Indexed by fixed key") && s.endsWith("spacers against a fence"));
        assertThat(to(DRAWER.withName("Pea drawer"))).containsExactly("Called “Pea drawer”, before “Envelope drawer”");
        assertThat(to(DRAWER.with(new Stuff("maple-sugar", 0))))
                .anyMatch(s -> s.startsWith("Wood ") && s.contains("→"));
        assertThat(to(DRAWER.with(sawnOff(60, Lid.Joined.LOOSE, 1.0)))).contains("Lid sliding → sawn off");
    }

    @Test
    void aLengthIsToldUnderTheNameItsNumberHas() {
        assertThat(to(DRAWER.with(DRAWER.size().withHeight(mm(101.6))))).anyMatch(s -> s.endsWith("96 → 101.6"));
    }

    static Stream<AnyPlan> plans() {
        return AnyPlan.seeds(77_000, 200);
    }

    /** Any part of a plan taken from another plan is told; what was told of going there is told of coming back. */
    @ParameterizedTest
    @MethodSource("plans")
    void noChangeGoesUntold(AnyPlan any) {
        Random random = new Random(any.seed());
        BoxPlan plan = any.plan();
        BoxPlan other =
                AnyPlan.seeds(any.seed() + 400_000, 1).findFirst().orElseThrow().plan();
        BoxPlan changed = switch (random.nextInt(11)) {
            case 0 -> plan.with(other.size());
            case 1 -> plan.with(other.fingers());
            case 2 -> plan.with(other.blank());
            case 3 -> plan.with(other.jig());
            case 4 -> plan.with(other.bottom());
            case 5 -> plan.with(other.lid());
            case 6 -> plan.with(other.seasons());
            case 7 -> plan.withFittings(other.fittings());
            case 8 -> plan.with(other.glueUp());
            case 9 -> plan.with(other.finish());
            default -> plan.withEnds(other.walls());
        };
        WorkedPlan one = Planner.work(plan, any.shop());
        WorkedPlan two = Planner.work(changed, any.shop());
        assertThat(WhatChanged.between(one, two).isEmpty()).isEqualTo(plan.equals(changed));
        assertThat(WhatChanged.between(two, one).isEmpty()).isEqualTo(plan.equals(changed));
        assertThat(WhatChanged.between(one, two))
                .allSatisfy(s -> assertThat(s).isNotBlank().doesNotContain("null"));
        assertThat(WhatChanged.between(one, Planner.work(plan.withBatch(null), any.shop()))
                        .isEmpty())
                .isEqualTo(plan.batch() == null);
    }
}
