package canthook.fingers;

import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.walls.LowWalls;
import canthook.walls.WallDemands;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The joint as it is cut: one layout, and at each corner how far up it goes. Cut list, saw, papers, pictures, glue faces and grooves all
 * read this.
 *
 * <pre>
 * a corner with a lower wall is jointed in whole sections up to that wall's edge: n_low, closing at n_low·s − ⌈n_low/2⌉·c
 * faces to glue: n − 1 at a full corner; at a low one n_low − 1, and one more when the low wall's topmost section is its finger, because
 *                the higher mate's slot is closed above it
 * </pre>
 *
 * Check: s 8, c 0.12, n_low 11: the side slot-first 11 faces, finger-first 10.
 *
 * @param layout of a full corner
 * @param wall height of the walls that are not lowered
 * @param low the lower walls; null when all are of one height
 * @param corners in the order round the box
 */
public record Joint(Layout layout, Length wall, @Nullable LowWalls low, List<JointedCorner> corners) {

    /**
     * A corner of the box.
     *
     * @param number as pencilled on both parts
     * @param one part end with the higher letter order: A2, B2, C2, D2
     * @param other the end it meets
     * @param sections jointed, from the reference edge
     * @param height at which they close
     * @param isLow whether a lower wall ends it early
     */
    public record JointedCorner(int number, PartEnd one, PartEnd other, int sections, Length height, boolean isLow) {}

    /** Works out the corners. */
    static Joint of(Layout layout, Length wall, @Nullable LowWalls low) {
        List<JointedCorner> corners = new ArrayList<>(4);
        List<Length> boundaries = low == null ? List.of() : layout.boundaries();
        for (Part part : Part.values()) {
            PartEnd one = new PartEnd(part, 2);
            boolean reached = low != null
                    && low.reaches(one)
                    && (low.everyCorner() || low.line().length().isUnder(layout.height()));
            int sections = reached && low != null
                    ? sectionsUnder(layout, boundaries, low.line().length())
                    : layout.sections();
            Length height = sections == layout.sections()
                    ? layout.height()
                    : sections == 0 ? Length.ZERO : boundaries.get(sections - 1);
            corners.add(new JointedCorner(part.ordinal() + 1, one, one.mate(), sections, height, reached));
        }
        return new Joint(layout, wall, low, List.copyOf(corners));
    }

    /** Whole sections that end at or under a height. */
    private static int sectionsUnder(Layout layout, List<Length> boundaries, Length line) {
        Length reach = line.plus(WallDemands.NEAR);
        if (!layout.height().isOver(reach)) {
            return layout.sections();
        }
        int sections = 0;
        for (Length boundary : boundaries) {
            if (!boundary.isOver(reach)) {
                sections++;
            }
        }
        return sections;
    }

    public JointedCorner corner(PartEnd end) {
        return corners.get((end.end() == 2 ? end.part() : end.part().previous()).ordinal());
    }

    public End kind(PartEnd end) {
        return layout.kind(end);
    }

    /** How high a wall is once the box stands. */
    public Length top(Part part) {
        return low != null && low.parts().contains(part)
                ? Length.shorter(low.line().length(), wall)
                : wall;
    }

    private boolean isLow(PartEnd end) {
        return corner(end).isLow() && low != null && low.parts().contains(end.part());
    }

    /** How many of the layout's slots are cut at an end, from the reference edge. */
    public int slotCount(PartEnd end) {
        JointedCorner corner = corner(end);
        int whole = kind(end).slotsIn(corner.sections());
        return runsOut(end) ? whole + 1 : whole;
    }

    /** A low wall whose edge lies over a boundary, in what would be its own slot: that slot is cut and runs out at the edge. */
    private boolean runsOut(PartEnd end) {
        JointedCorner corner = corner(end);
        return isLow(end)
                && corner.sections() < layout.sections()
                && overhang(end).isPositive()
                && kind(end).sectionOf(kind(end).slotsIn(corner.sections())) == corner.sections();
    }

    /** What a low wall stands over its last whole section; zero when it ends on a boundary. */
    private Length overhang(PartEnd end) {
        Length over = top(end.part()).minus(corner(end).height());
        return over.isOver(WallDemands.NEAR) ? over : Length.ZERO;
    }

    /**
     * Part of a finger that a low wall would keep over its last whole section, where its mate has no slot: it is sawn off. Empty when
     * the wall ends on a boundary.
     */
    public Optional<Span> sawnOff(PartEnd end) {
        if (!isLow(end) || runsOut(end) || !overhang(end).isPositive()) {
            return Optional.empty();
        }
        Length from = corner(end).height();
        int count = slotCount(end);
        if (count > 0 && kind(end).sectionOf(count - 1) == corner(end).sections() - 1) {
            from = Length.shorter(
                    from, layout.slot(kind(end).isFingerFirst(), count - 1).to());
        }
        return Optional.of(new Span(from, top(end.part())));
    }

    /** Whether the layout's last slot runs out at the wall's upper edge: the wall does not go on above the joint. */
    public boolean opensAtTop(PartEnd end) {
        return corner(end).sections() == layout.sections()
                && !top(end.part()).isOver(layout.height().plus(WallDemands.NEAR));
    }

    /** What is cut away from an end, from the reference edge, within the wood of that part. */
    public List<Span> slots(PartEnd end) {
        List<Span> pattern = layout.slots(kind(end).isFingerFirst());
        Length top = top(end.part());
        List<Span> gone = new ArrayList<>();
        int count = slotCount(end);
        for (Span slot : pattern.subList(0, Math.min(count, pattern.size()))) {
            Length from = Length.longer(Length.ZERO, slot.from());
            Length to = Length.shorter(slot.to(), top);
            if (to.isOver(from)) {
                gone.add(from.equals(slot.from()) && to.equals(slot.to()) ? slot : new Span(from, to));
            }
        }
        sawnOff(end).ifPresent(strip -> {
            if (!gone.isEmpty() && !gone.get(gone.size() - 1).to().isUnder(strip.from())) {
                Span last = gone.remove(gone.size() - 1);
                gone.add(new Span(last.from(), strip.to()));
            } else {
                gone.add(strip);
            }
        });
        return gone;
    }

    /** What stands between an end's slots, as far up as its corner is jointed. */
    public List<Span> fingers(PartEnd end) {
        List<Span> fingers = new ArrayList<>();
        Length from = Length.ZERO;
        for (Span slot : slots(end)) {
            if (slot.from().isOver(from)) {
                fingers.add(new Span(from, slot.from()));
            }
            from = slot.to();
        }
        Length top = Length.shorter(top(end.part()), corner(end).height());
        if (top.isOver(from)) {
            fingers.add(new Span(from, top));
        }
        return fingers;
    }

    /** Faces to glue at one corner. */
    public int faces(JointedCorner corner) {
        if (corner.sections() == 0) {
            return 0;
        }
        if (!corner.isLow()) {
            return corner.sections() - 1;
        }
        PartEnd lower = isLow(corner.one()) ? corner.one() : corner.other();
        boolean fingerOnTop = (corner.sections() - 1) % 2 == (kind(lower).isFingerFirst() ? 0 : 1);
        return fingerOnTop ? corner.sections() : corner.sections() - 1;
    }

    /** Faces to glue at all four corners. */
    public int faces() {
        return corners.stream().mapToInt(this::faces).sum();
    }
}
