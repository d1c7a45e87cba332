package canthook.fingers;

import canthook.length.Length;
import canthook.working.Later;
import canthook.working.Term;
import canthook.working.Worked;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One way to divide the height into sections, with one cutter; worked out by {@link Division}.
 *
 * @param tool the cutter it is cut with
 * @param feasible whether the cutter can make it
 * @param why when it cannot, or when it is a strange choice: the reason; else empty
 * @param layout of a full corner
 * @param clearance c that the joint will have
 * @param wanted c that is wished for; another than {@code clearance} only where a jig can but come near it
 * @param closing the height at which the joint closes
 * @param wall height of the walls that are not lowered
 * @param onePassCloses where it would close with one pass a slot
 * @param ripOff what must come off a wall of the wished height
 * @param overlap of neighbouring passes, at least
 * @param band between which heights one pass may close
 * @param screw the whole steps it is made in; null when no screw makes it
 * @param weighed what it comes to when it is weighed against others
 */
public record Rung(
        Tool tool,
        boolean feasible,
        String why,
        Layout layout,
        Worked sections,
        Worked fingers,
        Worked clearance,
        Worked wanted,
        Worked slot,
        Worked finger,
        Worked pitch,
        Worked passes,
        Worked closing,
        Worked wall,
        Worked onePassCloses,
        Worked ripOff,
        Worked sectionRatio,
        Worked kerf,
        Length overlap,
        HeightBand band,
        @Nullable ScrewSteps screw,
        Later<Weighed> weighed) {

    /**
     * One part of the score.
     *
     * @param words what it is, in words
     * @param lost points it costs
     */
    public record Reason(String words, double lost) {}

    /** The sheet its numbers stand on: {@code fingers.13}. */
    public String name() {
        return slot.id().substring(0, slot.id().lastIndexOf('.'));
    }

    /** Layout and corners, as they are cut. */
    public Joint joint() {
        return weighed.get().joint();
    }

    /** Passes of all stacks. */
    public Worked cuts() {
        return weighed.get().cuts();
    }

    public Worked glueArea() {
        return weighed.get().glueArea();
    }

    public Worked glueRatio() {
        return weighed.get().glueRatio();
    }

    public Worked glueFaces() {
        return weighed.get().glueFaces();
    }

    public Worked score() {
        return weighed.get().score();
    }

    /** What the score is made of. */
    public List<Reason> reasons() {
        return weighed.get().reasons();
    }

    public List<Worked> numbers() {
        return weighed.get().numbers();
    }

    /** One pass a slot, closing inside the band. */
    boolean isOnePassInBand() {
        return feasible && passes.count() == 1 && band.holds(closing.length());
    }

    /** Where the passes of a slot this wide begin, from its near wall. */
    public List<Length> passesOf(Length width) {
        return Passes.at(width, kerf.length(), overlap);
    }

    /** Where the passes of an equal slot begin, from its near wall. */
    public List<Length> passesAt() {
        return passesOf(slot.length());
    }

    /** Where a joint of {@code index + 1} sections closes, as a term: a finger, a pitch, a pitch and a finger … */
    public Term boundary(int index) {
        if (!layout().isEqual()) {
            return Term.fixed(layout().boundaries().get(index)).times(1);
        }
        int pitches = (index + 1) / 2;
        Term whole = pitch.times(pitches);
        return index == 0 ? finger.times(1) : index % 2 == 0 ? whole.plus(finger) : whole;
    }
}
