package canthook.server.sheets;

import canthook.length.LengthDisplay;
import canthook.sheets.SheetPlan;
import canthook.sheets.SheetRead;
import canthook.sheets.SheetSolver;
import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.SheetTask;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Service;

/**
 * One search at a time: it takes a whole processor. A newer question of the same asker makes the older hurry, and no search
 * takes longer than it may.
 */
@Service
class SheetSearches {
    static final long MOST_NANOS = 9_000_000_000L;
    private static final int REMEMBERED = 60;

    private final SheetSolver solver;
    private final ReentrantLock turn = new ReentrantLock(true);
    private final Map<String, Long> newest = new HashMap<>();
    private long count;
    private final Cache<SheetTask, SheetPlan> found =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    SheetSearches(@Lazy SheetSolver solver) {
        this.solver = solver;
    }

    /** A plan and what is to be read of it. */
    record Found(SheetPlan plan, SheetRead read) {}

    /** @param nanos it may take; what was sought in less than the most is not remembered */
    Found seek(String asker, SheetTask task, LengthDisplay display, long nanos) {
        long mine;
        synchronized (newest) {
            mine = ++count;
            newest.put(asker, mine);
        }
        SheetPlan known = found.getIfPresent(task);
        turn.lock();
        try {
            long until = System.nanoTime() + nanos;
            Hurry hurry = Hurry.until(until, () -> isOld(asker, mine));
            SheetPlan plan = known == null ? solver.solve(task, hurry) : known;
            if (known == null && !isOld(asker, mine) && (nanos == MOST_NANOS || System.nanoTime() < until)) {
                found.put(task, plan);
            }
            return new Found(plan, SheetRead.of(plan, display, solver, hurry));
        } finally {
            turn.unlock();
            synchronized (newest) {
                newest.remove(asker, mine);
            }
        }
    }

    private boolean isOld(String asker, long mine) {
        synchronized (newest) {
            return newest.getOrDefault(asker, mine) > mine;
        }
    }
}
