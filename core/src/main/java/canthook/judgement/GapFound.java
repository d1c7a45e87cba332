package canthook.judgement;

import canthook.length.LengthDisplay;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Way;
import canthook.planner.WorkedPlan;
import canthook.shop.GapAt;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;

/**
 * What a gap tells of how the joint was cut, the likeliest first, and how each is found out.
 *
 * <pre>
 * same side of every finger   pressed the wrong way, or a clearance that lies on one side by plan
 * growing from edge to edge   the pitch is off, or mates walked from different edges
 * shoulders, all round        cutter too high, or parts not pushed down
 * one corner only             a part turned, or an end not square
 * fuzzy                       torn out: a fresh backing
 * </pre>
 */
public record GapFound(GapAt at, List<Reason> reasons) {

    /** One cause, and how it is found. */
    public record Reason(String words, String look) {}

    /** Reads what the plan knows of it: how clearance is shared, which jig cut it, how deep its slots are. */
    public static GapFound of(WorkedPlan worked, GapAt at) {
        return new GapFound(
                at,
                switch (at) {
                    case SAME_SIDE -> sameSide(worked);
                    case GROWING -> growing(worked);
                    case SHOULDERS -> shoulders(worked);
                    case ONE_CORNER ->
                        List.of(
                                new Reason(
                                        "a part turned",
                                        "Grooves and reference edges tell: at the exact height it goes together all the same."),
                                new Reason("an end not square", "A square on its reference edge, from both faces."));
                    case FUZZY ->
                        List.of(
                                new Reason(
                                        "no fresh backing",
                                        "Fuzzy where the cutter comes out: renew the board behind the work, or score the line."),
                                new Reason("a dull cutter", "Fuzzy on both faces: burnt or torn slots tell the same."));
                });
    }

    private static List<Reason> sameSide(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        Worked clearance = worked.fingers().chosen().clearance();
        boolean oneSided = worked.plan().fingers().shared() == Sharing.ONE_SIDE
                && clearance.length().isPositive();
        List<Reason> reasons = new ArrayList<>();
        if (worked.plan().jig().way().hasKey()) {
            reasons.add(new Reason(
                    "pressed to the wrong side of the key",
                    "Every part goes away from the cutter, to the marked side. Wider than " + clearance.text(display)
                            + " tells it."));
        } else {
            reasons.add(new Reason(
                    worked.plan().jig().way() == Way.HAND
                            ? "sawn on the wrong side of the line"
                            : "set off to one side",
                    "Wider than " + clearance.text(display) + " tells it: that much lies there by plan."));
        }
        if (oneSided) {
            reasons.add(new Reason(
                    "the clearance lies on one side by plan",
                    clearance.text(display)
                            + " beside every finger: share it to both sides at Fingers and it shows half."));
        }
        return reasons;
    }

    private static List<Reason> growing(WorkedPlan worked) {
        int n = worked.fingers().chosen().sections().count();
        List<Reason> reasons = new ArrayList<>();
        reasons.add(new Reason(
                "the pitch is off",
                "Read a slot near each edge of a part: a hundredth a step is "
                        + "a tenth after ten, and this joint has " + n + " sections."));
        reasons.add(new Reason(
                "mates walked from different edges",
                "Reference edges of both parts meet at the same corner; the fingers step apart from there."));
        return reasons;
    }

    private static List<Reason> shoulders(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        return List.of(
                new Reason(
                        "the cutter stood too high",
                        "Slots deeper than " + worked.size().slotDepth().text(display)
                                + ": tips stand out as far as the shoulders gape."),
                new Reason(
                        "parts not pushed down",
                        "Depth differs from part to part: dust on the base, or a stack that rode up."));
    }
}
