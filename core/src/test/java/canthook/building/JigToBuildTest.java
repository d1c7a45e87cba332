package canthook.building;

import static canthook.SeedLibrary.envelopeDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.BuildFigures;
import canthook.figure.Figure;
import canthook.fingers.End;
import canthook.jig.Cut;
import canthook.jig.KeySetting;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.shop.Machine;
import canthook.shop.Machine.Kind;
import canthook.shop.Machine.Measure;
import canthook.shop.Shop;
import canthook.working.Worked;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Jigs to build: by hand worked sizes, and what is built stands, holds the part and covers the cutter, whatever is cut. */
class JigToBuildTest {
    private static WorkedPlan by(Way way) {
        BoxPlan plan = envelopeDrawer();
        return Planner.work(plan.with(plan.jig().with(way)), Shop.withDefaults());
    }

    private static JigToBuild built(WorkedPlan worked, Machine... machines) {
        return JigToBuild.of(Planner.work(worked.plan(), worked.shop().at(List.of(machines))))
                .orElseThrow();
    }

    private static Machine saw(Measure measure, double mm) {
        return new Machine("saw", "The saw", Kind.TABLE_SAW, Map.of(measure, Length.mm(mm)), null, "");
    }

    /** A joint the band saw can cut. */
    private static WorkedPlan bandSaw() {
        return AnyPlan.from(400)
                .map(any -> Planner.work(any.plan(), any.shop()))
                .filter(w -> w.jig().way() == Way.BAND_SAW && w.jig().setting() != null)
                .findFirst()
                .orElseThrow();
    }

    private static double mm(JigToBuild jig, String name) {
        return jig.number("build." + name).orElseThrow().length().mm();
    }

    private static double mm(Worked worked) {
        return worked.length().mm();
    }

    /** Radius 125, depth 9.4, base 12: 139.9 of blade shows; fence and backing 36: a guard of 51.9. */
    @Test
    void theBladeShowsOverItsChord() {
        JigToBuild jig = built(by(Way.SLED_KEY), saw(Measure.BLADE_RADIUS, 125));
        double h = mm(jig, "height");
        assertThat(mm(jig, "chord")).isCloseTo(2 * Math.sqrt(125 * 125 - (125 - h) * (125 - h)), within(1e-3));
        // the check value itself: a part of 9 with tips of 0.4
        BoxPlan plan = envelopeDrawer();
        BoxPlan thin = plan.with(new canthook.plan.SizeWish(
                canthook.plan.SizeWish.From.OUTSIDE,
                Length.mm(248),
                Length.mm(166),
                Length.mm(96),
                Length.mm(9),
                canthook.plan.SizeWish.Tips.SAND,
                Length.mm(0.4)));
        JigToBuild check = built(Planner.work(thin, Shop.withDefaults()), saw(Measure.BLADE_RADIUS, 125));
        assertThat(mm(check, "height")).isCloseTo(21.4, within(1e-9));
        assertThat(mm(check, "chord")).isCloseTo(139.9, within(0.05));
        assertThat(mm(check, "guard")).isCloseTo(51.95, within(0.05));
        assertThat(mm(check, "guard-high")).isCloseTo(24.4, within(1e-9));
        assertThat(mm(check, "key-high")).isCloseTo(8.4, within(1e-9));
    }

    /** A slot of 19: a tenth of play, and what quarter-sawn maple swells; flat-sawn it would swell about twice that. */
    @Test
    void theRunnerFitsTheSlotOnTheWettestDay() {
        JigToBuild jig = built(by(Way.SLED_KEY), saw(Measure.SLOT_WIDTH, 19));
        double wide = mm(jig, "runner-wide");
        assertThat(wide).isBetween(18.6, 18.9);
        double wet = 18.9 / wide - 1;
        assertThat(mm(jig, "runner-flat-swells") / wide).isBetween(1.8 * wet, 2.3 * wet);
        assertThat(mm(jig, "runner-high")).isEqualTo(9);
        assertThat(jig.assumed()).contains(Measure.SLOT_DEPTH).doesNotContain(Measure.SLOT_WIDTH);
    }

    /** 39 and 12 teeth at module 1.5: 38.25 apart. */
    @Test
    void gearsMesh() {
        BoxPlan plan = envelopeDrawer();
        BoxPlan geared = plan.with(plan.jig().with(Way.SCREW).with(new Screw(Length.mm(1.5875), 39, 12, 1, null)));
        JigToBuild jig = built(Planner.work(geared, Shop.withDefaults()));
        assertThat(mm(jig, "centres")).isCloseTo(38.25, within(1e-9));
        assertThat(jig.stops()).isEmpty();
        assertThat(mm(jig, "rod")).isCloseTo(mm(jig, "travel") + 20 + 30 + 60, within(1e-6));
        BoxPlan huge = plan.with(plan.jig().with(Way.SCREW).with(new Screw(Length.mm(1.5), 120, 60, 1, null)));
        JigToBuild.of(Planner.work(huge, Shop.withDefaults()))
                .ifPresent(j -> assertThat(j.stops()).anyMatch(s -> s.contains("do not go beside")));
    }

    /** A blade that is too small, a saw that does not wind so high, a bit with no base left: each says what to do. */
    @Test
    void whatCannotBeBuiltIsSaid() {
        assertThat(built(by(Way.SLED_KEY), saw(Measure.GREATEST_HEIGHT, 20)).stops())
                .anyMatch(s -> s.contains("the saw gives 20"));
        BoxPlan plan = envelopeDrawer();
        BoxPlan thick = plan.with(new canthook.plan.SizeWish(
                canthook.plan.SizeWish.From.OUTSIDE,
                Length.mm(248),
                Length.mm(166),
                Length.mm(96),
                Length.mm(50),
                canthook.plan.SizeWish.Tips.SAND,
                null));
        JigToBuild small = built(Planner.work(thick, Shop.withDefaults()), saw(Measure.BLADE_RADIUS, 61));
        assertThat(small.stops()).anyMatch(s -> s.contains("does not stand"));
        assertThat(built(Planner.work(thick, Shop.withDefaults()), saw(Measure.GREATEST_HEIGHT, 40))
                        .stops())
                .anyMatch(s -> s.contains("no base is that thin"));
        JigToBuild router = built(Planner.work(thick.with(thick.jig().with(Way.ROUTER_SLED)), Shop.withDefaults()));
        assertThat(router.stops()).anyMatch(s -> s.contains("no base"));
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void everyWayHasItsPartsItsOrderAndItsChecks(Way way) {
        WorkedPlan worked = way == Way.BAND_SAW ? bandSaw() : by(way);
        JigToBuild jig = built(worked);
        assertThat(jig.parts()).hasSizeGreaterThan(2);
        assertThat(jig.parts()).extracting(JigPart::id).doesNotHaveDuplicates();
        assertThat(jig.order()).anyMatch(JigToBuild.Order::caution);
        assertThat(jig.checks()).isNotEmpty();
        assertThat(jig.numbers()).extracting(Worked::id).doesNotHaveDuplicates();
        List<Figure> drawn = BuildFigures.of(worked, jig);
        assertThat(drawn).isNotEmpty();
        for (Figure figure : drawn) {
            assertThat(figure.shapes()).hasSizeGreaterThan(2);
            assertThat(figure.shapes()).allMatch(s -> s.points().stream().allMatch(Double::isFinite));
            // what a drawing points at is a part of the list
            assertThat(figure.shapes().stream()
                            .map(Figure.Shape::mark)
                            .filter(m -> m != null && m.startsWith("part."))
                            .map(m -> m.substring(5)))
                    .isSubsetOf(jig.parts().stream().map(JigPart::id).toList());
        }
    }

    static Stream<AnyPlan> anyPlans() {
        return AnyPlan.seeds(9100, 200);
    }

    /**
     * The built jig as solids, apart from its formulas: at the first and at the last pass of every end the part stands within the fence,
     * on the base and not on its key; the key passes its stack; at the travel's end the blade is inside the guard.
     */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void thePartIsHeldAtItsFirstAndAtItsLastCut(AnyPlan any) {
        WorkedPlan worked = Planner.work(any.plan(), any.shop());
        if (!(worked.jig().setting() instanceof KeySetting key) || key.way() == Way.ROUTER_SLED) {
            return;
        }
        JigToBuild jig = built(worked);
        double gap = mm(key.gap());
        double tall = worked.fingers().chosen().closing().length().mm();
        double right = gap + tall + 30;
        double left = right - mm(jig, "fence-long");
        for (End end : End.values()) {
            for (Cut cut : key.cuts(end)) {
                if (cut.where() instanceof Cut.OnKey on) {
                    double edge = on.gap().mm() - cut.from().mm();
                    assertThat(edge).as("begins on the fence").isGreaterThanOrEqualTo(left - 1e-6);
                    assertThat(edge + tall).as("ends on the fence").isLessThanOrEqualTo(right + 1e-6);
                }
            }
        }
        double depth = Math.max(mm(worked.size().slotDepth()), mm(worked.size().endSlotDepth()));
        jig.part("key").ifPresent(part -> {
            if (part.thick() != null && depth > 2) {
                assertThat(mm(part.thick())).isLessThan(depth);
            }
            if (part.along() != null) {
                assertThat(mm(part.along()) - mm(jig, "fence-thick") - mm(jig, "backing-thick"))
                        .isGreaterThanOrEqualTo(
                                worked.shop().rules().stackHighest().mm());
            }
        });
        if (jig.stops().isEmpty()) {
            // blade's top 3 past the face: its rear end lies half a chord behind that
            double rear = 3 + mm(jig, "chord") / 2 - mm(jig, "fence-thick") - mm(jig, "backing-thick");
            assertThat(mm(jig, "guard")).isGreaterThanOrEqualTo(rear + 15 - 1e-6);
            assertThat(mm(jig, "guard-high")).isGreaterThanOrEqualTo(depth + 15 - 1e-6);
            assertThat(mm(jig, "fence-high")).isGreaterThan(2 * depth);
        }
    }

    /** Another machine's measure, or one that no machine has, is no measure of it. */
    @Test
    void aMachineHasItsOwnMeasures() {
        Map<Measure, Length> wrong = new EnumMap<>(Map.of(Measure.COLLET, Length.mm(8)));
        assertThatThrownBy(() -> new Machine("x", "X", Kind.TABLE_SAW, wrong, null, ""))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("no such measure");
        assertThatThrownBy(() -> saw(Measure.BLADE_RADIUS, 900)).isInstanceOf(Refused.class);
        for (Measure measure : Measure.values()) {
            assertThat(measure.bounds().holds(measure.usual()))
                    .as(measure.name())
                    .isTrue();
        }
    }
}
