package canthook.saw;

import canthook.cutlist.CutList;
import canthook.cutlist.SawCut;
import canthook.plan.PartEnd;
import canthook.refusal.Refused;
import canthook.saw.SawEvent.Kind;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A run at the saw: a cut list, and what happened, replayed from the first event. The same events always give the same place.
 *
 * <p>A spoilt part is replaced by a new one, which is brought up to where the others are: all cuts its stack has behind it are put in
 * before the next one, for the new part alone. The new part goes by the old one's letter with a stroke: A′.
 *
 * @param items the cuts in the order they are made, those for new parts among them
 * @param checked checks of the set-up that were made
 * @param at index of the next cut; the number of items when all are made
 * @param spoilt parts that were spoilt, in order
 */
public record SawRun(List<Item> items, Set<String> checked, int at, List<Spoilt> spoilt) {

    /**
     * One cut to be made.
     *
     * @param id of the cut; of one for a new part, with the part in it
     * @param parts cut together, a new part with its stroke
     * @param extra whether it was put in for a new part
     */
    public record Item(String id, SawCut cut, String parts, boolean extra, boolean done) {
        Item done(boolean made) {
            return new Item(id, cut, parts, extra, made);
        }
    }

    /** A part that was spoilt, and what it is replaced by. */
    public record Spoilt(String part, String by, SawEvent.Wrong wrong) {}

    /** Nothing has happened yet. */
    private static List<Item> fresh(CutList list) {
        List<Item> items = new ArrayList<>();
        for (SawCut cut : list.cuts()) {
            items.add(new Item(cut.id(), cut, cut.stack(), false, false));
        }
        return items;
    }

    /**
     * Replays what happened.
     *
     * @throws Refused when an event does not fit: a cut that is not the next one, a part that is not in the box
     */
    public static SawRun of(CutList list, List<SawEvent> events) {
        SawRun run = new SawRun(fresh(list), Set.of(), 0, List.of());
        for (SawEvent event : events) {
            run = run.after(event);
        }
        return run;
    }

    public boolean isFinished() {
        return at >= items.size();
    }

    /** The run after one more event. */
    public SawRun after(SawEvent event) {
        return switch (event.kind()) {
            case CHECKED, UNCHECKED -> check(event);
            case DONE -> done(event);
            case BACK -> back(event);
            case SPOILT -> spoil(event);
        };
    }

    private SawRun check(SawEvent event) {
        Set<String> now = new LinkedHashSet<>(checked);
        String id = event.check() == null ? "" : event.check();
        if (event.kind() == Kind.CHECKED) {
            now.add(id);
        } else {
            now.remove(id);
        }
        return new SawRun(items, now, at, spoilt);
    }

    private SawRun done(SawEvent event) {
        if (isFinished() || !items.get(at).id().equals(event.cut())) {
            throw new Refused(
                    "cut",
                    isFinished()
                            ? "All passes are made."
                            : "The next pass is another one: “" + items.get(at).id() + "”.");
        }
        return new SawRun(with(at, true), checked, at + 1, spoilt);
    }

    private SawRun back(SawEvent event) {
        if (at == 0 || !items.get(at - 1).id().equals(event.cut())) {
            throw new Refused("cut", at == 0 ? "No pass is made yet." : "Only the last pass can be taken back.");
        }
        return new SawRun(with(at - 1, false), checked, at - 1, spoilt);
    }

    private List<Item> with(int which, boolean done) {
        List<Item> after = new ArrayList<>(items);
        after.set(which, after.get(which).done(done));
        return after;
    }

    private SawRun spoil(SawEvent event) {
        SawEvent.Wrong wrong = event.wrong() == null ? SawEvent.Wrong.OTHER : event.wrong();
        String part = event.part() == null ? "" : event.part();
        String letter = part.replace("′", "");
        String standing = standing(letter);
        if (!part.equals(standing)) {
            throw new Refused(
                    "part",
                    standing.isEmpty()
                            ? "There is no part “" + part + "”."
                            : "That part was replaced already by " + standing + ".");
        }
        String by = part + "′";
        List<Item> after = new ArrayList<>(items.subList(0, at));
        for (Item item : items.subList(0, at)) {
            PartEnd end = item.extra() ? null : endOf(item, letter);
            if (end != null) {
                after.add(new Item(item.id() + "." + by, item.cut(), by + end.end(), true, false));
            }
        }
        for (Item item : items.subList(at, items.size())) {
            boolean abandoned = item.extra()
                    && item.parts().startsWith(part)
                    && !item.parts().startsWith(by);
            if (!abandoned) {
                after.add(renamed(item, part, by));
            }
        }
        List<Spoilt> all = new ArrayList<>(spoilt);
        all.add(new Spoilt(part, by, wrong));
        return new SawRun(after, checked, at, List.copyOf(all));
    }

    /** What goes by a letter now: the part itself, or the last new one. */
    private String standing(String letter) {
        boolean known = items.stream().anyMatch(i -> endOf(i, letter) != null);
        String name = known ? letter : "";
        for (Spoilt s : spoilt) {
            if (s.part().equals(name)) {
                name = s.by();
            }
        }
        return name;
    }

    private static Item renamed(Item item, String part, String by) {
        String letter = part.replace("′", "");
        PartEnd end = endOf(item, letter);
        if (item.extra() || end == null) {
            return item;
        }
        return new Item(
                item.id(), item.cut(), item.parts().replace(part + end.end(), by + end.end()), false, item.done());
    }

    private static @Nullable PartEnd endOf(Item item, String letter) {
        return item.cut().ends().stream()
                .filter(e -> e.part().name().equals(letter))
                .findFirst()
                .orElse(null);
    }

    /** Seconds the cuts still to be made take, and the set-ups before them. */
    public double secondsLeft(double perPass, double perSetup) {
        double left = 0;
        String stack = at > 0 && at <= items.size() ? stackOf(items.get(at - 1)) : "";
        for (Item item : items.subList(Math.min(at, items.size()), items.size())) {
            left += perPass + (stackOf(item).equals(stack) ? 0 : perSetup);
            stack = stackOf(item);
        }
        return left;
    }

    /** Whether the next cut is the first of a set-up. */
    public boolean beginsSetup() {
        return !isFinished() && (at == 0 || !stackOf(items.get(at)).equals(stackOf(items.get(at - 1))));
    }

    private static String stackOf(Item item) {
        return item.parts() + item.cut().pass().end();
    }
}
