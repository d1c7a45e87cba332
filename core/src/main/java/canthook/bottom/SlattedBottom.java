package canthook.bottom;

import static canthook.working.Term.fixed;

import canthook.fingers.Ladder;
import canthook.fingers.Layout.Span;
import canthook.fingers.Layout.Where;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.GrooveEnds;
import canthook.panel.GrooveJudge;
import canthook.panel.GrooveRun;
import canthook.panel.HeldPanel;
import canthook.panel.PanelDay;
import canthook.panel.PanelLength;
import canthook.panel.PanelWidth;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.PanelWidth.Seat;
import canthook.panel.Step;
import canthook.plan.Bottom.Grain;
import canthook.plan.Bottom.Slats;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Part;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.Asks;
import canthook.walls.GrooveAsked;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Slats that run from wall to wall in a groove of two, side by side over the other way, with gaps between.
 *
 * <pre>
 * gaps        m = count − 1, and one at each wall if wanted
 * wettest     W = (opening − m · gap) / count                  as wide as a slat may ever be
 * cut         b = W / (1 + x_wet)      lapped: b + lap for all but the last
 * gap driest  = (opening − count · b (1 + x_dry)) / m          at most 3; at the wettest at least 0.3
 * lap         = gap at the driest + 2, pinned; loose: all gaps together + 2
 * length      = opening the other way + 2 g_d − end fit
 * </pre>
 *
 * Check: opening 224, 6 slats, 5 gaps of 0.5 at the wettest, x_wet 0.00628, x_dry −0.00575: wettest 36.92, cut 36.69; driest gap 1.03;
 * lap 3.03 pinned, 7.15 loose.
 *
 * @param slat width to cut a slat to, its lap with it
 * @param bare width of a slat without its lap; the last one, which laps over none, is cut to it
 * @param lap null when they do not lap
 */
public record SlattedBottom(
        Slats choice,
        Movement movement,
        GrooveRun run,
        Worked opening,
        Worked slat,
        Worked bare,
        Worked along,
        Worked gapWettest,
        Worked gapDriest,
        @Nullable Worked lap,
        Worked insideHeight,
        List<Worked> numbers,
        List<Verdict> verdicts)
        implements WorkedBottom {
    private static final Length OVER_THE_GAP = Length.mm(2);

    /** A groove in the two walls the slats run to, and a floor. */
    static Asks asks(Slats bottom) {
        Worksheet sheet = new Worksheet("bottom");
        Set<Part> walls = bottom.grain() == Grain.ALONG_WIDTH ? EnumSet.of(Part.A, Part.C) : EnumSet.of(Part.B, Part.D);
        GrooveAsked groove = GrooveAsked.decided(
                sheet, "bottom", bottom.groove(), "go", bottom.thickness(), "Slat thickness", walls);
        Worked floor = sheet.work(
                "floor",
                "F",
                "Top of the slats",
                Show.LAYOUT,
                groove.offset().plus(groove.panel()),
                "The groove's lower edge, and the slat that lies on it.");
        return new Asks(List.of(groove), floor, null, "", null, null, null, null, null, sheet.numbers());
    }

    static SlattedBottom of(
            Slats choice, BoxPlan plan, WallDemands walls, SizedBox box, Ladder ladder, Year year, HouseRules rules) {
        Worksheet sheet = new Worksheet("bottom");
        GrooveAsked groove = walls.groove("bottom").orElseThrow();
        Worked thickness = groove.panel();
        boolean lengthwise = choice.grain() == Grain.ALONG_LENGTH;
        Worked opening = lengthwise ? box.insideWidth() : box.insideLength();
        Worked between = lengthwise ? box.insideLength() : box.insideWidth();
        Movement movement = PanelWidth.movement(sheet, choice.stuff(), "bottom.stuff", year);
        Worked count = sheet.decided("count", "n", "Slats", Show.COUNT, choice.count(), "bottom.count");
        Worked gaps = sheet.work(
                "gaps",
                "m",
                "Gaps",
                Show.COUNT,
                choice.atWalls() ? count.plus(1) : count.minus(1),
                choice.atWalls() ? "Between the slats, and one at each wall." : "Between the slats.");
        Worked gapWettest = sheet.ruled(
                "gap",
                "gap",
                "Each gap on the wettest day",
                Show.FIT,
                Length.mm(0.5),
                "a hair over the least, so that none ever closes.",
                choice.gap(),
                "bottom.gap");
        Worked widest = sheet.work(
                "widest",
                "Wm",
                "Widest a slat may ever be",
                Show.FIT,
                opening.minus(gaps.times(gapWettest)).over(count),
                "The opening less all gaps, shared by the slats.");
        Worked bare = sheet.work(
                "bare",
                "b",
                "A slat without its lap",
                Show.FIT,
                widest.over(fixed(1).plus(movement.byWetness())),
                "So that at the wettest it is as wide as it may be.");
        Worked gapDriest = sheet.work(
                "gap-driest",
                "gap₋",
                "Each gap on the driest day",
                Show.FIT,
                opening.minus(count.times(bare).times(fixed(1).plus(movement.byDryness())))
                        .over(gaps),
                "What the opening has over all slats then, shared by the gaps.");
        Worked lap = lap(choice, sheet, gaps, gapDriest);
        Worked slat = sheet.work(
                "cut",
                "W",
                "Cut a slat across the grain at",
                Show.FIT,
                lap == null ? bare.times(1) : bare.plus(lap),
                lap == null ? "Side by side." : "Its own width, and the lap that reaches under the next.");
        Worked along = PanelLength.of(
                sheet, between, groove.depth(), movement, Seat.GROOVE, choice.endFit(), "bottom.endFit", rules);
        GrooveEnds.Stops stops = GrooveEnds.stops(sheet, box, groove);
        Worked inside = sheet.work(
                "inside-height",
                "Hᵢ",
                "Inside height above the bottom",
                Show.LAYOUT,
                ladder.wall().minus(groove.offset()).minus(thickness),
                "The wall, less the groove's lower edge, less the slats standing on it.");
        Verdicts verdicts = new Verdicts("bottom");
        judge(
                choice,
                plan,
                box,
                rules,
                ladder,
                groove,
                stops,
                new SlatsJudge(
                        choice,
                        plan,
                        bare,
                        gapWettest,
                        gapDriest,
                        lap,
                        other -> of(choice.withCount(other), plan, walls, box, ladder, year, rules)),
                verdicts);
        return new SlattedBottom(
                choice,
                movement,
                new GrooveRun(
                        "bottom", groove, GrooveEnds.of(ladder.joint().layout(), groove, stops, Optional.empty())),
                opening,
                slat,
                bare,
                along,
                gapWettest,
                gapDriest,
                lap,
                inside,
                sheet.numbers(),
                verdicts.all());
    }

    private static @Nullable Worked lap(Slats choice, Worksheet sheet, Worked gaps, Worked gapDriest) {
        if (!choice.lapped()) {
            return null;
        }
        Term open = choice.pinned() ? gapDriest.times(1) : gaps.times(gapDriest);
        return sheet.work(
                "lap",
                "s",
                "Lap",
                Show.FIT,
                open.plus(fixed(OVER_THE_GAP)),
                choice.pinned()
                        ? "The gap at the driest, and 2 mm that still cover."
                        : "Loose, all gaps may gather in one place: all of them at the driest, and 2 mm that still cover.");
    }

    private static void judge(
            Slats choice,
            BoxPlan plan,
            SizedBox box,
            HouseRules rules,
            Ladder ladder,
            GrooveAsked asked,
            GrooveEnds.Stops stops,
            SlatsJudge slats,
            Verdicts verdicts) {
        GrooveJudge judge =
                new GrooveJudge(asked, plan, box, rules, changed -> plan.with(choice.withGroove(changed)), verdicts);
        if (!judge.leavesAWall()) {
            return;
        }
        Length lowest = asked.parts().stream()
                .map(ladder.joint()::top)
                .min(Length::compareTo)
                .orElse(ladder.joint().layout().height());
        Groove groove = asked.groove();
        if (!judge.liesOn(lowest)) {
            return;
        }
        judge.depth();
        if (ladder.joint().layout().meets(new Span(groove.offset(), groove.top())) == Where.STRADDLES) {
            verdicts.mind(
                    Code.GROOVE_STRADDLES,
                    "bottom.groove-offset",
                    "The groove straddles a section boundary: it shows unless its ends are stopped.",
                    judge.intoOneSection(ladder.joint().layout()));
        }
        judge.wallLeft(stops);
        judge.thickness(
                choice.thickness(),
                groove.width(),
                "The slats are thicker than their groove: rabbet their ends to a tongue that slides in it.",
                "The slats are " + plan.display().text(groove.width().minus(choice.thickness()), Precision.FIT)
                        + " thinner than their groove and will rattle.",
                "bottom.thickness");
        slats.judge(verdicts);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.slatted().apply(this);
    }

    @Override
    public Optional<HeldPanel> panel() {
        return Optional.empty();
    }

    @Override
    public List<GrooveRun> grooves() {
        return List.of(run);
    }

    /** The slats on a day of the year. */
    public record Day(Worked air, Worked width, Worked gap, List<Worked> numbers) {}

    public Day on(double day, Year year) {
        Worksheet sheet = new Worksheet("bottom");
        PanelDay.Moved moved = PanelDay.moved(sheet, movement.of(), year, day);
        Worked width = sheet.work(
                "day-width",
                "b′",
                "A slat's width this day",
                Show.FIT,
                bare.times(fixed(1).plus(moved.change())),
                "The width it was cut to, and what it moved since.");
        double gaps = choice.atWalls() ? choice.count() + 1 : choice.count() - 1;
        Worked gap = sheet.work(
                "day-gap",
                "gap′",
                "Each gap this day",
                Show.FIT,
                opening.minus(fixed(choice.count()).times(width)).over(gaps),
                "What the opening has over all slats, shared by the gaps.");
        return new Day(moved.air(), width, gap, sheet.numbers());
    }

    @Override
    public List<Worked> numbersOn(double day, Year year) {
        return on(day, year).numbers();
    }

    @Override
    public List<CutPiece> pieces() {
        List<CutPiece> pieces = new ArrayList<>();
        Worked thick = run.groove().panel();
        int lapping = lap == null ? choice.count() : choice.count() - 1;
        pieces.add(new CutPiece("bottom", "slat", lapping, movement.of().wood(), along, slat, thick, thick));
        if (lap != null) {
            pieces.add(new CutPiece("bottom", "last slat", 1, movement.of().wood(), along, bare, thick, thick));
        }
        return List.copyOf(pieces);
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        List<Step> steps = new ArrayList<>();
        if (lap != null) {
            steps.add(new Step(
                    Step.When.BEFORE_GLUE,
                    "Rabbet the slats half their thickness, " + lap.text(display)
                            + " wide: one edge above, the other below; the first and the last on one edge only.",
                    lap.id()));
        }
        steps.add(new Step(
                Step.When.BEFORE_GLUE,
                choice.pinned()
                        ? "Slide the slats into their groove before the last wall; pin each at its middle, no glue."
                        : "Slide the slats into their groove before the last wall; glue spacers into the groove between them, no glue on the slats.",
                slat.id()));
        return List.copyOf(steps);
    }

    @Override
    public String line(LengthDisplay display) {
        return choice.count() + " slats, " + along.shortly(display) + " × " + slat.shortly(display);
    }
}
