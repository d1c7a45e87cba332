package canthook.planner;

import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.fingers.Ladder;
import canthook.fingers.Rung;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.JigChoice.Way;
import canthook.planner.Alternatives.Alternative;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Other answers beside the one that stands: each is what it says once it is taken. */
class AlternativesTest {
    private static final List<String> NUMBERS = List.of("no", "one pass", "two", "three", "four", "five", "six");

    @Test
    void anAnswerTakenIsWhatItSaid() {
        int told = 0;
        int[] byHand = {0};
        for (int seed = 1; seed <= AnyPlan.share(150); seed++) {
            WorkedPlan worked = AnyPlan.of(seed).worked();
            for (Alternative answer : Alternatives.of(worked)) {
                told++;
                String as = "seed " + seed + ": " + answer.says();
                Rung rung =
                        Planner.work(answer.after(), worked.shop()).fingers().chosen();
                int passes = rung.passes().count();
                assertThat(rung.feasible()).as(as).isTrue();
                assertThat(answer.says()).as(as).startsWith(rung.sections().count() + "");
                assertThat(answer.says())
                        .as(as)
                        .satisfies(says -> {
                            if (answer.after().jig().way() == Way.HAND) {
                                byHand[0]++;
                                assertThat(says).doesNotContain("pass");
                                assertThat(answer.cost()).doesNotContain("pass");
                            } else {
                                assertThat(says)
                                        .contains(" in "
                                                + (passes < NUMBERS.size() ? NUMBERS.get(passes) : passes + " passes"));
                            }
                        })
                        .contains(rung.closing().number(worked.plan().display()));
                assertThat(answer.says().contains(", even"))
                        .as(as)
                        .isEqualTo(rung.sections().count() % 2 == 0);
            }
        }
        assertThat(told).isGreaterThan(AnyPlan.share(150));
        assertThat(byHand[0]).isGreaterThan(AnyPlan.share(150) / 30);
    }

    @Test
    void noJointIsToldTwiceAndAtMostOneStands() {
        for (int seed = 1; seed <= AnyPlan.share(150); seed++) {
            WorkedPlan worked = AnyPlan.of(seed).worked();
            Set<Object> joints = new HashSet<>();
            int stands = 0;
            for (Alternative answer : Alternatives.of(worked)) {
                Rung rung =
                        Planner.work(answer.after(), worked.shop()).fingers().chosen();
                assertThat(joints.add(List.of(rung.layout(), rung.kerf().length())))
                        .as("seed " + seed + ": " + answer.says())
                        .isTrue();
                stands += answer.stands() ? 1 : 0;
                if (answer.stands()) {
                    assertThat(rung.layout())
                            .isEqualTo(worked.fingers().chosen().layout());
                }
            }
            assertThat(stands).as("seed " + seed).isLessThanOrEqualTo(1);
        }
    }

    /** The rung that would stand in the same box with other fingers is the one that stands once the whole plan is worked with them. */
    @Test
    void aRungAloneIsThatOfTheWholePlan() {
        for (int seed = 1; seed <= AnyPlan.share(250); seed++) {
            AnyPlan any = AnyPlan.of(seed);
            WorkedPlan worked = any.worked();
            FingerChoice now = any.plan().fingers();
            int count = worked.fingers().chosen().sections().count();
            for (FingerChoice other : List.of(
                    now,
                    now.withSections(null),
                    now.withSections(count),
                    now.withSections(null).with(Parity.EVEN),
                    now.withSections(null).exactly(),
                    now.withSections(null).with(Leftover.LAST),
                    now.withSections(null).withAnyCutter(true),
                    now.withSections(count).withAnyCutter(true))) {
                BoxPlan after = any.plan().with(other);
                Rung alone = Ladder.standing(after, worked.size(), worked.walls(), any.shop());
                Ladder whole = Planner.work(after, any.shop()).fingers();
                String of = "seed " + seed + ", " + other;
                assertThat(alone).as(of).isEqualTo(whole.chosen());
                assertThat(alone.numbers()).as(of).isEqualTo(whole.chosen().numbers());
                assertThat(Ladder.settled(after, alone)).as(of).isEqualTo(whole.settled(after));
                assertThat(Ladder.pinned(after, alone)).as(of).isEqualTo(whole.pinned(after));
            }
        }
    }

    /** What is worked later is worked the same whoever asks first: the rung that stands, the last of the ladder, or nobody before it is told. */
    @Test
    void whenARungIsWeighedChangesNothing() {
        for (int seed = 1; seed <= AnyPlan.share(120); seed++) {
            AnyPlan any = AnyPlan.of(seed);
            WorkedPlan toldAtOnce = any.worked();
            List<String> first = toldAtOnce.numbers().stream()
                    .map(n -> n.id() + " " + n.plain())
                    .toList();
            WorkedPlan weighedBefore = Planner.work(any.plan(), any.shop());
            for (int i = weighedBefore.fingers().rungs().size() - 1; i >= 0; i--) {
                Rung rung = weighedBefore.fingers().rungs().get(i);
                assertThat(rung.numbers()).hasSameSizeAs(rung.numbers());
                assertThat(rung.numbers().stream().map(n -> n.id()))
                        .as("seed " + seed + ", " + rung.name())
                        .doesNotHaveDuplicates()
                        .allMatch(id -> id.startsWith(rung.name() + "."));
            }
            weighedBefore.glue().card();
            assertThat(weighedBefore.numbers().stream().map(n -> n.id() + " " + n.plain()))
                    .as("seed " + seed)
                    .containsExactlyElementsOf(first);
            assertThat(weighedBefore.glue().card()).isEqualTo(toldAtOnce.glue().card());
            assertThat(weighedBefore.verdicts()).isEqualTo(toldAtOnce.verdicts());
        }
    }

    /** Any number of any rung is found by its name, those of the rungs nobody looked at too. */
    @Test
    void everyRungsNumbersAreFoundByName() {
        for (int seed = 1; seed <= AnyPlan.share(40); seed++) {
            WorkedPlan worked = AnyPlan.of(seed).worked();
            for (Rung rung : worked.fingers().rungs()) {
                for (var number : rung.numbers()) {
                    assertThat(worked.number(number.id()))
                            .as("seed " + seed + ", " + number.id())
                            .get()
                            .isEqualTo(number);
                }
            }
            assertThat(worked.number("fingers.12345.slot")).isEmpty();
            assertThat(worked.number("fingers")).isEmpty();
        }
    }
}
