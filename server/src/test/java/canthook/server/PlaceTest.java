package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;

/** A drawer filled with small boxes, asked for as the page asks, and changed afterwards. */
class PlaceTest extends ServerTestBase {
    private ObjectNode place(String set, double width, int[]... boxes) {
        ObjectNode place = node().put("set", set)
                .put("width", width)
                .put("length", 287)
                .put("height", 80)
                .put("atWall", 1.5)
                .put("between", 1)
                .put("above", 12)
                .put("columns", 4)
                .put("rows", 3);
        ArrayNode lie = place.putArray("boxes");
        for (int[] box : boxes) {
            lie.addObject()
                    .put("column", box[0])
                    .put("row", box[1])
                    .put("columns", box[2])
                    .put("rows", box[3]);
        }
        return place;
    }

    private ObjectNode filling(ObjectNode place) {
        ObjectNode filling = node();
        filling.set("place", place);
        filling.set("wish", node().put("thickness", 6).put("kerf", 6));
        return filling;
    }

    private double number(String box, String id) {
        JsonNode plan = get("/api/boxes/" + box).body().path("plan");
        for (JsonNode number :
                post("/api/work", node().set("plan", plan)).body().path("numbers")) {
            if (number.path("id").asText().equals(id)) {
                return number.path("value").asDouble();
            }
        }
        throw new AssertionError(id);
    }

    @Test
    void everyKindIsABoxOfItsOwnInOneBatchAndFollowsThePlace() {
        ObjectNode place =
                place("Bean drawer", 412, new int[] {0, 0, 2, 1}, new int[] {2, 0, 1, 1}, new int[] {3, 0, 1, 1});
        JsonNode look = post("/api/places/look", filling(place)).body();
        assertThat(look.path("cell").asText()).isEqualTo("101.5 × 94.0 mm");
        assertThat(look.path("kinds").get(0).path("size").asText()).isEqualTo("204.0 × 94.0 × 67.6 mm");
        // what is told opens to its working, and the place's lengths read back as they are
        JsonNode cell = look.path("workings").get(0);
        assertThat(cell.path("number").path("text").asText()).isEqualTo("101.5");
        assertThat(cell.path("withValues").asText()).contains("412").contains("/ 4");
        assertThat(look.path("fields").path("width").asText()).isEqualTo("412");

        Reply filled = post("/api/places", filling(place));
        assertThat(filled.status()).as(filled.text()).isEqualTo(201);
        String doubles = filled.body().path("boxes").get(0).asText();
        String singles = filled.body().path("boxes").get(1).asText();
        assertThat(number(doubles, "size.outside-length")).isEqualTo(204, within(1e-6));
        assertThat(number(doubles, "size.outside-width")).isEqualTo(94, within(1e-6));
        assertThat(number(singles, "size.outside-length")).isEqualTo(101.5, within(1e-6));
        assertThat(number(doubles, "fingers.closing-height")).isLessThanOrEqualTo(68);
        JsonNode batch = get("/api/boxes/" + doubles).body().path("plan").path("batch");
        assertThat(batch.path("count").asInt()).isEqualTo(1);
        assertThat(batch.path("others").get(0).path("box").asText()).isEqualTo(singles);
        assertThat(batch.path("others").get(0).path("count").asInt()).isEqualTo(2);

        String copied = post("/api/boxes/" + singles + "/copy", node())
                .body()
                .path("id")
                .asText();
        assertThat(get("/api/places/Bean drawer").body().path("boxes"))
                .as("a copy lies in no drawer")
                .hasSize(2);

        // a wider drawer, one double more, and a box over two rows
        ObjectNode wider =
                place("Bean drawer", 452, new int[] {0, 0, 2, 1}, new int[] {2, 0, 2, 1}, new int[] {0, 1, 1, 2});
        Reply changed = put("/api/places/Bean drawer", wider);
        assertThat(changed.status()).as(changed.text()).isEqualTo(200);
        assertThat(changed.body().path("boxes")).hasSize(2);
        assertThat(number(doubles, "size.outside-length")).isEqualTo(224, within(1e-6));
        assertThat(get("/api/boxes/" + singles).body().path("archived").asBoolean())
                .as("no single lies in it any more")
                .isTrue();
        assertThat(number(copied, "size.outside-length")).isEqualTo(101.5, within(1e-6));
        assertThat(get("/api/places/Bean drawer").body().path("boxes")).hasSize(2);
        assertThat(get("/api/boxes/" + doubles)
                        .body()
                        .path("plan")
                        .path("batch")
                        .path("count")
                        .asInt())
                .isGreaterThan(0);
    }

    @Test
    void whatCannotBeFilledNamesItsField() {
        ObjectNode narrow = place("Narrow", 40, new int[] {0, 0, 1, 1});
        Reply refused = post("/api/places/look", filling(narrow));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field()).isEqualTo("columns");
        Reply twice =
                post("/api/places/look", filling(place("Twice", 412, new int[] {0, 0, 2, 1}, new int[] {1, 0, 1, 1})));
        assertThat(twice.status()).isEqualTo(422);
        assertThat(twice.field()).endsWith("boxes[1]");
        post("/api/places", filling(place("Once", 412, new int[] {0, 0, 1, 1})));
        assertThat(post("/api/places", filling(place("Once", 412, new int[] {0, 0, 1, 1})))
                        .field())
                .isEqualTo("place.set");
        assertThat(get("/api/places/nowhere").status()).isEqualTo(404);
    }
}
