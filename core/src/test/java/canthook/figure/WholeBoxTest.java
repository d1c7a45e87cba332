package canthook.figure;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.Solid.Side;
import canthook.figure.WholeBox.State;
import canthook.fingers.Joint;
import canthook.plan.BoxPlan;
import canthook.plan.FingeredBlock;
import canthook.plan.Lid;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict.Weight;
import canthook.working.Worked;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The whole box as blocks: nothing in it overlaps, it has the wood the joint leaves, and what is nearer is drawn over what is farther. */
class WholeBoxTest {
    private static double volume(Solid s) {
        return (s.high()[0] - s.low()[0]) * (s.high()[1] - s.low()[1]) * ((s.high()[2] - s.low()[2]) - s.fall() / 2);
    }

    private static double shared(Solid a, Solid b) {
        double shared = 1;
        for (int axis = 0; axis < 3; axis++) {
            shared *= Math.max(0, Math.min(a.high()[axis], b.high()[axis]) - Math.max(a.low()[axis], b.low()[axis]));
        }
        return shared;
    }

    /** It is drawn as glued, higher than it closes once sawn: that is told beside it, and the same as at the lid. */
    @Test
    void aSawnBoxTellsWhichOfItsTwoHeightsIsDrawn() {
        WorkedPlan worked = work(bitBox().with(sawnOff(60, Lid.Joined.LOOSE, null)));
        Worked closes = worked.number("lid.closed-height").orElseThrow();
        assertThat(WholeBox.of(worked, State.CLOSED, 52, 26, 0).notes())
                .singleElement()
                .satisfies(note -> {
                    assertThat(note.text())
                            .endsWith(
                                    "it closes at " + closes.text(worked.plan().display()));
                    assertThat(note.number()).isEqualTo("lid.closed-height");
                });
        for (State other : new State[] {State.OPEN, State.APART}) {
            assertThat(WholeBox.of(worked, other, 52, 26, 0).notes()).isEmpty();
        }
        assertThat(WholeBox.of(work(openDrawer()), State.CLOSED, 52, 26, 0).title())
                .endsWith(", closed");
    }

    /** Two strips with fingers in each other: as many as the number says, side by side from end to end, the lying one first and last. */
    @Test
    void aBlockIsDrawnWithItsFingers() {
        BoxPlan plain = openDrawer().with(onTop(Lid.Kept.LIP));
        WorkedPlan worked = work(plain.withFittings(List.of(new FingeredBlock(mm(70), mm(8), mm(24), mm(20)))));
        double count = worked.number("fittings.f1-count").orElseThrow().plain();
        double length = worked.number("fittings.f1-long").orElseThrow().length().mm();
        List<Solid> all = BoxSolids.of(worked, State.CLOSED, 0);
        List<Solid> fingers = all.stream()
                .filter(s -> s.stuff().equals("divider") && s.joined().size() == 1)
                .filter(s -> s.joined().contains(Side.BACK) || s.joined().contains(Side.TOP))
                .toList();
        assertThat(fingers).hasSize((int) (2 * count - 1));
        for (int i = 0; i < fingers.size(); i++) {
            assertThat(fingers.get(i).joined()).containsExactly(i % 2 == 0 ? Side.BACK : Side.TOP);
            double before = i == 0
                    ? fingers.get(fingers.size() - 1).high()[0] - length
                    : fingers.get(i - 1).high()[0];
            assertThat(fingers.get(i).low()[0]).isCloseTo(before, within(1e-6));
        }
    }

    /** Solids of walls, bottom and lid at the driest, at the wettest and between: no two of them in one place. */
    @ParameterizedTest
    @EnumSource(State.class)
    void nothingIsInTwoPlaces(State state) {
        AnyPlan.seeds(5_000, 250).forEach(any -> {
            WorkedPlan worked = any.worked();
            if (worked.found().stream().anyMatch(v -> v.weight() == Weight.STOP)) {
                return;
            }
            // a panel that is let into a sloping or a lowered wall, and a lid on one, is said elsewhere
            // a joint that is driven together overlaps by what it is tight
            boolean tight = worked.fingers().chosen().clearance().length().isNegative();
            if (worked.walls().low() != null || tight) {
                return;
            }
            for (double day : new double[] {0, 0.4, 1}) {
                List<Solid> solids = BoxSolids.of(worked, state, day);
                for (int i = 0; i < solids.size(); i++) {
                    for (int j = i + 1; j < solids.size(); j++) {
                        Solid one = solids.get(i);
                        Solid other = solids.get(j);
                        if (goesIn(one, other)) {
                            continue;
                        }
                        assertThat(shared(one, other))
                                .as("seed %d, %s, day %s: %s and %s", any.seed(), state, day, one, other)
                                .isLessThan(0.05);
                    }
                }
            }
        });
    }

    private static boolean goesIn(Solid one, Solid other) {
        return one.stuff().equals("content")
                || other.stuff().equals("content")
                || one.stuff().equals("divider")
                || other.stuff().equals("divider");
    }

    /** The wood of the walls, counted apart: four boards as long as the outside, less every slot. */
    @Test
    void theWallsHaveTheWoodTheJointLeaves() {
        AnyPlan.seeds(7_000, 200).forEach(any -> {
            WorkedPlan worked = any.worked();
            if (!worked.size().hasInside() || worked.walls().low() != null) {
                return;
            }
            double side = worked.size().finalThickness().length().mm();
            double end = worked.size().finalEndThickness().length().mm();
            double length = worked.size().outsideLength().length().mm();
            double width = worked.size().outsideWidth().length().mm();
            if (length < 2 * end || width < 2 * side) {
                return;
            }
            Joint joint = worked.fingers().joint();
            double wood = 2 * joint.wall().mm() * (length * side + width * end);
            for (PartEnd at : PartEnd.all()) {
                double gone = joint.slots(at).stream()
                        .mapToDouble(s -> s.width().mm())
                        .sum();
                wood -= gone * side * end;
            }
            double drawn = BoxSolids.of(worked, State.CLOSED, 0).stream()
                    .filter(s -> s.stuff().equals("wall"))
                    .mapToDouble(WholeBoxTest::volume)
                    .sum();
            assertThat(drawn).as("seed " + any.seed()).isCloseTo(wood, within(wood * 1e-6));
        });
    }

    /** From all round, no block is drawn before one that it hides. */
    @Test
    void whatIsNearerIsDrawnLater() {
        for (WorkedPlan worked : List.of(
                work(bitBox()),
                work(openDrawer().with(sawnOff(60, Lid.Joined.LINED, 2.0))),
                work(openDrawer().with(onTop(Lid.Kept.HINGED).withBreadboard(true))))) {
            for (State state : State.values()) {
                List<Solid> solids = BoxSolids.of(worked, state, 0);
                for (int turn = 7; turn < 360; turn += 45) {
                    double round = Math.toRadians(turn);
                    double[] v = {0.8 * Math.cos(round), 0.8 * Math.sin(round), 0.6};
                    List<Solid> order = new SolidView(turn, Math.toDegrees(Math.asin(0.6))).inOrder(solids, v);
                    assertThat(order).hasSameSizeAs(solids);
                    for (int i = 0; i < order.size(); i++) {
                        for (int j = i + 1; j < order.size(); j++) {
                            boolean hides = SolidView.order(order.get(i), order.get(j), v) > 0
                                    && SolidView.meet(
                                            new SolidView(turn, 36.87).extent(order.get(i)),
                                            new SolidView(turn, 36.87).extent(order.get(j)));
                            assertThat(hides)
                                    .as("%s turned %d: %s before %s", state, turn, order.get(i), order.get(j))
                                    .isFalse();
                        }
                    }
                }
            }
        }
    }

    /** Opened, a hinged lid stands on the back's edge; sawn, it is as high as its walls are. */
    @Test
    void anOpenLidIsWhereItsHingesAre() {
        WorkedPlan sawn = work(openDrawer().with(sawnOff(60, Lid.Joined.HINGED, 3.2)));
        double body = sawn.number("lid.body-height").orElseThrow().length().mm();
        List<Solid> open = BoxSolids.of(sawn, State.OPEN, 0);
        double top = open.stream().mapToDouble(s -> s.high()[2]).max().orElseThrow();
        // the width of the box stands over the hinges
        assertThat(top).isCloseTo(body + 166, within(1e-6));
        double out = open.stream().mapToDouble(s -> -s.low()[1]).max().orElseThrow();
        assertThat(out)
                .isCloseTo(sawn.number("lid.lid-height").orElseThrow().length().mm(), within(1e-6));
    }

    @Test
    void theDrawingKeepsItsScaleWhileItIsTurned() {
        WorkedPlan worked = work(openDrawer().with(onTop(Lid.Kept.LIP)));
        Figure one = WholeBox.of(worked, State.CLOSED, 10, 30, 0);
        Figure other = WholeBox.of(worked, State.CLOSED, 73, 30, 0);
        assertThat(other.width()).isCloseTo(one.width(), within(0.01));
        assertThat(other.height()).isCloseTo(one.height(), within(0.01));
        assertThat(one.shapes()).hasSizeGreaterThan(60);
    }
}
