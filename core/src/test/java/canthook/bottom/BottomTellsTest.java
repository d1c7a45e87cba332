package canthook.bottom;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static canthook.Told.jobs;
import static canthook.Told.number;
import static canthook.Told.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.length.LengthDisplay;
import canthook.plan.Bottom;
import canthook.plan.Bottom.Corners;
import canthook.plan.Bottom.Grain;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Part;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import canthook.working.Worked;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a bottom tells the maker: what to do, what it does in the year, and what is wrong with it. Inside 224 × 142, walls 12. */
class BottomTellsTest {
    private static final Stuff PINE = new Stuff("pine-ponderosa", 0);
    private static final Stuff PLYWOOD = new Stuff("sheet-plywood", 0);

    private static WorkedPlan with(Bottom bottom) {
        return work(openDrawer().with(bottom));
    }

    private static Bottom.Applied applied(Stuff stuff, Grain grain, double bevel) {
        return new Bottom.Applied(stuff, mm(6), mm(1.5), bevel, grain, null, null, null);
    }

    private static Bottom.Rabbeted rabbeted(Stuff stuff, double rabbet, double gap, Corners corners) {
        return new Bottom.Rabbeted(stuff, mm(6), mm(rabbet), mm(6), corners, Grain.ALONG_LENGTH, mm(gap), mm(1), null);
    }

    private static Bottom.Slats slats(Grain grain, int count, boolean atWalls, Groove groove, double gap) {
        return new Bottom.Slats(PINE, mm(6), groove, grain, count, atWalls, false, true, mm(gap), mm(1));
    }

    private static Groove groove(double width, double depth, double offset) {
        return new Groove(mm(width), mm(depth), mm(offset));
    }

    private static List<Verdict> stops(WorkedPlan worked, Code code) {
        return of(worked, code).stream().filter(v -> v.weight() == Weight.STOP).toList();
    }

    /** In one line it says where it sits and how large it is cut; every kind another way. */
    @Test
    void eachKindSaysInOneLineWhatItIs() {
        LengthDisplay metric = LengthDisplay.METRIC;
        assertThat(with(applied(PLYWOOD, Grain.ALONG_LENGTH, 0)).bottom().line(metric))
                .matches("under the walls, 251(\\.0+)? × 169(\\.0+)?");
        assertThat(with(rabbeted(PINE, 6, 0.5, Corners.ROUNDED)).bottom().line(metric))
                .matches("in a rabbet, 235(\\.0+)? × 152\\.54");
        assertThat(with(slats(Grain.ALONG_WIDTH, 6, false, groove(6, 6, 8), 0.5))
                        .bottom()
                        .line(metric))
                .matches("6 slats, 153(\\.0+)? × 36\\.69");
    }

    /** Under the walls: across is where it moves. Grain along the length: 166 is across; along the width: 248. */
    @ParameterizedTest
    @CsvSource({"ALONG_LENGTH, 169, 251, 77", "ALONG_WIDTH, 251, 169, 118"})
    void aPanelUnderTheWallsMovesAcrossItsGrain(Grain grain, double cut, double along, double reach) {
        WorkedPlan worked = with(applied(PINE, grain, 0));
        assertThat(number(worked, "bottom.cut")).isEqualTo(cut);
        assertThat(number(worked, "bottom.along")).isEqualTo(along);
        // half the outside less half a wall: where the screws stand
        assertThat(number(worked, "bottom.screw-reach")).isEqualTo(reach);
        assertThat(number(worked, "bottom.slot")).isCloseTo(reach * 0.01203 + 0.5, within(0.01));
        AppliedBottom bottom = (AppliedBottom) worked.bottom();
        AppliedBottom.Day driest = bottom.on(0, worked.year());
        AppliedBottom.Day wettest = bottom.on(1, worked.year());
        assertThat(driest.out()).isFalse();
        assertThat(driest.outMm()).isCloseTo(-number(worked, "bottom.stands-in"), within(1e-6));
        assertThat(wettest.out()).isTrue();
        assertThat(wettest.outMm()).isCloseTo(number(worked, "bottom.stands-out"), within(1e-6));
        assertThat(bottom.numbersOn(0, worked.year()))
                .filteredOn(n -> n.id().equals("bottom.day-stands"))
                .singleElement()
                .satisfies(n -> assertThat(n.label()).contains("Stands in from"));
        assertThat(bottom.numbersOn(1, worked.year()))
                .filteredOn(n -> n.id().equals("bottom.day-stands"))
                .singleElement()
                .satisfies(n -> assertThat(n.label()).contains("Stands out over"));
    }

    @Test
    void whatIsGluedAndWhatIsScrewedUnderTheWalls() {
        assertThat(jobs(with(applied(PLYWOOD, Grain.ALONG_LENGTH, 0))))
                .contains(
                        "Glue the bottom on, standing out evenly all round; clamp it flat.",
                        "Trim its edges flush with the walls.")
                .noneMatch(says -> says.contains("Screw the bottom"));
        assertThat(jobs(with(applied(PINE, Grain.ALONG_LENGTH, 30))))
                .anyMatch(says -> says.startsWith("Screw the bottom on through slots"))
                .anyMatch(says -> says.contains("blade tilted 30°: the lower face stays 241.1 mm × 159.1 mm"))
                .noneMatch(says -> says.startsWith("Glue the bottom on"));
        assertThat(of(with(applied(PINE, Grain.ALONG_LENGTH, 0)), Code.APPLIED_SOLID)
                        .get(0)
                        .fixes())
                .singleElement()
                .satisfies(fix ->
                        assertThat(of(work(fix.after()), Code.APPLIED_SOLID)).isEmpty());
    }

    /** t · tan 60° off both sides of 166: 81.4 of 47, and 2 × 83.1 of 48 leave nothing. */
    @ParameterizedTest
    @CsvSource({"60, 47, false", "60, 48, true"})
    void aBevelIsTooFlatWhereItsTwoSidesMeet(double bevel, double thick, boolean tooFlat) {
        WorkedPlan worked =
                with(new Bottom.Applied(PINE, mm(thick), mm(1), bevel, Grain.ALONG_LENGTH, null, null, null));
        assertThat(stops(worked, Code.PANEL_TOO_SMALL)).hasSize(tooFlat ? 1 : 0);
    }

    @Test
    void aRabbetSaysHowItsCornersAndItsPanelAreDone() {
        assertThat(jobs(with(rabbeted(PINE, 6, 0.5, Corners.SQUARED))))
                .anyMatch(says -> says.contains("Square its corners with a chisel"))
                .contains("Lay the bottom in; fix it at its middle only, so that it can move.");
        assertThat(jobs(with(rabbeted(PLYWOOD, 6, 0.5, Corners.ROUNDED))))
                .anyMatch(says -> says.contains("Round the panel’s corners to") || says.contains("Round the panel's"))
                .contains("Glue the bottom into its rabbet.");
    }

    /** Inside 36 a gap of 50 leaves nothing of a panel; a gap as wide as the rabbet leaves too little on it. */
    @Test
    void aGapThatLeavesNoPanelOrTooLittleOfItIsSaid() {
        BoxPlan narrow = openDrawer().with(openDrawer().size().withFootprint(mm(120), mm(60)));
        for (Bottom none : List.of(rabbeted(PINE, 6, 50, Corners.ROUNDED), bottom(50))) {
            assertThat(stops(work(narrow.with(none)), Code.PANEL_TOO_SMALL))
                    .singleElement()
                    .satisfies(v -> assertThat(v.place()).isEqualTo("bottom.gap"));
        }
        WorkedPlan wide = with(rabbeted(PINE, 6, 6, Corners.ROUNDED));
        assertThat(of(wide, Code.ENGAGEMENT_SHORT)).singleElement().satisfies(v -> {
            assertThat(v.fixes()).extracting(Fix::label).anyMatch(label -> label.startsWith("Leave a gap of"));
            v.fixes()
                    .forEach(fix -> assertThat(of(work(fix.after()), Code.ENGAGEMENT_SHORT))
                            .as(fix.label())
                            .isEmpty());
        });
    }

    private static Bottom.Captured bottom(double gap) {
        return new Bottom.Captured(PINE, mm(6), groove(6, 6, 8), Grain.ALONG_LENGTH, false, mm(gap), mm(1));
    }

    /** Each kind tells its day: a narrower panel in winter than in summer. */
    @Test
    void eachKindTellsItsDay() {
        for (Bottom kind : List.of(
                bottom(0.5),
                rabbeted(PINE, 6, 0.5, Corners.ROUNDED),
                slats(Grain.ALONG_WIDTH, 6, false, groove(6, 6, 8), 0.5))) {
            WorkedPlan worked = with(kind);
            double dry = widthOn(worked, 0);
            assertThat(widthOn(worked, 1)).as(kind.toString()).isGreaterThan(dry + 0.1);
        }
    }

    private static double widthOn(WorkedPlan worked, double day) {
        List<Worked> numbers = worked.bottom().numbersOn(day, worked.year());
        return numbers.stream()
                .filter(n -> n.id().equals("bottom.day-width"))
                .findFirst()
                .orElseThrow()
                .length()
                .mm();
    }

    /** Slats share what the opening leaves: 5 gaps between 6, 7 with one at each wall; along the length the opening is 142. */
    @ParameterizedTest
    @CsvSource({"ALONG_WIDTH, false, 224, 5", "ALONG_WIDTH, true, 224, 7", "ALONG_LENGTH, true, 142, 7"})
    void theGapsOfADayFillTheOpening(Grain grain, boolean atWalls, double opening, int gaps) {
        WorkedPlan worked = with(slats(grain, 6, atWalls, groove(6, 6, 8), 0.5));
        SlattedBottom bottom = (SlattedBottom) worked.bottom();
        for (double day : new double[] {0, 0.3, 1}) {
            SlattedBottom.Day on = bottom.on(day, worked.year());
            assertThat(6 * on.width().length().mm() + gaps * on.gap().length().mm())
                    .isCloseTo(opening, within(1e-5));
        }
        assertThat(bottom.on(1, worked.year()).gap().length().mm()).isCloseTo(0.5, within(1e-4));
        assertThat(worked.walls().groove("bottom").orElseThrow().parts())
                .contains(grain == Grain.ALONG_WIDTH ? Part.A : Part.B);
        // between the walls they run to, in both grooves, less the end fit
        assertThat(number(worked, "bottom.along")).isEqualTo(grain == Grain.ALONG_WIDTH ? 153 : 235);
    }

    @Test
    void whatIsWrongWithTheGrooveOfSlatsIsSaid() {
        assertThat(of(with(slats(Grain.ALONG_WIDTH, 6, false, groove(6, 7, 8), 0.5)), Code.GROOVE_OVER_HALF))
                .hasSize(1);
        assertThat(of(with(slats(Grain.ALONG_WIDTH, 6, false, groove(6, 12, 8), 0.5)), Code.GROOVE_DEEPER_THAN_WALL))
                .hasSize(1);
        assertThat(of(with(slats(Grain.ALONG_WIDTH, 6, false, groove(7, 6, 8), 0.5)), Code.PANEL_RATTLES))
                .singleElement()
                .satisfies(v -> assertThat(v.sentence()).startsWith("The slats are 1.00 mm thinner than their groove"));
        assertThat(of(with(slats(Grain.ALONG_WIDTH, 6, false, groove(4, 6, 8), 0.5)), Code.PANEL_TONGUE))
                .hasSize(1);
        WorkedPlan high = with(slats(Grain.ALONG_WIDTH, 6, false, groove(6, 6, 95), 0.5));
        assertThat(stops(high, Code.GROOVE_OFF_WALL)).singleElement().satisfies(v -> {
            assertThat(v.fixes()).extracting(Fix::label).containsExactly("Lower it to 6.00 mm");
            assertThat(of(work(v.fixes().get(0).after()), Code.GROOVE_OFF_WALL)).isEmpty();
        });
    }

    /** Moved up through the wall the groove straddles a boundary somewhere, and one fix at the least puts it into a section. */
    @Test
    void aGrooveOfSlatsAcrossABoundaryIsSaid() {
        int straddles = 0;
        for (double offset = 3; offset < 30; offset += 0.5) {
            for (Verdict v :
                    of(with(slats(Grain.ALONG_WIDTH, 6, false, groove(4, 5, offset), 0.5)), Code.GROOVE_STRADDLES)) {
                straddles++;
                assertThat(v.fixes()).as("offset %s", offset).isNotEmpty();
                v.fixes()
                        .forEach(fix -> assertThat(of(work(fix.after()), Code.GROOVE_STRADDLES))
                                .as(fix.label())
                                .isEmpty());
            }
        }
        assertThat(straddles).isBetween(10, 50);
    }

    @Test
    void aHairBetweenSlatsClosesOnAWetDay() {
        WorkedPlan close = with(slats(Grain.ALONG_WIDTH, 6, false, groove(6, 6, 8), 0.2));
        assertThat(of(close, Code.SLATS_CLOSE).get(0).fixes())
                .singleElement()
                .satisfies(fix ->
                        assertThat(of(work(fix.after()), Code.SLATS_CLOSE)).isEmpty());
        assertThat(of(with(slats(Grain.ALONG_WIDTH, 6, false, groove(6, 6, 8), 0.3)), Code.SLATS_CLOSE))
                .isEmpty();
    }

    /** Too many slats: of 142, with gaps of 2.5, sixteen are no narrower than they are thick. Too few: so many that each gap stays under three, and never fewer than there are. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void asManySlatsAsKeepTheirGapsAreOffered(boolean atWalls) {
        WorkedPlan many = with(slats(Grain.ALONG_LENGTH, 60, atWalls, groove(6, 6, 8), 2.5));
        Fix fewer = stops(many, Code.SLATS_TOO_MANY).get(0).fixes().get(0);
        assertThat(fewer.label()).isEqualTo("Take 16 slats");
        WorkedPlan taken = work(fewer.after());
        assertThat(stops(taken, Code.SLATS_TOO_MANY)).isEmpty();
        assertThat(number(taken, "bottom.bare")).isBetween(6.0, 6.6);
        WorkedPlan few = with(slats(Grain.ALONG_WIDTH, 2, atWalls, groove(6, 6, 8), 2.4));
        Verdict wide = of(few, Code.SLATS_OPEN_WIDE).get(0);
        assertThat(wide.fixes()).hasSize(1);
        WorkedPlan more = work(wide.fixes().get(0).after());
        assertThat(number(more, "bottom.gap-driest")).isBetween(2.5, 3.0);
        WorkedPlan never = with(slats(Grain.ALONG_WIDTH, 2, atWalls, groove(6, 6, 8), 3));
        // three gaps share with the usual gap what two slats move; one gap alone still opens too wide: what does not
        // mend is not offered
        assertThat(of(never, Code.SLATS_OPEN_WIDE).get(0).fixes())
                .extracting(Fix::label)
                .isEqualTo(atWalls ? List.of("Leave the usual gap") : List.of());
    }

    /** Gaps of thirty: half of thirty slats have no room either, seven have; and with the usual gap all thirty. */
    @Test
    void slatsThatGapsLeaveNoRoomForAreFewerOrLieCloser() {
        WorkedPlan wide = with(slats(Grain.ALONG_WIDTH, 30, false, groove(6, 6, 8), 30));
        List<Fix> fixes = stops(wide, Code.SLATS_TOO_MANY).get(0).fixes();
        assertThat(fixes).extracting(Fix::label).containsExactly("Take 7 slats", "Leave the usual gap");
        for (Fix fix : fixes) {
            assertThat(stops(work(fix.after()), Code.SLATS_TOO_MANY))
                    .as(fix.label())
                    .isEmpty();
        }
        // seven slats with the gaps that were asked for: no count of slats makes those narrower, and none is offered
        Verdict open = of(work(fixes.get(0).after()), Code.SLATS_OPEN_WIDE).get(0);
        assertThat(open.sentence())
                .startsWith("Each gap is 30.00 mm on the wettest day as you decided, and opens to 30.");
        assertThat(open.fixes())
                .singleElement()
                .satisfies(fix ->
                        assertThat(of(work(fix.after()), Code.SLATS_OPEN_WIDE)).isEmpty());
    }

    @Test
    void lappedSlatsAreRabbetedAndTheLastIsNarrower() {
        Bottom.Slats plain = slats(Grain.ALONG_WIDTH, 6, false, groove(6, 6, 8), 0.5);
        assertThat(jobs(with(plain))).noneMatch(says -> says.contains("Rabbet the slats"));
        Bottom.Slats lapped = new Bottom.Slats(
                PINE, mm(6), groove(6, 6, 8), Grain.ALONG_WIDTH, 6, false, true, false, mm(0.5), mm(1));
        WorkedPlan worked = with(lapped);
        assertThat(jobs(worked))
                .anyMatch(says -> says.startsWith("Rabbet the slats half their thickness, 7.15 mm wide"))
                .anyMatch(says -> says.contains("glue spacers into the groove between them"));
        assertThat(jobs(with(plain))).anyMatch(says -> says.contains("pin each at its middle, no glue"));
        double wide = worked.bottom().pieces().get(0).across().length().mm();
        double last = worked.bottom().pieces().get(1).across().length().mm();
        assertThat(wide - last).isCloseTo(number(worked, "bottom.lap"), within(1e-6));
    }

    /** Where a bottom is moved as in another plan, it is that one's bottom, and only where both speak of the same. */
    @Test
    void aBottomIsMovedAsInAnotherPlanOnlyWhereItIsTheSame() {
        BoxPlan plan = envelopeDrawer();
        Bottom.Captured was = (Bottom.Captured) plan.bottom();
        BoxPlan moved = plan.with(was.withGroove(was.groove().withOffset(mm(11))));
        assertThat(Bottoms.movedAsIn(plan, moved)).contains(moved);
        assertThat(Bottoms.movedAsIn(plan, plan)).isEmpty();
        assertThat(Bottoms.movedAsIn(plan, moved.with(was.withStuff(PLYWOOD)))).isEmpty();
        assertThat(Bottoms.movedAsIn(plan, Bottoms.applied(plan))).isEmpty();
        // a groove that was told stays where it was told
        assertThat(Bottoms.movedAsIn(plan, moved, plan)).isEmpty();
        BoxPlan thicker = plan.with(was.withThickness(mm(7)));
        assertThat(Bottoms.movedAsIn(plan, thicker, plan)).contains(thicker);
    }

    @Test
    void aSheetInAGrooveAndSlatsOfTheWallsWoodBegin() {
        BoxPlan plan = envelopeDrawer();
        BoxPlan sheet = Bottoms.inAGroove(plan, mm(5), mm(4), mm(9));
        assertThat(sheet.bottom().groove()).isEqualTo(groove(5, 4, 9));
        assertThat(sheet.bottom().thickness()).isEqualTo(mm(5));
        WorkedPlan worked = work(sheet);
        BoxPlan slatted =
                Bottoms.slats(worked.plan(), worked.size(), worked.shop().rules());
        Bottom.Slats slats = (Bottom.Slats) slatted.bottom();
        assertThat(slats.stuff()).isEqualTo(plan.walls());
        // 224 / (6 · 5)
        assertThat(slats.count()).isEqualTo(7);
    }
}
