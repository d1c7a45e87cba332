package canthook.planner;

import canthook.fingers.Rung;
import canthook.glue.GlueTime;
import canthook.glue.Quicker;
import canthook.plan.BoxPlan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Every way to gain time at the glue-up: those that leave the joint as it is, and a joint of fewer sections, worked as it would stand. */
public final class GainedTime {
    private GainedTime() {}

    /** Those that come to enough first. */
    public static List<Quicker> of(WorkedPlan worked) {
        List<Quicker> ways = new ArrayList<>(worked.glue().quicker());
        fewer(worked).ifPresent(ways::add);
        ways.sort(Comparator.comparing((Quicker q) -> !q.isEnough()));
        return List.copyOf(ways);
    }

    /** The next count down that the cutter makes; empty where sections are a list, or nothing is gained. */
    private static Optional<Quicker> fewer(WorkedPlan worked) {
        BoxPlan plan = worked.plan();
        Rung now = worked.fingers().chosen();
        int count = now.sections().count();
        if (plan.fingers().widths() != null) {
            return Optional.empty();
        }
        return worked.fingers().rungs().stream()
                .filter(r -> r.feasible() && r.tool().equals(now.tool()))
                .map(r -> r.sections().count())
                .filter(n -> n < count && (count - n) % 2 == 0)
                .max(Integer::compare)
                .map(n -> {
                    BoxPlan after = plan.with(plan.fingers().withSections(n));
                    GlueTime time = Planner.work(after, worked.shop()).glue().time();
                    return new Quicker(
                            n + " sections instead of " + count,
                            time.all().number(),
                            time.inHand().number(),
                            after);
                })
                .filter(q -> q.inHand() > worked.glue().time().inHand().number());
    }
}
