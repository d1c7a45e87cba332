package canthook.fingers;

import canthook.length.Length;
import canthook.plan.JigChoice.Way;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.size.SizedBox;
import java.util.ArrayList;
import java.util.List;

/**
 * Which ends are cut together. Ends go in one stack when they are of one kind, stop at the same section and are cut to the same depth,
 * and the stack is no thicker than clamp and backing hold. No part stands in a stack twice. Ends of one number lie the same way round; a
 * left and a right end go together only as a pair, outsides facing: odd counts with a lowered front cut A2 with C1 and A1 with C2.
 */
public final class Gangs {
    private Gangs() {}

    /**
     * An end that wants cutting.
     *
     * @param slots of the layout that are cut, from the reference edge
     * @param depth of the cut
     * @param thickness it takes up in the stack
     */
    public record EndToCut(PartEnd end, End kind, int slots, boolean stopped, Length depth, Length thickness) {
        /** What ends must have in common to be cut together. */
        private boolean isLike(EndToCut other) {
            return kind == other.kind && slots == other.slots && stopped == other.stopped && depth.equals(other.depth);
        }
    }

    /**
     * Ends in the jig together.
     *
     * @param ends in the stack
     * @param crowded whether another end could go with them if the clamp held more
     */
    public record Gang(List<EndToCut> ends, boolean crowded) {
        public EndToCut first() {
            return ends.get(0);
        }

        /** Left and right ends together, outsides facing. */
        public boolean isFacing() {
            for (EndToCut end : ends) {
                if (end.end().end() != first().end().end()) {
                    return true;
                }
            }
            return false;
        }
    }

    /**
     * An end of one of many boxes.
     *
     * @param box its number, 1 first
     */
    public record BoxEnd(int box, PartEnd end) {
        /** {@code A3}: side A of box 3. */
        public String part() {
            return end.part().name() + box;
        }
    }

    /**
     * Stacks of many boxes: ends that are alike and of one number, box after box, as many as clamp and backing hold.
     *
     * @param first number of the first box
     */
    public static List<List<BoxEnd>> ofMany(Joint joint, SizedBox box, Length highest, Way way, int first, int boxes) {
        List<List<BoxEnd>> all = new ArrayList<>();
        for (List<EndToCut> group : alike(joint, box)) {
            for (int number = 1; number <= 2; number++) {
                int end = number;
                List<EndToCut> ends =
                        group.stream().filter(e -> e.end().end() == end).toList();
                all.addAll(stacked(ends, isAlone(way) ? Length.ZERO : highest, first, boxes));
            }
        }
        return all;
    }

    private static List<List<BoxEnd>> stacked(List<EndToCut> ends, Length highest, int first, int boxes) {
        List<List<BoxEnd>> stacks = new ArrayList<>();
        List<BoxEnd> stack = new ArrayList<>();
        Length high = Length.ZERO;
        for (int i = first; i < first + boxes; i++) {
            for (EndToCut end : ends) {
                if (!stack.isEmpty() && high.plus(end.thickness()).isOver(highest)) {
                    stacks.add(stack);
                    stack = new ArrayList<>();
                    high = Length.ZERO;
                }
                stack.add(new BoxEnd(i, end.end()));
                high = high.plus(end.thickness());
            }
        }
        if (!stack.isEmpty()) {
            stacks.add(stack);
        }
        return stacks;
    }

    /** Ends by what they must have in common, finger-first ones before slot-first ones. */
    private static List<List<EndToCut>> alike(Joint joint, SizedBox box) {
        List<List<EndToCut>> groups = new ArrayList<>(4);
        for (End kind : End.values()) {
            for (PartEnd end : PartEnd.all()) {
                if (joint.kind(end) == kind) {
                    boolean side = end.part().isSide();
                    EndToCut wanted = new EndToCut(
                            end,
                            kind,
                            joint.slotCount(end),
                            joint.corner(end).isLow(),
                            (side ? box.slotDepth() : box.endSlotDepth()).length(),
                            (side ? box.thickness() : box.endThickness()).length());
                    groupOf(wanted, groups).add(wanted);
                }
            }
        }
        return groups;
    }

    /** The stacks in working order: finger-first ends before slot-first ones, whose first slot hangs on a finished part. */
    public static List<Gang> of(Joint joint, SizedBox box, Length highest, Way way) {
        List<List<EndToCut>> groups = alike(joint, box);
        boolean alone = isAlone(way);
        List<Gang> gangs = new ArrayList<>(4);
        for (List<EndToCut> group : groups) {
            for (List<EndToCut> stack : stacks(group, alone ? Length.ZERO : highest)) {
                gangs.add(new Gang(List.copyOf(stack), !alone && isCrowded(stack, group)));
            }
        }
        return gangs;
    }

    /** The ends it is like, in the order they were met; there are never more than eight groups. */
    private static List<EndToCut> groupOf(EndToCut wanted, List<List<EndToCut>> groups) {
        for (List<EndToCut> group : groups) {
            if (group.get(0).isLike(wanted)) {
                return group;
            }
        }
        List<EndToCut> fresh = new ArrayList<>(4);
        groups.add(fresh);
        return fresh;
    }

    private static boolean isAlone(Way way) {
        return switch (way) {
            case HAND -> true;
            case SLED_KEY, ROUTER_SLED, ROD_KEY, SHIM_FENCE, SCREW, SPACERS, STOPS, BAND_SAW -> false;
        };
    }

    private static List<List<EndToCut>> stacks(List<EndToCut> group, Length highest) {
        List<List<EndToCut>> stacks = new ArrayList<>(4);
        for (EndToCut end : group) {
            List<EndToCut> home = null;
            for (List<EndToCut> stack : stacks) {
                boolean sameWay = stack.get(0).end().end() == end.end().end();
                if (home == null && sameWay && goesInto(stack, end, highest)) {
                    home = stack;
                }
            }
            if (home == null) {
                home = new ArrayList<>(4);
                stacks.add(home);
            }
            home.add(end);
        }
        pair(stacks, highest);
        return stacks;
    }

    /** Single left and right ends of different parts, outsides facing. */
    private static void pair(List<List<EndToCut>> stacks, Length highest) {
        for (int i = 0; i < stacks.size(); i++) {
            for (int k = i + 1; k < stacks.size(); k++) {
                boolean singles = stacks.get(i).size() == 1 && stacks.get(k).size() == 1;
                if (singles && goesInto(stacks.get(i), stacks.get(k).get(0), highest)) {
                    stacks.get(i).add(stacks.remove(k).get(0));
                    break;
                }
            }
        }
    }

    private static boolean goesInto(List<EndToCut> stack, EndToCut end, Length highest) {
        if (holds(stack, end.end().part())) {
            return false;
        }
        Length high = end.thickness();
        for (EndToCut other : stack) {
            high = high.plus(other.thickness());
        }
        return !high.isOver(highest);
    }

    private static boolean isCrowded(List<EndToCut> stack, List<EndToCut> group) {
        for (EndToCut end : group) {
            if (stack.get(0).end().end() == end.end().end()
                    && !holds(stack, end.end().part())) {
                return true;
            }
        }
        return false;
    }

    private static boolean holds(List<EndToCut> stack, Part part) {
        for (EndToCut end : stack) {
            if (end.end().part() == part) {
                return true;
            }
        }
        return false;
    }
}
