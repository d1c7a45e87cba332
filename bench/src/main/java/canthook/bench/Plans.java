package canthook.bench;

import canthook.plan.BoxPlan;
import canthook.server.web.JsonRules;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

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

    /** As many requests for this box, no two alike: each wall a thousandth of a millimetre higher than the last. */
    static List<byte[]> requests(String file, String station, int count) {
        try {
            ObjectNode request = (ObjectNode) JSON.readTree(request(file, station));
            ObjectNode size = (ObjectNode) request.at("/plan/size");
            double height = size.get("height").doubleValue();
            List<byte[]> requests = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                size.put("height", Math.round(height * 1000 + i) / 1000.0);
                requests.add(JSON.writeValueAsBytes(request));
            }
            return requests;
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
