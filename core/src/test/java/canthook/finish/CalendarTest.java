package canthook.finish;

import static canthook.finish.ShopDays.ZONE;
import static canthook.finish.ShopDays.at;
import static canthook.finish.ShopDays.open;
import static canthook.finish.ShopDays.task;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.finish.Calendar.Job;
import canthook.finish.Calendar.Placed;
import canthook.finish.ShopHours.Hours;
import canthook.refusal.Refused;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is done when: within the shop's hours, with one pair of hands, drying through the night. */
@Isolated
class CalendarTest {
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

    /** Whatever is to be done: all of it once, within openings, one thing at a time, nothing before what it waits for is dry. */
    @ParameterizedTest
    @MethodSource("canthook.finish.ShopDays#seeds")
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
}
