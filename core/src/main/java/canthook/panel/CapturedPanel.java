package canthook.panel;

import static canthook.working.Term.fixed;

import canthook.fingers.Layout;
import canthook.length.Length;
import canthook.panel.PanelWidth.Seat;
import canthook.plan.Bottom.Grain;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.walls.GrooveAsked;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A panel captured in a groove of all four walls before they are glued, be it the bottom or the top of a box that is sawn open.
 *
 * <pre>
 * along the grain: L = L_in + 2 g_d − end fit       sheet goods: the same with their small movement
 * tongue, when the panel is thicker than the groove: g_w − 0.15
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
     */
    public static CapturedPanel of(
            Worksheet sheet,
            GrooveAsked groove,
            Stuff stuff,
            Grain grain,
            boolean pinned,
            @Nullable Worked gap,
            @Nullable Length endFit,
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
        Worked tongue = groove.panel().length().isOver(groove.groove().width())
                ? sheet.work(
                        "tongue",
                        "tt",
                        "Tongue",
                        Show.FIT,
                        groove.width().minus(fixed(SLIDES)),
                        "The panel is thicker than its groove: rabbet its edge to a tongue that slides.")
                : sheet.work(
                        "tongue",
                        "tt",
                        "Edge in the groove",
                        Show.FIT,
                        groove.panel().times(1),
                        "The panel's edge enters as it is.");
        GrooveEnds.Stops stops = GrooveEnds.stops(sheet, box, groove);
        return new CapturedPanel(
                new HeldPanel(
                        groove.of(),
                        groove,
                        across,
                        along,
                        tongue,
                        pinned,
                        GrooveEnds.of(layout, groove, stops, Optional.empty())),
                stops);
    }
}
