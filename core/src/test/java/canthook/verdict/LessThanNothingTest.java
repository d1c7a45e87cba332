package canthook.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.panel.HeldPanel;
import canthook.planner.LidsCompared;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict.Code;
import java.util.EnumSet;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Nobody measures less than nothing: what is out, over or short is said to be, and by how much. */
class LessThanNothingTest {
    private static final Pattern UNDER_ZERO = Pattern.compile("−\\s?\\d");

    /** Clearances and errors of the fit have a sign that makers reckon with. */
    private static final Set<Code> SIGNED = EnumSet.of(
            Code.CORRECT_THE_FIT, Code.GLUE_SEIZES, Code.PRESS_AWAY, Code.SCREW_GIVES, Code.SCREW_MISSES_BAND);

    /** Beside the drawing of a panel, and where lids are compared. */
    @Test
    void noPanelIsHeldByIt() {
        int out = 0;
        for (int seed = 1; seed <= AnyPlan.share(600); seed++) {
            WorkedPlan worked = AnyPlan.of(seed).worked();
            for (HeldPanel panel : worked.panels()) {
                String says = panel.on(0, worked.year()).says(worked.plan().display());
                assertThat(says).as("seed " + seed).doesNotContain("−").matches(".* (held|out)");
                out += says.endsWith("out") ? 1 : 0;
            }
            for (LidsCompared.Kind kind : LidsCompared.of(worked)) {
                assertThat(kind.year()).as("seed " + seed).doesNotContain("−");
            }
        }
        assertThat(out).isPositive();
    }

    @Test
    void noSentenceTellsIt() {
        int falls = 0;
        for (int seed = 1; seed <= AnyPlan.share(1500); seed++) {
            for (Verdict verdict : AnyPlan.of(seed).worked().found()) {
                String of = "seed " + seed + ", " + verdict.code() + ": " + verdict.sentence();
                if (!SIGNED.contains(verdict.code())) {
                    assertThat(UNDER_ZERO.matcher(verdict.sentence()).find())
                            .as(of)
                            .isFalse();
                }
                if (verdict.code() == Code.ENGAGEMENT_SHORT
                        && verdict.sentence().contains("falls out")) {
                    falls++;
                    assertThat(verdict.sentence()).contains(" out of ").doesNotContain("holds by");
                }
            }
        }
        assertThat(falls).as("panels that fall out").isPositive();
    }
}
