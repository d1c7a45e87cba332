package canthook.jig;

import canthook.fingers.Joint;
import canthook.fingers.Layout;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Way;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Why a way of indexing cannot make a joint, and what would let it. */
final class Hindrance {
    private Hindrance() {}

    /** The reason, as the end of a sentence; empty when the way can make it. */
    static Optional<String> of(Way way, Joint joint, FingerChoice choice) {
        Layout layout = joint.layout();
        return switch (way) {
            case STOPS, HAND -> Optional.empty();
            case SLED_KEY, ROUTER_SLED, ROD_KEY, SHIM_FENCE, SPACERS -> unequal(layout);
            case SCREW ->
                unequal(layout)
                        .or(() -> layout.tail().nanometres() == 0
                                ? Optional.empty()
                                : Optional.of("has whole steps only: rip the parts to the closing height"));
            case BAND_SAW -> unequal(layout).or(() -> bothEdges(joint, choice));
        };
    }

    private static Optional<String> unequal(Layout layout) {
        return layout.isEqual()
                ? Optional.empty()
                : Optional.of("needs equal sections: it steps one pitch again and again");
    }

    private static Optional<String> bothEdges(Joint joint, FingerChoice choice) {
        Layout layout = joint.layout();
        if (layout.isEven()) {
            return Optional.of("needs an odd count: it cuts the same line from both edges");
        }
        if (choice.shared() != Sharing.CENTRED) {
            return Optional.of("cuts from both edges, so the clearance is shared by both sides of a finger");
        }
        if (layout.tail().nanometres() != 0) {
            return Optional.of("needs parts of exactly the closing height: both edges register");
        }
        return joint.low() == null
                ? Optional.empty()
                : Optional.of(
                        "needs walls of one height: both edges register, and a lower wall has its far edge elsewhere");
    }

    /** Says so, with what would let it or another way. */
    static void refuse(BoxPlan plan, Joint joint, String why, List<Way> able, Verdicts verdicts) {
        Layout layout = joint.layout();
        List<Fix> fixes = new ArrayList<>();
        if (plan.jig().way() == Way.BAND_SAW && layout.isEqual()) {
            FingerChoice changed =
                    plan.fingers().with(Parity.ODD).with(Sharing.CENTRED).with(Leftover.RIP);
            fixes.add(new Fix(
                    layout.isEven() ? "Take an odd count, clearance shared" : "Share the clearance",
                    plan.with(changed)));
        }
        if (!layout.isEqual() && plan.fingers().widths() != null) {
            fixes.add(new Fix("Equal sections", plan.with(plan.fingers().withWidths(null))));
        }
        if (layout.tail().nanometres() != 0 || plan.fingers().leftover() == Leftover.EDGES) {
            fixes.add(new Fix(
                    "Rip to the closing height", plan.with(plan.fingers().with(Leftover.RIP))));
        }
        for (Way other : able) {
            if (other == Way.STOPS || other == Way.HAND) {
                fixes.add(new Fix(
                        other == Way.STOPS ? "Take a stop on a scale" : "Cut by hand",
                        plan.with(plan.jig().with(other))));
            }
        }
        verdicts.stop(
                Code.WAY_CANNOT,
                "jig.kerf",
                "“" + plan.jig().way().words() + "” " + why + ".",
                fixes.toArray(new Fix[0]));
    }
}
