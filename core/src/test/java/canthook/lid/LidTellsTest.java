package canthook.lid;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static canthook.SeedLibrary.work;
import static canthook.Told.jobs;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.Lid;
import canthook.plan.Lid.Joined;
import canthook.plan.Lid.Kept;
import canthook.plan.Stuff;
import canthook.planner.FirstGuess;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a lid tells the maker: what it is in one line, what to do for it, what it does in the year. */
class LidTellsTest {
    private static final Stuff PLYWOOD = new Stuff("sheet-plywood", 0);

    private static WorkedPlan with(Lid lid) {
        return work(openDrawer().with(lid));
    }

    private static WorkedPlan sliding() {
        return work(FirstGuess.LID_SLIDING.in(work(openDrawer())));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "LOOSE  | sawn off at 60",
                "HINGED | sawn off at 60, hinged",
                "LINED  | sawn off at 60, over a liner"
            })
    void aSawnOffLidSaysHowItIsJoined(Joined joined, String says) {
        assertThat(with(sawnOff(60, joined, 3.2)).lid().line(LengthDisplay.METRIC))
                .isEqualTo(says);
    }

    @Test
    void aLidOnTheWallsSaysHowItIsKept() {
        LengthDisplay metric = LengthDisplay.METRIC;
        assertThat(with(onTop(Kept.LIP)).lid().line(metric)).isEqualTo("lifts off, lip 6.0");
        assertThat(with(onTop(Kept.HINGED)).lid().line(metric)).isEqualTo("hinged at the back");
        assertThat(with(onTop(Kept.HINGED).withBreadboard(true)).lid().line(metric))
                .isEqualTo("breadboard ends, hinged at the back");
    }

    /** Sawn 58.4 from the edge, 0.3 flattened off; a liner and hinges are fitted only where the lid has them. */
    @Test
    void whatIsDoneOnceTheLidIsOff() {
        assertThat(jobs(with(sawnOff(60, Joined.LOOSE, 3.2))))
                .anyMatch(s -> s.startsWith(
                        "Flatten both sawn edges on a flat board: the box to 58.1 mm, the lid’s walls to 34.1 mm"))
                .noneMatch(s -> s.contains("liner"))
                .noneMatch(s -> s.toLowerCase().contains("mortise"));
        assertThat(jobs(with(sawnOff(60, Joined.LINED, 3.2)))).anyMatch(s -> s.contains("liner"));
        assertThat(jobs(with(sawnOff(60, Joined.HINGED, 3.2))))
                .anyMatch(s -> s.toLowerCase().contains("mortise"))
                .noneMatch(s -> s.contains("liner"));
    }

    @Test
    void whatIsGluedUnderAndOnALidThatLiesOnTheWalls() {
        assertThat(jobs(with(onTop(Kept.LIP))))
                .anyMatch(s -> s.startsWith("Glue the lip under the lid"))
                .noneMatch(s -> s.toLowerCase().contains("mortise"));
        assertThat(jobs(with(onTop(Kept.HINGED))))
                .anyMatch(s -> s.toLowerCase().contains("mortise"))
                .noneMatch(s -> s.startsWith("Glue the lip"));
        List<String> plain = jobs(with(onTop(Kept.HINGED)));
        assertThat(jobs(with(onTop(Kept.HINGED).withBreadboard(true)))).hasSizeGreaterThan(plain.size());
    }

    /** Every panel is narrower in winter; no lid, no numbers. */
    @Test
    void eachKindTellsItsDay() {
        for (WorkedPlan worked : List.of(
                sliding(), with(sawnOff(60, Joined.LOOSE, 3.2)), with(onTop(Kept.LIP)), with(onTop(Kept.HINGED)))) {
            assertThat(widthOn(worked, 1))
                    .as(worked.plan().lid().getClass().getSimpleName())
                    .isGreaterThan(widthOn(worked, 0) + 0.1);
        }
        assertThat(work(openDrawer()).lid().numbersOn(0.5, work(openDrawer()).year()))
                .isEmpty();
    }

    private static double widthOn(WorkedPlan worked, double day) {
        return worked.lid().numbersOn(day, worked.year()).stream()
                .filter(n -> n.id().equals("lid.day-width"))
                .findFirst()
                .orElseThrow()
                .length()
                .mm();
    }

    /** Where a lid is moved as in another plan, it is that one's lid, and only where both speak of the same. */
    @Test
    void aLidIsMovedAsInAnotherPlanOnlyWhereItIsTheSame() {
        BoxPlan plan = sliding().plan();
        Lid.Sliding was = lidOf(plan);
        BoxPlan moved = plan.with(
                was.withGroove(was.groove().withOffset(was.groove().offset().minus(mm(2)))));
        assertThat(Lids.movedAsIn(plan, moved)).contains(moved);
        assertThat(Lids.movedAsIn(plan, plan)).isEmpty();
        assertThat(Lids.movedAsIn(plan, moved.with(was.withStuff(PLYWOOD)))).isEmpty();
        assertThat(Lids.movedAsIn(plan, plan.with(onTop(Kept.LIP)))).isEmpty();
        // a groove that was told stays where it was told; one that is another's may move
        assertThat(Lids.movedAsIn(plan, moved, plan)).isEmpty();
        BoxPlan thicker = plan.with(was.withThickness(was.thickness().plus(mm(1))));
        assertThat(Lids.movedAsIn(plan, thicker, plan)).contains(thicker);
        BoxPlan others = plan.with(was.withGroove(was.groove().withOffset(mm(50))));
        assertThat(Lids.movedAsIn(plan, moved, others)).contains(moved);
    }

    /** A seam begins in the middle of a section, at about three quarters of the height and under the top panel. */
    @Test
    void aSawnOffLidBeginsInTheMiddleOfASection() {
        WorkedPlan open = work(openDrawer());
        WorkedPlan worked = work(FirstGuess.LID_SAWN_OFF.in(open));
        Lid.SawnOff lid = (Lid.SawnOff) worked.plan().lid();
        List<Double> middles =
                SawnOffLid.sections(
                                worked.fingers().joint().layout(),
                                worked.fingers().wall().length())
                        .stream()
                        .map(s -> (s.from().mm() + s.to().mm()) / 2)
                        .toList();
        double seam = lid.seam().mm();
        assertThat(middles).anySatisfy(middle -> assertThat(middle).isCloseTo(seam, within(0.01)));
        double wanted = worked.fingers().wall().length().mm() * 0.75;
        for (double middle : middles) {
            if (middle + 4 < lid.groove().offset().mm()) {
                assertThat(Math.abs(seam - wanted)).isLessThanOrEqualTo(Math.abs(middle - wanted) + 0.01);
            }
        }
    }

    /** What the lid before was told stays; what was never told is of the walls' wood, as thick as half of them or six. */
    @ParameterizedTest
    @EnumSource(
            value = FirstGuess.class,
            names = {"LID_SLIDING", "LID_SAWN_OFF"})
    void aLidBeginsWithWhatIsKnown(FirstGuess kind) {
        BoxPlan bare = openDrawer().with(new Lid.Open(null, null, null, null, null));
        Lid begun = kind.in(work(bare)).lid();
        assertThat(begun.stuff()).isEqualTo(bare.walls());
        assertThat(begun.thickness()).isEqualTo(mm(6));
        BoxPlan told = openDrawer().with(onTop(Kept.LIP).withLip(mm(5)));
        Lid after = kind.in(work(told)).lid();
        assertThat(after.stuff()).isEqualTo(onTop(Kept.LIP).stuff());
        assertThat(after.thickness()).isEqualTo(mm(12));
        // four, or half a wall of twelve, is left over its groove
        WorkedPlan worked = work(kind.in(work(envelopeDrawer())));
        Worked wall = worked.fingers().wall();
        assertThat(java.util.Objects.requireNonNull(worked.plan().lid().groove())
                        .top())
                .isLessThanOrEqualTo(wall.length().minus(mm(6)));
    }
}
