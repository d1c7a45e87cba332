package canthook.server.answer;

import canthook.board.Blank;
import canthook.cutter.Cutter;
import canthook.plan.BoxPlan;
import canthook.refusal.FieldBounds;
import canthook.shop.TestCut;
import canthook.wood.Air;
import canthook.wood.Wood;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Between what every field must lie, as its record says it; a screen asks once and has no bounds of its own. */
@RestController
@RequestMapping("/api/bounds")
public class BoundsApi {

    /**
     * Bounds of one field.
     *
     * @param least millimetres of a length, else the plain number
     * @param most likewise
     */
    public record FieldRange(double least, double most) {}

    private final Map<String, FieldRange> all = new TreeMap<>();

    BoundsApi() {
        put("", BoxPlan.class);
        put("testCut.", TestCut.class);
        put("rack.blank.", Blank.class);
        put("rack.cutter.", Cutter.class);
        put("rack.wood.", Wood.class);
        put("rack.air.", Air.class);
    }

    private void put(String before, Class<?> record) {
        FieldBounds.lengths(record)
                .forEach((at, b) -> all.put(
                        before + at, new FieldRange(b.least().mm(), b.most().mm())));
        FieldBounds.numbers(record).forEach((at, r) -> all.put(before + at, new FieldRange(r.least(), r.most())));
    }

    /** By the place of the field: {@code size.height}, {@code rack.cutter.kerf}; places in a list are written as a star. */
    @GetMapping
    Map<String, FieldRange> all() {
        return all;
    }
}
