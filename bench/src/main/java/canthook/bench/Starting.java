package canthook.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** How long it takes from the command to the first list, on a tree that is built: the script's own start, in a process of its own. */
final class Starting {
    private static final int PORT = 4188;

    private Starting() {}

    /** @return milliseconds of one start; the first of a build also unpacks the application and is not counted */
    static long once(String command) throws IOException, InterruptedException {
        Path script = Path.of(System.getProperty("canthook.root", "..")).resolve("cant-hook");
        long begun = System.nanoTime();
        Process started = new ProcessBuilder(
                        script.toString(),
                        command,
                        "--port",
                        String.valueOf(PORT),
                        "--data",
                        Files.createTempDirectory("cant-hook-start").toString())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        try {
            HttpClient client = HttpClient.newHttpClient();
            HttpRequest list = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + PORT + "/api/boxes"))
                    .build();
            while (started.isAlive()) {
                try {
                    if (client.send(list, HttpResponse.BodyHandlers.ofString()).statusCode() == 200) {
                        return TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun);
                    }
                } catch (IOException e) {
                    Thread.sleep(20);
                }
            }
            throw new IOException("./cant-hook " + command + " ended before it answered");
        } finally {
            started.descendants().forEach(ProcessHandle::destroy);
            started.destroy();
            started.waitFor();
        }
    }
}
