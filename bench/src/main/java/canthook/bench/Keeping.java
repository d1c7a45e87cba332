package canthook.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** A long history, a backup while saving goes on, and a long run marked without the shop. */
final class Keeping {
    private static final int CHANGES = 5000;
    private static final int OPENED = 30;
    private static final int MARKED = 300;
    private static final int BOXES = 60;
    private static final ObjectMapper JSON = new ObjectMapper();

    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;

    private Keeping(String address) {
        this.address = address;
    }

    static void measure(String address) throws IOException, InterruptedException {
        Keeping keeping = new Keeping(address);
        keeping.history();
        keeping.backup();
        keeping.run();
    }

    private void history() throws IOException, InterruptedException {
        String box = copy("envelope-drawer");
        ObjectNode plan = (ObjectNode) ask("GET", "/api/boxes/" + box, null).get("plan");
        for (int i = 1; i <= CHANGES; i++) {
            ((ObjectNode) plan.get("fingers")).put("sections", 11 + 2 * (i % 3));
            ask(
                    "PUT",
                    "/api/boxes/" + box,
                    JSON.createObjectNode().put("revision", i).set("plan", plan));
        }
        double first = millis(() -> ask("GET", "/api/boxes/" + box + "/history", null));
        double[] took = new double[OPENED];
        double[] way = new double[OPENED];
        for (int i = 0; i < OPENED; i++) {
            took[i] = millis(() -> ask("GET", "/api/boxes/" + box + "/history", null));
            way[i] = millis(() -> ask("GET", "/api/boxes/" + box + "/way-back", null));
        }
        Arrays.sort(took);
        Arrays.sort(way);
        Bench.say(
                "history of %d changes: the first time %.0f ms (no archive of classes here, which the application has), median %.0f ms (promise: at most 100); where undo leads: median %.1f ms",
                CHANGES, first, took[OPENED / 2], way[OPENED / 2]);
    }

    private void backup() throws IOException, InterruptedException {
        String box = copy("envelope-drawer");
        ObjectNode plan = (ObjectNode) ask("GET", "/api/boxes/" + box, null).get("plan");
        Thread making = new Thread(() -> {
            try {
                Bench.say(
                        "backup while saving goes on: %.1f s", millis(() -> ask("POST", "/api/backups", null)) / 1000);
            } catch (IOException | InterruptedException e) {
                throw new IllegalStateException(e);
            }
        });
        making.start();
        double slowest = 0;
        int revision = 1;
        while (making.isAlive()) {
            ((ObjectNode) plan.get("fingers")).put("sections", 11 + 2 * (revision % 3));
            JsonNode change =
                    JSON.createObjectNode().put("revision", revision++).set("plan", plan);
            slowest = Math.max(slowest, millis(() -> ask("PUT", "/api/boxes/" + box, change)));
        }
        making.join();
        Bench.say("  %d saves meanwhile, the slowest %.0f ms", revision - 1, slowest);
    }

    private void run() throws IOException, InterruptedException {
        String box = copy("packet-drawers");
        ObjectNode plan = (ObjectNode) ask("GET", "/api/boxes/" + box, null).get("plan");
        plan.withObject("/batch").put("count", BOXES);
        ask(
                "PUT",
                "/api/boxes/" + box,
                JSON.createObjectNode().put("revision", 1).set("plan", plan));
        JsonNode run = ask("POST", "/api/boxes/" + box + "/runs?which=REST_UNPROVEN", JSON.createObjectNode());
        String at = "/api/runs/" + run.get("id").asText();
        for (JsonNode check : run.get("gate")) {
            ObjectNode ticked = JSON.createObjectNode()
                    .put("seq", ask("GET", at, null).get("seq").asLong());
            ticked.putObject("event")
                    .put("kind", "CHECKED")
                    .put("check", check.get("id").asText());
            ask("POST", at + "/events", ticked);
        }
        JsonNode[] ahead = new JsonNode[1];
        double fetched = millis(() -> ahead[0] = ask("GET", at + "/ahead", null));
        ObjectNode marked = JSON.createObjectNode();
        ArrayNode events = marked.putArray("events");
        for (int i = 0; i < MARKED; i++) {
            ObjectNode one = events.addObject().put("mark", "bench-mark-" + i).put("secondsAgo", 12.0 * (MARKED - i));
            one.putObject("event")
                    .put("kind", "DONE")
                    .put("cut", ahead[0].at("/places/" + i + "/now/id").asText());
        }
        JsonNode[] back = new JsonNode[1];
        double arrived = millis(() -> back[0] = ask("POST", at + "/events/away", marked));
        double again = millis(() -> ask("POST", at + "/events/away", marked));
        Bench.say(
                "%d passes marked without the shop: %d taken in %.2f s (promise: whole in 2), sent again %.2f s; a run of %d passes fetched ahead in %.2f s",
                MARKED,
                back[0].get("taken").asInt(),
                arrived / 1000,
                again / 1000,
                ahead[0].get("places").size() - 1,
                fetched / 1000);
    }

    private String copy(String box) throws IOException, InterruptedException {
        return ask("POST", "/api/boxes/" + box + "/copy", JSON.createObjectNode())
                .get("id")
                .asText();
    }

    private JsonNode ask(String method, String path, @Nullable JsonNode body) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .method(
                        method,
                        body == null
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(body.toString()))
                .build();
        HttpResponse<String> reply = client.send(request, HttpResponse.BodyHandlers.ofString());
        if (reply.statusCode() >= 300) {
            throw new IOException(method + " " + path + ": " + reply.statusCode() + " " + reply.body());
        }
        return JSON.readTree(reply.body());
    }

    private interface Asked {
        void ask() throws IOException, InterruptedException;
    }

    private static double millis(Asked asked) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        asked.ask();
        return (System.nanoTime() - begun) / 1e6;
    }
}
