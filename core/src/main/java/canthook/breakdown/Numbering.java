package canthook.breakdown;

import canthook.breakdown.Breakdown.Piece;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.length.Length;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** Which part of which box each piece becomes: whole runs first, then pairs two to a box, then singles; the rest are spares. */
final class Numbering {
    private final BreakdownTask task;
    private final int[] next;
    private final int[] made;
    private final int[] parts;
    private final List<Deque<Slot>> openPairs = new ArrayList<>();
    private final List<Deque<Slot>> missingSides = new ArrayList<>();
    private final List<Deque<Slot>> missingEnds = new ArrayList<>();
    private final int[] wholes;
    private int corners;

    private record Slot(int box, char letter) {}

    Numbering(BreakdownTask task, List<Tally> tallies, List<List<Ripping>> ways) {
        this.task = task;
        int kinds = task.boxes().size();
        next = new int[kinds];
        made = new int[kinds];
        parts = new int[kinds];
        wholes = new int[kinds];
        int[] pairs = new int[kinds];
        int[] sides = new int[kinds];
        int[] ends = new int[kinds];
        for (Tally t : tallies) {
            boolean book = ways.get(t.blank()).get(t.ripping()).book();
            wholes[t.wanted()] += t.runs() + (book ? t.pairs() : 0);
            pairs[t.wanted()] += book ? 0 : t.pairs();
            sides[t.wanted()] += t.sides();
            ends[t.wanted()] += t.ends();
        }
        for (int w = 0; w < kinds; w++) {
            Wanted box = task.boxes().get(w);
            int allSides = 2 * wholes[w] + pairs[w] + sides[w];
            int allEnds = 2 * wholes[w] + pairs[w] + ends[w];
            made[w] = Math.min(box.count(), Math.min(allSides, allEnds) / 2);
            parts[w] = allSides + allEnds;
            number(w, pairs[w]);
        }
    }

    /** Lays out, for one kind of box, which boxes the pairs and the singles belong to. */
    private void number(int w, int pairs) {
        Deque<Slot> ofPairs = new ArrayDeque<>();
        Deque<Slot> sides = new ArrayDeque<>();
        Deque<Slot> ends = new ArrayDeque<>();
        int left = pairs;
        for (int box = wholes[w] + 1; box <= made[w]; box++) {
            int here = Math.min(2, left);
            left -= here;
            for (int i = 0; i < here; i++) {
                ofPairs.add(new Slot(box, i == 0 ? 'A' : 'C'));
            }
            for (int i = here; i < 2; i++) {
                sides.add(new Slot(box, i == 0 ? 'A' : 'C'));
                ends.add(new Slot(box, i == 0 ? 'B' : 'D'));
            }
        }
        openPairs.add(ofPairs);
        missingSides.add(sides);
        missingEnds.add(ends);
    }

    List<Integer> made() {
        return java.util.Arrays.stream(made).boxed().toList();
    }

    int sparesMade() {
        int spares = 0;
        for (int w = 0; w < made.length; w++) {
            spares += parts[w] - 4 * made[w];
        }
        return spares;
    }

    int corners() {
        return corners;
    }

    /** Groups of parts that stay together, longest first, as they lie in one clear length. */
    List<List<Piece>> groups(List<Tally> tallies, boolean book) {
        List<List<Piece>> groups = new ArrayList<>();
        for (Tally t : tallies) {
            Wanted box = task.boxes().get(t.wanted());
            for (int i = 0; i < t.runs(); i++) {
                int number = ++next[t.wanted()];
                corners += 3;
                groups.add(List.of(
                        piece(t, number, 'A', box.side(), 0),
                        piece(t, number, 'B', box.end(), 0),
                        piece(t, number, 'C', box.side(), 0),
                        piece(t, number, 'D', box.end(), 0)));
            }
            for (int i = 0; i < t.pairs(); i++) {
                if (book) {
                    int number = ++next[t.wanted()];
                    corners += 4;
                    groups.add(List.of(piece(t, number, 'A', box.side(), 1), piece(t, number, 'B', box.end(), 1)));
                } else {
                    groups.add(pair(t, box));
                }
            }
            for (int i = 0; i < t.sides(); i++) {
                groups.add(List.of(
                        single(t, box.side(), missingSides.get(t.wanted()).poll(), 'A')));
            }
            for (int i = 0; i < t.ends(); i++) {
                groups.add(
                        List.of(single(t, box.end(), missingEnds.get(t.wanted()).poll(), 'B')));
            }
        }
        groups.sort(java.util.Comparator.comparing((List<Piece> g) -> total(g)).reversed());
        return groups;
    }

    private List<Piece> pair(Tally t, Wanted box) {
        Slot slot = openPairs.get(t.wanted()).poll();
        if (slot == null) {
            return List.of(piece(t, 0, 'A', box.side(), 0), piece(t, 0, 'B', box.end(), 0));
        }
        corners += 1;
        return List.of(
                piece(t, slot.box(), slot.letter(), box.side(), 0),
                piece(t, slot.box(), slot.letter() == 'A' ? 'B' : 'D', box.end(), 0));
    }

    private static Piece single(Tally t, Length length, @org.jspecify.annotations.Nullable Slot slot, char letter) {
        return slot == null ? piece(t, 0, letter, length, 0) : piece(t, slot.box(), slot.letter(), length, 0);
    }

    private static Piece piece(Tally t, int box, char letter, Length length, int half) {
        return new Piece(t.wanted(), box, letter, Length.ZERO, length, true, half);
    }

    private static Length total(List<Piece> group) {
        return group.stream().map(Piece::length).reduce(Length.ZERO, Length::plus);
    }
}
