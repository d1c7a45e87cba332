package canthook.cutlist;

import canthook.jig.Cut;
import canthook.length.Length;
import canthook.plan.PartEnd;
import java.util.List;
import java.util.stream.Collectors;

/**
 * One cut at the saw: a pass over one end of one part, or of a stack of parts.
 *
 * @param id stable name, readable in an address: {@code a1c1.finger-first.3.1}
 * @param number in the list, 1 first
 * @param ends cut together
 * @param pass what the jig does
 * @param depth of the cut
 * @param face what lies against the backing
 */
public record SawCut(String id, int number, List<PartEnd> ends, Cut pass, Length depth, Face face) {

    /** Which face lies against the backing board, where the cutter leaves it clean. */
    public enum Face {
        OUTSIDE("outside against the backing"),
        INSIDE("inside against the backing"),
        /** A left and a right end together. */
        FACING("outsides facing each other");

        private final String words;

        Face(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** {@code A1 + C2}. */
    public String stack() {
        return ends.stream().map(PartEnd::toString).collect(Collectors.joining(" + "));
    }
}
