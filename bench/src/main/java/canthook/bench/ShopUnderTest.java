package canthook.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import org.jspecify.annotations.Nullable;

/** The application in a process of its own, over a data folder that outlives it; started as the README starts it, killed as a power cut does. */
final class ShopUnderTest implements AutoCloseable {
    static final ObjectMapper JSON = new ObjectMapper();
    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final Path data;
    private Process process;
    final int port;
    final String address;

    ShopUnderTest(Path data) throws IOException, InterruptedException {
        this.data = data;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        address = "http://127.0.0.1:" + port;
        process = start();
    }

    record Reply(int status, JsonNode body) {}

    private Process start() throws IOException, InterruptedException {
        ProcessBuilder program = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:+UseSerialGC",
                        "-Xmx160m",
                        "-Xmn72m",
                        "-cp",
                        System.getProperty("java.class.path"),
                        BenchServer.class.getName(),
                        "--canthook.data=" + data,
                        "--canthook.demo=true",
                        "--server.port=" + port,
                        "--logging.level.root=off")
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD);
        program.environment().put("MALLOC_ARENA_MAX", "2");
        Process started = program.start();
        for (int i = 0; i < 600; i++) {
            if (!started.isAlive()) {
                throw new IOException("the server ended with " + started.exitValue());
            }
            try {
                // all four boxes of the demo stand on the shelf
                if (ask("GET", "/api/boxes/names", null).body().size() >= 4) {
                    return started;
                }
            } catch (IOException notYet) {
                Thread.sleep(100);
            }
        }
        throw new IOException("the server did not start within a minute");
    }

    /** As a power cut: no goodbye. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    void startAgain() throws IOException, InterruptedException {
        process = start();
    }

    Path file() {
        return data.resolve("cant-hook.db");
    }

    /** Memory resident now, megabytes; 0 where the system does not tell. */
    double residentMegabytes() throws IOException {
        Path status = Path.of("/proc", String.valueOf(process.pid()), "status");
        if (!Files.exists(status)) {
            return 0;
        }
        return Files.readAllLines(status).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D+", "")) / 1024)
                .findFirst()
                .orElse(0);
    }

    Reply ask(String method, String path, byte @Nullable [] body) throws IOException, InterruptedException {
        HttpResponse<byte[]> reply = client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .timeout(Duration.ofSeconds(30))
                        .header("Content-Type", "application/json")
                        .method(
                                method,
                                body == null
                                        ? HttpRequest.BodyPublishers.noBody()
                                        : HttpRequest.BodyPublishers.ofByteArray(body))
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
        JsonNode read;
        try {
            read = JSON.readTree(reply.body());
        } catch (IOException notJson) {
            read = JSON.createObjectNode();
        }
        return new Reply(reply.statusCode(), read);
    }

    /** A new box like the demo's drawer. */
    String newBox() throws IOException, InterruptedException {
        JsonNode plan = ask("GET", "/api/boxes/envelope-drawer", null).body().get("plan");
        Reply made = ask(
                "POST",
                "/api/boxes",
                JSON.writeValueAsBytes(JSON.createObjectNode().set("plan", plan)));
        if (!made.body().hasNonNull("id")) {
            throw new IllegalStateException("No box was made: " + made.status() + " " + made.body());
        }
        return made.body().get("id").asText();
    }

    /** A change of a box to a height, made from a revision. */
    byte[] change(JsonNode plan, long revision, double height) throws IOException {
        ObjectNode changed = ((ObjectNode) plan).deepCopy();
        ((ObjectNode) changed.get("size")).put("height", height);
        return JSON.writeValueAsBytes(
                JSON.createObjectNode().put("revision", revision).set("plan", changed));
    }

    @Override
    public void close() throws InterruptedException {
        process.destroy();
        if (!process.waitFor(20, java.util.concurrent.TimeUnit.SECONDS)) {
            kill();
        }
    }
}
