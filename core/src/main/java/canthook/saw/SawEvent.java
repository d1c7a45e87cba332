package canthook.saw;

import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * Something that happened at the saw.
 *
 * @param cut id of the cut it is about; null for a check of the set-up
 * @param check id of the check of the set-up; null otherwise
 * @param part that was spoilt; null otherwise
 * @param wrong what went wrong; null otherwise
 */
public record SawEvent(
        Kind kind,
        @Nullable String cut,
        @Nullable String check,
        @Nullable String part,
        @Nullable Wrong wrong) {

    /** Kinds of event. */
    public enum Kind {
        /** A check of the set-up was made. */
        CHECKED,
        /** A check was taken back. */
        UNCHECKED,
        /** A cut was made. */
        DONE,
        /** A cut was taken back: it was not made after all. */
        BACK,
        /** A part was spoilt. */
        SPOILT
    }

    /** What goes wrong at the saw. */
    public enum Wrong {
        WRONG_PLACE,
        TURNED,
        TEAR_OUT,
        TOO_DEEP,
        OTHER
    }

    public SawEvent {
        Refused.ifMissing("kind", "What happened", kind);
        switch (kind) {
            case CHECKED, UNCHECKED -> Refused.ifMissing("check", "Which check", check);
            case DONE, BACK -> Refused.ifMissing("cut", "Which cut", cut);
            default -> {
                Refused.ifMissing("part", "Which part", part);
                Refused.ifMissing("wrong", "What went wrong", wrong);
            }
        }
    }

    public static SawEvent done(String cut) {
        return new SawEvent(Kind.DONE, cut, null, null, null);
    }

    public static SawEvent back(String cut) {
        return new SawEvent(Kind.BACK, cut, null, null, null);
    }

    public static SawEvent checked(String check) {
        return new SawEvent(Kind.CHECKED, null, check, null, null);
    }

    public static SawEvent spoilt(String part, Wrong wrong) {
        return new SawEvent(Kind.SPOILT, null, null, part, wrong);
    }
}
