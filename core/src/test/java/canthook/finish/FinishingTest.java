package canthook.finish;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.openDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.AnyPlan;
import canthook.figure.Figure;
import canthook.figure.LaneFigure;
import canthook.finish.Calendar.Job;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.plan.FinishChoice;
import canthook.plan.FinishChoice.Finish;
import canthook.plan.FinishChoice.Touches;
import canthook.plan.Recipe;
import canthook.plan.Recipe.Does;
import canthook.plan.Recipe.Step;
import canthook.plan.SeasonsChoice;
import canthook.planner.Planner;
import canthook.planner.Stations;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.shop.Shop;
import canthook.verdict.Verdict.Code;
import canthook.wood.Air;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The finish as steps, what is told of it, and the lane it is drawn on. */
class FinishingTest {
    private static final ZonedDateTime NOW =
            LocalDateTime.parse("2026-12-03T10:00").atZone(ZoneId.of("Europe/Vienna"));

    private static WorkedPlan work(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults());
    }

    private static BoxPlan with(Finish finish, Integer coats) {
        return openDrawer().with(FinishChoice.of(finish, coats, false));
    }

    private static BoxPlan cold(BoxPlan plan) {
        SeasonsChoice s = plan.seasons();
        return plan.with(new SeasonsChoice(
                s.known(), s.meter(), new Air(12, 80), s.home(), s.one(), s.other(), s.weeks(), null));
    }

    private static double hours(WorkedPlan worked, String number) {
        return worked.number(number).orElseThrow().number() / 3600;
    }

    /** 24 h at 12 °C and 80 %: four times as long; 13 days of cure are 52. */
    @Test
    void theCheckValue() {
        WorkedPlan worked = work(cold(with(Finish.DRYING_OIL, 2)));
        assertThat(hours(worked, "finish.dries")).isEqualTo(96);
        assertThat(hours(worked, "finish.cures")).isEqualTo(4 * 13 * 24);
        assertThat(worked.number("finish.times").orElseThrow().count()).isEqualTo(4);
        assertThat(worked.number("finish.coats").orElseThrow().count()).isEqualTo(2);
        assertThat(worked.finish().verdicts()).extracting("code").contains(Code.FINISH_DRIES_SLOWLY);
    }

    /** What is told and what is planned are the same wait. */
    @ParameterizedTest
    @EnumSource(
            value = Finish.class,
            names = {"NONE", "OWN"},
            mode = EnumSource.Mode.EXCLUDE)
    void theTasksWaitWhatIsTold(Finish finish) {
        WorkedPlan worked = work(cold(with(finish, 3)));
        Duration dries = Duration.ofSeconds(
                Math.round(worked.number("finish.dries").orElseThrow().number()));
        Duration cures = Duration.ofSeconds(
                Math.round(worked.number("finish.cures").orElseThrow().number()));
        List<Task> tasks = worked.finish().tasks();
        assertThat(tasks)
                .filteredOn(t -> t.id().matches("outside\\.(coat|wax)-\\d"))
                .hasSize(3)
                .allMatch(t -> t.waits().equals(dries));
        assertThat(tasks)
                .filteredOn(t -> t.id().equals("outside.cure"))
                .singleElement()
                .satisfies(t -> assertThat(t.waits()).isEqualTo(cures));
        assertThat(60.0 * tasks.stream().mapToLong(t -> t.hands().toMinutes()).sum())
                .isEqualTo(worked.number("finish.hands").orElseThrow().number());
    }

    @Test
    void ragsVapourAndFilmsAreWarnedOfWhereTheyAre() {
        assertThat(work(with(Finish.OIL_VARNISH, null)).finish().cautions())
                .anyMatch(c -> c.startsWith("Oily rags"))
                .anyMatch(c -> c.startsWith("Solvent"))
                .anyMatch(c -> c.startsWith("A film"));
        assertThat(work(with(Finish.FOOD_OIL, null)).finish().cautions())
                .containsExactly("Label and data sheet come first.");
        assertThat(work(openDrawer()).finish().cautions()).isEmpty();
    }

    @Test
    void whatTouchesFoodIsAskedAboutAndTheFixMendsIt() {
        BoxPlan shellac =
                openDrawer().with(FinishChoice.of(Finish.SHELLAC, null, false).touching(Touches.FOOD));
        assertThat(work(shellac).verdicts())
                .filteredOn(v -> v.code() == Code.FINISH_TOUCHED)
                .singleElement()
                .satisfies(v -> {
                    assertThat(v.sentence()).contains("Food").contains("label").contains("cured");
                    assertThat(v.fixes())
                            .singleElement()
                            .satisfies(
                                    f -> assertThat(f.after().finish().finish()).isEqualTo(Finish.FOOD_OIL));
                });
    }

    /** The shop's own: as many tasks as steps with hands, rubbing done with the coat after it; nothing of it can be nonsense. */
    @Test
    void oneOfTheShopsOwn() {
        Recipe own = new Recipe(
                "Soap, twice",
                List.of(
                        new Step(Does.SAND, "180", 20, 0),
                        new Step(Does.COAT, 10, 6),
                        new Step(Does.RUB, "grey pad", 5, 0),
                        new Step(Does.COAT, 10, 6),
                        new Step(Does.RUB, "brush", 10, 1),
                        new Step(Does.SAND, "worn 400", 5, 0)),
                false,
                false,
                false);
        WorkedPlan worked = work(openDrawer().with(new FinishChoice(Finish.OWN, null, false, null, own, null, null)));
        assertThat(worked.finish().tasks())
                .extracting(Task::id)
                .containsExactly(
                        "cut",
                        "glue",
                        "trim",
                        "outside.sand",
                        "outside.coat-1",
                        "outside.coat-2",
                        "outside.rub",
                        "outside.sand-2");
        assertThat(worked.finish().line(worked.plan().display())).isEqualTo("Soap, twice, 2 coats");
        assertThatThrownBy(() -> new FinishChoice(Finish.OWN, null, false, null, null, null, null))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Recipe("Air", List.of(new Step(Does.SAND, 5, 0)), false, false, false))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("a coat");
        assertThatThrownBy(() -> new Step(Does.COAT, 0, 5)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Step(Does.COAT, 5, 5000)).isInstanceOf(Refused.class);
    }

    /** A batch is sanded as often as there are boxes and dries once; thick wood that was split rests first. */
    @Test
    void aBatchTakesHandsAsOftenAndDriesOnce() {
        BoxPlan one = with(Finish.WAX, 1);
        BoxPlan nine = one.withBatch(new BatchWish(9, 0, 0, BatchWish.Break.PAIRS, true, List.of(), List.of(), null));
        Map<String, Task> single = named(work(one));
        Map<String, Task> batch = named(work(nine));
        for (String id : List.of("trim", "outside.sand", "outside.wax-1")) {
            assertThat(batch.get(id).hands())
                    .as(id)
                    .isEqualTo(single.get(id).hands().multipliedBy(9));
            assertThat(batch.get(id).waits()).as(id).isEqualTo(single.get(id).waits());
        }
        assertThat(batch.get("resaw").waits()).isEqualTo(Duration.ofDays(7));
        assertThat(batch.get("cut").after()).containsExactly("resaw");
        assertThat(batch.get("cut").hands())
                .as("the others are cut in stacks")
                .isLessThan(single.get("cut").hands().multipliedBy(9));
    }

    private static Map<String, Task> named(WorkedPlan worked) {
        Map<String, Task> all = new HashMap<>();
        worked.finish().tasks().forEach(t -> all.put(t.id(), t));
        return all;
    }

    /** Before the wood what stands in the way; then step after step; then the Book. */
    @Test
    void theNextStepIsRightThroughAllStations() {
        WorkedPlan worked = work(with(Finish.DRYING_OIL, 1));
        assertThat(Stations.next(worked, Set.of()).station().id()).isIn("jig", "fit");
        assertThat(Stations.next(worked, Set.of("cut")).sentence()).isEqualTo("Glue.");
        assertThat(Stations.next(worked, Set.of("cut")).station().id()).isEqualTo("glue");
        assertThat(Stations.next(worked, Set.of("trim")).sentence())
                .as("who trimmed has glued")
                .startsWith("Sand");
        assertThat(Stations.next(worked, Set.of("outside.coat-1")).sentence()).startsWith("All is done. Let it cure");
        WorkedPlan cannot =
                work(envelopeDrawer().with(envelopeDrawer().fingers().withSections(399)));
        assertThat(Stations.next(cannot, Set.of()).station().worst()).isNotNull();
        assertThat(Stations.next(cannot, Set.of("glue")).station().id())
                .as("the joint is made: what was wrong with it is behind")
                .isIn("glue", "finish");
    }

    static Stream<AnyPlan> anyPlans() {
        return AnyPlan.seeds(5300, 60);
    }

    /**
     * The lane of any box: stretches of time follow each other and grow to the right, no two blocks of hands lie on each other, and none
     * begins before what it waits for ends.
     */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void theLaneIsTrue(AnyPlan any) {
        Finish[] kinds = Finish.values();
        BoxPlan plan =
                any.worked().plan().with(FinishChoice.of(kinds[(int) (any.seed() % (kinds.length - 1))], null, true));
        WorkedPlan worked = work(plan);
        ZonedDateTime now = NOW.plusHours(any.seed() % 400);
        LocalDate wanted = any.seed() % 3 == 0 ? now.toLocalDate().plusDays(any.seed() % 60) : null;
        Map<String, ZonedDateTime> done = any.seed() % 2 == 0 ? Map.of("cut", now.minusHours(20)) : Map.of();
        Job job = new Job("box", worked.finish().tasks(), wanted, Map.of(), done);
        Calendar calendar = Calendar.ofShop(List.of(job), ShopHours.USUAL, now).get(0);
        if (calendar.never() != null) {
            return;
        }
        Figure lane = LaneFigure.of(calendar, List.of(), ShopHours.USUAL, now, Set.of(), plan.display());
        double at = Double.NEGATIVE_INFINITY;
        String until = "";
        for (Figure.Mark mark : lane.marks()) {
            if (mark.id().equals("time")) {
                assertThat(mark.from()).isGreaterThanOrEqualTo(at - 0.01);
                assertThat(mark.to()).isGreaterThan(mark.from());
                assertThat(mark.label().split("/")[0]).isGreaterThanOrEqualTo(until);
                at = mark.to();
                until = mark.label().split("/")[1];
            }
        }
        List<double[]> blocks = lane.shapes().stream()
                .filter(s -> s.role().equals("lane-hands") || s.role().equals("lane-done"))
                .map(s -> new double[] {s.points().get(0), s.points().get(2)})
                .sorted((a, b) -> Double.compare(a[0], b[0]))
                .toList();
        assertThat(blocks).isNotEmpty();
        for (int i = 1; i < blocks.size(); i++) {
            assertThat(blocks.get(i)[0]).as("block " + i).isGreaterThanOrEqualTo(blocks.get(i - 1)[1] - 0.01);
        }
        for (double[] block : blocks) {
            assertThat(block[1] - block[0]).as("it can be seen").isGreaterThan(2);
            assertThat(block[1]).isLessThanOrEqualTo(at + 0.01);
        }
    }
}
