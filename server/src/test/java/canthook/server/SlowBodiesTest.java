package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** A body that never comes to its end keeps nobody else from working, and is not waited for forever. */
@Tag("long")
class SlowBodiesTest {
    @Test
    void aHundredHalfSentBodiesKeepNobodyFromWorkingAndAreLetGo(@TempDir Path data) throws Exception {
        List<Socket> slow = new ArrayList<>();
        try (ConfigurableApplicationContext running = RestartTest.start(data)) {
            int port = ((ServletWebServerApplicationContext) running)
                    .getWebServer()
                    .getPort();
            for (int i = 0; i < 100; i++) {
                slow.add(halfSent(port, i % 2 == 0 ? "/api/work" : "/api/boxes"));
            }
            HttpClient client = HttpClient.newHttpClient();
            String plan = new String(
                    getClass()
                            .getResourceAsStream("/demo/2-envelope-drawer.json")
                            .readAllBytes(),
                    StandardCharsets.UTF_8);
            String work = "{\"plan\":"
                    + new com.fasterxml.jackson.databind.ObjectMapper()
                            .readTree(plan)
                            .get("plan") + "}";
            for (int i = 0; i < 10; i++) {
                HttpResponse<String> reply = client.send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/work"))
                                .header("Content-Type", "application/json")
                                .timeout(Duration.ofSeconds(4))
                                .POST(HttpRequest.BodyPublishers.ofString(work))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
                assertThat(reply.statusCode()).isEqualTo(200);
            }
            // one that drips is let go, too
            Socket dripping = slow.get(0);
            long until = System.nanoTime() + Duration.ofSeconds(20).toNanos();
            String answer = "";
            while (answer.isEmpty() && System.nanoTime() < until) {
                try {
                    dripping.getOutputStream().write(' ');
                    Thread.sleep(300);
                } catch (IOException e) {
                    break;
                }
                answer = available(dripping);
            }
            assertThat(answer).contains(" 408 ");
            Socket silent = slow.get(1);
            silent.setSoTimeout(10_000);
            String rest = new String(silent.getInputStream().readAllBytes(), StandardCharsets.US_ASCII);
            assertThat(rest).as("and one that says nothing is closed").doesNotContain(" 200 ");
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    private static Socket halfSent(int port, String path) throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        socket.getOutputStream()
                .write(("POST " + path + " HTTP/1.1\r\nHost: 127.0.0.1:" + port
                                + "\r\nContent-Type: application/json\r\nContent-Length: 5000\r\n\r\n{\"plan\":")
                        .getBytes(StandardCharsets.US_ASCII));
        return socket;
    }

    private static String available(Socket socket) throws IOException {
        InputStream in = socket.getInputStream();
        byte[] text = new byte[in.available()];
        int got = in.read(text);
        return got <= 0 ? "" : new String(text, 0, got, StandardCharsets.US_ASCII);
    }
}
