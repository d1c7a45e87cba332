package canthook.lid;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.Lid.Sliding;
import canthook.plan.Pull;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.GrooveAsked;
import canthook.walls.LowWalls;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What of a sliding lid stands out, where a finger takes it, where a pin stops it.
 *
 * <pre>
 * overhang        the lid is longer by it; its tongue is cut away over it, where it would show
 * notch           its centre on the lid's middle, its own diameter from the end
 * pin, from the back end = left in the grooves − pin/2      it meets the inside of the lowered front with its edge
 * closed, it stands from the back's inside = that − groove of the back: at least its own radius, or it meets the back
 * both ends lowered: in the middle, so it stops the lid either way
 * </pre>
 *
 * Check: left 40, pin 3: 38.5 from the back end; groove of the back 5: 33.5 inside it.
 *
 * @param overhang past each lowered end; null for none
 * @param tongueAway over which the tongue is cut away
 * @param notchIn centre of the notch from the front end
 * @param pinAt centre of the pin from the lid's back end
 */
public record PulledLid(
        @Nullable Worked overhang,
        @Nullable Worked tongueAway,
        @Nullable Worked notchIn,
        @Nullable Worked notchAcross,
        @Nullable Worked pinAt) {
    static final PulledLid NONE = new PulledLid(null, null, null, null, null);

    /** The overhang as it was decided; null where none was. */
    static @Nullable Worked overhang(Worksheet sheet, Pull pull, LowWalls low) {
        return pull.overhang() == null || !pull.overhang().isPositive()
                ? null
                : sheet.decided(
                        "overhang",
                        "o",
                        "Overhang past the " + low.pulled(),
                        Show.LAYOUT,
                        pull.overhang(),
                        "lid.pull.overhang");
    }

    /**
     * @param overhang as told above
     * @param along length the lid is cut to
     */
    static PulledLid of(
            Worksheet sheet,
            Pull pull,
            @Nullable Worked overhang,
            Worked across,
            Worked along,
            GrooveAsked groove,
            SizedBox box,
            LowWalls low) {
        boolean bothEnds = low.everyCorner();
        Worked away = overhang == null
                ? null
                : sheet.work(
                        "tongue-away",
                        "ta",
                        bothEnds
                                ? "Tongue cut away at both ends, over"
                                : "Tongue cut away at the " + low.pulled() + ", over",
                        Show.LAYOUT,
                        overhang.times(1),
                        "Past the outside of the " + low.pulled() + " the tongue would show: cut it away there.");
        Worked notchIn = null;
        Worked notchAcross = null;
        if (pull.notch() != null) {
            Worked notch =
                    sheet.decided("notch", "Øn", "Finger notch, across", Show.LAYOUT, pull.notch(), "lid.pull.notch");
            notchIn = sheet.work(
                    "notch-in",
                    "n₁",
                    "Its centre, from the end it is pulled by",
                    Show.LAYOUT,
                    notch.times(1),
                    "Its own width in from the end.");
            notchAcross = sheet.work(
                    "notch-across", "n₂", "Its centre, from the edge", Show.LAYOUT, across.over(2), "On the middle.");
        }
        return new PulledLid(overhang, away, notchIn, notchAcross, pin(sheet, pull, along, groove, box, low));
    }

    private static @Nullable Worked pin(
            Worksheet sheet, Pull pull, Worked along, GrooveAsked groove, SizedBox box, LowWalls low) {
        if (pull.stop() == null) {
            return null;
        }
        if (low.everyCorner()) {
            return sheet.work(
                    "pin-at",
                    "p",
                    "Stop pin, from either end of the lid",
                    Show.LAYOUT,
                    along.over(2),
                    "In the middle: it meets the inside of either lowered end.");
        }
        Worked left = sheet.decided(
                "stop", "e", "Left in the grooves when it stops", Show.LAYOUT, pull.stop(), "lid.pull.stop");
        Worked at = sheet.work(
                "pin-at",
                "p",
                "Stop pin, from the lid's " + low.far() + " end",
                Show.LAYOUT,
                left.minus(fixed(pull.pinOrUsual()).over(2)),
                "Its edge meets the inside of the " + low.pulled() + " when so much is left behind it.");
        sheet.work(
                "pin-closed",
                "p₀",
                "Closed, it stands from the inside of the " + low.far(),
                Show.LAYOUT,
                at.minus(groove.depth()),
                "The lid's " + low.far() + " end lies in that wall's groove.");
        sheet.work(
                "opens",
                "a",
                "It opens by",
                Show.LAYOUT,
                box.insideLength().minus(left),
                "The inside length, less what is left in the grooves.");
        return at;
    }

    /** A pin that would stand in the back's groove, or that hardly lets the lid open. */
    void judge(Sliding choice, BoxPlan plan, SizedBox box, LowWalls low, Verdicts verdicts) {
        Pull pull = choice.pulled();
        if (pinAt == null || pull.stop() == null) {
            return;
        }
        LengthDisplay display = plan.display();
        Length pin = pull.pinOrUsual();
        Length least = choice.groove().depth().plus(pin);
        Length most = box.insideLength().length();
        if (pull.stop().isUnder(least)) {
            verdicts.stop(
                    Code.PIN_MEETS_BACK,
                    "lid.pin-at",
                    "With so little left in the grooves the pin would stand in the " + low.far() + ", not in the box.",
                    new Fix(
                            "Leave " + display.text(least.plus(Length.mm(2)), Precision.LAYOUT),
                            plan.with(choice.with(pull.withStop(least.plus(Length.mm(2)))))));
        } else if (pull.stop().isOver(most)) {
            verdicts.stop(
                    Code.PIN_HOLDS_SHUT,
                    "lid.pin-at",
                    "More is to be left in the grooves than they are long: the pin would hold the lid shut.",
                    new Fix(
                            "Leave a quarter of the inside length",
                            plan.with(choice.with(pull.withStop(most.dividedBy(4))))));
        }
    }

    List<Step> steps(Pull pull, LengthDisplay display) {
        List<Step> steps = new ArrayList<>();
        if (tongueAway != null) {
            steps.add(new Step(
                    Step.When.BEFORE_GLUE,
                    "Cut the lid's tongue away over " + tongueAway.text(display) + " from the end it is pulled by.",
                    tongueAway.id()));
        }
        if (notchIn != null && notchAcross != null) {
            steps.add(new Step(
                    Step.When.AFTER_GLUE,
                    "Cut the finger notch into the lid's upper face, centre " + notchIn.text(display)
                            + " from the end it is pulled by and " + notchAcross.text(display)
                            + " from the edge, no deeper than half its thickness.",
                    notchIn.id()));
        }
        if (pinAt != null) {
            steps.add(new Step(
                    Step.When.AFTER_GLUE,
                    "Bore the lid's lower face for the stop pin (" + display.text(pull.pinOrUsual(), Precision.LAYOUT)
                            + "), on its middle, " + pinAt.text(display)
                            + " from its other end; slide the lid in, press the pin in from inside the box, no glue.",
                    pinAt.id()));
        }
        return steps;
    }
}
