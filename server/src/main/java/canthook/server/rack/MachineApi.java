package canthook.server.rack;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.refusal.Refused;
import canthook.server.rack.Rack.Kept;
import canthook.server.rack.Rack.Kind;
import canthook.shop.Machine;
import canthook.shop.Machine.Measure;
import java.util.Arrays;
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

/** Machines on the rack: general kinds, and the measures that bind what is made with them. */
@RestController
@RequestMapping("/api/rack/machines")
public class MachineApi extends RackApi<Machine> {
    MachineApi(Rack rack) {
        super(rack, Kind.MACHINE);
    }

    /**
     * A machine as kept.
     *
     * @param fields its measures as text to edit, by their names; none for what was not taken
     */
    public record KeptMachine(long revision, Machine machine, Map<String, String> fields) {}

    /** A machine to be put on the rack; its id is given when it is kept. */
    public record NewMachine(Machine machine) {
        public NewMachine {
            Refused.ifMissing("machine", "The machine", machine);
        }
    }

    /** A change, and the revision it was made from. */
    public record MachineChange(Long revision, Machine machine) {
        public MachineChange {
            Refused.ifMissing("revision", "The revision the change was made from", revision);
            Refused.ifMissing("machine", "The machine", machine);
        }
    }

    /**
     * Something that is measured on a kind of machine.
     *
     * @param how it is taken
     * @param usual what stands until it is
     */
    public record MeasureView(Measure measure, String words, String how, String usual, Length least, Length most) {}

    /**
     * All that is measured, and the kinds of machines in words.
     *
     * @param words of a kind
     */
    public record MachineKindView(Machine.Kind kind, String words, List<MeasureView> measures) {}

    @GetMapping
    List<KeptMachine> all(@RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return rack.all(Kind.MACHINE).stream().map(kept -> view(kept, display)).toList();
    }

    @GetMapping("/kinds")
    List<MachineKindView> kinds(@RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return Arrays.stream(Machine.Kind.values())
                .map(k -> new MachineKindView(
                        k,
                        k.words(),
                        Machine.of(k).stream().map(m -> measure(m, display)).toList()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptMachine add(@RequestBody NewMachine wish, @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return view(rack.add(Kind.MACHINE, wish.machine().name(), wish.machine()::withId), display);
    }

    @PutMapping("/{id}")
    KeptMachine save(
            @PathVariable String id,
            @RequestBody MachineChange change,
            @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return view(rack.save(Kind.MACHINE, id, change.revision(), change.machine()), display);
    }

    private static KeptMachine view(Kept<Machine> kept, LengthDisplay display) {
        EditableFields fields = new EditableFields(display);
        kept.item().measures().forEach((measure, taken) -> fields.put(measure.name(), taken));
        return new KeptMachine(kept.revision(), kept.item(), fields.all());
    }

    private static MeasureView measure(Measure m, LengthDisplay display) {
        return new MeasureView(
                m,
                m.words(),
                m.how(),
                display.editable(m.usual()),
                m.bounds().least(),
                m.bounds().most());
    }
}
