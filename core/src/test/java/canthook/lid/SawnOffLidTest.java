package canthook.lid;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static canthook.SeedLibrary.work;
import static canthook.Told.jobs;
import static canthook.Told.number;
import static canthook.Told.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.Figure;
import canthook.figure.LidFigures;
import canthook.length.Length;
import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Hinges;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lid;
import canthook.plan.Lid.Joined;
import canthook.plan.Liner;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.planner.FirstGuess;
import canthook.planner.WorkedPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A lid sawn off the closed box: where the seam goes, what it takes, and what stands on either side of it. */
class SawnOffLidTest {
    private static WorkedPlan with(Lid lid) {
        return work(openDrawer().with(lid));
    }

    /** Section 8, kerf 3.2, flattened 0.3: loss 3.8, 2.1 left on each half. Closed, the box is lower by the loss. */
    @Test
    void whatTheSawTakesComesOffTheSection() {
        BoxPlan box = bitBox();
        BoxPlan begun = FirstGuess.LID_SAWN_OFF.in(work(box));
        WorkedPlan worked = work(begun);
        assertThat(worked.fingers().chosen().slot().length()).isEqualTo(mm(8));
        assertThat(number(worked, "lid.loss")).isEqualTo(3.8);
        double section = number(worked, "lid.left-under") + number(worked, "lid.left-over") + 3.8;
        // a section between two boundaries is a slot, or a finger 0.12 slimmer
        assertThat(section).isBetween(7.8, 8.1);
        assertThat(number(worked, "lid.left-under")).isCloseTo((section - 3.8) / 2, within(1e-5));
        assertThat(number(worked, "lid.left-over")).isCloseTo((section - 3.8) / 2, within(1e-5));
        double wall = worked.fingers().wall().length().mm();
        assertThat(number(worked, "lid.closed-height")).isCloseTo(wall - 3.8, within(1e-6));
        assertThat(number(worked, "lid.body-height") + number(worked, "lid.lid-height"))
                .isCloseTo(wall - 3.8, within(1e-5));
        assertThat(number(worked, "lid.fence")).isCloseTo(number(worked, "lid.body-height") + 0.3, within(1e-5));
    }

    /** The glued-up box is higher by what the saw takes: it fills its place when it is sawn, whatever it stands on. */
    @Test
    void whatTheSawTakesIsAddedWhereAPlaceLeads() {
        for (FirstGuess bottom :
                List.of(FirstGuess.BOTTOM_NONE, FirstGuess.BOTTOM_CAPTURED, FirstGuess.BOTTOM_APPLIED)) {
            WorkedPlan box = work(FirstGuess.LID_NONE.in(work(bottom.in(work(bitBox())))));
            WorkedPlan led = work(FirstGuess.PLACE_LEADS.in(box));
            WorkedPlan sawn = work(led.plan().with(sawnOff(40, Lid.Joined.LOOSE, null)));
            double loss = number(sawn, "lid.loss");
            assertThat(number(sawn, "size.height")).isCloseTo(number(led, "size.height") + loss, within(1e-9));
            double under = bottom == FirstGuess.BOTTOM_APPLIED ? number(sawn, "bottom.thickness") : 0;
            assertThat(number(sawn, "lid.closed-height"))
                    .isCloseTo(sawn.fingers().wall().length().mm() + under - loss, within(1e-9));
            if (under > 0) {
                assertThat(number(sawn, "bottom.total-height")).isEqualTo(number(sawn, "lid.closed-height"));
            }
        }
    }

    @Test
    void theFourCutsAreSaidInTheirOrder() {
        List<String> right = jobs(with(sawnOff(60, Joined.LOOSE, 3.2)));
        assertThat(right)
                .anyMatch(s -> s.contains("58.40 mm from the blade: the ends B and D first")
                        && s.contains("then A, the blade 13.00 mm up")
                        && s.contains("spacers of 3.20 mm into the kerf all round, then saw C"));
        Lid.SawnOff sawn = sawnOff(60, Joined.LOOSE, 3.2);
        Lid.SawnOff skin = new Lid.SawnOff(
                sawn.stuff(),
                sawn.thickness(),
                sawn.groove(),
                sawn.seam(),
                true,
                Joined.LOOSE,
                sawn.kerf(),
                null,
                Hinges.USUAL,
                Liner.USUAL,
                null,
                null);
        assertThat(jobs(with(skin)))
                .anyMatch(s -> s.contains("A and C with the blade only 11.50 mm up. Part the skin with a knife."))
                .noneMatch(s -> s.contains("spacers"));
    }

    /** The section made wider for the seam, cut by hand: then as much is left on both halves as the others have, in the pattern. */
    @Test
    void aSectionIsMadeWiderForTheSeamWhereTheWayCanCutIt() {
        BoxPlan hand = openDrawer().with(openDrawer().jig().with(Way.HAND));
        WorkedPlan worked = work(hand.with(sawnOff(60, Joined.LOOSE, null)));
        Fix wider = of(worked, Code.SEAM_HALF_THIN).get(0).fixes().stream()
                .filter(f -> f.label().startsWith("Wider"))
                .findFirst()
                .orElseThrow();
        WorkedPlan after = work(wider.after());
        assertThat(of(after, Code.SEAM_HALF_THIN)).isEmpty();
        double left = number(after, "lid.left-under") + number(after, "lid.left-over");
        List<Length> widths =
                java.util.Objects.requireNonNull(wider.after().fingers().widths());
        assertThat(left).isCloseTo(widths.get(2).mm(), within(0.6));
    }

    /** Above its top panel or under its bottom a box can be sawn, but no lid comes off. */
    @Test
    void aSeamOnTheWrongSideOfAPanelIsStopped() {
        Lid.SawnOff lid = sawnOff(60, Joined.LOOSE, null);
        BoxPlan plan = openDrawer().with(lid);
        Length wall = work(plan).fingers().wall().length();
        Length over = lid.groove().top().plus(wall).dividedBy(2);
        for (Length seam : List.of(over, Lid.SEAM.least())) {
            List<Verdict> stops = of(work(plan.with(lid.withSeam(seam))), Code.SEAM_MEETS_PANEL);
            assertThat(stops).hasSize(1);
            assertThat(stops.get(0).fixes()).isNotEmpty();
            for (Fix fix : stops.get(0).fixes()) {
                assertThat(((Lid.SawnOff) fix.after().lid()).seam())
                        .isBetween(mm(20), lid.groove().offset());
            }
        }
        assertThat(of(work(plan.with(lid.withSeam(over))), Code.SEAM_MEETS_PANEL)
                        .get(0)
                        .sentence())
                .startsWith("Sawn above the top panel, no lid comes off");
    }

    /** A box made lower: its top comes down, and where the seam would then lie above it, the seam too. */
    @ParameterizedTest
    @CsvSource({"85, Put it at ", "70, Put it at .+ and saw at .+", "60, Put it at .+ and saw at .+"})
    void theTopComesDownWithTheWalls(double high, String offered) {
        BoxPlan plan = openDrawer().with(sawnOff(70, Joined.LOOSE, null));
        WorkedPlan low = work(plan.with(plan.size().withHeight(mm(high))));
        assertThat(of(low, Code.LID_OFF_WALL)).singleElement().satisfies(stop -> {
            assertThat(stop.fixes()).extracting(Fix::label).anyMatch(label -> label.matches(offered + ".*"));
            for (Fix fix : stop.fixes()) {
                assertThat(work(fix.after()).found())
                        .filteredOn(v ->
                                v.weight() == Verdict.Weight.STOP && v.station().equals("lid"))
                        .as(fix.label())
                        .isEmpty();
            }
        });
    }

    /** The saw, the bottom and the top panel as intervals of height: nothing of a panel is sawn into, whatever the plan. */
    @Test
    void noPanelIsSawnIntoUnsaid() {
        AnyPlan.seeds(1, 600).forEach(any -> {
            if (!(any.worked().lid() instanceof SawnOffLid lid)
                    || !of(any.worked(), Code.SEAM_MEETS_PANEL).isEmpty()) {
                return;
            }
            if (any.worked().verdicts().stream().anyMatch(v -> v.weight() == Verdict.Weight.STOP)) {
                return;
            }
            double low = lid.seamAt().length().mm() - lid.loss().length().mm() / 2;
            double high = low + lid.loss().length().mm();
            assertThat(low).as("seed " + any.seed()).isGreaterThanOrEqualTo(bottomTop(any.plan()) - 1e-6);
            Groove top = java.util.Objects.requireNonNull(any.plan().lid().groove());
            double panel = Math.max(
                    0,
                    java.util.Objects.requireNonNull(any.plan().lid().thickness())
                                    .mm()
                            - top.width().mm());
            assertThat(high)
                    .as("seed " + any.seed())
                    .isLessThanOrEqualTo(top.offset().mm() - panel + 1e-6);
            assertThat(lid.body()
                            .length()
                            .plus(lid.lidWalls().length())
                            .plus(lid.loss().length()))
                    .isEqualTo(any.worked().fingers().wall().length());
        });
    }

    private static double bottomTop(BoxPlan plan) {
        return plan.bottom()
                .fold(new Bottom.Kinds<>(
                        none -> 0.0,
                        captured -> captured.groove()
                                .offset()
                                .plus(captured.thickness())
                                .mm(),
                        rabbeted -> rabbeted.thickness().mm(),
                        applied -> 0.0,
                        slats -> slats.groove().offset().plus(slats.thickness()).mm()));
    }

    /** The two halves as they are drawn: together with what is lost they are the wall, and no finger is drawn in what is lost. */
    @Test
    void theHalvesAreDrawnAsTheyWillBe() {
        WorkedPlan worked = with(sawnOff(60, Joined.HINGED, 3.2));
        Figure halves = LidFigures.all(worked, 0).get(0);
        double grain = halves.shapes().stream()
                .filter(s -> s.role().equals("side-grain"))
                .mapToDouble(s -> s.points().get(5) - s.points().get(1))
                .sum();
        assertThat(grain + 3.8).isCloseTo(worked.fingers().wall().length().mm(), within(0.01));
        double drawn = halves.shapes().stream()
                .filter(s -> s.role().equals("end-grain"))
                .mapToDouble(s -> s.points().get(5) - s.points().get(1))
                .sum();
        double slots = java.util.stream.Stream.of(1, 2)
                .flatMap(end -> worked.fingers().joint().slots(new PartEnd(Part.A, end)).stream())
                .mapToDouble(s -> s.width().mm())
                .sum();
        assertThat(drawn).isLessThanOrEqualTo(slots).isGreaterThan(slots - 2 * 3.8 - 0.01);
        assertThat(halves.shapes()).filteredOn(s -> s.role().equals("hinge")).hasSize(2);
    }
}
