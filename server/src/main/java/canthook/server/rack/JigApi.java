package canthook.server.rack;

import canthook.building.GluedKey;
import canthook.figure.Figure;
import canthook.figure.RackJigFigure;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.JigChoice.Screw;
import canthook.refusal.Refused;
import canthook.server.rack.Rack.Kept;
import canthook.server.rack.Rack.Kind;
import canthook.shop.RackJig;
import canthook.shop.RackJig.Glued;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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

/** Jigs on the rack, each with its own measures and the keys made for it. */
@RestController
@RequestMapping("/api/rack/jigs")
public class JigApi extends RackApi<RackJig> {
    JigApi(Rack rack) {
        super(rack, Kind.JIG);
    }

    /**
     * A jig as kept.
     *
     * @param chosen what a plan takes when it is cut on it
     * @param fields its lengths as text to edit, by their place in it; keys and spacers parted by semicolons
     * @param says what is known of it, in a line
     * @param figure it, to scale
     */
    public record KeptJig(
            long revision, RackJig jig, JigChoice chosen, Map<String, String> fields, String says, Figure figure) {}

    /** A jig to be hung on the rack; its id is given when it is kept. */
    public record NewJig(RackJig jig) {
        public NewJig {
            Refused.ifMissing("jig", "The jig", jig);
        }
    }

    /** A change, and the revision it was made from. */
    public record JigChange(Long revision, RackJig jig) {
        public JigChange {
            Refused.ifMissing("revision", "The revision the change was made from", revision);
            Refused.ifMissing("jig", "The jig", jig);
        }
    }

    @GetMapping
    List<KeptJig> all(@RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return rack.all(Kind.JIG).stream().map(kept -> view(kept, display)).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptJig add(@RequestBody NewJig wish, @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return view(rack.add(Kind.JIG, wish.jig().name(), wish.jig()::withId), display);
    }

    @PutMapping("/{id}")
    KeptJig save(
            @PathVariable String id,
            @RequestBody JigChange change,
            @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return view(rack.save(Kind.JIG, id, change.revision(), change.jig()), display);
    }

    private static KeptJig view(Kept<RackJig> kept, LengthDisplay display) {
        RackJig own = kept.item();
        JigChoice jig = own.jig();
        EditableFields fields = new EditableFields(display);
        fields.put("slimmerBy", jig.slimmerBy());
        fields.put("base", jig.base());
        fields.put("rod", jig.rod());
        fields.put("resolution", jig.resolution());
        fields.put("keys", own.keys().stream().map(display::editable).collect(Collectors.joining("; ")));
        fields.put("spacers", own.spacers().stream().map(display::editable).collect(Collectors.joining("; ")));
        Leaves leaves = jig.leaves();
        if (leaves != null) {
            fields.put("leaves.zeroGap", leaves.zeroGap());
            fields.put("leaves.paper", leaves.paper());
            fields.put(
                    "leaves.set", leaves.set().stream().map(display::editable).collect(Collectors.joining("; ")));
        }
        Glued glued = own.glued();
        if (glued != null) {
            fields.put("glued.kerf", glued.kerf());
            fields.put("glued.gap", glued.gap());
        }
        Screw screw = jig.screw();
        if (screw != null) {
            fields.put("screw.lead", screw.lead());
            fields.put("screw.backlash", screw.backlash());
        }
        return new KeptJig(
                kept.revision(), own, own.chosen(), fields.all(), says(own, display), RackJigFigure.of(own, display));
    }

    private static String says(RackJig own, LengthDisplay display) {
        List<String> known = new ArrayList<>(List.of(own.jig().way().words()));
        if (!own.keys().isEmpty()) {
            known.add("keys of "
                    + own.keys().stream()
                            .map(k -> display.number(k, Precision.CALIPER))
                            .collect(Collectors.joining(", ")));
        }
        if (!own.spacers().isEmpty()) {
            known.add(own.spacers().size() + " spacers of "
                    + own.spacers().stream()
                            .map(k -> display.number(k, Precision.CALIPER))
                            .distinct()
                            .limit(4)
                            .collect(Collectors.joining(", ")));
        }
        Leaves leaves = own.jig().leaves();
        if (leaves != null && leaves.zeroGap() != null) {
            known.add("gap on the block " + display.text(leaves.zeroGap(), Precision.CALIPER));
        }
        if (leaves != null && leaves.paper() != null) {
            known.add("a sheet of paper " + display.text(leaves.paper(), Precision.CALIPER));
        }
        Screw screw = own.jig().screw();
        if (screw != null) {
            known.add("lead " + display.text(screw.lead(), Precision.CALIPER));
        }
        if (own.glued() != null) {
            GluedKey key = new GluedKey(own.glued());
            known.add("glued in: makes "
                    + IntStream.of(9, 11, 13, 15)
                            .mapToObj(n -> display.number(key.closes(n), Precision.LAYOUT) + " with " + n)
                            .collect(Collectors.joining(", ")));
        }
        return String.join(", ", known);
    }
}
