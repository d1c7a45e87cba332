package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** What is refused before it reaches us is refused in the same words: a problem document, never a page. */
@Tag("long")
class IllegalAddressTest {
    @Test
    void everyRefusalIsAProblemDocument(@TempDir Path data) throws Exception {
        try (ConfigurableApplicationContext running = RestartTest.start(data)) {
            int port = ((ServletWebServerApplicationContext) running)
                    .getWebServer()
                    .getPort();
            for (String asked : new String[] {
                "GET /%zz HTTP/1.1",
                "GET /api/boxes/<script> HTTP/1.1",
                "GET /%00 HTTP/1.1",
                "GET /api/boxes/..%2f..%2fetc HTTP/1.1",
                "GET /error HTTP/1.1",
                "GET /api/nothing HTTP/1.1",
                "TRACE /api/boxes HTTP/1.1",
                "GET /api/boxes HTTP/9.9"
            }) {
                String answer = ask(port, asked);
                assertThat(answer).as(asked).matches("(?s)HTTP/1.1 [45]\\d\\d .*");
                assertThat(answer).as(asked).doesNotContainIgnoringCase("<html").contains("application/problem+json");
            }
        }
    }

    private static String ask(int port, String line) throws Exception {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream()
                    .write((line + "\r\nHost: 127.0.0.1:" + port + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
