package canthook.panel;

import static canthook.working.Term.fixed;

import canthook.fingers.Layout;
import canthook.length.Length;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.HeldPanel.Shoulders;
import canthook.panel.PanelWidth.Seat;
import canthook.plan.Bottom.Grain;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.walls.GrooveAsked;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A panel captured in a groove of all four walls before they are glued, be it the bottom or the top of a box that is sawn open.
 *
 * <pre>
 * along the grain: L = L_in + 2 g_d − end fit       sheet goods: the same with their small movement
 * tongue, when the panel and what covers it are thicker than the groove: g_w − 0.15 − covering
 * flush below: the lower shoulder is g_o deep; the body is (opening − running clearance)/(1 + x_wet), so it clears at the wettest
 *              shoulder = (cut − body)/2 wide
 * stop of a groove, from the part's finished end: T_mate − g_d; that is the wall left outside, at least 2 mm
 * </pre>
 *
 * @param stops where its groove stops
 */
public record CapturedPanel(HeldPanel held, GrooveEnds.Stops stops) {
    /** A tongue is thinner than its groove by this. */
    private static final Length SLIDES = Length.mm(0.15);

    /**
     * @param gap at the wettest, when the maker decides it; null for the house rule
     * @param endFit the maker's own; null for the house rule
     * @param covering on its faces together; null for none
     * @param flush whether it hangs down to the walls' bottom edge
     */
    public static CapturedPanel of(
            Worksheet sheet,
            GrooveAsked groove,
            Stuff stuff,
            Grain grain,
            boolean pinned,
            @Nullable Worked gap,
            @Nullable Length endFit,
            @Nullable Worked covering,
            boolean flush,
            SizedBox box,
            Layout layout,
            Year year,
            HouseRules rules) {
        boolean lengthwise = grain == Grain.ALONG_LENGTH;
        Worked openingAcross = lengthwise ? box.insideWidth() : box.insideLength();
        Worked openingAlong = lengthwise ? box.insideLength() : box.insideWidth();
        PanelWidth across = PanelWidth.of(
                sheet, stuff, groove.of() + ".stuff", year, Seat.GROOVE, openingAcross, groove.depth(), gap, rules);
        Worked along = PanelLength.of(
                sheet,
                openingAlong,
                groove.depth(),
                across.movement(),
                Seat.GROOVE,
                endFit,
                groove.of() + ".endFit",
                rules);
        Term slot = covering == null
                ? groove.width().minus(fixed(SLIDES))
                : groove.width().minus(fixed(SLIDES)).minus(covering);
        Length covered = covering == null
                ? groove.panel().length()
                : groove.panel().length().plus(covering.length());
        Worked tongue = flush || covered.isOver(groove.groove().width())
                ? sheet.work(
                        "tongue",
                        "tt",
                        "Tongue",
                        Show.FIT,
                        slot,
                        covering == null
                                ? "The panel is thicker than its groove: rabbet its edge to a tongue that slides."
                                : "What the groove has room for, less what covers the panel's faces.")
                : sheet.work(
                        "tongue",
                        "tt",
                        "Edge in the groove",
                        Show.FIT,
                        groove.panel().times(1),
                        "The panel's edge enters as it is.");
        GrooveEnds.Stops stops = GrooveEnds.stops(sheet, box, groove);
        List<GrooveEnd> ends = GrooveEnds.of(layout, groove, stops, Optional.empty());
        GrooveEnds.aids(sheet, groove, stops, ends);
        return new CapturedPanel(
                new HeldPanel(
                        groove.of(),
                        groove,
                        across,
                        along,
                        tongue,
                        pinned,
                        ends,
                        flush ? shoulders(sheet, groove, across, along, openingAlong, rules) : null),
                stops);
    }

    private static Shoulders shoulders(
            Worksheet sheet,
            GrooveAsked groove,
            PanelWidth across,
            Worked along,
            Worked openingAlong,
            HouseRules rules) {
        Worked clear = sheet.ruled(
                "body-clearance",
                "bc",
                "Clearance of the body between the walls",
                Show.FIT,
                rules.running(),
                HouseRule.RUNNING.reason(),
                null,
                "rules");
        Worked lower = sheet.work(
                "shoulder-lower",
                "s₁",
                "Lower shoulder, deep",
                Show.FIT,
                groove.offset().times(1),
                "The body hangs from the groove's lower edge down to the walls' bottom edge.");
        Worked body = sheet.work(
                "body-across",
                "Wb",
                "Body between the walls, across",
                Show.FIT,
                across.opening().minus(clear).over(fixed(1).plus(across.byWetness())),
                "So that it clears the opening at the wettest.");
        Worked wide = sheet.work(
                "shoulder-across",
                "s₂",
                "Shoulder on the long-grain edges, wide",
                Show.FIT,
                across.cut().minus(body).over(2),
                "What the panel has over its body, shared by both edges.");
        Term bodyAlong = across.movements().wood().isSheet()
                ? openingAlong.minus(clear).over(fixed(1).plus(across.byWetness()))
                : openingAlong.minus(clear);
        Worked ends = sheet.work(
                "shoulder-along",
                "s₃",
                "Shoulder on the ends, wide",
                Show.FIT,
                along.minus(bodyAlong).over(2),
                "What the panel has over its body, shared by both ends.");
        return new Shoulders(lower, wide, ends);
    }
}
