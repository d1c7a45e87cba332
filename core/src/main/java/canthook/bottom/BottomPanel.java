package canthook.bottom;

import static canthook.working.Term.fixed;

import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.GrooveEnds;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.PanelWidth;
import canthook.plan.BottomChoice;
import canthook.plan.BottomChoice.Grain;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A bottom captured in a groove before glue-up.
 *
 * <pre>
 * along the grain: L = L_in + 2 g_d − end fit       sheet goods: the same with their small movement
 * tongue, when the panel is thicker than the groove: g_w − 0.15
 * wall left outside a stopped groove: T − g_d, at least 2 mm
 * stop of a groove, from the part's finished end: T_mate − g_d
 * </pre>
 *
 * @param across the panel across its grain
 * @param along its length along the grain, to cut
 * @param tongue thickness of the edge that enters the groove
 * @param stopAt where a stopped groove ends, from the part's finished end
 * @param insideHeight left above the panel
 * @param ends of the groove; empty without a bottom
 */
public record BottomPanel(
        @Nullable PanelWidth across,
        @Nullable Worked along,
        @Nullable Worked tongue,
        @Nullable Worked stopAt,
        @Nullable Worked insideHeight,
        List<GrooveEnd> ends,
        List<Worked> numbers,
        List<Verdict> verdicts) {

    /** Works the bottom out; nothing follows when the box has none or no inside. */
    public static BottomPanel of(BoxPlan plan, SizedBox box, Ladder ladder, Year year, HouseRules rules) {
        BottomChoice choice = plan.bottom();
        if (choice.kind() == BottomChoice.Kind.NONE || !box.hasInside()) {
            return new BottomPanel(null, null, null, null, null, List.of(), List.of(), List.of());
        }
        Worksheet sheet = new Worksheet("bottom");
        Groove groove = choice.groove();
        Worked depth =
                sheet.decided("groove-depth", "gd", "Groove depth", Show.LAYOUT, groove.depth(), "bottom.groove.depth");
        Worked width =
                sheet.decided("groove-width", "gw", "Groove width", Show.LAYOUT, groove.width(), "bottom.groove.width");
        Worked offset = sheet.decided(
                "groove-offset", "go", "Groove's lower edge", Show.LAYOUT, groove.offset(), "bottom.groove.offset");
        Worked thickness =
                sheet.decided("thickness", "t", "Panel thickness", Show.LAYOUT, choice.thickness(), "bottom.thickness");
        boolean lengthwise = choice.grain() == Grain.ALONG_LENGTH;
        Worked openingAcross = lengthwise ? box.insideWidth() : box.insideLength();
        Worked openingAlong = lengthwise ? box.insideLength() : box.insideWidth();
        Worked gap = choice.gap() == null
                ? null
                : sheet.decided("gap", "gap", "Gap at the wettest, total", Show.FIT, choice.gap(), "bottom.gap");
        PanelWidth across =
                PanelWidth.of(sheet, choice.stuff(), "bottom.stuff", year, openingAcross, depth, gap, rules);
        Worked along = along(sheet, plan, openingAlong, depth, across, rules);
        Worked tongue = choice.thickness().isOver(groove.width())
                ? sheet.work(
                        "tongue",
                        "tt",
                        "Tongue",
                        Show.FIT,
                        width.minus(fixed(Length.mm(0.15))),
                        "The panel is thicker than its groove: rabbet its edge to a tongue that slides.")
                : sheet.work(
                        "tongue",
                        "tt",
                        "Edge in the groove",
                        Show.FIT,
                        thickness.times(1),
                        "The panel's edge enters as it is.");
        Worked stopAt = sheet.work(
                "stop-at",
                "z",
                "Stopped groove ends, from the finished end",
                Show.FIT,
                box.thinnestWall().minus(depth),
                "Where the mate's groove floor is; before trimming add the proud. It is also the wall left outside.");
        Worked inside = sheet.work(
                "inside-height",
                "Hᵢ",
                "Inside height above the bottom",
                Show.LAYOUT,
                ladder.chosen().closing().minus(offset).minus(thickness),
                "The wall, less the groove's lower edge, less the panel standing on it.");
        Layout layout = ladder.chosen().layout();
        Verdicts verdicts = new Verdicts("bottom");
        boolean sound = judgeGroove(plan, box, layout, groove, choice, stopAt, rules, verdicts);
        if (sound) {
            judgePanel(plan, box, year, rules, across, choice, verdicts);
        }
        return new BottomPanel(
                across,
                along,
                tongue,
                stopAt,
                inside,
                GrooveEnds.allRound(layout, groove),
                sheet.numbers(),
                verdicts.all());
    }

    private static Worked along(
            Worksheet sheet, BoxPlan plan, Worked opening, Worked depth, PanelWidth across, HouseRules rules) {
        Worked endFit = sheet.ruled(
                "end-fit",
                "ef",
                "End fit, total",
                Show.FIT,
                rules.endFit(),
                HouseRule.END_FIT.reason(),
                plan.bottom().endFit(),
                "bottom.endFit");
        Term room = opening.plus(fixed(2).times(depth)).minus(endFit);
        return across.movements().wood().isSheet()
                ? sheet.work(
                        "along",
                        "Lp",
                        "Cut its other way at",
                        Show.FIT,
                        room.over(fixed(1).plus(across.byWetness())),
                        "Sheet goods move both ways: the opening and both grooves, less the end fit, at the wettest.")
                : sheet.work(
                        "along",
                        "Lp",
                        "Cut it along the grain at",
                        Show.FIT,
                        room,
                        "The opening and both grooves, less the end fit; along the grain it does not move.");
    }

    private static boolean judgeGroove(
            BoxPlan plan,
            SizedBox box,
            Layout layout,
            Groove groove,
            BottomChoice choice,
            Worked stopAt,
            HouseRules rules,
            Verdicts verdicts) {
        LengthDisplay display = plan.display();
        Length wall = box.thinnestWall().length();
        Length deepest = rules.deepestGroove(wall);
        if (!groove.depth().isUnder(wall)) {
            verdicts.stop(
                    Code.GROOVE_DEEPER_THAN_WALL,
                    "bottom.groove-depth",
                    "A groove " + display.text(groove.depth(), Precision.LAYOUT) + " deep goes right through a wall of "
                            + display.text(wall, Precision.LAYOUT) + ".",
                    shallower(plan, choice, deepest));
            return false;
        }
        if (groove.top().isOver(layout.height())) {
            verdicts.stop(
                    Code.GROOVE_OFF_WALL,
                    "bottom.groove-offset",
                    "The groove ends above the wall's upper edge. Lower it or make it narrower.");
            return false;
        }
        if (groove.depth().isOver(deepest)) {
            verdicts.mind(
                    Code.GROOVE_OVER_HALF,
                    "bottom.groove-depth",
                    "Deeper than " + rules.shareOfWall() + " the wall: " + HouseRule.GROOVE_SHARE.reason(),
                    shallower(plan, choice, deepest));
        }
        if (layout.meets(new Span(groove.offset(), groove.top())) == Layout.Where.STRADDLES) {
            verdicts.mind(
                    Code.GROOVE_STRADDLES,
                    "bottom.groove-offset",
                    "The groove straddles a section boundary: it shows on both mates unless all eight ends are stopped.",
                    layout.nearestClear(new Span(groove.offset(), groove.top()))
                            .filter(clear -> !clear.isOver(Length.mm(1500)))
                            .map(clear -> List.of(new Fix(
                                    (clear.isUnder(groove.offset()) ? "Lower it to " : "Raise it to ")
                                            + display.text(clear, Precision.FIT),
                                    plan.with(choice.withGroove(groove.withOffset(clear))))))
                            .orElse(List.of()));
        }
        if (stopAt.length().isUnder(rules.leastWallLeft())) {
            verdicts.mind(
                    Code.WALL_LEFT_THIN,
                    "bottom.stop-at",
                    "Only " + display.text(stopAt.length(), Precision.FIT)
                            + " of wall is left outside the groove; at least "
                            + display.text(rules.leastWallLeft(), Precision.FIT) + " is wanted.");
        }
        if (choice.thickness().isOver(groove.width())) {
            verdicts.note(
                    Code.PANEL_TONGUE,
                    "bottom.tongue",
                    "The panel is thicker than its groove: rabbet its edge, below or above, to the tongue given.");
        } else if (choice.thickness().isUnder(groove.width().minus(Length.mm(0.4)))) {
            verdicts.mind(
                    Code.PANEL_RATTLES,
                    "bottom.thickness",
                    "The panel is " + display.text(groove.width().minus(choice.thickness()), Precision.FIT)
                            + " thinner than its groove and will rattle.");
        }
        return true;
    }

    private static Fix shallower(BoxPlan plan, BottomChoice choice, Length depth) {
        return new Fix(
                "Make it " + plan.display().text(depth, Precision.LAYOUT) + " deep",
                plan.with(choice.withGroove(choice.groove().withDepth(Length.longer(depth, Length.mm(0.5))))));
    }

    private static void judgePanel(
            BoxPlan plan,
            SizedBox box,
            Year year,
            HouseRules rules,
            PanelWidth across,
            BottomChoice choice,
            Verdicts verdicts) {
        LengthDisplay display = plan.display();
        if (!across.cut().length().isPositive()) {
            verdicts.stop(
                    Code.PANEL_TOO_SMALL,
                    "bottom.gap",
                    "The gap asked for leaves no panel at all. Ask for a smaller one.");
            return;
        }
        Worked judged = choice.pinned() ? across.centred() : across.slid();
        if (!judged.length().isUnder(across.least().length())) {
            return;
        }
        List<Fix> fixes = new ArrayList<>();
        for (BottomChoice tried : remedies(choice, box, rules)) {
            PanelWidth width = across(tried, box, year, rules);
            Worked hold = tried.pinned() ? width.centred() : width.slid();
            if (!hold.length().isUnder(width.least().length())) {
                fixes.add(new Fix(label(choice, tried, display), plan.with(tried)));
            }
        }
        verdicts.mind(
                Code.ENGAGEMENT_SHORT,
                judged.id(),
                "At the driest the panel holds by " + display.text(judged.length(), Precision.FIT)
                        + (choice.pinned() ? " each side" : " if it slid to one side") + "; the house wants "
                        + display.text(across.least().length(), Precision.FIT) + ".",
                fixes);
    }

    private static List<BottomChoice> remedies(BottomChoice choice, SizedBox box, HouseRules rules) {
        List<BottomChoice> tried = new ArrayList<>();
        Length deepest = rules.deepestGroove(box.thinnestWall().length());
        if (choice.groove().depth().isUnder(deepest)) {
            tried.add(choice.withGroove(choice.groove().withDepth(deepest)));
        }
        if (!choice.pinned()) {
            tried.add(choice.withPinned(true));
        }
        if (!choice.stuff().known().isSheet()) {
            if (choice.stuff().ringAngle() < 90) {
                tried.add(choice.withStuff(choice.stuff().withRingAngle(90)));
            }
            tried.add(choice.withStuff(new Stuff("sheet-plywood", 0)));
        }
        return tried;
    }

    private static PanelWidth across(BottomChoice choice, SizedBox box, Year year, HouseRules rules) {
        Worksheet sheet = new Worksheet("tried");
        Worked depth =
                sheet.decided("depth", "gd", "", Show.LAYOUT, choice.groove().depth(), "");
        Worked opening = choice.grain() == Grain.ALONG_LENGTH ? box.insideWidth() : box.insideLength();
        Worked gap = choice.gap() == null ? null : sheet.decided("gap", "gap", "", Show.FIT, choice.gap(), "");
        return PanelWidth.of(sheet, choice.stuff(), "", year, opening, depth, gap, rules);
    }

    private static String label(BottomChoice before, BottomChoice after, LengthDisplay display) {
        if (!before.groove().equals(after.groove())) {
            return "Cut the groove " + display.text(after.groove().depth(), Precision.LAYOUT) + " deep";
        }
        if (before.pinned() != after.pinned()) {
            return "Pin it at its centre";
        }
        return before.stuff().wood().equals(after.stuff().wood()) ? "Take a quarter-sawn board" : "Take plywood";
    }
}
