package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.practice.Drill;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Rounds and drills over the API. */
class PracticeTest extends ServerTestBase {
    private JsonNode begin(String level, String way, long seed) {
        return ok(post(
                "/api/practice/rounds", "{\"level\":\"" + level + "\",\"way\":\"" + way + "\",\"seed\":" + seed + "}"));
    }

    private JsonNode ok(Reply reply) {
        assertThat(reply.status()).as(reply.text()).isBetween(200, 299);
        return reply.body();
    }

    private Reply act(JsonNode round, String act) {
        return post(
                "/api/practice/rounds/" + round.get("id").asText() + "/acts",
                "{\"seq\":" + round.get("seq").asInt() + ",\"act\":" + act + "}");
    }

    private JsonNode does(JsonNode round, String act) {
        return ok(act(round, act));
    }

    private JsonNode readAll(JsonNode round) {
        JsonNode now = does(round, "{\"kind\":\"CUT\"}");
        for (int i = 0; i < 3; i++) {
            now = does(now, "{\"kind\":\"READ\",\"spot\":\"SLOT\",\"place\":" + i + "}");
            now = does(now, "{\"kind\":\"READ\",\"spot\":\"FINGER\",\"place\":" + i + "}");
        }
        return now;
    }

    private static double read(JsonNode round, int piece) {
        return Double.parseDouble(
                round.at("/pieces/" + piece + "/clearance").asText().replace('−', '-'));
    }

    /** Moved by what the readings say, a friendly shop’s parts go together; nothing hidden is sent before. */
    @Test
    void aRoundIsMadeFromWhatIsRead() {
        JsonNode round = readAll(begin("FRIENDLY", "SLED_KEY", 11));
        double c = read(round, 0);
        assertThat(round.toString()).doesNotContain("setOff").doesNotContain("kerfOff");
        assertThat(round.get("truths")).isEmpty();
        JsonNode moved = does(round, "{\"kind\":\"MOVE\",\"by\":" + (c - 0.12) + "}");
        JsonNode again = readAll(moved);
        assertThat(read(again, 1)).isBetween(0.06, 0.18);
        JsonNode made = does(again, "{\"kind\":\"PARTS\"}");
        assertThat(made.get("made").asBoolean()).isTrue();
        assertThat(made.get("truths").size()).isGreaterThan(3);
        assertThat(made.at("/best/cuts").asInt()).isPositive();
        // it stands as it was left, and nothing more can be done in it
        JsonNode later = ok(get("/api/practice/rounds/" + made.get("id").asText()));
        assertThat(later).isEqualTo(made);
        assertThat(act(later, "{\"kind\":\"CUT\"}").status()).isEqualTo(422);
    }

    /** Two pages in one round: the second is told, and nothing is done twice. */
    @Test
    void aSecondPageIsTold() {
        JsonNode round = begin("STRANGER", "STOPS", 3);
        does(round, "{\"kind\":\"CUT\"}");
        assertThat(act(round, "{\"kind\":\"CUT\"}").status()).isEqualTo(409);
        assertThat(ok(get("/api/practice/rounds/" + round.get("id").asText()))
                        .get("cuts")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void whatDoesNotFitIsRefusedAtItsPlace() {
        JsonNode round = begin("STRANGER", "SLED_KEY", 3);
        assertThat(act(round, "{\"kind\":\"READ\",\"spot\":\"SLOT\",\"place\":0}")
                        .field())
                .endsWith("spot");
        assertThat(act(round, "{\"kind\":\"MOVE\"}").field()).endsWith("by");
        assertThat(act(round, "{\"kind\":\"MOVE\",\"by\":99}").status()).isEqualTo(422);
        assertThat(act(round, "{\"kind\":\"READ\",\"spot\":\"SLOT\",\"place\":7}")
                        .field())
                .endsWith("place");
        assertThat(act(round, "{\"kind\":\"LOOK\"}").field()).endsWith("cause");
        assertThat(get("/api/practice/rounds/none").status()).isEqualTo(404);
        assertThat(post("/api/practice/drill", "{\"kind\":\"COUNT\",\"subject\":\"sideways\",\"seed\":1,\"choice\":0}")
                        .status())
                .isEqualTo(422);
        assertThat(post("/api/practice/drill", "{\"kind\":\"COUNT\",\"subject\":\"odd\",\"seed\":1,\"choice\":9}")
                        .field())
                .isEqualTo("choice");
    }

    /** Drills are counted, and a missed one is back two later. */
    @Test
    void aMissedDrillComesBack() {
        List<String> asked = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            JsonNode drill = ok(get("/api/practice/drill"));
            asked.add(drill.get("kind").asText() + " " + drill.get("subject").asText());
            // the first is answered wrong, the others right
            JsonNode result = ok(post(
                    "/api/practice/drill",
                    "{\"kind\":\"" + drill.get("kind").asText() + "\",\"subject\":\""
                            + drill.get("subject").asText() + "\",\"seed\":"
                            + drill.get("seed").asLong() + ",\"choice\":" + (i == 0 ? wrong(drill) : right(drill))
                            + "}"));
            assertThat(result.get("isRight").asBoolean()).isEqualTo(i != 0);
            assertThat(result.get("figures")).isNotEmpty();
        }
        assertThat(asked.get(2)).isEqualTo(asked.get(0));
    }

    private static int right(JsonNode drill) {
        return Drill.of(
                        Drill.Kind.valueOf(drill.get("kind").asText()),
                        drill.get("subject").asText(),
                        drill.get("seed").asLong())
                .right();
    }

    private static int wrong(JsonNode drill) {
        return right(drill) == 0 ? 1 : 0;
    }

    /** The caliper at the bench reads what the box’s hidden shop cut, and follows the moves that are kept. */
    @Test
    void theCaliperOfTheBenchFollowsTheMoves() {
        JsonNode box = ok(post("/api/boxes", node().set("plan", drawer())));
        String id = box.get("id").asText();
        double slot = pressed(id, "SLOT", 0);
        double finger = pressed(id, "FINGER", 0);
        ok(post("/api/boxes/" + id + "/test-cuts", "{\"slots\":[" + slot + "],\"fingers\":[" + finger + "]}"));
        ok(post(
                "/api/boxes/" + id + "/test-cuts",
                "{\"slots\":[" + slot + "],\"fingers\":[" + (finger + 0.3) + "],\"moved\":0.3}"));
        assertThat(pressed(id, "FINGER", 0) - finger).isBetween(0.2, 0.4);
        assertThat(pressed(id, "SLOT", 0) - slot).isBetween(-0.05, 0.05);
        assertThat(post("/api/boxes/" + id + "/caliper", "{\"spot\":\"SLOT\",\"place\":5}")
                        .field())
                .isEqualTo("place");
    }

    private double pressed(String id, String spot, int place) {
        return ok(post("/api/boxes/" + id + "/caliper", "{\"spot\":\"" + spot + "\",\"place\":" + place + "}"))
                .get("mm")
                .asDouble();
    }
}
