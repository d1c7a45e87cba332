package canthook.server.rack;

import java.util.List;

/** A file some of whose lines cannot be taken; none was. */
public final class BadLines extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient List<Line> lines;

    /**
     * One bad line.
     *
     * @param line its number in the file, from 1
     */
    public record Line(long line, String detail) {}

    /** @param all how many lines are bad; those listed may be fewer */
    BadLines(List<Line> lines, long all) {
        super((all == 1 ? "One line" : all + " lines") + " cannot be taken, so nothing was. "
                + (all > lines.size() ? "The first " + lines.size() + " are listed. " : "")
                + "Mend the file and bring it again.");
        this.lines = List.copyOf(lines);
    }

    public List<Line> lines() {
        return lines;
    }
}
