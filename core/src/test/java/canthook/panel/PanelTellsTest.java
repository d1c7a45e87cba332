package canthook.panel;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.panel;
import static canthook.SeedLibrary.twoThicknesses;
import static canthook.SeedLibrary.work;
import static canthook.Told.number;
import static canthook.Told.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.panel.GrooveEnds.Run;
import canthook.plan.Bottom;
import canthook.plan.Bottom.Captured;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Groove.Corners;
import canthook.plan.SeasonsChoice;
import canthook.plan.SeasonsChoice.Known;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.saw.SheetWords;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.working.Worked;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What a panel in a groove tells: its stops and plugs by name, its shoulders, its day, and fixes by where they lead. */
class PanelTellsTest {
    private static final Stuff PLYWOOD = new Stuff("sheet-plywood", 0);
    private static final Stuff PINE = new Stuff("pine-ponderosa", 0);

    private static WorkedPlan with(Stuff stuff, Bottom.@Nullable Lies lies, @Nullable Double covering, Groove groove) {
        return work(in(openDrawer(), stuff, lies, covering, groove));
    }

    private static BoxPlan in(
            BoxPlan box, Stuff stuff, Bottom.@Nullable Lies lies, @Nullable Double covering, Groove groove) {
        return box.with(new Captured(
                stuff,
                mm(6),
                groove,
                Bottom.Grain.ALONG_LENGTH,
                false,
                null,
                null,
                lies,
                covering == null ? null : mm(covering)));
    }

    private static Groove groove(double width, double depth, double offset) {
        return new Groove(mm(width), mm(depth), mm(offset));
    }

    private static Worked worked(WorkedPlan worked, String id) {
        return worked.number(id).orElseThrow();
    }

    private static Optional<Worked> bottom(WorkedPlan worked, String name) {
        return worked.number("bottom." + name);
    }

    /** Over a boundary every end shows: nothing stops, nothing is taken of the corners, and the plug is as long as the longest way out. */
    @Test
    void whereEveryEndShowsThereIsAPlugAndNoCorner() {
        BoxPlan unequal = openDrawer().with(twoThicknesses(9, 14));
        WorkedPlan over = work(in(unequal, PLYWOOD, null, null, groove(6, 4, 5)));
        assertThat(panel(over, "bottom").ends()).isNotEmpty().allMatch(e -> e.run() == Run.SHOWS);
        assertThat(bottom(over, "corner-notch")).isEmpty();
        assertThat(number(over, "bottom.plug")).isCloseTo(14 - 4, within(1e-9));
        BoxPlan turned = openDrawer().with(twoThicknesses(14, 9));
        assertThat(number(work(in(turned, PLYWOOD, null, null, groove(6, 4, 5))), "bottom.plug"))
                .isCloseTo(14 - 4, within(1e-9));
        // inside a section there is a corner, and nothing to plug
        WorkedPlan inside = work(in(unequal, PLYWOOD, null, null, groove(4, 4, 8)));
        assertThat(bottom(inside, "corner-notch")).isPresent();
        assertThat(bottom(inside, "plug")).isEmpty();
        // clipped corners that nothing stops leave no hole
        Captured clipped = bottomOf(openDrawer()).withGroove(groove(6, 5, 5).with(Corners.CLIPPED));
        assertThat(of(work(openDrawer().with(clipped)), Code.CORNER_OPEN)).isEmpty();
    }

    @Test
    void blocksAreNamedByTheParts() {
        WorkedPlan worked = with(PLYWOOD, null, null, groove(4, 5, 8));
        assertThat(worked(worked, "bottom.block-sides").label()).startsWith("Stop block for A and C, from");
        assertThat(worked(worked, "bottom.block-ends").label()).startsWith("Stop block for B and D, from");
        // slats lie in two walls; what is told of the other two is named all the same
        Bottom.Slats slats = new Bottom.Slats(
                PINE, mm(6), groove(6, 5, 8), Bottom.Grain.ALONG_WIDTH, 6, false, false, false, null, null);
        WorkedPlan two = work(openDrawer().with(slats));
        assertThat(worked(two, "bottom.block-sides").label()).startsWith("Stop block for A and C, from");
        assertThat(worked(two, "bottom.block-ends").label()).startsWith("Stop block for B and D, from");
    }

    /** A bit is a number of its own only where one was named; one that runs on is said to. */
    @Test
    void theBitIsToldWhereItIsNamed() {
        assertThat(bottom(with(PLYWOOD, null, null, groove(6, 5, 8)), "groove-bit"))
                .isEmpty();
        WorkedPlan named = with(PLYWOOD, null, null, new Groove(mm(6), mm(5), mm(8), Corners.RUN_ON, mm(4)));
        assertThat(number(named, "bottom.groove-bit")).isEqualTo(4);
        assertThat(worked(named, "bottom.stop-at").rule()).contains("the bit's radius on");
        assertThat(worked(with(PLYWOOD, null, null, groove(6, 5, 8)), "bottom.stop-at")
                        .rule())
                .doesNotContain("radius");
    }

    /** A groove of 6 in every place up the wall: each offer lowers or raises it as it says, and both are offered somewhere. */
    @Test
    void aFixSaysWhichWayItMovesTheGroove() {
        int lowered = 0;
        int raised = 0;
        for (double offset = 3; offset < 60; offset += 0.7) {
            WorkedPlan worked = with(PLYWOOD, null, null, groove(6, 5, offset));
            for (Fix fix : of(worked, Code.GROOVE_STRADDLES).stream()
                    .flatMap(v -> v.fixes().stream())
                    .toList()) {
                double moved = bottomOf(fix.after()).groove().offset().mm() - offset;
                if (fix.label().startsWith("Lower it to")) {
                    assertThat(moved).as(fix.label()).isNegative();
                    lowered++;
                } else if (fix.label().startsWith("Raise it to")) {
                    assertThat(moved).as(fix.label()).isPositive();
                    raised++;
                }
            }
        }
        assertThat(lowered).isPositive();
        assertThat(raised).isPositive();
    }

    /** Walls may become thicker for a groove deep enough, but never more than three times what they were. */
    @Test
    void wallsAreNotOfferedThickerThanAnotherBoxWouldHave() {
        int offered = 0;
        for (double wide = 120; wide <= 1400; wide += 40) {
            for (double wall : new double[] {6, 12}) {
                BoxPlan box = openDrawer()
                        .with(openDrawer()
                                .size()
                                .withFootprint(mm(1450), mm(wide))
                                .withThickness(mm(wall)));
                for (int angle : new int[] {0, 90}) {
                    WorkedPlan worked = work(in(box, new Stuff("pine-ponderosa", angle), null, null, groove(6, 2, 8)));
                    for (Fix fix : of(worked, Code.ENGAGEMENT_SHORT).stream()
                            .flatMap(v -> v.fixes().stream())
                            .filter(f -> f.label().startsWith("Walls "))
                            .toList()) {
                        offered++;
                        assertThat(fix.after().size().thickness().mm()).isBetween(wall, 3 * wall);
                        assertThat(of(work(fix.after()), Code.ENGAGEMENT_SHORT)).isEmpty();
                    }
                }
            }
        }
        assertThat(offered).isPositive();
    }

    /** Its groove so high that no panel is thick enough to hang flush from it: that one is not offered. */
    @Test
    void aPanelThickerThanAnyIsNotOffered() {
        BoxPlan high = openDrawer().with(openDrawer().size().withHeight(mm(400)));
        WorkedPlan worked = work(in(high, PINE, Bottom.Lies.FLUSH, null, groove(4, 5, 130)));
        assertThat(of(worked, Code.PANEL_NOT_FLUSH))
                .singleElement()
                .satisfies(v -> assertThat(v.fixes())
                        .extracting(Fix::label)
                        .contains("Let it lie on its groove")
                        .noneMatch(label -> label.startsWith("Take it")));
        WorkedPlan lower = work(in(high, PINE, Bottom.Lies.FLUSH, null, groove(4, 5, 30)));
        assertThat(of(lower, Code.PANEL_NOT_FLUSH).get(0).fixes())
                .extracting(Fix::label)
                .contains("Take it 34.0 mm thick");
    }

    /** Inside 224 × 142, clearance 0.5: the body of a solid one is 223.5 along its grain; plywood's clears its wettest too. */
    @Test
    void theShouldersOfOneThatHangsAreByItsBody() {
        WorkedPlan solid = with(PINE, Bottom.Lies.FLUSH, null, groove(4, 5, 8));
        double clear = number(solid, "bottom.body-clearance");
        assertThat(number(solid, "bottom.shoulder-along"))
                .isCloseTo((number(solid, "bottom.along") - (224 - clear)) / 2, within(1e-6));
        WorkedPlan sheet = with(PLYWOOD, Bottom.Lies.FLUSH, null, groove(4, 5, 8));
        double swells = worked(sheet, "bottom.x-wet").number();
        assertThat(swells).isPositive();
        assertThat(number(sheet, "bottom.shoulder-along"))
                .isCloseTo((number(sheet, "bottom.along") - (224 - clear) / (1 + swells)) / 2, within(1e-6));
        assertThat(panel(sheet, "bottom").low()).isCloseTo(0, within(1e-9));
        assertThat(panel(with(PLYWOOD, null, null, groove(6, 5, 8)), "bottom").low())
                .isCloseTo(8, within(1e-9));
    }

    /** 6 thick with 0.6 of paper in a groove of 6: the tongue is what the paper leaves. */
    @Test
    void aCoveringTakesOfTheTongueAndIsSaidTo() {
        WorkedPlan covered = with(PLYWOOD, null, 0.6, groove(6, 5, 8));
        WorkedPlan bare = with(PLYWOOD, null, null, groove(5, 5, 8));
        assertThat(worked(covered, "bottom.tongue").rule()).contains("less what covers");
        assertThat(worked(bare, "bottom.tongue").rule()).startsWith("The panel is thicker than its groove");
        assertThat(number(bare, "bottom.tongue") - number(covered, "bottom.tongue"))
                .isCloseTo(5 - 6 + 0.6, within(1e-9));
    }

    @Test
    void whatIsCutIsToldByItsTwoSizes() {
        WorkedPlan worked = with(PINE, null, null, groove(6, 5, 8));
        assertThat(SheetWords.of(worked).setting())
                .anySatisfy(line -> assertThat(line.toString())
                        .contains("cut the bottom")
                        .contains("%.1f".formatted(number(worked, "bottom.along")))
                        .contains(" × "));
    }

    /** Solid wood has a moisture that day, sheet goods the air's humidity; a moisture nobody knows is reckoned from the wettest. */
    @Test
    void aDayIsToldInWhatMovesThePanel() {
        WorkedPlan solid = with(PINE, null, null, groove(6, 5, 8));
        PanelDay dry = panel(solid, "bottom").on(0, solid.year());
        assertThat(dry.air().label()).isEqualTo("Moisture this day");
        assertThat(dry.air().number()).isCloseTo(solid.year().driest().number(), within(1e-12));
        WorkedPlan sheet = with(PLYWOOD, null, null, groove(6, 5, 8));
        PanelDay humid = panel(sheet, "bottom").on(1, sheet.year());
        assertThat(humid.air().label()).isEqualTo("Humidity this day");
        assertThat(humid.air().number())
                .isCloseTo(sheet.year().humidityWettest().number(), within(1e-12));
        assertThat(dry.numbers()).anyMatch(n -> n.label().equals("Change, today to this day"));
        SeasonsChoice seasons = openDrawer().seasons();
        WorkedPlan unknown = work(in(openDrawer(), PINE, null, null, groove(6, 5, 8))
                .with(new SeasonsChoice(Known.UNKNOWN, null, seasons.shop(), seasons.home(), null, null)));
        assertThat(panel(unknown, "bottom").on(0, unknown.year()).numbers())
                .anyMatch(n -> n.label().equals("Change, the wettest to this day"));
    }

    /** Wood at 8 % in a damp boat will never be drier, wood at 25 % in a heated house never wetter. */
    @Test
    void whatWillNeverComeIsNoChange() {
        SeasonsChoice seasons = openDrawer().seasons();
        BoxPlan plan = in(openDrawer(), PINE, null, null, groove(6, 5, 8));
        WorkedPlan soaked = work(plan.with(
                new SeasonsChoice(Known.METER, 25.0, seasons.shop(), SeasonsChoice.Home.HEATED_HOUSE, null, null)));
        assertThat(worked(soaked, "bottom.x-wet").number()).isZero();
        assertThat(worked(soaked, "bottom.x-wet").rule()).isEqualTo("It will never be wetter than today.");
        assertThat(worked(soaked, "bottom.x-wet").symbol()).isEqualTo("x₊");
        WorkedPlan parched = work(plan.with(
                new SeasonsChoice(Known.METER, 4.0, seasons.shop(), SeasonsChoice.Home.DAMP_BOAT, null, null)));
        assertThat(worked(parched, "bottom.x-dry").number()).isZero();
        assertThat(worked(parched, "bottom.x-dry").rule()).isEqualTo("It will never be drier than today.");
        assertThat(worked(parched, "bottom.x-dry").symbol()).isEqualTo("x₋");
    }
}
