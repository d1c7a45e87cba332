package canthook.machines;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.cutter.Cutter;
import canthook.cutter.StackSet;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.Machine;
import canthook.shop.Machine.Kind;
import canthook.shop.Machine.Measure;
import canthook.shop.Shop;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What a machine does not do is said before the wood is cut, and only of machines that hang there. */
class AtTheMachinesTest {
    private static final Length OUTER = mm(6.35);

    private static Machine saw(String name, @Nullable Boolean stacked, Map<Measure, Length> measures) {
        return new Machine(name, name, Kind.TABLE_SAW, measures, stacked, "");
    }

    private static Cutter stack(double arbor) {
        return new Cutter(
                "stack",
                "The stack",
                Cutter.Kind.STACK,
                mm(7.45),
                mm(7.45),
                null,
                "",
                null,
                null,
                new StackSet(OUTER, List.of(mm(3.2), mm(3.2)), List.of(mm(0.1), mm(0.5), mm(0.5)), mm(arbor)),
                "");
    }

    private static WorkedPlan at(BoxPlan plan, Machine... machines) {
        return Planner.work(plan, Shop.withDefaults().at(List.of(machines)));
    }

    private static List<Code> codes(WorkedPlan worked) {
        return worked.found().stream().map(Verdict::code).toList();
    }

    private static double arc(WorkedPlan worked) {
        return worked.number("bottom.saw-arc").orElseThrow().length().mm();
    }

    /** R 125, e 5: 34.9; a blade of 100 leaves less, and its name stands behind the number. */
    @Test
    void aStoppedGrooveRunsOutOverTheBladeOfTheShop() {
        assertThat(arc(at(envelopeDrawer()))).isCloseTo(Math.sqrt(2 * 125 * 5 - 25), within(1e-6));
        WorkedPlan small = at(envelopeDrawer(), saw("Small saw", null, Map.of(Measure.BLADE_RADIUS, mm(100))));
        assertThat(arc(small)).isCloseTo(Math.sqrt(2 * 100 * 5 - 25), within(1e-6));
        assertThat(small.number("bottom.blade-radius").orElseThrow().rule()).contains("Small saw");
    }

    @Test
    void ofTwoSawsTheOneThatDoesItIsTaken() {
        BoxPlan plan = openDrawer().with(openDrawer().fingers().with(stack(20)));
        Machine small = saw("Small saw", false, Map.of());
        Machine large = saw("Large saw", true, Map.of(Measure.ARBOR, mm(21)));
        assertThat(codes(at(plan))).doesNotContain(Code.STACK_NOT_ALLOWED, Code.STACK_NOT_ASKED);
        assertThat(codes(at(plan, small))).contains(Code.STACK_NOT_ALLOWED);
        assertThat(codes(at(plan, small, large))).doesNotContain(Code.STACK_NOT_ALLOWED, Code.ARBOR_SHORT);
    }

    /** What nobody took is told as assumed; what was taken is not. */
    @Test
    void whatNobodyMeasuredIsSaidToBeAssumed() {
        BoxPlan thick = openDrawer().with(canthook.SeedLibrary.twoThicknesses(85, 85));
        assertThat(of(at(thick, saw("Saw", null, Map.of())), Code.CUTTER_TOO_LOW)
                        .sentence())
                .contains("80.0 mm at most, assumed: it was not taken yet");
        assertThat(of(at(thick, saw("Saw", null, Map.of(Measure.GREATEST_HEIGHT, mm(60)))), Code.CUTTER_TOO_LOW)
                        .sentence())
                .contains("60.0 mm at most.");
    }

    private static Verdict of(WorkedPlan worked, Code code) {
        return worked.found().stream().filter(v -> v.code() == code).findFirst().orElseThrow();
    }

    /** Of all cutters of the rack none is recommended that no saw of the shop may turn, and no stack is wider than its arbor holds. */
    @Test
    void whatIsBestCanBeTurned() {
        BoxPlan any =
                openDrawer().with(openDrawer().fingers().withSections(null).withAnyCutter(true));
        Shop shop = Shop.withDefaults().with(List.of(stack(20)));
        Cutter open = Planner.work(any, shop).fingers().chosen().tool().cutter();
        assertThat(open).isNotNull();
        assertThat(open.kind()).isEqualTo(Cutter.Kind.STACK);

        WorkedPlan forbidden = Planner.work(any, shop.at(List.of(saw("Saw", false, Map.of()))));
        assertThat(forbidden.fingers().rungs())
                .noneMatch(r -> r.tool().cutter() != null && r.tool().cutter().kind() == Cutter.Kind.STACK);
        WorkedPlan narrow = Planner.work(any, shop.at(List.of(saw("Saw", true, Map.of(Measure.ARBOR, mm(7))))));
        assertThat(narrow.fingers().rungs())
                .filteredOn(r -> r.tool().cutter() != null)
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.kerf().length()).isLessThanOrEqualTo(mm(7)));
        assertThat(codes(narrow)).doesNotContain(Code.ARBOR_SHORT);
    }

    @Test
    void aMachineOfAnotherKindSaysNothing() {
        Machine band = new Machine("b", "Band saw", Kind.BAND_SAW, Map.of(Measure.BAND_THROAT, mm(100)), null, "");
        assertThat(at(openDrawer().with(canthook.SeedLibrary.twoThicknesses(85, 85)), band)
                        .machines()
                        .verdicts())
                .isEmpty();
    }
}
