package canthook.server.breakdown;

import canthook.board.Blank;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A batch's cut plan that is being cut by, or was.
 *
 * @param answer as it was shown when the first board was cut
 * @param boards those it opens, in their order
 */
public record CutPlan(BreakdownAnswer answer, List<Board> boards) {
    public CutPlan {
        boards = List.copyOf(boards);
    }

    /**
     * A board of the plan.
     *
     * @param planned as it lay on the rack
     * @param leaves what is left of it, not yet named
     * @param on the day it was cut, ISO 8601; null while it is whole
     * @param offcuts ids of what was put on the rack for it
     */
    public record Board(
            Blank planned, List<Blank> leaves, @Nullable String on, List<String> offcuts) {
        public Board {
            leaves = List.copyOf(leaves);
            offcuts = List.copyOf(offcuts);
        }

        Board cut(String day, List<String> kept) {
            return new Board(planned, leaves, day, kept);
        }

        Board whole() {
            return new Board(planned, leaves, null, List.of());
        }
    }
}
