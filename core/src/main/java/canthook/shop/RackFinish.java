package canthook.shop;

import canthook.plan.Recipe;
import canthook.refusal.OneLine;
import canthook.refusal.Refused;

/**
 * A finish of the shop's own, as the steps that make it.
 *
 * @param id stable name
 */
public record RackFinish(String id, Recipe recipe, String note) {
    public RackFinish {
        Refused.ifMissing("id", "The finish’s id", id);
        Refused.ifMissing("recipe", "Its steps", recipe);
        note = OneLine.words("note", "The note", note == null ? "" : note, 300);
    }

    public String name() {
        return recipe.name();
    }

    public RackFinish withId(String other) {
        return new RackFinish(other, recipe, note);
    }
}
