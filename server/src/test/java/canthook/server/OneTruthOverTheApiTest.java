package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The bench, the list in a file, the saw and the boards of a batch tell of one joint, whatever is chosen. */
class OneTruthOverTheApiTest extends ServerTestBase {
    private static final String[] WAYS = {
        "SLED_KEY", "ROUTER_SLED", "ROD_KEY", "SHIM_FENCE", "SCREW", "SPACERS", "STOPS", "HAND", "BAND_SAW"
    };

    @BeforeEach
    void aRackOfCutters() {
        for (JsonNode kept : get("/api/rack/cutters").body()) {
            delete("/api/rack/cutters/" + kept.path("cutter").path("id").asText());
        }
        cutter("the flat blade", "BLADE", 6.85);
        cutter("the quarter bit", "BIT", 6.35);
    }

    private void cutter(String name, String kind, double kerf) {
        ObjectNode cutter = node().put("id", "new")
                .put("name", name)
                .put("kind", kind)
                .put("nominal", kerf)
                .put("kerf", kerf)
                .put("kerfFrom", "")
                .put("note", "");
        assertThat(post("/api/rack/cutters", node().set("cutter", cutter)).status())
                .isEqualTo(201);
    }

    /** A box like those of the seed library, with a way of indexing, a cutter, a parity, a lid and a lower wall of its own. */
    private ObjectNode plan(int seed) {
        Random random = new Random(seed);
        ObjectNode plan = random.nextBoolean() ? demoPlan("1-germination-box.json") : drawer();
        plan.put("name", "Box " + seed);
        plan.put("display", "METRIC");
        ObjectNode fingers = (ObjectNode) plan.path("fingers");
        fingers.put("anyCutter", random.nextInt(3) > 0);
        fingers.put("parity", random.nextInt(3) == 0 ? "EVEN" : "ODD");
        fingers.put("shared", random.nextBoolean() ? "CENTRED" : "ONE_SIDE");
        if (random.nextBoolean()) {
            fingers.remove("lowerBy");
            fingers.remove("higherBy");
        }
        ((ObjectNode) plan.path("size")).put("height", 70 + random.nextInt(500) / 10.0);
        ((ObjectNode) plan.path("jig")).put("way", WAYS[seed % WAYS.length]);
        if (random.nextInt(4) == 0) {
            ((ObjectNode) plan.path("size"))
                    .putObject("lowered")
                    .put("which", "FRONT")
                    .put("height", 40);
            ((ObjectNode) plan.path("lid")).put("kind", "NONE");
        }
        return plan;
    }

    static Stream<Integer> seeds() {
        return IntStream.range(0, 36).boxed();
    }

    private JsonNode worked(ObjectNode plan, String station) {
        ObjectNode request = node().put("station", station);
        request.set("plan", plan);
        Reply reply = post("/api/work", request);
        assertThat(reply.status()).as(reply.text()).isEqualTo(200);
        return reply.body();
    }

    private static double number(JsonNode answer, String id) {
        for (JsonNode number : answer.path("numbers")) {
            if (number.path("id").asText().equals(id)) {
                return number.path("value").asDouble();
            }
        }
        throw new AssertionError("no number " + id);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void benchFileAndSawAreOne(int seed) {
        ObjectNode plan = plan(seed);
        JsonNode bench = worked(plan, "cut");
        List<JsonNode> steps = new ArrayList<>();
        bench.path("cuts").path("setups").forEach(setup -> setup.path("cuts").forEach(steps::add));
        String id =
                post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
        String[] lines = get("/api/boxes/" + id + "/cuts.csv").text().split("\r\n");
        assertThat(lines).as("rows of the file").hasSize(steps.size() + 1);
        for (int i = 0; i < steps.size(); i++) {
            String[] row = lines[i + 1].split(",");
            assertThat(Double.parseDouble(row[6]))
                    .isCloseTo(steps.get(i).path("sizes").path("from").asDouble(), within());
            assertThat(Double.parseDouble(row[7]))
                    .isCloseTo(steps.get(i).path("sizes").path("to").asDouble(), within());
        }
        Reply begun = post("/api/boxes/" + id + "/runs", "{}");
        if (steps.isEmpty()) {
            assertThat(begun.status()).isEqualTo(422);
            return;
        }
        assertThat(begun.status()).isEqualTo(201);
        JsonNode run = begun.body();
        assertThat(run.path("total").asInt()).isEqualTo(steps.size());
        assertThat(run.path("now").path("place").asText())
                .isEqualTo(steps.get(0).path("place").asText());
        assertThat(run.path("now").path("instruction").asText())
                .isEqualTo(steps.get(0).path("instruction").asText());
        assertThat(run.path("next").path("instruction").asText())
                .isEqualTo(steps.size() > 1 ? steps.get(1).path("instruction").asText() : "");
        assertThat((double) run.path("minutesLeft").asInt())
                .as("set-ups count in the time that is left")
                .isGreaterThanOrEqualTo(Math.floor(number(bench, "cut.time") / 60));
        // another cutter on the rack changes the bench, and never a run that was begun
        cutter("the new stack", "BLADE", 6.6 + seed / 100.0);
        assertThat(get("/api/runs/" + run.path("id").asText()).body().path("now"))
                .isEqualTo(run.path("now"));
    }

    private static org.assertj.core.data.Offset<Double> within() {
        return org.assertj.core.api.Assertions.within(2e-6);
    }

    @Test
    void theBoardsOfABatchAreRippedForTheJointOnTheBench() {
        ObjectNode board = node().put("id", "new")
                .put("name", "cherry")
                .put("length", 1900)
                .put("width", 150)
                .put("thickness", 13)
                .put("wood", "cherry-black")
                .put("ringAngle", 0)
                .put("figure", "STRAIGHT")
                .put("snipe", false)
                .put("note", "");
        board.putArray("defects");
        post("/api/rack/blanks", node().set("blank", board));
        ObjectNode plan = demoPlan("4-drawer-batch.json");
        ((ObjectNode) plan.path("batch")).put("count", 1).put("spareSides", 0).put("spareEnds", 0);
        ObjectNode fingers = (ObjectNode) plan.path("fingers");
        fingers.put("anyCutter", true).put("kerf", 9.3);
        double rip = number(worked(plan, "blank"), "fingers.first-rip");
        JsonNode view = post("/api/breakdowns", node().set("plan", plan)).body();
        for (int i = 0; i < 200 && !view.path("state").asText().matches("DONE|STOPPED|FAILED"); i++) {
            view = get("/api/breakdowns/" + view.path("id").asText()).body();
        }
        assertThat(view.path("answer").toString()).contains(String.valueOf(Math.round(rip * 10) / 10.0));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aRungThatIsRecommendedIsNeverRefused(int seed) {
        ObjectNode plan = plan(seed);
        ((ObjectNode) plan.path("fingers")).put("anyCutter", true).remove("sections");
        JsonNode answer = worked(plan, "fingers");
        assertThat(answer.path("rung").asText())
                .isEqualTo(answer.path("recommendedRung").asText());
        assertThat(answer.path("verdicts").findValuesAsText("code"))
                .doesNotContain("COUNT_NOT_POSSIBLE", "KERF_TOO_WIDE");
    }
}
