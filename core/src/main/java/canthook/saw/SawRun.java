package canthook.saw;

import canthook.cutlist.BatchCuts;
import canthook.cutlist.CutList;
import canthook.cutlist.SawCut;
import canthook.plan.PartEnd;
import canthook.refusal.Refused;
import canthook.saw.SawEvent.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A run at the saw: a cut list, and what happened, replayed from the first event. The same events always give the same place.
 *
 * <p>A spoilt part is replaced by a new one, which is brought up to where the others are: all cuts its stack has behind it are put in
 * before the next one, for the new part alone. The new part goes by the old one's letter with a stroke: A′.
 *
 * <p>In a run of many boxes a part has the number of its box: A3 is side A of box 3.
 *
 * @param items the cuts in the order they are made, those for new parts among them
 * @param checked checks of the set-up that were made
 * @param at index of the next cut; the number of items when all are made
 * @param spoilt parts that were spoilt, in order
 */
public record SawRun(List<Item> items, Set<String> checked, int at, List<Spoilt> spoilt) {

    /**
     * An end in the stack.
     *
     * @param part as it is called: A, and A3 where it is side A of box 3; a new part with its stroke
     */
    public record Lying(String part, PartEnd end) {}

    /**
     * One cut to be made.
     *
     * @param id of the cut; of one for a new part, with the part in it
     * @param stack what is cut together
     * @param many whether it is one of many boxes, whose parts have numbers of their own
     * @param extra whether it was put in for a new part
     */
    public record Item(String id, SawCut cut, List<Lying> stack, boolean many, boolean extra, boolean done) {
        public Item {
            stack = List.copyOf(stack);
        }

        Item done(boolean made) {
            return new Item(id, cut, stack, many, extra, made);
        }

        /** What lies in the stack, in words: {@code A1 + C1}, or {@code A2 C2 A3, end 1}. */
        public String parts() {
            return many
                    ? stack.stream().map(Lying::part).collect(Collectors.joining(" ")) + ", end "
                            + stack.get(0).end().end()
                    : stack.stream().map(l -> l.part() + l.end().end()).collect(Collectors.joining(" + "));
        }

        private @Nullable Lying lying(String letter) {
            return stack.stream()
                    .filter(l -> l.part().replace("′", "").equals(letter))
                    .findFirst()
                    .orElse(null);
        }
    }

    /** A part that was spoilt, and what it is replaced by. */
    public record Spoilt(String part, String by, SawEvent.Wrong wrong) {}

    /** Nothing has happened yet. */
    private static List<Item> fresh(CutList list) {
        List<Item> items = new ArrayList<>();
        for (SawCut cut : list.cuts()) {
            List<Lying> stack =
                    cut.ends().stream().map(e -> new Lying(e.part().name(), e)).toList();
            items.add(new Item(cut.id(), cut, stack, false, false, false));
        }
        return items;
    }

    /** Stacks of many boxes, and what happened. */
    public static SawRun ofMany(BatchCuts batch, List<SawEvent> events) {
        List<Item> items = batch.passes().stream()
                .map(p -> new Item(
                        p.id(),
                        p.cut(),
                        p.ends().stream().map(e -> new Lying(e.part(), e.end())).toList(),
                        true,
                        false,
                        false))
                .toList();
        return replayed(new SawRun(items, Set.of(), 0, List.of()), events);
    }

    /**
     * Replays what happened.
     *
     * @throws Refused when an event does not fit: a cut that is not the next one, a part that is not in the box
     */
    public static SawRun of(CutList list, List<SawEvent> events) {
        return replayed(new SawRun(fresh(list), Set.of(), 0, List.of()), events);
    }

    private static SawRun replayed(SawRun fresh, List<SawEvent> events) {
        SawRun run = fresh;
        for (SawEvent event : events) {
            run = run.after(event);
        }
        return run;
    }

    public boolean isFinished() {
        return at >= items.size();
    }

    /** What part of its passes is made, from 0 to 1. */
    public double share() {
        return items.isEmpty() ? 0 : items.stream().filter(Item::done).count() / (double) items.size();
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
            Lying lying = item.extra() ? null : item.lying(letter);
            if (lying != null) {
                after.add(new Item(
                        item.id() + "." + by,
                        item.cut(),
                        List.of(new Lying(by, lying.end())),
                        item.many(),
                        true,
                        false));
            }
        }
        for (Item item : items.subList(at, items.size())) {
            boolean abandoned = item.extra() && item.stack().get(0).part().equals(part);
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
        boolean known = items.stream().anyMatch(i -> i.lying(letter) != null);
        return known ? now(letter) : "";
    }

    private static Item renamed(Item item, String part, String by) {
        if (item.extra() || item.stack().stream().noneMatch(l -> l.part().equals(part))) {
            return item;
        }
        List<Lying> stack = item.stack().stream()
                .map(l -> l.part().equals(part) ? new Lying(by, l.end()) : l)
                .toList();
        return new Item(item.id(), item.cut(), stack, item.many(), false, item.done());
    }

    /** What every part is called now, in the order they are first cut. */
    public List<String> parts() {
        Set<String> all =
                new TreeSet<>(Comparator.<String>comparingInt(p -> number(p)).thenComparing(p -> p));
        Set<String> letters = new HashSet<>();
        for (Item item : items) {
            for (Lying lying : item.stack()) {
                letters.add(lying.part().replace("′", ""));
            }
        }
        letters.forEach(letter -> all.add(now(letter)));
        return List.copyOf(all);
    }

    private String now(String letter) {
        String name = letter;
        for (Spoilt s : spoilt) {
            if (s.part().equals(name)) {
                name = s.by();
            }
        }
        return name;
    }

    /** Of the box a part is of; 0 where there is one box alone. */
    private static int number(String part) {
        String digits = part.replaceAll("[^0-9]", "");
        return digits.isEmpty() ? 0 : Integer.parseInt(digits);
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
