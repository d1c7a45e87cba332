package canthook.planner;

import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.WholeBox.State;
import canthook.figure.WholeBoxHeight;
import canthook.length.LengthDisplay;
import canthook.planner.LidsCompared.Kind;
import canthook.verdict.Verdict.Weight;
import canthook.working.Worked;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The kinds of lid beside each other: each is told as the box would be with it. */
class LidsComparedTest {
    private static Map<FirstGuess, Kind> kinds(WorkedPlan worked) {
        Map<FirstGuess, Kind> kinds = new EnumMap<>(FirstGuess.class);
        LidsCompared.of(worked).forEach(k -> kinds.put(k.guess(), k));
        return kinds;
    }

    private static double mm(String text) {
        return Double.parseDouble(text.replace(" mm", ""));
    }

    @Test
    void oneOfThemIsTheBoxs() {
        for (int seed = 1; seed <= AnyPlan.share(120); seed++) {
            WorkedPlan worked = AnyPlan.of(seed).worked();
            List<Kind> kinds = LidsCompared.of(worked);
            assertThat(kinds).as("seed " + seed).hasSize(5);
            assertThat(kinds).extracting(Kind::guess).doesNotHaveDuplicates();
            assertThat(kinds.stream().filter(Kind::stands)).as("seed " + seed).hasSize(1);
            Kind stands = kinds.stream().filter(Kind::stands).findFirst().orElseThrow();
            assertThat(stands.made())
                    .as("seed " + seed)
                    .isEqualTo(worked.lid().verdicts().stream().noneMatch(v -> v.weight() == Weight.STOP));
        }
    }

    /** With a bottom between the walls and with one they stand on: heights told are those the solids have. */
    @ParameterizedTest
    @EnumSource(names = {"BOTTOM_NONE", "BOTTOM_CAPTURED", "BOTTOM_RABBETED", "BOTTOM_APPLIED"})
    void aClosedBoxIsAsHighAsItsSolidsWhateverItStandsOn(FirstGuess bottom) {
        WorkedPlan drawer = work(openDrawer());
        WorkedPlan worked = work(bottom.in(drawer));
        assertThat(worked.plan().display()).isEqualTo(LengthDisplay.METRIC);
        for (Kind kind : LidsCompared.of(worked)) {
            WorkedPlan with = kind.stands() ? worked : work(kind.guess().in(worked));
            assertThat(kind.plan()).isEqualTo(with.plan());
            assertThat(with.number(kind.outsideNumber()).orElseThrow().text(LengthDisplay.METRIC))
                    .as(bottom + " " + kind.guess())
                    .isEqualTo(kind.outside());
            if (!kind.inside().isEmpty()) {
                assertThat(with.number(kind.insideNumber()).orElseThrow().text(LengthDisplay.METRIC))
                        .isEqualTo(kind.inside());
            }
            // a lid that is sawn off is drawn as it was glued: what sawing takes is not gone yet
            double sawn = with.number("lid.loss").map(Worked::plain).orElse(0.0);
            assertThat(mm(kind.outside()))
                    .as(bottom + " " + kind.guess())
                    .isCloseTo(WholeBoxHeight.of(with, State.CLOSED) - sawn, within(0.06));
        }
    }

    @Test
    void whatTakesHeightSaysSo() {
        WorkedPlan worked = work(FirstGuess.BOTTOM_CAPTURED.in(work(openDrawer())));
        Map<FirstGuess, Kind> kinds = kinds(worked);
        double open = mm(kinds.get(FirstGuess.LID_NONE).inside());
        assertThat(mm(kinds.get(FirstGuess.LID_SLIDING).inside())).isLessThan(open);
        assertThat(mm(kinds.get(FirstGuess.LID_SAWN_OFF).inside())).isLessThan(open);
        assertThat(mm(kinds.get(FirstGuess.LID_LIFT_OFF).inside())).isLessThan(open);
        assertThat(mm(kinds.get(FirstGuess.LID_HINGED).inside())).isEqualTo(open);
        assertThat(kinds.get(FirstGuess.LID_NONE).work()).isEmpty();
        assertThat(kinds.get(FirstGuess.LID_SLIDING).work()).startsWith("a groove in 3 walls, the front ripped to ");
        assertThat(kinds.get(FirstGuess.LID_SAWN_OFF).work()).contains("four cuts at the saw");
        assertThat(kinds.get(FirstGuess.LID_HINGED).work()).contains("mortises for 2 hinges");
        assertThat(kinds.get(FirstGuess.LID_LIFT_OFF).work()).isEqualTo("a panel, a lip");
    }
}
