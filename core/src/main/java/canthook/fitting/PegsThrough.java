package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.Fitting.Pegs;
import canthook.plan.Fitting.Which;
import canthook.plan.PartEnd;
import canthook.size.SizedBox;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * Pegs bored square to a face through the middle of a finger, on into the mate's slot floor.
 *
 * <pre>
 * at most      a third of the finger's width and of the thickness
 * centre       half the mate's thickness from the end, mid-finger
 * deep         T + the larger of 10 and T
 * </pre>
 *
 * Check: walls 12: deep 24, centre 6 from the end; walls 9: deep 19, 4.5.
 *
 * @param centre from the end of the part, finished
 * @param deep in the sides and in the ends alike where they are of one thickness
 * @param count in all
 * @param thickest a peg may be
 */
public record PegsThrough(
        int index, Pegs told, Worked centre, Worked deep, Worked count, Worked thickest, List<Feature> features)
        implements WorkedFitting {
    private static final Length LEAST_PAST = Length.mm(10);

    static PegsThrough of(Worksheet sheet, int index, Pegs told, SizedBox box, Joint joint, Worked finger) {
        String f = "f" + (index + 1) + "-";
        Worked peg =
                sheet.decided(f + "peg", "d", "Peg", Show.LAYOUT, told.diameter(), "fittings." + index + ".diameter");
        Worked thin = box.thinnestWall();
        Worked thickest = sheet.work(
                f + "thickest",
                "d₊",
                "A peg at most",
                Show.FIT,
                Term.smaller(finger.over(3), thin.over(3)),
                "A third of the finger’s width, and of the thinner wall.");
        Worked centre = sheet.work(
                f + "centre",
                "c",
                "Peg’s middle from the finished end",
                Show.FIT,
                thin.over(2),
                "Half the mate’s thickness from the end, in the middle of the finger.");
        Worked deep = sheet.work(
                f + "deep",
                "b",
                "Bore deep",
                Show.LAYOUT,
                thin.plus(Term.larger(fixed(LEAST_PAST), thin)),
                "Through the finger, and as far again into the mate: at least 10 mm.".replace(" mm", ""));
        List<Feature> features = new ArrayList<>();
        int pegs = 0;
        for (PartEnd end : PartEnd.all()) {
            List<Span> fingers = fingers(joint, end);
            for (int i = 0; i < fingers.size(); i++) {
                if (isPegged(told.which(), i, fingers.size())) {
                    pegs++;
                    features.addAll(taken(index, told, box, end, fingers.get(i), deep.length()));
                }
            }
        }
        Worked count = sheet.work(
                f + "count",
                "N",
                "Pegs in all",
                Show.COUNT,
                fixed(pegs),
                "Counted at all four corners, on both mates.");
        return new PegsThrough(index, told, centre, deep, count, thickest, List.copyOf(features));
    }

    private static boolean isPegged(Which which, int finger, int of) {
        return switch (which) {
            case ALL -> true;
            case EVERY_SECOND -> finger % 2 == 0;
            case OUTER -> finger == 0 || finger == of - 1;
        };
    }

    /** What stands between an end's slots, as far up as its corner is jointed. */
    private static List<Span> fingers(Joint joint, PartEnd end) {
        List<Span> fingers = new ArrayList<>();
        Length from = Length.ZERO;
        for (Span slot : joint.slots(end)) {
            if (slot.from().isOver(from)) {
                fingers.add(new Span(from, slot.from()));
            }
            from = slot.to();
        }
        Length top = Length.shorter(joint.top(end.part()), joint.corner(end).height());
        if (top.isOver(from)) {
            fingers.add(new Span(from, top));
        }
        return fingers;
    }

    /** The hole through the finger, and on into the mate. */
    private static List<Feature> taken(int index, Pegs told, SizedBox box, PartEnd end, Span finger, Length deep) {
        Length half = told.diameter().dividedBy(2);
        Length middle = finger.from().plus(finger.to()).dividedBy(2);
        Length mate = (end.part().isSide() ? box.finalEndThickness() : box.finalThickness()).length();
        String of = "f" + (index + 1);
        Length at = mate.dividedBy(2);
        Length own = Collisions.thick(box, end.part());
        return List.of(
                stretch(of, end, box, at.minus(half), at.plus(half), finger(middle, half), Length.ZERO, own),
                // on into the mate, in the middle of its thickness
                stretch(of, end.mate(), box, Length.ZERO, deep, finger(middle, half), at.minus(half), at.plus(half)));
    }

    private static Span finger(Length middle, Length half) {
        return new Span(middle.minus(half), middle.plus(half));
    }

    /** From an end of a part inwards, as it lies from the outer corner at D or A. */
    private static Feature stretch(
            String of, PartEnd end, SizedBox box, Length from, Length to, Span high, Length in, Length out) {
        boolean atOrigin = Collisions.isAtOrigin(end);
        Length whole = (end.part().isSide() ? box.outsideLength() : box.outsideWidth()).length();
        return new Feature(
                of,
                "a peg in " + end.part(),
                end.part(),
                atOrigin ? from : whole.minus(to),
                atOrigin ? to : whole.minus(from),
                high.from(),
                high.to(),
                in,
                out);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.pegs().apply(this);
    }

    @Override
    public String called() {
        return "the pegs";
    }

    @Override
    public String place() {
        return deep.id();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of();
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Bore for " + count.text(display) + " pegs of " + display.text(told.diameter(), Precision.LAYOUT)
                        + " with a drilling block: " + centre.text(display)
                        + " from the finished end, in the middle of "
                        + switch (told.which()) {
                            case ALL -> "every finger";
                            case EVERY_SECOND -> "every second finger";
                            case OUTER -> "the outer fingers";
                        }
                        + ", " + deep.text(display) + " deep. Glue them in, saw them off, pare them flush.",
                deep.id()));
    }
}
