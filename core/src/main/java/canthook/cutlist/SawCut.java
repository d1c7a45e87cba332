package canthook.cutlist;

import canthook.jig.Cut;
import canthook.length.Length;
import java.util.List;

/**
 * One cut at the saw: a pass over one end of one part, or of a stack of parts.
 *
 * @param id stable name, readable in an address: {@code ac1.finger-first.3.1}
 * @param number in the list, 1 first
 * @param parts cut together
 * @param ends which end of each part, in step with the parts: 1 its left as seen from outside, 2 its right
 * @param pass what the jig does
 * @param depth of the cut
 * @param face what lies against the backing
 */
public record SawCut(String id, int number, List<String> parts, List<Integer> ends, Cut pass, Length depth, Face face) {

    /** Which face lies against the backing board, where the cutter leaves it clean. */
    public enum Face {
        OUTSIDE("outside against the backing"),
        INSIDE("inside against the backing");

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
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < parts.size(); i++) {
            words.append(i == 0 ? "" : " + ").append(parts.get(i)).append(ends.get(i));
        }
        return words.toString();
    }
}
