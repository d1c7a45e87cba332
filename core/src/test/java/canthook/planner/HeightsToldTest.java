package canthook.planner;

import static canthook.SeedLibrary.mm;
import static canthook.Told.fitting;
import static canthook.Told.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.WholeBox.State;
import canthook.figure.WholeBoxHeight;
import canthook.plan.BasePlate;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Feet;
import canthook.plan.Stuff;
import canthook.verdict.Verdict.Weight;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every height of the closed box, outside and inside, wherever it is told: what its blocks measure, whatever the plan. */
class HeightsToldTest {
    private static final double NEAR = 2e-3;

    private static boolean cannotBeMade(WorkedPlan worked) {
        return !worked.size().hasInside() || worked.found().stream().anyMatch(v -> v.weight() == Weight.STOP);
    }

    /** A lid that is sawn off is drawn as it was glued: what sawing takes is not gone yet. */
    private static double blocks(WorkedPlan worked) {
        return WholeBoxHeight.of(worked, State.CLOSED)
                - worked.number("lid.loss").map(n -> n.length().mm()).orElse(0.0);
    }

    @Test
    void whatTheBoxClosesAtIsWhatItsBlocksMeasure() {
        int told = 0;
        for (AnyPlan any : AnyPlan.seeds(41_000, 500).toList()) {
            WorkedPlan worked = Planner.work(any.plan().withFittings(List.of()), any.shop());
            if (cannotBeMade(worked)) {
                continue;
            }
            String seed = "seed " + any.seed();
            double high = blocks(worked);
            for (String id : List.of("lid.total-height", "lid.closed-height", "bottom.total-height")) {
                // a bottom tells its height without the lid that lies on the walls
                boolean ofAll = id.startsWith("lid.") || worked.walls().above() == null;
                if (ofAll && worked.number(id).isPresent()) {
                    told++;
                    assertThat(number(worked, id)).as(seed + ", " + id).isCloseTo(high, within(NEAR));
                }
            }
            LidsCompared.of(worked).stream()
                    .filter(LidsCompared.Kind::stands)
                    .forEach(kind -> assertThat(number(worked, kind.outsideNumber()))
                            .as(seed + ", beside the other lids")
                            .isCloseTo(high, within(NEAR)));
            // on a base and on feet it stands so much higher, whatever lies on and under it
            double base = 4 + any.seed() % 9;
            double foot = 9 + any.seed() % 14;
            List<Fitting> under = new ArrayList<>();
            under.add(new BasePlate(new Stuff("sheet-plywood", 0), mm(base), mm(0)));
            under.add(new Feet(mm(20), mm(foot), mm(0)));
            WorkedPlan lifted = Planner.work(any.plan().withFittings(under), any.shop());
            assertThat(fitting(lifted, "f2-stands")).as(seed).isCloseTo(high + base + foot, within(NEAR));
            assertThat(blocks(lifted)).as(seed).isCloseTo(high + base + foot, within(NEAR));
        }
        assertThat(told).isGreaterThan(AnyPlan.share(500) / 12);
    }

    /** Inside, as glued: from the floor, or the table where there is none, to the lid or to the top of the walls. */
    @Test
    void whatIsLeftInsideIsWhatLiesBetweenTheBlocks() {
        int told = 0;
        for (AnyPlan any : AnyPlan.seeds(42_000, 400).toList()) {
            WorkedPlan worked = Planner.work(any.plan().withFittings(List.of()), any.shop());
            if (cannotBeMade(worked)) {
                continue;
            }
            String seed = "seed " + any.seed();
            double floor = WholeBoxHeight.top(worked, "bottom", 0);
            double wall = worked.fingers().wall().length().mm();
            Worked above = worked.bottom().insideHeight();
            if (above != null) {
                assertThat(above.length().mm()).as(seed).isCloseTo(wall - floor, within(NEAR));
            }
            assertThat(worked.walls().floorHeight().mm()).as(seed).isCloseTo(floor, within(NEAR));
            Worked under = worked.lid().insideHeight();
            if (under != null) {
                told++;
                double lost =
                        worked.number("lid.loss").map(n -> n.length().mm()).orElse(0.0);
                assertThat(under.length().mm())
                        .as(seed)
                        .isCloseTo(WholeBoxHeight.underside(worked, "lid") - floor - lost, within(NEAR));
            }
        }
        assertThat(told).isGreaterThan(AnyPlan.share(400) / 12);
    }
}
