package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;

/** A box tried otherwise stands on no shelf, is laid over the one it came from, and is taken, kept or let go without loss. */
class WhatIfTest extends ServerTestBase {
    private String box(String demo, String name) {
        ObjectNode plan = (ObjectNode) demoPlan(demo);
        return post("/api/boxes", node().set("plan", plan.put("name", name)))
                .body()
                .get("id")
                .asText();
    }

    private JsonNode save(String id, int sections) {
        JsonNode now = get("/api/boxes/" + id).body();
        ObjectNode plan = (ObjectNode) now.get("plan");
        ((ObjectNode) plan.get("fingers")).put("sections", sections);
        ObjectNode change = node().put("revision", now.get("revision").asLong());
        change.set("plan", plan);
        return put("/api/boxes/" + id, change).body();
    }

    private int sections(String id) {
        return get("/api/boxes/" + id).body().at("/plan/fingers/sections").asInt();
    }

    private String tried(String id) {
        return post("/api/boxes/" + id + "/what-ifs", node()).body().get("id").asText();
    }

    @Test
    void itStandsOnNoShelfAndTellsWhatDiffers() {
        String id = box("2-envelope-drawer.json", "Quinoa drawer");
        post("/api/boxes/" + id + "/test-cuts", "{\"slots\":[7.45],\"fingers\":[7.3]}");
        String tried = tried(id);
        assertThat(get("/api/boxes?search=quinoa").body()).hasSize(1);
        assertThat(get("/api/boxes/names?search=quinoa").body()).hasSize(1);
        assertThat(get("/api/boxes/" + tried).body().get("testCuts"))
                .as("its fit is that of the box")
                .hasSize(1);
        assertThat(get("/api/boxes/" + tried + "/what-if").body().get("says")).isEmpty();
        save(tried, 11);
        JsonNode both = get("/api/boxes/" + tried + "/what-if").body();
        assertThat(both.at("/of/id").asText()).isEqualTo(id);
        assertThat(both.get("says").toString()).isEqualTo("[\"13 → 11 sections\"]");
        assertThat(both.get("moved").asBoolean()).isFalse();
        assertThat(both.get("numbers").findValuesAsText("id"))
                .contains("fingers.slot", "jig.spacer", "cut.passes")
                .doesNotContain("size.outside-length", "bottom.cut");
        assertThat(both.get("figures").findValuesAsText("id")).containsExactly("sticks", "parts", "both");
        assertThat(both.get("figures").findValuesAsText("role")).contains("before");
        JsonNode of = get("/api/boxes/" + id + "/what-ifs").body();
        assertThat(of.at("/tried/0/says/0").asText()).isEqualTo("13 → 11 sections");
        assertThat(get("/api/boxes/" + id + "/what-if").status())
                .as("a box of its own has nothing beside it")
                .isEqualTo(422);
        assertThat(get("/api/boxes/no-such/what-ifs").status()).isEqualTo(404);
    }

    @Test
    void takenItIsAChangeOfTheBoxAndUndoLeadsBack() {
        String id = box("2-envelope-drawer.json", "Pea drawer");
        String tried = tried(id);
        save(tried, 11);
        save(id, 15);
        JsonNode both = get("/api/boxes/" + tried + "/what-if").body();
        assertThat(both.get("moved").asBoolean()).isTrue();
        assertThat(both.get("says").toString()).isEqualTo("[\"15 → 11 sections\"]");
        assertThat(post("/api/boxes/" + tried + "/what-if/take", node().put("revision", 1))
                        .status())
                .as("taken over a state nobody saw")
                .isEqualTo(409);
        assertThat(sections(id)).isEqualTo(15);
        JsonNode taken = post("/api/boxes/" + tried + "/what-if/take", node().put("revision", 2))
                .body();
        assertThat(taken.get("id").asText()).isEqualTo(id);
        assertThat(sections(id)).isEqualTo(11);
        assertThat(get("/api/boxes/" + id + "/way-back").body().get("back").toString())
                .isEqualTo("[2,1]");
        assertThat(get("/api/boxes/" + id + "/what-ifs").body().get("tried")).isEmpty();
    }

    @Test
    void keptItIsABoxOfItsOwnAndLetGoItCanBeHadBack() {
        String id = box("2-envelope-drawer.json", "Samphire drawer");
        String tried = tried(id);
        save(tried, 11);
        assertThat(post("/api/boxes/" + tried + "/what-if/keep", node().put("name", "Samphire drawer"))
                        .status())
                .isEqualTo(422);
        post("/api/boxes/" + tried + "/what-if/keep", node().put("name", "Samphire drawer, wide fingers"));
        assertThat(get("/api/boxes?search=samphire").body().findValuesAsText("name"))
                .containsExactlyInAnyOrder("Samphire drawer", "Samphire drawer, wide fingers");
        assertThat(sections(id)).as("the box itself").isNotEqualTo(11);
        String other = tried(id);
        assertThat(delete("/api/boxes/" + other + "/what-if").status()).isEqualTo(204);
        assertThat(get("/api/boxes?archived=true&search=samphire").body().findValuesAsText("name"))
                .containsExactly("Samphire drawer, what if");
        assertThat(get("/api/boxes/" + id + "/what-ifs").body().get("tried")).isEmpty();
    }
}
