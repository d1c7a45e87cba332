package canthook.glue;

import canthook.fingers.Joint;
import canthook.plan.FinishChoice;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.plan.SizeWish.Tips;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is looked at with the box together and dry: no glue is opened before.
 *
 * <pre>
 * at the exact height a part turned in its plane goes together without complaint: only the groove lands wrong
 * even layout: one part inside out jams two corners, all four inside out close
 * </pre>
 *
 * @param checks in the order they are made
 */
public record DryFit(List<Check> checks) {
    /**
     * One look.
     *
     * @param id stable name
     * @param says what must be so
     * @param why what it would be otherwise
     */
    public record Check(String id, String says, String why) {}

    public DryFit {
        checks = List.copyOf(checks);
    }

    static DryFit of(Joint joint, Within within, Tips tips, FinishChoice finish) {
        List<Check> checks = new ArrayList<>();
        checks.add(new Check(
                "corners",
                "All four corners are home, down to the shoulders.",
                "Pressed by hand or with a mallet and block; what does not close dry does not close wet."));
        if (within.any()) {
            checks.add(new Check(
                    "within",
                    "In: " + within.words() + ". Free to move.",
                    "What is too long holds a corner open; what jams now will split it later."));
        }
        checks.add(new Check(
                "edges",
                "Every reference edge is down.",
                "A part turned in its plane can close without complaint: only the groove lands wrong."));
        checks.add(new Check(
                "faces",
                "Every marked outside is out.",
                isEven(joint)
                        ? "One part inside out jams two corners; all four inside out close, and nothing tells but the marks."
                        : "A part inside out goes together; its groove is then on the outside."));
        checks.add(new Check(
                "ends",
                ends(joint),
                "Two of a kind do not go together: one part is turned end for end, or belongs to another box."));
        checks.add(new Check(
                "inside",
                (finish.inside() && finish.recipe() != null
                                ? "Inside and grooves are sanded and finished, the fingers bare."
                                : "Inside and grooves are sanded.")
                        + (tips == Tips.BY_DESIGN ? " The tips are bevelled." : ""),
                "Nobody reaches in there again."));
        return new DryFit(checks);
    }

    /** Each part has one end of either kind. */
    private static boolean isEven(Joint joint) {
        return joint.kind(new PartEnd(Part.A, 1)) != joint.kind(new PartEnd(Part.A, 2));
    }

    private static String ends(Joint joint) {
        String slots = Stream.of(Part.values())
                .flatMap(part -> Stream.of(new PartEnd(part, 1), new PartEnd(part, 2)))
                .filter(end -> !joint.kind(end).isFingerFirst())
                .map(PartEnd::toString)
                .collect(Collectors.joining(", "));
        return "Slots at the reference edge: " + slots + ". Each meets a finger.";
    }

    /** The first check that is missing; empty when all were made. */
    public java.util.Optional<Check> missing(List<String> made) {
        return checks.stream().filter(c -> !made.contains(c.id())).findFirst();
    }
}
