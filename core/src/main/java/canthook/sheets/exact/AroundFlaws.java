package canthook.sheets.exact;

import canthook.sheets.exact.Ground.Fit;
import canthook.sheets.exact.Ground.Flaw;
import canthook.sheets.exact.Pattern.Band;
import canthook.sheets.exact.Pattern.Block;
import canthook.sheets.exact.Pattern.Slot;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.TreeSet;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;

/**
 * Whether one lot can be cut of a sheet with flaws, and how. Strips grow piece by piece and the sheet strip by strip, each part of
 * the lot from the place where it ends soonest: whatever can follow a later end can follow an earlier one. A piece or a strip
 * begins where the one before it ends, or where a flaw does.
 */
final class AroundFlaws {
    /** One lot is of a few panels; one of so many that this does not do is not told. */
    private static final long STEPS = 3_000_000;

    private final Ground ground;
    private final Lots lots;

    /** From below. */
    private final List<Flaw> flaws;

    private final List<List<Pile>> piles = new ArrayList<>();
    private final Map<Long, List<Strip>> from = new HashMap<>();

    /** Strips that no flaw reaches, as if they began at the fence. */
    private final Map<Long, List<Strip>> clear = new HashMap<>();

    private long steps = STEPS;

    private record Pile(long lot, List<Fit> fits, long height) {}

    /** A row of pieces; the last of them, and those before. The end has the kerf in it. */
    private record Row(
            long lot,
            long end,
            @Nullable Block block,
            @Nullable Row before) {}

    private record Strip(long lot, Band band) {}

    /** Strips; the last of them, and those before. The end has the kerf in it. */
    private record Sheet(
            long lot,
            long end,
            @Nullable Strip strip,
            @Nullable Sheet before) {}

    /** @param lot how many of each panel of the task */
    AroundFlaws(Ground ground, int[] lot) {
        this.ground = ground;
        flaws = ground.flaws.stream()
                .sorted(Comparator.comparingLong(Flaw::low))
                .toList();
        lots = Lots.of(lot).orElseThrow();
        for (List<Fit> fits : ground.groups) {
            List<Pile> of = new ArrayList<>();
            pile(fits, 0, new Pile(0, List.of(), 0), of);
            piles.add(of);
        }
    }

    private void pile(List<Fit> fits, int first, Pile on, List<Pile> into) {
        for (int f = first; f < fits.size(); f++) {
            Fit fit = fits.get(f);
            if (lots.wanted(fit.panel()) == 0) {
                continue;
            }
            long lot = on.lot() + lots.one(fit.panel());
            long height = on.height() + fit.y() + (on.fits().isEmpty() ? 0 : ground.kerf);
            if (lots.isWanted(lot) && height <= ground.width) {
                List<Fit> all = new ArrayList<>(on.fits());
                all.add(fit);
                Pile pile = new Pile(lot, all, height);
                into.add(pile);
                pile(fits, f, pile, into);
            }
        }
    }

    /** Whether the search was given up, so that nothing is known. */
    boolean isGivenUp() {
        return steps < 0;
    }

    /** The lot cut; empty when it cannot be, or was given up. */
    Optional<Pattern> cut() {
        PriorityQueue<Sheet> next =
                new PriorityQueue<>(Comparator.comparingLong(Sheet::end).thenComparingLong(Sheet::lot));
        Map<Long, Long> soonest = new HashMap<>();
        next.add(new Sheet(0, 0, null, null));
        while (!next.isEmpty() && steps >= 0) {
            Sheet sheet = next.poll();
            if (sheet.lot() == lots.all()) {
                return Optional.of(pattern(sheet));
            }
            if (sheet.end() > soonest.getOrDefault(sheet.lot(), Long.MAX_VALUE)) {
                continue;
            }
            for (long start : starts(sheet.end(), ground.width, Flaw::high, ground.flaws)) {
                for (Strip strip : from.computeIfAbsent(start, this::strips)) {
                    steps--;
                    long lot = sheet.lot() + strip.lot();
                    long end = strip.band().at() + strip.band().height() + ground.kerf;
                    if (lots.isWanted(lot) && end < soonest.getOrDefault(lot, Long.MAX_VALUE)) {
                        soonest.put(lot, end);
                        next.add(new Sheet(lot, end, strip, sheet));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private Pattern pattern(Sheet last) {
        List<Band> bands = new ArrayList<>();
        for (Sheet at = last; at != null && at.strip() != null; at = at.before()) {
            bands.add(0, at.strip().band());
        }
        return new Pattern(ground, bands);
    }

    private static List<Long> starts(long end, long most, ToLongFunction<Flaw> edge, Collection<Flaw> flaws) {
        List<Long> starts = new ArrayList<>(List.of(end));
        for (Flaw flaw : flaws) {
            long at = edge.applyAsLong(flaw);
            if (at > end && at < most) {
                starts.add(at);
            }
        }
        return starts;
    }

    /** Of every part of the lot the lowest strip that begins here. */
    private List<Strip> strips(long start) {
        TreeSet<Long> heights = new TreeSet<>();
        for (List<Pile> of : piles) {
            for (Pile pile : of) {
                heights.add(pile.height());
                for (Flaw flaw : ground.flaws) {
                    if (flaw.high() > start) {
                        heights.add(flaw.high() + pile.height() - start);
                    }
                }
            }
        }
        Map<Long, Strip> lowest = new HashMap<>();
        for (long height : heights.headSet(ground.width - start, true)) {
            if (steps < 0) {
                break;
            }
            List<Flaw> here = new ArrayList<>();
            for (Flaw flaw : flaws) {
                if (flaw.low() < start + height && flaw.high() > start) {
                    here.add(flaw);
                }
            }
            if (here.isEmpty()) {
                for (Strip strip : clear.computeIfAbsent(height, h -> strips(0, h, List.of()))) {
                    if (!lowest.containsKey(strip.lot())) {
                        lowest.put(
                                strip.lot(), new Strip(strip.lot(), strip.band().moved(start)));
                    }
                }
            } else {
                strips(start, height, here).forEach(strip -> lowest.putIfAbsent(strip.lot(), strip));
            }
        }
        return List.copyOf(lowest.values());
    }

    private List<Strip> strips(long start, long height, List<Flaw> here) {
        return rows(start, height, here).stream()
                .map(row -> new Strip(row.lot(), band(row, start, height)))
                .toList();
    }

    private static Band band(Row last, long start, long height) {
        List<Block> blocks = new ArrayList<>();
        for (Row at = last; at != null && at.block() != null; at = at.before()) {
            blocks.add(0, at.block());
        }
        return new Band(start, height, blocks);
    }

    private Collection<Row> rows(long start, long height, List<Flaw> here) {
        PriorityQueue<Row> next =
                new PriorityQueue<>(Comparator.comparingLong(Row::end).thenComparingLong(Row::lot));
        Map<Long, Row> soonest = new HashMap<>();
        next.add(new Row(0, 0, null, null));
        while (!next.isEmpty() && steps >= 0) {
            Row row = next.poll();
            if (row.lot() != 0 && soonest.get(row.lot()) != row) {
                continue;
            }
            for (long left : starts(row.end(), ground.length, Flaw::right, here)) {
                for (int g = 0; g < piles.size(); g++) {
                    long right = left + ground.lengths[g];
                    if (right <= ground.length) {
                        List<long[]> rooms = rooms(here, left, right, start, height);
                        piece(row, g, left, rooms, 0, row.lot(), List.of(), soonest, next);
                    }
                }
            }
        }
        return soonest.values();
    }

    /** Stretches between the flaws that reach into a piece, from below, as the flaws are. */
    private static List<long[]> rooms(List<Flaw> here, long left, long right, long start, long height) {
        List<long[]> rooms = new ArrayList<>();
        long low = start;
        for (Flaw flaw : here) {
            if (flaw.left() >= right || flaw.right() <= left) {
                continue;
            }
            if (flaw.low() > low) {
                rooms.add(new long[] {low, flaw.low()});
            }
            low = Math.max(low, flaw.high());
        }
        if (low < start + height) {
            rooms.add(new long[] {low, start + height});
        }
        return rooms;
    }

    /** Every way to fill the rooms from this one up, each with a pile or with nothing. */
    private void piece(
            Row row,
            int group,
            long left,
            List<long[]> rooms,
            int room,
            long lot,
            List<Slot> slots,
            Map<Long, Row> soonest,
            PriorityQueue<Row> next) {
        steps--;
        if (room == rooms.size()) {
            long end = left + ground.lengths[group] + ground.kerf;
            Row was = soonest.get(lot);
            if (!slots.isEmpty() && (was == null || end < was.end())) {
                Row longer = new Row(lot, end, new Block(left, ground.lengths[group], slots), row);
                soonest.put(lot, longer);
                next.add(longer);
            }
            return;
        }
        piece(row, group, left, rooms, room + 1, lot, slots, soonest, next);
        long low = rooms.get(room)[0];
        for (Pile pile : piles.get(group)) {
            if (pile.height() <= rooms.get(room)[1] - low && lots.isWanted(lot + pile.lot())) {
                List<Slot> more = new ArrayList<>(slots);
                long at = low;
                for (Fit fit : pile.fits()) {
                    more.add(new Slot(fit, at));
                    at += fit.y() + ground.kerf;
                }
                piece(row, group, left, rooms, room + 1, lot + pile.lot(), more, soonest, next);
            }
        }
    }
}
