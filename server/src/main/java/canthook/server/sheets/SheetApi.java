package canthook.server.sheets;

import canthook.plan.BoxPlan;
import canthook.refusal.Refused;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Panels out of the sheets and wide boards on the rack, and the sheets that were cut for a box. */
@RestController
public class SheetApi {
    private final Sheets sheets;

    SheetApi(Sheets sheets) {
        this.sheets = sheets;
    }

    /**
     * A plan whose panels are wanted; with a batch, those of all its boxes.
     *
     * @param box its id, when it is on the shelf: what was cut for it already is not cut again
     */
    public record PanelsRequest(BoxPlan plan, @Nullable String box) {
        public PanelsRequest {
            Refused.ifMissing("plan", "The plan", plan);
        }
    }

    /** Waits until the search is over, ten seconds at the most. */
    @OpenTo(May.READ)
    @PostMapping("/api/panels")
    SheetAnswer ask(@RequestBody PanelsRequest request) {
        return sheets.seek(request.box(), request.plan());
    }

    @PutMapping("/api/boxes/{box}/cut-sheets/{sheet}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cut(@PathVariable String box, @PathVariable String sheet) {
        sheets.cut(box, sheets.cutting(box, sheet));
    }

    @DeleteMapping("/api/boxes/{box}/cut-sheets/{sheet}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void uncut(@PathVariable String box, @PathVariable String sheet) {
        sheets.uncut(box, sheet);
    }
}
