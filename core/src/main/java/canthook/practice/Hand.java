package canthook.practice;

import canthook.plan.JigChoice.Way;

/** What the two ways of a move are called at a jig. */
public record Hand(String away, String towards) {

    /** What makes fingers grow, and what makes them shrink. */
    public static Hand at(Way way) {
        return switch (way) {
            case SLED_KEY, ROUTER_SLED, ROD_KEY -> new Hand("key away from the cutter", "key towards the cutter");
            case SHIM_FENCE -> new Hand("more leaves behind the fence", "fewer leaves behind the fence");
            case SCREW -> new Hand("more of a turn, or a thinner kerf", "less of a turn, or a wider kerf");
            case SPACERS -> new Hand("thicker spacers, fence farther", "thinner spacers, fence nearer");
            case STOPS -> new Hand("each stop to a larger reading", "each stop to a smaller reading");
            case HAND -> new Hand("leave the knife line whole on the next", "pare the slots to the line");
            case BAND_SAW -> new Hand("a thicker shim", "a thinner shim");
        };
    }
}
