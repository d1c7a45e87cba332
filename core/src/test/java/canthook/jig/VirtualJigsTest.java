package canthook.jig;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.fingers.End;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.jig.Cut.ByEye;
import canthook.jig.Cut.Fence;
import canthook.jig.Cut.OnKey;
import canthook.jig.Cut.Stacked;
import canthook.jig.Cut.Stop;
import canthook.jig.Cut.Turns;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.planner.WorkedPlan;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Jigs of wood and steel that know no formula of the layout: a cutter at its place, a part put against what the list says, and the
 * wood that is then gone. Nanometres throughout.
 */
class VirtualJigsTest {

    /** Where the cutter goes through the part: near side from the reference edge. */
    private interface Bench {
        long cutterAt(Cut cut, List<long[]> gone);
    }

    private static Bench bench(WorkedPlan worked) {
        Jig jig = worked.jig();
        long kerf = jig.kerf().length().nanometres();
        if (jig.setting() instanceof KeySetting key) {
            return (cut, gone) -> {
                OnKey on = (OnKey) cut.where();
                long gap = on.gap().nanometres();
                if (key.block() != null) {
                    // a pass block stands for what lies beyond the near wall, leaves for the rest
                    long block = gap - key.rung().finger().length().nanometres();
                    gap = key.block().zeroGap().length().nanometres()
                            + on.leaves().stream().mapToLong(Length::nanometres).sum()
                            + block;
                }
                long touches = switch (on.rest()) {
                    case EDGE -> 0;
                    case GUIDE ->
                        -(key.rung().finger().length().nanometres()
                                + key.layout().shift().nanometres());
                    case SLOT -> gone.get(cut.slot() - 1)[1];
                };
                return touches + gap - on.spacer().nanometres();
            };
        }
        if (jig.setting() instanceof SpacerSetting spacers) {
            return (cut, gone) -> {
                Stacked stacked = (Stacked) cut.where();
                long stack = stacked.pitches() * spacers.spacer().length().nanometres()
                        + (stacked.odd().isPositive() ? spacers.odd().length().nanometres() : 0)
                        + stacked.pass().nanometres();
                return spacers.fence().length().nanometres() - stack;
            };
        }
        if (jig.setting() instanceof ScrewSetting screw) {
            long[] crank = new long[1];
            Screw s = screw.screw();
            return (cut, gone) -> {
                Turns turns = (Turns) cut.where();
                crank[0] = turns.since() + (turns.since() == turns.quanta() ? 0 : crank[0]);
                BigInteger travel = BigInteger.valueOf(crank[0])
                        .multiply(BigInteger.valueOf(s.lead().nanometres()))
                        .multiply(BigInteger.valueOf(s.driver()));
                long moved = new BigDecimal(travel)
                        .divide(new BigDecimal((long) s.driven() * s.parts()), 0, java.math.RoundingMode.HALF_UP)
                        .longValueExact();
                boolean inside =
                        cut.end() == End.SLOT_FIRST && worked.plan().fingers().shared() == Sharing.ONE_SIDE;
                return inside ? moved : moved - kerf;
            };
        }
        return (cut, gone) -> {
            if (cut.where() instanceof Stop stop) {
                return stop.at().nanometres();
            }
            if (cut.where() instanceof Fence fence) {
                long shim = ((BandSawSetting) jig.setting()).shim().length().nanometres();
                long fromEdge = fence.at().nanometres() - (fence.shim() ? shim : 0);
                long height = worked.fingers().chosen().layout().height().nanometres();
                return fence.flipped() ? height - fromEdge - kerf : fromEdge;
            }
            return cut.from().nanometres();
        };
    }

    /** What is gone from an end once all its cuts are made: slot by slot, near and far wall. */
    private static List<long[]> cutAll(WorkedPlan worked, End end) {
        Bench bench = bench(worked);
        long kerf = worked.jig().kerf().length().nanometres();
        List<long[]> gone = new ArrayList<>();
        for (Cut cut : worked.jig().cuts()) {
            if (cut.end() != end) {
                continue;
            }
            boolean eye = cut.where() instanceof ByEye;
            long from = eye ? cut.from().nanometres() : bench.cutterAt(cut, gone);
            long to = eye ? cut.to().nanometres() : from + kerf;
            assertThat(Math.abs(from - cut.from().nanometres()))
                    .as(cut.id() + " is where the list says")
                    .isLessThan(off(worked) * (cut.slot() + 1) + 200);
            while (gone.size() <= cut.slot()) {
                gone.add(new long[] {Long.MAX_VALUE, Long.MIN_VALUE});
            }
            long[] slot = gone.get(cut.slot());
            slot[0] = Math.min(slot[0], from);
            slot[1] = Math.max(slot[1], to);
        }
        if (worked.jig().setting() instanceof BandSawSetting && end == End.SLOT_FIRST) {
            // what lies between an edge and the first line falls off
            gone.get(0)[0] = 0;
            gone.get(gone.size() - 1)[1] =
                    worked.fingers().chosen().layout().height().nanometres();
        }
        return gone;
    }

    /** How far the leaves of the shop miss the gap, at every step. */
    private static long off(WorkedPlan worked) {
        if (worked.jig().key().isEmpty() || worked.jig().key().orElseThrow().block() == null) {
            return 0;
        }
        KeySetting key = worked.jig().key().orElseThrow();
        OnKey on = (OnKey) worked.jig().cuts().get(0).where();
        Length sum = on.leaves().stream().reduce(Length.ZERO, Length::plus);
        return key.rung()
                .finger()
                .length()
                .minus(key.block().zeroGap().length())
                .minus(sum)
                .abs()
                .nanometres();
    }

    static Stream<BoxPlan> plans() {
        Random random = new Random(404);
        Way[] ways = Way.values();
        return Stream.generate(() -> {
                    double kerf = 2 + random.nextInt(60) / 10.0;
                    boolean even = random.nextInt(3) == 0;
                    int sections = (even ? 4 : 3) + 2 * random.nextInt(14);
                    double height = sections * kerf * (1 + random.nextDouble() * 1.5);
                    BoxPlan drawer = openDrawer();
                    FingerChoice choice = new FingerChoice(
                            sections,
                            "cutter",
                            mm(kerf),
                            mm(random.nextInt(25) / 100.0),
                            mm(random.nextInt(2)),
                            mm(0),
                            even ? Parity.EVEN : Parity.ODD,
                            random.nextBoolean() ? Sharing.CENTRED : Sharing.ONE_SIDE,
                            Leftover.values()[random.nextInt(3)],
                            null,
                            null,
                            false);
                    JigChoice jig = new JigChoice(null)
                            .with(ways[random.nextInt(ways.length)])
                            .with(new Screw(mm(1 + random.nextInt(3) / 2.0), 20 + random.nextInt(20), 30, 16, null))
                            .withResolution(mm(0.05));
                    return drawer.with(drawer.size().withHeight(new Length(Math.round(height * 10) * 100_000)))
                            .with(choice)
                            .with(jig);
                })
                .filter(plan -> work(plan).jig().setting() != null)
                .limit(AnyPlan.share(260));
    }

    @ParameterizedTest
    @MethodSource("plans")
    void whatComesOffEveryJigIsTheLayout(BoxPlan plan) {
        WorkedPlan worked = work(plan);
        Layout layout = worked.fingers().joint().layout();
        long allowed = switch (plan.jig().way()) {
            case STOPS -> mm(0.025).nanometres() + 1;
            // leaves come within five thousandths, and a walked key adds them up
            case SHIM_FENCE -> off(worked) * layout.sections() + 200;
            default ->
                4L * layout.sections() * worked.fingers().chosen().passes().count() + 4;
        };
        long height = layout.height().nanometres();
        for (End end : End.values()) {
            List<Span> wanted = layout.slots(end == End.FINGER_FIRST);
            List<long[]> gone = cutAll(worked, end);
            assertThat(gone).as(plan.jig().way() + " " + end).hasSameSizeAs(wanted);
            for (int j = 0; j < gone.size(); j++) {
                long nearWall = Math.max(0, wanted.get(j).from().nanometres());
                long farWall = Math.min(height, wanted.get(j).to().nanometres());
                String what = plan.jig().way() + " " + end + " slot " + j;
                assertThat(Math.abs(Math.max(0, gone.get(j)[0]) - nearWall))
                        .as(what + ", near")
                        .isLessThanOrEqualTo(allowed);
                assertThat(Math.abs(Math.min(height, gone.get(j)[1]) - farWall))
                        .as(what + ", far")
                        .isLessThanOrEqualTo(allowed);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void noTwoPassesLeaveAWhiskerAndNoInstructionIsLong(BoxPlan plan) {
        WorkedPlan worked = work(plan);
        Length overlap = worked.fingers().chosen().overlap();
        for (End end : End.values()) {
            List<Cut> cuts =
                    worked.jig().cuts().stream().filter(c -> c.end() == end).toList();
            for (Cut cut : cuts) {
                assertThat(cut.instruction().split(" ").length)
                        .as(cut.instruction())
                        .isLessThanOrEqualTo(12);
                if (cut.where() instanceof Fence || cut.where() instanceof ByEye || cut.passes() == 1) {
                    continue;
                }
                boolean joined = cuts.stream()
                        .filter(other -> other != cut && other.slot() == cut.slot())
                        .anyMatch(other -> !other.from()
                                        .isOver(cut.to().minus(overlap).plus(mm(0.051)))
                                && !cut.from().isOver(other.to().minus(overlap).plus(mm(0.051))));
                assertThat(joined)
                        .as(cut.id() + " overlaps another pass of its slot")
                        .isTrue();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void whereTheJigStandsHasAWorkingThatComesToIt(BoxPlan plan) {
        WorkedPlan worked = work(plan);
        for (Cut cut : worked.jig().cuts()) {
            Length place = worked.number("jig.cut." + cut.id()).orElseThrow().length();
            Length expected;
            if (cut.where() instanceof Stop stop) {
                expected = stop.at();
            } else if (cut.where() instanceof Stacked stacked) {
                expected = stacked.sum();
            } else if (cut.where() instanceof Turns turns) {
                expected = turns.travel();
            } else if (cut.where() instanceof Fence fence) {
                expected = fence.at();
            } else if (cut.where() instanceof OnKey on && plan.jig().way() == Way.SHIM_FENCE) {
                expected = on.gap()
                        .minus(worked.number("jig.zero-gap").orElseThrow().length());
            } else {
                expected = cut.from();
            }
            assertThat(place.minus(expected).abs()).as(cut.id()).isLessThanOrEqualTo(new Length(400));
        }
    }
}
