package canthook.cutlist;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.panel;
import static canthook.SeedLibrary.slidingLid;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.fingers.Joint;
import canthook.length.Length;
import canthook.panel.GrooveEnds;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.Groove;
import canthook.plan.Lowered;
import canthook.plan.Lowered.Which;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.FirstGuess;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import canthook.walls.LowWalls;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a lid and a lower wall ask of the joint, and what is told of it. */
class LowCornersTest {
    private static BoxPlan once(BoxPlan plan, int sections) {
        return plan.with(new FingerChoice(sections, "the cutter", mm(7.45), mm(0.12), mm(3), mm(3)));
    }

    /** H 96, kerf 7.45, n 13, c 0.12: eleven sections close at 81.23; the slot's far wall, 81.35, is no boundary. */
    @Test
    void boundariesAreWhereFewerSectionsClose() {
        BoxPlan plan = once(openDrawer(), 13);
        assertThat(work(plan).fingers().joint().layout().boundaries().get(10)).isEqualTo(mm(81.23));
        BoxPlan low = plan.with(plan.size().withLowered(new Lowered(Which.FRONT, mm(81.23))));
        WorkedPlan worked = work(low);
        assertThat(worked.number("fingers.low-sections").orElseThrow().count()).isEqualTo(11);
        assertThat(worked.fingers().joint().slots(new PartEnd(Part.A, 2))).hasSize(5);
        assertThat(worked.fingers().joint().slots(new PartEnd(Part.C, 1))).hasSize(5);
        assertThat(worked.verdicts()).extracting(v -> v.code()).doesNotContain(Code.LOW_END_OFF_BOUNDARY);
        BoxPlan wrong = plan.with(plan.size().withLowered(new Lowered(Which.FRONT, mm(81.35))));
        assertThat(work(wrong).verdicts()).extracting(v -> v.code()).contains(Code.LOW_END_OFF_BOUNDARY);
    }

    /** s 8, c 0.12, eleven sections at the low corner: the side slot-first 11 faces, finger-first 10. */
    @ParameterizedTest
    @CsvSource({"ODD,10,10", "EVEN,11,10"})
    void oneFaceMoreWhereTheSidesSlotIsClosedAbove(Parity parity, int atFirst, int atSecond) {
        int sections = parity == Parity.ODD ? 13 : 14;
        double line = 11 * 8 - 6 * 0.12;
        BoxPlan plan = openDrawer()
                .with(openDrawer().size().withHeight(mm(sections * 8 - 7 * 0.12)))
                .with(new FingerChoice(null, "the bit", mm(8), mm(0.12), mm(1), mm(1))
                        .with(parity)
                        .withSections(sections));
        Joint joint = work(plan.with(plan.size().withLowered(new Lowered(Which.FRONT, mm(line)))))
                .fingers()
                .joint();
        assertThat(joint.corners().get(0).sections()).isEqualTo(11);
        assertThat(joint.faces(joint.corners().get(0))).isEqualTo(atFirst);
        assertThat(joint.faces(joint.corners().get(1))).isEqualTo(atSecond);
        assertThat(joint.faces()).isEqualTo(atFirst + atSecond + 2 * (sections - 1));
    }

    @Test
    void stacksAreOfEqualPatternAndEqualStop() {
        assertThat(work(envelopeDrawer()).cuts().setups())
                .extracting(CutList.Setup::stack)
                .containsExactly("A1 + C2", "A2 + C1", "B1", "B2", "D1", "D2");
        BoxPlan even = envelopeDrawer();
        even = even.with(even.fingers().with(Parity.EVEN));
        BoxPlan onTheLine = work(even).verdicts().stream()
                .filter(v -> v.code() == Code.LID_LINE_OFF)
                .findFirst()
                .orElseThrow()
                .fixes()
                .get(0)
                .after();
        assertThat(work(onTheLine).cuts().setups())
                .extracting(CutList.Setup::stack)
                .containsExactlyInAnyOrder("A1 + D1", "B1 + C1", "A2 + B2", "C2 + D2");
    }

    /**
     * Lowered at the back, the box is the one lowered at the front turned half round: A becomes C and B becomes D. So the parts trade
     * places in everything that is told: slots, tops, faces, stacks, grooves, the lid's size.
     */
    @Test
    void theBackLoweredIsTheFrontLoweredTurnedRound() {
        for (Parity parity : Parity.values()) {
            BoxPlan plan = envelopeDrawer();
            plan = plan.with(plan.fingers().with(parity));
            WorkedPlan front = work(plan);
            WorkedPlan back = work(FirstGuess.BACK_LOW.in(front));
            assertThat(back.walls().low().parts()).containsExactly(Part.D);
            assertThat(back.walls().low().line().length())
                    .isEqualTo(front.walls().low().line().length());
            for (PartEnd end : PartEnd.all()) {
                PartEnd turned = new PartEnd(turned(end.part()), end.end());
                assertThat(back.fingers().joint().slots(turned))
                        .as(parity + " " + turned)
                        .isEqualTo(front.fingers().joint().slots(end));
                assertThat(back.fingers().joint().top(turned.part()))
                        .isEqualTo(front.fingers().joint().top(end.part()));
            }
            assertThat(back.fingers().joint().faces())
                    .isEqualTo(front.fingers().joint().faces());
            assertThat(back.cuts().setups()).hasSameSizeAs(front.cuts().setups());
            assertThat(panel(back, "lid").along().length())
                    .isEqualTo(panel(front, "lid").along().length());
            assertThat(panel(back, "lid").ends())
                    .filteredOn(e -> e.run() == GrooveEnds.Run.OPEN)
                    .extracting(e -> e.end().mate().part())
                    .containsOnly(Part.D);
            assertThat(Jobs.of(back))
                    .extracting(Jobs.Job::says)
                    .anyMatch(s -> s.startsWith("Rip D to"))
                    .noneMatch(s -> s.startsWith("Rip B to"));
            // and round again
            assertThat(work(FirstGuess.FRONT_LOW.in(back)).walls().low().parts())
                    .containsExactly(Part.B);
        }
    }

    private static Part turned(Part part) {
        return switch (part) {
            case A -> Part.C;
            case B -> Part.D;
            case C -> Part.A;
            case D -> Part.B;
        };
    }

    @Test
    void withBothEndsLoweredTheJointBelongsToTheLineAndTheLidSlidesEitherWay() {
        BoxPlan plan = envelopeDrawer();
        plan = plan.with(plan.size().withLowered(new Lowered(Which.BOTH_ENDS, mm(81.75))));
        WorkedPlan worked = work(plan);
        assertThat(worked.fingers().chosen().closing().length()).isEqualTo(mm(81.75));
        assertThat(worked.fingers().wall().length()).isEqualTo(mm(96));
        assertThat(worked.fingers().joint().corners()).allMatch(Joint.JointedCorner::isLow);
        assertThat(panel(worked, "lid").ends())
                .extracting(GrooveEnd::end)
                .extracting(PartEnd::part)
                .containsOnly(Part.A, Part.C);
        // from outside to outside
        assertThat(panel(worked, "lid").along().length()).isEqualTo(mm(248));
        assertThat(slidingLid(worked).isOnBoundary()).isTrue();
        assertThat(worked.number("blank.needed-width").orElseThrow().length()).isEqualTo(mm(96));
    }

    @Test
    void whatIsCutBesideTheJointIsListed() {
        WorkedPlan worked = work(envelopeDrawer());
        List<Jobs.Job> jobs = Jobs.of(worked);
        assertThat(jobs).extracting(Jobs.Job::says).anyMatch(s -> s.startsWith("Rip B to 81.75 mm, the lid line"));
        assertThat(jobs)
                .extracting(Jobs.Job::says)
                .anyMatch(s ->
                        s.startsWith("Groove for the lid: 6.0 mm wide, 5.0 mm deep, 82.0 mm above the reference edge,"
                                        + " in A, C and D.")
                                && s.contains("Right through at A2 C1, where it slides in."));
    }

    /** Where the line lies over a boundary, what the front keeps over its last whole section is sawn off, and nothing on the sides. */
    @Test
    void aPartOfAFingerOnTopIsSawnOff() {
        BoxPlan plan = once(openDrawer(), 13);
        // seven sections close at 51.67, eight at 59.12: between them the front would keep part of a finger
        plan = plan.with(plan.size().withLowered(new Lowered(Which.FRONT, mm(55))));
        Joint joint = work(plan).fingers().joint();
        PartEnd front = new PartEnd(Part.B, 1);
        assertThat(joint.sawnOff(front)).isPresent();
        assertThat(joint.slots(front).get(joint.slots(front).size() - 1).to()).isEqualTo(mm(55));
        assertThat(joint.slots(new PartEnd(Part.A, 2)))
                .allMatch(s -> !s.to().isOver(joint.corner(front).height().plus(new Length(1))));
        assertThat(work(plan).cuts().cuts())
                .filteredOn(c -> c.pass().instruction().contains("saw away"))
                .extracting(SawCut::stack)
                .containsExactlyInAnyOrder("B1", "B2");
    }

    @Test
    void aLidLineFixKeepsTheCountItReliesOn() {
        BoxPlan plan = envelopeDrawer();
        plan = plan.with(plan.fingers().withSections(null))
                .with(lidOf(plan).withGroove(new Groove(mm(6), mm(5), mm(70))));
        WorkedPlan worked = work(plan);
        int count = worked.fingers().chosen().sections().count();
        assertThat(worked.verdicts())
                .filteredOn(v -> v.code() == Code.LID_LINE_OFF)
                .flatExtracting(v -> v.fixes())
                .isNotEmpty()
                .allSatisfy(fix -> {
                    WorkedPlan after = work(fix.after());
                    assertThat(after.fingers().chosen().sections().count()).isEqualTo(count);
                    assertThat(slidingLid(after).isOnBoundary()).isTrue();
                });
    }

    /** Too few sections for a low end, or a top's groove that runs out of it: a box nothing else stops can be made of one height. */
    @Test
    void aLowWallThatCannotBeIsGivenUp() {
        int[] seen = new int[2];
        // one of each kind among them, however few are asked for
        Stream<AnyPlan> some = Stream.of(500_472L, 500_622L).map(AnyPlan::of);
        Stream.concat(some, AnyPlan.seeds(500_000, 2_000)).forEach(any -> {
            WorkedPlan worked = any.worked();
            LowWalls low = worked.walls().low();
            if (low == null || low.by() != LowWalls.By.MAKER) {
                return;
            }
            BoxPlan level = worked.plan().with(worked.plan().size().withLowered(null));
            WorkedPlan after = Planner.work(level, worked.shop());
            if (after.found().stream().anyMatch(v -> v.weight() == Weight.STOP)) {
                return;
            }
            for (Verdict verdict : worked.verdicts()) {
                if (verdict.code() == Code.LOW_END_TOO_LOW || verdict.code() == Code.LID_OFF_WALL) {
                    seen[verdict.code() == Code.LOW_END_TOO_LOW ? 0 : 1]++;
                    assertThat(verdict.fixes())
                            .as("seed " + any.seed())
                            .anySatisfy(f -> assertThat(f.label()).isEqualTo("All walls of one height"));
                }
            }
        });
        assertThat(seen[0]).isPositive();
        assertThat(seen[1]).isPositive();
    }
}
