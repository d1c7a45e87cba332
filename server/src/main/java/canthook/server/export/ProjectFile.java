package canthook.server.export;

import canthook.plan.BoxPlan;
import canthook.refusal.Refused;
import canthook.shop.TestCut;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A box as a file: its decisions and its test cuts. Reading one back gives the same plan. The schema is published at
 * {@code /api/schema/project.json}.
 *
 * @param format always {@value #FORMAT}
 */
public record ProjectFile(
        String format, BoxPlan plan, @Nullable List<TestCut> testCuts) {
    /** What every project file says it is. */
    public static final String FORMAT = "cant-hook-box";

    public ProjectFile {
        if (!FORMAT.equals(format)) {
            throw new Refused("format", "This is not a box of Cant Hook: its format should say “" + FORMAT + "”.");
        }
        Refused.ifMissing("plan", "The plan", plan);
        testCuts = testCuts == null ? List.of() : List.copyOf(testCuts);
        if (testCuts.size() > 500) {
            throw new Refused("testCuts", "At most 500 test cuts.");
        }
    }
}
