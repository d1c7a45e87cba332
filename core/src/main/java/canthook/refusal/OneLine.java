package canthook.refusal;

import org.jspecify.annotations.Nullable;

/**
 * Words on one line, as names are: a pasted tab or line end becomes a space, a character that only steers is left out, and what has no
 * shape at all is refused. Papers and pictures can then show whatever is kept.
 */
public final class OneLine {
    private OneLine() {}

    /**
     * A name that must be there.
     *
     * @param what has the name: {@code A box}
     * @param most letters
     * @throws Refused when it is missing, empty, too long or cannot be shown
     */
    public static String name(String field, String what, @Nullable String text, int most) {
        Refused.ifMissing(field, "The name", text);
        String name = cleaned(field, text == null ? "" : text).strip();
        if (name.isEmpty() || name.length() > most) {
            throw new Refused(field, what + " needs a name of 1 to " + most + " letters.");
        }
        return name;
    }

    /**
     * Words that may be left out.
     *
     * @param label what they are: {@code The note}
     * @throws Refused when they are too long or cannot be shown
     */
    public static String words(String field, String label, @Nullable String text, int most) {
        String words = cleaned(field, text == null ? "" : text);
        if (words.length() > most) {
            throw new Refused(field, label + " is longer than " + most + " letters.");
        }
        return words;
    }

    /**
     * The beginning of words, no longer than that. No letter is cut in two: what is written in two halves, and marks on a letter, stay with it.
     *
     * @param most letters
     */
    public static String beginning(String text, int most) {
        if (text.length() <= most) {
            return text;
        }
        int end = most;
        while (end > 0 && isInsideALetter(text, end)) {
            end--;
        }
        return text.substring(0, end).stripTrailing();
    }

    private static boolean isInsideALetter(String text, int at) {
        return Character.isLowSurrogate(text.charAt(at)) && Character.isHighSurrogate(text.charAt(at - 1))
                || switch (Character.getType(text.codePointAt(at))) {
                    case Character.NON_SPACING_MARK, Character.ENCLOSING_MARK, Character.COMBINING_SPACING_MARK -> true;
                    default -> false;
                };
    }

    private static String cleaned(String field, String text) {
        boolean clean = true;
        for (int i = 0; i < text.length() && clean; i++) {
            char c = text.charAt(i);
            clean = c >= 0x20 && c < 0x7f || c >= 0xa0 && c < 0x200b;
        }
        if (clean) {
            return text;
        }
        StringBuilder kept = new StringBuilder(text.length());
        text.codePoints().forEach(c -> {
            switch (Character.getType(c)) {
                case Character.CONTROL, Character.LINE_SEPARATOR, Character.PARAGRAPH_SEPARATOR -> {
                    boolean space = Character.isWhitespace(c);
                    if (space && kept.length() > 0 && kept.charAt(kept.length() - 1) != ' ') {
                        kept.append(' ');
                    }
                }
                case Character.FORMAT -> {
                    // only steers how others stand
                }
                case Character.SURROGATE, Character.UNASSIGNED ->
                    throw new Refused(field, "There is a character in it that cannot be shown (U+%04X).".formatted(c));
                default -> kept.appendCodePoint(c);
            }
        });
        return kept.toString();
    }
}
