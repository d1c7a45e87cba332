package canthook.plan;

import java.util.List;
import java.util.stream.Stream;

/**
 * One end of a part: end 1 is its left seen from outside, end 2 its right. A2 meets B1, B2 meets C1, C2 meets D1, D2 meets A1.
 *
 * @param part the wall
 * @param end 1 or 2
 */
public record PartEnd(Part part, int end) {
    private static final List<PartEnd> ALL = Stream.of(Part.values())
            .flatMap(part -> Stream.of(new PartEnd(part, 1), new PartEnd(part, 2)))
            .toList();

    public PartEnd {
        if (end != 1 && end != 2) {
            throw new IllegalArgumentException("a part has an end 1 and an end 2, not " + end);
        }
    }

    /** The eight ends: A1, A2, B1 … D2. */
    public static List<PartEnd> all() {
        return ALL;
    }

    /** The end it meets in the finished box. */
    public PartEnd mate() {
        return end == 2 ? new PartEnd(part.next(), 1) : new PartEnd(part.previous(), 2);
    }

    /** As it stands in ids: {@code a2}. */
    public String id() {
        return (char) ('a' + part.ordinal()) + Integer.toString(end);
    }

    /** {@code A2}. */
    @Override
    public String toString() {
        return part.name() + end;
    }
}
