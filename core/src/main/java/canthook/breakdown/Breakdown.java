package canthook.breakdown;

import canthook.board.Blank;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.Ripping.Strip;
import canthook.length.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What is cut from which blank.
 *
 * @param opened the blanks that are cut, in their order on the rack
 * @param made boxes of each kind that come out, in the task's order
 * @param spares spare parts that come out
 * @param corners corners whose figure runs round
 * @param cornersMost the same if every box stayed whole
 * @param longestOffcut the longest single offcut kept
 * @param goals what was aimed at, in that order, and how far each is proven
 */
public record Breakdown(
        BreakdownTask task,
        List<Opened> opened,
        List<Integer> made,
        int spares,
        int corners,
        int cornersMost,
        Length longestOffcut,
        List<Goal> goals) {

    /** What a plan aims at, in this order. */
    public enum Aim {
        BOXES,
        SPARES,
        CORNERS,
        BLANKS,
        OFFCUT
    }

    /**
     * One aim.
     *
     * @param reached in the plan: a count, or millimetres of the longest offcut
     * @param bound that no plan can pass
     */
    public record Goal(Aim aim, double reached, double bound) {
        public boolean isProven() {
            return Math.abs(bound - reached) < 1e-6;
        }

        /** How far the plan may be from the best, as a share of the best; 0 when proven. */
        public double gap() {
            double best = Math.max(Math.abs(bound), 1e-9);
            return isProven() ? 0 : Math.abs(bound - reached) / best;
        }
    }

    /** A blank that is cut. */
    public record Opened(Blank blank, boolean book, List<Lane> lanes) {
        public Length longestOffcut() {
            return lanes.stream()
                    .flatMap(lane -> lane.offcuts().stream())
                    .map(Offcut::length)
                    .max(Comparator.naturalOrder())
                    .orElse(Length.ZERO);
        }
    }

    /** A strip with what is cut from it, left to right. */
    public record Lane(Strip strip, List<Piece> pieces, List<Offcut> offcuts) {}

    /** A stretch that is left and goes back on the rack. */
    public record Offcut(Length from, Length to) {
        public Length length() {
            return to.minus(from);
        }
    }

    /**
     * One part.
     *
     * @param wanted which of the task's boxes, from 0
     * @param box the number of the box, from 1; 0 for a spare
     * @param letter A and C are sides, B and D ends
     * @param joined whether the figure runs on from the piece before it
     * @param half of a resawn board: 0 when it is not resawn; a piece of half 1 stands for its twin in half 2 too
     */
    public record Piece(int wanted, int box, char letter, Length from, Length length, boolean joined, int half) {
        public Length to() {
            return from.plus(length);
        }

        public boolean isSide() {
            return letter == 'A' || letter == 'C';
        }
    }

    /** A stop set once, for all parts of one length. */
    public record CrosscutStop(Length length, int parts, String what) {}

    public int boxesMade() {
        return made.stream().mapToInt(Integer::intValue).sum();
    }

    public int boxesWanted() {
        return task.boxes().stream().mapToInt(Wanted::count).sum();
    }

    public int sparesWanted() {
        return task.boxes().stream()
                .mapToInt(b -> b.spareSides() + b.spareEnds())
                .sum();
    }

    public boolean isComplete() {
        return boxesMade() == boxesWanted() && spares == sparesWanted();
    }

    public boolean isProven() {
        return goals.stream().allMatch(Goal::isProven);
    }

    /** Stop settings in cutting order, longest first. */
    public List<CrosscutStop> stops() {
        Map<Length, List<Piece>> byLength = new TreeMap<>(Comparator.reverseOrder());
        for (Opened blank : opened) {
            for (Lane lane : blank.lanes()) {
                for (Piece piece : lane.pieces()) {
                    byLength.computeIfAbsent(piece.length(), l -> new ArrayList<>())
                            .add(piece);
                    if (piece.half() > 0) {
                        byLength.get(piece.length()).add(piece);
                    }
                }
            }
        }
        List<CrosscutStop> stops = new ArrayList<>();
        byLength.forEach((length, pieces) -> stops.add(new CrosscutStop(length, pieces.size(), what(pieces))));
        return stops;
    }

    private String what(List<Piece> pieces) {
        List<String> words = new ArrayList<>();
        for (int w = 0; w < task.boxes().size(); w++) {
            int kind = w;
            long sides = pieces.stream()
                    .filter(p -> p.wanted() == kind && p.isSide())
                    .count();
            long ends = pieces.stream()
                    .filter(p -> p.wanted() == kind && !p.isSide())
                    .count();
            String of = task.boxes().size() > 1 ? " of " + task.boxes().get(w).name() : "";
            if (sides > 0) {
                words.add(sides + (sides == 1 ? " side" : " sides") + of);
            }
            if (ends > 0) {
                words.add(ends + (ends == 1 ? " end" : " ends") + of);
            }
        }
        return String.join(", ", words);
    }
}
