package canthook.history;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.ComparedFigures;
import canthook.figure.Figure;
import canthook.history.NumbersApart.Apart;
import canthook.history.NumbersApart.AtStation;
import canthook.history.NumbersApart.Comparison;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.planner.Place;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.Shop;
import canthook.working.Worked;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Two plans of one box laid over each other: every number that differs is told as each plan tells it, and no other. */
class NumbersApartTest {
    private static final BoxPlan DRAWER = envelopeDrawer();

    private static WorkedPlan worked(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults());
    }

    private static List<Apart> all(Comparison comparison) {
        return comparison.stations().stream()
                .flatMap(at -> at.numbers().stream())
                .toList();
    }

    @Test
    void onlyWhatFollowsFromTheCountDiffers() {
        Comparison apart = NumbersApart.between(
                worked(DRAWER), worked(DRAWER.with(DRAWER.fingers().withSections(11))));
        assertThat(apart.stations())
                .extracting(AtStation::place)
                .contains(Place.FINGERS, Place.JIG, Place.CUT)
                .doesNotContain(Place.SIZE, Place.CORNERS);
        assertThat(all(apart)).extracting(Apart::id).contains("fingers.slot", "jig.pitch");
        assertThat(all(apart))
                .filteredOn(n -> n.id().equals("fingers.sections"))
                .containsExactly(new Apart("fingers.sections", "Sections", "13", "11"));
        assertThat(apart.alike()).isGreaterThan(50);
        assertThat(NumbersApart.between(worked(DRAWER), worked(DRAWER)).stations())
                .isEmpty();
    }

    static Stream<AnyPlan> plans() {
        return AnyPlan.seeds(91_000, 120);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void whatIsToldIsWhatEachPlanTells(AnyPlan any) {
        BoxPlan plan = any.plan();
        WorkedPlan one = Planner.work(plan, any.shop());
        BoxPlan higher = plan.with(plan.size().withHeight(plan.size().height().plus(mm(20))));
        WorkedPlan two = Planner.work(higher, any.shop());
        LengthDisplay display = higher.display();
        Map<String, String> was = texts(one, display);
        Map<String, String> is = texts(two, display);
        Comparison apart = NumbersApart.between(one, two);
        assertThat(all(apart)).isNotEmpty().allSatisfy(n -> {
            assertThat(n.was()).isEqualTo(was.get(n.id()));
            assertThat(n.is()).isEqualTo(is.get(n.id()));
            assertThat(n.was()).isNotEqualTo(n.is());
        });
        // and back again the same, the other way round
        assertThat(all(NumbersApart.between(two, one)))
                .hasSameSizeAs(all(apart))
                .allSatisfy(n -> assertThat(is.get(n.id())).isEqualTo(n.was()));
    }

    private static Map<String, String> texts(WorkedPlan worked, LengthDisplay display) {
        return worked.numbers().stream()
                .collect(Collectors.toMap(Worked::id, n -> n.text(display), (first, again) -> again));
    }

    /** Over each other in one scale: each drawing reaches to the higher of both walls and the longer of both boxes. */
    @ParameterizedTest
    @MethodSource("plans")
    void bothLieInOneDrawing(AnyPlan any) {
        BoxPlan plan = any.plan();
        WorkedPlan one = Planner.work(plan, any.shop());
        WorkedPlan two = Planner.work(
                plan.with(plan.size().withHeight(plan.size().height().plus(mm(20)))), any.shop());
        Figure parts = ComparedFigures.parts(one, two);
        double higher = Math.max(wall(one), wall(two));
        assertThat(outline(parts, "side-grain").height()).isCloseTo(wall(two), within(0.02));
        assertThat(outline(parts, "before").height()).isCloseTo(wall(one), within(0.02));
        // reference edge on reference edge
        assertThat(outline(parts, "side-grain").low()).isCloseTo(higher, within(0.02));
        assertThat(outline(parts, "before").low()).isCloseTo(higher, within(0.02));
        Figure sticks = ComparedFigures.sticks(one, two);
        assertThat(sticks.width())
                .isGreaterThanOrEqualTo(Math.max(
                                one.fingers().joint().layout().height().mm(),
                                two.fingers().joint().layout().height().mm())
                        - 0.02);
    }

    private record Reach(double high, double low) {
        double height() {
            return low - high;
        }
    }

    private static double wall(WorkedPlan worked) {
        return worked.fingers().joint().wall().mm();
    }

    /** From the first shape of a role: the part itself. */
    private static Reach outline(Figure figure, String role) {
        List<Double> points = figure.shapes().stream()
                .filter(s -> s.role().equals(role))
                .findFirst()
                .orElseThrow()
                .points();
        double high = Double.POSITIVE_INFINITY;
        double low = Double.NEGATIVE_INFINITY;
        for (int i = 1; i < points.size(); i += 2) {
            high = Math.min(high, points.get(i));
            low = Math.max(low, points.get(i));
        }
        return new Reach(high, low);
    }
}
