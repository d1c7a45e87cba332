package canthook.mates;

import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.wood.Movement;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The four walls swell and shrink along the height. All alike, the corner does not care; when sides and ends are of different
 * wood, ring angle or sheet goods, the difference is a step at the edges and a stress on the glue.
 *
 * <pre>
 * Δ = H · | x_side − x_end |        x: change per millimetre from the driest to the wettest of the year
 * </pre>
 *
 * Check: H 100, American sycamore flat-sawn (S 8.4) against quarter-sawn (S 5.0), 8 to 12 %: x 0.011932 and 0.006923, Δ 0.501.
 *
 * @param apart Δ; null when all walls are alike
 */
public record MatesApart(@Nullable Worked apart, List<Worked> numbers, List<Verdict> verdicts) {

    public static MatesApart of(BoxPlan plan, SizedBox box, Year year, HouseRules rules) {
        Stuff ends = plan.ends();
        if (ends == null) {
            return new MatesApart(null, List.of(), List.of());
        }
        Worksheet sheet = new Worksheet("mates");
        Worked side = change(sheet, "side", "Sides", plan.walls(), "walls.ringAngle", year);
        Worked end = change(sheet, "end", "Ends", ends, "ends.ringAngle", year);
        Worked apart = sheet.work(
                "apart",
                "Δ",
                "Sides and ends move apart over the year",
                Show.FIT,
                box.height().times(Term.absolute(side.minus(end))),
                "Along the height, from the driest to the wettest: a step at the edges, and a stress on the glue.");
        Verdicts verdicts = new Verdicts("size");
        if (apart.length().isOver(rules.stepBetweenMates())) {
            verdicts.mind(
                    Code.MATES_MOVE_APART,
                    "mates.apart",
                    "Over the year sides and ends move "
                            + plan.display().text(apart.length(), Precision.FIT)
                            + " apart along the height; your rule allows "
                            + plan.display().text(rules.stepBetweenMates(), Precision.FIT) + ", for "
                            + HouseRule.STEP_BETWEEN_MATES.reason(),
                    new Fix("Make the ends of the sides’ wood", plan.withEnds(null)));
        }
        return new MatesApart(apart, sheet.numbers(), verdicts.all());
    }

    private static Worked change(Worksheet sheet, String name, String label, Stuff stuff, String field, Year year) {
        Wood wood = stuff.known();
        String words = label + ", change from driest to wettest";
        if (wood.isSheet()) {
            Worked rate = sheet.table(
                    name + "-rate",
                    "ρ",
                    label + ", movement 30 to 90 % RH",
                    Show.PERCENT,
                    wood.sheetMovement(),
                    wood.name(),
                    "Wood Handbook (FPL-GTR-282)");
            return Movement.ofSheet(sheet, name, words, year.humidityDriest(), year.humidityWettest(), rate);
        }
        Worked shrinkage = Movement.shrinkage(sheet, name, wood, stuff.ringAngle(), field);
        Worked saturation = sheet.table(
                name + "-saturation",
                "F",
                label + ", fibre saturation",
                Show.MOISTURE,
                wood.fibreSaturation(),
                wood.name(),
                "Wood Handbook (FPL-GTR-282)");
        return Movement.ofSolid(sheet, name, words, year.driest(), year.wettest(), shrinkage, saturation);
    }
}
