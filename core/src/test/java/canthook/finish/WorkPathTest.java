package canthook.finish;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.plan.BoxPlan;
import canthook.plan.FinishChoice;
import canthook.plan.FinishChoice.Finish;
import canthook.plan.GlueChoice;
import canthook.plan.Lid;
import canthook.plan.SeasonsChoice;
import canthook.planner.Planner;
import canthook.shop.Shop;
import canthook.wood.Air;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is to be done from the first pass to the hinges, and what has to dry before what. */
class WorkPathTest {
    private static List<Task> path(BoxPlan plan, FinishChoice finish) {
        return Planner.work(plan.with(finish), Shop.withDefaults()).finish().tasks();
    }

    private static List<String> ids(List<Task> tasks) {
        return tasks.stream().map(Task::id).toList();
    }

    private static Task named(List<Task> tasks, String id) {
        return tasks.stream().filter(t -> t.id().equals(id)).findFirst().orElseThrow();
    }

    private static BoxPlan in(BoxPlan plan, double warm, double damp) {
        SeasonsChoice was = plan.seasons();
        return plan.with(new SeasonsChoice(
                was.known(), was.meter(), new Air(warm, damp), was.home(), was.one(), was.other(), was.weeks(), null));
    }

    @Test
    void aBoxWithoutALidIsCutGluedTrimmedAndCoated() {
        List<Task> tasks = path(openDrawer(), FinishChoice.of(Finish.DRYING_OIL, null, false));
        assertThat(ids(tasks))
                .containsExactly(
                        "cut", "glue", "trim", "outside.sand", "outside.coat-1", "outside.coat-2", "outside.cure");
        assertThat(named(tasks, "outside.coat-1").waits()).isEqualTo(Duration.ofHours(24));
        assertThat(named(tasks, "outside.coat-2").waits()).isEqualTo(Duration.ofHours(24));
        Task cures = named(tasks, "outside.cure");
        assertThat(cures.hands()).isZero();
        assertThat(cures.waits())
                .as("14 days in all, one of them under the last coat")
                .isEqualTo(Duration.ofDays(13));
        assertThat(ids(path(openDrawer(), FinishChoice.NONE))).containsExactly("cut", "glue", "trim");
    }

    /** The inside is finished before the glue; a water-based film wants the grain raised first; a lid dries beside the box. */
    @Test
    void insideBeforeTheGlueAndTheLidBesideIt() {
        List<Task> tasks = path(envelopeDrawer(), FinishChoice.of(Finish.WATER_FILM, 2, true));
        assertThat(ids(tasks)).containsSubsequence("inside.coat-2", "glue", "trim", "outside.wet", "outside.coat-1");
        assertThat(named(tasks, "glue").after()).containsExactly("inside.coat-2");
        assertThat(named(tasks, "inside.coat-2").waits())
                .as("handled, not cured")
                .isEqualTo(Duration.ofHours(3));
        assertThat(named(tasks, "lid.plane").after()).isEmpty();
        assertThat(ids(tasks)).contains("lid.sand", "lid.coat-2");
    }

    @Test
    void hingesComeAfterTheFinishOfBoth() {
        List<Task> tasks = path(openDrawer().with(onTop(Lid.Kept.HINGED)), FinishChoice.of(Finish.SHELLAC, 1, false));
        assertThat(named(tasks, "hinges").after()).containsExactly("outside.coat-1", "lid.coat-1");
    }

    @Test
    void halvesAreGluedOneDayAndJoinedAnother() {
        List<Task> tasks = path(openDrawer().with(GlueChoice.USUAL.withHalves(true)), FinishChoice.NONE);
        assertThat(named(tasks, "glue").after()).containsExactly("glue.halves");
        assertThat(named(tasks, "glue.halves").waits()).isEqualTo(Duration.ofHours(2));
    }

    /** Doubled in the cold, doubled in the damp, four times in both. */
    @ParameterizedTest
    @CsvSource({"20,50,24", "15,70,24", "14.9,50,48", "20,70.1,48", "12,80,96"})
    void coldAndDampLengthenEveryWait(double warm, double damp, int hours) {
        List<Task> tasks = path(in(openDrawer(), warm, damp), FinishChoice.of(Finish.DRYING_OIL, null, false));
        assertThat(named(tasks, "outside.coat-1").waits()).isEqualTo(Duration.ofHours(hours));
        assertThat(named(tasks, "glue").waits()).isEqualTo(Duration.ofHours(2L * hours / 24));
    }

    static Stream<AnyPlan> anyPlans() {
        return AnyPlan.seeds(5200, 60);
    }

    /** Whatever the box: names of their own, nothing waits for what does not come, and all of it finds a day. */
    @ParameterizedTest
    @MethodSource("anyPlans")
    void everyPathFindsItsDays(AnyPlan any) {
        Finish[] kinds = Finish.values();
        FinishChoice finish =
                FinishChoice.of(kinds[(int) (any.seed() % (kinds.length - 1))], null, any.seed() % 2 == 0);
        List<Task> tasks = path(any.worked().plan(), finish);
        Set<String> known = new HashSet<>();
        for (Task task : tasks) {
            assertThat(known).as(any.seed() + ": " + task.id()).containsAll(task.after());
            assertThat(known.add(task.id())).as(task.id() + " is listed twice").isTrue();
        }
        Calendar calendar = Calendar.from(
                tasks, ShopHours.USUAL, LocalDateTime.parse("2026-11-27T10:00").atZone(ZoneId.of("Europe/Vienna")));
        if (calendar.never() != null) {
            assertThat(calendar.never().hands()).isGreaterThan(Duration.ofHours(8));
        } else {
            assertThat(calendar.placed()).hasSameSizeAs(tasks);
        }
    }
}
