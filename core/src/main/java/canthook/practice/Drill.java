package canthook.practice;

import canthook.bottom.Bottoms;
import canthook.bottom.WorkedBottom;
import canthook.fingers.Rung;
import canthook.fit.Fit;
import canthook.fit.Fit.Direction;
import canthook.length.Length;
import canthook.length.Precision;
import canthook.panel.GrooveEnds.GrooveEnd;
import canthook.panel.GrooveEnds.Run;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.JigChoice.Way;
import canthook.plan.PartEnd;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One picture and one decision. What is right comes from the worked plan of a box made from the seed, never from the drill.
 *
 * @param subject what of its kind it is about, and what comes back sooner when it was missed: a jig, odd or even
 * @param right index of the right choice
 * @param why it is right
 * @param worked what the picture is drawn from
 * @param turned how the part lies; null where none does
 * @param counts what each choice would be, where counts are asked; empty elsewhere
 */
public record Drill(
        Kind kind,
        String subject,
        long seed,
        String question,
        List<String> choices,
        int right,
        String why,
        WorkedPlan worked,
        @Nullable Turned turned,
        List<Integer> counts) {

    /** Kinds of drill. */
    public enum Kind {
        WHICH_WAY("Which way"),
        TURNED("Is it turned"),
        GROOVE("Where the groove shows"),
        COUNT("Which count");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private static final String ODD = "odd";
    private static final String EVEN = "even";
    private static final String ONE_END = "in one end of every part";

    public Drill {
        choices = List.copyOf(choices);
        counts = List.copyOf(counts);
    }

    /** What a kind of drill can be about. */
    public static List<String> subjects(Kind kind) {
        return switch (kind) {
            case WHICH_WAY -> List.of(Way.values()).stream().map(Way::name).toList();
            case TURNED, GROOVE -> List.of(ODD, EVEN);
            case COUNT -> List.of(ODD);
        };
    }

    /** The drill of a seed. */
    public static Drill of(Kind kind, String subject, long seed) {
        Random random = new Random(seed * 31 + kind.ordinal() * 17L + subject.hashCode());
        return switch (kind) {
            case WHICH_WAY -> whichWay(Way.valueOf(subject), seed, random);
            case TURNED -> turned(subject, seed, random);
            case GROOVE -> groove(subject, seed, random);
            case COUNT -> count(seed, random);
        };
    }

    private static Drill whichWay(Way way, long seed, Random random) {
        BoxPlan plan = PracticeBox.of(way, 0.03, random);
        WorkedPlan planned = Planner.work(plan, new Shop(HouseRules.DEFAULT, List.of()));
        Rung rung = planned.fingers().chosen();
        int which = random.nextInt(5);
        double off = which == 4 ? 0 : (which % 2 == 0 ? 1 : -1) * (10 + random.nextInt(25)) / 100.0;
        Length slot = rung.slot().length().plus(Length.mm(random.nextInt(3) / 100.0));
        Length finger = slot.minus(rung.wanted().length()).minus(Length.mm(off));
        TestCut cut = new TestCut("2000-01-01T08:00:00Z", List.of(round(slot)), List.of(round(finger)), null)
                .cutFor(rung.sections().count(), rung.kerf().length());
        WorkedPlan worked = Planner.work(plan, new Shop(HouseRules.DEFAULT, List.of(cut)));
        Fit.Reading reading = Objects.requireNonNull(worked.fit().reading());
        Hand hand = Hand.at(way);
        List<String> choices = List.of(capital(hand.away()), capital(hand.towards()), "Leave it");
        int right = reading.direction() == Direction.AWAY ? 0 : reading.direction() == Direction.TOWARDS ? 1 : 2;
        String read = "Slot " + reading.slot().text(plan.display()) + ", finger "
                + reading.finger().text(plan.display()) + ", wanted "
                + worked.fit().target().text(plan.display());
        String why = "Slot less finger is " + reading.clearance().text(plan.display()) + ". "
                + (reading.correction() == null
                        ? "That is the clearance wanted, as near as a caliper reads: leave it."
                        : reading.correction().sentence() + " The next test is to read "
                                + reading.nextSlot().text(plan.display()) + " and "
                                + reading.nextFinger().text(plan.display()) + ".");
        return new Drill(
                Kind.WHICH_WAY,
                way.name(),
                seed,
                capital(way.words()) + ". " + read + ". What do you do?",
                choices,
                right,
                why,
                worked,
                null,
                List.of());
    }

    /** The fit after a choice of which way, moved by as much as it is off; by a tenth where it should have been left. */
    public WorkedPlan after(int choice) {
        TestCut cut = worked.shop().testCuts().get(0);
        Fit.Reading reading = Objects.requireNonNull(worked.fit().reading());
        Length off = reading.move().length().abs();
        Length by =
                choice == 2 ? Length.ZERO : Length.longer(off, Length.mm(0.1)).times(choice == 0 ? 1 : -1);
        TestCut then = new TestCut(
                        cut.at(), cut.slots(), List.of(cut.fingers().get(0).plus(by)), null)
                .cutFor(
                        worked.fingers().chosen().sections().count(),
                        worked.fingers().chosen().kerf().length());
        return Planner.work(worked.plan(), new Shop(HouseRules.DEFAULT, List.of(then)));
    }

    private static Drill turned(String subject, long seed, Random random) {
        Way way = Way.values()[random.nextInt(Way.values().length - 1)];
        WorkedPlan worked = parity(subject, way, random);
        Turned turned = Turned.values()[random.nextInt(Turned.values().length)];
        boolean odd = subject.equals(ODD);
        return new Drill(
                Kind.TURNED,
                subject,
                seed,
                capital(way.words()) + ": a part of "
                        + worked.fingers().chosen().sections().count() + " sections. How does it lie?",
                List.of(Turned.values()).stream().map(Turned::words).toList(),
                turned.ordinal(),
                turned.why()
                        + (odd
                                ? " With an odd count the pattern is the same either way: only the marks tell, and the clearance, which"
                                        + " then falls on the wrong side."
                                : " With an even count one end begins with a finger and the other with a slot: turned, finger meets"
                                        + " finger."),
                worked,
                turned,
                List.of());
    }

    private static Drill groove(String subject, long seed, Random random) {
        WorkedPlan worked = parity(subject, Way.SLED_KEY, random);
        BoxPlan plan = worked.plan();
        double section = worked.fingers().chosen().slot().length().mm();
        // within one section, where it must show on one mate alone
        int at = 1 + random.nextInt(2);
        Length high = Length.mm(Math.round(section * 0.5 * 10) / 10.0);
        Length offset = Length.mm(Math.round(section * (at + 0.2) * 10) / 10.0);
        worked = Planner.work(Bottoms.inAGroove(plan, high, Length.mm(4), offset), worked.shop());
        WorkedBottom bottom = worked.bottom();
        Set<PartEnd> shows = bottom.grooves().stream()
                .flatMap(run -> run.ends().stream())
                .filter(end -> end.run() == Run.STOP || end.run() == Run.SHOWS)
                .map(GrooveEnd::end)
                .collect(Collectors.toSet());
        boolean sides = shows.stream().allMatch(end -> end.part().isSide());
        boolean ends = shows.stream().allMatch(end -> end.part().isEnd());
        List<String> choices = List.of(
                "in the ends of A and C", "in the ends of B and D", ONE_END, "nowhere, it may run through everywhere");
        int right = shows.isEmpty() ? 3 : sides ? 0 : ends ? 1 : 2;
        return new Drill(
                Kind.GROOVE,
                subject,
                seed,
                "The groove lies " + plan.display().text(offset, Precision.LAYOUT)
                        + " up and is " + plan.display().text(high, Precision.LAYOUT)
                        + " high. Run right through, where does it show?",
                choices,
                right,
                "It shows where the part has a finger at that height: the groove runs out through the finger’s tip. Where the part has a"
                        + " slot, the mate’s finger covers it. So: " + choices.get(right) + ". Stop it there.",
                worked,
                null,
                List.of());
    }

    private static Drill count(long seed, Random random) {
        WorkedPlan worked = parity(ODD, Way.SLED_KEY, random);
        BoxPlan plan = worked.plan();
        Length wall = Length.mm(
                Math.round(worked.fingers().chosen().closing().length().mm() + 0.3 + random.nextInt(40) / 10.0));
        BoxPlan open =
                plan.with(plan.size().withHeight(wall)).with(plan.fingers().withSections(null));
        WorkedPlan laid = Planner.work(open, worked.shop());
        List<Rung> rungs = laid.fingers().rungs().stream()
                .filter(r -> r.sections().count() % 2 == 1)
                .sorted(Comparator.comparingInt(r -> r.sections().count()))
                .toList();
        Rung best = rungs.stream()
                .filter(r -> !r.onePassCloses().isOver(wall))
                .max(Comparator.comparing(r -> r.onePassCloses().length()))
                .orElseThrow();
        int n = best.sections().count();
        List<Integer> counts = new ArrayList<>(List.of(Math.max(3, n - 4), n - 2, n, n + 2));
        counts.removeIf(c -> c < 3);
        counts = new ArrayList<>(counts.stream().distinct().toList());
        Collections.shuffle(counts, random);
        String each = rungs.stream()
                .filter(r -> Math.abs(r.sections().count() - n) <= 2)
                .map(r ->
                        r.sections().count() + " close at " + r.onePassCloses().text(plan.display()))
                .collect(Collectors.joining(", "));
        return new Drill(
                Kind.COUNT,
                ODD,
                seed,
                "A cutter of " + best.kerf().text(plan.display()) + ", clearance "
                        + best.clearance().text(plan.display()) + ", boards ripped "
                        + plan.display().text(wall, Precision.LAYOUT)
                        + " wide. Which odd count, one pass a slot, loses least?",
                counts.stream().map(c -> c + " sections").toList(),
                counts.indexOf(n),
                "Sections times the slot, less a clearance for every finger: " + each
                        + ". What is over is ripped off, and " + plan.display().text(wall, Precision.LAYOUT)
                        + " cannot be made higher.",
                Planner.work(open.with(open.fingers().withSections(n)), worked.shop()),
                null,
                counts);
    }

    private static WorkedPlan parity(String subject, Way way, Random random) {
        BoxPlan plan = PracticeBox.of(way, 0.03, random);
        int count = 7 + 2 * random.nextInt(3) + (subject.equals(EVEN) ? 1 : 0);
        return Planner.work(
                plan.with(plan.fingers()
                        .with(subject.equals(EVEN) ? Parity.EVEN : Parity.ODD)
                        .withSections(count)),
                new Shop(HouseRules.DEFAULT, List.of()));
    }

    private static Length round(Length length) {
        return Length.mm(Math.round(length.mm() * 100) / 100.0);
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
