package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;

/** A tray laid out of its host: two boxes, and what is changed at one is told to the other. */
class TrayTest extends ServerTestBase {
    private ObjectNode plan(String box) {
        return (ObjectNode) get("/api/boxes/" + box).body().path("plan");
    }

    private long revision(String box) {
        return get("/api/boxes/" + box).body().path("revision").asLong();
    }

    private Reply save(String box, JsonNode plan) {
        ObjectNode change = node().put("revision", revision(box));
        change.set("plan", plan);
        return put("/api/boxes/" + box, change);
    }

    private double number(String box, String id) {
        for (JsonNode number :
                post("/api/work", node().set("plan", plan(box))).body().path("numbers")) {
            if (number.path("id").asText().equals(id)) {
                return number.path("value").asDouble();
            }
        }
        throw new AssertionError(id);
    }

    private String laid(ObjectNode plan) {
        return post("/api/boxes", node().set("plan", plan)).body().path("id").asText();
    }

    private String hostWithTray() {
        String host = laid(demoPlan("3-packet-tray.json").put("name", "Host of trays"));
        ObjectNode plan = plan(host);
        ObjectNode tray = plan.putArray("fittings").addObject();
        tray.put("kind", "TRAY")
                .put("over", 30)
                .put("height", 25)
                .put("clearance", 1)
                .put("runner", 6)
                .put("stacked", 1)
                .putObject("stuff")
                .put("wood", "cherry-black")
                .put("ringAngle", 0);
        assertThat(save(host, plan).status()).isEqualTo(200);
        return host;
    }

    @Test
    void aTrayFitsItsHostAndFollowsIt() {
        String host = hostWithTray();
        Reply laid = post("/api/boxes/" + host + "/trays/0", node());
        assertThat(laid.status()).as(laid.text()).isEqualTo(200);
        String tray = laid.body().path("id").asText();
        // laid twice it is the same box
        assertThat(post("/api/boxes/" + host + "/trays/0", node())
                        .body()
                        .path("id")
                        .asText())
                .isEqualTo(tray);
        assertThat(number(tray, "size.outside-width")).isEqualTo(number(host, "fittings.f1-across"), within(1e-6));
        assertThat(number(tray, "size.outside-length")).isEqualTo(number(host, "fittings.f1-along"), within(1e-6));
        JsonNode kin = get("/api/boxes/" + tray + "/kin").body();
        assertThat(kin.path("host").path("name").asText()).isEqualTo("Host of trays");
        assertThat(get("/api/boxes/" + host + "/kin")
                        .body()
                        .path("trays")
                        .get(0)
                        .path("box")
                        .path("id")
                        .asText())
                .isEqualTo(tray);

        // thicker walls leave less inside: the tray is narrower by as much
        double before = number(tray, "size.outside-width");
        ObjectNode plan = plan(host);
        ObjectNode size = (ObjectNode) plan.path("size");
        size.put("thickness", size.path("thickness").asDouble() + 2);
        assertThat(save(host, plan).status()).isEqualTo(200);
        double inside = number(host, "size.inside-width");
        assertThat(number(tray, "size.outside-width")).isEqualTo(inside - 1, within(1e-6));
        assertThat(number(tray, "size.outside-width")).isLessThan(before + 1e-6);
    }

    @Test
    void whatIsChangedAtTheTrayIsToldToItsHost() {
        String host = hostWithTray();
        String tray = post("/api/boxes/" + host + "/trays/0", node())
                .body()
                .path("id")
                .asText();
        ObjectNode plan = plan(tray);
        ObjectNode place = (ObjectNode) plan.path("size").path("opening");
        place.put("height", 32).put("length", 77);
        // its host draws it with walls as thick as it has them, from the first
        assertThat(plan(host).path("fittings").get(0).path("wall").asDouble())
                .isEqualTo(plan.path("size").path("thickness").asDouble());
        ((ObjectNode) plan.path("size")).put("thickness", 8.5);
        assertThat(save(tray, plan).status()).isEqualTo(200);
        assertThat(plan(host).path("fittings").get(0).path("wall").asDouble()).isEqualTo(8.5);
        JsonNode told = plan(host).path("fittings").get(0);
        assertThat(told.path("height").asDouble()).isEqualTo(32, within(1e-9));
        assertThat(told.path("along").asDouble()).isEqualTo(77, within(1e-9));
        assertThat(number(host, "fittings.f1-along")).isEqualTo(77, within(1e-6));
    }

    /** A copy is a box by itself, and so is one that comes from another shop; a tray put away leaves its host as it is. */
    @Test
    void aCopyHasNoKin() {
        String host = hostWithTray();
        String tray = post("/api/boxes/" + host + "/trays/0", node())
                .body()
                .path("id")
                .asText();
        String copy =
                post("/api/boxes/" + tray + "/copy", node()).body().path("id").asText();
        assertThat(plan(copy).path("host").asText("")).isIn("", "null");
        String other =
                post("/api/boxes/" + host + "/copy", node()).body().path("id").asText();
        assertThat(get("/api/boxes/" + other + "/kin").body().path("trays")).isEmpty();
        assertThat(post("/api/boxes/" + host + "/trays/7", node()).status()).isEqualTo(422);
        // a host that no longer has it is not told, and says nothing
        ObjectNode plan = plan(host);
        plan.putArray("fittings");
        assertThat(save(host, plan).status()).isEqualTo(200);
        assertThat(save(tray, plan(tray).put("purpose", "for beans")).status()).isEqualTo(200);
        assertThat(get("/api/boxes/" + tray + "/kin")
                        .body()
                        .path("host")
                        .path("id")
                        .asText(""))
                .isEmpty();
    }

    /** A host that lies in a drawer with others: the drawer made wider, its host is wider, and so is the tray in it. */
    @Test
    void aTrayFollowsAHostThatFollowsItsDrawer() {
        ObjectNode place = node().put("set", "Trays in a drawer")
                .put("width", 412)
                .put("length", 287)
                .put("height", 120)
                .put("atWall", 1.5)
                .put("between", 1)
                .put("above", 12)
                .put("columns", 1)
                .put("rows", 1);
        place.putArray("boxes")
                .addObject()
                .put("column", 0)
                .put("row", 0)
                .put("columns", 1)
                .put("rows", 1);
        ObjectNode filling = node();
        filling.set("place", place);
        filling.set("wish", node().put("thickness", 9).put("kerf", 8));
        String host = post("/api/places", filling).body().path("boxes").get(0).asText();
        ObjectNode plan = plan(host);
        plan.putArray("fittings")
                .addObject()
                .put("kind", "TRAY")
                .put("over", 30)
                .put("height", 25)
                .put("clearance", 1)
                .put("runner", 6)
                .put("stacked", 1)
                .putObject("stuff")
                .put("wood", "cherry-black")
                .put("ringAngle", 0);
        assertThat(save(host, plan).status()).isEqualTo(200);
        String tray = post("/api/boxes/" + host + "/trays/0", node())
                .body()
                .path("id")
                .asText();
        assertThat(put(
                                "/api/places/Trays in a drawer",
                                place.deepCopy().put("width", 392).put("length", 300))
                        .status())
                .isEqualTo(200);
        assertThat(number(tray, "size.outside-width")).isEqualTo(number(host, "fittings.f1-across"), within(1e-6));
        assertThat(number(tray, "size.outside-length")).isEqualTo(number(host, "fittings.f1-along"), within(1e-6));
    }

    /** A host tried otherwise must not pull its trays along, and taking it must not lose them. */
    @Test
    void traysStayWithTheirHostWhileItIsTriedOtherwise() {
        String host = hostWithTray();
        String tried = post("/api/boxes/" + host + "/what-ifs", node())
                .body()
                .get("id")
                .asText();
        String tray =
                post("/api/boxes/" + host + "/trays/0", node()).body().get("id").asText();
        ObjectNode trayPlan = plan(tray);
        ObjectNode other = plan(tried);
        ((ObjectNode) other.at("/fittings/0")).put("height", 20);
        assertThat(save(tried, other).status()).isEqualTo(200);
        assertThat(plan(tray)).isEqualTo(trayPlan);
        long seen = get("/api/boxes/" + host).body().get("revision").asLong();
        assertThat(post("/api/boxes/" + tried + "/what-if/take", node().put("revision", seen))
                        .status())
                .isEqualTo(200);
        assertThat(get("/api/boxes/" + host + "/kin")
                        .body()
                        .at("/trays/0/box/id")
                        .asText())
                .isEqualTo(tray);
        assertThat(plan(tray)).as("the tray follows what was taken").isNotEqualTo(trayPlan);
    }
}
