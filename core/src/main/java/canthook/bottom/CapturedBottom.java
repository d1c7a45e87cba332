package canthook.bottom;

import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CapturedPanel;
import canthook.panel.CutPiece;
import canthook.panel.GrooveEnds;
import canthook.panel.GrooveJudge;
import canthook.panel.GrooveRun;
import canthook.panel.HeldPanel;
import canthook.panel.PanelWidth;
import canthook.panel.Step;
import canthook.plan.Bottom.Captured;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Part;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.Asks;
import canthook.walls.GrooveAsked;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;

/**
 * A bottom captured in a groove before glue-up: see {@link CapturedPanel}.
 *
 * <pre>
 * asks of the walls: a groove in all four; things stand at its lower edge + the panel
 * </pre>
 *
 * @param held the panel in its groove
 * @param insideHeight left above the panel
 */
public record CapturedBottom(HeldPanel held, Worked insideHeight, List<Worked> numbers, List<Verdict> verdicts)
        implements WorkedBottom {

    /** A groove in all four walls, and a floor. */
    static Asks asks(Captured bottom) {
        Worksheet sheet = new Worksheet("bottom");
        GrooveAsked groove = GrooveAsked.decided(
                sheet,
                "bottom",
                bottom.groove(),
                "go",
                bottom.thickness(),
                "Panel thickness",
                EnumSet.allOf(Part.class));
        Worked floor = sheet.work(
                "floor",
                "F",
                "Top of the bottom panel",
                Show.LAYOUT,
                groove.offset().plus(groove.panel()),
                "The groove's lower edge, and the panel that lies on it.");
        return new Asks(List.of(groove), floor, null, "", null, null, null, sheet.numbers());
    }

    static CapturedBottom of(
            Captured choice,
            BoxPlan plan,
            WallDemands walls,
            SizedBox box,
            Ladder ladder,
            Year year,
            HouseRules rules) {
        Worksheet sheet = new Worksheet("bottom");
        GrooveAsked groove = walls.groove("bottom").orElseThrow();
        Worked thickness = groove.panel();
        Worked gap = choice.gap() == null
                ? null
                : sheet.decided("gap", "gap", "Gap at the wettest, total", Show.FIT, choice.gap(), "bottom.gap");
        CapturedPanel panel = CapturedPanel.of(
                sheet,
                groove,
                choice.stuff(),
                choice.grain(),
                choice.pinned(),
                gap,
                choice.endFit(),
                box,
                ladder.joint().layout(),
                year,
                rules);
        Worked inside = sheet.work(
                "inside-height",
                "Hᵢ",
                "Inside height above the bottom",
                Show.LAYOUT,
                ladder.wall().minus(groove.offset()).minus(thickness),
                "The wall, less the groove's lower edge, less the panel standing on it.");
        Verdicts verdicts = new Verdicts("bottom");
        judge(choice, plan, box, rules, ladder, groove, panel.held().across(), panel.stops(), verdicts);
        return new CapturedBottom(panel.held(), inside, sheet.numbers(), verdicts.all());
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.captured().apply(this);
    }

    @Override
    public Optional<HeldPanel> panel() {
        return Optional.of(held);
    }

    @Override
    public String line(LengthDisplay display) {
        return "panel " + held.along().shortly(display) + " × "
                + held.across().cut().shortly(display);
    }

    private static void judge(
            Captured choice,
            BoxPlan plan,
            SizedBox box,
            HouseRules rules,
            Ladder ladder,
            GrooveAsked asked,
            PanelWidth across,
            GrooveEnds.Stops stops,
            Verdicts verdicts) {
        Groove groove = asked.groove();
        Layout layout = ladder.joint().layout();
        GrooveJudge judge =
                new GrooveJudge(asked, plan, box, rules, changed -> plan.with(choice.withGroove(changed)), verdicts);
        if (!judge.leavesAWall()) {
            return;
        }
        Length lowest = asked.parts().stream()
                .map(ladder.joint()::top)
                .min(Length::compareTo)
                .orElse(layout.height());
        if (groove.top().isOver(lowest)) {
            verdicts.stop(
                    Code.GROOVE_OFF_WALL,
                    "bottom.groove-offset",
                    "The groove ends above the upper edge of a wall it runs in. Lower it or make it narrower.");
            return;
        }
        judge.depth();
        if (layout.meets(new Span(groove.offset(), groove.top())) == Layout.Where.STRADDLES) {
            verdicts.mind(
                    Code.GROOVE_STRADDLES,
                    "bottom.groove-offset",
                    "The groove straddles a section boundary: it shows on both mates unless all eight ends are stopped.",
                    judge.intoOneSection(layout));
        }
        judge.wallLeft(stops);
        judge.thickness(
                choice.thickness(),
                groove.width(),
                "The panel is thicker than its groove: rabbet its edge, below or above, to the tongue given.",
                "The panel is " + plan.display().text(groove.width().minus(choice.thickness()), Precision.FIT)
                        + " thinner than its groove and will rattle.",
                choice.thickness().isOver(groove.width()) ? "bottom.tongue" : "bottom.thickness");
        if (!across.cut().length().isPositive()) {
            verdicts.stop(
                    Code.PANEL_TOO_SMALL,
                    "bottom.gap",
                    "The gap asked for leaves no panel at all. Ask for a smaller one.");
            return;
        }
        judge.engagement(across, choice.pinned(), "panel", remedies(choice, plan));
    }

    @Override
    public List<Worked> numbersOn(double day, Year year) {
        return held.on(day, year).numbers();
    }

    @Override
    public List<GrooveRun> grooves() {
        return List.of(held.run());
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of(CutPiece.of(held));
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of();
    }

    /** Beside a deeper groove: pinned at its centre, a board that moves less. */
    private static List<Fix> remedies(Captured choice, BoxPlan plan) {
        List<Fix> fixes = new ArrayList<>();
        if (!choice.pinned()) {
            fixes.add(new Fix("Pin it at its centre", plan.with(choice.withPinned(true))));
        }
        if (!choice.stuff().known().isSheet()) {
            if (choice.stuff().ringAngle() < 90) {
                fixes.add(new Fix(
                        "Take a quarter-sawn board",
                        plan.with(choice.withStuff(choice.stuff().withRingAngle(90)))));
            }
            fixes.add(new Fix("Take plywood", plan.with(choice.withStuff(new Stuff("sheet-plywood", 0)))));
        }
        return fixes;
    }
}
