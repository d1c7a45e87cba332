package canthook.jig;

import canthook.fingers.End;
import canthook.length.Length;
import java.util.List;

/**
 * One pass of the cutter over one kind of end.
 *
 * @param end the kind of end
 * @param slot which slot, 0 nearest the reference edge
 * @param pass which pass of the slot, 1 first
 * @param passes of that slot
 * @param from near side of what the pass takes away, from the reference edge; negative when it begins outside the edge
 * @param to far side
 * @param where how the part is held to be there
 * @param instruction at most twelve words
 */
public record Cut(End end, int slot, int pass, int passes, Length from, Length to, Where where, String instruction) {

    /** How a part is held for a pass. */
    public sealed interface Where permits OnKey, Turns, Stacked, Stop, Fence, ByEye {}

    /** What touches the key. */
    public enum Rest {
        EDGE,
        GUIDE,
        SLOT
    }

    /**
     * On the key, with a spacer between.
     *
     * @param gap from key to cutter for this pass
     * @param leaves the fence stands on, over its zero block; empty when the fence is fixed
     */
    public record OnKey(Rest rest, Length spacer, Length gap, List<Length> leaves) implements Where {}

    /**
     * On a carriage moved by a screw.
     *
     * @param quanta from zero, in all
     * @param since the pass before
     * @param parts quanta in a turn
     * @param travel from zero
     */
    public record Turns(long quanta, long since, int parts, Length travel) implements Where {}

    /**
     * Spacers between the fence and the reference edge.
     *
     * @param pitches how many of a pitch
     * @param odd thickness of the odd one; zero for none
     * @param pass thickness of the one for this pass; zero for none
     * @param sum of all
     */
    public record Stacked(int pitches, Length odd, Length pass, Length sum) implements Where {}

    /** A stop at this reading, from the stop to the cutter's near side. */
    public record Stop(Length at) implements Where {}

    /**
     * Against a band saw's fence.
     *
     * @param at from the fence to the blade's near side
     * @param shim whether the shim stands between fence and part
     * @param flipped the far edge, not the reference edge, is towards the fence
     */
    public record Fence(Length at, boolean shim, boolean flipped) implements Where {}

    /** To a line, or freely inside waste. */
    public record ByEye() implements Where {}

    /** The same pass over a part whose wood ends at this height: what lies over it is air. */
    public Cut within(Length top) {
        return to.isOver(top) ? new Cut(end, slot, pass, passes, from, top, where, instruction) : this;
    }

    /** Stable name, readable in an address: {@code finger-first.3.1}. */
    public String id() {
        return end.words() + "." + (slot + 1) + "." + pass;
    }

    /** {@code slot 3, pass 2 of 3}. */
    public String title() {
        if (where instanceof Fence) {
            return "slot " + (slot + 1) + (pass == 1 ? ", line nearer the reference edge" : ", line farther from it");
        }
        return "slot " + (slot + 1) + (passes > 1 ? ", pass " + pass + " of " + passes : "");
    }
}
