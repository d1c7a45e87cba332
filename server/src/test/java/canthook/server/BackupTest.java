package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.length.Length;
import canthook.server.backup.ByCommand;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.storage.Backup;
import canthook.server.storage.Backup.Manifest;
import canthook.server.storage.Backup.Unsound;
import canthook.server.storage.Backups;
import canthook.server.storage.Backups.Kept;
import canthook.server.storage.CannotStart;
import canthook.server.storage.Restore;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** A shop is backed up while it is worked in, lost, and brought back with every project as it was. */
@Tag("long")
class BackupTest {
    private static final Instant NOW = Instant.parse("2026-03-29T10:00:00Z");

    /** Every project as it is sent to be kept elsewhere. */
    private static Map<String, byte[]> projects(ConfigurableApplicationContext shop)
            throws IOException, InterruptedException {
        int port = ((ServletWebServerApplicationContext) shop).getWebServer().getPort();
        Map<String, byte[]> all = new HashMap<>();
        HttpClient client = HttpClient.newHttpClient();
        Shelf shelf = shop.getBean(Shelf.class);
        List<KeptBox> boxes = new ArrayList<>(shelf.all(false));
        boxes.addAll(shelf.all(true));
        for (KeptBox box : boxes) {
            all.put(
                    box.id(),
                    client.send(
                                    HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/boxes/"
                                                    + box.id() + "/project.json"))
                                            .build(),
                                    BodyHandlers.ofByteArray())
                            .body());
        }
        return all;
    }

    @Test
    void whatIsLostComesBackByteForByte(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("shop");
        Path file = folder.resolve("elsewhere").resolve("shop.zip");
        Map<String, byte[]> before;
        try (ConfigurableApplicationContext first = RestartTest.start(data)) {
            before = projects(first);
            Backup.write(data, file, NOW);
        }
        Path wiped = folder.resolve("wiped");
        try (Restore restore = Restore.of(file, wiped)) {
            assertThat(restore.replaces()).isFalse();
            assertThat(restore.brings().boxes()).isEqualTo(before.size());
            assertThat(restore.put(NOW)).isNull();
        }
        try (ConfigurableApplicationContext again = RestartTest.start(wiped)) {
            Map<String, byte[]> after = projects(again);
            assertThat(after.keySet()).isEqualTo(before.keySet());
            before.forEach((id, bytes) -> assertThat(after.get(id)).as(id).isEqualTo(bytes));
        }
    }

    /** Saved hundreds of times while it is backed up: every backup is of one moment, and no save is refused. */
    @Test
    void savingGoesOnMeanwhile(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("shop");
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            Shelf shelf = shop.getBean(Shelf.class);
            AtomicBoolean goesOn = new AtomicBoolean(true);
            List<Throwable> refused = new ArrayList<>();
            Thread hand = new Thread(() -> {
                double height = 90;
                while (goesOn.get()) {
                    try {
                        KeptBox box = shelf.get("envelope-drawer");
                        height = height > 120 ? 90 : height + 0.1;
                        shelf.save(
                                box.id(),
                                box.revision(),
                                box.plan().with(box.plan().size().withHeight(Length.mm(height))));
                    } catch (RuntimeException e) {
                        refused.add(e);
                    }
                }
            });
            hand.start();
            for (int i = 0; i < 5; i++) {
                Path file = folder.resolve("backup-" + i + ".zip");
                Backup.write(data, file, NOW);
                Path there = folder.resolve("back-" + i);
                try (Restore restore = Restore.of(file, there)) {
                    restore.put(NOW);
                }
                // the box and the last of its states are of one moment
                try (Connection direct = DriverManager.getConnection("jdbc:sqlite:" + there.resolve("cant-hook.db"));
                        Statement ask = direct.createStatement()) {
                    assertThat(ask.executeQuery(
                                            "SELECT count(*) FROM box b WHERE b.plan != (SELECT h.plan FROM box_history h"
                                                    + " WHERE h.box_id = b.id ORDER BY h.revision DESC LIMIT 1)")
                                    .getInt(1))
                            .isZero();
                }
            }
            goesOn.set(false);
            hand.join();
            assertThat(refused).isEmpty();
        }
    }

    @Test
    void whatWasIsKeptAndComesBackToo(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("shop");
        Path early = folder.resolve("early.zip");
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            Backup.write(data, early, NOW);
            Shelf shelf = shop.getBean(Shelf.class);
            shelf.add(shelf.get("envelope-drawer").plan().withName("Made later"), List.of());
        }
        Path kept;
        try (Restore restore = Restore.of(early, data)) {
            assertThat(restore.replaces()).isTrue();
            kept = restore.put(NOW);
        }
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            assertThat(shop.getBean(Shelf.class).all(false))
                    .noneMatch(b -> b.plan().name().equals("Made later"));
        }
        try (Restore restore = Restore.of(kept, data)) {
            restore.put(NOW.plusSeconds(1));
        }
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            assertThat(shop.getBean(Shelf.class).all(false))
                    .anyMatch(b -> b.plan().name().equals("Made later"));
        }
    }

    /** A damaged shop cannot be backed up; it is kept as it lies, and the backup takes its place. */
    @Test
    void aDamagedShopIsReplacedAndKeptAsItLies(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("shop");
        Path file = folder.resolve("shop.zip");
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            Backup.write(data, file, NOW);
        }
        byte[] rubbish = "no shop any more".repeat(500).getBytes(StandardCharsets.UTF_8);
        Files.write(data.resolve("cant-hook.db"), rubbish);
        try (Restore restore = Restore.of(file, data)) {
            Path kept = restore.put(NOW);
            assertThat(Files.readAllBytes(kept.resolve("cant-hook.db"))).isEqualTo(rubbish);
        }
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            assertThat(shop.getBean(Shelf.class).all(false)).hasSize(ServerTestBase.DEMO_BOXES);
        }
    }

    @Test
    void anOlderBackupIsBroughtUpToDate(@TempDir Path folder) throws Exception {
        Path old = Files.createDirectories(folder.resolve("old"));
        Flyway.configure()
                .dataSource("jdbc:sqlite:" + old.resolve("cant-hook.db"), "", "")
                .locations("classpath:db/migration")
                .target("9")
                .load()
                .migrate();
        Path file = folder.resolve("old.zip");
        assertThat(Backup.write(old, file, NOW).schema()).isEqualTo(9);
        Path data = folder.resolve("new");
        try (Restore restore = Restore.of(file, data)) {
            restore.put(NOW);
        }
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            assertThat(shop.getBean(Shelf.class).all(false)).hasSize(ServerTestBase.DEMO_BOXES);
        }
    }

    /** The same backup with something in it changed. */
    private static Path changed(Path backup, String entry, UnaryOperator<byte[]> by) throws IOException {
        Path other = backup.resolveSibling("changed-" + System.nanoTime() + ".zip");
        try (ZipFile from = new ZipFile(backup.toFile());
                ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(other))) {
            for (ZipEntry one : from.stream().toList()) {
                try (InputStream in = from.getInputStream(one)) {
                    byte[] bytes = in.readAllBytes();
                    to.putNextEntry(new ZipEntry(one.getName()));
                    to.write(one.getName().equals(entry) ? by.apply(bytes) : bytes);
                    to.closeEntry();
                }
            }
        }
        return other;
    }

    private static void refused(Path backup, Path data, String sentence) {
        assertThatThrownBy(() -> Restore.of(backup, data).close())
                .isInstanceOf(Unsound.class)
                .hasMessageContaining(sentence);
    }

    @Test
    void whatIsNoSoundBackupIsRefusedAndNothingIsTouched(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("shop");
        Path file = folder.resolve("shop.zip");
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            Backup.write(data, file, NOW);
        }
        byte[] before = Files.readAllBytes(data.resolve("cant-hook.db"));
        refused(
                changed(
                        file,
                        "manifest.json",
                        m -> new String(m, StandardCharsets.UTF_8)
                                .replaceFirst("\"schema\":\\d+", "\"schema\":999")
                                .getBytes(StandardCharsets.UTF_8)),
                data,
                "newer Cant Hook");
        refused(
                changed(file, "cant-hook.db", db -> {
                    byte[] other = db.clone();
                    other[other.length / 2] ^= 1;
                    return other;
                }),
                data,
                "is damaged");
        Path cut = folder.resolve("cut.zip");
        Files.write(cut, java.util.Arrays.copyOf(Files.readAllBytes(file), 5000));
        refused(cut, data, "cut off");
        Path other = folder.resolve("other.zip");
        try (ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(other))) {
            to.putNextEntry(new ZipEntry("letter.txt"));
            to.closeEntry();
        }
        refused(other, data, "no backup of a shop");
        refused(folder.resolve("nowhere.zip"), data, "no file");
        assertThat(Files.readAllBytes(data.resolve("cant-hook.db"))).isEqualTo(before);
        try (var left = Files.list(data)) {
            assertThat(left).noneMatch(f -> f.getFileName().toString().startsWith(".restore"));
        }
    }

    @Test
    void nothingIsRestoredUnderARunningServer(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("shop");
        Path file = folder.resolve("shop.zip");
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            Backup.write(data, file, NOW);
            assertThatThrownBy(() -> Restore.of(file, data).close())
                    .isInstanceOf(CannotStart.class)
                    .hasMessageContaining("in use by another Cant Hook");
        }
    }

    /** Over a month, summer time among it: one a day, fourteen kept, those made by hand not counted. */
    @Test
    void oneADayIsMadeAndFourteenAreKept(@TempDir Path data) throws Exception {
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            assertThat(shop.getBean(Backups.class).make().daily()).isFalse();
        }
        Instant now = Instant.parse("2026-03-10T22:30:00Z");
        Backups backups = new Backups(data.toString(), Clock.systemUTC());
        ZoneId zone = ZoneId.of("Europe/Berlin");
        int made = 0;
        for (int half = 0; half < 60; half++) {
            if (backups.daily(now, zone)) {
                made++;
            }
            now = now.plus(12, ChronoUnit.HOURS);
        }
        assertThat(made).isBetween(30, 31);
        List<Kept> all = backups.all();
        assertThat(all).filteredOn(Kept::daily).hasSize(14);
        assertThat(all).filteredOn(k -> !k.daily()).hasSize(1);
        assertThat(all.stream().filter(Kept::daily).map(Kept::name).sorted().reduce((a, b) -> b))
                .hasValueSatisfying(newest -> assertThat(newest).startsWith("daily-2026-04-0"));
    }

    @Test
    void theCommandSaysWhatItReplacesAndWaitsForAYes(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("shop");
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            assertThat(shop.getBean(Shelf.class).all(false)).isNotEmpty();
        }
        Path file = folder.resolve("shop.zip");
        assertThat(command(data, "", "--canthook.backup=" + file)).contains("Backed up to", "11 boxes");
        byte[] before = Files.readAllBytes(data.resolve("cant-hook.db"));
        assertThat(command(data, "no\n", "--canthook.restore=" + file))
                .contains("It replaces the shop in", "Nothing was touched.");
        assertThat(Files.readAllBytes(data.resolve("cant-hook.db"))).isEqualTo(before);
        assertThat(command(data, "yes\n", "--canthook.restore=" + file)).contains("Restored to", "before-restore-");
        assertThat(command(data, "", "--canthook.restore=" + folder.resolve("none.zip")))
                .contains("There is no file");
        assertThat(ByCommand.run(new String[] {"--canthook.demo=true"}, InputStream.nullInputStream(), System.out, NOW))
                .isEmpty();
    }

    private static String command(Path data, String typed, String what) {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        ByCommand.run(
                new String[] {what, "--canthook.data=" + data},
                new ByteArrayInputStream(typed.getBytes(StandardCharsets.UTF_8)),
                new PrintStream(said, true, StandardCharsets.UTF_8),
                NOW);
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    void aBackupIsMadeByAButtonAndTakenAway(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("shop");
        try (ConfigurableApplicationContext shop = RestartTest.start(data)) {
            String address = "http://127.0.0.1:"
                    + ((ServletWebServerApplicationContext) shop).getWebServer().getPort() + "/api/backups";
            HttpClient client = HttpClient.newHttpClient();
            var made = client.send(
                    HttpRequest.newBuilder(URI.create(address))
                            .header("Content-Type", "application/json")
                            .POST(HttpRequest.BodyPublishers.noBody())
                            .build(),
                    BodyHandlers.ofString());
            assertThat(made.statusCode()).isEqualTo(201);
            String name = made.body().replaceAll("(?s).*\"name\":\"([^\"]+)\".*", "$1");
            assertThat(client.send(HttpRequest.newBuilder(URI.create(address)).build(), BodyHandlers.ofString())
                            .body())
                    .contains(name);
            Path taken = folder.resolve("taken.zip");
            client.send(HttpRequest.newBuilder(URI.create(address + "/" + name)).build(), BodyHandlers.ofFile(taken));
            Manifest holds = Backup.manifest(taken);
            assertThat(holds.boxes()).isEqualTo(ServerTestBase.DEMO_BOXES + ServerTestBase.DEMO_PUT_AWAY);
            for (String none : List.of("nothing.zip", "..%2Fcant-hook.db")) {
                assertThat(client.send(
                                        HttpRequest.newBuilder(URI.create(address + "/" + none))
                                                .build(),
                                        BodyHandlers.ofString())
                                .statusCode())
                        .isBetween(400, 404);
            }
        }
    }
}
