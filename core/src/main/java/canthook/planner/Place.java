package canthook.planner;

import canthook.refusal.Refused;
import java.util.Arrays;
import java.util.List;

/**
 * The stations of the bench in shop order, and the views beside them. What a station shows is said here once: its title and the
 * prefixes of its numbers.
 */
public enum Place {
    SIZE("Size", "size.", "fingers.low", "fingers.slope", "lid.line", "mates."),
    FINGERS("Fingers", "fingers.", "size.height", "size.thickness"),
    BLANK("Blank", "blank.", "size.", "fingers.first-rip", "fingers.closing-height"),
    JIG("Jig", "jig.", "fingers.", "size.slot-depth", "fit.closing-height-after", "fit.clearance"),
    FIT("Fit", "fit.", "fingers.", "jig.gap"),
    CUT(
            "Cut",
            "cut.",
            "jig.",
            "size.slot-depth",
            "size.end-slot-depth",
            "size.side-length",
            "size.end-length",
            "fingers.first-rip",
            "fingers.closing-height",
            "fingers.low",
            "fingers.glue-faces",
            "fingers.glue-area-all",
            "glue.all",
            "lid.line",
            "lid.groove-offset",
            "bottom.groove-offset"),
    BOTTOM("Bottom", "bottom.", "seasons."),
    LID("Lid", "lid.", "seasons.", "fingers.low"),
    FITTINGS("Fittings", "fittings."),
    GLUE("Glue-up", "glue.", "fingers.glue-faces", "fingers.glue-area-all", "fingers.clearance", "size.outside-"),
    FINISH("Finish", "finish.", "glue.handled"),
    /** Other corners for the same box, to choose against: a view of the Size station. */
    CORNERS("Corners", "corners.", "size.", "mates.", "fingers.glue-area", "fingers.glue-ratio"),
    /** A box that is being begun. */
    BEGUN("Begun", "size.", "fingers.", "blank.");

    private final String title;
    private final List<String> prefixes;

    Place(String title, String... prefixes) {
        this.title = title;
        this.prefixes = List.of(prefixes);
    }

    /** As it stands in addresses and on the wire: {@code size}. */
    public String id() {
        return this == GLUE ? "glue" : title.toLowerCase(java.util.Locale.ROOT);
    }

    public String title() {
        return title;
    }

    /** Whether a number is shown here, by its id. */
    public boolean shows(String number) {
        return prefixes.stream().anyMatch(number::startsWith);
    }

    /** Whether what is said at a station is mended here. */
    boolean mends(String station) {
        return switch (this) {
            case BOTTOM, LID -> station.equals(id()) || station.equals("seasons");
            case CORNERS -> station.equals(SIZE.id());
            case BEGUN -> false;
            case SIZE, FINGERS, BLANK, JIG, FIT, CUT, FITTINGS, GLUE, FINISH -> station.equals(id());
        };
    }

    /** Whether it stands in the rail. */
    public boolean isStation() {
        return this != CORNERS && this != BEGUN;
    }

    /**
     * By its id.
     *
     * @throws Refused when there is no such place
     */
    public static Place byId(String id) {
        return Arrays.stream(values())
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Refused("station", "There is no station called “" + id + "”."));
    }
}
