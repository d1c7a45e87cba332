package canthook.shop;

import canthook.plan.YearTrace;
import canthook.refusal.Refused;
import canthook.wood.Air;
import org.jspecify.annotations.Nullable;

/**
 * A place a box may live in, as two airs; which is the wetter is worked out, not assumed.
 *
 * @param id stable name
 * @param through how the moisture went through a logged year; null when it was not logged
 */
public record Climate(
        String id,
        String name,
        Air one,
        Air other,
        String note,
        @Nullable YearTrace through) {
    public Climate {
        Refused.ifMissing("id", "The climate's id", id);
        Refused.ifMissing("name", "The climate's name", name);
        name = name.strip();
        if (name.isEmpty() || name.length() > 60) {
            throw new Refused("name", "A climate needs a name of 1 to 60 letters.");
        }
        Refused.ifMissing("one", "The first air", one);
        Refused.ifMissing("other", "The second air", other);
        note = note == null ? "" : note;
        if (note.length() > 300) {
            throw new Refused("note", "The note is longer than 300 letters.");
        }
    }
}
