package canthook.server.rack;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.figure.BoardFigure;
import canthook.length.LengthDisplay;
import canthook.refusal.Refused;
import canthook.server.rack.Rack.Imported;
import canthook.server.rack.Rack.Kept;
import canthook.server.rack.Rack.Kind;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Blanks and offcuts on the rack. */
@RestController
@RequestMapping("/api/rack/blanks")
public class BlankApi extends RackApi<Blank> {
    BlankApi(Rack rack) {
        super(rack, Kind.BLANK);
    }

    /**
     * A blank as kept.
     *
     * @param fields its lengths as text to edit, by their place in it
     * @param wood name of its wood
     * @param tooWet whether it holds more water than its fibres can
     */
    public record KeptBlank(
            long revision, Blank blank, Map<String, String> fields, String wood, boolean tooWet, BoardFigure figure) {}

    /** A blank to be put on the rack; its id is given when it is kept. */
    public record NewBlank(Blank blank) {
        public NewBlank {
            Refused.ifMissing("blank", "The blank", blank);
        }
    }

    /** A change, and the revision it was made from. */
    public record BlankChange(Long revision, Blank blank) {
        public BlankChange {
            Refused.ifMissing("revision", "The revision the change was made from", revision);
            Refused.ifMissing("blank", "The blank", blank);
        }
    }

    @GetMapping
    List<KeptBlank> all(@RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return rack.all(Kind.BLANK).stream().map(kept -> view(kept, display)).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptBlank add(@RequestBody NewBlank wish, @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return view(rack.add(Kind.BLANK, wish.blank().name(), wish.blank()::withId), display);
    }

    @PutMapping("/{id}")
    KeptBlank save(
            @PathVariable String id,
            @RequestBody BlankChange change,
            @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return view(rack.save(Kind.BLANK, id, change.revision(), change.blank()), display);
    }

    @GetMapping(value = "/csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        return file("blanks.csv", BlankCsv.write(rack.blanks()));
    }

    @PostMapping(value = "/csv", consumes = "text/csv")
    Imported bring(InputStream csv) throws IOException {
        BlankCsv.Rows rows = BlankCsv.read(csv, id -> rack.wood(id).isPresent());
        return rack.take(Kind.BLANK, rows.blanks(), rows.names(), rows.ids());
    }

    private KeptBlank view(Kept<Blank> kept, LengthDisplay display) {
        Blank blank = kept.item();
        EditableFields fields = new EditableFields(display);
        fields.put("length", blank.length());
        fields.put("width", blank.width());
        fields.put("thickness", blank.thickness());
        for (int i = 0; i < blank.defects().size(); i++) {
            Defect defect = blank.defects().get(i);
            String at = "defects." + i + ".";
            fields.put(at + "from", defect.from());
            fields.put(at + "to", defect.to());
            fields.put(at + "acrossFrom", defect.acrossFrom());
            fields.put(at + "acrossTo", defect.acrossTo());
        }
        String wood = rack.wood(blank.wood()).map(w -> w.name()).orElse(blank.wood());
        boolean tooWet = blank.moisture() != null && blank.moisture().isOverSaturation();
        return new KeptBlank(
                kept.revision(), blank, fields.all(), wood, tooWet, BoardFigure.of(blank, null, null, "", display));
    }
}
