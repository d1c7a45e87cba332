package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.wood.Air;
import canthook.wood.EquilibriumMoisture;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What the shop owns and believes: kept, changed, brought in whole or not at all. */
class RackTest extends ServerTestBase {
    private static final String HEADER =
            "name,length,width,thickness,wood,ring_angle,moisture_pct,moisture_on,defects\n";

    private ObjectNode blank(String name) {
        ObjectNode blank = node().put("id", "new")
                .put("name", name)
                .put("length", 900)
                .put("width", 110)
                .put("thickness", 13)
                .put("wood", "cherry-black")
                .put("ringAngle", 0)
                .put("figure", "STRAIGHT")
                .put("snipe", false)
                .put("note", "");
        blank.putArray("defects");
        return blank;
    }

    private Reply csv(String url, String text) {
        return send(
                MockMvcRequestBuilders.post(url)
                        .contentType(MediaType.valueOf("text/csv"))
                        .content(text.getBytes(StandardCharsets.UTF_8)),
                null);
    }

    private int blanks() {
        return get("/api/rack/blanks").body().size();
    }

    @Test
    void aBlankIsKeptChangedTakenOffAndPutBack() {
        Reply added = post("/api/rack/blanks", node().set("blank", blank("Köchly plank, 2nd")));
        assertThat(added.status()).isEqualTo(201);
        String id = added.body().path("blank").path("id").asText();
        assertThat(id).isEqualTo("kochly-plank-2nd");
        ObjectNode changed = (ObjectNode) added.body().get("blank");
        changed.put("length", 22.859375 * 25.4);
        Reply saved = put(
                "/api/rack/blanks/" + id + "?display=FRACTION_64",
                node().put("revision", 1).set("blank", changed));
        assertThat(saved.body().path("fields").path("length").asText()).isEqualTo("22 55/64");
        assertThat(put("/api/rack/blanks/" + id, node().put("revision", 1).set("blank", changed))
                        .status())
                .as("the same sent again is kept already")
                .isEqualTo(200);
        changed.put("length", 500);
        Reply stale = put("/api/rack/blanks/" + id, node().put("revision", 1).set("blank", changed));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.detail()).contains("Köchly plank, 2nd was changed elsewhere");
        int before = blanks();
        assertThat(delete("/api/rack/blanks/" + id).status()).isEqualTo(204);
        assertThat(blanks()).isEqualTo(before - 1);
        post("/api/rack/blanks/" + id + "/restore", node());
        assertThat(blanks()).isEqualTo(before);
    }

    @Test
    void aBoardThatHoldsMoreWaterThanItsFibresCanIsToldOf() {
        ObjectNode blank = blank("dripping");
        blank.putObject("moisture").put("percent", 34).put("on", "2025-03-02").put("by", "METER");
        assertThat(post("/api/rack/blanks", node().set("blank", blank))
                        .body()
                        .path("tooWet")
                        .asBoolean())
                .isTrue();
        blank.withObject("/moisture").put("percent", 12);
        assertThat(post("/api/rack/blanks", node().set("blank", blank))
                        .body()
                        .path("tooWet")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void aDefectOutsideTheBoardIsRefusedAtItsField() {
        ObjectNode blank = blank("short");
        blank.withArray("defects")
                .addObject()
                .put("kind", "KNOT")
                .put("from", 880)
                .put("to", 920)
                .put("mayHide", false);
        Reply refused = post("/api/rack/blanks", node().set("blank", blank));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("blank.defects[0].to");
        assertThat(refused.detail()).contains("920 mm").contains("900 mm");
    }

    @Test
    void blanksLeaveAsCsvAndComeBackAsTheyWere() {
        csv(
                "/api/rack/blanks/csv",
                HEADER
                        + "\"Pear, thick\",36 in,4 1/2 in,13/16 in,cherry-black,15,9.5,2025-03-02,knot 120..150; check 0..1 in across 10..30 may hide\n");
        String out = get("/api/rack/blanks/csv").text();
        assertThat(out).contains("\"Pear, thick\",914.4,114.3,20.6375,cherry-black");
        int before = blanks();
        JsonNode was = get("/api/rack/blanks").body();
        Reply back = csv("/api/rack/blanks/csv", out);
        assertThat(back.body().path("added").asInt()).isZero();
        assertThat(blanks()).isEqualTo(before);
        JsonNode is = get("/api/rack/blanks").body();
        for (int i = 0; i < before; i++) {
            assertThat(is.get(i).get("blank")).isEqualTo(was.get(i).get("blank"));
        }
    }

    @Test
    void aFileWithBadLinesNamesThemAndNothingIsTaken() {
        int before = blanks();
        Reply refused = csv(
                "/api/rack/blanks/csv",
                HEADER + "good,900,100,12,cherry-black,,,,\n"
                        + "wrong,9oo,100,12,cherry-black,,,,\n"
                        + "unknown,900,100,12,unobtainium,,,,\n"
                        + "flawed,900,100,12,cherry-black,,,,knot at 30\n"
                        + "wet,900,100,12,cherry-black,0,140,2025-03-02,\n");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).startsWith("4 lines cannot be taken, so nothing was.");
        assertThat(refused.body().path("lines").findValuesAsText("line")).containsExactly("3", "4", "5", "6");
        assertThat(refused.body().path("lines").get(0).path("detail").asText()).contains("9oo");
        assertThat(refused.body().path("lines").get(3).path("detail").asText()).contains("between 0 and 100");
        assertThat(blanks()).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''|The file is empty",
                "name,length|The column width is missing",
                "name,length,width,thickness,wood,price|No column is called “price”",
                "name,length,width,thickness,wood|nothing under the names",
            })
    void aFileThatIsNoListOfBlanksSaysWhatItLacks(String text, String says) {
        Reply refused = csv("/api/rack/blanks/csv", text + "\n");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("lines").findValuesAsText("detail")).anyMatch(d -> d.contains(says));
    }

    @Test
    void anOwnWoodWithOneShrinkageIsGuessedAndMarked() {
        ObjectNode wish = node().put("name", "Hedge plum")
                .put("kind", "HARDWOOD")
                .put("tangential", 9.0)
                .put("fibreSaturation", 30)
                .put("specificGravity", 0.7)
                .put("sheetMovement", 0);
        JsonNode wood = post("/api/woods", wish).body().path("wood");
        assertThat(wood.path("radial").asDouble()).isEqualTo(5.0);
        assertThat(wood.path("guessed").asText()).isEqualTo("RADIAL");
        wish.remove("tangential");
        Reply refused = post("/api/woods", wish);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("radial");
        String out = get("/api/woods/csv").text();
        assertThat(out).contains("hedge-plum,Hedge plum,hardwood,,9,30,0.7,");
        Reply back = csv("/api/woods/csv", out);
        assertThat(back.body().path("changed").asInt()).isPositive();
        assertThat(csv("/api/woods/csv", "id,common_name,kind,radial_shrinkage_pct\ncherry-black,Mine,hardwood,4\n")
                        .body()
                        .path("lines")
                        .get(0)
                        .path("detail")
                        .asText())
                .contains("wood of the table");
        // the wood stays while a blank is of it
        csv("/api/rack/blanks/csv", HEADER + "plum,900,100,12,hedge-plum,,,,\n");
        assertThat(delete("/api/woods/hedge-plum").detail()).contains("A board on the rack is of this wood");
    }

    @Test
    void aLogBecomesTwoAirsAndSaysWhatItCovers() {
        StringBuilder log = new StringBuilder("time,temperature_f,rh_fraction\n");
        for (int day = 0; day < 60; day++) {
            for (int hour = 0; hour < 24; hour += 6) {
                if (day != 40 && day != 41) {
                    log.append(java.time.LocalDate.of(2025, 1, 1).plusDays(day))
                            .append(String.format("T%02d:00,68,", hour))
                            .append(day < 30 ? "0.35" : "0.65")
                            .append('\n');
                }
            }
        }
        Reply read = csv("/api/climate-logs", log.toString());
        assertThat(read.status()).isEqualTo(200);
        assertThat(read.body().path("driestMoisture").asDouble()).isCloseTo(6.963, within(0.002));
        assertThat(read.body().path("wettestMoisture").asDouble())
                .isCloseTo(EquilibriumMoisture.percent(new Air(20, 65)), within(0.002));
        assertThat(read.body().path("gaps").get(0).path("from").asText()).isEqualTo("2025-02-09");
        assertThat(read.body().path("note").asText())
                .contains("2025-01-01 to 2025-03-01")
                .contains("16 % of a year");
        ObjectNode climate = node().put("name", "Reading room");
        climate.set("one", read.body().get("driest"));
        climate.set("other", read.body().get("wettest"));
        climate.set("through", read.body().get("through"));
        assertThat(post("/api/climates", climate).body().path("driest").asDouble())
                .isCloseTo(6.963, within(0.01));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "time,temp,rh_pct~2025-01-01T00:00,20,40|No column is called “temp”",
                "time,temperature_c,rh_pct~2025-01-02T00:00,20,40~2025-01-01T00:00,20,40|earlier than the line before",
                "time,temperature_c,rh_pct~yesterday,20,40|“yesterday” is no time",
                "time,temperature_c,rh_pct~2025-01-01T00:00,95,40|Temperature must lie between",
                "time,temperature_c,rh_pct~2025-01-01T00:00,20,wet|“wet” is not a number",
            })
    void aLogInOtherUnitsOrOutOfOrderIsRefusedByLine(String lines, String says) {
        Reply refused = csv("/api/climate-logs", lines.replace('~', '\n') + "\n");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("lines").findValuesAsText("detail")).anyMatch(d -> d.contains(says));
    }

    @Test
    void aFractionCalledAPercentageIsNoticed() {
        StringBuilder log = new StringBuilder("time,temperature_c,rh_pct\n");
        for (int day = 1; day < 29; day++) {
            log.append(String.format("2025-02-%02d 12:00,20,0.4%n", day));
        }
        assertThat(csv("/api/climate-logs", log.toString()).detail()).contains("rh_fraction");
    }

    @Test
    void aHouseRuleIsFeltInEveryPlanUntilItIsPutBack() {
        ObjectNode drawer = drawer();
        ((ObjectNode) drawer.get("blank")).remove("squaring");
        double before = needed(drawer);
        assertThat(put("/api/house-rules/squaring", node().put("value", 25))
                        .body()
                        .path("changed")
                        .asBoolean())
                .isTrue();
        assertThat(needed(drawer)).isCloseTo(before + 30, within(1e-6));
        Reply refused = put("/api/house-rules/squaring", node().put("value", 9000));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("value");
        assertThat(delete("/api/house-rules/squaring").body().path("changed").asBoolean())
                .isFalse();
        assertThat(needed(drawer)).isCloseTo(before, within(1e-6));
        put("/api/house-rules/squaring", node().put("value", 25));
        delete("/api/house-rules");
        assertThat(needed(drawer)).isCloseTo(before, within(1e-6));
    }

    private double needed(ObjectNode plan) {
        for (JsonNode number :
                post("/api/work", node().set("plan", plan)).body().path("numbers")) {
            if (number.path("id").asText().equals("blank.needed")) {
                return number.path("value").asDouble();
            }
        }
        throw new AssertionError("no number blank.needed");
    }

    @Test
    void theInstrumentsReadAndTheLoggersYearCanBeBroughtIn() throws Exception {
        JsonNode read = post("/api/devices/moisture-meter/read", node().put("board", "cherry-1"))
                .body();
        assertThat(read.path("percent").asDouble()).isBetween(5.0, 16.0);
        assertThat(read.path("on").asText()).matches("\\d{4}-\\d\\d-\\d\\d");
        var begun = mvc.perform(MockMvcRequestBuilders.get("/api/devices/climate-logger/year"))
                .andReturn();
        String year = mvc.perform(
                        org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch(begun))
                .andReturn()
                .getResponse()
                .getContentAsString();
        JsonNode log = csv("/api/climate-logs", year).body();
        assertThat(log.path("covered").asDouble()).isBetween(0.98, 1.0);
        assertThat(log.path("gaps")).hasSize(1);
        assertThat(log.path("driestMoisture").asDouble())
                .isLessThan(log.path("wettestMoisture").asDouble() - 2);
    }

    @Test
    void aScrapStaysAScrapInAFileAndBack() {
        csv(
                "/api/rack/blanks/csv",
                "name,length,width,thickness,wood,scrap\n"
                        + "end of the ply,320,210,4,sheet-plywood,yes\nwhole ply,1220,610,4,sheet-plywood,no\n");
        String out = get("/api/rack/blanks/csv").text();
        assertThat(out.lines().filter(l -> l.contains("end of the ply"))).allMatch(l -> l.endsWith(",yes"));
        assertThat(out.lines().filter(l -> l.contains("whole ply"))).allMatch(l -> l.endsWith(",no"));
        Reply bad = csv(
                "/api/rack/blanks/csv",
                "name,length,width,thickness,wood,scrap\nmaybe,320,210,4,sheet-plywood,perhaps\n");
        assertThat(bad.body().path("lines").get(0).path("detail").asText()).contains("scrap is yes or no");
    }
}
