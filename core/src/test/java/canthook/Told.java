package canthook;

import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.verdict.Verdict;
import java.util.List;

/** What a worked plan tells, as the tests ask for it. */
public final class Told {
    private Told() {}

    /** A length, in millimetres. */
    public static double number(WorkedPlan worked, String id) {
        return worked.number(id).orElseThrow().length().mm();
    }

    /** A length of a fitting, in millimetres. */
    public static double fitting(WorkedPlan worked, String id) {
        return number(worked, "fittings." + id);
    }

    public static List<Verdict> of(WorkedPlan worked, Verdict.Code code) {
        return worked.verdicts().stream().filter(v -> v.code() == code).toList();
    }

    public static List<String> jobs(WorkedPlan worked) {
        return Jobs.of(worked).stream().map(Jobs.Job::says).toList();
    }
}
