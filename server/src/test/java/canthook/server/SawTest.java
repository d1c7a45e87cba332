package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.saw.SawEvent;
import canthook.server.saw.SawRuns;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ConfigurableApplicationContext;

/** A run at the saw: its gate, its place, two devices, a spoilt part, a server that is killed. */
class SawTest extends ServerTestBase {
    @Autowired
    SawRuns runs;

    private String box() {
        return post("/api/boxes", node().set("plan", drawer()))
                .body()
                .path("id")
                .asText();
    }

    private JsonNode begin(String box) {
        Reply begun = post("/api/boxes/" + box + "/runs", "{}");
        assertThat(begun.status()).isEqualTo(201);
        return begun.body();
    }

    private Reply happened(JsonNode run, ObjectNode event) {
        ObjectNode body = node().put("seq", run.path("seq").asLong());
        body.set("event", event);
        return post("/api/runs/" + run.path("id").asText() + "/events", body);
    }

    @Test
    void anEventSentAgainBecauseItsAnswerWasLostHappenedOnce() {
        JsonNode run = setUp(begin(box()));
        ObjectNode body = node().put("seq", run.path("seq").asLong()).put("mark", "page-1-event-7");
        body.set("event", event("DONE", "cut", run.path("now").path("id").asText()));
        String path = "/api/runs/" + run.path("id").asText() + "/events";
        JsonNode first = post(path, body).body();
        Reply again = post(path, body);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.body().path("seq")).isEqualTo(first.path("seq"));
        assertThat(again.body().path("at").asInt()).isEqualTo(1);
        assertThat(post(path, body.put("mark", "page-2-event-1")).status()).isEqualTo(409);
    }

    private ObjectNode event(String kind, String field, String value) {
        return node().put("kind", kind).put(field, value);
    }

    private JsonNode setUp(JsonNode run) {
        JsonNode now = run;
        for (JsonNode check : run.path("gate")) {
            now = happened(now, event("CHECKED", "check", check.path("id").asText()))
                    .body();
        }
        return now;
    }

    private JsonNode cut(JsonNode run, int times) {
        JsonNode now = run;
        for (int i = 0; i < times; i++) {
            now = happened(now, event("DONE", "cut", now.path("now").path("id").asText()))
                    .body();
        }
        return now;
    }

    @Test
    void nothingIsCutBeforeTheSetUpIsChecked() {
        JsonNode run = begin(box());
        assertThat(run.path("open").asBoolean()).isFalse();
        Reply early =
                happened(run, event("DONE", "cut", run.path("now").path("id").asText()));
        assertThat(early.status()).isEqualTo(422);
        assertThat(early.field()).isEqualTo("event.cut");
        assertThat(early.detail()).contains("unplugged");
        JsonNode ready = setUp(run);
        assertThat(ready.path("open").asBoolean()).isTrue();
        JsonNode first = cut(ready, 1);
        assertThat(first.path("at").asInt()).isEqualTo(1);
        assertThat(first.path("before").path("done").asBoolean()).isTrue();
        assertThat(first.path("now").path("jig").path("shapes").size()).isPositive();
    }

    @Test
    void beginningAgainGoesOnWithTheOpenRunAndAChangedPlanDoesNotMoveIt() {
        String box = box();
        JsonNode run = cut(setUp(begin(box)), 3);
        ObjectNode changed = drawer();
        ((ObjectNode) changed.path("size")).put("height", 120);
        ObjectNode body = node().put("revision", 1);
        body.set("plan", changed);
        assertThat(put("/api/boxes/" + box, body).status()).isEqualTo(200);
        JsonNode again = begin(box);
        assertThat(again.path("id")).isEqualTo(run.path("id"));
        assertThat(again.path("now")).isEqualTo(run.path("now"));
        assertThat(again.path("total")).isEqualTo(run.path("total"));
        assertThat(delete("/api/runs/" + run.path("id").asText()).status()).isEqualTo(204);
        assertThat(begin(box).path("id")).isNotEqualTo(run.path("id"));
    }

    @Test
    void ofTwoDevicesMarkingTheSameCutOneWinsAndTheOtherIsTold() throws Exception {
        JsonNode run = setUp(begin(box()));
        ObjectNode done = event("DONE", "cut", run.path("now").path("id").asText());
        ExecutorService devices = Executors.newFixedThreadPool(4);
        try {
            List<Callable<Reply>> same = java.util.Collections.nCopies(4, () -> happened(run, done));
            int won = 0;
            for (Future<Reply> reply : devices.invokeAll(same)) {
                if (reply.get().status() == 200) {
                    won++;
                } else {
                    assertThat(reply.get().status()).isEqualTo(409);
                    assertThat(reply.get().detail()).contains("changed elsewhere");
                }
            }
            assertThat(won).isEqualTo(1);
        } finally {
            devices.shutdown();
        }
        assertThat(get("/api/runs/" + run.path("id").asText()).body().path("at").asInt())
                .isEqualTo(1);
    }

    @Test
    void aSpoiltPartComesBackAsANewOneWithWhatItMissed() {
        JsonNode run = cut(setUp(begin(box())), 5);
        int total = run.path("total").asInt();
        JsonNode after = happened(run, event("SPOILT", "part", "C").put("wrong", "TEAR_OUT"))
                .body();
        assertThat(after.path("total").asInt()).isEqualTo(total + 5);
        assertThat(after.path("now").path("parts").asText()).isEqualTo("C′1");
        assertThat(after.path("now").path("extra").asBoolean()).isTrue();
        assertThat(after.path("spoilt").get(0).path("advice").asText()).contains("Glue the chip back");
        assertThat(after.path("parts").get(2).asText()).isEqualTo("C′");
        Reply nobody = happened(after, event("SPOILT", "part", "Z").put("wrong", "OTHER"));
        assertThat(nobody.status()).isEqualTo(422);
        assertThat(happened(after, node().put("kind", "SPOILT")).field()).isEqualTo("event.part");
    }

    /** Five boxes of one plan are cut; before the sixth a test is asked for, until one is recorded. */
    @Test
    void inMidBatchAnotherTestIsAskedFor() {
        String box = box();
        for (int made = 0; made < 5; made++) {
            JsonNode run = begin(box);
            assertThat(run.path("gate").findValuesAsText("id"))
                    .as("box " + made)
                    .doesNotContain("test-again");
            cut(setUp(run), 1);
            delete("/api/runs/" + run.path("id").asText());
        }
        JsonNode sixth = begin(box);
        assertThat(sixth.path("gate").findValuesAsText("id")).contains("test-again");
        Reply recorded = post("/api/boxes/" + box + "/test-cuts", "{\"slots\":[7.46],\"fingers\":[7.25]}");
        assertThat(recorded.status()).as(recorded.text()).isLessThan(300);
        assertThat(get("/api/runs/" + sixth.path("id").asText())
                        .body()
                        .path("gate")
                        .findValuesAsText("id"))
                .doesNotContain("test-again");
    }

    @Test
    void aWayThatCannotCutTheJointHasNoRun() {
        ObjectNode plan = drawer();
        ((ObjectNode) plan.path("fingers"))
                .putArray("widths")
                .add(20)
                .add(16)
                .add(24)
                .add(16)
                .add(20);
        String box =
                post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
        Reply none = post("/api/boxes/" + box + "/runs", "{}");
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.detail()).contains("nothing to cut");
        assertThat(get("/api/runs/no-such-run").status()).isEqualTo(404);
    }

    @Test
    @Tag("long")
    void thePlaceIsKeptWhenTheServerStops(@TempDir Path data) {
        String id;
        String next;
        try (ConfigurableApplicationContext first = RestartTest.start(data)) {
            SawRuns kept = first.getBean(SawRuns.class);
            SawRuns.Standing run = kept.begin("envelope-drawer", SawRuns.Which.FIRST);
            id = run.id();
            for (var check : canthook.saw.SetUpGate.of(run.worked())) {
                run = kept.add(id, run.seq(), SawEvent.checked(check.id()), null);
            }
            for (int i = 0; i < 7; i++) {
                run = kept.add(
                        id,
                        run.seq(),
                        SawEvent.done(run.run().items().get(run.run().at()).id()),
                        null);
            }
            next = run.run().items().get(7).id();
        }
        try (ConfigurableApplicationContext second = RestartTest.start(data)) {
            SawRuns.Standing run = second.getBean(SawRuns.class).get(id);
            assertThat(run.run().at()).isEqualTo(7);
            assertThat(run.run().items().get(7).id()).isEqualTo(next);
            assertThat(run.run().checked()).isNotEmpty();
        }
    }

    /** When all passes are made it tells what comes before the glue, the same as the bench; until then nothing distracts. */
    @Test
    void afterTheLastPassItTellsWhatComesBeforeTheGlue() {
        ObjectNode plan = demoPlan("1-germination-box.json");
        String box =
                post("/api/boxes", node().set("plan", plan)).body().get("id").asText();
        JsonNode run = post("/api/boxes/" + box + "/runs", null).body();
        assertThat(run.get("after")).isEmpty();
        JsonNode over = cutAll(run);
        JsonNode jobs = post("/api/work", node().put("station", "cut").set("plan", plan))
                .body()
                .at("/cuts/jobs");
        List<String> wanted = new ArrayList<>();
        jobs.forEach(job -> {
            if (job.get("when").asText().equals("AFTER_JOINT")) {
                wanted.add(job.get("says").asText());
            }
        });
        List<String> told = new ArrayList<>();
        over.get("after").forEach(says -> told.add(says.asText()));
        assertThat(told).isNotEmpty().isEqualTo(wanted);
        assertThat(told).as("a groove comes before the dry-fit").anyMatch(says -> says.startsWith("Groove for the"));
        assertThat(told.get(told.size() - 1)).startsWith("Dry-fit all four corners");
    }

    /** Of a batch the first box is cut alone; the others wait for it, or are begun all the same and that is written down. */
    @Test
    @Tag("long")
    void ofABatchOneBoxGoesFirst() {
        ObjectNode plan = demoPlan("4-drawer-batch.json");
        String box =
                post("/api/boxes", node().set("plan", plan)).body().get("id").asText();
        JsonNode first = post("/api/boxes/" + box + "/runs", null).body();
        assertThat(first.at("/lot/boxes").asInt()).isEqualTo(1);
        assertThat(first.at("/lot/of").asInt()).isEqualTo(9);
        Reply refused = post("/api/boxes/" + box + "/runs?which=REST", null);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("first");
        JsonNode over = cutAll(first);
        assertThat(over.get("finished").asBoolean()).isTrue();
        assertThat(over.at("/lot/left").asInt()).isEqualTo(8);
        assertThat(cutting(box, plan)).as("a ninth of it is behind").isEqualTo("Cut the joint, the rest");
        assertThat(next(box)).as("eight are still to be cut").isNotEqualTo("Glue.");
        JsonNode rest = post("/api/boxes/" + box + "/runs?which=REST", null).body();
        assertThat(rest.at("/lot/first").asInt()).isEqualTo(2);
        assertThat(rest.at("/lot/boxes").asInt()).isEqualTo(8);
        assertThat(rest.get("gate").findValuesAsText("id")).contains("first-box");
        int told = post("/api/work", node().put("station", "cut").set("plan", plan))
                .body()
                .get("numbers")
                .findParents("id")
                .stream()
                .filter(n -> n.get("id").asText().equals("cut.batch-passes"))
                .mapToInt(n -> n.get("text").asInt())
                .sum();
        assertThat(first.get("total").asInt() + rest.get("total").asInt())
                .as("bench and saw")
                .isEqualTo(told);
        assertThat(post("/api/boxes/" + box + "/runs", null).body().get("id"))
                .as("the open run goes on")
                .isEqualTo(rest.get("id"));
        cutAll(rest);
        assertThat(next(box)).isEqualTo("Glue.");
        assertThat(cutting(box, plan)).isEqualTo("Cut the joint");
        assertThat(post("/api/boxes/" + box + "/runs?which=REST", null).body().get("id"))
                .as("nothing is left to begin: the run that is over is shown")
                .isEqualTo(rest.get("id"));
    }

    @Test
    void whoeverCutsAllAtOnceIsNotHinderedAndItIsWrittenDown() {
        String box = post("/api/boxes", node().set("plan", demoPlan("4-drawer-batch.json")))
                .body()
                .get("id")
                .asText();
        post("/api/boxes/" + box + "/runs", null);
        JsonNode all =
                post("/api/boxes/" + box + "/runs?which=REST_UNPROVEN", null).body();
        assertThat(all.at("/lot/first").asInt()).isEqualTo(1);
        assertThat(all.at("/lot/boxes").asInt()).isEqualTo(9);
        assertThat(all.at("/lot/unproven").asBoolean()).isTrue();
        assertThat(all.get("gate").findValuesAsText("id")).doesNotContain("first-box");
        assertThat(get("/api/book?kind=RUN&box=" + box).body().get("entries").toString())
                .contains("begun before a first box went together")
                .contains("boxes 1 to 9, in stacks");
    }

    /** A first box that did not go together is no box of the batch; a run of the others that is put away goes on where it was not cut. */
    @Test
    void aFirstBoxThatDidNotGoTogetherIsCutAgain() {
        String box = post("/api/boxes", node().set("plan", demoPlan("4-drawer-batch.json")))
                .body()
                .get("id")
                .asText();
        JsonNode first = cutAll(post("/api/boxes/" + box + "/runs", null).body());
        assertThat(delete("/api/runs/" + first.get("id").asText()).status()).isEqualTo(204);
        JsonNode again = post("/api/boxes/" + box + "/runs", null).body();
        assertThat(again.at("/lot/boxes").asInt()).isEqualTo(1);
        assertThat(again.at("/lot/left").asInt()).isEqualTo(9);
        cutAll(again);
        JsonNode rest = post("/api/boxes/" + box + "/runs?which=REST", null).body();
        delete("/api/runs/" + rest.get("id").asText());
        JsonNode anew = post("/api/boxes/" + box + "/runs", null).body();
        assertThat(anew.at("/lot/first").asInt()).as("the first is still cut").isEqualTo(2);
        assertThat(anew.at("/lot/boxes").asInt()).isEqualTo(8);
    }

    /** What the calendar says of the saw. */
    private String cutting(String box, ObjectNode plan) {
        for (JsonNode step : post("/api/boxes/" + box + "/calendar", node().set("plan", plan))
                .body()
                .get("steps")) {
            if (step.get("id").asText().equals("cut")) {
                return step.get("says").asText();
            }
        }
        throw new AssertionError("no cutting in the calendar");
    }

    private String next(String box) {
        for (JsonNode one : get("/api/boxes?most=100").body()) {
            if (one.get("id").asText().equals(box)) {
                return one.get("next").asText();
            }
        }
        throw new AssertionError("not on the shelf");
    }

    private JsonNode cutAll(JsonNode begun) {
        JsonNode run = begun;
        for (JsonNode check : begun.get("gate")) {
            run = event(
                    run,
                    node().put("kind", "CHECKED").put("check", check.get("id").asText()));
        }
        while (!run.get("finished").asBoolean()) {
            run = event(
                    run, node().put("kind", "DONE").put("cut", run.at("/now/id").asText()));
        }
        return run;
    }

    private JsonNode event(JsonNode run, ObjectNode event) {
        ObjectNode happened = node().put("seq", run.get("seq").asLong());
        happened.set("event", event);
        Reply reply = post("/api/runs/" + run.get("id").asText() + "/events", happened);
        assertThat(reply.status()).as(reply.text()).isEqualTo(200);
        return reply.body();
    }
}
