package canthook.glue;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.GlueChoice;
import canthook.plan.GlueChoice.Diagonals;
import canthook.plan.GlueChoice.Trim;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.shop.Shop;
import canthook.verdict.Verdict.Code;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Square, and flush: what the diagonals say, and how the tips come off. */
class SquareAndTrimTest {
    private static GlueUp worked(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults()).glue();
    }

    private static Square square(double one, double other, boolean inside) {
        BoxPlan plan = openDrawer().with(GlueChoice.USUAL.withDiagonals(new Diagonals(mm(one), mm(other), inside)));
        return Objects.requireNonNull(worked(plan).square());
    }

    /** 299 and 298 on 248 × 166: 0.21°. */
    @Test
    void theCheckValue() {
        Square square = square(299, 298, false);
        assertThat(square.angle().number()).isCloseTo(0.2077, within(1e-4));
        assertThat(square.push().length()).isEqualTo(mm(0.5));
        assertThat(square.says(LengthDisplay.METRIC)).startsWith("Push along the first, from corner to corner, 0.5 mm");
        assertThat(square(298, 299, false).says(LengthDisplay.METRIC)).startsWith("Push along the second");
    }

    /** A box that leans has the angle its diagonals tell, whatever its shape. */
    @ParameterizedTest
    @CsvSource({"248,166,0.3", "400,90,-0.4", "120,120,0.1"})
    void aLeaningBoxIsFoundOut(double length, double width, double leans) {
        double a = Math.toRadians(leans);
        double one = Math.hypot(length + width * Math.sin(a), width * Math.cos(a));
        double other = Math.hypot(length - width * Math.sin(a), width * Math.cos(a));
        SizeWish size = new SizeWish(From.OUTSIDE, mm(length), mm(width), mm(96), mm(9), Tips.SAND, null);
        BoxPlan plan = openDrawer()
                .with(size)
                .with(GlueChoice.USUAL.withDiagonals(new Diagonals(Length.mm(one), Length.mm(other), false)));
        assertThat(Objects.requireNonNull(worked(plan).square()).angle().number())
                .isCloseTo(leans, within(2e-3));
    }

    /** Allowed by house rule; read inside as well as outside; two readings that no box of this size has are found out. */
    @Test
    void whatIsAllowedAndWhatCannotBe() {
        assertThat(square(298.6, 298.2, false).isSquare()).isTrue();
        assertThat(square(298.9, 297.9, false).isSquare()).isFalse();
        // inside 224 × 142: 265.2
        assertThat(square(265.3, 265.1, true).isSquare()).isTrue();
        assertThat(square(265.3, 265.1, false).agree()).isFalse();
        Square misread = square(298.4, 308.4, false);
        assertThat(misread.isSquare()).isFalse();
        assertThat(misread.says(LengthDisplay.METRIC)).startsWith("One of the two is misread");
        BoxPlan plan = openDrawer().with(GlueChoice.USUAL.withDiagonals(new Diagonals(mm(298.4), mm(308.4), false)));
        assertThat(worked(plan).verdicts()).extracting(v -> v.code()).containsExactly(Code.DIAGONALS_DISAGREE);
    }

    private static BoxPlan tips(Tips tips, double proud, double thick, Trim trim) {
        GlueChoice glue = GlueChoice.USUAL.with(trim);
        return openDrawer()
                .with(new SizeWish(From.OUTSIDE, mm(150), mm(100), mm(96), mm(thick), tips, mm(proud)))
                .with(glue);
    }

    /** Proud 1, thickness 10, face 100: shoe 2, blade 12.5, underside 13.5, top at most 91. */
    @Test
    void theSawIsSet() {
        TrimmedTips trim = worked(tips(Tips.TRIM, 1, 10, Trim.SAW)).trim();
        TrimmedTips.Rails ends = Objects.requireNonNull(trim.ends());
        assertThat(Objects.requireNonNull(trim.shoe()).length()).isEqualTo(mm(2));
        assertThat(ends.blade().length()).isEqualTo(mm(12.5));
        assertThat(ends.under().length()).isEqualTo(mm(13.5));
        assertThat(ends.top().length()).isEqualTo(mm(91));
        assertThat(ends.wide().length()).isEqualTo(mm(150 - 20 - 2));
        TrimmedTips.Rails sides = Objects.requireNonNull(trim.sides());
        assertThat(sides.top().length()).isEqualTo(mm(141));
        assertThat(sides.wide().length()).isEqualTo(mm(100 - 20 - 2));
    }

    /** With two thicknesses the tips of the sides are as thick as the sides, those of the ends as the ends. */
    @Test
    void eachPairOfFacesHasItsOwn() {
        SizeWish size = new SizeWish(
                From.OUTSIDE, mm(300), mm(200), mm(96), mm(10), Tips.TRIM, mm(1), mm(14), null, null, null);
        TrimmedTips trim = worked(openDrawer().with(size).with(GlueChoice.USUAL.with(Trim.SAW)))
                .trim();
        assertThat(Objects.requireNonNull(trim.ends()).blade().length()).isEqualTo(mm(2 + 10 + 0.5));
        assertThat(Objects.requireNonNull(trim.sides()).blade().length()).isEqualTo(mm(2 + 14 + 0.5));
        assertThat(trim.ends().wide().length()).isEqualTo(mm(300 - 28 - 2));
        assertThat(trim.sides().wide().length()).isEqualTo(mm(200 - 20 - 2));
    }

    /** The solid box on its shoe: the blade passes through the near tips and not the far ones, the fence lies between. */
    @ParameterizedTest
    @CsvSource({"1,10,100,150", "0.6,6,80,260", "3,14,120,120", "0.5,18.5,64,300"})
    void bladeAndFenceClearWhatTheyMust(double proud, double thick, double width, double length) {
        SizeWish size = new SizeWish(From.OUTSIDE, mm(length), mm(width), mm(96), mm(thick), Tips.TRIM, mm(proud));
        TrimmedTips trim = worked(openDrawer().with(size).with(GlueChoice.USUAL.with(Trim.SAW)))
                .trim();
        double shoe = Objects.requireNonNull(trim.shoe()).length().mm();
        TrimmedTips.Rails ends = Objects.requireNonNull(trim.ends());
        // the face of B stands upright: A lies on the shoe, C is on top; A's tips stand out of B's face between these
        // heights
        double nearFrom = shoe;
        double nearTo = shoe + thick;
        double farFrom = shoe + width - thick;
        assertThat(shoe).as("the tips under A hang free").isGreaterThan(proud);
        assertThat(ends.blade().length().mm()).isGreaterThan(nearTo).isLessThan(farFrom);
        assertThat(ends.under().length().mm())
                .isGreaterThan(ends.blade().length().mm());
        assertThat(ends.top().length().mm()).isLessThan(farFrom);
        assertThat(nearFrom).isPositive();
        // tips of B and D stand out of A's lower face at both its ends
        assertThat(ends.wide().length().mm()).isLessThan(length - 2 * thick);
    }

    @ParameterizedTest
    @ValueSource(strings = {"SAND", "TRIM", "BY_DESIGN", "UNDER"})
    void whatIsDoneWithTheTipsStandsAmongTheJobs(String how) {
        Tips tips = Tips.valueOf(how);
        BoxPlan plan = openDrawer().with(new SizeWish(From.OUTSIDE, mm(248), mm(166), mm(96), mm(12), tips, null));
        WorkedPlan worked = Planner.work(plan, Shop.withDefaults());
        List<String> jobs = Jobs.of(worked).stream().map(Jobs.Job::says).toList();
        String expected = switch (tips) {
            case SAND -> "Sand the tips flush, 0.40 mm";
            case TRIM -> "Trim the tips, 1.00 mm, with a bearing";
            case BY_DESIGN -> "Bevel the tips by 45°, no deeper than they will stand out, 3.00 mm";
            case UNDER -> "Plane every face down to the tips, 0.30 mm";
        };
        assertThat(jobs).anyMatch(s -> s.startsWith(expected));
    }

    @Test
    void muchIsNotSandedAndANarrowBoxHasNoRoomForAFence() {
        assertThat(worked(tips(Tips.TRIM, 1, 10, Trim.SAND)).verdicts())
                .extracting(v -> v.code())
                .contains(Code.TRIM_BY_SANDING);
        BoxPlan narrow = openDrawer()
                .with(new SizeWish(From.OUTSIDE, mm(150), mm(40), mm(96), mm(19), Tips.TRIM, mm(1)))
                .with(GlueChoice.USUAL.with(Trim.SAW));
        assertThat(worked(narrow).verdicts()).extracting(v -> v.code()).contains(Code.TRIM_NO_ROOM);
    }

    /** Two millimetres proud, bevelled by 30°: 1.15 into the tip from each side. */
    @ParameterizedTest
    @CsvSource({"30, 1.1547", "45, 2", "20, 0.7279"})
    void tipsThatStayAreBevelled(double angle, double wide) {
        BoxPlan plan = openDrawer()
                .with(new SizeWish(From.OUTSIDE, mm(248), mm(166), mm(96), mm(12), Tips.BY_DESIGN, mm(2)))
                .with(GlueChoice.USUAL.withBevel(angle));
        TrimmedTips.Bevel bevel = Objects.requireNonNull(worked(plan).trim().bevel());
        assertThat(bevel.wide().length().mm()).isCloseTo(wide, within(1e-4));
        assertThat(Jobs.of(Planner.work(plan, Shop.withDefaults())).toString())
                .contains("Bevel the tips by " + (int) angle + "°");
    }

    /** What is not said is 45°, and tips that come off have no bevel. */
    @Test
    void aBevelIsForTipsThatStay() {
        BoxPlan plan =
                openDrawer().with(new SizeWish(From.OUTSIDE, mm(248), mm(166), mm(96), mm(12), Tips.BY_DESIGN, mm(2)));
        assertThat(worked(plan).trim().angle(LengthDisplay.METRIC)).isEqualTo("45°");
        assertThat(worked(openDrawer()).trim().bevel()).isNull();
    }

    /** Up to a third of the wall comes off the edges without a word; what goes is a job after the glue, and is drawn. */
    @ParameterizedTest
    @CsvSource({"4.0, false", "4.1, true"})
    void edgesAreRoundedByAThirdAtMost(double by, boolean minds) {
        BoxPlan plan =
                openDrawer().with(GlueChoice.USUAL.with(new GlueChoice.Edge(GlueChoice.Edge.Shape.CHAMFER, mm(by))));
        WorkedPlan worked = Planner.work(plan, Shop.withDefaults());
        assertThat(worked.glue().verdicts().stream().anyMatch(v -> v.code() == Code.EDGES_EAT_FINGERS))
                .isEqualTo(minds);
        assertThat(Jobs.of(worked).toString()).contains("Edges chamfered by " + by + " mm");
        canthook.figure.Figure drawn = canthook.figure.EdgesFigure.of(worked).orElseThrow();
        double wide = drawn.shapes().stream()
                .filter(s -> "glue.edge".equals(s.mark()))
                .mapToDouble(s -> s.points().stream().mapToDouble(p -> p).max().orElse(0))
                .min()
                .orElseThrow();
        assertThat(wide).as("the band along the corner ends at the corner").isZero();
        assertThat(canthook.figure.EdgesFigure.of(Planner.work(openDrawer(), Shop.withDefaults())))
                .isEmpty();
    }
}
