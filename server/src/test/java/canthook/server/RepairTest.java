package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.server.keeping.GapsSeen;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Gaps go into the Book, and one met twice is said at the next box. */
class RepairTest extends ServerTestBase {
    @Autowired
    private JdbcClient file;

    @Autowired
    private ApplicationEventPublisher events;

    /** The shop is as it was: other tests work in it too. */
    @AfterEach
    void forget() {
        file.sql("DELETE FROM repair").update();
        events.publishEvent(new GapsSeen.CountAnew());
    }

    private String box() {
        return post("/api/boxes", node().set("plan", drawer())).body().get("id").asText();
    }

    private Reply gap(String box, String gap, double wide) {
        return post("/api/boxes/" + box + "/gaps", node().put("gap", gap).put("wide", wide));
    }

    private List<String> hints() {
        List<String> hints = new ArrayList<>();
        post(
                        "/api/work",
                        node().<com.fasterxml.jackson.databind.node.ObjectNode>set("plan", drawer())
                                .put("station", "jig"))
                .body()
                .get("hints")
                .forEach(h -> hints.add(h.get("call").asText()));
        return hints;
    }

    @Test
    void aGapMetTwiceIsSaidAtTheNextBoxAndTakenOutOfTheBookItIsNot() {
        String first = box();
        String second = box();
        assertThat(gap(first, "SHOULDERS", 0.3).status()).isEqualTo(201);
        assertThat(hints()).doesNotContain("GAPS_FROM_THE_JIG");
        assertThat(gap(second, "SHOULDERS", 0.1).status()).isEqualTo(201);
        assertThat(hints()).contains("GAPS_FROM_THE_JIG");
        JsonNode entry = get("/api/book?box=" + first).body().at("/entries/0");
        assertThat(entry.get("kindWords").asText()).isEqualTo("repair");
        assertThat(entry.get("says").asText())
                .isEqualTo("Gaps at the shoulders, all round, 0.30 mm: the cutter stood too high");
        assertThat(entry.at("/lines/0").asText()).contains("sliver of the same wood");
        delete("/api/book/REPAIR/" + entry.get("ref").asText());
        assertThat(hints()).doesNotContain("GAPS_FROM_THE_JIG");
        post("/api/book/REPAIR/" + entry.get("ref").asText() + "/restore", null);
        assertThat(hints()).contains("GAPS_FROM_THE_JIG");
    }

    @Test
    void whatFillsItFollowsFromItsWidth() {
        String box = box();
        assertThat(get("/api/boxes/" + box + "/gaps").body().at("/0/filled").isMissingNode())
                .isTrue();
        assertThat(get("/api/boxes/" + box + "/gaps?wide=0.1")
                        .body()
                        .at("/0/filled")
                        .asText())
                .contains("glue and dust");
        assertThat(get("/api/boxes/" + box + "/gaps").body()).hasSize(5);
    }

    @Test
    void whatIsNoGapIsRefused() {
        String box = box();
        assertThat(gap(box, "SHOULDERS", 0).body().get("field").asText()).isEqualTo("wide");
        assertThat(gap(box, "SHOULDERS", -0.2).status()).isEqualTo(422);
        assertThat(gap(box, "SOMEWHERE", 0.2).status()).isIn(400, 422);
        assertThat(gap("no-such-box", "SHOULDERS", 0.2).status()).isEqualTo(404);
        assertThat(post(
                                "/api/boxes/" + box + "/gaps",
                                node().put("gap", "SHOULDERS").put("wide", 0.2).put("cause", "the moon"))
                        .body()
                        .get("field")
                        .asText())
                .isEqualTo("cause");
    }
}
