package canthook.server.box;

import canthook.fitting.TrayIn;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.Tray;
import canthook.planner.FirstCutter;
import canthook.planner.Planner;
import canthook.planner.TrayOf;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.box.BoxApi.Change;
import canthook.server.box.BoxApi.Saved;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.box.Shelf.Named;
import canthook.server.rack.ShopFloor;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hosts and their trays on the shelf: each keeps the other's change with its own. A box and another are kin only where both say so. */
@Service
class Trays {
    private final Shelf shelf;
    private final ShopFloor floor;

    Trays(Shelf shelf, ShopFloor floor) {
        this.shelf = shelf;
        this.floor = floor;
    }

    /**
     * The boxes a box knows.
     *
     * @param host whose tray it is; null when it is none
     * @param trays of it, in the order of its fittings
     */
    public record Kin(@Nullable Named host, List<TrayNamed> trays) {}

    /** A tray by its place among the fittings. */
    public record TrayNamed(int fitting, Named box) {}

    @Transactional(readOnly = true)
    public Kin of(String id) {
        BoxPlan plan = shelf.get(id).plan();
        Named host = host(id, plan).map(h -> new Named(h.id(), h.plan().name())).orElse(null);
        List<TrayNamed> trays = new ArrayList<>();
        for (int i = 0; i < plan.fittings().size(); i++) {
            int at = i;
            tray(id, plan.fittings().get(i))
                    .ifPresent(t -> trays.add(
                            new TrayNamed(at, new Named(t.id(), t.plan().name()))));
        }
        return new Kin(host, trays);
    }

    /**
     * Lays a host's tray on the bench as a box of its own; the one it is already, where it is one.
     *
     * @throws Refused when there is no tray at that place
     */
    @Transactional
    public KeptBox lay(String hostId, int index) {
        KeptBox host = shelf.get(hostId);
        WorkedPlan worked = worked(host.plan(), host);
        TrayIn at = TrayOf.in(worked, index)
                .orElseThrow(() -> new Refused("index", "There is no tray at that place of the box."));
        Optional<KeptBox> there = tray(hostId, at.told());
        if (there.isPresent()) {
            return there.get();
        }
        BoxPlan begun = TrayOf.begun(worked, at, hostId);
        KeptBox tray = shelf.add(
                FirstCutter.in(begun, floor.shop(begun.with(begun.fingers().withAnyCutter(true)), List.of())),
                List.of());
        shelf.save(
                hostId,
                host.revision(),
                host.plan()
                        .with(
                                index,
                                at.told()
                                        .withBox(tray.id())
                                        .withWall(tray.plan().size().thickness())));
        return tray;
    }

    /** Keeps a change; its trays follow it, and its host is told. */
    @Transactional
    public Saved keeping(String id, Change change) {
        Saved saved = new Saved(shelf.save(id, change.revision(), change.plan(), change.backTo()));
        kept(id, change.plan());
        return saved;
    }

    /** A box was kept: its trays follow it, and its host is told. */
    @Transactional
    public void kept(String id, BoxPlan plan) {
        boolean hasTrays = plan.fittings().stream().anyMatch(f -> f instanceof Tray t && t.box() != null);
        if (hasTrays) {
            WorkedPlan host = worked(plan, shelf.get(id));
            for (int i = 0; i < plan.fittings().size(); i++) {
                int at = i;
                tray(id, plan.fittings().get(i))
                        .ifPresent(tray -> TrayOf.in(host, at)
                                .ifPresent(in -> keep(tray, TrayOf.following(tray.plan(), host, in))));
            }
        }
        host(id, plan).ifPresent(host -> {
            WorkedPlan worked = worked(host.plan(), host);
            TrayOf.in(worked, TrayOf.indexOf(host.plan(), id))
                    .ifPresent(in -> keep(host, TrayOf.told(worked, in, plan)));
        });
    }

    private void keep(KeptBox box, BoxPlan changed) {
        if (!changed.equals(box.plan())) {
            shelf.save(box.id(), box.revision(), changed);
        }
    }

    private WorkedPlan worked(BoxPlan plan, KeptBox box) {
        return Planner.work(plan, floor.shop(plan, box.cuts()));
    }

    private Optional<KeptBox> host(String id, BoxPlan plan) {
        return Optional.ofNullable(plan.host())
                .flatMap(shelf::readable)
                .filter(host -> TrayOf.indexOf(host.plan(), id) >= 0);
    }

    private Optional<KeptBox> tray(String hostId, Fitting fitting) {
        return fitting instanceof Tray tray
                ? Optional.ofNullable(tray.box())
                        .flatMap(shelf::readable)
                        .filter(box -> hostId.equals(box.plan().host()))
                : Optional.empty();
    }
}
