package canthook.panel;

import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.seasons.Year;
import canthook.walls.GrooveAsked;
import canthook.working.Worked;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A panel in grooves of facing walls, whatever it is for.
 *
 * @param of whose it is, and the prefix of its numbers: {@code bottom}, {@code lid}
 * @param groove it sits in
 * @param across across its grain
 * @param along its length along the grain, to cut
 * @param tongue thickness of the edge that enters the groove
 * @param pinned at its centre
 * @param ends of the groove, and where each stops
 * @param shoulders of one that hangs below its groove; null for one that lies on the groove's lower edge
 */
public record HeldPanel(
        String of,
        GrooveAsked groove,
        PanelWidth across,
        Worked along,
        Worked tongue,
        boolean pinned,
        List<GrooveEnd> ends,
        @Nullable Shoulders shoulders) {

    /**
     * Rabbets that leave the tongue of a panel which hangs between the walls.
     *
     * @param lower how deep the one below the tongue is
     * @param across how wide both are on the edges across the grain
     * @param along how wide both are on the edges along the grain
     */
    public record Shoulders(Worked lower, Worked across, Worked along) {}

    /** Its lower face above the walls' bottom edge, mm. */
    public double low() {
        double groove = groove().groove().offset().mm();
        return shoulders == null ? groove : groove - shoulders.lower().length().mm();
    }

    /** Its groove, as it is cut. */
    public GrooveRun run() {
        return new GrooveRun(of, groove, ends);
    }

    /** Thickness of the panel itself. */
    public Worked thickness() {
        return groove.panel();
    }

    /** The panel on a day of the year, 0 driest … 1 wettest. */
    public PanelDay on(double day, Year year) {
        return PanelDay.of(of, across, year, day, pinned);
    }
}
