package canthook.bench;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.LabelRecess;
import canthook.plan.Lining;
import canthook.plan.Part;
import canthook.plan.Stuff;
import canthook.plan.Tray;
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

    /** A demo box with ten things in, on and through it, each of another kind or place. */
    static BoxPlan withTenFittings(String file) {
        Stuff plywood = new Stuff("sheet-plywood", 0);
        return demo(file)
                .withFittings(List.of(
                        divider(Fitting.Run.ACROSS, 60, plywood),
                        divider(Fitting.Run.ACROSS, 110, plywood),
                        divider(Fitting.Run.ALONG, 40, plywood),
                        divider(Fitting.Run.ALONG, 80, plywood),
                        new Fitting.Grip(Part.B, Length.mm(60), Length.mm(20), Length.mm(14)),
                        new Fitting.Pegs(Length.mm(2.4), Fitting.Which.OUTER),
                        new Fitting.Feet(Length.mm(20), Length.mm(10), Length.mm(2)),
                        new Tray(
                                Length.mm(45),
                                Length.mm(20),
                                null,
                                Length.mm(1),
                                Length.mm(6),
                                1,
                                new Stuff("pine-ponderosa", 0)),
                        new LabelRecess(Part.A, Length.mm(40), Length.mm(15), Length.mm(1.5), Length.mm(20)),
                        new Lining(Length.mm(1), true)));
    }

    private static Fitting divider(Fitting.Run run, double at, Stuff stuff) {
        return new Fitting.Divider(run, Length.mm(at), stuff, Length.mm(4), Length.mm(30), false, null);
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
