package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.server.box.Shelf;
import canthook.server.storage.CannotStart;
import canthook.server.storage.SayWhyItDidNotStart;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** What happens to the shop's file happens to shops: another program holds it, the disk is full, it is damaged, it is newer. */
@Tag("long")
class StorageFaultTest {
    private static final String BOX = "/api/boxes/envelope-drawer";
    private final ObjectMapper json = new ObjectMapper();
    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

    @TempDir
    Path data;

    private ConfigurableApplicationContext running;
    private int port;

    @BeforeEach
    void start() {
        running = RestartTest.start(data);
        port = ((ServletWebServerApplicationContext) running).getWebServer().getPort();
    }

    @AfterEach
    void stop() {
        running.close();
    }

    private record Reply(int status, JsonNode body) {}

    private CompletableFuture<Reply> ask(String method, String path, Object body) {
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                    .header("Content-Type", "application/json")
                    .method(
                            method,
                            body == null
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(json.writeValueAsString(body)))
                    .build();
            return client.sendAsync(request, HttpResponse.BodyHandlers.ofString())
                    .thenApply(r -> new Reply(r.statusCode(), read(r.body())));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private JsonNode read(String text) {
        try {
            return json.readTree(text.isEmpty() ? "{}" : text);
        } catch (IOException e) {
            throw new IllegalStateException(text, e);
        }
    }

    private ObjectNode change(long revision, double height) {
        JsonNode box = ask("GET", BOX, null).join().body();
        ObjectNode plan = ((ObjectNode) box.get("plan")).deepCopy();
        ((ObjectNode) plan.get("size")).put("height", height);
        return json.createObjectNode().put("revision", revision).set("plan", plan);
    }

    private Connection direct() throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + data.resolve("cant-hook.db"));
    }

    private long kept() throws SQLException {
        try (Connection direct = direct();
                Statement ask = direct.createStatement()) {
            return ask.executeQuery("SELECT revision FROM box WHERE id = 'envelope-drawer'")
                    .getLong(1);
        }
    }

    @Test
    void aFileHeldByAnotherProgramRefusesWritesKeepsReadingAndIsWellAgainAfterwards() throws Exception {
        long revision = ask("GET", BOX, null).join().body().get("revision").asLong();
        ObjectNode change = change(revision, 97);
        List<CompletableFuture<Reply>> saves = new ArrayList<>();
        try (Connection other = direct();
                Statement hold = other.createStatement()) {
            hold.execute("BEGIN IMMEDIATE");
            for (int i = 0; i < 30; i++) {
                saves.add(ask("PUT", BOX, change));
            }
            long began = System.nanoTime();
            for (int i = 0; i < 20; i++) {
                assertThat(ask("GET", BOX, null).join().status()).isEqualTo(200);
                assertThat(ask("GET", "/api/boxes", null).join().status()).isEqualTo(200);
            }
            assertThat(Duration.ofNanos(System.nanoTime() - began))
                    .as("reads wait for no writer")
                    .isLessThan(Duration.ofSeconds(4));
            for (CompletableFuture<Reply> save : saves) {
                Reply refused = save.join();
                assertThat(refused.status()).isEqualTo(503);
                assertThat(refused.body().path("code").asText()).isEqualTo("FILE_BUSY");
                assertThat(refused.body().path("detail").asText())
                        .contains("in use by another program")
                        .contains("nothing was kept");
            }
            hold.execute("ROLLBACK");
        }
        assertThat(kept()).as("what was refused is not written").isEqualTo(revision);
        for (int i = 0; i < 8; i++) {
            Reply saved = ask("PUT", BOX, change(revision + i, 98 + i)).join();
            assertThat(saved.status()).as("%s", saved.body()).isEqualTo(200);
            assertThat(kept()).isEqualTo(revision + i + 1);
        }
    }

    @Test
    void aFullDiskIsNamedReadingGoesOnAndItIsWellAgainOnceThereIsRoom() throws Exception {
        long revision = ask("GET", BOX, null).join().body().get("revision").asLong();
        ObjectNode change = change(revision, 97);
        FullDisk.of(running, true);
        Reply refused = ask("PUT", BOX, change).join();
        for (int i = 0; i < 400 && refused.status() == 200; i++) {
            refused = ask("PUT", BOX, change(refused.body().get("revision").asLong(), 97 + i % 2))
                    .join();
        }
        assertThat(refused.status()).isEqualTo(507);
        assertThat(refused.body().path("code").asText()).isEqualTo("DISK_FULL");
        assertThat(refused.body().path("detail").asText())
                .contains("disk is full")
                .contains("Free some space");
        assertThat(ask("GET", "/api/boxes", null).join().status()).isEqualTo(200);
        long stands = kept();
        assertThat(ask("GET", BOX, null).join().body().get("revision").asLong()).isEqualTo(stands);
        FullDisk.of(running, false);
        assertThat(ask("PUT", BOX, change(stands, 99)).join().status()).isEqualTo(200);
        assertThat(kept()).isEqualTo(stands + 1);
    }

    @Test
    void aFileThatMayNotBeWrittenIsNamedAndTheNextConnectionMayAgain() throws Exception {
        long revision = ask("GET", BOX, null).join().body().get("revision").asLong();
        ObjectNode change = change(revision, 97);
        FullDisk.readOnly(running);
        Reply refused = ask("PUT", BOX, change).join();
        assertThat(refused.status()).isEqualTo(503);
        assertThat(refused.body().path("code").asText()).isEqualTo("FILE_READ_ONLY");
        assertThat(kept()).isEqualTo(revision);
        assertThat(ask("PUT", BOX, change).join().status())
                .as("the connection that could not write is gone")
                .isEqualTo(200);
    }

    @Test
    void aFileThatIsDamagedWhileItIsUsedIsNamed() throws Exception {
        try (Connection direct = direct();
                Statement ask = direct.createStatement()) {
            ask.execute("PRAGMA wal_checkpoint(TRUNCATE)");
        }
        Path file = data.resolve("cant-hook.db");
        byte[] whole = Files.readAllBytes(file);
        byte[] broken = whole.clone();
        java.util.Arrays.fill(broken, 4096, broken.length, (byte) 0x5a);
        Files.write(file, broken);
        FullDisk.forget(running);
        Reply refused = ask("GET", "/api/boxes", null).join();
        assertThat(refused.status()).isEqualTo(503);
        assertThat(refused.body().path("code").asText()).isEqualTo("FILE_DAMAGED");
        assertThat(refused.body().path("detail").asText()).contains("is damaged");
    }

    @Test
    void aFileThatHasLostItsTablesIsNamed() throws Exception {
        try (Connection direct = direct();
                Statement ask = direct.createStatement()) {
            ask.execute("ALTER TABLE box RENAME TO gone");
        }
        Reply refused = ask("GET", "/api/boxes", null).join();
        assertThat(refused.status()).isEqualTo(503);
        assertThat(refused.body().path("code").asText()).isEqualTo("FILE_DAMAGED");
    }

    @Test
    void aSecondServerOverTheSameFolderIsRefusedUntilTheFirstIsGone() {
        assertThatThrownBy(() -> RestartTest.start(data))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("in use by another Cant Hook")
                .hasMessageContaining(data.toString());
        running.close();
        try (ConfigurableApplicationContext again = RestartTest.start(data)) {
            assertThat(again.getBean(Shelf.class).all(false)).hasSize(ServerTestBase.DEMO_BOXES);
        }
    }

    @Test
    void aNewerShopIsRefusedBeforeAnythingIsTouched() throws Exception {
        running.close();
        try (Connection direct = direct();
                Statement ask = direct.createStatement()) {
            ask.execute(
                    "INSERT INTO flyway_schema_history (installed_rank, version, description, type, script, checksum,"
                            + " installed_by, execution_time, success) VALUES (99, '99', 'from later', 'SQL', 'V99__from_later.sql',"
                            + " 1, '', 1, 1)");
            ask.execute("PRAGMA wal_checkpoint(TRUNCATE)");
        }
        Path file = data.resolve("cant-hook.db");
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(() -> RestartTest.start(data))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("newer Cant Hook");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void aFileThatIsNoShopAndAFolderThatIsNoneSayWhatToDoInOneSentence() throws Exception {
        running.close();
        Path file = data.resolve("cant-hook.db");
        Files.deleteIfExists(data.resolve("cant-hook.db-wal"));
        Files.write(file, "this is a shopping list".repeat(400).getBytes(StandardCharsets.UTF_8));
        assertThatThrownBy(() -> RestartTest.start(data))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("damaged");
        assertThatThrownBy(() -> RestartTest.start(file))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("is no folder");
        assertThatThrownBy(() -> RestartTest.start(Path.of("/proc/shop")))
                .as("a folder nobody may make, not even root")
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("cannot be made")
                .hasMessageContaining("--data");
        assertThatThrownBy(() -> RestartTest.start(Path.of("/proc/self")))
                .as("a folder nobody may write to")
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("may not write to its data folder");
        assertThat(SayWhyItDidNotStart.sentence(new IllegalStateException(new CannotStart("Because."))))
                .contains("Because.");
    }
}
