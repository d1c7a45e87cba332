package canthook.fingers;

import canthook.length.Length;
import canthook.plan.PartEnd;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where fingers and slots lie along the height, measured from the reference edge.
 *
 * <pre>
 * finger-first slots:  [f + j p, f + j p + s]   j = 0 … n − m − 1   (even n: the last one is open at the far edge)
 * slot-first slots:    [j p, j p + s] − shift   j = 0 … m − 1       (odd n: the last one is open at the far edge)
 * </pre>
 *
 * With a list of widths the finger-first end's sections are those, and each slot of its mate is a clearance wider than the
 * finger that enters it.
 *
 * @param sections n
 * @param slot s; with a list of widths the mean
 * @param finger f; with a list of widths the mean
 * @param height where the joint ends
 * @param shift of the slot-first pattern towards the reference edge: half the clearance when it is shared
 * @param tail what the last section has over the others; may be negative
 * @param widths sections of the finger-first end, when they are not equal; empty when they are
 */
public record Layout(
        int sections, Length slot, Length finger, Length height, Length shift, Length tail, List<Length> widths) {

    /** Less than this is what rounding to the nanometre leaves, and no wood. */
    private static final Length ROUNDING = new Length(1_000);

    /** Equal sections, all clearance on one side, nothing left over. */
    public Layout(int sections, Length slot, Length finger, Length height) {
        this(sections, slot, finger, height, Length.ZERO, Length.ZERO, List.of());
    }

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

    public boolean isEven() {
        return sections % 2 == 0;
    }

    /** All sections of one width: what a key, a screw or spacers can step off. */
    public boolean isEqual() {
        return widths.isEmpty();
    }

    public Length pitch() {
        return slot.plus(finger);
    }

    /** c, what a slot has over the finger that enters it. */
    public Length clearance() {
        return slot.minus(finger);
    }

    /**
     * Whether an end is cut finger-first. Odd: the sides A and C at both ends. Even: every part at end 1, its left as seen from
     * outside, and slot-first at the other.
     */
    public boolean isFingerFirst(PartEnd end) {
        return isEven() ? end.end() == 1 : end.part().isSide();
    }

    /** The kind an end is cut as. */
    public End kind(PartEnd end) {
        return isFingerFirst(end) ? End.FINGER_FIRST : End.SLOT_FIRST;
    }

    public List<Span> fingerFirstFingers() {
        if (isEqual()) {
            List<Span> spans = spans(fingers(), Length.ZERO, finger);
            return isEven() ? spans : longer(spans);
        }
        return listed(0, Length.ZERO, Length.ZERO);
    }

    public List<Span> fingerFirstSlots() {
        if (isEqual()) {
            List<Span> spans = spans(sections - fingers(), finger, slot);
            return isEven() ? longer(spans) : spans;
        }
        return listed(1, Length.ZERO, Length.ZERO);
    }

    /** The first one runs out at the reference edge, and with an odd count the last one at the far edge. */
    public List<Span> slotFirstSlots() {
        if (isEqual()) {
            List<Span> spans = spans(fingers(), shift.negated(), slot);
            return isEven() ? spans : longer(spans);
        }
        return listed(0, shift.negated(), clearance().minus(shift));
    }

    public List<Span> slotFirstFingers() {
        List<Span> spans = isEqual()
                ? spans(sections - fingers(), slot.minus(shift), finger)
                : listed(1, clearance().minus(shift), shift.negated());
        if (isEven()) {
            Span last = spans.get(spans.size() - 1);
            spans.set(spans.size() - 1, new Span(last.from(), height));
        }
        return spans;
    }

    /** Slots of either end, from the reference edge. */
    public List<Span> slots(boolean fingerFirst) {
        return fingerFirst ? fingerFirstSlots() : slotFirstSlots();
    }

    /** One slot of either end, the nearest to the reference edge being 0, without working out the others. */
    public Span slot(boolean fingerFirst, int j) {
        if (!isEqual()) {
            return slots(fingerFirst).get(j);
        }
        Span slot = span(fingerFirst ? finger : shift.negated(), this.slot, j);
        int last = (fingerFirst ? sections - fingers() : fingers()) - 1;
        return isEven() == fingerFirst && j == last ? open(slot) : slot;
    }

    private List<Span> spans(int count, Length first, Length width) {
        List<Span> spans = new ArrayList<>(count);
        for (int j = 0; j < count; j++) {
            spans.add(span(first, width, j));
        }
        return spans;
    }

    private Span span(Length first, Length width, int j) {
        Length from = first.plus(pitch().times(j));
        return new Span(from, from.plus(width));
    }

    /**
     * What the last open slot of an end keeps at the far edge beyond a slot's width: a fat last section, or a clearance under zero that
     * makes slots narrower than fingers. Zero or less: nothing is left standing there.
     */
    public Length sliver(End end) {
        if (!isEqual() || isEven() != end.isFingerFirst()) {
            return Length.ZERO;
        }
        boolean fingerFirst = end.isFingerFirst();
        Span last = slot(fingerFirst, (fingerFirst ? sections - fingers() : fingers()) - 1);
        Length left = height.minus(last.from()).minus(slot);
        return left.isOver(ROUNDING) ? left : Length.ZERO;
    }

    /** The last section reaches to the far edge, however wide that makes it. */
    private List<Span> longer(List<Span> spans) {
        spans.set(spans.size() - 1, open(spans.get(spans.size() - 1)));
        return spans;
    }

    private Span open(Span last) {
        Length to = last.to().plus(tail);
        return new Span(last.from(), height.minus(to).isOver(ROUNDING) ? height : to);
    }

    /** Every second section of the list, its near and far wall moved by so much. */
    private List<Span> listed(int first, Length near, Length far) {
        List<Span> spans = new ArrayList<>(sections / 2 + 1);
        Length at = Length.ZERO;
        for (int i = 0; i < widths.size(); i++) {
            Length to = at.plus(widths.get(i));
            if (i % 2 == first) {
                spans.add(new Span(at.plus(near), to.plus(far)));
            }
            at = to;
        }
        return spans;
    }

    /**
     * What a groove over this stretch meets. The clearance beside a finger is air on both parts, so a groove may use it.
     */
    public Where meets(Span groove) {
        return holds(false, groove)
                ? Where.FINGER_OF_FINGER_FIRST
                : holds(true, groove) ? Where.FINGER_OF_SLOT_FIRST : Where.STRADDLES;
    }

    /** Whether one slot of an end holds a stretch whole. Equal sections are stepped to, not searched. */
    private boolean holds(boolean fingerFirst, Span groove) {
        int last = (fingerFirst ? sections - fingers() : fingers()) - 1;
        if (!isEqual() || !pitch().isPositive()) {
            return slots(fingerFirst).stream().anyMatch(s -> s.holds(groove));
        }
        int near = (int) Math.max(0, Math.min(last, Math.floor(groove.from().dividedBy(pitch()))));
        for (int j = Math.max(0, near - 1); j <= Math.min(last, near + 1); j++) {
            if (slot(fingerFirst, j).holds(groove)) {
                return true;
            }
        }
        return slot(fingerFirst, last).holds(groove);
    }

    /** The highest offset, none over the groove's own, at which it lies wholly inside one section. */
    public Optional<Length> clearUnder(Span groove) {
        return clear(groove).filter(at -> !at.isOver(groove.from())).max(Length::compareTo);
    }

    /** The lowest offset, none under the groove's own, at which it lies wholly inside one section. */
    public Optional<Length> clearOver(Span groove) {
        return clear(groove).filter(at -> !at.isUnder(groove.from())).min(Length::compareTo);
    }

    /** In each section that holds it the offset nearest to the groove's own. */
    private Stream<Length> clear(Span groove) {
        return Stream.of(slotFirstSlots(), fingerFirstSlots())
                .flatMap(List::stream)
                .filter(home -> !home(groove, home).isUnder(home.from()))
                .map(home -> Length.longer(home.from(), Length.shorter(groove.from(), home(groove, home))));
    }

    private Length home(Span groove, Span section) {
        return Length.shorter(section.to(), height).minus(groove.width());
    }

    /** Which of {@link #boundaries} lies nearest to a height. */
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

    /**
     * Where a joint of one, two, three … sections closes, below the whole height: {@code i·s − ⌈i/2⌉·c}, odd and even alike. With a
     * list of widths, where its sections end.
     */
    public List<Length> boundaries() {
        List<Length> found = new ArrayList<>(sections);
        List<Span> fingers = fingerFirstFingers();
        List<Span> slots = fingerFirstSlots();
        for (int i = 0; i < sections - 1; i++) {
            found.add(i % 2 == 0 ? fingers.get(i / 2).to() : slots.get(i / 2).to());
        }
        return found;
    }

    private static Length distance(Length a, Length b) {
        return a.minus(b).abs();
    }
}
