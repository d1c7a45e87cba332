package canthook.panel;

import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.seasons.Year;
import canthook.walls.GrooveAsked;
import canthook.working.Worked;
import java.util.List;

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
 */
public record HeldPanel(
        String of,
        GrooveAsked groove,
        PanelWidth across,
        Worked along,
        Worked tongue,
        boolean pinned,
        List<GrooveEnd> ends) {

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
