package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.server.rack.Rack;
import canthook.server.rack.ShopFloor;
import canthook.server.rack.ShopFloor.AsItIs;
import canthook.shop.Machine;
import canthook.shop.Machine.Measure;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

/** The shop a plan is worked in. */
class ShopFloorTest extends ServerTestBase {
    @Autowired
    ShopFloor floor;

    @Autowired
    Rack rack;

    @Autowired
    TransactionTemplate transactions;

    private BoxPlan drawer;

    @BeforeEach
    void aPlan() throws Exception {
        drawer = json.treeToValue(demoPlan("2-envelope-drawer.json"), BoxPlan.class);
    }

    /** Looked up once for many plans, it is for each the shop it would be alone. */
    @Test
    void forManyPlansItIsWhatItIsForEach() throws Exception {
        AsItIs asItIs = floor.asItIs();
        for (String file : List.of("1-germination-box.json", "2-envelope-drawer.json", "6-seed-chest.json")) {
            BoxPlan plan = json.treeToValue(demoPlan(file), BoxPlan.class);
            for (boolean any : new boolean[] {false, true}) {
                BoxPlan asked = plan.with(plan.fingers().withAnyCutter(any));
                assertThat(asItIs.shop(asked, List.of())).as(file).isEqualTo(floor.shop(asked, List.of()));
            }
        }
    }

    @Test
    void theCuttersOfTheRackAreThereForPlansThatLookOverThem() throws Exception {
        BoxPlan plan = json.treeToValue(demoPlan("2-envelope-drawer.json"), BoxPlan.class);
        int hang = get("/api/rack/cutters").body().size();
        AsItIs asItIs = floor.asItIs();
        assertThat(asItIs.shop(plan.with(plan.fingers().withAnyCutter(true)), List.of())
                        .cutters())
                .hasSize(hang);
        assertThat(asItIs.shop(plan.with(plan.fingers().withAnyCutter(false)), List.of())
                        .cutters())
                .isEmpty();
    }

    /** What is put up, measured anew, taken off, put back or not kept after all is so for the next plan. */
    @Test
    void aMachineIsThereFromTheMomentItIsPutUp() throws Exception {
        assertThat(nowAt("Trial saw")).isEmpty();
        Machine put =
                rack.add(Rack.Kind.MACHINE, "Trial saw", id -> saw(id, 120)).item();
        assertThat(nowAt("Trial saw")).containsExactly(saw(put.id(), 120));
        rack.save(Rack.Kind.MACHINE, put.id(), 1, saw(put.id(), 125));
        assertThat(nowAt("Trial saw")).containsExactly(saw(put.id(), 125));
        transactions.executeWithoutResult(given -> {
            rack.save(Rack.Kind.MACHINE, put.id(), 2, saw(put.id(), 130));
            assertThat(nowAt("Trial saw")).containsExactly(saw(put.id(), 130));
            given.setRollbackOnly();
        });
        assertThat(nowAt("Trial saw")).containsExactly(saw(put.id(), 125));
        rack.remove(Rack.Kind.MACHINE, put.id(), true);
        assertThat(nowAt("Trial saw")).isEmpty();
        rack.remove(Rack.Kind.MACHINE, put.id(), false);
        assertThat(nowAt("Trial saw")).containsExactly(saw(put.id(), 125));
        rack.remove(Rack.Kind.MACHINE, put.id(), true);
    }

    /** Whoever reads while another writes has, once both are done, what was written. */
    @Test
    void whoeverReadsWhileAnotherWritesIsNotLeftWithWhatWas() throws Exception {
        Machine put =
                rack.add(Rack.Kind.MACHINE, "Busy saw", id -> saw(id, 100)).item();
        AtomicBoolean done = new AtomicBoolean();
        Thread reads = new Thread(() -> {
            while (!done.get()) {
                floor.asItIs();
            }
        });
        reads.start();
        try {
            for (int i = 1; i <= 60; i++) {
                rack.save(Rack.Kind.MACHINE, put.id(), i, saw(put.id(), 100 + i));
                assertThat(nowAt("Busy saw")).containsExactly(saw(put.id(), 100 + i));
            }
        } finally {
            done.set(true);
            reads.join();
            rack.remove(Rack.Kind.MACHINE, put.id(), true);
        }
    }

    private static Machine saw(String id, double radius) {
        String name = id.startsWith("busy") ? "Busy saw" : "Trial saw";
        return new Machine(id, name, Machine.Kind.TABLE_SAW, Map.of(Measure.BLADE_RADIUS, Length.mm(radius)), null, "");
    }

    private List<Machine> nowAt(String name) {
        return floor.shop(drawer, List.of()).machines().stream()
                .filter(m -> m.name().equals(name))
                .toList();
    }
}
