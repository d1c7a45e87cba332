package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.plan.BoxPlan;
import canthook.server.rack.ShopFloor;
import canthook.server.rack.ShopFloor.AsItIs;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The shop a plan is worked in. */
class ShopFloorTest extends ServerTestBase {
    @Autowired
    ShopFloor floor;

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
}
