package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

class BoxApiTest extends ServerTestBase {
    @Autowired
    JdbcTemplate sql;

    private String kept(ObjectNode plan) {
        return post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
    }

    private Reply save(String id, long revision, JsonNode plan) {
        ObjectNode change = node().put("revision", revision);
        change.set("plan", plan);
        return put("/api/boxes/" + id, change);
    }

    @Test
    void aKeptBoxReopensAsItWas() {
        ObjectNode plan = drawer().put("name", "Tray of Bücher & Bohnen");
        String id = kept(plan);
        assertThat(id).isEqualTo("tray-of-bucher-bohnen");
        JsonNode again = get("/api/boxes/" + id).body();
        assertThat(again.path("revision").asLong()).isEqualTo(1);
        assertThat(again.path("plan").path("size")).isEqualTo(without(plan.path("size")));
        assertThat(kept(plan)).isEqualTo(id + "-2");
    }

    private static JsonNode without(JsonNode node) {
        ObjectNode copy = node.deepCopy();
        copy.properties().removeIf(e -> e.getValue().isNull());
        return copy;
    }

    @Test
    void aStaleWriteIsRefusedAndNothingIsLost() {
        ObjectNode plan = drawer();
        String id = kept(plan);
        ObjectNode mine = plan.deepCopy().put("purpose", "first window");
        ObjectNode theirs = plan.deepCopy().put("purpose", "second window");
        assertThat(save(id, 1, mine).body().path("revision").asLong()).isEqualTo(2);
        Reply refused = save(id, 1, theirs);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("currentRevision").asLong()).isEqualTo(2);
        assertThat(get("/api/boxes/" + id).body().path("plan").path("purpose").asText())
                .isEqualTo("first window");
        assertThat(save(id, 2, theirs).status()).isEqualTo(200);
        assertThat(sql.queryForList(
                        "SELECT plan FROM box_history WHERE box_id = ? ORDER BY revision", String.class, id))
                .hasSize(3)
                .satisfies(all -> assertThat(all.get(1)).contains("first window"))
                .satisfies(all -> assertThat(all.get(2)).contains("second window"));
    }

    @Test
    void ofManyWritersFromOneRevisionOneWins() throws Exception {
        ObjectNode plan = drawer();
        String id = kept(plan);
        ExecutorService pool = Executors.newFixedThreadPool(8);
        List<Callable<Integer>> writers = IntStream.range(0, 24)
                .<Callable<Integer>>mapToObj(i ->
                        () -> save(id, 1, plan.deepCopy().put("purpose", "writer " + i))
                                .status())
                .toList();
        List<Integer> statuses =
                pool.invokeAll(writers).stream().map(BoxApiTest::got).toList();
        pool.shutdown();
        assertThat(statuses).filteredOn(s -> s == 200).hasSize(1);
        assertThat(statuses).filteredOn(s -> s == 409).hasSize(23);
    }

    private static int got(Future<Integer> future) {
        try {
            return future.get();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void testCutsAreKeptWithTheirDateAndCanBePutBack() {
        String id = kept(drawer());
        JsonNode box = post("/api/boxes/" + id + "/test-cuts", "{\"slots\":[7.46,7.45],\"fingers\":[7.25]}")
                .body();
        JsonNode cut = box.path("testCuts").get(0);
        assertThat(cut.path("cut").path("at").asText()).matches("\\d{4}-\\d\\d-\\d\\dT.*Z");
        String path = "/api/boxes/" + id + "/test-cuts/" + cut.path("id").asLong();
        assertThat(delete(path).body().path("testCuts")).isEmpty();
        assertThat(post(path + "/restore", null).body().path("testCuts")).hasSize(1);
        assertThat(delete("/api/boxes/" + id + "/test-cuts/99999").status()).isEqualTo(404);
        Reply bad = post("/api/boxes/" + id + "/test-cuts", "{\"slots\":[],\"fingers\":[7]}");
        assertThat(bad.status()).isEqualTo(422);
        assertThat(bad.field()).isEqualTo("slots");
    }

    @Test
    void putAwayIsNotGone() {
        String id = kept(drawer().put("name", "Away"));
        assertThat(delete("/api/boxes/" + id).status()).isEqualTo(204);
        assertThat(get("/api/boxes").text()).doesNotContain("\"" + id + "\"");
        assertThat(get("/api/boxes?archived=true").text()).contains("\"" + id + "\"");
        post("/api/boxes/" + id + "/restore", null);
        assertThat(get("/api/boxes").text()).contains("\"" + id + "\"");
    }

    @Test
    void theDemoBoxesStandOnTheShelfWithTheirNextStep() {
        post("/api/boxes/import", file("1-germination-box.json"));
        JsonNode box = get("/api/boxes").body().get(0);
        assertThat(box.path("name").asText()).isEqualTo("Germination box");
        assertThat(box.path("station").asText()).isEqualTo("lid");
        assertThat(box.path("figure").path("shapes").size()).isGreaterThan(20);
    }

    private ObjectNode file(String demo) {
        ObjectNode file = node().put("format", "cant-hook-box");
        file.set("plan", demoPlan(demo));
        return file;
    }

    @Test
    void copiesAreBoxesOfTheirOwn() {
        String id = kept(drawer().put("name", "Original"));
        JsonNode copy = post("/api/boxes/" + id + "/copy", null).body();
        assertThat(copy.path("plan").path("name").asText()).isEqualTo("Original, copy");
        assertThat(copy.path("id").asText()).isEqualTo("original-copy");
    }

    /** Readings are looked at before they are kept; a felt fit is kept as felt and comes back with the project file. */
    @Test
    void aTestCutIsDoubtedOrFelt() {
        String id = post(
                        "/api/boxes",
                        node().set("plan", demoPlan("2-envelope-drawer.json").put("name", "Felt drawer")))
                .body()
                .path("id")
                .asText();
        ObjectNode inches = node();
        inches.putArray("slots").add(0.293).add(0.294);
        inches.putArray("fingers").add(0.289);
        Reply look = post("/api/boxes/" + id + "/test-cuts/look", inches);
        assertThat(look.status()).as(look.text()).isEqualTo(200);
        assertThat(look.body().path("doubts").get(0).path("kind").asText()).isEqualTo("INCHES");
        assertThat(look.body().path("doubts").get(0).path("slots").get(0).asDouble())
                .isBetween(7.4, 7.5);
        // nothing was kept by looking
        assertThat(get("/api/boxes/" + id).body().path("testCuts")).isEmpty();
        Reply felt = post("/api/boxes/" + id + "/test-cuts", node().put("felt", "NEEDS_A_MALLET"));
        assertThat(felt.status()).as(felt.text()).isEqualTo(201);
        assertThat(felt.body().path("testCuts").get(0).path("cut").path("felt").asText())
                .isEqualTo("NEEDS_A_MALLET");
        assertThat(post("/api/boxes/" + id + "/test-cuts", node()).status()).isEqualTo(422);
        assertThat(post("/api/boxes/" + id + "/test-cuts", node().put("felt", "WOBBLES"))
                        .status())
                .isIn(400, 422);
        JsonNode file = get("/api/boxes/" + id + "/project.json").body();
        if (file != null && file.has("testCuts")) {
            assertThat(file.path("testCuts").get(0).path("felt").asText()).isEqualTo("NEEDS_A_MALLET");
        }
    }

    /** A second drawer of the same kind is told where the first went together. */
    @Test
    void whatWorkedBeforeComesBack() {
        ObjectNode plan = demoPlan("2-envelope-drawer.json").put("name", "First of two");
        // of a wood no other box of these tests is made of, so that only the first can be told of
        ((ObjectNode) plan.get("walls")).put("wood", "hackberry");
        String first =
                post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
        String second =
                post("/api/boxes/" + first + "/copy", node()).body().path("id").asText();
        assertThat(get("/api/boxes/" + second + "/worked-before")
                        .body()
                        .path("before")
                        .path("says")
                        .asText(""))
                .doesNotContain("First of two");
        post("/api/boxes/" + first + "/test-cuts", node().put("felt", "DROPS_APART"));
        post("/api/boxes/" + first + "/test-cuts", node().put("felt", "SLIDES").put("moved", 0.18));
        assertThat(get("/api/boxes/" + second + "/worked-before")
                        .body()
                        .path("before")
                        .path("says")
                        .asText())
                .contains("“First of two” went together 0.18 mm farther from the cutter")
                .contains("It was felt, not read.");
        // put away it still tells
        delete("/api/boxes/" + first);
        assertThat(get("/api/boxes/" + second + "/worked-before")
                        .body()
                        .path("before")
                        .path("says")
                        .asText())
                .contains("First of two");
    }
}
