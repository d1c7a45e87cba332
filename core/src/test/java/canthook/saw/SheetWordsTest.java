package canthook.saw;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.length.LengthDisplay;
import canthook.panel.HeldPanel;
import canthook.plan.JigChoice.Way;
import canthook.planner.Stations;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict.Weight;
import org.junit.jupiter.api.Test;

/** The sheet over the saw, the cut list, the rail and the bench tell one box: any plan, jig, parity, lower wall and lid. */
class SheetWordsTest {
    @Test
    void theSheetSaysWhatTheBenchSays() {
        for (long seed = 1; seed <= 150; seed++) {
            WorkedPlan worked = AnyPlan.of(seed).worked();
            LengthDisplay display = worked.plan().display();
            SheetWords sheet = SheetWords.of(worked);
            String as = "seed " + seed;
            assertThat(value(sheet, "close at"))
                    .as(as)
                    .isEqualTo(
                            worked.fingers()
                                            .joint()
                                            .wall()
                                            .equals(worked.fingers().wall().length())
                                    ? worked.fingers().wall().text(display)
                                    : "another wall than the joint's");
            assertThat(value(sheet, "rip first to"))
                    .as(as)
                    .isEqualTo(worked.fingers().firstRip().text(display));
            assertThat(sheet.board()).as(as).startsWith(worked.blank().length().text(display));
            for (HeldPanel panel : worked.panels()) {
                assertThat(value(sheet, "cut the " + panel.of()))
                        .as(as)
                        .isEqualTo(panel.along().text(display) + " × "
                                + panel.across().cut().text(display));
            }
            assertThat(String.join(" ", sheet.order()))
                    .as(as)
                    .contains(worked.cuts().cuts().size() + (worked.jig().way() == Way.HAND ? " slots" : " passes"))
                    .contains(worked.size().sideLength().text(display));
            assertThat(sheet.stops().isEmpty())
                    .as(as)
                    .isEqualTo(Stations.of(worked).stream().noneMatch(s -> s.worst() == Weight.STOP));
        }
    }

    private static String value(SheetWords sheet, String words) {
        return java.util.stream.Stream.concat(sheet.walls().stream(), sheet.setting().stream())
                .filter(line -> line.words().equals(words))
                .findFirst()
                .map(SheetWords.Line::value)
                .orElse("not told");
    }
}
