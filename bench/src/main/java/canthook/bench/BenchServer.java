package canthook.bench;

import canthook.server.CantHook;
import com.fasterxml.jackson.databind.JsonNode;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The application with one endpoint more, which reads the same JSON and sends it back: the measure to compare with. */
@RestController
public class BenchServer {
    public static void main(String[] args) {
        CantHook.application(CantHook.class, BenchServer.class).run(args);
    }

    @PostMapping("/bench/echo")
    JsonNode echo(@RequestBody JsonNode body) {
        return body;
    }
}
