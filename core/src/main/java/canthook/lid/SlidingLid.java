package canthook.lid;

import canthook.bottom.BottomPanel;
import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.GrooveEnds;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.PanelWidth;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.LidChoice;
import canthook.seasons.Year;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A lid that slides in grooves of the sides and the back, over a front lowered to the lid line.
 *
 * <pre>
 * width   as a captured panel, with the running clearance at the wettest for its gap
 * tongue  = groove − clearance in its height          lid line = groove's lower edge − the same clearance
 * length  = inside length + groove of the back + the front's thickness − end fit
 * wood over the groove: at least the larger of 4 mm and T/2
 * </pre>
 *
 * The lid line wants to be a section boundary, so that the joint at the lowered front ends with a whole section.
 *
 * @param lidLine where the lowered front ends
 * @param boundary the section boundary nearest to it
 * @param off how far the lid line lies above that boundary; negative below
 */
public record SlidingLid(
        @Nullable PanelWidth across,
        @Nullable Worked along,
        @Nullable Worked tongue,
        @Nullable Worked lidLine,
        @Nullable Worked boundary,
        @Nullable Worked off,
        @Nullable Worked over,
        @Nullable Worked insideHeight,
        List<GrooveEnd> ends,
        List<Worked> numbers,
        List<Verdict> verdicts) {
    /** Closer than this, the lid line counts as on the boundary. */
    private static final Length ON = Length.mm(0.05);

    /** Works the lid out; nothing follows when the box has none or no inside. */
    public static SlidingLid of(
            BoxPlan plan, SizedBox box, Ladder ladder, Year year, BottomPanel bottom, HouseRules rules) {
        LidChoice choice = plan.lid();
        if (choice.kind() == LidChoice.Kind.NONE || !box.hasInside()) {
            return new SlidingLid(null, null, null, null, null, null, null, null, List.of(), List.of(), List.of());
        }
        Worksheet sheet = new Worksheet("lid");
        Groove groove = choice.groove();
        Layout layout = ladder.chosen().layout();
        Worked depth =
                sheet.decided("groove-depth", "gd", "Groove depth", Show.LAYOUT, groove.depth(), "lid.groove.depth");
        Worked width =
                sheet.decided("groove-width", "gw", "Groove width", Show.LAYOUT, groove.width(), "lid.groove.width");
        Worked lower = sheet.decided(
                "groove-offset", "gl", "Groove's lower edge", Show.LAYOUT, groove.offset(), "lid.groove.offset");
        Worked running = sheet.ruled(
                "running",
                "rc",
                "Running clearance at the wettest, total",
                Show.FIT,
                rules.running(),
                HouseRule.RUNNING.reason(),
                choice.running(),
                "lid.running");
        Worked vertical = sheet.ruled(
                "vertical",
                "v",
                "Clearance in the groove's height",
                Show.FIT,
                rules.vertical(),
                HouseRule.VERTICAL.reason(),
                choice.vertical(),
                "lid.vertical");
        PanelWidth across =
                PanelWidth.of(sheet, choice.stuff(), "lid.stuff", year, box.insideWidth(), depth, running, rules);
        Worked endFit = sheet.ruled(
                "end-fit", "ef", "End fit", Show.FIT, rules.endFit(), HouseRule.END_FIT.reason(), null, "rules");
        Worked along = sheet.work(
                "along",
                "Ll",
                "Cut it along the slide at",
                Show.FIT,
                box.insideLength().plus(depth).plus(box.finalEndThickness()).minus(endFit),
                "From the floor of the back's groove to the outside of the lowered front, less the end fit.");
        Worked tongue =
                sheet.work("tongue", "tt", "Tongue", Show.FIT, width.minus(vertical), "The groove less its clearance.");
        Worked line = sheet.work(
                "line",
                "ℓ",
                "Lid line: the front ends at",
                Show.FIT,
                lower.minus(vertical),
                "The front is lowered to the groove's lower edge, and by the clearance more.");
        Worked boundary = sheet.work(
                "boundary",
                "β",
                "Nearest section boundary",
                Show.FIT,
                ladder.chosen().boundary(layout.nearestBoundary(line.length())),
                "Whole pitches from the reference edge, and a slot more where a slot ends: the end of the lowered front's finger or slot"
                        + " that lies nearest.");
        Worked off = sheet.work(
                "off", "Δℓ", "Lid line off that boundary", Show.FIT, line.minus(boundary), "Positive is above it.");
        Worked over = sheet.work(
                "over-groove",
                "w",
                "Wood left over the groove",
                Show.FIT,
                ladder.chosen().closing().minus(lower).minus(width),
                "From the groove's upper edge to the wall's.");
        Worked floor = bottom.insideHeight();
        Worked inside = floor == null
                ? sheet.work(
                        "inside-height",
                        "Hᵢ",
                        "Inside height under the lid",
                        Show.LAYOUT,
                        lower.times(1),
                        "Up to the groove's lower edge; there is no bottom yet.")
                : sheet.work(
                        "inside-height",
                        "Hᵢ",
                        "Inside height under the lid",
                        Show.LAYOUT,
                        floor.minus(ladder.chosen().closing().minus(lower)),
                        "Above the bottom, less what lies over the groove's lower edge.");
        Verdicts verdicts = new Verdicts("lid");
        judge(plan, box, choice, layout, across, line, boundary, off, over, inside, tongue, vertical, rules, verdicts);
        return new SlidingLid(
                across,
                along,
                tongue,
                line,
                boundary,
                off,
                over,
                inside,
                GrooveEnds.openAtFront(layout, groove),
                sheet.numbers(),
                verdicts.all());
    }

    /** True when the lid line is a section boundary, to a twentieth of a millimetre. */
    public boolean isOnBoundary() {
        return off != null && !off.length().abs().isOver(ON);
    }

    private static void judge(
            BoxPlan plan,
            SizedBox box,
            LidChoice choice,
            Layout layout,
            PanelWidth across,
            Worked line,
            Worked boundary,
            Worked off,
            Worked over,
            Worked inside,
            Worked tongue,
            Worked vertical,
            HouseRules rules,
            Verdicts verdicts) {
        LengthDisplay display = plan.display();
        Groove groove = choice.groove();
        Length wall = box.thinnestWall().length();
        if (!groove.depth().isUnder(wall)) {
            verdicts.stop(
                    Code.GROOVE_DEEPER_THAN_WALL,
                    "lid.groove-depth",
                    "A groove " + display.text(groove.depth(), Precision.LAYOUT) + " deep goes right through a wall of "
                            + display.text(wall, Precision.LAYOUT) + ".",
                    deep(plan, choice, rules.deepestGroove(wall)));
            return;
        }
        if (groove.top().isOver(layout.height()) || !line.length().isPositive()) {
            verdicts.stop(
                    Code.LID_OFF_WALL,
                    "lid.groove-offset",
                    "The lid's groove lies off the wall. Put it below the upper edge.");
            return;
        }
        if (!tongue.length().isPositive()) {
            verdicts.stop(
                    Code.LID_OFF_WALL,
                    "lid.tongue",
                    "The clearance in the groove's height leaves no tongue. Make the groove wider.");
            return;
        }
        if (!across.cut().length().isPositive()) {
            verdicts.stop(
                    Code.PANEL_TOO_SMALL, "lid.running", "The running clearance leaves no lid at all. Ask for less.");
            return;
        }
        if (!inside.length().isPositive()) {
            verdicts.stop(
                    Code.LID_MEETS_BOTTOM,
                    "lid.inside-height",
                    "The lid's groove lies at or under the bottom: nothing is left between them.");
        }
        if (groove.depth().isOver(rules.deepestGroove(wall))) {
            verdicts.mind(
                    Code.GROOVE_OVER_HALF,
                    "lid.groove-depth",
                    "Deeper than " + rules.shareOfWall() + " the wall: " + HouseRule.GROOVE_SHARE.reason(),
                    deep(plan, choice, rules.deepestGroove(wall)));
        }
        Length least = Length.longer(Length.mm(4), box.thickness().length().dividedBy(2));
        if (over.length().isUnder(least)) {
            verdicts.mind(
                    Code.LID_TOP_THIN,
                    "lid.over-groove",
                    "Only " + display.text(over.length(), Precision.FIT) + " of wood is left over the groove; at least "
                            + display.text(least, Precision.FIT) + " is wanted.",
                    to(
                            plan,
                            choice,
                            "Lower the groove to ",
                            layout.height().minus(least).minus(groove.width())));
        }
        if (off.length().abs().isOver(ON)) {
            verdicts.mind(
                    Code.LID_LINE_OFF,
                    "lid.line",
                    "The lid line lies " + display.text(off.length().abs(), Precision.FIT)
                            + (off.length().isPositive() ? " above" : " below")
                            + " a section boundary: the lowered front's joint would end in a part of a section.",
                    lineFixes(plan, choice, layout, boundary.length(), vertical.length(), off.length()));
        }
        if (across.slid().length().isUnder(across.least().length())) {
            verdicts.mind(
                    Code.ENGAGEMENT_SHORT,
                    across.slid().id(),
                    "At the driest the lid holds by "
                            + display.text(across.slid().length(), Precision.FIT)
                            + " if it slid to one side; the house wants "
                            + display.text(across.least().length(), Precision.FIT) + ".",
                    groove.depth().isUnder(rules.deepestGroove(wall))
                            ? new Fix[] {deep(plan, choice, rules.deepestGroove(wall))}
                            : new Fix[0]);
        }
        if (layout.meets(new Span(groove.offset(), groove.top())) == Layout.Where.STRADDLES) {
            verdicts.note(
                    Code.GROOVE_STRADDLES,
                    "lid.groove-offset",
                    "The lid's groove straddles a section boundary at the back: stop it there at all four ends, or plug it.");
        }
        if (choice.thickness().isOver(tongue.length())) {
            verdicts.note(
                    Code.PANEL_TONGUE,
                    "lid.tongue",
                    "The lid is thicker than its tongue: rabbet its edges, and try the groove on an offcut first.");
        } else if (choice.thickness().isUnder(tongue.length().minus(Length.mm(0.4)))) {
            verdicts.mind(
                    Code.PANEL_RATTLES, "lid.tongue", "The lid is thinner than its tongue should be and will rattle.");
        }
    }

    /** The nearest boundary, and the next one the other way. */
    private static Fix[] lineFixes(
            BoxPlan plan, LidChoice choice, Layout layout, Length boundary, Length vertical, Length off) {
        Length nearest = boundary.plus(vertical);
        List<Fix> fixes = new ArrayList<>();
        fixes.add(to(plan, choice, off.isPositive() ? "Lower the groove to " : "Raise the groove to ", nearest));
        Length otherWay = null;
        Length line = nearest.plus(off);
        for (Length other : layout.boundaries()) {
            Length candidate = other.plus(vertical);
            boolean wanted = off.isPositive() ? candidate.isOver(line) : candidate.isUnder(line);
            if (wanted
                    && (otherWay == null
                            || candidate
                                    .minus(line)
                                    .abs()
                                    .isUnder(otherWay.minus(line).abs()))) {
                otherWay = candidate;
            }
        }
        if (otherWay != null && !otherWay.plus(choice.groove().width()).isOver(layout.height())) {
            fixes.add(to(plan, choice, off.isPositive() ? "Raise the groove to " : "Lower the groove to ", otherWay));
        }
        return fixes.toArray(new Fix[0]);
    }

    private static Fix to(BoxPlan plan, LidChoice choice, String words, Length offset) {
        Length at = Length.shorter(Length.longer(Length.ZERO, offset), Length.mm(1500));
        return new Fix(
                words + plan.display().text(at, Precision.FIT),
                plan.with(choice.withGroove(choice.groove().withOffset(at))));
    }

    private static Fix deep(BoxPlan plan, LidChoice choice, Length depth) {
        return new Fix(
                "Make it " + plan.display().text(depth, Precision.LAYOUT) + " deep",
                plan.with(choice.withGroove(choice.groove().withDepth(Length.longer(depth, Length.mm(0.5))))));
    }
}
