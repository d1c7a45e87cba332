package canthook.sheets.exact;

import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.Grounds.Alike;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything the sheets of a task can yield: of each kind of sheet the lots that no panel can be added to, whichever way it is
 * ripped.
 */
final class Yielded {
    /** So many steps are gone for all kinds and ways together. */
    private static final long STEPS = 100_000_000;

    final Lots lots;
    private final List<Map<Long, Yields>> ofKind = new ArrayList<>();
    private final List<long[]> full = new ArrayList<>();

    private Yielded(Lots lots) {
        this.lots = lots;
    }

    /** @return empty where a sheet has a flaw, or where there is more than can be looked at */
    static Optional<Yielded> of(Grounds grounds, Hurry hurry) {
        Optional<Lots> lots = Lots.of(grounds.wanted);
        if (lots.isEmpty()) {
            return Optional.empty();
        }
        Yielded all = new Yielded(lots.get());
        long steps = STEPS;
        for (Alike alike : grounds.all) {
            List<Yields> ways = new ArrayList<>();
            for (Ground way : alike.ways()) {
                if (!way.flaws.isEmpty() || hurry.stops()) {
                    return Optional.empty();
                }
                Optional<Yields> one = Yields.of(way, lots.get(), steps);
                if (one.isEmpty()) {
                    return Optional.empty();
                }
                steps = one.get().stepsLeft();
                ways.add(one.get());
            }
            all.add(ways);
        }
        return Optional.of(all);
    }

    private void add(List<Yields> ways) {
        Map<Long, Yields> mine = new LinkedHashMap<>();
        for (Yields way : ways) {
            for (long lot : way.full()) {
                if (ways.stream().noneMatch(other -> other != way && other.holdsMore(lot))) {
                    mine.putIfAbsent(lot, way);
                }
            }
        }
        ofKind.add(mine);
        full.add(mine.keySet().stream().mapToLong(lot -> lot).toArray());
    }

    /** Of one kind of sheet, by its number among the {@link Grounds}. */
    long[] full(int kind) {
        return full.get(kind);
    }

    /** How such a lot is cut. */
    Pattern pattern(int kind, long lot) {
        Yields way = ofKind.get(kind).get(lot);
        if (way == null) {
            throw new IllegalArgumentException("No lot of that sheet");
        }
        return way.pattern(lot);
    }
}
