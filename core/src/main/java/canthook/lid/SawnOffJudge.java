package canthook.lid;

import canthook.fingers.Ladder;
import canthook.fingers.Layout;
import canthook.fingers.Layout.Span;
import canthook.fingers.LowEnds;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CapturedPanel;
import canthook.panel.GrooveJudge;
import canthook.panel.HeldPanel;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.Lid.SawnOff;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.GrooveAsked;
import canthook.walls.WallDemands;
import canthook.working.Worked;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is said of a lid that is sawn off: the top's groove, the seam, liner and hinges.
 *
 * @param plan it belongs to
 */
record SawnOffJudge(SawnOffLid lid, BoxPlan plan, SizedBox box, Ladder ladder, Verdicts verdicts) {
    void judge(WallDemands walls, CapturedPanel panel, HouseRules rules) {
        SawnOff choice = lid.choice();
        HeldPanel held = lid.held();
        Worked loss = lid.loss();
        LinerFrame liner = lid.liner();
        ButtHinges hinges = lid.hinges();
        LengthDisplay display = plan.display();
        Length wall = ladder.wall().length();
        // a seam and a groove are moved for the count that stands: another count would put the sections elsewhere
        BoxPlan standing = ladder.pinned(plan);
        GrooveAsked asked = held.groove();
        GrooveJudge judge = new GrooveJudge(
                asked, plan, box, rules, changed -> standing.with(choice.withGroove(changed)), verdicts);
        if (!judge.leavesAWall()) {
            return;
        }
        Length lowest = asked.parts().stream()
                .map(ladder.joint()::top)
                .min(Length::compareTo)
                .orElse(wall);
        Length least = Lids.leastOver(box);
        if (asked.groove().top().isOver(lowest)) {
            Length onWall = lowest.minus(least).minus(asked.groove().width());
            verdicts.stop(
                    Code.LID_OFF_WALL,
                    "lid.groove-offset",
                    "The top’s groove lies off a wall it runs in. Put it below the upper edge.",
                    Stream.of(
                                    Stream.of(judge.at("Put it at ", onWall)),
                                    withItsSeam(standing, onWall).stream(),
                                    walls.low() == null ? Stream.<Fix>empty() : Stream.of(LowEnds.level(standing)))
                            .flatMap(fixes -> fixes)
                            .toArray(Fix[]::new));
            return;
        }
        if (!held.across().cut().length().isPositive()) {
            verdicts.stop(Code.PANEL_TOO_SMALL, "lid.cut", "The gap leaves no top panel at all.");
            return;
        }
        if (asked.groove().top().isOver(wall.minus(least))) {
            verdicts.mind(
                    Code.LID_TOP_THIN,
                    "lid.groove-offset",
                    "Less than " + display.text(least, Precision.FIT) + " of wood is left above the top’s groove.",
                    judge.at(
                            "Lower the groove to ",
                            wall.minus(least).minus(asked.groove().width())));
        }
        judge.depth();
        StandsOver.judge(walls, wall, "top panel", judge, thick -> standing.with(choice.withThickness(thick)));
        Layout layout = ladder.joint().layout();
        if (layout.meets(new Span(asked.groove().offset(), asked.groove().top())) == Layout.Where.STRADDLES) {
            verdicts.mind(
                    Code.GROOVE_STRADDLES,
                    "lid.groove-offset",
                    "The groove straddles a section boundary: it shows on both mates unless all eight ends are stopped.",
                    judge.intoOneSection(layout));
        }
        judge.wallLeft(panel.stops());
        judge.corners(panel);
        judge.engagement(
                held.across(),
                false,
                "top panel",
                () -> GrooveJudge.calmer(choice.stuff(), stuff -> plan.with(choice.withStuff(stuff))));
        new SeamJudge(lid, plan, standing, walls, ladder).judge(verdicts);
        Lids.overContents(
                plan,
                walls,
                box,
                asked.offset().minus(loss).value().length(),
                "the top panel comes down to",
                top -> List.of(judge.at("Raise the top’s groove to ", top.plus(loss.length()))),
                verdicts);
        if (liner != null) {
            Length half = loss.length().dividedBy(2);
            liner.judge(
                    choice, plan, asked.groove().offset().minus(choice.seam()).minus(half), verdicts);
        }
        if (hinges != null) {
            hinges.judge(plan, box, lid.lidWalls(), changed -> plan.with(choice.with(changed)), verdicts);
        }
    }

    /** The groove is put there and the seam into the middle of the highest section under the top; none where none is under it. */
    private Optional<Fix> withItsSeam(BoxPlan standing, Length offset) {
        SawnOff choice = lid.choice();
        Groove there = choice.groove().withOffset(Length.longer(Length.ZERO, offset));
        Length half = lid.loss().length().dividedBy(2);
        Length top = Length.shorter(there.offset(), there.top().minus(choice.thickness()));
        return SawnOffLid.sections(ladder.joint().layout(), ladder.wall().length()).stream()
                .map(section -> section.from().plus(section.to()).dividedBy(2))
                .filter(middle -> middle.plus(half).isUnder(top) && SawnOff.SEAM.holds(middle))
                .max(Length::compareTo)
                .map(seam -> new Fix(
                        "Put it at " + plan.display().text(there.offset(), Precision.FIT) + " and saw at "
                                + plan.display().text(seam, Precision.FIT),
                        standing.with(choice.withGroove(there).withSeam(seam))));
    }
}
