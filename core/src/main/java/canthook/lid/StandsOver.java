package canthook.lid;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.GrooveJudge;
import canthook.plan.BoxPlan;
import canthook.plan.Lid;
import canthook.plan.SizeWish;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.walls.GrooveAsked;
import canthook.walls.WallDemands;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A panel in grooves that is thicker than they are: its tongue lies in the groove and its shoulder above, and it may stand over the walls.
 *
 * <pre>
 * face = groove above the bottom edge + thickness        the box closes at the larger of face and wall
 * </pre>
 *
 * Check: groove 82 up, lid 15 thick, wall 96: the face at 97, 1 over the walls.
 */
final class StandsOver {
    private StandsOver() {}

    /** Where the upper face of a panel lies that is thicker than its groove: its shoulder stands over the groove. */
    static @Nullable Worked face(Worksheet sheet, GrooveAsked groove) {
        return groove.panel().isOver(groove.width().length())
                ? sheet.work(
                        "face",
                        "zf",
                        "Upper face above the bottom edge",
                        Show.LAYOUT,
                        groove.offset().plus(groove.panel()),
                        "The groove's lower edge, and the panel's thickness: its tongue lies in the groove, the rest above.")
                : null;
    }

    /** A panel whose upper face stands over the walls: the box is as high as it is, and more than its place where one leads. */
    static void judge(
            WallDemands walls, Length wall, String lid, GrooveJudge judge, Function<Length, BoxPlan> thinner) {
        Worked face = walls.face();
        if (face == null || !face.isOver(wall)) {
            return;
        }
        BoxPlan plan = judge.plan();
        LengthDisplay display = plan.display();
        Length thick = judge.asked().panel().length();
        String says = "The " + lid + " stands " + display.text(face.length().minus(wall), Precision.FIT)
                + " over the walls: "
                + (plan.size().from() == SizeWish.From.OPENING
                        ? "so much higher is the box than its place allows."
                        : "the closed box is so much higher, and nothing stands firm on it.");
        List<Fix> fixes = new ArrayList<>();
        if (!wall.isUnder(thick)) {
            fixes.add(judge.at("Lower the groove to ", plan.unit().down(wall.minus(thick))));
        }
        Length flush = plan.unit().down(wall.minus(judge.asked().offset().length()));
        if (Lid.THICKNESS.holds(flush)) {
            fixes.add(new Fix("Take it " + display.text(flush, Precision.LAYOUT) + " thick", thinner.apply(flush)));
        }
        if (plan.size().from() == SizeWish.From.OPENING) {
            judge.verdicts().mind(Code.LID_STANDS_OVER, face.id(), says, fixes);
        } else {
            judge.verdicts().note(Code.LID_STANDS_OVER, face.id(), says, fixes.toArray(new Fix[0]));
        }
    }
}
