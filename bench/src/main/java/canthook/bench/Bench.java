package canthook.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.util.Collection;
import java.util.List;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs all measurements and prints each beside what is promised. */
public final class Bench {
    private Bench() {}

    public static void main(String[] args) throws Exception {
        List<String> only = List.of(args).equals(List.of("--all")) ? List.of() : List.of(args);
        if (only.contains("--faults") || only.contains("--faults-short")) {
            Found found = Faults.measure(only.contains("--faults") ? Faults.Amounts.WHOLE : Faults.Amounts.SHORT);
            found.broken().forEach(promise -> say("NOT KEPT: %s", promise));
            System.exit(found.broken().isEmpty() ? 0 : 1);
        }
        if (only.isEmpty() || only.contains("--plans-only")) {
            plans();
        }
        if (only.isEmpty() || only.contains("--jigs-only")) {
            Jigs.measure(Plans.demo("2-envelope-drawer.json"));
        }
        if (only.isEmpty() || only.contains("--calendar-only")) {
            Calendars.measure(Plans.demo("6-seed-chest.json"));
        }
        if (only.isEmpty() || only.contains("--breakdown-only")) {
            Breakdowns.measure();
        }
        if (only.isEmpty() || only.contains("--sheets-only")) {
            Sheets.measure();
        }
        if (only.isEmpty() || only.contains("--start-only")) {
            Starting.once("run");
            say(
                    "from the command to the first list: run %d ms, demo %d ms (promise: at most 4000)",
                    Starting.once("run"), Starting.once("demo"));
        }
        if (only.isEmpty() || only.contains("--joints-only")) {
            joints();
        }
        if (only.isEmpty() || only.contains("--server-only")) {
            server();
        }
        if (only.isEmpty() || only.contains("--keeping-only")) {
            try (ShopUnderTest shop = new ShopUnderTest(Files.createTempDirectory("cant-hook-bench"))) {
                Keeping.measure(shop.address);
            }
        }
    }

    private static void server() throws Exception {
        try (ShopUnderTest shop = new ShopUnderTest(Files.createTempDirectory("cant-hook-bench"))) {
            load(shop.address);
            FirstLook.Result look = FirstLook.measure(shop.address);
            say("first load, JavaScript as sent: %.0f kB (promise: at most 160)", look.scriptBytes() / 1000.0);
            say(
                    "key press to redrawn drawing: median %.0f ms, p95 %.0f ms (promise: p95 at most 100)",
                    look.rung().p50(), look.rung().p95());
            say(
                    "key press to the whole box turned: median %.0f ms, p95 %.0f ms (promise: p95 at most 60)",
                    look.turned().p50(), look.turned().p95());
        }
    }

    private static void plans() throws Exception {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(PlanBenchmark.class.getSimpleName())
                        .verbosity(org.openjdk.jmh.runner.options.VerboseMode.SILENT)
                        .build())
                .run();
        for (RunResult result : results) {
            say(
                    "%s of %s: median %.0f µs, p99 %.0f µs%s",
                    result.getPrimaryResult().getLabel(),
                    result.getParams().getParam("box"),
                    result.getPrimaryResult().getStatistics().getPercentile(50),
                    result.getPrimaryResult().getStatistics().getPercentile(99),
                    promised(
                            result.getPrimaryResult().getLabel(),
                            result.getParams().getParam("box")));
        }
    }

    private static String promised(String what, String box) {
        if (!what.equals("work")) {
            return "";
        }
        return box.startsWith("+")
                ? " (with ten fittings; promise: median at most 200 µs)"
                : box.startsWith("2-") ? " (promise: median at most 60 µs)" : "";
    }

    private static void joints() throws Exception {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(JointsBenchmark.class.getSimpleName())
                        .verbosity(org.openjdk.jmh.runner.options.VerboseMode.SILENT)
                        .build())
                .run();
        for (RunResult result : results) {
            double each = result.getPrimaryResult().getStatistics().getPercentile(50);
            say(
                    "joints of 31 sections, %s: %.2f million a second on one core (promise: at least 1)",
                    result.getParams().getParam("steps"), JointsBenchmark.JOINTS / each / 1000);
        }
    }

    /** What a hand at a slider makes of it, ms: twenty a second. */
    private static final double DRAGGED_EVERY = 50;

    private static void load(String address) throws Exception {
        String box = "1-germination-box.json";
        String[] stations = {"fingers", "size", "lid"};
        // the compiler is at work for a minute after the first request, and takes its share of two cores
        for (String station : stations) {
            Load.run(address + "/bench/echo", Plans.request(box, station), 4);
            Load.run(address + "/api/work", Plans.requests(box, station, 4000), 18);
            Load.run(address + "/api/work", Plans.request(box, station), 6);
        }
        for (String station : stations) {
            byte[] body = Plans.request(box, station);
            List<byte[]> fresh = Plans.requests(box, station, 4000);
            Load.run(address + "/bench/echo", body, 2);
            Load.run(address + "/api/work", fresh, 3);
            byte[] answer = answer(address + "/api/work", body);
            Load.Result echo = Load.run(address + "/bench/echo", body, 6);
            Load.Result again = Load.run(address + "/api/work", body, 6);
            Load.Result work = Load.run(address + "/api/work", fresh, 6);
            Load.Result echoOfAnswer = Load.run(address + "/bench/echo", answer, 6);
            Load.Result dragged = Load.dragging(address + "/api/work", fresh, 6, DRAGGED_EVERY);
            say(
                    "POST /api/work, station %s, 20 clients (promise: p99 at most 25 ms, at least 0.5 of an echo):",
                    station);
            say("  echo of the plan sent, %d bytes: %s", body.length, echo);
            say("  echo of the worked plan, %d bytes: %s", answer.length, echoOfAnswer);
            against("the same plan again and again", again, echo, echoOfAnswer);
            against("no two plans alike", work, echo, echoOfAnswer);
            say("  no two plans alike, each client drags, one every %.0f ms: %s", DRAGGED_EVERY, dragged);
        }
    }

    private static void against(String what, Load.Result work, Load.Result echo, Load.Result echoOfAnswer) {
        say(
                "  %s: %s; %.2f of the echo of the plan, %.2f of the echo of the worked plan",
                what, work, work.perSecond() / echo.perSecond(), work.perSecond() / echoOfAnswer.perSecond());
    }

    private static byte[] answer(String address, byte[] body) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(address))
                                .header("Content-Type", "application/json")
                                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    static void say(String format, Object... values) {
        System.out.println(String.format(java.util.Locale.ROOT, format, values));
    }
}
