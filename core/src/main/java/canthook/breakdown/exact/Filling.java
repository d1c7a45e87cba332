package canthook.breakdown.exact;

import canthook.breakdown.exact.Rooms.Piece;
import canthook.breakdown.exact.Rooms.Room;
import java.util.List;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/**
 * What is laid in one clear length.
 *
 * @param counts how many of each of the room's pieces
 */
record Filling(Room room, List<Integer> counts) {
    static Filling empty(Room room) {
        return new Filling(room, room.pieces().stream().map(p -> 0).toList());
    }

    /** One piece and nothing else. */
    static Filling single(Room room, int piece) {
        return new Filling(
                room,
                IntStream.range(0, room.pieces().size())
                        .mapToObj(i -> i == piece ? 1 : 0)
                        .toList());
    }

    Filling plus(Filling other) {
        return new Filling(
                room,
                IntStream.range(0, counts.size())
                        .mapToObj(i -> counts.get(i) + other.counts.get(i))
                        .toList());
    }

    long used() {
        long used = 0;
        for (int i = 0; i < counts.size(); i++) {
            used += counts.get(i) * room.pieces().get(i).length();
        }
        return used;
    }

    long left() {
        return room.length() - used();
    }

    boolean isEmpty() {
        return counts.stream().allMatch(n -> n == 0);
    }

    /** Sides, ends or whatever of one kind of box. */
    int of(int kind, ToIntFunction<Form> what) {
        int sum = 0;
        for (int i = 0; i < counts.size(); i++) {
            Piece piece = room.pieces().get(i);
            sum += piece.kind() == kind ? counts.get(i) * what.applyAsInt(piece.form()) : 0;
        }
        return sum;
    }

    int corners() {
        int sum = 0;
        for (int i = 0; i < counts.size(); i++) {
            sum += counts.get(i) * room.pieces().get(i).form().corners;
        }
        return sum;
    }

    /** Two fillings of one room are the same when they hold the same. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Filling f && f.room.index() == room.index() && f.counts.equals(counts);
    }

    @Override
    public int hashCode() {
        return 31 * room.index() + counts.hashCode();
    }
}
