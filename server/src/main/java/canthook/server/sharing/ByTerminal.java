package canthook.server.sharing;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintStream;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpConnectTimeoutException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

/**
 * The door opened from the terminal: {@code --canthook.share-at=PORT} asks the shop that runs at that port of this machine, and shows what it says.
 */
public final class ByTerminal {
    private static final int DONE = 0;
    private static final int REFUSED = 2;
    /** Nobody is there: whoever asked may start it. */
    private static final int NOT_RUNNING = 3;

    private ByTerminal() {}

    /** @return what the program ends with; empty when that is not what is asked */
    public static Optional<Integer> run(String[] arguments, PrintStream out) {
        return said(arguments, "share-at")
                .map(port -> ask(port, said(arguments, "share").orElse(May.MARK.name()), out));
    }

    private static Optional<String> said(String[] arguments, String name) {
        String begins = "--canthook." + name + "=";
        return Arrays.stream(arguments)
                .filter(a -> a.startsWith(begins))
                .map(a -> a.substring(begins.length()))
                .findFirst();
    }

    private static int ask(String port, String may, PrintStream out) {
        ObjectMapper json = new ObjectMapper();
        try {
            HttpRequest request = HttpRequest.newBuilder(
                            URI.create("http://127.0.0.1:" + port + "/api/sharing/open/terminal"))
                    .timeout(Duration.ofSeconds(20))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(json.writeValueAsString(Map.of("may", may))))
                    .build();
            HttpResponse<String> reply = HttpClient.newBuilder()
                    .connectTimeout(Duration.ofSeconds(5))
                    .build()
                    .send(request, HttpResponse.BodyHandlers.ofString());
            JsonNode said = json.readTree(reply.body());
            out.println(
                    reply.statusCode() == 200
                            ? said.path("text").asText()
                            : said.path("detail").asText());
            return reply.statusCode() == 200 ? DONE : REFUSED;
        } catch (ConnectException | HttpConnectTimeoutException e) {
            return NOT_RUNNING;
        } catch (IOException e) {
            out.println("What answers at port " + port + " is not Cant Hook.");
            return REFUSED;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return REFUSED;
        }
    }
}
