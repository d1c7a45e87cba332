package canthook.server.sheets;

import canthook.board.Blank;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.box.Shelf;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.Unknown;
import canthook.server.rack.Rack;
import canthook.server.rack.Rack.Kept;
import canthook.server.rack.ShopFloor;
import canthook.server.sheets.CutSheet.Came;
import canthook.server.sheets.SheetSearches.Found;
import canthook.sheets.PanelsWanted;
import canthook.sheets.PanelsWanted.Other;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetScraps;
import canthook.sheets.SheetTask;
import canthook.sheets.SheetTask.Panel;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Panels of a box, out of what lies on the rack. A sheet that is cut leaves the rack, its scraps lie there instead. */
@Service
public class Sheets {
    private static final long FOR_PAPER_NANOS = 2_500_000_000L;

    private final CutSheetMapper rows;
    private final SheetSearches searches;
    private final Rack rack;
    private final Shelf shelf;
    private final ShopFloor floor;
    private final ObjectMapper json;
    private final Clock clock;

    Sheets(
            CutSheetMapper rows,
            SheetSearches searches,
            Rack rack,
            Shelf shelf,
            ShopFloor floor,
            ObjectMapper json,
            Clock clock) {
        this.rows = rows;
        this.searches = searches;
        this.rack = rack;
        this.shelf = shelf;
        this.floor = floor;
        this.json = json;
        this.clock = clock;
    }

    private record Sought(PanelsWanted wanted, List<CutSheet> done, Found found) {}

    /**
     * @param box id of the box, when it is on the shelf
     * @throws Refused when the batch is too much, or another box of it is not known
     */
    public SheetAnswer seek(@Nullable String box, BoxPlan plan) {
        return answer(sought(box, plan, SheetSearches.MOST_NANOS), plan);
    }

    private static SheetAnswer answer(Sought sought, BoxPlan plan) {
        return SheetAnswer.of(
                sought.wanted(), sought.found().plan(), sought.found().read(), sought.done(), plan.display());
    }

    /** How a box's panels are cut, for its papers: as it was found before, or as is found in little time. */
    public SheetAnswer shown(String box, BoxPlan plan) {
        return answer(sought(box, plan, FOR_PAPER_NANOS), plan);
    }

    private Sought sought(@Nullable String box, BoxPlan plan, long nanos) {
        List<CutSheet> done = box == null ? List.of() : done(box);
        List<canthook.wood.Wood> own =
                rack.all(Rack.Kind.WOOD).stream().map(Kept::item).toList();
        List<Panel> came = done.stream()
                .flatMap(d -> d.panels().stream())
                .map(c -> c.panel(own))
                .flatMap(Optional::stream)
                .toList();
        BatchWish batch = plan.batch();
        PanelsWanted wanted = new PanelsWanted(
                Planner.work(plan, floor.shop(plan, List.of())),
                batch == null ? 1 : batch.count(),
                others(batch),
                came);
        SheetTask task = wanted.task(rack.blanks(), batch == null ? List.of() : batch.blanks());
        return new Sought(wanted, done, searches.seek(nanos + " " + box, task, plan.display(), nanos));
    }

    private List<Other> others(@Nullable BatchWish batch) {
        List<Other> others = new ArrayList<>();
        for (int i = 0; batch != null && i < batch.others().size(); i++) {
            BatchWish.Other other = batch.others().get(i);
            try {
                BoxPlan plan = shelf.get(other.box()).plan();
                WorkedPlan worked = Planner.work(plan, floor.shop(plan, List.of()));
                others.add(new Other(worked, other.count()));
            } catch (Unknown e) {
                throw new Refused("plan.batch.others[" + i + "].box", String.valueOf(e.getMessage()));
            }
        }
        return others;
    }

    private List<CutSheet> done(String box) {
        return rows.of(box).stream().map(this::read).toList();
    }

    /** A sheet as the plan has it, and what comes of it. */
    record Cutting(Opened opened, List<Came> panels) {}

    /** The sheet as the box's plan cuts it now; sought before anything is written, for that may take a while. */
    Cutting cutting(String box, String sheet) {
        Sought sought = sought(box, shelf.get(box).plan(), SheetSearches.MOST_NANOS);
        Opened opened = sought.found().plan().opened().stream()
                .filter(o -> o.sheet().id().equals(sheet))
                .findFirst()
                .orElseThrow(() ->
                        new Refused("sheet", "The plan cuts no such sheet any more. Look at the plan once more."));
        List<Came> came = new ArrayList<>();
        List<Panel> panels = sought.found().plan().task().panels();
        for (int p = 0; p < panels.size(); p++) {
            int count = opened.panels(p);
            if (count > 0) {
                came.add(Came.of(panels.get(p), count));
            }
        }
        return new Cutting(opened, came);
    }

    /** The sheet was cut: it is taken off the rack, its scraps are put there, its panels are made. */
    @Transactional
    public void cut(String box, Cutting cutting) {
        Blank planned = cutting.opened().sheet();
        List<String> scraps = rack.cut(planned, SheetScraps.of(cutting.opened()));
        CutSheet cut =
                new CutSheet(planned, cutting.panels(), LocalDate.now(clock).toString(), scraps);
        rows.keep(
                box,
                planned.id(),
                write(cut),
                clock.instant().truncatedTo(ChronoUnit.MILLIS).toString());
    }

    /** It was not cut after all. */
    @Transactional
    public void uncut(String box, String sheet) {
        CutSheet cut = done(box).stream()
                .filter(d -> d.sheet().id().equals(sheet))
                .findFirst()
                .orElseThrow(() -> new Unknown("cut sheet", sheet));
        rack.uncut(cut.sheet(), cut.scraps());
        rows.forget(box, sheet);
    }

    private String write(CutSheet cut) {
        try {
            return json.writeValueAsString(cut);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A cut sheet that cannot be written", e);
        }
    }

    private CutSheet read(String text) {
        try {
            return json.readValue(text, CutSheet.class);
        } catch (JsonProcessingException e) {
            throw new Damaged.Unread("A sheet that was cut for this box is kept in a damaged row and cannot be read.");
        }
    }
}
