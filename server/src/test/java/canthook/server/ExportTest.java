package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class ExportTest extends ServerTestBase {
    private String kept() {
        String id = post("/api/boxes", node().set("plan", drawer()))
                .body()
                .path("id")
                .asText();
        post("/api/boxes/" + id + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.25],\"moved\":-0.05}");
        return id;
    }

    private Schema schema() {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(get("/api/schema/project.json").text());
    }

    @Test
    void aSavedFileReadsBackAsTheSamePlan() {
        String id = kept();
        JsonNode file = get("/api/boxes/" + id + "/project.json").body();
        Reply back = post("/api/boxes/import", file);
        assertThat(back.status()).isEqualTo(201);
        assertThat(back.body().path("plan"))
                .isEqualTo(get("/api/boxes/" + id).body().path("plan"));
        assertThat(get("/api/boxes/" + back.body().path("id").asText() + "/project.json")
                        .body())
                .isEqualTo(file);
    }

    @Test
    void savedFilesAndDemoBoxesAnswerToThePublishedSchema() {
        assertThat(schema().validate(
                                get("/api/boxes/" + kept() + "/project.json").text(), InputFormat.JSON))
                .isEmpty();
        for (String demo : List.of("1-germination-box.json", "2-envelope-drawer.json", "3-packet-tray.json")) {
            ObjectNode file = node().put("format", "cant-hook-box");
            file.set("plan", demoPlan(demo));
            assertThat(schema().validate(file.toString(), InputFormat.JSON))
                    .as(demo)
                    .isEmpty();
        }
    }

    @Test
    void schemaAndServerRefuseTheSame() {
        for (String[] change : new String[][] {
            {"size", "height", "-1"},
            {"size", "tips", "\"GLUED\""},
            {"fingers", "kerf", "0"},
            {"blank", "length", "20001"},
            {"size", "colour", "1"},
            {"bottom", "groove", "{}"},
            {"seasons", "meter", "101"},
            {"fingers", "clearance", "2.5"}
        }) {
            ObjectNode file = node().put("format", "cant-hook-box");
            ObjectNode plan = drawer();
            ((ObjectNode) plan.path(change[0]))
                    .putRawValue(change[1], new com.fasterxml.jackson.databind.util.RawValue(change[2]));
            file.set("plan", plan);
            assertThat(schema().validate(file.toString(), InputFormat.JSON))
                    .as(change[1])
                    .isNotEmpty();
            assertThat(post("/api/boxes/import", file).status()).as(change[1]).isIn(400, 422);
        }
    }

    @Test
    void aFileThatIsNoBoxIsRefused() {
        Reply reply = post("/api/boxes/import", "{\"format\":\"something-else\",\"plan\":" + drawer() + "}");
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.field()).isEqualTo("format");
    }

    @Test
    void theStoryStickMeasuresWhatItSays() {
        String svg = get("/api/boxes/" + kept() + "/stick.svg").text();
        Matcher page = Pattern.compile(
                        "width=\"([0-9.]+)mm\" height=\"([0-9.]+)mm\" viewBox=\"0 0 ([0-9.]+) ([0-9.]+)\"")
                .matcher(svg);
        assertThat(page.find()).isTrue();
        assertThat(page.group(1)).as("one unit is one millimetre").isEqualTo(page.group(3));
        Matcher finger = Pattern.compile("class=\"finger\" x=\"([0-9.]+)\" y=\"[0-9.]+\" width=\"([0-9.]+)\"")
                .matcher(svg);
        int fingers = 0;
        double end = 0;
        while (finger.find()) {
            assertThat(Double.parseDouble(finger.group(1))).isCloseTo(fingers * 14.78, within(0.001));
            end = Double.parseDouble(finger.group(1)) + Double.parseDouble(finger.group(2));
            fingers++;
        }
        assertThat(fingers).isEqualTo(7);
        assertThat(end).isCloseTo(13 * 7.45 - 7 * 0.12, within(0.001));
        assertThat(svg).contains("class=\"check-bar\" x1=\"0\" y1=\"30\" x2=\"100\"");
    }
}
