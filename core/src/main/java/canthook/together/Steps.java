package canthook.together;

import canthook.jig.Setting;

/** How the error of one slot's place reaches the next. */
public enum Steps {
    /** Each slot is indexed from the one before: errors add up along both mates, which walk alone. */
    WALKED("each slot is set from the one before, on both mates alone: errors add up"),
    /** Each slot has a place of its own: from stops, spacers of one set, one screw, knife lines. Errors do not add up. */
    PLACED("each slot has a place of its own: errors do not add up"),
    /** Walked on a key, both mates in one stack with an offset spacer: they share their errors, and each finger keeps its own step's. */
    STACKED("both mates are cut in one stack: they share their errors, and a finger keeps that of its own step");

    private final String words;

    Steps(String words) {
        this.words = words;
    }

    /** As it ends a sentence. */
    public String words() {
        return words;
    }

    /** What a way of indexing does. */
    public static Steps of(Setting setting) {
        return setting.fold(
                key -> WALKED, screw -> PLACED, spacers -> PLACED, stops -> PLACED, hand -> PLACED, bandSaw -> PLACED);
    }
}
