package canthook.bottom;

import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CapturedPanel;
import canthook.panel.CutPiece;
import canthook.panel.GrooveJudge;
import canthook.panel.GrooveRun;
import canthook.panel.HeldPanel;
import canthook.panel.PanelWidth;
import canthook.panel.Step;
import canthook.plan.Bottom;
import canthook.plan.Bottom.Captured;
import canthook.plan.Bottom.Lies;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Part;
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
import canthook.working.Term;
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
 * asks of the walls: a groove in all four; things stand at its lower edge + the panel, flush below at the panel's thickness
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
                top(bottom, groove),
                bottom.isFlush()
                        ? "It hangs down to the walls' bottom edge: its thickness."
                        : "The groove's lower edge, and the panel that lies on it.");
        return new Asks(List.of(groove), floor, null, "", null, null, null, null, null, sheet.numbers());
    }

    private static Term top(Captured bottom, GrooveAsked groove) {
        return bottom.isFlush() ? groove.panel().times(1) : groove.offset().plus(groove.panel());
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
        Worked covering = choice.covering() == null
                ? null
                : sheet.decided(
                        "covering",
                        "cv",
                        "Paper, lining or finish, both faces",
                        Show.FIT,
                        choice.covering(),
                        "bottom.covering");
        CapturedPanel panel = CapturedPanel.of(
                sheet,
                groove,
                choice.stuff(),
                choice.grain(),
                choice.pinned(),
                gap,
                choice.endFit(),
                covering,
                choice.isFlush(),
                box,
                ladder.joint().layout(),
                year,
                rules);
        Worked inside = sheet.work(
                "inside-height",
                "Hᵢ",
                "Inside height above the bottom",
                Show.LAYOUT,
                choice.isFlush()
                        ? ladder.wall().minus(thickness)
                        : ladder.wall().minus(groove.offset()).minus(thickness),
                choice.isFlush()
                        ? "The wall, less the panel that hangs level with its bottom edge."
                        : "The wall, less the groove's lower edge, less the panel standing on it.");
        Verdicts verdicts = new Verdicts("bottom");
        judge(choice, plan, box, rules, ladder, groove, panel, verdicts);
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
            CapturedPanel panel,
            Verdicts verdicts) {
        PanelWidth across = panel.held().across();
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
        if (!judge.liesOn(lowest)) {
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
        judge.wallLeft(panel.stops());
        judge.corners(panel);
        Length covered = choice.covering() == null
                ? choice.thickness()
                : choice.thickness().plus(choice.covering());
        if (choice.isFlush()) {
            flush(choice, plan, asked, verdicts);
        }
        judge.thickness(
                covered,
                groove.width(),
                choice.isFlush()
                        ? "Rabbet its edges below and above to the tongue given; the lower shoulder brings it flush."
                        : "The panel is thicker than its groove: rabbet its edge, below or above, to the tongue given.",
                "The panel is " + plan.display().text(groove.width().minus(covered), Precision.FIT)
                        + " thinner than its groove and will rattle.",
                covered.isOver(groove.width()) ? "bottom.tongue" : "bottom.thickness");
        if (!across.cut().length().isPositive()) {
            verdicts.stop(
                    Code.PANEL_TOO_SMALL,
                    "bottom.gap",
                    "The gap asked for leaves no panel at all. Ask for a smaller one.");
            return;
        }
        judge.engagement(across, choice.pinned(), "panel", () -> remedies(choice, plan));
    }

    /** It must be thick enough to reach from the bottom edge up through its groove. */
    private static void flush(Captured choice, BoxPlan plan, GrooveAsked asked, Verdicts verdicts) {
        Groove groove = asked.groove();
        Length wanted = groove.top();
        if (!choice.thickness().isUnder(wanted)) {
            return;
        }
        LengthDisplay display = plan.display();
        List<Fix> fixes = new ArrayList<>();
        Length lower = choice.thickness().minus(groove.width());
        if (lower.isPositive()) {
            fixes.add(new Fix(
                    "Lower its groove to " + display.text(lower, Precision.LAYOUT),
                    plan.with(choice.withGroove(groove.withOffset(lower)))));
        }
        if (Bottom.THICKNESS.holds(wanted)) {
            fixes.add(new Fix(
                    "Take it " + display.text(wanted, Precision.LAYOUT) + " thick",
                    plan.with(choice.withThickness(wanted))));
        }
        fixes.add(new Fix("Let it lie on its groove", plan.with(choice.with(Lies.ON_GROOVE))));
        verdicts.stop(
                Code.PANEL_NOT_FLUSH,
                "bottom.thickness",
                "To hang flush from its groove the panel must be " + display.text(wanted, Precision.LAYOUT)
                        + " thick: the groove's height above the edge, and its width.",
                fixes.toArray(new Fix[0]));
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
        HeldPanel.Shoulders shoulders = held.shoulders();
        return shoulders == null
                ? List.of()
                : List.of(new Step(
                        Step.When.BEFORE_GLUE,
                        "Rabbet the bottom's lower edges " + shoulders.lower().text(display) + " deep, "
                                + shoulders.across().text(display) + " wide along the grain and "
                                + shoulders.along().text(display) + " at its ends; its upper edges to a tongue of "
                                + held.tongue().text(display) + ".",
                        shoulders.lower().id()));
    }

    /** Two boards side by side, each pinned at its middle: each moves half as far, and a lap hides the gap. */
    private static Bottom narrower(Captured was) {
        return new Bottom.Slats(
                was.stuff(), was.thickness(), was.groove(), was.grain(), 2, false, true, true, was.gap(), was.endFit());
    }

    /** Beside a deeper groove: pinned at its centre, a board that moves less. */
    private static List<Fix> remedies(Captured choice, BoxPlan plan) {
        List<Fix> fixes = new ArrayList<>();
        if (!choice.pinned()) {
            fixes.add(new Fix("Pin it at its centre", plan.with(choice.withPinned(true))));
        }
        fixes.addAll(GrooveJudge.calmer(choice.stuff(), stuff -> plan.with(choice.withStuff(stuff))));
        if (!choice.stuff().known().isSheet()) {
            fixes.add(new Fix("Take two narrower boards, lapped", plan.with(narrower(choice))));
        }
        return fixes;
    }
}
