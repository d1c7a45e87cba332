package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the screen is told a field takes is what the server takes. */
class BoundsTest extends ServerTestBase {
    @Test
    void everyFieldOfPlanTestCutAndRackIsTold() {
        JsonNode bounds = get("/api/bounds").body();
        assertThat(bounds.fieldNames())
                .toIterable()
                .contains(
                        "size.height",
                        "size.contents.items.*.length",
                        "fingers.widths.*",
                        "bottom.groove.depth",
                        "jig.screw.driver",
                        "seasons.meter",
                        "testCut.slots.*",
                        "testCut.moved",
                        "rack.blank.width",
                        "rack.blank.defects.*.acrossTo",
                        "rack.cutter.stack.arbor",
                        "rack.wood.radial",
                        "rack.air.humidity");
        bounds.forEach(b ->
                assertThat(b.path("least").asDouble()).isLessThan(b.path("most").asDouble()));
    }

    @ParameterizedTest
    @CsvSource({
        "/size/height,size.height",
        "/size/thickness,size.thickness",
        "/fingers/kerf,fingers.kerf",
        "/fingers/clearance,fingers.clearance",
        "/bottom/groove/depth,bottom.groove.depth",
        "/lid/groove/offset,lid.groove.offset",
        "/blank/width,blank.width"
    })
    void aHairOverTheBoundIsRefusedAtItsField(String at, String field) {
        JsonNode bounds = get("/api/bounds").body().path(field);
        for (boolean high : new boolean[] {true, false}) {
            double bound = bounds.path(high ? "most" : "least").asDouble();
            Reply over = worked(at, bound + (high ? 0.001 : -0.001));
            assertThat(over.status()).as(field + (high ? " over" : " under")).isEqualTo(422);
            assertThat(over.field()).isEqualTo("plan." + field);
            assertThat(worked(at, bound).status()).as(field + " at its bound").isEqualTo(200);
        }
    }

    private Reply worked(String at, double value) {
        ObjectNode plan = drawer();
        int last = at.lastIndexOf('/');
        ((ObjectNode) plan.at(at.substring(0, last))).put(at.substring(last + 1), value);
        return post("/api/work", node().set("plan", plan));
    }
}
