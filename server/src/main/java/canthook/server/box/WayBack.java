package canthook.server.box;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Where undo and redo lead from the newest state of a box, told by its history alone: so they reach over a reload and over devices.
 *
 * @param back revisions undo leads to, the nearest first
 * @param forth revisions redo leads to, the nearest first
 */
public record WayBack(List<Long> back, List<Long> forth) {
    /**
     * A state in the history.
     *
     * @param backTo the earlier revision whose state it is again, by undo or redo; null for a change
     */
    record Step(long revision, @Nullable Long backTo) {}

    /** @param steps the oldest first */
    static WayBack of(List<Step> steps) {
        if (steps.isEmpty()) {
            return new WayBack(List.of(), List.of());
        }
        Deque<Long> back = new ArrayDeque<>();
        Deque<Long> forth = new ArrayDeque<>();
        // a state that was gone back to is known by the revision it first had
        Map<Long, Long> first = new HashMap<>();
        long now = steps.get(0).revision();
        for (Step step : steps.subList(1, steps.size())) {
            Long asked = step.backTo();
            long to = asked == null ? step.revision() : first.getOrDefault(asked, asked);
            if (to == now) {
                // saved as it was
                first.put(step.revision(), to);
                continue;
            }
            if (back.contains(to)) {
                walk(now, to, back, forth);
            } else if (forth.contains(to)) {
                walk(now, to, forth, back);
            } else {
                to = step.revision();
                back.push(now);
                forth.clear();
            }
            first.put(step.revision(), to);
            now = to;
        }
        return new WayBack(List.copyOf(back), List.copyOf(forth));
    }

    private static void walk(long now, long to, Deque<Long> from, Deque<Long> into) {
        into.push(now);
        for (long passed = from.pop(); passed != to; passed = from.pop()) {
            into.push(passed);
        }
    }
}
