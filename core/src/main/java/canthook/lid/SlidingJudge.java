package canthook.lid;

import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.LowEnds;
import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.GrooveJudge;
import canthook.panel.HeldPanel;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Lid.Sliding;
import canthook.plan.Part;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.WallDemands;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;

/**
 * What is said of a sliding lid: its grooves, what is left over them, and whether its line is a section boundary.
 *
 * @param plan it belongs to
 */
record SlidingJudge(SlidingLid lid, BoxPlan plan, SizedBox box, Ladder ladder, Verdicts verdicts) {

    void judge(WallDemands walls, Worked room, Worked vertical, HouseRules rules) {
        Sliding choice = lid.choice();
        HeldPanel held = lid.held();
        Groove groove = choice.groove();
        Layout layout = ladder.joint().layout();
        Length wall = ladder.wall().length();
        // a groove is moved for the count that stands: another count would put the boundaries elsewhere
        BoxPlan standing = ladder.pinned(plan);
        GrooveJudge judge = new GrooveJudge(
                held.groove(), plan, box, rules, changed -> standing.with(choice.withGroove(changed)), verdicts);
        if (!judge.leavesAWall()) {
            return;
        }
        if (groove.top().isOver(wall) || !lid.lidLine().length().isPositive()) {
            verdicts.stop(
                    Code.LID_OFF_WALL,
                    "lid.groove-offset",
                    "The lid's groove lies off the wall. Put it below the upper edge.",
                    judge.at("Put it at ", highest(wall)));
            return;
        }
        if (!room.length().isPositive()) {
            verdicts.stop(
                    Code.LID_OFF_WALL,
                    "lid.tongue",
                    "The clearance in the groove's height leaves no tongue. Make the groove wider.");
            return;
        }
        if (!held.across().cut().length().isPositive()) {
            verdicts.stop(
                    Code.PANEL_TOO_SMALL, "lid.running", "The running clearance leaves no lid at all. Ask for less.");
            return;
        }
        if (!lid.insideHeight().length().isPositive()) {
            verdicts.stop(
                    Code.LID_MEETS_BOTTOM,
                    "lid.inside-height",
                    "The lid's groove lies at or under the bottom: nothing is left between them.",
                    judge.at("Raise the lid's groove to ", highest(wall)));
        }
        Lids.overContents(
                plan,
                walls,
                box,
                held.groove().groove().offset(),
                "the lid's groove begins at",
                top -> List.of(judge.at("Begin the lid's groove at ", top)),
                verdicts);
        judge.depth();
        StandsOver.judge(walls, wall, "lid", judge, thick -> standing.with(choice.withThickness(thick)));
        judgeTop(judge, wall);
        judgeLine(judge, vertical.length(), wall);
        judge.engagement(
                held.across(),
                false,
                "lid",
                () -> GrooveJudge.calmer(choice.stuff(), stuff -> plan.with(choice.withStuff(stuff))));
        if (layout.meets(new Span(groove.offset(), groove.top())) == Layout.Where.STRADDLES
                && held.groove().parts().stream().anyMatch(Part::isEnd)) {
            verdicts.note(
                    Code.GROOVE_STRADDLES,
                    "lid.groove-offset",
                    "The lid's groove straddles a section boundary at the far end: stop it there at all four ends, or plug it.");
        }
        judge.thickness(
                choice.thickness(),
                room.length(),
                "The lid is thicker than its tongue: rabbet its edges, and try the groove on an offcut first.",
                "The lid is thinner than its groove has room for and will rattle.",
                "lid.tongue");
    }

    /** Where the groove lies as high as leaves enough above it. */
    private Length highest(Length wall) {
        return wall.minus(Lids.leastOver(box)).minus(lid.choice().groove().width());
    }

    private void judgeTop(GrooveJudge judge, Length wall) {
        LengthDisplay display = plan.display();
        Worked over = lid.over();
        Length least = Lids.leastOver(box);
        if (over.length().isUnder(least)) {
            Beside left = Beside.of(display, Precision.FIT, over.length(), least);
            verdicts.mind(
                    Code.LID_TOP_THIN,
                    "lid.over-groove",
                    "Only " + left.one() + " of wood is left above the groove; at least " + left.other()
                            + " is wanted.",
                    judge.at("Lower the groove to ", highest(wall)));
        }
    }

    private void judgeLine(GrooveJudge judge, Length vertical, Length wall) {
        if (lid.isOnBoundary()) {
            return;
        }
        LengthDisplay display = plan.display();
        Length off = lid.off().length();
        List<Fix> fixes = new ArrayList<>();
        for (Length boundary : LowEnds.about(ladder.joint(), lid.lidLine().length())) {
            Length offset = boundary.plus(vertical);
            if (!offset.plus(judge.asked().groove().width()).isOver(wall)) {
                fixes.add(judge.at(
                        offset.isOver(judge.asked().groove().offset())
                                ? "Raise the groove to "
                                : "Lower the groove to ",
                        offset));
            }
        }
        verdicts.mind(
                Code.LID_LINE_OFF,
                "lid.line",
                "The lid line lies " + display.text(off.abs(), Precision.FIT)
                        + (off.isPositive() ? " above" : " below")
                        + " a section boundary: the joint of what is lowered would end in a part of a section.",
                fixes);
    }
}
