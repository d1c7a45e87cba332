package canthook.bottom;

import static canthook.working.Term.fixed;

import canthook.fingers.Ladder;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.GrooveJudge;
import canthook.panel.GrooveRun;
import canthook.panel.HeldPanel;
import canthook.panel.PanelDay;
import canthook.panel.PanelLength;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Seat;
import canthook.panel.Step;
import canthook.plan.Bottom.Corners;
import canthook.plan.Bottom.Grain;
import canthook.plan.Bottom.Rabbeted;
import canthook.plan.BoxPlan;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.Asks;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A bottom let into a rabbet cut round the inside once the box is glued up.
 *
 * <pre>
 * asks of the walls: nothing cut in them before the glue; things stand on the panel, at its thickness
 * wall left   = T − rabbet                                     at least half of T
 * across      = (opening + 2 · rabbet − gap) / (1 + x_wet)
 * along       = opening + 2 · rabbet − end fit
 * round corners: panel's radius = cutter's radius + 0.3; it still covers the opening's corner by
 *               (rabbet − R (1 − 1/√2)) · √2 ,  R the panel's radius
 * </pre>
 *
 * Check: opening 142, ends 9 thick, rabbet 4.5, plywood of 0.2 % from 30 to 90 %: see the test, worked by hand.
 *
 * @param across width of the panel through the year
 * @param along its grain
 * @param rabbet its width
 * @param thickness of the panel, and depth of the rabbet
 * @param insideHeight left above the panel
 * @param roundedTo radius of the panel's corners; null when the rabbet's are squared
 */
public record RabbetedBottom(
        Rabbeted choice,
        PanelWidth across,
        Worked along,
        Worked rabbet,
        Worked thickness,
        Worked insideHeight,
        @Nullable Worked roundedTo,
        List<Worked> numbers,
        List<Verdict> verdicts)
        implements WorkedBottom {
    private static final Length OVER_THE_CUTTER = Length.mm(0.3);

    private static final Length LEAST_GAP = Length.mm(0.1);

    /** Less than this over the corner of the opening, and light shows through. */
    private static final Length LEAST_COVER = Length.mm(1);

    /** Nothing of the walls; a floor. */
    static Asks asks(Rabbeted bottom) {
        Worksheet sheet = new Worksheet("bottom");
        Worked thickness = sheet.decided(
                "thickness",
                "t",
                "Panel thickness, and depth of the rabbet",
                Show.LAYOUT,
                bottom.thickness(),
                "bottom.thickness");
        Worked floor = sheet.work(
                "floor",
                "F",
                "Top of the bottom panel",
                Show.LAYOUT,
                thickness.times(1),
                "The panel is flush with the bottom edge: its thickness.");
        return new Asks(List.of(), floor, null, "", null, null, null, null, null, sheet.numbers());
    }

    static RabbetedBottom of(
            Rabbeted choice,
            BoxPlan plan,
            WallDemands walls,
            SizedBox box,
            Ladder ladder,
            Year year,
            HouseRules rules) {
        Worksheet sheet = new Worksheet("bottom");
        Worked thickness = walls.asked("bottom.thickness");
        boolean lengthwise = choice.grain() == Grain.ALONG_LENGTH;
        Worked openingAcross = lengthwise ? box.insideWidth() : box.insideLength();
        Worked openingAlong = lengthwise ? box.insideLength() : box.insideWidth();
        Worked rabbet =
                sheet.decided("rabbet", "w", "Rabbet, into the walls", Show.LAYOUT, choice.rabbet(), "bottom.rabbet");
        Worked gap = choice.gap() == null
                ? null
                : sheet.decided("gap", "gap", "Gap at the wettest, total", Show.FIT, choice.gap(), "bottom.gap");
        PanelWidth across = PanelWidth.of(
                sheet, choice.stuff(), "bottom.stuff", year, Seat.RABBET, openingAcross, rabbet, gap, rules);
        Worked along = PanelLength.of(
                sheet, openingAlong, rabbet, across.movement(), Seat.RABBET, choice.endFit(), "bottom.endFit", rules);
        Worked left = sheet.work(
                "wall-left",
                "u",
                "Wall left outside the rabbet",
                Show.FIT,
                box.thinnestWall().minus(rabbet),
                "The thinnest wall, less the rabbet. At least half the wall is wanted.");
        Worked radius =
                sheet.decided("radius", "r", "Radius the cutter leaves", Show.LAYOUT, choice.radius(), "bottom.radius");
        boolean rounded = choice.corners() == Corners.ROUNDED && choice.radius().isPositive();
        Worked roundedTo = rounded
                ? sheet.work(
                        "rounded-to",
                        "R",
                        "Round the panel's corners to",
                        Show.LAYOUT,
                        radius.plus(fixed(OVER_THE_CUTTER)),
                        "The cutter's radius and 0.3 mm, so that the corner does not hold the panel off its shoulders.")
                : null;
        Worked inside = sheet.work(
                "inside-height",
                "Hᵢ",
                "Inside height above the bottom",
                Show.LAYOUT,
                ladder.wall().minus(thickness),
                "The wall, less the panel that lies flush in it.");
        Verdicts verdicts = new Verdicts("bottom");
        judge(choice, plan, box, rules, across, left, verdicts);
        if (roundedTo != null) {
            corner(choice, plan, rabbet, roundedTo, sheet, verdicts);
        }
        return new RabbetedBottom(
                choice, across, along, rabbet, thickness, inside, roundedTo, sheet.numbers(), verdicts.all());
    }

    private static void judge(
            Rabbeted choice,
            BoxPlan plan,
            SizedBox box,
            HouseRules rules,
            PanelWidth across,
            Worked left,
            Verdicts verdicts) {
        LengthDisplay display = plan.display();
        Length wall = box.thinnestWall().length();
        Length half = Length.longer(rules.deepestGroove(wall), Length.mm(0.5));
        Fix narrower = new Fix(
                "Make it " + display.text(half, Precision.LAYOUT) + " wide", plan.with(choice.withRabbet(half)));
        if (!left.length().isPositive()) {
            verdicts.stop(
                    Code.RABBET_THROUGH_WALL,
                    "bottom.rabbet",
                    "A rabbet " + display.text(choice.rabbet(), Precision.LAYOUT)
                            + " wide goes right through a wall of " + display.text(wall, Precision.LAYOUT) + ".",
                    narrower);
            return;
        }
        if (choice.rabbet().isOver(half)) {
            verdicts.mind(
                    Code.RABBET_OVER_HALF,
                    "bottom.wall-left",
                    "Only " + left.text(display) + " of wall is left outside the rabbet, less than half.",
                    narrower);
        }
        if (!across.cut().length().isPositive()) {
            verdicts.stop(
                    Code.PANEL_TOO_SMALL,
                    "bottom.gap",
                    "The gap asked for leaves no panel at all. Ask for a smaller one.");
            return;
        }
        Worked held = across.slid();
        if (held.length().isUnder(across.least().length())) {
            List<Fix> fixes = new ArrayList<>();
            if (choice.rabbet().isUnder(half)) {
                fixes.add(new Fix(
                        "Cut the rabbet " + display.text(half, Precision.LAYOUT) + " wide",
                        plan.with(choice.withRabbet(half))));
            }
            fixes.addAll(GrooveJudge.calmer(choice.stuff(), stuff -> plan.with(choice.withStuff(stuff))));
            // what the widest gains is less on the driest day
            double kept = across.driest().length().dividedBy(across.widest().length());
            Length gap = plan.unit()
                    .down(across.gap()
                            .length()
                            .minus(across.least().length().minus(held.length()).times(1 / kept)));
            if (!gap.isUnder(LEAST_GAP)) {
                fixes.add(new Fix(
                        "Leave a gap of " + display.text(gap, Precision.LAYOUT), plan.with(choice.withGap(gap))));
            }
            verdicts.mind(
                    Code.ENGAGEMENT_SHORT, held.id(), across.atTheDriest("panel", Seat.RABBET, false, display), fixes);
        }
    }

    /** A corner rounded too far does not reach over the corner of the opening any more. */
    private static void corner(
            Rabbeted choice, BoxPlan plan, Worked rabbet, Worked roundedTo, Worksheet sheet, Verdicts verdicts) {
        Worked cover = sheet.work(
                "corner-cover",
                "v",
                "The rounded corner covers the opening's by",
                Show.FIT,
                rabbet.minus(roundedTo.times(1 - Math.sqrt(0.5))).times(Math.sqrt(2)),
                "From the opening's corner to the panel's round, along the diagonal: √2 · (w − R (1 − 1/√2)).");
        if (cover.length().isUnder(LEAST_COVER)) {
            verdicts.mind(
                    Code.CORNER_OPEN,
                    "bottom.corner-cover",
                    "Rounded to " + roundedTo.text(plan.display())
                            + " the panel hardly covers the corners of the opening: light shows there.",
                    new Fix("Square the corners with a chisel", plan.with(choice.with(Corners.SQUARED))));
        }
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.rabbeted().apply(this);
    }

    @Override
    public Optional<HeldPanel> panel() {
        return Optional.empty();
    }

    /** The panel in its rabbet on a day of the year. */
    public PanelDay on(double day, Year year) {
        return PanelDay.of("bottom", across, year, day, false);
    }

    @Override
    public List<Worked> numbersOn(double day, Year year) {
        return on(day, year).numbers();
    }

    @Override
    public List<GrooveRun> grooves() {
        return List.of();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(new CutPiece(
                "bottom", "bottom", 1, across.movements().wood(), along, across.cut(), thickness, thickness));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        String corners = roundedTo == null
                ? "Square its corners with a chisel: score across the fragile fibres first."
                : "Round the panel's corners to " + roundedTo.text(display) + ".";
        boolean sheet = across.movements().wood().isSheet();
        return List.of(
                new Step(
                        Step.When.AFTER_GLUE,
                        "Rabbet the inside of the bottom edge with a bearing cutter: " + rabbet.text(display)
                                + " into the walls, " + thickness.text(display)
                                + " deep, in several passes. Feed against the cutter's turn. " + corners,
                        rabbet.id()),
                new Step(
                        Step.When.AFTER_GLUE,
                        sheet
                                ? "Glue the bottom into its rabbet."
                                : "Lay the bottom in; fix it at its middle only, so that it can move.",
                        across.cut().id()));
    }

    @Override
    public String line(LengthDisplay display) {
        return "in a rabbet, " + along.shortly(display) + " × " + across.cut().shortly(display);
    }
}
