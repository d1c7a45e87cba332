package canthook.practice;

import canthook.practice.Drill.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Which drill comes next: what was missed sooner, what was known later.
 *
 * <pre>
 * level   0 at first and after a miss, one more after each that was right
 * due     2 · 2^level drills after it was last seen; never seen is due
 * next    of those due a missed one, then one never seen, then the lowest level; of equals the one longest due, then in turn of the kinds
 * </pre>
 *
 * Check: seen at 1 and missed, it is due at 3; right at 3, due at 7; right at 7, due at 15.
 *
 * @param kind of the drill
 * @param subject of it
 */
public record Spaced(Kind kind, String subject) {

    /** One that was answered. */
    public record Answered(Kind kind, String subject, boolean right) {}

    private record State(int level, int seen) {}

    /** What comes next, after these were answered, oldest first. */
    public static Spaced next(List<Answered> answered) {
        Map<Spaced, State> known = states(answered);
        int now = answered.size() + 1;
        List<Spaced> all = all();
        return all.stream()
                .min(Comparator.<Spaced>comparingInt(
                                s -> due(known.get(s)) <= now ? rank(known.get(s)) : Integer.MAX_VALUE)
                        .thenComparingInt(s -> due(known.get(s)))
                        .thenComparingInt(all::indexOf))
                .orElseThrow();
    }

    private static int due(@Nullable State state) {
        return state == null ? 1 : state.seen() + (2 << Math.min(state.level(), 10));
    }

    /** Missed, never seen, known a little, known well. */
    private static int rank(@Nullable State state) {
        return state == null ? 0 : state.level() == 0 ? -1 : state.level();
    }

    private static Map<Spaced, State> states(List<Answered> answered) {
        Map<Spaced, State> known = new LinkedHashMap<>();
        for (int i = 0; i < answered.size(); i++) {
            Answered a = answered.get(i);
            Spaced what = new Spaced(a.kind(), a.subject());
            State before = known.get(what);
            int level = !a.right() ? 0 : before == null ? 1 : before.level() + 1;
            known.put(what, new State(level, i + 1));
        }
        return known;
    }

    /** Everything that can be asked, the kinds in turn so that they are mixed. */
    static List<Spaced> all() {
        List<Spaced> all = new ArrayList<>();
        for (int i = 0; ; i++) {
            int before = all.size();
            for (Kind kind : Kind.values()) {
                List<String> subjects = Drill.subjects(kind);
                if (i < subjects.size()) {
                    all.add(new Spaced(kind, subjects.get(i)));
                }
            }
            if (all.size() == before) {
                return List.copyOf(all);
            }
        }
    }
}
