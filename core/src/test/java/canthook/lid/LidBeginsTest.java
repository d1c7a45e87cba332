package canthook.lid;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.length.LengthUnit;
import canthook.plan.BoxPlan;
import canthook.plan.Contents.Laid;
import canthook.plan.Lid;
import canthook.plan.SizeWish;
import canthook.plan.StartingPlan;
import canthook.planner.FirstGuess;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A sliding lid that is chosen can slide, whatever leads the box. */
class LidBeginsTest {
    private static List<Verdict> stops(WorkedPlan worked) {
        return worked.verdicts().stream()
                .filter(v -> v.station().equals("lid") && v.weight() == Verdict.Weight.STOP)
                .toList();
    }

    private static StartingPlan.Held pencils() {
        return new StartingPlan.Held("pencils", mm(180), mm(8), mm(8), 6, null);
    }

    @Test
    void aPencilBoxIsAsLongAsItsPencilsAndItsLidSlidesOverThem() {
        BoxPlan box = StartingPlan.of(new StartingPlan.Wish(
                "Pencil box",
                "",
                LengthUnit.MILLIMETRE,
                SizeWish.From.CONTENTS,
                null,
                null,
                null,
                List.of(pencils()),
                null,
                null,
                null,
                null,
                null,
                null,
                null));
        assertThat(box.size().contents().items().get(0).laid()).isEqualTo(Laid.ACROSS);
        assertThat(work(box).size().insideLength().length().mm()).isBetween(180.0, 200.0);
        WorkedPlan closed = work(FirstGuess.LID_SLIDING.in(work(box)));
        assertThat(stops(closed)).isEmpty();
        assertThat(closed.lid().panel()).isPresent();
    }

    @Test
    void aLidThatWasToldBeforeComesBackAsItWas() {
        Lid.Sliding was = lidOf(envelopeDrawer());
        BoxPlan away = FirstGuess.LID_NONE.in(work(envelopeDrawer()));
        assertThat(work(away).lid().panel()).isEmpty();
        assertThat(FirstGuess.LID_SLIDING.in(work(away)).lid()).isEqualTo(was);
        assertThat(stops(work(FirstGuess.LID_SLIDING.in(work(openDrawer()))))).isEmpty();
    }
}
