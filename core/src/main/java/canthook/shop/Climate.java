package canthook.shop;

import canthook.plan.YearTrace;
import canthook.refusal.OneLine;
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
        name = OneLine.name("name", "A climate", name, 60);
        Refused.ifMissing("one", "The first air", one);
        Refused.ifMissing("other", "The second air", other);
        note = OneLine.words("note", "The note", note, 300);
    }
}
