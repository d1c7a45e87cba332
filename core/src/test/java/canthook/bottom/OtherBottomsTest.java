package canthook.bottom;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static canthook.Told.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.figure.BottomFigures;
import canthook.figure.Figure;
import canthook.plan.Bottom;
import canthook.plan.Bottom.Corners;
import canthook.plan.Bottom.Grain;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Part;
import canthook.plan.Stuff;
import canthook.planner.FirstGuess;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.saw.SheetWords;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A bottom in a rabbet, one under the walls, and slats. By hand, from the envelope drawer: outside 248 × 166, inside 224 × 142, walls 12,
 * ponderosa pine flat-sawn at 8.0 %, 5.52 to 10.71 % over the year in a heated house: x_wet 2.71/431.6 = 0.00628, x_dry −2.48/431.6 =
 * −0.00575.
 */
class OtherBottomsTest {
    private static final Stuff PINE = new Stuff("pine-ponderosa", 0);

    private static Bottom.Rabbeted rabbeted(double width, double radius) {
        return new Bottom.Rabbeted(
                PINE, mm(6), mm(width), mm(radius), Corners.ROUNDED, Grain.ALONG_LENGTH, mm(0.5), mm(1), null);
    }

    private static Bottom.Slats slats(int count, boolean lapped, boolean pinned) {
        return new Bottom.Slats(
                PINE,
                mm(6),
                new Groove(mm(6), mm(6), mm(8)),
                Grain.ALONG_WIDTH,
                count,
                false,
                lapped,
                pinned,
                mm(0.5),
                mm(1));
    }

    private static WorkedPlan with(Bottom bottom) {
        return work(envelopeDrawer().with(bottom));
    }

    private static List<Code> codes(WorkedPlan worked) {
        return worked.verdicts().stream()
                .filter(v -> v.station().equals("bottom"))
                .map(Verdict::code)
                .toList();
    }

    @Test
    void aPanelInARabbetIsCutToLieOnItAllYear() {
        WorkedPlan worked = with(rabbeted(6, 6.35));
        // 142 + 12 − 0.5 = 153.5, over 1.00628; driest × 0.99425
        assertThat(number(worked, "bottom.cut")).isCloseTo(152.54, within(0.01));
        assertThat(number(worked, "bottom.driest-width")).isCloseTo(151.67, within(0.01));
        assertThat(number(worked, "bottom.engagement-slid")).isCloseTo(3.67, within(0.01));
        // 224 + 12 − 1
        assertThat(number(worked, "bottom.along")).isEqualTo(235);
        assertThat(number(worked, "bottom.wall-left")).isEqualTo(6);
        assertThat(number(worked, "bottom.rounded-to")).isEqualTo(6.65);
        // √2 · (6 − 6.65 · 0.2929)
        assertThat(number(worked, "bottom.corner-cover")).isCloseTo(5.73, within(0.01));
        assertThat(number(worked, "bottom.inside-height"))
                .isCloseTo(worked.fingers().wall().length().mm() - 6, within(1e-9));
        assertThat(worked.walls().floorHeight()).isEqualTo(mm(6));
    }

    @Test
    void nothingIsCutInTheWallsForARabbetBeforeTheGlue() {
        WorkedPlan worked = with(rabbeted(6, 6.35));
        assertThat(worked.walls().groove("bottom")).isEmpty();
        List<Jobs.Job> jobs = Jobs.of(worked);
        assertThat(jobs).noneMatch(j -> j.says().startsWith("Groove for the bottom"));
        assertThat(jobs)
                .filteredOn(j -> j.when() == Jobs.When.AFTER_GLUE)
                .extracting(Jobs.Job::says)
                .anyMatch(says -> says.contains("6.0 mm into the walls, 6.0 mm deep"))
                .anyMatch(says -> says.contains("Round the panel's corners to 6.7 mm"))
                .anyMatch(says -> says.contains("at its middle only"));
        assertThat(SheetWords.of(worked).order()).contains("Glue up; let it set.");
    }

    @Test
    void aRabbetOverHalfTheWallOrThroughItIsSaidAndMended() {
        assertThat(codes(with(rabbeted(6, 0)))).doesNotContain(Code.RABBET_OVER_HALF);
        WorkedPlan deep = with(rabbeted(7, 0));
        assertThat(codes(deep)).contains(Code.RABBET_OVER_HALF);
        WorkedPlan through = with(rabbeted(12, 0));
        assertThat(codes(through)).contains(Code.RABBET_THROUGH_WALL);
        assertThat(codes(work(fix(through, Code.RABBET_THROUGH_WALL))))
                .doesNotContain(Code.RABBET_THROUGH_WALL, Code.RABBET_OVER_HALF);
    }

    @Test
    void aCornerRoundedTooFarLetsLightThrough() {
        // R 19.3: √2 · (6 − 19.3 · 0.2929) = 0.49, under a millimetre
        WorkedPlan worked = with(rabbeted(6, 19));
        assertThat(codes(worked)).contains(Code.CORNER_OPEN);
        WorkedPlan squared = work(fix(worked, Code.CORNER_OPEN));
        assertThat(codes(squared)).doesNotContain(Code.CORNER_OPEN);
        assertThat(Jobs.of(squared)).anyMatch(j -> j.says().contains("with a chisel"));
    }

    private static BoxPlan fix(WorkedPlan worked, Code code) {
        List<Fix> fixes = worked.verdicts().stream()
                .filter(v -> v.code() == code)
                .findFirst()
                .orElseThrow()
                .fixes();
        return fixes.get(0).after();
    }

    @Test
    void aPanelUnderTheWallsIsTrimmedToThemAndMovesPastThem() {
        WorkedPlan worked = with(new Bottom.Applied(PINE, mm(6), mm(1.5), 30, Grain.ALONG_LENGTH, null, null, null));
        assertThat(number(worked, "bottom.cut")).isEqualTo(169);
        assertThat(number(worked, "bottom.along")).isEqualTo(251);
        assertThat(number(worked, "bottom.stands-out")).isCloseTo(0.52, within(0.01));
        assertThat(number(worked, "bottom.stands-in")).isCloseTo(0.48, within(0.01));
        // (166 − 12)/2 = 77; 77 · 0.01203 + 0.5
        assertThat(number(worked, "bottom.slot")).isCloseTo(1.43, within(0.01));
        // 6 · tan 30° = 3.46 off each side of 166
        assertThat(number(worked, "bottom.lower-across")).isCloseTo(159.07, within(0.01));
        assertThat(number(worked, "bottom.inside-height"))
                .isEqualTo(worked.fingers().wall().length().mm());
        assertThat(worked.walls().floorHeight()).isEqualTo(mm(0));
        assertThat(codes(worked)).contains(Code.APPLIED_SOLID);
        assertThat(Jobs.of(worked))
                .anyMatch(j -> j.says().contains("Screw the bottom on through slots 1.43 mm longer"));
    }

    @Test
    void aBottomUnderTheWallsTakesItsShareOfAPlace() {
        BoxPlan drawer = envelopeDrawer();
        BoxPlan led = FirstGuess.PLACE_LEADS.in(
                work(drawer.with(FirstGuess.BOTTOM_NONE.in(work(drawer)).bottom())));
        double alone = work(led).size().height().length().mm();
        WorkedPlan under = work(FirstGuess.BOTTOM_APPLIED.in(work(led)));
        assertThat(under.size().height().length().mm()).isCloseTo(alone - 6, within(1e-9));
        assertThat(number(under, "bottom.total-height"))
                .isCloseTo(under.fingers().wall().length().mm() + 6, within(1e-9));
    }

    @Test
    void sheetGoodsUnderTheWallsAreGlued() {
        WorkedPlan worked = with(new Bottom.Applied(
                new Stuff("sheet-plywood", 0), mm(6), mm(1.5), 0, Grain.ALONG_LENGTH, null, null, null));
        assertThat(worked.number("bottom.slot")).isEmpty();
        assertThat(codes(worked)).doesNotContain(Code.APPLIED_SOLID);
        assertThat(Jobs.of(worked)).anyMatch(j -> j.says().startsWith("Glue the bottom on"));
    }

    @Test
    void aBevelTooFlatLeavesNoLowerFace() {
        WorkedPlan worked = with(new Bottom.Applied(PINE, mm(60), mm(1), 60, Grain.ALONG_LENGTH, null, null, null));
        assertThat(codes(worked)).contains(Code.PANEL_TOO_SMALL);
    }

    /** The panel as a solid, apart from the formulas: on every day between the shoulders, and over the whole opening. */
    @Test
    void onNoDayDoesAPanelInARabbetJamOrFallIn() {
        Random random = new Random(7);
        List<String> woods = List.of("pine-ponderosa", "cherry-black", "maple-sugar", "sheet-plywood");
        for (int i = 0; i < 120; i++) {
            double width = 3 + random.nextInt(4);
            Stuff stuff = new Stuff(woods.get(random.nextInt(woods.size())), random.nextInt(91));
            Grain grain = random.nextBoolean() ? Grain.ALONG_LENGTH : Grain.ALONG_WIDTH;
            WorkedPlan worked = with(new Bottom.Rabbeted(
                    stuff, mm(4 + random.nextInt(6)), mm(width), mm(3), Corners.ROUNDED, grain, null, null, null));
            if (codes(worked).contains(Code.ENGAGEMENT_SHORT)) {
                continue;
            }
            double opening = grain == Grain.ALONG_LENGTH ? 142 : 224;
            RabbetedBottom bottom = (RabbetedBottom) worked.bottom();
            for (double day = 0; day <= 1; day += 0.25) {
                double panel = bottom.on(day, worked.year()).width().length().mm();
                // at one shoulder, its other edge must lie on the rabbet and not press the far shoulder
                assertThat(panel - width).isGreaterThan(opening);
                assertThat(panel).isLessThanOrEqualTo(opening + 2 * width);
            }
        }
    }

    @Test
    void slatsFillTheOpeningAtTheWettestAndOpenAtTheDriest() {
        WorkedPlan worked = with(slats(6, true, true));
        // (224 − 5 · 0.5)/6 = 36.92, over 1.00628; (224 − 6 · 36.69 · 0.99425)/5
        assertThat(number(worked, "bottom.widest")).isCloseTo(36.92, within(0.01));
        assertThat(number(worked, "bottom.bare")).isCloseTo(36.69, within(0.01));
        assertThat(number(worked, "bottom.gap-driest")).isCloseTo(1.03, within(0.01));
        assertThat(number(worked, "bottom.lap")).isCloseTo(3.03, within(0.01));
        assertThat(number(worked, "bottom.cut")).isCloseTo(39.72, within(0.01));
        // 142 + 12 − 1
        assertThat(number(worked, "bottom.along")).isEqualTo(153);
        assertThat(worked.bottom().pieces()).extracting(p -> p.count()).containsExactly(5, 1);
        assertThat(number(with(slats(6, true, false)), "bottom.lap")).isCloseTo(7.15, within(0.01));
        assertThat(with(slats(6, false, true)).bottom().pieces())
                .extracting(p -> p.count())
                .containsExactly(6);
    }

    @Test
    void slatsHaveTheirGrooveInTwoWallsOnly() {
        WorkedPlan worked = with(slats(6, false, true));
        assertThat(worked.walls().groove("bottom").orElseThrow().parts()).containsExactlyInAnyOrder(Part.A, Part.C);
        assertThat(Jobs.of(worked))
                .anyMatch(j ->
                        j.says().startsWith("Groove for the bottom") && j.says().contains("in A and C"));
        assertThat(SheetWords.of(worked).setting())
                .anyMatch(line -> line.words().equals("cut 6 slats"));
    }

    @Test
    void slatsThatOpenTooWideOrNeverFitAreSaidAndMended() {
        // all of 224 · (0.00628 + 0.00575) opens in one gap, 2.7 over the half of the wettest day
        WorkedPlan two = with(slats(2, false, true));
        assertThat(number(two, "bottom.gap-driest")).isGreaterThan(3);
        WorkedPlan more = work(fix(two, Code.SLATS_OPEN_WIDE));
        assertThat(codes(more)).doesNotContain(Code.SLATS_OPEN_WIDE);
        WorkedPlan many = with(new Bottom.Slats(
                PINE, mm(6), new Groove(mm(6), mm(6), mm(8)), Grain.ALONG_LENGTH, 60, true, true, true, mm(2), mm(1)));
        assertThat(codes(many)).contains(Code.SLATS_TOO_MANY);
        assertThat(codes(with(slats(6, false, false)))).contains(Code.SLATS_LOOSE);
    }

    /** The slats as solids on every day: together never wider than the opening, and never apart by more than is told. */
    @Test
    void onNoDayDoSlatsPushTheWallsOrOpenAtTheirLap() {
        Random random = new Random(11);
        for (int i = 0; i < 120; i++) {
            Stuff stuff = new Stuff(random.nextBoolean() ? "maple-sugar" : "pine-ponderosa", random.nextInt(91));
            boolean pinned = random.nextBoolean();
            boolean atWalls = random.nextBoolean();
            Grain grain = random.nextBoolean() ? Grain.ALONG_LENGTH : Grain.ALONG_WIDTH;
            int count = 3 + random.nextInt(9);
            WorkedPlan worked = with(new Bottom.Slats(
                    stuff, mm(5), new Groove(mm(5), mm(4), mm(8)), grain, count, atWalls, true, pinned, null, null));
            if (codes(worked).contains(Code.SLATS_TOO_MANY)) {
                continue;
            }
            SlattedBottom bottom = (SlattedBottom) worked.bottom();
            double opening = grain == Grain.ALONG_LENGTH ? 142 : 224;
            for (double day = 0; day <= 1; day += 0.25) {
                double wide = bottom.on(day, worked.year()).width().length().mm();
                double open = opening - count * wide;
                assertThat(open).isGreaterThanOrEqualTo(0.3);
                // loose, all of it may gather between two slats
                double worst = pinned ? open / (count - 1 + (atWalls ? 2 : 0)) : open;
                assertThat(worst).isLessThan(bottom.lap().length().mm() - 1.9);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = FirstGuess.class,
            names = {"BOTTOM_NONE", "BOTTOM_CAPTURED", "BOTTOM_RABBETED", "BOTTOM_APPLIED", "BOTTOM_SLATS"})
    void goingThroughEveryKindAndBackKeepsWhatWasSaid(FirstGuess through) {
        WorkedPlan before = work(envelopeDrawer());
        BoxPlan away = through.in(before);
        BoxPlan back = FirstGuess.BOTTOM_CAPTURED.in(work(away));
        Bottom was = envelopeDrawer().bottom();
        assertThat(back.bottom().stuff()).isEqualTo(was.stuff());
        assertThat(back.bottom().thickness()).isEqualTo(was.thickness());
        assertThat(back.bottom().groove()).isEqualTo(was.groove());
        if (through != FirstGuess.BOTTOM_SLATS) {
            // slats run the short way, whichever the panel's grain ran
            assertThat(back.bottom().grain()).isEqualTo(was.grain());
        }
    }

    @Test
    void aBottomFromNothingHasABeginning() {
        BoxPlan bare = envelopeDrawer().with(new Bottom.None(null, null, null, null, null, null, null));
        for (FirstGuess kind : List.of(
                FirstGuess.BOTTOM_CAPTURED,
                FirstGuess.BOTTOM_RABBETED,
                FirstGuess.BOTTOM_APPLIED,
                FirstGuess.BOTTOM_SLATS)) {
            WorkedPlan worked = work(kind.in(work(bare)));
            assertThat(worked.bottom().pieces()).hasSize(1);
            assertThat(codes(worked)).doesNotContain(Code.RABBET_OVER_HALF, Code.PANEL_TOO_SMALL);
        }
    }

    @Test
    void thePanelIsDrawnAsItIsThatDay() {
        WorkedPlan worked = with(rabbeted(6, 6.35));
        double dry = panel(BottomFigures.all(worked, 0).get(0));
        double wet = panel(BottomFigures.all(worked, 1).get(0));
        assertThat(dry).isCloseTo(151.67, within(0.02));
        assertThat(wet).isCloseTo(153.5, within(0.02));
    }

    private static double panel(Figure section) {
        List<Double> points = section.shapes().stream()
                .filter(s -> s.role().equals("panel"))
                .findFirst()
                .orElseThrow()
                .points();
        return points.get(2) - points.get(0);
    }
}
