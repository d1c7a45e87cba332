package canthook.jig;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.Approved;
import canthook.SeedLibrary;
import canthook.fingers.End;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.plan.JigChoice.Way;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * All that each way of indexing tells: its card, what it is built to, where it stands for each pass, how a fit is put right, what it
 * warns of. Over boxes of every kind, odd and even, of one pass and of several.
 */
class ToldAtTheJigTest {
    private static final int CUT = 8;
    private static final int REFUSED = 4;

    @ParameterizedTest
    @EnumSource
    void itTellsWhatWasApproved(Way way) throws IOException {
        List<AnyPlan> some = new ArrayList<>(boxes(way)
                .filter(any -> any.worked().jig().setting() != null)
                .limit(CUT)
                .toList());
        assertThat(some).hasSize(CUT);
        boxes(way)
                .filter(any -> any.worked().jig().setting() == null)
                .limit(REFUSED)
                .forEach(some::add);
        List<String> told = new ArrayList<>();
        for (AnyPlan any : some) {
            told.addAll(told(any));
        }
        Approved.check("jig-" + way.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'), told);
    }

    private static Stream<AnyPlan> boxes(Way way) {
        return LongStream.range(1, 600)
                .mapToObj(AnyPlan::of)
                .filter(any -> any.plan().jig().way() == way)
                .filter(any -> any.worked().jig().cuts().size() < 45);
    }

    private static List<String> told(AnyPlan any) {
        WorkedPlan worked = any.worked();
        Jig jig = worked.jig();
        LengthDisplay display = any.plan().display();
        List<String> told = new ArrayList<>();
        told.add("box " + any.seed() + ": "
                + worked.fingers().chosen().sections().count() + " sections, "
                + worked.fingers().chosen().passes().count() + " passes, "
                + jig.line(display) + "; able " + jig.able());
        jig.numbers().forEach(n -> told.add("  " + n.id() + " " + n.text(display) + " | " + n.rule()));
        for (Verdict verdict : jig.verdicts()) {
            told.add("  " + verdict.weight() + " " + verdict.code() + " " + verdict.sentence() + " "
                    + verdict.fixes().stream().map(f -> f.label()).toList());
        }
        Setting setting = jig.setting();
        if (setting == null) {
            return told;
        }
        setting.card().forEach(step -> told.add("  - " + step));
        told.add("  errors: " + setting.errors());
        setting.check(display)
                .ifPresent(
                        c -> told.add("  check: " + c.says() + " " + c.number().text(display)));
        for (End end : End.values()) {
            for (Cut cut : setting.cuts(end)) {
                told.add("  " + cut.id() + " " + cut.title() + " " + mm(cut.from()) + ".." + mm(cut.to()) + " "
                        + jig.placeLabel(cut) + " " + jig.place(cut).text(display) + " | " + cut.instruction());
            }
        }
        for (double move : new double[] {0.06, -0.06, 0.5, -0.013}) {
            Correction correction = setting.correction(Length.ZERO, SeedLibrary.mm(move), display);
            told.add("  grow " + move + ": " + correction.sentence() + " " + correction.steps());
        }
        return told;
    }

    private static String mm(Length length) {
        return length.exactMm().stripTrailingZeros().toPlainString();
    }
}
