package canthook.jig;

import java.util.List;

/**
 * What the hand does to put a fit right, in the terms of one way of indexing.
 *
 * @param sentence what to do, in one sentence, with its size
 * @param steps each thing that is set anew, in order; empty when the sentence says it all
 */
public record Correction(String sentence, List<String> steps) {
    public Correction {
        steps = List.copyOf(steps);
    }

    static Correction of(String sentence) {
        return new Correction(sentence, List.of());
    }
}
