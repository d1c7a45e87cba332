package canthook.planner;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.jig.Setting;
import canthook.saw.Jobs;
import canthook.saw.SetUpGate;
import canthook.saw.SheetWords;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whatever is told, wherever: a whole sentence in the unit that is shown, without a name of the program's own in it. */
class ToldTest {
    private static final Pattern INNER_NAME = Pattern.compile("[a-z]\\.[a-z]|[A-Z]{2,}_[A-Z]|null|NaN|Infinity|\\{|  ");
    private static final Pattern MILLIMETRES = Pattern.compile("\\d\\s?mm\\b");

    private static final Pattern FRACTION = Pattern.compile("(?:\\d+ )?\\d+/\\d+ in\\b");

    @Test
    void sentencesAreWholeAndInTheUnitThatIsShown() {
        AnyPlan.seeds(1, 600).forEach(any -> {
            WorkedPlan worked = any.worked();
            List<String> sentences = new ArrayList<>();
            worked.found().stream().map(Verdict::sentence).forEach(sentences::add);
            sentences.add(worked.fingers().sentence());
            Jobs.of(worked).forEach(job -> sentences.add(job.says()));
            SetUpGate.of(worked).forEach(check -> sentences.add(check.says()));
            Setting setting = worked.jig().setting();
            if (setting != null) {
                sentences.add(setting.errors());
            }
            SheetWords.of(worked).order().forEach(sentences::add);
            for (String sentence : sentences) {
                assertThat(sentence).as("seed " + any.seed()).matches("(?s)[\\p{Lu}\\d“].*[.:?!]");
            }
            List<String> told = new ArrayList<>(sentences);
            worked.found().stream()
                    .flatMap(v -> v.fixes().stream())
                    .map(Fix::label)
                    .forEach(told::add);
            worked.fingers().chosen().reasons().forEach(reason -> told.add(reason.words()));
            for (String words : told) {
                assertThat(words).as("seed " + any.seed()).doesNotContainPattern(INNER_NAME);
                if (!worked.plan().display().isMetric()) {
                    assertThat(words).as("seed " + any.seed()).doesNotContainPattern(MILLIMETRES);
                }
            }
        });
    }

    /** Where two sizes are compared, no fraction of an inch stands for both: told so coarsely the sentence says nothing. */
    @Test
    void whatDiffersReadsDifferently() {
        Set<Code> compared = EnumSet.of(
                Code.BEVELS_MEET,
                Code.COUNT_NOT_POSSIBLE,
                Code.DIVIDER_TOO_HIGH,
                Code.ENGAGEMENT_SHORT,
                Code.LID_TOP_THIN,
                Code.LOWERED_AGAINST_LID,
                Code.SEAM_HALF_THIN,
                Code.SLIT_THROUGH,
                Code.TWO_DEPTHS,
                Code.WALL_LEFT_THIN);
        AnyPlan.seeds(60_000, 1_500)
                .forEach(any -> any.worked().found().stream()
                        .filter(v -> compared.contains(v.code()))
                        .forEach(v -> assertThat(
                                        FRACTION.matcher(v.sentence()).results().map(MatchResult::group))
                                .as("seed %d: %s", any.seed(), v.sentence())
                                .doesNotHaveDuplicates()));
    }
}
