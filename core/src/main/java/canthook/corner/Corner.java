package canthook.corner;

/** Ways to join two walls at a corner. Only finger corners are taken further; the others are there to choose against. */
public enum Corner {
    FINGER(
            "Finger",
            "none: the glue holds it",
            "one cutter as wide as a slot, or narrower in several passes",
            "two part lengths, cutter height, key and spacer: one setting for all four corners",
            "Strong, shows on both faces, wants a jig and a test cut."),
    RABBETED_BUTT(
            "Rabbeted butt",
            "nails, screws or pegs through the side into end grain",
            "a straight cutter or a saw",
            "two part lengths, one rabbet",
            "End grain on every face: weak without fasteners."),
    RABBET_AND_DADO(
            "Rabbet and dado",
            "none to a few brads while it dries",
            "a straight cutter as wide as the tongue, or a saw",
            "two part lengths, one dado, one rabbet fitted to it",
            "Locks one way, glues end grain; the short wood outside the dado breaks if it is thin."),
    HALF_LAP(
            "Half-lap",
            "a peg or a screw through the lap",
            "a saw",
            "two part lengths, one notch to half the height on every part",
            "A finger corner with one finger a part: one face of long grain to glue."),
    MITRE_WITH_SPLINES(
            "Splined mitre",
            "the splines, their grain across the corner",
            "a saw at 45°, and a saw or straight cutter for the spline slots",
            "two part lengths at 45°, one cradle for the slots, splines made to fit",
            "No end grain shows; every error of angle does.");

    private final String id = name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    private final String title;
    private final String fasteners;
    private final String cutters;
    private final String setups;
    private final String says;

    Corner(String title, String fasteners, String cutters, String setups, String says) {
        this.title = title;
        this.fasteners = fasteners;
        this.cutters = cutters;
        this.setups = setups;
        this.says = says;
    }

    /** Stable name, readable in ids: {@code half-lap}. */
    public String id() {
        return id;
    }

    public String title() {
        return title;
    }

    public String fasteners() {
        return fasteners;
    }

    public String cutters() {
        return cutters;
    }

    public String setups() {
        return setups;
    }

    /** Its character, in a sentence. */
    public String says() {
        return says;
    }
}
