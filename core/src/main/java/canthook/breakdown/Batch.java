package canthook.breakdown;

import canthook.board.Blank;
import canthook.breakdown.BreakdownTask.Habits;
import canthook.breakdown.BreakdownTask.Wanted;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import java.util.ArrayList;
import java.util.List;

/**
 * What a plan's batch asks of the rack: the boxes as worked, the blanks picked, the shop's habits.
 *
 * @param box the box on the bench, with its wish
 * @param others the other kinds of box, with how many of each
 * @param rack all blanks there are
 */
public record Batch(WorkedPlan box, List<Other> others, List<Blank> rack, HouseRules rules) {
    /** So many of another box. */
    public record Other(WorkedPlan box, int count) {}

    /** A blank that is left on the rack, and why. */
    public record LeftAlone(Blank blank, String why) {}

    public Batch {
        others = List.copyOf(others);
        rack = List.copyOf(rack);
        if (box.plan().batch() == null) {
            throw new IllegalArgumentException("The plan asks for no batch.");
        }
    }

    private BatchWish wish() {
        return java.util.Objects.requireNonNull(box.plan().batch());
    }

    /** The same batch with the box on the bench worked anew. */
    Batch with(WorkedPlan changed) {
        return new Batch(changed, others, rack, rules);
    }

    Batch with(List<Blank> boards) {
        List<Blank> more = new ArrayList<>(rack);
        more.addAll(boards);
        BatchWish wish = wish();
        if (wish.blanks().isEmpty()) {
            return new Batch(box, others, more, rules);
        }
        List<String> picked = new ArrayList<>(wish.blanks());
        boards.forEach(another -> picked.add(another.id()));
        BoxPlan plan = box.plan().withBatch(wish.withBlanks(picked));
        return new Batch(box.with(plan), others, more, rules);
    }

    public BreakdownTask task() {
        BatchWish wish = wish();
        List<Wanted> wanted = new ArrayList<>();
        wanted.add(wanted(box, wish.count(), wish.spareSides(), wish.spareEnds()));
        for (Other other : others) {
            wanted.add(wanted(other.box(), other.count(), 0, 0));
        }
        return new BreakdownTask(
                wanted,
                picked(),
                new Habits(
                        box.blank().squaring().length(),
                        rules.snipe(),
                        box.blank().kerf().length(),
                        box.blank().kerf().length(),
                        rules.resawKerf(),
                        rules.planing(),
                        wish.broken(),
                        wish.resaw()));
    }

    private List<Blank> picked() {
        List<String> ids = wish().blanks();
        return ids.isEmpty()
                ? rack
                : rack.stream().filter(b -> ids.contains(b.id())).toList();
    }

    private static Wanted wanted(WorkedPlan worked, int count, int spareSides, int spareEnds) {
        return new Wanted(
                worked.plan().name(),
                worked.size().sideLength().length(),
                worked.size().endLength().length(),
                worked.fingers().firstRip().length(),
                worked.size().thickness().length(),
                worked.size().endThickness().length(),
                worked.plan().walls().wood(),
                worked.plan().endStuff().wood(),
                count,
                spareSides,
                spareEnds);
    }

    /** Blanks that suit none of the boxes, each with its reason. */
    public List<LeftAlone> leftAlone(BreakdownTask task) {
        LengthDisplay display = box.plan().display();
        List<LeftAlone> alone = new ArrayList<>();
        for (Blank blank : task.blanks()) {
            String why = whyNot(blank, task, display);
            if (!why.isEmpty()) {
                alone.add(new LeftAlone(blank, why));
            }
        }
        return alone;
    }

    private static String whyNot(Blank blank, BreakdownTask task, LengthDisplay display) {
        List<Wanted> ofWood = task.boxes().stream()
                .filter(w -> w.sideWood().equals(blank.wood()) || w.endWood().equals(blank.wood()))
                .toList();
        if (ofWood.isEmpty()) {
            return "is of another wood";
        }
        List<Wanted> thick = ofWood.stream()
                .filter(w -> Ripping.suitsSide(blank, w) || Ripping.suitsEnd(blank, w))
                .toList();
        if (thick.isEmpty()) {
            Length least =
                    ofWood.stream().map(Wanted::thinnest).min(Length::compareTo).orElseThrow();
            return "is " + display.text(least.minus(blank.thickness()), Precision.FIT) + " too thin";
        }
        Length low = thick.stream().map(Wanted::rip).min(Length::compareTo).orElseThrow();
        if (blank.width().isUnder(low)) {
            return "is " + display.text(low.minus(blank.width()), Precision.LAYOUT) + " too narrow";
        }
        Length loss = task.lossAtEnd(blank).times(2);
        if (!blank.length().isOver(loss)) {
            return "is shorter than what squaring its ends takes";
        }
        Length least = thick.stream()
                .map(w -> Length.shorter(w.side(), w.end()))
                .min(Length::compareTo)
                .orElseThrow();
        if (blank.length().minus(loss).isUnder(least)) {
            return "is too short for any part";
        }
        return Ripping.of(blank, task).isEmpty() ? "has no clear length" : "";
    }
}
