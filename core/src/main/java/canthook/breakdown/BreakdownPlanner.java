package canthook.breakdown;

import canthook.board.Blank;
import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.Breakdown.Goal;
import canthook.breakdown.Breakdown.Lane;
import canthook.breakdown.Breakdown.Offcut;
import canthook.breakdown.Breakdown.Opened;
import canthook.breakdown.Breakdown.Piece;
import canthook.breakdown.BreakdownSolver.Laid;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.Ripping.Clear;
import canthook.breakdown.Ripping.Strip;
import canthook.length.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Blanks and boxes in, cut plan out. What is aimed at, in this order: all boxes made, all spares made, most corners whose
 * figure runs round, fewest boards cut, the longest single offcut kept.
 */
public final class BreakdownPlanner {
    private BreakdownPlanner() {}

    public static Breakdown plan(BreakdownTask task, BreakdownSolver solver, Watch watch) {
        List<List<Ripping>> ways =
                task.blanks().stream().map(blank -> Ripping.of(blank, task)).toList();
        Laid laid = task.boxes().isEmpty() || ways.stream().allMatch(List::isEmpty)
                ? nothing()
                : solver.solve(task, ways, watch);
        return of(task, ways, laid);
    }

    private static Laid nothing() {
        List<Goal> goals = new ArrayList<>();
        for (Aim aim : Aim.values()) {
            goals.add(new Goal(aim, 0, 0));
        }
        return new Laid(List.of(), goals);
    }

    /** Puts parts, letters and box numbers to what was laid. */
    public static Breakdown of(BreakdownTask task, List<List<Ripping>> ways, Laid laid) {
        Numbering numbering = new Numbering(task, laid.tallies(), ways);
        List<Opened> opened = new ArrayList<>();
        for (int b = 0; b < task.blanks().size(); b++) {
            int blank = b;
            List<Tally> here =
                    laid.tallies().stream().filter(t -> t.blank() == blank).toList();
            if (!here.isEmpty()) {
                opened.add(opened(
                        task, task.blanks().get(b), ways.get(b).get(here.get(0).ripping()), here, numbering));
            }
        }
        int corners = numbering.corners();
        int most = 0;
        for (Wanted box : task.boxes()) {
            boolean book = task.blanks().stream().anyMatch(blank -> Ripping.suitsBook(blank, box, task));
            most += (box.isOfOneWood() ? book ? 4 : 3 : 0) * box.count();
        }
        Length longest = opened.stream()
                .map(Opened::longestOffcut)
                .max(Comparator.naturalOrder())
                .orElse(Length.ZERO);
        return new Breakdown(
                task, opened, numbering.made(), numbering.sparesMade(), corners, most, longest, laid.goals());
    }

    private static Opened opened(
            BreakdownTask task, Blank blank, Ripping ripping, List<Tally> tallies, Numbering numbering) {
        List<Lane> lanes = new ArrayList<>();
        for (int s = 0; s < ripping.strips().size(); s++) {
            Strip strip = ripping.strips().get(s);
            List<Piece> pieces = new ArrayList<>();
            List<Offcut> offcuts = new ArrayList<>();
            for (int c = 0; c < strip.clear().size(); c++) {
                Clear clear = strip.clear().get(c);
                int inStrip = s;
                int inClear = c;
                List<Tally> here = tallies.stream()
                        .filter(t -> t.strip() == inStrip && t.clear() == inClear)
                        .toList();
                Length at = clear.from();
                for (List<Piece> group : numbering.groups(here, ripping.book())) {
                    boolean first = true;
                    for (Piece piece : group) {
                        pieces.add(new Piece(
                                piece.wanted(),
                                piece.box(),
                                piece.letter(),
                                at,
                                piece.length(),
                                !first && piece.joined(),
                                piece.half()));
                        at = at.plus(piece.length()).plus(task.habits().crosscutKerf());
                        first = false;
                    }
                }
                if (clear.to().isOver(at)) {
                    offcuts.add(new Offcut(at, clear.to()));
                }
            }
            lanes.add(new Lane(strip, List.copyOf(pieces), List.copyOf(offcuts)));
        }
        return new Opened(blank, ripping.book(), List.copyOf(lanes));
    }
}
