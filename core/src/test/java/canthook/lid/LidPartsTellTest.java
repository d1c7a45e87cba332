package canthook.lid;

import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static canthook.SeedLibrary.slidingLid;
import static canthook.SeedLibrary.work;
import static canthook.Told.jobs;
import static canthook.Told.number;
import static canthook.Told.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.panel.CutPiece;
import canthook.plan.Bottom;
import canthook.plan.Breadboard;
import canthook.plan.Hinges;
import canthook.plan.Lid;
import canthook.plan.Lid.Joined;
import canthook.plan.Lid.Kept;
import canthook.plan.Pull;
import canthook.planner.FirstGuess;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict.Code;
import canthook.working.Worked;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a lid's parts tell: ends and their splines, hinges, lip and liner, what a sliding one is pulled by, what a seam leaves. */
class LidPartsTellTest {
    private static WorkedPlan with(Lid lid) {
        return work(openDrawer().with(lid));
    }

    private static Worked worked(WorkedPlan worked, String name) {
        return worked.number("lid." + name).orElseThrow();
    }

    private static List<String> pieces(WorkedPlan worked) {
        return worked.lid().pieces().stream().map(CutPiece::called).toList();
    }

    private static WorkedPlan breadboard(boolean splined) {
        Breadboard usual = Breadboard.USUAL;
        return with(onTop(Kept.LIP)
                .withBreadboard(true)
                .with(new Breadboard(usual.width(), usual.tongue(), usual.inset(), usual.peg(), splined)));
    }

    /** 260 over all, ends of 40, tongues of 15: a panel of 210 with its tongues, of 180 with splines of 29.5 and 4 thick. */
    @Test
    void breadboardEndsAreTonguedOrSplined() {
        WorkedPlan tongued = breadboard(false);
        assertThat(worked(tongued, "along").length()).isEqualTo(mm(260));
        assertThat(worked(tongued, "panel-along").length()).isEqualTo(mm(210));
        assertThat(worked(tongued, "panel-along").label()).isEqualTo("Panel with its tongues, along the grain");
        assertThat(worked(tongued, "panel-along").rule()).contains("the tongues that enter them");
        assertThat(worked(tongued, "end-tongue").label()).isEqualTo("Tongue in the end");
        assertThat(tongued.number("lid.spline")).isEmpty();
        assertThat(tongued.number("lid.spline-thick")).isEmpty();
        assertThat(pieces(tongued)).contains("2 breadboard ends").noneMatch(p -> p.contains("spline"));
        assertThat(jobs(tongued)).anyMatch(s -> s.startsWith("Breadboard ends: a groove for the tongue, 15.0 mm deep"));

        WorkedPlan splined = breadboard(true);
        assertThat(worked(splined, "panel-along").length()).isEqualTo(mm(180));
        assertThat(worked(splined, "panel-along").label()).isEqualTo("Panel between its ends, along the grain");
        assertThat(worked(splined, "panel-along").rule()).contains("splines stand in both");
        assertThat(worked(splined, "end-tongue").label()).isEqualTo("Spline in the end");
        assertThat(number(splined, "lid.spline")).isCloseTo(29.5, within(1e-9));
        assertThat(number(splined, "lid.spline-thick")).isCloseTo(4, within(1e-9));
        assertThat(pieces(splined)).contains("2 breadboard ends", "2 splines");
        assertThat(jobs(splined)).anyMatch(s -> s.contains("in both ends of the panel for the spline"));
    }

    /** Two ends of 140 with splines on a lid of 260: no panel is left. */
    @Test
    void endsThatMeetLeaveNoPanel() {
        Lid.OnTop lid = onTop(Kept.LIP).withBreadboard(true).with(new Breadboard(mm(140), mm(5), mm(25), mm(6), true));
        WorkedPlan none = with(lid);
        assertThat(worked(none, "panel-along").length().isPositive()).isFalse();
        assertThat(of(none, Code.BREADBOARD_THROUGH))
                .anyMatch(v -> v.sentence().equals("The two ends leave no panel between them."));
        assertThat(of(breadboard(true), Code.BREADBOARD_THROUGH)).isEmpty();
    }

    private static WorkedPlan hinged(Hinges.Share share, int count) {
        Hinges usual = Hinges.USUAL;
        return with(onTop(Kept.HINGED).with(usual.withCount(count).with(share)));
    }

    /** Folded 2 leaves less the gap: half of it in each, or all in one and none in the other. */
    @Test
    void mortisesAreSharedAndSaidSo() {
        for (Hinges.Share share : Hinges.Share.values()) {
            WorkedPlan worked = hinged(share, 2);
            double all = number(worked, "lid.hinge-in-lid") + number(worked, "lid.hinge-in-wall");
            assertThat(all).isPositive();
            assertThat(number(worked, "lid.hinge-in-lid"))
                    .as(share.name())
                    .isCloseTo(
                            switch (share) {
                                case HALF -> all / 2;
                                case ALL_IN_LID -> all;
                                case ALL_IN_WALL -> 0;
                            },
                            within(1e-6));
            String says = jobs(worked).stream()
                    .filter(s -> s.startsWith("Mortises for 2 hinges"))
                    .findFirst()
                    .orElseThrow();
            assertThat(says.contains("none in the lid")).isEqualTo(share == Hinges.Share.ALL_IN_WALL);
            assertThat(says.contains("none in A")).isEqualTo(share == Hinges.Share.ALL_IN_LID);
            assertThat(worked(worked, "hinge-in-lid").rule().startsWith("The other takes"))
                    .isEqualTo(share == Hinges.Share.ALL_IN_WALL);
        }
        assertThat(worked(hinged(Hinges.Share.HALF, 2), "hinge-in-lid").symbol())
                .isNotEqualTo(
                        worked(hinged(Hinges.Share.HALF, 2), "hinge-in-wall").symbol());
        assertThat(jobs(hinged(Hinges.Share.HALF, 1))).anyMatch(s -> s.startsWith("Mortises for 1 hinge "));
    }

    /** Outside 248: three leaves of 50, the outer ones 50 from the corners, stand 49 apart and in each other's way, two do not. */
    @Test
    void hingesThatMeetEachOtherAreSaid() {
        Hinges long_ = Hinges.USUAL.withLeafLength(mm(50));
        assertThat(of(with(onTop(Kept.HINGED).with(long_.withCount(3))), Code.HINGES_TOO_LONG))
                .hasSize(1);
        assertThat(of(with(onTop(Kept.HINGED).with(long_.withCount(2))), Code.HINGES_TOO_LONG))
                .isEmpty();
    }

    /** 166 wide, 6 over: 178 with a lip, which shares its movement; 172 on hinges, which show all of it at the front. */
    @Test
    void aHingedLidOverhangsAtTheFrontAlone() {
        WorkedPlan lipped = with(onTop(Kept.LIP));
        WorkedPlan hinged = with(onTop(Kept.HINGED));
        assertThat(number(lipped, "lid.cut")).isCloseTo(178, within(1e-9));
        assertThat(number(hinged, "lid.cut")).isCloseTo(172, within(1e-9));
        assertThat(worked(lipped, "cut").rule()).contains("at front and back");
        assertThat(worked(hinged, "cut").rule()).contains("none at the back");
        assertThat(worked(lipped, "front-wettest").rule()).startsWith("Held by its lip");
        assertThat(worked(hinged, "front-wettest").rule()).startsWith("Held at the back");
        double half = number(lipped, "lid.front-wettest") - 6;
        double whole = number(hinged, "lid.front-wettest") - 6;
        assertThat(whole / 172).isCloseTo(2 * half / 178, within(1e-6));
        assertThat(pieces(lipped)).contains("the lip");
        assertThat(pieces(hinged)).doesNotContain("the lip");
        assertThat(worked(lipped, "inside-height").rule()).contains("less the lip");
        assertThat(worked(hinged, "inside-height").rule()).contains("lies on the walls");
        assertThat(number(hinged, "lid.inside-height") - number(lipped, "lid.inside-height"))
                .isCloseTo(6, within(1e-9));
    }

    /** From the floor to the edge and over it; from the bottom edge where there is no bottom. */
    @Test
    void aLinerStandsOnTheFloor() {
        WorkedPlan floored = with(sawnOff(60, Joined.LINED, 3.2));
        WorkedPlan bare = work(openDrawer()
                .with(new Bottom.None(null, null, null, null, null, null, null))
                .with(sawnOff(60, Joined.LINED, 3.2)));
        double floor = number(floored, "bottom.floor");
        assertThat(floor).isPositive();
        assertThat(number(bare, "lid.liner-high") - number(floored, "lid.liner-high"))
                .isCloseTo(floor, within(1e-6));
        assertThat(pieces(floored)).contains("2 long liners", "2 short liners");
        assertThat(jobs(floored)).anyMatch(s -> s.startsWith("Fit the liner: the long ones first"));
    }

    private static WorkedPlan pulled(Pull pull) {
        WorkedPlan begun = work(FirstGuess.LID_SLIDING.in(work(openDrawer())));
        return work(begun.plan().with(lidOf(begun.plan()).with(pull)));
    }

    /** A lid that stands out, with a notch of 20 and a pin that leaves 40: what is cut for each, and nothing for what it has not. */
    @Test
    void whatASlidingLidIsPulledAndHeldByIsTold() {
        WorkedPlan all = pulled(new Pull(mm(10), mm(20), mm(40), null));
        assertThat(number(all, "lid.tongue-away")).isCloseTo(10, within(1e-9));
        assertThat(worked(all, "tongue-away").label()).isEqualTo("Tongue cut away at the front, over");
        assertThat(jobs(all))
                .anyMatch(s -> s.startsWith("Cut the lid's tongue away over 10.0 mm"))
                .anyMatch(s -> s.startsWith("Cut the finger notch") && s.contains("centre 20.0 mm"))
                .anyMatch(s -> s.startsWith("Bore the lid's lower face for the stop pin (3.0 mm)"));
        assertThat(slidingLid(all).overhangMm()).isEqualTo(10);
        WorkedPlan none = pulled(Pull.NONE);
        assertThat(jobs(none))
                .noneMatch(s -> s.startsWith("Cut the lid's tongue away"))
                .noneMatch(s -> s.startsWith("Cut the finger notch"))
                .noneMatch(s -> s.startsWith("Bore the lid's lower face"));
        assertThat(slidingLid(none).overhangMm()).isZero();
        assertThat(number(all, "lid.along") - number(none, "lid.along")).isCloseTo(10, within(1e-9));
        assertThat(pieces(none)).containsExactly("the lid");
        assertThat(none.lid().grooves()).hasSize(1);
    }

    /** 0.5 is left of walls of 12 for a knife: 11.5 up; else just through them. */
    @Test
    void aSkinIsLeftForTheKnife() {
        Lid.SawnOff is = sawnOff(60, Joined.LOOSE, 3.2);
        WorkedPlan sawn = with(is);
        WorkedPlan skin = with(new Lid.SawnOff(
                is.stuff(),
                is.thickness(),
                is.groove(),
                is.seam(),
                true,
                is.joined(),
                is.kerf(),
                null,
                is.hinges(),
                is.liner(),
                null,
                null));
        assertThat(worked(sawn, "blade").label()).isEqualTo("Blade up");
        assertThat(worked(sawn, "blade").rule()).startsWith("Just through");
        assertThat(number(sawn, "lid.blade")).isGreaterThan(12);
        assertThat(worked(skin, "blade").label()).isEqualTo("Blade up for the last two cuts");
        assertThat(worked(skin, "blade").rule()).contains("parted with a knife");
        assertThat(number(skin, "lid.blade")).isCloseTo(11.5, within(1e-9));
        assertThat(worked(sawn, "closed-height").rule()).doesNotContain("bottom under it");
    }

    /** A seam above a box of 96 leaves no walls to the lid, and no screw holds in them: nothing, never less. */
    @Test
    void noWoodIsLessThanNone() {
        WorkedPlan over = with(sawnOff(120, Joined.HINGED, 3.2));
        assertThat(of(over, Code.SEAM_OFF_BOX)).hasSize(1);
        assertThat(number(over, "lid.lid-height")).isZero();
        assertThat(number(over, "lid.hinge-screw")).isZero();
        assertThat(worked(over, "lid-height").term()).isNotNull();
        WorkedPlan sound = with(sawnOff(60, Joined.HINGED, 3.2));
        assertThat(number(sound, "lid.lid-height")).isPositive();
        assertThat(number(sound, "lid.hinge-screw")).isPositive();
    }

    /** The saw over the top panel, under the bottom, and through either: each said as what it would do. */
    @Test
    void whatTheSeamWouldMeetIsSaid() {
        assertThat(seam(94))
                .contains("Sawn above the top panel, no lid comes off")
                .contains("begins at 82.0 mm");
        assertThat(seam(84)).contains("The saw would meet the top panel or its groove, from 82.0 to 88.0 mm");
        assertThat(seam(10)).contains("The saw would meet the bottom or its groove, from 8.0 to 14.0 mm");
        assertThat(seam(5)).contains("Sawn under the bottom, the bottom comes off with the lid. It ends at 14.0 mm");
        assertThat(seam(48)).isEmpty();
    }

    private static String seam(double at) {
        return String.join(
                "\n",
                of(with(sawnOff(at, Joined.LOOSE, 3.2)), Code.SEAM_MEETS_PANEL).stream()
                        .map(v -> v.sentence())
                        .toList());
    }
}
