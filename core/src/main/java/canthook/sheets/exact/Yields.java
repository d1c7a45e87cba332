package canthook.sheets.exact;

import canthook.sheets.exact.Ground.Fit;
import canthook.sheets.exact.Pattern.Band;
import canthook.sheets.exact.Pattern.Block;
import canthook.sheets.exact.Pattern.Slot;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;

/**
 * Everything one clear sheet can yield when no more of a panel is cut than is wanted: each lot of panels with the least width of
 * the sheet that it takes.
 *
 * <pre>
 * strip(lot)  = least height in which the piles of the lot lie one behind the other within the sheet's length
 * sheet(lot)  = min over parts of the lot that are a strip: strip(part) + kerf + sheet(lot − part)
 * </pre>
 *
 * Lots grow from the narrowest on, as shortest ways through a net are found (E. W. Dijkstra 1959). A strip whose lot is had in
 * no more width by several lower ones is none of its own.
 */
final class Yields {
    /** Of so many lots no more are told: they would fill the memory of a small machine. */
    private static final int MOST = 100_000;

    private final Ground ground;
    private final Lots lots;
    private final Map<Long, Sheet> sheets = new HashMap<>();
    private long steps;

    /** Panels of one length, one above the other. */
    private record Pile(long lot, int group, List<Fit> fits, long height) {}

    /** A row of piles, each with the kerf behind it; the last of them, and those before. */
    private record Row(
            long lot,
            long length,
            @Nullable Pile pile,
            @Nullable Row before) {}

    private record Strip(long lot, long height, Row row) {}

    /** Strips, each with the kerf above it; the last of them, and those before. */
    private record Sheet(
            long lot, long width, Strip strip, @Nullable Sheet before) {}

    private Yields(Ground ground, Lots lots, long steps) {
        this.ground = ground;
        this.lots = lots;
        this.steps = steps;
    }

    /**
     * All of them.
     *
     * @param ground without a flaw
     * @param steps no more are gone
     * @return empty when there are too many
     */
    static Optional<Yields> of(Ground ground, Lots lots, long steps) {
        Yields yields = new Yields(ground, lots, steps);
        List<Strip> strips = yields.strips();
        if (yields.steps > 0) {
            yields.grow(strips);
        }
        return yields.steps > 0 && yields.sheets.size() <= MOST ? Optional.of(yields) : Optional.empty();
    }

    /** Of the steps that might be gone. */
    long stepsLeft() {
        return steps;
    }

    /** Lots that no panel can be added to. */
    List<Long> full() {
        List<Long> full = new ArrayList<>();
        for (long lot : sheets.keySet()) {
            if (!holdsMore(lot)) {
                full.add(lot);
            }
        }
        Collections.sort(full);
        return full;
    }

    /** Whether this way holds the lot and one more panel, so that another way need not be looked at for it. */
    boolean holdsMore(long lot) {
        for (int p = 0; p < lots.kinds(); p++) {
            if (lots.count(lot, p) < lots.wanted(p) && sheets.containsKey(lot + lots.one(p))) {
                return true;
            }
        }
        return false;
    }

    /** How a lot of these is cut. */
    Pattern pattern(long lot) {
        List<Band> bands = new ArrayList<>();
        long y = 0;
        for (Sheet at = sheets.get(lot); at != null; at = at.before()) {
            bands.add(band(at.strip(), y));
            y += at.strip().height() + ground.kerf;
        }
        return new Pattern(ground, bands).tidy();
    }

    private Band band(Strip strip, long y) {
        List<Block> blocks = new ArrayList<>();
        long x = 0;
        for (Row at = strip.row(); at != null && at.pile() != null; at = at.before()) {
            List<Slot> slots = new ArrayList<>();
            long low = y;
            for (Fit fit : at.pile().fits()) {
                slots.add(new Slot(fit, low));
                low += fit.y() + ground.kerf;
            }
            long length = ground.lengths[at.pile().group()];
            blocks.add(new Block(x, length, slots));
            x += length + ground.kerf;
        }
        return new Band(y, strip.height(), blocks);
    }

    private void pile(int group, int fit, Pile on, List<Pile> into) {
        List<Fit> fits = ground.groups.get(group);
        for (int f = fit; f < fits.size(); f++) {
            long height = on.height() + fits.get(f).y() + (on.fits().isEmpty() ? 0 : ground.kerf);
            long lot = on.lot()
                    + (lots.wanted(fits.get(f).panel()) == 0
                            ? 0
                            : lots.one(fits.get(f).panel()));
            if (lot == on.lot() || height > ground.width || !lots.isWanted(lot) || --steps < 0) {
                continue;
            }
            List<Fit> all = new ArrayList<>(on.fits());
            all.add(fits.get(f));
            Pile pile = new Pile(lot, group, all, height);
            into.add(pile);
            pile(group, f, pile, into);
        }
    }

    /** Lots that one strip holds, each with the least height, by growing height. */
    private List<Strip> strips() {
        List<Pile> piles = new ArrayList<>();
        for (int g = 0; g < ground.groups.size(); g++) {
            pile(g, 0, new Pile(0, g, List.of(), 0), piles);
        }
        piles.sort(Comparator.comparingLong(Pile::height));
        Map<Long, Row> rows = new HashMap<>();
        rows.put(0L, new Row(0, 0, null, null));
        List<Strip> strips = new ArrayList<>();
        for (int i = 0; i < piles.size() && steps > 0; i++) {
            Pile pile = piles.get(i);
            long takes = ground.lengths[pile.group()] + ground.kerf;
            for (Row row : List.copyOf(rows.values())) {
                Row longer = row;
                while (true) {
                    long length = longer.length() + takes;
                    long lot = longer.lot() + pile.lot();
                    steps--;
                    if (length > ground.length + ground.kerf || !lots.isWanted(lot)) {
                        break;
                    }
                    longer = new Row(lot, length, pile, longer);
                    Row was = rows.get(lot);
                    if (was == null) {
                        strips.add(new Strip(lot, pile.height(), longer));
                    }
                    if (was == null || length < was.length()) {
                        rows.put(lot, longer);
                    }
                }
            }
        }
        return strips;
    }

    private void grow(List<Strip> strips) {
        PriorityQueue<Sheet> next =
                new PriorityQueue<>(Comparator.comparingLong(Sheet::width).thenComparingLong(Sheet::lot));
        Map<Long, Long> least = new HashMap<>();
        for (Strip strip : strips) {
            offer(new Sheet(strip.lot(), strip.height() + ground.kerf, strip, null), least, next);
        }
        List<Strip> own = new ArrayList<>();
        List<Sheet> settled = new ArrayList<>();
        while (!next.isEmpty() && steps > 0 && sheets.size() <= MOST) {
            Sheet sheet = next.poll();
            if (sheets.putIfAbsent(sheet.lot(), sheet) != null) {
                continue;
            }
            settled.add(sheet);
            if (sheet.before() == null) {
                own.add(sheet.strip());
                for (int i = 0; i < settled.size() - 1; i++) {
                    add(settled.get(i), sheet.strip(), least, next);
                }
            }
            for (Strip strip : own) {
                add(sheet, strip, least, next);
            }
        }
    }

    private void add(Sheet sheet, Strip strip, Map<Long, Long> least, PriorityQueue<Sheet> next) {
        steps--;
        long width = sheet.width() + strip.height() + ground.kerf;
        long lot = sheet.lot() + strip.lot();
        if (width <= ground.width + ground.kerf && lots.isWanted(lot)) {
            offer(new Sheet(lot, width, strip, sheet), least, next);
        }
    }

    private static void offer(Sheet sheet, Map<Long, Long> least, PriorityQueue<Sheet> next) {
        Long was = least.get(sheet.lot());
        if (was == null || sheet.width() < was) {
            least.put(sheet.lot(), sheet.width());
            next.add(sheet);
        }
    }
}
