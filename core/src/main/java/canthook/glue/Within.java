package canthook.glue;

import canthook.bottom.WorkedBottom;
import canthook.fitting.DividerIn;
import canthook.fitting.Fittings;
import canthook.lid.WorkedLid;
import java.util.ArrayList;
import java.util.List;

/** What lies in the walls' grooves and dadoes, and must be in before the last part closes. */
public record Within(boolean bottom, boolean top, boolean dividers) {
    boolean any() {
        return bottom || top || dividers;
    }

    String words() {
        List<String> words = new ArrayList<>();
        if (bottom) {
            words.add("the bottom");
        }
        if (top) {
            words.add("the top panel");
        }
        if (dividers) {
            words.add("the dividers");
        }
        return words.size() < 2
                ? String.join("", words)
                : String.join(", ", words.subList(0, words.size() - 1)) + " and " + words.get(words.size() - 1);
    }

    static Within of(WorkedBottom bottom, WorkedLid lid, Fittings fittings) {
        return new Within(
                bottom.fold(new WorkedBottom.Kinds<>(
                        none -> false,
                        captured -> true,
                        rabbeted -> false,
                        applied -> false,
                        slatted -> slatted.panel().isPresent()
                                || !slatted.grooves().isEmpty())),
                lid.fold(new WorkedLid.Kinds<>(none -> false, sliding -> false, sawn -> true, onTop -> false)),
                fittings.all().stream().anyMatch(f -> f instanceof DividerIn divider && divider.dado() != null));
    }
}
