package canthook.bench;

import canthook.plan.BoxPlan;
import canthook.server.web.JsonRules;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** The demo boxes, read as the server reads them. */
final class Plans {
    private static final ObjectMapper JSON = JsonRules.mapper();

    private Plans() {}

    static BoxPlan demo(String file) {
        try {
            return JSON.treeToValue(JSON.readTree(text(file)).get("plan"), BoxPlan.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What the front end sends for this box at a station. */
    static byte[] request(String file, String station) {
        try {
            return JSON.writeValueAsBytes(JSON.createObjectNode()
                    .put("station", station)
                    .put("day", 0)
                    .put("step", 0)
                    .set("plan", JSON.readTree(text(file)).get("plan")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] text(String file) throws IOException {
        try (InputStream in = Plans.class.getResourceAsStream("/demo/" + file)) {
            if (in == null) {
                throw new IOException("no demo box " + file);
            }
            return in.readAllBytes();
        }
    }
}
