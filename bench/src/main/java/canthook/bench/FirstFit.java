package canthook.bench;

import canthook.board.Blank;
import canthook.breakdown.BreakdownTask;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.Ripping;
import canthook.breakdown.Ripping.Clear;
import canthook.breakdown.Ripping.Strip;
import canthook.length.Length;
import canthook.plan.BatchWish.Break;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How a careful maker would do it by eye: the longest box first, each into the first board that still takes it; a run that fits
 * nowhere whole is broken into pairs, and a pair into singles.
 */
final class FirstFit {
    /** What it comes to, in the order of the goals. */
    record Result(int boxes, int corners, int blanks, Length longestOffcut) {}

    private static final class Room {
        final int blank;
        final Length height;
        Length free;

        Room(int blank, Length height, Length free) {
            this.blank = blank;
            this.height = height;
            this.free = free;
        }
    }

    private final BreakdownTask task;
    private final Length kerf;
    private final List<Room> rooms = new ArrayList<>();
    private final boolean[] opened;

    private FirstFit(BreakdownTask task) {
        this.task = task;
        kerf = task.habits().crosscutKerf();
        opened = new boolean[task.blanks().size()];
        for (int b = 0; b < task.blanks().size(); b++) {
            Blank blank = task.blanks().get(b);
            List<Ripping> ways = Ripping.of(blank, task);
            if (!ways.isEmpty()) {
                for (Strip strip : ways.get(0).strips()) {
                    for (Clear clear : strip.clear()) {
                        rooms.add(new Room(b, strip.height(), clear.length().plus(kerf)));
                    }
                }
            }
        }
    }

    static Result of(BreakdownTask task) {
        return new FirstFit(task).run();
    }

    private Result run() {
        int boxes = 0;
        int corners = 0;
        List<Wanted> longestFirst = task.boxes().stream()
                .sorted(Comparator.comparing((Wanted w) -> pair(w)).reversed())
                .toList();
        for (Wanted box : longestFirst) {
            for (int i = 0; i < box.count(); i++) {
                int matched = place(box);
                if (matched >= 0) {
                    boxes++;
                    corners += matched;
                }
            }
        }
        int blanks = 0;
        for (boolean one : opened) {
            blanks += one ? 1 : 0;
        }
        Length longest = rooms.stream()
                .filter(room -> opened[room.blank])
                .map(room -> Length.longer(Length.ZERO, room.free.minus(kerf)))
                .max(Comparator.naturalOrder())
                .orElse(Length.ZERO);
        return new Result(boxes, corners, blanks, longest);
    }

    /** Corners matched, or −1 when the box finds no place; then nothing is taken. */
    private int place(Wanted box) {
        Length side = box.side().plus(kerf);
        Length end = box.end().plus(kerf);
        if (put(box, List.of(pair(box).times(2)))) {
            return 3;
        }
        Break broken = task.habits().broken();
        if (broken != Break.WHOLE && put(box, List.of(pair(box), pair(box)))) {
            return 2;
        }
        if (broken == Break.SINGLES) {
            if (put(box, List.of(pair(box), side, end))) {
                return 1;
            }
            if (put(box, List.of(side, side, end, end))) {
                return 0;
            }
        }
        return -1;
    }

    private boolean put(Wanted box, List<Length> pieces) {
        List<Room> taken = new ArrayList<>();
        List<Length> sizes = new ArrayList<>();
        for (Length piece : pieces) {
            Room room = rooms.stream()
                    .filter(r -> r.height.equals(box.rip()) && !r.free.isUnder(piece))
                    .findFirst()
                    .orElse(null);
            if (room == null) {
                for (int i = 0; i < taken.size(); i++) {
                    taken.get(i).free = taken.get(i).free.plus(sizes.get(i));
                }
                return false;
            }
            room.free = room.free.minus(piece);
            taken.add(room);
            sizes.add(piece);
        }
        taken.forEach(room -> opened[room.blank] = true);
        return true;
    }

    private Length pair(Wanted box) {
        return box.side().plus(kerf).plus(box.end()).plus(kerf);
    }
}
