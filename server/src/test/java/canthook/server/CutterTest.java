package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;

/** Cutters hung on the rack, and a ladder that ranks over them. */
class CutterTest extends ServerTestBase {
    private ObjectNode bit(String name, double kerf) {
        return node().put("id", "new")
                .put("name", name)
                .put("kind", "BIT")
                .put("nominal", 8)
                .put("kerf", kerf)
                .put("kerfFrom", "")
                .put("note", "");
    }

    private Reply hang(ObjectNode cutter) {
        return post("/api/rack/cutters", node().set("cutter", cutter));
    }

    @Test
    void aCutterIsHungMeasuredTakenOffAndPutBack() {
        Reply hung = hang(bit("Eight", 8));
        assertThat(hung.status()).isEqualTo(201);
        String id = hung.body().path("cutter").path("id").asText();
        assertThat(hung.body().path("says").asText()).contains("not measured");
        ObjectNode measured = ((ObjectNode) hung.body().path("cutter"))
                .put("kerf", 8.03)
                .put("kerfOn", "2026-11-20")
                .put("kerfFrom", "slot in scrap");
        ObjectNode change = node().put("revision", 1);
        change.set("cutter", measured);
        assertThat(put("/api/rack/cutters/" + id, change).body().path("says").asText())
                .contains("2026-11-20, slot in scrap");
        measured.put("kerf", 8.04);
        assertThat(put("/api/rack/cutters/" + id, change).status()).isEqualTo(409);
        delete("/api/rack/cutters/" + id);
        assertThat(get("/api/rack/cutters").text()).doesNotContain("\"" + id + "\"");
        post("/api/rack/cutters/" + id + "/restore", "{}");
        assertThat(get("/api/rack/cutters").text()).contains("\"" + id + "\"");
    }

    @Test
    void whatIsNoCutterIsRefusedAtItsField() {
        assertThat(hang(bit("", 8)).field()).isEqualTo("cutter.name");
        assertThat(hang(bit("Thin", 0)).field()).isEqualTo("cutter.kerf");
        assertThat(hang(bit("Odd", 8).put("kind", "STACK")).field()).isEqualTo("cutter.stack");
        ObjectNode set = node().put("outer", 6.35).put("arbor", 20);
        set.putArray("chippers").add(3.2).add(-1);
        set.putArray("shims");
        ObjectNode stack = bit("Stack", 6.35).put("kind", "STACK");
        stack.set("stack", set);
        assertThat(hang(stack).field()).isEqualTo("cutter.stack.chippers[1]");
        assertThat(post("/api/rack/cutters", "{}").field()).isEqualTo("cutter");
    }

    @Test
    void aStackIsPutTogetherForASlot() {
        ObjectNode set = node().put("outer", 6.35).put("arbor", 20);
        set.putArray("chippers").add(3.2).add(1.6);
        set.putArray("shims").add(0.1).add(0.25);
        ObjectNode stack = bit("Stacked", 6.35).put("kind", "STACK");
        stack.set("stack", set);
        String id = hang(stack).body().path("cutter").path("id").asText();
        JsonNode found = get("/api/rack/cutters/" + id + "/stack?slot=9.6").body();
        assertThat(found.path("says").asText()).isEqualTo("outer blades 6.35 + chipper 3.20");
        assertThat(found.path("width").asText()).isEqualTo("9.55");
        assertThat(get("/api/rack/cutters/" + id + "/stack?slot=0").field()).isEqualTo("slot");
    }

    @Test
    void theLadderRanksOverTheRackWhenAsked() {
        hang(bit("Wide one", 12));
        ObjectNode plan = drawer();
        ((ObjectNode) plan.path("fingers")).put("anyCutter", true);
        ObjectNode ask = node().put("station", "fingers");
        ask.set("plan", plan);
        JsonNode answer = post("/api/work", ask).body();
        boolean wide = false;
        for (JsonNode rung : answer.at("/ladder/rungs")) {
            if (rung.path("cutter").asText().equals("Wide one")) {
                wide = true;
                Reply opened = post("/api/work/" + rung.path("name").asText() + ".slot", ask);
                assertThat(opened.status()).isEqualTo(200);
            }
        }
        assertThat(wide).isTrue();
        assertThat(answer.path("patterns").size()).isPositive();
    }

    @Test
    void everyWayAnswersWithItsCardItsStepsAndTheirWorkings() {
        for (String way : new String[] {
            "SLED_KEY", "ROUTER_SLED", "ROD_KEY", "SHIM_FENCE", "SCREW", "SPACERS", "STOPS", "HAND", "BAND_SAW"
        }) {
            ObjectNode plan = drawer();
            plan.set("jig", node().put("way", way));
            ((ObjectNode) plan.path("fingers")).put("shared", "CENTRED").put("kerf", 1.2);
            for (String station : new String[] {"jig", "cut"}) {
                ObjectNode ask = node().put("station", station).put("step", 3);
                ask.set("plan", plan);
                JsonNode answer = post("/api/work", ask).body();
                JsonNode steps = station.equals("jig")
                        ? answer.path("steps")
                        : answer.path("cuts").path("setups").get(0).path("cuts");
                assertThat(steps.size()).as(way + " " + station).isPositive();
                String number = steps.get(0).path("number").asText();
                JsonNode opened = post("/api/work/" + number, ask).body();
                assertThat(opened.path("number").path("text").asText())
                        .as(way)
                        .isEqualTo(steps.get(0).path("place").asText());
                assertThat(answer.path("figures").get(0).path("shapes").size()).isPositive();
            }
        }
    }

    @Test
    void aScrewThatCannotTurnIsRefusedWhereItWasTyped() {
        for (String[] wrong : new String[][] {{"lead", "0"}, {"driver", "0"}, {"driven", "0"}, {"parts", "0"}}) {
            ObjectNode screw =
                    node().put("lead", 2).put("driver", 1).put("driven", 1).put("parts", 8);
            screw.put(wrong[0], Integer.parseInt(wrong[1]));
            ObjectNode plan = drawer();
            plan.set("jig", node().put("way", "SCREW").set("screw", screw));
            Reply refused = post("/api/work", node().set("plan", plan));
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.field()).isEqualTo("plan.jig.screw." + wrong[0]);
        }
    }
}
