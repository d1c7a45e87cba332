package canthook.building;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.board.Blank;
import canthook.building.JigPart.Made;
import canthook.planner.Planner;
import canthook.shop.Shop;
import canthook.wood.Woods;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What lies on the rack is proposed for the parts of a jig, and only where a part lies in it. */
class FromTheRackTest {
    private static final JigToBuild SLED =
            JigToBuild.of(Planner.work(envelopeDrawer(), Shop.withDefaults())).orElseThrow();

    private static Blank piece(String id, String wood, double length, double width, double thickness, boolean scrap) {
        return new Blank(
                id, id, mm(length), mm(width), mm(thickness), wood, 90, null, null, false, "", List.of(), scrap);
    }

    private static Map<String, Blank> found(Blank... rack) {
        return FromTheRack.of(SLED, List.of(rack), Woods.published()::find);
    }

    @Test
    void aScrapComesBeforeABoard() {
        double along = SLED.part("fence").orElseThrow().along().length().mm();
        Map<String, Blank> found = found(
                piece("board", "maple-sugar", 2000, 200, 25, false),
                piece("scrap", "maple-sugar", along + 5, 70, 25, true));
        // fence and backing are alike: one takes the scrap, which is used up then
        assertThat(List.of(found.get("fence").id(), found.get("backing").id()))
                .containsExactlyInAnyOrder("scrap", "board");
    }

    @Test
    void softWoodHoldsNoKeyAndADefectIsForTheEye() {
        assertThat(found(piece("pine", "pine-ponderosa", 3000, 300, 40, true))).isEmpty();
        Blank knot = new Blank(
                "knot",
                "knot",
                mm(3000),
                mm(300),
                mm(40),
                "maple-sugar",
                90,
                null,
                null,
                false,
                "",
                List.of(new canthook.board.Defect(
                        canthook.board.Defect.Kind.KNOT, mm(100), mm(120), mm(20), mm(40), false)),
                true);
        assertThat(found(knot)).isEmpty();
    }

    @Test
    void theBaseComesOutOfASheetAsThickAsItIs() {
        assertThat(found(piece("thin", "sheet-plywood", 1200, 800, 6, true))).doesNotContainKey("base");
        assertThat(found(piece("right", "sheet-plywood", 1200, 800, 12.3, true)))
                .containsKey("base");
        // turned, when only so it lies in it
        JigPart base = SLED.part("base").orElseThrow();
        double along = base.along().length().mm();
        double across = base.across().length().mm();
        assertThat(found(piece("turned", "sheet-plywood", across + 10, along + 10, 12, true)))
                .containsKey("base");
    }

    /** Whatever lies on the rack: no piece gives more length than it has, and every part lies in its piece. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void noPieceGivesMoreThanItHas(long seed) {
        Random random = new Random(seed);
        List<Blank> rack = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            rack.add(piece(
                    "p" + i,
                    random.nextBoolean() ? "maple-sugar" : "sheet-plywood",
                    100 + random.nextInt(900),
                    20 + random.nextInt(400),
                    6 + random.nextInt(30),
                    random.nextBoolean()));
        }
        Map<String, Double> gives = new HashMap<>();
        FromTheRack.of(SLED, rack, Woods.published()::find).forEach((id, piece) -> {
            JigPart part = SLED.part(id).orElseThrow();
            double along = part.along().length().mm();
            double across = part.across().length().mm();
            assertThat(part.made()).isNotEqualTo(Made.BOUGHT);
            assertThat(piece.thickness().mm() + 1.5)
                    .isGreaterThanOrEqualTo(
                            Math.min(across, part.thick().length().mm()));
            gives.merge(piece.id(), Math.min(along, across) * part.count(), Double::sum);
            if (part.made() == Made.WOOD) {
                assertThat(along * part.count())
                        .isLessThanOrEqualTo(piece.length().mm());
            }
        });
        gives.forEach((id, length) -> assertThat(length)
                .isLessThanOrEqualTo(rack.stream()
                        .filter(b -> b.id().equals(id))
                        .findFirst()
                        .orElseThrow()
                        .length()
                        .mm()));
    }
}
