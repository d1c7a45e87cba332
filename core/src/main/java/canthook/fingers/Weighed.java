package canthook.fingers;

import static canthook.working.Term.fixed;

import canthook.plan.JigChoice.Way;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * What a rung comes to when it is weighed against others: the joint corner by corner, passes in all, glue area and faces, the score. Of the
 * many rungs of a ladder only those somebody looks at are weighed.
 *
 * <pre>
 * glue area = (n − 1)·T·T′      score = 100 − what each reason costs
 * </pre>
 *
 * Check: 13 sections of 12 × 12: 17.28 cm².
 *
 * @param numbers of the rung, all of them, in the order they are told
 */
record Weighed(
        Joint joint,
        Worked cuts,
        Worked glueArea,
        Worked glueRatio,
        Worked glueFaces,
        Worked score,
        List<Rung.Reason> reasons,
        List<Worked> numbers) {

    static Weighed of(
            Derived from, Layout layout, Worked wall, Worked passes, Worked ripOff, Worked wide, Division of) {
        Worksheet sheet = new Worksheet(from.sheet().stage());
        HouseRules rules = of.rules();
        SizedBox box = of.box();
        Way way = of.plan().jig().way();
        Joint joint = Joint.of(layout, wall.length(), of.walls().low());
        Worked cuts = sheet.work(
                "cuts",
                "cuts",
                Pace.of(way).headed("in all"),
                Show.COUNT,
                fixed(Passes.inAll(
                        layout.isEqual() || !way.hasKey() ? way : Way.STOPS,
                        joint,
                        Gangs.of(joint, box, rules.stackHighest(), way),
                        from.kerf().length(),
                        from.overlap().length(),
                        passes.count())),
                "Every " + Pace.of(way).counted(1) + " of every stack, as the cut list counts them.");
        Worked thickness = box.finalThickness();
        Worked area = sheet.work(
                "glue-area",
                "A",
                "Glue area of a full corner",
                Show.AREA,
                from.n().minus(1).times(thickness.times(box.finalEndThickness())),
                "Long grain to long grain between the fingers: sections less one, each thickness by thickness.");
        Worked ratio = sheet.work(
                "glue-ratio",
                "A/A₀",
                "Against a butt corner",
                Show.RATIO,
                from.closing().length().isPositive() ? area.over(from.closing().times(thickness)) : fixed(0).times(1),
                "A plain butt has the height times the thickness, and that is end grain.");
        Worked faces = faces(sheet, from.n(), joint, box);
        List<Rung.Reason> reasons = Score.reasons(
                of.walls(),
                Pace.of(way),
                layout,
                wide,
                passes,
                cuts,
                ripOff,
                of.plan().display(),
                rules);
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
        List<Worked> numbers = new ArrayList<>(from.sheet().numbers());
        numbers.addAll(sheet.numbers());
        return new Weighed(joint, cuts, area, ratio, faces, score, reasons, List.copyOf(numbers));
    }

    /** Faces of all corners, and their area. */
    private static Worked faces(Worksheet sheet, Worked n, Joint joint, SizedBox box) {
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
}
