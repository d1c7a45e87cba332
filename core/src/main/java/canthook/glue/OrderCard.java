package canthook.glue;

import canthook.fingers.End;
import canthook.fingers.Joint;
import canthook.plan.GlueChoice;
import canthook.plan.GlueChoice.Clamps;
import canthook.plan.GlueChoice.Spread;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.plan.SizeWish.Tips;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * The glue-up in order, a picture a step: what stands, what is spread, what goes in.
 *
 * <pre>
 * begins with a slot-first part on the bench, reference edge down; its neighbours; what lies in grooves; the part opposite
 * two halves: a corner and the one opposite by themselves, then what lies in grooves, then both halves together
 * </pre>
 *
 * @param steps in order
 * @param topIn whether a top panel is shut in with the bottom, to be sawn off with its walls
 */
public record OrderCard(List<Step> steps, boolean topIn) {

    /** Whether the panel of a bottom or a lid lies in the walls while they are glued. */
    public boolean holds(String panel) {
        return panel.equals("bottom") || (panel.equals("lid") && topIn);
    }

    /** What the clock does during a step. */
    public enum Phase {
        /** Before the glue is opened. */
        BEFORE,
        SPREADING,
        CLOSING,
        /** The first half set: the clock stands. */
        SETTING
    }

    /**
     * One step.
     *
     * @param says one instruction
     * @param why what to look for, or what goes wrong otherwise
     * @param standing parts that stand joined once it is done
     * @param beside the other half, where that is joined already and stands by itself
     * @param spread ends that are spread in it
     * @param panelIn whether what lies in grooves is in
     * @param seconds of the clock it takes
     * @param clamped whether clamps are on once it is done
     */
    public record Step(
            String says,
            String why,
            Phase phase,
            Set<Part> standing,
            Set<Part> beside,
            List<PartEnd> spread,
            boolean panelIn,
            double seconds,
            boolean clamped) {
        public Step {
            standing = Set.copyOf(standing);
            beside = Set.copyOf(beside);
            spread = List.copyOf(spread);
        }

        Step(
                String says,
                String why,
                Phase phase,
                Set<Part> standing,
                Set<Part> beside,
                List<PartEnd> spread,
                boolean panelIn,
                double seconds) {
            this(says, why, phase, standing, beside, spread, panelIn, seconds, false);
        }
    }

    static OrderCard of(GlueChoice choice, Tips tips, Joint joint, Within within, GlueTime time) {
        return new Writer(choice, tips, joint, within, time).card();
    }

    /** A part with slots at the reference edge of both ends, else with one at one: it stands, and the others come down on it. */
    static Part firstPart(Joint joint) {
        Part best = Part.A;
        int most = -1;
        for (Part part : Part.values()) {
            int slots = 0;
            for (int end = 1; end <= 2; end++) {
                slots += joint.kind(new PartEnd(part, end)) == End.SLOT_FIRST ? 1 : 0;
            }
            if (slots > most) {
                most = slots;
                best = part;
            }
        }
        return best;
    }

    /** Writes the steps down one after another. */
    private static final class Writer {
        private final GlueChoice choice;
        private final Tips tips;
        private final Joint joint;
        private final Within within;
        private final GlueTime time;
        private final Part first;
        private final Set<Part> standing = EnumSet.noneOf(Part.class);
        private Set<Part> beside = Set.of();
        private final List<Step> steps = new ArrayList<>();
        private boolean in;

        Writer(GlueChoice choice, Tips tips, Joint joint, Within within, GlueTime time) {
            this.choice = choice;
            this.tips = tips;
            this.joint = joint;
            this.within = within;
            this.time = time;
            this.first = firstPart(joint);
        }

        OrderCard card() {
            before();
            if (choice.halves()) {
                halves();
            } else {
                allAtOnce();
            }
            close();
            return new OrderCard(List.copyOf(steps), within.top());
        }

        private void before() {
            dry(
                    "Dry-fit all of it" + (within.any() ? ", " + within.words() + " in" : "")
                            + ". Then apart, in this order.",
                    "Every corner closed, reference edges all down, outsides out, each slot-first end against a finger-first one."
                            + " A part turned in its plane goes together without complaint: only the groove tells.",
                    true);
            dry(
                    "Sand the inside and the grooves" + (tips == Tips.BY_DESIGN ? "; bevel the tips" : "") + ".",
                    "Nobody reaches in there again. What is finished inside is finished now, the fingers masked.",
                    false);
            if (within.dividers()) {
                dry("Fit the dividers in their dadoes, dry.", "They hold the box square while it is glued.", false);
            }
            standing.add(first);
            dry(
                    "Stand " + first + " on the bench, reference edge down"
                            + (choice.clamps() == Clamps.NONE ? "" : ", clamps set open") + ".",
                    "Mallet, block, tape and a damp cloth within reach; glue where you can see it.",
                    false);
        }

        private void allAtOnce() {
            join(first.next(), first);
            join(first.previous(), first);
            putIn();
            Part last = first.next().next();
            spread(
                    "Spread both ends of " + last + ", close it over the others.",
                    "Long grain of the fingers only; none in the groove, a smear at most on end grain.",
                    List.of(new PartEnd(last, 1), new PartEnd(last, 2)),
                    last);
        }

        private void halves() {
            Part third = first.next().next();
            Set<Part> one = EnumSet.of(first, first.next());
            Set<Part> two = EnumSet.of(third, third.next());
            join(first.next(), first);
            closeHalf(first, first.next());
            standing.clear();
            standing.add(third);
            beside = one;
            join(third.next(), third);
            closeHalf(third, third.next());
            standing.clear();
            standing.addAll(one);
            beside = two;
            steps.add(new Step(
                    "Wait until both halves can be handled, or until tomorrow.",
                    "Then the second pair: before that the first gives when it is pushed.",
                    Phase.SETTING,
                    standing,
                    beside,
                    List.of(),
                    false,
                    0));
            putIn();
            beside = Set.of();
            standing.addAll(two);
            spread(
                    "Spread the two corners left, bring the halves together.",
                    "Both at once, evenly: neither half enters by one corner alone.",
                    List.of(new PartEnd(first, 1), new PartEnd(first.next(), 2)),
                    third);
        }

        private void closeHalf(Part one, Part other) {
            steps.add(new Step(
                    "Press " + one + " and " + other + " home, square by a square; leave them.",
                    "Nothing else is glued to them yet.",
                    Phase.CLOSING,
                    standing,
                    beside,
                    List.of(),
                    false,
                    time.closing().number()));
        }

        /** A part joined to one that stands. */
        private void join(Part part, Part to) {
            PartEnd end = to.next() == part ? new PartEnd(to, 2) : new PartEnd(to, 1);
            int faces = joint.faces(joint.corner(end));
            spread(
                    "Spread " + end + ", " + faces + (faces == 1 ? " face" : " faces")
                            + (choice.spread() == Spread.BOTH_MATES ? ", and " + end.mate() : "") + "; set " + part
                            + " in.",
                    "Long grain of the fingers only; none in the groove, a smear at most on end grain.",
                    choice.spread() == Spread.BOTH_MATES ? List.of(end, end.mate()) : List.of(end),
                    part);
        }

        private void putIn() {
            if (within.any()) {
                in = true;
                steps.add(new Step(
                        "Slide in " + within.words() + ", without glue.",
                        "It must move all its life: before the last part, or never.",
                        Phase.SPREADING,
                        standing,
                        beside,
                        List.of(),
                        true,
                        0));
            }
        }

        private void spread(String says, String why, List<PartEnd> ends, Part joined) {
            standing.add(joined);
            long corners = ends.stream().map(joint::corner).distinct().count();
            double faces = ends.stream()
                    .map(joint::corner)
                    .distinct()
                    .mapToInt(joint::faces)
                    .sum();
            double mates = choice.spread() == Spread.BOTH_MATES ? 2 : 1;
            List<PartEnd> spread = new ArrayList<>(ends);
            if (mates == 2 && corners == ends.size()) {
                ends.forEach(e -> spread.add(e.mate()));
            }
            steps.add(new Step(
                    says,
                    why,
                    Phase.SPREADING,
                    standing,
                    beside,
                    spread,
                    in,
                    faces * time.each().number() * mates / choice.people()));
        }

        private void close() {
            standing.addAll(EnumSet.allOf(Part.class));
            double third = time.closing().number() / 3;
            closing(
                    "Close the corners evenly, mallet and block, round and round.",
                    "A tip at a time jams. The block sits on the mate's face, between the tips.",
                    third,
                    false);
            closing(
                    switch (choice.clamps()) {
                        case NONE -> "No clamps: press every corner home by hand.";
                        case CAULS_BESIDE -> "Clamps on, cauls beside the proud tips.";
                        case CAULS_NOTCHED -> "Clamps on, cauls notched over the tips.";
                        case BAND -> "Band round it, blocks at the corners.";
                    },
                    "Pressure on the mate's face between the tips, never on the tips: that opens the shoulders.",
                    third,
                    choice.clamps() != Clamps.NONE);
            closing(
                    "Read both diagonals; push along the longer one. Then wipe.",
                    choice.glue().isWaterBased()
                            ? "A damp cloth, now. Sight across for wind; shim what rocks."
                            : "Leave the squeeze-out until it is rubber, then pare it. Sight across for wind; shim what rocks.",
                    time.closing().number() - 2 * third,
                    choice.clamps() != Clamps.NONE);
        }

        private void dry(String says, String why, boolean closed) {
            steps.add(new Step(
                    says,
                    why,
                    Phase.BEFORE,
                    closed ? EnumSet.allOf(Part.class) : withFirst(),
                    Set.of(),
                    List.of(),
                    closed && within.any(),
                    0));
        }

        private Set<Part> withFirst() {
            return standing.isEmpty() ? EnumSet.of(first) : standing;
        }

        private void closing(String says, String why, double seconds, boolean clamped) {
            steps.add(
                    new Step(says, why, Phase.CLOSING, standing, Set.of(), List.of(), within.any(), seconds, clamped));
        }
    }
}
