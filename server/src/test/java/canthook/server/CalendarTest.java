package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is done when: the shop's hours, a box's calendar, today in the shop, the same as a file another program reads, and the end of it. */
class CalendarTest extends ServerTestBase {
    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");

    @Autowired
    private JdbcClient file;

    private String box;
    private ObjectNode plan;

    @BeforeEach
    void aBoxInAShopThatIsAlwaysOpen() {
        hours("00:00", "23:59", "Europe/Vienna");
        plan = drawer();
        plan.set("finish", node().put("finish", "DRYING_OIL").put("inside", false));
        box = post("/api/boxes", node().set("plan", plan)).body().get("id").asText();
    }

    @AfterEach
    void putAway() {
        delete("/api/boxes/" + box);
    }

    private Reply hours(String from, String to, String zone) {
        ArrayNode days = json.createArrayNode();
        for (String day : List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY")) {
            days.add(node().put("day", day).put("from", from).put("to", to));
        }
        ObjectNode said = node().put("zone", zone);
        said.set("days", days);
        return put("/api/shop-hours", said);
    }

    private JsonNode calendar() {
        Reply reply = post("/api/boxes/" + box + "/calendar", node().set("plan", plan));
        assertThat(reply.status()).as(reply.text()).isEqualTo(200);
        return reply.body();
    }

    private static JsonNode step(JsonNode calendar, String id) {
        for (JsonNode step : calendar.get("steps")) {
            if (step.get("id").asText().equals(id)) {
                return step;
            }
        }
        throw new AssertionError("no step " + id + " in " + calendar.get("steps"));
    }

    private Reply tick(String step, boolean done) {
        return post("/api/boxes/" + box + "/steps/" + step, node().put("done", done));
    }

    private JsonNode finish() {
        return plan.get("finish");
    }

    @Test
    void theHoursOfTheShop() {
        ObjectNode said = (ObjectNode) get("/api/shop-hours").body();
        assertThat(said.get("zone").asText()).isEqualTo("Europe/Vienna");
        assertThat(said.get("says").asText()).isEqualTo("Mon–Sun 0–23:59");
        ArrayNode days = (ArrayNode) said.get("days");
        ((ObjectNode) days.get(5)).put("from", "9:00").put("to", "12:30");
        ((ObjectNode) days.get(6)).remove(List.of("from", "to"));
        Reply kept = put("/api/shop-hours", said);
        assertThat(kept.body().get("says").asText()).isEqualTo("Mon–Fri 0–23:59, Sat 9–12:30");
        ((ObjectNode) days.get(2)).put("from", "17:00").put("to", "9:00");
        Reply refused = put("/api/shop-hours", said);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("days[2].to");
        assertThat(get("/api/shop-hours").body().get("says").asText())
                .as("what stood before still stands")
                .isEqualTo("Mon–Fri 0–23:59, Sat 9–12:30");
    }

    @ParameterizedTest
    @CsvSource({"25:00, 26:00, Europe/Vienna, days[0].from", "09:00, 17:00, Europe/Nowhere, zone"})
    void hoursThatNoShopHas(String from, String to, String zone, String field) {
        Reply refused = hours(from, to, zone);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo(field);
    }

    /** A shop that is never open says so and is no error; opened again the box has its day again. */
    @Test
    void aShopThatIsNeverOpen() {
        ObjectNode said = node();
        said.set("days", json.createArrayNode());
        assertThat(put("/api/shop-hours", said).body().get("says").asText()).isEqualTo("never");
        JsonNode closed = calendar();
        assertThat(closed.get("ready")).isNull();
        assertThat(closed.at("/doubts/0/says").asText()).contains("never open");
        hours("09:00", "17:00", "Europe/Vienna");
        assertThat(calendar().get("ready").asText()).isNotEmpty();
        assertThat(calendar().get("doubts")).isEmpty();
    }

    /** Hours that cannot be read are no quiet change of plan: every calendar says so until they are said again. */
    @Test
    void damagedHoursAreSaid() {
        file.sql("UPDATE shop_hours SET hours = '[{'").update();
        assertThat(calendar().at("/doubts/0/says").asText())
                .contains("cannot be read")
                .contains("Mon–Sat 9–17");
        hours("00:00", "23:59", "Europe/Vienna");
        assertThat(calendar().get("doubts")).isEmpty();
    }

    /** Ticked, it is done, with everything before it; what follows begins when it is dry; the tick comes off again. */
    @Test
    void aStepIsTicked() {
        JsonNode before = calendar();
        assertThat(before.at("/next/id").asText()).isEqualTo("cut");
        assertThat(tick("glue", true).status()).isEqualTo(204);
        JsonNode after = calendar();
        assertThat(step(after, "cut").get("done").asBoolean()).isTrue();
        assertThat(after.at("/next/id").asText()).isEqualTo("trim");
        assertThat(after.at("/next/because").asText()).startsWith("“Glue” dries until");
        assertThat(tick("glue", false).status()).isEqualTo(204);
        assertThat(calendar().at("/next/id").asText()).isEqualTo("cut");
        assertThat(tick("varnish", true).field()).isEqualTo("step");
        assertThat(tick("outside.cure", true).status()).as("hands do not cure").isEqualTo(422);
    }

    /** What is longer than an evening is done in several goes; each is ticked, has its own event, and leaves the rest. */
    @Test
    void aLongStepIsDoneInGoes() {
        hours("18:00", "19:00", "Europe/Vienna");
        plan.set("batch", demoPlan("4-drawer-batch.json").get("batch"));
        keep();
        List<JsonNode> goes = goes(calendar(), "trim");
        assertThat(goes).hasSizeGreaterThan(1);
        assertThat(goes.get(1).get("says").asText()).endsWith("go 2 of " + goes.size());
        assertThat(events("/api/boxes/" + box + "/calendar.ics").keySet())
                .contains("trim@cant-hook", "trim~2@cant-hook");
        tick("glue", true);
        assertThat(post(
                                "/api/boxes/" + box + "/steps/trim",
                                node().put("done", true).put("part", 1))
                        .status())
                .isEqualTo(204);
        List<JsonNode> left = goes(calendar(), "trim");
        assertThat(left).hasSize(goes.size() - 1);
        assertThat(left.get(0).get("says").asText()).contains("the rest");
        assertThat(left.get(0).get("done").asBoolean()).isFalse();
        assertThat(post(
                                "/api/boxes/" + box + "/steps/trim",
                                node().put("done", true).put("part", 0))
                        .field())
                .isEqualTo("part");
        post("/api/boxes/" + box + "/steps/trim", node().put("done", true).put("part", left.size()));
        assertThat(step(calendar(), "trim").get("done").asBoolean()).isTrue();
        tick("trim", false);
        assertThat(goes(calendar(), "trim")).hasSameSizeAs(goes);
    }

    private static List<JsonNode> goes(JsonNode calendar, String id) {
        List<JsonNode> goes = new ArrayList<>();
        for (JsonNode step : calendar.get("steps")) {
            if (step.get("id").asText().equals(id)) {
                goes.add(step);
            }
        }
        return goes;
    }

    /** Moved, it begins then and what follows comes after; a day that cannot be is said, and the one that is offered can be. */
    @Test
    void aStepIsMovedAndADayIsWanted() {
        String to = LocalDate.now(ZONE).plusDays(10).atTime(10, 30).toString();
        ((ObjectNode) finish()).set("notBefore", node().put("trim", to));
        JsonNode moved = calendar();
        assertThat(step(moved, "trim").get("from").asText()).isEqualTo(to);
        assertThat(step(moved, "trim").get("moved").asBoolean()).isTrue();
        assertThat(step(moved, "outside.sand").get("from").asText()).isGreaterThan(to);
        assertThat(step(moved, "glue").get("from").asText()).isLessThan(to);
        ((ObjectNode) finish()).put("readyOn", LocalDate.now(ZONE).plusDays(1).toString());
        JsonNode late = calendar();
        String could = late.at("/doubts/0/couldBe").asText();
        assertThat(late.at("/doubts/0/says").asText()).contains("cannot be ready tomorrow");
        ((ObjectNode) finish()).put("readyOn", could);
        assertThat(calendar().get("doubts")).isEmpty();
        ((ObjectNode) finish()).put("readyOn", "2027-02-30");
        Reply refused = post("/api/boxes/" + box + "/calendar", node().set("plan", plan));
        assertThat(refused.status()).isBetween(400, 422);
    }

    /** A box somebody is at stands in today's steps until it is finished; one that is only planned does not. */
    @Test
    void todayInTheShop() {
        assertThat(today()).doesNotContain(box);
        tick("cut", true);
        assertThat(today()).contains(box);
        Reply done = post(
                "/api/boxes/" + box + "/finished",
                node().put("learned", "Sand sooner.").put("hours", 6.5));
        assertThat(done.status()).isEqualTo(201);
        assertThat(today()).doesNotContain(box);
    }

    /** A box that was cut long ago and never touched since is no work of today; wanted on a day, it is. */
    @Test
    void whatLiesStillIsNotUnderWay() {
        tick("cut", true);
        assertThat(today()).contains(box);
        file.sql("UPDATE step_done SET at = ? WHERE box_id = ?")
                .params(Instant.now().minus(Duration.ofDays(200)).toString(), box)
                .update();
        assertThat(today()).doesNotContain(box);
        ((ObjectNode) finish()).put("readyOn", LocalDate.now(ZONE).plusDays(1).toString());
        keep();
        assertThat(today()).contains(box);
    }

    /** In a zone where it is ten in the morning: what is begun now is done today. */
    private List<String> today() {
        int hour = LocalDateTime.now(ZoneOffset.UTC).getHour();
        hours("00:00", "23:59", ZoneOffset.ofHours(hour > 22 ? 11 : 10 - hour).getId());
        return get("/api/today").body().get("steps").findValuesAsText("box");
    }

    /** The next thing on the shelf goes from the joint to the Book. */
    @Test
    void theShelfKnowsWhatIsNext() {
        tick("cut", true);
        assertThat(shelf("ANY").get(box)).isEqualTo("Glue.");
        tick("outside.sand", true);
        assertThat(shelf("ANY").get(box)).startsWith("Coat 1");
        tick("outside.coat-2", true);
        assertThat(shelf("ANY").get(box)).startsWith("All is done.");
        post("/api/boxes/" + box + "/finished", node());
        assertThat(shelf("ANY")).doesNotContainKey(box);
        assertThat(shelf("FINISHED")).containsKey(box);
    }

    private Map<String, String> shelf(String stage) {
        Map<String, String> next = new java.util.HashMap<>();
        get("/api/boxes?most=100&stage=" + stage)
                .body()
                .forEach(b -> next.put(b.get("id").asText(), b.get("next").asText()));
        return next;
    }

    /** Finished: a day, hours, what was learned, in the Book with its words; not after all: back on the shelf. */
    @Test
    void aBoxIsFinished() {
        assertThat(get("/api/boxes/" + box + "/finished").body().get("day")).isNull();
        assertThat(post("/api/boxes/" + box + "/finished", node().put("hours", 0))
                        .field())
                .isEqualTo("hours");
        String tomorrow = LocalDate.now(ZONE).plusDays(1).toString();
        assertThat(post("/api/boxes/" + box + "/finished", node().put("day", tomorrow))
                        .field())
                .isEqualTo("day");
        JsonNode kept = post(
                        "/api/boxes/" + box + "/finished",
                        node().put("day", "2026-01-15").put("hours", 6.5).put("learned", "Wax the key next time."))
                .body();
        assertThat(kept.get("day").asText()).isEqualTo("2026-01-15");
        assertThat(post("/api/boxes/" + box + "/finished", node()).detail()).contains("finished already");
        JsonNode entry = get("/api/book?kind=FINISHED&box=" + box).body().at("/entries/0");
        assertThat(entry.get("says").asText()).isEqualTo("Finished in 6.5 hours. Wax the key next time.");
        assertThat(entry.get("at").asText()).startsWith("2026-01-15");
        assertThat(entry.get("ref").asText()).isEqualTo(kept.get("note").asText());
        assertThat(get("/api/book?kind=NOTE&box=" + box).body().get("entries"))
                .as("it stands in the Book once")
                .isEmpty();
        assertThat(get("/api/book?search=wax&box=" + box).body().get("entries"))
                .as("it is found by its words")
                .hasSize(1);
        assertThat(delete("/api/boxes/" + box + "/finished").status()).isEqualTo(204);
        assertThat(delete("/api/boxes/" + box + "/finished").status()).isEqualTo(422);
        assertThat(shelf("ANY")).containsKey(box);
        assertThat(get("/api/book?kind=NOTE&box=" + box).body().get("entries"))
                .as("what was learned stays")
                .hasSize(1);
    }

    private Map<String, VEvent> events(String address) {
        Reply reply = get(address);
        assertThat(reply.status()).isEqualTo(200);
        assertThat(reply.text()).contains("TZID:Europe/Vienna").doesNotContain("http://www", "https://www");
        ICalendar read = Biweekly.parse(reply.text()).first();
        if (!read.getEvents().isEmpty()) {
            assertThat(read.validate(biweekly.ICalVersion.V2_0)).isEmpty();
        }
        return read.getEvents().stream()
                .filter(e -> e.getUid().getValue().startsWith(box + "."))
                .collect(Collectors.toMap(e -> e.getUid().getValue().substring(box.length() + 1), Function.identity()));
    }

    /**
     * Read back by another's parser: an event a step with hands, at the moment the calendar says, also on a day when the clocks are
     * changed; the same ids and a newer version when a step moves.
     */
    @Test
    void theFileIsReadByAnotherProgram() {
        LocalDateTime summer = LocalDateTime.parse("2027-07-01T10:00");
        LocalDateTime winter = LocalDateTime.parse("2028-01-10T10:00");
        ((ObjectNode) finish())
                .set("notBefore", node().put("glue", summer.toString()).put("outside.coat-1", winter.toString()));
        keep();
        Map<String, VEvent> events = events("/api/boxes/" + box + "/calendar.ics");
        assertThat(events.keySet())
                .containsExactlyInAnyOrder(
                        "cut@cant-hook",
                        "glue@cant-hook",
                        "trim@cant-hook",
                        "outside.sand@cant-hook",
                        "outside.coat-1@cant-hook",
                        "outside.coat-2@cant-hook");
        JsonNode calendar = calendar();
        for (JsonNode step : calendar.get("steps")) {
            VEvent event = events.get(step.get("id").asText() + "@cant-hook");
            if (event != null) {
                Instant from = LocalDateTime.parse(step.get("from").asText())
                        .atZone(ZONE)
                        .toInstant();
                assertThat(event.getDateStart().getValue().toInstant())
                        .as(step.get("id").asText())
                        .isEqualTo(from);
                assertThat(event.getSummary().getValue())
                        .contains(step.get("says").asText());
                assertThat(event.getDateEnd().getValue().toInstant()).isAfter(from);
            }
        }
        assertThat(events.get("glue@cant-hook").getDateStart().getValue().toInstant())
                .isEqualTo(Instant.parse("2027-07-01T08:00:00Z"));
        assertThat(events.get("outside.coat-1@cant-hook")
                        .getDateStart()
                        .getValue()
                        .toInstant())
                .isEqualTo(Instant.parse("2028-01-10T09:00:00Z"));
        int version = events.get("glue@cant-hook").getSequence().getValue();
        ((ObjectNode) finish().get("notBefore")).put("glue", "2027-07-02T10:00");
        keep();
        VEvent moved = events("/api/boxes/" + box + "/calendar.ics").get("glue@cant-hook");
        assertThat(moved.getDateStart().getValue().toInstant()).isEqualTo(Instant.parse("2027-07-02T08:00:00Z"));
        assertThat(moved.getSequence().getValue()).isGreaterThanOrEqualTo(version);
    }

    /** The address of all boxes has those somebody is at. */
    @Test
    void allBoxesHaveOneAddress() {
        assertThat(events("/api/calendar.ics")).isEmpty();
        tick("cut", true);
        assertThat(events("/api/calendar.ics").keySet()).contains("cut@cant-hook", "glue@cant-hook");
        assertThat(get("/api/boxes/no-such-box/calendar.ics").status()).isEqualTo(404);
    }

    private void keep() {
        long revision = get("/api/boxes/" + box).body().get("revision").asLong();
        ObjectNode change = node().put("revision", revision);
        change.set("plan", plan);
        assertThat(put("/api/boxes/" + box, change).status()).isEqualTo(200);
    }

    /** A finish of the shop's own hangs on the rack, is taken by a box, and what it takes stays as it was taken. */
    @Test
    void aFinishOfTheShopsOwn() {
        JsonNode general = get("/api/rack/finishes/general").body();
        assertThat(general).hasSize(6);
        ObjectNode recipe = (ObjectNode) general.get(0).deepCopy();
        recipe.put("name", "Ours");
        ObjectNode wish = node().put("id", "new").put("note", "");
        wish.set("recipe", recipe);
        Reply made = post("/api/rack/finishes", node().set("finish", wish));
        assertThat(made.status()).isEqualTo(201);
        String id = made.body().at("/finish/id").asText();
        ((ObjectNode) recipe.get("steps").get(0)).put("minutes", 900);
        ObjectNode change = node().put("revision", made.body().get("revision").asLong());
        change.set("finish", wish.put("id", id));
        Reply refused = put("/api/rack/finishes/" + id, change);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).contains("steps[0]").endsWith("minutes");
        ((ObjectNode) recipe.get("steps").get(0)).put("minutes", 45);
        assertThat(put("/api/rack/finishes/" + id, change).status()).isEqualTo(200);
        ObjectNode own = node().put("finish", "OWN").put("inside", false);
        own.set("own", recipe);
        plan.set("finish", own);
        assertThat(step(calendar(), "outside.sand").get("takes").asText()).isEqualTo("45 min");
        assertThat(delete("/api/rack/finishes/" + id).status()).isEqualTo(204);
        assertThat(step(calendar(), "outside.sand").get("takes").asText()).isEqualTo("45 min");
    }
}
