package canthook.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.finish.Calendar.Job;
import canthook.finish.Calendar.Placed;
import canthook.finish.ShopHours.Hours;
import canthook.finish.Task.Lane;
import canthook.refusal.Refused;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is done when: within the shop's hours, with one pair of hands, drying through the night. */
class CalendarTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");

    private static ZonedDateTime at(String local) {
        return LocalDateTime.parse(local).atZone(ZONE);
    }

    private static Task task(String id, int hands, int waits, String... after) {
        return new Task(id, Lane.BOX, id, Duration.ofMinutes(hands), Duration.ofMinutes(waits), List.of(after));
    }

    private static ShopHours open(String from, String to, DayOfWeek... days) {
        Map<DayOfWeek, Hours> week = new HashMap<>();
        for (DayOfWeek day : days.length == 0 ? DayOfWeek.values() : days) {
            week.put(day, new Hours(LocalTime.parse(from), LocalTime.parse(to)));
        }
        return new ShopHours(week);
    }

    private static List<String> starts(Calendar calendar) {
        return calendar.placed().stream()
                .map(p -> p.task().id() + " " + p.from().toLocalDateTime())
                .toList();
    }

    /** Glue at four for half an hour, a day to set, trimmed the next day at half past four. */
    @Test
    void theCheckValue() {
        Calendar calendar = Calendar.from(
                List.of(task("glue", 30, 24 * 60), task("trim", 20, 0, "glue")),
                open("09:00", "17:00"),
                at("2026-03-05T16:00"));
        assertThat(starts(calendar)).containsExactly("glue 2026-03-05T16:00", "trim 2026-03-06T16:30");
    }

    /** What does not fit before closing waits for the morning; a closed day is passed over; the year ends, a leap day is a day. */
    @ParameterizedTest
    @CsvSource({
        "2026-03-05T16:45, 2026-03-06T09:00",
        "2026-03-06T16:45, 2026-03-09T09:00",
        "2026-03-07T12:00, 2026-03-09T09:00",
        "2026-12-31T16:45, 2027-01-01T09:00",
        "2028-02-28T16:45, 2028-02-29T09:00",
        "2026-03-05T03:00, 2026-03-05T09:00"
    })
    void handsWaitForTheShopToOpen(String begins, String starts) {
        ShopHours week = open(
                "09:00",
                "17:00",
                DayOfWeek.MONDAY,
                DayOfWeek.TUESDAY,
                DayOfWeek.WEDNESDAY,
                DayOfWeek.THURSDAY,
                DayOfWeek.FRIDAY);
        assertThat(starts(Calendar.from(List.of(task("sand", 30, 0)), week, at(begins))))
                .containsExactly("sand " + starts);
    }

    /** Twelve hours are twelve hours by the clock: over the night in spring when one is lost, and in autumn when one comes twice. */
    @ParameterizedTest
    @CsvSource({"2026-03-28T20:30, 2026-03-29T10:00", "2026-10-24T20:30, 2026-10-25T08:00"})
    void aWaitIsByTheClockWhenTheClocksAreChanged(String begins, String next) {
        Calendar calendar = Calendar.from(
                List.of(task("coat", 30, 12 * 60), task("rub", 10, 0, "coat")), open("06:00", "23:00"), at(begins));
        assertThat(starts(calendar)).last().isEqualTo("rub " + next);
    }

    /** Two things to do at once by one pair of hands; what dries leaves them free. */
    @Test
    void oneThingDriesWhileTheOtherIsDone() {
        Calendar calendar = Calendar.from(
                List.of(task("glue", 30, 120), task("trim", 30, 0, "glue"), task("lid", 60, 0)),
                open("09:00", "17:00"),
                at("2026-03-05T09:00"));
        assertThat(starts(calendar))
                .containsExactly("glue 2026-03-05T09:00", "lid 2026-03-05T09:30", "trim 2026-03-05T11:30");
    }

    /** What is longer than any opening is told, and not laid over a night; so is a shop that never opens. */
    @Test
    void whatNeverFitsIsTold() {
        Calendar calendar = Calendar.from(List.of(task("long", 90, 0)), open("09:00", "10:00"), at("2026-03-05T09:00"));
        assertThat(calendar.never()).isNotNull();
        assertThat(calendar.ready()).isEmpty();
        ShopHours closed = new ShopHours(Map.of());
        assertThat(Calendar.from(List.of(task("any", 5, 0)), closed, at("2026-03-05T09:00"))
                        .never())
                .isNotNull();
        assertThatThrownBy(() -> new Hours(LocalTime.of(9, 0), LocalTime.of(9, 0)))
                .isInstanceOf(Refused.class);
    }

    /** Ready on a day: begun as late as can be, and not a quarter of an hour later; past days begin at once and are late. */
    @Test
    void readyOnADayBeginsAsLateAsCanBe() {
        List<Task> tasks = List.of(task("coat", 30, 24 * 60), task("wax", 20, 0, "coat"));
        ShopHours hours = open("09:00", "17:00");
        LocalDate day = LocalDate.parse("2026-03-12");
        Calendar calendar = Calendar.readyOn(tasks, hours, day, at("2026-03-05T08:00"));
        assertThat(starts(calendar)).containsExactly("coat 2026-03-11T16:00", "wax 2026-03-12T16:30");
        Calendar late = Calendar.readyOn(tasks, hours, LocalDate.parse("2026-03-01"), at("2026-03-05T08:00"));
        assertThat(starts(late)).first().isEqualTo("coat 2026-03-05T09:00");
        assertThat(late.isReadyBy(at("2026-03-02T00:00"))).isFalse();
    }

    private static Job job(
            String box,
            LocalDate readyOn,
            Map<String, LocalDateTime> moved,
            Map<String, ZonedDateTime> done,
            Task... tasks) {
        return new Job(box, List.of(tasks), readyOn, moved, done);
    }

    /** A step that was moved begins when it was put, what waits for it follows, and what does not wait stays where it was. */
    @Test
    void aMovedStepTakesWhatFollowsAlong() {
        Calendar calendar = Calendar.ofShop(
                        List.of(job(
                                "box",
                                null,
                                Map.of("glue", LocalDateTime.parse("2026-03-06T10:00")),
                                Map.of(),
                                task("glue", 30, 120),
                                task("trim", 30, 0, "glue"),
                                task("lid", 60, 0))),
                        open("09:00", "17:00"),
                        at("2026-03-05T09:00"))
                .get(0);
        assertThat(starts(calendar))
                .containsExactly("lid 2026-03-05T09:00", "glue 2026-03-06T10:00", "trim 2026-03-06T12:30");
    }

    /** What is done is not done again, what it waited for is done with it, and what it dries from its own time on. */
    @Test
    void whatIsDoneLiesBehind() {
        Calendar calendar = Calendar.ofShop(
                        List.of(job(
                                "box",
                                null,
                                Map.of(),
                                Map.of("glue", at("2026-03-05T10:00")),
                                task("cut", 60, 0),
                                task("glue", 30, 180, "cut"),
                                task("trim", 30, 0, "glue"))),
                        open("09:00", "17:00"),
                        at("2026-03-05T10:05"))
                .get(0);
        assertThat(calendar.left())
                .singleElement()
                .satisfies(p -> assertThat(p.from()).isEqualTo(at("2026-03-05T13:00")));
        assertThat(starts(calendar))
                .containsExactly("cut 2026-03-05T08:30", "glue 2026-03-05T09:30", "trim 2026-03-05T13:00");
    }

    /** One pair of hands for all boxes: the one that is wanted first has them first, and nobody is at two things at once. */
    @Test
    void twoBoxesShareTheHands() {
        List<Calendar> both = Calendar.ofShop(
                List.of(
                        job("later", null, Map.of(), Map.of(), task("sand", 60, 0)),
                        job("soon", LocalDate.parse("2026-03-05"), Map.of(), Map.of(), task("sand", 420, 0))),
                open("09:00", "17:00"),
                at("2026-03-05T09:00"));
        assertThat(starts(both.get(1))).containsExactly("sand 2026-03-05T10:00");
        assertThat(starts(both.get(0))).containsExactly("sand 2026-03-05T09:00");
    }

    /** A day that no calendar reaches is said with the first that can be; a day that is past, too; a shop that is never open. */
    @Test
    void whatCannotBeIsSaid() {
        Job soon = job("box", LocalDate.parse("2026-03-05"), Map.of(), Map.of(), task("coat", 30, 48 * 60));
        ZonedDateTime now = at("2026-03-05T09:00");
        ShopHours hours = open("09:00", "17:00");
        Calendar calendar = Calendar.ofShop(List.of(soon), hours, now).get(0);
        Doubt late = Doubt.of(calendar, soon, hours, now).get(0);
        assertThat(late.says()).contains("cannot be ready today").contains("Sat 7 Mar 9:30");
        assertThat(late.couldBe()).isEqualTo(LocalDate.parse("2026-03-07"));
        Job then = job("box", late.couldBe(), Map.of(), Map.of(), task("coat", 30, 48 * 60));
        Calendar mended = Calendar.ofShop(List.of(then), hours, now).get(0);
        assertThat(Doubt.of(mended, then, hours, now)).isEmpty();
        Job past = job("box", LocalDate.parse("2026-03-01"), Map.of(), Map.of(), task("coat", 30, 0));
        assertThat(Doubt.of(Calendar.ofShop(List.of(past), hours, now).get(0), past, hours, now))
                .singleElement()
                .satisfies(d -> assertThat(d.says()).contains("that day is past"));
        ShopHours closed = new ShopHours(Map.of());
        assertThat(Doubt.of(Calendar.ofShop(List.of(soon), closed, now).get(0), soon, closed, now))
                .singleElement()
                .satisfies(d -> assertThat(d.says()).contains("never open"));
        Job ages = job("box", null, Map.of(), Map.of(), task("oil", 30, 60 * 24 * 800));
        assertThat(Doubt.of(Calendar.ofShop(List.of(ages), hours, now).get(0), ages, hours, now))
                .singleElement()
                .satisfies(d -> assertThat(d.says()).contains("two years").contains("800 days"));
    }

    /** Thirty boxes over a year. How fast it is belongs to the measurements; that it is no matter of seconds is looked at here. */
    @Test
    void aYearOfThirtyBoxesIsWorkedAtOnce() {
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            List<Task> tasks = new ArrayList<>();
            for (int k = 0; k < 14; k++) {
                tasks.add(k == 0 ? task("t0", 60, 0) : task("t" + k, 40, 24 * 60, "t" + (k - 1)));
            }
            LocalDate day = LocalDate.parse("2026-03-20").plusDays(11L * i);
            jobs.add(job("box" + i, day, Map.of(), Map.of(), tasks.toArray(Task[]::new)));
        }
        long begun = System.nanoTime();
        List<Calendar> all = Calendar.ofShop(jobs, open("09:00", "17:00"), at("2026-03-01T09:00"));
        double ms = (System.nanoTime() - begun) / 1e6;
        assertThat(all).allMatch(c -> c.never() == null);
        assertThat(ms).isLessThan(1000);
        for (int i = 0; i < 30; i++) {
            assertThat(all.get(i).isReadyBy(jobs.get(i).readyOn().plusDays(1).atStartOfDay(ZONE)))
                    .as("box " + i)
                    .isTrue();
        }
    }

    static IntStream seeds() {
        return IntStream.range(0, 200);
    }

    /** Whatever is to be done: all of it once, within openings, one thing at a time, nothing before what it waits for is dry. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noCalendarBreaksItsRules(int seed) {
        Random random = new Random(seed);
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(14); i++) {
            List<String> after = new ArrayList<>();
            for (int j = 0; j < i; j++) {
                if (random.nextInt(4) == 0) {
                    after.add("t" + j);
                }
            }
            tasks.add(task("t" + i, 5 * random.nextInt(24), 60 * random.nextInt(40), after.toArray(String[]::new)));
        }
        DayOfWeek[] days = java.util.Arrays.stream(DayOfWeek.values())
                .filter(d -> d == DayOfWeek.TUESDAY || random.nextBoolean())
                .toArray(DayOfWeek[]::new);
        int opens = random.nextInt(18);
        ShopHours hours = open(
                LocalTime.of(opens, 0).toString(),
                LocalTime.of(Math.min(23, opens + 2 + random.nextInt(5)), 30).toString(),
                days);
        ZonedDateTime begins = at("2026-01-01T00:00").plusHours(random.nextInt(8760));
        Calendar calendar = Calendar.from(tasks, hours, begins);
        assertThat(calendar.never()).isNull();
        assertThat(calendar.placed()).hasSameSizeAs(tasks);
        Map<String, Placed> by = new HashMap<>();
        calendar.placed().forEach(p -> by.put(p.task().id(), p));
        for (Placed p : calendar.placed()) {
            assertThat(p.from()).isAfterOrEqualTo(begins);
            p.task()
                    .after()
                    .forEach(
                            a -> assertThat(p.from()).isAfterOrEqualTo(by.get(a).dry()));
            if (p.task().hands().isZero()) {
                continue;
            }
            ShopHours.Opening opening =
                    hours.on(p.from().toLocalDate(), p.from()).orElseThrow();
            assertThat(p.from()).isAfterOrEqualTo(opening.from());
            assertThat(p.to()).isBeforeOrEqualTo(opening.to());
            for (Placed other : calendar.placed()) {
                if (other != p && !other.task().hands().isZero()) {
                    assertThat(other.from().isBefore(p.to()) && p.from().isBefore(other.to()))
                            .as(p.task().id() + " and " + other.task().id())
                            .isFalse();
                }
            }
        }
    }

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
    @MethodSource("seeds")
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
