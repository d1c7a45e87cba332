package canthook.judgement;

/**
 * A judgement call on this box.
 *
 * @param says what to do
 * @param why in a sentence
 */
public record Hint(Call call, String says, String why) {}
