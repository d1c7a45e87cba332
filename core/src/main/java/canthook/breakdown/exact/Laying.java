package canthook.breakdown.exact;

import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.Tally;
import canthook.breakdown.exact.Rooms.Room;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/**
 * A whole plan: at most one filling for each room, and one way of ripping for each blank.
 *
 * @param fillings none of them empty
 * @param made boxes of each kind; all other parts are spares
 */
record Laying(Rooms rooms, List<Filling> fillings, List<Integer> made) {
    Laying {
        fillings = fillings.stream().filter(f -> !f.isEmpty()).toList();
        made = List.copyOf(made);
    }

    private int of(int kind, ToIntFunction<Form> what) {
        return fillings.stream().mapToInt(f -> f.of(kind, what)).sum();
    }

    private int spares(int kind) {
        return of(kind, f -> f.sides + f.ends) - 4 * made.get(kind);
    }

    /** What this plan reaches of an aim; an offcut with its kerf in whole units. */
    long reached(Aim aim) {
        return switch (aim) {
            case BOXES -> each(made::get);
            case SPARES -> each(this::spares);
            case CORNERS -> fillings.stream().mapToInt(Filling::corners).sum();
            case BLANKS ->
                fillings.stream().mapToInt(f -> f.room().blank()).distinct().count();
            case OFFCUT -> longestLeft();
        };
    }

    private long each(IntUnaryOperator ofKind) {
        return IntStream.range(0, rooms.boxes().size()).map(ofKind).sum();
    }

    /** The longest that is left in a room whose blank is ripped that way. */
    private long longestLeft() {
        Set<List<Integer>> ripped = new HashSet<>();
        long[] left = rooms.all().stream().mapToLong(Room::length).toArray();
        for (Filling filling : fillings) {
            ripped.add(filling.room().ripping());
            left[filling.room().index()] = filling.left();
        }
        return rooms.all().stream()
                .filter(room -> ripped.contains(room.ripping()))
                .mapToLong(room -> left[room.index()])
                .max()
                .orElse(0);
    }

    List<Tally> tallies() {
        List<Tally> tallies = new ArrayList<>();
        for (Filling filling : fillings) {
            Room room = filling.room();
            for (int kind = 0; kind < rooms.boxes().size(); kind++) {
                int runs = count(filling, kind, Form.RUN);
                int pairs = count(filling, kind, Form.PAIR) + count(filling, kind, Form.BOOK);
                int sides = count(filling, kind, Form.SIDE);
                int ends = count(filling, kind, Form.END);
                if (runs + pairs + sides + ends > 0) {
                    tallies.add(new Tally(
                            kind, room.blank(), room.way(), room.strip(), room.clear(), runs, pairs, sides, ends));
                }
            }
        }
        return tallies;
    }

    private static int count(Filling filling, int kind, Form form) {
        return filling.of(kind, f -> f == form ? 1 : 0);
    }
}
