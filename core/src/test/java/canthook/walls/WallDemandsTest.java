package canthook.walls;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Lowered;
import canthook.plan.Lowered.Which;
import canthook.plan.Part;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the walls are asked, before anything is divided: whose line lowers which wall, and where things stand. */
class WallDemandsTest {
    private static BoxPlan lowered(BoxPlan plan, Which which, double height) {
        return plan.with(plan.size().withLowered(new Lowered(which, mm(height))));
    }

    private static List<Verdict> against(BoxPlan plan) {
        return work(plan).walls().verdicts().stream()
                .filter(v -> v.code() == Code.LOWERED_AGAINST_LID)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(Which.class)
    void withoutALidTheMakersWishLowersTheWallsItNames(Which which) {
        LowWalls low = work(lowered(openDrawer(), which, 60)).walls().low();
        assertThat(low).isNotNull();
        assertThat(low.by()).isEqualTo(LowWalls.By.MAKER);
        assertThat(low.line().length()).isEqualTo(mm(60));
        assertThat(low.parts().contains(Part.D)).isEqualTo(which == Which.BOTH_ENDS || which == Which.BACK);
        assertThat(low.parts().contains(Part.B)).isEqualTo(which != Which.BACK);
        assertThat(low.parts()).doesNotContain(Part.A, Part.C);
        assertThat(low.sloped()).isEqualTo(which == Which.SLOPED);
        assertThat(work(openDrawer()).walls().low()).isNull();
    }

    @Test
    void aLidSetsTheLineWhateverTheMakerWished() {
        LowWalls low = work(lowered(envelopeDrawer(), Which.FRONT, 60)).walls().low();
        assertThat(low.by()).isEqualTo(LowWalls.By.LID);
        assertThat(low.line().length()).isEqualTo(mm(81.75));
        assertThat(against(lowered(envelopeDrawer(), Which.FRONT, 60))).hasSize(1);
        // within a twentieth of a millimetre it is the same line
        assertThat(against(lowered(envelopeDrawer(), Which.FRONT, 81.8))).isEmpty();
        assertThat(against(lowered(envelopeDrawer(), Which.FRONT, 81.81))).hasSize(1);
    }

    @Test
    void aFrontIsLeftToTheLidAndBothEndsAreEndedAtItsLine() {
        assertThat(against(lowered(envelopeDrawer(), Which.FRONT, 60)).get(0).fixes())
                .singleElement()
                .satisfies(fix -> {
                    assertThat(fix.label()).isEqualTo("Leave it to the lid");
                    assertThat(fix.after().size().lowered()).isNull();
                });
        assertThat(against(lowered(envelopeDrawer(), Which.BOTH_ENDS, 60))
                        .get(0)
                        .fixes())
                .singleElement()
                .satisfies(fix -> {
                    assertThat(fix.label()).isEqualTo("End both at 81.75 mm");
                    assertThat(fix.after().size().lowered().height()).isEqualTo(mm(81.75));
                    assertThat(against(fix.after())).isEmpty();
                });
    }

    @Test
    void aLineNoWallCanHaveIsNotOffered() {
        BoxPlan plan = lowered(envelopeDrawer(), Which.BOTH_ENDS, 60);
        BoxPlan under = plan.with(lidOf(plan).withGroove(new Groove(mm(2), mm(5), mm(3.2))));
        assertThat(against(under))
                .singleElement()
                .satisfies(v -> assertThat(v.fixes()).isEmpty());
        BoxPlan over = plan.with(lidOf(plan).withGroove(new Groove(mm(2), mm(5), mm(3.3))));
        assertThat(work(over).walls().low().line().length()).isEqualTo(mm(3.05));
    }

    @Test
    void thingsStandOnTheBottomOrOnTheBench() {
        assertThat(work(openDrawer()).walls().floorHeight()).isEqualTo(mm(14));
        WorkedPlan none = work(openDrawer().with(bottomOf(openDrawer()).putAway()));
        assertThat(none.walls().floorHeight()).isEqualTo(Length.ZERO);
        assertThat(none.walls().groove("bottom")).isEmpty();
        assertThat(work(envelopeDrawer()).walls().groove("lid").orElseThrow().parts())
                .containsExactlyInAnyOrder(Part.A, Part.C, Part.D);
    }
}
