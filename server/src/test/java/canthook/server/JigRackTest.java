package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;

/** Jigs on the rack: their measures, their keys, what was cut on them. */
class JigRackTest extends ServerTestBase {
    private ObjectNode jig(String name, String way) {
        ObjectNode jig = node().put("id", "new").put("name", name).put("note", "");
        jig.set("jig", node().put("way", way));
        jig.putArray("keys").add(7.42);
        return jig;
    }

    private Reply hang(ObjectNode jig) {
        return post("/api/rack/jigs", node().set("jig", jig));
    }

    @Test
    void aJigIsHungMeasuredTakenOffAndPutBack() {
        JsonNode hung = hang(jig("Leaf fence", "SHIM_FENCE")).body();
        String id = hung.at("/jig/id").asText();
        assertThat(id).isEqualTo("leaf-fence");
        assertThat(hung.get("figure").get("shapes")).isNotEmpty();
        ObjectNode measured = (ObjectNode) hung.get("jig");
        ObjectNode leaves = node().put("zeroGap", 7.0).put("paper", 0.11);
        leaves.putArray("set").add(0.1).add(0.2);
        ((ObjectNode) measured.get("jig")).set("leaves", leaves);
        ObjectNode change = node().put("revision", 1);
        change.set("jig", measured);
        assertThat(put("/api/rack/jigs/" + id, change).body().get("says").asText())
                .contains("keys of 7.42")
                .contains("gap on the block 7.00 mm")
                .contains("a sheet of paper 0.11 mm");
        assertThat(put("/api/rack/jigs/" + id, change.put("revision", 9)).status())
                .isEqualTo(409);
        delete("/api/rack/jigs/" + id);
        assertThat(get("/api/rack/jigs").text()).doesNotContain("leaf-fence");
        post("/api/rack/jigs/" + id + "/restore", "{}");
        assertThat(get("/api/rack/jigs").text()).contains("leaf-fence");
    }

    /** What a plan takes is the jig’s own measures and its name; what was cut on it is found by it, and by no other. */
    @Test
    void whatIsCutOnAJigIsRemembered() {
        JsonNode sled = hang(jig("Box sled", "SLED_KEY")).body();
        JsonNode other = hang(jig("Other sled", "SLED_KEY")).body();
        ObjectNode plan = drawer();
        plan.set("jig", sled.get("chosen"));
        String box =
                post("/api/boxes", node().set("plan", plan)).body().get("id").asText();
        assertThat(get("/api/boxes/" + box).body().at("/plan/jig/own/name").asText())
                .isEqualTo("Box sled");
        post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.25]}");
        assertThat(get("/api/book?jig=" + sled.at("/jig/id").asText())
                        .body()
                        .get("total")
                        .asInt())
                .isEqualTo(1);
        assertThat(get("/api/book?jig=" + other.at("/jig/id").asText())
                        .body()
                        .get("total")
                        .asInt())
                .isZero();
    }

    @Test
    void whatIsNoJigIsRefusedAtItsField() {
        assertThat(hang(jig("", "SLED_KEY")).field()).isEqualTo("jig.name");
        ObjectNode bad = jig("Thin", "SLED_KEY");
        bad.putArray("keys").add(7.4).add(-1);
        assertThat(hang(bad).field()).isEqualTo("jig.keys[1]");
        assertThat(hang(jig("Odd", "SIDEWAYS")).status()).isIn(400, 422);
        ObjectNode none = node().put("id", "x").put("name", "None").put("note", "");
        assertThat(hang(none).field()).isEqualTo("jig.jig");
    }

    /** A glued key tells what it makes, and a box is told whether it is one of those; the offered plan closes there. */
    @Test
    void aGluedKeyMakesOneJoint() {
        ObjectNode glued = jig("Old gauge", "SLED_KEY");
        glued.putObject("glued").put("kerf", 7.45).put("gap", 7.28);
        JsonNode hung = hang(glued).body();
        assertThat(hung.get("says").asText()).contains("80.9 with 11").contains("95.7 with 13");
        ObjectNode plan = drawer();
        ObjectNode fingers = (ObjectNode) plan.get("fingers");
        fingers.remove("sections");
        fingers.put("lowerBy", 3).put("higherBy", 3);
        JsonNode own = null;
        for (JsonNode one :
                post("/api/build/jigs", node().set("plan", plan)).body().path("makes")) {
            own = one.get("id").asText().equals(hung.at("/jig/id").asText()) ? one : own;
        }
        assertThat(own).isNotNull();
        assertThat(own.get("how").asText()).isEqualTo("AS_IT_IS");
        JsonNode after = post("/api/work", node().set("plan", own.get("after"))).body();
        assertThat(after.toString()).contains("95.66");
        ObjectNode wrong = jig("Carriage", "STOPS");
        wrong.putObject("glued").put("kerf", 7.45).put("gap", 7.28);
        assertThat(hang(wrong).field()).isEqualTo("jig.glued");
        delete("/api/rack/jigs/" + hung.at("/jig/id").asText());
    }
}
