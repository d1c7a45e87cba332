package canthook.panel;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.twoThicknesses;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A part pushed along the fence between two blocks, over a cutter that stands fast: what it cuts is the groove that is told. */
class StopBlocksTest {
    /** Whatever the cutter's width, the wood left uncut at each end is the proud and what the groove stops short. */
    @Test
    void thePartRunsFromBlockToBlock() {
        AnyPlan.seeds(1, 300).forEach(any -> {
            WorkedPlan worked = any.worked();
            for (GrooveRun groove : worked.grooves()) {
                for (GrooveEnd end : groove.ends()) {
                    if (end.stopAt() == null || end.block() == null) {
                        continue;
                    }
                    double length = (end.end().part().isSide()
                                    ? worked.size().sideLength()
                                    : worked.size().endLength())
                            .length()
                            .mm();
                    // the cutter from 0 to its width; the block behind it is measured from its near side, 0
                    double block = end.block().length().mm();
                    double trailing = block - length;
                    double left = 0 - trailing;
                    assertThat(left)
                            .as("seed %d %s", any.seed(), end.end())
                            .isCloseTo(
                                    worked.size().proud().length().mm()
                                            + end.stopAt().length().mm(),
                                    within(1e-5));
                }
            }
        });
    }

    /** A lid's groove runs in three walls, slats' in two: a block is told for the parts it stops in, and for no other. */
    @Test
    void blocksAreToldForThePartsTheGrooveStopsIn() {
        AnyPlan.seeds(7_000, 300).forEach(any -> {
            WorkedPlan worked = any.worked();
            for (GrooveRun run : worked.grooves()) {
                Set<String> wanted = new TreeSet<>();
                for (var end : run.ends()) {
                    if (end.run() == Run.STOP) {
                        wanted.add(end.end().part().toString());
                    }
                }
                Set<String> told = new TreeSet<>();
                Jobs.of(worked).stream()
                        .map(Jobs.Job::says)
                        .filter(says -> says.startsWith("Groove for the " + run.of()))
                        .forEach(says -> {
                            int from = says.indexOf(" Stop blocks, ");
                            if (from < 0) {
                                return;
                            }
                            Matcher parts = Pattern.compile("for ([A-D])(?: and ([A-D]))?[,;]")
                                    .matcher(says.substring(from));
                            while (parts.find()) {
                                told.add(parts.group(1));
                                if (parts.group(2) != null) {
                                    told.add(parts.group(2));
                                }
                            }
                        });
                assertThat(told).as("seed %d, %s", any.seed(), run.of()).isEqualTo(wanted);
            }
        });
    }

    /** Sides 9, ends 12, groove 5: sides 248.8 less 0.4 and 7, ends 166.8 less 0.4 and 4. */
    @Test
    void sidesAndEndsHaveSettingsOfTheirOwn() {
        WorkedPlan worked = work(openDrawer().with(twoThicknesses(9, 12)));
        double proud = worked.size().proud().length().mm();
        double side = worked.size().sideLength().length().mm();
        double end = worked.size().endLength().length().mm();
        assertThat(worked.number("bottom.block-sides").orElseThrow().length().mm())
                .isCloseTo(side - proud - 7, within(1e-6));
        assertThat(worked.number("bottom.block-ends").orElseThrow().length().mm())
                .isCloseTo(end - proud - 4, within(1e-6));
        boolean stops = worked.grooves().get(0).ends().stream().anyMatch(e -> e.run() == Run.STOP);
        assertThat(Jobs.of(worked))
                .filteredOn(j -> j.says().startsWith("Groove for the bottom"))
                .singleElement()
                .satisfies(j -> assertThat(j.says().contains("Stop blocks, from the cutter's far edge"))
                        .isEqualTo(stops));
    }

    /** √(2 · 125 · 5 − 25) = 35.0; a groove across a boundary of a box of 12 walls shows over 12 − 5 = 7. */
    @Test
    void theSawsArcAndThePlugOfAnEndThatShows() {
        BoxPlan stopped = openDrawer().with(bottomOf(openDrawer()).withGroove(new Groove(mm(6), mm(5), mm(8))));
        assertThat(work(stopped).number("bottom.saw-arc").orElseThrow().length().mm())
                .isEqualTo(35);
        assertThat(work(stopped).number("bottom.plug")).isEmpty();
        BoxPlan shows = openDrawer().with(bottomOf(openDrawer()).withGroove(new Groove(mm(6), mm(5), mm(5))));
        assertThat(work(shows).number("bottom.plug").orElseThrow().length().mm())
                .isEqualTo(7);
    }
}
