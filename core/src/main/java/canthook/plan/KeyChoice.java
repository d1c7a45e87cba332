package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Refused;
import org.jspecify.annotations.Nullable;

/**
 * The fixed key.
 *
 * @param slimmerBy how much slimmer the key is than the slot it enters; null for the house rule
 */
public record KeyChoice(@Nullable Length slimmerBy) {
    public KeyChoice {
        Refused.unlessAbsentOrBetween("slimmerBy", "Key slimmer by", slimmerBy, Length.ZERO, Length.mm(5));
    }
}
