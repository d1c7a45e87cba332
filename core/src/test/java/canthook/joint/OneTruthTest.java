package canthook.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.cutlist.SawCut;
import canthook.figure.Figure;
import canthook.figure.JigFigure;
import canthook.figure.MarkFigures;
import canthook.figure.SizeFigures;
import canthook.figure.StickFigure;
import canthook.figure.TemplateFigure;
import canthook.fingers.End;
import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.panel.HeldPanel;
import canthook.plan.JigChoice.Way;
import canthook.plan.PartEnd;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.saw.SawRun;
import canthook.shop.Shop;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every place that tells of the joint tells the same: bench, cut list, saw, stick, templates, marks, pictures, counts, grooves. */
class OneTruthTest {
    static Stream<AnyPlan> plans() {
        return AnyPlan.seeds(10_001, 500);
    }

    static Stream<AnyPlan> thatCanBeCut() {
        return plans().filter(p -> !p.worked().cuts().cuts().isEmpty());
    }

    private static final Set<Code> OFF_THE_WALL = Set.of(Code.GROOVE_OFF_WALL, Code.LID_OFF_WALL, Code.LOW_END_TOO_LOW);

    private static double tolerance(WorkedPlan worked) {
        return worked.plan().jig().way() == Way.STOPS ? 0.051 : 0.002;
    }

    /** Slots of an end as the cut list leaves them, within the wood. */
    private static List<double[]> cutSlots(WorkedPlan worked, PartEnd end) {
        TreeMap<Integer, double[]> slots = new TreeMap<>();
        double top = worked.fingers().joint().top(end.part()).mm();
        for (SawCut cut : worked.cuts().cuts()) {
            if (cut.ends().contains(end)) {
                double[] slot = slots.computeIfAbsent(cut.pass().slot(), k -> new double[] {1e9, -1e9});
                slot[0] = Math.min(slot[0], Math.max(0, cut.pass().from().mm()));
                slot[1] = Math.max(slot[1], Math.min(top, cut.pass().to().mm()));
            }
        }
        return new ArrayList<>(slots.values());
    }

    @ParameterizedTest
    @MethodSource("thatCanBeCut")
    void theCutListMakesTheJointThatIsShown(AnyPlan any) {
        WorkedPlan worked = any.worked();
        Joint joint = worked.fingers().joint();
        if (worked.plan().jig().way() == Way.BAND_SAW) {
            return;
        }
        for (PartEnd end : PartEnd.all()) {
            // a part of a finger that is sawn off stands beside the slot below it in the cut list, and is one with it
            // in the wood
            List<double[]> cut = merged(cutSlots(worked, end));
            List<double[]> shown = merged(spans(joint.slots(end)));
            assertThat(cut).as("seed " + any.seed() + " " + end).hasSameSizeAs(shown);
            for (int i = 0; i < cut.size(); i++) {
                assertThat(cut.get(i)[0])
                        .as("seed " + any.seed() + " " + end)
                        .isCloseTo(shown.get(i)[0], within(tolerance(worked)));
                assertThat(cut.get(i)[1])
                        .as("seed " + any.seed() + " " + end)
                        .isCloseTo(shown.get(i)[1], within(tolerance(worked)));
            }
        }
    }

    private static List<double[]> spans(List<Span> spans) {
        List<double[]> all = new ArrayList<>();
        spans.forEach(s -> all.add(new double[] {s.from().mm(), s.to().mm()}));
        return all;
    }

    private static List<double[]> merged(List<double[]> spans) {
        List<double[]> merged = new ArrayList<>();
        for (double[] span : spans) {
            double[] last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && span[0] <= last[1] + 0.06) {
                last[1] = Math.max(last[1], span[1]);
            } else {
                merged.add(span.clone());
            }
        }
        return merged;
    }

    @ParameterizedTest
    @MethodSource("plans")
    void oneCountOfPassesIsTold(AnyPlan any) {
        WorkedPlan worked = any.worked();
        int listed = worked.cuts().cuts().size();
        assertThat(worked.cuts().passes().count()).isEqualTo(listed);
        if (listed > 0) {
            assertThat(worked.fingers().chosen().cuts().count())
                    .as("seed " + any.seed() + " " + any.plan().jig().way())
                    .isEqualTo(listed);
            assertThat(worked.cuts().setups().stream().mapToInt(s -> s.passes()).sum())
                    .isEqualTo(listed);
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void everyPictureShowsTheSameSlots(AnyPlan any) {
        WorkedPlan worked = any.worked();
        Joint joint = worked.fingers().joint();
        double depths = worked.size().slotDepth().length().mm();
        int all = PartEnd.all().stream().mapToInt(e -> joint.slots(e).size()).sum();
        for (Figure figure : List.of(MarkFigures.marked(worked), SizeFigures.unfolded(worked))) {
            assertThat(figure.shapes().stream().filter(s -> s.role().equals("slot")))
                    .as("seed " + any.seed() + " " + figure.id())
                    .hasSize(all);
        }
        // templates: the waste of every kind of end, once
        List<List<Double>> shown = TemplateFigure.of(worked).shapes().stream()
                .filter(s -> s.role().equals("waste"))
                .map(s -> List.of(s.points().get(0), s.points().get(2)))
                .toList();
        for (PartEnd end : PartEnd.all()) {
            for (Span slot : joint.slots(end)) {
                assertThat(shown)
                        .as("seed " + any.seed() + " " + end)
                        .anyMatch(w -> Math.abs(w.get(0) - slot.from().mm()) < 0.002
                                && Math.abs(w.get(1) - slot.to().mm()) < 0.002);
            }
        }
        assertThat(depths).isPositive();
        assertThat(StickFigure.of(worked).shapes().stream().filter(s -> s.role().equals("slot-of-mate")))
                .hasSize(joint.layout().fingerFirstSlots().size());
    }

    @ParameterizedTest
    @MethodSource("thatCanBeCut")
    void theSawCutsWhatTheBenchShows(AnyPlan any) {
        WorkedPlan bench = any.worked();
        // a run keeps the plan as it was settled, and works it without the rack
        Shop saw = new Shop(any.shop().rules(), any.shop().testCuts());
        WorkedPlan run = Planner.work(bench.settled(), saw);
        assertThat(run.cuts().cuts())
                .as("seed " + any.seed())
                .isEqualTo(bench.cuts().cuts());
        assertThat(run.jig().kerf().length()).isEqualTo(bench.jig().kerf().length());
        SawRun begun = SawRun.of(run.cuts(), List.of());
        assertThat(begun.secondsLeft(
                        run.cuts().secondsPerPass().plain(),
                        run.cuts().secondsPerSetup().plain()))
                .as("all that is left before the first cut is the time that was told")
                .isLessThanOrEqualTo(bench.cuts().time().number() + 1e-6 + sawnAlone(bench) * 90 * 2);
        for (SawRun.Item item :
                begun.items().subList(0, Math.min(5, begun.items().size()))) {
            assertThat(JigFigure.of(run, item.cut().pass()).shapes()).isNotEmpty();
        }
    }

    /** A part of a finger that is sawn off is taken from its stack for it. */
    private static long sawnAlone(WorkedPlan worked) {
        return PartEnd.all().stream()
                .filter(e -> worked.fingers().joint().sawnOff(e).isPresent())
                .count();
    }

    @ParameterizedTest
    @MethodSource("plans")
    void aGrooveThatRunsThroughComesOutUnderAFingerOfTheMate(AnyPlan any) {
        WorkedPlan worked = any.worked();
        if (worked.found().stream().anyMatch(v -> OFF_THE_WALL.contains(v.code()))) {
            return;
        }
        for (HeldPanel panel : worked.panels()) {
            double lower = panel.groove().groove().offset().mm();
            double upper = panel.groove().groove().top().mm();
            for (GrooveEnd end : panel.ends()) {
                boolean throughSlot = worked.fingers().joint().slots(end.end()).stream()
                        .anyMatch(s -> s.from().mm() <= lower + 1e-6 && s.to().mm() >= upper - 1e-6);
                if (end.run() == Run.THROUGH) {
                    assertThat(throughSlot)
                            .as("seed " + any.seed() + " " + end.end())
                            .isTrue();
                } else if (end.run() == Run.STOP) {
                    assertThat(throughSlot)
                            .as("seed " + any.seed() + " " + end.end())
                            .isFalse();
                } else if (end.run() == Run.OPEN) {
                    assertThat(worked.walls().low().parts())
                            .contains(end.end().mate().part());
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void glueFacesAreTheFacesThatMeet(AnyPlan any) {
        WorkedPlan worked = any.worked();
        Joint joint = worked.fingers().joint();
        int faces = 0;
        for (Joint.JointedCorner corner : joint.corners()) {
            // a face wherever a finger of one lies beside a finger of the other
            PartEnd high = joint.top(corner.one().part())
                            .isOver(joint.top(corner.other().part()))
                    ? corner.one()
                    : corner.other();
            PartEnd mate = high.mate();
            double lowTop = joint.top(mate.part()).mm();
            for (Span slot : joint.slots(high)) {
                boolean below = slot.from().mm() > 0.3;
                boolean above = slot.to().mm() < joint.top(high.part()).mm() - 0.06;
                boolean entered = joint.slots(mate).stream()
                        .noneMatch(s -> s.from().compareTo(slot.from()) <= 0 && s.to().compareTo(slot.to()) >= 0);
                faces += entered ? (below ? 1 : 0) + (above && slot.from().mm() < lowTop ? 1 : 0) : 0;
            }
        }
        if (joint.corners().stream().allMatch(c -> c.sections() >= 2)
                && worked.fingers().chosen().feasible()
                && joint.layout().isEqual()
                && joint.layout().tail().nanometres() == 0) {
            assertThat(worked.fingers().chosen().glueFaces().count())
                    .as("seed " + any.seed())
                    .isEqualTo(faces);
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void theJobsBesideTheJointSayTheLowLineAndEveryGroove(AnyPlan any) {
        WorkedPlan worked = any.worked();
        List<Jobs.Job> jobs = Jobs.of(worked);
        var low = worked.walls().low();
        if (low != null && low.line().length().isUnder(worked.fingers().wall().length())) {
            assertThat(jobs)
                    .anyMatch(j -> j.when() == Jobs.When.BEFORE_JOINT
                            && j.number().equals(low.line().id())
                            && j.says().contains(low.line().text(worked.plan().display())));
        }
        for (HeldPanel panel : worked.panels()) {
            assertThat(jobs).anyMatch(j -> j.says().startsWith("Groove for the " + panel.of()));
        }
        assertThat(jobs).allSatisfy(j -> assertThat(worked.number(j.number())).isPresent());
        assertThat(End.values()).hasSize(2);
    }
}
