package canthook.glue;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.Figure;
import canthook.figure.GlueFigures;
import canthook.fingers.End;
import canthook.fingers.Joint;
import canthook.glue.OrderCard.Phase;
import canthook.glue.OrderCard.Step;
import canthook.plan.BoxPlan;
import canthook.plan.GlueChoice;
import canthook.plan.GlueChoice.Glue;
import canthook.plan.GlueChoice.Spread;
import canthook.plan.Lid;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.Shop;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The order the box goes together in: it can be done, nothing is forgotten, and its time is the time that is told. */
class OrderCardTest {
    private static List<Step> steps(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults()).glue().card().steps();
    }

    static Stream<AnyPlan> anyPlans() {
        return AnyPlan.seeds(4500, 150);
    }

    /** By one person or two, one mate or both, at once or in halves. */
    private static BoxPlan varied(AnyPlan any) {
        return any.plan()
                .with(GlueChoice.USUAL
                        .with(Glue.values()[(int) (any.seed() % Glue.values().length)])
                        .with(Spread.values()[(int) (any.seed() % 2)])
                        .withPeople(1 + (int) (any.seed() / 2 % 2))
                        .withHalves(any.seed() % 3 == 0));
    }

    @ParameterizedTest
    @MethodSource("anyPlans")
    void everyCornerIsSpreadOnceAndTheTimesAreThoseTold(AnyPlan any) {
        BoxPlan plan = varied(any);
        WorkedPlan worked = Planner.work(plan, any.shop());
        Joint joint = worked.fingers().joint();
        List<Step> steps = worked.glue().card().steps();
        Set<Integer> corners = new HashSet<>();
        List<PartEnd> ends = new ArrayList<>();
        for (Step step : steps) {
            ends.addAll(step.spread());
            step.spread().forEach(e -> corners.add(joint.corner(e).number()));
        }
        assertThat(corners).containsExactlyInAnyOrder(1, 2, 3, 4);
        assertThat(ends).doesNotHaveDuplicates().hasSize(plan.glueUp().spread() == Spread.BOTH_MATES ? 8 : 4);
        double spreading = steps.stream()
                .filter(s -> s.phase() == Phase.SPREADING)
                .mapToDouble(Step::seconds)
                .sum();
        GlueTime time = worked.glue().time();
        double faces = worked.fingers().chosen().glueFaces().number();
        assertThat(spreading)
                .isCloseTo(
                        faces
                                * time.each().number()
                                * (plan.glueUp().spread() == Spread.BOTH_MATES ? 2 : 1)
                                / plan.glueUp().people(),
                        within(1e-6));
        if (!plan.glueUp().halves()) {
            double all = steps.stream().mapToDouble(Step::seconds).sum();
            assertThat(all).isCloseTo(time.all().number(), within(1e-6));
        }
        Step last = steps.get(steps.size() - 1);
        assertThat(last.standing()).containsExactlyInAnyOrder(Part.values());
        assertThat(steps.get(0).says()).startsWith("Dry-fit");
    }

    /** No part that stands is lost again but where halves are made one after the other; what must be in is in before the last part. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void whatLiesInGroovesIsInBeforeTheLastPartCloses(AnyPlan any) {
        BoxPlan plan = varied(any);
        List<Step> steps = Planner.work(plan, any.shop()).glue().card().steps();
        boolean held = steps.get(0).panelIn();
        boolean in = false;
        Set<Part> before = EnumSet.noneOf(Part.class);
        for (Step step : steps.subList(1, steps.size())) {
            if (step.phase() != Phase.BEFORE && step.standing().size() == 4 && before.size() < 4 && held) {
                assertThat(in || step.panelIn()).as(step.says()).isTrue();
            }
            if (!plan.glueUp().halves()) {
                assertThat(step.standing()).containsAll(before);
            }
            in |= step.panelIn();
            before = step.phase() == Phase.BEFORE ? EnumSet.noneOf(Part.class) : step.standing();
        }
        assertThat(in).isEqualTo(held);
    }

    /** In halves the longest lot is what is told; the other half stands joined and moves as one. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void theLongestLotOfTwoHalvesIsTold(AnyPlan any) {
        WorkedPlan worked = Planner.work(any.plan().with(GlueChoice.USUAL.withHalves(true)), any.shop());
        double longest = 0;
        double lot = 0;
        Phase before = Phase.BEFORE;
        for (Step step : worked.glue().card().steps()) {
            lot = step.phase() == Phase.SPREADING ? (before == Phase.SPREADING ? lot : 0) + step.seconds() : lot;
            longest = Math.max(longest, lot);
            before = step.phase();
            assertThat(step.beside()).as(step.says()).doesNotContainAnyElementsOf(step.standing());
        }
        assertThat(worked.glue().time().spreading().number()).isCloseTo(longest, within(1e-6));
        Step sets = worked.glue().card().steps().stream()
                .filter(s -> s.phase() == Phase.SETTING)
                .findFirst()
                .orElseThrow();
        assertThat(sets.standing()).hasSize(2);
        assertThat(sets.beside()).hasSize(2);
    }

    /** It begins with a part whose slots stand at the reference edge: the others are let down on it. */
    @Test
    void itBeginsWithASlotFirstPart() {
        WorkedPlan worked = Planner.work(openDrawer(), Shop.withDefaults());
        Part first = worked.glue().card().steps().stream()
                .filter(s -> s.says().startsWith("Stand "))
                .map(s -> s.standing().iterator().next())
                .findFirst()
                .orElseThrow();
        assertThat(worked.fingers().joint().kind(new PartEnd(first, 1))).isEqualTo(End.SLOT_FIRST);
        assertThat(worked.fingers().joint().kind(new PartEnd(first, 2))).isEqualTo(End.SLOT_FIRST);
    }

    /** A sliding lid never goes in with the glue; a lid that is sawn off later is shut in with it. */
    @Test
    void aLidIsShutInOnlyWhereItIsSawnOffLater() {
        assertThat(steps(envelopeDrawer()).get(0).says())
                .contains("the bottom in")
                .doesNotContain("top panel");
        assertThat(steps(openDrawer().with(sawnOff(60, Lid.Joined.LOOSE, null)))
                        .get(0)
                        .says())
                .contains("the bottom and the top panel in");
    }

    @Test
    void waterBasedGlueIsWipedAtOnceAndOtherGlueLater() {
        List<Step> wet = steps(openDrawer());
        List<Step> dry = steps(openDrawer().with(GlueChoice.USUAL.with(Glue.POLYURETHANE)));
        assertThat(wet.get(wet.size() - 1).why()).startsWith("A damp cloth, now");
        assertThat(dry.get(dry.size() - 1).why()).startsWith("Leave the squeeze-out");
    }

    /** Glue is drawn where it goes: on as many faces as are spread in the step, none beside; parts that stand are not pulled apart. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void glueIsDrawnWhereItGoes(AnyPlan any) {
        WorkedPlan worked = Planner.work(varied(any), any.shop());
        if (!worked.size().hasInside()) {
            return;
        }
        List<Step> steps = worked.glue().card().steps();
        for (int i = 0; i < steps.size(); i++) {
            Figure figure = GlueFigures.of(worked, i).get(0);
            boolean drawn = figure.shapes().stream().anyMatch(s -> s.role().startsWith("solid-glue"));
            boolean faces = steps.get(i).spread().stream()
                    .anyMatch(e -> worked.fingers()
                                    .joint()
                                    .faces(worked.fingers().joint().corner(e))
                            > 0);
            if (!faces) {
                assertThat(drawn).as(any.seed() + " step " + i).isFalse();
            } else if (steps.get(i).spread().stream()
                    .anyMatch(e -> worked.fingers().joint().corner(e).sections() >= 3)) {
                assertThat(drawn).as(any.seed() + " step " + i).isTrue();
            }
        }
    }

    /** Clamps are drawn once they are on, where they press: outside the walls, and off the proud tips but where they are notched. */
    @ParameterizedTest
    @org.junit.jupiter.params.provider.EnumSource(GlueChoice.Clamps.class)
    void clampsAreDrawnWhereTheyPress(GlueChoice.Clamps clamps) {
        WorkedPlan worked = Planner.work(openDrawer().with(GlueChoice.USUAL.with(clamps)), Shop.withDefaults());
        List<Step> steps = worked.glue().card().steps();
        for (int i = 0; i < steps.size(); i++) {
            Figure drawn = GlueFigures.of(worked, i).get(0);
            boolean pressed = drawn.shapes().stream().anyMatch(s -> s.role().contains("caul"));
            assertThat(pressed)
                    .as(clamps + ": " + steps.get(i).says())
                    .isEqualTo(clamps != GlueChoice.Clamps.NONE && i >= steps.size() - 2);
        }
    }

    /** Slats that lie in grooves go in before the last part, and are drawn from then on. */
    @Test
    void slatsGoInLikeAPanel() {
        AnyPlan slatted = AnyPlan.from(1)
                .filter(any -> any.worked().bottom() instanceof canthook.bottom.SlattedBottom floor
                        && floor.panel().isEmpty()
                        && !floor.grooves().isEmpty())
                .findFirst()
                .orElseThrow();
        List<Step> steps = slatted.worked().glue().card().steps();
        for (int i = 0; i < steps.size(); i++) {
            assertThat(GlueFigures.of(slatted.worked(), i).get(0).shapes().stream()
                            .anyMatch(s -> s.role().startsWith("solid-bottom")))
                    .as(steps.get(i).says())
                    .isEqualTo(steps.get(i).panelIn());
        }
    }

    /** What is looked at dry names every end with a slot at its edge, and what lies within wherever the order slides it in. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void theDryFitLooksAtWhatTheOrderPutsTogether(AnyPlan any) {
        WorkedPlan worked = Planner.work(any.plan(), any.shop());
        List<DryFit.Check> checks = worked.glue().dryFit().checks();
        String ends = checks.stream()
                .filter(c -> c.id().equals("ends"))
                .findFirst()
                .orElseThrow()
                .says();
        Joint joint = worked.fingers().joint();
        for (Part part : Part.values()) {
            for (int end = 1; end <= 2; end++) {
                PartEnd one = new PartEnd(part, end);
                assertThat(ends.contains(one.toString())).isEqualTo(joint.kind(one) == End.SLOT_FIRST);
                assertThat(joint.kind(one)).isNotEqualTo(joint.kind(one.mate()));
            }
        }
        assertThat(checks.stream().anyMatch(c -> c.id().equals("within")))
                .isEqualTo(worked.glue().card().steps().stream()
                        .anyMatch(s -> s.says().startsWith("Slide in")));
    }
}
