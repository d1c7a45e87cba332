package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.server.keeping.Damaged;
import canthook.server.rack.RuleBook;
import canthook.shop.HouseRule;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** One record that cannot be read takes nothing else with it, and can be downloaded, put back or put away. */
@DirtiesContext
@Tag("long")
class DamagedRecordsTest extends ServerTestBase {
    @Autowired
    JdbcClient file;

    private String box(String name) {
        ObjectNode plan = drawer().put("name", name);
        return post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
    }

    private JsonNode onShelf(String search, String id) {
        for (JsonNode box : get("/api/boxes?search=" + search).body()) {
            if (box.path("id").asText().equals(id)) {
                return box;
            }
        }
        throw new AssertionError(id + " is not on the shelf");
    }

    private String planOf(String id) {
        return file.sql("SELECT plan FROM box WHERE id = ?")
                .param(id)
                .query(String.class)
                .single();
    }

    private void spoil(String id, String text) {
        file.sql("UPDATE box SET plan = ? WHERE id = ?").param(text).param(id).update();
    }

    @ParameterizedTest
    @ValueSource(strings = {"cut short", "newer", "another shape", "out of bounds"})
    void aDamagedBoxKeepsItsPlaceAndGoesBackToAnEarlierState(String how) {
        String sound = box("Sound tray " + how);
        String id = box("Spoilt tray " + how);
        ObjectNode change =
                (ObjectNode) get("/api/boxes/" + id).body().get("plan").deepCopy();
        ((ObjectNode) change.get("size")).put("height", 77);
        assertThat(put("/api/boxes/" + id, node().put("revision", 1).set("plan", change))
                        .status())
                .isEqualTo(200);
        String plan = planOf(id);
        String spoilt = switch (how) {
            case "cut short" -> plan.substring(0, plan.length() / 2);
            case "newer" -> plan.replaceFirst("\"version\":\\d+", "\"version\":99");
            case "another shape" -> plan.replaceFirst("\"size\":\\{", "\"size\":[],\"was\":{");
            default -> plan.replaceFirst("\"height\":77", "\"height\":-77");
        };
        spoil(id, spoilt);
        file.sql("UPDATE box_history SET plan = '{' WHERE box_id = ? AND revision = 2")
                .param(id)
                .update();

        JsonNode place = onShelf("spoilt", id);
        assertThat(place.path("name").asText()).isEqualTo("Spoilt tray " + how);
        assertThat(place.path("damage").asText())
                .isNotEmpty()
                .doesNotContain("canthook")
                .doesNotContain("java");
        assertThat(onShelf("sound", sound).has("damage")).isFalse();
        Reply opened = get("/api/boxes/" + id);
        assertThat(opened.status()).isEqualTo(409);
        assertThat(opened.body().path("code").asText()).isEqualTo("DAMAGED");
        assertThat(asKept("/api/boxes/" + id)).isEqualTo(spoilt);

        Reply back = post("/api/boxes/" + id + "/earlier", null);
        assertThat(back.status()).as(back.text()).isEqualTo(200);
        assertThat(back.body().at("/plan/size/height").asDouble())
                .isEqualTo(drawer().at("/size/height").asDouble());
        assertThat(back.body().path("revision").asInt()).isEqualTo(3);
        assertThat(get("/api/boxes/" + id).status()).isEqualTo(200);
        assertThat(post("/api/boxes/" + id + "/earlier", null).status()).isEqualTo(422);
    }

    @Test
    void aDamagedBoxWithoutASoundStateIsPutAwayAsItIs() {
        String id = box("Lost tray");
        spoil(id, "{");
        file.sql("UPDATE box_history SET plan = '{' WHERE box_id = ?").param(id).update();
        assertThat(post("/api/boxes/" + id + "/earlier", null).detail()).contains("Download it as it is");
        assertThat(delete("/api/boxes/" + id).status()).isEqualTo(204);
        assertThat(get("/api/boxes?search=lost").body()).isEmpty();
        assertThat(get("/api/boxes?archived=true&search=lost").body()).hasSize(1);
    }

    @Test
    void aDamagedTestCutLeavesItsBoxUsable() {
        String id = box("Tray with readings");
        ObjectNode readings = node();
        readings.putArray("slots").add(7.45);
        readings.putArray("fingers").add(7.33);
        post("/api/boxes/" + id + "/test-cuts", readings);
        Reply two = post("/api/boxes/" + id + "/test-cuts", readings);
        long spoilt = two.body().at("/testCuts/0/id").asLong();
        file.sql("UPDATE test_cut SET reading = '{\"slots\":' WHERE id = ?")
                .param(spoilt)
                .update();
        JsonNode box = get("/api/boxes/" + id).body();
        assertThat(box.get("testCuts")).hasSize(1);
        assertThat(box.at("/damagedTestCuts/0/id").asText()).isEqualTo(String.valueOf(spoilt));
        assertThat(onShelf("readings", id).path("next").asText()).isNotEmpty();
        assertThat(delete("/api/boxes/" + id + "/test-cuts/" + spoilt).body().get("damagedTestCuts"))
                .isEmpty();
    }

    @Test
    void damagedThingsOfTheRackRulesAndRunsStandInOneListAndArePutAway() {
        String box = box("Tray at the saw");
        String run = post("/api/boxes/" + box + "/runs", null).body().path("id").asText();
        file.sql("INSERT INTO saw_event (run_id, seq, event, at) VALUES (?, 1, '{\"kind\":\"SUNG\"}', 'yesterday')")
                .param(run)
                .update();
        for (String kind : new String[] {"blank", "wood", "climate", "cutter"}) {
            file.sql(
                            "INSERT INTO rack_item (kind, id, revision, item, saved_at) VALUES (?, 'bad-one', 1, '{\"id\":', '')")
                    .param(kind)
                    .update();
        }
        file.sql("INSERT INTO house_rule (id, value, saved_at) VALUES ('glitter', 3, '')")
                .update();

        for (String list : new String[] {
            "/api/rack/blanks", "/api/woods", "/api/climates", "/api/rack/cutters", "/api/house-rules", "/api/boxes"
        }) {
            assertThat(get(list).status()).as(list).isEqualTo(200);
        }
        Reply damaged = get("/api/damaged");
        assertThat(damaged.body()).hasSize(6);
        assertThat(damaged.text()).contains("BLANK", "WOOD", "CLIMATE", "CUTTER", "HOUSE_RULE", "glitter", "RUN", run);
        assertThat(asKept("/api/damaged/BLANK/bad-one")).isEqualTo("{\"id\":");
        assertThat(get("/api/runs/" + run).status()).isEqualTo(409);
        assertThat(post("/api/boxes/" + box + "/runs", null).body().path("id").asText())
                .as("another run is begun")
                .isNotEqualTo(run)
                .isNotEmpty();
        for (JsonNode one : damaged.body()) {
            String path = "/api/damaged/" + one.path("kind").asText() + "/"
                    + one.path("id").asText();
            assertThat(delete(path).status()).as(path).isEqualTo(204);
            assertThat(delete(path).status()).as("only what is damaged").isEqualTo(404);
        }
        assertThat(get("/api/damaged").body()).isEmpty();
    }

    @Test
    void whatIsDamagedDoesNotStopTheStart() throws Exception {
        java.nio.file.Path data = java.nio.file.Files.createTempDirectory("cant-hook-test");
        try (var first = RestartTest.start(data)) {
            JdbcClient kept = first.getBean(JdbcClient.class);
            kept.sql("INSERT INTO house_rule (id, value, saved_at) VALUES ('glitter', 3, '')")
                    .update();
            kept.sql(
                            "INSERT INTO saw_run (id, box_id, plan, rules, started_at) VALUES ('r', 'envelope-drawer', '{', '{', '')")
                    .update();
            kept.sql("INSERT INTO saw_event (run_id, seq, event, at) VALUES ('r', 1, '{', '')")
                    .update();
            kept.sql("UPDATE box SET plan = '{' WHERE id = 'packet-tray'").update();
        }
        try (var second = RestartTest.start(data)) {
            assertThat(second.getBean(canthook.server.box.Shelf.class).all(false))
                    .hasSize(DEMO_BOXES - 1);
        }
    }

    @Test
    void ofTwoRulesThatContradictEachOtherOneStandsAndTheOtherIsShown() throws Exception {
        java.nio.file.Path data = java.nio.file.Files.createTempDirectory("cant-hook-test");
        try (var first = RestartTest.start(data)) {
            // each may stand by itself; the third only beside the first, which comes after it
            first.getBean(JdbcClient.class)
                    .sql("INSERT INTO house_rule (id, value, saved_at) VALUES ('section-best-from', 1.4, ''),"
                            + " ('section-best-to', 1.45, ''), ('overlap', 0.3, '')")
                    .update();
        }
        try (var second = RestartTest.start(data)) {
            RuleBook book = second.getBean(RuleBook.class);
            assertThat(book.damaged()).isEmpty();
            assertThat(book.rules().value(HouseRule.SECTION_BEST_FROM)).isEqualTo(1.4);
            second.getBean(JdbcClient.class)
                    .sql("UPDATE house_rule SET value = 1.2 WHERE id = 'section-best-to'")
                    .update();
        }
        try (var third = RestartTest.start(data)) {
            RuleBook book = third.getBean(RuleBook.class);
            assertThat(book.rules().value(HouseRule.SECTION_BEST_TO)).isEqualTo(1.2);
            assertThat(book.rules().value(HouseRule.OVERLAP)).isEqualTo(0.3);
            assertThat(book.damaged()).hasSize(1);
            assertThat(book.damaged().get(0).why()).contains("cannot begin above where they end");
            book.putAway(Damaged.Kind.HOUSE_RULE, "section-best-from");
            assertThat(book.damaged()).isEmpty();
        }
    }

    @Test
    void aLongShelfIsTurnedPageByPageAndSearched() {
        int before = Integer.parseInt(total("/api/boxes"));
        for (int i = 0; i < 30; i++) {
            box("Sowing frame " + i);
        }
        assertThat(total("/api/boxes")).isEqualTo(String.valueOf(before + 30));
        assertThat(get("/api/boxes").body()).hasSize(24);
        assertThat(get("/api/boxes?search=sowing FRAME&from=24").body()).hasSize(6);
        assertThat(total("/api/boxes?search=sowing frame 2")).isEqualTo("11");
        assertThat(get("/api/boxes?search=frame_").body()).isEmpty();
    }

    @Test
    void theShelfIsSievedAndPutInOrder() {
        ObjectNode tray = demoPlan("3-packet-tray.json");
        String id = post("/api/boxes", node().set("plan", tray.put("name", "Zinnia tray")))
                .body()
                .path("id")
                .asText();
        box("aster box");
        assertThat(get("/api/boxes?search=dibber").text())
                .as("what goes in is searched too")
                .contains(id);
        assertThat(get("/api/boxes?search=zinnia&wood="
                                + tray.path("walls").path("wood").asText())
                        .body())
                .hasSize(1);
        assertThat(get("/api/boxes?search=zinnia&wood=oak-white").body()).isEmpty();
        assertThat(get("/api/boxes/woods").text())
                .contains(tray.path("walls").path("wood").asText());
        assertThat(get("/api/boxes?search=zinnia&stage=TESTED").body()).isEmpty();
        post("/api/boxes/" + id + "/test-cuts", "{\"slots\":[8],\"fingers\":[7.9]}");
        assertThat(get("/api/boxes?search=zinnia&stage=TESTED").body()).hasSize(1);
        assertThat(get("/api/boxes?search=zinnia&stage=PLANNED").body()).isEmpty();
        post("/api/boxes/" + id + "/runs", null);
        assertThat(get("/api/boxes?search=zinnia&stage=AT_THE_SAW").body()).hasSize(1);
        JsonNode byName = get("/api/boxes?order=NAME&most=100").body();
        String before = "";
        for (JsonNode box : byName) {
            String name = box.path("name").asText();
            assertThat(name).usingComparator(String.CASE_INSENSITIVE_ORDER).isGreaterThanOrEqualTo(before);
            before = name;
        }
        assertThat(get("/api/boxes?order=SIDEWAYS").status()).isEqualTo(400);
        assertThat(box("Names")).as("its address is the list of names").isEqualTo("names-box");
        assertThat(get("/api/boxes/names?search=sowing").body()).hasSize(30);
        assertThat(get("/api/boxes?from=-1").field()).isEqualTo("from");
        assertThat(get("/api/boxes?most=5000").field()).isEqualTo("most");
    }

    private String total(String path) {
        return String.valueOf(reply(path).getHeader("X-Total-Count"));
    }

    private String asKept(String path) {
        return new String(reply(path + "/as-kept").getContentAsByteArray(), java.nio.charset.StandardCharsets.UTF_8);
    }

    private MockHttpServletResponse reply(String path) {
        try {
            return mvc.perform(MockMvcRequestBuilders.get(path)).andReturn().getResponse();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }
}
