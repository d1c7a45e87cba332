package canthook.planner;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.length.Length;
import canthook.length.LengthUnit;
import canthook.plan.BoxPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Whoever measures in inches is offered sizes a rule has: whole sixty-fourths. */
class FixesInInchesTest {
    /** Counted in steps from where it was told, so whole sixty-fourths from there; a seam goes by the joint. */
    private static final Set<String> FROM_ELSEWHERE = Set.of("at", "along", "seam");

    @Test
    void sizesAreOfferedInSixtyFourths() {
        List<String> odd = new ArrayList<>();
        int[] offered = {0};
        AnyPlan.seeds(1, 300).forEach(any -> {
            BoxPlan plan = inInches(any.plan());
            for (Verdict verdict : Planner.work(plan, any.shop()).verdicts()) {
                for (Fix fix : verdict.fixes()) {
                    offered[0] += changed(plan.lid(), fix.after().lid(), fix.label(), odd);
                    offered[0] += changed(plan.bottom(), fix.after().bottom(), fix.label(), odd);
                    if (fix.after().fittings().size() == plan.fittings().size()) {
                        for (int i = 0; i < plan.fittings().size(); i++) {
                            offered[0] += changed(
                                    plan.fittings().get(i),
                                    fix.after().fittings().get(i),
                                    fix.label(),
                                    odd);
                        }
                    }
                }
            }
        });
        assertThat(odd).isEmpty();
        assertThat(offered[0]).as("sizes that were offered").isGreaterThan(AnyPlan.share(300) / 30);
    }

    /** How many lengths are others in a record of the same kind; those that are no whole sixty-fourths are told. */
    private static int changed(Object before, Object after, String label, List<String> odd) {
        int changed = 0;
        if (before.getClass() != after.getClass()) {
            return changed;
        }
        for (RecordComponent part : before.getClass().getRecordComponents()) {
            try {
                Object was = part.getAccessor().invoke(before);
                Object is = part.getAccessor().invoke(after);
                if (is instanceof Length length && !length.equals(was) && !FROM_ELSEWHERE.contains(part.getName())) {
                    changed++;
                    if (length.nanometres() % LengthUnit.INCH.fine().nanometres() != 0) {
                        odd.add(label + ": " + before.getClass().getSimpleName() + "." + part.getName() + " " + length);
                    }
                }
            } catch (ReflectiveOperationException e) {
                throw new AssertionError(e);
            }
        }
        return changed;
    }

    private static BoxPlan inInches(BoxPlan plan) {
        return new BoxPlan(
                plan.version(),
                plan.name(),
                plan.purpose(),
                LengthUnit.INCH,
                plan.display(),
                plan.walls(),
                plan.size(),
                plan.fingers(),
                plan.blank(),
                plan.jig(),
                plan.bottom(),
                plan.lid(),
                plan.seasons(),
                plan.ends(),
                plan.batch(),
                plan.assumed(),
                plan.shared(),
                plan.fittings(),
                plan.host(),
                plan.glueUp(),
                plan.finish());
    }
}
