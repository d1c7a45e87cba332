package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.server.box.History;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Every change of a box stands in its history as a sentence, and is gone back to; thinned, no name is lost. */
class HistoryTest extends ServerTestBase {
    @Autowired
    History history;

    @Autowired
    JdbcTemplate file;

    private String box() {
        return post("/api/boxes", node().set("plan", demoPlan("2-envelope-drawer.json")))
                .body()
                .get("id")
                .asText();
    }

    private JsonNode save(String id, int sections) {
        JsonNode now = get("/api/boxes/" + id).body();
        ObjectNode plan = (ObjectNode) now.get("plan");
        ((ObjectNode) plan.get("fingers")).put("sections", sections);
        ObjectNode change = node().put("revision", now.get("revision").asLong());
        change.set("plan", plan);
        return put("/api/boxes/" + id, change).body();
    }

    @Test
    void changesAreSentencesTheNewestFirst() {
        String id = box();
        save(id, 11);
        save(id, 15);
        JsonNode changes = get("/api/boxes/" + id + "/history").body();
        assertThat(changes.get("now").asLong()).isEqualTo(3);
        assertThat(changes.at("/changes/0/says").toString()).contains("11 → 15 sections");
        assertThat(changes.at("/changes/1/says").toString()).contains("13 → 11 sections");
        assertThat(changes.at("/changes/2/says/0").asText()).isEqualTo("Begun");
        assertThat(changes.at("/changes/0/figure/shapes").size()).isPositive();
        JsonNode page = get("/api/boxes/" + id + "/history?most=1").body();
        assertThat(page.get("changes")).hasSize(1);
        assertThat(get("/api/boxes/" + id + "/history?from=" + page.get("next").asLong() + "&most=1")
                        .body()
                        .at("/changes/0/says")
                        .toString())
                .contains("13 → 11 sections");
        assertThat(get("/api/boxes/no-such/history").status()).isEqualTo(404);
        assertThat(get("/api/boxes/" + id + "/history?most=0").status()).isEqualTo(422);
    }

    @Test
    void whatGoingBackChangesIsToldFirstAndNothingIsLost() {
        String id = box();
        save(id, 11);
        JsonNode first = get("/api/boxes/" + id + "/history/1").body();
        assertThat(first.get("would").toString()).contains("11 → 13 sections");
        assertThat(post("/api/boxes/" + id + "/history/1/back", node().put("revision", 1))
                        .status())
                .as("somebody changed it meanwhile")
                .isEqualTo(409);
        assertThat(post("/api/boxes/" + id + "/history/1/back", node().put("revision", 2))
                        .body()
                        .get("revision")
                        .asLong())
                .isEqualTo(3);
        assertThat(get("/api/boxes/" + id).body().at("/plan/fingers")).isEqualTo(first.at("/plan/fingers"));
        assertThat(get("/api/boxes/" + id + "/history/2")
                        .body()
                        .at("/plan/fingers/sections")
                        .asInt())
                .isEqualTo(11);
        assertThat(get("/api/boxes/" + id + "/history/99").status()).isEqualTo(404);
    }

    /** Of days long ago the last state stays, the first of all, and what has a name; the last month is whole. */
    @Test
    void aThinnedHistoryLosesNoName() {
        String id = box();
        for (int n = 0; n < 8; n++) {
            save(id, n % 2 == 0 ? 11 : 15);
        }
        Instant now = Instant.parse("2026-06-30T12:00:00Z");
        // 2 to 4 on one day long ago, 5 on the next, 6 to 9 this week
        for (int revision = 1; revision <= 9; revision++) {
            Instant at = revision == 1
                    ? now.minus(90, ChronoUnit.DAYS)
                    : revision <= 4
                            ? now.minus(60, ChronoUnit.DAYS).plusSeconds(revision)
                            : revision == 5
                                    ? now.minus(59, ChronoUnit.DAYS)
                                    : now.minus(2, ChronoUnit.DAYS).plusSeconds(revision);
            file.update(
                    "UPDATE box_history SET saved_at = ? WHERE box_id = ? AND revision = ?",
                    at.toString(),
                    id,
                    revision);
        }
        assertThat(put("/api/boxes/" + id + "/history/2/keep", node().put("name", "before the lid"))
                        .status())
                .isEqualTo(204);
        history.thin(now);
        JsonNode left = get("/api/boxes/" + id + "/history").body().get("changes");
        assertThat(left.findValuesAsText("revision")).containsExactly("9", "8", "7", "6", "5", "4", "2", "1");
        assertThat(left.findValuesAsText("keep")).containsExactly("before the lid");
        assertThat(history.thin(now)).isZero();
        put("/api/boxes/" + id + "/history/2/keep", node().put("name", ""));
        assertThat(history.thin(now)).isEqualTo(1);
    }

    @Test
    void aStateThatCannotBeReadIsSaidAndTheOthersStay() {
        String id = box();
        save(id, 11);
        save(id, 15);
        file.update("UPDATE box_history SET plan = '{\"version\":1}' WHERE box_id = ? AND revision = 2", id);
        JsonNode changes = get("/api/boxes/" + id + "/history").body().get("changes");
        assertThat(changes.at("/1/says/0").asText()).isEqualTo("This state cannot be read");
        assertThat(changes.at("/0/says/0").asText()).isEqualTo("The state before cannot be read");
        assertThat(get("/api/boxes/" + id + "/history/2").status()).isEqualTo(422);
    }
}
