package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.plan.BoxPlan;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Files of every version there was are read as the plan they were written from. */
class OlderFilesTest extends ServerTestBase {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "1-germination-box.json",
                "2-envelope-drawer.json",
                "3-packet-tray.json",
                "4-drawer-batch.json",
                "7-sorting-tray.json"
            })
    void everyDecisionOfAnOlderFileIsKept(String file) {
        ObjectNode old = demoPlan(file);
        Reply kept = post("/api/boxes", node().set("plan", old));
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        JsonNode read = kept.body().path("plan");
        assertThat(read.path("version").asInt()).isEqualTo(BoxPlan.VERSION);
        old.remove("version");
        everythingIsIn(old, read, "plan");
        // and written once more it stays the same
        Reply again = post("/api/boxes", node().set("plan", read));
        assertThat(again.body().path("plan")).isEqualTo(read);
    }

    private static void everythingIsIn(JsonNode old, JsonNode now, String at) {
        for (Map.Entry<String, JsonNode> field : old.properties()) {
            JsonNode kept = now.path(field.getKey());
            String here = at + "." + field.getKey();
            if (field.getValue().isObject()) {
                everythingIsIn(field.getValue(), kept, here);
            } else if (field.getValue().isNumber()) {
                assertThat(kept.asDouble()).as(here).isEqualTo(field.getValue().asDouble());
            } else if (!field.getValue().isNull() && !field.getValue().isArray()) {
                assertThat(kept).as(here).isEqualTo(field.getValue());
            }
        }
    }

    /** A bottom or a lid that was put away comes back as it was. */
    @Test
    void aLidThatWasPutAwayIsRemembered() {
        ObjectNode plan = demoPlan("1-germination-box.json");
        JsonNode lid = plan.path("lid").deepCopy();
        ((ObjectNode) plan.path("lid")).put("kind", "NONE");
        ObjectNode without =
                (ObjectNode) post("/api/boxes", node().set("plan", plan)).body().path("plan");
        assertThat(without.path("lid").path("kind").asText()).isEqualTo("NONE");
        ((ObjectNode) without.path("lid")).put("kind", "SLIDING");
        JsonNode back = post("/api/boxes", node().set("plan", without))
                .body()
                .path("plan")
                .path("lid");
        everythingIsIn(lid, back, "lid");
    }

    @Test
    void aKindThatDoesNotExistIsRefusedAtItsField() {
        ObjectNode plan = drawer();
        ((ObjectNode) plan.path("bottom")).put("kind", "WOVEN");
        Reply refused = post("/api/boxes", node().set("plan", plan));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.field()).isEqualTo("plan.bottom.kind");
    }

    @Test
    void aCapturedBottomWithoutItsGrooveIsRefusedAtItsField() {
        ObjectNode plan = drawer();
        ((ObjectNode) plan.path("bottom")).remove("groove");
        Reply refused = post("/api/boxes", node().set("plan", plan));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("plan.bottom.groove");
    }
}
