package canthook.planner;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.fingers.Rung;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.saw.SheetWords;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Passes, or by hand slots: counted alike and called alike at the ladder, in the other answers, at Cut, in the list of stations, on paper. */
class CountedAlikeTest {

    @Test
    void whatIsCutIsCountedAndCalledAlikeEverywhere() {
        int[] seen = {0, 0};
        for (long seed = 1; seed <= AnyPlan.share(200); seed++) {
            AnyPlan any = AnyPlan.of(seed);
            for (BoxPlan plan :
                    List.of(any.plan(), any.plan().with(any.plan().jig().with(Way.HAND)))) {
                WorkedPlan worked = Planner.work(plan, any.shop());
                Rung chosen = worked.fingers().chosen();
                if (worked.jig().setting() == null || !chosen.feasible()) {
                    continue;
                }
                boolean byHand = plan.jig().way() == Way.HAND;
                seen[byHand ? 0 : 1]++;
                Worked cut = number(worked, "cut.passes");
                assertThat(chosen.cuts().plain()).as("seed %d", seed).isEqualTo(cut.plain());
                String count = (int) cut.plain() + (byHand ? " slots" : cut.plain() == 1 ? " pass" : " passes");
                assertThat(station(worked)).as("seed %d", seed).startsWith(count);
                assertThat(SheetWords.of(worked).order()).as("seed %d", seed).anyMatch(o -> o.contains(": " + count));
                assertThat(chosen.reasons())
                        .as("seed %d", seed)
                        .anyMatch(r -> r.words().equals(count + " in all"));
                assertThat(words(worked))
                        .as("seed %d", seed)
                        .allSatisfy(
                                said -> assertThat(said).doesNotContainIgnoringCase(byHand ? "pass" : "slots in all"));
            }
        }
        assertThat(seen[0]).isGreaterThan(AnyPlan.share(200) / 4);
        assertThat(seen[1]).isGreaterThan(AnyPlan.share(200) / 4);
    }

    private static List<String> words(WorkedPlan worked) {
        List<String> said = new ArrayList<>();
        said.add(worked.fingers().sentence());
        worked.fingers().chosen().reasons().forEach(reason -> said.add(reason.words()));
        for (Alternatives.Alternative answer : Alternatives.of(worked)) {
            said.add(answer.says());
            said.add(answer.cost());
        }
        for (String id : List.of("fingers.cuts", "cut.passes")) {
            said.add(number(worked, id).label());
            said.add(number(worked, id).rule());
        }
        worked.number("cut.batch-passes").ifPresent(batch -> said.add(batch.label()));
        said.add(station(worked));
        return said;
    }

    private static String station(WorkedPlan worked) {
        return Stations.of(worked).stream()
                .filter(s -> s.id().equals(Place.CUT.id()))
                .findFirst()
                .orElseThrow()
                .line();
    }

    private static Worked number(WorkedPlan worked, String id) {
        return worked.number(id).orElseThrow();
    }
}
