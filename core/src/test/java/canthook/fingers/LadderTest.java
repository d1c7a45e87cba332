package canthook.fingers;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.plan.Stuff;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class LadderTest {
    private static Rung rung(Ladder ladder, int n) {
        return ladder.rungs().stream()
                .filter(r -> r.sections().count() == n)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void thirteenSectionsInNinetySix() {
        Rung rung = work(openDrawer()).fingers().chosen();
        assertThat(rung.slot().length().mm()).isCloseTo(7.4492, within(5e-5));
        assertThat(rung.finger().length().mm()).isCloseTo(7.3292, within(5e-5));
        assertThat(rung.pitch().length().mm()).isCloseTo(14.7785, within(5e-5));
        assertThat(rung.passes().count()).isEqualTo(3);
        assertThat(rung.passesAt().get(1).mm()).isCloseTo(2.125, within(5e-4));
        assertThat(rung.passesAt().get(2).mm()).isCloseTo(4.249, within(5e-4));
        assertThat(rung.glueFaces().count()).isEqualTo(48);
        assertThat(rung.glueArea().plain()).isCloseTo(12 * 144, within(1e-9));
    }

    @Test
    void theHeightIsNotSectionsTimesCutter() {
        WorkedPlan worked = work(bitBox());
        Rung eleven = rung(worked.fingers(), 11);
        assertThat(eleven.closing().length()).isEqualTo(mm(87.28));
        assertThat(eleven.ripOff().length()).isEqualTo(mm(0.72));
        assertThat(eleven.passes().count()).isEqualTo(1);
        assertThat(worked.fingers().best().sections().count()).isEqualTo(11);
        assertThat(worked.fingers().sentence())
                .startsWith("11: one pass a slot with the 8 mm bit; 0.72 mm to rip off;"
                        + " sections a little wider than the wood is thick");
    }

    @Test
    void anExactHeightTakesASecondPassAndOffersTheHeightThatAvoidsIt() {
        BoxPlan exact = bitBox().with(new FingerChoice(11, "the 8 mm bit", mm(8), null, mm(0), mm(0)));
        WorkedPlan worked = work(exact);
        assertThat(worked.fingers().chosen().passes().count()).isEqualTo(2);
        Verdict hair = worked.verdicts().stream()
                .filter(v -> v.code() == Code.HAIR_OVER_KERF)
                .findFirst()
                .orElseThrow();
        WorkedPlan mended = work(hair.fixes().get(0).after());
        assertThat(mended.fingers().chosen().closing().length()).isEqualTo(mm(87.28));
        assertThat(mended.fingers().chosen().passes().count()).isEqualTo(1);
        assertThat(mended.verdicts()).extracting(Verdict::code).doesNotContain(Code.HAIR_OVER_KERF);
    }

    @Test
    void aRangeUpwardsMayCloseHigher() {
        BoxPlan range = bitBox().with(new FingerChoice(null, "the 8 mm bit", mm(8), mm(0), mm(0), mm(8)));
        Rung rung = rung(work(range).fingers(), 11);
        assertThat(rung.closing().length()).isEqualTo(mm(88));
        assertThat(rung(work(range.with(range.size().withHeight(mm(84)))).fingers(), 11)
                        .closing()
                        .length())
                .isEqualTo(mm(88));
    }

    @Test
    void everyFeasibleOddCountIsListedAndTheFirstThatAreNotSayWhy() {
        Ladder ladder = work(openDrawer()).fingers();
        List<Integer> counts =
                ladder.rungs().stream().map(r -> r.sections().count()).toList();
        assertThat(counts).startsWith(3, 5, 7).endsWith(29, 31, 33);
        assertThat(rung(ladder, 29).feasible()).isTrue();
        assertThat(rung(ladder, 33).feasible()).isFalse();
        assertThat(rung(ladder, 33).why()).contains("3.20 mm is wider than the slot");
    }

    @Test
    void aScrewListsNoCountThatClosesFarOverTheHeight() {
        BoxPlan box = openDrawer().with(openDrawer().fingers().withKerf(mm(7.4)));
        BoxPlan turned = box.with(box.jig().with(Way.SCREW).with(new Screw(mm(2), 1, 1, 8, null)));
        List<Rung> rungs = work(turned).fingers().rungs();
        assertThat(rungs.stream().filter(Rung::feasible))
                .allSatisfy(r -> assertThat(r.closing().length()).isLessThan(mm(1.2 * 96)));
        assertThat(rungs.stream().filter(r -> !r.feasible())).hasSize(2).allSatisfy(r -> {
            assertThat(r.slot().length()).isLessThan(mm(7.4));
            assertThat(r.why()).contains("wider than the slot");
        });
        WorkedPlan tooMany = work(turned.with(turned.fingers().withSections(21)));
        assertThat(tooMany.verdicts()).anyMatch(v -> v.code() == Code.COUNT_NOT_POSSIBLE);
    }

    @Test
    void manySectionsGetMoreClearanceAndSoftWoodLess() {
        Ladder ladder = work(openDrawer()).fingers();
        assertThat(rung(ladder, 21).clearance().length()).isEqualTo(mm(0.12));
        assertThat(rung(ladder, 23).clearance().length()).isEqualTo(mm(0.14));
        BoxPlan soft = openDrawer().with(new Stuff("basswood-american", 0));
        assertThat(work(soft).fingers().chosen().clearance().length()).isEqualTo(mm(0.06));
        assertThat(work(soft.with(new Stuff("sheet-plywood", 0)))
                        .fingers()
                        .chosen()
                        .clearance()
                        .length())
                .isEqualTo(mm(0.20));
    }

    @Test
    void aKerfTooWideIsAVerdictAndAnImpossibleCountHasAWayOut() {
        BoxPlan wide = openDrawer().with(openDrawer().fingers().withKerf(mm(40)));
        assertThat(work(wide).verdicts()).extracting(Verdict::code).contains(Code.KERF_TOO_WIDE);
        BoxPlan many = openDrawer().with(openDrawer().fingers().withSections(61));
        Verdict verdict = work(many).verdicts().stream()
                .filter(v -> v.code() == Code.COUNT_NOT_POSSIBLE)
                .findFirst()
                .orElseThrow();
        assertThat(work(verdict.fixes().get(0).after()).fingers().chosen().feasible())
                .isTrue();
    }

    @Test
    void whateverTheHeightBothPartsFillItAndMeshWithTheClearance() {
        Random random = new Random(41);
        for (int i = 0; i < AnyPlan.share(300); i++) {
            BoxPlan plan = openDrawer()
                    .with(openDrawer().size().withHeight(mm(30 + random.nextInt(4000) / 10.0)))
                    .with(new FingerChoice(
                            null,
                            "c",
                            mm(1 + random.nextInt(90) / 10.0),
                            mm(random.nextInt(30) / 100.0),
                            mm(0),
                            mm(0)));
            for (Rung rung : work(plan).fingers().rungs()) {
                if (rung.feasible()) {
                    meshes(rung, plan);
                }
            }
        }
    }

    private static void meshes(Rung rung, BoxPlan plan) {
        Layout layout = rung.layout();
        int n = layout.sections();
        List<Span> fingers = layout.fingerFirstFingers();
        Length top = fingers.get(fingers.size() - 1).to();
        assertThat(top.minus(plan.size().height()).abs().nanometres()).isLessThanOrEqualTo(n);
        for (int j = 0; j < fingers.size(); j++) {
            Length play =
                    layout.slotFirstSlots().get(j).width().minus(fingers.get(j).width());
            assertThat(play).isEqualTo(rung.clearance().length());
            assertThat(layout.slotFirstSlots().get(j).from())
                    .isEqualTo(fingers.get(j).from());
        }
        List<Length> passes = rung.passesAt();
        for (int i = 1; i < passes.size(); i++) {
            assertThat(passes.get(i).minus(passes.get(i - 1)))
                    .as("neighbouring passes overlap")
                    .isLessThanOrEqualTo(plan.fingers().kerf().minus(mm(0.2)).plus(new Length(2)));
        }
    }

    @Test
    void ripsLeaveRoomForTheFitToSettle() {
        Ladder ladder = work(openDrawer()).fingers();
        assertThat(ladder.firstRip().length()).isEqualTo(mm(96.7));
        assertThat(work(openDrawer().with(openDrawer().fingers().withSections(3)))
                        .fingers()
                        .ripAfterFit()
                        .length())
                .isEqualTo(mm(0.5));
    }

    @Test
    void findsTheNearestClearPlaceForAGroove() {
        Layout layout = new Layout(5, mm(10), mm(9.8), mm(49.4));
        assertThat(layout.meets(new Span(mm(2), mm(8)))).isEqualTo(Layout.Where.FINGER_OF_FINGER_FIRST);
        assertThat(layout.meets(new Span(mm(12), mm(18)))).isEqualTo(Layout.Where.FINGER_OF_SLOT_FIRST);
        assertThat(layout.meets(new Span(mm(8), mm(14)))).isEqualTo(Layout.Where.STRADDLES);
        assertThat(layout.clearUnder(new Span(mm(5), mm(11)))).contains(mm(4));
        assertThat(layout.clearUnder(new Span(mm(8), mm(30)))).isEmpty();
        // from 39.6 on the last section begins
        assertThat(layout.clearOver(new Span(mm(32), mm(41)))).contains(mm(39.6));
        assertThat(layout.clearUnder(new Span(mm(8), mm(14)))).contains(mm(4));
        assertThat(layout.clearUnder(new Span(mm(48), mm(54)))).contains(mm(43.4));
        assertThat(layout.clearOver(new Span(mm(8), mm(14)))).contains(mm(9.8));
        assertThat(layout.clearOver(new Span(mm(48), mm(54)))).isEmpty();
        assertThat(layout.boundaries()).containsExactly(mm(9.8), mm(19.8), mm(29.6), mm(39.6));
    }

    /** Whatever the kerf, and however much clearance many sections add: what can be cut is on the ladder. */
    @Test
    void noCountThatCanBeCutIsLeftOut() {
        int listed = 0;
        for (int seed = 1; seed <= AnyPlan.share(60); seed++) {
            AnyPlan any = AnyPlan.of(seed);
            if (any.plan().jig().way() != Way.SCREW && any.plan().fingers().widths() == null) {
                double kerf = new double[] {0.4, 0.8, 3.2, 7.45}[seed % 4];
                FingerChoice fingers = any.plan().fingers().withKerf(mm(kerf)).withAnyCutter(false);
                listed += listed("seed " + seed, any.plan().with(fingers), Shop.withDefaults())
                        .size();
            }
        }
        assertThat(listed).isGreaterThan(20);
    }

    /** Where a narrow saw's slots are eaten up by what many sections add, 143 close lower than 135, and can be cut where those cannot. */
    @Test
    void moreSectionsMayCloseLower() {
        BoxPlan drawer = openDrawer();
        FingerChoice fingers = drawer.fingers().withKerf(mm(0.8)).exactly();
        Shop shop = new Shop(HouseRules.DEFAULT.with(HouseRule.EXTRA_PER_TEN_SECTIONS, 0.05), List.of());
        int dips = 0;
        for (double height = 58.4; height < 59.1; height += 0.02) {
            Set<Integer> on = listed(
                    "height " + height, drawer.with(fingers).with(drawer.size().withHeight(mm(height))), shop);
            for (int n : on) {
                dips += n > 9 && Stream.of(2, 4, 6).noneMatch(less -> on.contains(n - less)) ? 1 : 0;
            }
        }
        assertThat(dips).isPositive();
    }

    /** The counts that can be cut; each is asked by itself too. */
    private static Set<Integer> listed(String of, BoxPlan wished, Shop shop) {
        BoxPlan plan = wished.with(wished.fingers().withSections(null));
        WorkedPlan worked = Planner.work(plan, shop);
        Set<Integer> on = worked.fingers().rungs().stream()
                .filter(Rung::feasible)
                .map(r -> r.sections().count())
                .collect(Collectors.toSet());
        for (int n = plan.fingers().isEven() ? 4 : 3; n <= FingerChoice.MOST_SECTIONS; n += 2) {
            Rung alone =
                    Ladder.standing(plan.with(plan.fingers().withSections(n)), worked.size(), worked.walls(), shop);
            assertThat(on.contains(n)).as(of + ", " + n + " sections").isEqualTo(alone.feasible());
        }
        return on;
    }
}
