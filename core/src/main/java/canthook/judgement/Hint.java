package canthook.judgement;

import canthook.verdict.Fix;
import java.util.List;

/**
 * A judgement call on this box.
 *
 * @param says what to do
 * @param why in a sentence
 * @param fixes changes of the plan that follow it, each tried: the plan as it would be no longer asks for this call and stops nowhere
 *     else; empty where it is followed with the hands
 */
public record Hint(Call call, String says, String why, List<Fix> fixes) {
    public Hint {
        fixes = List.copyOf(fixes);
    }

    Hint(Call call, String says, String why) {
        this(call, says, why, List.of());
    }

    Hint with(List<Fix> tried) {
        return new Hint(call, says, why, tried);
    }
}
