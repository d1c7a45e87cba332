package canthook.panel;

import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.walls.GrooveAsked;
import java.util.List;

/**
 * A groove as it is cut.
 *
 * @param of whose it is: {@code bottom}, {@code lid}
 * @param ends where it runs through, stops, or is open
 */
public record GrooveRun(String of, GrooveAsked groove, List<GrooveEnd> ends) {}
