package canthook.jig;

import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * The spacers that bring a slot's other passes nearer than its far wall: {@code s − k} for the near wall, and evenly less for the passes
 * between.
 *
 * <p>Check: s 7.4492, kerf 3.2: 4.249 and 2.125.
 */
final class PassSpacers {
    private static final int LISTED = 24;

    private PassSpacers() {}

    /** Thickest first, from the {@code first} one on; none with one pass. */
    static List<Worked> of(Worksheet sheet, Rung rung, String label, int first) {
        List<Length> at = rung.passesAt();
        List<Worked> spacers = new ArrayList<>();
        int passes = at.size();
        for (int i = first; i < passes - 1 && i < LISTED; i++) {
            Term whole = rung.slot().minus(rung.kerf());
            spacers.add(sheet.work(
                    i == 0 ? "spacer" : "spacer-" + (i + 1),
                    "x" + (char) ('₁' + i % 9),
                    i == 0 ? label + ", near wall" : label + ", pass " + (i + 1) + " from the near wall",
                    Show.CALIPER,
                    i == 0 ? whole : whole.times(passes - 1.0 - i).over(passes - 1.0),
                    i == 0 ? "The slot less the kerf." : "The slot less the kerf, shared evenly over the passes."));
        }
        return List.copyOf(spacers);
    }
}
