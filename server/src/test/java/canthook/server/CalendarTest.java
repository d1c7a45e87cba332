package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is done when: the shop's hours, a box's calendar, today in the shop, and the end of it. */
class CalendarTest extends CalendarTestBase {
    @Autowired
    private JdbcClient file;

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
