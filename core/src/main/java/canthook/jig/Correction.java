package canthook.jig;

import canthook.length.Length;
import java.util.List;

/**
 * What the hand does to put a fit right, in the terms of one way of indexing.
 *
 * @param sentence what to do, in one sentence, with its size
 * @param made how much fingers grow by it, as near as this way can be set; the move itself where it can be set to any size
 * @param steps each thing that is set anew, in order; empty when the sentence says it all
 */
public record Correction(String sentence, Length made, List<String> steps) {
    public Correction {
        steps = List.copyOf(steps);
    }

    static Correction of(String sentence, Length made) {
        return new Correction(sentence, made, List.of());
    }
}
