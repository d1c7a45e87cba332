package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Panels of a box out of the sheets on the rack: asked for, cut, put back. */
class SheetsTest extends ServerTestBase {
    @BeforeEach
    void emptyRack() {
        for (JsonNode kept : get("/api/rack/blanks").body()) {
            delete("/api/rack/blanks/" + kept.path("blank").path("id").asText());
        }
    }

    private String sheet(String name, double length, double width, boolean scrap) {
        ObjectNode blank = node().put("id", "new")
                .put("name", name)
                .put("length", length)
                .put("width", width)
                .put("thickness", 4)
                .put("wood", "sheet-plywood")
                .put("ringAngle", 0)
                .put("scrap", scrap);
        // a board kept before snipe and scraps were asked for does not say
        blank.put("snipe", false);
        return post("/api/rack/blanks", node().set("blank", blank))
                .body()
                .path("blank")
                .path("id")
                .asText();
    }

    private List<String> rack() {
        List<String> names = new ArrayList<>();
        get("/api/rack/blanks")
                .body()
                .forEach(k -> names.add(k.path("blank").path("name").asText()));
        return names;
    }

    private String kept() {
        return post("/api/boxes", node().set("plan", demoPlan("3-packet-tray.json")))
                .body()
                .path("id")
                .asText();
    }

    private JsonNode ask(String box) {
        JsonNode plan = get("/api/boxes/" + box).body().path("plan");
        return post("/api/panels", node().put("box", box).set("plan", plan)).body();
    }

    @Test
    void aSheetThatIsCutLeavesTheRackAndItsPanelIsWantedNoMore() {
        String box = kept();
        String whole = sheet("Plywood, whole", 1220, 610, false);
        JsonNode answer = ask(box);
        JsonNode bottom = answer.path("panels").get(0);
        assertThat(bottom.path("name").asText()).isEqualTo("bottom");
        assertThat(bottom.path("laid").asInt()).isEqualTo(1);
        assertThat(answer.path("sheets").get(0).path("cuts")).isNotEmpty();
        assertThat(put("/api/boxes/" + box + "/cut-sheets/" + whole, node()).status())
                .isEqualTo(204);
        assertThat(rack())
                .allMatch(name -> name.matches("Offcut \\d of Plywood, whole"))
                .hasSizeGreaterThan(0);
        assertThat(get("/api/rack/blanks")
                        .body()
                        .get(0)
                        .path("blank")
                        .path("scrap")
                        .asBoolean())
                .isTrue();
        JsonNode after = ask(box);
        assertThat(after.path("panels").get(0).path("cut").asInt()).isEqualTo(1);
        assertThat(after.path("done").get(0).path("name").asText()).isEqualTo("Plywood, whole");
        assertThat(after.path("sheets")).isEmpty();
        // cut twice it is not: it lies there no more
        assertThat(put("/api/boxes/" + box + "/cut-sheets/" + whole, node()).status())
                .isEqualTo(422);
        assertThat(delete("/api/boxes/" + box + "/cut-sheets/" + whole).status())
                .isEqualTo(204);
        assertThat(rack()).containsExactly("Plywood, whole");
        assertThat(ask(box).path("panels").get(0).path("cut").asInt()).isZero();
    }

    @Test
    void aScrapIsCutBeforeAWholeSheet() {
        String box = kept();
        sheet("Plywood, whole", 1220, 610, false);
        sheet("From the last tray", 400, 300, true);
        JsonNode sheets = ask(box).path("sheets");
        assertThat(sheets.get(0).path("figure").path("name").asText()).isEqualTo("From the last tray");
        assertThat(sheets.get(0).path("cuts")).isNotEmpty();
        assertThat(sheets.get(1).path("cuts")).isEmpty();
    }

    @Test
    void whatLiesNowhereIsToldWithWhatToBuy() {
        JsonNode answer = ask(kept());
        assertThat(answer.path("verdicts").get(0).path("code").asText()).isEqualTo("PANELS_INCOMPLETE");
        assertThat(answer.path("sheets")).isEmpty();
    }

    @Test
    void aPlanIsWantedAndABoxThatIsThere() {
        assertThat(post("/api/panels", node()).status()).isEqualTo(422);
        assertThat(put("/api/boxes/no-such-box/cut-sheets/s1", node()).status()).isEqualTo(404);
        assertThat(delete("/api/boxes/" + kept() + "/cut-sheets/s1").status()).isEqualTo(404);
    }
}
