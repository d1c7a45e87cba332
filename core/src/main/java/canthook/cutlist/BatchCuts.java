package canthook.cutlist;

import canthook.fingers.Gangs;
import canthook.fingers.Gangs.BoxEnd;
import canthook.fingers.Joint;
import canthook.length.Length;
import canthook.plan.JigChoice.Way;
import canthook.plan.PartEnd;
import canthook.size.SizedBox;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The cuts of many boxes alike, in stacks: what one pass makes, it makes in every part of the stack.
 *
 * <pre>
 * a stack holds ends of one kind, one depth and one number, as thick together as clamp and backing hold; by hand each is alone
 * passes = for every stack those of one of its ends
 * </pre>
 *
 * Check: nine drawers with walls of 12 and a clamp that holds 50: four to a stack, nine times four ends of two kinds and two numbers are 18
 * each, five stacks each: 20 stacks.
 *
 * @param passes in working order
 * @param stacks as they are put into the jig, one after the other
 */
public record BatchCuts(List<Pass> passes, List<Stack> stacks) {
    /**
     * What lies in the jig together.
     *
     * @param first of its passes
     * @param passes how many it takes
     */
    public record Stack(List<BoxEnd> ends, SawCut first, int passes) {
        public Stack {
            ends = List.copyOf(ends);
        }

        /** {@code A2 C2 A3, end 1}. */
        public String says() {
            return ends.stream().map(BoxEnd::part).collect(Collectors.joining(" ")) + ", end "
                    + ends.get(0).end().end();
        }
    }

    /**
     * One pass through a stack.
     *
     * @param id stable name
     * @param cut of one box that it is, in every part
     * @param ends that are cut, each of its box
     */
    public record Pass(String id, SawCut cut, List<BoxEnd> ends) {
        public Pass {
            ends = List.copyOf(ends);
        }
    }

    public BatchCuts {
        passes = List.copyOf(passes);
        stacks = List.copyOf(stacks);
    }

    /**
     * @param list the cuts of one box, in working order
     * @param first number of the first box
     * @param boxes how many from there on
     */
    public static BatchCuts of(
            List<SawCut> list, Joint joint, SizedBox box, Length highest, Way way, int first, int boxes) {
        List<Pass> all = new ArrayList<>();
        List<Stack> stacks = new ArrayList<>();
        if (list.isEmpty() || boxes < 1) {
            return new BatchCuts(all, stacks);
        }
        for (List<BoxEnd> stack : Gangs.ofMany(joint, box, highest, way, first, boxes)) {
            // of two stacks of one box whose ends lie together here, a pass is made once
            Map<String, SawCut> cuts = new LinkedHashMap<>();
            Map<String, List<BoxEnd>> ends = new LinkedHashMap<>();
            for (SawCut cut : list) {
                for (BoxEnd one : stack) {
                    if (cut.ends().contains(one.end())) {
                        cuts.putIfAbsent(cut.pass().id(), cut);
                        ends.computeIfAbsent(cut.pass().id(), p -> new ArrayList<>())
                                .add(one);
                    }
                }
            }
            if (!cuts.isEmpty()) {
                stacks.add(new Stack(stack, cuts.values().iterator().next(), cuts.size()));
            }
            for (Map.Entry<String, SawCut> cut : cuts.entrySet()) {
                List<BoxEnd> cutEnds = ends.getOrDefault(cut.getKey(), List.of());
                PartEnd end = stack.get(0).end();
                all.add(new Pass("s" + stacks.size() + "e" + end.end() + "." + cut.getKey(), cut.getValue(), cutEnds));
            }
        }
        return new BatchCuts(all, stacks);
    }
}
