package canthook.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.sheets.SheetCuts.Setting;
import canthook.sheets.SheetCuts.Stage;
import canthook.sheets.SheetPlan.Laid;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetPlan.Piece;
import canthook.sheets.SheetPlan.Strip;
import canthook.sheets.SheetSolver.Hurry;
import canthook.sheets.exact.ExactSheets;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The order of cuts against the plan it is told of: who sets the fence as told gets every panel. */
@Tag("long")
class SheetCutsTest {
    private static final SheetSolver SOLVER = new ExactSheets();

    static LongStream seeds() {
        return LongStream.range(300, 300 + AnyPlan.share(10));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everySizeOfEveryPanelIsSetOrIsWhatIsLeft(long seed) {
        SheetTask task = SawnSheets.any(seed);
        SheetPlan plan = SOLVER.solve(task, Hurry.NONE);
        for (Opened opened : plan.opened()) {
            List<Setting> settings = SheetCuts.of(opened, task.kerf());
            for (Strip strip : opened.strips()) {
                assertThat(isSet(settings, Stage.RIP, strip.width())
                                || strip.from().plus(strip.width()).equals(opened.ripWidth()))
                        .as("strip of %s", strip.width())
                        .isTrue();
                for (Piece piece : strip.pieces()) {
                    assertThat(isSet(settings, Stage.CROSSCUT, piece.length())
                                    || piece.from().plus(piece.length()).equals(opened.ripLength()))
                            .as("piece of %s", piece.length())
                            .isTrue();
                    for (Laid laid : piece.panels()) {
                        assertThat(isSet(settings, Stage.TRIM, laid.width())
                                        || laid.from()
                                                .plus(laid.width())
                                                .equals(strip.from().plus(strip.width())))
                                .as("panel of %s", laid.width())
                                .isTrue();
                    }
                }
            }
        }
    }

    /** No more cuts than there are strips, pieces and panels, but for what cuts a flaw away; each setting stands there once. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noCutIsToldTwice(long seed) {
        SheetTask task = SawnSheets.any(seed);
        SheetPlan plan = SOLVER.solve(task, Hurry.NONE);
        for (Opened opened : plan.opened()) {
            List<Setting> settings = SheetCuts.of(opened, task.kerf());
            assertThat(settings).doesNotHaveDuplicates();
            assertThat(settings.stream().map(s -> s.stage() + " " + s.at() + s.waste()))
                    .doesNotHaveDuplicates();
            assertThat(cuts(settings, Stage.RIP))
                    .isLessThanOrEqualTo(opened.strips().size());
            assertThat(cuts(settings, Stage.TRIM)).isLessThanOrEqualTo(opened.panels());
            assertThat(settings.stream().map(s -> s.says(LengthDisplay.METRIC)))
                    .allMatch(s -> s.matches("(Fence|Stop) at .* mm: (rip|crosscut|trim) .*\\."));
            // rips first, trims last
            assertThat(settings.stream().map(Setting::stage)).isSorted();
        }
    }

    private static boolean isSet(List<Setting> settings, Stage stage, Length at) {
        return settings.stream().anyMatch(s -> s.stage() == stage && s.at().equals(at) && !s.waste());
    }

    private static int cuts(List<Setting> settings, Stage stage) {
        return settings.stream()
                .filter(s -> s.stage() == stage && !s.waste())
                .mapToInt(Setting::often)
                .sum();
    }
}
