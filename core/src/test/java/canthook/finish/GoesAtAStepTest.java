package canthook.finish;

import static canthook.finish.ShopDays.at;
import static canthook.finish.ShopDays.open;
import static canthook.finish.ShopDays.task;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.finish.Calendar.Job;
import canthook.finish.Calendar.Placed;
import canthook.finish.Task.Lane;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is longer than an opening of the shop is taken up again at the next. */
class GoesAtAStepTest {
    private static Task lengthy(String id, int hands, int piece, int waits, String... after) {
        return new Task(
                id,
                Lane.BOX,
                id,
                Duration.ofMinutes(hands),
                Duration.ofMinutes(piece),
                Duration.ofMinutes(waits),
                List.of(after));
    }

    private static List<String> stretches(Calendar calendar) {
        return calendar.placed().stream()
                .map(p -> p.id() + " " + p.from().toLocalDateTime() + " "
                        + p.takes().toMinutes())
                .toList();
    }

    /** Nine boxes of fifty minutes, three hours an evening. */
    @Test
    void whatIsLongerThanEveryOpeningIsTakenUpAgain() {
        Calendar calendar = Calendar.from(
                List.of(lengthy("glue", 450, 50, 120), task("trim", 30, 0, "glue")),
                open("18:00", "21:00"),
                at("2026-11-28T18:00"));
        assertThat(stretches(calendar))
                .containsExactly(
                        "glue 2026-11-28T18:00 150",
                        "glue~2 2026-11-29T18:00 150",
                        "glue~3 2026-11-30T18:00 150",
                        "trim 2026-12-01T18:00 30");
        assertThat(calendar.placed().get(0).dries()).isFalse();
        assertThat(calendar.placed().get(2).dry()).isEqualTo(at("2026-11-30T22:30"));
        assertThat(calendar.placed().get(1).says()).isEqualTo("glue, go 2 of 3");
    }

    /** What fits whole stays whole, even where it could have been begun the evening before. */
    @Test
    void whatFitsAnOpeningIsDoneAtOneGo() {
        assertThat(stretches(Calendar.from(
                        List.of(lengthy("glue", 150, 50, 0)), open("18:00", "21:00"), at("2026-11-28T19:30"))))
                .containsExactly("glue 2026-11-29T18:00 150");
    }

    @Test
    void aPieceThatFitsNoOpeningIsTold() {
        Calendar calendar =
                Calendar.from(List.of(lengthy("glue", 450, 50, 0)), open("18:00", "18:45"), at("2026-11-28T18:00"));
        assertThat(calendar.never()).isNotNull();
        assertThat(Doubt.of(
                        calendar,
                        new Job("", List.of(), null, Map.of(), Map.of()),
                        open("18:00", "18:45"),
                        at("2026-11-28T18:00")))
                .extracting(Doubt::says)
                .allMatch(says -> says.contains("50 min in one piece"));
    }

    /** The rest of what is begun takes less; what was taken for it before is given back to what follows. */
    @Test
    void whatIsBegunTakesWhatIsLeftOfIt() {
        List<Task> tasks = List.of(lengthy("cut", 240, 30, 0), task("glue", 30, 0, "cut"));
        Calendar calendar = Calendar.ofShop(
                        List.of(new Job("box", tasks, null, Map.of(), Map.of(), Map.of("cut", 0.7))),
                        open("18:00", "20:00"),
                        at("2026-11-28T18:00"))
                .get(0);
        assertThat(stretches(calendar)).containsExactly("cut 2026-11-28T18:00 75", "glue 2026-11-28T19:15 30");
        assertThat(calendar.placed().get(0).says()).isEqualTo("cut, the rest");
    }

    /** Another box lies in the middle of the evening: what is long goes round it, and not over it. */
    @Test
    void aLongStepGoesRoundWhatTheHandsAreAt() {
        Job first = new Job(
                "a",
                List.of(task("coat", 30, 0)),
                null,
                Map.of("coat", LocalDateTime.parse("2026-11-28T19:00")),
                Map.of());
        Job second = new Job("b", List.of(lengthy("cut", 200, 30, 0)), null, Map.of(), Map.of());
        List<Calendar> all = Calendar.ofShop(List.of(first, second), open("18:00", "21:00"), at("2026-11-28T18:00"));
        assertThat(stretches(all.get(1)))
                .containsExactly("cut 2026-11-28T18:00 60", "cut~2 2026-11-28T19:30 90", "cut~3 2026-11-29T18:00 50");
    }

    /** Whatever the hours and however long: pieces are whole, hands are at one thing, and nothing of a step is lost. */
    @ParameterizedTest
    @MethodSource("canthook.finish.ShopDays#seeds")
    void goesAtAStepAddUp(int seed) {
        Random random = new Random(seed);
        ShopHours hours = open("09:00", random.nextBoolean() ? "11:10" : "13:00");
        List<Job> jobs = new ArrayList<>();
        for (int b = 0; b < 3; b++) {
            int piece = 5 * (1 + random.nextInt(12));
            int all = piece * (1 + random.nextInt(12));
            jobs.add(new Job(
                    "box" + b,
                    List.of(
                            task("resaw", 5 * (1 + random.nextInt(10)), 0),
                            lengthy("cut", all, piece, 60, "resaw"),
                            task("trim", 20, 0, "cut")),
                    random.nextInt(3) == 0 ? LocalDate.parse("2026-12-20") : null,
                    Map.of(),
                    Map.of()));
        }
        List<Calendar> calendars = Calendar.ofShop(jobs, hours, at("2026-11-28T08:00"));
        List<Placed> hands = new ArrayList<>();
        for (int b = 0; b < 3; b++) {
            Calendar calendar = calendars.get(b);
            assertThat(calendar.never()).isNull();
            hands.addAll(calendar.placed());
            for (Task task : jobs.get(b).tasks()) {
                List<Placed> goes = calendar.placed().stream()
                        .filter(p -> p.task().id().equals(task.id()))
                        .toList();
                assertThat(goes.stream().mapToLong(p -> p.takes().toMinutes()).sum())
                        .isEqualTo(task.hands().toMinutes());
                for (Placed go : goes.subList(0, goes.size() - 1)) {
                    assertThat(go.takes().toMinutes() % task.piece().toMinutes())
                            .isZero();
                }
                for (String before : task.after()) {
                    assertThat(goes.get(0).from())
                            .isAfterOrEqualTo(calendar.placed().stream()
                                    .filter(p -> p.task().id().equals(before))
                                    .map(Placed::dry)
                                    .max(ZonedDateTime::compareTo)
                                    .orElseThrow());
                }
            }
        }
        hands.sort(java.util.Comparator.comparing(Placed::from));
        for (int i = 0; i < hands.size(); i++) {
            Placed go = hands.get(i);
            ShopHours.Opening open =
                    hours.on(go.from().toLocalDate(), go.from()).orElseThrow();
            assertThat(go.to()).isBeforeOrEqualTo(open.to());
            assertThat(go.from()).isAfterOrEqualTo(open.from());
            if (i > 0) {
                assertThat(go.from()).isAfterOrEqualTo(hands.get(i - 1).to());
            }
        }
    }
}
