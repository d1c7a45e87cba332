package canthook.fingers;

import canthook.length.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where fingers and slots lie along the height, measured from the reference edge, for an odd number of equal sections.
 *
 * <pre>
 * finger-first slots:  [f + j p, f + j p + s]   j = 0 … n − m − 1
 * slot-first slots:    [j p, j p + s]           j = 0 … m − 1
 * </pre>
 *
 * @param sections n
 * @param slot s
 * @param finger f
 * @param height where the joint ends
 */
public record Layout(int sections, Length slot, Length finger, Length height) {

    /** A stretch along the height. */
    public record Span(Length from, Length to) {
        public Length width() {
            return to.minus(from);
        }

        boolean holds(Span other) {
            return !other.from.isUnder(from) && !other.to.isOver(to);
        }
    }

    /** On which part a height falls on a finger. */
    public enum Where {
        /** The finger-first part has its finger there, its mate the slot. */
        FINGER_OF_FINGER_FIRST,
        /** The slot-first part has its finger there. */
        FINGER_OF_SLOT_FIRST,
        /** Across a boundary: both show. */
        STRADDLES
    }

    /** m, the fingers on the finger-first end. */
    public int fingers() {
        return (sections + 1) / 2;
    }

    public Length pitch() {
        return slot.plus(finger);
    }

    public List<Span> fingerFirstFingers() {
        return spans(fingers(), Length.ZERO, finger);
    }

    public List<Span> fingerFirstSlots() {
        return spans(sections - fingers(), finger, slot);
    }

    public List<Span> slotFirstSlots() {
        return spans(fingers(), Length.ZERO, slot);
    }

    public List<Span> slotFirstFingers() {
        return spans(sections - fingers(), slot, finger);
    }

    private List<Span> spans(int count, Length first, Length width) {
        List<Span> spans = new ArrayList<>(count);
        for (int j = 0; j < count; j++) {
            Length from = first.plus(pitch().times(j));
            spans.add(new Span(from, from.plus(width)));
        }
        return spans;
    }

    /**
     * What a groove over this stretch meets. The clearance beside a finger is air on both parts, so a groove may use it.
     */
    public Where meets(Span groove) {
        for (Span slotHere : slotFirstSlots()) {
            if (slotHere.holds(groove)) {
                return Where.FINGER_OF_FINGER_FIRST;
            }
        }
        for (Span slotHere : fingerFirstSlots()) {
            if (slotHere.holds(groove)) {
                return Where.FINGER_OF_SLOT_FIRST;
            }
        }
        return Where.STRADDLES;
    }

    /** The offset nearest to the groove's own at which it lies wholly inside one section. */
    public Optional<Length> nearestClear(Span groove) {
        Length best = null;
        List<Span> homes = new ArrayList<>(slotFirstSlots());
        homes.addAll(fingerFirstSlots());
        for (Span home : homes) {
            Length last = Length.shorter(home.to(), height).minus(groove.width());
            if (last.isUnder(home.from())) {
                continue;
            }
            Length offset = Length.longer(home.from(), Length.shorter(groove.from(), last));
            if (best == null || distance(offset, groove.from()).isUnder(distance(best, groove.from()))) {
                best = offset;
            }
        }
        return Optional.ofNullable(best);
    }

    /** Which of {@link #boundaries} lies nearest to a height at which the slot-first part may end. */
    public int nearestBoundary(Length at) {
        List<Length> all = boundaries();
        int best = 0;
        for (int i = 1; i < all.size(); i++) {
            if (distance(all.get(i), at).isUnder(distance(all.get(best), at))) {
                best = i;
            }
        }
        return best;
    }

    /** The boundaries of the slot-first part between its edges, from the reference edge up. */
    public List<Length> boundaries() {
        List<Length> found = new ArrayList<>();
        for (int i = 0; i < sections - 1; i++) {
            Length from = pitch().times(i / 2);
            found.add(i % 2 == 0 ? from.plus(slot) : from.plus(pitch()));
        }
        return found;
    }

    private static Length distance(Length a, Length b) {
        return a.minus(b).abs();
    }
}
