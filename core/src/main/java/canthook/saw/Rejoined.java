package canthook.saw;

import canthook.refusal.Refused;
import canthook.saw.SawEvent.Kind;
import java.util.ArrayList;
import java.util.List;

/**
 * What a device marked while it was away, laid over what happened to the run meanwhile.
 *
 * <pre>
 * a pass marked here that is the next one     is taken
 * a pass marked here that is made already     is alike: it was marked on both
 * a pass taken back here that is not made     is alike
 * marked and taken back here again            never happened
 * anything else                               cannot be told: it and all after it are left to the maker
 * </pre>
 *
 * @param run as it stands with what was taken
 * @param taken indices of what was taken, in order
 * @param alike how many were marked on both
 * @param left indices of what could not be taken, in order
 */
public record Rejoined(SawRun run, List<Integer> taken, int alike, List<Integer> left) {
    /**
     * @param away in the order they were marked: passes made and passes taken back
     * @throws Refused when something else is among them
     */
    public static Rejoined of(SawRun now, List<SawEvent> away) {
        List<Integer> rest = settled(away);
        List<Integer> taken = new ArrayList<>();
        SawRun run = now;
        int alike = 0;
        for (int i = 0; i < rest.size(); i++) {
            SawEvent event = away.get(rest.get(i));
            boolean isDone = event.kind() == Kind.DONE;
            if (fits(run, event)) {
                run = run.after(event);
                taken.add(rest.get(i));
            } else if (isMade(run, event) == isDone) {
                alike++;
            } else {
                return new Rejoined(run, List.copyOf(taken), alike, List.copyOf(rest.subList(i, rest.size())));
            }
        }
        return new Rejoined(run, List.copyOf(taken), alike, List.of());
    }

    /** Without what was marked and taken back again. */
    private static List<Integer> settled(List<SawEvent> away) {
        List<Integer> rest = new ArrayList<>();
        for (int i = 0; i < away.size(); i++) {
            SawEvent event = away.get(i);
            if (event.kind() != Kind.DONE && event.kind() != Kind.BACK) {
                throw new Refused("events", "Away from the shop only passes are marked, and taken back.");
            }
            int last = rest.size() - 1;
            if (event.kind() == Kind.BACK
                    && last >= 0
                    && away.get(rest.get(last)).equals(SawEvent.done(String.valueOf(event.cut())))) {
                rest.remove(last);
            } else {
                rest.add(i);
            }
        }
        return rest;
    }

    private static boolean fits(SawRun run, SawEvent event) {
        int at = event.kind() == Kind.DONE ? run.at() : run.at() - 1;
        return at >= 0 && at < run.items().size() && run.items().get(at).id().equals(event.cut());
    }

    private static boolean isMade(SawRun run, SawEvent event) {
        return run.items().stream().anyMatch(i -> i.done() && i.id().equals(event.cut()));
    }
}
