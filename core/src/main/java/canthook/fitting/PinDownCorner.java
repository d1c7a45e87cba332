package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.Fitting.CornerPin;
import canthook.plan.PartEnd;
import canthook.size.SizedBox;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * One long pin down each corner, through all fingers: a nail or a glued rod.
 *
 * <pre>
 * at most   a third of the thinner wall
 * pilot     0.9 · d for a nail, d for a rod
 * bored     from both edges to the middle and 5 farther
 * stands    half the mate's thickness from the end, in the middle of the wall
 * </pre>
 *
 * Check: walls 9, nail 2.4: pilot 2.16, 4.5 from the end; wall 96 high: 53 deep from each edge. A through groove 4 deep meets it,
 * for 4 &gt; 4.5 − 1.2.
 *
 * @param centre from a part's finished end; of the ends where the walls differ
 * @param deep from each edge, at the highest corner
 * @param thickest a pin may be
 */
public record PinDownCorner(
        int index,
        CornerPin told,
        Worked pilot,
        Worked centre,
        Worked centreEnds,
        Worked deep,
        Worked thickest,
        List<Feature> features)
        implements WorkedFitting {
    private static final double NAIL = 0.9;
    private static final Length PAST = Length.mm(5);

    static PinDownCorner of(Worksheet sheet, int index, CornerPin told, SizedBox box, Joint joint, Worked wall) {
        Worked pin = sheet.decided("pin", "d", "Pin", Show.FIT, told.diameter(), "fittings." + index + ".diameter");
        Worked thickest = sheet.work(
                "thickest",
                "d₊",
                "A pin at most",
                Show.FIT,
                box.thinnestWall().over(3),
                "A third of the thinner wall.");
        Worked pilot = sheet.work(
                "pilot",
                "p",
                "Bore",
                Show.FIT,
                told.rod() ? pin.times(1) : pin.times(NAIL),
                told.rod() ? "A glued rod wants a hole of its own size." : "A nail wants nine tenths of its own.");
        Worked centre = sheet.work(
                "centre",
                "c",
                "Its middle from the end of A and C",
                Show.FIT,
                box.finalEndThickness().over(2),
                "Half the mate's thickness; in the middle of the wall it is bored down.");
        Worked centreEnds = sheet.work(
                "centre-ends",
                "cₑ",
                "Its middle from the end of B and D",
                Show.FIT,
                box.finalThickness().over(2),
                "Half the mate's thickness.");
        Worked deep = sheet.work(
                "deep",
                "b",
                "Bore deep, from each edge",
                Show.LAYOUT,
                wall.over(2).plus(fixed(PAST)),
                "From both edges to the middle, and a little farther, so that the holes meet.");
        Length half = told.diameter().dividedBy(2);
        List<Feature> features = new ArrayList<>();
        for (PartEnd end : PartEnd.all()) {
            Length at = (end.part().isSide() ? centre : centreEnds).length();
            Length middle = Collisions.thick(box, end.part()).dividedBy(2);
            Span high = new Span(
                    Length.ZERO,
                    Length.shorter(joint.top(end.part()), joint.corner(end).height()));
            if (high.to().isPositive()) {
                features.add(PegsThrough.stretch(
                        Feature.of(index),
                        "the pin in " + end,
                        end,
                        box,
                        at.minus(half),
                        at.plus(half),
                        high,
                        middle.minus(half),
                        middle.plus(half)));
            }
        }
        return new PinDownCorner(index, told, pilot, centre, centreEnds, deep, thickest, List.copyOf(features));
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.pin().apply(this);
    }

    @Override
    public String called() {
        return "the corner pins";
    }

    @Override
    public String word() {
        return "corner pins";
    }

    @Override
    public List<Worked> follows() {
        return List.of();
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
        String where = centre.length().equals(centreEnds.length())
                ? centre.text(display) + " from both outsides"
                : centreEnds.text(display) + " from the outside of the side and " + centre.text(display)
                        + " from that of the end";
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Bore every corner " + pilot.text(display) + " wide, " + where
                        + ", from the upper and from the lower edge, "
                        + deep.text(display) + " deep each. "
                        + (told.rod()
                                ? "Glue the rod at one end only: the wall's height moves, the rod does not."
                                : "Drive the nail, set its head under the edge."),
                deep.id()));
    }
}
