package canthook.server.keeping;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamReadException;

/**
 * A record that is kept and cannot be read: cut short, written by a newer program, or changed by another hand. It stands in its list, and
 * everything else goes on.
 *
 * @param id by which it is downloaded as it is, or put away
 * @param name as far as it is known
 * @param why it cannot be read, in words
 */
public record Damaged(Kind kind, String id, String name, String why) {
    /** What it is. */
    public enum Kind {
        BOX,
        TEST_CUT,
        BLANK,
        WOOD,
        CLIMATE,
        CUTTER,
        JIG,
        FINISH,
        MACHINE,
        HOUSE_RULE,
        RUN
    }

    /** Why a document could not be read; no more of it than one line. */
    public static String why(JsonProcessingException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof canthook.refusal.Refused) {
                return String.valueOf(cause.getMessage());
            }
        }
        String says = String.valueOf(e.getOriginalMessage());
        if (says.startsWith("This plan was made by a newer")) {
            return says;
        }
        boolean broken = e instanceof StreamReadException || e.getCause() instanceof StreamReadException;
        return !broken ? "Part of it is not what belongs there." : "It is cut short or was changed by another program.";
    }

    /** It was asked for and cannot be read. */
    public static final class Unread extends RuntimeException {
        private static final long serialVersionUID = 1L;

        public Unread(String sentence) {
            super(sentence);
        }
    }
}
