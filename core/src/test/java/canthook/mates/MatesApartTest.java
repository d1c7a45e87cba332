package canthook.mates;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.plan.BoxPlan;
import canthook.plan.SeasonsChoice;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict.Code;
import canthook.wood.Air;
import canthook.wood.EquilibriumMoisture;
import org.junit.jupiter.api.Test;

class MatesApartTest {
    /** Two airs that hold wood at 8 and at 12 %. */
    private static BoxPlan drawer(Stuff sides, Stuff ends) {
        Air dry = new Air(20, EquilibriumMoisture.humidityFor(8, 20));
        Air wet = new Air(20, EquilibriumMoisture.humidityFor(12, 20));
        BoxPlan plan = envelopeDrawer();
        return plan.with(sides)
                .with(plan.size().withHeight(mm(100)))
                .with(new SeasonsChoice(
                        SeasonsChoice.Known.METER, 8.0, new Air(20, 45), SeasonsChoice.Home.OWN, wet, dry))
                .withEnds(ends);
    }

    @Test
    void flatAgainstQuarterSawnSycamore() {
        WorkedPlan worked = work(drawer(new Stuff("sycamore-american", 0), new Stuff("sycamore-american", 90)));
        // 100 · (1.790 − 1.038) / 150
        assertThat(worked.mates().apart().length().mm()).isCloseTo(0.501, within(0.002));
        assertThat(worked.verdicts())
                .filteredOn(v -> v.code() == Code.MATES_MOVE_APART)
                .singleElement()
                .satisfies(v -> {
                    assertThat(v.sentence()).contains("0.50 mm").contains("0.30 mm");
                    assertThat(work(v.fixes().get(0).after()).mates().apart()).isNull();
                });
    }

    @Test
    void solidSidesAgainstPlywoodEnds() {
        WorkedPlan worked = work(drawer(new Stuff("sycamore-american", 0), new Stuff("sheet-plywood", 0)));
        double plywood =
                0.15 / 100 * (EquilibriumMoisture.humidityFor(12, 20) - EquilibriumMoisture.humidityFor(8, 20)) / 60;
        assertThat(worked.mates().apart().length().mm()).isCloseTo(100 * (0.011932 - plywood), within(0.003));
    }

    @Test
    void mostlyAlikeMatesAreReportedButNotBlamed() {
        WorkedPlan worked = work(drawer(new Stuff("sycamore-american", 0), new Stuff("sycamore-american", 20)));
        assertThat(worked.mates().apart().length().mm()).isBetween(0.01, 0.3);
        assertThat(worked.verdicts()).noneMatch(v -> v.code() == Code.MATES_MOVE_APART);
    }

    @Test
    void theBoardAtHandGivesSidesOnlyWhenTheEndsAreOfAnotherWood() {
        WorkedPlan worked = work(drawer(new Stuff("cherry-black", 0), new Stuff("pine-ponderosa", 0)));
        // 2 · 10 + 2 · 248.8 + 3.2
        assertThat(worked.blank().needed().length()).isEqualTo(mm(520.8));
        assertThat(worked.verdicts()).anyMatch(v -> v.code() == Code.ENDS_OF_ANOTHER_BOARD);
        WorkedPlan turned = work(drawer(new Stuff("cherry-black", 0), new Stuff("cherry-black", 30)));
        assertThat(turned.blank().needed().length()).isEqualTo(mm(860.8));
    }
}
