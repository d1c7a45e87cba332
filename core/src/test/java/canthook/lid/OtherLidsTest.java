package canthook.lid;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static canthook.SeedLibrary.work;
import static canthook.Told.jobs;
import static canthook.Told.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.Figure;
import canthook.figure.LidFigures;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.plan.BoxPlan;
import canthook.plan.Breadboard;
import canthook.plan.Contents;
import canthook.plan.Hinges;
import canthook.plan.Hinges.Share;
import canthook.plan.Lid;
import canthook.plan.Lid.Joined;
import canthook.plan.Lid.Kept;
import canthook.plan.Opening;
import canthook.plan.SizeWish;
import canthook.plan.Stuff;
import canthook.planner.FirstGuess;
import canthook.planner.WorkedPlan;
import canthook.saw.SheetWords;
import canthook.verdict.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A lid sawn off the closed box, one that lies on the walls, its hinges and its breadboard ends. By hand, from the open drawer: outside
 * 248 × 166, inside 224 × 142, walls 12; lid of ponderosa pine flat-sawn at 8.0 %, x_wet 0.00628, x_dry −0.00575 in a heated house.
 */
class OtherLidsTest {
    private static WorkedPlan with(Lid lid) {
        return work(openDrawer().with(lid));
    }

    private static Lid.OnTop hinged(Hinges hinges, double thickness) {
        return new Lid.OnTop(
                new Stuff("pine-ponderosa", 0),
                mm(thickness),
                mm(6),
                Kept.HINGED,
                mm(6),
                false,
                Breadboard.USUAL,
                hinges,
                null,
                null,
                null);
    }

    /** Panel 10, folded 5, leaf 2, gap 0.5. */
    @ParameterizedTest
    @CsvSource({"HALF,2.25,2.25,7.75", "ALL_IN_LID,0,4.5,5.5", "ALL_IN_WALL,4.5,0,10"})
    void aScrewStaysInTheLidHoweverTheHingeIsLetIn(Share share, double wall, double lid, double screw) {
        WorkedPlan worked = with(hinged(Hinges.USUAL.with(share), 10));
        assertThat(number(worked, "lid.hinge-in-wall")).isEqualTo(wall);
        assertThat(number(worked, "lid.hinge-in-lid")).isEqualTo(lid);
        assertThat(number(worked, "lid.hinge-screw")).isEqualTo(screw);
        // closed, both mortises and the gap between lid and wall hold the folded hinge
        assertThat(wall + lid + 0.5).isEqualTo(5);
    }

    @Test
    void hingesStandTheirOwnLengthFromTheCornersAndAThirdInTheMiddle() {
        ButtHinges two = ((LidOnTop) with(hinged(Hinges.USUAL, 12)).lid()).hinges();
        assertThat(two).isNotNull();
        assertThat(two.places(with(hinged(Hinges.USUAL, 12)).size())).containsExactly(mm(40), mm(248 - 80));
        WorkedPlan three = with(hinged(Hinges.USUAL.withCount(3), 12));
        assertThat(java.util.Objects.requireNonNull(((LidOnTop) three.lid()).hinges())
                        .places(three.size()))
                .containsExactly(mm(40), mm(104), mm(168));
    }

    /** A lip cut for the wettest day still enters on it, with its clearance, and is looser every other day. */
    @Test
    void aLipEntersOnTheWettestDay() {
        WorkedPlan worked = with(onTop(Kept.LIP));
        double lip = number(worked, "lid.lip-across");
        // (142 − 0.6) / 1.00628
        assertThat(lip).isCloseTo(140.52, within(0.01));
        assertThat(142 - lip * 1.00628).isCloseTo(0.6, within(0.01));
        assertThat(number(worked, "lid.lip-along")).isEqualTo(224 - 0.6);
        // 142 − 140.52 · 0.99425
        assertThat(number(worked, "lid.lip-loose")).isCloseTo(2.29, within(0.01));
        assertThat(number(worked, "lid.total-height"))
                .isEqualTo(worked.fingers().wall().length().mm() + 12);
    }

    /** Held at the back, all of the movement shows at the front; held by a lip, half of it. */
    @Test
    void theOverhangMovesWithTheYear() {
        WorkedPlan hinged = with(onTop(Kept.HINGED));
        // 166 + 6 = 172; 6 + 172 · 0.00628, 6 − 172 · 0.00575
        assertThat(number(hinged, "lid.cut")).isEqualTo(172);
        assertThat(number(hinged, "lid.front-wettest")).isCloseTo(7.08, within(0.01));
        assertThat(number(hinged, "lid.front-driest")).isCloseTo(5.01, within(0.01));
        WorkedPlan lifted = with(onTop(Kept.LIP));
        // 178; 6 + 178 · 0.00628 / 2
        assertThat(number(lifted, "lid.cut")).isEqualTo(178);
        assertThat(number(lifted, "lid.front-wettest")).isCloseTo(6.56, within(0.01));
        // as solids: the lid of a day covers the box from the back's face to its overhang past the front's
        for (double day : new double[] {0, 0.37, 1}) {
            LidOnTop.Day now = ((LidOnTop) hinged.lid()).on(day, hinged.year());
            assertThat(now.width().length().mm())
                    .isCloseTo(166 + now.over().length().mm(), within(1e-5));
            LidOnTop.Day free = ((LidOnTop) lifted.lid()).on(day, lifted.year());
            assertThat(free.width().length().mm())
                    .isCloseTo(166 + 2 * free.over().length().mm(), within(1e-5));
        }
    }

    /** Breadboard ends of 40 with tongues of 15, on a lid 260 × 172; outer pegs 25 from the edge. */
    @Test
    void breadboardEndsLetThePanelMove() {
        WorkedPlan worked = with(onTop(Kept.HINGED).withBreadboard(true));
        // 260 − 80 + 30
        assertThat(number(worked, "lid.panel-along")).isEqualTo(210);
        assertThat(number(worked, "lid.end-glued")).isCloseTo(57.33, within(0.01));
        // 86 − 25 = 61; 61 · 0.00628, 61 · 0.00575, their sum and 0.5
        assertThat(number(worked, "lid.peg-reach")).isEqualTo(61);
        assertThat(number(worked, "lid.slot-inwards")).isCloseTo(0.383, within(0.005));
        assertThat(number(worked, "lid.slot-outwards")).isCloseTo(0.351, within(0.005));
        assertThat(number(worked, "lid.slot-longer")).isCloseTo(1.234, within(0.01));
        // 172 · 0.00628 / 2
        assertThat(number(worked, "lid.ends-wettest")).isCloseTo(0.54, within(0.01));
        List<CutPiece> pieces = worked.lid().pieces();
        assertThat(pieces).extracting(CutPiece::called).containsExactly("the lid", "2 breadboard ends");
        assertThat(pieces.get(1).along().length()).isEqualTo(mm(172));
        // panel and ends make the lid: their lengths less the tongues inside them
        assertThat(pieces.get(0).along().length().mm()
                        + 2 * pieces.get(1).across().length().mm()
                        - 2 * 15)
                .isEqualTo(number(worked, "lid.along"));
        assertThat(jobs(worked))
                .anyMatch(s -> s.contains("hollow by 0.40 mm"))
                .anyMatch(s -> s.contains("Glue the middle 57.3 mm alone"));
    }

    /** A lid on top takes its thickness of a place's height, and a lip its depth of what the contents need. */
    @Test
    void whatLiesOnTheWallsTakesOfAPlace() {
        SizeWish place = new SizeWish(
                SizeWish.From.OPENING,
                mm(248),
                mm(166),
                mm(96),
                mm(12),
                SizeWish.Tips.SAND,
                null,
                null,
                null,
                new Opening(mm(260), mm(170), mm(120), mm(10), mm(1), mm(5)),
                null);
        BoxPlan plan = openDrawer().with(place);
        assertThat(number(work(plan), "size.height")).isEqualTo(115);
        assertThat(number(work(plan.with(onTop(Kept.LIP))), "size.height")).isEqualTo(103);
        Contents jars = new Contents(
                List.of(new Contents.Item(
                        "jars", mm(100), mm(60), mm(50), 1, Contents.Laid.ALONG, mm(0), mm(0), mm(4), null)),
                null);
        BoxPlan holding = openDrawer().with(openDrawer().size().with(jars).withFrom(SizeWish.From.CONTENTS));
        double open = number(work(holding), "size.height");
        assertThat(number(work(holding.with(onTop(Kept.LIP))), "size.height")).isEqualTo(open + 6);
        assertThat(number(work(holding.with(onTop(Kept.HINGED))), "size.height"))
                .isEqualTo(open);
        // the groove 6, what the saw takes 3.2 + 0.6, and a wall's thickness over it
        assertThat(number(work(holding.with(sawnOff(40, Joined.LOOSE, 3.2))), "size.height"))
                .isCloseTo(open + 6 + 3.8 + 12, within(1e-6));
    }

    @Test
    void aLinerFillsTheBoxAndEntersTheLid() {
        WorkedPlan worked = with(sawnOff(60, Joined.LINED, 1.0));
        assertThat(worked.lid().pieces()).extracting(CutPiece::called).contains("2 long liners", "2 short liners");
        assertThat(number(worked, "lid.liner-long")).isEqualTo(224);
        assertThat(number(worked, "lid.liner-short")).isEqualTo(142 - 8);
        // box 60 − 0.8 = 59.2, floor 8 + 6 = 14, over 8
        assertThat(number(worked, "lid.liner-high")).isCloseTo(53.2, within(1e-6));
    }

    /** Each kind begun from every other can be made, and coming back nothing that was said is lost. */
    @ParameterizedTest
    @EnumSource(
            value = FirstGuess.class,
            names = {"LID_NONE", "LID_SLIDING", "LID_SAWN_OFF", "LID_LIFT_OFF", "LID_HINGED"})
    void anotherKindKeepsWhatItCan(FirstGuess first) {
        for (BoxPlan box : List.of(openDrawer(), bitBox())) {
            BoxPlan from = first.in(work(box));
            for (FirstGuess then : List.of(
                    FirstGuess.LID_SLIDING, FirstGuess.LID_SAWN_OFF, FirstGuess.LID_LIFT_OFF, FirstGuess.LID_HINGED)) {
                WorkedPlan worked = work(then.in(work(from)));
                assertThat(worked.verdicts())
                        .as(first + " to " + then)
                        .filteredOn(v -> v.station().equals("lid"))
                        .noneMatch(v -> v.weight() == Verdict.Weight.STOP);
                BoxPlan back = first.in(worked);
                boolean bothInGrooves = worked.walls().groove("lid").isPresent()
                        && work(from).walls().groove("lid").isPresent();
                if (bothInGrooves) {
                    assertThat(back.lid().groove())
                            .as(first + " by " + then)
                            .isEqualTo(from.lid().groove());
                }
                assertThat(back.lid().getClass()).isEqualTo(from.lid().getClass());
            }
        }
    }

    /** Bench, run sheet, shop sheet and drawing tell one size for every piece, in every display. */
    @Test
    void whatIsCutForALidIsToldTheSameEverywhere() {
        AnyPlan.seeds(2_000, 300).forEach(any -> {
            WorkedPlan worked = any.worked();
            LengthDisplay display = worked.plan().display();
            List<String> jobs = jobs(worked);
            SheetWords sheet = SheetWords.of(worked);
            for (CutPiece piece : worked.pieces()) {
                String as = "seed " + any.seed() + " " + piece.called();
                assertThat(jobs)
                        .as(as)
                        .anyMatch(s -> s.startsWith("Cut " + piece.called() + " ")
                                && s.contains(piece.along().text(display))
                                && s.contains(piece.across().text(display)));
                assertThat(sheet.setting())
                        .as(as)
                        .anyMatch(l -> l.words().equals("cut " + piece.called())
                                && l.value().equals(piece.size(display)));
                assertThat(java.util.stream.Stream.concat(sheet.panels().stream(), sheet.loose().stream())
                                .filter(p -> p.of().equals(piece.of()))
                                .flatMap(p -> p.lines().stream())
                                .map(SheetWords.Line::value))
                        .as(as)
                        .contains(piece.along().text(display), piece.across().text(display));
                assertThat(worked.number(piece.along().id()).orElseThrow()).isEqualTo(piece.along());
            }
            for (Figure figure : LidFigures.all(worked, 0.4)) {
                assertThat(figure.width()).as("seed " + any.seed()).isPositive().isFinite();
                figure.dimensions()
                        .forEach(d -> assertThat(java.util.stream.Stream.concat(
                                                worked.numbers().stream(), worked.numbersOn(0.4).stream())
                                        .filter(n -> n.id().equals(d.number()))
                                        .findFirst()
                                        .orElseThrow()
                                        .number(display))
                                .as("seed " + any.seed() + " " + d.number())
                                .isEqualTo(d.text()));
            }
        });
    }

    /** Lid 248 + 2 · 6 = 260, ends 40, 15 deep each: 260 − 80 between them, splines 2 · 15 − 0.5 along their grain, a third of 12 thick. */
    @Test
    void aSplineStandsInThePlaceOfATongue() {
        Lid.OnTop tongued = onTop(Lid.Kept.HINGED).withBreadboard(true).with(Breadboard.USUAL);
        WorkedPlan tongues = work(openDrawer().with(tongued));
        WorkedPlan splines = work(openDrawer().with(tongued.with(Breadboard.USUAL.withSplined(true))));
        double whole = tongues.number("lid.panel-along").orElseThrow().length().mm();
        assertThat(splines.number("lid.panel-along").orElseThrow().length().mm())
                .isCloseTo(whole - 30, within(1e-9));
        assertThat(splines.number("lid.spline").orElseThrow().length()).isEqualTo(mm(29.5));
        assertThat(splines.lid().pieces())
                .filteredOn(p -> p.name().equals("spline"))
                .singleElement()
                .satisfies(p -> {
                    assertThat(p.count()).isEqualTo(2);
                    // together with what it enters it is no longer than both grooves are deep
                    assertThat(p.along().length()).isLessThan(mm(30));
                    assertThat(p.across().length())
                            .isEqualTo(splines.number("lid.cut")
                                    .or(() -> splines.number("lid.across"))
                                    .orElseThrow()
                                    .length());
                });
        assertThat(tongues.lid().pieces()).noneMatch(p -> p.name().equals("spline"));
        assertThat(splines.steps()).anyMatch(s -> s.says().contains("holes of the spline to slots"));
        assertThat(tongues.steps()).anyMatch(s -> s.says().contains("holes of the tongue to slots"));
    }

    /** A knuckle of 7 on a hinge that folds to 5 stands out 3.5 and wants 1 of each edge; one of 5 wants nothing. */
    @Test
    void aThickKnuckleWantsRoom() {
        Hinges thick = new Hinges(2, mm(40), mm(10), mm(2), mm(5), mm(7), mm(0.5), Hinges.Share.HALF, null);
        WorkedPlan worked = with(hinged(thick, 12));
        assertThat(worked.number("lid.hinge-out").orElseThrow().length()).isEqualTo(mm(3.5));
        assertThat(worked.number("lid.hinge-recess").orElseThrow().length()).isEqualTo(mm(1));
        assertThat(worked.steps()).anyMatch(s -> s.says().contains("Bevel their outer edges by 1.00 mm"));
        WorkedPlan usual = with(hinged(Hinges.USUAL, 12));
        assertThat(usual.number("lid.hinge-recess").orElseThrow().length()).isEqualTo(mm(0));
        assertThat(usual.steps()).noneMatch(s -> s.says().contains("Bevel their outer edges"));
    }
}
