package canthook.breakdown.exact;

import canthook.breakdown.Breakdown.Aim;
import canthook.breakdown.exact.Rooms.Piece;
import canthook.breakdown.exact.Rooms.Room;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A first plan as one would make it by eye, where the search begins: each box in the first clear lengths that take it, whole if
 * it will stay whole, else in pairs, else part by part. The longest box first leaves room for the small ones; the shortest first
 * makes more of them when there is too little wood for all. No spares.
 */
final class ByEye {
    private static final List<List<Form>> WAYS = List.of(
            List.of(Form.RUN), List.of(Form.PAIR, Form.PAIR), List.of(Form.SIDE, Form.SIDE, Form.END, Form.END));

    private final Rooms rooms;
    private final List<Room> open;
    private final int[] made;
    private final int[][] laid;
    private final long[] free;

    private ByEye(Rooms rooms) {
        this.rooms = rooms;
        open = rooms.all().stream()
                .filter(r -> r.way() == 0 && r.pieces().stream().noneMatch(p -> p.form() == Form.BOOK))
                .toList();
        made = new int[rooms.boxes().size()];
        laid = rooms.all().stream().map(r -> new int[r.pieces().size()]).toArray(int[][]::new);
        free = rooms.all().stream().mapToLong(Room::length).toArray();
    }

    static Laying of(Rooms rooms) {
        Comparator<Integer> bySide = Comparator.comparing(kind ->
                rooms.boxes().get(kind).side().plus(rooms.boxes().get(kind).end()));
        Laying longest = new ByEye(rooms).all(bySide.reversed());
        Laying shortest = new ByEye(rooms).all(bySide);
        return shortest.reached(Aim.BOXES) > longest.reached(Aim.BOXES) ? shortest : longest;
    }

    private Laying all(Comparator<Integer> first) {
        IntStream.range(0, rooms.boxes().size()).boxed().sorted(first).forEach(kind -> {
            for (int i = 0; i < rooms.boxes().get(kind).count(); i++) {
                made[kind] += box(kind) ? 1 : 0;
            }
        });
        return new Laying(
                rooms,
                open.stream()
                        .map(room -> new Filling(
                                room, IntStream.of(laid[room.index()]).boxed().toList()))
                        .toList(),
                IntStream.of(made).boxed().toList());
    }

    private boolean box(int kind) {
        int ways = rooms.staysWhole(kind) ? 1 : rooms.staysPaired(kind) ? 2 : 3;
        for (List<Form> way : WAYS.subList(0, ways)) {
            if (put(kind, way)) {
                return true;
            }
        }
        return false;
    }

    private record Put(Room room, int piece) {}

    /** All of them or none. */
    private boolean put(int kind, List<Form> forms) {
        List<Put> done = new ArrayList<>();
        for (Form form : forms) {
            Put place = place(kind, form);
            if (place == null) {
                done.forEach(put -> lay(put, -1));
                return false;
            }
            lay(place, 1);
            done.add(place);
        }
        return true;
    }

    private @Nullable Put place(int kind, Form form) {
        for (Room room : open) {
            for (int i = 0; i < room.pieces().size(); i++) {
                Piece piece = room.pieces().get(i);
                if (piece.kind() == kind
                        && piece.form() == form
                        && piece.length() <= free[room.index()]
                        && laid[room.index()][i] < piece.most()) {
                    return new Put(room, i);
                }
            }
        }
        return null;
    }

    private void lay(Put put, int by) {
        laid[put.room().index()][put.piece()] += by;
        free[put.room().index()] -= by * put.room().pieces().get(put.piece()).length();
    }
}
