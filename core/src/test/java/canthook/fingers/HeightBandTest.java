package canthook.fingers;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.cutter.Cutter;
import canthook.length.Length;
import canthook.length.Precision;
import canthook.plan.BoardAtHand;
import canthook.plan.BoxPlan;
import canthook.plan.Contents;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.Opening;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.planner.Alternatives;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How exact a height is meant, and what is recommended for it. */
class HeightBandTest {
    private static FingerChoice about(double kerf) {
        return new FingerChoice(null, "cutter", mm(kerf), mm(0.12), null, null);
    }

    private static BoxPlan typed(double height, double thickness, double kerf) {
        return openDrawer()
                .with(new SizeWish(From.OUTSIDE, mm(260), mm(180), mm(height), mm(thickness), Tips.SAND, null))
                .with(about(kerf));
    }

    @ParameterizedTest
    @CsvSource({
        // typed height, thickness, kerf, recommended, closes
        "150,12,12.7,11,138.98",
        "203.2,6,6.35,33,207.51",
        "96,9,7.45,13,96.01"
    })
    void aTypedHeightIsAbout(double height, double thickness, double kerf, int sections, double closes) {
        WorkedPlan worked = work(typed(height, thickness, kerf));
        assertThat(worked.fingers().best().sections().count()).isEqualTo(sections);
        assertThat(worked.fingers().chosen().passes().count()).isEqualTo(1);
        assertThat(worked.fingers().wall().length().mm()).isCloseTo(closes, within(0.005));
    }

    @Test
    void contentsAreNeverGivenLessThanTheyNeed() {
        Contents jars = new Contents(
                List.of(new Contents.Item(
                        "jars", mm(90), mm(90), mm(82), 1, Contents.Laid.ALONG, mm(0), mm(0), mm(0), null)),
                null);
        // bottom 6 in a groove 8 up: 14 + 82 = 96
        BoxPlan plan = openDrawer()
                .with(new SizeWish(
                        From.CONTENTS, mm(260), mm(180), mm(60), mm(9), Tips.SAND, null, null, jars, null, null));
        WorkedPlan worked = work(plan.with(about(7.45)));
        assertThat(worked.fingers().best().sections().count()).isEqualTo(13);
        assertThat(worked.fingers().wall().length()).isEqualTo(mm(96.01));
        for (double kerf = 3; kerf < 12; kerf += 0.35) {
            assertThat(work(plan.with(about(kerf))).fingers().wall().length()).isGreaterThanOrEqualTo(mm(96));
        }
    }

    @Test
    void aPlaceIsNeverOverfilled() {
        Opening place = new Opening(mm(300), mm(200), mm(60), mm(0), mm(0), mm(0));
        BoxPlan plan = openDrawer()
                .with(new SizeWish(
                        From.OPENING, mm(260), mm(180), mm(60), mm(19), Tips.SAND, null, null, null, place, null));
        WorkedPlan worked = work(plan.with(about(9.53)));
        assertThat(worked.fingers().best().sections().count()).isEqualTo(5);
        assertThat(worked.fingers().wall().length()).isEqualTo(mm(47.29));
        for (double kerf = 3; kerf < 20; kerf += 0.35) {
            assertThat(work(plan.with(about(kerf))).fingers().wall().length()).isLessThanOrEqualTo(mm(60));
        }
    }

    @Test
    void exactMeansExact() {
        BoxPlan plan = typed(150, 12, 12.7);
        WorkedPlan worked = work(plan.with(plan.fingers().exactly()));
        assertThat(worked.fingers().wall().length()).isEqualTo(mm(150));
        assertThat(worked.fingers().chosen().passes().count()).isGreaterThan(1);
    }

    @Test
    void theDifferentAnswersStandBesideEachOtherWithWhatTheyCost() {
        List<Alternatives.Alternative> answers = Alternatives.of(work(typed(150, 12, 12.7)));
        assertThat(answers)
                .extracting(Alternatives.Alternative::says)
                .containsExactly(
                        "11 in one pass, closes 138.98",
                        "11 in two passes at 150.00",
                        "12, even, in one pass, closes 151.68");
        assertThat(answers.get(0).cost()).contains("11.02 lower");
        // two stacks of 11 sections in one pass against two passes: 22 more than the odd count, and the even one is one
        // stack of four
        assertThat(answers.get(1).cost()).matches("\\d+ passes more");
        assertThat(answers).extracting(Alternatives.Alternative::stands).containsExactly(true, false, false);
        for (Alternatives.Alternative answer : answers) {
            WorkedPlan taken = work(answer.after());
            assertThat(answer.says())
                    .startsWith(
                            String.valueOf(taken.fingers().chosen().sections().count()));
            assertThat(answer.says())
                    .contains(taken.fingers().wall().number(answer.after().display()));
        }
    }

    @Test
    void anExactHeightMayBeHadInOnePassWithTheLastSectionFatOrThin() {
        // 19 · 7.45 − 10 · 0.12 = 140.35
        WorkedPlan worked = work(typed(141.2, 9, 7.45));
        List<Alternatives.Alternative> answers = Alternatives.of(worked);
        assertThat(answers)
                .extracting(Alternatives.Alternative::says)
                .contains("19 in one pass at 141.20, last one 0.85 fat", "19 in two passes at 141.20");
        WorkedPlan taken = work(answers.stream()
                .filter(a -> a.says().contains("fat"))
                .findFirst()
                .orElseThrow()
                .after());
        assertThat(taken.fingers().wall().length()).isEqualTo(mm(141.2));
        assertThat(taken.fingers().chosen().passes().count()).isEqualTo(1);
    }

    @Test
    void aTypedInsideIsNeverGivenLess() {
        BoxPlan plan = typed(96, 9, 7.45);
        for (double kerf = 3; kerf < 12; kerf += 0.35) {
            BoxPlan inside = plan.with(plan.size().withFrom(From.INSIDE)).with(about(kerf));
            assertThat(work(inside).fingers().wall().length()).isGreaterThanOrEqualTo(mm(96));
        }
    }

    /** 13 at 164.26 were in the band; a board of 160 does not give it, and where it does with nothing over it is left too. */
    @Test
    void theBoardBindsToo() {
        BoxPlan plan = typed(160, 12, 12.7);
        assertThat(work(plan.with(new BoardAtHand(mm(1200), mm(170), null, null, false)))
                        .fingers()
                        .wall()
                        .length())
                .isEqualTo(mm(164.26));
        for (double width : new double[] {162, 164.3, 165}) {
            WorkedPlan worked = work(plan.with(new BoardAtHand(mm(1200), mm(width), null, null, false)));
            assertThat(worked.verdicts()).extracting(Verdict::code).doesNotContain(Code.BLANK_TOO_NARROW);
            assertThat(worked.fingers().firstRip().length()).isLessThanOrEqualTo(mm(width));
        }
    }

    /** Of many boxes with usual cutters: where a sensible joint in one pass lies in the band, it is the one recommended, and says its price. */
    @Test
    void onePassIsRecommendedWheneverThereIsOne() {
        Random random = new Random(5);
        double[] kerfs = {3.2, 6.35, 7.45, 8, 9.53, 12.7, 19.05};
        int onePass = 0;
        for (int i = 0; i < 200; i++) {
            double height = 40 + Math.round(random.nextDouble() * 2200) / 10.0;
            BoxPlan plan = typed(height, 5 + random.nextInt(15), kerfs[random.nextInt(kerfs.length)]);
            WorkedPlan worked = work(plan);
            Rung best = worked.fingers().best();
            boolean some = worked.fingers().rungs().stream()
                    .anyMatch(r -> r.isOnePassInBand()
                            && r.sectionRatio().number() >= 0.5
                            && r.sectionRatio().number() <= 1.5);
            if (some) {
                onePass++;
                assertThat(best.passes().count()).as(plan.size().toString()).isEqualTo(1);
                Length off = best.closing().length().minus(mm(height));
                assertThat(worked.fingers().sentence())
                        .contains("one pass a slot")
                        .contains(
                                off.nanometres() == 0
                                        ? "one pass"
                                        : plan.display().text(off.abs(), Precision.FIT)
                                                + (off.isPositive() ? " higher" : " to rip off"));
            }
        }
        assertThat(onePass).isGreaterThan(100);
    }

    /** Leftovers within a third of a section stay where the maker says; more than that is divided anew. */
    @Test
    void aLeftoverStaysOnlyUpToAThirdOfASection() {
        for (double height = 80; height < 100; height += 0.37) {
            BoxPlan plan = typed(Math.round(height * 100) / 100.0, 9, 7.45);
            Rung rung = work(plan.with(plan.fingers().with(Leftover.LAST)))
                    .fingers()
                    .chosen();
            assertThat(rung.layout().tail().abs().mm())
                    .isLessThanOrEqualTo(height / rung.sections().count() / 3 + 1e-6);
        }
    }

    @Test
    void aWiderKerfNeverTakesMorePasses() {
        int before = Integer.MAX_VALUE;
        for (double kerf = 0.2; kerf <= 7.4; kerf += 0.01) {
            int passes = Passes.of(mm(7.4492), mm(kerf), canthook.length.Length.shorter(mm(0.2), mm(kerf / 2)));
            assertThat(passes).as("kerf " + kerf).isLessThanOrEqualTo(before);
            before = passes;
        }
        BoxPlan plan = typed(96, 9, 0.3);
        assertThat(work(plan).fingers().chosen().passes().count())
                .isLessThanOrEqualTo(work(plan.with(plan.fingers()
                                .withKerf(mm(0.25))
                                .withSections(
                                        work(plan).fingers().chosen().sections().count())))
                        .fingers()
                        .chosen()
                        .passes()
                        .count());
    }

    /** A cutter of the rack with the kerf that is described here cuts the same joint, and another kerf is another answer. */
    @Test
    void oneJointIsOneAnswerWhateverItsCutterIsCalled() {
        BoxPlan plan = typed(150, 12, 12.7);
        for (boolean any : new boolean[] {false, true}) {
            List<Alternatives.Alternative> same = Alternatives.of(Planner.work(
                    plan.with(plan.fingers().withAnyCutter(any)),
                    new Shop(HouseRules.DEFAULT, List.of(), List.of(named(12.7)), null)));
            assertThat(same).hasSize(3);
            assertThat(same).filteredOn(Alternatives.Alternative::stands).hasSize(1);
        }
        List<Alternatives.Alternative> other =
                Alternatives.of(Planner.work(plan, new Shop(HouseRules.DEFAULT, List.of(), List.of(named(9.6)), null)));
        assertThat(other).hasSize(4);
        assertThat(other.get(3).says()).contains("with the wide set");
    }

    private static Cutter named(double kerf) {
        return new Cutter(
                "wide", "the wide set", Cutter.Kind.BLADE, mm(kerf), mm(kerf), null, "", null, null, null, "");
    }
}
