package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WorkApiTest extends ServerTestBase {
    private ObjectNode request(String station) {
        ObjectNode request = (ObjectNode) node().set("plan", drawer());
        return station == null ? request : request.put("station", station);
    }

    private static JsonNode number(JsonNode answer, String id) {
        for (JsonNode number : answer.path("numbers")) {
            if (number.path("id").asText().equals(id)) {
                return number;
            }
        }
        throw new AssertionError("no number " + id);
    }

    @Test
    void aPlanIsWorkedWithoutBeingKept() {
        int kept = get("/api/boxes").body().size();
        JsonNode answer = post("/api/work", request(null)).body();
        assertThat(number(answer, "fingers.slot").path("value").asDouble()).isEqualTo(7.45);
        assertThat(number(answer, "size.side-length").path("text").asText()).isEqualTo("248.8");
        assertThat(answer.path("stations")).hasSize(11);
        assertThat(answer.path("fields").path("bottom.groove.depth").asText()).isEqualTo("4.5");
        assertThat(get("/api/boxes").body()).hasSize(kept);
    }

    @ParameterizedTest
    @ValueSource(strings = {"size", "fingers", "blank", "jig", "cut", "fit", "bottom", "lid"})
    void everyNumberAStationDrawsOrNamesOpensToItsWorking(String station) {
        JsonNode answer = post("/api/work", request(station)).body();
        List<String> shown = new java.util.ArrayList<>(answer.path("numbers").findValuesAsText("id"));
        answer.path("figures").forEach(f -> shown.addAll(f.path("dimensions").findValuesAsText("number")));
        assertThat(shown).isNotEmpty();
        for (String id : shown) {
            Reply working = post("/api/work/" + id, request(station));
            assertThat(working.status()).as(id).isEqualTo(200);
            assertThat(working.body().path("rule").asText()).as(id).isNotBlank();
        }
    }

    @Test
    void aRungsNumbersOpenToo() {
        JsonNode working = post("/api/work/fingers.11.slot", request(null)).body();
        assertThat(working.path("withValues").asText()).isEqualTo("(96 + 6 · 0.12) / 11");
        assertThat(post("/api/work/fingers.nothing", request(null)).status()).isEqualTo(422);
    }

    @Test
    void theSeasonMovesThePanelAndNotThePlan() {
        ObjectNode dry = request("bottom").put("day", 0);
        ObjectNode wet = request("bottom").put("day", 1);
        assertThat(panelWidth(post("/api/work", wet).body())
                        - panelWidth(post("/api/work", dry).body()))
                .isBetween(1.0, 4.0);
        assertThat(number(post("/api/work", wet).body(), "bottom.cut"))
                .isEqualTo(number(post("/api/work", dry).body(), "bottom.cut"));
        assertThat(post("/api/work", request("bottom").put("day", 2)).field()).isEqualTo("day");
    }

    @Test
    void anAnswerGivenBeforeIsGivenAgainAndNeverToAnotherQuestion() {
        Reply first = post("/api/work", request("lid"));
        ObjectNode other = request("lid");
        ((ObjectNode) other.at("/plan/size")).put("height", 96.001);
        ObjectNode tested = request("lid");
        tested.putArray("testCuts")
                .addObject()
                .put("at", "2026-11-02T10:00:00Z")
                .putArray("slots")
                .add(7.5);
        ((ObjectNode) tested.at("/testCuts/0")).putArray("fingers").add(7.3);
        assertThat(post("/api/work", other).text()).isNotEqualTo(first.text());
        assertThat(post("/api/work", tested).body().path("testCuts")).hasSize(1);
        assertThat(post("/api/work", request("lid")).text()).isEqualTo(first.text());
    }

    private static double panelWidth(JsonNode answer) {
        for (JsonNode shape : answer.path("figures").get(0).path("shapes")) {
            if (shape.path("role").asText().equals("panel")) {
                return shape.path("points").get(2).asDouble()
                        - shape.path("points").get(0).asDouble();
            }
        }
        throw new AssertionError("no panel drawn");
    }

    @Test
    void theDisplayChangesTheWordsAndNotTheValues() {
        ObjectNode inches = request(null);
        ((ObjectNode) inches.path("plan")).put("display", "FRACTION_64");
        JsonNode metric = post("/api/work", request(null)).body();
        JsonNode imperial = post("/api/work", inches).body();
        assertThat(number(imperial, "size.side-length").path("text").asText()).isEqualTo("9 51/64");
        assertThat(number(imperial, "size.side-length").path("residue").asText())
                .endsWith("thou under");
        for (JsonNode n : metric.path("numbers")) {
            assertThat(number(imperial, n.path("id").asText()).path("value").asDouble())
                    .isCloseTo(n.path("value").asDouble(), within(1e-9));
        }
    }

    @Test
    void aWishBecomesAPlanThatWorks() {
        Reply plan = post(
                "/api/starting-plan",
                "{\"name\":\"Sorting tray\",\"purpose\":\"\",\"unit\":\"INCH\",\"from\":\"INSIDE\",\"length\":254,\"width\":152.4,"
                        + "\"height\":50.8,\"thickness\":9.525,\"wood\":\"alder-red\",\"blankLength\":1000,\"blankWidth\":60,"
                        + "\"cutter\":\"bit\",\"kerf\":6.35}");
        assertThat(plan.status()).isEqualTo(200);
        JsonNode answer = post("/api/work", node().set("plan", plan.body())).body();
        assertThat(number(answer, "size.outside-length").path("value").asDouble())
                .isEqualTo(254 + 19.05);
        Reply little = post("/api/starting-plan", "{\"length\":240}");
        assertThat(little.status()).isEqualTo(200);
        assertThat(little.body().path("assumed")).isNotEmpty();
        JsonNode begun = post("/api/work", node().put("station", "begun").set("plan", little.body()))
                .body();
        assertThat(begun.path("figures").get(0).path("id").asText()).isEqualTo("standing");
        Reply kept = post("/api/boxes", node().set("plan", little.body()));
        assertThat(get("/api/boxes/" + kept.body().path("id").asText())
                        .body()
                        .path("plan")
                        .path("assumed"))
                .isEqualTo(little.body().path("assumed"));
        // its groove lies in one section from the beginning, where the usual place would straddle two
        Reply low = post("/api/starting-plan", "{\"length\":80,\"width\":56,\"height\":40,\"thickness\":9,\"kerf\":6}");
        assertThat(low.body().path("bottom").path("groove").path("offset").asDouble())
                .isEqualTo(5.88);
        JsonNode verdicts = post("/api/work", node().put("station", "bottom").set("plan", low.body()))
                .body()
                .path("verdicts");
        assertThat(verdicts).isNotEmpty().noneMatch(v -> v.path("code").asText().equals("GROOVE_STRADDLES"));
        Reply refused = post("/api/starting-plan", "{\"length\":1}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("length");
    }

    @ParameterizedTest
    @ValueSource(strings = {"bottom.day-gap", "bottom.day-held", "bottom.day-width", "bottom.day-air"})
    void theNumbersOfADayOpenToThatDay(String id) {
        double dry = opened(id, 0);
        double wet = opened(id, 1);
        assertThat(wet).isNotEqualTo(dry);
        ObjectNode half = request("bottom").put("day", 0.5);
        assertThat(number(post("/api/work", half).body(), id).path("value").asDouble())
                .isBetween(Math.min(dry, wet), Math.max(dry, wet));
        assertThat(post("/api/work/" + id, half).body().path("withValues").asText())
                .isNotBlank();
    }

    private double opened(String id, double day) {
        return post("/api/work/" + id, request("bottom").put("day", day))
                .body()
                .path("number")
                .path("value")
                .asDouble();
    }

    @Test
    void whatStandsInTheSeasonDrawingOpensToWhatItSays() {
        for (double day : new double[] {0, 0.3, 1}) {
            ObjectNode request = request("bottom").put("day", day);
            for (JsonNode figure : post("/api/work", request).body().path("figures")) {
                for (JsonNode note : figure.path("notes")) {
                    if (note.has("number")) {
                        JsonNode number = post(
                                        "/api/work/" + note.path("number").asText(), request)
                                .body()
                                .path("number");
                        assertThat(note.path("text").asText())
                                .contains(number.path("text").asText());
                    }
                }
            }
        }
    }

    @Test
    void testCutsAreShownInTheProjectsUnit() {
        ObjectNode request = request("fit");
        ((ObjectNode) request.path("plan")).put("display", "FRACTION_64");
        request.putArray("testCuts")
                .addObject()
                .put("at", "2026-01-01T00:00:00Z")
                .<ObjectNode>set("slots", json.createArrayNode().add(7.62))
                .set("fingers", json.createArrayNode().add(7.366));
        JsonNode answer = post("/api/work", request).body();
        assertThat(answer.path("testCuts").get(0).path("slots").asText()).isEqualTo("0.300");
        assertThat(answer.path("testCuts").get(0).path("fingers").asText()).isEqualTo("0.290");
        assertThat(answer.path("testCuts").get(0).path("clearance").asText()).isEqualTo("0.010 in");
        assertThat(number(answer, "fit.next-slot").path("text").asText())
                .as("a caliper shows no fractions")
                .isEqualTo("0.300");
        assertThat(answer.path("fields").path("fit.move").asText()).isNotBlank();
    }

    @Test
    void everyNumberOnARungOpens() {
        JsonNode ladder = post("/api/work", request("fingers")).body().at("/ladder/rungs");
        assertThat(ladder.size()).isGreaterThan(3);
        for (JsonNode rung : ladder) {
            for (String name : new String[] {"slot", "passes", "cuts", "closing-height", "rip-off", "score"}) {
                String id = "fingers." + rung.path("sections").asInt() + "." + name;
                JsonNode working = post("/api/work/" + id, request("fingers")).body();
                assertThat(working.path("rule").asText()).as(id).isNotBlank();
                if (name.equals("closing-height")) {
                    assertThat(rung.path("closing").asText())
                            .startsWith(working.path("number").path("text").asText());
                }
            }
        }
    }

    /** The kinds of lid beside each other are asked for apart, as the bench does when they are unfolded. */
    @Test
    void theKindsOfLidAreComparedWhenTheyAreAskedFor() {
        assertThat(post("/api/work", request("lid")).body().has("lids")).isFalse();
        JsonNode kinds = post("/api/work/lids", request(null)).body();
        assertThat(kinds)
                .extracting(kind -> kind.path("name").asText())
                .containsExactly("none", "slides", "sawn off", "lifts off", "hinged on top");
        assertThat(kinds.findValuesAsText("stands")).containsOnlyOnce("true");
        for (JsonNode kind : kinds) {
            ObjectNode begun = (ObjectNode) node().set(
                            "plan",
                            post("/api/work/begun/" + kind.path("guess").asText(), request(null))
                                    .body());
            JsonNode there = post("/api/work/lids", begun).body();
            assertThat(there.findValuesAsText("outside"))
                    .as(kind.path("name").asText())
                    .contains(kind.path("outside").asText());
        }
        ObjectNode broken = request(null);
        ((ObjectNode) broken.at("/plan/size")).put("height", 1);
        assertThat(post("/api/work/lids", broken).field()).isEqualTo("plan.size.height");
    }
}
