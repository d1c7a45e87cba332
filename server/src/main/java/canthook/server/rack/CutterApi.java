package canthook.server.rack;

import canthook.cutter.Cutter;
import canthook.cutter.StackSet;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.refusal.Refused;
import canthook.server.rack.Rack.Kept;
import canthook.server.rack.Rack.Kind;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Cutters on the rack, each with its kerf as measured in a cut. */
@RestController
@RequestMapping("/api/rack/cutters")
public class CutterApi extends RackApi<Cutter> {
    CutterApi(Rack rack) {
        super(rack, Kind.CUTTER);
    }

    /**
     * A cutter as kept.
     *
     * @param fields its lengths as text to edit, by their place in it
     * @param says kind, kerf and how it is known, in a line
     */
    public record KeptCutter(long revision, Cutter cutter, Map<String, String> fields, String says) {}

    /** A cutter to be hung on the rack; its id is given when it is kept. */
    public record NewCutter(Cutter cutter) {
        public NewCutter {
            Refused.ifMissing("cutter", "The cutter", cutter);
        }
    }

    /** A change, and the revision it was made from. */
    public record CutterChange(Long revision, Cutter cutter) {
        public CutterChange {
            Refused.ifMissing("revision", "The revision the change was made from", revision);
            Refused.ifMissing("cutter", "The cutter", cutter);
        }
    }

    /**
     * The stack for a wanted slot.
     *
     * @param says the pieces, in words
     * @param width how wide it cuts
     */
    public record StackView(String says, String width, String off, String unit) {}

    @GetMapping
    List<KeptCutter> all(@RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return rack.all(Kind.CUTTER).stream().map(kept -> view(kept, display)).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptCutter add(@RequestBody NewCutter wish, @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return view(rack.add(Kind.CUTTER, wish.cutter().name(), wish.cutter()::withId), display);
    }

    @PutMapping("/{id}")
    KeptCutter save(
            @PathVariable String id,
            @RequestBody CutterChange change,
            @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return view(rack.save(Kind.CUTTER, id, change.revision(), change.cutter()), display);
    }

    /** The stack that measures nearest a wanted slot. */
    @GetMapping("/{id}/stack")
    StackView stack(
            @PathVariable String id,
            @RequestParam double slot,
            @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        StackSet set = rack.get(Kind.CUTTER, id).item().stack();
        if (set == null) {
            throw new Refused("id", "Only a stacked cutter is put together for a slot.");
        }
        Refused.unlessBetween("slot", "The slot", slot, 0.1, 200, "mm");
        StackSet.Stack stack = set.nearest(Length.mm(slot));
        StringBuilder says = new StringBuilder("outer blades ").append(display.number(set.outer(), Precision.FIT));
        stack.chippers().forEach(c -> says.append(" + chipper ").append(display.number(c, Precision.FIT)));
        stack.shims().forEach(s -> says.append(" + shim ").append(display.number(s, Precision.FIT)));
        return new StackView(
                says.toString(),
                display.number(stack.width(), Precision.FIT),
                display.number(stack.width().minus(Length.mm(slot)), Precision.FIT),
                display.unit());
    }

    private static KeptCutter view(Kept<Cutter> kept, LengthDisplay display) {
        Cutter cutter = kept.item();
        EditableFields fields = new EditableFields(display);
        fields.put("nominal", cutter.nominal());
        fields.put("kerf", cutter.kerf());
        fields.put("reach", cutter.reach());
        StackSet set = cutter.stack();
        if (set != null) {
            fields.put("stack.outer", set.outer());
            fields.put("stack.arbor", set.arbor());
            fields.put("stack.chippers", list(set.chippers(), display));
            fields.put("stack.shims", list(set.shims(), display));
        }
        String known = cutter.kerfOn() == null
                ? "kerf not measured in a cut yet"
                : "kerf read on " + cutter.kerfOn() + (cutter.kerfFrom().isEmpty() ? "" : ", " + cutter.kerfFrom());
        return new KeptCutter(
                kept.revision(), cutter, fields.all(), cutter.kind().words() + ", " + known);
    }

    private static String list(List<Length> pieces, LengthDisplay display) {
        return pieces.stream().map(display::editable).collect(java.util.stream.Collectors.joining("; "));
    }
}
