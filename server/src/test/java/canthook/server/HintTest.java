package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;

/** What a good maker would say is said where it belongs, and an answer to it is kept: for the box, or for the shop. */
class HintTest extends ServerTestBase {
    private List<String> at(String station) {
        ObjectNode ask = node().put("station", station);
        ask.set("plan", drawer());
        return calls(post("/api/work", ask).body().path("hints"));
    }

    private static List<String> calls(JsonNode hints) {
        return StreamSupport.stream(hints.spliterator(), false)
                .map(h -> h.path("call").asText())
                .toList();
    }

    @Test
    void eachStandsAtItsStationWithItsReason() {
        assertThat(at("blank")).containsExactly("LET_IT_SETTLE", "HEART_SIDE_OUT", "BEST_CORNER_FORWARD");
        assertThat(at("cut")).containsExactly("BACKING");
        assertThat(at("jig")).isEmpty();
        ObjectNode all = node().set("plan", drawer());
        assertThat(post("/api/work", all).body().path("hints"))
                .allSatisfy(h -> assertThat(h.path("why").asText()).isNotBlank());
    }

    @Test
    void anAnswerIsKeptForItsBoxAndCanBeTakenBack() {
        String one = post("/api/boxes", node().set("plan", drawer()))
                .body()
                .path("id")
                .asText();
        String other = post("/api/boxes", node().set("plan", drawer()))
                .body()
                .path("id")
                .asText();
        put("/api/boxes/" + one + "/hints/BACKING", node().put("answer", "FOLLOWED"));
        put("/api/boxes/" + one + "/hints/HEART_SIDE_OUT", node().put("answer", "LATER"));
        assertThat(calls(get("/api/boxes/" + one + "/hints").body())).containsExactly("BACKING", "HEART_SIDE_OUT");
        assertThat(get("/api/boxes/" + other + "/hints").body()).isEmpty();
        delete("/api/boxes/" + one + "/hints/BACKING");
        assertThat(calls(get("/api/boxes/" + one + "/hints").body())).containsExactly("HEART_SIDE_OUT");
    }

    @Test
    void aHintIsSilencedForTheShopAndHeardAgain() {
        put("/api/hints/BACKING/silence", node());
        assertThat(get("/api/hints").body())
                .filteredOn(h -> h.path("silenced").asBoolean())
                .extracting(h -> h.path("title").asText())
                .containsExactly("Backing");
        delete("/api/hints/BACKING/silence");
        assertThat(get("/api/hints").body()).noneMatch(h -> h.path("silenced").asBoolean());
    }

    @Test
    void whatIsNoHintIsRefusedWhereItWasSaid() {
        assertThat(put("/api/hints/SWEEP_THE_FLOOR/silence", node()).field()).isEqualTo("call");
        assertThat(put("/api/boxes/nowhere/hints/BACKING", node().put("answer", "LATER"))
                        .status())
                .isEqualTo(404);
        String id = post("/api/boxes", node().set("plan", drawer()))
                .body()
                .path("id")
                .asText();
        assertThat(put("/api/boxes/" + id + "/hints/BACKING", node().put("answer", "PERHAPS"))
                        .status())
                .isEqualTo(400);
    }
}
