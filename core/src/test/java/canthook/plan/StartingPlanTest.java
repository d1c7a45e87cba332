package canthook.plan;

import static canthook.SeedLibrary.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.cutter.Cutter;
import canthook.length.Length;
import canthook.length.LengthUnit;
import canthook.plan.SizeWish.From;
import canthook.plan.StartingPlan.Held;
import canthook.plan.StartingPlan.Wish;
import canthook.planner.FirstCutter;
import canthook.planner.Planner;
import canthook.planner.Stations;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A new box from as little as is known of it. */
class StartingPlanTest {
    private static final LengthUnit MM = LengthUnit.MILLIMETRE;

    private static Wish sized(From from, @Nullable Length length, @Nullable Length width, @Nullable Length height) {
        return new Wish(null, null, MM, from, length, width, height, null, null, null, null, null, null, null, null);
    }

    private static WorkedPlan work(BoxPlan plan) {
        return Planner.work(plan, Shop.withDefaults());
    }

    @Test
    void fromOneNumberOnThereIsABoxAndTheRestIsAssumed() {
        BoxPlan plan = StartingPlan.of(sized(From.OUTSIDE, mm(240), null, null));
        assertThat(plan.size().width()).isEqualTo(mm(160));
        assertThat(plan.size().height()).isEqualTo(mm(96));
        assertThat(plan.size().thickness()).isEqualTo(mm(9));
        assertThat(plan.fingers().kerf()).isEqualTo(mm(8));
        assertThat(plan.fingers().cutter()).isEqualTo("stacked cutter");
        assertThat(plan.bottom())
                .isInstanceOfSatisfying(
                        Bottom.Captured.class,
                        b -> assertThat(b.groove().depth()).isEqualTo(mm(4.5)));
        assertThat(plan.assumed())
                .contains(Assumed.WIDTH, Assumed.HEIGHT, Assumed.WOOD, Assumed.THICKNESS, Assumed.CUTTER, Assumed.LID)
                .doesNotContain(Assumed.LENGTH);
    }

    @Test
    void whatIsSaidIsNotAssumed() {
        BoxPlan plan = StartingPlan.of(new Wish(
                "Seed tray",
                "",
                MM,
                From.INSIDE,
                mm(300),
                mm(200),
                mm(80),
                null,
                mm(12),
                "alder-red",
                mm(1200),
                mm(100),
                null,
                null,
                mm(3.2)));
        assertThat(plan.assumed()).containsExactlyInAnyOrder(Assumed.BOTTOM, Assumed.LID, Assumed.HOME);
        assertThat(plan.fingers().cutter())
                .as("a kerf under 5 mm may be a blade's")
                .isEqualTo("saw blade");
        assertThat(plan.blank().length()).isEqualTo(mm(1200));
    }

    @Test
    void aBoardThatIsNotThereIsTold() {
        WorkedPlan worked = work(StartingPlan.of(sized(From.OUTSIDE, mm(240), mm(160), mm(96))));
        assertThat(worked.blank().length().length())
                .isEqualTo(worked.blank().needed().length());
        assertThat(worked.blank().width().length())
                .isEqualTo(worked.fingers().firstRip().length());
        assertThat(worked.blank().fits()).isTrue();
        assertThat(Stations.of(worked))
                .filteredOn(s -> s.id().equals("blank"))
                .first()
                .extracting(Stations.Station::line)
                .asString()
                .startsWith("to buy: ");
        // with a board of just that size the same parts fit, with nothing left
        BoxPlan bought = worked.plan()
                .with(new BoardAtHand(
                        worked.blank().length().length(), worked.blank().width().length(), null, null, false));
        assertThat(work(bought).blank().fits()).isTrue();
        assertThat(work(bought).blank().left().length()).isEqualTo(Length.ZERO);
        // only one of the two said: the other follows
        BoxPlan wide = worked.plan().with(new BoardAtHand(null, mm(220), null, null, false));
        assertThat(work(wide).blank().strips().count()).isEqualTo(2);
        assertThat(work(wide).blank().fits()).isTrue();
    }

    @Test
    void whatIsAssumedOfTheJointIsAskedBeforeItIsCut() {
        BoxPlan plan = StartingPlan.of(sized(From.OUTSIDE, mm(240), mm(160), mm(96)));
        Verdict asked = work(plan).verdicts().stream()
                .filter(v -> v.code() == Code.STILL_ASSUMED)
                .findFirst()
                .orElseThrow();
        assertThat(asked.weight()).isEqualTo(Weight.MIND);
        assertThat(asked.station()).isEqualTo("cut");
        assertThat(asked.sentence()).contains("the lid").contains("the bottom").doesNotContain("where it will live");
        BoxPlan settled = asked.fixes().get(0).after();
        assertThat(settled.assumed()).containsExactly(Assumed.HOME);
        assertThat(work(settled).verdicts()).extracting(Verdict::code).doesNotContain(Code.STILL_ASSUMED);
    }

    @Test
    void thingsLeadAndNoneKnownIsABeginningToo() {
        Held jars = new Held("jars", mm(60), mm(60), mm(90), 3, null);
        WorkedPlan worked = work(StartingPlan.of(new Wish(
                null,
                null,
                MM,
                From.CONTENTS,
                null,
                null,
                null,
                List.of(jars),
                null,
                null,
                null,
                null,
                null,
                null,
                null)));
        assertThat(worked.size().insideLength().length()).isEqualTo(mm(3 * 63));
        assertThat(worked.size().contents()).hasSize(3);
        assertThat(worked.verdicts()).extracting(Verdict::weight).doesNotContain(Weight.STOP);
        assertThat(StartingPlan.of(sized(From.CONTENTS, null, null, null)).assumed())
                .contains(Assumed.LENGTH);
    }

    /** However little or much is said, in either unit: the box stands, and nothing stops it that the maker did not say. */
    @ParameterizedTest
    @EnumSource(From.class)
    void aBoxThatCanBeMadeStandsFromAnyFirstNumber(From from) {
        Random random = new Random(from.ordinal());
        for (int i = 0; i < 120; i++) {
            Length length = random.nextInt(3) == 0 ? null : mm(60 + random.nextInt(700));
            Length width = random.nextInt(3) == 0 ? null : mm(60 + random.nextInt(500));
            Length height = random.nextInt(3) == 0 ? null : mm(40 + random.nextInt(200));
            Wish wish = new Wish(
                    null,
                    null,
                    random.nextBoolean() ? MM : LengthUnit.INCH,
                    from,
                    length,
                    width,
                    height,
                    List.of(new Held(null, length, width, height, 1 + random.nextInt(2), null)),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null);
            WorkedPlan worked = work(FirstCutter.in(StartingPlan.of(wish), Shop.withDefaults()));
            assertThat(worked.found()).as(wish + " " + worked.found()).noneMatch(v -> v.weight() == Weight.STOP);
            assertThat(worked.fingers().chosen().passes().count())
                    .as(wish.toString())
                    .isEqualTo(1);
        }
    }

    @Test
    void aRefusalNamesTheQuestionItCameFrom() {
        assertThatThrownBy(() -> StartingPlan.of(sized(From.OUTSIDE, mm(2), null, null)))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.field()).isEqualTo("length"));
    }

    @Test
    void theRackGivesTheCutter() {
        BoxPlan plan = StartingPlan.of(sized(From.OUTSIDE, mm(240), mm(160), mm(96)));
        Cutter hand = cutter("h", Cutter.Kind.HAND_SAW, 0.6);
        Cutter wide = cutter("w", Cutter.Kind.BIT, 19);
        Cutter fair = cutter("f", Cutter.Kind.BIT, 6.35);
        assertThat(FirstCutter.in(plan, rack(hand, wide, fair)).fingers().tool())
                .isEqualTo(fair);
        for (Shop none : List.of(rack(), rack(hand))) {
            FingerChoice usual = FirstCutter.in(plan, none).fingers();
            assertThat(usual.tool()).isNull();
            assertThat(usual.kerf()).isEqualTo(mm(8));
            assertThat(usual.looksOverTheRack()).isFalse();
        }
        assertThat(FirstCutter.in(plan, rack(wide, fair)).assumed()).contains(Assumed.CUTTER);
    }

    private static Shop rack(Cutter... cutters) {
        return new Shop(HouseRules.DEFAULT, List.of(), List.of(cutters), null);
    }

    private static Cutter cutter(String id, Cutter.Kind kind, double kerf) {
        return new Cutter(id, id, kind, mm(kerf), mm(kerf), null, "", null, null, null, "");
    }
}
