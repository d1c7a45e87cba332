package canthook.lid;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.Lid.SawnOff;
import canthook.plan.Liner;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.walls.WallDemands;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A thin frame inside a sawn box, on which its lid sits. It is fitted to the box tight, and eased where it enters the lid.
 *
 * <pre>
 * long ones    the inside length;   short ones   the inside width − 2 · thickness
 * high         the box without its lid − its floor + what it stands over
 * eased        half the clearance off each face that enters the lid
 * </pre>
 *
 * @param high of all four
 */
public record LinerFrame(Worked longOnes, Worked shortOnes, Worked high, Worked thickness, Worked eased) {
    private static final Length CLEAR = Length.mm(1);

    static LinerFrame of(
            Worksheet sheet,
            Liner told,
            WallDemands walls,
            SizedBox box,
            Worked body,
            @Nullable Length clearance,
            HouseRules rules) {
        Worked thickness = sheet.decided(
                "liner-thickness", "tₗ", "Liner, thickness", Show.LAYOUT, told.thickness(), "lid.liner.thickness");
        Worked stands =
                sheet.decided("liner-over", "oₗ", "Liner over the edge", Show.LAYOUT, told.over(), "lid.liner.over");
        Worked loose = sheet.ruled(
                "running",
                "c",
                "Clearance in the lid, total",
                Show.FIT,
                rules.lipClearance(),
                HouseRule.LIP_CLEARANCE.reason(),
                clearance,
                "lid.running");
        Worked longOnes = sheet.work(
                "liner-long",
                "L₁",
                "Liner along the sides",
                Show.FIT,
                box.insideLength().times(1),
                "The inside length: pressed in between the ends.");
        Worked shortOnes = sheet.work(
                "liner-short",
                "L₂",
                "Liner along the ends",
                Show.FIT,
                box.insideWidth().minus(fixed(2).times(thickness)),
                "The inside width, less the long ones that stand there.");
        Worked high = sheet.work(
                "liner-high",
                "h",
                "Liner, high",
                Show.FIT,
                walls.floor() == null
                        ? body.plus(stands)
                        : body.minus(walls.floor()).plus(stands),
                "From the floor to the box’s edge, and what it stands over it.");
        Worked eased = sheet.work(
                "liner-eased",
                "e",
                "Ease what stands out, each face, by",
                Show.FIT,
                loose.over(2),
                "Half the clearance, and rounded at the top, so that the lid finds its way.");
        return new LinerFrame(longOnes, shortOnes, high, thickness, eased);
    }

    /** @param under from the sawn edge of the lid to its top panel */
    void judge(SawnOff choice, BoxPlan plan, Length under, Verdicts verdicts) {
        Length room = under.minus(CLEAR);
        if (choice.liner().over().isOver(room)) {
            verdicts.mind(
                    Code.LINER_SHORT,
                    "lid.liner-over",
                    "The liner stands over the edge so far that it would meet the top panel.",
                    room.isUnder(Liner.OVER.least())
                            ? List.of(new Fix(
                                    "Do without a liner", plan.with(choice.with(canthook.plan.Lid.Joined.LOOSE))))
                            : List.of(new Fix(
                                    "Let it stand " + plan.display().text(room, Precision.LAYOUT) + " over",
                                    plan.with(new SawnOff(
                                            choice.stuff(),
                                            choice.thickness(),
                                            choice.groove(),
                                            choice.seam(),
                                            choice.skin(),
                                            choice.joined(),
                                            choice.kerf(),
                                            choice.flattened(),
                                            choice.hinges(),
                                            choice.liner().withOver(room),
                                            choice.running(),
                                            choice.vertical())))));
        }
    }

    List<CutPiece> pieces(Wood wood) {
        return List.of(
                new CutPiece("lid", "long liner", 2, wood, longOnes, high, thickness, thickness),
                new CutPiece("lid", "short liner", 2, wood, shortOnes, high, thickness, thickness));
    }

    List<Step> steps(LengthDisplay display) {
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Fit the liner: the long ones first, pressed against the sides, the short ones between them; ease what stands out by "
                        + eased.text(display) + " a face and round its top.",
                eased.id()));
    }
}
