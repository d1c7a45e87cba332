package canthook.sheets.exact;

import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.Grounds.Alike;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Everything the sheets of a task can yield: of each kind of sheet the lots that no panel can be added to, whichever way it is
 * ripped. Sheets with flaws stand here as if they had none, until a lot is wanted of one and cannot be cut around its flaws; then
 * that lot, and all that hold it, are taken out.
 */
final class Yielded {
    /** So many steps are gone for all kinds and ways together. */
    private static final long STEPS = 100_000_000;

    final Lots lots;
    private final Grounds grounds;
    private final List<Map<Long, Yields>> ofKind = new ArrayList<>();
    private final List<long[]> full = new ArrayList<>();
    private int learnt;

    /** Of one sheet of a kind, by its number among the {@link Grounds}. */
    record Taken(int kind, long lot) {}

    private Yielded(Grounds grounds, Lots lots) {
        this.grounds = grounds;
        this.lots = lots;
    }

    /** @return empty where there is more than can be looked at */
    static Optional<Yielded> of(Grounds grounds, Hurry hurry) {
        Optional<Lots> lots = Lots.of(grounds.wanted);
        if (lots.isEmpty()) {
            return Optional.empty();
        }
        Yielded all = new Yielded(grounds, lots.get());
        long steps = STEPS;
        for (Alike alike : grounds.all) {
            List<Yields> ways = new ArrayList<>();
            for (Ground way : alike.ways()) {
                Optional<Yields> one = hurry.stops() ? Optional.empty() : Yields.of(way.clear(), lots.get(), steps);
                if (one.isEmpty()) {
                    return Optional.empty();
                }
                steps = one.get().stepsLeft();
                ways.add(one.get());
            }
            all.add(ways);
        }
        all.full.add(IntStream.range(0, grounds.wanted.length)
                .filter(p -> grounds.wanted[p] > 0)
                .mapToLong(all.lots::one)
                .toArray());
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

    /** The kind behind the last: a sheet that is none, and yields any one panel that is left out. */
    int leftOut() {
        return ofKind.size();
    }

    /** Of one kind of sheet. */
    long[] full(int kind) {
        return full.get(kind);
    }

    /** How often it was found that a lot cannot be cut around the flaws. */
    int learnt() {
        return learnt;
    }

    /**
     * Cuts a lot of each sheet, and no more than is wanted. What flaws may be in the way of is left to the clear sheets as far as
     * they have it.
     *
     * @return empty when flaws are in the way, or when that was not found out
     */
    Optional<List<Pattern>> cut(List<Taken> taken, Hurry hurry) {
        int[] wanted = grounds.wanted.clone();
        List<Pattern> plan = new ArrayList<>();
        for (Taken one : taken) {
            if (one.kind() == leftOut()) {
                Arrays.setAll(wanted, p -> wanted[p] - lots.count(one.lot(), p));
            }
        }
        for (Taken one : taken) {
            if (one.kind() == leftOut()) {
                continue;
            }
            if (isClear(one.kind())) {
                Yields way = Objects.requireNonNull(ofKind.get(one.kind()).get(one.lot()));
                plan.add(way.pattern(one.lot()).upTo(wanted));
            }
        }
        for (Taken one : taken) {
            if (one.kind() == leftOut() || isClear(one.kind())) {
                continue;
            }
            int[] some = lots.counts(one.lot());
            for (int p = 0; p < some.length; p++) {
                some[p] = Math.max(0, Math.min(some[p], wanted[p]));
                wanted[p] -= some[p];
            }
            if (Arrays.stream(some).sum() == 0) {
                continue;
            }
            Around around = around(one.kind(), some, hurry);
            if (around.pattern() == null) {
                if (around.isKnown()) {
                    learn(one.kind(), some, hurry);
                }
                return Optional.empty();
            }
            plan.add(around.pattern());
        }
        return Optional.of(plan);
    }

    private boolean isClear(int kind) {
        return grounds.all.get(kind).ways().get(0).flaws.isEmpty();
    }

    private record Around(@Nullable Pattern pattern, boolean isKnown) {}

    private Around around(int kind, int[] lot, Hurry hurry) {
        boolean known = true;
        for (Ground way : grounds.all.get(kind).ways()) {
            if (hurry.stops()) {
                return new Around(null, false);
            }
            AroundFlaws around = new AroundFlaws(way, lot);
            Optional<Pattern> cut = around.cut();
            if (cut.isPresent()) {
                return new Around(cut.get(), true);
            }
            known &= !around.isGivenUp();
        }
        return new Around(null, known);
    }

    /** What cannot be cut is made as little as it still cannot; no lot that holds it can be. */
    private void learn(int kind, int[] lot, Hurry hurry) {
        int[] least = lot.clone();
        for (int p = 0; p < least.length; p++) {
            while (least[p] > 0 && Arrays.stream(least).sum() > 1) {
                least[p]--;
                Around around = around(kind, least, hurry);
                if (around.pattern() != null || !around.isKnown()) {
                    least[p]++;
                    break;
                }
            }
        }
        long part = 0;
        for (int p = 0; p < least.length; p++) {
            part += least[p] == 0 ? 0 : lots.one(p) * least[p];
        }
        learnt++;
        Set<Long> kept = new LinkedHashSet<>();
        Set<Long> less = new LinkedHashSet<>();
        for (long was : full.get(kind)) {
            if (!lots.holds(was, part)) {
                kept.add(was);
                continue;
            }
            for (int p = 0; p < least.length; p++) {
                if (least[p] > 0) {
                    less.add(was - lots.one(p) * (lots.count(was, p) - least[p] + 1));
                }
            }
        }
        for (long one : less) {
            if (one != 0
                    && kept.stream().noneMatch(other -> lots.holds(other, one))
                    && less.stream().noneMatch(other -> other != one && lots.holds(other, one))) {
                kept.add(one);
            }
        }
        full.set(kind, kept.stream().mapToLong(each -> each).toArray());
    }
}
