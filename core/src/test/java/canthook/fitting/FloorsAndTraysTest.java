package canthook.fitting;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static canthook.Told.fitting;
import static canthook.Told.number;
import static canthook.Told.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.WholeBox.State;
import canthook.figure.WholeBoxHeight;
import canthook.length.Length;
import canthook.panel.CutPiece;
import canthook.plan.BasePlate;
import canthook.plan.BoxPlan;
import canthook.plan.CardSlit;
import canthook.plan.Contents;
import canthook.plan.FingeredBlock;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Feet;
import canthook.plan.Fitting.Run;
import canthook.plan.LabelRecess;
import canthook.plan.Lid;
import canthook.plan.Lining;
import canthook.plan.Opening;
import canthook.plan.Part;
import canthook.plan.SecondFloor;
import canthook.plan.SizeWish;
import canthook.plan.Stay;
import canthook.plan.Stuff;
import canthook.plan.Tray;
import canthook.plan.UprightHandle;
import canthook.planner.FirstGuess;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.saw.Jobs;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** By hand, from the open drawer: outside 248 × 166, inside 224 × 142, walls 12, closing near 96; things stand at 14. */
class FloorsAndTraysTest {
    private static final Stuff PLYWOOD = new Stuff("sheet-plywood", 0);
    static final Stuff PINE = new Stuff("pine-ponderosa", 0);

    static Tray tray(double over, double high) {
        return new Tray(mm(over), mm(high), null, mm(1), mm(8), 1, PINE);
    }

    private static UprightHandle upright(double high) {
        return new UprightHandle(PLYWOOD, mm(18), mm(high), mm(4), null, mm(110), mm(30), mm(24), mm(6));
    }

    static WorkedPlan with(BoxPlan plan, Fitting... fittings) {
        return work(plan.withFittings(List.of(fittings)));
    }

    static WorkedPlan with(Fitting... fittings) {
        return with(openDrawer(), fittings);
    }

    static String jobs(WorkedPlan worked) {
        return String.join("\n", Jobs.of(worked).stream().map(Jobs.Job::says).toList());
    }

    /** 248 + 20; 166 + 20; ½ · (166 − 12) = 77 and what pine does there; plywood has no slots. */
    @Test
    void aSolidBaseMovesInItsSlots() {
        WorkedPlan solid = with(new BasePlate(PINE, mm(12), mm(10)));
        assertThat(fitting(solid, "f1-long")).isCloseTo(268, within(1e-9));
        assertThat(fitting(solid, "f1-wide")).isCloseTo(186, within(1e-9));
        assertThat(fitting(solid, "f1-reach")).isCloseTo(77, within(1e-9));
        double wet = solid.number("fittings.f1.x-wet").orElseThrow().number();
        double dry = solid.number("fittings.f1.x-dry").orElseThrow().number();
        assertThat(fitting(solid, "f1-slot")).isCloseTo(77 * (wet - dry) + 0.5, within(1e-5));
        assertThat(jobs(solid)).contains("through slots");
        WorkedPlan sheet = with(new BasePlate(PLYWOOD, mm(9), mm(10)));
        assertThat(sheet.number("fittings.f1-slot")).isEmpty();
        assertThat(jobs(sheet)).contains("Glue the base under the box");
    }

    /** Feet stand under the base: wall and 9 and 15; and a place that leads leaves the walls so much less. */
    @Test
    void feetAndBaseLiftTheBox() {
        WorkedPlan worked = with(new BasePlate(PLYWOOD, mm(9), mm(10)), new Feet(mm(20), mm(15), mm(0)));
        double wall = worked.fingers().wall().length().mm();
        assertThat(fitting(worked, "f2-stands")).isCloseTo(wall + 24, within(1e-6));
        BoxPlan placed = openDrawer()
                .with(openDrawer()
                        .size()
                        .with(new Opening(mm(260), mm(180), mm(110), mm(2), mm(2), mm(4)))
                        .withFrom(SizeWish.From.OPENING));
        double alone = work(placed).size().height().length().mm();
        double lifted = with(placed, new BasePlate(PLYWOOD, mm(9), mm(0)), new Feet(mm(20), mm(15), mm(0)))
                .size()
                .height()
                .length()
                .mm();
        assertThat(alone).isCloseTo(106, within(1e-9));
        assertThat(lifted).isCloseTo(82, within(1e-9));
    }

    /** Whatever it stands on and whatever closes it: as high as its blocks, less what is still to be sawn away. */
    @ParameterizedTest
    @EnumSource(names = {"LID_NONE", "LID_SLIDING", "LID_SAWN_OFF", "LID_LIFT_OFF", "LID_HINGED"})
    void aBoxStandsAsHighAsItsBlocks(FirstGuess lid) {
        Feet feet = new Feet(mm(20), mm(15), mm(0));
        for (FirstGuess bottom : List.of(FirstGuess.BOTTOM_CAPTURED, FirstGuess.BOTTOM_APPLIED)) {
            WorkedPlan under = work(bottom.in(work(openDrawer())));
            WorkedPlan worked = with(lid.in(under), feet);
            double sawn = worked.number("lid.loss").isPresent() ? number(worked, "lid.loss") : 0;
            assertThat(fitting(worked, "f1-stands"))
                    .as(lid + " on " + bottom)
                    .isCloseTo(WholeBoxHeight.of(worked, State.CLOSED) - sawn, within(0.01));
            // asked for its place, it is given the one it needs, and stays as it is
            WorkedPlan led = work(FirstGuess.PLACE_LEADS.in(worked));
            assertThat(number(led, "size.height")).as(lid + " on " + bottom).isEqualTo(number(worked, "size.height"));
        }
    }

    /** 18 − 8; 10.1; a third of 12; 224 + 8 − 0.3; 110 − 30; 24 + 15; (224 − 80) / 2. */
    @Test
    void anUprightHandleIsHousedInBothEnds() {
        WorkedPlan worked = with(upright(150));
        assertThat(fitting(worked, "f1-tenon")).isCloseTo(10, within(1e-9));
        assertThat(fitting(worked, "f1-dado-wide")).isCloseTo(10.1, within(1e-9));
        assertThat(fitting(worked, "f1-dado")).isCloseTo(4, within(1e-9));
        assertThat(fitting(worked, "f1-long")).isCloseTo(231.7, within(1e-9));
        assertThat(fitting(worked, "f1-apart")).isCloseTo(80, within(1e-9));
        assertThat(fitting(worked, "f1-down")).isCloseTo(39, within(1e-9));
        assertThat(fitting(worked, "f1-first")).isCloseTo(72, within(1e-9));
        // an open box's handle stands over its walls; its dado ends with them
        assertThat(of(worked, Code.DIVIDER_TOO_HIGH)).isEmpty();
        double top = worked.fingers().wall().length().mm();
        assertThat(worked.fittings().features())
                .filteredOn(f -> f.of().equals("f1"))
                .hasSize(2)
                .allSatisfy(f -> assertThat(f.high().mm()).isCloseTo(top, within(1e-6)));
        // under a lid it may not
        assertThat(of(with(openDrawer().with(onTop(Lid.Kept.LIP)), upright(150)), Code.DIVIDER_TOO_HIGH))
                .isNotEmpty();
        assertThatThrownBy(() -> upright(150).withShoulder(mm(9))).isInstanceOf(Refused.class);
    }

    /** A divider across it, 50 high: both are halved, it from below and the divider from above, by half of 50 and 0.3. */
    @Test
    void aDividerThatCrossesTheHandleIsHalvedWithIt() {
        Divider across = new Divider(Run.ACROSS, mm(60), PLYWOOD, mm(6), mm(50), false, null);
        WorkedPlan worked = with(upright(150), across);
        assertThat(fitting(worked, "f1-notch-deep")).isCloseTo(25.3, within(1e-9));
        assertThat(fitting(worked, "f2-notch-deep")).isCloseTo(25.3, within(1e-9));
        assertThat(fitting(worked, "f2-notch-wide")).isCloseTo(18.1, within(1e-9));
        assertThat(jobs(worked))
                .contains("Notch the handle where dividers cross it, from below")
                .contains("Notch divider 2 where it is crossed, from above");
    }

    /** Its sections are the box's, counted apart: fingers and slots laid one after another make its length. */
    @Test
    void aBlockHasTheBoxsOwnFingers() {
        AnyPlan.seeds(9_000, 60).forEach(any -> {
            BoxPlan plan = any.plan().withFittings(List.of(new FingeredBlock(mm(70), mm(10), mm(20), mm(24))));
            WorkedPlan worked = work(plan);
            if (worked.fittings().all().isEmpty()) {
                return;
            }
            double f = worked.fingers().chosen().finger().length().mm();
            double s = worked.fingers().chosen().slot().length().mm();
            double laid = 0;
            int count = (int) worked.number("fittings.f1-count").orElseThrow().number();
            for (int i = 0; i < 2 * count - 1; i++) {
                laid += i % 2 == 0 ? f : s;
            }
            assertThat(fitting(worked, "f1-long")).as("seed " + any.seed()).isCloseTo(laid, within(1e-4));
            // one finger and slot more or fewer would be farther from the wish, but for the least of two fingers
            assertThat(Math.abs(laid - 70))
                    .as("seed " + any.seed())
                    .isLessThanOrEqualTo(count == 2 ? Math.max((f + s) / 2 + 1e-3, laid - 70) : (f + s) / 2 + 1e-3);
        });
    }

    /** A stay wants a lid that turns; one in a corner, or where a hinge is, goes to the nearest free place. */
    @Test
    void aStayGoesWhereItsScrewsMeetNothing() {
        BoxPlan chest = openDrawer().with(onTop(Lid.Kept.HINGED));
        WorkedPlan free = with(chest, new Stay(Stay.What.STAY, Part.B, mm(60), mm(12)));
        assertThat(of(free, Code.STAY_OFF_WALL)).isEmpty();
        assertThat(jobs(free)).contains("Screw the stay to the inside of B 60.0 mm from the outside at A");
        Divider along = new Divider(Run.ALONG, mm(90), PLYWOOD, mm(6), mm(78), false, null);
        // the divider's middle is 12 + 90 from C, so 64 from A
        WorkedPlan meets = with(chest, along, new Stay(Stay.What.CHAIN, Part.B, mm(64), mm(6)));
        Verdict collides = of(meets, Code.FITTINGS_COLLIDE).get(0);
        assertThat(collides.sentence()).contains("chain’s screws").contains("dado of divider 1");
        Fix aside = collides.fixes().stream()
                .filter(f -> f.label().startsWith("Put it at"))
                .findFirst()
                .orElseThrow();
        assertThat(of(work(aside.after()), Code.FITTINGS_COLLIDE)).isEmpty();
    }

    /** 8 · cos 15° = 7.727; 6 − 0.6 / cos 15° − 8 · sin 15° = 3.308. */
    @Test
    void aSlantingSlitLeavesWoodBesideIt() {
        WorkedPlan worked = with(new CardSlit(CardSlit.In.D, mm(1.2), mm(8), 15.0));
        assertThat(fitting(worked, "f1-down")).isCloseTo(7.7274, within(1e-4));
        assertThat(fitting(worked, "f1-left"))
                .isCloseTo(6 - 0.6 / Math.cos(Math.toRadians(15)) - 2.07055, within(1e-4));
        assertThat(of(worked, Code.SLIT_THROUGH)).isEmpty();
        // in a handle there must be one
        assertThat(of(with(new CardSlit(CardSlit.In.HANDLE, mm(1.2), mm(8), 15.0)), Code.SLIT_THROUGH))
                .isNotEmpty();
        assertThat(of(with(upright(150), new CardSlit(CardSlit.In.HANDLE, mm(1.2), mm(8), 15.0)), Code.SLIT_THROUGH))
                .isEmpty();
    }

    /** 20 deep and tilted, the saw comes out of a wall of 12; at 10° it leaves a sliver. No wood is less than none. */
    @Test
    void aSlitThatComesOutAtTheSideIsSaidTo() {
        assertThat(of(with(new CardSlit(CardSlit.In.B, mm(1.2), mm(20), 30.0)), Code.SLIT_THROUGH))
                .singleElement()
                .satisfies(v -> assertThat(v.sentence())
                        .startsWith("The slit comes out at the side. At least")
                        .doesNotContain("−"));
        assertThat(of(with(new CardSlit(CardSlit.In.B, mm(1.2), mm(24), 12.0)), Code.SLIT_THROUGH))
                .singleElement()
                .satisfies(v -> assertThat(v.sentence()).startsWith("The slit leaves 0."));
    }

    /** (166 − 60) / 2 and the proud; 96 − 30 − 20; 12 − 1.5. */
    @Test
    void aLabelLiesInTheMiddleOfItsWall() {
        WorkedPlan worked = with(new LabelRecess(Part.B, mm(60), mm(20), mm(1.5), mm(30)));
        double proud = worked.size().proud().length().mm();
        assertThat(fitting(worked, "f1-first")).isCloseTo(53 + proud, within(1e-9));
        assertThat(fitting(worked, "f1-up"))
                .isCloseTo(worked.fingers().wall().length().mm() - 50, within(1e-6));
        assertThat(fitting(worked, "f1-left")).isCloseTo(10.5, within(1e-9));
        // from outside it does not meet a groove inside
        assertThat(of(worked, Code.FITTINGS_COLLIDE)).isEmpty();
    }

    /** 224 × 142 less twice 2; the contents' box grows by as much, and by one lining in height. */
    @Test
    void aLiningTakesOfTheInsideOrMakesTheBoxLarger() {
        Lining felt = new Lining(mm(2), true);
        WorkedPlan worked = with(felt);
        assertThat(fitting(worked, "lined-length")).isCloseTo(220, within(1e-9));
        assertThat(fitting(worked, "lined-width")).isCloseTo(138, within(1e-9));
        assertThat(fitting(worked, "f1-sides")).isCloseTo(224, within(1e-9));
        assertThat(fitting(worked, "f1-ends")).isCloseTo(138, within(1e-9));
        assertThat(fitting(with(felt, tray(40, 20)), "f2-across")).isCloseTo(137, within(1e-9));
        BoxPlan holds = openDrawer()
                .with(openDrawer()
                        .size()
                        .with(new Contents(
                                List.of(new Contents.Item(
                                        "envelopes",
                                        mm(200),
                                        mm(120),
                                        mm(60),
                                        1,
                                        Contents.Laid.ALONG,
                                        mm(2),
                                        mm(2),
                                        mm(10),
                                        null)),
                                null))
                        .withFrom(SizeWish.From.CONTENTS));
        WorkedPlan bare = work(holds);
        WorkedPlan lined = with(holds, felt);
        assertThat(lined.size().outsideLength().length().mm())
                .isCloseTo(bare.size().outsideLength().length().mm() + 4, within(1e-9));
        assertThat(lined.size().outsideWidth().length().mm())
                .isCloseTo(bare.size().outsideWidth().length().mm() + 4, within(1e-9));
        assertThat(lined.size().height().length().mm())
                .isCloseTo(bare.size().height().length().mm() + 2, within(1e-9));
        // what goes in just fits: a thicker lining, of a box that does not follow, leaves no room for it
        BoxPlan fixed = holds.with(holds.size()
                .fromOutside(
                        lined.size().outsideLength().length(),
                        lined.size().outsideWidth().length(),
                        lined.size().height().length()));
        assertThat(of(with(fixed, felt), Code.CONTENTS_DO_NOT_FIT)).isEmpty();
        assertThat(of(with(fixed, felt.withThickness(mm(2.2))), Code.CONTENTS_DO_NOT_FIT))
                .isNotEmpty();
    }

    /** Solid, as an interval on the driest and the wettest day: it never jams and never falls between its cleats unsaid. */
    @Test
    void aSecondFloorStaysOnItsCleatsAllYear() {
        for (double cleat : new double[] {2, 3, 5, 8}) {
            for (double play : new double[] {0, 1, 3}) {
                for (Stuff stuff : List.of(PINE, PLYWOOD)) {
                    WorkedPlan worked = with(new SecondFloor(stuff, mm(5), mm(40), mm(cleat), mm(play)));
                    double wide = fitting(worked, "f1-across");
                    double wettest = wide
                            * (1
                                    + worked.number("fittings.f1.x-wet")
                                            .orElseThrow()
                                            .number());
                    double driest = wide
                            * (1
                                    + worked.number("fittings.f1.x-dry")
                                            .orElseThrow()
                                            .number());
                    assertThat(wettest).isCloseTo(142 - play, within(1e-4));
                    // pushed to one side, its other edge lies on the cleat by so much
                    double lies = driest - (142 - cleat);
                    assertThat(of(worked, Code.SECOND_FLOOR_FALLS).isEmpty())
                            .as("cleat %s play %s %s: %s", cleat, play, stuff.wood(), lies)
                            .isEqualTo(lies >= 2 - 1e-6);
                }
            }
        }
    }

    /** Every piece and every step of everything that can be fitted stands on the papers and in the list of jobs, over random plans. */
    @Test
    void whatIsFittedIsCutAndDone() {
        AnyPlan.seeds(11_000, 150).forEach(any -> {
            WorkedPlan worked = any.worked();
            String jobs = jobs(worked);
            for (WorkedFitting fitting : worked.fittings().all()) {
                for (CutPiece piece : fitting.pieces()) {
                    assertThat(jobs)
                            .as("seed " + any.seed())
                            .contains(piece.size(worked.plan().display()).split(" × ")[0]);
                }
                fitting.steps(worked.plan().display())
                        .forEach(step -> assertThat(jobs).contains(step.says()));
            }
        });
    }

    /** What each begins with can be made: no stop comes with it, on boxes with a lid and without. */
    @ParameterizedTest
    @EnumSource(
            value = FirstGuess.class,
            names = {
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
    void whatItBeginsWithCanBeMade(FirstGuess guess) {
        List<BoxPlan> boxes = new ArrayList<>(List.of(
                openDrawer(),
                openDrawer().with(onTop(Lid.Kept.HINGED)),
                openDrawer().with(onTop(Lid.Kept.LIP)),
                openDrawer()
                        .withFittings(List.of(new Divider(Run.ACROSS, mm(80), PLYWOOD, mm(6), mm(30), false, null)))));
        for (BoxPlan plan : boxes) {
            WorkedPlan before = work(plan);
            WorkedPlan after = work(guess.in(before));
            assertThat(after.fittings().verdicts())
                    .as(guess + " on " + plan.lid())
                    .noneMatch(v -> v.weight() == Weight.STOP);
            boolean wantsLid = guess == FirstGuess.FINGERED_BLOCK || guess == FirstGuess.STAY;
            boolean lid = !before.lid().pieces().isEmpty();
            assertThat(after.plan().fittings().size() - plan.fittings().size()).isEqualTo(wantsLid && !lid ? 0 : 1);
        }
    }

    /** A loose divider that runs under the handle stands in it, although neither takes anything of the other's walls; moved it is free. */
    @Test
    void aLooseDividerGoesBesideTheHandle() {
        Length middle = with().size().insideWidth().length().dividedBy(2);
        WorkedPlan worked =
                with(upright(80), new Divider(Run.ALONG, middle.plus(mm(6)), PLYWOOD, mm(6), mm(40), true, null));
        Verdict meets = of(worked, Code.DIVIDERS_MEET).get(0);
        assertThat(meets.sentence()).contains("stands in the upright handle");
        assertThat(meets.fixes()).isNotEmpty();
        BoxPlan moved = meets.fixes().get(0).after();
        assertThat(of(work(moved), Code.DIVIDERS_MEET)).isEmpty();
        assertThat(((Divider) moved.fittings().get(1)).at().minus(middle).abs()).isGreaterThanOrEqualTo(mm(14));
        // what crosses it is halved with it, and stands free
        assertThat(of(
                        with(upright(80), new Divider(Run.ACROSS, mm(60), PLYWOOD, mm(6), mm(40), true, null)),
                        Code.DIVIDERS_MEET))
                .isEmpty();
    }
}
