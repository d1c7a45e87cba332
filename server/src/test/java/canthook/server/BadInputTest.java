package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.plan.BoxPlan;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whatever is sent, the answer is a problem that names the place, never an error of the server's. */
class BadInputTest extends ServerTestBase {

    private ObjectNode work(JsonNode plan) {
        return (ObjectNode) node().set("plan", plan);
    }

    private static void collect(JsonNode node, String path, List<String> leaves) {
        node.properties().forEach(e -> {
            String at = path.isEmpty() ? e.getKey() : path + "/" + e.getKey();
            leaves.add(at);
            if (e.getValue().isObject()) {
                collect(e.getValue(), at, leaves);
            }
        });
    }

    @Test
    void everyFieldOfThePlanRefusesWhatItCannotBe() {
        ObjectNode whole = drawer();
        List<String> places = new ArrayList<>();
        collect(whole, "", places);
        assertThat(places).hasSizeGreaterThan(50);
        for (String place : places) {
            String field = place.substring(place.lastIndexOf('/') + 1);
            String holder = place.contains("/") ? "/" + place.substring(0, place.lastIndexOf('/')) : "";
            for (String bad :
                    List.of("\"text\"", "-1", "1e99", "[]", "{\"x\":1}", "true", "\"\"", "null", "0", "{}", "1.5")) {
                ObjectNode plan = whole.deepCopy();
                ObjectNode at = (ObjectNode) (holder.isEmpty() ? plan : plan.at(holder));
                at.putRawValue(field, new com.fasterxml.jackson.databind.util.RawValue(bad));
                Reply reply = post("/api/work", work(plan));
                assertThat(reply.status()).as(place + " = " + bad).isIn(200, 400, 422);
                if (reply.status() != 200) {
                    assertThat(reply.field())
                            .as(place + " = " + bad + ": " + reply.text())
                            .startsWith("plan." + place.replace('/', '.').split("\\.")[0]);
                    assertThat(reply.detail()).isNotBlank();
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/size|height|-1|422|plan.size.height", "/size|height|0|422|plan.size.height",
                "/size|height|\"96\"|400|plan.size.height", "/size|height|NaN|400|plan.size.height",
                "/size|height|1e30|400|plan.size.height", "/size|height|99999|422|plan.size.height",
                "/size|colour|1|400|plan.size.colour", "/size|from|\"SIDEWAYS\"|400|plan.size.from",
                "/size|from|0|400|plan.size.from", "/fingers|sections|12|422|plan.fingers.sections",
                "/fingers|sections|13.5|400|plan.fingers.sections", "/fingers|kerf|0|422|plan.fingers.kerf",
                "/fingers|kerf|null|422|plan.fingers.kerf", "/walls|wood|\"unobtainium\"|422|plan.walls.wood",
                "/seasons|meter|null|422|plan.seasons.meter",
                        "/seasons/shop|humidity|101|422|plan.seasons.shop.humidity",
                "/bottom/groove|depth|-3|422|plan.bottom.groove.depth"
            })
    void theFieldIsNamed(String holder, String field, String value, int status, String named) {
        ObjectNode plan = drawer();
        ((ObjectNode) plan.at(holder)).putRawValue(field, new com.fasterxml.jackson.databind.util.RawValue(value));
        Reply reply = post("/api/work", work(plan));
        assertThat(reply.status()).as(reply.text()).isEqualTo(status);
        assertThat(reply.field()).isEqualTo(named);
    }

    @Test
    void aPlanFromTheFutureIsRefusedForWhatItIs() {
        ObjectNode plan = drawer().put("version", BoxPlan.VERSION + 1);
        plan.put("hologram", true);
        Reply reply = post("/api/work", work(plan));
        assertThat(reply.status()).isEqualTo(400);
        assertThat(reply.field()).isEqualTo("plan.version");
        assertThat(reply.detail()).contains("newer Cant Hook (version " + (BoxPlan.VERSION + 1) + ")");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{|400",
                "[]|400",
                "null|400",
                "42|400",
                "{\"plan\":null}|422",
                "{}|422",
                "{\"plan\":{}}|422",
                "nonsense|400"
            })
    void brokenBodiesAreRefused(String body, int status) {
        assertThat(post("/api/work", body).status()).isEqualTo(status);
    }

    @Test
    void fiveMegabytesAreRefusedUnread() {
        Reply reply = post("/api/work", "{\"plan\":\"" + "x".repeat(5_000_000) + "\"}");
        assertThat(reply.status()).isEqualTo(413);
        assertThat(reply.detail()).contains("More than a megabyte");
    }

    @ParameterizedTest
    @CsvSource({
        "GET,/api/boxes/nothing-here,404",
        "GET,/api/boxes/nothing-here/stick.svg,404",
        "DELETE,/api/boxes/x,404",
        "GET,/api/work,405",
        "GET,/api/nowhere,404"
    })
    void whatIsNotThereIsSaid(String method, String path, int status) {
        Reply reply = method.equals("GET") ? get(path) : delete(path);
        assertThat(reply.status()).isEqualTo(status);
    }

    @Test
    void lengthsAreReadOrRefusedInASentence() {
        Reply read = post("/api/lengths", "{\"field\":\"Height\",\"text\":\"3-1/2 in\",\"unit\":\"MILLIMETRE\"}");
        assertThat(read.body().path("mm").asDouble()).isEqualTo(88.9);
        assertThat(read.body().path("echo").asText()).isEqualTo("88.9 mm");
        Reply refused = post("/api/lengths", "{\"field\":\"Height\",\"text\":\"3 1/\",\"unit\":\"MILLIMETRE\"}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("Height").contains("3 1/").contains("such as");
        assertThat(post("/api/lengths", "{\"field\":\"Kerf\",\"text\":\"-3\",\"unit\":\"INCH\",\"least\":0}")
                        .detail())
                .contains("Kerf cannot be negative");
    }

    @Test
    void combinationsThatCannotBeMadeAreVerdicts() {
        ObjectNode plan = drawer();
        ((ObjectNode) plan.path("fingers")).put("kerf", 40);
        ((ObjectNode) plan.path("size")).put("thickness", 120);
        Reply reply = post("/api/work", work(plan));
        assertThat(reply.status()).isEqualTo(200);
        assertThat(reply.body().path("verdicts").findValuesAsText("code")).contains("KERF_TOO_WIDE", "NO_INSIDE");
    }

    @ParameterizedTest
    @CsvSource({"/api/boxes?archived=perhaps,archived", "/api/boxes/x/test-cuts/abc,cutId"})
    void addressesThatCannotBeReadNameTheirPart(String path, String field) {
        Reply reply = path.contains("test-cuts") ? delete(path) : get(path);
        assertThat(reply.status()).isEqualTo(400);
        assertThat(reply.field()).isEqualTo(field);
    }

    @Test
    void everyOtherBodyRefusesWhatItCannotBe() {
        String id = post("/api/boxes", node().set("plan", drawer()))
                .body()
                .path("id")
                .asText();
        String[][] bodies = {
            {"/api/lengths", "{\"field\":\"x\",\"text\":\"3\",\"unit\":\"INCH\"}"},
            {"/api/boxes/" + id + "/test-cuts", "{\"slots\":[8],\"fingers\":[7.9],\"moved\":0.1}"},
            {"/api/boxes/" + id, "{\"revision\":1,\"plan\":" + drawer() + "}"},
            {
                "/api/starting-plan",
                "{\"name\":\"n\",\"purpose\":\"\",\"unit\":\"INCH\",\"from\":\"INSIDE\",\"length\":254,\"width\":152,\"height\":50,"
                        + "\"thickness\":9,\"wood\":\"alder-red\",\"blankLength\":1000,\"blankWidth\":60,\"cutter\":\"b\",\"kerf\":6}"
            }
        };
        for (String[] body : bodies) {
            boolean save = body[0].endsWith(id);
            ObjectNode whole = read(body[1]);
            List<String> fields = new ArrayList<>();
            whole.fieldNames().forEachRemaining(fields::add);
            for (String field : fields) {
                for (String bad : List.of("{}", "[[]]", "null", "-7e40", "\"\"", "\"NaN\"", "false")) {
                    ObjectNode sent = whole.deepCopy();
                    sent.putRawValue(field, new com.fasterxml.jackson.databind.util.RawValue(bad));
                    Reply reply = save ? put(body[0], sent.toString()) : post(body[0], sent.toString());
                    assertThat(reply.status())
                            .as(body[0] + " " + field + " = " + bad)
                            .isLessThan(500);
                    if (reply.status() >= 400) {
                        assertThat(reply.detail())
                                .as(body[0] + " " + field + " = " + bad)
                                .isNotBlank();
                    }
                }
            }
            ObjectNode unknown = whole.deepCopy().put("surprise", 1);
            Reply reply = save ? put(body[0], unknown) : post(body[0], unknown);
            assertThat(reply.status()).isEqualTo(400);
            assertThat(reply.field()).isEqualTo("surprise");
        }
        assertThat(get("/api/boxes/" + id).body().path("plan").path("name").asText())
                .isEqualTo("Envelope drawer");
    }

    private ObjectNode read(String text) {
        try {
            return (ObjectNode) json.readTree(text);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
