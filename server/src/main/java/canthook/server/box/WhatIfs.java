package canthook.server.box;

import canthook.history.NumbersApart;
import canthook.history.WhatChanged;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.TrayOf;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.box.Shelf.Named;
import canthook.server.box.WhatIfMapper.WhatIfRow;
import canthook.server.rack.ShopFloor;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A box that is tried otherwise: a copy of it that stands on no shelf, changed like any box, laid over the one it came from; taken, kept as a box
 * of its own, or put away.
 */
@Service
class WhatIfs {
    private static final int MOST = 12;

    private final WhatIfMapper rows;
    private final Shelf shelf;
    private final Trays trays;
    private final ShopFloor floor;

    WhatIfs(WhatIfMapper rows, Shelf shelf, Trays trays, ShopFloor floor) {
        this.rows = rows;
        this.shelf = shelf;
        this.trays = trays;
        this.floor = floor;
    }

    /**
     * What is tried of a box.
     *
     * @param says what it changes
     */
    record Tried(String id, String begunAt, List<String> says) {}

    /**
     * A what-if beside the box it is tried on.
     *
     * @param moved whether that box was changed since it was begun
     */
    record Beside(KeptBox of, WorkedPlan before, WorkedPlan after, boolean moved) {
        List<String> says() {
            return WhatChanged.between(before, after);
        }

        NumbersApart.Comparison numbers() {
            return NumbersApart.between(before, after);
        }
    }

    /**
     * Begins one, with the test cuts of the box. A what-if of a what-if is tried on the same box.
     *
     * @throws Refused when as many are tried as are kept apart in mind
     */
    @Transactional
    public KeptBox begin(String id) {
        KeptBox box = shelf.get(id);
        WhatIfRow itself = rows.find(id);
        KeptBox of = itself == null ? box : shelf.get(itself.ofBox());
        if (rows.of(of.id()).size() >= MOST) {
            throw new Refused("id", "Already " + MOST + " are tried on this box; take one or put some away first.");
        }
        KeptBox tried = shelf.add(box.plan(), box.cuts(), box.plan().name() + " what if");
        rows.begin(new WhatIfRow(tried.id(), of.id(), of.revision(), shelf.now()));
        return tried;
    }

    @Transactional(readOnly = true)
    public List<Tried> of(String id) {
        KeptBox of = shelf.get(id);
        WorkedPlan stands = worked(of);
        return rows.of(id).stream()
                .flatMap(row -> shelf
                        .readable(row.boxId())
                        .map(box -> new Tried(box.id(), row.begunAt(), WhatChanged.between(stands, worked(box))))
                        .stream())
                .toList();
    }

    /** The box it is tried on; nothing when it is a box of its own. */
    @Transactional(readOnly = true)
    public Optional<Named> triedOn(String id) {
        return Optional.ofNullable(rows.find(id))
                .flatMap(row -> shelf.readable(row.ofBox()))
                .map(of -> new Named(of.id(), of.plan().name()));
    }

    /** @throws Refused when it is a box of its own */
    @Transactional(readOnly = true)
    public Beside beside(String id) {
        WhatIfRow row = row(id);
        KeptBox of = shelf.get(row.ofBox());
        return new Beside(of, worked(of), worked(shelf.get(id)), of.revision() != row.ofRevision());
    }

    /**
     * Takes it: the box it is tried on becomes as it is, under its own name and with its own trays and place; undo leads back.
     *
     * @param seen revision of that box the maker saw
     * @return that box
     */
    @Transactional
    public KeptBox take(String id, long seen) {
        WhatIfRow row = row(id);
        KeptBox of = shelf.get(row.ofBox());
        BoxPlan taken =
                TrayOf.kinAs(of.plan(), shelf.get(id).plan().withName(of.plan().name()));
        trays.keeping(of.id(), new BoxApi.Change(seen, taken, null));
        shelf.archive(id, true);
        return shelf.get(of.id());
    }

    /** Keeps it as a box of its own, under another name. */
    @Transactional
    public KeptBox keep(String id, String name) {
        WhatIfRow row = row(id);
        KeptBox box = shelf.get(id);
        BoxPlan own = box.plan().withName(name);
        if (own.name().equals(shelf.get(row.ofBox()).plan().name())) {
            throw new Refused("name", "Both boxes would have the same name; give this one another.");
        }
        shelf.save(id, box.revision(), BoxApi.ofItsOwn(own));
        rows.end(id);
        return shelf.get(id);
    }

    /** Puts it away; it can be had back from what is put away, as a box of its own. */
    @Transactional
    public void letGo(String id) {
        row(id);
        KeptBox box = shelf.get(id);
        shelf.save(id, box.revision(), BoxApi.ofItsOwn(BoxApi.named(box.plan(), ", what if")));
        rows.end(id);
        shelf.archive(id, true);
    }

    private WhatIfRow row(String id) {
        shelf.asKept(id);
        return Optional.ofNullable(rows.find(id))
                .orElseThrow(() -> new Refused("id", "This is a box of its own; it is tried on no other."));
    }

    private WorkedPlan worked(KeptBox box) {
        return Planner.work(box.plan(), floor.shop(box.plan(), box.cuts()));
    }
}
