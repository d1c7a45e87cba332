package canthook.lid;

import canthook.fingers.Ladder;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.Lid;
import canthook.plan.Lid.Kept;
import canthook.plan.Lid.OnTop;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.WallDemands;
import canthook.working.Worked;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is said of a lid that lies on the walls: whether it stands in on the driest day, and what its lip leaves. */
final class OnTopJudge {
    private static final Length LEAST_INSIDE = Length.mm(1);

    private OnTopJudge() {}

    static void judge(
            OnTop choice,
            BoxPlan plan,
            WallDemands walls,
            SizedBox box,
            Ladder ladder,
            Worked driest,
            LidOnTop.@Nullable Lip lip,
            Worked inside,
            Verdicts verdicts) {
        LengthDisplay display = plan.display();
        if (driest.length().isNegative()) {
            // a little more than it shrinks, because a wider lid shrinks more
            Length more = plan.unit()
                    .up(choice.overhang().plus(driest.length().abs().times(11).dividedBy(10)));
            verdicts.mind(
                    Code.LID_STANDS_IN,
                    "lid.front-driest",
                    "On the driest day the lid’s front stands in from the wall by "
                            + display.text(driest.length().abs(), Precision.FIT) + ".",
                    new Fix(
                            "Let it stand over by " + display.text(more, Precision.LAYOUT),
                            plan.with(choice.withOverhang(more))));
        }
        if (lip != null
                && (!lip.across().length().isPositive() || !lip.along().length().isPositive())) {
            verdicts.stop(Code.PANEL_TOO_SMALL, "lid.running", "The clearance leaves no lip at all. Ask for less.");
        }
        if (lip != null && inside.length().isUnder(LEAST_INSIDE)) {
            Length less = plan.unit().down(choice.lip().plus(inside.length()).dividedBy(2));
            verdicts.stop(
                    Code.LIP_TOO_DEEP,
                    "lid.lip",
                    "The lip reaches down to the bottom: the lid would not close.",
                    less.isUnder(Lid.LIP.least())
                            ? new Fix[] {new Fix("Hinge it instead", plan.with(choice.with(Kept.HINGED)))}
                            : new Fix[] {
                                new Fix(
                                        "Make the lip " + display.text(less, Precision.LAYOUT) + " deep",
                                        plan.with(choice.withLip(less)))
                            });
        } else {
            Length under = ladder.wall()
                    .length()
                    .minus(lip == null ? Length.ZERO : lip.deep().length());
            Lids.overContents(
                    plan,
                    walls,
                    box,
                    under,
                    lip == null ? "the lid lies at" : "the lip comes down to",
                    top -> {
                        Length room = ladder.wall().length().minus(top);
                        return lip == null || room.isUnder(Lid.LIP.least())
                                ? List.of()
                                : List.of(new Fix(
                                        "Make the lip " + display.text(room, Precision.LAYOUT) + " deep",
                                        plan.with(choice.withLip(room))));
                    },
                    verdicts);
        }
        if (walls.low() != null) {
            verdicts.note(
                    Code.LID_OVER_LOW_WALL,
                    walls.low().line().id(),
                    "The lid lies on the high walls: over the lowered one it leaves an opening.",
                    new Fix("Walls of one height", plan.with(plan.size().withLowered(null))));
        }
    }
}
