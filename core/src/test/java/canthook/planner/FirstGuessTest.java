package canthook.planner;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.length.Length;
import canthook.length.LengthUnit;
import canthook.plan.Assumed;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lowered.Which;
import canthook.plan.SizeWish.From;
import canthook.plan.StartingPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a decision begins with can be made, and leaves what was said before as it is. */
class FirstGuessTest {
    @ParameterizedTest
    @EnumSource(FirstGuess.class)
    void isAPlanThatCanBeWorkedWhateverTheBox(FirstGuess guess) {
        for (int seed = 1; seed <= AnyPlan.share(80); seed++) {
            WorkedPlan worked = AnyPlan.of(seed).worked();
            BoxPlan begun = guess.in(worked);
            assertThat(work(begun).numbers()).as(guess + " " + seed).isNotEmpty();
            BoxPlan again = guess.in(work(begun));
            assertThat(again.size().contents())
                    .as("begun twice is begun once")
                    .isEqualTo(begun.size().contents());
            assertThat(again.size().opening()).isEqualTo(begun.size().opening());
            assertThat(again.size().lowered()).isEqualTo(begun.size().lowered());
            assertThat(again.jig()).isEqualTo(begun.jig());
        }
    }

    @Test
    void whicheverSizeLeadsTheBoxStaysAsItIs() {
        WorkedPlan worked = work(openDrawer());
        for (FirstGuess lead : new FirstGuess[] {FirstGuess.INSIDE_LEADS, FirstGuess.PLACE_LEADS}) {
            WorkedPlan after = work(lead.in(worked));
            assertThat(after.size().outsideLength().length()).as(lead.name()).isEqualTo(mm(248));
            assertThat(after.size().outsideWidth().length()).as(lead.name()).isEqualTo(mm(166));
        }
        assertThat(FirstGuess.INSIDE_LEADS.in(worked).size().length()).isEqualTo(mm(224));
        BoxPlan back = FirstGuess.OUTSIDE_LEADS.in(work(FirstGuess.INSIDE_LEADS.in(worked)));
        assertThat(back.size().from()).isEqualTo(From.OUTSIDE);
        assertThat(back.size().length()).isEqualTo(mm(248));
    }

    @Test
    void aPlaceIsMadeForTheBoxThatStandsItsProudTipsIncluded() {
        for (int seed = 1; seed <= AnyPlan.share(80); seed++) {
            WorkedPlan worked = AnyPlan.of(seed).worked();
            WorkedPlan after = work(FirstGuess.PLACE_LEADS.in(worked));
            assertThat(after.size().outsideLength().length())
                    .as("seed " + seed)
                    .isEqualTo(worked.size().outsideLength().length());
            assertThat(after.size().outsideWidth().length())
                    .as("seed " + seed)
                    .isEqualTo(worked.size().outsideWidth().length());
        }
    }

    @Test
    void whatGoesInFillsTheInsideButForItsPlay() {
        WorkedPlan after = work(FirstGuess.CONTENTS_LEAD.in(work(openDrawer())));
        assertThat(after.size().insideLength().length()).isEqualTo(mm(224));
        assertThat(after.size().insideWidth().length()).isEqualTo(mm(142));
        assertThat(after.plan().size().contents().items().get(0).height()).isEqualTo(mm(72));
        // with a floor under it and a lid over it too the box keeps its height
        for (BoxPlan before : List.of(openDrawer(), envelopeDrawer(), bitBox())) {
            assertThat(work(FirstGuess.CONTENTS_LEAD.in(work(before)))
                            .size()
                            .height()
                            .length()
                            .mm())
                    .isCloseTo(work(before).size().height().length().mm(), within(0.051));
        }
    }

    @Test
    void aLowerWallBeginsAtSixTenthsAndKeepsAHeightThatWasSaid() {
        BoxPlan front = FirstGuess.FRONT_LOW.in(work(openDrawer()));
        assertThat(front.size().lowered().height()).isEqualTo(mm(57.6));
        assertThat(front.size().lowered().which()).isEqualTo(Which.FRONT);
        BoxPlan both = FirstGuess.BOTH_ENDS_LOW.in(
                work(front.with(front.size().withLowered(front.size().lowered().withHeight(mm(44))))));
        assertThat(both.size().lowered().which()).isEqualTo(Which.BOTH_ENDS);
        assertThat(both.size().lowered().height()).isEqualTo(mm(44));
    }

    @Test
    void jigsBeginWithWhatManyShopsHaveAndKeepTheirOwn() {
        BoxPlan plan = envelopeDrawer();
        assertThat(FirstGuess.SCREW.in(work(plan)).jig().screw()).isEqualTo(new Screw(mm(2), 1, 1, 8, null));
        Screw own = new Screw(mm(1.5), 1, 1, 4, null);
        BoxPlan with = plan.with(plan.jig().with(Way.SCREW).with(own));
        assertThat(FirstGuess.SCREW.in(work(with)).jig().screw()).isEqualTo(own);
        JigChoice paper = FirstGuess.PAPER.in(work(plan)).jig();
        assertThat(paper.leaves().set()).isEmpty();
        assertThat(paper.leaves().paper()).isEqualTo(mm(0.1));
        BoxPlan cut = plan.with(plan.jig().with(new Leaves(mm(7.3), java.util.List.of(), mm(0.09))));
        Leaves leaves = FirstGuess.LEAVES.in(work(cut)).jig().leaves();
        assertThat(leaves.zeroGap()).isEqualTo(mm(7.3));
        assertThat(leaves.set()).isEqualTo(Leaves.USUAL);
        assertThat(leaves.paper()).isEqualTo(mm(0.09));
        Length one = mm(1);
        assertThat(FirstGuess.HEIGHT_WITHIN.in(work(plan)).fingers().lowerBy()).isEqualTo(one);
        assertThat(FirstGuess.HEIGHT_WITHIN.in(work(plan)).fingers().higherBy()).isEqualTo(one);
    }

    /** What is left to say of a lid or bottom just begun, for boxes of many sizes: what only other wood or other fingers would mend. */
    @ParameterizedTest
    @EnumSource(
            mode = EnumSource.Mode.MATCH_ANY,
            names = {"BOTTOM_.*", "LID_.*"})
    void aPanelIsBegunWhereTheRulesAreKept(FirstGuess guess) {
        Set<Code> left = guess.name().startsWith("LID_S")
                ? EnumSet.of(Code.ENGAGEMENT_SHORT, Code.SEAM_HALF_THIN, Code.SEAM_MEETS_PANEL, Code.LID_TOP_THIN)
                : EnumSet.noneOf(Code.class);
        String station = guess.name().startsWith("LID") ? "lid" : "bottom";
        for (double length : new double[] {80, 130, 203.2, 450}) {
            for (double height : new double[] {40, 63.5, 90, 200}) {
                for (double thickness : new double[] {5, 6.35, 9, 18}) {
                    if (length * 0.7 > 4 * thickness) {
                        WorkedPlan begun = work(guess.in(work(box(length, length * 0.7, height, thickness))));
                        assertThat(begun.found().stream()
                                        .filter(v -> v.weight() != Weight.NOTE
                                                && v.station().equals(station))
                                        .map(Verdict::code)
                                        .filter(code -> !left.contains(code)))
                                .as(length + " × " + height + ", " + thickness)
                                .isEmpty();
                    }
                }
            }
        }
    }

    /** The same for boxes made for what goes in: it is not in the way of the lid either, however little or much it is. */
    @ParameterizedTest
    @EnumSource(names = {"LID_SLIDING", "LID_SAWN_OFF", "LID_HINGED", "BOTTOM_CAPTURED", "BOTTOM_SLATS"})
    void aBoxOfThingsIsClosedOverThem(FirstGuess guess) {
        Set<Code> left = EnumSet.of(Code.ENGAGEMENT_SHORT, Code.SEAM_HALF_THIN, Code.LID_LINE_OFF);
        for (double length : new double[] {60, 180, 300}) {
            for (double height : new double[] {8, 35, 100}) {
                for (int count : new int[] {1, 6}) {
                    BoxPlan made = begun(
                            LengthUnit.MILLIMETRE,
                            From.CONTENTS,
                            null,
                            null,
                            null,
                            List.of(new StartingPlan.Held("pencils", mm(length), mm(8), mm(height), count, null)),
                            null);
                    WorkedPlan begun =
                            work(guess.in(work(Begun.panels(made, work(made).shop()))));
                    assertThat(begun.found().stream()
                                    .filter(v -> v.weight() != Weight.NOTE
                                            && (v.station().equals("lid")
                                                    || v.station().equals("bottom")))
                                    .map(Verdict::code)
                                    .filter(code -> !left.contains(code)))
                            .as(length + ", " + height + " high, " + count)
                            .isEmpty();
                }
            }
        }
    }

    @Test
    void aSmallBoxSawnOpenSaysWhatItsSeamAndItsTopNeed() {
        WorkedPlan begun = work(FirstGuess.LID_SAWN_OFF.in(work(box(130, 95, 90, 6))));
        Verdict thin = only(begun, Code.SEAM_HALF_THIN);
        assertThat(thin.fixes().get(0).label()).isEqualTo("Cut 11 sections and saw at 69.56 mm, mid-section");
        assertThat(only(begun, Code.ENGAGEMENT_SHORT).fixes())
                .extracting(Fix::label)
                .containsExactly("Take plywood", "Walls 8.0 mm thick, the groove 3.8 mm deep");
        WorkedPlan mended = work(thin.fixes().get(0).after());
        assertThat(mended.found()).extracting(Verdict::code).doesNotContain(Code.SEAM_HALF_THIN, Code.GROOVE_STRADDLES);
        assertThat(mended.fingers().chosen().sections().count()).isEqualTo(11);
    }

    /** Whoever measures in inches is not given 2.7559 of them: what nobody told is whole sixty-fourths, but where a groove or seam goes by the joint. */
    @ParameterizedTest
    @EnumSource(
            mode = EnumSource.Mode.MATCH_ANY,
            names = {
                "LID_.*",
                "DIVIDER_A.*",
                "GRIP",
                "PEGS",
                "HANDLE",
                "FEET",
                "TRAY",
                "BASE",
                "UPRIGHT_HANDLE",
                "FINGERED_BLOCK",
                "STAY",
                "CARD_SLIT",
                "LABEL",
                "LINING",
                "SECOND_FLOOR"
            })
    void inchBoxesBeginInInches(FirstGuess guess) {
        WorkedPlan box =
                work(begun(LengthUnit.INCH, From.OUTSIDE, inches(12), inches(8), inches(4), null, inches(0.5)));
        boolean onTop = List.of(FirstGuess.HANDLE, FirstGuess.FINGERED_BLOCK, FirstGuess.STAY)
                .contains(guess);
        BoxPlan begun = guess.in(onTop ? work(FirstGuess.LID_LIFT_OFF.in(box)) : box);
        List<String> odd = new ArrayList<>();
        begun.fittings().forEach(fitting -> odd(fitting, odd));
        odd(begun.lid(), odd);
        assertThat(odd).isEmpty();
        assertThat(begun).as("something is begun").isNotEqualTo(guess == FirstGuess.LID_NONE ? null : box.plan());
    }

    private static Length inches(double inches) {
        return mm(25.4 * inches);
    }

    /** The lengths in a record, and in those in it, that are no whole sixty-fourths of an inch. */
    private static void odd(Object told, List<String> odd) {
        for (RecordComponent part : told.getClass().getRecordComponents()) {
            Object value;
            try {
                value = part.getAccessor().invoke(told);
            } catch (ReflectiveOperationException e) {
                throw new AssertionError(e);
            }
            if (value instanceof Length length) {
                if (length.nanometres() % (25_400_000 / 64) != 0
                        && !List.of("offset", "seam").contains(part.getName())) {
                    odd.add(told.getClass().getSimpleName() + "." + part.getName() + " " + length);
                }
            } else if (value instanceof Record record) {
                odd(record, odd);
            }
        }
    }

    /** Whoever looks through the kinds one after the other: what the one before began with does not stop the next. */
    @Test
    void aLidThatFollowsAnotherIsNotStoppedByItsGroove() {
        for (double height : new double[] {45, 60, 90, 140}) {
            for (double thickness : new double[] {6, 9, 12}) {
                BoxPlan decided = box(120, 80, height, thickness).saying(EnumSet.allOf(Assumed.class));
                BoxPlan sliding = FirstGuess.LID_SLIDING.in(work(decided));
                WorkedPlan sawn = work(FirstGuess.LID_SAWN_OFF.in(work(sliding)));
                WorkedPlan again = work(FirstGuess.LID_SLIDING.in(sawn));
                for (WorkedPlan lid : List.of(work(sliding), sawn, again)) {
                    assertThat(lid.found())
                            .as(height + " high, " + thickness)
                            .noneMatch(v -> v.station().equals("lid") && v.weight() == Weight.STOP);
                }
            }
        }
    }

    private static Verdict only(WorkedPlan worked, Code code) {
        return worked.verdicts().stream()
                .filter(v -> v.code() == code)
                .findFirst()
                .orElseThrow();
    }

    private static BoxPlan box(double length, double width, double height, double thickness) {
        return begun(LengthUnit.MILLIMETRE, From.OUTSIDE, mm(length), mm(width), mm(height), null, mm(thickness));
    }

    /** A new box of which only this was said. */
    private static BoxPlan begun(
            LengthUnit unit,
            From from,
            @Nullable Length length,
            @Nullable Length width,
            @Nullable Length height,
            @Nullable List<StartingPlan.Held> things,
            @Nullable Length thickness) {
        return StartingPlan.of(new StartingPlan.Wish(
                "Box", "", unit, from, length, width, height, things, thickness, null, null, null, null, null, null));
    }
}
