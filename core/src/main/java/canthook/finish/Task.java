package canthook.finish;

import java.time.Duration;
import java.util.List;

/**
 * Something to do, and what has to dry after it.
 *
 * @param id stable, so that a calendar can be brought up to date: {@code box.coat-2}
 * @param lane whose it is
 * @param says what to do, in a few words
 * @param hands how long hands are at it
 * @param piece the shortest stretch hands lay it down after: one box of many, half an hour at the saw; all of {@code hands} for what is
 *     done at one go
 * @param waits how long it then dries or sets, by the clock
 * @param after ids of what must be done and dry before
 */
public record Task(
        String id, Lane lane, String says, Duration hands, Duration piece, Duration waits, List<String> after) {
    /** Done at one go. */
    public Task(String id, Lane lane, String says, Duration hands, Duration waits, List<String> after) {
        this(id, lane, says, hands, hands, waits, after);
    }

    /** What is worked on. */
    public enum Lane {
        BOX("box"),
        LID("lid"),
        HINGES("hinges");

        private final String words;

        Lane(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** In a word or two, for a drawing: {@code coat 2}. */
    public String shortly() {
        String last = id.substring(id.lastIndexOf('.') + 1).replace('-', ' ');
        return last.startsWith("cure") ? "cures" : last;
    }

    public Task {
        after = List.copyOf(after);
        if (hands.isNegative() || waits.isNegative()) {
            throw new IllegalArgumentException("a task takes no negative time: " + id);
        }
        if (piece.compareTo(hands) > 0 || piece.isZero() != hands.isZero()) {
            throw new IllegalArgumentException("a piece of a task is no longer than the task: " + id);
        }
    }
}
