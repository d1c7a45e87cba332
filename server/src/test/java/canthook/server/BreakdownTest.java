package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Boxes out of the boards on the rack, asked for as the bench asks. */
@Tag("long")
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
                .contains("One more board of at least");
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

    private String kept(ObjectNode plan) {
        return post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
    }

    private Reply begin(String box, JsonNode view, String... boards) {
        ObjectNode first = node().put("breakdown", view.path("id").asText());
        first.putArray("boards");
        for (String board : boards) {
            first.withArray("boards").add(board);
        }
        return post("/api/boxes/" + box + "/cut-plan", first);
    }

    private List<String> rackNames() {
        List<String> names = new java.util.ArrayList<>();
        get("/api/rack/blanks")
                .body()
                .forEach(kept -> names.add(kept.path("blank").path("name").asText()));
        return names;
    }

    @Test
    void aBoardThatWasCutLeavesTheRackAndItsOffcutsComeBackEachByItsName() {
        String a = board("long", 1900, 240);
        board("other", 870, 112);
        ObjectNode plan = batch(3);
        String box = kept(plan);
        Reply done = begin(box, ask(plan), a);
        assertThat(done.status()).isEqualTo(201);
        List<String> names = rackNames();
        assertThat(names).doesNotContain("long").contains("Offcut 1 of long", "Offcut 2 of long");
        assertThat(names).doesNotHaveDuplicates();
        Reply again = begin(box, ask(plan), a);
        assertThat(again.status()).isEqualTo(422);
        assertThat(rackNames()).isEqualTo(names);
    }

    @Test
    void theOtherBoardsAreCutLaterAndThePlanStaysInSight() {
        String a = board("a", 900, 112);
        String b = board("b", 900, 112);
        ObjectNode plan = batch(2);
        String box = kept(plan);
        assertThat(get("/api/boxes/" + box + "/cut-plan").body().path("boards")).isEmpty();
        JsonNode after = begin(box, ask(plan), a).body();
        assertThat(after.path("boards").findValuesAsText("id")).containsExactly(a, b);
        assertThat(after.path("boards").get(0).path("on").asText()).matches("\\d{4}-\\d\\d-\\d\\d");
        assertThat(after.path("boards").get(1).path("on").isMissingNode()).isTrue();
        // a changed plan of the box leaves what is being cut by as it is
        JsonNode seen = get("/api/boxes/" + box + "/cut-plan").body();
        assertThat(seen).isEqualTo(after);
        assertThat(seen.path("answer").path("boards")).hasSize(2);
        JsonNode both =
                put("/api/boxes/" + box + "/cut-plan/boards/" + b, node()).body();
        assertThat(both.path("boards").findValuesAsText("on")).hasSize(2);
        assertThat(rackNames()).isEmpty();
        JsonNode whole = delete("/api/boxes/" + box + "/cut-plan/boards/" + a).body();
        assertThat(whole.path("boards").get(0).path("on").isMissingNode()).isTrue();
        assertThat(rackNames()).containsExactly("a");
        delete("/api/boxes/" + box + "/cut-plan/boards/" + b);
        assertThat(get("/api/boxes/" + box + "/cut-plan").body().path("answer").isMissingNode())
                .isTrue();
    }

    @Test
    void aBoardWhoseOffcutIsGoneCannotBeWholeAgain() {
        String a = board("a", 1500, 112);
        ObjectNode plan = batch(1);
        String box = kept(plan);
        begin(box, ask(plan), a);
        String offcut =
                get("/api/rack/blanks").body().get(0).path("blank").path("id").asText();
        delete("/api/rack/blanks/" + offcut);
        Reply refused = delete("/api/boxes/" + box + "/cut-plan/boards/" + a);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("cannot be whole again");
        assertThat(rackNames()).isEmpty();
        delete("/api/boxes/" + box + "/cut-plan");
        assertThat(get("/api/boxes/" + box + "/cut-plan").body().path("boards")).isEmpty();
    }

    @Test
    void aBoardChangedSincePlanningIsNotCut() {
        String a = board("a", 900, 112);
        ObjectNode plan = batch(1);
        String box = kept(plan);
        JsonNode view = ask(plan);
        ObjectNode changed = (ObjectNode) get("/api/rack/blanks").body().get(0).get("blank");
        put("/api/rack/blanks/" + a, node().put("revision", 1).set("blank", changed.put("length", 901)));
        assertThat(begin(box, view, a).detail()).contains("a was changed since this was planned");
        assertThat(begin(box, view).detail()).contains("which boards were cut");
        assertThat(begin(box, view, "no-such").detail()).contains("cuts no board");
    }

    @Test
    void theBoardSheetOfABatchShowsEveryBoardItIsCutFrom() throws java.io.IOException {
        board("Long plank", 1800, 112);
        board("Short plank", 900, 112);
        ObjectNode plan = batch(3);
        String box = kept(plan);
        String text;
        try (var pdf = org.apache.pdfbox.Loader.loadPDF(bytes("/api/boxes/" + box + "/papers/blank-sheet.pdf"))) {
            text = new org.apache.pdfbox.text.PDFTextStripper().getText(pdf);
        }
        assertThat(text).contains("Long plank, 1800.0", "Short plank, 900.0", "A 1", "D 3", "Stop at", "6 sides");
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
