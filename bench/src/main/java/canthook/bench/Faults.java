package canthook.bench;

import canthook.bench.ShopUnderTest.Reply;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;

/** What a shop meets: power cuts, another program on the file, a full disk, nonsense sent, a crowd, bodies that never end. */
final class Faults {
    /** How much of each: as CI does it, or as long as is promised. */
    record Amounts(int kills, int malformed, int lockSeconds, int crowdSeconds, int slowSeconds, int boxes) {
        static final Amounts SHORT = new Amounts(4, 10_000, 7, 15, 6, 2000);
        static final Amounts WHOLE = new Amounts(200, 100_000, 7, 600, 30, 10_000);
    }

    private final Amounts amounts;
    private final Random random = new Random(20261126);

    private Faults(Amounts amounts) {
        this.amounts = amounts;
    }

    static Found measure(Amounts amounts) throws Exception {
        return new Faults(amounts).measure();
    }

    private Found measure() throws Exception {
        Path data = Files.createTempDirectory("cant-hook-faults");
        try (ShopUnderTest shop = new ShopUnderTest(data)) {
            int[] kills = kills(shop);
            say("%d kills, %d acknowledged writes, %d lost (promise: 0)", amounts.kills, kills[0], kills[1]);
            double[] lock = lock(shop);
            say(
                    "file held for %d s under load: %.0f refused and written, %.0f accepted and lost (promise: 0, 0), normal after"
                            + " %.2f s (promise: 1)",
                    amounts.lockSeconds, lock[0], lock[1], lock[2]);
            double[] disk = disk();
            if (disk.length == 0) {
                say("full disk: not measured, no small disk can be made here");
                disk = new double[] {0, 0, 0};
            } else {
                say(
                        "disk full and freed under load: %.0f refused and written, %.0f accepted and lost (promise: 0, 0), normal"
                                + " after %.2f s (promise: 1)",
                        disk[0], disk[1], disk[2]);
            }
            String before = state(shop);
            int errors = malformed(shop);
            boolean changed = !state(shop).equals(before);
            say(
                    "%d malformed requests: %d × 5xx (promise: 0), state %s",
                    amounts.malformed, errors, changed ? "CHANGED" : "unchanged");
            double[] crowd = crowd(shop);
            say(
                    "50 clients for %d s: %.0f errors (promise: 0), p99 %.0f ms, resident %.0f MB half way, %.0f MB at the end"
                            + " (promise: under 400, flat)",
                    amounts.crowdSeconds, crowd[0], crowd[1], crowd[2], crowd[3]);
            double alone = others(shop, 0);
            double slow = others(shop, 100);
            say(
                    "100 half-open bodies for %d s: others' p99 %.0f ms (promise: 200), without them %.0f ms",
                    amounts.slowSeconds, slow, alone);
            double[] shelf = shelf(shop);
            say(
                    "%d boxes: first page %.0f ms (promise: 300), search %.0f ms (promise: 100), %.0f MB",
                    amounts.boxes, shelf[0], shelf[1], shop.residentMegabytes());
            return new Found(
                    kills[0],
                    kills[1],
                    (int) (lock[0] + disk[0]),
                    (int) (lock[1] + disk[1]),
                    Math.max(lock[2], disk[2]),
                    errors,
                    changed,
                    (int) crowd[0],
                    crowd[1],
                    crowd[2],
                    crowd[3],
                    alone,
                    slow,
                    shelf[0],
                    shelf[1]);
        }
    }

    /** Four writers each at a box of its own, the server killed in the midst, started again and asked what it has. */
    private int[] kills(ShopUnderTest shop) throws Exception {
        List<String> boxes = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            boxes.add(shop.newBox());
        }
        JsonNode plan =
                shop.ask("GET", "/api/boxes/" + boxes.get(0), null).body().get("plan");
        int acknowledged = 0;
        int lost = 0;
        for (int kill = 0; kill < amounts.kills; kill++) {
            List<Callable<long[]>> writers = new ArrayList<>();
            for (String box : boxes) {
                writers.add(() -> write(shop, box, plan));
            }
            ExecutorService pool = UnderLoad.clients(boxes.size());
            List<Future<long[]>> writing = writers.stream().map(pool::submit).toList();
            Thread.sleep(150 + random.nextInt(600));
            shop.kill();
            List<long[]> told = new ArrayList<>();
            for (Future<long[]> writer : writing) {
                told.add(writer.get());
            }
            pool.shutdown();
            shop.startAgain();
            for (int i = 0; i < boxes.size(); i++) {
                JsonNode box =
                        shop.ask("GET", "/api/boxes/" + boxes.get(i), null).body();
                acknowledged += (int) told.get(i)[1];
                lost += (int) Math.max(0, told.get(i)[0] - box.get("revision").asLong());
            }
        }
        return new int[] {acknowledged, lost};
    }

    /** Writes until the server is gone; the last revision acknowledged, and how many were. */
    private static long[] write(ShopUnderTest shop, String box, JsonNode plan) throws InterruptedException {
        long revision = 0;
        int acknowledged = 0;
        try {
            revision = shop.ask("GET", "/api/boxes/" + box, null)
                    .body()
                    .get("revision")
                    .asLong();
            while (true) {
                Reply reply =
                        shop.ask("PUT", "/api/boxes/" + box, shop.change(plan, revision, 90 + revision % 50 * 0.1));
                if (reply.status() == 200) {
                    revision = reply.body().get("revision").asLong();
                    acknowledged++;
                }
            }
        } catch (IOException gone) {
            return new long[] {revision, acknowledged};
        }
    }

    /** Another program holds the file in the midst of ten writers. */
    private double[] lock(ShopUnderTest shop) throws Exception {
        return UnderLoad.measure(shop, () -> {
            try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + shop.file());
                    Statement hold = other.createStatement()) {
                hold.execute("PRAGMA busy_timeout = 20000");
                hold.execute("BEGIN IMMEDIATE");
                Thread.sleep(amounts.lockSeconds * 1000L);
                hold.execute("ROLLBACK");
            }
        });
    }

    /** The disk is full in the midst of ten writers; nothing where no small disk can be made. */
    private static double[] disk() throws Exception {
        Path small = Files.createTempDirectory("cant-hook-small");
        if (!done("mount", "-t", "tmpfs", "-o", "size=8m", "tmpfs", small.toString())) {
            return new double[0];
        }
        try (ShopUnderTest shop = new ShopUnderTest(small.resolve("shop"))) {
            return UnderLoad.measure(shop, () -> {
                Path fill = small.resolve("fill");
                byte[] block = new byte[16_384];
                try (OutputStream out = Files.newOutputStream(fill)) {
                    while (true) {
                        out.write(block);
                    }
                } catch (IOException full) {
                    Thread.sleep(3000);
                }
                Files.delete(fill);
            });
        } finally {
            done("umount", small.toString());
        }
    }

    private static boolean done(String... command) throws InterruptedException {
        try {
            return new ProcessBuilder(command)
                            .redirectErrorStream(true)
                            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                            .start()
                            .waitFor()
                    == 0;
        } catch (IOException noSuchProgram) {
            return false;
        }
    }

    /** All that is kept, as one text. */
    private static String state(ShopUnderTest shop) throws Exception {
        StringBuilder all = new StringBuilder();
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + shop.file());
                Statement ask = file.createStatement()) {
            for (String what : new String[] {
                "SELECT id || revision || plan || archived FROM box ORDER BY id",
                "SELECT kind || id || revision || item || removed FROM rack_item ORDER BY kind, id",
                "SELECT id || value FROM house_rule ORDER BY id",
                "SELECT id || removed FROM test_cut ORDER BY id",
                "SELECT id || closed FROM saw_run ORDER BY id"
            }) {
                try (ResultSet rows = ask.executeQuery(what)) {
                    while (rows.next()) {
                        all.append(rows.getString(1)).append('\n');
                    }
                }
            }
        }
        return all.toString();
    }

    private int malformed(ShopUnderTest shop) throws Exception {
        List<byte[]> good = List.of(
                Plans.request("1-germination-box.json", "lid"),
                Plans.request("2-envelope-drawer.json", "fingers"),
                "{\"revision\":1,\"plan\":{}}".getBytes(StandardCharsets.UTF_8));
        int errors = 0;
        try (Malformed sender = new Malformed(shop.port, random, good)) {
            for (int i = 0; i < amounts.malformed; i++) {
                errors += sender.send() >= 500 ? 1 : 0;
            }
        }
        return errors;
    }

    /** Fifty clients that work, save, list and read; errors, p99 in milliseconds, memory half way and at the end. */
    private double[] crowd(ShopUnderTest shop) throws Exception {
        ExecutorService pool = UnderLoad.clients(50);
        AtomicLong errors = new AtomicLong();
        List<Future<List<Long>>> clients = new ArrayList<>();
        List<byte[]> plans = Plans.requests("2-envelope-drawer.json", "fingers", 500);
        JsonNode plan =
                shop.ask("GET", "/api/boxes/envelope-drawer", null).body().get("plan");
        List<String> boxes = new ArrayList<>();
        for (int c = 0; c < 50; c++) {
            boxes.add(shop.newBox());
        }
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(amounts.crowdSeconds);
        for (int c = 0; c < 50; c++) {
            int client = c;
            String box = boxes.get(c);
            clients.add(pool.submit(() -> {
                long revision = 1;
                List<Long> times = new ArrayList<>();
                for (int i = client; System.nanoTime() < end; i++) {
                    long began = System.nanoTime();
                    Reply reply = switch (i % 5) {
                        case 0 -> shop.ask("PUT", "/api/boxes/" + box, shop.change(plan, revision, 90 + i % 40));
                        case 1 -> shop.ask("GET", "/api/boxes/" + box, null);
                        case 2 -> shop.ask("GET", "/api/boxes?most=6", null);
                        default -> shop.ask("POST", "/api/work", plans.get(i % plans.size()));
                    };
                    times.add(System.nanoTime() - began);
                    if (reply.status() != 200) {
                        errors.incrementAndGet();
                    } else if (i % 5 == 0) {
                        revision = reply.body().get("revision").asLong();
                    }
                }
                return times;
            }));
        }
        Thread.sleep(amounts.crowdSeconds * 500L);
        double halfWay = shop.residentMegabytes();
        List<Long> all = new ArrayList<>();
        for (Future<List<Long>> client : clients) {
            all.addAll(client.get());
        }
        pool.shutdown();
        return new double[] {errors.get(), p99(all), halfWay, shop.residentMegabytes()};
    }

    /** What one client waits who works and lists while so many bodies never end, p99 in milliseconds. */
    private double others(ShopUnderTest shop, int bodies) throws Exception {
        List<Socket> open = new ArrayList<>();
        List<Long> times = new ArrayList<>();
        byte[] work = Plans.request("2-envelope-drawer.json", "fingers");
        try {
            for (int i = 0; i < bodies; i++) {
                open.add(Malformed.halfSent(shop.port, i % 2 == 0 ? "/api/work" : "/api/boxes"));
            }
            long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(amounts.slowSeconds);
            for (int i = 0; System.nanoTime() < end; i++) {
                long began = System.nanoTime();
                Reply reply =
                        i % 2 == 0 ? shop.ask("POST", "/api/work", work) : shop.ask("GET", "/api/boxes?most=6", null);
                times.add(System.nanoTime() - began);
                if (reply.status() != 200) {
                    throw new IOException("answered " + reply.status());
                }
                for (int s = 0; s < open.size(); s++) {
                    if (Malformed.isGone(open.get(s))) {
                        open.get(s).close();
                        open.set(s, Malformed.halfSent(shop.port, "/api/work"));
                    }
                }
            }
        } finally {
            for (Socket socket : open) {
                socket.close();
            }
        }
        return p99(times);
    }

    /** Many boxes; the first page and a search, milliseconds, the third time they are asked. */
    private double[] shelf(ShopUnderTest shop) throws Exception {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + shop.file());
                Statement ask = file.createStatement()) {
            ask.execute("PRAGMA busy_timeout = 20000");
            String plan;
            try (ResultSet row = ask.executeQuery("SELECT plan FROM box WHERE id = 'envelope-drawer'")) {
                plan = row.getString(1);
            }
            file.setAutoCommit(false);
            try (PreparedStatement put = file.prepareStatement(
                    "INSERT INTO box (id, revision, plan, saved_at, name, words) VALUES (?, 1, ?, ?, ?, ?)")) {
                for (int i = 0; i < amounts.boxes; i++) {
                    put.setString(1, "many-" + i);
                    put.setString(2, plan.replaceFirst("\"name\":\"[^\"]*\"", "\"name\":\"Drawer " + i + "\""));
                    put.setString(3, "2026-01-01T00:00:00.000Z");
                    put.setString(4, "Drawer " + i);
                    put.setString(5, "drawer " + i + " holds the seed envelopes black cherry");
                    put.executeUpdate();
                }
            }
            file.commit();
        }
        double[] times = new double[2];
        for (int round = 0; round < 3; round++) {
            long began = System.nanoTime();
            shop.ask("GET", "/api/boxes", null);
            times[0] = (System.nanoTime() - began) / 1e6;
            began = System.nanoTime();
            Reply found = shop.ask("GET", "/api/boxes?search=drawer%20" + (amounts.boxes - 1), null);
            times[1] = (System.nanoTime() - began) / 1e6;
            if (found.body().size() != 1) {
                throw new IOException("found " + found.body().size() + " boxes");
            }
        }
        return times;
    }

    private static double p99(List<Long> times) {
        long[] sorted = times.stream().mapToLong(Long::longValue).toArray();
        Arrays.sort(sorted);
        return sorted[(int) (sorted.length * 0.99)] / 1e6;
    }

    private static void say(String format, Object... values) {
        System.out.println(String.format(Locale.ROOT, format, values));
    }
}
