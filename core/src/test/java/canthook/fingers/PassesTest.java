package canthook.fingers;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PassesTest {
    private static Rung rung(double height, double kerf, double clearance, int sections, double lowerBy) {
        BoxPlan plan = envelopeDrawer()
                .with(envelopeDrawer().size().withHeight(mm(height)))
                .with(new FingerChoice(sections, "cutter", mm(kerf), mm(clearance), mm(lowerBy), mm(0)));
        return work(plan).fingers().chosen();
    }

    @ParameterizedTest
    @CsvSource({
        // height, kerf, clearance, sections → passes: 1 + ⌈(s − k)/(k − 0.2)⌉
        "96,3.2,0.12,13,3",
        "96,3.2,0.12,29,2",
        "96,3.2,0.12,3,11",
        "60,6,0.1,9,2",
        "60,6,0.1,3,4",
        "100,10,0,9,2",
        "90,10,0,9,1",
        "88,8,0.12,11,2",
        "50,0.3,0.1,5,67"
    })
    void asManyPassesAsTheSlotNeeds(double height, double kerf, double clearance, int sections, int passes) {
        assertThat(rung(height, kerf, clearance, sections, 0).passes().count()).isEqualTo(passes);
    }

    @Test
    void firstAndLastPassTouchTheWalls() {
        Rung rung = rung(96, 3.2, 0.12, 9, 0);
        assertThat(rung.passesAt().get(0)).isEqualTo(mm(0));
        assertThat(rung.passesAt().get(rung.passesAt().size() - 1).plus(mm(3.2)))
                .isEqualTo(rung.slot().length());
    }

    @ParameterizedTest
    @CsvSource({
        // n·k − m·c, by hand
        "88,8,0.12,11,87.28",
        "63,7,0.2,9,62",
        "105,9.525,0.06,11,104.415",
        "30,10,0,3,30"
    })
    void onePassClosesWhereTheLastSectionEnds(
            double height, double kerf, double clearance, int sections, double closes) {
        assertThat(rung(height, kerf, clearance, sections, 5).closing().length())
                .isEqualTo(mm(closes));
    }

    @ParameterizedTest
    @CsvSource({
        "0.4,much narrower",
        "0.6,narrower than",
        "0.8,a little narrower",
        "1.0,as wide as",
        "1.1,a little wider",
        "1.4,wider than",
        "2,much wider"
    })
    void theRatioIsSaidInWords(double ratio, String words) {
        assertThat(Score.ratioWords(ratio)).contains(words);
    }

    @Test
    void theScoreIsAHundredLessItsReasons() {
        for (Rung rung : work(envelopeDrawer()).fingers().rungs()) {
            double lost = rung.reasons().stream().mapToDouble(Rung.Reason::lost).sum();
            assertThat(rung.score().number()).isCloseTo(100 - lost, org.assertj.core.api.Assertions.within(1e-9));
        }
    }

    @Test
    void aGrooveAcrossABoundaryCostsACount() {
        BoxPlan drawer = envelopeDrawer();
        Ladder ladder = work(drawer).fingers();
        for (Rung rung : ladder.rungs()) {
            boolean straddles = rung.layout()
                            .meets(new Layout.Span(
                                    drawer.bottom().groove().offset(),
                                    drawer.bottom().groove().top()))
                    == Layout.Where.STRADDLES;
            assertThat(rung.reasons())
                    .extracting(Rung.Reason::words)
                    .contains(straddles ? "bottom groove across a boundary" : "bottom groove inside one section");
        }
    }
}
