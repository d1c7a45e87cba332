package canthook.size;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.Comparator;
import java.util.List;

/**
 * The parts' thickness: as decided, or once they are planed the mean of what was measured. Halves of a resawn board come out
 * off-centre, so every part is measured; a spread over the house rule (0.1 mm) shows in the cutter height and in the proud.
 *
 * <pre>
 * T = Σ readings / count           spread = largest − smallest
 * </pre>
 *
 * Check: 9.02, 8.98, 9.06, 8.94 give 9.00, spread 0.12.
 */
final class MeasuredThickness {
    private MeasuredThickness() {}

    static Worked of(BoxPlan plan, Worksheet sheet, HouseRules rules, Verdicts verdicts) {
        List<Length> readings = plan.blank().measured();
        if (readings == null || plan.size().endThickness() != null) {
            return sheet.decided(
                    "thickness", "T", "Thickness", Show.LAYOUT, plan.size().thickness(), "size.thickness");
        }
        Term sum = fixed(readings.get(0));
        for (Length reading : readings.subList(1, readings.size())) {
            sum = sum.plus(fixed(reading));
        }
        Worked mean = sheet.work(
                "thickness",
                "T",
                "Thickness, mean of the parts",
                Show.FIT,
                readings.size() == 1 ? sum.times(1) : sum.over(readings.size()),
                "Measured on every part after planing; the mean is what the slots are cut for.");
        Length most = readings.stream().max(Comparator.naturalOrder()).orElseThrow();
        Length least = readings.stream().min(Comparator.naturalOrder()).orElseThrow();
        Worked spread = sheet.work(
                "thickness-spread",
                "ΔT",
                "Spread of the parts",
                Show.FIT,
                fixed(most).minus(fixed(least)),
                "The thickest less the thinnest.");
        if (spread.length().isOver(rules.spread())) {
            verdicts.mind(
                    Code.THICKNESS_SPREAD,
                    "size.thickness-spread",
                    "The parts differ by " + plan.display().text(spread.length(), Precision.FIT)
                            + " in thickness; your rule allows "
                            + plan.display().text(rules.spread(), Precision.FIT) + ", for " + HouseRule.SPREAD.reason()
                            + " Take the thick ones down.");
        }
        return mean;
    }
}
