package canthook.breakdown.exact;

import canthook.board.Blank;
import canthook.breakdown.BreakdownTask;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.Ripping;
import canthook.breakdown.Ripping.Clear;
import canthook.breakdown.Ripping.Strip;
import canthook.length.Length;
import canthook.plan.BatchWish.Break;
import java.util.ArrayList;
import java.util.List;

/**
 * The task in whole numbers: every clear length of every way to rip a blank, and what may be laid in it. Lengths are whole
 * numbers of the largest unit that divides them all, so nothing is rounded. Every part takes a kerf after it, and every clear
 * length is a kerf longer for the last of them.
 */
final class Rooms {
    /**
     * What may be laid.
     *
     * @param kind which of the task's boxes, from 0
     * @param length with its kerfs
     * @param most that could be wanted
     */
    record Piece(int kind, Form form, long length, long most) {}

    /**
     * A clear length.
     *
     * @param index in {@link #all()}
     * @param way of ripping its blank
     * @param length with a kerf
     */
    record Room(int index, int blank, int way, int strip, int clear, long length, List<Piece> pieces) {
        long most(Piece piece) {
            return Math.min(piece.most(), length / piece.length());
        }

        /** The blank and the way of ripping it. */
        List<Integer> ripping() {
            return List.of(blank, way);
        }

        /** Rooms of one task are told apart by their index. */
        @Override
        public boolean equals(Object other) {
            return other instanceof Room room && room.index == index;
        }

        @Override
        public int hashCode() {
            return index;
        }
    }

    private final BreakdownTask task;
    private final long unit;
    private final long kerf;
    private final List<Room> all = new ArrayList<>();

    Rooms(BreakdownTask task, List<List<Ripping>> ways) {
        this.task = task;
        unit = unit(task, ways);
        kerf = task.habits().crosscutKerf().nanometres() / unit;
        for (int blank = 0; blank < ways.size(); blank++) {
            for (int way = 0; way < ways.get(blank).size(); way++) {
                Ripping ripping = ways.get(blank).get(way);
                for (int strip = 0; strip < ripping.strips().size(); strip++) {
                    List<Clear> clear = ripping.strips().get(strip).clear();
                    List<Piece> pieces =
                            pieces(task.blanks().get(blank), ripping.strips().get(strip), ripping.book());
                    for (int c = 0; c < clear.size(); c++) {
                        all.add(new Room(
                                all.size(),
                                blank,
                                way,
                                strip,
                                c,
                                whole(clear.get(c).length()),
                                pieces));
                    }
                }
            }
        }
    }

    private static long unit(BreakdownTask task, List<List<Ripping>> ways) {
        long unit = task.habits().crosscutKerf().nanometres();
        for (Wanted box : task.boxes()) {
            unit = divisor(divisor(unit, box.side().nanometres()), box.end().nanometres());
        }
        for (List<Ripping> ofBlank : ways) {
            for (Ripping way : ofBlank) {
                for (Strip strip : way.strips()) {
                    for (Clear clear : strip.clear()) {
                        unit = divisor(unit, clear.length().nanometres());
                    }
                }
            }
        }
        return Math.max(1, unit);
    }

    private static long divisor(long a, long b) {
        return b == 0 ? Math.abs(a) : divisor(b, a % b);
    }

    /** With the kerf that parts it from what lies behind. */
    private long whole(Length length) {
        return length.nanometres() / unit + kerf;
    }

    private List<Piece> pieces(Blank blank, Strip strip, boolean book) {
        List<Piece> pieces = new ArrayList<>();
        for (int kind = 0; kind < task.boxes().size(); kind++) {
            Wanted box = task.boxes().get(kind);
            if (box.rip().equals(strip.height())) {
                pieces(pieces, blank, kind, box, book);
            }
        }
        return List.copyOf(pieces);
    }

    private void pieces(List<Piece> pieces, Blank blank, int kind, Wanted box, boolean book) {
        long side = whole(box.side());
        long end = whole(box.end());
        if (book) {
            pieces.add(new Piece(kind, Form.BOOK, side + end, box.count()));
            return;
        }
        Break broken = task.habits().broken();
        boolean givesSides = Ripping.suitsSide(blank, box);
        boolean givesEnds = Ripping.suitsEnd(blank, box);
        long singles = broken == Break.SINGLES || !box.isOfOneWood() ? 2L * box.count() : 0;
        if (givesSides && givesEnds) {
            pieces.add(new Piece(kind, Form.RUN, 2 * (side + end), box.count()));
            if (broken != Break.WHOLE) {
                // two pairs of a kind in one clear length are a run, and the run is better; unless they stand for
                // spares
                boolean one = box.spareSides() + box.spareEnds() == 0;
                pieces.add(new Piece(kind, Form.PAIR, side + end, one ? 1 : 2L * box.count()));
            }
        }
        if (givesSides && singles + box.spareSides() > 0) {
            pieces.add(new Piece(kind, Form.SIDE, side, singles + box.spareSides()));
        }
        if (givesEnds && singles + box.spareEnds() > 0) {
            pieces.add(new Piece(kind, Form.END, end, singles + box.spareEnds()));
        }
    }

    List<Room> all() {
        return all;
    }

    List<Wanted> boxes() {
        return task.boxes();
    }

    int blanks() {
        return task.blanks().size();
    }

    long longest() {
        return all.stream().mapToLong(Room::length).max().orElse(0);
    }

    /** Whether runs of this kind must stay whole. */
    boolean staysWhole(int kind) {
        return task.habits().broken() == Break.WHOLE && task.boxes().get(kind).isOfOneWood();
    }

    /** Whether every box of this kind is made of side–end pairs, be they in runs or alone. */
    boolean staysPaired(int kind) {
        return task.habits().broken() != Break.SINGLES && task.boxes().get(kind).isOfOneWood();
    }

    int boxesWanted() {
        return task.boxes().stream().mapToInt(Wanted::count).sum();
    }

    int sparesWanted() {
        return task.boxes().stream()
                .mapToInt(b -> b.spareSides() + b.spareEnds())
                .sum();
    }

    /** What is left, without the kerf that parts it, in millimetres. */
    double millimetres(double left) {
        return Math.max(0, (left - kerf) * unit / 1e6);
    }
}
