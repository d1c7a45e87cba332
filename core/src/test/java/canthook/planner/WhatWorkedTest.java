package canthook.planner;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Own;
import canthook.plan.JigChoice.Way;
import canthook.plan.Stuff;
import canthook.planner.WhatWorked.Tried;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A drawer that went together after 0.09 away; what a next one is told, and what it is not. */
class WhatWorkedTest {
    private static TestCut cut(BoxPlan plan, String at, double clearance, Double moved) {
        WorkedPlan worked = Planner.work(plan, Shop.withDefaults());
        double slot = worked.fingers().chosen().slot().length().mm();
        return new TestCut(at, List.of(mm(slot)), List.of(mm(slot - clearance)), moved == null ? null : mm(moved))
                .cutFor(
                        worked.fingers().chosen().sections().count(),
                        worked.fingers().chosen().kerf().length());
    }

    private static Tried tried(String name, BoxPlan plan, TestCut... cuts) {
        return new Tried(name, Planner.work(plan, new Shop(HouseRules.DEFAULT, List.of(cuts))));
    }

    private static Optional<WhatWorked> before(BoxPlan now, Tried... others) {
        return WhatWorked.of(Planner.work(now, Shop.withDefaults()), List.of(others));
    }

    private static Tried good(String name, BoxPlan plan, String day) {
        return tried(name, plan, cut(plan, day + "T09:00:00Z", 0.21, null), cut(plan, day + "T09:30:00Z", 0.12, 0.09));
    }

    @Test
    void theNextBoxBeginsWhereTheLastWorked() {
        BoxPlan plan = openDrawer();
        WhatWorked found =
                before(plan, good("Envelope drawer", plan, "2026-03-02")).orElseThrow();
        assertThat(found.moved().mm()).isCloseTo(0.09, within(1e-9));
        assertThat(found.differs()).isEmpty();
        assertThat(found.says(LengthDisplay.METRIC))
                .contains("“Envelope drawer” went together 0.09 mm farther from the cutter")
                .doesNotContain("Otherwise");
        // the newest of two counts
        assertThat(before(plan, good("Old", plan, "2025-11-02"), good("New", plan, "2026-04-02"))
                        .orElseThrow()
                        .box())
                .isEqualTo("New");
    }

    @Test
    void whatDiffersIsSaidAndWhatIsAnotherIsNotTold() {
        BoxPlan plan = openDrawer();
        BoxPlan thinner = plan.with(plan.size().withThickness(mm(9)));
        WhatWorked found = before(thinner, good("Drawer", plan, "2026-03-02")).orElseThrow();
        assertThat(found.differs()).anyMatch(d -> d.contains("9.0 mm") && d.contains("then 12.0 mm"));
        // another wood, another jig, a fit that was not settled: none of them
        assertThat(before(plan.with(new Stuff("pine-ponderosa", 0)), good("Drawer", plan, "2026-03-02")))
                .isEmpty();
        assertThat(before(plan.with(plan.jig().with(Way.STOPS)), good("Drawer", plan, "2026-03-02")))
                .isEmpty();
        assertThat(before(plan, tried("Loose", plan, cut(plan, "2026-03-02T09:00:00Z", 0.25, null))))
                .isEmpty();
        // a kerf that differs by more than a blade's own scatter is another cutter
        BoxPlan other = plan.with(plan.fingers().withKerf(mm(6.35)));
        assertThat(before(other, good("Drawer", plan, "2026-03-02"))).isEmpty();
    }

    /** Two jigs of the rack that index alike are two jigs; one of no rack is like either. A key that lies there need not be made. */
    @Test
    void aJigOfTheRackIsKnownByItself() {
        BoxPlan sled = openDrawer().with(openDrawer().jig().withOwn(new Own("box-sled", "Box sled", List.of())));
        BoxPlan other = openDrawer().with(openDrawer().jig().withOwn(new Own("old-sled", "Old sled", List.of())));
        Tried good = good("Envelope drawer", sled, "2026-03-02");
        assertThat(before(sled, good)).isPresent();
        assertThat(before(openDrawer(), good)).isPresent();
        assertThat(before(other, good)).isEmpty();
        // another way of indexing is another jig
        assertThat(sled.jig().with(Way.STOPS).own()).isNull();
        assertThat(sled.jig().with(sled.jig().way()).own()).isNotNull();
    }

    @Test
    void aKeyThatLiesWithTheJigIsUsedWithThePlayItHas() {
        double planned = key(openDrawer());
        BoxPlan plan = openDrawer()
                .with(openDrawer()
                        .jig()
                        .withOwn(new Own("s", "Box sled", List.of(mm(planned + 0.05), mm(planned - 0.05)))));
        Verdict found = Planner.work(plan, Shop.withDefaults()).verdicts().stream()
                .filter(v -> v.code() == Verdict.Code.KEY_AT_HAND)
                .findFirst()
                .orElseThrow();
        BoxPlan used = found.fixes().get(0).after();
        assertThat(key(used)).isCloseTo(planned - 0.05, within(1e-9));
        // and it is not offered again
        assertThat(Planner.work(used, Shop.withDefaults()).verdicts())
                .noneMatch(v -> v.code() == Verdict.Code.KEY_AT_HAND);
    }

    private static double key(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults())
                .number("jig.key")
                .orElseThrow()
                .length()
                .mm();
    }
}
