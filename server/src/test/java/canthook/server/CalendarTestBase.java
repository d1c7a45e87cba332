package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** A box with a finish in a shop that is always open, and its calendar. */
abstract class CalendarTestBase extends ServerTestBase {
    static final ZoneId ZONE = ZoneId.of("Europe/Vienna");

    String box;
    ObjectNode plan;

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

    Reply hours(String from, String to, String zone) {
        ArrayNode days = json.createArrayNode();
        for (String day : List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY")) {
            days.add(node().put("day", day).put("from", from).put("to", to));
        }
        ObjectNode said = node().put("zone", zone);
        said.set("days", days);
        return put("/api/shop-hours", said);
    }

    JsonNode calendar() {
        Reply reply = post("/api/boxes/" + box + "/calendar", node().set("plan", plan));
        assertThat(reply.status()).as(reply.text()).isEqualTo(200);
        return reply.body();
    }

    static JsonNode step(JsonNode calendar, String id) {
        for (JsonNode step : calendar.get("steps")) {
            if (step.get("id").asText().equals(id)) {
                return step;
            }
        }
        throw new AssertionError("no step " + id + " in " + calendar.get("steps"));
    }

    Reply tick(String step, boolean done) {
        return post("/api/boxes/" + box + "/steps/" + step, node().put("done", done));
    }

    JsonNode finish() {
        return plan.get("finish");
    }

    void keep() {
        long revision = get("/api/boxes/" + box).body().get("revision").asLong();
        ObjectNode change = node().put("revision", revision);
        change.set("plan", plan);
        assertThat(put("/api/boxes/" + box, change).status()).isEqualTo(200);
    }

    static List<JsonNode> goes(JsonNode calendar, String id) {
        List<JsonNode> goes = new ArrayList<>();
        for (JsonNode step : calendar.get("steps")) {
            if (step.get("id").asText().equals(id)) {
                goes.add(step);
            }
        }
        return goes;
    }
}
