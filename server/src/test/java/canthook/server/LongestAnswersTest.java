package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** However fine the joint and however full the rack, an answer stays small enough to come over while one types. */
@Tag("long")
class LongestAnswersTest extends ServerTestBase {
    private static final int MOST_BYTES = 300_000;
    private static final String[] STATIONS = {
        "size", "corners", "fingers", "blank", "jig", "cut", "fit", "bottom", "lid", "fittings"
    };

    @BeforeEach
    void aFullRackOfCutters() {
        if (get("/api/rack/cutters").body().size() >= 20) return;
        for (int i = 0; i < 20; i++) {
            ObjectNode cutter = node().put("id", "new")
                    .put("name", "the flat-topped blade of number " + i)
                    .put("kind", "BLADE")
                    .put("nominal", 2 + i * 0.4)
                    .put("kerf", 2 + i * 0.4)
                    .put("kerfFrom", "")
                    .put("note", "");
            assertThat(post("/api/rack/cutters", node().set("cutter", cutter)).status())
                    .isEqualTo(201);
        }
    }

    record Wall(int sections, double kerf, double height, boolean anyCutter, String way) {}

    static Stream<Wall> walls() {
        List<Wall> walls = new ArrayList<>();
        for (String way : new String[] {"SLED_KEY", "SCREW", "SPACERS", "STOPS", "HAND", "BAND_SAW"}) {
            walls.add(new Wall(301, 0.5, 300, false, way));
            walls.add(new Wall(399, 0.2, 300, false, way));
            walls.add(new Wall(398, 0.2, 1500, false, way));
        }
        walls.add(new Wall(0, 7.45, 1400, true, "SLED_KEY"));
        walls.add(new Wall(0, 0.2, 1500, true, "SCREW"));
        return walls.stream();
    }

    @ParameterizedTest
    @MethodSource("walls")
    void noAnswerIsLongerThanThreeHundredThousandBytes(Wall wall) {
        ObjectNode plan = drawer();
        ObjectNode fingers = (ObjectNode) plan.path("fingers");
        fingers.remove("tool");
        fingers.put("kerf", wall.kerf()).put("anyCutter", wall.anyCutter());
        fingers.put("parity", wall.sections() > 0 && wall.sections() % 2 == 0 ? "EVEN" : "ODD");
        if (wall.sections() > 0) fingers.put("sections", wall.sections());
        ((ObjectNode) plan.path("size")).put("from", "OUTSIDE").put("height", wall.height());
        ((ObjectNode) plan.path("jig")).put("way", wall.way());
        for (String station : STATIONS) {
            ObjectNode request = node().put("station", station);
            request.set("plan", plan);
            Reply reply = post("/api/work", request);
            assertThat(reply.status()).as(reply.text()).isEqualTo(200);
            assertThat(reply.text().length()).as(station).isLessThan(MOST_BYTES);
            if (station.equals("fingers")) theLadderTellsWhatItLeavesOut(reply.body());
        }
    }

    private static void theLadderTellsWhatItLeavesOut(JsonNode answer) {
        JsonNode ladder = answer.path("ladder");
        List<String> names = ladder.path("rungs").findValuesAsText("name");
        assertThat(names)
                .contains(
                        answer.path("rung").asText(),
                        answer.path("recommendedRung").asText());
        assertThat(names).doesNotHaveDuplicates();
        if (names.size() < 201) {
            assertThat(ladder.path("coarser").asInt() + ladder.path("finer").asInt())
                    .as("a short ladder hides nothing")
                    .isZero();
        }
        List<Integer> counts = new ArrayList<>();
        ladder.path("rungs").forEach(r -> counts.add(r.path("sections").asInt()));
        assertThat(counts).isSorted();
    }
}
