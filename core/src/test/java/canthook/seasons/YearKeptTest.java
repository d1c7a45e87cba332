package canthook.seasons;

import static canthook.SeedLibrary.openDrawer;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.plan.BoxPlan;
import canthook.plan.SeasonsChoice;
import canthook.plan.SeasonsChoice.Home;
import canthook.plan.SeasonsChoice.Known;
import canthook.wood.Air;
import org.junit.jupiter.api.Test;

class YearKeptTest {
    private static BoxPlan at(Home home, double meter) {
        return openDrawer().with(new SeasonsChoice(Known.METER, meter, new Air(20, 50), home, null, null, null, null));
    }

    /** The year worked last is kept: another house's, or another reading's, is never told for it. */
    @Test
    void everyHouseHasItsOwn() {
        Year house = Year.of(at(Home.HEATED_HOUSE, 8));
        Year shed = Year.of(at(Home.UNHEATED_SHED, 8));
        Year damper = Year.of(at(Home.HEATED_HOUSE, 11));
        assertThat(shed.wettest().number()).isGreaterThan(house.wettest().number() + 3);
        assertThat(damper.now().number()).isEqualTo(11);
        assertThat(Year.of(at(Home.HEATED_HOUSE, 8)).now().number()).isEqualTo(8);
    }
}
