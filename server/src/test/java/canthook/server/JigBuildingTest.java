package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Machines on the rack, the jig that is built on them, and whether it is square: on screen, on paper, in a spreadsheet. */
class JigBuildingTest extends ServerTestBase {
    private String machine;

    @AfterEach
    void takeOff() {
        if (machine != null) {
            delete("/api/rack/machines/" + machine);
        }
    }

    private Reply saw(String measure, double mm) {
        ObjectNode saw = node().put("id", "new")
                .put("name", "The saw")
                .put("kind", "TABLE_SAW")
                .put("note", "");
        saw.putObject("measures").put(measure, mm);
        Reply hung = post("/api/rack/machines", node().set("machine", saw));
        if (hung.status() == 201) {
            machine = hung.body().at("/machine/id").asText();
        }
        return hung;
    }

    private JsonNode build(ObjectNode plan) {
        Reply reply = post("/api/build", node().set("plan", plan));
        assertThat(reply.status()).as(reply.text()).isEqualTo(200);
        return reply.body();
    }

    private static JsonNode part(JsonNode jig, String id) {
        for (JsonNode part : jig.get("parts")) {
            if (part.get("id").asText().equals(id)) {
                return part;
            }
        }
        throw new AssertionError("no part " + id);
    }

    /** What was measured on a machine is what is built to; what was not is said to be assumed; every size opens. */
    @Test
    void aMeasuredMachineChangesTheJig() {
        ObjectNode plan = drawer();
        JsonNode assumed = build(plan);
        assertThat(assumed.get("assumed").findValuesAsText("measure")).contains("SLOT_WIDTH");
        String before = part(assumed, "runner").at("/sizes/1/text").asText();
        assertThat(saw("SLOT_WIDTH", 25.4).status()).isEqualTo(201);
        JsonNode measured = build(plan);
        assertThat(measured.get("assumed").findValuesAsText("measure")).doesNotContain("SLOT_WIDTH");
        JsonNode wide = part(measured, "runner").at("/sizes/1");
        assertThat(wide.get("text").asText()).isNotEqualTo(before).startsWith("25.");
        JsonNode working = post("/api/work/" + wide.get("number").asText(), node().set("plan", plan))
                .body();
        assertThat(working.get("withValues").asText()).contains("25.4");
        assertThat(post("/api/work/build.no-such", node().set("plan", plan)).status())
                .isEqualTo(422);
    }

    @Test
    void aMeasureThatNoMachineHasIsRefusedAtItsField() {
        Reply wrong = saw("COLLET", 8);
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.field()).isEqualTo("machine.measures.COLLET");
        assertThat(saw("BLADE_RADIUS", 5000).field()).isEqualTo("machine.measures.BLADE_RADIUS");
        assertThat(get("/api/rack/machines/kinds").body().findValuesAsText("kind"))
                .contains("TABLE_SAW", "ROUTER", "BAND_SAW", "DRILL_PRESS", "VICE");
        assertThat(get("/api/rack/machines/kinds?display=DECIMAL_INCH").text()).contains("0.748");
    }

    /** The sheet of parts, the paper and the spreadsheet tell the sizes the bench shows. */
    @ParameterizedTest
    @ValueSource(strings = {"SLED_KEY", "ROUTER_SLED", "ROD_KEY", "SHIM_FENCE", "SCREW", "SPACERS", "STOPS", "HAND"})
    void benchPaperAndSpreadsheetTellTheSame(String way) throws IOException {
        ObjectNode plan = drawer();
        plan.set("jig", node().put("way", way));
        if (way.equals("SCREW")) {
            ((ObjectNode) plan.get("jig"))
                    .set(
                            "screw",
                            node().put("lead", 1.5)
                                    .put("driver", 1)
                                    .put("driven", 1)
                                    .put("parts", 8));
        }
        String box =
                post("/api/boxes", node().set("plan", plan)).body().get("id").asText();
        JsonNode jig = build(plan);
        byte[] pdf = bytes("/api/boxes/" + box + "/papers/jig-sheet.pdf");
        String csv = get("/api/boxes/" + box + "/jig.csv").text();
        String paper;
        try (PDDocument read = Loader.loadPDF(pdf)) {
            paper = new PDFTextStripper().getText(read);
        }
        for (JsonNode part : jig.get("parts")) {
            assertThat(csv).contains(part.get("name").asText());
            assertThat(paper).contains(part.get("name").asText());
            for (JsonNode size : part.get("sizes")) {
                assertThat(paper).contains(size.get("text").asText().replace(" mm", ""));
            }
        }
        assertThat(csv.lines()).hasSize(jig.get("parts").size() + 1);
        List<String> rows = csv.lines().skip(1).toList();
        for (int i = 0; i < rows.size(); i++) {
            String row = rows.get(i);
            for (JsonNode size : jig.get("parts").get(i).get("sizes")) {
                double told = Double.parseDouble(size.get("text").asText().replace(" mm", ""));
                assertThat(Pattern.compile("(?<=,)[0-9.]+(?=,)").matcher(row).results())
                        .as(size.get("text").asText() + " in " + row)
                        .anyMatch(m -> Math.abs(Double.parseDouble(m.group()) - told) < 0.051);
            }
        }
        assertThat(get("/api/boxes/" + box + "/jig.dxf").text()).contains("POLYLINE");
    }

    /** Bit and screws stand where the numbers say, on paper, in the drawing and in the file for a cutter; another way has no plate. */
    @Test
    void thePlateIsBoredAsItIsTold() throws IOException {
        ObjectNode plan = drawer();
        plan.set("jig", node().put("way", "ROUTER_SLED"));
        String box =
                post("/api/boxes", node().set("plan", plan)).body().get("id").asText();
        double kerf = plan.at("/fingers/kerf").asDouble();
        String svg = get("/api/boxes/" + box + "/plate.svg").text();
        List<Double> radii = new ArrayList<>();
        Matcher bores = Pattern.compile("class=\"bore\" points=\"([^\"]+)\"").matcher(svg);
        while (bores.find()) {
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            for (String point : bores.group(1).split(" ")) {
                double x = Double.parseDouble(point.split(",")[0]);
                least = Math.min(least, x);
                most = Math.max(most, x);
            }
            radii.add((most - least) / 2);
        }
        assertThat(radii).hasSize(7);
        assertThat(radii.get(0)).isCloseTo((kerf + 3) / 2, within(0.01));
        assertThat(radii.subList(1, 7)).allSatisfy(r -> assertThat(r).isCloseTo(2.5, within(0.01)));
        assertThat(get("/api/boxes/" + box + "/plate.dxf").text()).contains("BORE");
        try (PDDocument read = Loader.loadPDF(bytes("/api/boxes/" + box + "/papers/plate.pdf"))) {
            assertThat(read.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(read)).contains("towards the fence");
        }
        String other = post("/api/boxes", node().set("plan", drawer()))
                .body()
                .get("id")
                .asText();
        assertThat(get("/api/boxes/" + other + "/plate.svg").status()).isEqualTo(422);
        // without a box the same leaves for a usual width
        String usual = "/api/build/usual/ROUTER_SLED/8/";
        assertThat(get(usual + "plate.svg").text()).contains("<svg").contains("mm\"");
        assertThat(get(usual + "plate.dxf").text()).contains("BORE");
        assertThat(new String(bytes(usual + "plate.pdf"), 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
        assertThat(get(usual + "jig.dxf").text()).contains("ENTITIES");
        assertThat(get("/api/build/usual/SPACERS/8/plate.svg").status()).isEqualTo(422);
        assertThat(get("/api/boxes/" + other + "/papers").text()).doesNotContain("\"plate\"");
    }

    /** Which boxes a jig cuts: those chosen for it, and those it would cut as it is. */
    @Test
    void aJigSaysWhichBoxesItCuts() {
        ObjectNode hung = node().put("id", "new").put("name", "Drawer sled").put("note", "");
        hung.set("jig", node().put("way", "SLED_KEY"));
        hung.putArray("keys").add(3.15);
        String id = post("/api/rack/jigs", node().set("jig", hung))
                .body()
                .at("/jig/id")
                .asText();
        ObjectNode narrow = drawer();
        ((ObjectNode) narrow.get("fingers")).put("kerf", 3.2).remove("tool");
        ((ObjectNode) narrow.get("fingers")).remove("sections");
        String fits =
                post("/api/boxes", node().set("plan", narrow)).body().get("id").asText();
        JsonNode boxes = get("/api/build/jigs/" + id + "/boxes").body();
        assertThat(boxes.findValuesAsText("id")).contains(fits);
        ObjectNode wide = drawer();
        ((ObjectNode) wide.get("fingers")).put("kerf", 19).remove("tool");
        ((ObjectNode) wide.get("fingers")).remove("sections");
        String not =
                post("/api/boxes", node().set("plan", wide)).body().get("id").asText();
        assertThat(get("/api/build/jigs/" + id + "/boxes").body().findValuesAsText("id"))
                .doesNotContain(not);
        assertThat(get("/api/build/jigs/no-such/boxes").status()).isEqualTo(404);
    }

    /** What was read stands on the jig with what it said; what no fence gives is refused at its field. */
    @Test
    void whatWasReadStandsOnTheJig() {
        ObjectNode hung = node().put("id", "new").put("name", "Square sled").put("note", "");
        hung.set("jig", node().put("way", "SLED_KEY"));
        hung.putArray("keys");
        String id = post("/api/rack/jigs", node().set("jig", hung))
                .body()
                .at("/jig/id")
                .asText();
        ObjectNode five = node().put("atFence", 25.4)
                .put("far", 25.2)
                .put("strip", 300)
                .put("distance", 460)
                .put("hinge", "LEFT");
        ObjectNode asked = node();
        asked.set("plan", drawer());
        asked.set("read", node().set("fiveCuts", five));
        JsonNode says = post("/api/square", asked).body();
        assertThat(says.at("/answers/0/says").asText()).contains("right end towards you by 0.08 mm");
        assertThat(says.get("grade").asText()).isEqualTo("GOOD");
        assertThat(get("/api/rack/jigs/" + id + "/squares").body()).isEmpty();
        assertThat(post("/api/rack/jigs/" + id + "/squares", asked).status()).isEqualTo(201);
        JsonNode kept = get("/api/rack/jigs/" + id + "/squares").body();
        assertThat(kept).hasSize(1);
        assertThat(kept.at("/0/read/fiveCuts/far").asDouble()).isEqualTo(25.2);
        assertThat(post("/api/rack/jigs/no-such/squares", asked).status()).isEqualTo(404);
        five.put("far", 2);
        Reply refused = post("/api/square", asked);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("read.fiveCuts.far");
        assertThat(refused.detail()).contains("misread");
    }
}
