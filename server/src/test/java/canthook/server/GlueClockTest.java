package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The clock of a glue-up: it runs on the server, for every device alike, and ends in the Book. */
class GlueClockTest extends ServerTestBase {
    @Autowired
    private JdbcClient file;

    private String box;

    @BeforeEach
    void aBox() {
        box = post("/api/boxes", node().set("plan", drawer())).body().get("id").asText();
    }

    private JsonNode look() {
        return get("/api/boxes/" + box + "/glue-up").body();
    }

    private Reply act(String what, int step, long revision) {
        ObjectNode act = node().put("act", what).put("step", step).put("revision", revision);
        if (what.equals("OPEN")) {
            look().get("dryFit")
                    .forEach(c -> act.withArray("dryFit").add(c.get("id").asText()));
        }
        return post("/api/boxes/" + box + "/glue-up", act);
    }

    /** No glue is opened before everything has been looked at dry; the step that is missing is named. */
    @Test
    void nothingIsGluedThatWasNotDryFitted() {
        JsonNode before = look();
        assertThat(before.get("dryFit").findValuesAsText("id"))
                .containsExactly("corners", "within", "edges", "faces", "ends", "inside");
        ObjectNode act = node().put("act", "OPEN").put("step", opens(before)).put("revision", 0);
        assertThat(post("/api/boxes/" + box + "/glue-up", act).detail()).contains("All four corners are home");
        act.withArray("dryFit")
                .add("corners")
                .add("edges")
                .add("faces")
                .add("ends")
                .add("inside");
        Reply refused = post("/api/boxes/" + box + "/glue-up", act);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("dryFit");
        assertThat(refused.detail()).contains("the bottom");
        assertThat(look().get("running").asBoolean()).isFalse();
    }

    /** The glue was opened so many seconds earlier than it was. */
    private void earlier(long seconds) {
        file.sql("UPDATE glue_up SET lot_at = ? WHERE box_id = ?")
                .params(Instant.now().minusSeconds(seconds).toString(), box)
                .update();
    }

    private static int opens(JsonNode clock) {
        int at = 0;
        while (clock.at("/steps/" + at + "/phase").asText().equals("BEFORE")) {
            at++;
        }
        return at;
    }

    @Test
    void itRunsFromTheFirstGlueToTheBook() {
        JsonNode before = look();
        assertThat(before.get("running").asBoolean()).isFalse();
        assertThat(before.get("revision").asLong()).isZero();
        assertThat(act("STEP", 3, 0).status()).as("nothing runs yet").isEqualTo(422);
        int opens = opens(before);
        JsonNode open = act("OPEN", opens, 0).body();
        assertThat(open.get("running").asBoolean()).isTrue();
        earlier(100);
        JsonNode now = look();
        assertThat(now.get("elapsed").asDouble()).isCloseTo(100, within(5.0));
        JsonNode on = act("STEP", opens + 1, now.get("revision").asLong()).body();
        assertThat(on.get("step").asInt()).isEqualTo(opens + 1);
        assertThat(on.at("/figures/0/title").asText())
                .isEqualTo(on.at("/steps/" + (opens + 1) + "/says").asText());
        earlier(300);
        JsonNode done = act(
                        "DONE", on.get("steps").size() - 1, on.get("revision").asLong())
                .body();
        assertThat(done.get("running").asBoolean()).isFalse();
        assertThat(done.get("took").asDouble()).isCloseTo(300, within(5.0));
        assertThat(look().get("elapsed").asDouble())
                .as("it stands")
                .isEqualTo(done.get("took").asDouble());
        List<String> says = new ArrayList<>();
        get("/api/book?box=" + box)
                .body()
                .get("entries")
                .forEach(e -> says.add(
                        e.get("kindWords").asText() + ": " + e.get("says").asText()));
        assertThat(says).singleElement().asString().startsWith("glue-up: Spread, closed and square in 5:0");
    }

    /** Two devices: the second to press is told, and nothing is lost. */
    @Test
    void theSecondDeviceToPressIsTold() {
        int opens = opens(look());
        long first = act("OPEN", opens, 0).body().get("revision").asLong();
        assertThat(act("OPEN", opens, 0).status())
                .as("opened by another device already")
                .isEqualTo(409);
        assertThat(act("STEP", opens + 1, first).status()).isEqualTo(200);
        assertThat(act("STEP", opens + 1, first).status()).isEqualTo(409);
        assertThat(look().get("step").asInt()).isEqualTo(opens + 1);
    }

    /** While a half sets the clock stands; with the second pair it begins anew. */
    @Test
    void theClockStandsWhileAHalfSets() {
        ObjectNode plan = drawer();
        plan.set(
                "glueUp",
                node().put("glue", "SLOW_PVA")
                        .put("spread", "ONE_MATE")
                        .put("people", 1)
                        .put("halves", true)
                        .put("clamps", "BAND"));
        box = post("/api/boxes", node().set("plan", plan)).body().get("id").asText();
        JsonNode clock = look();
        int sets = 0;
        while (!clock.at("/steps/" + sets + "/phase").asText().equals("SETTING")) {
            sets++;
        }
        long revision = act("OPEN", opens(clock), 0).body().get("revision").asLong();
        earlier(60);
        JsonNode rests = act("REST", sets, revision).body();
        assertThat(rests.get("running").asBoolean()).isFalse();
        double stood = rests.get("elapsed").asDouble();
        assertThat(look().get("elapsed").asDouble()).isEqualTo(stood);
        JsonNode second = act("OPEN", sets + 1, rests.get("revision").asLong()).body();
        assertThat(second.get("running").asBoolean()).isTrue();
        assertThat(second.get("elapsed").asDouble()).isLessThan(5);
    }

    /** A machine whose clock was set back says so, and tells no time that was not. */
    @Test
    void aClockSetBackIsSaid() {
        act("OPEN", opens(look()), 0);
        earlier(-3600);
        assertThat(look().get("setBack").asBoolean()).isTrue();
        assertThat(look().get("elapsed").asDouble()).isZero();
    }

    @Test
    void whatWasNoGlueUpLeavesNoTrace() {
        long revision = act("OPEN", opens(look()), 0).body().get("revision").asLong();
        act("DROP", 0, revision);
        assertThat(look().get("revision").asLong()).isZero();
        assertThat(get("/api/book?box=" + box).body().get("entries")).isEmpty();
    }

    /** A field that no glue-up has comes back at its place. */
    @Test
    void badInputIsRefusedAtItsField() {
        ObjectNode plan = drawer();
        ObjectNode glue = node().put("glue", "PVA")
                .put("openMinutes", 0)
                .put("spread", "ONE_MATE")
                .put("people", 1)
                .put("halves", false)
                .put("clamps", "NONE");
        plan.set("glueUp", glue);
        Reply none = post("/api/work", node().set("plan", plan));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.body().get("field").asText()).endsWith("glueUp.openMinutes");
        glue.put("openMinutes", 5).put("people", 7);
        assertThat(post("/api/work", node().set("plan", plan))
                        .body()
                        .get("field")
                        .asText())
                .endsWith("glueUp.people");
        glue.put("people", 1)
                .set("diagonals", node().put("one", -3).put("other", 298).put("inside", false));
        assertThat(post("/api/work", node().set("plan", plan))
                        .body()
                        .get("field")
                        .asText())
                .endsWith("glueUp.diagonals.one");
        assertThat(post("/api/boxes/" + box + "/glue-up", "{\"act\":\"OPEN\",\"step\":-1,\"revision\":0}")
                        .status())
                .isEqualTo(422);
    }
}
