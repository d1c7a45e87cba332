package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Boxes out of the boards on the rack, asked for as the bench asks. */
class BreakdownTest extends ServerTestBase {
    @BeforeEach
    void emptyRack() {
        for (JsonNode kept : get("/api/rack/blanks").body()) {
            delete("/api/rack/blanks/" + kept.path("blank").path("id").asText());
        }
    }

    private String board(String name, double length, double width) {
        ObjectNode blank = node().put("id", "new")
                .put("name", name)
                .put("length", length)
                .put("width", width)
                .put("thickness", 13)
                .put("wood", "cherry-black")
                .put("ringAngle", 0)
                .put("figure", "STRAIGHT")
                .put("snipe", false)
                .put("note", "");
        blank.putArray("defects");
        return post("/api/rack/blanks", node().set("blank", blank))
                .body()
                .path("blank")
                .path("id")
                .asText();
    }

    private ObjectNode batch(int count) {
        ObjectNode plan = demoPlan("4-drawer-batch.json");
        ((ObjectNode) plan.get("batch"))
                .put("count", count)
                .put("spareSides", 0)
                .put("spareEnds", 0);
        return plan;
    }

    private JsonNode ask(ObjectNode plan) {
        JsonNode view = post("/api/breakdowns", node().set("plan", plan)).body();
        for (int i = 0; i < 200 && !view.path("state").asText().matches("DONE|STOPPED|FAILED"); i++) {
            view = get("/api/breakdowns/" + view.path("id").asText()).body();
        }
        return view;
    }

    @Test
    void theSameQuestionGetsTheSamePlan() {
        board("a", 1800, 112);
        board("b", 900, 112);
        JsonNode first = ask(batch(3));
        assertThat(first.path("state").asText()).isEqualTo("DONE");
        assertThat(codes(first)).doesNotContain("BATCH_INCOMPLETE");
        assertThat(first.path("answer").path("wanted").asInt()).isEqualTo(3);
        assertThat(first.path("answer").path("proven").asBoolean()).isTrue();
        assertThat(first.path("answer").path("corners")).hasSize(3);
        assertThat(first.path("answer").path("stops").get(0).path("what").asText())
                .isEqualTo("6 sides");
        assertThat(ask(batch(3))).isEqualTo(first);
    }

    @Test
    void whatCannotBeMadeComesWithFixesThatWork() {
        board("a", 850, 112);
        JsonNode view = ask(batch(1));
        JsonNode verdict = view.path("answer").path("verdicts").get(0);
        assertThat(verdict.path("code").asText()).isEqualTo("BATCH_INCOMPLETE");
        assertThat(verdict.path("sentence").asText())
                .contains("Only 0 of 1 boxes")
                .contains("One more blank of at least");
        JsonNode shorter = verdict.path("fixes").get(0);
        assertThat(shorter.path("label").asText()).contains("shorter");
        assertThat(codes(ask((ObjectNode) shorter.get("after")))).doesNotContain("BATCH_INCOMPLETE");
    }

    private static List<String> codes(JsonNode view) {
        assertThat(view.path("answer").isObject()).isTrue();
        return view.path("answer").path("verdicts").findValuesAsText("code");
    }

    @Test
    void boardsThatAreWantingAreCountedWhereOneWillNotDo() {
        board("a", 1800, 112);
        JsonNode wanting = ask(batch(9)).path("answer").path("wanting");
        // a run takes 860.8, so a board of 1800 holds two boxes: nine want four boards more
        assertThat(wanting.path("boards").asInt()).isEqualTo(4);
        assertThat(wanting.path("length").asDouble()).isEqualTo(1800);
        for (int i = 0; i < 4; i++) {
            board("bought " + i, 1800, 112);
        }
        assertThat(codes(ask(batch(9)))).doesNotContain("BATCH_INCOMPLETE");
    }

    @Test
    void whatWasCutLeavesTheRackAndItsOffcutsComeBack() {
        String a = board("long", 1500, 112);
        board("other", 870, 112);
        JsonNode view = ask(batch(1));
        Reply done = post("/api/breakdowns/" + view.path("id").asText() + "/cut", node());
        assertThat(done.status()).isEqualTo(201);
        JsonNode rack = get("/api/rack/blanks").body();
        // the shorter board would have left nothing; the long one leaves the longest offcut
        assertThat(done.body().path("cutUp").get(0).asText()).isEqualTo(a);
        assertThat(rack).hasSize(2);
        JsonNode offcut = rack.get(1).path("blank");
        assertThat(offcut.path("name").asText()).isEqualTo("Offcut of long");
        assertThat(offcut.path("length").asDouble()).isGreaterThan(600);
        Reply again = post("/api/breakdowns/" + view.path("id").asText() + "/cut", node());
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.detail()).contains("not on the rack");
        assertThat(get("/api/rack/blanks").body()).hasSize(2);
    }

    @Test
    void aBoardChangedSincePlanningIsNotCut() {
        String a = board("a", 900, 112);
        JsonNode view = ask(batch(1));
        ObjectNode changed = (ObjectNode) get("/api/rack/blanks").body().get(0).get("blank");
        put("/api/rack/blanks/" + a, node().put("revision", 1).set("blank", changed.put("length", 901)));
        assertThat(post("/api/breakdowns/" + view.path("id").asText() + "/cut", node())
                        .detail())
                .contains("a was changed since this was planned");
    }

    @Test
    void otherBoxesAreCutAlongAndUnknownOnesNamed() {
        board("a", 2400, 112);
        ObjectNode other = drawer().put("name", "Another drawer");
        String id =
                post("/api/boxes", node().set("plan", other)).body().path("id").asText();
        ObjectNode plan = batch(1);
        plan.with("batch").putArray("others").addObject().put("box", id).put("count", 1);
        JsonNode view = ask(plan);
        assertThat(view.path("answer").path("kinds")).hasSize(2);
        plan.with("batch")
                .putArray("others")
                .addObject()
                .put("box", "no-such-box")
                .put("count", 1);
        Reply refused = post("/api/breakdowns", node().set("plan", plan));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("plan.batch.others[0].box");
    }

    @Test
    void aSearchCanBeStoppedAndTheBestSoFarIsKept() {
        for (int i = 0; i < 12; i++) {
            board("b" + i, 700 + 37 * i, 224);
        }
        ObjectNode plan = batch(40);
        JsonNode view = post("/api/breakdowns", node().set("plan", plan)).body();
        JsonNode stopped = delete("/api/breakdowns/" + view.path("id").asText()).body();
        assertThat(stopped.path("state").asText()).matches("STOPPED|DONE");
        assertThat(stopped.path("answer").path("boards").size()).isPositive();
        assertThat(get("/api/breakdowns/c999999").status()).isEqualTo(404);
    }

    @Test
    void aPlanWithoutABatchIsRefused() {
        Reply refused = post("/api/breakdowns", node().set("plan", drawer()));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("plan.batch");
    }
}
