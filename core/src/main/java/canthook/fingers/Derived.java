package canthook.fingers;

import static canthook.working.Term.fixed;
import static canthook.working.Term.roundedUp;

import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice.Way;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.walls.LowWalls;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What follows from a division of the height, equal or not: the joint, passes, glue area and faces, the score.
 *
 * <pre>
 * glue area = (n − 1)·T·T′      passes N = 1 + ⌈(s − k)/(k − overlap)⌉      score = 100 − what each reason costs
 * </pre>
 *
 * Check: 13 sections of 12 × 12: 17.28 cm²; a slot of 7.45 with a kerf of 3.2 and an overlap of 0.5: 3 passes.
 *
 * @param n sections
 * @param m fingers on the finger-first end
 * @param wanted clearance asked for
 * @param clearance the one that comes of it
 * @param onePass height closed at with one pass a slot
 * @param screw whole steps; null without a screw
 */
record Derived(
        Worksheet sheet,
        Tool tool,
        Worked n,
        Worked m,
        Worked clearance,
        Worked wanted,
        Worked kerf,
        Term overlap,
        Worked onePass,
        Worked slot,
        Worked finger,
        Worked pitch,
        Worked closing,
        HeightBand band,
        @Nullable ScrewSteps screw) {

    /** The rung. */
    Rung rung(boolean feasible, Layout layout, Division of) {
        HouseRules rules = of.rules();
        SizedBox box = of.box();
        LengthDisplay display = of.plan().display();
        LowWalls low = of.walls().low();
        Worked wall = low != null && low.everyCorner() ? box.height() : closing;
        Joint joint = Joint.of(layout, wall.length(), low);
        Way way = of.plan().jig().way();
        Worked passes = passes(layout, way);
        Worked ripOff = sheet.work(
                "rip-off",
                "e",
                "To rip off a wall of the wished height",
                Show.FIT,
                box.jointed().minus(closing),
                "What the wished height has over the closing height.");
        int inAll = Passes.inAll(
                layout.isEqual() || !way.hasKey() ? way : Way.STOPS,
                joint,
                Gangs.of(joint, box, rules.stackHighest(), way),
                kerf.length(),
                overlap.length(),
                passes.count());
        Worked cuts = sheet.work(
                "cuts",
                "cuts",
                "Passes in all",
                Show.COUNT,
                fixed(inAll),
                "Every pass of every stack, as the cut list counts them.");
        Worked thickness = box.finalThickness();
        Worked area = sheet.work(
                "glue-area",
                "A",
                "Glue area of a full corner",
                Show.AREA,
                n.minus(1).times(thickness.times(box.finalEndThickness())),
                "Long grain to long grain between the fingers: sections less one, each thickness by thickness.");
        Worked ratio = sheet.work(
                "glue-ratio",
                "A/A₀",
                "Against a butt corner",
                Show.RATIO,
                closing.length().isPositive() ? area.over(closing.times(thickness)) : fixed(0).times(1),
                "A plain butt has the height times the thickness, and that is end grain.");
        Worked faces = faces(joint, box);
        Worked thicker =
                box.thickness().length().isUnder(box.endThickness().length()) ? box.endThickness() : box.thickness();
        Worked wide = sheet.work(
                "section-ratio", "s/T", "Section to thickness", Show.RATIO, slot.over(thicker), of.ratioRule());
        List<Rung.Reason> reasons =
                Score.reasons(of.walls(), way == Way.HAND, layout, wide, passes, cuts, ripOff, display, rules);
        Term lost = fixed(0);
        for (Rung.Reason reason : reasons) {
            if (reason.lost() > 0) {
                lost = lost.number() == 0 ? fixed(reason.lost()) : lost.plus(reason.lost());
            }
        }
        Worked score = sheet.work(
                "score",
                "score",
                "Score",
                Show.COUNT,
                fixed(100).minus(lost),
                "A hundred, less what each reason beside the rung costs.");
        String why = feasible
                ? (rules.isStrange(wide.number()) ? "strange: " + Score.ratioWords(wide.number()) : "")
                : "the cutter's " + display.text(kerf.length(), Precision.FIT) + " is wider than the slot";
        return new Rung(
                tool,
                feasible,
                why,
                joint,
                n,
                m,
                clearance,
                wanted,
                slot,
                finger,
                pitch,
                passes,
                closing,
                wall,
                onePass,
                ripOff,
                cuts,
                area,
                ratio,
                faces,
                wide,
                score,
                kerf,
                overlap.length(),
                band,
                screw,
                reasons,
                sheet.numbers());
    }

    private Worked passes(Layout layout, Way way) {
        if (way == Way.HAND) {
            return sheet.work(
                    "passes",
                    "N",
                    "Passes a slot",
                    Show.COUNT,
                    fixed(1),
                    "By hand a slot is sawn at its lines and chopped out, however wide it is.");
        }
        if (screw != null) {
            return sheet.work(
                    "passes",
                    "N",
                    "Passes a slot",
                    Show.COUNT,
                    fixed(screw.plan().passes()),
                    "As many as the whole steps of the screw take.");
        }
        Term broad = layout.isEqual() ? slot : fixed(widest(layout));
        return broad.length().isOver(kerf.length())
                ? sheet.work(
                        "passes",
                        "N",
                        layout.isEqual() ? "Passes a slot" : "Passes of the widest slot",
                        Show.COUNT,
                        fixed(1).plus(roundedUp(broad.minus(kerf).over(kerf.minus(overlap)))),
                        "One pass, and as many more as the rest needs with neighbouring passes overlapping.")
                : sheet.work("passes", "N", "Passes a slot", Show.COUNT, fixed(1), "The slot is as wide as the kerf.");
    }

    /** Faces of all corners, and their area. */
    private Worked faces(Joint joint, SizedBox box) {
        int full = 0;
        int atLow = 0;
        for (Joint.JointedCorner corner : joint.corners()) {
            full += corner.isLow() ? 0 : 1;
            atLow += corner.isLow() ? joint.faces(corner) : 0;
        }
        Worked faces = sheet.work(
                "glue-faces",
                "faces",
                "Faces to glue",
                Show.COUNT,
                full == 4
                        ? fixed(4).times(n.minus(1))
                        : full == 0
                                ? fixed(atLow).times(1)
                                : fixed(full).times(n.minus(1)).plus(fixed(atLow)),
                full == 4
                        ? "Four corners, one face between each two sections."
                        : "One face between each two sections; at a lowered corner up to its line, and one more where the mate's"
                                + " slot is closed above the low wall's finger.");
        sheet.work(
                "glue-area-all",
                "ΣA",
                "Glue area of the box",
                Show.AREA,
                faces.times(box.finalThickness().times(box.finalEndThickness())),
                "Every face, thickness by thickness.");
        return faces;
    }

    private static Length widest(Layout layout) {
        Length widest = Length.ZERO;
        for (End end : End.values()) {
            for (Span slot : layout.slots(end.isFingerFirst())) {
                widest = Length.longer(widest, slot.width());
            }
        }
        return widest;
    }
}
