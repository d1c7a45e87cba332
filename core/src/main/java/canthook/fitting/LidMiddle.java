package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.length.LengthDisplay;
import canthook.lid.WorkedLid;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import org.jspecify.annotations.Nullable;

/**
 * Where a handle is screwed to the lid from below: in its middle, with one screw or two.
 *
 * <pre>
 * middle      half the lid along its grain, half of it across
 * bores       middle − spacing/2 and middle + spacing/2, with one drilling block for handle and lid
 * screw       lid + two thirds of what it goes into
 * </pre>
 *
 * @param bore first bore of two from the lid’s end; null for one
 */
public record LidMiddle(
        CutPiece lid, Worked along, Worked across, @Nullable Worked bore, Worked screw) {

    /** Null without a lid. */
    static @Nullable LidMiddle of(Worksheet sheet, WorkedLid lid, @Nullable Term spacing, Worked into) {
        CutPiece panel = lid.pieces().stream().findFirst().orElse(null);
        if (panel == null) {
            return null;
        }
        Worked along = sheet.work(
                "middle-along",
                "m₁",
                "Its middle, from the lid’s end",
                Show.LAYOUT,
                panel.along().over(2),
                "In the middle of the lid.");
        Worked across = sheet.work(
                "middle-across",
                "m₂",
                "Its middle, from the lid’s edge",
                Show.LAYOUT,
                panel.across().over(2),
                "In the middle of the lid.");
        Worked bore = spacing == null
                ? null
                : sheet.work(
                        "bore",
                        "b",
                        "First bore, from the lid’s end",
                        Show.LAYOUT,
                        along.minus(spacing.over(2)),
                        "Half the spacing before the middle; the second as far behind it. One drilling block for handle and lid.");
        Worked screw = sheet.work(
                "screw",
                "L",
                "Screw, long",
                Show.LAYOUT,
                panel.thickness().plus(fixed(2).times(into).over(3)),
                "Through the lid and two thirds into the handle.");
        return new LidMiddle(panel, along, across, bore, screw);
    }

    Step step(String what, LengthDisplay display) {
        String where = bore == null
                ? "in its middle, " + along.text(display) + " from its end"
                : bore.text(display) + " from its end and as far from the other";
        return new Step(
                Step.When.AFTER_GLUE,
                "Bore the lid for the " + what + " " + where + ", " + across.text(display)
                        + " from its edge, with the block that bores the " + what
                        + "; screw it on from below with screws of "
                        + screw.text(display) + ".",
                along.id());
    }
}
