package canthook.fit;

import canthook.fingers.Rung;
import canthook.fit.Fit.Direction;
import canthook.jig.Setting;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import org.jspecify.annotations.Nullable;

/**
 * What the next test is to read and where the joint then closes, for what this way of indexing moves.
 *
 * <pre>
 *                        slot        finger      closes
 * key, spacers, stops    s           f + δ       H₀ + m·δ
 * screw, whole steps     s              f + δ         H₀ + m·δ
 * screw, thinner kerf    s − δ/2     f + δ/2     H₀ + δ/2 for odd counts, H₀ for even ones
 * shim of a band saw     s − δ/2     f + δ/2     as laid out
 * knife lines            as laid out             as laid out
 * </pre>
 *
 * Check: key, slot 8.02, finger 7.81, c 0.12, 11 sections: next 8.02 and 7.90, closes at 87.50.
 */
record AfterMove(Worked slot, Worked finger, Worked closing) {

    /** One way's answer in terms, each with its rule. */
    private record Told(Term slot, String ofSlot, Term finger, String ofFinger, Term closing, String ofClosing) {}

    static AfterMove of(
            Worksheet sheet,
            Rung chosen,
            @Nullable Setting setting,
            Direction direction,
            Worked slot,
            Worked finger,
            Worked closing,
            Worked move) {
        boolean stays = setting == null || direction == Direction.STAY;
        Told told = setting == null || stays
                ? stays(slot, finger, closing)
                : moved(chosen, setting, slot, finger, closing, move);
        return new AfterMove(
                sheet.work("next-slot", "s′", "Next test: slot", Show.CALIPER, told.slot, told.ofSlot),
                sheet.work("next-finger", "f′", "Next test: finger", Show.CALIPER, told.finger, told.ofFinger),
                sheet.work(
                        "closing-height-after",
                        "H₀′",
                        stays ? "Closing height" : "Closing height after the correction",
                        Show.FIT,
                        told.closing,
                        told.ofClosing));
    }

    private static Told stays(Worked slot, Worked finger, Worked closing) {
        return new Told(
                slot.times(1),
                "Nothing is moved.",
                finger.times(1),
                "Nothing is moved.",
                closing.times(1),
                "Nothing is moved, so the height stays.");
    }

    private static Told moved(Rung chosen, Setting setting, Worked slot, Worked finger, Worked closing, Worked move) {
        boolean listed = !chosen.layout().isEqual();
        Told whole = new Told(
                slot.times(1),
                "The slot is the cutter's: correcting the fit does not change it.",
                finger.plus(move),
                "The finger grows by what the fit is off.",
                listed ? closing.times(1) : closing.plus(chosen.fingers().times(move)),
                listed
                        ? "Your sections sum to the height; a stop that is moved moves a wall, not the edge."
                        : "Every finger of the finger-first end grows by what the fit is off.");
        String lines = "Sawn and pared to the knife lines, as they are laid out.";
        String laidOut = "The lines are laid out in the height itself: it stays.";
        return setting.fold(
                key -> whole,
                screw -> screw.isWhole(move.length())
                        ? whole
                        : new Told(
                                slot.minus(move.over(2)),
                                "A kerf thinner by half of what the fit is off.",
                                finger.plus(move.over(2)),
                                "The pitch stays, so the finger grows by what the slot gives up.",
                                chosen.layout().isEven() ? closing.times(1) : closing.plus(move.over(2)),
                                "With a kerf changed by half of what the fit is off and the zero set anew: half of it for an odd count, nothing for"
                                        + " an even one."),
                spacers -> whole,
                stops -> whole,
                hand -> new Told(
                        chosen.slot().times(1),
                        lines,
                        chosen.finger().times(1),
                        lines,
                        chosen.closing().times(1),
                        laidOut),
                bandSaw -> new Told(
                        slot.minus(move.over(2)),
                        "A thicker shim moves one wall of the slot by half of what the fit is off.",
                        finger.plus(move.over(2)),
                        "The other wall, the mate's, moves by the same half.",
                        chosen.closing().times(1),
                        laidOut));
    }
}
