package canthook.server.book;

import canthook.figure.Figure;
import canthook.refusal.Refused;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * An entry of the book.
 *
 * @param ref which of its kind
 * @param about number, part or cut a note hangs on; empty otherwise
 * @param says what it is, in a sentence
 * @param lines what else is known, and what was decided then
 * @param taken whether it was taken out
 * @param photos ids
 * @param figure a small drawing of it; null where nothing can be drawn
 */
public record BookEntry(
        Kind kind,
        String kindWords,
        String ref,
        @Nullable String box,
        @Nullable String boxName,
        String at,
        String about,
        String says,
        List<String> lines,
        boolean taken,
        List<Long> photos,
        @Nullable Figure figure) {

    /** What is recorded. */
    public enum Kind {
        TEST_CUT("test cut"),
        /** What was moved since the test cut before; it stands with the test cut that followed. */
        MOVE("move"),
        RUN("at the saw"),
        SPOILT("mis-cut"),
        GLUE_UP("glue-up"),
        REPAIR("repair"),
        /** A box is finished; what was learned is its words. */
        FINISHED("finished"),
        CALL("judgement"),
        NOTE("note"),
        PRACTICE("practice"),
        DRILLS("drills");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether its entries are lines written by hand, with photos. */
        boolean isWritten() {
            return this == NOTE || this == FINISHED;
        }

        static Kind of(String name) {
            return Arrays.stream(values())
                    .filter(k -> k.name().equals(name.toUpperCase(Locale.ROOT)))
                    .findFirst()
                    .orElseThrow(() -> new Refused("kind", "The book has no entries of the kind “" + name + "”."));
        }
    }

    public BookEntry {
        lines = List.copyOf(lines);
        photos = List.copyOf(photos);
    }
}
