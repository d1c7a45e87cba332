package canthook.fitting;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.twoThicknesses;
import static canthook.SeedLibrary.work;
import static canthook.Told.fitting;
import static canthook.Told.jobs;
import static canthook.Told.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.Figure;
import canthook.figure.FittingFigures;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.Contents;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Feet;
import canthook.plan.Fitting.Grip;
import canthook.plan.Fitting.Pegs;
import canthook.plan.Fitting.Run;
import canthook.plan.Fitting.Which;
import canthook.plan.Lid;
import canthook.plan.Part;
import canthook.plan.SizeWish;
import canthook.plan.Stay;
import canthook.plan.Stuff;
import canthook.planner.FirstGuess;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Dividers, grips, pegs and feet. By hand, from the open drawer: outside 248 × 166, inside 224 × 142, walls 12, closing near 96; bottom
 * groove from 8 to 14, panel 6, so that things stand at 14.
 */
class FittingsTest {
    private static Divider divider(Run run, double at, double height) {
        return new Divider(run, mm(at), new Stuff("sheet-plywood", 0), mm(6), mm(height), false, mm(4));
    }

    private static WorkedPlan with(Fitting... fittings) {
        return work(openDrawer().withFittings(List.of(fittings)));
    }

    /** 142 + 8 − 0.3; 6 + 0.1; from A1: 12 + 0.1 proud or so + 80 − 3.05. */
    @Test
    void aDividerIsCutForItsDadoes() {
        WorkedPlan worked = with(divider(Run.ACROSS, 80, 50));
        assertThat(fitting(worked, "f1-long")).isCloseTo(149.7, within(1e-9));
        assertThat(fitting(worked, "f1-dado-wide")).isCloseTo(6.1, within(1e-9));
        double proud = worked.size().proud().length().mm();
        assertThat(fitting(worked, "f1-stop")).isCloseTo(proud + 12 + 80 - 3.05, within(1e-9));
        assertThat(jobs(worked))
                .anyMatch(s -> s.contains("Dado for divider 1 in A and C") && s.contains("from A1, and from C2"))
                .anyMatch(s -> s.startsWith("Cut the divider 1 149.70 mm along the grain by 50.0 mm across"));
        // without a dado it is half a millimetre short of the inside
        WorkedPlan loose =
                with(new Divider(Run.ALONG, mm(70), new Stuff("sheet-plywood", 0), mm(6), mm(50), true, null));
        assertThat(fitting(loose, "f1-long")).isCloseTo(223.5, within(1e-9));
        assertThat(loose.fittings().features()).noneMatch(f -> f.of().equals("f1"));
    }

    /** The divider, its dadoes and the walls as solids: it enters both, and leaves a gap at their floors. */
    @Test
    void aDividerFitsBetweenItsDadoesWhateverTheWalls() {
        AnyPlan.seeds(3_000, 300).forEach(any -> {
            WorkedPlan worked = any.worked();
            for (WorkedFitting fitting : worked.fittings().all()) {
                if (fitting instanceof DividerIn divider && divider.dado() != null) {
                    boolean across = divider.told().run() == Run.ACROSS;
                    double outside = (across
                                    ? worked.size().outsideWidth()
                                    : worked.size().outsideLength())
                            .length()
                            .mm();
                    double wall = (across
                                    ? worked.size().finalThickness()
                                    : worked.size().finalEndThickness())
                            .length()
                            .mm();
                    double left = wall - divider.dado().length().mm();
                    double between = outside - 2 * left;
                    assertThat(between - divider.length().length().mm())
                            .as("seed " + any.seed())
                            .isCloseTo(0.3, within(1e-5));
                    assertThat(left).isPositive();
                }
            }
        });
    }

    /** Half of 40 and 0.3; the lower of the two counts, the one across is notched from above, the other from below. */
    @Test
    void dividersThatCrossAreHalvedIntoEachOther() {
        WorkedPlan worked = with(divider(Run.ACROSS, 80, 50), divider(Run.ALONG, 70, 40));
        assertThat(fitting(worked, "f1-notch-deep")).isCloseTo(20.3, within(1e-9));
        assertThat(fitting(worked, "f2-notch-deep")).isCloseTo(20.3, within(1e-9));
        assertThat(fitting(worked, "f2-notch-wide")).isCloseTo(6.1, within(1e-9));
        assertThat(jobs(worked))
                .anyMatch(s -> s.contains("Notch divider 1 where it is crossed, from above"))
                .anyMatch(s -> s.contains("Notch divider 2 where it is crossed, from below"));
        // together the notches let both stand on the floor: what is left of one is no more than the other's notch
        assertThat(40 - 20.3).isLessThanOrEqualTo(20.3);
    }

    /** Walls 12 and 9 thick: a third of the wall it is let into, not of the other. */
    @Test
    void aDadoIsAThirdOfItsOwnWall() {
        BoxPlan plan = openDrawer().with(twoThicknesses(12, 9));
        Divider across = new Divider(Run.ACROSS, mm(80), new Stuff("sheet-plywood", 0), mm(6), mm(50), false, null);
        Divider along = new Divider(Run.ALONG, mm(60), new Stuff("sheet-plywood", 0), mm(6), mm(40), false, null);
        WorkedPlan worked = work(plan.withFittings(List.of(across, along)));
        assertThat(fitting(worked, "f1-dado")).isCloseTo(4, within(1e-9));
        assertThat(fitting(worked, "f2-dado")).isCloseTo(3, within(1e-9));
    }

    /** 100 − 30; 22 + 15. */
    @Test
    void aGripIsBoredTwiceAndSawnOut() {
        WorkedPlan worked = with(new Grip(Part.B, mm(100), mm(30), mm(22)));
        assertThat(fitting(worked, "f1-apart")).isEqualTo(70);
        assertThat(fitting(worked, "f1-down")).isEqualTo(37);
        assertThatThrownBy(() -> new Grip(Part.B, mm(20), mm(30), mm(22)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("at least as wide");
    }

    /** Walls 12: deep 12 + 12, 6 from the end. */
    @Test
    void pegsGoThroughTheFingerAndAsFarAgain() {
        WorkedPlan worked = with(new Pegs(mm(2), Which.OUTER));
        assertThat(fitting(worked, "f1-deep")).isEqualTo(24);
        assertThat(fitting(worked, "f1-centre")).isEqualTo(6);
        // the outer fingers of all eight ends: two at each
        assertThat(worked.number("fittings.f1-count").orElseThrow().count()).isEqualTo(16);
        WorkedPlan all = with(new Pegs(mm(2), Which.ALL));
        int fingers = worked.fingers().joint().layout().fingers();
        int sections = worked.fingers().joint().layout().sections();
        assertThat(all.number("fittings.f1-count").orElseThrow().count())
                .isEqualTo(4 * fingers + 4 * (sections - fingers));
    }

    /** Sides 12, ends 9: a side's peg stands half an end from its end and goes 12 + 12 deep; an end's 6 and 9 + 10. */
    /** Walls 12, nail 2.4: bore 2.16, its middle 6 from the end, from each edge half the height and 5 more. */
    @Test
    void aPinGoesDownTheMiddleOfEveryCorner() {
        WorkedPlan worked = with(new Fitting.CornerPin(mm(2.4), false));
        assertThat(fitting(worked, "f1-pilot")).isCloseTo(2.16, within(1e-9));
        assertThat(fitting(worked, "f1-centre")).isEqualTo(6);
        assertThat(fitting(worked, "f1-deep"))
                .isCloseTo(worked.fingers().wall().length().mm() / 2 + 5, within(1e-6));
        assertThat(fitting(with(new Fitting.CornerPin(mm(2.4), true)), "f1-pilot"))
                .isEqualTo(2.4);
        // of each corner's two parts the same column of wood, whichever wall it is told of
        assertThat(worked.fittings().features().stream().filter(f -> f.of().equals("f1")))
                .hasSize(8)
                .allSatisfy(f -> {
                    assertThat(f.to().minus(f.from()).mm()).isCloseTo(2.4, within(1e-9));
                    assertThat(f.in().plus(f.out()).mm()).isCloseTo(12, within(1e-9));
                });
    }

    /** Half the spacing either side of the lid's middle; a screw through the lid and two thirds of 18 into the bar. */
    @Test
    void aBarSitsInTheMiddleOfItsLid() {
        BoxPlan plan = openDrawer().with(onTop(Lid.Kept.LIP));
        WorkedPlan worked = work(plan.withFittings(List.of(new Fitting.Handle(mm(96), mm(18), mm(18), mm(64)))));
        double along = worked.lid().pieces().get(0).along().length().mm();
        double across = worked.lid().pieces().get(0).across().length().mm();
        assertThat(fitting(worked, "f1-bore")).isCloseTo(along / 2 - 32, within(1e-6));
        assertThat(fitting(worked, "f1-middle-across")).isCloseTo(across / 2, within(1e-6));
        assertThat(fitting(worked, "f1-screw"))
                .isCloseTo(worked.lid().pieces().get(0).thickness().length().mm() + 12, within(1e-6));
        assertThat(jobs(worked)).anyMatch(s -> s.contains("with the block that bores the handle"));
        assertThat(of(worked, Code.HANDLE_OFF_LID)).isEmpty();
        WorkedPlan open = with(new Fitting.Handle(mm(96), mm(18), mm(18), null));
        assertThat(of(open, Code.HANDLE_OFF_LID)).hasSize(1);
        assertThatThrownBy(() -> new Fitting.Handle(mm(40), mm(18), mm(18), mm(40)))
                .hasMessageContaining("less apart than it is long");
    }

    @Test
    void pegsOfUnequalWallsAreBoredEachInItsOwnPlace() {
        WorkedPlan worked =
                work(openDrawer().with(twoThicknesses(12, 9)).withFittings(List.of(new Pegs(mm(2), Which.OUTER))));
        assertThat(fitting(worked, "f1-centre")).isEqualTo(4.5);
        assertThat(fitting(worked, "f1-deep")).isEqualTo(24);
        assertThat(fitting(worked, "f1-centre-ends")).isEqualTo(6);
        assertThat(fitting(worked, "f1-deep-ends")).isEqualTo(19);
        assertThat(jobs(worked)).anyMatch(s -> s.contains("of A and C 4.50 mm") && s.contains("of B and D 6.00 mm"));
        // as blocks: what a peg takes of its mate goes as deep as it is bored, from the corner inwards
        assertThat(worked.fittings().features())
                .filteredOn(f -> f.of().equals("f1") && f.in().isPositive())
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.to().minus(f.from()).mm())
                        .isEqualTo(f.part().isSide() ? 19 : 24));
    }

    /** How high a divider stands on the wettest day opens to how its wood moves: 50 · 1.00628. */
    @Test
    void aDividersHighestDayOpensToItsMovement() {
        WorkedPlan worked =
                with(new Divider(Run.ACROSS, mm(80), new Stuff("pine-ponderosa", 0), mm(6), mm(50), false, null));
        assertThat(fitting(worked, "f1-highest")).isCloseTo(50.31, within(0.01));
        assertThat(worked.number("fittings.f1-highest").orElseThrow().inputs())
                .extracting(n -> n.id())
                .contains("fittings.f1.x-wet")
                .allMatch(id -> worked.number(id).isPresent());
    }

    /** 4 · 15 + 3 · 3.2. */
    @Test
    void feetComeFromOneStick() {
        WorkedPlan worked = with(new Feet(mm(20), mm(15), mm(0)));
        assertThat(fitting(worked, "f1-stick"))
                .isCloseTo(60 + 3 * worked.blank().kerf().length().mm(), within(1e-9));
        assertThat(fitting(worked, "f1-stands"))
                .isCloseTo(worked.fingers().wall().length().mm() + 15, within(1e-9));
    }

    /** Dividers between what goes in are taken over without typing them again, and stand where they were drawn. */
    @Test
    void dividersOfWhatGoesInAreTakenOver() {
        Contents rows = new Contents(
                List.of(
                        new Contents.Item(
                                "packets", mm(60), mm(120), mm(40), 3, Contents.Laid.ALONG, mm(2), mm(4), mm(2), mm(3)),
                        new Contents.Item(
                                "pencils", mm(20), mm(120), mm(20), 1, Contents.Laid.ALONG, mm(2), mm(4), mm(2), null)),
                mm(4));
        BoxPlan plan = openDrawer().with(openDrawer().size().with(rows).withFrom(SizeWish.From.CONTENTS));
        WorkedPlan worked = work(plan);
        long drawn = worked.size().contents().stream().filter(p -> p.divider()).count();
        BoxPlan taken = FirstGuess.DIVIDERS_OF_CONTENTS.in(worked);
        assertThat(taken.fittings()).hasSize((int) drawn).allMatch(f -> f instanceof Divider);
        Divider first = (Divider) taken.fittings().get(0);
        // 60 + 2 play, then 3 of divider
        assertThat(first.at()).isEqualTo(mm(63.5));
        assertThat(first.thickness()).isEqualTo(mm(3));
        assertThat(work(taken).verdicts()).noneMatch(v -> v.code() == Code.DIVIDERS_MEET);
        // taken over twice they are still as many
        assertThat(FirstGuess.DIVIDERS_OF_CONTENTS.in(work(taken)).fittings()).hasSize((int) drawn);
    }

    @ParameterizedTest
    @EnumSource(
            value = FirstGuess.class,
            names = {"DIVIDER_ACROSS", "DIVIDER_ALONG", "GRIP", "PEGS", "CORNER_PIN", "HANDLE", "FEET"})
    void whatIsBegunCanBeMade(FirstGuess guess) {
        BoxPlan plan = guess == FirstGuess.HANDLE ? openDrawer().with(onTop(Lid.Kept.LIP)) : openDrawer();
        for (int i = 0; i < 2; i++) {
            plan = guess.in(work(plan));
            assertThat(work(plan).verdicts())
                    .as(guess + " " + i)
                    .filteredOn(v -> v.station().equals("fittings"))
                    .noneMatch(v -> v.weight() == Verdict.Weight.STOP);
        }
        // a box has its feet and its pegs once
        assertThat(plan.fittings())
                .hasSize(
                        switch (guess) {
                            case PEGS, CORNER_PIN, HANDLE, FEET -> 1;
                            default -> 2;
                        });
    }

    /** Sides that slope from 96 at D to 60 at B: a dado 78 high is in the way of the slope where the side is lower than that, and not before. */
    @Test
    void aSlopingSideIsMetWhereItIsLower() {
        BoxPlan sloped = openDrawer()
                .with(openDrawer()
                        .size()
                        .withLowered(new canthook.plan.Lowered(canthook.plan.Lowered.Which.SLOPED, mm(60))));
        double wall = work(sloped).fingers().wall().length().mm();
        for (double at = 10; at < 215; at += 5) {
            WorkedPlan worked = work(sloped.withFittings(List.of(divider(Run.ACROSS, at, 64))));
            double top = 14 + 64;
            // where the side is as high as the divider, from the outside at D; a step of the slope is 248 / 40 long
            double side = wall - (wall - 60) * (12 + at) / 248;
            boolean meets = !of(worked, Code.FITTINGS_COLLIDE).isEmpty();
            if (Math.abs(side - top) > 2) {
                assertThat(meets).as("at " + at).isEqualTo(side < top);
            }
        }
    }

    /** Bench, picture and cut list agree: every divider is drawn as long as it is cut, where it is told. */
    @Test
    void aDividerIsDrawnWhereItIsTold() {
        AnyPlan.seeds(11_000, 200).forEach(any -> {
            WorkedPlan worked = any.worked();
            Figure above = FittingFigures.all(worked).get(0);
            for (WorkedFitting fitting : worked.fittings().all()) {
                if (fitting instanceof DividerIn divider) {
                    Figure.Shape shape = above.shapes().stream()
                            .filter(s -> ("fittings." + divider.index()).equals(s.mark()))
                            .findFirst()
                            .orElseThrow();
                    boolean across = divider.told().run() == Run.ACROSS;
                    double drawn = across
                            ? shape.points().get(5) - shape.points().get(1)
                            : shape.points().get(2) - shape.points().get(0);
                    double play = divider.dado() == null ? 0.5 : 0.3;
                    assertThat(drawn)
                            .as("seed " + any.seed())
                            .isCloseTo(divider.length().length().mm() + play, within(0.01));
                    double middle = across
                            ? (shape.points().get(0) + shape.points().get(2)) / 2
                                    - worked.size().finalEndThickness().length().mm()
                            : (shape.points().get(1) + shape.points().get(5)) / 2
                                    - worked.size().finalThickness().length().mm();
                    assertThat(middle).isCloseTo(divider.told().at().mm(), within(0.01));
                }
            }
        });
    }

    @Test
    void aBoxHasSoManyFittingsAndNoMore() {
        List<Fitting> many = new ArrayList<>();
        for (int i = 0; i < 41; i++) {
            many.add(divider(Run.ACROSS, 5 * i + 5, 20));
        }
        assertThatThrownBy(() -> openDrawer().withFittings(many))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("At most 40");
        Length none = Length.mm(0);
        assertThatThrownBy(
                        () -> new Divider(Run.ACROSS, none, new Stuff("sheet-plywood", 0), none, mm(20), false, null))
                .isInstanceOf(Refused.class);
        assertThat(Planner.work(openDrawer().withFittings(many.subList(0, 40)), canthook.shop.Shop.withDefaults())
                        .fittings()
                        .all())
                .hasSize(40);
    }

    /** Two of a kind in one place: each button says which it takes out, and takes out that one. */
    @Test
    void ofTwinsTheButtonSaysWhich() {
        Stay one = new Stay(Stay.What.CATCH, Part.C, mm(124), mm(10));
        Stay other = new Stay(Stay.What.CATCH, Part.C, mm(126), mm(10));
        WorkedPlan worked = work(openDrawer().with(onTop(Lid.Kept.HINGED)).withFittings(List.of(one, other)));
        List<Fix> out = worked.verdicts().stream()
                .flatMap(v -> v.fixes().stream())
                .filter(f -> f.label().startsWith("Take the catch in C"))
                .distinct()
                .toList();
        assertThat(out).extracting(Fix::label).contains("Take the catch in C, no. 1 of 2, out");
        for (Fix fix : out) {
            assertThat(fix.after().fittings()).containsExactly(fix.label().contains("no. 1") ? other : one);
        }
        // one alone is told by its name
        WorkedPlan alone = work(openDrawer().withFittings(List.of(one)));
        assertThat(alone.verdicts().stream().flatMap(v -> v.fixes().stream()).map(Fix::label))
                .contains("Take the catch in C out");
    }
}
